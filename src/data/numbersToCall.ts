import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useSyncExternalStore } from 'react';
import type { Settings } from '../core';
import { browserSyncStorage, type SyncStorage } from './browserStorage';
import { homeKind } from './homeKind';

/** Numbers to call after an accident, as they are dialled; empty if not entered. */
export type CallNumbers = Pick<Settings, 'emergencyNumber' | 'poisonNumber'>;

/** Each home has its own. */
const keyOf = (): string => `biscuit-numbers/${homeKind()}`;

/** What was kept of them; null where nothing was, or it cannot be read. */
export function keptNumbers(storage: SyncStorage | null = browserSyncStorage()): CallNumbers | null {
  try {
    const { emergencyNumber, poisonNumber } = JSON.parse(storage?.getItem(keyOf()) ?? 'null') as Record<
      string,
      unknown
    >;
    return typeof emergencyNumber === 'string' && typeof poisonNumber === 'string'
      ? { emergencyNumber, poisonNumber }
      : null;
  } catch {
    return null;
  }
}

/** The settings, once something has read them. */
function useSettingsRead(): Settings | undefined {
  const client = useQueryClient();
  // What else is told is told while something is drawn, and has read nothing.
  const subscribe = useCallback(
    (heard: () => void) =>
      client.getQueryCache().subscribe(({ type }) => (type === 'updated' || type === 'removed') && heard()),
    [client],
  );
  const read = (): Settings | undefined => client.getQueryData<Settings>(['settings']);
  return useSyncExternalStore(subscribe, read, read);
}

/**
 * Keeps the numbers in the small storage too, as soon as the settings have been read: they are at hand before the home
 * is open, and where it does not open.
 */
export function useKeepNumbers(storage: SyncStorage | null = browserSyncStorage()): void {
  const settings = useSettingsRead();
  useEffect(() => {
    if (!settings) return;
    const { emergencyNumber, poisonNumber } = settings;
    try {
      storage?.setItem(keyOf(), JSON.stringify({ emergencyNumber, poisonNumber }));
    } catch {
      // A full disk: they stand in the settings.
    }
  }, [settings, storage]);
}

/** The numbers to call: of the settings once they are read, before that as they were last; null while neither is known. */
export const useNumbersToCall = (): CallNumbers | null => useSettingsRead() ?? keptNumbers();
