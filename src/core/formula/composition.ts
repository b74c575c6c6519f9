import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId } from '../catalogue/substances';

/** Grams of each substance. */
export type Grams = Partial<Record<SubstanceId, number>>;

/** So much of a substance in a gram of an ingredient, with the range in which it is sold. */
export interface MassFraction {
  readonly id: SubstanceId;
  readonly gPerG: number;
  readonly lowGPerG: number;
  readonly highGPerG: number;
}

const known = new WeakMap<Ingredient, readonly MassFraction[]>();

/**
 * What a gram of an ingredient is made of. What the contents do not account for is water in a liquid, and
 * inert in a powder (left out of the sums, not out of the mass).
 */
export function massFractionsOf(ingredient: Ingredient): readonly MassFraction[] {
  const found = known.get(ingredient);
  if (found) return found;
  const mLPerG = 1 / ingredient.densityGPerML;
  const shares: MassFraction[] = [];
  let stated = 0;
  for (const { substance: id, percent, low, high, basis } of ingredient.contents) {
    const toG =
      basis === 'w/w' ? 0.01 : basis === 'w/v' ? 0.01 * mLPerG : (0.01 * mLPerG) / substance(id).displacementMLPerG;
    stated += percent * toG;
    shares.push({ id, gPerG: percent * toG, lowGPerG: low * toG, highGPerG: high * toG });
  }
  // The upper ends of a label's ranges may come to more than there is.
  if (stated > 1) shares.forEach((s, i) => (shares[i] = { ...s, gPerG: s.gPerG / stated }));
  const rest = Math.max(0, 1 - stated);
  if (ingredient.form === 'liquid' && rest > 0) {
    shares.push({ id: 'water', gPerG: rest, lowGPerG: rest, highGPerG: rest });
  }
  known.set(ingredient, shares);
  return shares;
}
