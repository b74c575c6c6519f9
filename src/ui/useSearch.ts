import type MiniSearch from 'minisearch';
import { useEffect, useMemo, useState } from 'react';
import { fetchPart } from '@/loading/shared';

interface Searchable {
  readonly id: string;
}

/** Fewer letters than this are only looked for as they stand. */
const MIN_LETTERS = 3;

/** One slip is forgiven, in longer words two: "limscale", "vinegr", "marbel". */
const FEW_LETTERS = 5;
const slipsIn = (word: string): number => (word.length <= FEW_LETTERS ? 1 : 2);

interface Doc {
  readonly id: string;
  readonly text: string;
}

/** The search that forgives slips; it loads when something is typed that is nowhere as it stands. */
async function indexOf(docs: readonly Doc[]): Promise<MiniSearch<Doc>> {
  const { default: Index } = await fetchPart(() => import('minisearch'));
  const index = new Index<Doc>({ fields: ['text'], searchOptions: { prefix: true, fuzzy: slipsIn } });
  index.addAll(docs);
  return index;
}

/** How well a text of names, one on a line, holds what is typed: as a name, at its beginning, at that of a word; 3 somewhere within. */
function holdsAs(text: string, key: string): 0 | 1 | 2 | 3 | null {
  if (!text.includes(key)) return null;
  const lines = text.split('\n');
  if (lines.includes(key)) return 0;
  if (lines.some((line) => line.startsWith(key))) return 1;
  return lines.some((line) => line.includes(` ${key}`)) ? 2 : 3;
}

/** Within a word counts only where nothing begins with what is typed: "tap" is not found in "tape" beside taps. */
const WITHIN = 3;

/**
 * Those of a list that speak of what is typed, the nearest first: that hold it as a name, at the beginning of one,
 * of a word, or within. Where none does, those that hold every word of it but for a slip; where none does that
 * either, those that hold some of them, the likeliest first.
 * @param all the list; stable while it does not change
 * @param textOf all that is searched of one, a name on each line; stable
 */
export function useSearch<T extends Searchable>(
  all: readonly T[],
  textOf: (one: T) => string,
  typed: string,
): readonly T[] {
  const docs = useMemo(() => all.map((one) => ({ id: one.id, text: textOf(one).toLowerCase() })), [all, textOf]);
  const key = typed.trim().toLowerCase();
  const plain = useMemo(() => {
    if (key === '') return all;
    const held = all.flatMap((one, i) => {
      const as = holdsAs(docs[i]?.text ?? '', key);
      return as === null ? [] : [{ one, as }];
    });
    const begins = held.filter(({ as }) => as < WITHIN);
    return (begins.length > 0 ? begins : held).sort((a, b) => a.as - b.as).map(({ one }) => one);
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
    const ofEach = index.index.search(key, { combineWith: 'AND' });
    const hits = ofEach.length > 0 ? ofEach : index.index.search(key, { combineWith: 'OR' });
    return hits.flatMap((hit) => all.find((one) => one.id === hit.id) ?? []);
  }, [isSlip, index, docs, plain, all, key]);
}
