import type { Phase, Timer, TimerEvent, TimerKind, TimerNow } from '../core';
import { countdownText } from './times';

/** What is on a surface or lies in something. */
const ON: Readonly<Record<Phase, string>> = {
  early: 'Working. Too soon to be of use.',
  useful: 'Of use by now; better if it stays.',
  best: 'At its best: take it off when you are ready.',
  over: 'It has done what it can.',
};

/** Waits that are not taken off anything. */
const SAYS: Partial<Record<TimerKind, Readonly<Record<Phase, string>>>> = {
  infusion: {
    early: 'Steeping. Too soon to strain.',
    useful: 'Ready to strain; better if it stands on.',
    best: 'At its best: strain it when you are ready.',
    over: 'Strain it: more adds nothing.',
  },
  steam: {
    early: 'Steaming.',
    useful: 'Steaming.',
    best: 'Steamed enough. Let it cool before you open it.',
    over: 'Steamed enough. Let it cool before you open it.',
  },
  'spot-test': {
    early: 'Waiting to see what the surface does.',
    useful: 'Long enough: rinse it and look.',
    best: 'Long enough: rinse it and look.',
    over: 'Long enough: rinse it and look.',
  },
  own: { early: 'Running.', useful: 'Running.', best: 'The time is up.', over: 'The time is up.' },
};

/** What a wait is at, in a sentence. */
export function timerStatusText(timer: Timer, now: TimerNow): string {
  if (now.clockWentBack) return 'The clock of this device was set back: the wait counts from the start it had.';
  if (now.phase === 'over' && timer.mustComeOff) return 'It must come off now: the surface suffers.';
  return (SAYS[timer.kind] ?? ON)[now.phase];
}

/** A wait as a line of a list. */
export const timerTitle = (timer: Timer, now: TimerNow): string =>
  `${now.next ? countdownText(now.next.inMs) : 'Over'} · ${timer.place || timer.name}`;

export const timerDetail = (timer: Timer, now: TimerNow): string => `${timer.name}. ${timerStatusText(timer, now)}`;

/** Where a wait is seen to: in its job, or by itself. */
export const timerPath = (timer: Timer): `/clean/${string}` =>
  timer.jobId === null ? `/clean/timer?id=${timer.id}` : `/clean/job?id=${timer.jobId}&part=${timer.partId ?? ''}`;

/** What a wait has to say at an instant, in a sentence. */
export function timerEventText({ timer, event }: { readonly timer: Timer; readonly event: TimerEvent }): string {
  const place = timer.place || timer.name;
  switch (event.what) {
    case 'useful':
      return timer.kind === 'infusion' ? `${place}: ready to strain.` : `${place}: of use by now.`;
    case 'best':
      return timer.kind === 'spot-test' || timer.kind === 'steam' || timer.kind === 'own'
        ? `${place}: the wait is over.`
        : `${place}: best now.`;
    case 'off':
      return timer.mustComeOff ? `${place}: take it off now.` : `${place}: more adds nothing.`;
    case 'rewet':
      return `${place}: wet it again.`;
    case 'again':
      return `${place}: you wanted to be told again.`;
  }
}
