import type { LogOutcome } from '@/core';

/** What came of a cleaning, in a word or two. */
export const OUTCOME_WORDS: Readonly<Record<LogOutcome, string>> = {
  done: 'Done',
  repeat: 'Once more',
  'step-up': 'Stepped up',
  stopped: 'Stopped',
};
