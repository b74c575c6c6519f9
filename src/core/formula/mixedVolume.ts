import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId } from '../catalogue/substances';
import { massFractionsOf, type Grams } from './composition';
import { contractionML } from './contraction';
import { exceeds } from '../quantity/limit';

/** Crystals that stay undissolved take up about this much room, mL/g: NaHCO3 0.45, NaCl 0.46, borax 0.58, Na2CO3 0.40 (CRC Handbook). */
export const UNDISSOLVED_ML_PER_G = 0.47;

/** One thing put in: as poured, and of what. */
export interface Poured {
  readonly ingredient: Ingredient;
  readonly massG: number;
  readonly volumeML: number;
  /** Share by which the amount may be off: a level spoonful 0.1, by scale 0. */
  readonly spread?: number;
}

export interface MixedVolume {
  readonly volumeML: number;
  readonly undissolvedG: number;
  /** Grams of each solid, as put in, that stay undissolved in this much water before anything reacts. */
  readonly undissolved: Grams;
}

/** Below this much liquid to a gram of the whole, a mixture counts as dry. */
const DRY_UP_TO = 0.02;

/** True if there is liquid enough for salts to dissolve and react. */
export function isWet(poured: readonly Poured[]): boolean {
  let liquidG = 0;
  let totalG = 0;
  for (const { ingredient, massG } of poured) {
    totalG += massG;
    if (ingredient.form === 'liquid') liquidG += massG;
  }
  return exceeds(liquidG, DRY_UP_TO * totalG);
}

const isSolid = (ingredient: Ingredient): boolean => ingredient.form === 'powder' || ingredient.form === 'solid';

/**
 * The volume in mL of what has been poured together, and the grams of solid that stay undissolved.
 *
 * Liquids add up, less what alcohol and water lose on mixing (what they had already lost as bought is
 * not counted twice); a dissolved salt takes its apparent molar volume, not the room of its powder; what
 * is beyond its solubility at 20 °C takes the room of its crystals. A dry mixture takes its bulk volume.
 */
export function mixedVolume(poured: readonly Poured[]): MixedVolume {
  if (!isWet(poured)) {
    let volumeML = 0;
    const undissolved: Grams = {};
    let undissolvedG = 0;
    for (const p of poured) {
      volumeML += p.volumeML;
      if (!isSolid(p.ingredient)) continue;
      undissolvedG += p.massG;
      for (const { id, gPerG } of massFractionsOf(p.ingredient))
        undissolved[id] = (undissolved[id] ?? 0) + gPerG * p.massG;
    }
    return { volumeML, undissolvedG, undissolved };
  }
  let volumeML = 0;
  let waterG = 0;
  let ethanolG = 0;
  let isopropanolG = 0;
  let alreadyLostML = 0;
  const solids: Grams = {};
  for (const { ingredient, massG, volumeML: pouredML } of poured) {
    const solid = isSolid(ingredient);
    let stated = 0;
    let water = 0;
    let ethanol = 0;
    let isopropanol = 0;
    for (const { id, gPerG } of massFractionsOf(ingredient)) {
      const g = gPerG * massG;
      stated += g;
      if (id === 'water') water += g;
      else if (id === 'ethanol') ethanol += g;
      else if (id === 'isopropanol') isopropanol += g;
      if (solid && id !== 'water') solids[id] = (solids[id] ?? 0) + g;
      if (solid && id === 'water') volumeML += g / 0.9982;
    }
    waterG += water;
    ethanolG += ethanol;
    isopropanolG += isopropanol;
    if (solid) {
      volumeML += Math.max(0, massG - stated) * UNDISSOLVED_ML_PER_G;
    } else {
      volumeML += pouredML;
      if (ethanol + isopropanol > 0) alreadyLostML += contractionML(water, ethanol, isopropanol);
    }
  }
  if (ethanolG + isopropanolG > 0) volumeML -= contractionML(waterG, ethanolG, isopropanolG) - alreadyLostML;
  let undissolvedG = 0;
  const undissolved: Grams = {};
  for (const id in solids) {
    const contentG = solids[id as SubstanceId] ?? 0;
    const { solubilityGPer100ML, displacementMLPerG } = substance(id as SubstanceId);
    const most = solubilityGPer100ML === null ? Infinity : (solubilityGPer100ML * waterG) / 100;
    const left = Math.max(0, contentG - most);
    if (left > 0) undissolved[id as SubstanceId] = left;
    undissolvedG += left;
    volumeML += (contentG - left) * displacementMLPerG + left * UNDISSOLVED_ML_PER_G;
  }
  return { volumeML, undissolvedG, undissolved };
}
