import {
  EMPTY_HOME,
  LIST_IN_HOME,
  migrateRecord,
  type Home,
  type Migration,
  type RecordKind,
  type Settings,
} from '../../core';
import { isCollection, keyOf, LISTS, readRecord, recordsIn, type CollectionName, type Records } from '../collections';
import { breather } from '../breathe';
import { byMonth, readPage, writePage } from '../log/logPages';
import type { Storage } from '../storage';
import { headEntries, versionOf, type Head } from './head';

/** A whole home as the records of a generation, together with the head that names it; the page has its turn meanwhile. */
export async function generationOf(head: Head, home: Home): Promise<Record<string, string>> {
  const breathe = breather();
  const entries: Record<string, string> = headEntries(head);
  const add = async <N extends CollectionName>(name: N, values: readonly Records[N][]): Promise<void> => {
    for (const value of values) {
      entries[keyOf(head.generation, name, value)] = JSON.stringify(value);
      await breathe();
    }
  };
  for (const name of LISTS) await add(name, recordsIn(home, name));
  await add('settings', [home.settings]);
  for (const [month, page] of byMonth(home.log)) {
    entries[`${head.generation}/log/${month}`] = writePage(page);
    await breathe();
  }
  return entries;
}

/** A whole home as it is on the disk; what cannot be read is left out. The page has its turn meanwhile. */
export async function homeIn(storage: Storage, generation: number): Promise<Home> {
  const prefix = `${generation}/`;
  const raws = await storage.getMany((await storage.getAllKeys()).filter((k) => k.startsWith(prefix)).sort());
  const breathe = breather();
  const lists: Record<string, unknown[]> = Object.fromEntries(Object.values(LIST_IN_HOME).map((list) => [list, []]));
  let { settings } = EMPTY_HOME;
  for (const [key, raw] of Object.entries(raws)) {
    const name = key.slice(prefix.length).split('/')[0] ?? '';
    await breathe();
    if (raw === null) continue;
    if (name === 'log') readPage(raw).entries.forEach((entry) => lists.log?.push(entry));
    else if (isCollection(name)) {
      const record = readRecord(name, raw);
      if (!record.ok) continue;
      if (name === 'settings') settings = record.value as Settings;
      else lists[LIST_IN_HOME[name]]?.push(record.value);
    }
  }
  return { ...EMPTY_HOME, ...lists, settings };
}

/**
 * The records of the next generation: every one through every step. One that is not JSON goes along unchanged,
 * to be set aside when read.
 * @param raws the records of the generation that `from` names, by key
 * @throws if a step is missing or fails: our own mistake; then nothing is changed
 */
export function nextGeneration(
  from: Head,
  raws: Readonly<Record<string, string | null>>,
  version: number,
  migrations: readonly Migration[],
): Record<string, string> {
  const head: Head = { schema: version, generation: from.generation + 1, since: from.since ?? from.generation };
  const entries = headEntries(head);
  const prefix = `${from.generation}/`;
  for (const [key, raw] of Object.entries(raws)) {
    const rest = key.slice(prefix.length);
    const kind = rest.split('/')[0] as RecordKind;
    entries[`${head.generation}/${rest}`] = migrateRaw(kind, raw ?? '', versionOf(from), migrations);
  }
  return entries;
}

/** One record's text, or a page of the log's. */
export function migrateRaw(kind: RecordKind, raw: string, from: number, migrations: readonly Migration[]): string {
  let value: unknown;
  try {
    value = JSON.parse(raw);
  } catch {
    return raw;
  }
  const next = (one: unknown): unknown => migrateRecord(kind, one, from, migrations);
  return JSON.stringify(Array.isArray(value) ? value.map(next) : next(value));
}
