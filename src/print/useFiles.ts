import { useState } from 'react';
import { saveFile, StoppedError } from '@/data';
import { useWork } from '@/ui';

type Made = string | Uint8Array<ArrayBuffer>;

/** Why nothing was set, in words. */
export const setWords = (error: unknown): string =>
  error instanceof Error ? error.message : 'The label could not be set.';

/** Files that the press makes: made beside the page, handed to the person, and what went wrong with it in words. */
export function useFiles() {
  const [wrong, setWrong] = useState<string | null>(null);
  const { works, run } = useWork();
  const save = async (file: string, type: string, making: (signal: AbortSignal) => Promise<Made>): Promise<void> => {
    setWrong(null);
    try {
      saveFile(file, await run('The file is being made', making), type);
    } catch (error) {
      if (!(error instanceof StoppedError)) setWrong(setWords(error));
    }
  };
  return { works, wrong, setWrong, save };
}
