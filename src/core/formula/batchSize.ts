import type { StockUnit } from '../quantity/units';
import type { ResolvedFormula } from './resolveAmounts';

/** What a person has of one ingredient, in the unit they measured it in. */
export interface Have {
  readonly lineId: string;
  readonly value: number;
  readonly unit: StockUnit;
}

/** How much can be made of what is there, and what runs out first. */
export interface FromWhatThereIs {
  readonly batchML: number;
  /** The line that runs out first. */
  readonly limitedBy: string;
  /** What is left over of the others when it does, in the unit it was given in. */
  readonly left: readonly Have[];
}

/**
 * The most that can be made from what is there. Lines that are not named are taken to be plenty (water,
 * as a rule).
 *
 * @param resolved the formula at any size
 * @returns null if nothing is named, or nothing of what is named is in the formula
 */
export function fromWhatThereIs(resolved: ResolvedFormula, haves: readonly Have[]): FromWhatThereIs | null {
  const known = haves.flatMap((have) => {
    const portion = resolved.portions.find((p) => p.line.id === have.lineId);
    if (!portion) return [];
    const need = have.unit === 'g' ? portion.massG : portion.volumeML;
    return need > 0 ? [{ have, need, times: have.value / need }] : [];
  });
  const [first, ...rest] = known;
  if (!first) return null;
  const least = rest.reduce((a, b) => (b.times < a.times ? b : a), first);
  return {
    batchML: resolved.batchML * least.times,
    limitedBy: least.have.lineId,
    left: known
      .filter((k) => k !== least)
      .map(({ have, need }) => ({ ...have, value: have.value - need * least.times })),
  };
}

/** The inside of a tub at the height of the water: a box, or round. mm. */
export type Floor =
  | { readonly kind: 'box'; readonly lengthMM: number; readonly widthMM: number }
  | { readonly kind: 'round'; readonly diameterMM: number };

/** mm² that a tub's floor covers. */
const areaMM2 = (floor: Floor): number =>
  floor.kind === 'box' ? floor.lengthMM * floor.widthMM : (Math.PI * floor.diameterMM ** 2) / 4;

/**
 * mL that stand so deep in a tub with things lying in it: floor area times depth, less the room the
 * things take up. Straight walls are assumed. Never less than nothing.
 */
export const coverML = (floor: Floor, depthMM: number, displacedML: number): number =>
  Math.max(0, (areaMM2(floor) * depthMM) / 1000 - displacedML);
