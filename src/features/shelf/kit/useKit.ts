import { useMemo } from 'react';
import { RATED_DAYS, stockedIds, type HomeSurface, type PantryItem, type Room } from '@/core';
import { kitWith, thingsFor, type HomeKit, type HomeTask, type KitLevel } from '@/core/doors/shopping';
import { useFormulas, usePantry, useReckoned, useRecentLog, useRooms, useSettings, useSurfaces } from '@/data';

/** What kind of kit is asked for: the fewest things, those that do it best, or what one picks. */
export type KitKind = 'starter' | 'expanded' | 'own';

/** How a kit is asked for. */
export interface KitAsked {
  readonly kind: KitKind;
  /** The rooms it is for, by their ids; none for all. */
  readonly roomIds: readonly string[];
  /** No more things than this; null for as many as it takes. */
  readonly most: number | null;
  readonly withCupboard: boolean;
  /** Left out, by id. */
  readonly without: readonly string[];
  /** Of one's own pick, by id. */
  readonly picked: readonly string[];
}

export const FIRST_ASKED: KitAsked = {
  kind: 'starter',
  roomIds: [],
  most: null,
  withCupboard: false,
  without: [],
  picked: [],
};

/** With one more in a list, or one less; the empty one empties it. */
export const toggled = (list: readonly string[], id: string): readonly string[] =>
  id === '' ? [] : list.includes(id) ? list.filter((o) => o !== id) : [...list, id];

const levelOf = ({ kind }: KitAsked): KitLevel => (kind === 'expanded' ? 'best' : 'well');

export interface KitState {
  readonly rooms: readonly Room[];
  readonly surfaces: readonly HomeSurface[];
  readonly pantry: readonly PantryItem[];
  readonly ready: boolean;
  readonly tasks: readonly HomeTask[];
  readonly kit: HomeKit | null;
  /** Everything that could be in a kit, the most used first. */
  readonly things: readonly string[];
  readonly failed: boolean;
  readonly again: () => void;
}

/** The kit that was asked for, reckoned beside the page. */
export function useKit(asked: KitAsked): KitState {
  const settings = useSettings();
  const rooms = useRooms().data;
  const surfaces = useSurfaces().data;
  const recent = useRecentLog(RATED_DAYS).data;
  const formulas = useFormulas().data;
  const pantry = usePantry().data;
  const { roomIds, withCupboard, most, without, picked, kind } = asked;
  const level = levelOf(asked);
  const home = useMemo(
    () =>
      rooms && surfaces && recent && formulas && surfaces.length > 0
        ? { rooms, surfaces, recent, formulas, facts: settings }
        : null,
    [rooms, surfaces, recent, formulas, settings],
  );
  const there = useMemo(() => (withCupboard ? [...stockedIds(pantry ?? [])] : []), [withCupboard, pantry]);
  const all = useReckoned('kitTasks', home);
  const tasks = useMemo(() => {
    const inRooms = surfaces?.filter((s) => roomIds.length === 0 || roomIds.includes(s.roomId)).map((s) => s.id) ?? [];
    return all.data?.filter((t) => inRooms.includes(t.surfaceId)) ?? null;
  }, [all.data, surfaces, roomIds]);
  const input = useMemo(
    () => (tasks && kind !== 'own' ? { tasks, there, aim: { level, most, without } } : null),
    [tasks, kind, there, level, most, without],
  );
  const reckoned = useReckoned('kit', input);
  const own = useMemo(
    () => (kind === 'own' && tasks ? kitWith(picked, there, tasks, level) : null),
    [kind, picked, there, tasks, level],
  );
  return {
    rooms: rooms ?? [],
    surfaces: surfaces ?? [],
    pantry: pantry ?? [],
    ready: rooms !== undefined && surfaces !== undefined && pantry !== undefined,
    // What is claimed of a kit is of the jobs that it was reckoned for.
    tasks: (kind === 'own' ? tasks : reckoned.data?.tasks) ?? NO_TASKS,
    kit: kind === 'own' ? own : (reckoned.data?.kit ?? null),
    things: useMemo(() => thingsFor(tasks ?? []), [tasks]),
    failed: all.isError || reckoned.isError,
    again: () => void (all.isError ? all : reckoned).refetch(),
  };
}

const NO_TASKS: readonly HomeTask[] = [];
