import { SOILS } from '../catalogue/soils';
import type { Air } from '../cleaning/drying';
import { toleranceOf, type HomeSurface, type Room } from '../cleaning/homeSurface';
import { jointsOf } from '../cleaning/joints';
import type { LogEntry } from '../cleaning/logEntry';
import type { Candidate, Way } from '../cleaning/way';
import { rankWays, weighSupplies, type Supplies } from '../cleaning/ways';
import { wentHere } from '../cleaning/wentHere';
import { contextOf, type HomeFacts } from '../evaluation/context';
import type { RoomSize } from '../findings/exposureRoute';

/** A home's rooms, and what its ways are weighed with. */
export interface HomeToClean {
  readonly rooms: readonly Room[];
  readonly surfaces: readonly HomeSurface[];
  /** What was done, as far back as ratings are looked at. */
  readonly recent: readonly LogEntry[];
  readonly facts: HomeFacts & Air;
}

/** Up to this standing a way is what a cleaner would do; worse ones only where there is no other. */
export const GOOD_STANDING = 2;

/** The ways to do a surface of the home, the best first; none where its material or the soil is not known. */
export type WaysHere = (surface: HomeSurface, soilId: string) => readonly Way[];

/** How the surfaces of a home are done with what there is: as it is advised where one is chosen. */
export function waysInHome({ rooms, surfaces, recent, facts }: HomeToClean, supplies: Supplies): WaysHere {
  const weighed = new Map<RoomSize, readonly Candidate[]>();
  const candidatesIn = (size: RoomSize): readonly Candidate[] => {
    const candidates = weighed.get(size) ?? weighSupplies(supplies, { ...contextOf('stored', facts), room: size });
    weighed.set(size, candidates);
    return candidates;
  };
  return (own, soilId) => {
    const surface = toleranceOf(own);
    const soil = SOILS.find((s) => s.id === soilId);
    if (!surface || !soil) return [];
    const size: RoomSize = rooms.find((r) => r.id === own.roomId)?.small ? 'small' : 'large';
    const context = { ...contextOf('stored', { ...facts, schools: { ...facts.schools, ...own.schools } }), room: size };
    const joints = jointsOf(
      own.surfaceId,
      surfaces.filter((s) => s.roomId === own.roomId),
    );
    const went = wentHere(recent, own.id, soilId);
    return rankWays(candidatesIn(size), surface, soil, context, facts, { joints, areaM2: own.areaM2, went }).ways;
  };
}
