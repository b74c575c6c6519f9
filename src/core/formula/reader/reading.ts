import type { Ingredient } from '../../catalogue/ingredient';
import type { Amount } from '../../quantity/amount';
import type { MeasureSystem } from '../../quantity/units';
import type { IngredientRef, Line } from '../formula';

/** What is doubtful about how a line was read, with what it could be instead. */
export type Doubt =
  | { readonly kind: 'which-ingredient'; readonly choices: readonly Ingredient[] }
  | { readonly kind: 'spelling'; readonly written: string; readonly choices: readonly Ingredient[] }
  | { readonly kind: 'which-unit'; readonly choices: readonly Amount[] }
  | { readonly kind: 'how-much' }
  | { readonly kind: 'vague' }
  | { readonly kind: 'unknown-ingredient'; readonly written: string };

/** A person's word on how a line is meant, in place of the reader's. */
export interface Correction {
  readonly ingredient?: IngredientRef;
  readonly amount?: Amount;
  /** True: it is a note, not an ingredient. */
  readonly isNote?: boolean;
}

/** Corrections by the line's key. */
export type Corrections = Readonly<Record<string, Correction>>;

/** Whose cups a text means, and the person's word on its lines. */
export interface ReadOptions {
  readonly measures: MeasureSystem;
  readonly corrections?: Corrections;
}

/** One line of the pasted text, as it was read. Nothing that was written is left out. */
export type ReadItem =
  | { readonly kind: 'title'; readonly key: string; readonly text: string }
  | { readonly kind: 'note'; readonly key: string; readonly text: string }
  | { readonly kind: 'unread'; readonly key: string; readonly text: string }
  | {
      readonly kind: 'line';
      readonly key: string;
      readonly text: string;
      readonly line: Line;
      readonly doubts: readonly Doubt[];
      readonly corrected: boolean;
    };

/** What a card's header lines say: "Name: …", "For: …", "Never on: …", "How: …", "Use: …", "Measures: …", "Makes: …", "Contains: …". */
export interface CardHeader {
  readonly name?: string;
  readonly purpose?: string;
  readonly never?: string;
  readonly how?: string;
  readonly measures?: MeasureSystem;
  /** Ingredients of one's own that the card describes. */
  readonly own?: readonly (IngredientRef & { kind: 'own' })[];
  readonly use?: 'stored' | 'fresh';
  readonly makesML?: number;
}

/** A whole text, read. */
export interface ReadRecipe {
  readonly items: readonly ReadItem[];
  readonly title: string | null;
  readonly header: CardHeader;
}

/** True if a person should look at this item before trusting the verdict. */
export const isDoubtful = (item: ReadItem): boolean =>
  item.kind === 'unread' || (item.kind === 'line' && item.doubts.length > 0);
