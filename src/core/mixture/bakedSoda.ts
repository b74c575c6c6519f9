import { substance } from '../catalogue/substances';
import { isAtLeast } from '../quantity/limit';

/**
 * Washing soda baked from baking soda: 2 NaHCO3 → Na2CO3 + H2O + CO2. Molar masses: CRC Handbook, as in the table
 * of substances.
 */

const gPerMol = (id: 'sodium-bicarbonate' | 'sodium-carbonate'): number => substance(id).molarMassG ?? NaN;

/** g of washing soda from a gram of baking soda: 0.631. */
export const BAKED_YIELD = gPerMol('sodium-carbonate') / (2 * gPerMol('sodium-bicarbonate'));

/** What so much baking soda becomes, g. @param bakingSodaG 0 and more */
export const bakedG = (bakingSodaG: number): number => BAKED_YIELD * bakingSodaG;

/**
 * How much of it is turned, by what it weighs: 0 not yet, 1 all of it. Damp soda weighs more to begin with, so a
 * little over 1 is 1.
 * @param startG of baking soda, more than 0
 * @param nowG what it weighs now
 */
export function bakedShare(startG: number, nowG: number): number {
  const share = (startG - nowG) / (startG - bakedG(startG));
  return Math.min(1, Math.max(0, share));
}

/** As good as done from this share on: what is left is within what a kitchen scale shows. */
const DONE_FROM_SHARE = 0.97;

/** True once it has lost all that it loses. */
export const isBaked = (startG: number, nowG: number): boolean => isAtLeast(bakedShare(startG, nowG), DONE_FROM_SHARE);

/** Less than this is more water and gas gone than there was in it: it was weighed wrong, or spilt. */
const TOO_LIGHT_BELOW_SHARE = 0.97;

/** True where it weighs less than it can. */
export const isTooLight = (startG: number, nowG: number): boolean =>
  !isAtLeast(nowG, TOO_LIGHT_BELOW_SHARE * bakedG(startG));
