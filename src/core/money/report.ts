import type { Room } from '../cleaning/homeSurface';
import type { LogEntry } from '../cleaning/logEntry';
import { droppersOf } from '../evaluation/context';
import type { Formula } from '../formula/formula';
import { resolveAmounts } from '../formula/resolveAmounts';
import { scaledPortions } from '../formula/scaledPortions';
import { STARTER_FORMULAS } from '../formula/starters';
import { localMonth } from '../quantity/localDay';
import type { Vessel } from '../catalogue/vessels';
import type { Batch } from '../shelf-life/batch';
import { costOf, costOfPortions, shareOfCost, sumOfCosts, type Cost } from '../stock/cost';
import type { BoughtInstead, Purchase } from '../stock/purchase';
import { costsOfUses, type CostOfUse, type Prices } from './costOfUse';

/** What a home's money is reckoned from. */
export interface ToReckon extends Prices {
  readonly rooms: readonly Room[];
  /** What was done, as far back as it is to be reckoned. */
  readonly log: readonly LogEntry[];
  readonly batches: readonly Batch[];
  readonly vessels: readonly Vessel[];
  /** The person's own formulas. */
  readonly formulas: readonly Formula[];
  readonly purchases: readonly Purchase[];
  readonly instead: readonly BoughtInstead[];
  readonly nowISO: string;
}

/** What was used in one room in one month. */
export interface RoomMoney {
  /** The room's name as it is now, or as the log has it; "Anywhere" where none was said. */
  readonly room: string;
  readonly money: number;
  readonly uses: number;
}

/** One month of it, by local time. */
export interface MonthMoney {
  /** `2026-11`. */
  readonly month: string;
  /** Rooms in which anything was used, in the order of all. */
  readonly rooms: readonly RoomMoney[];
  readonly money: number;
}

/** What a formula costs, and what would be bought in its place. */
export interface FormulaMoney {
  readonly formulaId: string;
  readonly name: string;
  /** How often it was used in these twelve months. */
  readonly uses: number;
  /** Of these, how often nobody could say what it cost. */
  readonly unknownUses: number;
  /** The mean of one use; null where none has a price. */
  readonly perUse: number | null;
  /** A litre of it at the prices of now; null where nothing in it has one. */
  readonly perL: number | null;
  /** Names of what has no price, in a litre or in a use. */
  readonly unpriced: readonly string[];
  readonly instead: BoughtInstead | null;
}

/** What a year, so far, has cost and spared. */
export interface YearMoney {
  /** `2026`. */
  readonly year: string;
  /** Uses of what would have been bought instead: how many, what they cost, what buying would have. */
  readonly compared: { readonly uses: number; readonly money: number; readonly instead: number };
  /** Uses that are held beside nothing. */
  readonly alone: { readonly uses: number; readonly money: number };
  /** Uses of which nobody knows what they cost; they count on neither side. */
  readonly unknownUses: number;
  /** Names of what has no price in the uses that count: they cost more than is said. */
  readonly unpriced: readonly string[];
  /** Uses whose cost is what such a place usually takes. */
  readonly estimatedUses: number;
  /** What was poured away. */
  readonly spoiled: { readonly bottles: number; readonly money: number };
  /** Bottles that were bought. */
  readonly bottles: { readonly bottles: number; readonly money: number };
  /** What was spared: buying instead, less the same uses, less what was poured away, less bottles; below 0 where it cost more. Null where nothing is held beside it. */
  readonly saved: number | null;
  /** The same at the end of each month, from the first in which anything counts; empty where nothing is held beside it. */
  readonly soFar: readonly { readonly month: string; readonly money: number }[];
  /** What was spent in shops on what is in the cupboard, where it was ticked off a list. */
  readonly spent: number;
}

/** What is made, used, thrown away and spared, of twelve months and two years. */
export interface MoneyReport {
  /** The last twelve months, this one last. */
  readonly months: readonly MonthMoney[];
  /** All rooms of these months, the dearest first. */
  readonly rooms: readonly string[];
  /** Formulas used in these months, the most used first. */
  readonly formulas: readonly FormulaMoney[];
  readonly year: YearMoney;
  /** The same of the year before, whole. */
  readonly lastYear: YearMoney;
}

const MONTHS = 12;
const ANYWHERE = 'Anywhere';

/** The last months up to one, the oldest first. @param month `2026-11` */
function monthsUpTo(month: string): string[] {
  const [year = 0, of = 1] = month.split('-').map(Number);
  return Array.from({ length: MONTHS }, (_, i) => {
    const at = year * 12 + (of - 1) - (MONTHS - 1 - i);
    return `${Math.floor(at / 12)}-${String((at % 12) + 1).padStart(2, '0')}`;
  });
}

/** A use of a mixture, with what it cost. */
interface Priced {
  readonly entry: LogEntry;
  readonly month: string;
  readonly cost: CostOfUse | null;
}

const sum = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0);

/** What a use would have cost as it is bought. */
export const insteadPerUse = ({ price, uses }: BoughtInstead): number => price / uses;

/** What is held beside a formula; null where nothing is. */
export const insteadOf = (formulaId: string, instead: readonly BoughtInstead[]): BoughtInstead | null =>
  instead.find((i) => i.formulaIds.includes(formulaId)) ?? null;

function byMonth(priced: readonly Priced[], months: readonly string[], rooms: readonly Room[]) {
  const nameOf = ({ room }: LogEntry): string => rooms.find((r) => r.id === room.id)?.name ?? (room.name || ANYWHERE);
  const recent = priced.filter((p) => months.includes(p.month));
  const all = new Map<string, number>();
  for (const { entry, cost } of recent) all.set(nameOf(entry), (all.get(nameOf(entry)) ?? 0) + (cost?.money ?? 0));
  const names = [...all.keys()].sort((a, b) => (all.get(b) ?? 0) - (all.get(a) ?? 0) || a.localeCompare(b));
  return {
    rooms: names,
    months: months.map((month): MonthMoney => {
      const here = recent.filter((p) => p.month === month);
      return {
        month,
        money: sum(here.map((p) => p.cost?.money ?? 0)),
        rooms: names.flatMap((room) => {
          const of = here.filter((p) => nameOf(p.entry) === room);
          return of.length === 0 ? [] : [{ room, money: sum(of.map((p) => p.cost?.money ?? 0)), uses: of.length }];
        }),
      };
    }),
  };
}

function byFormula(priced: readonly Priced[], home: ToReckon): FormulaMoney[] {
  const all = [...home.formulas, ...STARTER_FORMULAS];
  const ids = [...new Set(priced.map((p) => p.entry.used.id ?? ''))];
  return ids
    .map((formulaId): FormulaMoney => {
      const uses = priced.filter((p) => p.entry.used.id === formulaId);
      const costs = uses.flatMap((p) => p.cost ?? []);
      const formula = all.find((f) => f.id === formulaId);
      const resolved = formula && resolveAmounts(formula, droppersOf(home.facts));
      const litre = resolved?.ok ? costOf(resolved.value, home.pantry) : null;
      return {
        formulaId,
        name: formula?.name ?? uses[0]?.entry.used.name ?? '',
        uses: uses.length,
        unknownUses: uses.length - costs.length,
        perUse: costs.length === 0 ? null : sum(costs.map((c) => c.money)) / costs.length,
        perL: litre?.perL ?? null,
        unpriced: [...new Set([...(litre?.unpriced ?? []), ...costs.flatMap((c) => c.unpriced)])],
        instead: insteadOf(formulaId, home.instead),
      };
    })
    .sort((a, b) => b.uses - a.uses || a.name.localeCompare(b.name));
}

/** True if what was left of a bottle went on in another one: it was topped up, not poured away. */
const livesOn = (batch: Batch, batches: readonly Batch[]): boolean =>
  batches.some((b) => b.oldestAt !== undefined && b.vessel.id === batch.vessel.id && b.madeAt === batch.endedAt);

/** How much of a bottle was poured away, 0 to 1: what was left of it when it was, or when it was filled with something else. */
function pouredAway(batch: Batch, batches: readonly Batch[]): number {
  if (batch.state === 'kept' || livesOn(batch, batches)) return 0;
  const left = batch.leftML ?? (batch.state === 'discarded' ? batch.volumeML : 0);
  return left / batch.volumeML;
}

/** What a bottle cost: what was kept with it, or its formula at the prices of now. */
const costOfBatch = ({ cost, formula, volumeML }: Batch, { pantry, facts }: Prices): Cost | null =>
  cost ?? costOfPortions(scaledPortions(formula, { volumeML, massG: null }, droppersOf(facts)), pantry);

/** Money that counts in a month. */
interface InMonth {
  readonly month: string;
  readonly money: number;
}

/** What was poured away in a year. */
const spoiledIn = (year: string, home: ToReckon): InMonth[] =>
  home.batches.flatMap((b) => {
    const month = b.endedAt === null ? '' : localMonth(b.endedAt);
    const share = month.startsWith(year) ? pouredAway(b, home.batches) : 0;
    const cost = costOfBatch(b, home);
    return share > 0 ? [{ month, money: cost ? shareOfCost(cost, share).money : 0 }] : [];
  });

/** Bottles bought in a year. */
const bottlesIn = (year: string, { vessels }: ToReckon): InMonth[] =>
  vessels.flatMap(({ bought }) =>
    bought && localMonth(bought.at).startsWith(year) ? [{ month: localMonth(bought.at), money: bought.price }] : [],
  );

const moneyIn = (all: readonly InMonth[]): number => sum(all.map((o) => o.money));

/** How what was spared adds up, month by month, from the first that has a part in it. */
function soFar(months: readonly string[], gains: readonly InMonth[]): readonly InMonth[] {
  const first = gains.reduce((least, g) => (g.month < least ? g.month : least), months.at(-1) ?? '');
  return months
    .filter((month) => month >= first)
    .map((month) => ({ month, money: moneyIn(gains.filter((g) => g.month <= month)) }));
}

function yearOf(month: string, all: readonly Priced[], home: ToReckon): YearMoney {
  const year = month.slice(0, 4);
  const priced = all.filter((p) => p.month.startsWith(year));
  const known = priced.flatMap(({ entry, cost, month: of }) =>
    cost ? [{ cost, month: of, instead: insteadOf(entry.used.id ?? '', home.instead) }] : [],
  );
  const compared = known.flatMap((k) => (k.instead ? [{ ...k, buying: insteadPerUse(k.instead) }] : []));
  const alone = known.filter((k) => k.instead === null);
  const spoiled = spoiledIn(year, home);
  const bottles = bottlesIn(year, home);
  const gains = [
    ...compared.map((k) => ({ month: k.month, money: k.buying - k.cost.money })),
    ...[...spoiled, ...bottles].map((o) => ({ ...o, money: -o.money })),
  ];
  const hasCompared = compared.length > 0;
  return {
    year,
    compared: {
      uses: compared.length,
      money: sum(compared.map((k) => k.cost.money)),
      instead: sum(compared.map((k) => k.buying)),
    },
    alone: { uses: alone.length, money: sum(alone.map((k) => k.cost.money)) },
    unknownUses: priced.length - known.length,
    unpriced: sumOfCosts(known.map((k) => k.cost)).unpriced,
    estimatedUses: known.filter((k) => k.cost.isEstimate).length,
    spoiled: { bottles: spoiled.length, money: moneyIn(spoiled) },
    bottles: { bottles: bottles.length, money: moneyIn(bottles) },
    saved: hasCompared ? moneyIn(gains) : null,
    soFar: hasCompared
      ? soFar(
          monthsUpTo(month).filter((m) => m.startsWith(year)),
          gains,
        )
      : [],
    spent: sum(
      home.purchases
        .filter((p) => localMonth(p.at).startsWith(year))
        .flatMap((p) => p.packs.map((pack) => pack.count * (pack.price ?? 0))),
    ),
  };
}

/**
 * What a home's cleaners cost, by month and room, by formula, and beside what would be bought; and what this year so far
 * has spared. All in the person's money; days, months and years by local time.
 */
export function moneyReport(home: ToReckon): MoneyReport {
  const costOfOne = costsOfUses(home);
  const priced = home.log
    .filter((e) => e.used.kind === 'formula')
    .map((entry): Priced => ({ entry, month: localMonth(entry.at), cost: costOfOne(entry) }));
  const month = localMonth(home.nowISO);
  const months = monthsUpTo(month);
  return {
    ...byMonth(priced, months, home.rooms),
    formulas: byFormula(
      priced.filter((p) => months.includes(p.month)),
      home,
    ),
    year: yearOf(month, priced, home),
    lastYear: yearOf(`${Number(month.slice(0, 4)) - 1}-12`, priced, home),
  };
}
