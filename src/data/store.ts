import { migrated, type Home, type Migration, DEFAULT_SETTINGS } from '../core';
import type { Changes } from './changes';
import { checkRecord, COLLECTIONS, SETTINGS_ID, type CollectionName, type Records } from './collections';
import type { Lock } from './lock';
import type { Storage } from './storage';

/** The newest form of the records that this Biscuit writes and reads. */
export const SCHEMA_VERSION = 1;

/** Steps from older records to this version; each sees `{collection, value}` and returns the same. None yet. */
const MIGRATIONS: readonly Migration[] = [];

/** Which records count. Records of other generations are leftovers of an import or a migration. */
interface Head {
  readonly schema: number;
  readonly generation: number;
}

const HEAD_KEY = 'head';
const ASIDE = 'aside/';
const DRAFT = 'draft/';

/** The records were written by a newer Biscuit: nothing is read or written. */
export class NewerDataError extends Error {
  constructor(readonly schema: number) {
    super('This home was last opened with a newer Biscuit. Update this one; nothing here has been touched.');
  }
}

/** A record that could not be read, kept as it was. */
export interface Aside {
  readonly key: string;
  readonly reason: string;
  readonly raw: string;
}

export interface StoreParts {
  readonly storage: Storage;
  readonly lock: Lock;
  readonly changes: Changes;
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
  private readonly heard = new Set<(collections: readonly string[]) => void>();

  constructor(parts: StoreParts) {
    this.parts = { seed: emptyHome, migrations: MIGRATIONS, schemaVersion: SCHEMA_VERSION, ...parts };
  }

  /** Hears what other tabs write, and what this one sets aside. */
  listen(heard: (collections: readonly string[]) => void): () => void {
    this.heard.add(heard);
    const stop = this.parts.changes.listen(heard);
    return () => {
      this.heard.delete(heard);
      stop();
    };
  }

  /** All readable records of a collection, by id in order. Those that cannot be read are set aside. */
  async all<N extends CollectionName>(name: N): Promise<Records[N][]> {
    await this.ready();
    const { storage } = this.parts;
    const prefix = `${(await this.head()).generation}/${name}/`;
    const keys = (await storage.getAllKeys()).filter((k) => k.startsWith(prefix)).sort();
    const raws = await storage.getMany(keys);
    const good: Records[N][] = [];
    const bad: Aside[] = [];
    for (const key of keys) {
      const raw = raws[key];
      if (raw === null || raw === undefined) continue;
      const record = readRecord(name, raw);
      if (record.ok) good.push(record.value);
      else bad.push({ key, reason: record.problems.map((p) => `${p.where}: ${p.message}`).join(' '), raw });
    }
    if (bad.length > 0) await this.setAside(bad);
    return good;
  }

  /** The settings, or the defaults. */
  async settings(): Promise<Records['settings']> {
    return (await this.all('settings'))[0] ?? DEFAULT_SETTINGS;
  }

  /** Writes records in one transaction: all of them or none. */
  async put(
    records: readonly { readonly [N in CollectionName]: { collection: N; value: Records[N] } }[CollectionName][],
  ): Promise<void> {
    await this.ready();
    await this.parts.lock(async () => {
      const { generation } = await this.head();
      const entries = records.map((r) => [keyOf(generation, r.collection, r.value), JSON.stringify(r.value)] as const);
      await this.parts.storage.setMany(Object.fromEntries(entries));
    });
    this.parts.changes.tell([...new Set(records.map((r) => r.collection))]);
  }

  /** Changes the newest form of one record, across tabs; null if it is not there. */
  async update<N extends 'formula' | 'vessel' | 'batch'>(
    name: N,
    id: string,
    change: (now: Records[N]) => Records[N],
  ): Promise<Records[N] | null> {
    await this.ready();
    const changed = await this.parts.lock(async () => {
      const key = `${(await this.head()).generation}/${name}/${id}`;
      const raw = await this.parts.storage.getItem(key);
      const now = raw === null ? null : readRecord(name, raw);
      if (!now?.ok) return null;
      const next = change(now.value);
      await this.parts.storage.setMany({ [key]: JSON.stringify(next) });
      return next;
    });
    if (changed) this.parts.changes.tell([name]);
    return changed;
  }

  /** Removes one record. */
  async remove(name: CollectionName, id: string): Promise<void> {
    await this.ready();
    await this.parts.lock(async () => {
      await this.parts.storage.removeMany([`${(await this.head()).generation}/${name}/${id}`]);
    });
    this.parts.changes.tell([name]);
  }

  /** Everything of this home, in a settled order. */
  async home(): Promise<Home> {
    const [formulas, vessels, batches, settings] = await Promise.all([
      this.all('formula'),
      this.all('vessel'),
      this.all('batch'),
      this.settings(),
    ]);
    return { formulas, vessels, batches, settings };
  }

  /** Puts another home in place of everything, whole or not at all. */
  async replace(home: Home): Promise<void> {
    await this.ready();
    await this.parts.lock(async () => {
      const { generation } = await this.head();
      await this.writeGeneration(generation + 1, home);
    });
    this.parts.changes.tell([...COLLECTIONS]);
    await this.sweep();
  }

  /** The records that were set aside. */
  async asides(): Promise<Aside[]> {
    await this.ready();
    const keys = (await this.parts.storage.getAllKeys()).filter((k) => k.startsWith(ASIDE));
    const raws = await this.parts.storage.getMany(keys);
    return keys.flatMap((k) => (raws[k] ? [JSON.parse(raws[k]) as Aside] : []));
  }

  /** Unfinished work, not part of the home: survives a reload, not an import. */
  async draft(name: string): Promise<unknown> {
    const raw = await this.parts.storage.getItem(DRAFT + name);
    try {
      return raw === null ? null : JSON.parse(raw);
    } catch {
      return null;
    }
  }

  async putDraft(name: string, value: unknown): Promise<void> {
    await this.parts.storage.setMany({ [DRAFT + name]: JSON.stringify(value) });
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
        return;
      }
      const head = JSON.parse(raw) as Head;
      if (head.schema > schemaVersion) throw new NewerDataError(head.schema);
      if (head.schema < schemaVersion) await this.migrate(head);
    });
    await this.sweep();
  }

  private async head(): Promise<Head> {
    const raw = await this.parts.storage.getItem(HEAD_KEY);
    return raw === null ? { schema: this.parts.schemaVersion, generation: 1 } : (JSON.parse(raw) as Head);
  }

  private async writeGeneration(generation: number, home: Home): Promise<void> {
    const entries: Record<string, string> = {
      [HEAD_KEY]: JSON.stringify({ schema: this.parts.schemaVersion, generation } satisfies Head),
    };
    const add = <N extends CollectionName>(name: N, values: readonly Records[N][]): void =>
      values.forEach((value) => (entries[keyOf(generation, name, value)] = JSON.stringify(value)));
    add('formula', home.formulas);
    add('vessel', home.vessels);
    add('batch', home.batches);
    add('settings', [home.settings]);
    await this.parts.storage.setMany(entries);
  }

  /** Every record through every step, into a new generation; one that a step chokes on goes along unchanged, to be set aside when read. */
  private async migrate(head: Head): Promise<void> {
    const { storage, migrations, schemaVersion } = this.parts;
    const generation = head.generation + 1;
    const prefix = `${head.generation}/`;
    const keys = (await storage.getAllKeys()).filter((k) => k.startsWith(prefix));
    const raws = await storage.getMany(keys);
    const entries: Record<string, string> = {
      [HEAD_KEY]: JSON.stringify({ schema: schemaVersion, generation } satisfies Head),
    };
    for (const key of keys) {
      const rest = key.slice(prefix.length);
      const raw = raws[key] ?? '';
      try {
        const value = { collection: rest.split('/')[0], value: JSON.parse(raw) as unknown };
        const next = migrated(value, head.schema, schemaVersion, migrations) as { value: unknown };
        entries[`${generation}/${rest}`] = JSON.stringify(next.value);
      } catch (error) {
        if (!(error instanceof SyntaxError)) throw error;
        entries[`${generation}/${rest}`] = raw;
      }
    }
    await storage.setMany(entries);
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

  private async setAside(bad: readonly Aside[]): Promise<void> {
    await this.parts.storage.setMany(Object.fromEntries(bad.map((b) => [ASIDE + b.key, JSON.stringify(b)])));
    await this.parts.storage.removeMany(bad.map((b) => b.key));
    this.parts.changes.tell(['aside']);
    this.heard.forEach((heard) => heard(['aside']));
  }
}

const emptyHome = (): Home => ({ formulas: [], vessels: [], batches: [], settings: DEFAULT_SETTINGS });

function keyOf<N extends CollectionName>(generation: number, name: N, value: Records[N]): string {
  return `${generation}/${name}/${'id' in value ? value.id : SETTINGS_ID}`;
}

function readRecord<N extends CollectionName>(name: N, raw: string): ReturnType<typeof checkRecord<N>> {
  try {
    return checkRecord(name, JSON.parse(raw));
  } catch {
    return { ok: false, problems: [{ where: 'record', message: 'It is not JSON.' }] };
  }
}
