import {
  toleranceOf,
  jointsOf,
  SURFACES,
  usualAreaM2,
  type HomeSurface,
  type JobPlace,
  type Joint,
  type Room,
  type Surface,
} from '@/core';

/** Where to clean: a surface of the home, or any of the catalogue. */
export interface ChosenPlace {
  readonly place: JobPlace;
  /** What it stands. */
  readonly surface: Surface;
  /** What a cleaner runs into beside it. */
  readonly joints: readonly Joint[];
  readonly own: HomeSurface | null;
  readonly room: Room | null;
}

/** The place of an address: the id of a surface of the home, or `any:` and the catalogue's id; null if there is none. */
export function placeOf(key: string, surfaces: readonly HomeSurface[], rooms: readonly Room[]): ChosenPlace | null {
  if (key.startsWith('any:')) {
    const surface = SURFACES.find((s) => s.id === key.slice(4));
    if (!surface) return null;
    const place: JobPlace = {
      surfaceId: null,
      roomId: null,
      roomName: '',
      name: surface.name,
      material: surface.id,
      areaM2: usualAreaM2(surface.id),
    };
    return { place, surface, joints: jointsOf(surface.id, []), own: null, room: null };
  }
  const own = surfaces.find((s) => s.id === key);
  const surface = own ? toleranceOf(own) : null;
  if (!own || !surface) return null;
  const room = rooms.find((r) => r.id === own.roomId) ?? null;
  return {
    place: {
      surfaceId: own.id,
      roomId: own.roomId,
      roomName: room?.name ?? '',
      name: own.name,
      material: own.surfaceId,
      areaM2: own.areaM2,
    },
    surface,
    joints: jointsOf(
      own.surfaceId,
      surfaces.filter((s) => s.roomId === own.roomId),
    ),
    own,
    room,
  };
}
