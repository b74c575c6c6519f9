import { useMutation, useQueryClient, type QueryClient, type UseMutationResult } from '@tanstack/react-query';
import { withBought, withoutBought, type PantryItem, type Purchase, type Replaced } from '../core';
import { useHome } from './HomeProvider';
import type { NewestReader } from './store';
import { useOnce } from './useOnce';
import type { Write } from './write';

/** What was bought goes into the cupboard as it is ticked off, in one write; ticked again, it comes out. */
interface Buying {
  readonly purchase: Purchase;
  /** True where what was there is past its day, and goes. */
  readonly replaces: boolean;
}

/** What gives way of an item. */
const replacedOf = ({ left, openedAt }: PantryItem): Replaced => ({
  left,
  ...(openedAt === undefined ? {} : { openedAt }),
});

export async function boughtWrite({ purchase, replaces }: Buying, newest: NewestReader): Promise<Write> {
  // Ticked in two tabs at once it is bought once.
  if ((await newest('purchase', purchase.id)) !== null) return {};
  const item = await newest('pantry', purchase.itemId);
  return {
    put: [
      { collection: 'purchase', value: replaces && item ? { ...purchase, replaced: replacedOf(item) } : purchase },
      { collection: 'pantry', value: withBought(item, purchase, replaces) },
    ],
  };
}

export async function takenBackWrite(purchase: Purchase, newest: NewestReader): Promise<Write> {
  const kept = await newest('purchase', purchase.id);
  if (kept === null) return {};
  const item = await newest('pantry', purchase.itemId);
  return {
    put: item === null ? [] : [{ collection: 'pantry', value: withoutBought(item, kept) }],
    remove: [{ collection: 'purchase', id: purchase.id }],
  };
}

const readAgain = (client: QueryClient): Promise<unknown> =>
  Promise.all(['purchase', 'pantry'].map((c) => client.invalidateQueries({ queryKey: [c] })));

/** Something was bought: it stands in the cupboard. */
export function useBuy(): UseMutationResult<void, Error, Buying> {
  const { store } = useHome();
  const client = useQueryClient();
  return useOnce(
    useMutation({
      meta: { failure: { failed: 'Not ticked off', kept: 'Nothing was changed.' } },
      mutationFn: (what: Buying) => store.writeFromNewest((newest) => boughtWrite(what, newest)),
      onSuccess: () => readAgain(client),
    }),
  );
}

/** It was not: it comes out of the cupboard again. */
export function useTakeBack(): UseMutationResult<void, Error, Purchase> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    meta: { failure: { failed: 'Not taken back', kept: 'Nothing was changed.' } },
    mutationFn: (what: Purchase) => store.writeFromNewest((newest) => takenBackWrite(what, newest)),
    onSuccess: () => readAgain(client),
  });
}
