import { plainName } from '../catalogue/lookup';
import { localDay, localMonth } from '../quantity/localDay';
import { type LogEntry, type LogOutcome } from './logEntry';

/** What is looked for in the log. What is null or empty counts for all. */
export interface LogFilter {
  /** Words that must all be found, in any order and in part. */
  readonly words: string;
  readonly roomId: string | null;
  readonly surfaceId: string | null;
  readonly outcome: LogOutcome | null;
}

export const EVERYTHING: LogFilter = { words: '', roomId: null, surfaceId: null, outcome: null };

/** By what the log is put together. */
export type LogGroupBy = 'month' | 'room' | 'formula';

/** Each entry's own words, worked out once; entries never change in place. */
const texts = new WeakMap<LogEntry, string>();

/** Everything in an entry that can be searched, in plain small letters. */
export function searchText(entry: LogEntry): string {
  let text = texts.get(entry);
  if (text === undefined) {
    const { room, surface, soil, used, notes, outcome, at, dwell } = entry;
    text = plainName(
      [
        room.name,
        surface.name,
        surface.material,
        soil.name,
        used.name,
        notes,
        outcome,
        localDay(at),
        dwell?.endedBecause,
      ]
        .filter(Boolean)
        .join(' '),
    );
    texts.set(entry, text);
  }
  return text;
}

/** The entries that a filter lets through, in their order. */
export function filterLog(entries: readonly LogEntry[], filter: LogFilter): LogEntry[] {
  const words = plainName(filter.words).split(' ').filter(Boolean);
  return entries.filter(
    (e) =>
      (filter.roomId === null || e.room.id === filter.roomId) &&
      (filter.surfaceId === null || e.surface.id === filter.surfaceId) &&
      (filter.outcome === null || e.outcome === filter.outcome) &&
      (words.length === 0 || words.every((w) => searchText(e).includes(w))),
  );
}

/** Entries that stand together. */
export interface LogGroup {
  /** A month as `2026-11`, or the name of a room or of what was used. */
  readonly key: string;
  readonly entries: readonly LogEntry[];
}

const groupKey = (entry: LogEntry, by: LogGroupBy): string =>
  by === 'month' ? localMonth(entry.at) : by === 'room' ? entry.room.name : entry.used.name;

/** Puts entries together; the groups stand in the order of their first entries. */
export function groupLog(entries: readonly LogEntry[], by: LogGroupBy): LogGroup[] {
  const groups = new Map<string, LogEntry[]>();
  for (const e of entries) {
    const key = groupKey(e, by);
    const group = groups.get(key);
    if (group) group.push(e);
    else groups.set(key, [e]);
  }
  return [...groups].map(([key, list]) => ({ key, entries: list }));
}
