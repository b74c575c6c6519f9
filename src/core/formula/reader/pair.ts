import type { Ingredient } from '../../catalogue/ingredient';
import { findIngredient } from '../../catalogue/lookup';
import type { Amount, PercentBasis } from '../../quantity/amount';
import type { Range } from '../../quantity/range';
import type { Chunk } from './chunks';
import type { Element, Known } from './element';
import type { TokenAmount } from './tokenAmount';

/** A strength as it was written; a range of strengths, or a number read two ways, is asked. */
export interface StatedStrength {
  readonly percent: Range;
  readonly basis: PercentBasis | null;
  readonly asks: boolean;
}

/** One thing that a sentence puts in: its name, and how much of it where that is said. */
export interface Pair {
  /** Null where nothing known is named: then `words` say what stands there. */
  match: Known | null;
  words: string;
  amount: Amount | null;
  otherwise?: Amount;
  also?: Amount;
  strength?: StatedStrength;
  /** A number without a unit. */
  bare?: Range;
  /** How much is meant has to be asked, although an amount was found. */
  asksAmount: boolean;
  /** Other things it may be, from "A or B". */
  alternatives: Ingredient[];
  /** Words beside it that nobody understood. */
  leftWords: string[];
  /** Named with rinsing and wiping alone. */
  rinses: boolean;
  /** More of something: no mere repetition. */
  more: boolean;
  /** Said of what is made itself: "a great all-purpose cleaner". */
  isMade: boolean;
}

/** What a sentence comes to. */
export interface Paired {
  readonly pairs: readonly Pair[];
  /** mL that the text says it comes to: "water to 500 mL". */
  readonly makesML: { readonly amount: Amount } | null;
  /** Words that nobody understood, beside no pair. */
  readonly unknown: readonly string[];
  /** True if something was kept out by name. */
  readonly keepsOut: boolean;
  /** True if it has a verb: it tells what to do. */
  readonly tells: boolean;
  /** Amounts that belong to nothing that is named. */
  readonly looseAmounts: number;
  /** Of those, the ones that have a unit. */
  readonly measured: number;
  readonly words: number;
}

export type Of<K extends Element['kind']> = Extract<Element, { kind: K }>;

export const isName = (e: Element): e is Of<'name'> => e.kind === 'name';

export const pairOf = (words: string, match: Known | null, chunk: Chunk): Pair => ({
  match,
  words,
  amount: null,
  asksAmount: false,
  alternatives: [],
  leftWords: [],
  rinses: chunk.rinses,
  more: false,
  isMade: false,
});

export function give(pair: Pair, found: TokenAmount): void {
  if (found.bare) pair.bare = found.bare;
  pair.amount = found.amount;
  if (found.otherwise) pair.otherwise = found.otherwise;
  if (found.also) pair.also = found.also;
  pair.asksAmount ||= found.asks;
}

export const possible = (match: Known): readonly Ingredient[] =>
  match.kind === 'exact' ? [match.ingredient] : match.choices;

/** A pair's name with more words, where the two make one known name; false where they do not. */
export function merged(pair: Pair, words: string): boolean {
  if (pair.match === null) return false;
  for (const together of [`${pair.words} ${words}`, `${words} ${pair.words}`]) {
    const match = findIngredient(together);
    if (match.kind === 'exact') {
      pair.match = match;
      pair.words = together;
      return true;
    }
  }
  return false;
}

export const sameThing = (a: Pair, b: Pair): boolean =>
  a.match !== null && b.match !== null && shares(a.match, b.match);

/** True if two names may mean one ingredient. */
export const shares = (a: Known, b: Known): boolean => {
  const ids = new Set(possible(a).map((i) => i.id));
  return possible(b).some((i) => ids.has(i.id));
};
