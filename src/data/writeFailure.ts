import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { StoppedError } from '../worker/desk';
import { LeftOpenError } from './mergeQuestions';
import { NewerDataError } from './opening/head';

/** Why a write was not carried out. */
export type WriteErrorCode = 'no-room' | 'newer-data' | 'unknown';

/** What is said beside the reason when a write fails. */
export interface WriteFailure {
  /** What did not happen; "Not saved" if left out. */
  readonly failed?: string;
  /** What of the person's work is safe all the same, a sentence. */
  readonly kept?: string;
}

declare module '@tanstack/react-query' {
  interface Register {
    mutationMeta: { readonly failure?: WriteFailure };
  }
}

/** Which of the known reasons an error has. A full disk is a QuotaExceededError (Storage Standard; Indexed Database API). */
export function writeErrorCode(error: Error): WriteErrorCode {
  if (error instanceof NewerDataError) return 'newer-data';
  const names = [error.name, error.cause instanceof Error ? error.cause.name : ''];
  return names.includes('QuotaExceededError') ? 'no-room' : 'unknown';
}

const WHAT_NOW: Readonly<Record<WriteErrorCode, string>> = {
  'no-room': 'Free some space and try again.',
  'newer-data': '',
  unknown: 'Try again.',
};

/** What a person is told of a write that failed: what, why, what is safe, what to do. */
export function writeFailureText(error: Error, { failed = 'Not saved', kept = '' }: WriteFailure = {}): string {
  const why = error.message.replace(/\.$/, '');
  return [`${failed}: ${why}.`, kept, WHAT_NOW[writeErrorCode(error)]].filter((part) => part !== '').join(' ');
}

/** Says every write that fails, whichever screen began it and whether it still stands, and offers it once more; an undo too. */
export function useWriteFailures(say: (said: { readonly text: string; readonly again: () => void }) => void): void {
  const client = useQueryClient();
  useEffect(
    () =>
      client.getMutationCache().subscribe((event) => {
        if (event.type !== 'updated' || event.action.type !== 'error') return;
        // What the person left open, or stopped, they know of.
        if (event.action.error instanceof LeftOpenError || event.action.error instanceof StoppedError) return;
        const { mutation } = event;
        say({
          text: writeFailureText(event.action.error as Error, mutation.meta?.failure),
          // Whoever began it hears of it as if it had been well the first time; what fails again is said again.
          again: () => void mutation.execute(mutation.state.variables).catch(() => undefined),
        });
      }),
    [client, say],
  );
}
