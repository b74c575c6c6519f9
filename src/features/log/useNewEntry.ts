import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import {
  DAY_MS,
  entryOfUse,
  findIngredient,
  HOUR_MS,
  INGREDIENTS,
  ingredientsUsed,
  logEntrySchema,
  MINUTE_MS,
  LOOK_BACK_DAYS,
  residueConflicts,
  residuesAt,
  SOILS,
  STARTER_FORMULAS,
  usedOf,
  validate,
  type Formula,
  type HomeSurface,
  type LogEntry,
  type ResidueConflict,
  type Result,
  type Room,
  type Used,
} from '@/core';
import { newId, useFormulas, useRecentLog, useRooms, useSurfaces } from '@/data';
import { useNow } from '@/ui';

/** What is bought, by the catalogue. */
export const BOUGHT = INGREDIENTS.filter((i) => i.role === 'bought');

export type When = 'now' | 'hours' | 'yesterday' | 'week';

const AGO_MS: Readonly<Record<When, number>> = {
  now: 0,
  hours: 3 * HOUR_MS,
  yesterday: DAY_MS,
  week: 7 * DAY_MS,
};

/** What a person says of something that was used without the guide. */
export interface NewEntry {
  readonly kind: 'bought' | 'formula';
  readonly boughtId: string;
  /** A bought product in the person's own words. */
  readonly typed: string;
  readonly formulaId: string;
  readonly surfaceId: string;
  readonly when: When;
  /** Null until it is said. */
  readonly rinsed: boolean | null;
  readonly notes: string;
}

const NOTHING_SAID: NewEntry = {
  kind: 'bought',
  boughtId: '',
  typed: '',
  formulaId: '',
  surfaceId: '',
  when: 'now',
  rinsed: null,
  notes: '',
};

/** What was used, so far as it is said; null while it is not. */
function usedIn({ kind, boughtId, typed }: NewEntry, formula: Formula | undefined): Used | null {
  if (kind === 'formula') return formula ? usedOf(formula) : null;
  const bought = BOUGHT.find((b) => b.id === boughtId);
  if (bought) return { kind: 'bought', id: bought.id, name: bought.name };
  if (typed.trim() === '') return null;
  const match = findIngredient(typed);
  return { kind: 'bought', id: match.kind === 'exact' ? match.ingredient.id : null, name: typed.trim() };
}

export interface NewEntryState {
  readonly said: NewEntry;
  readonly put: (part: Partial<NewEntry>) => void;
  readonly formulas: readonly Formula[];
  readonly formula: Formula | undefined;
  readonly surfaces: readonly HomeSurface[];
  readonly rooms: readonly Room[];
  readonly surface: HomeSurface | undefined;
  readonly room: Room | undefined;
  /** True once it is known that the home has no surface yet. */
  readonly hasNoSurface: boolean;
  /** Nothing of what is in it is known. */
  readonly isUnknown: boolean;
  /** Products of that name are of more than one kind. */
  readonly isSeveral: boolean;
  /** What it meets that is still there from before. */
  readonly conflicts: readonly ResidueConflict[];
  /** The entry, or what is wrong with it; null while something is not said. */
  readonly entry: () => Result<LogEntry> | null;
  readonly isComplete: boolean;
}

/** What is said of a new entry of the log, and what follows from it. */
export function useNewEntry(): NewEntryState {
  const nowMs = useNow(MINUTE_MS);
  const rooms = useRooms().data ?? NO_ROOMS;
  const surfaces = useSurfaces();
  const own = useFormulas().data;
  const recent = useRecentLog(LOOK_BACK_DAYS);
  const { surface: given = '' } = useLocalSearchParams<{ surface?: string }>();
  const [said, setSaid] = useState<NewEntry>({ ...NOTHING_SAID, surfaceId: given });
  const put = (part: Partial<NewEntry>): void => setSaid((now) => ({ ...now, ...part }));

  const formulas = useMemo(() => [...(own ?? []), ...STARTER_FORMULAS], [own]);
  const surface = surfaces.data?.find((s) => s.id === said.surfaceId);
  const room = rooms.find((r) => r.id === surface?.roomId);
  const formula = formulas.find((f) => f.id === said.formulaId);
  const used = useMemo(() => usedIn(said, formula), [said, formula]);
  const meant = useMemo(() => (used ? ingredientsUsed(used) : null), [used]);
  const entries = recent.data;
  const conflicts = useMemo(() => {
    if (!meant || !surface || !entries || said.when !== 'now') return [];
    const residues = residuesAt(
      {
        surfaceId: surface.id,
        roomId: surface.roomId,
        name: surface.name,
        roomName: room?.name ?? '',
        small: room?.small ?? false,
      },
      entries,
      nowMs,
    );
    return residueConflicts(meant, residues, nowMs, [], room?.small ? 'small' : 'large');
  }, [meant, surface, room, entries, said.when, nowMs]);

  const isBought = used?.kind === 'bought';
  const entry = (): Result<LogEntry> | null => {
    if (!used || !surface || said.rinsed === null) return null;
    const atISO = new Date(Date.now() - AGO_MS[said.when]).toISOString();
    const soil = SOILS.find((s) => s.id === surface.upkeep?.soilId) ?? null;
    const { rinsed, notes } = said;
    return validate(
      logEntrySchema,
      entryOfUse({ surface, room: room ?? null, soil }, used, { rinsed, notes }, newId(), atISO),
    );
  };
  return {
    said,
    put,
    formulas,
    formula,
    surfaces: surfaces.data ?? NO_SURFACES,
    rooms,
    surface,
    room,
    hasNoSurface: surfaces.isSuccess && surfaces.data.length === 0,
    isUnknown: isBought && meant !== null && !meant.known,
    isSeveral: isBought && meant !== null && meant.known && meant.readings.length > 1,
    conflicts,
    entry,
    isComplete: used !== null && surface !== undefined && said.rinsed !== null,
  };
}

const NO_ROOMS: readonly Room[] = [];
const NO_SURFACES: readonly HomeSurface[] = [];
