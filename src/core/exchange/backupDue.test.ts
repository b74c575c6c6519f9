import { isBackupDue, NO_BACKUP, withChange, withBackup, withQuiet, type BackupState } from './backupDue';

/** When a copy of a home is asked for: after 30 days or 50 changes; our own measure, no source. */

const DAY = 86_400_000;
const START = Date.parse('2026-11-01T10:00:00Z');
const iso = (days: number): string => new Date(START + days * DAY).toISOString();
const changed = (times: number, from: BackupState = NO_BACKUP): BackupState =>
  Array.from({ length: times }).reduce<BackupState>((state) => withChange(state, iso(0)), from);

test('while nothing is kept, there is nothing to lose', () => {
  expect(isBackupDue(NO_BACKUP, START + 400 * DAY)).toBe(false);
});

test.each([
  [1, 29.9, false],
  [1, 30, true],
  [49, 0, false],
  [50, 0, true],
])('%d changes, %d days after the first: %s', (changes, days, due) => {
  expect(isBackupDue(changed(changes), START + days * DAY)).toBe(due);
});

test('a copy begins anew: days count from it, and without a change none is asked for', () => {
  const saved = withBackup(changed(80), iso(10), 80);
  expect(isBackupDue(saved, START + 400 * DAY)).toBe(false);
  const since = withChange(saved, iso(11));
  expect([isBackupDue(since, START + 39.9 * DAY), isBackupDue(since, START + 40 * DAY)]).toEqual([false, true]);
  expect(since).toEqual({ since: iso(0), savedAt: iso(10), changes: 1, quietUntil: null });
});

test('what was changed while a copy was written is not in it', () => {
  expect(withBackup(changed(83), iso(10), 80).changes).toBe(3);
  // Home data that were cleared meanwhile begin at nothing.
  expect(withBackup(changed(1), iso(10), 80).changes).toBe(0);
});

test('not now is a week', () => {
  const quiet = withQuiet(changed(60), START + DAY);
  expect([isBackupDue(quiet, START + 7.9 * DAY), isBackupDue(quiet, START + 8 * DAY)]).toEqual([false, true]);
});
