import { VAGUE_ML, isAsked, type Amount, type PercentBasis, type VagueWord } from '../../quantity/amount';
import { scaleRange, type Range } from '../../quantity/range';
import { unitG, unitML, type MeasureSystem } from '../../quantity/units';
import { lemonsAt } from './lemons';
import { numberAt, type FoundNumber } from './numberTokens';
import { containerAmount, sizedPack, spacedThousands } from './packs';
import { ONE, times, type TokenAmount } from './tokenAmount';
import { isSign, isWord, type Token } from './tokens';
import { CONTAINER, afterDot, madeOf, unitAt, vagueTimes } from './unitWords';

/** Before an amount, changing nothing of it. */
const ABOUT = new Set(
  'about around roughly approx approximately circa ca plus another up minimum max maximum nearly almost'.split(' '),
);

const ABOUT_SIGNS = ['~', '+', '±', '>', '<', '≥', '≤'];

const MANY = new Set('plenty loads lots tons heaps masses oodles'.split(' '));

/** Skips "about", "at least", "no more than": what they stand before is still the amount. */
function pastAbout(tokens: readonly Token[], start: number): { i: number; asks: boolean } {
  let i = start;
  let asks = false;
  for (;;) {
    const token = tokens[i];
    if (isWord(token, 'at') && isWord(tokens[i + 1], 'least', 'most')) i += 2;
    else if (isWord(token, 'no', 'not') && isWord(tokens[i + 1], 'more', 'less') && isWord(tokens[i + 2], 'than')) {
      i += 3;
      asks = true;
    } else if (isWord(token, 'up') && isWord(tokens[i + 1], 'to')) i += 2;
    else if (token?.kind === 'word' && ABOUT.has(token.text) && token.text !== 'up') i = afterDot(tokens, i + 1);
    else if (isSign(token, ...ABOUT_SIGNS)) i += 1;
    else if (isWord(token, 'scant', 'generous')) i += 1;
    else if (
      isWord(token, 'a') &&
      isWord(tokens[i + 1], 'good', 'generous', 'scant', 'full', 'heaped', 'level') &&
      numberAt(tokens, i + 2)
    )
      i += 2;
    else return { i, asks };
  }
}

/**
 * The amount at a place: numbers with their units, vague words, lemons, packs of a size. Null if none begins
 * there. Whether a container is what is measured with, or merely what is filled, is told by what follows it.
 *
 * @param system whose cups and spoons are meant, for amounts of two units that are added
 */
export function amountAt(tokens: readonly Token[], start: number, system: MeasureSystem): TokenAmount | null {
  const about = pastAbout(tokens, start);
  const lemons = lemonsAt(tokens, about.i);
  if (lemons) return lemons;
  const vague = looseAt(tokens, about.i);
  if (vague) return vague;
  const number = numberAt(tokens, about.i);
  if (!number) return bareVague(tokens, about.i);
  const found = withUnit(tokens, number, system);
  if (!found) return null;
  return about.asks ? { ...found, asks: true } : found;
}

/** "a few drops", "some", "a little", "plenty of", "a bit of". */
function looseAt(tokens: readonly Token[], start: number): TokenAmount | null {
  let i = start;
  if (isWord(tokens[i], 'a', 'an', 'some', 'the')) i += 1;
  if (isWord(tokens[i], 'good') && isWord(tokens[i + 1], 'few')) i += 1;
  if (isWord(tokens[i], 'few', 'some', 'several') && isWord(tokens[i + 1], 'drops', 'drop'))
    return of(tokens, i + 2, 'few-drops', false);
  if (isWord(tokens[i - 1], 'some') && isWord(tokens[i], 'drops')) return of(tokens, i + 1, 'few-drops', false);
  const word = tokens[start];
  if (i > start && isWord(tokens[i], 'little', 'bit', 'few')) {
    const more = isWord(tokens[i], 'little') && isWord(tokens[i + 1], 'bit') ? i + 2 : i + 1;
    if (isWord(tokens[more], 'at') || isWord(tokens[more], 'by')) return null;
    return of(tokens, more, 'some', true);
  }
  const lot = isWord(tokens[i], 'lot') && i > start;
  if (lot || (word?.kind === 'word' && MANY.has(word.text) && isWord(tokens[start + 1], 'of'))) {
    return of(tokens, lot ? i + 1 : start + 1, 'plenty', true);
  }
  if (isWord(word, 'some') && tokens[start + 1]?.kind === 'word') return of(tokens, start + 1, 'some', true);
  if (isWord(word, 'drops') && isWord(tokens[start + 1], 'of')) return of(tokens, start + 1, 'few-drops', false);
  return null;
}

export const of = (tokens: readonly Token[], next: number, word: VagueWord, asks: boolean): TokenAmount => ({
  amount: { kind: 'vague', word, volumeML: VAGUE_ML[word] },
  next: isWord(tokens[next], 'of') ? next + 1 : next,
  asks,
});

/** "squirt of dish soap", "capful bleach": a vague word without a number counts once. */
function bareVague(tokens: readonly Token[], start: number): TokenAmount | null {
  const unit = unitAt(tokens, start);
  if (unit?.word.is !== 'vague' || !unit.word.one) return null;
  const next = tokens[unit.next];
  const first = tokens[start];
  const named = isWord(next, 'of');
  const verbToo = first?.kind === 'word' && BOTH_VERB_AND_AMOUNT.has(first.text);
  if (!named && (verbToo || CONTAINER.has(unit.word.word) || next?.kind !== 'word')) return null;
  return {
    amount: vagueTimes(unit.word.word, ONE),
    next: named ? unit.next + 1 : unit.next,
    asks: isAsked(unit.word.word),
  };
}

/** Words that are something done as well: an amount only before "of". */
const BOTH_VERB_AND_AMOUNT = new Set(
  'cap squeeze pump splash dash spot touch lick block stick spoon scoop box pack bag can tin drizzle slug shot squirt pinch piece bar glass tab trickle hint'.split(
    ' ',
  ),
);

function withUnit(tokens: readonly Token[], number: FoundNumber, system: MeasureSystem): TokenAmount | null {
  let at = number.next;
  // "2 x 1 litre bottles"
  const multiplied =
    !number.article && (isSign(tokens[at], 'x', '*') || isWord(tokens[at], 'x')) ? numberAt(tokens, at + 1) : null;
  if (multiplied && !multiplied.article) {
    const each = withUnit(tokens, multiplied, system);
    if (each && each.bare === undefined)
      return { ...each, amount: times(each.amount, number.span), asks: each.asks || number.doubtful };
  }
  if (number.span.high < 1 && isWord(tokens[at], 'a', 'an')) at += 1;
  if (isWord(tokens[at], 'of') && isWord(tokens[at + 1], 'a', 'an')) at += 2;
  else if (number.byWord && isWord(tokens[at], 'of')) at += 1;
  if (isSign(tokens[at], '-') && tokens[at + 1]?.tight === true && tokens[at + 1]?.kind === 'word') at += 1;
  const packed = sizedPack(tokens, number, at);
  if (packed) return packed;
  if (isSign(tokens[at], '+') && tokens[at]?.tight === true && tokens[at + 1]?.kind === 'word') at += 1;
  const thousands = spacedThousands(tokens, number, at);
  if (thousands) return withUnit(tokens, thousands, system);
  const unit = unitAt(tokens, at);
  if (!unit) {
    if (number.article) return null;
    return {
      amount: { kind: 'vague', word: 'some', volumeML: VAGUE_ML.some },
      next: isWord(tokens[at], 'of') ? at + 1 : number.next,
      asks: true,
      bare: number.span,
    };
  }
  // "a bottle", "1 bowl": a vessel, unless what is in it follows.
  if (unit.word.is === 'vague' && CONTAINER.has(unit.word.word)) {
    return containerAmount(tokens, number, unit);
  }
  const made = madeOf(number.span, unit);
  const asks = made.asks || number.doubtful;
  return finished(tokens, { ...made, asks }, unit.next, system);
}

/** "per litre", "per 100 mL", "g/L" behind an amount; a second amount behind "=" or "/"; two that are added. */
function finished(
  tokens: readonly Token[],
  made: { amount: Amount; otherwise?: Amount; asks: boolean },
  start: number,
  system: MeasureSystem,
): TokenAmount {
  const { amount } = made;
  let next = start;
  if (amount.kind === 'percent') {
    const basis = basisAt(tokens, next);
    if (basis) return { ...made, amount: { ...amount, basis: basis.basis }, next: basis.next };
    return { ...made, next };
  }
  const per = rateAt(tokens, next);
  if (per && amount.kind === 'mass') {
    const grams = scaleRange(amount.value, (unitG(amount.unit) * 1000) / per.ML);
    return { ...made, amount: { kind: 'grams-per-litre', value: grams }, next: pastOf(tokens, per.next) };
  }
  if (per && amount.kind === 'drops') {
    return {
      ...made,
      amount: { kind: 'drops-per-100mL', value: scaleRange(amount.value, 100 / per.ML) },
      next: pastOf(tokens, per.next),
    };
  }
  if (isWord(tokens[next], 'x') || isSign(tokens[next], 'x')) {
    const by = numberAt(tokens, next + 1);
    if (by && !by.byWord) return { ...made, amount: times(amount, by.span), next: pastOf(tokens, by.next) };
  }
  const sum = addedAt(tokens, next, amount, system);
  if (sum) return { amount: sum.amount, asks: made.asks || sum.asks, next: pastOf(tokens, sum.next) };
  if (isSign(tokens[next], '=', '/')) {
    const again = amountAt(tokens, next + 1, system);
    // "1 l/2 cups": a slip of the finger, more likely than two amounts.
    if (again && isSign(tokens[next], '/') && tokens[next - 1]?.raw === 'l' && tokens[next]?.tight)
      return { ...made, asks: true, next: again.next };
    if (again && again.bare === undefined && again.amount.kind !== 'percent' && !again.vessel && !again.names) {
      return { ...made, also: again.amount, next: again.next };
    }
  }
  next = pastOf(tokens, next);
  return { ...made, next };
}

const pastOf = (tokens: readonly Token[], i: number): number => {
  let at = i;
  while (isWord(tokens[at], 'of')) at += 1;
  return at;
};

/** "2 tbsp + 1 tsp castile soap": two volumes, or two masses, added. */
function addedAt(
  tokens: readonly Token[],
  at: number,
  first: Amount,
  system: MeasureSystem,
): { amount: Amount; asks: boolean; next: number } | null {
  if (first.kind !== 'volume' || !(isSign(tokens[at], '+', '&') || isWord(tokens[at], 'plus', 'and'))) return null;
  const more = amountAt(tokens, at + 1, system);
  if (more?.amount.kind !== 'volume' || more.bare !== undefined || more.vessel || more.otherwise) return null;
  if (tokens[more.next]?.kind !== 'word') return null;
  return { amount: addVolumes(first, more.amount, system), asks: more.asks, next: more.next };
}

type Volume = Amount & { kind: 'volume' };

/** Two volumes as one, in mL where their units differ. */
function addVolumes(a: Volume, b: Volume, system: MeasureSystem): Amount {
  const inML = (v: Volume): Range => scaleRange(v.value, unitML(v.unit, system));
  if (a.unit === b.unit) return { ...a, value: { low: a.value.low + b.value.low, high: a.value.high + b.value.high } };
  const one = inML(a);
  const other = inML(b);
  return { kind: 'volume', value: { low: one.low + other.low, high: one.high + other.high }, unit: 'mL' };
}

function rateAt(tokens: readonly Token[], start: number): { ML: number; next: number } | null {
  if (!isWord(tokens[start], 'per', 'a') && !isSign(tokens[start], '/')) return null;
  const number = numberAt(tokens, start + 1);
  const count = number && !number.byWord ? number.span.low : 1;
  const unit = unitAt(tokens, number && !number.byWord ? number.next : start + 1);
  if (unit?.word.is !== 'volume' || (unit.word.unit !== 'L' && unit.word.unit !== 'mL')) return null;
  const ML = count * unit.word.factor * unitML(unit.word.unit, 'metric');
  return ML > 0 ? { ML, next: unit.next } : null;
}

function basisAt(tokens: readonly Token[], start: number): { basis: PercentBasis; next: number } | null {
  const bracket = isSign(tokens[start], '(');
  const i = bracket ? start + 1 : start;
  const text = `${tokens[i]?.text ?? ''}${tokens[i + 1]?.text ?? ''}${tokens[i + 2]?.text ?? ''}`;
  if (text !== 'w/v' && text !== 'w/w' && text !== 'v/v') return null;
  return { basis: text, next: bracket && isSign(tokens[i + 3], ')') ? i + 4 : i + 3 };
}
