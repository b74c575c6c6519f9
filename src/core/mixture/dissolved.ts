import { substance, type SubstanceId } from '../catalogue/substances';
import type { Grams } from '../formula/composition';
import { UNDISSOLVED_ML_PER_G } from '../formula/mixedVolume';
import { acidityOf, type Acidity } from './acidity';
import type { Moles } from './protonBalance';
import { sumOf, type Sums } from './sums';
import { isAtLeast } from '../quantity/limit';

/** Below this share of water in all liquid there is no pH to speak of. */
const PH_FROM_WATER_SHARE = 0.2;

/** Both ends of each amount as a share of its middle. */
function shares(of: Grams, ends: Grams, fixed: Grams): Moles {
  const share: Moles = {};
  for (const key in of) {
    const id = key as SubstanceId;
    const g = of[id] ?? 0;
    // A solution that is saturated stays so at either end.
    share[id] = g > 0 && (fixed[id] ?? 0) <= 0 ? (ends[id] ?? g) / g : 1;
  }
  return share;
}

interface Wet {
  readonly moles: Moles;
  readonly undissolved: Grams;
  readonly volumeML: number;
  readonly alcoholPercentVV: number;
}

/** Room that oils take, mL: they are a liquid of their own beside the water. */
function oilML(grams: Grams): number {
  let mL = 0;
  for (const key in grams) {
    const { traits, displacementMLPerG } = substance(key as SubstanceId);
    if (traits.includes('essential-oil') || traits.includes('fatty-oil')) {
      mL += (grams[key as SubstanceId] ?? 0) * displacementMLPerG;
    }
  }
  return mL;
}

/** The acidity of the water in the mixture: crystals and oils take no part. */
export function acidityIn(sums: Sums, of: Wet): Acidity | null {
  const { moles, undissolved, alcoholPercentVV } = of;
  const { tapML, grams, lowG, highG } = sums;
  const waterG = grams.water ?? 0;
  const liquidML = of.volumeML - sumOf(undissolved) * UNDISSOLVED_ML_PER_G;
  const solutionML = liquidML - oilML(grams);
  if (!isAtLeast(waterG, PH_FROM_WATER_SHARE * solutionML) || solutionML <= 0) return null;
  const dissolved: Moles = {};
  for (const key in moles) {
    const id = key as SubstanceId;
    const { molarMassG } = substance(id);
    dissolved[id] = (moles[id] ?? 0) - (molarMassG ? (undissolved[id] ?? 0) / molarMassG : 0);
  }
  return acidityOf({
    moles: dissolved,
    litres: solutionML / 1000,
    lowShare: shares(grams, lowG, undissolved),
    highShare: shares(grams, highG, undissolved),
    tapShare: Math.min(1, tapML / solutionML),
    alcoholPercentVV,
  });
}
