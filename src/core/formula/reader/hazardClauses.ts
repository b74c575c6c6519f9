import { nameAt } from '../../catalogue/lookup';
import type { Find, Word } from './hazardNames';
import { USE_VERBS, isVerb } from './words';

export const PUTS = new Set(
  'add adding mix mixing stir pour pouring combine put include with plus use using follow then'.split(' '),
);

export const NEGATORS = new Set(
  'not never no without avoid dont cannot cant wont shouldnt mustnt nor neither skip omit exclude except minus beware isnt doesnt'.split(
    ' ',
  ),
);

/** They turn a negation round: "do not forget the bleach". */
const UNDOES = new Set('forget skip omit leave hesitate miss only just afraid forgetting skipping'.split(' '));

/** What a negation does not reach past. */
const BREAKS = new Set('but when while if before after unless until because then instead so which'.split(' '));

/** They say when or how something goes in: then nothing is kept out. */
const WHEN = new Set(
  'until till unless before first last yet early soon once undiluted neat straight directly quickly alone'.split(' '),
);

/** How far a negation's clause is looked through, words. */
const REACH = 14;

/** True if a clause of its own keeps a name out: a negator before it and nothing that ends its reach between. */
export function isKeptOut(words: readonly Word[], find: Find): boolean {
  const end = find.at + find.length;
  const after = words[end];
  if (after?.text === 'free' && !after.begins && !['of', 'from'].includes(words[end + 1]?.text ?? '')) return true;
  for (let i = find.at - 1; i >= 0 && i >= find.at - REACH && words[i + 1]?.begins !== true; i--) {
    const word = words[i]?.text ?? '';
    const next = words[i + 1]?.text ?? '';
    const before = words[i - 1]?.text ?? '';
    const between = words.slice(i + 1, find.at).map((w) => w.text);
    const phrase =
      PHRASES.has(`${word} ${next}`) || (word === 'than' && !['more', 'less'].includes(before)) || word === 'unlike';
    if (phrase) return !putsInAgain(between.slice(1));
    if (BREAKS.has(word)) break;
    if (!NEGATORS.has(word)) continue;
    if (between.slice(0, 3).some((w) => UNDOES.has(w)) || between.some((w) => w === 'more' || w === 'exceed'))
      return false;
    // "Do not spill the bleach": it is there.
    const verb = between.find(isVerb);
    const handled =
      verb !== undefined &&
      !USE_VERBS.has(verb) &&
      !between.some((w) => ['with', 'near', 'from', 'to', 'into'].includes(w) && w !== between[0]);
    return !handled && !putsInAgain(between) && after?.text !== 'instead' && !tellsWhen(words, end);
  }
  return hasEnding(words, find);
}

const PHRASES = new Set(['instead of', 'rather than', 'away from', 'apart from', 'free of', 'free from', 'used to']);

/** "No vinegar, use bleach"; "do not shake and add bleach": something is put in after what is kept out. */
function putsInAgain(between: readonly string[]): boolean {
  return between.some(
    (w, i) =>
      PUTS.has(w) &&
      i > 0 &&
      (between[i - 1] === 'and' || between.slice(0, i).some((b) => nameAt([b], 0) !== null)) &&
      w !== 'with',
  );
}

function tellsWhen(words: readonly Word[], from: number): boolean {
  for (let i = from; i < words.length && words[i]?.begins !== true; i++)
    if (WHEN.has(words[i]?.text ?? '')) return true;
  return false;
}

/** "Bleach: NEVER", "bleach is not needed". */
function hasEnding(words: readonly Word[], find: Find): boolean {
  const [a, b, c] = [words[find.at + find.length], words[find.at + find.length + 1], words[find.at + find.length + 2]];
  if (a && /^(?:never|none)$/.test(a.text) && (b === undefined || b.begins)) return true;
  const is =
    a && /^(?:is|are|should|must|can)$/.test(a.text) ? b : a && /^(?:isnt|arent)$/.test(a.text) ? a : undefined;
  const after = is === b ? c : b;
  return is !== undefined && NEGATORS.has(is.text) && after !== undefined && !UNDOES.has(after.text);
}
