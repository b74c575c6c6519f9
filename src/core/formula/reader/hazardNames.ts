import { CLASS_WORDS } from '../../catalogue/askedNames';
import type { Ingredient } from '../../catalogue/ingredient';
import { ingredientById, nameAt, plainName, plainWord } from '../../catalogue/lookup';
import { NO_SLIPS } from '../../catalogue/nameWords';
import { substance, type Trait } from '../../catalogue/substances';
import { distance } from 'fastest-levenshtein';
import type { CleanText } from './cleanText';

/** What is hazardous together with other things, or by itself. */
const HAZARDS: readonly Trait[] = [
  'hypochlorite',
  'ammonia-source',
  'peroxide',
  'acid',
  'lye',
  'alcohol',
  'solvent',
  'quaternary',
];

const isHazard = (ingredient: Ingredient): boolean =>
  ingredient.role !== 'residue' &&
  ingredient.contents.some((c) => substance(c.substance).traits.some((t) => HAZARDS.includes(t)));

/** A word of the text in one form, with its place in the text as written. */
export interface Word {
  readonly text: string;
  readonly from: number;
  readonly to: number;
  /** True if a new clause begins with it. */
  readonly begins: boolean;
}

const WORD = /(?:\p{L}\.){2,}(?!\p{L})|[\p{L}\d]+(?:['’]\p{L}+)*/gu;

/** Between two words: the end of a clause. */
const CLAUSE_END = /[.!?;:\n•|–—]|\s-\s/;

export function wordsOf(clean: CleanText): Word[] {
  const words: Word[] = [];
  let end = 0;
  for (const match of clean.text.matchAll(WORD)) {
    const from = match.index;
    const to = from + match[0].length;
    const between = clean.text.slice(end, from);
    const parts = plainName(match[0]).split(' ').filter(Boolean);
    parts.forEach((part, i) => {
      words.push({
        text: plainWord(part),
        from: clean.at[from] ?? 0,
        to: (clean.at[to - 1] ?? from) + 1,
        begins: i === 0 && (words.length === 0 || CLAUSE_END.test(between)),
      });
    });
    end = to;
  }
  return words;
}

/** Misspelt words of a hazardous class: one slip in a word of five letters or more. */
const HEAD_WORDS: readonly string[] = [...new Set([...CLASS_WORDS.keys(), 'vinegar', 'sulfuric', 'citric'])].filter(
  (w) => w.length >= 5,
);

function slipOf(word: string): readonly Ingredient[] {
  if (word.length < 5 || NO_SLIPS.has(word)) return [];
  const near = HEAD_WORDS.find((w) => Math.abs(w.length - word.length) <= 1 && w !== word && distance(w, word) === 1);
  return near === undefined ? [] : classOf(near);
}

function classOf(word: string): readonly Ingredient[] {
  const ids = CLASS_WORDS.get(word);
  if (ids) return ids.flatMap((id) => ingredientById(id) ?? []);
  const found = nameAt([word], 0)?.match;
  return found ? (found.kind === 'exact' ? [found.ingredient] : found.choices) : [];
}

export interface Find {
  readonly at: number;
  readonly length: number;
  readonly ingredients: readonly Ingredient[];
  /** A product called after its job, which may be what is being made. */
  readonly purpose: boolean;
}

/** Names that are everyday words as well: only hazardous where they are put in, which the reader sees. */
const EVERYDAY = new Set(
  'lemon lime orange grapefruit rhubarb tea coffee cola spirit developer cal ether rust scale conditioner softener detergent soda cleaner degreaser cleanser vanilla tartar ash alkali soap'.split(
    ' ',
  ),
);

export function hazardAt(texts: readonly string[], i: number): Find | null {
  const known = nameAt(texts, i);
  if (known) {
    const ingredients = known.match.kind === 'exact' ? [known.match.ingredient] : known.match.choices;
    const words = texts.slice(i, i + known.length);
    const purpose =
      known.match.kind === 'asked' ? known.match.because === 'unknown-kind' : known.match.ingredient.role === 'bought';
    const classy = words.some((w) => CLASS_WORDS.has(w));
    const everyday = known.length === 1 && EVERYDAY.has(words[0] ?? '');
    return {
      at: i,
      length: known.length,
      ingredients: everyday ? [] : ingredients.filter(isHazard),
      purpose: purpose && !classy && words.some((w) => JOB_WORDS.has(w)),
    };
  }
  const word = texts[i] ?? '';
  const ingredients = CLASS_WORDS.has(word) ? classOf(word) : slipOf(word);
  return ingredients.length > 0
    ? { at: i, length: 1, ingredients: ingredients.filter(isHazard), purpose: false }
    : null;
}

const JOB_WORDS = new Set(
  'cleaner cleanser spray remover descaler opener disinfectant degreaser softener conditioner wash soap shampoo unblocker polish gel whitener booster liquid powder killer'.split(
    ' ',
  ),
);
