import { useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
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
  usedOwn,
  validate,
  type Formula,
  type HomeSurface,
  type LogEntry,
  type OwnRef,
  type ResidueConflict,
  type Result,
  type Room,
  type Used,
} from '@/core';
import { newId, useDraft, useFormulas, useOwn, useRecentLog, useRooms, useSurfaces } from '@/data';
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
  /** One that the person has described; empty where none is meant. */
  readonly ownId: string;
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
  ownId: '',
  typed: '',
  formulaId: '',
  surfaceId: '',
  when: 'now',
  rinsed: null,
  notes: '',
};

/** What was used, so far as it is said; null while it is not. */
function usedIn(said: NewEntry, formula: Formula | undefined, own: readonly OwnRef[]): Used | null {
  const { kind, boughtId, ownId } = said;
  const typed = said.typed.trim();
  if (kind === 'formula') return formula ? usedOf(formula) : null;
  const described = own.find((o) => (ownId === '' ? boughtId === '' && isSameName(o.name, typed) : o.id === ownId));
  if (described) return usedOwn(described);
  const bought = BOUGHT.find((b) => b.id === boughtId);
  if (bought) return { kind: 'bought', id: bought.id, name: bought.name };
  if (typed === '') return null;
  const match = findIngredient(typed);
  return { kind: 'bought', id: match.kind === 'exact' ? match.ingredient.id : null, name: typed };
}

const isSameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.toLowerCase();

const isNewEntry = (value: unknown): value is NewEntry =>
  typeof value === 'object' && value !== null && 'ownId' in value && 'typed' in value && 'when' in value;

export interface NewEntryState {
  readonly said: NewEntry;
  /** False until what was left unfinished has been read. */
  readonly ready: boolean;
  /** Forgets what was said: it is written down. */
  readonly clear: () => void;
  /** What the person has described. */
  readonly described: readonly OwnRef[];
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
  const described = useOwn();
  const recent = useRecentLog(LOOK_BACK_DAYS);
  const { surface: given = '' } = useLocalSearchParams<{ surface?: string }>();
  const draft = useDraft<NewEntry>(`log/new/${given}`, { ...NOTHING_SAID, surfaceId: given }, isNewEntry);
  const said = draft.value;
  const put = (part: Partial<NewEntry>): void => draft.set({ ...said, ...part });

  const formulas = useMemo(() => [...(own ?? []), ...STARTER_FORMULAS], [own]);
  const surface = surfaces.data?.find((s) => s.id === said.surfaceId);
  const room = rooms.find((r) => r.id === surface?.roomId);
  const formula = formulas.find((f) => f.id === said.formulaId);
  const used = useMemo(() => usedIn(said, formula, described), [said, formula, described]);
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
    ready: draft.ready,
    clear: draft.clear,
    described,
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
