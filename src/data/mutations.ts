import { useMutation, useQueryClient, type UseMutationResult } from '@tanstack/react-query';
import {
  DEFAULT_SETTINGS,
  undoReplace,
  type Batch,
  type BatchState,
  type Home,
  type HomeSurface,
  type Job,
  type PantryItem,
  type Settings,
  type Timer,
  type Vessel,
} from '../core';
import { COLLECTIONS, SETTINGS_ID, type ListName, type Records } from './collections';
import { useHome } from './HomeProvider';
import type { Store } from './store';
import { useOnce } from './useOnce';
import { touchedBy, type FieldChange, type Write } from './write';
import type { WriteFailure } from './writeFailure';

const NOT_REMOVED: WriteFailure = { failed: 'Not removed' };

/** A write, after which the named collections are read again. What makes something new is begun once (`useOnce`). */
function useWrite<V, R>(
  write: (store: Store, what: V) => Promise<R>,
  collections: readonly string[],
  failure: WriteFailure,
): UseMutationResult<R, Error, V> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    meta: { failure },
    mutationFn: (what: V) => write(store, what),
    onSuccess: () => Promise.all(collections.map((c) => client.invalidateQueries({ queryKey: [c] }))),
  });
}

export const useSaveVessel = () =>
  useOnce(useWrite((store, value: Vessel) => store.put([{ collection: 'vessel', value }]), ['vessel'], {}));

export const useSavePantryItem = () =>
  useWrite((store, value: PantryItem) => store.put([{ collection: 'pantry', value }]), ['pantry'], {});

export const useRemovePantryItem = () =>
  useWrite((store, id: string) => store.remove('pantry', id), ['pantry'], NOT_REMOVED);

/** Marks a batch as emptied, discarded, or kept again. */
export const useEndBatch = () => {
  const { seen } = useSeen('batch');
  return useWrite(
    (store, { id, state, at }: { id: string; state: BatchState; at: string }) =>
      store.update('batch', id, (now) => ({ ...now, state, endedAt: state === 'kept' ? null : at }), seen()),
    ['batch'],
    {},
  );
};

/** The records of a list as they are shown now. */
function useSeen<N extends ListName>(name: N) {
  const client = useQueryClient();
  return {
    seen: (): readonly Records[N][] | undefined => client.getQueryData([name]),
    show: (change: (now: Records[N]) => Records[N]): void => {
      client.setQueryData<readonly Records[N][]>([name], (all) => all?.map(change));
    },
  };
}

/**
 * A write after which the writer goes on at once, while what was written is read again: what is ended or
 * removed must not pull the screen away before it has been left.
 */
function useWriteWithoutWaiting<V, R>(
  write: (store: Store, what: V) => Promise<R>,
  collectionsOf: (what: V) => Iterable<string>,
  failure: WriteFailure,
): UseMutationResult<R, Error, V> {
  const { store } = useHome();
  const client = useQueryClient();
  return useOnce(
    useMutation({
      meta: { failure },
      mutationFn: (what: V) => write(store, what),
      onSuccess: (_, what) => {
        for (const name of collectionsOf(what)) void client.invalidateQueries({ queryKey: [name] });
      },
    }),
  );
}

/** Writes several things at one go: rooms with their surfaces, a job with its wait, an entry with both. */
export const useWriteHome = (failure: WriteFailure = {}) =>
  useWriteWithoutWaiting((store, what: Write) => store.write(what), touchedBy, failure);

/** Changes settings, each by itself: they show at once, and are written behind. */
export function useSaveSettings(): UseMutationResult<void, Error, Partial<Settings>> {
  const client = useQueryClient();
  return useOptimisticFields<Partial<Settings>>(
    (fields) => ({ collection: 'settings', id: SETTINGS_ID, fields }),
    (fields) => client.setQueryData<Settings>(['settings'], (now) => ({ ...(now ?? DEFAULT_SETTINGS), ...fields })),
  );
}

/** Changes fields of a surface: they show at once, and are written behind. */
export function useChangeSurface(): UseMutationResult<void, Error, { id: string; fields: Partial<HomeSurface> }> {
  const client = useQueryClient();
  return useOptimisticFields<{ id: string; fields: Partial<HomeSurface> }>(
    ({ id, fields }) => ({ collection: 'surface', id, fields }),
    ({ id, fields }) =>
      client.setQueryData<readonly HomeSurface[]>(['surface'], (now) =>
        now?.map((s) => (s.id === id ? { ...s, ...fields } : s)),
      ),
  );
}

/** Changes fields of a bottle on the shelf: they show at once, and are written behind. */
export function useChangeBatch(): UseMutationResult<void, Error, { id: string; fields: Partial<Batch> }> {
  const { show } = useSeen('batch');
  return useOptimisticFields<{ id: string; fields: Partial<Batch> }>(
    ({ id, fields }) => ({ collection: 'batch', id, fields }),
    ({ id, fields }) => show((now) => (now.id === id ? { ...now, ...fields } : now)),
  );
}

/** A change of fields that is shown before it is written; what was not written is read anew. */
function useOptimisticFields<V>(
  changeOf: (what: V) => FieldChange,
  show: (what: V) => void,
): UseMutationResult<void, Error, V> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (what: V) => store.write({ change: [changeOf(what)] }),
    onMutate: show,
    onSettled: (_, __, what) => client.invalidateQueries({ queryKey: [changeOf(what).collection] }),
  });
}

/** Changes a wait in its newest form, whatever tab changed it last; shown before it is written, except its end, which the guide goes on from. */
export const useChangeTimer = () =>
  useOptimisticUpdate('timer', (now: Timer, next: Timer) => (next.endedAt === now.endedAt ? next : now));

/**
 * Changes several waits at one go, each in its newest form: those that were changed. Nothing of it is shown before:
 * who tells of a wait must know that it was this page that wrote it down.
 */
export function useChangeTimers(): UseMutationResult<
  readonly Timer[],
  Error,
  { ids: readonly string[]; change: (now: Timer) => Timer }
> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ ids, change }: { ids: readonly string[]; change: (now: Timer) => Timer }) =>
      store.updateAll('timer', ids, change),
    onSettled: () => void client.invalidateQueries({ queryKey: ['timer'] }),
  });
}

/** A change of one record's newest form. */
interface RecordChange<R> {
  readonly id: string;
  readonly change: (now: R) => R;
  /** What follows once it is written, at the first try or a later one, whoever is still on the screen; null if it is not there any more. */
  readonly after?: (now: R | null) => void;
}

/** Changes a job in its newest form; shown before it is written. */
export const useChangeJob = () => useOptimisticUpdate('job', (_: Job, next: Job) => next);

/**
 * A change of one record's newest form; `shown` says what of it is to be seen before it is written. The store
 * notes it first: what is seen is never lost.
 */
function useOptimisticUpdate<N extends 'timer' | 'job'>(
  name: N,
  shown: (now: Records[N], next: Records[N]) => Records[N],
): UseMutationResult<Records[N] | null, Error, RecordChange<Records[N]>> {
  const { store } = useHome();
  const client = useQueryClient();
  const { seen, show } = useSeen(name);
  return useMutation({
    mutationFn: ({ id, change }: RecordChange<Records[N]>) => {
      const written = store.update(name, id, change, seen());
      show((now) => (now.id === id ? shown(now, change(now)) : now));
      return written;
    },
    onSuccess: (now, { after }) => after?.(now),
    onSettled: () => void client.invalidateQueries({ queryKey: [name] }),
  });
}

/** Puts another home in place of everything, or one made of what is there; gives back what was there and what was put. */
export const useReplaceHome = () =>
  useWrite((store, next: Home | ((now: Home) => Home | Promise<Home>)) => store.replace(next), COLLECTIONS, {
    failed: 'Not replaced',
    kept: 'Nothing was changed.',
  });

/** Takes that back, without what was made since; says how much of that there is. */
export const useUndoReplace = () =>
  useWrite(
    async (store, { before, put }: { readonly before: Home; readonly put: Home }) => {
      let kept = 0;
      await store.replace((now) => {
        const back = undoReplace(before, put, now);
        kept = back.kept;
        return back.home;
      });
      return { kept };
    },
    COLLECTIONS,
    { failed: 'Not taken back', kept: 'Nothing was changed.' },
  );

/** Puts back what was set aside and can be read by now. */
export const useRestoreQuarantined = () =>
  useWrite<undefined, { readonly restored: number }>(
    async (store) => {
      const before = (await store.quarantined()).length;
      await store.restoreQuarantined();
      return { restored: before - (await store.quarantined()).length };
    },
    [],
    { failed: 'Not put back' },
  );
