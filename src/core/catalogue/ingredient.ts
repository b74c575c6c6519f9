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

/** Signal words of labels, the mildest first (GHS; "caution" where a label is older or from elsewhere). */
export const SIGNAL_WORDS = ['caution', 'warning', 'danger'] as const;
export type SignalWord = (typeof SIGNAL_WORDS)[number];

/** The pictograms of labels (GHS 01 to 09), by what they mean. */
export const PICTOGRAMS = [
  'explosive',
  'flammable',
  'oxidising',
  'gas-under-pressure',
  'corrosive',
  'toxic',
  'harmful',
  'health-hazard',
  'environment',
] as const;
export type Pictogram = (typeof PICTOGRAMS)[number];

/** What a label warns of, as printed. */
export interface LabelWarning {
  readonly signalWord: SignalWord | null;
  readonly pictograms: readonly Pictogram[];
}

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
  /** Names on its label of which it is not known what they are; left out where there are none. */
  readonly unknown?: readonly string[];
  /** What its label warns of; left out where nobody said. */
  readonly warning?: LabelWarning;
}
