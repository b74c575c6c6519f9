import type { SyncStorage } from '../browserStorage';

/** One tab of the browser, among others on the same home. */
export interface Tab {
  /** Who it is, the same after a reload. */
  readonly id: () => Promise<string>;
  /** The same as far as it is known: for a page that is just being left. */
  readonly idNow: () => string;
  /** Those of these tabs that are not open any more. */
  readonly closed: (ids: readonly string[]) => Promise<readonly string[]>;
  /** Calls back once, when one of these tabs is closed; returns how to stop waiting. */
  readonly onClosed: (ids: readonly string[], heard: () => void) => () => void;
}

/** A tab that is alone: where the browser cannot tell of others, what they left counts as left. */
export const LONE_TAB: Tab = {
  id: () => Promise.resolve('lone'),
  idNow: () => 'lone',
  closed: (ids) => Promise.resolve(ids),
  onClosed: () => () => undefined,
};

/** A tab that is copied has the other's id, which the other holds for good; after a reload it is soon let go of. */
const COPIED_AFTER_MS = 2000;

const freshId = (): string => Math.random().toString(36).slice(2, 10);

/**
 * This tab. Its id is in the tab's own storage, and as long as the page lives it holds a lock of that name: so
 * others know that it lives, and hear when it does not.
 * @param session the browser's storage of this tab alone
 * @param later when a lock that is not had by then is another tab's
 */
export function createTab(
  name: string,
  session: SyncStorage | null,
  locks: LockManager | undefined,
  later: (run: () => void) => void = (run) => setTimeout(run, COPIED_AFTER_MS),
): Tab {
  if (!locks) return LONE_TAB;
  const key = `${name}-tab`;
  const lockOf = (id: string): string => `${name}-tab/${id}`;
  const remember = (id: string): string => {
    try {
      session?.setItem(key, id);
    } catch {
      // Without it the tab is another one after a reload, and takes up what this one left.
    }
    return id;
  };
  let now = remember(session?.getItem(key) ?? freshId());
  /** Holds the lock of an id until the page is gone; false if another tab has it. */
  const hold = (id: string): Promise<boolean> =>
    new Promise((resolve) => {
      const giveUp = new AbortController();
      later(() => giveUp.abort());
      locks
        .request(lockOf(id), { signal: giveUp.signal }, () => {
          resolve(true);
          return new Promise(() => undefined);
        })
        .catch(() => resolve(false));
    });
  const held = hold(now).then(async (mine) => {
    if (!mine) await hold((now = remember(freshId())));
    return now;
  });
  return {
    id: () => held,
    idNow: () => now,
    closed: async (ids) => {
      const open = new Set((await locks.query()).held?.map((l) => l.name));
      return ids.filter((id) => !open.has(lockOf(id)));
    },
    onClosed: (ids, heard) => {
      const stop = new AbortController();
      for (const id of ids)
        locks
          .request(lockOf(id), { signal: stop.signal }, () => {
            if (!stop.signal.aborted) heard();
            stop.abort();
            return Promise.resolve();
          })
          .catch(() => undefined);
      return () => stop.abort();
    },
  };
}
