import { openDB, type IDBPDatabase } from 'idb';

/** What happened to a home's storage under an open page. */
export type DiskLoss =
  /** The data are gone: cleared in the browser's settings, or for want of room. */
  | 'cleared'
  /** The browser has let go of it; the data are there. */
  | 'closed';

const TABLE = 'entries';
const TRIES = 20;
const BETWEEN_TRIES_MS = 250;

/** The database of a home as AsyncStorage lays it out: one table of texts by their keys. */
const open = (name: string, onLost?: () => void): Promise<IDBPDatabase> =>
  openDB(name, 1, {
    upgrade: (db) => {
      if (!db.objectStoreNames.contains(TABLE)) db.createObjectStore(TABLE);
    },
    ...(onLost ? { terminated: onLost } : {}),
  });

/**
 * Hears when the browser takes the storage away under an open page. AsyncStorage does not tell: it keeps a connection
 * that is dead, and a page that is full of what is nowhere else.
 */
export class DiskWatch {
  private lost: DiskLoss | null = null;
  private readonly listeners = new Set<() => void>();

  constructor(private readonly name: string) {}

  readonly loss = (): DiskLoss | null => this.lost;

  readonly subscribe = (heard: () => void): (() => void) => {
    this.listeners.add(heard);
    return () => this.listeners.delete(heard);
  };

  /** Begins to watch, where the browser has such a storage. */
  async start(): Promise<void> {
    if (typeof indexedDB === 'undefined') return;
    await open(this.name, () => {
      void this.look();
    });
  }

  /**
   * Puts entries into the cleared storage, past the connection that is dead; the page is to be loaded anew after it.
   * @throws if there is something there again, made in another tab since; the storage's own error
   */
  async putBack(entries: Readonly<Record<string, string>>): Promise<void> {
    const db = await open(this.name);
    try {
      const write = db.transaction(TABLE, 'readwrite');
      if ((await write.store.count()) > 0)
        throw new Error(
          'Something was made in another tab since. Save this to a file, load the page anew, and add the file to what is there',
        );
      for (const [key, value] of Object.entries(entries)) await write.store.put(value, key);
      await write.done;
    } finally {
      db.close();
    }
  }

  /** Sees what is left. A storage that is just being cleared refuses for a moment. */
  private async look(triesLeft = TRIES): Promise<void> {
    try {
      const db = await open(this.name);
      const read = db.transaction(TABLE);
      const [count] = await Promise.all([read.store.count(), read.done]);
      db.close();
      this.hear(count === 0 ? 'cleared' : 'closed');
    } catch {
      if (triesLeft === 0) this.hear('closed');
      else setTimeout(() => void this.look(triesLeft - 1), BETWEEN_TRIES_MS);
    }
  }

  private hear(loss: DiskLoss): void {
    this.lost = loss;
    this.listeners.forEach((heard) => heard());
  }
}
