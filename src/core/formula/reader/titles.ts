import { CLASS_WORDS } from '../../catalogue/askedNames';
import { plainName, plainWord } from '../../catalogue/lookup';
import type { Correction, ReadItem } from './reading';
import { sameAsListed, type Listed } from './repeats';
import { isPurpose, namesIn, where, type ReadUnit } from './units';
import { PURPOSE_WORDS, isVerb } from './words';

/** Page furniture before a title: times, ratings, yields. */
const isFurniture = (unit: ReadUnit): boolean => {
  const words = unit.tokens.filter((t) => t.kind === 'word');
  if (words.length === 0) return true;
  if (
    unit.tokens.some((t) => t.text === '★' || t.text === '☆') ||
    words.some((w) => /^(?:votes?|stars?|ratings?|reviews?|comments?|minutes?|mins?|hours?|hrs?)$/.test(w.text))
  )
    return true;
  return /^(?:yields?|prep|preparation|total|cook|active|servings?|serves|cost|difficulty|author|by|print|pin|save|share|jump|rating|ratings|source|posted|updated|published|photo|advertisement|sponsored|makes|time|level|category|categories|tags|skip|home|menu|search|like|follow|subscribe|email|click)$/.test(
    words[0]?.text ?? '',
  );
};

/** Where the title stands: the first entry that is no furniture, if it says no amount and more comes after it; -1 for none. */
export function titleIndex(units: readonly ReadUnit[], listed: readonly Listed[]): number {
  for (const [i, unit] of units.entries()) {
    if (unit.role === 'heading') return -1;
    if (unit.role !== null) {
      if (unit.role === 'recipe-title') return -1;
      continue;
    }
    if (isFurniture(unit) && unit.paired.pairs.length === 0) continue;
    if (i === units.length - 1) return -1;
    if (unit.sentence.whole && couldBeTitle(unit, listed)) return i;
    // What is told before the title holds no ingredient.
    if (
      unit.paired.pairs.length > 0 ||
      unit.paired.looseAmounts > 0 ||
      unit.tokens.filter((t) => t.kind === 'word').length < 4
    )
      return -1;
  }
  return -1;
}

function couldBeTitle(unit: ReadUnit, listed: readonly Listed[]): boolean {
  const { paired, tokens, elements } = unit;
  const words = tokens.filter((t) => t.kind === 'word');
  const first = words[0]?.text ?? '';
  if (words.length === 0 || words.length > 10 || unit.label !== null || unit.sentence.listed) return false;
  if (words.some((w) => w.text === 'optional') || first === 'plus') return false;
  if (elements.some((e) => e.kind === 'other' && e.word === 'vessel')) return false;
  // "Zonk & vinegar": a list of two, unless a word says what it is.
  const joined = elements.some((e) => e.kind === 'and' || e.kind === 'between');
  if (joined && elements.some((e) => e.kind === 'unknown') && !PURPOSE_WORDS.has(words.at(-1)?.text ?? ''))
    return false;
  const ends = unit.text.trimEnd().at(-1) ?? '';
  if (words.length > 4 && /[.!?]/.test(ends)) return false;
  if (paired.keepsOut && (paired.tells || elements.find((e) => e.kind !== 'other')?.kind !== 'name')) return false;
  if (paired.tells && elements.some((e) => e.kind === 'comma')) return false;
  if (paired.looseAmounts > 0 || paired.pairs.some((p) => p.amount !== null || p.strength)) return false;
  if (
    elements.some(
      (e) =>
        e.kind === 'amount' ||
        e.kind === 'strength' ||
        e.kind === 'ratio' ||
        e.kind === 'equal' ||
        e.kind === 'to-fill',
    )
  )
    return inTitleBrackets(unit);
  if (
    isVerb(first) &&
    elements.some((e) => e.kind === 'between' || (e.kind === 'other' && ['the', 'it', 'well', 'off'].includes(e.word)))
  )
    return false;
  if (isVerb(first) && !PURPOSE_WORDS.has(first) && !['easy', 'clean', 'make', 'made', 'love', 'mix'].includes(first))
    return false;
  if (
    [
      'if',
      'when',
      'then',
      'and',
      'or',
      'with',
      'for',
      'to',
      'in',
      'not',
      'this',
      'these',
      'works',
      'smells',
      'it',
    ].includes(first)
  )
    return false;
  const inBrackets = (i: number): boolean => elements.some((e) => e.kind === 'bracket' && i >= e.from && i < e.to);
  if (tokens.some((t, i) => t.kind === 'number' && !inBrackets(i)) && paired.pairs.length > 0) return false;
  // Two things and nothing else are ingredients; so is one by its own name alone.
  const names = namesIn(elements);
  // "A bottle full of vinegar" tells what is in it.
  if (elements.some((e, i) => e.kind === 'name' && ['of', 'with'].includes(tokens[e.from - 1]?.text ?? '') && i > 0))
    return false;
  if (names.length > 1) return names.every((n) => listed.some((l) => sameAsListed(n.match, l.match)));
  const only = names[0];
  if (
    only &&
    names.length === 1 &&
    only.from === 0 &&
    only.to === tokens.length &&
    only.match.kind === 'exact' &&
    !isPurpose(tokens, elements)
  ) {
    return listed.some((l) => sameAsListed(only.match, l.match));
  }
  return true;
}

const inTitleBrackets = (unit: ReadUnit): boolean =>
  unit.elements.every(
    (e) =>
      e.kind !== 'amount' && e.kind !== 'strength' && e.kind !== 'ratio' && e.kind !== 'equal' && e.kind !== 'to-fill',
  );

/** A title names what is made; one that holds an ingredient which no line holds is asked about. */
export function titleItem(unit: ReadUnit, listed: readonly Listed[], said: Correction | undefined): ReadItem {
  const at = where(unit);
  if (said?.isNote || said?.keepsOut) return { kind: 'title', ...at };
  const names = namesIn(unit.elements);
  const stray = names.filter((n) => {
    if (listed.some((l) => sameAsListed(n.match, l.match))) return false;
    if (isPurpose(unit.tokens, unit.elements)) return false;
    const words = plainName(n.words)
      .split(' ')
      .filter((w) => w.length > 2);
    const hazardous = words.some((w) => CLASS_WORDS.has(plainWord(w)));
    // "Lemon spray" over "10 drops lemon oil".
    return (
      hazardous || !words.some((w) => listed.some((l) => l.text.split(' ').some((t) => plainWord(t) === plainWord(w))))
    );
  });
  return stray.length === 0 ? { kind: 'title', ...at } : { kind: 'unread', because: 'title-with-ingredient', ...at };
}

/** The words of a title without what pages put around them. */
export function nameIn(unit: ReadUnit): string {
  const bracket = unit.elements.find(
    (e) => e.kind === 'bracket' && /^(?:makes|yields?|for|serves)$/.test(unit.tokens[e.from + 1]?.text ?? ''),
  );
  const tokens = bracket ? unit.tokens.slice(0, bracket.from) : unit.tokens;
  const first = tokens[0];
  const last = tokens.at(-1);
  if (!first || !last) return unit.text;
  return unit.text
    .slice(first.from - unit.span[0], last.to - unit.span[0])
    .replace(/[\s:.–—#*_-]+$/, '')
    .trim();
}
