import { droppersOf } from '../evaluation/context';
import type { Formula } from '../formula/formula';
import type { Portion } from '../formula/resolveAmounts';
import { scaledPortions, type MixtureAmount } from '../formula/scaledPortions';
import { isAtLeast } from '../quantity/limit';
import { DAY_MS } from '../quantity/time';
import type { StockUnit } from '../quantity/units';
import { discardBy, leftML, type Batch } from '../shelf-life/batch';
import { ENOUGH_FROM_SHARE, isFromTap, packsOf, standingOf, type Pack, type PantryItem } from '../stock/pantry';
import { cheapestPacks, type PackPlan } from './packs';
import { upkeepUses, wantedUses, type ToShopFor, type Use } from './uses';

/** A mixture that the days ask for. */
export interface MixtureNeed extends MixtureAmount {
  readonly formulaId: string;
  readonly name: string;
  /** mL that come out of bottles on the shelf; the amounts beside it are to be made besides. */
  readonly fromShelfML: number;
  /** How often it is used; 0 for what is wanted without a place. */
  readonly times: number;
  /** What it is for: "Wall tiles, Shower room". */
  readonly places: readonly string[];
}

/** How an ingredient stands to what the days ask of it. */
export interface ItemNeed {
  /** The ingredient's id. */
  readonly id: string;
  readonly name: string;
  readonly unit: StockUnit;
  readonly needs: number;
  /** What of it is there; null where nobody counted: it is taken to do. */
  readonly has: number | null;
  /** True if what is there is past its day, or will be when it is wanted. */
  readonly isPast: boolean;
  /** What is to be bought, more than 0 where there is not enough. */
  readonly short: number;
  /** Which packs; null where nothing is short, or no size is known. */
  readonly buy: PackPlan | null;
  /** The mixtures that it goes into. */
  readonly into: readonly string[];
}

/** Something that runs low and that the days do not ask for. */
export interface RunningLow {
  readonly id: string;
  readonly state: 'out' | 'past' | 'low';
  /** One pack of it, of the size that costs the least by amount; null where no size is known. */
  readonly buy: PackPlan | null;
}

/** What some days ask for. */
export interface Needs {
  readonly mixtures: readonly MixtureNeed[];
  /** Ingredients of which there is not enough, then those of which there is. */
  readonly items: readonly ItemNeed[];
  readonly low: readonly RunningLow[];
  /** How often something is done that takes no mixture. */
  readonly plainTimes: number;
  /** What is due and cannot be done with any mixture that is known: "Wall tiles, Shower room: rust". */
  readonly noWay: readonly string[];
}

/** What stands on the shelf, taken from day by day. */
class Shelf {
  private readonly left: { readonly formulaId: string; readonly until: number; mL: number }[];

  constructor(
    batches: readonly Batch[],
    private readonly now: number,
  ) {
    this.left = batches
      .map((b) => ({
        formulaId: b.formula.id,
        until: Date.parse(discardBy(b.madeAt, b.label.keeps.lowDays)),
        mL: leftML(b),
      }))
      .sort((a, b) => a.until - b.until);
  }

  /** As much of it as there is that is still good that day, mL. */
  take(formulaId: string, mL: number, inDays: number): number {
    let taken = 0;
    for (const bottle of this.left) {
      if (bottle.formulaId !== formulaId || bottle.until < this.now + (inDays - 1) * DAY_MS) continue;
      const part = Math.min(bottle.mL, mL - taken);
      bottle.mL -= part;
      taken += part;
    }
    return taken;
  }
}

/** A mixture of a formula, as it adds up. */
interface Sum {
  readonly formula: Formula;
  times: number;
  fromShelfML: number;
  volumeML: number;
  massG: number;
  /** mL that are over of what was made. */
  spareML: number;
  readonly places: Set<string>;
}

/** What goes into a mixture, and on which day it has to be there. */
interface Poured {
  readonly inDays: number;
  readonly into: string;
  readonly portion: Portion;
}

function addUp(uses: readonly Use[], home: ToShopFor): { sums: Sum[]; poured: Poured[] } {
  const shelf = new Shelf(home.batches, Date.parse(home.nowISO));
  const sums = new Map<string, Sum>();
  const poured: Poured[] = [];
  for (const use of uses.toSorted((a, b) => a.inDays - b.inDays)) {
    const { formula, inDays } = use;
    const sum = sums.get(formula.id) ?? {
      formula,
      times: 0,
      fromShelfML: 0,
      volumeML: 0,
      massG: 0,
      spareML: 0,
      places: new Set<string>(),
    };
    sums.set(formula.id, sum);
    if (use.place !== null) {
      sum.times += 1;
      sum.places.add(use.place);
    }
    const make = madeFor(use, sum, shelf);
    sum.volumeML += make.volumeML ?? 0;
    sum.massG += make.massG ?? 0;
    for (const portion of scaledPortions(formula, make, droppersOf(home.facts)))
      poured.push({ inDays, into: formula.name, portion });
  }
  return { sums: [...sums.values()], poured };
}

const NOTHING: MixtureAmount = { volumeML: 0, massG: null };

/**
 * What is made for a use: a bowl each time of what is used up at once; of what is kept, what neither a bottle nor the
 * last making holds, and no less than is worth making.
 */
function madeFor({ formula, uses, leastML, place, inDays }: Use, sum: Sum, shelf: Shelf): MixtureAmount {
  const { volumeML } = uses;
  if (place === null && formula.use === 'stored') sum.spareML += volumeML ?? 0;
  if (place === null || volumeML === null) return uses;
  const taken = shelf.take(formula.id, volumeML, inDays);
  sum.fromShelfML += taken;
  const restML = volumeML - taken;
  if (restML <= 0) return NOTHING;
  if (formula.use === 'fresh') return { volumeML: Math.max(restML, leastML), massG: null };
  const lacksML = restML - Math.min(sum.spareML, restML);
  const madeML = lacksML > 0 ? Math.max(lacksML, leastML) : 0;
  sum.spareML += madeML - restML;
  return { volumeML: madeML, massG: null };
}

/** An ingredient as it adds up. */
interface ItemSum {
  readonly portion: Portion;
  volumeML: number;
  massG: number;
  readonly into: Set<string>;
  /** By the day. */
  readonly wants: { readonly inDays: number; readonly volumeML: number; readonly massG: number }[];
}

function itemNeeds(poured: readonly Poured[], home: ToShopFor): ItemNeed[] {
  const sums = new Map<string, ItemSum>();
  for (const { inDays, into, portion } of poured) {
    if (isFromTap(portion.ingredient)) continue;
    const sum = sums.get(portion.ingredient.id) ?? { portion, volumeML: 0, massG: 0, into: new Set(), wants: [] };
    sums.set(portion.ingredient.id, sum);
    sum.volumeML += portion.volumeML;
    sum.massG += portion.massG;
    sum.into.add(into);
    sum.wants.push({ inDays, volumeML: portion.volumeML, massG: portion.massG });
  }
  return [...sums.values()]
    .map((sum) => itemNeed(sum, home))
    .sort((a, b) => Number(b.short > 0) - Number(a.short > 0) || a.name.localeCompare(b.name));
}

function itemNeed(sum: ItemSum, { pantry, nowISO }: ToShopFor): ItemNeed {
  const { ingredient } = sum.portion;
  const item = pantry.find((p) => p.id === ingredient.id && !p.own?.bought);
  const packs = item ? packsOf(item) : [];
  const unit: StockUnit =
    item?.left?.unit ?? packs[0]?.unit ?? (ingredient.form === 'powder' || ingredient.form === 'solid' ? 'g' : 'mL');
  const isCounted = item?.left !== null;
  const until = item ? goodUntil(item, nowISO) : Infinity;
  // Of what nobody counted there is some.
  const there = item?.left?.value ?? (item?.left === null ? null : 0);
  let [needs, short, left, isPast] = [0, 0, there ?? 0, false];
  for (const { inDays, volumeML, massG } of sum.wants) {
    const wants = unit === 'g' ? massG : volumeML;
    const isGood = Date.parse(nowISO) + inDays * DAY_MS <= until;
    const taken = isGood ? Math.min(left, wants) : 0;
    needs += wants;
    left -= taken;
    if (isCounted || !isGood) short += wants - taken;
    isPast ||= !isGood;
  }
  if (isAtLeast(needs - short, ENOUGH_FROM_SHARE * needs)) short = 0;
  const gPerML = sum.volumeML > 0 ? sum.massG / sum.volumeML : 1;
  return {
    id: ingredient.id,
    name: ingredient.name,
    unit,
    needs,
    has: there,
    isPast: isPast && there !== 0,
    short,
    buy: cheapestPacks(short, packs, (pack) => inUnit(pack, unit, gPerML)),
    into: [...sum.into],
  };
}

/** How much a pack holds, in another unit. */
function inUnit({ value, unit }: Pack, wanted: StockUnit, gPerML: number): number {
  if (unit === wanted) return value;
  return wanted === 'g' ? value * gPerML : value / gPerML;
}

/** When an item is past its day since it was opened, ms; never where that is not known. */
function goodUntil(item: PantryItem, nowISO: string): number {
  const until = standingOf(item, nowISO).goodUntil;
  return until === null ? Infinity : Date.parse(until);
}

/** What runs low and is not asked for: one pack of each. */
function runningLow({ pantry, nowISO }: ToShopFor, items: readonly ItemNeed[]): RunningLow[] {
  return pantry.flatMap((item): RunningLow[] => {
    const { state } = standingOf(item, nowISO);
    if (state === 'good' || state === 'soon' || items.some((i) => i.id === item.id && i.short > 0)) return [];
    const packs = packsOf(item);
    const rate = ({ price, value }: Pack): number => (price ?? 0) / value;
    const best = packs.toSorted((a, b) => Number(a.price === null) - Number(b.price === null) || rate(a) - rate(b))[0];
    const buy = best ? { packs: [{ ...best, count: 1 }], price: best.price, amount: best.value } : null;
    return [{ id: item.id, state, buy }];
  });
}

/**
 * What some days ask for, less what is there: the upkeep of the rooms with what each is usually done with or what suits
 * it best, and what is wanted besides; from bottles that are still good that day, then from the cupboard, and what is
 * still short in whole packs at the least cost.
 */
export function shoppingNeeds(home: ToShopFor): Needs {
  const { uses, plainTimes, noWay } = upkeepUses(home);
  // What is wanted anyway is made first, and serves the rooms as well.
  const { sums, poured } = addUp([...wantedUses(home), ...uses], home);
  const items = itemNeeds(poured, home);
  return {
    mixtures: sums.map(({ formula, times, fromShelfML, volumeML, massG, places }) => ({
      formulaId: formula.id,
      name: formula.name,
      volumeML: massG > 0 && volumeML === 0 ? null : volumeML,
      massG: massG > 0 ? massG : null,
      fromShelfML,
      times,
      places: [...places],
    })),
    items,
    low: runningLow(home, items),
    plainTimes,
    noWay,
  };
}
