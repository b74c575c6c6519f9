import type { HomeSurface, Room } from './homeSurface';
import type { LogEntry } from './logEntry';
import { likeness, placeWords } from './sameName';

/** A name in entries from outside that may mean several surfaces of the home. */
export interface UnclearPlace {
  /** As it was written, with its room where one was. */
  readonly wrote: string;
  readonly candidates: readonly HomeSurface[];
}

/** Entries from outside, with their places joined to those of the home. */
export interface JoinedEntries {
  readonly entries: readonly LogEntry[];
  /** What was written, and the surface it was taken for. */
  readonly joined: readonly { readonly wrote: string; readonly surface: HomeSurface }[];
  /** Names that may mean several: to be asked about. */
  readonly unclear: readonly UnclearPlace[];
  /** Names of no surface of this home: they stay as they are. */
  readonly unknown: readonly string[];
}

/** What a person said an unclear name means, by how it was written: the id of a surface, or empty for none of them. */
export type PlaceAnswers = Readonly<Record<string, string>>;

const wroteOf = ({ surface, room }: LogEntry): string =>
  room.name === '' ? surface.name : `${surface.name}, ${room.name}`;

/** The surfaces that a name may mean: those called just so, else those called nearly so. */
function candidatesFor({ surface, room }: LogEntry, rooms: readonly Room[], surfaces: readonly HomeSurface[]) {
  const isHere = (s: HomeSurface): boolean => {
    if (room.id !== null) return s.roomId === room.id;
    const own = rooms.find((r) => r.id === s.roomId);
    return room.name === '' || (own !== undefined && likeness(room.name, own.name) !== null);
  };
  const called = (how: 'same' | 'close'): HomeSurface[] =>
    surfaces.filter((s) => isHere(s) && likeness(surface.name, s.name) === how);
  const same = called('same');
  return same.length > 0 ? same : called('close');
}

/**
 * Joins entries that name a surface without its id to the home's surface of that name, so that what was used on it
 * is known there. Where a name may mean several, nothing is guessed: it is asked about.
 */
export function joinPlaces(
  entries: readonly LogEntry[],
  rooms: readonly Room[],
  surfaces: readonly HomeSurface[],
  answers: PlaceAnswers = {},
): JoinedEntries {
  const joined = new Map<string, HomeSurface>();
  const unclear = new Map<string, UnclearPlace>();
  const unknown = new Map<string, string>();
  const placed = entries.map((entry): LogEntry => {
    if (surfaces.some((s) => s.id === entry.surface.id)) return entry;
    const wrote = wroteOf(entry);
    const candidates = candidatesFor(entry, rooms, surfaces);
    const answer = answers[wrote];
    const meant = candidates.length === 1 ? candidates[0] : candidates.find((s) => s.id === answer);
    if (!meant) {
      if (candidates.length > 1 && answer === undefined) unclear.set(wrote, { wrote, candidates });
      else unknown.set(placeWords(wrote), wrote);
      return entry;
    }
    joined.set(wrote, meant);
    return {
      ...entry,
      surface: { id: meant.id, name: meant.name, material: meant.surfaceId },
      room: { id: meant.roomId, name: rooms.find((r) => r.id === meant.roomId)?.name ?? entry.room.name },
    };
  });
  return {
    entries: placed,
    joined: [...joined].map(([wrote, surface]) => ({ wrote, surface })),
    unclear: [...unclear.values()],
    unknown: [...unknown.values()],
  };
}
