import type { NameMatch } from '../../catalogue/lookup';
import type { PercentBasis } from '../../quantity/amount';
import type { Range } from '../../quantity/range';
import type { MeasureSystem } from '../../quantity/units';
import type { TokenAmount } from './tokenAmount';
import type { Token } from './tokens';

/** What a sentence is made of. Every token lies in one element. */
export type Element = { readonly from: number; readonly to: number } & (
  | { readonly kind: 'amount'; readonly found: TokenAmount }
  | { readonly kind: 'strength'; readonly percent: Range; readonly basis: PercentBasis | null; readonly asks: boolean }
  | { readonly kind: 'name'; readonly words: string; readonly match: Known }
  /** Words that nobody here understands. */
  | { readonly kind: 'unknown'; readonly words: string }
  | { readonly kind: 'ratio'; readonly parts: readonly number[] }
  | { readonly kind: 'equal' }
  | { readonly kind: 'each' }
  /** `is`: "is not", "must not": said of what stands before it. */
  | { readonly kind: 'not'; readonly is: boolean }
  | { readonly kind: 'clause' }
  | { readonly kind: 'and' }
  | { readonly kind: 'or' }
  | { readonly kind: 'comma' }
  | { readonly kind: 'dash' }
  | { readonly kind: 'colon' }
  /** Joins an amount to its name or parts one from the next, as its neighbours say: dots, bars, tabs, "=". */
  | { readonly kind: 'light' }
  | { readonly kind: 'between'; readonly word: string }
  | { readonly kind: 'verb'; readonly word: string; readonly rinses: boolean; readonly fills: boolean }
  | { readonly kind: 'to-fill' }
  | { readonly kind: 'partly' }
  | { readonly kind: 'more' }
  | { readonly kind: 'bracket'; readonly inner: readonly Element[] }
  /** Understood, and nothing that goes in: vessels, tools, times, prices, small words. */
  | { readonly kind: 'other'; readonly word: string }
);

export type Known = Exclude<NameMatch, { kind: 'none' }>;

export interface Scan {
  readonly tokens: readonly Token[];
  readonly system: MeasureSystem;
  /** Where each bracket that is read as one closes. */
  readonly closes: ReadonlyMap<number, number>;
}

export const wordsIn = (tokens: readonly Token[], from: number, to: number): string =>
  tokens
    .slice(from, to)
    .map((t) => t.raw)
    .join(' ');
