import { numberAt, type FoundNumber } from './numberTokens';
import { ONE, times, type TokenAmount } from './tokenAmount';
import { isSign, isWord, type Token } from './tokens';
import { containerAt, madeOf, unitAt, type Unit } from './unitWords';

/** "1 000 ml": thousands with a space between, or two numbers: asked. */
export function spacedThousands(tokens: readonly Token[], number: FoundNumber, at: number): FoundNumber | null {
  const group = tokens[at];
  if (
    group?.kind !== 'number' ||
    !/^\d{3}$/.test(group.raw) ||
    !/^\d{1,3}$/.test(tokens[at - 1]?.raw ?? '') ||
    !unitAt(tokens, at + 1)
  )
    return null;
  const value = number.span.high * 1000 + Number(group.raw);
  return {
    span: { low: value, high: value },
    next: at + 1,
    byWord: false,
    article: false,
    doubtful: group.raw !== '000',
  };
}

/** "2 boxes of", "half a bottle of": counted, its size asked; a vessel where nothing is said to be in it. */
export function containerAmount(tokens: readonly Token[], number: FoundNumber, unit: Unit): TokenAmount {
  const made = madeOf(number.span, unit);
  const next = isWord(tokens[unit.next], 'of') ? unit.next + 1 : unit.next;
  return { ...made, next, asks: true, counts: number.span, vessel: next === unit.next };
}

/** "1 16-oz bottle", "1 (16 oz) bottle of", "a 500 g box of", "1 gallon jug of", "2 16 oz bottles". */
export function sizedPack(tokens: readonly Token[], number: FoundNumber, start: number): TokenAmount | null {
  const bracket = isSign(tokens[start], '(');
  const size = numberAt(tokens, bracket ? start + 1 : start);
  const sized = size && !size.article && !size.byWord ? size : null;
  const counted = sized ? number.span : ONE;
  const of = sized ?? number;
  let at = sized ? sized.next : start;
  if (isSign(tokens[at], '-')) at += 1;
  const unit = unitAt(tokens, at);
  if (
    !unit ||
    unit.word.is === 'vague' ||
    unit.word.is === 'percent' ||
    unit.word.is === 'parts' ||
    unit.word.is === 'drops'
  )
    return null;
  at = unit.next;
  if (bracket) {
    if (!isSign(tokens[at], ')')) return null;
    at += 1;
  }
  if (isSign(tokens[at], '-')) at += 1;
  while (
    isWord(
      tokens[at],
      'spray',
      'glass',
      'plastic',
      'squeeze',
      'pump',
      'amber',
      'empty',
      'clean',
      'size',
      'sized',
      'trigger',
    ) &&
    !containerAt(tokens, at)
  )
    at += 1;
  const pack = containerAt(tokens, at) ?? (isWord(tokens[at], 'glass', 'spray') ? containerAt(tokens, at + 1) : null);
  if (!pack) return null;
  const made = madeOf(of.span, unit);
  const next = isWord(tokens[pack.next], 'of') ? pack.next + 1 : pack.next;
  const doubtful = number.doubtful || of.doubtful;
  // What is in a bottle is said by volume, what is in a box by weight.
  const byWeight = pack.word.is === 'vague' && pack.word.word === 'pack' && made.otherwise;
  return {
    amount: times(byWeight || made.amount, counted),
    next,
    asks: doubtful,
    vessel: next === pack.next,
  };
}
