import type { Span } from './span';
import { scaleSpan } from './span';
import type { MassUnit, MeasureSystem, VolumeUnit } from './units';
import { unitML } from './units';

/** What a percentage is of: mass of mass, mass (g) in volume (100 mL), volume of volume. */
export type PercentBasis = 'w/w' | 'w/v' | 'v/v';

/** Words people use for a little of something, each read as a range that the person can change. */
export type VagueWord = 'dash' | 'pinch' | 'squirt' | 'splash' | 'few-drops' | 'sprig' | 'glug' | 'handful' | 'some';

/** How much of an ingredient a line asks for. Every kind scales to any bottle. */
export type Amount =
  | { readonly kind: 'volume'; readonly value: Span; readonly unit: VolumeUnit }
  | { readonly kind: 'mass'; readonly value: Span; readonly unit: MassUnit }
  | { readonly kind: 'drops'; readonly value: Span }
  | { readonly kind: 'drops-per-100mL'; readonly value: Span }
  | { readonly kind: 'parts'; readonly value: Span }
  | { readonly kind: 'percent'; readonly value: Span; readonly basis: PercentBasis }
  | { readonly kind: 'grams-per-litre'; readonly value: Span }
  | { readonly kind: 'pieces'; readonly value: Span; readonly juiceML: Span }
  | { readonly kind: 'vague'; readonly word: VagueWord; readonly volumeML: Span }
  | { readonly kind: 'to-fill' };

/**
 * How vague words are read, in mL. Common practice, no source; shown to the person, who may change it.
 * "A few drops" is 3 to 5 drops at 20 drops per mL.
 */
export const VAGUE_ML: Record<VagueWord, Span> = {
  dash: { low: 0.5, high: 1 },
  pinch: { low: 0.3, high: 0.6 },
  'few-drops': { low: 0.15, high: 0.25 },
  squirt: { low: 3, high: 7 },
  splash: { low: 5, high: 20 },
  glug: { low: 20, high: 50 },
  sprig: { low: 2, high: 6 },
  handful: { low: 30, high: 60 },
  some: { low: 5, high: 60 },
};

/** Juice of one lemon in mL: about 47 g (USDA FoodData Central, memory), 45 to 50 mL taken. */
export const LEMON_JUICE_ML: Span = { low: 45, high: 50 };

/** An amount's own numbers, whatever its kind; null for "to fill", which has none. */
export function amountSpan(amount: Amount): Span | null {
  switch (amount.kind) {
    case 'to-fill':
      return null;
    case 'vague':
      return amount.volumeML;
    default:
      return amount.value;
  }
}

/** The volume in mL that an amount states by itself, or null if it states none (mass, share, fill). */
export function statedML(amount: Amount, system: MeasureSystem, dropsPerML: number): Span | null {
  switch (amount.kind) {
    case 'volume':
      return scaleSpan(amount.value, unitML(amount.unit, system));
    case 'drops':
      return scaleSpan(amount.value, 1 / dropsPerML);
    case 'pieces':
      return { low: amount.value.low * amount.juiceML.low, high: amount.value.high * amount.juiceML.high };
    case 'vague':
      return amount.volumeML;
    default:
      return null;
  }
}

/** True if the verdict should be run at both ends of this amount because the words were vague. */
export const isVague = (amount: Amount): boolean =>
  amount.kind === 'vague' ||
  amount.kind === 'pieces' ||
  (amountSpan(amount)?.low ?? 0) !== (amountSpan(amount)?.high ?? 0);
