import type { PercentBasis } from '../quantity/amount';
import type { SourceKey } from './sources';
import type { SubstanceId } from './substances';

/** So much of a substance in an ingredient; the rest, if not stated, is water (liquids) or inert (powders). */
export interface Content {
  readonly substance: SubstanceId;
  readonly percent: number;
  /** The range in which the ingredient is usually sold. */
  readonly low: number;
  readonly high: number;
  readonly basis: PercentBasis;
}

export type IngredientForm = 'liquid' | 'powder' | 'oil' | 'solid';

/** `ingredient`: may stand in a formula. `bought`: known so that meetings with it are caught. `residue`: found on a surface. */
export type IngredientRole = 'ingredient' | 'bought' | 'residue';

/** Tap water brings hardness and life, distilled neither; boiling water scalds as well. */
export type WaterKind = 'tap' | 'distilled' | 'boiling';

export interface Ingredient {
  readonly id: string;
  readonly name: string;
  /** Other names that people write, lower case. */
  readonly names: readonly string[];
  readonly role: IngredientRole;
  readonly form: IngredientForm;
  /** Liquids and oils: density at 20 °C. Powders and solids: bulk density as spooned. g/mL. */
  readonly densityGPerML: number;
  /** Powders and solids: by how much a spoonful may differ. Liquids: 0. */
  readonly spread: number;
  readonly contents: readonly Content[];
  /** The content that a strength on the label ("my vinegar says 8 %") replaces. */
  readonly strengthOf: SubstanceId | null;
  /** What kind of water it is; null for all else. */
  readonly water: WaterKind | null;
  /** Drops per mL of its own dropper, where known; otherwise the person's setting. */
  readonly dropsPerML: number | null;
  readonly sources: readonly SourceKey[];
}
