import { useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import {
  checkFormula,
  contextOf,
  evaluate,
  formulaText,
  isStarter,
  MAX_LINES,
  MAX_TEXT,
  readFormulaFile,
  type Correction,
  type Formula,
  type Remedy,
} from '@/core';
import { newId, pickBytes, pickFile, useDraft, useKeepFormula, useOwn, useSaveFormulas, useSettings } from '@/data';
import { readCode } from '@/print';
import { useNotice } from '@/ui';
import { EMPTY_PASTE, isPasteDraft, readPaste, type PasteDraft, type PasteReading } from './pasteReading';

const draftOf = (from: Formula | null): PasteDraft =>
  from ? { ...EMPTY_PASTE, text: formulaText(from), cup: from.measures, base: from } : EMPTY_PASTE;

/** A pasted text under edit: what it comes to, and what can be done with it. */
export interface Paste {
  readonly text: string;
  readonly read: PasteReading;
  readonly nameProblem: string | null;
  /** True if it can go on to its bottle. */
  readonly canGoOn: boolean;
  readonly put: (part: Partial<PasteDraft>) => void;
  /** Puts what comes from elsewhere in place of what is there, which can be had back. */
  readonly take: (part: Partial<PasteDraft>) => void;
  /** False until what was left unfinished here has been read. */
  readonly ready: boolean;
  readonly correct: (key: string, correction: Correction | null) => void;
  readonly apply: (remedy: Remedy) => void;
  readonly clearText: () => void;
  /** Leaves what a closed tab left, and begins as it would without it; null where that is not so. */
  readonly startAnew: (() => void) | null;
  readonly goOn: () => void;
}

/**
 * @param from the formula that is changed as text; null for a new one
 * @param shared a text that comes from another app, to be put in place of what is there; null if none does
 */
export function usePaste(from: Formula | null, shared: string | null): Paste {
  const router = useRouter();
  const say = useNotice();
  const save = useKeepFormula({ kept: 'The text is still here.' });
  const { mutate: saveSecond } = useSaveFormulas({ failed: 'The second bottle was not saved' });
  const settings = useSettings();
  const initial = useMemo(() => draftOf(from), [from]);
  const { value, set, clear, takenUp, ready } = useDraft<PasteDraft>(
    from ? `paste/${from.id}` : 'paste',
    initial,
    isPasteDraft,
  );
  const now = useRef(value);
  useEffect(() => {
    now.current = value;
  }, [value]);
  const put = useCallback(
    (part: Partial<PasteDraft>) => {
      now.current = { ...now.current, ...part };
      set(now.current);
    },
    [set],
  );
  const take = useCallback(
    (part: Partial<PasteDraft>) => {
      const before = now.current;
      put({ ...EMPTY_PASTE, ...part });
      if (before.text.trim() !== '' && before.text !== part.text)
        say({ text: 'The new text is here in place of what you had.', undo: () => put(before) });
    },
    [put, say],
  );
  // What another app shares comes once.
  useEffect(() => {
    if (shared === null || !ready) return;
    take({ text: shared.slice(0, MAX_TEXT) });
    router.setParams({ title: undefined, text: undefined, url: undefined });
  }, [shared, ready, take, router]);
  const correct = useCallback(
    (key: string, correction: Correction | null) => {
      const { [key]: _, ...others } = now.current.corrections;
      put({ corrections: correction ? { ...others, [key]: correction } : others });
    },
    [put],
  );
  /** What is to be done instead is written into the text, where it can be read and changed on. */
  const apply = useCallback(
    (remedy: Remedy): void => {
      const before = now.current;
      put({
        ...EMPTY_PASTE,
        text: formulaText({ ...remedy.formula, name: remedy.formula.name || (before.name ?? '') }),
        cup: before.cup,
      });
      const { second } = remedy;
      if (!second) {
        say({ text: `Done: ${remedy.title}.`, undo: () => put(before) });
        return;
      }
      const other = { ...second, id: newId() };
      saveSecond([other], {
        onSuccess: () => say({ text: `The second bottle is among yours: ${other.name}.`, undo: () => put(before) }),
      });
    },
    [saveSecond, put, say],
  );
  const clearText = useCallback(() => {
    const before = now.current;
    put(EMPTY_PASTE);
    say({ text: 'The text was cleared.', undo: () => put(before) });
  }, [put, say]);

  const startAnew = useCallback(() => {
    const before = now.current;
    put(initial);
    say({ text: 'Begun anew.', undo: () => put(before) });
  }, [initial, put, say]);

  const own = useOwn();
  const read = useMemo(() => readPaste(value, settings, own), [value, settings, own]);
  const { formula, evaluation, problem, name, waits } = read;
  const nameProblem = formula && name.trim() === '' ? 'Give it a name of 1 to 80 letters: it goes on the label.' : null;
  const canGoOn =
    formula !== null &&
    evaluation?.verdict !== 'danger' &&
    problem === null &&
    nameProblem === null &&
    waits === 0 &&
    formula.lines.length <= MAX_LINES &&
    !save.isPending;
  const goOn = (): void => {
    if (!formula || !canGoOn) return;
    const own = from !== null && !isStarter(from);
    const made = checkFormula({ ...formula, id: own ? from.id : newId(), name: name.trim() });
    if (!made.ok) {
      say({ text: made.problems[0]?.message ?? 'This formula cannot be kept as it is.' });
      return;
    }
    save.mutate(
      {
        base: own ? (value.base ?? from) : null,
        mine: made.value,
        asText: true,
        accepts: (together) => {
          const judged = evaluate(together, contextOf(together.use, settings));
          return judged.ok && judged.value.verdict !== 'danger';
        },
      },
      {
        onSuccess: ({ value: kept }) => {
          clear();
          router.replace(kept ? `/mix/${kept.id}` : '/mix');
        },
      },
    );
  };
  const latest = useRef(goOn);
  useEffect(() => {
    latest.current = goOn;
  });
  const go = useCallback(() => latest.current(), []);
  return {
    text: value.text,
    read,
    nameProblem,
    canGoOn,
    put,
    take,
    ready,
    correct,
    apply,
    clearText,
    startAnew: takenUp ? startAnew : null,
    goOn: go,
  };
}

/** Other ways for a text to come in: a file, and the code on a label. */
export function usePasteFrom(put: Paste['put']) {
  const say = useNotice();
  const readFile = (file: string): void => {
    if (!file.trimStart().startsWith('{')) {
      put({ text: file.slice(0, MAX_TEXT) });
      return;
    }
    const formula = readFormulaFile(file);
    if (!formula.ok) {
      say({ text: formula.problems[0]?.message ?? 'This is no formula file of Biscuit’s.' });
      return;
    }
    put({ ...EMPTY_PASTE, text: formulaText(formula.value) });
  };
  const openFile = async (): Promise<void> => {
    const file = await pickFile('.json,.txt,application/json,text/plain');
    if (file !== null) readFile(file);
  };
  const openPicture = async (): Promise<void> => {
    const picture = await pickBytes('image/*');
    if (picture === null) return;
    const code = await readCode(picture).catch(() => null);
    if (code === null) {
      say({
        text: 'No code was found in it. Take the picture straight from above, the whole code in it, in good light.',
      });
      return;
    }
    put({ ...EMPTY_PASTE, text: code.slice(0, MAX_TEXT) });
  };
  const unread = (e: unknown): void =>
    say({ text: `The file cannot be read: ${e instanceof Error ? e.message : String(e)}.` });
  return {
    readFile,
    openFile: () => void openFile().catch(unread),
    openPicture: () => void openPicture().catch(unread),
  };
}
