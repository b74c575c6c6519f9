import { useMemo } from 'react';
import { DAY_MS, ownRefs } from '../core';
import { useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';
import {
  DEFAULT_SETTINGS,
  STARTER_FORMULAS,
  type Batch,
  type BoughtInstead,
  type EarlierForm,
  type Formula,
  type HomeSurface,
  type Job,
  type LogEntry,
  type OwnPlan,
  type OwnRef,
  type PantryItem,
  type Purchase,
  type Room,
  type Settings,
  type Timer,
  type Vessel,
  type Wanted,
} from '../core';
import { useHome } from './HomeProvider';
import type { QuarantinedRecord } from './quarantine';
import type { LogSoFar } from './log/logReader';

export function useFormulas(): UseQueryResult<Formula[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['formula'], queryFn: () => store.all('formula') });
}

/** What formulas were before they were changed. */
export function useEarlierForms(): UseQueryResult<EarlierForm[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['earlier'], queryFn: () => store.all('earlier') });
}

export function useVessels(): UseQueryResult<Vessel[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['vessel'], queryFn: () => store.all('vessel') });
}

export function useBatches(): UseQueryResult<Batch[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['batch'], queryFn: () => store.all('batch') });
}

export function usePantry(): UseQueryResult<PantryItem[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['pantry'], queryFn: () => store.all('pantry') });
}

/** What was bought. */
export function usePurchases(): UseQueryResult<Purchase[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['purchase'], queryFn: () => store.all('purchase') });
}

/** What is wanted besides what the rooms ask for. */
export function useWanted(): UseQueryResult<Wanted[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['wanted'], queryFn: () => store.all('wanted'), select: byName });
}

/** What would be bought if it were not made. */
export function useInstead(): UseQueryResult<BoughtInstead[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['instead'], queryFn: () => store.all('instead'), select: byName });
}

/** What the person has described: it may stand in a formula, and be named in a text. */
export function useOwn(): readonly OwnRef[] {
  const pantry = usePantry().data;
  return useMemo(() => (pantry ? ownRefs(pantry) : NO_OWN), [pantry]);
}

const NO_OWN: readonly OwnRef[] = [];

const byName = <T extends { readonly name: string }>(list: readonly T[]): T[] =>
  [...list].sort((a, b) => a.name.localeCompare(b.name));

export function useRooms(): UseQueryResult<Room[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['room'], queryFn: () => store.all('room'), select: byName });
}

export function useSurfaces(): UseQueryResult<HomeSurface[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['surface'], queryFn: () => store.all('surface'), select: byName });
}

/** Waits, those that were ended too until their job is logged. */
export function useTimers(): UseQueryResult<Timer[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['timer'], queryFn: () => store.all('timer') });
}

export function useJobs(): UseQueryResult<Job[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['job'], queryFn: () => store.all('job') });
}

/** Jobs of several parts that the person keeps. */
export function usePlans(): UseQueryResult<OwnPlan[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['plan'], queryFn: () => store.all('plan'), select: byName });
}

/** The whole log, newest first. Its newest month is there at once, the rest a moment later. */
export function useLog(): UseQueryResult<LogSoFar> {
  const { store } = useHome();
  const client = useQueryClient();
  return useQuery({
    queryKey: ['log', 'all'],
    queryFn: () =>
      store.log((soFar) => {
        // What is shown stays until all of it is read anew.
        if (client.getQueryData(['log', 'all']) === undefined) client.setQueryData(['log', 'all'], soFar);
      }),
  });
}

/** What was done in the last so many days: read without the rest of the log. */
export function useRecentLog(days: number): UseQueryResult<LogEntry[]> {
  const { store } = useHome();
  return useQuery({
    queryKey: ['log', 'recent', days],
    queryFn: () => store.logSince(new Date(Date.now() - days * DAY_MS).toISOString()),
  });
}

/** The settings; the defaults until they are read. */
export function useSettings(): Settings {
  const { store } = useHome();
  return useQuery({ queryKey: ['settings'], queryFn: () => store.settings() }).data ?? DEFAULT_SETTINGS;
}

/** Records that could not be read and were set aside. */
export function useQuarantine(): QuarantinedRecord[] {
  const { store } = useHome();
  return useQuery({ queryKey: ['aside'], queryFn: () => store.quarantined() }).data ?? [];
}

/** One formula, own or starter; undefined while loading, null if there is none of this id. */
export function useFormula(id: string): Formula | null | undefined {
  const own = useFormulas();
  const starter = STARTER_FORMULAS.find((f) => f.id === id);
  if (starter) return starter;
  if (own.isPending) return undefined;
  return own.data?.find((f) => f.id === id) ?? null;
}

/** One batch; undefined while loading, null if there is none of this id. */
export function useBatch(id: string): Batch | null | undefined {
  const batches = useBatches();
  if (batches.isPending) return undefined;
  return batches.data?.find((b) => b.id === id) ?? null;
}
