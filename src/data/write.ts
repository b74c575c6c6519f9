import {
  checkRecord,
  DATA_VERSION,
  DEFAULT_SETTINGS,
  migrateRecord,
  VERSION_BEFORE_IT_WAS_SAID,
  type RecordKind,
} from '../core';
import { isCollection, keyOf, readRecord, type CollectionName, type ListName, type Records } from './collections';
import { draftKey, isDraftKey, NO_TAB } from './drafts/draftKey';
import { monthsOf, pageAfter, readPage, writePage, type LogWrite } from './log/logPages';
import { quarantinedOf, quarantineEntries } from './quarantine';
import type { Storage } from './storage';

/** A record with the name of its collection. */
export type TaggedRecord = { readonly [N in CollectionName]: { collection: N; value: Records[N] } }[CollectionName];

/** Some fields of a record, put over its newest form: two fields changed at once, or in two tabs, do not undo each other. */
export type FieldChange = {
  readonly [N in CollectionName]: { collection: N; id: string; fields: Partial<Records[N]> };
}[CollectionName];

/** What a change does to these records, as the fields that are other than before. */
export function changesOf<N extends ListName>(
  collection: N,
  records: readonly Records[N][],
  change: (now: Records[N]) => Records[N],
): FieldChange[] {
  return records.flatMap((now) => {
    const after = change(now);
    const changed = Object.entries(after).filter(([field, value]) => value !== now[field as keyof Records[N]]);
    if (changed.length === 0) return [];
    return [{ collection, id: now.id, fields: Object.fromEntries(changed) } as unknown as FieldChange];
  });
}

/** What is written at one go. */
export interface Write {
  readonly put?: readonly TaggedRecord[];
  /** What is not there any more is left away. */
  readonly change?: readonly FieldChange[];
  readonly remove?: readonly { readonly collection: ListName; readonly id: string }[];
  readonly log?: LogWrite;
  /** Unfinished work under its key (see `drafts.ts`); null forgets it. No part of the home. */
  readonly draft?: { readonly key: string; readonly value: unknown };
}

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
    ...(draft ? [draft.key] : []),
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
    if (raw !== null && now && !now.ok && from)
      Object.assign(entries, quarantineEntries([{ key, reason: now.problems.map((p) => p.message).join(' '), raw }]));
    if (from) entries[key] = JSON.stringify({ ...from, ...fields });
  }
  for (const month of log ? monthsOf(log) : []) {
    const key = `${generation}/log/${month}`;
    const before = readPage((await storage.getItem(key)) ?? '[]');
    if (log) entries[key] = writePage(pageAfter(month, before.entries, log));
    Object.assign(entries, quarantineEntries(quarantinedOf(key, before)));
  }
  if (draft && draft.value !== null) entries[draft.key] = JSON.stringify(draft.value);
  if (Object.keys(entries).length > 0) await storage.setMany(entries);
  const gone = remove.map((r) => `${generation}/${r.collection}/${r.id}`);
  if (draft?.value === null) gone.push(draft.key);
  if (gone.length > 0) await storage.removeMany(gone);
}

/** A write as it is noted, with the version of its records. */
export const noteOf = (write: Write): string => JSON.stringify({ version: DATA_VERSION, write });

type Unknowns = Readonly<Record<string, unknown>>;
const NOTHING: Unknowns = {};
const asObject = (value: unknown): Unknowns =>
  typeof value === 'object' && value !== null ? (value as Unknowns) : NOTHING;
const asList = (value: unknown): readonly Unknowns[] => (Array.isArray(value) ? value.map(asObject) : []);

/** What a note turned out to be. */
export type NoteRead =
  | { readonly kind: 'write'; readonly write: Write }
  /** Of a newer Biscuit: left where it is. */
  | { readonly kind: 'newer' }
  | { readonly kind: 'broken'; readonly reason: string };

/**
 * A noted write, its records in the form of this version, or why it cannot be carried out. A note of before
 * versions were noted goes through the migrations since.
 */
export function readNote(raw: string): NoteRead {
  let note: Unknowns;
  try {
    note = asObject(JSON.parse(raw));
  } catch {
    return { kind: 'broken', reason: 'It is not JSON.' };
  }
  const version = typeof note.version === 'number' ? note.version : VERSION_BEFORE_IT_WAS_SAID;
  if (version > DATA_VERSION) return { kind: 'newer' };
  const problems: string[] = [];
  const write = checkedWrite('write' in note ? asObject(note.write) : note, version, problems);
  return problems.length > 0 ? { kind: 'broken', reason: problems.join(' ') } : { kind: 'write', write };
}

/** A draft as it was noted: before drafts were of a tab, by its name alone. */
function noteOfDraft({ key, name, value }: Unknowns): NonNullable<Write['draft']> {
  if (isDraftKey(key)) return { key, value };
  return { key: typeof name === 'string' ? draftKey(NO_TAB, name) : '', value };
}

/** A write with its records in this version's form; what is wrong with it is added to `problems`. */
function checkedWrite(write: Unknowns, version: number, problems: string[]): Write {
  const record = (kind: RecordKind, value: unknown): unknown => {
    const now = migrateRecord(kind, value, version);
    const checked = checkRecord(kind, now);
    if (!checked.ok) problems.push(...checked.problems.map((p) => `${p.where}: ${p.message}`));
    return now;
  };
  const put = asList(write.put).map(({ collection, value }) => {
    if (isCollection(collection)) return { collection, value: record(collection, value) };
    problems.push(`There is no collection ${String(collection)}.`);
    return { collection, value };
  });
  for (const { collection, id, fields } of [...asList(write.change), ...asList(write.remove)])
    if (!isCollection(collection) || typeof id !== 'string' || (fields !== undefined && asObject(fields) !== fields))
      problems.push('It does not say what it changes.');
  const log = asObject(write.log);
  for (const { id, at } of asList(log.remove))
    if (typeof id !== 'string' || typeof at !== 'string') problems.push('It does not say which entry goes.');
  const draft = write.draft === undefined ? null : noteOfDraft(asObject(write.draft));
  if (draft?.key === '') problems.push('It does not say which draft it is.');
  const logWrite = { put: asList(log.put).map((e) => record('log', e)), remove: asList(log.remove) };
  return {
    ...write,
    ...('put' in write ? { put } : {}),
    ...('log' in write ? { log: logWrite } : {}),
    ...(draft ? { draft } : {}),
  } as Write;
}
