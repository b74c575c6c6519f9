import { formatQuantity } from 'format-quantity';
import { amountRange, LEMON_JUICE_ML, VAGUE_ML, vagueWords, type Amount, type VagueWord } from '../quantity/amount';
import type { Range } from '../quantity/range';
import { unitText } from '../quantity/units';
import type { Formula, IngredientRef, Line } from './formula';
import { resolveIngredient } from './resolveIngredient';

const FRACTIONS = [0, 1 / 8, 1 / 4, 1 / 3, 3 / 8, 1 / 2, 5 / 8, 2 / 3, 3 / 4, 7 / 8];

/** Whether numbers are written for the eye, or with every figure they have. */
type Writing = 'short' | 'whole';

/** A number as a person writes it: ½, 1¾, 2.4. For the eye at most three decimals. */
export function writtenNumber(n: number, writing: Writing = 'short'): string {
  const near = writing === 'short' ? 1e-6 : 1e-14;
  if (FRACTIONS.some((f) => Math.abs((n % 1) - f) < near)) return formatQuantity(n, true) ?? String(n);
  return writing === 'short' ? String(Number(n.toFixed(3))) : plainDecimals(n);
}

/** Every figure of a number, without an exponent. */
const plainDecimals = (n: number): string => (String(n).includes('e') ? n.toFixed(20).replace(/0+$/, '') : String(n));

const writtenSpan = (range: Range, writing: Writing): string =>
  range.low === range.high
    ? writtenNumber(range.low, writing)
    : `${writtenNumber(range.low, writing)} to ${writtenNumber(range.high, writing)}`;

/** "a squirt", "2 squirts"; a range of the person's own in mL. */
function vagueText(word: VagueWord, volumeML: Range, writing: Writing): string {
  const usual = VAGUE_ML[word];
  const low = volumeML.low / usual.low;
  const high = volumeML.high / usual.high;
  const { one, many } = vagueWords(word);
  if (low === 1 && high === 1) return one;
  const exact = usual.low * low === volumeML.low && usual.high * high === volumeML.high;
  return many && exact && Number.isInteger(low) && Number.isInteger(high)
    ? `${writtenSpan({ low, high }, writing)} ${many}`
    : `${writtenSpan(volumeML, writing)} mL`;
}

/** An amount in words that the reader reads back: "½ cup", "10 to 15 drops", "a squirt". */
export function amountText(amount: Amount, writing: Writing = 'short'): string {
  const span = amountRange(amount);
  const number = span ? writtenSpan(span, writing) : '';
  const many = (span?.high ?? 0) > 1;
  switch (amount.kind) {
    case 'volume':
      return `${number} ${unitText(amount.unit, many)}`;
    case 'mass':
      return `${number} ${amount.unit === 'oz' && writing === 'whole' ? 'oz by weight' : amount.unit}`;
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
      return vagueText(amount.word, amount.volumeML, writing);
    case 'to-fill':
      return 'to fill';
  }
}

/** The name of a line's ingredient; of several lemons, "lemons". */
function nameText(line: Line): string {
  if (line.amount.kind === 'pieces') return line.amount.value.high > 1 ? 'lemons' : 'lemon';
  return resolveIngredient(line.ingredient).name;
}

/** A line in words: "½ cup white vinegar (8 % w/v)". */
export function lineText(line: Line, writing: Writing = 'short'): string {
  const name = nameText(line);
  const strength = line.strength ? ` (${writtenNumber(line.strength.percent, writing)} % ${line.strength.basis})` : '';
  const fruit = line.also?.kind === 'pieces' ? (line.also.value.high > 1 ? ' lemons' : ' lemon') : '';
  const also = line.also ? ` (${amountText(line.also, writing)}${fruit})` : '';
  if (line.amount.kind === 'to-fill') return `${name}${strength} to fill`;
  return `${amountText(line.amount, writing)}${also} ${name}${strength}`;
}

/** Words that do not end a fact of a card before its time. */
const plainPart = (text: string): string => text.replace(/[|\r\n]+/g, ' ').trim();

/** What an ingredient of one's own holds, as a card says it. */
function contentsText(own: IngredientRef & { kind: 'own' }): string {
  const contents = own.contents.map(
    (c) =>
      `${c.substance} ${plainDecimals(c.percent)} % ${c.basis} ${plainDecimals(c.low)} to ${plainDecimals(c.high)}`,
  );
  const more = [
    ...(own.unknown ?? []).map((name) => `not known: ${plainPart(name)}`),
    ...(own.bought ? ['bought'] : []),
    ...(own.warning ? [`label: ${[own.warning.signalWord ?? 'none', ...own.warning.pictograms].join(' ')}`] : []),
  ];
  const facts = [own.name, own.form, `${plainDecimals(own.densityGPerML)} g/mL`, contents.join('; '), ...more];
  return `Contains: ${facts.join(' | ')}`;
}

/** Juice of one lemon where it is not the usual: said in mL. */
const isUsualLemon = (amount: Amount): boolean =>
  amount.kind !== 'pieces' ||
  (amount.juiceML.low === LEMON_JUICE_ML.low && amount.juiceML.high === LEMON_JUICE_ML.high);

/** A lemon of another size as the mL it gives. */
function plainLine(line: Line): Line {
  const { amount } = line;
  if (amount.kind !== 'pieces' || isUsualLemon(amount)) return line;
  const value = { low: amount.value.low * amount.juiceML.low, high: amount.value.high * amount.juiceML.high };
  return { ...line, amount: { kind: 'volume', value, unit: 'mL' } };
}

/** The whole formula as plain text, which the reader reads back without loss. */
export function formulaText(formula: Formula): string {
  const own = new Map(
    formula.lines.flatMap(({ ingredient }) =>
      ingredient.kind === 'own' ? [[ingredient.id, ingredient] as const] : [],
    ),
  );
  return [
    `Name: ${formula.name}`,
    ...(formula.purpose ? [`For: ${formula.purpose}`] : []),
    ...(formula.never ? [`Never on: ${formula.never}`] : []),
    ...(formula.how ? [`How: ${formula.how}`] : []),
    ...(formula.use === 'fresh' ? ['Use: at once'] : []),
    ...(formula.form ? [`Way: ${formula.form}`] : []),
    ...(formula.kind ? [`Kind: ${formula.kind}`] : []),
    ...(formula.madeFor
      ? [`Made for: ${formula.madeFor.surfaces.join(', ')} | ${formula.madeFor.soils.join(', ')}`]
      : []),
    ...(formula.keepOff ? [`Kept off: ${formula.keepOff.join(', ') || 'none'}`] : []),
    `Measures: ${formula.measures}`,
    ...(formula.makesML === null ? [] : [`Makes: ${writtenNumber(formula.makesML, 'whole')} mL`]),
    ...[...own.values()].map(contentsText),
    ...formula.lines.map((line) => lineText(plainLine(line), 'whole')),
  ].join('\n');
}

/** The same in lines for the eye, to be held beside those of another form of it. */
export function cardLines(formula: Formula): readonly string[] {
  const facts = formulaText({ ...formula, lines: [] }).split('\n');
  // Places are named by their ids there, which the reader reads back.
  const plain = (line: string): string =>
    /^(?:Made for|Kept off):/.test(line) ? line.replaceAll('-', ' ').replace(' | ', '; ') : line;
  return [...facts.map(plain), ...formula.lines.map((line) => lineText(line))];
}
