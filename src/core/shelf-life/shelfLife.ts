import type { VesselFacts } from '../catalogue/vessels';
import type { FormulaUse } from '../formula/formula';
import { PERISHABLE_ABOVE_G_PER_L } from '../findings/container';
import { hasTrait, type MixtureState } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';

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
}

/** A closed, opaque bottle in a room of 20 °C. */
export const DEFAULT_STORAGE: Omit<StorageConditions, 'use'> = { vessel: null, roomC: 20 };

const perishableGPerL = (s: MixtureState): number =>
  s.volumeML > 0 ? (1000 * (s.traitG.perishable ?? 0)) / s.volumeML : 0;

interface KeepingRule extends ShelfLife {
  readonly applies: (state: MixtureState, use: FormulaUse) => boolean;
}

/** True if tap water, or boiled water, is in it. */
export const bringsTap = (state: MixtureState): boolean =>
  state.ingredients.some((b) => b.water === 'tap' || b.water === 'boiling');
/** True if distilled water is in it. */
export const bringsDistilled = (state: MixtureState): boolean => state.ingredients.some((b) => b.water === 'distilled');

/** Acid from this strength on keeps life down, percent as acetic. */
const ACID_KEEPS_FROM = 0.4;
/** Peel and herbs in acid or alcohol of this strength are an infusion, not a spoiling mash. */
const INFUSION_ACID_FROM = 2;

const isInfusion = (s: MixtureState): boolean =>
  (s.traitG.perishable ?? 0) > 0 &&
  isAtLeast(s.freeAcidPercentAsAcetic, INFUSION_ACID_FROM) &&
  !hasTrait(s, 'fermentable');

/** Keeping rules, the shortest first: the first that applies sets the date. Common practice, no source. */
const KEEPING: readonly KeepingRule[] = [
  { lowDays: 0, highDays: 0, reason: 'not all that is in it is known', applies: (s) => s.holdsUnknown },
  { lowDays: 0, highDays: 0, reason: 'it is made to be used at once', applies: (_, use) => use === 'fresh' },
  {
    lowDays: 0,
    highDays: 0,
    reason: 'it gives off gas',
    applies: (s) => (s.carbonDioxideML > 0 && s.closedPressureBar > 0.01) || s.oxygenML > 0,
  },
  {
    lowDays: 0,
    highDays: 0,
    reason: 'thinned bleach loses its strength',
    applies: (s) => hasTrait(s, 'hypochlorite') && s.wet,
  },
  { lowDays: 180, highDays: 365, reason: 'over 20 % alcohol keeps it', applies: (s) => s.alcoholPercentVV > 20 },
  {
    lowDays: 180,
    highDays: 365,
    reason: 'oil turns rancid in a year',
    applies: (s) => !s.hasWaterPhase && hasTrait(s, 'turns-rancid'),
  },
  {
    lowDays: 365,
    highDays: 730,
    reason: 'mineral oil and wax do not spoil',
    applies: (s) => !s.hasWaterPhase && hasTrait(s, 'fatty-oil'),
  },
  { lowDays: 180, highDays: 365, reason: 'dry mixes keep airtight', applies: (s) => !s.hasWaterPhase },
  { lowDays: 90, highDays: 180, reason: 'an infusion in acid, strained', applies: isInfusion },
  {
    lowDays: 1,
    highDays: 2,
    reason: 'fresh juice, starch or plant matter spoils',
    applies: (s) => exceeds(perishableGPerL(s), PERISHABLE_ABOVE_G_PER_L),
  },
  {
    lowDays: 30,
    highDays: 180,
    reason: 'opened peroxide loses strength',
    applies: (s) => hasTrait(s, 'peroxide'),
  },
  {
    lowDays: 60,
    highDays: 90,
    reason: 'soap in distilled water',
    applies: (s) => hasTrait(s, 'soap') && bringsDistilled(s) && !bringsTap(s),
  },
  {
    lowDays: 14,
    highDays: 28,
    reason: 'soap in tap water',
    applies: (s) => hasTrait(s, 'soap') && s.waterG > s.massG / 2,
  },
  {
    lowDays: 90,
    highDays: 180,
    reason: 'acid without tap water',
    applies: (s) => isAtLeast(s.freeAcidPercentAsAcetic, ACID_KEEPS_FROM) && !bringsTap(s),
  },
  {
    lowDays: 30,
    highDays: 60,
    reason: 'acid in tap water',
    applies: (s) => isAtLeast(s.freeAcidPercentAsAcetic, ACID_KEEPS_FROM),
  },
  {
    lowDays: 60,
    highDays: 90,
    reason: 'distilled water in a clean bottle',
    applies: (s) => bringsDistilled(s) && !bringsTap(s),
  },
  { lowDays: 14, highDays: 28, reason: 'water without a preservative', applies: () => true },
];

/** Warm rooms halve how long a thing keeps, cold ones add half (common practice, no source). */
const WARM_FROM_C = 26;
const COLD_UP_TO_C = 10;

/** How long a mixture keeps in a clean vessel, from what is in it, its water, its vessel and the room. */
export function shelfLife(state: MixtureState, how: StorageConditions): ShelfLife {
  const rule = KEEPING.find((r) => r.applies(state, how.use));
  if (!rule) throw new Error('The last keeping rule applies to everything');
  let { lowDays, highDays, reason } = rule;
  if (highDays === 0) return { lowDays, highDays, reason };
  const scale = (by: number, because: string): void => {
    lowDays = Math.max(1, Math.floor(lowDays * by));
    highDays = Math.max(lowDays, Math.floor(highDays * by));
    reason = `${reason}; ${because}`;
  };
  if (how.vessel?.top === 'open' && state.wet) return { lowDays: 0, highDays: 1, reason: 'it stands open' };
  if (how.vessel?.opaque === false && (hasTrait(state, 'peroxide') || hasTrait(state, 'citrus-oil'))) {
    scale(0.5, 'half as long in a clear bottle');
  }
  if (isAtLeast(how.roomC, WARM_FROM_C)) scale(0.5, 'half as long in a warm room');
  else if (!exceeds(how.roomC, COLD_UP_TO_C)) scale(1.5, 'longer in the cold');
  return { lowDays, highDays, reason };
}

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
