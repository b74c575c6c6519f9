import type { TrickWorth } from '../core/doors/tricks';

/** What a trick is worth, in words. */
export const TRICK_WORTH_WORDS: Readonly<Record<TrickWorth, string>> = {
  sound: 'Sound',
  'with-care': 'Sound within limits',
  'no-better': 'Not worth it',
  'leave-it': 'Leave it',
  'not-judged': 'Not judged',
};
