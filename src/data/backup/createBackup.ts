import { isSame, readHomeFile, writeHomeFile, type Home } from '../../core';

/** A copy of a home, and whether it has been read back as what is here. */
export interface Copy {
  readonly text: string;
  /** What would not come back; null if all would. */
  readonly problem: string | null;
}

/** Labels are made anew from their formulas as a file is read: what else there is has to come back as it was. */
const withoutLabels = (home: Home): unknown => ({
  ...home,
  batches: home.batches.map(({ label: _, ...batch }) => batch),
});

/** A home as the text of a file, read back as it would be one day. */
export function createBackup(home: Home): Copy {
  const text = writeHomeFile(home, new Date().toISOString());
  return { text, problem: problemOfCopy(text, home) };
}

function problemOfCopy(text: string, home: Home): string | null {
  const back = readHomeFile(text);
  if (!back.ok) return back.problems[0]?.message ?? 'It cannot be read.';
  return isSame(withoutLabels(back.value), withoutLabels(home)) ? null : 'Something in it is not as it is here.';
}
