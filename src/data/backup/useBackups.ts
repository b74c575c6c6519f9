import { useMutation, type UseMutationResult } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import type { BackupState, Home, LogEntry, MergedHomes, Result } from '../../core';
import { askHome } from '../../worker/homeDesk';
import { saveFile } from '../files';
import { useHome } from '../HomeProvider';
import type { BackupFile, BackupFileState } from './backupFile';

/** What is known of the copies of this home, and how not to be told of it for a while. */
export function useBackupState(): { readonly state: BackupState; readonly quiet: () => void } {
  const { backups } = useHome();
  return { state: useSyncExternalStore(backups.subscribe, backups.state, backups.state), quiet: () => backups.quiet() };
}

/** The file that copies go to by themselves. */
export function useBackupFile(): { readonly file: BackupFile; readonly state: BackupFileState } {
  const { backupFile: file } = useHome();
  return { file, state: useSyncExternalStore(file.subscribe, file.state, file.state) };
}

/** Saves all there is to a file, read back before it is handed out; gives what would not come back of it. Stopped, it saves nothing. */
export function useSaveBackup(): UseMutationResult<
  { readonly problem: string | null },
  Error,
  AbortSignal | undefined
> {
  const { store, backups } = useHome();
  return useMutation({
    meta: { failure: { failed: 'Not saved to a file', kept: 'Nothing was changed.' } },
    mutationFn: async (signal: AbortSignal | undefined) => {
      const { changes } = backups.state();
      const home = await store.home();
      const { file, problem } = await askHome('copyOf', { home, nowISO: new Date().toISOString() }, signal);
      // A copy that is not whole is better than none.
      saveFile('biscuit.json', file);
      if (problem === null) backups.saved(changes);
      return { problem };
    },
  });
}

/** What a copy holds, and what of all that is here it does not. */
export interface TriedBackup {
  readonly holds: Home;
  /** What is here, seen from the copy: new, newer or not the same. */
  readonly missing: MergedHomes['lists'];
}

/** Tries whether a copy could be brought back; changes nothing. */
export function useTryBackup(): (file: string, signal: AbortSignal) => Promise<Result<TriedBackup>> {
  const { store } = useHome();
  return async (file, signal) => askHome('tryCopy', { file, there: await store.home() }, signal);
}

/** What is in a home's file, and how it comes together with what is here; changes nothing. */
export function useReadHomeFile(): (
  file: string,
  signal: AbortSignal,
) => Promise<Result<{ readonly home: Home; readonly merged: MergedHomes }>> {
  const { store } = useHome();
  return async (file, signal) => askHome('readHome', { file, there: await store.home() }, signal);
}

/** What is here and what a file holds, brought together. */
export const homeWithFile = (there: Home, file: Home): Promise<Home> => askHome('merge', { there, file });

/** The log as a CSV file, and entries out of one; changes nothing. */
export const logFiles = {
  write: (entries: readonly LogEntry[], signal: AbortSignal): Promise<Blob> => askHome('writeLog', entries, signal),
  read: (file: string, signal: AbortSignal): Promise<Result<LogEntry[]>> => askHome('readLog', file, signal),
};
