import { formatQuantity } from 'format-quantity';
import { amountSpan, type Amount, type VagueWord } from '../quantity/amount';
import type { Span } from '../quantity/span';
import type { Formula, Line } from './formula';
import { resolveIngredient } from './resolve';

const isFraction = (n: number): boolean =>
  [0, 1 / 8, 1 / 4, 1 / 3, 3 / 8, 1 / 2, 5 / 8, 2 / 3, 3 / 4, 7 / 8].some((f) => Math.abs((n % 1) - f) < 1e-6);

/** A number as a person writes it: ½, 1¾, 2.4. At most three decimals. */
export function writtenNumber(n: number): string {
  if (isFraction(n)) return formatQuantity(n, true) ?? String(n);
  return String(Number(n.toFixed(3)));
}

const writtenSpan = (span: Span): string =>
  span.low === span.high ? writtenNumber(span.low) : `${writtenNumber(span.low)} to ${writtenNumber(span.high)}`;

const VAGUE_WORDS: Record<VagueWord, string> = {
  dash: 'a dash',
  pinch: 'a pinch',
  squirt: 'a squirt',
  splash: 'a splash',
  'few-drops': 'a few drops',
  sprig: 'a sprig',
  glug: 'a glug',
  handful: 'a handful',
  some: 'some',
};

const UNIT_NAMES: Record<string, string> = { 'fl-oz': 'fl oz' };

/** An amount in words that the reader reads back: "½ cup", "10 to 15 drops", "a squirt". */
export function amountText(amount: Amount): string {
  const span = amountSpan(amount);
  const number = span ? writtenSpan(span) : '';
  const many = (span?.high ?? 0) > 1;
  switch (amount.kind) {
    case 'volume': {
      const unit = UNIT_NAMES[amount.unit] ?? amount.unit;
      return `${number} ${many && /cup|pint|quart|gallon/.test(unit) ? `${unit}s` : unit}`;
    }
    case 'mass':
      return `${number} ${amount.unit}`;
    case 'drops':
      return `${number} ${many ? 'drops' : 'drop'}`;
    case 'drops-per-100mL':
      return `${number} drops per 100 mL`;
    case 'parts':
      return `${number} ${many ? 'parts' : 'part'}`;
    case 'percent':
      return `${number} % ${amount.basis}`;
    case 'grams-per-litre':
      return `${number} g per litre`;
    case 'pieces':
      return `juice of ${number}`;
    case 'vague':
      return VAGUE_WORDS[amount.word];
    case 'to-fill':
      return 'to fill';
  }
}

/** A line in words: "½ cup white vinegar (8 % w/v)". */
export function lineText(line: Line): string {
  const { name } = resolveIngredient(line.ingredient);
  const strength = line.strength ? ` (${writtenNumber(line.strength.percent)} % ${line.strength.basis})` : '';
  const also = line.also ? ` (${amountText(line.also)})` : '';
  if (line.amount.kind === 'to-fill') return `${name}${strength} to fill`;
  if (line.amount.kind === 'pieces')
    return `${amountText(line.amount)} lemon${(line.amount.value.high ?? 0) > 1 ? 's' : ''}`;
  return `${amountText(line.amount)}${also} ${name}${strength}`;
}

/** The whole formula as plain text, which the reader reads back. */
export function formulaText(formula: Formula): string {
  return [
    `Name: ${formula.name}`,
    ...(formula.purpose ? [`For: ${formula.purpose}`] : []),
    ...(formula.never ? [`Never on: ${formula.never}`] : []),
    ...(formula.use === 'fresh' ? ['Use: at once'] : []),
    ...(formula.makesML === null ? [] : [`Makes: ${writtenNumber(formula.makesML)} mL`]),
    ...formula.lines.map(lineText),
  ].join('\n');
}
