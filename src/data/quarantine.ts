import { migrateRecord, VERSION_BEFORE_IT_WAS_SAID, type Migration } from '../core';
import { isCollection, readRecord } from './collections';
import { monthsOf, pageAfter, readPage, writePage, type LogPage } from './log/logPages';
import { generationOfKey } from './opening/head';
import type { Storage } from './storage';

/** A record that could not be read, kept as it was. */
export interface QuarantinedRecord {
  readonly key: string;
  readonly reason: string;
  readonly raw: string;
  /** The version of the Biscuit that could not read it; left out by those of before it was kept. */
  readonly version?: number;
}

/** Where they are kept. */
export const QUARANTINE_PREFIX = 'aside/';

/** The name under which reads of them are kept. */
export const QUARANTINE = 'aside';

/** Records set aside, as they are kept. */
export const quarantineEntries = (bad: readonly QuarantinedRecord[]): Record<string, string> =>
  Object.fromEntries(bad.map((b) => [QUARANTINE_PREFIX + b.key, JSON.stringify(b)]));

/** What of a page of the log could not be read. */
export const quarantinedOf = (key: string, page: LogPage): QuarantinedRecord[] =>
  page.bad.map(({ reason, raw }, i) => ({ key: `${key}/${i}-${raw.length}`, reason, raw }));

function readQuarantined(key: string, raw: string): QuarantinedRecord {
  try {
    const { key: of, reason, raw: was, version } = JSON.parse(raw) as Record<string, unknown>;
    if (typeof of === 'string' && typeof reason === 'string' && typeof was === 'string')
      return { key: of, reason, raw: was, ...(typeof version === 'number' ? { version } : {}) };
  } catch {
    // Broken a second time: shown as it is.
  }
  return { key: key.slice(QUARANTINE_PREFIX.length), reason: 'It is not JSON.', raw };
}

/** The records that were set aside, by the key each is kept under. */
export async function allQuarantined(storage: Storage): Promise<ReadonlyMap<string, QuarantinedRecord>> {
  const keys = (await storage.getAllKeys()).filter((k) => k.startsWith(QUARANTINE_PREFIX));
  const raws = await storage.getMany(keys);
  return new Map(keys.flatMap((k) => (raws[k] ? [[k, readQuarantined(k, raws[k])] as const] : [])));
}

/** Where the home stands that records are put back into. */
interface Place {
  readonly storage: Storage;
  readonly generation: number;
  readonly version: number;
  readonly migrations: readonly Migration[];
}

/**
 * Puts back what can be read by now and whose place is free, under the lock.
 * @param since only what was set aside from this generation on: what was there before belongs to another home
 * @returns the collections that were put into
 */
export async function putBack(place: Place, since = 0): Promise<readonly string[]> {
  const { storage } = place;
  const touched: string[] = [];
  for (const [asideKey, record] of await allQuarantined(storage)) {
    if ((generationOfKey(record.key) ?? 0) < since) continue;
    const back = await placeOf(place, record);
    if (!back) continue;
    await storage.setMany({ [back.key]: back.raw });
    await storage.removeMany([asideKey]);
    touched.push(back.collection);
  }
  return touched;
}

/** Where a record goes back to, and as what; null if it cannot be read, or something else stands there. */
async function placeOf(
  { storage, generation, version, migrations }: Place,
  record: QuarantinedRecord,
): Promise<{ readonly key: string; readonly raw: string; readonly collection: string } | null> {
  const [, name, id] = record.key.split('/');
  const from = Math.min(record.version ?? VERSION_BEFORE_IT_WAS_SAID, version);
  let value: unknown;
  try {
    value = JSON.parse(record.raw);
  } catch {
    return null;
  }
  if (name === 'log') {
    const page = readPage(JSON.stringify([migrateRecord('log', value, from, migrations)]));
    const [month] = monthsOf({ put: page.entries, remove: [] });
    if (month === undefined) return null;
    const key = `${generation}/log/${month}`;
    const before = readPage((await storage.getItem(key)) ?? '[]').entries;
    if (before.some((e) => page.entries.some((p) => p.id === e.id))) return null;
    return { key, raw: writePage(pageAfter(month, before, { put: page.entries, remove: [] })), collection: 'log' };
  }
  if (!isCollection(name) || id === undefined) return null;
  const raw = JSON.stringify(migrateRecord(name, value, from, migrations));
  const key = `${generation}/${name}/${id}`;
  if (!readRecord(name, raw).ok || (await storage.getItem(key)) !== null) return null;
  return { key, raw, collection: name };
}
