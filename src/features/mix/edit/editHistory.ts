import type { Formula } from '@/core';

/** A formula being changed: as it is, as it was, and what was undone. */
export interface EditHistory {
  readonly formula: Formula;
  /** As it was kept when the change began; left out in what was kept before that was noted. */
  readonly base?: Formula;
  readonly past: readonly Formula[];
  readonly future: readonly Formula[];
  /** What the last change was of: typing on in one place is one step back. */
  readonly last: string | null;
  /** Amounts typed that cannot be read yet, by the line's id: kept as they stand. */
  readonly typed: Readonly<Record<string, string>>;
  /** Counts every change that was not typed into an amount: then what stands in the fields gives way. */
  readonly revision?: number;
}

/** How many steps back are kept. */
const MAX_UNDO_STEPS = 40;

export const editHistory = (formula: Formula): EditHistory => ({
  formula,
  base: formula,
  past: [],
  future: [],
  last: null,
  typed: {},
});

/**
 * One change. Changes of the same place in a row are one step.
 * @param place what is changed, such as `name` or `amount/3`; null for a step of its own
 */
export function withEdit(history: EditHistory, formula: Formula, place: string | null): EditHistory {
  if (formula === history.formula) return history;
  const same = place !== null && place === history.last;
  return {
    ...history,
    formula,
    past: same ? history.past : [...history.past, history.formula].slice(-MAX_UNDO_STEPS),
    future: [],
    last: place,
    revision: place?.startsWith('amount/') ? (history.revision ?? 0) : (history.revision ?? 0) + 1,
  };
}

/** One step back. */
export function undo(history: EditHistory): EditHistory {
  const before = history.past.at(-1);
  if (!before) return history;
  return {
    ...history,
    formula: before,
    past: history.past.slice(0, -1),
    future: [history.formula, ...history.future],
    last: null,
    typed: {},
    revision: (history.revision ?? 0) + 1,
  };
}

/** One step forward again. */
export function redo(history: EditHistory): EditHistory {
  const [next, ...rest] = history.future;
  if (!next) return history;
  return {
    ...history,
    formula: next,
    past: [...history.past, history.formula],
    future: rest,
    last: null,
    typed: {},
    revision: (history.revision ?? 0) + 1,
  };
}

/** With a line's amount as typed, or as it reads once it can be read. */
export function withTyped(history: EditHistory, lineId: string, text: string | null): EditHistory {
  const { [lineId]: _, ...others } = history.typed;
  return { ...history, typed: text === null ? others : { ...others, [lineId]: text } };
}

/** Whatever was kept of a desk, if it is one. */
export const isEditHistory = (value: unknown): value is EditHistory =>
  typeof value === 'object' &&
  value !== null &&
  'formula' in value &&
  typeof value.formula === 'object' &&
  'past' in value &&
  Array.isArray(value.past) &&
  'future' in value &&
  Array.isArray(value.future) &&
  'typed' in value;
