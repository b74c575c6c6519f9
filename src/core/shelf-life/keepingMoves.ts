import type { MixtureState } from '../mixture/state';
import { PRESERVES_AT_PERCENT } from './keepingLimits';
import { shelfLife, type ShelfLife, type StorageConditions } from './shelfLife';

/** What could be done so that it keeps longer, and how long it would keep then. */
export interface KeepingMove {
  readonly does: string;
  readonly keeps: ShelfLife;
}

/** A gain smaller than this is not worth doing, as a ratio. */
const WORTH_IT_FROM = 1.1;
/** Where a thing is kept cold, °C. */
const COLD_C = 10;

type Changed = readonly [does: string, state: MixtureState, how: StorageConditions];

function* changes(state: MixtureState, how: StorageConditions): Generator<Changed> {
  const { tap, boiling, distilled } = state.pouredWaterML;
  const withWater = (pouredWaterML: MixtureState['pouredWaterML']): MixtureState => ({ ...state, pouredWaterML });
  if (tap > 0) yield ['Boiled water, cooled', withWater({ tap: 0, boiling: boiling + tap, distilled }), how];
  if (tap + boiling > 0) {
    yield ['Distilled water', withWater({ tap: 0, boiling: 0, distilled: distilled + tap + boiling }), how];
  }
  if (state.hasWaterPhase && !((state.traitG.preservative ?? 0) > 0)) {
    const preservative = (state.volumeML * PRESERVES_AT_PERCENT) / 100;
    yield ['A preservative, as its label says', { ...state, traitG: { ...state.traitG, preservative } }, how];
  }
  if ((how.cleanliness ?? 'washed') !== 'scalded')
    yield ['A scalded bottle', state, { ...how, cleanliness: 'scalded' }];
  if (how.vessel?.opaque === false) {
    yield ['An opaque bottle', state, { ...how, vessel: { ...how.vessel, opaque: true } }];
  }
  if (how.roomC > COLD_C) yield ['In a cool place of 10 °C, not beside food', state, { ...how, roomC: COLD_C }];
}

/**
 * What would make it keep longer, each by itself and with the days it would come to, in the order in which it is done.
 * Nothing for what is not kept at all. Common practice, no source.
 */
export function keepingMoves(state: MixtureState, how: StorageConditions): KeepingMove[] {
  const now = shelfLife(state, how);
  if (now.highDays === 0) return [];
  return [...changes(state, how)].flatMap(([does, changed, kept]) => {
    const keeps = shelfLife(changed, kept);
    return keeps.lowDays >= WORTH_IT_FROM * now.lowDays ? [{ does, keeps }] : [];
  });
}
