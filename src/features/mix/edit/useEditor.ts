import { startTransition, useCallback, useEffect, useMemo, useRef } from 'react';
import {
  freeLineId,
  likelyAmount,
  strengthBasisOf,
  withLine,
  withLineChanged,
  withLineMoved,
  withoutLine,
  type Amount,
  type Formula,
  type FoundIngredient,
  type IngredientRef,
  type Line,
} from '@/core';
import { useDraft } from '@/data';
import { withEdit, editHistory, isEditHistory, redo, undo, withTyped, type EditHistory } from './editHistory';

export interface Editor {
  readonly history: EditHistory;
  readonly ready: boolean;
  /** True for what a tab that is closed left unfinished. */
  readonly takenUp: boolean;
  /** The formula as of the last key, before the screen has followed; and who wants to know of it at once. */
  readonly current: () => Formula;
  readonly subscribe: (heard: () => void) => () => void;
  /** Changes the formula as a whole; in one place over and over it is one step back. */
  readonly change: (how: (formula: Formula) => Formula, place: string | null) => void;
  readonly amount: (id: string, text: string, amount: Amount | null) => void;
  readonly strength: (id: string, percent: number | null) => void;
  readonly move: (id: string, by: number) => void;
  readonly remove: (id: string) => void;
  readonly become: (id: string, ingredient: IngredientRef) => void;
  readonly addLines: (lines: readonly Line[]) => void;
  /** Adds an ingredient with a likely amount; gives back the new line's id. */
  readonly addIngredient: (ingredient: FoundIngredient) => string;
  /** Leaves all that was changed, in one step that can be taken back. */
  readonly startAnew: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Draws at once what was typed last: its field is left. */
  readonly catchUp: () => void;
  readonly clear: () => void;
}

/** How long after a key the rest of the screen follows, ms: the field and the verdict are painted before. */
const DEFERRED_RENDER_MS = 40;

/** A formula under edit: every change keeps what was, and the whole of it survives a reload. */
export function useEditor(name: string, start: Formula): Editor {
  const initial = useMemo(() => editHistory(start), [start]);
  const { value: history, set, keep, clear, ready, takenUp } = useDraft<EditHistory>(name, initial, isEditHistory);
  const now = useRef(history);
  const read = useRef(false);
  const later = useRef<ReturnType<typeof setTimeout> | null>(null);
  const listeners = useRef(new Set<() => void>());
  // What was kept comes once; from then on it is what was put last, drawn or not.
  useEffect(() => {
    // What a tab that is closed by now left comes later, where nothing was begun here.
    if (!ready || (read.current && !takenUp)) return;
    read.current = true;
    now.current = history;
    listeners.current.forEach((heard) => heard());
  }, [ready, takenUp, history]);
  const notLater = useCallback(() => {
    if (later.current) clearTimeout(later.current);
    later.current = null;
  }, []);
  useEffect(() => notLater, [notLater]);
  const put = useCallback(
    (next: EditHistory) => {
      if (next === now.current) return;
      now.current = next;
      set(next);
      listeners.current.forEach((heard) => heard());
    },
    [set],
  );
  /** The same for a key in an amount: the field and the verdict show it at once, the rest of the screen when there is time. */
  const putLater = useCallback(
    (next: EditHistory) => {
      if (!read.current) return put(next);
      notLater();
      now.current = next;
      keep(next);
      listeners.current.forEach((heard) => heard());
      later.current = setTimeout(() => {
        later.current = null;
        startTransition(() => set(now.current));
      }, DEFERRED_RENDER_MS);
    },
    [keep, set, put, notLater],
  );
  const catchUp = useCallback(() => {
    if (later.current) set(now.current);
    notLater();
  }, [set, notLater]);
  const forget = useCallback(() => {
    notLater();
    clear();
  }, [clear, notLater]);
  const current = useCallback(() => now.current.formula, []);
  const subscribe = useCallback((heard: () => void) => {
    const all = listeners.current;
    all.add(heard);
    return () => all.delete(heard);
  }, []);
  const change = useCallback(
    (how: (formula: Formula) => Formula, place: string | null) =>
      put(withEdit(now.current, how(now.current.formula), place)),
    [put],
  );
  return useMemo(
    (): Editor => ({
      history,
      ready,
      takenUp,
      current,
      subscribe,
      change,
      amount: (id, text, amount) => {
        if (!amount) return putLater(withTyped(now.current, id, text));
        const next = withEdit(
          now.current,
          withLineChanged(now.current.formula, id, ({ also: _, ...line }) => ({ ...line, amount })),
          `amount/${id}`,
        );
        // "1." and "0.50" stay as typed; they read as the amount that stands.
        putLater(withTyped(next, id, null));
      },
      strength: (id, percent) =>
        change(
          (f) =>
            withLineChanged(f, id, ({ strength, ...line }) =>
              percent === null
                ? line
                : { ...line, strength: { percent, basis: strength?.basis ?? strengthBasisOf(line) } },
            ),
          `strength/${id}`,
        ),
      move: (id, by) => change((f) => withLineMoved(f, id, f.lines.findIndex((l) => l.id === id) + by), `move/${id}`),
      remove: (id) => change((f) => withoutLine(f, id), null),
      become: (id, ingredient) =>
        change((f) => withLineChanged(f, id, ({ amount }) => ({ id, ingredient, amount })), null),
      addLines: (lines) => change((f) => lines.reduce((g, l) => withLine(g, { ...l, id: freeLineId(g) }), f), null),
      addIngredient: (ingredient) => {
        const id = freeLineId(now.current.formula);
        change((f) => withLine(f, { id, ingredient: ingredient.ref, amount: likelyAmount(f, ingredient) }), null);
        return id;
      },
      startAnew: () => put({ ...withEdit(now.current, start, null), base: start }),
      undo: () => put(undo(now.current)),
      redo: () => put(redo(now.current)),
      catchUp,
      clear: forget,
    }),
    [history, ready, takenUp, start, current, subscribe, change, put, putLater, catchUp, forget],
  );
}
