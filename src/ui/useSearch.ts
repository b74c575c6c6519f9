import type MiniSearch from 'minisearch';
import { useEffect, useMemo, useState } from 'react';

interface Searchable {
  readonly id: string;
}

/** Fewer letters than this are only looked for as they stand. */
const MIN_LETTERS = 3;

/** A slip for every so many letters is forgiven: "limscale", "bakng". */
const FUZZY = 0.2;

interface Doc {
  readonly id: string;
  readonly text: string;
}

/** The search that forgives slips; it loads when something is typed that is nowhere as it stands. */
async function indexOf(docs: readonly Doc[]): Promise<MiniSearch<Doc>> {
  const { default: Index } = await import('minisearch');
  const index = new Index<Doc>({ fields: ['text'], searchOptions: { prefix: true, fuzzy: FUZZY, combineWith: 'AND' } });
  index.addAll(docs);
  return index;
}

/**
 * Those of a list that speak of what is typed: that hold it as it stands, in their order; where none does, those
 * that hold every word of it but for a slip, the likeliest first.
 * @param all the list; stable while it does not change
 * @param textOf all that is searched of one; stable
 */
export function useSearch<T extends Searchable>(
  all: readonly T[],
  textOf: (one: T) => string,
  typed: string,
): readonly T[] {
  const docs = useMemo(() => all.map((one) => ({ id: one.id, text: textOf(one).toLowerCase() })), [all, textOf]);
  const key = typed.trim().toLowerCase();
  const plain = useMemo(() => {
    const ids = new Set(docs.flatMap((d) => (d.text.includes(key) ? [d.id] : [])));
    return all.filter((one) => ids.has(one.id));
  }, [all, docs, key]);
  const isSlip = plain.length === 0 && key.length >= MIN_LETTERS;
  const [index, setIndex] = useState<{ readonly of: readonly Doc[]; readonly index: MiniSearch<Doc> } | null>(null);
  const isMissing = isSlip && index?.of !== docs;
  useEffect(() => {
    if (!isMissing) return undefined;
    let stale = false;
    indexOf(docs).then(
      (made) => !stale && setIndex({ of: docs, index: made }),
      () => undefined, // Without it there is what stands as typed.
    );
    return () => {
      stale = true;
    };
  }, [docs, isMissing]);
  return useMemo(() => {
    if (!isSlip || index?.of !== docs) return plain;
    return index.index.search(key).flatMap((hit) => all.find((one) => one.id === hit.id) ?? []);
  }, [isSlip, index, docs, plain, all, key]);
}
