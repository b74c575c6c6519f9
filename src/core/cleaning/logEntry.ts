import type { FormulaUse } from '../formula/formula';
import type { Cost } from '../stock/cost';

/** How it went, each 0 to 10; null where it was not looked at. */
export interface Rating {
  /** Smooth under a finger. */
  readonly touch: number | null;
  /** Clear against the light. */
  readonly look: number | null;
  readonly smell: number | null;
  /** How little work it was: 10 is none. */
  readonly effort: number | null;
}

export const NO_RATING: Rating = { touch: null, look: null, smell: null, effort: null };

/** What came of it. */
export const LOG_OUTCOMES = ['done', 'repeat', 'step-up', 'stopped'] as const;
export type LogOutcome = (typeof LOG_OUTCOMES)[number];

/** What was used: a formula as it was that day, a bought product, or a method that takes no mixture. */
export type Used =
  | {
      readonly kind: 'formula';
      readonly id: string;
      readonly name: string;
      readonly use: FormulaUse;
      /** The formula as it was, as its card (see the card's own reader). */
      readonly card: string;
      /** In words: "acetic acid 2.5 % w/v". */
      readonly strength: string;
    }
  | {
      readonly kind: 'bought';
      /** The catalogue's id; null for one that is not known. */
      readonly id: string | null;
      readonly name: string;
      /** What its label said that day, where the person has described it: as a card of it alone. */
      readonly card?: string;
    }
  | {
      readonly kind: 'method';
      /** The catalogue's id. */
      readonly id: string;
      readonly name: string;
    };

/** How much of a mixture was used, and what that cost by the prices of the day. */
export interface Took {
  /** Null for what is weighed. */
  readonly volumeML: number | null;
  /** Null for what is poured. */
  readonly massG: number | null;
  /** Null where no price was known. */
  readonly cost: Cost | null;
}

/** What was done once, as it was. */
export interface LogEntry {
  readonly id: string;
  /** When it was finished, ISO 8601, UTC. */
  readonly at: string;
  readonly room: { readonly id: string | null; readonly name: string };
  /** The home's surface, and its material by the catalogue's id; both null where it was not said. */
  readonly surface: { readonly id: string | null; readonly name: string; readonly material: string | null };
  readonly soil: { readonly id: string | null; readonly name: string };
  readonly used: Used;
  readonly dwell: {
    readonly plannedMinutes: number;
    readonly tookMinutes: number;
    readonly rewets: number;
    /** Why it was ended before its best; empty if it was not. */
    readonly endedBecause: string;
  } | null;
  /** How much of the mixture it took; left out where that is not known. */
  readonly took?: Took;
  /** When it was rinsed off; null if it was not. ISO 8601, UTC. */
  readonly rinsedAt: string | null;
  readonly outcome: LogOutcome;
  readonly rating: Rating;
  /** Hands at work, minutes, and strokes; null if not counted. */
  readonly workMinutes: number | null;
  readonly strokes: number | null;
  readonly notes: string;
  /** What it said before it was changed, the oldest first. */
  readonly history: readonly { readonly at: string; readonly was: Readonly<Record<string, unknown>> }[];
}

/** The parts of an entry that may be changed afterwards. */
export type LogChange = Partial<
  Pick<
    LogEntry,
    'at' | 'room' | 'surface' | 'soil' | 'rinsedAt' | 'outcome' | 'rating' | 'workMinutes' | 'strokes' | 'notes'
  >
>;

/** An entry changed; what it said before is kept. A change of nothing is none. */
export function editEntry(entry: LogEntry, change: LogChange, nowISO: string): LogEntry {
  const was = Object.fromEntries(
    Object.entries(change).flatMap(([key, value]) => {
      const before = entry[key as keyof LogChange];
      return JSON.stringify(before) === JSON.stringify(value) ? [] : [[key, before]];
    }),
  );
  if (Object.keys(was).length === 0) return entry;
  return { ...entry, ...change, history: [...entry.history, { at: nowISO, was }] };
}

/** An entry rinsed off now. What stands ahead of now, as by a clock that was fast, was put on by now at the latest. */
export const rinsedNow = (entry: LogEntry, nowISO: string): LogEntry =>
  editEntry(entry, { rinsedAt: nowISO, ...(Date.parse(entry.at) > Date.parse(nowISO) ? { at: nowISO } : {}) }, nowISO);

/** The mean of what was rated, 0 to 10; null if nothing was. */
export function overall(rating: Rating): number | null {
  const given = Object.values(rating).filter((v): v is number => typeof v === 'number');
  return given.length === 0 ? null : given.reduce((a, b) => a + b, 0) / given.length;
}

/** The month an entry belongs to, `2026-11`, in UTC: what it is kept under. */
export const monthOf = (at: string): string => new Date(at).toISOString().slice(0, 7);
