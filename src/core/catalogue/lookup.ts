import { distance } from 'fastest-levenshtein';
import { BOUGHT_PRODUCTS } from './boughtProducts';
import { ESSENTIAL_OILS } from './essentialOils';
import type { Ingredient } from './ingredient';
import { LIQUIDS } from './liquids';
import { POWDERS } from './powders';

export const INGREDIENTS: readonly Ingredient[] = [...LIQUIDS, ...POWDERS, ...ESSENTIAL_OILS, ...BOUGHT_PRODUCTS];

const BY_ID = new Map(INGREDIENTS.map((i) => [i.id, i]));

/** The catalogue's ingredient of an id, or null. */
export const ingredientById = (id: string): Ingredient | null => BY_ID.get(id) ?? null;

/** How sure a look-up is. `exact`: a known spelling. `close`: a known name with a slip, or among other words. */
export type NameMatch =
  | { readonly kind: 'exact'; readonly ingredient: Ingredient }
  | { readonly kind: 'close'; readonly ingredient: Ingredient; readonly choices: readonly Ingredient[] }
  | { readonly kind: 'ambiguous'; readonly choices: readonly Ingredient[] }
  | { readonly kind: 'none' };

/** Words that say nothing about which ingredient is meant. */
const FILLER = new Set(
  'of the a an some fresh freshly good quality organic natural pure plain cheap your favourite favorite unscented scented food grade household pharmacy clean more few liquid powdered granulated squeezed strained clear fine coarse about approximately optional'.split(
    ' ',
  ),
);

/** Lower case, plain letters, hyphens and brackets as spaces. */
export function plainName(text: string): string {
  return text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/['’]/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
}

const singular = (word: string): string => (word.length > 3 ? word.replace(/(?<=[^s])s$/, '') : word);
const keyOf = (text: string): string => plainName(text).split(' ').map(singular).join(' ');

/** Names that people use for different things: which is meant has to be asked. */
const AMBIGUOUS: ReadonlyMap<string, readonly string[]> = new Map(
  (
    [
      ['soap', ['castile-soap', 'dish-soap', 'soap-flakes']],
      ['liquid soap', ['castile-soap', 'dish-soap']],
      ['hand soap', ['castile-soap', 'dish-soap']],
      ['alcohol', ['isopropyl-alcohol', 'surgical-spirit', 'vodka']],
      ['soda', ['baking-soda', 'washing-soda', 'washing-soda-crystals']],
      ['acid', ['citric-acid', 'white-vinegar']],
      ['rubbing spirit', ['isopropyl-alcohol', 'surgical-spirit']],
      ['oil', ['essential-oil', 'olive-oil']],
      ['toilet cleaner', ['acid-toilet-cleaner', 'chlorine-bleach']],
      ['detergent', ['dish-soap', 'washing-soda']],
    ] as const
  ).map(([name, ids]) => [keyOf(name), ids]),
);

const BY_NAME = new Map<string, Ingredient>();
for (const ingredient of INGREDIENTS) {
  for (const name of [ingredient.id, ingredient.name, ...ingredient.names]) {
    const key = keyOf(name);
    if (!BY_NAME.has(key)) BY_NAME.set(key, ingredient);
  }
}

/** One slip for every four letters is still the same word. */
const SLIPS_PER_LETTER = 0.26;
/** One slip for every eight letters is a plain typing error, whatever other words stand beside it. */
const PLAIN_SLIP_PER_LETTER = 0.13;

/** Ingredients whose name is within so many slips of the key, the nearest first. */
function nearby(key: string, slipsPerLetter: number): Ingredient[] {
  const near: { ingredient: Ingredient; slips: number }[] = [];
  for (const [name, ingredient] of BY_NAME) {
    const most = Math.floor(slipsPerLetter * Math.max(key.length, name.length));
    if (Math.abs(name.length - key.length) > most) continue;
    const slips = distance(key, name);
    if (slips <= most) near.push({ ingredient, slips });
  }
  return [...new Set(near.sort((a, b) => a.slips - b.slips).map((n) => n.ingredient))];
}

const chosen = (ids: readonly string[]): Ingredient[] => ids.flatMap((id) => ingredientById(id) ?? []);

/** A known name standing among other words, the longest first: "raw organic white vinegar from the shop". */
function nameWithin(words: readonly string[]): NameMatch | null {
  for (let length = Math.min(words.length, 5); length >= 1; length--) {
    for (let start = words.length - length; start >= 0; start--) {
      const name = words.slice(start, start + length).join(' ');
      const ambiguous = AMBIGUOUS.get(name);
      if (ambiguous) return { kind: 'ambiguous', choices: chosen(ambiguous) };
      const found = BY_NAME.get(name);
      if (found) return { kind: 'close', ingredient: found, choices: [] };
    }
  }
  return null;
}

/** Every ingredient whose name stands somewhere in a sentence: for what an instruction mentions. */
export function ingredientsWithin(sentence: string): Ingredient[] {
  let words = keyOf(sentence).split(' ');
  const found: Ingredient[] = [];
  for (let length = 5; length >= 1; length--) {
    for (let start = 0; start + length <= words.length; start++) {
      const ingredient = BY_NAME.get(words.slice(start, start + length).join(' '));
      if (!ingredient) continue;
      found.push(ingredient);
      words = words.map((w, i) => (i >= start && i < start + length ? '' : w));
    }
  }
  return [...new Set(found)];
}

const cache = new Map<string, NameMatch>();
const CACHE_LIMIT = 2000;

/**
 * Finds the ingredient that a person's words mean: known spellings first, then names that mean several
 * things (which has to be asked), known names among other words, and slips of typing.
 */
export function findIngredient(text: string): NameMatch {
  const key = keyOf(text);
  const known = cache.get(key);
  if (known) return known;
  const match = search(key);
  if (cache.size > CACHE_LIMIT) cache.clear();
  cache.set(key, match);
  return match;
}

function search(key: string): NameMatch {
  if (key === '') return { kind: 'none' };
  const ambiguous = AMBIGUOUS.get(key);
  if (ambiguous) return { kind: 'ambiguous', choices: chosen(ambiguous) };
  const exact = BY_NAME.get(key);
  if (exact) return { kind: 'exact', ingredient: exact };

  const words = key.split(' ').filter((w) => !FILLER.has(w) && !/^\d+$/.test(w));
  const bare = words.join(' ');
  const bareAmbiguous = AMBIGUOUS.get(bare);
  if (bareAmbiguous) return { kind: 'ambiguous', choices: chosen(bareAmbiguous) };
  const bareExact = BY_NAME.get(bare);
  if (bareExact) return { kind: 'exact', ingredient: bareExact };

  const slip = nearby(bare, PLAIN_SLIP_PER_LETTER)[0] ?? nearby(key, PLAIN_SLIP_PER_LETTER)[0];
  if (slip) return { kind: 'close', ingredient: slip, choices: nearby(bare, SLIPS_PER_LETTER).slice(1, 4) };
  const within = nameWithin(words);
  if (within) return within;
  if (bare.length < 3) return { kind: 'none' };
  const [first, ...others] = nearby(bare, SLIPS_PER_LETTER);
  return first ? { kind: 'close', ingredient: first, choices: others.slice(0, 3) } : { kind: 'none' };
}

/** Ingredients for a search box: those whose names begin with or hold the typed words; near misses where none do. */
export function searchIngredients(text: string, limit = 8): Ingredient[] {
  const key = keyOf(text);
  if (key === '') return [];
  const names = [...BY_NAME];
  const starts = names.filter(([name]) => name.startsWith(key));
  const holds = names.filter(([name]) => name.includes(key));
  const found = [...new Set([...starts, ...holds].map(([, i]) => i))];
  return (found.length > 0 ? found : nearby(key, 0.4)).slice(0, limit);
}
