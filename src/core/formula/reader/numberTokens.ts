import { numericQuantity } from 'numeric-quantity';
import { between, pointRange, type Range } from '../../quantity/range';
import { isSign, isWord, type Token } from './tokens';

/** A number found among tokens. */
export interface FoundNumber {
  readonly span: Range;
  /** The token after it. */
  readonly next: number;
  /** True if it was said in words: "a", "half a", "two". */
  readonly byWord: boolean;
  /** True for "a" or "an" alone: a number only before a unit. */
  readonly article: boolean;
  /** True if it can be read two ways, or is no number: "1.000", "11/2", "1/0". */
  readonly doubtful: boolean;
}

const ONES =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const FRACTIONS: Readonly<Record<string, number>> = {
  half: 1 / 2,
  halves: 1 / 2,
  third: 1 / 3,
  thirds: 1 / 3,
  quarter: 1 / 4,
  quarters: 1 / 4,
  fourth: 1 / 4,
  fourths: 1 / 4,
  eighth: 1 / 8,
  eighths: 1 / 8,
};

/** Whole digits: their value, and whether they could mean another. */
function digits(raw: string): { value: number; doubtful: boolean } {
  if (/^[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]$/.test(raw)) return { value: numericQuantity(raw, { round: false }), doubtful: false };
  if (/^\d{1,3}(?:['’,]\d{3})+(?:\.\d+)?$/.test(raw))
    return { value: Number(raw.replace(/['’,]/g, '')), doubtful: false };
  if (/^0*[1-9]\d{0,2}\.\d{3}$/.test(raw)) return { value: Number(raw), doubtful: true };
  if (/^\d+[.,]\d+$|^[.,]\d+$|^\d+$/.test(raw)) return { value: Number(raw.replace(',', '.')), doubtful: false };
  return { value: parseFloat(raw) || 0, doubtful: true };
}

const isFractionSign = (token: Token | undefined): boolean => token?.kind === 'number' && /^[½-⅞¼¾]$/.test(token.raw);

/** "1/2" from a place; null if none stands there. */
function slashed(tokens: readonly Token[], i: number): { value: number; next: number; doubtful: boolean } | null {
  const top = tokens[i];
  const bottom = tokens[i + 2];
  if (top?.kind !== 'number' || bottom?.kind !== 'number' || !isSign(tokens[i + 1], '/')) return null;
  if (!/^\d+$/.test(top.raw) || !/^\d+$/.test(bottom.raw)) return null;
  const under = Number(bottom.raw);
  const over = Number(top.raw);
  if (under === 0) return { value: 0, next: i + 3, doubtful: true };
  // "11/2 cups" is one and a half with its space lost, or eleven halves.
  return { value: over / under, next: i + 3, doubtful: over > under };
}

function single(tokens: readonly Token[], i: number): FoundNumber | null {
  const token = tokens[i];
  if (!token) return null;
  const found = (value: number, next: number, byWord = false, doubtful = false): FoundNumber => ({
    span: pointRange(value),
    next,
    byWord,
    article: false,
    doubtful,
  });
  if (token.kind === 'number') {
    // Long runs of ratios ("50/50") are no fractions.
    const fraction = slashed(tokens, i);
    if (fraction)
      return isSign(tokens[fraction.next], '/') ? null : found(fraction.value, fraction.next, false, fraction.doubtful);
    const { value, doubtful } = digits(token.raw);
    if (isFractionSign(token)) return found(value, i + 1);
    // 1 ½ · 1½ · 1 1/2 · 1-1/2 · 1 & 1/2 · 1 and 1/2 · 1 and a half
    let at = i + 1;
    const dash = isSign(tokens[at], '-') && tokens[at]?.tight === true && tokens[at + 1]?.tight === true;
    if (dash || isSign(tokens[at], '&') || isWord(tokens[at], 'and')) at += 1;
    const joined = at > i + 1;
    if (isFractionSign(tokens[at])) return found(value + digits(tokens[at]?.raw ?? '').value, at + 1, false, doubtful);
    const more = slashed(tokens, at);
    if (more && more.value < 1 && !more.doubtful) return found(value + more.value, more.next, false, doubtful);
    if (joined && isWord(tokens[at - 1], 'and')) {
      const half = fractionWords(tokens, at);
      if (half) return found(value + half.value, half.next, false, doubtful);
    }
    return found(value, i + 1, false, doubtful);
  }
  if (token.kind !== 'word') return null;
  return wordNumber(tokens, i);
}

/** "half a", "a half", "one-half", "three quarters", "a third of a"; the article after it belongs to it. */
function fractionWords(tokens: readonly Token[], i: number): { value: number; next: number } | null {
  let at = i;
  let times = 1;
  const first = tokens[at];
  if (isWord(first, 'a', 'an', 'one')) at += 1;
  else if (first?.kind === 'word' && isWord(first, 'two', 'three')) {
    times = ONES.indexOf(first.text);
    at += 1;
  }
  if (at > i && isSign(tokens[at], '-')) at += 1;
  const word = tokens[at];
  const share = word?.kind === 'word' ? FRACTIONS[word.text] : undefined;
  if (share === undefined) return null;
  at += 1;
  if (isSign(tokens[at], '-') && tokens[at]?.tight === true) at += 1;
  const after = at;
  if (isWord(tokens[at], 'of')) at += 1;
  if (isWord(tokens[at], 'a', 'an')) at += 1;
  else at = after;
  return { value: times * share, next: at };
}

function wordNumber(tokens: readonly Token[], i: number): FoundNumber | null {
  const made = (value: number, next: number): FoundNumber => ({
    span: pointRange(value),
    next,
    byWord: true,
    article: false,
    doubtful: false,
  });
  const share = fractionWords(tokens, i);
  if (share) return made(share.value, share.next);
  const word = tokens[i]?.text ?? '';
  const withHalf = (value: number, next: number): FoundNumber => {
    if (!isWord(tokens[next], 'and')) return made(value, next);
    const more = fractionWords(tokens, next + 1);
    return more ? made(value + more.value, more.next) : made(value, next);
  };
  if (word === 'a' || word === 'an') {
    let at = i + 1;
    if (isWord(tokens[at], 'dozen')) return made(12, at + 1);
    if (isWord(tokens[at], 'couple')) {
      at += 1;
      return made(2, isWord(tokens[at], 'of') ? at + 1 : at);
    }
    return { ...made(1, i + 1), article: true };
  }
  if (word === 'dozen') return made(12, i + 1);
  if (word === 'couple') return made(2, isWord(tokens[i + 1], 'of') ? i + 2 : i + 1);
  const tens = TENS[word];
  if (tens !== undefined) {
    const at = isSign(tokens[i + 1], '-') ? i + 2 : i + 1;
    const unit = tokens[at]?.kind === 'word' ? ONES.indexOf(tokens[at]?.text ?? '') : -1;
    return unit >= 1 && unit <= 9 ? made(tens + unit, at + 1) : withHalf(tens, i + 1);
  }
  const value = ONES.indexOf(word);
  if (value < 1) return null;
  // "One (1) cup"
  const again = isSign(tokens[i + 1], '(') && tokens[i + 2]?.kind === 'number' && isSign(tokens[i + 3], ')');
  if (again && Number(tokens[i + 2]?.raw) === value) return made(value, i + 4);
  return withHalf(value, i + 1);
}

/** The number or range at a place: "1½", "10 to 15", "2 or 3", "half a"; null if none stands there. */
export function numberAt(tokens: readonly Token[], i: number): FoundNumber | null {
  const first = single(tokens, i);
  if (!first || first.article) return first;
  let at = first.next;
  const between_ = tokens[at];
  if (isWord(between_, 'to', 'or', 'bis')) at += 1;
  else if (isSign(between_, '-')) at += 1;
  else if (isWord(between_, 'and') && isWord(tokens[at + 1], 'up') && isWord(tokens[at + 2], 'to')) at += 3;
  else return first;
  const second = single(tokens, at);
  if (!second || second.article || (second.byWord && !first.byWord)) return first;
  const low = first.span.low;
  const high = second.span.high;
  return {
    span: between(low, high),
    next: second.next,
    byWord: first.byWord,
    article: false,
    doubtful: first.doubtful || second.doubtful || low > high,
  };
}
