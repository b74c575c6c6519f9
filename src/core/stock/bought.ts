import type { StockUnit } from '../quantity/units';
import { ingredientOfItem, MAX_ALSO_SOLD, packsOf, type Pack, type PantryItem } from './pantry';
import type { PacksBought, Purchase, Replaced } from './purchase';

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
  // As much as was short, whatever the pack: that is no size it is sold in.
  const others = paid.filter((p) => p.price !== null && !before.some((known) => isSamePack(known, p)));
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

/** The item without it again, as a mistake is taken back: what gave way is there again, what was used meanwhile stays used. */
export function withoutBought(item: PantryItem, { packs, replaced }: Purchase): PantryItem {
  const { openedAt: opened, ...rest } = item;
  const openedAt = replaced ? replaced.openedAt : opened;
  return { ...rest, left: leftWithout(item, packs, replaced), ...(openedAt === undefined ? {} : { openedAt }) };
}

function leftWithout(
  item: PantryItem,
  packs: readonly PacksBought[],
  replaced: Replaced | undefined,
): PantryItem['left'] {
  const { left } = item;
  // What nobody counted, or counts no more, stays so.
  if (left === null || replaced?.left === null) return null;
  const value = left.value - holdIn(packs, left.unit, densityOf(item)) + (replaced?.left.value ?? 0);
  return { ...left, value: Math.max(0, tidy(value)) };
}
