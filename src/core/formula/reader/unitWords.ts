import { VAGUE_AMOUNTS, VAGUE_ML, isAsked, type Amount, type VagueWord } from '../../quantity/amount';
import { scaleRange, type Range } from '../../quantity/range';
import { UNITS, unitML, type MassUnit, type MeasureSystem, type VolumeUnit } from '../../quantity/units';
import { isSign, isWord, type Token } from './tokens';

type UnitWord =
  | { readonly is: 'volume'; readonly unit: VolumeUnit; readonly factor: number }
  | { readonly is: 'mass'; readonly unit: MassUnit }
  | { readonly is: 'ounce' | 'drops' | 'parts' | 'percent' }
  | { readonly is: 'vague'; readonly word: VagueWord; readonly one: boolean };

const UNIT_WORDS = new Map<string, UnitWord>();
for (const row of UNITS) {
  for (const name of row.names) {
    UNIT_WORDS.set(
      name,
      row.measures === 'volume' ? { is: 'volume', unit: row.unit, factor: 1 } : { is: 'mass', unit: row.unit },
    );
  }
}

const milliliters = (factor: number, names: string): void => {
  for (const name of names.split(',')) UNIT_WORDS.set(name, { is: 'volume', unit: 'mL', factor });
};
milliliters(
  10,
  'cl,cls,centilitre,centilitres,centiliter,centiliters,dessert spoon,dessert spoons,dessertspoon,dessertspoons,dessertspoonful,dsp,dstspn',
);
milliliters(100, 'dl,dls,decilitre,decilitres,deciliter,deciliters');
for (const name of ['oz', 'ozs', 'ounce', 'ounces']) UNIT_WORDS.set(name, { is: 'ounce' });
for (const name of ['drop', 'drops', 'gtt', 'gtts', 'dps']) UNIT_WORDS.set(name, { is: 'drops' });
for (const name of ['part', 'parts', 'share', 'shares']) UNIT_WORDS.set(name, { is: 'parts' });
for (const name of ['%', 'percent', 'per cent', 'pct']) UNIT_WORDS.set(name, { is: 'percent' });
for (const row of VAGUE_AMOUNTS) {
  const own = [
    row.one.replace(/^an? | of$/g, ''),
    ...('many' in row ? [row.many] : []),
    ...('names' in row ? row.names : []),
  ];
  if (row.word === 'some' || row.word === 'plenty' || row.word === 'few-drops') continue;
  for (const name of own)
    if (!UNIT_WORDS.has(name)) UNIT_WORDS.set(name, { is: 'vague', word: row.word, one: !name.endsWith('s') });
}

const LONGEST_UNIT = 3;

const SIZE_WORDS = new Set(
  'level scant generous packed full big small large medium good us u uk fresh whole standard'.split(' '),
);

const HEAPED_WORDS = new Set(['heaped', 'heaping', 'rounded', 'overflowing', 'heaping']);

export interface Unit {
  readonly word: UnitWord;
  readonly next: number;
  readonly system: MeasureSystem | null;
  readonly heaped: boolean;
}

/** The unit word at a place, with the adjectives before it. */
export function unitAt(tokens: readonly Token[], start: number): Unit | null {
  let i = start;
  let system: MeasureSystem | null = null;
  let heaped = false;
  for (let before = 0; before < 3; before++) {
    const token = tokens[i];
    if (token?.kind !== 'word') break;
    if (HEAPED_WORDS.has(token.text)) heaped = true;
    else if (token.text === 'imperial' || token.text === 'metric') system = token.text;
    else if (!SIZE_WORDS.has(token.text) || (token.text === 'full' && isWord(tokens[i + 1], 'of'))) break;
    i += 1;
  }
  const first = tokens[i];
  if (!first) return null;
  // Case tells T from t; all other units are one whatever their case.
  if (first.kind === 'word' && (first.raw === 'T' || first.raw === 't') && !isSign(tokens[i + 1], "'")) {
    return {
      word: { is: 'volume', unit: first.raw === 'T' ? 'tbsp' : 'tsp', factor: 1 },
      next: afterDot(tokens, i + 1),
      system,
      heaped,
    };
  }
  for (let length = LONGEST_UNIT; length >= 1; length--) {
    const slice = unitWords(tokens, i, length);
    if (!slice) continue;
    const word = UNIT_WORDS.get(slice.text);
    if (!word) continue;
    return { word, next: afterDot(tokens, slice.next), system, heaped };
  }
  return null;
}

/** So many words from a place as one spelling, hyphens and full stops of abbreviations between them passed over. */
function unitWords(tokens: readonly Token[], start: number, count: number): { text: string; next: number } | null {
  const words: string[] = [];
  let i = start;
  while (words.length < count) {
    const token = tokens[i];
    if (!token || (token.kind !== 'word' && !isSign(token, '%', '#'))) return null;
    words.push(token.text);
    i += 1;
    if (words.length < count && (isSign(tokens[i], '.') || isSign(tokens[i], '-'))) i += 1;
  }
  return { text: words.join(' '), next: i };
}

/** Past the full stop of an abbreviation ("tsp.", "oz."). */
export const afterDot = (tokens: readonly Token[], i: number): number => {
  const token = tokens[i];
  if (!isSign(token, '.') || token?.tight !== true) return i;
  const next = tokens[i + 1];
  // A full stop that ends a sentence stands before a capital or at the end.
  return next !== undefined && !/^[\p{Lu}\d½¼¾⅓⅔]/u.test(next.raw)
    ? i + 1
    : next === undefined
      ? i
      : shortUnit(tokens[i - 1])
        ? i + 1
        : i;
};

const shortUnit = (token: Token | undefined): boolean => token?.kind === 'word' && token.text.length <= 4;

export const vagueTimes = (word: VagueWord, times: Range): Amount => {
  const each = VAGUE_ML[word];
  return { kind: 'vague', word, volumeML: { low: each.low * times.low, high: each.high * times.high } };
};

export function madeOf(range: Range, unit: Unit): { amount: Amount; otherwise?: Amount; asks: boolean } {
  const { word, system } = unit;
  switch (word.is) {
    case 'volume':
      return system
        ? {
            amount: { kind: 'volume', value: scaleRange(range, word.factor * unitML(word.unit, system)), unit: 'mL' },
            asks: unit.heaped,
          }
        : { amount: { kind: 'volume', value: scaleRange(range, word.factor), unit: word.unit }, asks: unit.heaped };
    case 'mass':
      return { amount: { kind: 'mass', value: range, unit: word.unit }, asks: false };
    case 'ounce':
      return {
        amount: { kind: 'volume', value: range, unit: 'fl-oz' },
        otherwise: { kind: 'mass', value: range, unit: 'oz' },
        asks: false,
      };
    case 'drops':
      return { amount: { kind: 'drops', value: range }, asks: false };
    case 'parts':
      return { amount: { kind: 'parts', value: range }, asks: false };
    case 'percent':
      return { amount: { kind: 'percent', value: range, basis: 'v/v' }, asks: false };
    case 'vague':
      return { amount: vagueTimes(word.word, range), asks: isAsked(word.word) };
  }
}

/** What a container may be followed by for its own size to count: its contents. */
export const CONTAINER = new Set(['bottle', 'pack', 'bucket', 'glass']);

export const containerAt = (tokens: readonly Token[], i: number): Unit | null => {
  const unit = unitAt(tokens, i);
  return unit?.word.is === 'vague' && CONTAINER.has(unit.word.word) ? unit : null;
};
