import type { Content, LabelWarning } from '../catalogue/ingredient';
import type { SurfacePlaceId } from '../catalogue/placeIds';
import type { Amount, PercentBasis } from '../quantity/amount';
import type { FormulaKind } from './use';
import type { UseForm } from '../catalogue/useForms';
import type { MeasureSystem } from '../quantity/units';

/** What an ingredient of the person's own may be. */
export const OWN_INGREDIENT_FORMS = ['liquid', 'powder', 'oil'] as const;

/** What a person has read off a label: all that Biscuit knows of it. */
export interface OwnIngredient {
  readonly name: string;
  readonly form: (typeof OWN_INGREDIENT_FORMS)[number];
  readonly densityGPerML: number;
  /** Each in the range that the label gives. */
  readonly contents: readonly Content[];
  /** Names on the label of which it is not known what they are. */
  readonly unknown?: readonly string[];
  /** A bought cleaner: for the log, never for mixing. */
  readonly bought?: boolean;
  readonly warning?: LabelWarning;
}

/** Which ingredient a line means: one of the catalogue, one of the person's own as it was described that day, or one not known. */
export type IngredientRef =
  | { readonly kind: 'known'; readonly id: string }
  | (OwnIngredient & { readonly kind: 'own'; readonly id: string })
  | { readonly kind: 'unknown'; readonly name: string };

/** A reference to one of the person's own. */
export type OwnRef = IngredientRef & { readonly kind: 'own' };

/** The strength on the person's own label, replacing the catalogue's usual one. */
export interface Strength {
  readonly percent: number;
  readonly basis: PercentBasis;
}

/** One line of a formula. */
export interface Line {
  readonly id: string;
  readonly ingredient: IngredientRef;
  readonly amount: Amount;
  /** The same amount said a second way, as recipes do: "½ cup (118 mL)". */
  readonly also?: Amount;
  readonly strength?: Strength;
  /** The words it was read from, kept as written. */
  readonly text?: string;
}

/** Where a mixture lives: kept in a closed bottle, or made, used open and poured away. */
export const FORMULA_USES = ['stored', 'fresh'] as const;
export type FormulaUse = (typeof FORMULA_USES)[number];

/** Surfaces or classes of them, and soils by their ids. */
export interface MadeFor {
  readonly surfaces: readonly SurfacePlaceId[];
  readonly soils: readonly string[];
}

/** A formula: what goes in, for what, and whose cup it means. */
export interface Formula {
  readonly id: string;
  readonly name: string;
  /** What it is for, in a few words. */
  readonly purpose: string;
  /** What it must not be used on. */
  readonly never: string;
  /** How it is used, in a sentence; left out where nobody said. */
  readonly how?: string;
  /** The way it gets to where it works; left out where nobody said: what can be poured then counts as sprayed. */
  readonly form?: UseForm;
  /** What kind of thing it makes; left out for what goes on surfaces. */
  readonly kind?: FormulaKind;
  /** What it is made for: surfaces or classes of them, and soils; left out where nobody said. */
  readonly madeFor?: MadeFor;
  /** Surfaces, or classes of them, that it is kept off; left out where nobody said. */
  readonly keepOff?: readonly SurfacePlaceId[];
  readonly use: FormulaUse;
  readonly measures: MeasureSystem;
  /** mL that the amounts make, where parts or "to fill" stand beside fixed amounts; null if the lines say it all. */
  readonly makesML: number | null;
  readonly lines: readonly Line[];
}

/** How many lines a formula may have. */
export const MAX_LINES = 40;

/** The most that any amount of a formula may come to, mL or g. */
export const MAX_ML = 1_000_000;
