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

/** The rows that a word may mean: one, several, or none. */
export const rowsMeant = <T>(meaning: Meaning<T>): readonly T[] =>
  meaning.kind === 'one' ? [meaning.row] : meaning.kind === 'several' ? meaning.rows : [];

const MAX_NEAREST = 6;
/** Letters that differ, as a share of the longer word, up to which a name is near. */
const NEAR_UP_TO_SHARE = 0.45;
/** Names so much farther than the nearest are not named beside it. */
const BESIDE_NEAREST = 0.09;

const keyOf = (text: string): string => plainName(text).split(' ').filter(Boolean).map(plainWord).join(' ');

/** "Glasse", as the plain rule leaves it, is a glass, "shelve" a shelf. */
const singular = (word: string): string => word.replace(/(?<=ss|sh|ch|x)e$/, '').replace(/lve$/, 'lf');

const sorted = (text: string): string => Array.from(text).sort().join('');

/** How far a typed word is from a name: 0 where all of the one's words are the other's, 1 for nothing in common. */
function farFrom(typed: string, name: string): number {
  const words = typed.split(' ');
  const said = name.split(' ');
  const shared = words.filter((w) => said.includes(w)).length;
  const byWords = 1 - shared / Math.min(words.length, said.length);
  // Two letters that changed places are one slip.
  const slips = sorted(typed) === sorted(name) ? 1 : distance(typed, name);
  return Math.min(byWords + 0.01 * Math.abs(words.length - said.length), slips / Math.max(typed.length, name.length));
}

/** How a phrase is taken apart where no name is the whole of it. */
interface Phrases {
  /** Words that say where a thing is or how it is, and are passed over: "kitchen", "old". */
  readonly passedOver?: ReadonlySet<string>;
  /** Words that say what a thing is made of, with the ids it may then be: "oak table". */
  readonly madeOf?: ReadonlyMap<string, readonly string[]>;
  /** Names that a phrase which ends in one means, whatever stands before: "garlic smell". */
  readonly endsIn?: ReadonlySet<string>;
}

const NO_PHRASES: Phrases = {};

/**
 * A look-up of rows by their ids, their names and the words people use, whatever the case, hyphens and plurals.
 * A phrase that is no name is looked up without the words that are passed over; one of a material and a thing
 * means what both allow, else the material where the thing may be many, else either.
 * @param rows a table; its ids are each used once
 */
export function meaningsOf<T extends NamedRow>(
  rows: readonly T[],
  { passedOver = new Set(), madeOf = new Map(), endsIn = new Set() }: Phrases = NO_PHRASES,
): (text: string) => Meaning<T> {
  const byId = new Map(rows.map((row) => [row.id, row]));
  const keysOf = new Map(rows.map((row) => [row, [...new Set([row.id, row.name, ...row.names].map(keyOf))]]));
  const byName = new Map<string, T[]>();
  for (const [row, keys] of keysOf) for (const key of keys) byName.set(key, [...(byName.get(key) ?? []), row]);
  const materials = new Map(
    [...madeOf].map(([word, ids]) => [keyOf(word), ids.flatMap((id) => byId.get(id) ?? [])] as const),
  );

  /** Rows of a phrase that begins with a material. */
  function ofMaterial(words: readonly string[]): readonly T[] {
    for (let at = words.length - 1; at > 0; at--) {
      const made = materials.get(words.slice(0, at).join(' '));
      const things = byName.get(words.slice(at).join(' '));
      if (!made || !things) continue;
      const both = made.filter((row) => things.includes(row));
      if (both.length > 0) return both;
      return things.length > 1 ? made : [...new Set([...things, ...made])];
    }
    return [];
  }

  function rowsOf(words: readonly string[]): readonly T[] {
    const whole = byName.get(words.join(' ')) ?? ofMaterial(words);
    const last = words.at(-1) ?? '';
    return whole.length === 0 && endsIn.has(last) ? (byName.get(last) ?? []) : whole;
  }

  /** Rows of a phrase: as it stands, without what is passed over, and with the plurals that are less plain. */
  function found(words: readonly string[]): readonly T[] {
    const said = words.filter((w) => !passedOver.has(w));
    const tries = [words, said, words.map(singular), said.map(singular)];
    for (const tried of tries) {
      const rows = rowsOf(tried);
      if (rows.length > 0) return rows;
    }
    return [];
  }

  return (text) => {
    const exact = byId.get(text.trim().toLowerCase());
    if (exact) return { kind: 'one', row: exact };
    const key = keyOf(text);
    const meant = found(key.split(' '));
    if (meant.length > 1) return { kind: 'several', rows: meant };
    if (meant[0]) return { kind: 'one', row: meant[0] };
    const near = rows
      .map((row) => ({ row, far: Math.min(...(keysOf.get(row) ?? []).map((name) => farFrom(key, name))) }))
      .filter(({ far }) => far <= NEAR_UP_TO_SHARE)
      .sort((a, b) => a.far - b.far);
    const nearest = near.filter(({ far }) => far <= (near[0]?.far ?? 0) + BESIDE_NEAREST);
    return { kind: 'none', nearest: nearest.slice(0, MAX_NEAREST).map(({ row }) => row) };
  };
}
