import type { StockUnit } from '../quantity/units';
import { ingredientOfItem, MAX_ALSO_SOLD, packsOf, type Pack, type PantryItem } from './pantry';
import type { PacksBought, Purchase } from './purchase';

/** How much packs hold together, in a unit: by its density where a pack is told in the other. */
function holdIn(packs: readonly PacksBought[], unit: StockUnit, gPerML: number): number {
  return packs.reduce((sum, pack) => {
    const one = pack.unit === unit ? pack.value : unit === 'g' ? pack.value * gPerML : pack.value / gPerML;
    return sum + pack.count * one;
  }, 0);
}

const tidy = (value: number): number => Math.round(100 * value) / 100;

const densityOf = (item: PantryItem): number => ingredientOfItem(item)?.densityGPerML ?? 1;

const isSamePack = (a: Pack, b: Pack): boolean => a.value === b.value && a.unit === b.unit;

/** The packs of an item with those that were bought: each size once, with the price that was paid last. */
function withSizes(item: PantryItem, bought: readonly PacksBought[]): Pick<PantryItem, 'pack' | 'alsoSold'> {
  const paid = bought.map(({ count: _, ...pack }): Pack => pack);
  const before = packsOf(item).map((known) => {
    const now = paid.find((p) => isSamePack(p, known));
    return now && now.price !== null ? now : known;
  });
  const others = paid.filter((p) => !before.some((known) => isSamePack(known, p)));
  const [pack = null, ...alsoSold] = [...before, ...others].slice(0, 1 + MAX_ALSO_SOLD);
  return { pack, ...(alsoSold.length > 0 ? { alsoSold } : {}) };
}

/**
 * The cupboard's item with what was bought in it.
 * @param item as it stands there; null where it does not yet
 * @param replaces true where what was there is past its day: it goes, and the new pack is not open yet
 */
export function withBought(item: PantryItem | null, { itemId, packs }: Purchase, replaces: boolean): PantryItem {
  const unit = packs[0]?.unit ?? 'mL';
  const now: PantryItem = item ?? { id: itemId, left: { value: 0, unit }, pack: null };
  const { openedAt, alsoSold: _, ...rest } = now;
  const sized = { ...rest, ...withSizes(now, packs) };
  const opened = openedAt === undefined || replaces ? {} : { openedAt };
  // What nobody counts stays so: what there was is not known.
  if (now.left === null && !replaces) return { ...sized, ...opened };
  const left = now.left ?? { value: 0, unit };
  const before = replaces ? 0 : left.value;
  const value = tidy(before + holdIn(packs, left.unit, densityOf(now)));
  return { ...sized, ...opened, left: { value, unit: left.unit } };
}

/** The item without it again, as a mistake is taken back; what was used of it meanwhile stays used. */
export function withoutBought(item: PantryItem, { packs }: Purchase): PantryItem {
  if (item.left === null) return item;
  const value = tidy(item.left.value - holdIn(packs, item.left.unit, densityOf(item)));
  return { ...item, left: { ...item.left, value: Math.max(0, value) } };
}
