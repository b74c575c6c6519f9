import type { Moles } from './protonBalance';
import { molesBy } from './sums';

const CHALK_G_PER_MOL = 100.09;

/** USGS classes of hardness, mg/L as CaCO3: soft to 60, moderate to 120, hard to 180, very hard above. */
export type HardnessClass = 'soft' | 'moderate' | 'hard' | 'very hard';

/** The class of a hardness. @param mgPerL as CaCO3, zero or more */
export const hardnessClass = (mgPerL: number): HardnessClass =>
  mgPerL <= 60 ? 'soft' : mgPerL <= 120 ? 'moderate' : mgPerL <= 180 ? 'hard' : 'very hard';

/**
 * Moles of soap that hardness binds: two to each calcium or magnesium, of the tap water and of salts put in.
 * What settles or holds hardness (washing soda, citrate) does so first.
 *
 * Check: 100 mg/L is 1 mmol/L, which binds 2 mmol/L, 0.64 g of potassium oleate.
 * @param tapML tap water in the mixture
 * @param mgPerL its hardness as CaCO3
 */
export function soapBoundMol(tapML: number, mgPerL: number, moles: Moles): number {
  const tapMol = ((tapML / 1000) * mgPerL) / 1000 / CHALK_G_PER_MOL;
  return 2 * Math.max(0, tapMol + hardnessBroughtMol(moles) - molesBy(moles, 'hardnessHeldMol'));
}

/** Calcium and magnesium of the salts put in, mol. */
export const hardnessBroughtMol = (moles: Moles): number => molesBy(moles, 'hardnessMol');
