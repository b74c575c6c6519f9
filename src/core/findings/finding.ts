import type { SourceKey } from '../catalogue/sources';

/** How bad: `danger` can hurt someone; `defeats` undoes itself; `caution` is fine with the stated care; `clear` is nothing found. */
export const LEVELS_WORST_FIRST = ['danger', 'defeats', 'caution', 'clear'] as const;
export type Level = (typeof LEVELS_WORST_FIRST)[number];

/** Where two things meet. */
export const SCOPES = ['stored', 'fresh', 'sequence', 'air', 'drain'] as const;
export type Scope = (typeof SCOPES)[number];

/** True if `a` is worse than `b`. */
export const isWorse = (a: Level, b: Level): boolean => LEVELS_WORST_FIRST.indexOf(a) < LEVELS_WORST_FIRST.indexOf(b);

/** A number that a finding rests on; the key carries the unit, as in `gasML`. */
export type Figures = Readonly<Record<string, number>>;

/** What will happen, why, with its numbers, and what to do instead. */
export interface Finding {
  readonly code: string;
  readonly level: Level;
  readonly scope: Scope;
  /** Names of what is at fault. */
  readonly subjects: readonly string[];
  readonly happens: string;
  readonly why: string;
  readonly figures: Figures;
  readonly instead: string;
  readonly sources: readonly SourceKey[];
  /** Surface findings: true if this mixture has no place on this surface at all. */
  readonly rulesOut?: boolean;
}

/** The three sentences of a finding, with `{figure}`, `{subjects}` and `{harms|harm}` to be filled in. */
export interface Message {
  readonly happens: string;
  readonly why: string;
  readonly instead: string;
}

/** What a rule found, before it is put into words. `variant` picks another message of the rule than its first. */
export interface RuleHit<Variant extends string = string> {
  readonly level: Level;
  readonly subjects: readonly string[];
  readonly figures?: Readonly<Record<string, number | undefined>> | undefined;
  readonly variant?: Variant | undefined;
  /** Words to be filled into the sentences beside the figures. */
  readonly words?: Readonly<Record<string, string | undefined>> | undefined;
  readonly rulesOut?: boolean;
}
