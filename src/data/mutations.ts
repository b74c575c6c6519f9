import { useMutation, useQueryClient, type UseMutationResult } from '@tanstack/react-query';
import type { Batch, BatchState, Formula, Home, Job, PantryItem, Settings, Timer, Vessel } from '../core';
import { COLLECTIONS } from './collections';
import { useHome } from './HomeProvider';
import { touchedBy, type Store, type Write } from './store';

/** A write, after which the named collections are read again. */
function useWrite<V, R>(
  write: (store: Store, what: V) => Promise<R>,
  collections: readonly string[],
): UseMutationResult<R, Error, V> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (what: V) => write(store, what),
    onSuccess: () => Promise.all(collections.map((c) => client.invalidateQueries({ queryKey: [c] }))),
  });
}

/** Keeps formulas, all of them or none. */
export const useSaveFormulas = () =>
  useWrite(
    (store, values: readonly Formula[]) => store.put(values.map((value) => ({ collection: 'formula', value }))),
    ['formula'],
  );

export const useSaveVessel = () =>
  useWrite((store, value: Vessel) => store.put([{ collection: 'vessel', value }]), ['vessel']);

export const useSavePantryItem = () =>
  useWrite((store, value: PantryItem) => store.put([{ collection: 'pantry', value }]), ['pantry']);

export const useRemovePantryItem = () => useWrite((store, id: string) => store.remove('pantry', id), ['pantry']);

export const useRemoveFormula = () => useWrite((store, id: string) => store.remove('formula', id), ['formula']);

/** Puts batches on the shelf; their bottle, if new, with them, in one transaction. */
export const useMakeBatches = () =>
  useWrite(
    (store, { batches, newVessel }: { batches: readonly Batch[]; newVessel: Vessel | null }) =>
      store.put([
        ...batches.map((value) => ({ collection: 'batch' as const, value })),
        ...(newVessel ? [{ collection: 'vessel' as const, value: newVessel }] : []),
      ]),
    ['batch', 'vessel'],
  );

/** Marks a batch as emptied, discarded, or kept again. */
export const useEndBatch = () =>
  useWrite(
    (store, { id, state, at }: { id: string; state: BatchState; at: string }) =>
      store.update('batch', id, (now) => ({ ...now, state, endedAt: state === 'kept' ? null : at })),
    ['batch'],
  );

export const useSaveSettings = () =>
  useWrite((store, value: Settings) => store.put([{ collection: 'settings', value }]), ['settings']);

/**
 * A write after which the writer goes on at once, while what was written is read again: what is ended or
 * removed must not pull the screen away before it has been left.
 */
function useWriteAndGoOn<V, R>(
  write: (store: Store, what: V) => Promise<R>,
  collectionsOf: (what: V) => Iterable<string>,
): UseMutationResult<R, Error, V> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (what: V) => write(store, what),
    onSuccess: (_, what) => {
      for (const name of collectionsOf(what)) void client.invalidateQueries({ queryKey: [name] });
    },
  });
}

/** Writes several things at one go: rooms with their surfaces, a job with its wait, an entry with both. */
export const useWriteHome = () => useWriteAndGoOn((store, what: Write) => store.write(what), touchedBy);

/** Changes a wait in its newest form, whatever tab changed it last. */
export const useChangeTimer = () =>
  useWriteAndGoOn(
    (store, { id, change }: { id: string; change: (now: Timer) => Timer }) => store.update('timer', id, change),
    () => ['timer'],
  );

/** Changes a job in its newest form. */
export const useChangeJob = () =>
  useWriteAndGoOn(
    (store, { id, change }: { id: string; change: (now: Job) => Job }) => store.update('job', id, change),
    () => ['job'],
  );

/** Puts another home in place of everything; gives back what was there. */
export const useReplaceHome = () =>
  useWrite(async (store, home: Home) => {
    const before = await store.home();
    await store.replace(home);
    return before;
  }, COLLECTIONS);
