import {
  DATA_VERSION,
  DEFAULT_SETTINGS,
  EMPTY_HOME,
  LIST_IN_HOME,
  MIGRATIONS,
  type Home,
  type LogEntry,
  type Migration,
  type RecordTypes,
} from '../core';
import type { ChangeChannel } from './channel';
import { Drafts } from './drafts/drafts';
import { LONE_TAB, type Tab } from './drafts/tab';
import { COLLECTIONS, LISTS, readRecord, type CollectionName, type ListName, type Records } from './collections';
import { writeOfEdit, type Edit, type EditableName, type Edited } from './edits';
import type { SyncStorage } from './browserStorage';
import { NO_JOURNAL, type Journal } from './journal';
import type { Lock } from './lock';
import { readPage, writePage } from './log/logPages';
import { LogReader, type LogSoFar } from './log/logReader';
import { generationOf, homeIn } from './opening/generation';
import { findHead, type Head } from './opening/head';
import { openRecords, sweep } from './opening/opening';
import {
  allQuarantined,
  putBack,
  QUARANTINE,
  quarantinedOf,
  quarantineEntries,
  type QuarantinedRecord,
} from './quarantine';
import type { Storage } from './storage';
import { changesOf, touchedBy, type TaggedRecord, type Write } from './write';
import { WritesInTurn } from './writesInTurn';

export interface StoreParts {
  readonly storage: Storage;
  readonly lock: Lock;
  readonly channel: ChangeChannel;
  /** Notes what is being written, for a page that does not live to finish it; none if not given. */
  readonly journal?: Journal;
  /** This tab among others; alone if not given. */
  readonly tab?: Tab;
  /** Small room elsewhere for drafts when the disk is full, under a name; none if not given. */
  readonly spare?: { readonly storage: SyncStorage | null; readonly name: string };
  /** What a home that was never opened starts with; empty if not given. */
  readonly seed?: () => Home | Promise<Home>;
  /** For tests: other steps and version than this Biscuit's own. */
  readonly migrations?: readonly Migration[];
  readonly version?: number;
}

/** Reads the newest form of one record; null where it is not, or cannot be read. */
export type NewestReader = <N extends ListName>(name: N, id: string) => Promise<Records[N] | null>;

/**
 * The records of one home: one a key, several written in one transaction.
 *
 * Keys are `generation/collection/id`. Replacing everything (an import, a migration) writes a new
 * generation and the head that names it in one transaction: it happens whole or not at all.
 */
export class Store {
  /** Unfinished work: no part of the home. It survives a reload, not an import. */
  readonly drafts: Drafts;
  private readonly parts: Required<StoreParts>;
  private opened: Promise<void> | null = null;
  /** The listing of keys under way: reads that begin together share it. */
  private listing: Promise<readonly string[]> | null = null;
  private readonly inTurn: WritesInTurn;
  private readonly logReader: LogReader;
  private readonly listeners = new Set<(collections: readonly string[]) => void>();

  constructor(parts: StoreParts) {
    this.parts = {
      seed: () => EMPTY_HOME,
      migrations: MIGRATIONS,
      version: DATA_VERSION,
      journal: NO_JOURNAL,
      tab: LONE_TAB,
      spare: { storage: null, name: '' },
      ...parts,
    };
    const { storage, lock, tab, spare } = this.parts;
    this.drafts = new Drafts({
      storage,
      lock,
      tab,
      spare: spare.storage,
      name: spare.name,
      write: (what) => this.write(what),
      ready: () => this.ready(),
    });
    this.inTurn = new WritesInTurn({
      storage,
      journal: this.parts.journal,
      generation: async () => (await this.head()).generation,
      putElsewhere: (draft) => this.drafts.putElsewhere(draft),
      tell: (collections) => this.tell(collections),
    });
    this.logReader = new LogReader(this.parts.storage, (key) => this.quarantineOnPage(key));
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
    return this.logReader.all(await this.months(), heard);
  }

  /** The months from the newest back to the one of this instant: for what was done of late. */
  async logSince(iso: string): Promise<LogEntry[]> {
    return this.logReader.since(await this.months(), iso);
  }

  /** The keys of the log's months, newest first. */
  private async months(): Promise<string[]> {
    await this.ready();
    const prefix = `${(await this.head()).generation}/log/`;
    return (await this.keys())
      .filter((k) => k.startsWith(prefix))
      .sort()
      .reverse();
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
      await lock(() => this.inTurn.apply(what, mark));
    } finally {
      if (mark !== null) journal.remove(mark);
    }
    this.publish(touchedBy(what));
  }

  /** Writes records in one transaction: all of them or none. */
  async put(records: readonly TaggedRecord[]): Promise<void> {
    await this.write({ put: records });
  }

  /**
   * Changes the newest form of one record, across tabs; null if it is not there, or is to stay as it is.
   * What the person sees (`seen`) is noted with its change before anything is waited for: `change` is then asked
   * about that too, and must do nothing but change.
   */
  async update<N extends ListName>(
    name: N,
    id: string,
    change: (now: Records[N]) => Records[N],
    seen?: readonly Records[N][],
  ): Promise<Records[N] | null> {
    return (await this.updateAll(name, [id], change, seen))[0] ?? null;
  }

  /** The same for several of a list, in one write: those that were changed. */
  async updateAll<N extends ListName>(
    name: N,
    ids: readonly string[],
    change: (now: Records[N]) => Records[N],
    seen: readonly Records[N][] = [],
  ): Promise<readonly Records[N][]> {
    const { journal, lock } = this.parts;
    const shown = changesOf(
      name,
      seen.filter((s) => ids.includes(s.id)),
      change,
    );
    const mark = shown.length > 0 ? journal.append({ change: shown }) : null;
    try {
      await this.ready();
      const changed = await lock(() => this.updateInTurn(name, ids, change, mark));
      if (changed.length > 0) this.publish([name]);
      return changed;
    } finally {
      if (mark !== null) journal.remove(mark);
    }
  }

  /** Changes what is newest after what was noted before it, under the lock. */
  private async updateInTurn<N extends ListName>(
    name: N,
    ids: readonly string[],
    change: (now: Records[N]) => Records[N],
    mark: string | null,
  ): Promise<readonly Records[N][]> {
    const { storage } = this.parts;
    const before = await this.inTurn.pending(mark);
    const { generation } = await this.head();
    const kept = await storage.getMany(ids.map((id) => `${generation}/${name}/${id}`));
    const newest = Object.values(kept).flatMap((raw) => {
      const now = raw === null ? null : readRecord(name, raw);
      return now?.ok ? [now.value] : [];
    });
    // Noted, and removed by now: another page has carried out what was shown.
    if (mark !== null && !before.mine) return newest;
    const next = newest.flatMap((now) => {
      const after = change(now);
      return after === now ? [] : [after];
    });
    if (next.length === 0) return [];
    // From here on what is noted is the newest form, changed: no longer what was seen.
    await this.inTurn.applyNoted(
      { put: next.map((value) => ({ collection: name, value }) as TaggedRecord) },
      before.failed,
      mark,
    );
    return next;
  }

  /**
   * Changes a record as of what it was when the change began: what was changed elsewhere meanwhile is brought
   * together with it, or asked about, and then nothing is written.
   * @throws the storage's own error (a full disk)
   */
  async edit<N extends EditableName>(edit: Edit<N>): Promise<Edited<RecordTypes[N]>> {
    await this.ready();
    const { edited, write } = await this.parts.lock(async () => {
      const { failed } = await this.inTurn.pending(null);
      const done = await writeOfEdit(this.parts.storage, (await this.head()).generation, edit);
      if (done.write) await this.inTurn.applyNoted(done.write, failed, null);
      return done;
    });
    if (write) this.publish(touchedBy(write));
    return edited;
  }

  /**
   * Writes what is worked out from the newest records, under the lock: nothing that another tab writes meanwhile is
   * written over.
   * @throws the storage's own error (a full disk)
   */
  async writeFromNewest(work: (newest: NewestReader) => Promise<Write>): Promise<void> {
    await this.ready();
    const write = await this.parts.lock(async () => {
      const { failed } = await this.inTurn.pending(null);
      const { storage } = this.parts;
      const { generation } = await this.head();
      const what = await work(async (name, id) => {
        const raw = await storage.getItem(`${generation}/${name}/${id}`);
        const now = raw === null ? null : readRecord(name, raw);
        return now?.ok ? now.value : null;
      });
      await this.inTurn.applyNoted(what, failed, null);
      return what;
    });
    this.publish(touchedBy(write));
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

  /**
   * Puts another home in place of everything, whole or not at all; one that is made of what is there is made of the
   * newest. Gives back both.
   */
  async replace(
    next: Home | ((now: Home) => Home | Promise<Home>),
  ): Promise<{ readonly before: Home; readonly put: Home }> {
    // What cannot be read is set aside first: it would go with the rest.
    await this.home();
    const both = await this.parts.lock(async () => {
      await this.inTurn.pending(null);
      const { storage, version } = this.parts;
      const { generation } = await this.head();
      const before = await homeIn(storage, generation);
      const put = typeof next === 'function' ? await next(before) : next;
      const head = { schema: version, generation: generation + 1, since: generation + 1 };
      await storage.setMany(await generationOf(head, put));
      return { before, put };
    });
    this.publish(COLLECTIONS);
    await this.sweep();
    return both;
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
    return [...(await allQuarantined(this.parts.storage)).values()];
  }

  /** Puts back all that was set aside, can be read by now, and whose place is free. */
  async restoreQuarantined(): Promise<void> {
    await this.ready();
    const { lock, storage, version, migrations } = this.parts;
    const touched = await lock(async () =>
      putBack({ storage, generation: (await this.head()).generation, version, migrations }),
    );
    this.tell([...touched, QUARANTINE]);
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
    const touched = await this.parts.lock(() => openRecords(this.parts, () => this.inTurn.pending(null)));
    if (touched.length > 0) this.tell([...touched, QUARANTINE]);
    await this.sweep();
  }

  /** @throws NewerDataError also where a newer Biscuit in another tab has opened the home meanwhile */
  private async head(): Promise<Head> {
    const { storage, version } = this.parts;
    return (await findHead(storage, version)) ?? { schema: version, generation: 1 };
  }

  private async sweep(): Promise<void> {
    await this.parts.lock(async () => sweep(this.parts.storage, (await this.head()).generation));
  }

  /** Sets records aside. What another tab has changed meanwhile is left alone. */
  private async quarantine(bad: readonly QuarantinedRecord[]): Promise<void> {
    const { lock, storage, version } = this.parts;
    await lock(async () => {
      await this.head();
      const now = await storage.getMany(bad.map((b) => b.key));
      const still = bad.filter((b) => now[b.key] === b.raw).map((b) => ({ ...b, version }));
      await storage.setMany(quarantineEntries(still));
      await storage.removeMany(still.map((b) => b.key));
    });
    this.tell([QUARANTINE]);
  }

  /** The good entries of a month stay; a bad one stands aside under a key of its own. */
  private async quarantineOnPage(key: string): Promise<void> {
    const { lock, storage, version } = this.parts;
    await lock(async () => {
      await this.head();
      const now = readPage((await storage.getItem(key)) ?? '[]');
      const bad = quarantinedOf(key, now).map((b) => ({ ...b, version }));
      await storage.setMany({ [key]: writePage(now.entries), ...quarantineEntries(bad) });
    });
    this.tell([QUARANTINE]);
  }

  /** Says to this page and to other tabs what has changed. */
  private tell(collections: readonly string[]): void {
    this.publish(collections);
    this.listeners.forEach((heard) => heard(collections));
  }
}
