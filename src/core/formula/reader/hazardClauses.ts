import { nameAt } from '../../catalogue/lookup';
import type { Find, Word } from './hazardNames';
import { keepsOut } from './denial';

export const PUTS = new Set(
  'add adding mix mixing stir pour pouring combine put include with plus use using follow then'.split(' '),
);

export const HAZARD_NEGATORS = new Set(
  'not never no without avoid dont cannot cant wont shouldnt mustnt nor neither skip omit exclude except minus beware isnt doesnt'.split(
    ' ',
  ),
);

/** They turn a negation round: "do not forget the bleach". */
const UNDOES = new Set('forget skip omit leave hesitate miss only just afraid forgetting skipping'.split(' '));

/** What a negation does not reach past. */
const BREAKS = new Set('but when while if before after unless until because then instead so which'.split(' '));

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
    if (!HAZARD_NEGATORS.has(word)) continue;
    if (between.slice(0, 3).some((w) => UNDOES.has(w)) || between.some((w) => w === 'more' || w === 'exceed'))
      return false;
    return (
      !putsInAgain(between) &&
      after?.text !== 'instead' &&
      keepsOut(clauseBefore(words, i), word, between, clauseAfter(words, end))
    );
  }
  return hasEnding(words, find);
}

const PHRASES = new Set(['instead of', 'rather than', 'away from', 'apart from', 'free of', 'free from']);

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

const clauseBefore = (words: readonly Word[], at: number): string[] => {
  let from = at;
  while (from > 0 && words[from]?.begins !== true) from -= 1;
  return words.slice(from, at).map((w) => w.text);
};

const clauseAfter = (words: readonly Word[], from: number): string[] => {
  let to = from;
  while (to < words.length && words[to]?.begins !== true) to += 1;
  return words.slice(from, to).map((w) => w.text);
};

/** "Bleach: NEVER", "bleach is not needed". */
function hasEnding(words: readonly Word[], find: Find): boolean {
  const [a, b, c] = [words[find.at + find.length], words[find.at + find.length + 1], words[find.at + find.length + 2]];
  if (a && /^(?:never|none)$/.test(a.text) && (b === undefined || b.begins)) return true;
  const is =
    a && /^(?:is|are|should|must|can)$/.test(a.text) ? b : a && /^(?:isnt|arent)$/.test(a.text) ? a : undefined;
  const after = is === b ? c : b;
  return is !== undefined && HAZARD_NEGATORS.has(is.text) && after !== undefined && !UNDOES.has(after.text);
}
