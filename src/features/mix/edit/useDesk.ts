import { useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import {
  checkFormula,
  evaluate,
  isStarter,
  type Evaluation,
  type EvaluationContext,
  type Formula,
  type FormulaKind,
  type FormulaUse,
  type Line,
  type MadeFor,
  type SurfacePlaceId,
  type Remedy,
  type Result,
  type UseForm,
} from '@/core';
import { newId, useKeepFormula, useSaveFormulas } from '@/data';
import { useNotice } from '@/ui';
import type { FieldKey } from './editorParts';
import type { Editor } from './useEditor';

/** Weighs up formulas in one context; the same one asked for again, by the strip and by the screen, is weighed up once. */
export function evaluatorIn(context: EvaluationContext): (formula: Formula) => Result<Evaluation> | null {
  let last: { readonly formula: Formula; readonly outcome: Result<Evaluation> | null } | null = null;
  return (formula) => {
    if (last?.formula !== formula)
      last = { formula, outcome: formula.lines.length > 0 ? evaluate(formula, context) : null };
    return last.outcome;
  };
}

/** What the editor's fields, lines and keys do to the formula; stable, so that a key draws nothing but its field. */
export function useFieldActions(editor: Editor) {
  const latest = useRef(editor);
  useEffect(() => {
    latest.current = editor;
  });
  return useMemo(() => {
    const set = (part: Partial<Formula>, place: string | null): void =>
      latest.current.change((f) => ({ ...f, ...part }), place);
    return {
      undo: () => latest.current.undo(),
      redo: () => latest.current.redo(),
      setField: (key: FieldKey, text: string) => set({ [key]: text }, key),
      setForm: (form: UseForm) => set({ form }, null),
      setKind: (kind: FormulaKind) => set({ kind }, null),
      setMadeFor: (madeFor: MadeFor) => set({ madeFor }, null),
      setKeepOff: (keepOff: readonly SurfacePlaceId[]) => set({ keepOff }, null),
      setUse: (use: FormulaUse) => set({ use }, null),
      setMakes: (makesML: number | null) => set({ makesML }, 'makes'),
      addLines: (lines: readonly Line[]) => latest.current.addLines(lines),
      latest,
    };
  }, []);
}

export type FieldActions = ReturnType<typeof useFieldActions>;

/** Carries out what is offered instead, and says so. */
export function useApplyRemedy({ latest }: FieldActions): (remedy: Remedy) => void {
  const say = useNotice();
  const { mutate: saveSecond } = useSaveFormulas({ failed: 'The second bottle was not saved' });
  return useCallback(
    (remedy: Remedy) => {
      if (remedy.vessel) {
        say({ text: 'Take such a bottle on the next screen: the formula stays as it is.' });
        return;
      }
      const { second } = remedy;
      latest.current.change((f) => ({ ...remedy.formula, id: f.id }), null);
      if (!second) {
        say({ text: `Done: ${remedy.title}.`, undo: () => latest.current.undo() });
        return;
      }
      const other = { ...second, id: newId() };
      saveSecond([other], {
        onSuccess: () => say({ text: `The second bottle is among yours: ${other.name}.` }),
      });
    },
    [latest, saveSecond, say],
  );
}

const isMakeable = (judged: Result<Evaluation> | null): boolean =>
  judged !== null && judged.ok && judged.value.verdict !== 'danger';

/** Keeps the formula as of the last key, weighed up once more, and goes to its bottle. */
export function useKeep(start: Formula, editor: Editor, weigh: (formula: Formula) => Result<Evaluation> | null) {
  const router = useRouter();
  const say = useNotice();
  const save = useKeepFormula({ kept: 'Everything is still here.' });
  const keep = (): void => {
    const own = start.id !== 'new' && !isStarter(start);
    const last = editor.current();
    const judged = weigh(last);
    if (!isMakeable(judged)) return;
    const made = checkFormula({ ...last, id: own ? start.id : newId(), name: last.name.trim() });
    if (!made.ok) {
      say({ text: made.problems[0]?.message ?? 'This formula cannot be kept as it is.' });
      return;
    }
    save.mutate(
      {
        base: own ? (editor.history.base ?? start) : null,
        mine: made.value,
        accepts: (together) => isMakeable(weigh(together)),
      },
      {
        onSuccess: ({ value }) => {
          editor.clear();
          router.replace(value ? `/mix/${value.id}` : '/mix');
        },
      },
    );
  };
  const latest = useRef(keep);
  useEffect(() => {
    latest.current = keep;
  });
  return { keep: useCallback(() => latest.current(), []), isSaving: save.isPending };
}

/** Ctrl or ⌘ with Z and Y, outside what is being typed: a field has an undo of its own. */
export function useUndoKeys(undo: () => void, redo: () => void): void {
  useEffect(() => {
    if (typeof document === 'undefined' || typeof document.addEventListener !== 'function') return undefined;
    const press = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey)) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redo();
      else undo();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [undo, redo]);
}
