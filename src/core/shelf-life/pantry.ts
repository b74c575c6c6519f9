import type { Strength } from '../formula/formula';

/** An ingredient in the cupboard. */
export interface PantryItem {
  /** The ingredient's id in the catalogue. */
  readonly id: string;
  /** How much is left; null if nobody looked. */
  readonly left: { readonly value: number; readonly unit: 'mL' | 'g' } | null;
  /** What a pack of it cost, in the person's money; null if not said. */
  readonly pack: { readonly price: number; readonly value: number; readonly unit: 'mL' | 'g' } | null;
  /** The strength on its label, where it differs from the usual. */
  readonly strength?: Strength;
}
