import type { Portion, ResolvedFormula } from '../formula/resolveAmounts';
import { isFromTap, type PantryItem } from './pantry';

/** What something cost, in the person's money. */
export interface Cost {
  /** Of what has a price, 0 or more. */
  readonly money: number;
  /** Names of what has none; water from the tap is free. */
  readonly unpriced: readonly string[];
}

/** What a formula costs. */
export interface CostPerL {
  /** Money for a litre, of what has a price. */
  readonly perL: number;
  /** Names of what has no price in the cupboard; water from the tap is free. */
  readonly unpriced: readonly string[];
}

const NOTHING: Cost = { money: 0, unpriced: [] };

/**
 * What so much of its ingredients costs by the packs in the cupboard.
 * @returns null if nothing in it has a price
 */
export function costOfPortions(portions: readonly Portion[], pantry: readonly PantryItem[]): Cost | null {
  const costs = portions.flatMap(({ ingredient, volumeML, massG }): (Cost & { readonly priced: boolean })[] => {
    const pack = pantry.find((p) => p.id === ingredient.id && !p.own?.bought)?.pack;
    if (pack && pack.price !== null)
      return [
        { priced: true, money: (pack.price * (pack.unit === 'g' ? massG : volumeML)) / pack.value, unpriced: [] },
      ];
    return isFromTap(ingredient) ? [] : [{ priced: false, money: 0, unpriced: [ingredient.name] }];
  });
  return costs.some((c) => c.priced) ? sumOfCosts(costs) : null;
}

/** Costs together; what is not known of one is not known of all. */
export function sumOfCosts(costs: readonly Cost[]): Cost {
  return costs.reduce(
    (sum, { money, unpriced }) => ({
      money: sum.money + money,
      unpriced: [...new Set([...sum.unpriced, ...unpriced])],
    }),
    NOTHING,
  );
}

/** A share of a cost, 0 or more. */
export const shareOfCost = ({ money, unpriced }: Cost, share: number): Cost => ({ money: money * share, unpriced });

/** What a litre of a formula costs by the packs in the cupboard; null if nothing in it has a price. */
export function costOf({ portions, batchML }: ResolvedFormula, pantry: readonly PantryItem[]): CostPerL | null {
  const cost = costOfPortions(portions, pantry);
  return cost === null || batchML <= 0 ? null : { perL: (1000 * cost.money) / batchML, unpriced: cost.unpriced };
}
