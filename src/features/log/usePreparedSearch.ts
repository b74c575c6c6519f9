import { useEffect } from 'react';
import type { LogEntry } from '@/core';
import { searchText } from '@/core/doors/log';
import { breather } from '@/data';

/**
 * Works out what of each entry is searched, a little at a time, before anything is typed: years of it at the first key
 * would hold it up.
 */
export function usePreparedSearch(entries: readonly LogEntry[] | undefined): void {
  useEffect(() => {
    let stale = false;
    const prepare = async (all: readonly LogEntry[]): Promise<void> => {
      const breathe = breather();
      for (const entry of all) {
        await breathe();
        if (stale) return;
        // Kept with the entry.
        searchText(entry);
      }
    };
    if (entries) void prepare(entries);
    return () => {
      stale = true;
    };
  }, [entries]);
}
