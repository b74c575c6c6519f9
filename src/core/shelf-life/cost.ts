import type { ResolvedFormula } from '../formula/resolveAmounts';
import type { PantryItem } from '../stock/pantry';

/** What a formula costs. */
export interface Cost {
  /** Money for a litre, of what has a price. */
  readonly perL: number;
  /** Names of what has no price in the cupboard; water is free. */
  readonly unpriced: readonly string[];
}

/** What a litre of a formula costs by the packs in the cupboard; null if nothing in it has a price. */
export function costOf({ portions, batchML }: ResolvedFormula, pantry: readonly PantryItem[]): Cost | null {
  let money = 0;
  let priced = 0;
  const unpriced: string[] = [];
  for (const { ingredient, volumeML, massG } of portions) {
    if (ingredient.water !== null && !pantry.some((p) => p.id === ingredient.id && p.pack)) continue;
    const pack = pantry.find((p) => p.id === ingredient.id)?.pack;
    if (!pack) {
      unpriced.push(ingredient.name);
      continue;
    }
    priced += 1;
    money += (pack.price * (pack.unit === 'g' ? massG : volumeML)) / pack.value;
  }
  return priced === 0 || batchML <= 0 ? null : { perL: (1000 * money) / batchML, unpriced: [...new Set(unpriced)] };
}
