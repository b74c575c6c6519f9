import type { AskedBecause } from '../../catalogue/lookup';
import type { Ingredient } from '../../catalogue/ingredient';
import type { Amount } from '../../quantity/amount';
import type { MeasureSystem } from '../../quantity/units';
import type { IngredientRef, Line, MadeFor, OwnRef } from '../formula';
import type { SurfacePlaceId } from '../../catalogue/placeIds';
import type { FormulaKind } from '../use';
import type { UseForm } from '../../catalogue/useForms';

/**
 * What is doubtful about how a line was read, with what it could be instead. The kinds are a closed list,
 * described in docs/formats.md.
 */
export type Doubt =
  /** The name means several things; it is judged as the worst of them until answered. */
  | {
      readonly kind: 'which-ingredient';
      readonly because: AskedBecause;
      readonly written: string;
      readonly choices: readonly Ingredient[];
    }
  | { readonly kind: 'spelling'; readonly written: string; readonly choices: readonly Ingredient[] }
  /** Words beside a known name that nobody here understands. */
  | {
      readonly kind: 'other-words';
      readonly written: string;
      readonly words: string;
      readonly choices: readonly Ingredient[];
    }
  | { readonly kind: 'which-unit'; readonly choices: readonly Amount[] }
  | { readonly kind: 'how-much' }
  | { readonly kind: 'how-strong' }
  | { readonly kind: 'vague' }
  | { readonly kind: 'unknown-ingredient'; readonly written: string; readonly choices: readonly Ingredient[] }
  /** The text holds more than one recipe. */
  | { readonly kind: 'which-recipe'; readonly choices: readonly string[] };

/** A person's word on how a line is meant, in place of the reader's. */
export interface Correction {
  readonly ingredient?: IngredientRef;
  readonly amount?: Amount;
  /** True: it is a note, not an ingredient. */
  readonly isNote?: boolean;
  /** True: the hazards that it names do not go in. */
  readonly keepsOut?: boolean;
}

/** Corrections by the line's key. */
export type Corrections = Readonly<Record<string, Correction>>;

/** Whose cups a text means, and the person's word on its lines. */
export interface ReadOptions {
  readonly measures: MeasureSystem;
  readonly corrections?: Corrections;
  /** Which of several recipes is meant, counted from 0; null or left out while that is open. */
  readonly recipe?: number | null;
  /** Ingredients that the person has described: found by the names they gave them. */
  readonly own?: readonly OwnRef[];
}

/** First and one past the last character in the text as written. */
export type TextSpan = readonly [from: number, to: number];

/** Why a stretch could not be read. */
export type UnreadBecause = 'not-understood' | 'title-with-ingredient' | 'which-recipe' | 'too-many-lines' | 'too-long';

interface Stretch {
  readonly key: string;
  /** As written. */
  readonly text: string;
  readonly span: TextSpan;
}

/**
 * One stretch of the pasted text, as it was read. Every character that is not white space lies in an entry;
 * lines read from one stretch carry the same text and span.
 */
export type ReadItem =
  | (Stretch & { readonly kind: 'title' })
  | (Stretch & { readonly kind: 'note' })
  | (Stretch & { readonly kind: 'unread'; readonly because: UnreadBecause; readonly choices?: readonly string[] })
  | (Stretch & {
      readonly kind: 'line';
      readonly line: Line;
      readonly doubts: readonly Doubt[];
      readonly corrected: boolean;
    });

/** A hazardous name that stands in the text and that no line and no clause of its own accounts for. */
export interface NamedHazard {
  /** The key of the entry it stands in: a correction of it answers. */
  readonly key: string;
  readonly word: string;
  readonly span: TextSpan;
  /** What it may be, the worst first. */
  readonly ingredients: readonly Ingredient[];
}

/** What a card's header lines say: "Name: …", "For: …", "Never on: …", "How: …", "Use: …", "Way: …", "Kind: …", "Made for: …", "Kept off: …", "Measures: …", "Makes: …", "Contains: …". */
export interface CardHeader {
  readonly name?: string;
  readonly purpose?: string;
  readonly never?: string;
  readonly how?: string;
  readonly measures?: MeasureSystem;
  /** Ingredients of one's own that the card describes. */
  readonly own?: readonly OwnRef[];
  readonly use?: 'stored' | 'fresh';
  readonly form?: UseForm;
  readonly kind?: FormulaKind;
  readonly madeFor?: MadeFor;
  readonly keepOff?: readonly SurfacePlaceId[];
  readonly makesML?: number;
}

/** A whole text, read. */
export interface ReadRecipe {
  readonly items: readonly ReadItem[];
  readonly title: string | null;
  readonly header: CardHeader;
  /** True if a total is said that is more than a formula can make. */
  readonly makesTooMuch: boolean;
  /** Names of its recipes, where it holds more than one; else none. */
  readonly recipes: readonly string[];
  /** Hazards that stand in the text unaccounted for: each has to be answered. */
  readonly hazards: readonly NamedHazard[];
}

/** Doubts that leave open what goes in: the next step waits for their answer. */
const OPEN: ReadonlySet<Doubt['kind']> = new Set([
  'which-ingredient',
  'spelling',
  'other-words',
  'unknown-ingredient',
  'which-recipe',
]);

/** True if a person should look at this item before trusting the verdict. */
export const isDoubtful = (item: ReadItem): boolean =>
  item.kind === 'unread' || (item.kind === 'line' && item.doubts.length > 0);

/** True if it is open what the item puts in: nothing can be made of it before that is answered. */
export const isOpen = (item: ReadItem): boolean =>
  item.kind === 'unread' || (item.kind === 'line' && item.doubts.some((d) => OPEN.has(d.kind)));
