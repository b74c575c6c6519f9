import type { EndReason } from '@/core';

/** Why a wait was ended, to choose from. */
export const END_REASON_CHOICES: readonly { readonly value: EndReason; readonly label: string }[] = [
  { value: 'looks-done', label: 'It looks done already' },
  { value: 'reacts', label: 'The surface reacts' },
  { value: 'dried-out', label: 'It dried out' },
  { value: 'no-time', label: 'No more time' },
];

export const reasonWords = (reason: EndReason): string =>
  END_REASON_CHOICES.find((r) => r.value === reason)?.label.toLowerCase() ?? '';
