import { nameAt, plainWord } from '../../catalogue/lookup';
import { UNITS } from '../../quantity/units';
import { isThing, NEGATORS, USE_VERBS } from './words';

/**
 * Whether a negation keeps out what it is said of. "Do not add bleach" does; "do not add too much bleach",
 * "never without bleach", "it can't hurt to add bleach" do not. Only what plainly keeps out counts: between
 * the negator and the name nothing may stand but words of use, small words and other names.
 */

const set = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

const BETWEEN = set(`
  a an the any this that these those it them its your our my other others another anything some of with in on onto into to for from near at by
  and or nor as well also ever even please simply under circumstances around together either both neither both additional added extra
  cleaner cleaners cleaning product products chemical chemicals household bought store commercial harsh toxic nasty strong synthetic artificial
  mixture mix spray solution recipe paste bottle container powder one such things thing kind kinds type types regular chlorine
  you we i they need be is are contains must should needed
`);

const MEASURES: ReadonlySet<string> = new Set([
  'drop',
  'drops',
  'oz',
  ...UNITS.flatMap((u): readonly string[] => u.names),
]);

/** Behind the name these say how, how much or when: it is used. */
const AFTER = set(`
  too very so much less enough fast slowly quickly upwards downwards first last yet early late soon once undiluted neat straight directly
  alone long overnight hot cold boiling until till unless before instead
`);
/** Behind these somebody gives a reason: what follows says nothing of how. */
const REASON = set('as since because which that due for it they this or');

/** True if a word may stand between a negator and what it keeps out. */
const mayStandBetween = (word: string): boolean =>
  BETWEEN.has(word) ||
  USE_VERBS.has(word) ||
  isThing(word) ||
  MEASURES.has(word) ||
  /^\d+$/.test(word) ||
  nameAt([plainWord(word)], 0) !== null;

/**
 * @param before words of the clause before the negator
 * @param negator the negator itself
 * @param between words between it and the name
 * @param after words behind the name, to the end of its clause
 */
export function keepsOut(
  before: readonly string[],
  negator: string,
  between: readonly string[],
  after: readonly string[],
): boolean {
  // "It does not work without bleach", "why not add bleach?"
  if (negator === 'without' && before.some((w) => NEGATORS.has(w))) return false;
  if (before.includes('why')) return false;
  if (!between.every(mayStandBetween)) return false;
  // "Never pour the water into the bleach": the bleach is there.
  const into = between.findIndex((w) => w === 'into' || w === 'onto' || w === 'over');
  if (into >= 0 && between.slice(0, into).some((w) => nameAt([plainWord(w)], 0) !== null)) return false;
  for (const word of after) {
    if (REASON.has(word)) return true;
    if (AFTER.has(word)) return false;
  }
  return true;
}
