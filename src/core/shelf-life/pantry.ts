import type { StockUnit } from '../quantity/units';
import type { Strength } from '../formula/formula';

/** An ingredient in the cupboard. */
export interface PantryItem {
  /** The ingredient's id in the catalogue. */
  readonly id: string;
  /** How much is left; null if nobody looked. */
  readonly left: { readonly value: number; readonly unit: StockUnit } | null;
  /** What a pack of it cost, in the person's money; null if not said. */
  readonly pack: { readonly price: number; readonly value: number; readonly unit: StockUnit } | null;
  /** The strength on its label, where it differs from the usual. */
  readonly strength?: Strength;
}

/** Ids of the ingredients that are there: what is used up is not. */
export const stockedIds = (pantry: readonly PantryItem[]): ReadonlySet<string> =>
  new Set(pantry.filter((item) => item.left === null || item.left.value > 0).map((item) => item.id));
