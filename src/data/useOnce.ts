import type { MutateOptions, UseMutateFunction, UseMutationResult } from '@tanstack/react-query';
import { useCallback, useId } from 'react';
import { beginOnce } from '../intent/press';

/**
 * The same, begun once for an intent: a second press of a series begins nothing. What failed can be tried again.
 */
export function useOnce<R, V>(mutation: UseMutationResult<R, Error, V>): UseMutationResult<R, Error, V> {
  const writer = useId();
  const { mutateAsync } = mutation;
  const once = useCallback(
    (what: V, options?: MutateOptions<R, Error, V>) => {
      const begun = beginOnce(writer);
      if (!begun) return;
      // What failed is said by its own meta; here it only matters that it may be tried again.
      const write = mutateAsync as (what: V, options?: MutateOptions<R, Error, V>) => Promise<R>;
      void write(what, options).catch(begun.letGo).finally(begun.settled);
    },
    [mutateAsync, writer],
  );
  return { ...mutation, mutate: once as UseMutateFunction<R, Error, V> };
}
