import { validate, logEntrySchema, monthOf, type LogEntry } from '../../core';

/**
 * The log is kept by months, one key each: years of it open at once, since the newest month is read first,
 * and a search reads a few dozen keys instead of thousands.
 */

/** What a page of the log holds, and what on it could not be read. */
export interface LogPage {
  /** Newest first. */
  readonly entries: readonly LogEntry[];
  readonly bad: readonly { readonly reason: string; readonly raw: string }[];
}

const newestFirst = (a: LogEntry, b: LogEntry): number => (a.at < b.at ? 1 : a.at > b.at ? -1 : a.id < b.id ? 1 : -1);

/** A page as read from storage. An entry that cannot be read spoils itself alone. */
export function readPage(raw: string): LogPage {
  let list: unknown;
  try {
    list = JSON.parse(raw);
  } catch {
    return { entries: [], bad: [{ reason: 'It is not JSON.', raw }] };
  }
  if (!Array.isArray(list)) return { entries: [], bad: [{ reason: 'It is no list.', raw }] };
  const entries: LogEntry[] = [];
  const bad: { reason: string; raw: string }[] = [];
  for (const value of list as unknown[]) {
    const entry = validate(logEntrySchema, value);
    if (entry.ok) entries.push(entry.value);
    else bad.push({ reason: entry.problems.map((p) => p.message).join(' '), raw: JSON.stringify(value) });
  }
  return { entries: entries.sort(newestFirst), bad };
}

export const writePage = (entries: readonly LogEntry[]): string => JSON.stringify(entries);

/** What is to be written into the log, and what taken out of it. */
export interface LogWrite {
  readonly put: readonly LogEntry[];
  /** Entries as they stood: their month is where they are found. */
  readonly remove: readonly Pick<LogEntry, 'id' | 'at'>[];
}

/** The months that a write touches. */
export const monthsOf = ({ put, remove }: LogWrite): string[] => [
  ...new Set([...put, ...remove].map((e) => monthOf(e.at))),
];

/** One month after a write. */
export function pageAfter(month: string, before: readonly LogEntry[], { put, remove }: LogWrite): LogEntry[] {
  const here = put.filter((e) => monthOf(e.at) === month);
  const gone = new Set([...put, ...remove].map((e) => e.id));
  return [...here, ...before.filter((e) => !gone.has(e.id))].sort(newestFirst);
}

/** Entries by their month. */
export function byMonth(entries: readonly LogEntry[]): Map<string, LogEntry[]> {
  const months = new Map<string, LogEntry[]>();
  for (const e of entries) {
    const month = monthOf(e.at);
    const page = months.get(month);
    if (page) page.push(e);
    else months.set(month, [e]);
  }
  return months;
}
