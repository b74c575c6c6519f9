import { addUseInRecord, DEFAULT_SETTINGS, EMPTY_HOME, type Home, type LogEntry, type Migration } from '../core';
import { QUARANTINE_PREFIX, quarantinedOf, quarantineEntries, type QuarantinedRecord } from './quarantine';
import type { ChangeChannel } from './channel';
import {
  COLLECTIONS,
  LIST_IN_HOME,
  LISTS,
  readRecord,
  type CollectionName,
  type ListName,
  type Records,
} from './collections';
import { generationOf, HEAD_KEY, nextGeneration, type Head } from './generations';
import { NO_JOURNAL, type Journal, type JournalEntry } from './journal';
import type { Lock } from './lock';
import { readPage, writePage, type LogPage } from './logPages';
import type { Storage } from './storage';
import { applyWrite, DRAFT_PREFIX, overlaps, touchedBy, type TaggedRecord, type Write } from './write';

/** The newest form of the records that this Biscuit writes and reads. */
export const SCHEMA_VERSION = 2;

/** Steps from older records to this version; each sees `{collection, value}` and returns the same. */
const MIGRATIONS: readonly Migration[] = [{ from: 1, change: addUseInRecord }];

/** The records were written by a newer Biscuit: nothing is read or written. */
export class NewerDataError extends Error {
  constructor(readonly schema: number) {
    super('This home was last opened with a newer Biscuit. Update this one; nothing here has been touched.');
  }
}

/** The log, as far as it has been read. */
export interface LogSoFar {
  /** Newest first. */
  readonly entries: readonly LogEntry[];
  readonly complete: boolean;
}

export interface StoreParts {
  readonly storage: Storage;
  readonly lock: Lock;
  readonly channel: ChangeChannel;
  /** Notes what is being written, for a page that does not live to finish it; none if not given. */
  readonly journal?: Journal;
  /** What a home that was never opened starts with; empty if not given. */
  readonly seed?: () => Home;
  /** For tests: other steps and version than this Biscuit's own. */
  readonly migrations?: readonly Migration[];
  readonly schemaVersion?: number;
}

/**
 * The records of one home: one a key, several written in one transaction.
 *
 * Keys are `generation/collection/id`. Replacing everything (an import, a migration) writes a new
 * generation and the head that names it in one transaction: it happens whole or not at all.
 */
export class Store {
  private readonly parts: Required<StoreParts>;
  private opened: Promise<void> | null = null;
  /** The listing of keys under way: reads that begin together share it. */
  private listing: Promise<readonly string[]> | null = null;
  /** Months of the log as last read: what has not changed is not checked again. */
  private readonly pages = new Map<string, { readonly raw: string; readonly page: LogPage }>();
  private readonly listeners = new Set<(collections: readonly string[]) => void>();

  constructor(parts: StoreParts) {
    this.parts = {
      seed: () => EMPTY_HOME,
      migrations: MIGRATIONS,
      schemaVersion: SCHEMA_VERSION,
      journal: NO_JOURNAL,
      ...parts,
    };
  }

  /** Hears what other tabs write, and what this one sets aside. */
  listen(heard: (collections: readonly string[]) => void): () => void {
    this.listeners.add(heard);
    const stop = this.parts.channel.onChange((collections) => {
      this.listing = null;
      heard(collections);
    });
    return () => {
      this.listeners.delete(heard);
      stop();
    };
  }

  /** All readable records of a collection, by id in order. Those that cannot be read are set aside. */
  async all<N extends CollectionName>(name: N): Promise<Records[N][]> {
    await this.ready();
    const { storage } = this.parts;
    const prefix = `${(await this.head()).generation}/${name}/`;
    const keys = (await this.keys()).filter((k) => k.startsWith(prefix)).sort();
    const raws = await storage.getMany(keys);
    const good: Records[N][] = [];
    const bad: QuarantinedRecord[] = [];
    for (const key of keys) {
      const raw = raws[key];
      if (raw === null || raw === undefined) continue;
      const record = readRecord(name, raw);
      if (record.ok) good.push(record.value);
      else bad.push({ key, reason: record.problems.map((p) => `${p.where}: ${p.message}`).join(' '), raw });
    }
    if (bad.length > 0) await this.quarantine(bad);
    return good;
  }

  /** The settings, or the defaults. */
  async settings(): Promise<Records['settings']> {
    return (await this.all('settings'))[0] ?? DEFAULT_SETTINGS;
  }

  /** The log, newest first, month by month; `heard` gets what there is as soon as the newest month is read. */
  async log(heard?: (soFar: LogSoFar) => void): Promise<LogSoFar> {
    await this.ready();
    const { generation } = await this.head();
    const prefix = `${generation}/log/`;
    const keys = (await this.keys())
      .filter((k) => k.startsWith(prefix))
      .sort()
      .reverse();
    const entries: LogEntry[] = [];
    for (const [i, key] of keys.entries()) {
      // One month at a time: between them the page can paint and hear a key.
      entries.push(...(await this.page(key)).entries);
      if (i === 0 && keys.length > 1) heard?.({ entries: [...entries], complete: false });
    }
    return { entries, complete: true };
  }

  /** The months from the newest back to the one of this instant: for what was done of late. */
  async logSince(iso: string): Promise<LogEntry[]> {
    await this.ready();
    const prefix = `${(await this.head()).generation}/log/`;
    const from = prefix + iso.slice(0, 7);
    const keys = (await this.keys())
      .filter((k) => k.startsWith(prefix) && k >= from)
      .sort()
      .reverse();
    const pages = await Promise.all(keys.map((k) => this.page(k)));
    return pages.flatMap((p) => p.entries).filter((e) => e.at >= iso);
  }

  private async page(key: string): Promise<LogPage> {
    const raw = (await this.parts.storage.getItem(key)) ?? '[]';
    const known = this.pages.get(key);
    if (known?.raw === raw) return known.page;
    const page = readPage(raw);
    if (page.bad.length > 0) {
      // The good ones stay; a bad one stands aside under a key of its own. Read anew: another tab may have written.
      await this.parts.lock(async () => {
        const now = readPage((await this.parts.storage.getItem(key)) ?? '[]');
        await this.parts.storage.setMany({
          [key]: writePage(now.entries),
          ...quarantineEntries(quarantinedOf(key, now)),
        });
      });
      this.publish(['aside']);
      this.listeners.forEach((heard) => heard(['aside']));
    }
    this.pages.set(key, { raw, page });
    return page;
  }

  /**
   * Writes at one go, all or none. Noted in the journal before anything is waited for: a page that is left
   * at once loses nothing.
   *
   * @throws the storage's own error (a full disk): then nothing of it is written, now or later
   */
  async write(what: Write): Promise<void> {
    const { journal, lock } = this.parts;
    const mark = journal.append(what);
    try {
      await this.ready();
      await lock(() => this.applyInTurn(what, mark));
    } finally {
      if (mark !== null) journal.remove(mark);
    }
    this.publish(touchedBy(what));
  }

  /** Carries out a write after what was noted before it, under the lock. */
  private async applyInTurn(what: Write, mark: string | null): Promise<void> {
    const before = await this.applyPending(mark);
    // Noted, and struck by now: another page, or this one's start, has carried it out.
    if (mark !== null && !before.mine) return;
    await applyWrite(this.parts.storage, (await this.head()).generation, what);
    this.dropSuperseded(before.failed, what);
  }

  /** Carries out, in their order, what is noted before this mark (all there is, if none), under the lock. */
  private async applyPending(
    until: string | null,
  ): Promise<{ readonly mine: boolean; readonly failed: JournalEntry[] }> {
    const { journal, storage } = this.parts;
    const failed: JournalEntry[] = [];
    for (const noted of journal.pending()) {
      if (noted.entryId === until) return { mine: true, failed };
      try {
        await applyWrite(storage, (await this.head()).generation, noted.write);
      } catch {
        failed.push(noted); // A full disk: it stays noted, and is tried again at the next write.
        continue;
      }
      journal.remove(noted.entryId);
      this.dropSuperseded(failed, noted.write);
      const touched = touchedBy(noted.write);
      this.publish(touched);
      this.listeners.forEach((heard) => heard(touched));
    }
    return { mine: false, failed };
  }

  /** What failed before is given up where something newer has been written since: it must not come over that. */
  private dropSuperseded(failed: readonly JournalEntry[], newer: Write): void {
    for (const { entryId: mark, write } of failed) if (overlaps(write, newer)) this.parts.journal.remove(mark);
  }

  /** Writes records in one transaction: all of them or none. */
  async put(records: readonly TaggedRecord[]): Promise<void> {
    await this.write({ put: records });
  }

  /** Changes the newest form of one record, across tabs; null if it is not there, or is to stay as it is. */
  async update<N extends ListName>(
    name: N,
    id: string,
    change: (now: Records[N]) => Records[N],
  ): Promise<Records[N] | null> {
    await this.ready();
    const { journal, lock, storage } = this.parts;
    const changed = await lock(async () => {
      const { failed } = await this.applyPending(null);
      const { generation } = await this.head();
      const raw = await storage.getItem(`${generation}/${name}/${id}`);
      const now = raw === null ? null : readRecord(name, raw);
      if (!now?.ok) return null;
      const next = change(now.value);
      if (next === now.value) return null;
      const write: Write = { put: [{ collection: name, value: next } as TaggedRecord] };
      const mark = journal.append(write);
      try {
        await applyWrite(storage, generation, write);
        this.dropSuperseded(failed, write);
      } finally {
        if (mark !== null) journal.remove(mark);
      }
      return next;
    });
    if (changed) this.publish([name]);
    return changed;
  }

  /** Removes one record. */
  async remove(name: ListName, id: string): Promise<void> {
    await this.write({ remove: [{ collection: name, id }] });
  }

  /** Everything of this home, in a settled order. */
  async home(): Promise<Home> {
    const lists = await Promise.all(LISTS.map(async (name) => [LIST_IN_HOME[name], await this.all(name)] as const));
    const log = [...(await this.log()).entries];
    return { ...EMPTY_HOME, ...Object.fromEntries(lists), log, settings: await this.settings() };
  }

  /** Puts another home in place of everything, whole or not at all. */
  async replace(home: Home): Promise<void> {
    await this.ready();
    await this.parts.lock(async () => {
      await this.applyPending(null);
      const { generation } = await this.head();
      await this.writeGeneration(generation + 1, home);
    });
    this.publish(COLLECTIONS);
    await this.sweep();
  }

  private publish(collections: readonly string[]): void {
    this.listing = null;
    this.parts.channel.publish([...new Set(collections)]);
  }

  /** The keys there are. A listing that a write has overtaken is not shared any more. */
  private keys(): Promise<readonly string[]> {
    if (this.listing) return this.listing;
    const listing = this.parts.storage.getAllKeys();
    this.listing = listing;
    const done = (): void => {
      if (this.listing === listing) this.listing = null;
    };
    listing.then(done, done);
    return listing;
  }

  /** The records that were set aside. */
  async quarantined(): Promise<QuarantinedRecord[]> {
    await this.ready();
    const keys = (await this.parts.storage.getAllKeys()).filter((k) => k.startsWith(QUARANTINE_PREFIX));
    const raws = await this.parts.storage.getMany(keys);
    return keys.flatMap((k) => (raws[k] ? [JSON.parse(raws[k]) as QuarantinedRecord] : []));
  }

  /** Unfinished work, not part of the home: survives a reload, not an import. */
  async draft(name: string): Promise<unknown> {
    await this.ready();
    const raw = await this.parts.storage.getItem(DRAFT_PREFIX + name);
    try {
      return raw === null ? null : JSON.parse(raw);
    } catch {
      return null;
    }
  }

  async putDraft(name: string, value: unknown): Promise<void> {
    await this.write({ draft: { name, value } });
  }

  /** Opens the home once: first start, migration, leftovers. A failure is not remembered: the next call tries again. */
  private ready(): Promise<void> {
    this.opened ??= this.open().catch((error: unknown) => {
      this.opened = null;
      throw error;
    });
    return this.opened;
  }

  private async open(): Promise<void> {
    await this.parts.lock(async () => {
      const { storage, schemaVersion, seed } = this.parts;
      const raw = await storage.getItem(HEAD_KEY);
      if (raw === null) {
        await this.writeGeneration(1, seed());
        await this.applyPending(null);
        return;
      }
      const head = JSON.parse(raw) as Head;
      if (head.schema > schemaVersion) throw new NewerDataError(head.schema);
      // First what an earlier page did not finish: it is of the form that the head names.
      await this.applyPending(null);
      if (head.schema < schemaVersion) await this.migrate(head);
    });
    await this.sweep();
  }

  private async head(): Promise<Head> {
    const raw = await this.parts.storage.getItem(HEAD_KEY);
    return raw === null ? { schema: this.parts.schemaVersion, generation: 1 } : (JSON.parse(raw) as Head);
  }

  private async writeGeneration(generation: number, home: Home): Promise<void> {
    await this.parts.storage.setMany(generationOf({ schema: this.parts.schemaVersion, generation }, home));
  }

  private async migrate(head: Head): Promise<void> {
    const { storage, migrations, schemaVersion } = this.parts;
    const keys = (await storage.getAllKeys()).filter((k) => k.startsWith(`${head.generation}/`));
    await storage.setMany(nextGeneration(head, await storage.getMany(keys), schemaVersion, migrations));
  }

  /** Removes what older generations left. Losing power in between only leaves leftovers for the next time. */
  private async sweep(): Promise<void> {
    await this.parts.lock(async () => {
      const { generation } = await this.head();
      const leftovers = (await this.parts.storage.getAllKeys()).filter(
        (k) => /^\d+\//.test(k) && !k.startsWith(`${generation}/`),
      );
      if (leftovers.length > 0) await this.parts.storage.removeMany(leftovers);
    });
  }

  private async quarantine(bad: readonly QuarantinedRecord[]): Promise<void> {
    await this.parts.storage.setMany(quarantineEntries(bad));
    await this.parts.storage.removeMany(bad.map((b) => b.key));
    this.publish(['aside']);
    this.listeners.forEach((heard) => heard(['aside']));
  }
}
