import type { WaterKind } from '../catalogue/ingredient';
import { substance, type SubstanceId, type Trait } from '../catalogue/substances';
import { massFractionsOf, type Grams } from '../formula/composition';
import type { Poured } from '../formula/mixedVolume';
import type { Moles, ProtonBalance } from './protonBalance';
import { isAtLeast } from '../quantity/limit';

/** Water by its kind, mL. */
export type PouredWater = Readonly<Record<WaterKind, number>>;

/** What is poured, added up by substance, g. */
export interface Sums {
  readonly grams: Grams;
  readonly lowG: Grams;
  readonly highG: Grams;
  /** Water that is poured as water, by its kind. */
  readonly pouredWaterML: PouredWater;
  /** What of it brings the hardness of the tap. */
  readonly tapML: number;
  /** Water that is poured, not bound in crystals: what salts dissolve and react in. */
  readonly freeWaterG: number;
  readonly massG: number;
}

/** Adds up what is poured, substance by substance, g, with both ends of strengths and spoonfuls. */
export function addUp(poured: readonly Poured[]): Sums {
  const grams: Grams = {};
  const lowG: Grams = {};
  const highG: Grams = {};
  const pouredWaterML = { tap: 0, boiling: 0, distilled: 0 };
  let freeWaterG = 0;
  let massG = 0;
  for (const { ingredient, massG: g, volumeML, spread = 0 } of poured) {
    massG += g;
    if (ingredient.water) pouredWaterML[ingredient.water] += volumeML;
    for (const { id, gPerG, lowGPerG, highGPerG } of massFractionsOf(ingredient)) {
      grams[id] = (grams[id] ?? 0) + gPerG * g;
      if (id === 'water' && ingredient.form === 'liquid') freeWaterG += gPerG * g;
      lowG[id] = (lowG[id] ?? 0) + lowGPerG * g * Math.max(0, 1 - spread);
      highG[id] = (highG[id] ?? 0) + highGPerG * g * (1 + spread);
    }
  }
  const tapML = pouredWaterML.tap + pouredWaterML.boiling;
  return { grams, lowG, highG, pouredWaterML, tapML, freeWaterG, massG };
}

/** Moles of what has a molar mass. */
export function molesOf(grams: Grams): Moles {
  const moles: Moles = {};
  for (const key in grams) {
    const id = key as SubstanceId;
    const g = grams[id] ?? 0;
    const { molarMassG } = substance(id);
    if (molarMassG !== null && g > 0) moles[id] = g / molarMassG;
  }
  return moles;
}

/** The columns of substances that count what one mole brings. */
type MolarColumn = 'peroxideMol' | 'activeChlorineMol' | 'hydroxideMol' | 'hardnessMol' | 'hardnessHeldMol';

/** Moles of what a column counts, over all substances. */
export function molesBy(moles: Moles, column: MolarColumn): number {
  let mol = 0;
  for (const key in moles) mol += (moles[key as SubstanceId] ?? 0) * substance(key as SubstanceId)[column];
  return mol;
}

/** Grams by trait. */
export function traitsOf(grams: Grams): Partial<Record<Trait, number>> {
  const traitG: Partial<Record<Trait, number>> = {};
  for (const key in grams) {
    const g = grams[key as SubstanceId] ?? 0;
    if (g <= 0) continue;
    for (const trait of substance(key as SubstanceId).traits) traitG[trait] = (traitG[trait] ?? 0) + g;
  }
  return traitG;
}

/** What a reaction draws into solution is no longer undissolved. */
export function leftUndissolved(undissolved: Grams, balance: ProtonBalance): Grams {
  const left: Grams = {};
  for (const key in undissolved) {
    const id = key as SubstanceId;
    const drawnG = (balance.reacted[id] ?? 0) * (substance(id).molarMassG ?? 0);
    const g = (undissolved[id] ?? 0) - drawnG;
    if (g > 1e-9) left[id] = g;
  }
  return left;
}

/** All grams together. */
export const sumOf = (grams: Grams): number => Object.values(grams).reduce((sum, g) => sum + g, 0);

/** Grains fewer than this, g per gram of the whole, scratch nothing. */
const GRAINS_FROM_SHARE = 0.005;

/** Hardness of the hardest grain that stays undissolved, Mohs; null if there are none to speak of. */
export function hardestGrain(undissolved: Grams, massG: number): number | null {
  let hardest: number | null = null;
  for (const key in undissolved) {
    const { mohs } = substance(key as SubstanceId);
    if (mohs === null || !isAtLeast(undissolved[key as SubstanceId] ?? 0, GRAINS_FROM_SHARE * massG)) continue;
    hardest = Math.max(hardest ?? 0, mohs);
  }
  return hardest;
}
