import { useRouter } from 'expo-router';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  contextOf,
  checkFormula,
  evaluate,
  INGREDIENTS,
  isStarter,
  MAX_LINES,
  type EvaluationContext,
  type Evaluation,
  type Formula,
  type FormulaKind,
  type FormulaUse,
  type UseForm,
  type Ingredient,
  type Line,
  type Result,
  type Remedy,
} from '@/core';
import { newId, useFormula, useSaveFormulas, useSettings } from '@/data';
import {
  Body,
  Columns,
  Heading,
  Picker,
  Screen,
  SecondaryText,
  SPACE,
  Title,
  useNotice,
  useWide,
  VerdictStrip,
} from '@/ui';
import { AddLine } from './AddLine';
import { VerdictReasons, MakesField, NamedField, NextBar, Steps, Words, type FieldKey } from './editorParts';
import { LineEditor, type LineActions } from './LineEditor';
import { FormChoice } from '../batch/FormChoice';
import { UseChoice } from '../batch/UseChoice';
import { useEditor, type Editor } from './useEditor';
import { sayingOf } from '../verdict/Verdict';
import { WhatIfSheet } from './WhatIfSheet';

/** A formula from nothing, before anything is in it. */
const blank = (measures: Formula['measures']): Formula => ({
  id: 'new',
  name: '',
  purpose: '',
  never: '',
  use: 'stored',
  measures,
  makesML: null,
  lines: [],
});

/** Composes a formula from nothing, or changes one; the verdict follows every keystroke. */
export function EditScreen({ formulaId }: { formulaId: string | null }) {
  const formula = useFormula(formulaId ?? '');
  const { cup } = useSettings();
  const start = useMemo(() => (formulaId === null ? blank(cup) : (formula ?? null)), [formulaId, formula, cup]);
  if (formulaId !== null && formula === undefined) return <Screen>{null}</Screen>;
  if (start === null) {
    return (
      <Screen>
        <Title>Not here</Title>
        <Body>This formula is not in this home any more. It may have been removed in another tab.</Body>
      </Screen>
    );
  }
  return <Desk key={start.id} start={start} />;
}

/** Why a formula cannot go on yet, or null. */
function hindrance(formula: Formula, problem: string | null, unread: number): string | null {
  if (formula.lines.length === 0) return 'Add the first ingredient.';
  if (formula.lines.length > MAX_LINES) return `A formula may have at most ${MAX_LINES} lines.`;
  if (unread > 0) return 'One amount cannot be read yet.';
  if (problem) return problem;
  return formula.name.trim() === '' ? 'Give it a name: it goes on the label.' : null;
}

function Desk({ start }: { start: Formula }) {
  const router = useRouter();
  const say = useNotice();
  const wide = useWide();
  const save = useSaveFormulas({ kept: 'Everything is still here.' });
  const saveSecond = useSaveFormulas({ failed: 'The second bottle was not saved' });
  const settings = useSettings();
  const editor = useEditor(`edit/${start.id}`, start);
  const { history } = editor;
  const { formula } = history;
  const [open, setOpen] = useState<string | null>(null);
  const [focus, setFocus] = useState<string | null>(null);
  const [swapping, setSwapping] = useState<string | null>(null);
  const [asking, setAsking] = useState<string | null>(null);

  const context = useMemo((): EvaluationContext => contextOf(formula.use, settings), [formula.use, settings]);
  const outcome = evaluatedOnce(formula, context);
  const evaluation = outcome?.ok ? outcome.value : null;
  const problem = outcome && !outcome.ok ? (outcome.problems[0]?.message ?? null) : null;
  const danger = evaluation?.verdict === 'danger';
  const why = hindrance(formula, problem, Object.keys(history.typed).length);

  const latest = useRef(editor);
  useEffect(() => {
    latest.current = editor;
  });
  const lineActions = useMemo(
    (): LineActions => ({
      onAmount: (id, text, amount) => latest.current.amount(id, text, amount),
      onLeave: () => latest.current.catchUp(),
      onStrength: (id, percent) => latest.current.strength(id, percent),
      onIngredient: setSwapping,
      onMove: (id, by) => latest.current.move(id, by),
      onRemove: (id) => {
        latest.current.remove(id);
        say({ text: 'The line was removed.', undo: () => latest.current.undo() });
      },
      onWhatIf: setAsking,
    }),
    [say],
  );
  const onOpen = useCallback((id: string | null) => setOpen(id), []);

  const apply = useCallback(
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
      saveSecond.mutate([other], {
        onSuccess: () => say({ text: `The second bottle is among yours: ${other.name}.` }),
      });
    },
    [saveSecond, say],
  );
  const undo = useCallback(() => latest.current.undo(), []);
  const redo = useCallback(() => latest.current.redo(), []);
  useUndoKeys(undo, redo);
  const set = useCallback(
    (key: FieldKey, text: string) => latest.current.change((f) => ({ ...f, [key]: text }), key),
    [],
  );
  const setForm = useCallback((form: UseForm) => latest.current.change((f) => ({ ...f, form }), null), []);
  const setKind = useCallback((kind: FormulaKind) => latest.current.change((f) => ({ ...f, kind }), null), []);
  const setUse = useCallback((use: FormulaUse) => latest.current.change((f) => ({ ...f, use }), null), []);
  const setMakes = useCallback(
    (makesML: number | null) => latest.current.change((f) => ({ ...f, makesML }), 'makes'),
    [],
  );
  const addLines = useCallback((lines: readonly Line[]) => latest.current.addLines(lines), []);
  const addIngredient = useCallback((ingredient: Ingredient) => setFocus(latest.current.addIngredient(ingredient)), []);

  const goOn = (): void => {
    const own = start.id !== 'new' && !isStarter(start);
    // What is kept is the formula as of the last key, weighed up once more.
    const last = editor.current();
    const judged = evaluatedOnce(last, context);
    if (!judged?.ok || judged.value.verdict === 'danger') return;
    const made = checkFormula({ ...last, id: own ? start.id : newId(), name: last.name.trim() });
    if (!made.ok) {
      say({ text: made.problems[0]?.message ?? 'This formula cannot be kept as it is.' });
      return;
    }
    save.mutate([made.value], {
      onSuccess: () => {
        editor.clear();
        router.replace(`/mix/${made.value.id}`);
      },
    });
  };

  const go = useRef(goOn);
  useEffect(() => {
    go.current = goOn;
  });
  const onGo = useCallback(() => go.current(), []);
  const next = (
    <NextBar
      danger={danger}
      why={formula.lines.length > 0 ? why : null}
      can={why === null && !save.isPending}
      onGo={onGo}
    />
  );

  const pinned = (
    <View style={styles.pinned}>
      <Live editor={editor} at={context} />
    </View>
  );

  const lines = (
    <View style={styles.column}>
      <NamedField
        name="name"
        label="Name"
        value={formula.name}
        most={80}
        onChange={set}
        placeholder="for example Galley spray"
      />
      <View>
        <View style={styles.goesIn}>
          <Heading style={styles.grow}>What goes in</Heading>
          <Steps back={history.past.length > 0} ahead={history.future.length > 0} onBack={undo} onAhead={redo} />
        </View>
        <View role="list" testID="lines">
          {formula.lines.map((line, place) => (
            <LineEditor
              key={line.id}
              line={line}
              typed={history.typed[line.id] ?? null}
              place={place}
              count={formula.lines.length}
              open={open === line.id}
              onOpen={onOpen}
              focus={focus === line.id}
              revision={history.revision ?? 0}
              actions={lineActions}
            />
          ))}
        </View>
      </View>
      <AddLine measures={formula.measures} onLines={addLines} onIngredient={addIngredient} />
      {outcome?.ok && (outcome.value.resolved.assumedBatch || formula.makesML !== null) && (
        <MakesField makesML={formula.makesML} onChange={setMakes} />
      )}
      <UseChoice use={formula.use} onChange={setUse} />
      <FormChoice form={formula.form ?? null} kind={formula.kind ?? 'surface'} onForm={setForm} onKind={setKind} />
      <Words purpose={formula.purpose} never={formula.never} how={formula.how ?? ''} onChange={set} />
    </View>
  );

  // The verdict itself is in the strip at once; its reasons may follow a moment later, and never hold up a key.
  const shown = useDeferredValue(evaluation);
  const meant = useDeferredValue(formula);
  const judged = useMemo(
    () => shown && <VerdictReasons evaluation={shown} formula={meant} at={context} onApply={apply} />,
    [shown, meant, context, apply],
  );

  return (
    <Screen next={next} pinned={pinned} broad={wide}>
      <Title>
        {start.id === 'new' ? 'A new formula' : isStarter(start) ? `A copy of ${start.name}` : `Change ${start.name}`}
      </Title>
      <Columns left={lines} right={judged} />
      <Picker
        title="Which ingredient?"
        all={INGREDIENTS}
        open={swapping !== null}
        chosen=""
        onClose={() => setSwapping(null)}
        onChoose={(id) => swapping !== null && editor.become(swapping, { kind: 'known', id })}
      />
      {asking !== null && (
        <WhatIfSheet
          formula={formula}
          lineId={asking}
          at={context}
          onClose={() => setAsking(null)}
          onTake={(next2) => {
            editor.change(() => next2, null);
            setAsking(null);
          }}
        />
      )}
    </Screen>
  );
}

let known: {
  readonly formula: Formula;
  readonly at: EvaluationContext;
  readonly outcome: Result<Evaluation> | null;
} | null = null;

/** Weighs up a formula; the same one asked for again, by the strip and by the screen, is weighed up once. */
function evaluatedOnce(formula: Formula, context: EvaluationContext): Result<Evaluation> | null {
  if (known?.formula !== formula || known.at !== context) {
    known = { formula, at: context, outcome: formula.lines.length > 0 ? evaluate(formula, context) : null };
  }
  return known.outcome;
}

/** The verdict on every key at once: it follows the formula itself, and does not wait for the screen around it. */
function Live({ editor, at: context }: { editor: Pick<Editor, 'current' | 'subscribe'>; at: EvaluationContext }) {
  const formula = useSyncExternalStore(editor.subscribe, editor.current, editor.current);
  const outcome = evaluatedOnce(formula, context);
  if (outcome?.ok) {
    const { verdict, findings } = outcome.value;
    return <VerdictStrip level={verdict} saying={firstSaying(verdict, findings)} />;
  }
  return (
    <SecondaryText testID="no-verdict">
      {outcome?.problems[0]?.message ?? 'The verdict stands here as soon as something is in it.'}
    </SecondaryText>
  );
}

/** The strip's sentence: the first thing found, or that nothing was. */
const firstSaying = (verdict: Parameters<typeof sayingOf>[0], findings: Parameters<typeof sayingOf>[1]): string =>
  findings[0]?.happens ?? sayingOf(verdict, findings);

/** Ctrl or ⌘ with Z and Y, outside what is being typed: a field has an undo of its own. */
function useUndoKeys(undo: () => void, redo: () => void): void {
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

const styles = StyleSheet.create({
  pinned: { minHeight: 62, justifyContent: 'center' },
  goesIn: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, paddingBottom: SPACE.s },
  grow: { flex: 1 },
  column: { gap: SPACE.l },
});
