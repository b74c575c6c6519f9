import { checkRecord, isSame, monthOf, threeWay, type Merged, type MergeRules, type RecordTypes } from '../core';
import { readPage } from './log/logPages';
import { readRecord, type ListName } from './collections';
import type { Storage } from './storage';
import type { TaggedRecord, Write } from './write';

/** What can be edited: every kind of which a home has many. */
export type EditableName = ListName | 'log';

/** A change of one record, with what it began from: what changed elsewhere meanwhile is brought together with it. */
export interface Edit<N extends EditableName> {
  readonly collection: N;
  /** The record as it was when the change began; null for a new one. */
  readonly base: RecordTypes[N] | null;
  readonly mine: RecordTypes[N];
  readonly rules?: MergeRules;
  /** False for what must not come of two changes that nobody has looked at together: a danger. */
  readonly accepts?: (together: RecordTypes[N]) => boolean;
  /** The last touch to what is written, once it is known what gives way: an entry's history. */
  readonly finish?: (value: RecordTypes[N], before: RecordTypes[N] | null) => RecordTypes[N];
  /** What is written with it, once it is known what gives way. */
  readonly beside?: (before: RecordTypes[N] | null, value: RecordTypes[N]) => Write;
}

/** What became of an edit. */
export type Edited<R> =
  | { readonly kind: 'written'; readonly value: R; readonly before: R | null }
  /** Nothing was written: it was removed elsewhere (`theirs` is null), or both changed the same. */
  | { readonly kind: 'asks'; readonly theirs: R | null; readonly merged: Merged<R> | null };

/** The newest form of a record; null where it is not, or cannot be read. */
async function newestOf<N extends EditableName>(
  storage: Storage,
  generation: number,
  name: N,
  like: RecordTypes[N],
): Promise<RecordTypes[N] | null> {
  if (name === 'log') {
    const { id, at } = like as RecordTypes['log'];
    const page = readPage((await storage.getItem(`${generation}/log/${monthOf(at)}`)) ?? '[]');
    return (page.entries.find((e) => e.id === id) ?? null) as RecordTypes[N] | null;
  }
  const raw = await storage.getItem(`${generation}/${name}/${like.id}`);
  const now = raw === null ? null : readRecord(name, raw);
  return now?.ok ? (now.value as RecordTypes[N]) : null;
}

/** What is to be written for an edit, under the lock; no write where there is something to ask. */
export async function writeOfEdit<N extends EditableName>(
  storage: Storage,
  generation: number,
  { collection, base, mine, rules, accepts, finish, beside }: Edit<N>,
): Promise<{ readonly edited: Edited<RecordTypes[N]>; readonly write: Write | null }> {
  type R = RecordTypes[N];
  const theirs = await newestOf(storage, generation, collection, base ?? mine);
  if (base !== null && theirs === null) return { edited: { kind: 'asks', theirs, merged: null }, write: null };
  const merged = base === null || theirs === null ? null : threeWay<R>({ base, mine, theirs }, rules);
  const together = merged?.withMine ?? mine;
  // What stands there already needs nobody's leave.
  const isGood = isSame(together, theirs) || (checkRecord(collection, together).ok && accepts?.(together) !== false);
  if (merged && (merged.conflicts.length > 0 || !isGood))
    return { edited: { kind: 'asks', theirs, merged }, write: null };
  const value = finish?.(together, theirs) ?? together;
  const own: Write =
    collection === 'log'
      ? { log: { put: [value as RecordTypes['log']], remove: [] } }
      : { put: [{ collection, value } as TaggedRecord] };
  const more = beside?.(theirs, value) ?? {};
  return {
    edited: { kind: 'written', value, before: theirs },
    write: { ...own, ...more, put: [...(own.put ?? []), ...(more.put ?? [])] },
  };
}
