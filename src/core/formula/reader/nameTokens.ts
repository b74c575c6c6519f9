import { CLASS_WORDS } from '../../catalogue/askedNames';
import { findIngredient, nameAt, plainName, plainWord } from '../../catalogue/lookup';
import { NEUTRAL_WORDS, PLACE_WORDS } from '../../catalogue/nameWords';
import { wordsIn, type Element } from './element';
import { HAZARD_NEGATORS } from './hazardClauses';
import { isSign, type Token } from './tokens';
import { DIRT_WORDS, isKnownWord, isThing } from './words';

/** Directly after a name these belong to it, and may change what it is. */
const MODIFIERS = new Set(
  'solution concentrate concentrated substitute alternative powder gel extract essence cleaner spray free based remover softener booster tablets tablet tabs polish liquid foam cream syrup wipes wash paste crystals granules oil juice peel zest leaves flowers replacement mix style flavour shampoo rinse water soap detergent stripper thinner fluid opener unblocker'.split(
    ' ',
  ),
);

/** Names that stand for an ingredient only right after an amount: they are everyday words otherwise. */
const WEAK_NAMES = new Set(
  'scent wax ash scale cal rust litter pee conditioner peel peels rind apple potato onion onions cucumber milk tea coffee rosemary sage thyme herb herbs clay chalk oil oils spirit cleaner acid developer softener soda caustic ether chlorine'.split(
    ' ',
  ),
);

/** Of these even alone something is said: they are asked about wherever they stand. */
const STRONG_WEAK = new Set(['acid', 'caustic', 'spirit', 'chlorine', 'soda', 'oil']);

/** True if a name begins at a place, perhaps after an adjective or two. */
export function nameFollows(tokens: readonly Token[], start: number): boolean {
  let i = start;
  for (let k = 0; k < 3 && tokens[i]?.kind === 'word'; k++, i++) {
    const token = tokens[i];
    if (!token) return false;
    if (nameAt(namePieces(tokens, i), 0)) return true;
    if (!NEUTRAL_WORDS.has(token.text) && isKnownWord(token.text)) return false;
  }
  return false;
}

/** Spellings of the words from a place as names have them, hyphens within passed over; one list for a look-up. */
export function namePieces(tokens: readonly Token[], start: number): string[] {
  const words: string[] = [];
  for (let i = start; i < tokens.length && words.length < 6; i++) {
    const token = tokens[i];
    if (token?.kind === 'word') words.push(...pieces(token));
    else if (token?.kind === 'number' && /^\d+$/.test(token.raw) && words.length > 0) words.push(token.raw);
    else if (!(isSign(token, '-') && token?.tight && tokens[i + 1]?.tight)) break;
  }
  return words;
}

const pieces = (token: Token): string[] => plainName(token.raw).split(' ').filter(Boolean).map(plainWord);

/** How many tokens so many name words from a place take up. */
function tokensFor(tokens: readonly Token[], start: number, words: number): number {
  let left = words;
  let i = start;
  while (left > 0 && i < tokens.length) {
    const token = tokens[i];
    if (token?.kind === 'word') left -= pieces(token).length;
    else if (token?.kind === 'number') left -= 1;
    i += 1;
  }
  return i;
}

const joins = (tokens: readonly Token[], i: number): boolean =>
  isSign(tokens[i], '-') &&
  tokens[i]?.tight === true &&
  tokens[i + 1]?.tight === true &&
  tokens[i + 1]?.kind === 'word';

/** True for a word that may belong to a name it stands beside. */
const mayBelong = (token: Token | undefined): boolean =>
  token?.kind === 'word' &&
  !HAZARD_NEGATORS.has(token.text) &&
  (NEUTRAL_WORDS.has(plainWord(token.text)) ||
    PLACE_WORDS.has(token.text) ||
    CLASS_WORDS.has(plainWord(token.text)) ||
    !isKnownWord(token.text)) &&
  !['of', 'a', 'an', 'the', 'some', 'any', 'this', 'that', 'for', 'about', 'its', 'their', 'type'].includes(token.text);

/** The name at a place: known words with all those beside them that may belong to it. */
export function namedAt(i: number, tokens: readonly Token[], afterAmount: boolean): Element | null {
  const token = tokens[i];
  if (token?.kind !== 'word') return null;
  // Words before the known name: adjectives, or what nobody understands.
  let core = i;
  let found = nameAt(namePieces(tokens, core), 0);
  let classy = CLASS_WORDS.has(plainWord(token.text));
  while (
    !found &&
    !classy &&
    core - i < 6 &&
    (mayBelong(tokens[core]) || joins(tokens, core) || (afterAmount && isThing(tokens[core]?.text ?? '')))
  ) {
    core += 1;
    if (tokens[core]?.kind === 'number') break;
    found = tokens[core]?.kind === 'word' && !ends(tokens, core) ? nameAt(namePieces(tokens, core), 0) : null;
    classy = tokens[core]?.kind === 'word' && CLASS_WORDS.has(plainWord(tokens[core]?.text ?? ''));
  }
  if (!found && !classy) return null;
  let to = found ? tokensFor(tokens, core, found.length) : core + 1;
  if (found && to - core === 1 && core === i && isEveryday(tokens, core, to, afterAmount)) return null;
  // Words after it.
  for (;;) {
    const at = joins(tokens, to) ? to + 1 : to;
    const next = tokens[at];
    if (next?.kind !== 'word') break;
    const more = nameAt(namePieces(tokens, at), 0);
    const dirt = DIRT_WORDS.has(next.text) && !(more && more.length > 1);
    if (dirt) {
      return { kind: 'other', word: 'dirt', from: i, to: at + 1 };
    }
    if (more && !ends(tokens, at)) to = tokensFor(tokens, at, more.length);
    else if (MODIFIERS.has(next.text) || (afterAmount && isThing(next.text)) || (mayBelong(next) && !ends(tokens, at)))
      to = at + 1;
    else break;
  }
  const words = wordsIn(tokens, i, to);
  const match = findIngredient(words);
  if (match.kind === 'none') return null;
  return { kind: 'name', words, match, from: i, to };
}

/** Words that begin something else although they could stand in a name. */
export const ends = (tokens: readonly Token[], i: number): boolean => {
  const token = tokens[i];
  return token?.kind !== 'word' || ['each', 'and', 'or', 'with', 'then', 'plus'].includes(token.text);
};

/** True for a name that is an everyday word and here only that: "the scent", "a scale". */
function isEveryday(tokens: readonly Token[], from: number, to: number, afterAmount: boolean): boolean {
  const word = tokens[from]?.text ?? '';
  if (to - from !== 1 || !WEAK_NAMES.has(word) || afterAmount || STRONG_WEAK.has(word)) return false;
  const next = tokens[to];
  // Alone, or "milk to fill": nothing else can be meant.
  if (from === 0 && (next === undefined || next.text === 'to')) return false;
  return !(next?.kind === 'word' && nameAt(namePieces(tokens, to), 0));
}

export function unknownEnd(start: number, tokens: readonly Token[]): number {
  let i = start + 1;
  for (;;) {
    const token = tokens[i];
    if (joins(tokens, i)) i += 2;
    else if (
      token?.kind === 'word' &&
      !isKnownWord(token.text) &&
      !nameAt(namePieces(tokens, i), 0) &&
      !CLASS_WORDS.has(plainWord(token.text))
    )
      i += 1;
    else return i;
  }
}
