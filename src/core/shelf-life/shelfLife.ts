import type { VesselFacts } from '../catalogue/vessels';
import type { FormulaUse } from '../formula/formula';
import { hasTrait, type MixtureState } from '../mixture/state';
import { exceeds } from '../quantity/limit';
import {
  BOTTLE_FACTOR,
  fadingLimits,
  lightSpoils,
  roomFactor,
  sooner,
  spoilingLimit,
  type BottleCleanliness,
} from './keepingLimits';

/** How long a mixture keeps, days, and the rule that set it. 0 to 0 is "use at once". */
export interface ShelfLife {
  readonly lowDays: number;
  readonly highDays: number;
  readonly reason: string;
}

/** Where and how it is kept. */
export interface StorageConditions {
  readonly use: FormulaUse;
  /** Null if not known. */
  readonly vessel: VesselFacts | null;
  /** Room temperature, °C. */
  readonly roomC: number;
  /** How clean the bottle is; washed and dried where nothing is said. */
  readonly cleanliness?: BottleCleanliness;
}

/** A closed, opaque bottle in a room of 20 °C. */
export const DEFAULT_STORAGE: Omit<StorageConditions, 'use'> = { vessel: null, roomC: 20 };

/** True if tap water, or boiled water, is in it. */
export const bringsTap = (state: MixtureState): boolean => state.pouredWaterML.tap + state.pouredWaterML.boiling > 0;
/** True if distilled water is in it. */
export const bringsDistilled = (state: MixtureState): boolean => state.pouredWaterML.distilled > 0;

const AT_ONCE = (reason: string): ShelfLife => ({ lowDays: 0, highDays: 0, reason });

/** Why it is not kept at all, the plainest reason first; null where it can be. These are dangers and go by any amount. */
function notKept(state: MixtureState, use: FormulaUse): ShelfLife | null {
  if (state.holdsUnknown) return AT_ONCE('not all that is in it is known');
  if (use === 'fresh') return AT_ONCE('it is made to be used at once');
  const pressesOut = state.carbonDioxideML > 0 && exceeds(state.closedPressureBar, GAS_ABOVE_BAR);
  if (pressesOut || state.oxygenML > 0) return AT_ONCE('it gives off gas');
  return hasTrait(state, 'hypochlorite') && state.wet ? AT_ONCE('thinned bleach loses its strength') : null;
}

/** A hint of carbon dioxide under less pressure than this is no gas to speak of. */
const GAS_ABOVE_BAR = 0.01;
/** Less of a difference than this is not worth a word. */
const WORTH_A_WORD = 0.1;

/**
 * How long a mixture keeps, in whole days: the first that ends it of what spoils it, what loses strength and what turns.
 * It follows what is in it, its water, its bottle and the room without a jump: a drop more moves it by hours.
 * Only what must never be closed up is 0 days at any amount. Common practice, no source.
 */
export function shelfLife(state: MixtureState, how: StorageConditions): ShelfLife {
  const never = notKept(state, how.use);
  if (never) return never;
  if (how.vessel?.top === 'open' && state.wet) return { lowDays: 0, highDays: 1, reason: 'it stands open' };
  const bottle = BOTTLE_FACTOR[how.cleanliness ?? 'washed'];
  const spoils = spoilingLimit(state);
  const first = fadingLimits(state).reduce(sooner, {
    low: spoils.low * bottle,
    high: spoils.high * bottle,
    reason: bottle === 1 ? spoils.reason : `${spoils.reason}; ${BOTTLE_WORDS[how.cleanliness ?? 'washed']}`,
  });
  const light = how.vessel?.opaque === false ? 0.5 ** lightSpoils(state) : 1;
  const room = roomFactor(how.roomC);
  const because = [
    first.reason,
    ...(light < 1 - WORTH_A_WORD ? [`${timesText(light)} in a clear bottle`] : []),
    ...(room < 1 - WORTH_A_WORD ? [`${timesText(room)} in a room of ${Math.round(how.roomC)} °C`] : []),
    ...(room > 1 + WORTH_A_WORD ? [`longer in a room of ${Math.round(how.roomC)} °C`] : []),
  ];
  const lowDays = Math.max(1, Math.floor(first.low * light * room + GRAIN));
  const highDays = Math.max(lowDays, Math.floor(first.high * light * room + GRAIN));
  return { lowDays, highDays, reason: because.join('; ') };
}

/** Powers come out a grain beside the whole number they mean, days. */
const GRAIN = 1e-6;

const BOTTLE_WORDS: Readonly<Record<BottleCleanliness, string>> = {
  scalded: 'a quarter longer in a scalded bottle',
  washed: '',
  unwashed: 'half as long in a bottle that was not washed',
};

const timesText = (factor: number): string => (factor < 0.6 ? 'half as long' : 'less long');

/** True for what is never closed, bottled or kept: it is made to be used at once, gives off gas, or breaks down. */
export const isUsedAtOnce = (state: MixtureState, use: FormulaUse): boolean =>
  !state.holdsUnknown && shelfLife(state, { ...DEFAULT_STORAGE, use }).highDays === 0;

/** How to keep it, in a few words each, the most important first. */
export function storageAdvice(state: MixtureState, how: StorageConditions): string[] {
  const advice: string[] = [];
  const gas = state.carbonDioxideML > 0 || state.oxygenML > 0;
  if (gas || (hasTrait(state, 'ferment') && state.wet)) advice.push('Never capped: it gives off gas.');
  if (state.holdsUnknown) return [...advice, 'Ask what is in it before it is kept.'];
  if (isUsedAtOnce(state, how.use)) return [...advice, 'Use it at once, in the open, and pour the rest away.'];
  if (!state.hasWaterPhase && hasTrait(state, 'carbonate') && hasTrait(state, 'acid')) {
    advice.push('Bone dry, in a jar whose lid can give, away from steam.');
  } else if (!state.wet && !hasTrait(state, 'fatty-oil')) advice.push('Airtight and dry.');
  if (hasTrait(state, 'peroxide') && state.wet) advice.push('Dark: an opaque or brown bottle.');
  else if (hasTrait(state, 'essential-oil')) advice.push('Dark and cool: light and warmth spoil the oils.');
  if (state.flashPointC !== null) advice.push('Away from hobs, heaters and flames.');
  if (state.wet && hasTrait(state, 'perishable'))
    advice.push('Cold, and no longer than a day or two unless it is strained from acid or alcohol.');
  if (state.oilFloatingShare > 0.15 || state.undissolvedG > 0.001 * state.massG) {
    if (state.wet) advice.push('Shake before each use.');
  }
  return [...advice, 'Cool and closed.'];
}
