import type { SyncStorage } from './browserStorage';
import { noteOf, type Write } from './write';

/** A write that is noted, as it is kept (see `readNote`), and what removes it. */
export interface JournalEntry {
  readonly entryId: string;
  readonly raw: string;
}

/**
 * A page that is left, or crashes, may not live to finish a transaction. So every write is first noted, at
 * once and before anything is waited for, in the browser's small synchronous storage; once carried out, the
 * note is removed. What a page did not finish, the next one does.
 */
export interface Journal {
  /** Notes a write; its id is to be removed when it has been carried out. Null where nothing can be noted: the write itself still runs. */
  append(write: Write): string | null;
  /** What has been noted and not removed, by this page or another, in the order of noting. */
  pending(): readonly JournalEntry[];
  remove(entryId: string): void;
}

/** Longer writes (a log of years brought in) are not noted: the small storage is for what a hand does at a time. */
const MAX_ENTRY_CHARACTERS = 200_000;
/** Digits of the instant: as text the ids sort by time. */
const INSTANT_DIGITS = 14;

/** The journal of one home. */
export function createJournal(storage: SyncStorage | null, name: string): Journal {
  const prefix = `${name}-journal/`;
  const page = Math.random().toString(36).slice(2, 8);
  let last = 0;

  const keys = (): string[] => {
    const all: string[] = [];
    for (let i = 0; storage && i < storage.length; i++) {
      const key = storage.key(i);
      if (key?.startsWith(prefix)) all.push(key);
    }
    return all.sort();
  };
  const remove = (entryId: string): void => storage?.removeItem(entryId);
  /** The present millisecond, or the next after the newest note of any page: notes of one millisecond keep their order, whatever the clock does. */
  const nextInstant = (): number => {
    const newest = Number(
      keys()
        .at(-1)
        ?.slice(prefix.length, prefix.length + INSTANT_DIGITS) ?? 0,
    );
    return (last = Math.max(Date.now(), last + 1, newest + 1));
  };

  return {
    append(write) {
      try {
        const text = noteOf(write);
        if (!storage || text.length > MAX_ENTRY_CHARACTERS) return null;
        const entryId = `${prefix}${String(nextInstant()).padStart(INSTANT_DIGITS, '0')}-${page}`;
        storage.setItem(entryId, text);
        return entryId;
      } catch {
        return null; // Full or forbidden.
      }
    },
    pending: () => keys().map((entryId) => ({ entryId, raw: storage?.getItem(entryId) ?? '' })),
    remove,
  };
}

/** Where nothing can be noted. */
export const NO_JOURNAL: Journal = createJournal(null, '');
