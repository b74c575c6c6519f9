import type { Method } from '../catalogue/methods';
import type { Evaluation } from '../evaluation/evaluate';
import type { Finding } from '../findings/finding';
import type { Formula } from '../formula/formula';
import type { Application } from './application';
import type { Dwell } from './dwell';
import type { Nearness } from './fitting';
import type { WayAmount } from './howMuch';

/** What a way to clean is, what it is made of, and why something is none. */

/** Where a way comes from: a bottle on the shelf, what the cupboard can make, or with one thing bought. */
export const SUPPLY_SOURCES = ['shelf', 'cupboard', 'one-missing', 'more-missing'] as const;
export type SupplySource = (typeof SUPPLY_SOURCES)[number];

/** A formula weighed up once, to be held against many surfaces and soils. */
export interface Candidate {
  readonly formula: Formula;
  readonly evaluation: Evaluation;
  readonly from: SupplySource;
  /** Names of the ingredients that are not there. */
  readonly missing: readonly string[];
}

/** How a way went here before, by the person's own ratings. */
export interface Went {
  /** 0 to 10. */
  readonly mean: number;
  /** How often it was rated, 1 or more. */
  readonly times: number;
}

/** How what was used went at this place for this soil; null where it was never rated. By the id of a formula or of a method. */
export type WentHere = (usedId: string) => Went | null;

/** One way to clean, with why it stands where it does. */
export interface Way {
  readonly method: Method;
  /** What it is done with; null where dry hands, water, heat or cold do it. */
  readonly candidate: Candidate | null;
  /** The formula's name, or the method's. */
  readonly name: string;
  /** How well, 0 to 3.5. */
  readonly effect: number;
  readonly effort: 1 | 2 | 3;
  /** True if the formula is made for this surface and this soil. */
  readonly made: boolean;
  /** How near the formula comes to it by its own list; null where none is used. */
  readonly near: Nearness | null;
  readonly went: Went | null;
  /** True where it is sprayed and someone lives here who breathes its mist, or something else is said of it for them. */
  readonly bothersHousehold: boolean;
  readonly application: Application;
  /** Null for what is done at once. */
  readonly dwell: Dwell | null;
  /** For the usual area; null for what takes no mixture. */
  readonly amount: WayAmount | null;
  readonly conditions: readonly string[];
  readonly why: string;
  /** What to mind: of the mixture and of the surface. */
  readonly cautions: readonly Finding[];
  /** What is to be wetted with plain water before it is put on; null for nothing. */
  readonly wetFirst: string | null;
}

/** What tells one way of a pair from the others. */
export const wayKey = ({ method, candidate }: Way): string => `${method.id} ${candidate?.formula.id ?? ''}`;

/** Why a formula will not do. */
export const OUT_REASONS = [
  'danger',
  'surface',
  'sets',
  'cancels',
  'too-strong',
  'too-weak',
  'form',
  'does-not-lift',
] as const;
export type OutReason = (typeof OUT_REASONS)[number];

/** A formula that will not do, and why. */
export interface RuledOut {
  readonly candidate: Candidate;
  readonly because: OutReason;
  readonly why: string;
}

export interface Ways {
  readonly ways: readonly Way[];
  readonly ruledOut: readonly RuledOut[];
  /** What comes before any cleaner, and where home cleaning ends. */
  readonly first: string;
  readonly beyond: string | null;
}
