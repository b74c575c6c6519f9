import type { Pack, PantryItem } from './pantry';

/** So many packs of one size. */
export interface PacksBought extends Pack {
  /** A whole number, 1 or more. */
  readonly count: number;
}

/** What was bought at one time of one ingredient: it came into the cupboard by it. */
export interface Purchase {
  readonly id: string;
  /** ISO 8601, UTC. */
  readonly at: string;
  /** The id of the item of the cupboard. */
  readonly itemId: string;
  /** What it was called that day. */
  readonly name: string;
  readonly packs: readonly PacksBought[];
  /** What was there and was past its day: it gave way to the new pack, and comes back where that was a mistake. */
  readonly replaced?: Replaced;
}

/** A pack that gave way. */
export type Replaced = Pick<PantryItem, 'left' | 'openedAt'>;

/** What a person wants to have made, or to bring along, besides what their rooms ask for. */
export type Wanted =
  | {
      readonly kind: 'formula';
      readonly id: string;
      readonly formulaId: string;
      readonly name: string;
      readonly volumeML: number;
    }
  | {
      readonly kind: 'thing';
      readonly id: string;
      readonly name: string;
      /** When it was bought, ISO 8601, UTC; null while it is not. */
      readonly boughtAt: string | null;
    };

/** What would be bought if it were not made: a ready cleaner by its kind. */
export interface BoughtInstead {
  readonly id: string;
  /** Its kind: "glass spray". */
  readonly name: string;
  /** What one costs, 0 or more, in the person's money. */
  readonly price: number;
  /** mL or g that it holds, more than 0. */
  readonly value: number;
  readonly unit: Pack['unit'];
  /** How often it is used before it is empty, more than 0. */
  readonly uses: number;
  /** The formulas that are made in its place, by their ids. */
  readonly formulaIds: readonly string[];
}
