import { startTimer, timerAt, type TimerKind } from '../core';
import { timerStatusText, timerDetail } from './timerText';

const START = '2026-11-25T10:00:00.000Z';
const at = (minutes: number): number => Date.parse(START) + minutes * 60_000;
const wait = (kind: TimerKind, mustComeOff = false) =>
  startTimer(
    { id: 't', kind, name: 'Wait', place: 'Tub', usefulMinutes: 5, bestMinutes: 10, longestMinutes: 20, mustComeOff },
    START,
  );
const said = (kind: TimerKind, minutes: number, mustComeOff = false): string => {
  const timer = wait(kind, mustComeOff);
  return timerStatusText(timer, timerAt(timer, at(minutes)));
};

// Wording of our own; the marks are those of the wait.
test.each([
  ['dwell', 1, 'Working. Too soon to be of use.'],
  ['dwell', 6, 'Of use by now; better if it stays.'],
  ['soak', 11, 'At its best: take it off when you are ready.'],
  ['dwell', 21, 'It has done what it can.'],
  ['infusion', 1, 'Steeping. Too soon to strain.'],
  ['infusion', 11, 'At its best: strain it when you are ready.'],
  ['infusion', 21, 'Strain it: more adds nothing.'],
  ['steam', 11, 'Steamed enough. Let it cool before you open it.'],
  ['spot-test', 11, 'Long enough: rinse it and look.'],
  ['own', 1, 'Running.'],
  ['own', 11, 'The time is up.'],
] as const)('%s after %d minutes: %s', (kind, minutes, words) => {
  expect(said(kind, minutes)).toBe(words);
});

test('what harms the surface says so once its time is over, whatever it is', () => {
  expect(said('dwell', 21, true)).toBe('It must come off now: the surface suffers.');
  expect(said('soak', 21, true)).toBe('It must come off now: the surface suffers.');
  expect(said('dwell', 19, true)).not.toContain('suffers');
});

test('a clock set back before the start is said, and a line names the wait', () => {
  expect(said('dwell', -5)).toMatch(/clock of this device was set back/);
  const timer = wait('own');
  expect(timerDetail(timer, timerAt(timer, at(1)))).toBe('Wait. Running.');
});
