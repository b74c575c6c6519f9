import type { JobPlan, PlannedPart } from '../catalogue/jobPlans';
import type { HomeSurface, Room } from './homeSurface';

/** A part of a job before a way is chosen for it. */
export interface PartToDo {
  /** The home's surface. */
  readonly surfaceId: string;
  readonly soilId: string;
  /** The place in the list of the part that must be done first; null if it can wait beside the others. */
  readonly after: number | null;
}

/** A job of several parts that a person keeps, to begin again. */
export interface OwnPlan {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly PartToDo[];
}

/** The most parts a job may have. */
export const MAX_JOB_PARTS = 40;

/** Fewer parts than this are no job of several. */
const LEAST_PARTS = 2;

const isFor = (part: PlannedPart, surface: HomeSurface, room: Room): boolean =>
  part.materials.includes(surface.surfaceId) && (part.rooms === null || part.rooms.includes(room.kind));

/**
 * The parts of a plan that some rooms have surfaces for, in its order, room by room within a part.
 * @param rooms one room, or all of the home
 * @returns empty if what the job is about is not there, or fewer than two parts are
 */
export function partsFor(plan: JobPlan, rooms: readonly Room[], surfaces: readonly HomeSurface[]): PartToDo[] {
  const made: (PartToDo & { readonly planned: number; readonly roomId: string })[] = [];
  for (const [planned, part] of plan.parts.entries()) {
    const here = rooms.flatMap((room) => {
      const found = surfaces.filter((s) => s.roomId === room.id && isFor(part, s, room));
      return part.each ? found : found.slice(0, 1);
    });
    if (here.length === 0 && part.essential) return [];
    for (const surface of here) {
      const soilId = (part.usual ? surface.upkeep?.soilId : undefined) ?? part.soilId;
      const before = made.filter((m) => m.roomId === surface.roomId && part.after.includes(m.planned)).at(-1);
      made.push({
        surfaceId: surface.id,
        soilId,
        after: before ? made.indexOf(before) : null,
        planned,
        roomId: surface.roomId,
      });
    }
  }
  const parts = made.slice(0, MAX_JOB_PARTS).map(({ surfaceId, soilId, after }) => ({ surfaceId, soilId, after }));
  return parts.length < LEAST_PARTS ? [] : parts;
}

/** A plan, and where it is for: a room of the home, or null for all of it. */
export interface PlanHere {
  readonly plan: JobPlan;
  readonly room: Room | null;
}

/** The plans that a home has the surfaces for: those of a room once for each such room. */
export function plansHere(
  plans: readonly JobPlan[],
  rooms: readonly Room[],
  surfaces: readonly HomeSurface[],
): PlanHere[] {
  return plans.flatMap((plan): PlanHere[] =>
    plan.scope === 'home'
      ? partsFor(plan, rooms, surfaces).length > 0
        ? [{ plan, room: null }]
        : []
      : rooms.filter((room) => partsFor(plan, [room], surfaces).length > 0).map((room) => ({ plan, room })),
  );
}

/** What changes as its places do: where each part stood before, by its new place. */
function reordered(parts: readonly PartToDo[], order: readonly number[]): PartToDo[] {
  return order.flatMap((old, now): PartToDo[] => {
    const part = parts[old];
    if (!part) return [];
    const after = part.after === null ? -1 : order.indexOf(part.after);
    // What it waited for may be gone, or stand behind it now: then it waits for nothing.
    return [{ ...part, after: after >= 0 && after < now ? after : null }];
  });
}

const places = (parts: readonly PartToDo[]): number[] => parts.map((_, i) => i);

/** The list without one part. @param at its place, 0 and up */
export const withoutPart = (parts: readonly PartToDo[], at: number): PartToDo[] =>
  reordered(
    parts,
    places(parts).filter((i) => i !== at),
  );

/** The list with one part a place earlier; as it is where that is the first. */
export function withPartEarlier(parts: readonly PartToDo[], at: number): PartToDo[] {
  const order = places(parts);
  if (at < 1 || at >= order.length) return [...parts];
  order.splice(at - 1, 2, at, at - 1);
  return reordered(parts, order);
}

/** The parts of a kept job whose surfaces are still there. */
export const partsStillThere = (parts: readonly PartToDo[], surfaces: readonly HomeSurface[]): PartToDo[] =>
  reordered(
    parts,
    places(parts).filter((i) => surfaces.some((s) => s.id === parts[i]?.surfaceId)),
  );
