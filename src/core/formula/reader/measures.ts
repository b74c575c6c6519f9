import type { PercentBasis } from '../../quantity/amount';
import { scaleRange } from '../../quantity/range';
import { amountAt } from './amountTokens';
import type { Element, Scan } from './element';
import { nameFollows } from './nameTokens';
import { numberAt, type FoundNumber } from './numberTokens';
import type { TokenAmount } from './tokenAmount';
import { isSign, isWord, type Token } from './tokens';
import { PARTLY_WORDS } from './words';

const TIME_WORDS = new Set(
  'minute minutes min mins hour hours hr hrs second seconds sec secs day days week weeks month months year years am pm nights night times time votes vote stars star reviews review comments ratings people servings uses loads refills washes weeks'.split(
    ' ',
  ),
);

const ABOUT_WORDS = new Set('about around roughly approx approximately ca circa nearly almost ~'.split(' '));

const CURRENCY = ['$', '£', '€', '¥', '₹'];

const COINS = new Set('cent cents pence p dollars euros eur usd gbp'.split(' '));

const LENGTHS = new Set('cm mm inch inches in m metres feet foot ft'.split(' '));

/** After "100%" or "99.9%": no strength. */
const NO_STRENGTH = new Set(
  'off pure natural organic cotton of more less better effective recycled biodegradable vegan sure discount cheaper safe clean full'.split(
    ' ',
  ),
);

/** "Per gallon" is per one gallon. */
const ONE_TOKEN: Token = { kind: 'number', raw: '1', text: '1', from: 0, to: 0, tight: false };

/** Numbers with what they measure: amounts, strengths, ratios; times, heat, money and lengths are understood as such. */
export function measuredAt(i: number, { tokens, system }: Scan): Element | null {
  const token = tokens[i];
  if (!token) return null;
  const other = (to: number, word = 'measure'): Element => ({ kind: 'other', word, from: i, to });
  if (ABOUT_WORDS.has(token.text) && tokens[isSign(tokens[i + 1], '.') ? i + 2 : i + 1]?.kind === 'number') {
    return other(i + 1, token.text);
  }
  if (isSign(token, ...CURRENCY)) return other(tokens[i + 1]?.kind === 'number' ? i + 2 : i + 1);
  if (token.kind === 'word' && isWord(tokens[i - 1], 'per', 'every')) {
    const rated = amountAt([ONE_TOKEN, ...tokens.slice(i, i + 6)], 0, system);
    const to = i + (rated?.next ?? 1) - 1;
    if (rated && rated.bare === undefined && !rated.vessel) {
      return { kind: 'amount', found: { ...rated, next: to }, from: i, to };
    }
  }
  const ratio = token.kind === 'sign' ? null : ratioAt(i, tokens);
  if (ratio) return ratio;
  const counted = token.kind === 'sign' || ['a', 'an', 'half'].includes(token.text) ? null : numberAt(tokens, i);
  const noAmount = counted && !counted.article ? otherThanAmount(i, counted, tokens) : null;
  if (noAmount) return noAmount;
  const found = amountAt(tokens, i, system);
  if (!found) return null;
  if (found.amount.kind === 'percent') return percentAt(i, found, tokens);
  // "a 16 oz spray bottle", "1 bowl": a vessel, unless a name stands right behind it.
  const sized = found.counts && isSign(tokens[found.next], '(');
  if (found.vessel && !sized && !nameFollows(tokens, found.next)) return other(found.next, 'vessel');
  const next = tokens[found.next];
  if (found.bare && PARTLY_WORDS.has(next?.text ?? '')) return { kind: 'partly', from: i, to: found.next + 1 };
  if (found.bare && isWord(next, 'spray', 'glass', 'large', 'small', 'empty', 'clean'))
    return other(found.next, 'vessel');
  return { kind: 'amount', found, from: i, to: found.next };
}

/** A number that measures a time, heat, money or a length, or says a strength; null for all others. */
function otherThanAmount(i: number, number: FoundNumber, tokens: readonly Token[]): Element | null {
  const at = isSign(tokens[number.next], '-') ? number.next + 1 : number.next;
  const after = tokens[at];
  const next = tokens[at + 1];
  const other = (to: number): Element => ({ kind: 'other', word: 'measure', from: i, to });
  const strength = (factor: number, basis: PercentBasis): Element => ({
    kind: 'strength',
    percent: scaleRange(number.span, factor),
    basis,
    asks: number.doubtful,
    from: i,
    to: at + 1,
  });
  const degrees = ['c', 'f', 'celsius', 'fahrenheit'].includes(next?.text ?? '') ? at + 2 : at + 1;
  if (isSign(after, '°', 'º')) return other(degrees);
  if (isSign(after, ...CURRENCY, '¢')) return other(at + 1);
  if (after?.kind !== 'word') return null;
  const { text } = after;
  if (['degrees', 'degree', 'deg'].includes(text)) return other(degrees);
  // "10 volume" frees ten times its volume of oxygen: 3 % w/v. Proof is twice the percent by volume.
  if (['vol', 'vols', 'volume', 'volumes'].includes(text)) return strength(0.3, 'w/v');
  if (text === 'proof') return strength(0.5, 'v/v');
  const ordinal = after.tight && ['nd', 'rd', 'th', 'st'].includes(text);
  const money = COINS.has(text) && (text !== 'p' || after.tight);
  const length = LENGTHS.has(text) && text !== 'm' && (text !== 'in' || isSign(next, '.'));
  const heat = (after.raw === 'C' || after.raw === 'F') && number.span.high >= 20 && !nameFollows(tokens, at + 1);
  return ordinal || money || length || heat || TIME_WORDS.has(text) ? other(at + 1) : null;
}

/** "5 %": a strength or a share; "20 % off" and "100 % pure" are neither. */
function percentAt(i: number, found: TokenAmount, tokens: readonly Token[]): Element {
  const after = tokens[found.next];
  if (after?.kind === 'word' && NO_STRENGTH.has(after.text))
    return { kind: 'other', word: 'percent', from: i, to: found.next + 1 };
  const { amount } = found;
  if (amount.kind !== 'percent') return { kind: 'other', word: 'percent', from: i, to: found.next };
  const stated = isSign(tokens[found.next - 2], '/') || isSign(tokens[found.next - 1], ')');
  let to = found.next;
  while (['strength', 'acidity', 'abv', 'strong', 'active'].includes(tokens[to]?.text ?? '')) to += 1;
  if (tokens[to]?.text === 'alc' || (tokens[to]?.text === 'alcohol' && tokens[to + 1]?.text === 'by')) to += 3;
  return {
    kind: 'strength',
    percent: amount.value,
    basis: stated ? amount.basis : null,
    asks: found.asks,
    from: i,
    to,
  };
}

/** "3:1", "50/50", "1 to 3" before names, "1-to-3". */
function ratioAt(i: number, tokens: readonly Token[]): Element | null {
  const parts: number[] = [];
  const token0 = tokens[i]?.raw;
  let at = i;
  let signs = '';
  for (;;) {
    const token = tokens[at];
    if (token?.kind !== 'number' || !/^\d+(?:\.\d+)?$/.test(token.raw)) return null;
    parts.push(Number(token.raw));
    at += 1;
    const sign = tokens[at];
    const dashed = isSign(sign, '-') && isWord(tokens[at + 1], 'to') && isSign(tokens[at + 2], '-');
    if (isSign(sign, ':') && tokens[at + 1]?.kind === 'number') signs += ':';
    else if (
      (isSign(sign, '/') || (isSign(sign, '-') && (parts[0] ?? 0) >= 25 && tokens[at + 1]?.raw === token0)) &&
      tokens[at + 1]?.kind === 'number'
    )
      signs += '/';
    else if (dashed) signs += ':';
    else break;
    at += dashed ? 3 : 1;
  }
  if (parts.length < 2) return null;
  if (signs.includes('/') && !(parts.every((p) => p === parts[0] && p >= 25) || parts.length > 2)) return null;
  const common = parts.reduce(greatestCommon);
  if (isWord(tokens[at], 'ratio', 'mix', 'mixture', 'solution', 'blend')) at += 1;
  if (isWord(tokens[at], 'of')) at += 1;
  return { kind: 'ratio', parts: common > 0 ? parts.map((p) => p / common) : parts, from: i, to: at };
}

/** Of whole numbers; 1 for others. */
const greatestCommon = (a: number, b: number): number =>
  Number.isInteger(a) && Number.isInteger(b) ? (b === 0 ? a : greatestCommon(b, a % b)) : 1;
