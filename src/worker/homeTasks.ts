import { v4 } from 'uuid';
import {
  isSame,
  mergeHomes,
  readHomeFile,
  writeHomeFile,
  type Home,
  type LogEntry,
  type MergedHomes,
  type Result,
} from '../core';
import { readLogCsv, writeLogCsv } from '../core/doors/log';

/** A home as a file, and what would not come back of it; null if all would. */
interface Copy {
  readonly file: Blob;
  readonly problem: string | null;
}

/** Labels are made anew from their formulas as a file is read: what else there is has to come back as it was. */
const withoutLabels = (home: Home): unknown => ({
  ...home,
  batches: home.batches.map(({ label: _, ...batch }) => batch),
});

function problemOfCopy(text: string, home: Home): string | null {
  const back = readHomeFile(text);
  if (!back.ok) return back.problems[0]?.message ?? 'It cannot be read.';
  return isSame(withoutLabels(back.value), withoutLabels(home)) ? null : 'Something in it is not as it is here.';
}

const newId = (): string => v4();

/** What is done with whole homes and logs: files out and in. */
export const HOME_TASKS = {
  /** A home as the text of a file. */
  textOf: ({ home, nowISO }: { readonly home: Home; readonly nowISO: string }): string => writeHomeFile(home, nowISO),

  /** A home as a file, read back as it would be one day. */
  copyOf: ({ home, nowISO }: { readonly home: Home; readonly nowISO: string }): Copy => {
    const text = writeHomeFile(home, nowISO);
    // As a file it goes over as it is: years as a text would be copied by the page.
    return { file: new Blob([text], { type: 'application/json' }), problem: problemOfCopy(text, home) };
  },

  /** What is in a home's file, and what would become of what is here and of it, brought together. */
  readHome: ({
    file,
    there,
  }: {
    readonly file: string;
    readonly there: Home;
  }): Result<{ readonly home: Home; readonly merged: MergedHomes }> => {
    const read = readHomeFile(file);
    return read.ok ? { ok: true, value: { home: read.value, merged: mergeHomes(there, read.value, newId) } } : read;
  },

  /** What is here and what a file holds, brought together. */
  merge: ({ there, file }: { readonly there: Home; readonly file: Home }): Home => mergeHomes(there, file, newId).home,

  /** What a copy holds, and what of all that is here it does not: new, newer or not the same, seen from the copy. */
  tryCopy: ({
    file,
    there,
  }: {
    readonly file: string;
    readonly there: Home;
  }): Result<{ readonly holds: Home; readonly missing: MergedHomes['lists'] }> => {
    const read = readHomeFile(file);
    if (!read.ok) return read;
    return { ok: true, value: { holds: read.value, missing: mergeHomes(read.value, there, newId).lists } };
  },

  /** The log as a CSV file. */
  writeLog: (entries: readonly LogEntry[]): Blob => new Blob([writeLogCsv(entries)], { type: 'text/csv' }),

  /** The entries in a CSV file; new ids where it gives none. */
  readLog: (file: string): Result<LogEntry[]> => readLogCsv(file, newId),
};
