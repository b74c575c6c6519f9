import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId } from '../catalogue/substances';

/** Grams of each substance. */
export type Grams = Partial<Record<SubstanceId, number>>;

/** Crystals that stay undissolved take up about this much room, mL/g: NaHCO3 0.45, NaCl 0.46, borax 0.58, Na2CO3 0.40 (CRC Handbook). */
const UNDISSOLVED_ML_PER_G = 0.47;

/**
 * What a poured amount of an ingredient is made of, in grams. What the contents do not account for is
 * water in a liquid, and inert in a powder (left out of the sums, not out of the mass).
 */
export function contentsG(ingredient: Ingredient, massG: number): Grams {
  const volumeML = massG / ingredient.densityGPerML;
  const grams: Grams = {};
  let stated = 0;
  for (const content of ingredient.contents) {
    const share = content.percent / 100;
    const contentG =
      content.basis === 'w/w'
        ? massG * share
        : content.basis === 'w/v'
          ? volumeML * share
          : (volumeML * share) / substance(content.substance).displacementMLPerG;
    grams[content.substance] = (grams[content.substance] ?? 0) + contentG;
    stated += contentG;
  }
  if (ingredient.form === 'liquid') grams.water = (grams.water ?? 0) + Math.max(0, massG - stated);
  return grams;
}

export interface DissolvedVolume {
  readonly volumeML: number;
  readonly undissolvedG: number;
}

/** One thing put in: as poured, and of what. */
export interface Poured {
  readonly ingredient: Ingredient;
  readonly massG: number;
  readonly volumeML: number;
}

/** Below this much water and alcohol to a gram of the whole, a mixture counts as dry. */
const DRY_BELOW = 0.02;

/** True if there is liquid enough for salts to dissolve and react. */
export function isWet(poured: readonly Poured[]): boolean {
  let liquidG = 0;
  let totalG = 0;
  for (const { ingredient, massG } of poured) {
    totalG += massG;
    if (ingredient.form !== 'liquid') continue;
    liquidG += massG;
  }
  return liquidG > DRY_BELOW * totalG;
}

/**
 * The volume in mL of what has been poured together, and the grams of solid that stay undissolved.
 *
 * Liquids add up; a dissolved salt takes its apparent molar volume, not the room of its powder; what is
 * beyond its solubility at 20 °C takes the room of its crystals. A dry mixture takes its bulk volume.
 * Not yet counted: the shrinking of alcohol and water on mixing (at most 3.6 %).
 */
export function mixedVolume(poured: readonly Poured[]): DissolvedVolume {
  if (!isWet(poured)) {
    const solidG = poured.reduce((sum, p) => sum + (p.ingredient.form === 'powder' ? p.massG : 0), 0);
    return { volumeML: poured.reduce((sum, p) => sum + p.volumeML, 0), undissolvedG: solidG };
  }
  let volumeML = 0;
  const solids: Grams = {};
  let waterML = 0;
  for (const { ingredient, massG, volumeML: pouredML } of poured) {
    const grams = contentsG(ingredient, massG);
    waterML += grams.water ?? 0;
    if (ingredient.form !== 'powder') {
      volumeML += pouredML;
      continue;
    }
    for (const [id, contentG] of Object.entries(grams) as [SubstanceId, number][]) {
      solids[id] = (solids[id] ?? 0) + contentG;
    }
    const stated = Object.values(grams).reduce((sum, g) => sum + g, 0);
    volumeML += Math.max(0, massG - stated) * UNDISSOLVED_ML_PER_G;
  }
  let undissolvedG = 0;
  for (const [id, contentG] of Object.entries(solids) as [SubstanceId, number][]) {
    const { solubilityGPer100ML, displacementMLPerG } = substance(id);
    const most = solubilityGPer100ML === null ? Infinity : (solubilityGPer100ML * waterML) / 100;
    const left = Math.max(0, contentG - most);
    undissolvedG += left;
    volumeML += (contentG - left) * displacementMLPerG + left * UNDISSOLVED_ML_PER_G;
  }
  return { volumeML, undissolvedG };
}
