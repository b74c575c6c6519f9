import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import { DEFAULT_SETTINGS, STARTER_FORMULAS, type Batch, type Formula, type Settings, type Vessel } from '../core';
import { useHome } from './HomeProvider';
import type { Aside } from './store';

export function useFormulas(): UseQueryResult<Formula[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['formula'], queryFn: () => store.all('formula') });
}

export function useVessels(): UseQueryResult<Vessel[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['vessel'], queryFn: () => store.all('vessel') });
}

export function useBatches(): UseQueryResult<Batch[]> {
  const { store } = useHome();
  return useQuery({ queryKey: ['batch'], queryFn: () => store.all('batch') });
}

/** The settings; the defaults until they are read. */
export function useSettings(): Settings {
  const { store } = useHome();
  return useQuery({ queryKey: ['settings'], queryFn: () => store.settings() }).data ?? DEFAULT_SETTINGS;
}

/** Records that could not be read and were set aside. */
export function useAsides(): Aside[] {
  const { store } = useHome();
  return useQuery({ queryKey: ['aside'], queryFn: () => store.asides() }).data ?? [];
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
