import { ingredientById } from '../catalogue/lookup';
import type { Ingredient } from '../catalogue/ingredient';
import type { Formula, Line, OwnIngredient, OwnRef, Strength } from '../formula/formula';
import type { Portion } from '../formula/resolveAmounts';
import { resolveIngredient } from '../formula/resolveIngredient';
import { scaledPortions } from '../formula/scaledPortions';
import type { Droppers } from '../quantity/drops';
import { isAtLeast } from '../quantity/limit';
import { DAY_MS } from '../quantity/time';
import type { StockUnit } from '../quantity/units';
import { listOf } from '../text/english';
import { openedLife, type OpenedLife } from './openedLife';

/** So much of something, as it is measured out. */
export interface StockAmount {
  readonly value: number;
  readonly unit: StockUnit;
}

/** A pack as it is sold. */
export interface Pack {
  /** What it costs, in the person's money; null where that is not known. */
  readonly price: number | null;
  /** How much it holds, more than 0. */
  readonly value: number;
  readonly unit: StockUnit;
}

/** An ingredient in the cupboard. */
export interface PantryItem {
  /** The ingredient's id in the catalogue, or an id of its own for what the person has described. */
  readonly id: string;
  /** How much is left; null if nobody looked. */
  readonly left: StockAmount | null;
  /** The pack that stands there; null if not said. */
  readonly pack: Pack | null;
  /** Other packs that it is sold in. */
  readonly alsoSold?: readonly Pack[];
  /** The strength on its label, where it differs from the usual. */
  readonly strength?: Strength;
  /** What a label says of it: an ingredient of the person's own, or a bought cleaner. */
  readonly own?: OwnIngredient;
  /** When the pack in use was opened, ISO 8601. */
  readonly openedAt?: string;
}

/** So many sizes are kept beside the pack that stands there. */
export const MAX_ALSO_SOLD = 8;

/** The packs that it is sold in, the one that stands there first. */
export const packsOf = ({ pack, alsoSold = [] }: PantryItem): readonly Pack[] =>
  pack ? [pack, ...alsoSold] : alsoSold;

/** What an item is. */
export function ingredientOfItem({ id, own }: PantryItem): Ingredient | null {
  return own ? resolveIngredient({ ...own, kind: 'own', id }) : ingredientById(id);
}

/** What an item is called. */
export const itemName = (item: PantryItem): string => item.own?.name ?? ingredientById(item.id)?.name ?? item.id;

/** The ingredients that a person has described and that may stand in a formula or be named in a text. */
export const ownRefs = (pantry: readonly PantryItem[]): OwnRef[] =>
  pantry.flatMap(({ id, own }) => (own ? [{ ...own, kind: 'own', id }] : []));

/** Ids of the ingredients that are there: what is used up is not, and a bought cleaner is nothing to mix from. */
export const stockedIds = (pantry: readonly PantryItem[]): ReadonlySet<string> =>
  new Set(pantry.filter((item) => (item.left === null || item.left.value > 0) && !item.own?.bought).map((i) => i.id));

/** A portion in the unit that an item is counted in. */
const inUnit = ({ volumeML, massG }: Portion, unit: StockUnit): number => (unit === 'g' ? massG : volumeML);

/** A hand does not pour more exactly: with this share of what it takes there is enough (common practice, no source). */
export const ENOUGH_FROM_SHARE = 0.99;

/** What of a formula is not enough in the cupboard. */
export interface Shortage {
  /** The ingredient's id. */
  readonly id: string;
  readonly name: string;
  readonly needs: StockAmount;
  /** What there is; 0 where none is. */
  readonly has: number;
}

/**
 * What is missing to pour all of these, by name; water from the tap never is, and what nobody counted is taken to do.
 * @param portions what is to be poured, at the size it is made
 */
export function shortages(portions: readonly Portion[], pantry: readonly PantryItem[]): Shortage[] {
  return needsOf(portions).flatMap(({ ingredient, volumeML, massG }): Shortage[] => {
    if (isFromTap(ingredient)) return [];
    const item = pantry.find((p) => p.id === ingredient.id && !p.own?.bought);
    if (item?.left === null) return [];
    const unit = item?.left?.unit ?? (ingredient.form === 'powder' || ingredient.form === 'solid' ? 'g' : 'mL');
    const value = unit === 'g' ? massG : volumeML;
    const has = item?.left?.value ?? 0;
    return isAtLeast(has, ENOUGH_FROM_SHARE * value)
      ? []
      : [{ id: ingredient.id, name: ingredient.name, needs: { value, unit }, has }];
  });
}

/** Less than this is not worth making, mL: with less than it takes, the cupboard counts as without (common practice, no source). */
export const LEAST_MADE_ML = 100;

/** As much as a usual bottle takes, mL. */
export const USUAL_BOTTLE_ML = 500;

/**
 * What of a formula is not in the cupboard, or not enough of it for so much: by name, with what there is.
 * @param volumeML how much is to be made
 */
export function missingIngredients(
  formula: Formula,
  pantry: readonly PantryItem[],
  volumeML: number,
  droppers: Droppers,
): string[] {
  const portions = scaledPortions(formula, { volumeML, massG: null }, droppers);
  if (portions.length === 0) return formula.lines.flatMap((l) => missingBarely(l, pantry));
  return shortages(portions, pantry).map(({ name, needs, has }) =>
    has > 0 ? `${name} (${Math.round(has)} of ${Math.round(needs.value)} ${needs.unit})` : name,
  );
}

/** Where amounts cannot be brought together: what is not there at all. */
function missingBarely({ ingredient: ref }: Line, pantry: readonly PantryItem[]): string[] {
  const ingredient = resolveIngredient(ref);
  return isFromTap(ingredient) || stockedIds(pantry).has(ingredient.id) ? [] : [ingredient.name];
}

/** True for what comes out of the tap: it is always there, and counts as free. */
export const isFromTap = ({ water }: Ingredient): boolean => water === 'tap' || water === 'boiling';

/** One portion of each ingredient. */
function needsOf(portions: readonly Portion[]): Portion[] {
  const needs = new Map<string, Portion>();
  for (const portion of portions) {
    const before = needs.get(portion.ingredient.id);
    needs.set(portion.ingredient.id, {
      ...portion,
      volumeML: (before?.volumeML ?? 0) + portion.volumeML,
      massG: (before?.massG ?? 0) + portion.massG,
    });
  }
  return [...needs.values()];
}

/** What goes from an item of the cupboard into a bottle, in the unit that the item is counted in. */
export interface Taken extends StockAmount {
  /** The item's id. */
  readonly id: string;
}

/**
 * What is taken from the cupboard for what was poured; nothing of what nobody counted.
 * @param portions what was really poured
 */
export function takenBy(portions: readonly Portion[], pantry: readonly PantryItem[]): Taken[] {
  return needsOf(portions).flatMap((portion) => {
    const item = pantry.find((p) => p.id === portion.ingredient.id);
    if (!item?.left) return [];
    const { unit } = item.left;
    const value = tidy(Math.min(item.left.value, inUnit(portion, unit)));
    return value > 0 ? [{ id: item.id, value, unit }] : [];
  });
}

/** What was taken, in words: "300 mL of white vinegar and 5 g of citric acid"; empty where nothing was. */
export const takenText = (taken: readonly Taken[], pantry: readonly PantryItem[]): string =>
  listOf(
    taken.map(({ id, value, unit }) => {
      const item = pantry.find((p) => p.id === id) ?? { id, left: null, pack: null };
      return `${Number(value.toPrecision(3))} ${unit} of ${itemName(item)}`;
    }),
  );

/** An item with so much less in it, or more where it is put back; one that is not counted in this unit stays as it is. */
export function withTaken(
  item: PantryItem,
  { value, unit }: StockAmount,
  way: 'take' | 'putBack' = 'take',
): PantryItem {
  if (item.left?.unit !== unit) return item;
  const left = way === 'take' ? item.left.value - value : item.left.value + value;
  return { ...item, left: { value: Math.max(0, tidy(left)), unit } };
}

/** To a hundredth of a mL or g: sums of decimals carry a grain of error. */
const tidy = (value: number): number => Math.round(100 * value) / 100;

/** A pack that holds less than this share of a full one is running low (common practice, no source). */
const LOW_UP_TO_SHARE = 0.2;

/** What is to be said of an item: it is used up, running low, past its day since it was opened, or nearly so. */
export type StockState = 'out' | 'past' | 'low' | 'soon' | 'good';

/** Within so many days of its end it is said, days. */
const SOON_DAYS = 14;

/** How an item of the cupboard stands. */
export interface StockStanding {
  readonly state: StockState;
  /** When it is past its day since it was opened, ISO 8601; null where that is not known. */
  readonly goodUntil: string | null;
}

/** How an item stands: what is worst of it. */
export function standingOf(item: PantryItem, nowISO: string): StockStanding {
  const goodUntil = goodUntilOf(item);
  const daysLeft = goodUntil === null ? Infinity : (Date.parse(goodUntil) - Date.parse(nowISO)) / DAY_MS;
  const state = ((): StockState => {
    if (item.left?.value === 0) return 'out';
    if (daysLeft < 0) return 'past';
    if (isLow(item)) return 'low';
    return daysLeft <= SOON_DAYS ? 'soon' : 'good';
  })();
  return { state, goodUntil };
}

const isLow = ({ left, pack }: PantryItem): boolean =>
  left !== null && pack !== null && left.unit === pack.unit && left.value <= LOW_UP_TO_SHARE * pack.value;

/** How long an item keeps once it is open; null where it does not turn. */
export const lifeOf = (item: PantryItem): OpenedLife | null => {
  const ingredient = ingredientOfItem(item);
  return ingredient && openedLife(ingredient);
};

function goodUntilOf(item: PantryItem): string | null {
  const life = lifeOf(item);
  return item.openedAt === undefined || life === null
    ? null
    : new Date(Date.parse(item.openedAt) + life.days * DAY_MS).toISOString();
}
