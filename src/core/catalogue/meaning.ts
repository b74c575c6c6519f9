import { distance } from 'fastest-levenshtein';
import { plainName, plainWord } from './lookup';

/** A row of a table that people have words for. A word on several rows means any of them: it is asked about. */
export interface NamedRow {
  readonly id: string;
  readonly name: string;
  readonly names: readonly string[];
}

/** What a word means: one row, one of several, or none, with the rows whose names come nearest. */
export type Meaning<T> =
  | { readonly kind: 'one'; readonly row: T }
  | { readonly kind: 'several'; readonly rows: readonly T[] }
  | { readonly kind: 'none'; readonly nearest: readonly T[] };

const MAX_NEAREST = 6;
/** Letters that differ, as a share of the longer word, up to which a name is near. */
const NEAR_UP_TO_SHARE = 0.45;

const keyOf = (text: string): string => plainName(text).split(' ').filter(Boolean).map(plainWord).join(' ');

/** How far a typed word is from a name: 0 where all of the one's words are the other's, 1 for nothing in common. */
function farFrom(typed: string, name: string): number {
  const words = typed.split(' ');
  const said = name.split(' ');
  const shared = words.filter((w) => said.includes(w)).length;
  const byWords = 1 - shared / Math.min(words.length, said.length);
  return Math.min(
    byWords + 0.01 * Math.abs(words.length - said.length),
    distance(typed, name) / Math.max(typed.length, name.length),
  );
}

/**
 * A look-up of rows by their ids, their names and the words people use, whatever the case, hyphens and plurals.
 * @param rows a table; its ids are each used once
 */
export function meaningsOf<T extends NamedRow>(rows: readonly T[]): (text: string) => Meaning<T> {
  const byId = new Map(rows.map((row) => [row.id, row]));
  const keysOf = new Map(rows.map((row) => [row, [...new Set([row.id, row.name, ...row.names].map(keyOf))]]));
  const byName = new Map<string, T[]>();
  for (const [row, keys] of keysOf) for (const key of keys) byName.set(key, [...(byName.get(key) ?? []), row]);
  return (text) => {
    const exact = byId.get(text.trim().toLowerCase());
    if (exact) return { kind: 'one', row: exact };
    const key = keyOf(text);
    const found = byName.get(key) ?? [];
    if (found.length > 1) return { kind: 'several', rows: found };
    if (found[0]) return { kind: 'one', row: found[0] };
    const near = rows
      .map((row) => ({ row, far: Math.min(...(keysOf.get(row) ?? []).map((name) => farFrom(key, name))) }))
      .filter(({ far }) => far <= NEAR_UP_TO_SHARE)
      .sort((a, b) => a.far - b.far);
    return { kind: 'none', nearest: near.slice(0, MAX_NEAREST).map(({ row }) => row) };
  };
}
