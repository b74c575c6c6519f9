import { distance } from 'fastest-levenshtein';
import { ASKED_NAMES, CLASS_WORDS } from './askedNames';
import { BOUGHT_PRODUCTS } from './boughtProducts';
import { ESSENTIAL_OILS } from './essentialOils';
import type { Ingredient } from './ingredient';
import { LIQUIDS } from './liquids';
import { NEUTRAL_WORDS, NO_SLIPS, PLACE_WORDS, SCENT_WORDS, TAKES_A_SCENT } from './nameWords';
import { POWDERS } from './powders';

export const INGREDIENTS: readonly Ingredient[] = [...LIQUIDS, ...POWDERS, ...ESSENTIAL_OILS, ...BOUGHT_PRODUCTS];

const BY_ID = new Map(INGREDIENTS.map((i) => [i.id, i]));

/** The catalogue's ingredient of an id, or null. */
export const ingredientById = (id: string): Ingredient | null => BY_ID.get(id) ?? null;

/**
 * Why a name is asked about: it means several things; a bought product of either kind; a class whose members
 * are not known; a slip of typing; words beside a known name that nobody here understands.
 */
export type AskedBecause = 'several-meanings' | 'unknown-kind' | 'unknown-class' | 'spelling' | 'other-words';

/**
 * What a name means. `exact`: every one of its words is accounted for. `asked`: it may be any of the
 * choices, the most likely first; until a person says which, it has to be judged as the worst of them.
 */
export type NameMatch =
  | { readonly kind: 'exact'; readonly ingredient: Ingredient }
  | {
      readonly kind: 'asked';
      readonly because: AskedBecause;
      readonly choices: readonly Ingredient[];
      /** The words that were not understood, for `other-words`. */
      readonly words: readonly string[];
    }
  | { readonly kind: 'none' };

/** Lower case, plain letters, hyphens and brackets as spaces. */
export function plainName(text: string): string {
  if (/^[a-z0-9]*$/.test(text)) return text;
  return (
    text
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[\u0300-\u036f]/g, '')
      .replace(/ß/g, 'ss')
      .replace(/['’]/g, '')
      // "E.O." is one word.
      .replace(/\b(?:[a-z]\.){2,}/g, (abbreviation) => abbreviation.replace(/\./g, ''))
      .replace(/[^a-z0-9]+/g, ' ')
      .trim()
  );
}

/** One form for "lemons" and "lemon", "sulphuric" and "sulfuric". */
export const plainWord = (word: string): string => {
  const one = word.length > 3 && !NOT_PLURAL.has(word) ? word.replace(/(?<=[^s])s$/, '') : word;
  return one.replace('sulph', 'sulf').replace(/^mold/, 'mould');
};

/** Words that end in s and are not plurals. */
const NOT_PLURAL = new Set(['meths', 'turps', 'calculus', 'gas']);

const wordsOf = (text: string): string[] => plainName(text).split(' ').filter(Boolean).map(plainWord);
const keyOf = (text: string): string => wordsOf(text).join(' ');

type Known = Extract<NameMatch, { kind: 'exact' | 'asked' }>;

const chosen = (ids: readonly string[]): Ingredient[] => ids.map((id) => BY_ID.get(id) ?? missing(id));

function missing(id: string): never {
  throw new Error(`No ingredient ${id} in the catalogue`);
}

/** Every known name: its ingredient, or the things it may be. */
const BY_NAME = new Map<string, Known>();
for (const { because, names, choices } of ASKED_NAMES) {
  for (const name of names) BY_NAME.set(keyOf(name), { kind: 'asked', because, choices: chosen(choices), words: [] });
}
for (const ingredient of INGREDIENTS) {
  for (const name of [ingredient.id, ingredient.name, ...ingredient.names]) {
    const key = keyOf(name);
    const before = BY_NAME.get(key);
    if (!before || (before.kind === 'asked' && name === ingredient.id)) BY_NAME.set(key, { kind: 'exact', ingredient });
  }
}

/** Known names by their words in any order: "vinegar, white". Two names of the same words stand for neither. */
const BY_SORTED = new Map<string, Known | null>();
for (const [name, known] of BY_NAME) {
  const key = name.split(' ').sort().join(' ');
  BY_SORTED.set(key, BY_SORTED.has(key) ? null : known);
}
const LONGEST_NAME = 5;
/** Words that a known name begins with, and how many words the longest of those names has. */
const BEGINS = new Map<string, number>();
for (const name of BY_NAME.keys()) {
  const words = name.split(' ');
  const first = words[0] ?? '';
  BEGINS.set(first, Math.max(BEGINS.get(first) ?? 0, words.length));
}

/** The longest known name that begins at a place in a list of words; null if none does. */
export function nameAt(
  words: readonly string[],
  at: number,
): { readonly match: Known; readonly length: number } | null {
  const longest = BEGINS.get(words[at] ?? '') ?? 0;
  for (let length = Math.min(LONGEST_NAME, longest, words.length - at); length >= 1; length--) {
    const match = BY_NAME.get(words.slice(at, at + length).join(' '));
    if (match) return { match, length };
  }
  return null;
}

/** Slips of typing that a word may hold: none in a short one, one in a middling, two in a long one. */
const slipsIn = (word: string): number => (word.length < 4 ? 0 : word.length < 7 ? 1 : 2);

/** True if a word is another with a slip or two in it. */
const isSlipOf = (typed: string, word: string): boolean => {
  const most = Math.min(slipsIn(word), Math.max(1, slipsIn(typed)));
  return Math.abs(typed.length - word.length) <= most && distance(typed, word) <= most;
};

/** Known names within slips of typing of these words, word by word or run together; the nearest first. */
function misspelt(words: readonly string[]): Ingredient[] {
  const squashed = words.join('');
  if (squashed.length < 4) return [];
  const near: { match: Known; slips: number }[] = [];
  for (const [name, match] of BY_NAME) {
    const theirs = name.split(' ');
    const joined = name.replace(/ /g, '');
    if (joined === squashed) near.push({ match, slips: 0.5 });
    if (Math.abs(joined.length - squashed.length) > 3) continue;
    const aligned =
      theirs.length === words.length &&
      theirs.every((w, i) => {
        const typed = words[i] ?? '';
        return typed === w || isSlipOf(typed, w) || (words.length > 1 && w.length === 3 && distance(typed, w) === 1);
      });
    if (aligned || (theirs.length !== words.length && isSlipOf(squashed, joined))) {
      near.push({ match, slips: distance(squashed, joined) });
    }
  }
  const found = near
    .sort((a, b) => a.slips - b.slips)
    .flatMap((n) => (n.match.kind === 'exact' ? [n.match.ingredient] : n.match.choices));
  return [...new Set(found)].slice(0, 4);
}

/** What the class words among some words may stand for. */
const classesIn = (words: readonly string[]): Ingredient[] =>
  chosen([...new Set(words.flatMap((w) => CLASS_WORDS.get(w) ?? []))]);

const choicesOf = (match: Known): readonly Ingredient[] =>
  match.kind === 'exact' ? [match.ingredient] : match.choices;

const asked = (because: AskedBecause, choices: readonly Ingredient[], words: readonly string[] = []): NameMatch => ({
  kind: 'asked',
  because,
  choices: [...new Set(choices)],
  words,
});

/** "X-free", "without X", "non X": what is kept out of the name's own thing. */
const KEPT_OUT = /\b[a-z]+[\s-]+free\b|\bfree of [a-z]+\b|\bfree from [a-z]+\b|\b(?:no|without) (?:added )?[a-z]+\b/gi;

/** A brand's name by its look: "Finch's". */
const POSSESSIVE = /(?<![\p{L}])\p{Lu}[\p{L}-]*['’]s(?![\p{L}])/gu;

const cache = new Map<string, NameMatch>();
const CACHE_LIMIT = 4000;

/**
 * Finds what a person's words name. Every word has to be accounted for: by a known name, or as a word that
 * changes nothing (an adjective, a place, a scent of soap, a brand). A word of a hazardous class that is left
 * over is a hazard; any other word that is left over is asked about. "Close" is never taken for sure.
 */
export function findIngredient(text: string): NameMatch {
  const known = cache.get(text);
  if (known) return known;
  const match = search(text);
  if (cache.size > CACHE_LIMIT) cache.clear();
  cache.set(text, match);
  return match;
}

/** What all the words name together, in their order or any other. */
const together = (words: readonly string[]): Known | null =>
  words.length === 0 ? null : (BY_NAME.get(words.join(' ')) ?? BY_SORTED.get([...words].sort().join(' ')) ?? null);

function search(text: string): NameMatch {
  const all = wordsOf(text);
  const whole = BY_NAME.get(all.join(' '));
  if (whole) return whole;
  const said = text.replace(POSSESSIVE, ' ').replace(KEPT_OUT, ' ');
  const words = wordsOf(said).filter((w) => !/^\d+$/.test(w));
  const bare = words.filter((w) => !NEUTRAL_WORDS.has(w) && !PLACE_WORDS.has(w));
  if (bare.length === 0) return together(words) ?? { kind: 'none' };
  const plain = together(words) ?? together(bare);
  if (plain) return plain;
  return ofParts(text, words, bare);
}

interface Core {
  readonly match: Known;
  readonly words: readonly string[];
}

/** The known names that stand among some words, the longest first at each place, and the words left over. */
function coresIn(words: readonly string[]): { cores: Core[]; rest: string[] } {
  const cores: Core[] = [];
  const rest: string[] = [];
  for (let i = 0; i < words.length;) {
    const found = nameAt(words, i);
    if (found) {
      cores.push({ match: found.match, words: words.slice(i, i + found.length) });
      i += found.length;
    } else {
      const word = words[i];
      if (word !== undefined && !NEUTRAL_WORDS.has(word) && !PLACE_WORDS.has(word)) rest.push(word);
      i += 1;
    }
  }
  return { cores, rest };
}

const isScent = (core: Core): boolean =>
  choicesOf(core.match).some(
    (i) => i.form === 'oil' || i.id === 'lemon-juice' || i.id === 'herbs' || i.id === 'citrus-peel',
  );

function ofParts(text: string, words: readonly string[], bare: readonly string[]): NameMatch {
  const { cores, rest } = coresIn(words);
  const slips = cores.length === 0 || rest.length > 0 ? misspelt(bare) : [];
  const classes = classesIn(rest);
  if (cores.length === 0) {
    if (slips.length > 0) return asked('spelling', [...classes, ...slips]);
    if (classes.length > 0) return asked('unknown-class', classes, rest);
    const parts = bare.flatMap((w) => (NO_SLIPS.has(w) ? [] : misspelt([w])));
    return parts.length > 0 ? asked('other-words', parts, rest) : { kind: 'none' };
  }
  const first = cores[0];
  const known = cores.map((c) => c.match);
  const ids = new Set(known.flatMap((m) => (m.kind === 'exact' ? [m.ingredient.id] : ['?'])));
  if (rest.length === 0 && first && ids.size === 1 && !ids.has('?')) return first.match;
  // A soap called after its scent is a soap.
  const bases = cores.filter((c) => c.match.kind === 'exact' && TAKES_A_SCENT.has(c.match.ingredient.id));
  const base = bases[0];
  if (base && cores.every((c) => bases.includes(c) || isScent(c)) && rest.every((w) => SCENT_WORDS.has(w))) {
    return new Set(bases.map((b) => (b.match.kind === 'exact' ? b.match.ingredient.id : ''))).size === 1
      ? base.match
      : asked(
          'several-meanings',
          bases.flatMap((b) => choicesOf(b.match)),
        );
  }
  // A brand's name before soap, salt or starch: capitals where the rest has none.
  if (
    cores.length === 1 &&
    first?.match.kind === 'exact' &&
    first.match.ingredient.contents.every((c) => HARMLESS.has(c.substance)) &&
    isBrand(text, rest, first.words)
  ) {
    return first.match;
  }
  // "Bleach toilet cleaner": the kind is said by the other word.
  const exacts = known.flatMap((m) => (m.kind === 'exact' ? [m.ingredient] : []));
  const kinds = known.find((m) => m.kind === 'asked' && m.because === 'unknown-kind');
  if (kinds && exacts.length === 1 && rest.length === 0) {
    const same = choicesOf(kinds).filter(
      (i) => i.id === exacts[0]?.id || i.contents.some((c) => exacts[0]?.contents[0]?.substance === c.substance),
    );
    if (same.length > 0) return asked('unknown-kind', [...same, ...exacts]);
  }
  if (slips.length > 0 && classes.length === 0) return asked('spelling', [...slips, ...known.flatMap(choicesOf)]);
  const choices = [...known.flatMap(choicesOf), ...classes];
  if (rest.length > 0) return asked('other-words', choices, rest);
  return asked('several-meanings', choices);
}

/** What a brand's name may stand before without a doubt: nothing that reacts or burns. */
const HARMLESS: ReadonlySet<string> = new Set(['soap', 'surfactant', 'sodium-chloride', 'starch', 'water']);

/** True if the words left over are written with a capital where the known ones are not. */
function isBrand(text: string, rest: readonly string[], core: readonly string[]): boolean {
  const written = text.match(/[\p{L}\d]+/gu) ?? [];
  const capital = (word: string): boolean =>
    written.some((w) => plainWord(plainName(w)) === word && /^\p{Lu}/u.test(w));
  return rest.length > 0 && rest.every((w) => w.length > 2 && capital(w)) && !core.some(capital);
}

/** Every ingredient that a sentence may name, the longer name before the shorter. */
export function ingredientsWithin(sentence: string): Ingredient[] {
  return [...new Set(coresIn(wordsOf(sentence)).cores.flatMap((c) => choicesOf(c.match)))];
}

/** What a name may be, the most likely first; none if it is not known. */
export function possibleIngredients(text: string): readonly Ingredient[] {
  const match = findIngredient(text);
  return match.kind === 'none' ? [] : choicesOf(match);
}

/** Ingredients for a search box: those whose names begin with or hold the typed words; near misses where none do. */
export function searchIngredients(text: string, limit = 8): Ingredient[] {
  const key = keyOf(text);
  if (key === '') return [];
  const names = [...BY_NAME];
  const starts = names.filter(([name]) => name.startsWith(key));
  const holds = names.filter(([name]) => name.includes(key));
  const found = [...new Set([...starts, ...holds].flatMap(([, m]) => choicesOf(m)))];
  return (found.length > 0 ? found : [...possibleIngredients(text), ...nearMisses(key)]).slice(0, limit);
}

/** Ingredients by how few slips their names are away, for somebody who is still typing. */
function nearMisses(key: string): Ingredient[] {
  const near = [...BY_NAME]
    .map(([name, match]) => ({
      match,
      slips: distance(key, name),
      most: Math.floor(0.4 * Math.max(key.length, name.length)),
    }))
    .filter((n) => n.slips <= n.most)
    .sort((a, b) => a.slips - b.slips);
  return [...new Set(near.flatMap((n) => choicesOf(n.match)))];
}
