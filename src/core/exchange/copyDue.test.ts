import { isCopyDue, NO_COPY, withChange, withCopy, withQuiet, type CopyState } from './copyDue';

/** When a copy of a home is asked for: after 30 days or 50 changes; our own measure, no source. */

const DAY = 86_400_000;
const START = Date.parse('2026-11-01T10:00:00Z');
const iso = (days: number): string => new Date(START + days * DAY).toISOString();
const changed = (times: number, from: CopyState = NO_COPY): CopyState =>
  Array.from({ length: times }).reduce<CopyState>((state) => withChange(state, iso(0)), from);

test('while nothing is kept, there is nothing to lose', () => {
  expect(isCopyDue(NO_COPY, START + 400 * DAY)).toBe(false);
});

test.each([
  [1, 29.9, false],
  [1, 30, true],
  [49, 0, false],
  [50, 0, true],
])('%d changes, %d days after the first: %s', (changes, days, due) => {
  expect(isCopyDue(changed(changes), START + days * DAY)).toBe(due);
});

test('a copy begins anew: days count from it, and without a change none is asked for', () => {
  const saved = withCopy(changed(80), iso(10));
  expect(isCopyDue(saved, START + 400 * DAY)).toBe(false);
  const since = withChange(saved, iso(11));
  expect([isCopyDue(since, START + 39.9 * DAY), isCopyDue(since, START + 40 * DAY)]).toEqual([false, true]);
  expect(since).toEqual({ since: iso(0), savedAt: iso(10), changes: 1, quietUntil: null });
});

test('not now is a week', () => {
  const quiet = withQuiet(changed(60), START + DAY);
  expect([isCopyDue(quiet, START + 7.9 * DAY), isCopyDue(quiet, START + 8 * DAY)]).toEqual([false, true]);
});
