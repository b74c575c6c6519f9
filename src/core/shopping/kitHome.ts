import { likelihoodOf, soilsOn } from '../catalogue/plausible';
import { SOILS } from '../catalogue/soils';
import type { HomeSurface } from '../cleaning/homeSurface';
import type { Way } from '../cleaning/way';
import type { Formula } from '../formula/formula';
import { resolveIngredient } from '../formula/resolveIngredient';
import { STARTER_FORMULAS } from '../formula/starters';
import { isFromTap } from '../stock/pantry';
import { GOOD_STANDING, waysInHome, type HomeToClean } from './homeWays';
import { bestKit, coveredBy, smallestKit, type Kit, type KitTask } from './kits';

/** A soil on a surface of the home, and what does it. */
export interface HomeTask extends KitTask {
  readonly surfaceId: string;
  readonly soilId: string;
  /** True if it is what the surface is usually done for. */
  readonly isUpkeep: boolean;
  /** Of `ways`, the ones it is best done by. */
  readonly bestWays: readonly (readonly string[])[];
  /** The formulas behind `ways`, one each, by their ids; empty for what takes no mixture. */
  readonly formulaIds: readonly string[];
}

/** How well things are to be done: so that a cleaner would nod, or as it is best done. */
export type KitLevel = 'well' | 'best';

/** How a kit is chosen. */
export interface KitAim {
  readonly level: KitLevel;
  /** No more things than this, 0 or more; null for as many as it takes. */
  readonly most: number | null;
  /** What is not wanted in it, by id. */
  readonly without: readonly string[];
}

/** A home to be fitted out. */
export interface KitHome extends HomeToClean {
  /** The person's own formulas. */
  readonly formulas: readonly Formula[];
}

/** The soils that a surface is kept up for, and those it commonly has in its room. */
function soilsFor(surface: HomeSurface, { rooms }: HomeToClean): string[] {
  const kind = rooms.find((r) => r.id === surface.roomId)?.kind ?? null;
  const usual = surface.upkeep ? [surface.upkeep.soilId] : [];
  const common = soilsOn(surface.surfaceId).filter((id) => likelihoodOf(surface.surfaceId, id, kind) === 'common');
  return [...new Set([...usual, ...common])].filter((id) => SOILS.some((s) => s.id === id));
}

/** What goes into a formula and does not come out of the tap, by id; null where something in it is not known. */
function thingsIn(formula: Formula): string[] | null {
  if (formula.lines.some((l) => l.ingredient.kind === 'unknown')) return null;
  const ingredients = formula.lines.map((l) => resolveIngredient(l.ingredient));
  return [...new Set(ingredients.filter((i) => !isFromTap(i)).map((i) => i.id))];
}

/** A way as what it is made of: nothing for what takes no mixture. */
interface Made {
  readonly formulaId: string;
  readonly things: readonly string[];
  readonly isBest: boolean;
}

/** What of the ways to do something a cleaner would do, of what is known through and through. */
function goodWays(ways: readonly Way[]): Made[] {
  const known = ways.flatMap(({ candidate, method: { standing } }) => {
    const things = candidate ? thingsIn(candidate.formula) : [];
    return things ? [{ formulaId: candidate?.formula.id ?? '', things, standing }] : [];
  });
  const best = known.reduce((least, w) => Math.min(least, w.standing), Infinity);
  return known
    .filter(({ standing }) => standing <= Math.max(best, GOOD_STANDING))
    .map(({ formulaId, things, standing }) => ({ formulaId, things, isBest: standing === best }));
}

/** Everything that is to be done in a home: each surface with what it is kept up for and what it commonly has. */
export function kitTasks(home: KitHome): HomeTask[] {
  const ways = waysInHome(home, { shelf: [], formulas: [...home.formulas, ...STARTER_FORMULAS], cupboard: null });
  return home.surfaces.flatMap((surface) =>
    soilsFor(surface, home).flatMap((soilId): HomeTask[] => {
      const good = goodWays(ways(surface, soilId));
      // Where someone else's work begins, nothing that could be bought would help.
      if (good.length === 0) return [];
      return [
        {
          id: `${surface.id} ${soilId}`,
          surfaceId: surface.id,
          soilId,
          isUpkeep: surface.upkeep?.soilId === soilId,
          ways: good.map((g) => g.things),
          bestWays: good.filter((g) => g.isBest).map((g) => g.things),
          formulaIds: good.map((g) => g.formulaId),
        },
      ];
    }),
  );
}

/** A kit for a home. */
export interface HomeKit extends Kit {
  /** What is in the cupboard and was counted as there. */
  readonly there: readonly string[];
  /** How many tasks could not be done without each of its things. */
  readonly missed: Readonly<Record<string, number>>;
}

/** The tasks as they are to be done. */
const atLevel = (tasks: readonly HomeTask[], level: KitLevel): KitTask[] =>
  tasks.map(({ id, ways, bestWays }) => ({ id, ways: level === 'best' ? bestWays : ways }));

/** What a kit of these things does, and how much of it hangs on each. */
export function kitWith(
  things: readonly string[],
  there: readonly string[],
  tasks: readonly HomeTask[],
  level: KitLevel,
): HomeKit {
  const all = new Set([...there, ...things]);
  const done = coveredBy(all, atLevel(tasks, level));
  const missed = things.map((id) => {
    const others = new Set([...all].filter((o) => o !== id));
    return [id, done.length - coveredBy(others, done).length] as const;
  });
  return { things, there, done: done.map((t) => t.id), isProven: false, missed: Object.fromEntries(missed) };
}

/** In how many tasks each thing has a part as it is best done. */
function timesUsed(tasks: readonly HomeTask[]): ReadonlyMap<string, number> {
  const uses = new Map<string, number>();
  for (const { bestWays } of tasks) for (const id of new Set(bestWays.flat())) uses.set(id, (uses.get(id) ?? 0) + 1);
  return uses;
}

/** The things that tasks can be done with, the most used first. */
export const thingsFor = (tasks: readonly HomeTask[]): string[] => {
  const uses = timesUsed(tasks);
  return [...new Set(tasks.flatMap((t) => t.ways.flat()))].sort(
    (a, b) => (uses.get(b) ?? 0) - (uses.get(a) ?? 0) || a.localeCompare(b),
  );
};

/**
 * The kit for what is to be done: the fewest things that do all of it that can be done, or where there may be no more
 * than so many, those that do the most of it. Of kits as small, the one whose things are of most use elsewhere.
 *
 * @param there what is in the cupboard, by id: it counts for nothing
 */
export function kitFor(
  tasks: readonly HomeTask[],
  there: readonly string[],
  { level, most, without }: KitAim,
): HomeKit {
  const isWanted = (way: readonly string[]): boolean => !way.some((id) => without.includes(id));
  const toDo = atLevel(tasks, level).map(({ id, ways }) => ({ id, ways: ways.filter(isWanted) }));
  const uses = timesUsed(tasks);
  const has = new Set(there.filter((id) => !without.includes(id)));
  const kit =
    most === null ? smallestKit(toDo, has, (id) => tasks.length - (uses.get(id) ?? 0)) : bestKit(toDo, most, has);
  return { ...kitWith(kit.things, [...has], tasks, level), isProven: kit.isProven };
}
