import { preferenceOf, type AdvicePreferences, type DisputedAdviceId } from '../catalogue/disputedAdvice';
import { hasTrait, type MixtureState } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';
import { bringsDistilled, bringsTap, isUsedAtOnce, shelfLife, type StorageConditions } from './shelfLife';

/** What is said about making a mixture because of what a person holds with, and which question it answers. */
export interface MakingAdvice {
  readonly question: DisputedAdviceId;
  readonly says: string;
}

/** Distilled water is worth it for what is kept longer than this (common practice, no source). */
const DISTILLED_ABOVE_DAYS = 14;
/** Oils above this strength draw out of plastic, % v/v (common practice, no source). */
const GLASS_FROM_PERCENT = 1;

function waterAdvice(state: MixtureState, highDays: number, choice: string): string | null {
  const isTap = bringsTap(state);
  if (!isTap && !bringsDistilled(state)) return null;
  if (choice === 'tap')
    return isTap
      ? 'Tap water, made small and fresh.'
      : 'Tap water will do in place of distilled: make little, and use it within two weeks.';
  if (choice === 'distilled') return isTap ? 'Distilled water in place of tap water: it keeps longer.' : null;
  return isTap && exceeds(highDays, DISTILLED_ABOVE_DAYS) ? 'Distilled water, if it is kept beyond two weeks.' : null;
}

function bottleAdvice(state: MixtureState, choice: string): string | null {
  if (!hasTrait(state, 'essential-oil')) return null;
  const isStrong = isAtLeast(state.essentialOilPercentVV, GLASS_FROM_PERCENT);
  // What eats plastic eats it whatever anybody holds with.
  if (isStrong || choice === 'glass') return 'A glass bottle: oils creep into plastic.';
  return choice === 'plastic' ? 'HDPE or PET will do, as dilute as it is.' : null;
}

function scentAdvice(state: MixtureState, choice: string): string | null {
  if (!hasTrait(state, 'essential-oil')) return null;
  return choice === 'nose'
    ? 'Scent: half the drops, smell it, then drop by drop to the nose, never above what is written.'
    : 'Scent: count the drops as written, and note it if the nose wants other next time.';
}

function batchAdvice(highDays: number, choice: string): string | null {
  if (choice === 'small') return 'A small batch, and often.';
  if (choice === 'big')
    return exceeds(highDays, DISTILLED_ABOVE_DAYS)
      ? `A big batch: it keeps ${highDays} days at the most.`
      : `No big batch of this: it keeps ${highDays} days at the most.`;
  return `As much as is used in ${highDays} days.`;
}

/**
 * What is to be said about making what is kept, where careful people differ: by the person's choice or the default.
 * Nothing for what is used at once. Common practice, no source.
 */
export function makingAdvice(state: MixtureState, how: StorageConditions, choices: AdvicePreferences): MakingAdvice[] {
  if (state.holdsUnknown || isUsedAtOnce(state, how.use)) return [];
  const { highDays } = shelfLife(state, how);
  const said: readonly (readonly [DisputedAdviceId, string | null])[] = [
    ['which-water', waterAdvice(state, highDays, preferenceOf('which-water', choices))],
    ['which-bottle', bottleAdvice(state, preferenceOf('which-bottle', choices))],
    ['scent', scentAdvice(state, preferenceOf('scent', choices))],
    ['batch-size', batchAdvice(highDays, preferenceOf('batch-size', choices))],
  ];
  return said.flatMap(([question, says]) => (says === null ? [] : [{ question, says }]));
}
