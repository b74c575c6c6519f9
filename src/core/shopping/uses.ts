import { SOILS } from '../catalogue/soils';
import type { HomeSurface } from '../cleaning/homeSurface';
import { toMake } from '../cleaning/howMuch';
import { dueSurfaces, lastBySurface } from '../cleaning/upkeep';
import type { Way } from '../cleaning/way';
import type { Formula } from '../formula/formula';
import type { MixtureAmount } from '../formula/scaledPortions';
import { STARTER_FORMULAS } from '../formula/starters';
import { usableBatches, type Batch } from '../shelf-life/batch';
import type { PantryItem } from '../stock/pantry';
import type { Wanted } from '../stock/purchase';
import { GOOD_STANDING, waysInHome, type HomeToClean } from './homeWays';

/** What a list of things to buy is drawn up from. */
export interface ToShopFor extends HomeToClean {
  readonly batches: readonly Batch[];
  /** The person's own formulas. */
  readonly formulas: readonly Formula[];
  readonly pantry: readonly PantryItem[];
  readonly wanted: readonly Wanted[];
  /** For so many days from now on, today among them: a whole number, 1 or more. */
  readonly days: number;
  readonly nowISO: string;
}

/** Something that will be used on a day. */
export interface Use {
  /** Days from now. */
  readonly inDays: number;
  readonly formula: Formula;
  /** What is used of it. */
  readonly uses: MixtureAmount;
  /** Less than this is not worth making, mL; 0 for what is weighed. */
  readonly leastML: number;
  readonly place: string | null;
}

/** The days on which something is due, counted from now: the days late are made up for today. */
function dueDays(lateDays: number, everyDays: number, days: number): number[] {
  const first = Math.max(0, -lateDays);
  return Array.from({ length: Math.max(0, Math.ceil((days - first) / everyDays)) }, (_, i) => first + i * everyDays);
}

const amountOf = ({ volumeML, massG }: MixtureAmount): MixtureAmount => ({ volumeML, massG });

const isAtHand = ({ candidate }: Way): boolean =>
  candidate === null || candidate.from === 'shelf' || candidate.from === 'cupboard';

/** The way that a surface is done by: with what it is usually done with, a good one with what this home has, or the best. */
const chosenWay = (ways: readonly Way[], usualId: string | null): Way | undefined =>
  ways.find((w) => usualId !== null && w.candidate?.formula.id === usualId) ??
  ways.find((w) => isAtHand(w) && w.method.standing <= GOOD_STANDING) ??
  ways[0];

/** What the upkeep of a home asks for, day by day. */
export function upkeepUses(home: ToShopFor): { uses: Use[]; plainTimes: number; noWay: string[] } {
  const { surfaces, rooms, pantry, batches, formulas, nowISO } = home;
  const bottles = usableBatches(batches, nowISO).map((b) => b.formula);
  const ways = waysInHome(home, {
    shelf: bottles,
    formulas: [...formulas, ...STARTER_FORMULAS].filter((f) => !bottles.some((b) => b.id === f.id)),
    // What is used up is bought again: it is what this home cleans with.
    cupboard: pantry.length > 0 ? pantry.map((item) => ({ ...item, left: null })) : null,
  });
  const placeOf = ({ name, roomId }: HomeSurface): string => {
    const room = rooms.find((r) => r.id === roomId);
    return room ? `${name}, ${room.name}` : name;
  };
  const uses: Use[] = [];
  const noWay: string[] = [];
  let plainTimes = 0;
  for (const { surface, lateDays } of dueSurfaces(surfaces, lastBySurface(home.recent), nowISO)) {
    const { upkeep } = surface;
    const on = upkeep ? dueDays(lateDays, upkeep.everyDays, home.days) : [];
    if (!upkeep || on.length === 0) continue;
    const way = chosenWay(ways(surface, upkeep.soilId), upkeep.formulaId);
    const { candidate, amount, method } = way ?? {};
    if (!way)
      noWay.push(
        `${placeOf(surface)}: ${(SOILS.find((s) => s.id === upkeep.soilId)?.name ?? upkeep.soilId).toLowerCase()}`,
      );
    else if (!candidate || !amount || !method) plainTimes += on.length;
    else
      uses.push(
        ...on.map((inDays) => ({
          inDays,
          formula: candidate.formula,
          uses: amountOf(amount),
          leastML: toMake({ ...amount, volumeML: amount.volumeML && 0 }, method, candidate.formula).volumeML ?? 0,
          place: placeOf(surface),
        })),
      );
  }
  return { uses, plainTimes, noWay };
}

/** What is wanted besides, today. */
export const wantedUses = ({ wanted, formulas }: ToShopFor): Use[] =>
  wanted.flatMap((w): Use[] => {
    const formula =
      w.kind === 'formula' ? [...formulas, ...STARTER_FORMULAS].find((f) => f.id === w.formulaId) : undefined;
    if (!formula || w.kind !== 'formula') return [];
    const amount = { volumeML: w.volumeML, massG: null };
    return [{ inDays: 0, formula, uses: amount, leastML: 0, place: null }];
  });
