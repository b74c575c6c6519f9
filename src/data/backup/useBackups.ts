import { useMutation, type UseMutationResult } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { mergeHomes, readHomeFile, type BackupState, type Home, type MergedHomes, type Result } from '../../core';
import { saveFile } from '../files';
import { useHome } from '../HomeProvider';
import { newId } from '../newId';
import { createBackup } from './createBackup';
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

/** Saves all there is to a file, read back before it is handed out; gives what would not come back of it. */
export function useSaveBackup(): UseMutationResult<{ readonly problem: string | null }, Error, undefined> {
  const { store, backups } = useHome();
  return useMutation({
    meta: { failure: { failed: 'Not saved to a file', kept: 'Nothing was changed.' } },
    mutationFn: async () => {
      const { changes } = backups.state();
      const { text, problem } = createBackup(await store.home());
      // A copy that is not whole is better than none.
      saveFile('biscuit.json', text);
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
export function useTryBackup(): (text: string) => Promise<Result<TriedBackup>> {
  const { store } = useHome();
  return async (text) => {
    const read = readHomeFile(text);
    if (!read.ok) return read;
    return { ok: true, value: { holds: read.value, missing: mergeHomes(read.value, await store.home(), newId).lists } };
  };
}
