import { useMutation, type UseMutationResult } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { mergeHomes, readHomeFile, type CopyState, type Home, type MergedHomes, type Result } from '../../core';
import { saveFile } from '../files';
import { useHome } from '../HomeProvider';
import { newId } from '../newId';
import { copyOf } from './copyOf';
import type { CopyFile, CopyFileState } from './copyFile';

/** What is known of the copies of this home, and how not to be told of it for a while. */
export function useCopyState(): { readonly state: CopyState; readonly quiet: () => void } {
  const { copies } = useHome();
  return { state: useSyncExternalStore(copies.subscribe, copies.state, copies.state), quiet: () => copies.quiet() };
}

/** The file that copies go to by themselves. */
export function useCopyFile(): { readonly file: CopyFile; readonly state: CopyFileState } {
  const { copyFile: file } = useHome();
  return { file, state: useSyncExternalStore(file.subscribe, file.state, file.state) };
}

/** Saves all there is to a file, read back before it is handed out; gives what would not come back of it. */
export function useSaveCopy(): UseMutationResult<{ readonly problem: string | null }, Error, undefined> {
  const { store, copies } = useHome();
  return useMutation({
    meta: { failure: { failed: 'Not saved to a file', kept: 'Nothing was changed.' } },
    mutationFn: async () => {
      const { text, problem } = copyOf(await store.home());
      // A copy that is not whole is better than none.
      saveFile('biscuit.json', text);
      if (problem === null) copies.saved();
      return { problem };
    },
  });
}

/** What a copy holds, and what of all that is here it does not. */
export interface TriedCopy {
  readonly holds: Home;
  /** What is here, seen from the copy: new, newer or not the same. */
  readonly missing: MergedHomes['lists'];
}

/** Tries whether a copy could be brought back; changes nothing. */
export function useTryCopy(): (text: string) => Promise<Result<TriedCopy>> {
  const { store } = useHome();
  return async (text) => {
    const read = readHomeFile(text);
    if (!read.ok) return read;
    return { ok: true, value: { holds: read.value, missing: mergeHomes(read.value, await store.home(), newId).lists } };
  };
}
