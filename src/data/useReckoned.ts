import { keepPreviousData, useQuery, type UseQueryResult } from '@tanstack/react-query';
import { askReckoner } from '../worker/reckonDesk';
import type { RECKON_TASKS } from '../worker/reckonTasks';

type Tasks = typeof RECKON_TASKS;

const stamps = new WeakMap<object, number>();
let last = 0;

/** A number for an object: the same one for the same object, another for another. */
function stampOf(object: object): number {
  const stamp = stamps.get(object) ?? ++last;
  stamps.set(object, stamp);
  return stamp;
}

/**
 * What is reckoned of a home, beside the page: again whenever what goes in changes, the last answer standing meanwhile.
 * @param input stable between renders; null while it is not all read
 */
export function useReckoned<N extends keyof Tasks>(
  name: N,
  input: Parameters<Tasks[N]>[0] | null,
): UseQueryResult<ReturnType<Tasks[N]>> {
  return useQuery({
    queryKey: ['reckoned', name, input === null ? 0 : stampOf(input)],
    queryFn: ({ signal }) => askReckoner(name, input as never, signal) as Promise<ReturnType<Tasks[N]>>,
    enabled: input !== null,
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
}
