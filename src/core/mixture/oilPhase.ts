import type { Trait } from '../catalogue/substances';
import { isAtLeast } from '../quantity/limit';

/** Soap or surfactant carries a quarter of its own mass of oil: "several times their own amount" (common practice, no source). */
const CARRIED_PER_G_SURFACTANT = 0.25;

/** From this strength on alcohol carries oils, percent v/v (common practice, no source). */
const ALCOHOL_CARRIES_FROM_PERCENT_VV = 60;

/** Oil that water itself takes up, g per mL: of the order of 0.1 to 1 g/L (common practice, no source). */
const DISSOLVED_G_PER_ML = 0.0003;

export interface OilPhase {
  /** Grams of oil that nothing carries: it floats up. */
  readonly floatingG: number;
  /** Share of all oil that floats, 0 to 1. */
  readonly floatingShare: number;
}

/**
 * How much of the oils floats up, carried neither by alcohol nor by soap or surfactant.
 * @param traitG grams by trait
 * @param soapG soap that has not curdled, g
 */
export function oilPhase(
  traitG: Partial<Record<Trait, number>>,
  soapG: number,
  waterG: number,
  alcoholPercentVV: number,
): OilPhase {
  const oilG = (traitG['essential-oil'] ?? 0) + (traitG['fatty-oil'] ?? 0);
  if (oilG <= 0 || waterG <= 0) return { floatingG: 0, floatingShare: 0 };
  if (isAtLeast(alcoholPercentVV, ALCOHOL_CARRIES_FROM_PERCENT_VV)) return { floatingG: 0, floatingShare: 0 };
  const carriedG = CARRIED_PER_G_SURFACTANT * (soapG + (traitG.surfactant ?? 0)) + DISSOLVED_G_PER_ML * waterG;
  const floatingG = Math.max(0, oilG - carriedG);
  return { floatingG, floatingShare: floatingG / oilG };
}
