import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { DATA_VERSION, EMPTY_HOME, LIST_IN_HOME, writeHomeFile, type Home, type Settings } from '../core';
import { LISTS } from './collections';
import type { DiskLoss } from './diskWatch';
import { saveFile } from './files';
import { useHome } from './HomeProvider';
import type { LogSoFar } from './log/logReader';
import { generationOf } from './opening/generation';

/** So long after the start everything is read, ms: nobody waits for it. */
const READ_ALL_AFTER_MS = 4000;

/** Everything of the home that this page has read or written. */
function homeInMemory(client: QueryClient): Home {
  const lists = LISTS.flatMap((name) => {
    const all = client.getQueryData([name]);
    return all === undefined ? [] : [[LIST_IN_HOME[name], all] as const];
  });
  const log = client.getQueryData<LogSoFar>(['log', 'all'])?.entries ?? [];
  const settings = client.getQueryData<Settings>(['settings']) ?? EMPTY_HOME.settings;
  return { ...EMPTY_HOME, ...Object.fromEntries(lists), log: [...log], settings };
}

/** Reads all there is a little after the start, so that a page has it where the browser clears it from the disk. */
export function useReadAll(): void {
  const { store } = useHome();
  const client = useQueryClient();
  useEffect(() => {
    const timer = setTimeout(() => {
      const read = (queryKey: readonly string[], queryFn: () => Promise<unknown>): void =>
        void client.query({ queryKey, queryFn }).catch(() => undefined);
      LISTS.forEach((name) => read([name], () => store.all(name)));
      read(['settings'], () => store.settings());
      read(['log', 'all'], () => store.log());
    }, READ_ALL_AFTER_MS);
    return () => clearTimeout(timer);
  }, [store, client]);
}

/** True if all of the home has been read. */
const isAllInMemory = (client: QueryClient): boolean =>
  LISTS.every((name) => client.getQueryData([name]) !== undefined) &&
  client.getQueryData<LogSoFar>(['log', 'all'])?.complete === true;

/** Whether the browser has taken the storage away, and what can be done while the page is open. */
export function useDiskLoss(): {
  readonly loss: DiskLoss | null;
  /** False if part of it had not been read when it went. */
  readonly isWhole: boolean;
  readonly saveToFile: () => void;
  /** @throws what stands in the way of it, in words */
  readonly putBack: () => Promise<void>;
} {
  const { disk } = useHome();
  const client = useQueryClient();
  return {
    loss: useSyncExternalStore(disk.subscribe, disk.loss, disk.loss),
    isWhole: isAllInMemory(client),
    saveToFile: () => saveFile('biscuit.json', writeHomeFile(homeInMemory(client), new Date().toISOString())),
    putBack: async () =>
      disk.putBack(await generationOf({ schema: DATA_VERSION, generation: 1, since: 1 }, homeInMemory(client))),
  };
}
