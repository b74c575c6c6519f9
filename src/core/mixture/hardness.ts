import type { Moles } from './protonBalance';

const CHALK_G_PER_MOL = 100.09;

/** USGS classes of hardness, mg/L as CaCO3: soft to 60, moderate to 120, hard to 180, very hard above. */
export type HardnessClass = 'soft' | 'moderate' | 'hard' | 'very hard';

/** The class of a hardness. @param mgPerL as CaCO3, zero or more */
export const hardnessClass = (mgPerL: number): HardnessClass =>
  mgPerL <= 60 ? 'soft' : mgPerL <= 120 ? 'moderate' : mgPerL <= 180 ? 'hard' : 'very hard';

/**
 * Moles of soap that the hardness of tap water binds: two to each calcium or magnesium. Washing soda and
 * percarbonate settle hardness one to one first, citrate holds it one to one.
 *
 * Check: 100 mg/L is 1 mmol/L, which binds 2 mmol/L, 0.64 g of potassium oleate.
 * @param tapML tap water in the mixture
 * @param mgPerL its hardness as CaCO3
 */
export function soapBoundMol(tapML: number, mgPerL: number, moles: Moles): number {
  const hardMol = ((tapML / 1000) * mgPerL) / 1000 / CHALK_G_PER_MOL;
  const heldMol =
    (moles['sodium-carbonate'] ?? 0) +
    (moles['potassium-carbonate'] ?? 0) +
    2 * (moles['sodium-percarbonate'] ?? 0) +
    (moles['citric-acid'] ?? 0) +
    (moles['sodium-citrate'] ?? 0);
  return 2 * Math.max(0, hardMol - heldMol);
}
