import type { Phase, Timer, TimerNow } from '../core';
import { countdownText } from './times';

/** What a wait is at, in a sentence. */
export function standing(timer: Timer, now: TimerNow): string {
  if (now.clockWentBack) return 'The clock of this device was set back: the wait counts from the start it had.';
  const says: Record<Phase, string> = {
    early: 'Working. Too soon to be of use.',
    useful: 'Of use by now; better if it stays.',
    best: 'At its best: take it off when you are ready.',
    over: timer.mustComeOff ? 'It must come off now: the surface suffers.' : 'It has done what it can.',
  };
  return says[now.phase];
}

/** A wait as a line of a list. */
export const timerTitle = (timer: Timer, now: TimerNow): string =>
  `${now.next ? countdownText(now.next.inMs) : 'Over'} · ${timer.place || timer.name}`;

export const timerDetail = (timer: Timer, now: TimerNow): string =>
  `${timer.name}. ${timer.kind === 'infusion' && now.phase !== 'early' ? 'Ready to strain.' : standing(timer, now)}`;

/** Where a wait is seen to: in its job, or by itself. */
export const timerPath = (timer: Timer): `/clean/${string}` =>
  timer.jobId === null ? `/clean/timer?id=${timer.id}` : `/clean/job?id=${timer.jobId}&part=${timer.partId ?? ''}`;
