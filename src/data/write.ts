import { DEFAULT_SETTINGS } from '../core';
import { quarantinedOf, quarantineEntries } from './quarantine';
import { readRecord, type CollectionName, type ListName, type Records } from './collections';
import { keyOf } from './generations';
import { monthsOf, pageAfter, readPage, writePage, type LogWrite } from './logPages';
import type { Storage } from './storage';

/** A record with the name of its collection. */
export type TaggedRecord = { readonly [N in CollectionName]: { collection: N; value: Records[N] } }[CollectionName];

/** Some fields of a record, put over its newest form: two fields changed at once, or in two tabs, do not undo each other. */
export type FieldChange = {
  readonly [N in CollectionName]: { collection: N; id: string; fields: Partial<Records[N]> };
}[CollectionName];

/** What is written at one go. */
export interface Write {
  readonly put?: readonly TaggedRecord[];
  /** What is not there any more is left away. */
  readonly change?: readonly FieldChange[];
  readonly remove?: readonly { readonly collection: ListName; readonly id: string }[];
  readonly log?: LogWrite;
  /** Unfinished work under its name: no part of the home. */
  readonly draft?: { readonly name: string; readonly value: unknown };
}

/** Where drafts are kept. */
export const DRAFT_PREFIX = 'draft/';

/** The collections that a write touches. */
export const touchedBy = ({ put = [], change = [], remove = [], log }: Write): string[] => [
  ...new Set<string>([...[...put, ...change, ...remove].map((r) => r.collection), ...(log ? ['log'] : [])]),
];

/** The records that a write touches, by names of their own. */
function recordsOf({ put = [], change = [], remove = [], log, draft }: Write): Set<string> {
  return new Set([
    ...put.map((r) => keyOf(0, r.collection, r.value)),
    ...[...change, ...remove].map((r) => `0/${r.collection}/${r.id}`),
    ...[...(log?.put ?? []), ...(log?.remove ?? [])].map((e) => `0/log/${e.id}`),
    ...(draft ? [DRAFT_PREFIX + draft.name] : []),
  ]);
}

/** True if two writes have a record in common. */
export function overlaps(a: Write, b: Write): boolean {
  const records = recordsOf(a);
  return [...recordsOf(b)].some((r) => records.has(r));
}

/**
 * Carries out a write, under the lock: all of it in one transaction, removals after it, so that a crash in
 * between only leaves what was to go.
 *
 * @throws the storage's own error (a full disk)
 */
export async function applyWrite(storage: Storage, generation: number, what: Write): Promise<void> {
  const { put = [], change = [], remove = [], log, draft } = what;
  const entries: Record<string, string> = {};
  for (const r of put) entries[keyOf(generation, r.collection, r.value)] = JSON.stringify(r.value);
  for (const { collection, id, fields } of change) {
    const key = `${generation}/${collection}/${id}`;
    const raw = entries[key] ?? (await storage.getItem(key));
    const now = raw === null ? null : readRecord(collection, raw);
    const from = now?.ok ? now.value : collection === 'settings' ? DEFAULT_SETTINGS : null;
    if (from) entries[key] = JSON.stringify({ ...from, ...fields });
  }
  for (const month of log ? monthsOf(log) : []) {
    const key = `${generation}/log/${month}`;
    const before = readPage((await storage.getItem(key)) ?? '[]');
    if (log) entries[key] = writePage(pageAfter(month, before.entries, log));
    Object.assign(entries, quarantineEntries(quarantinedOf(key, before)));
  }
  if (draft) entries[DRAFT_PREFIX + draft.name] = JSON.stringify(draft.value);
  if (Object.keys(entries).length > 0) await storage.setMany(entries);
  const gone = remove.map((r) => `${generation}/${r.collection}/${r.id}`);
  if (gone.length > 0) await storage.removeMany(gone);
}
