import { useMutation, useQueryClient, type QueryClient, type UseMutationResult } from '@tanstack/react-query';
import { withTaken, type Made, type Taken } from '../core';
import { useHome } from './HomeProvider';
import type { NewestReader } from './store';
import { useOnce } from './useOnce';
import type { TaggedRecord, Write } from './write';

/** Items of the cupboard with so much less in them, or more: worked out from what they hold by now. */
async function stockPut(
  taken: readonly Taken[],
  newest: NewestReader,
  way: 'take' | 'putBack',
): Promise<TaggedRecord[]> {
  const items = await Promise.all(taken.map(async (t) => [t, await newest('pantry', t.id)] as const));
  return items.flatMap(([t, item]) =>
    item === null ? [] : [{ collection: 'pantry', value: withTaken(item, t, way) } as const],
  );
}

/** All of it in one transaction: the bottles, what was in them, and the cupboard. */
export async function makingWrite({ batches, newVessels, before, taken }: Made, newest: NewestReader): Promise<Write> {
  return {
    put: [
      ...batches.map((value) => ({ collection: 'batch' as const, value })),
      ...newVessels.map((value) => ({ collection: 'vessel' as const, value })),
      ...(await stockPut(taken, newest, 'take')),
    ],
    change: before.map(({ id }) => ({
      collection: 'batch' as const,
      id,
      fields: { state: 'emptied' as const, endedAt: batches[0]?.madeAt ?? null },
    })),
  };
}

/**
 * The same taken back: off the shelf, into the cupboard, and what was in the bottles is in them again. Where a bottle
 * that was made is not there any more, all of it was taken back already.
 */
export async function undoneWrite({ batches, newVessels, before, taken }: Made, newest: NewestReader): Promise<Write> {
  const [first] = batches;
  const isThere = !first || (await newest('batch', first.id)) !== null;
  return {
    put: isThere ? await stockPut(taken, newest, 'putBack') : [],
    change: before.map(({ id, state, endedAt }) => ({ collection: 'batch' as const, id, fields: { state, endedAt } })),
    remove: [
      ...batches.map(({ id }) => ({ collection: 'batch' as const, id })),
      ...newVessels.map(({ id }) => ({ collection: 'vessel' as const, id })),
    ],
  };
}

const readAnew = (client: QueryClient): Promise<unknown> =>
  Promise.all(['batch', 'vessel', 'pantry'].map((c) => client.invalidateQueries({ queryKey: [c] })));

/** What is made or taken back, and what follows once it is: it follows also where its screen has gone. */
interface MakingDone {
  readonly made: Made;
  readonly after: () => void;
}

/** Puts what was made on the shelf, if it is kept, and takes from the cupboard what went in. */
export function useMakeBatches(): UseMutationResult<void, Error, MakingDone> {
  const { store } = useHome();
  const client = useQueryClient();
  return useOnce(
    useMutation({
      meta: { failure: { kept: 'Nothing was lost.' } },
      mutationFn: ({ made }: MakingDone) => store.writeFromNewest((newest) => makingWrite(made, newest)),
      onSuccess: async (_, { after }) => {
        await readAnew(client);
        after();
      },
    }),
  );
}

/** Takes it back. */
export function useUndoMaking(): UseMutationResult<void, Error, MakingDone> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    meta: { failure: { failed: 'Not taken back', kept: 'Nothing was changed.' } },
    mutationFn: ({ made }: MakingDone) => store.writeFromNewest((newest) => undoneWrite(made, newest)),
    onSuccess: async (_, { after }) => {
      await readAnew(client);
      after();
    },
  });
}
