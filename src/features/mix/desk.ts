import type { Formula } from '@/core';

/** A formula being changed: as it is, as it was, and what was undone. */
export interface Desk {
  readonly formula: Formula;
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
const MOST_STEPS = 40;

export const deskOf = (formula: Formula): Desk => ({ formula, past: [], future: [], last: null, typed: {} });

/**
 * One change. Changes of the same place in a row are one step.
 * @param place what is changed, such as `name` or `amount/3`; null for a step of its own
 */
export function changed(desk: Desk, formula: Formula, place: string | null): Desk {
  if (formula === desk.formula) return desk;
  const same = place !== null && place === desk.last;
  return {
    ...desk,
    formula,
    past: same ? desk.past : [...desk.past, desk.formula].slice(-MOST_STEPS),
    future: [],
    last: place,
    revision: place?.startsWith('amount/') ? (desk.revision ?? 0) : (desk.revision ?? 0) + 1,
  };
}

/** One step back. */
export function undone(desk: Desk): Desk {
  const before = desk.past.at(-1);
  if (!before) return desk;
  return {
    formula: before,
    past: desk.past.slice(0, -1),
    future: [desk.formula, ...desk.future],
    last: null,
    typed: {},
    revision: (desk.revision ?? 0) + 1,
  };
}

/** One step forward again. */
export function redone(desk: Desk): Desk {
  const [next, ...rest] = desk.future;
  if (!next) return desk;
  return {
    formula: next,
    past: [...desk.past, desk.formula],
    future: rest,
    last: null,
    typed: {},
    revision: (desk.revision ?? 0) + 1,
  };
}

/** With a line's amount as typed, or as it reads once it can be read. */
export function withTyped(desk: Desk, lineId: string, text: string | null): Desk {
  const { [lineId]: _, ...others } = desk.typed;
  return { ...desk, typed: text === null ? others : { ...others, [lineId]: text } };
}

/** Whatever was kept of a desk, if it is one. */
export const isDesk = (value: unknown): value is Desk =>
  typeof value === 'object' &&
  value !== null &&
  'formula' in value &&
  typeof value.formula === 'object' &&
  'past' in value &&
  Array.isArray(value.past) &&
  'future' in value &&
  Array.isArray(value.future) &&
  'typed' in value;
