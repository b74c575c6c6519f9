import type { BackupState } from '@/core';
import { agoText } from './times';

const changesText = (changes: number): string => (changes === 1 ? 'One change' : `${changes} changes`);

/** What is known of copies of a home, in a sentence. */
export function copyText({ since, savedAt, changes }: BackupState, nowMs: number): string {
  if (savedAt === null)
    return since === null
      ? 'Nothing is kept yet that a copy would bring back.'
      : `${changesText(changes)} so far, and no copy of it anywhere but on this device.`;
  const last = `The last copy was saved ${agoText(savedAt, nowMs)}`;
  return changes === 0
    ? `${last}; nothing has changed since.`
    : `${last}; ${changesText(changes).toLowerCase()} since, on this device alone.`;
}

/** What is said of a copy that was saved. */
export const savedText = (problem: string | null): string =>
  problem === null
    ? 'Everything was written to biscuit.json, and read back: it would bring back all of it.'
    : `Everything was written to biscuit.json, but it would not all come back: ${problem.replace(/\.$/, '')}. Keep it all the same.`;

/** Why the chosen file is not written to. */
export const copyFileText = (state: {
  readonly kind: 'waits' | 'failed';
  readonly name: string;
  readonly why?: string;
}): string =>
  state.kind === 'waits'
    ? `This browser asks again before it lets Biscuit write the copy to ${state.name}.`
    : `The copy in ${state.name} is not up to date: ${(state.why ?? '').replace(/\.$/, '')}.`;
