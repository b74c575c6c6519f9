import { useMutation, useQueryClient, type UseMutationResult } from '@tanstack/react-query';
import type { Batch, BatchState, Formula, Home, Settings, Vessel } from '../core';
import { COLLECTIONS } from './collections';
import { useHome } from './HomeProvider';
import type { Store } from './store';

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

export const useSaveFormula = () =>
  useWrite((store, value: Formula) => store.put([{ collection: 'formula', value }]), ['formula']);

export const useRemoveFormula = () => useWrite((store, id: string) => store.remove('formula', id), ['formula']);

/** Puts a batch on the shelf; its bottle, if new, with it, in one transaction. */
export const useMakeBatch = () =>
  useWrite(
    (store, { batch, newVessel }: { batch: Batch; newVessel: Vessel | null }) =>
      store.put([
        { collection: 'batch', value: batch },
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

/** Puts another home in place of everything; gives back what was there. */
export const useReplaceHome = () =>
  useWrite(async (store, home: Home) => {
    const before = await store.home();
    await store.replace(home);
    return before;
  }, COLLECTIONS);
