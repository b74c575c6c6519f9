import { numericQuantity } from 'numeric-quantity';
import { LEMON_JUICE_ML, VAGUE_ML, type Amount, type PercentBasis, type VagueWord } from '../../quantity/amount';
import { between, exactly, type Span } from '../../quantity/span';
import { unitG, unitML, type MassUnit, type MeasureSystem, type VolumeUnit } from '../../quantity/units';

/** An amount found at the start of some text, and what stands after it. */
export interface FoundAmount {
  readonly amount: Amount;
  readonly rest: string;
  /** The unit can mean two things: the other reading. */
  readonly otherwise?: Amount;
}

type UnitWord =
  | { readonly is: 'volume'; readonly unit: VolumeUnit; readonly factor?: number; readonly system?: MeasureSystem }
  | { readonly is: 'mass'; readonly unit: MassUnit }
  | { readonly is: 'ounce' }
  | { readonly is: 'drops' | 'parts' | 'percent' }
  | { readonly is: 'vague'; readonly word: VagueWord };

const volume = (unit: VolumeUnit, factor = 1): UnitWord => ({ is: 'volume', unit, factor });

/** Unit words, longest first where one begins another. Case matters only for T and t. */
const UNIT_WORDS: readonly (readonly [RegExp, UnitWord])[] = [
  [/^(?:fluid ounces?|fl\.? ?oz\.?|floz)(?![a-z])/i, volume('fl-oz')],
  [/^imperial pints?(?![a-z])/i, { is: 'volume', unit: 'pint', system: 'imperial' }],
  [/^(?:us |u\.s\. )?gallons?(?![a-z])|^gal\.?(?![a-z])/i, volume('gallon')],
  [/^(?:quarts?|qts?\.?)(?![a-z])/i, volume('quart')],
  [/^(?:pints?|pts?\.?)(?![a-z])/i, volume('pint')],
  [/^metric cups?(?![a-z])/i, { is: 'volume', unit: 'cup', system: 'metric' }],
  [/^(?:cups?|c\.?)(?![a-z])/i, volume('cup')],
  [/^(?:tablespoonfuls?|tablespoons?|tbsps?\.?|tbs\.?|tblsp\.?|tb\.?)(?![a-z])/i, volume('tbsp')],
  [/^T\.?(?![a-zA-Z])/, volume('tbsp')],
  [/^(?:teaspoonfuls?|teaspoons?|tsps?\.?)(?![a-z])/i, volume('tsp')],
  [/^t\.?(?![a-zA-Z])/, volume('tsp')],
  [/^dessert ?spoons?(?![a-z])/i, volume('mL', 10)],
  [/^(?:millilit(?:er|re)s?|mls?|cc)\.?(?![a-z])/i, volume('mL')],
  [/^(?:centilit(?:er|re)s?|cls?)\.?(?![a-z])/i, volume('mL', 10)],
  [/^(?:decilit(?:er|re)s?|dls?)\.?(?![a-z])/i, volume('mL', 100)],
  [/^(?:lit(?:er|re)s?|ltrs?|l)\.?(?![a-z])/i, volume('L')],
  [/^(?:milligrams?|mg)\.?(?![a-z])/i, { is: 'mass', unit: 'mg' }],
  [/^(?:kilograms?|kilos?|kgs?)\.?(?![a-z])/i, { is: 'mass', unit: 'kg' }],
  [/^(?:grams?|grammes?|gr?s?)\.?(?![a-z])/i, { is: 'mass', unit: 'g' }],
  [/^(?:pounds?|lbs?\.?)(?![a-z])/i, { is: 'mass', unit: 'lb' }],
  [/^(?:ounces?|ozs?\.?) (?:by weight|wt\.?)(?![a-z])/i, { is: 'mass', unit: 'oz' }],
  [/^(?:ounces?|ozs?\.?)(?![a-z])/i, { is: 'ounce' }],
  [/^(?:drops?|gtts?)\.?(?![a-z])/i, { is: 'drops' }],
  [/^(?:parts?|shares?)(?![a-z])/i, { is: 'parts' }],
  [/^(?:%|percent|per cent)/i, { is: 'percent' }],
  [/^(?:dash(?:es)?)(?![a-z])/i, { is: 'vague', word: 'dash' }],
  [/^(?:pinch(?:es)?)(?![a-z])/i, { is: 'vague', word: 'pinch' }],
  [/^(?:squirts?|squeezes?|pumps?)(?![a-z])/i, { is: 'vague', word: 'squirt' }],
  [/^(?:splash(?:es)?)(?![a-z])/i, { is: 'vague', word: 'splash' }],
  [/^(?:glugs?)(?![a-z])/i, { is: 'vague', word: 'glug' }],
  [/^(?:sprigs?)(?![a-z])/i, { is: 'vague', word: 'sprig' }],
  [/^(?:handfuls?)(?![a-z])/i, { is: 'vague', word: 'handful' }],
];

const NUMBER_WORDS: Record<string, string> = {
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  twelve: '12',
  fifteen: '15',
  twenty: '20',
  half: '1/2',
};

const FRACTION_SIGNS = '½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞';
/** 1 · 1.5 · 1,5 · 1/2 · 1 1/2 · 1½ · ½ · 1,000 */
const NUMBER = new RegExp(
  `^(?:\\d+\\s*[${FRACTION_SIGNS}]|[${FRACTION_SIGNS}]|\\d+\\s+\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d{1,3}(?:,\\d{3})+(?:\\.\\d+)?|\\d+[.,]\\d+|\\.\\d+|\\d+)`,
);

const NUMBER_WORD =
  /^(?:half an? |an? half |(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|half)(?![a-z])(?: and an? half)?|an? couple(?: of)?|an? )/i;

interface FoundNumber {
  readonly value: number;
  readonly rest: string;
  readonly byWord: boolean;
}

function readWordNumber(text: string): FoundNumber | null {
  const match = NUMBER_WORD.exec(text);
  if (!match) return null;
  const words = match[0].toLowerCase().trim();
  const rest = text.slice(match[0].length).trimStart();
  const half = / and an? half$/.test(words) ? 0.5 : 0;
  const first = words.split(' ')[0] ?? '';
  if (/^(?:half an?|an? half)$/.test(words)) return { value: 0.5, rest, byWord: true };
  if (words.includes('couple')) return { value: 2, rest, byWord: true };
  if (first === 'a' || first === 'an') return { value: 1, rest, byWord: true };
  return { value: numericQuantity(NUMBER_WORDS[first] ?? '1') + half, rest, byWord: true };
}

function readNumber(text: string): FoundNumber | null {
  const match = NUMBER.exec(text);
  if (!match) return readWordNumber(text);
  // A decimal comma ("1,5 L") is a point; a comma before three digits parts thousands.
  const digits = match[0].replace(/^(\d{1,3})((?:,\d{3})+)/, (all) => all.replace(/,/g, '')).replace(/,/, '.');
  const value = numericQuantity(digits.replace(/⁄/g, '/').replace(/\s*\/\s*/, '/'), { round: false });
  return Number.isNaN(value) ? null : { value, rest: text.slice(match[0].length).trimStart(), byWord: false };
}

const RANGE = /^(?:-|–|—|to(?![a-z])|or(?![a-z])|and up to|bis)\s*/i;

interface FoundSpan {
  readonly span: Span;
  readonly rest: string;
  readonly byWord: boolean;
}

function readSpan(text: string): FoundSpan | null {
  const first = readNumber(text);
  if (!first) return null;
  const range = RANGE.exec(first.rest);
  const second = range && readNumber(first.rest.slice(range[0].length));
  // "1 or a little more": a second number must be a number, not the word "a".
  if (second && !second.byWord)
    return { span: between(first.value, second.value), rest: second.rest, byWord: first.byWord };
  return { span: exactly(first.value), rest: first.rest, byWord: first.byWord };
}

const ABOUT =
  /^(?:about|around|roughly|approx(?:imately)?\.?|circa|ca\.?|~|≈|up to|plus|another|(?:then )?(?:add|use|mix|combine|pour|put|stir)(?: in| together)?(?= ))\s*/i;
const OF = /^(?:of(?: the)?|x)(?![a-z])\s*/i;

const basisIn = (text: string): { basis: PercentBasis; rest: string } => {
  const match = /^\(?\s*([wv])\s*\/\s*([wv])\s*\)?\s*/i.exec(text);
  const basis = match ? (`${match[1]}/${match[2]}`.toLowerCase() as PercentBasis) : 'v/v';
  return { basis, rest: match ? text.slice(match[0].length) : text };
};

const scale = (span: Span, factor: number): Span => ({ low: span.low * factor, high: span.high * factor });

/** Puts a number and a unit word together. A unit of another system than the formula's becomes mL. */
function asAmount(span: Span, unit: UnitWord): { amount: Amount; otherwise?: Amount } {
  switch (unit.is) {
    case 'volume':
      return unit.system
        ? { amount: { kind: 'volume', value: scale(span, unitML(unit.unit, unit.system)), unit: 'mL' } }
        : { amount: { kind: 'volume', value: scale(span, unit.factor ?? 1), unit: unit.unit } };
    case 'mass':
      return { amount: { kind: 'mass', value: span, unit: unit.unit } };
    case 'ounce':
      return {
        amount: { kind: 'volume', value: span, unit: 'fl-oz' },
        otherwise: { kind: 'mass', value: span, unit: 'oz' },
      };
    case 'drops':
      return { amount: { kind: 'drops', value: span } };
    case 'parts':
      return { amount: { kind: 'parts', value: span } };
    case 'percent':
      return { amount: { kind: 'percent', value: span, basis: 'v/v' } };
    case 'vague': {
      const each = VAGUE_ML[unit.word];
      return {
        amount: { kind: 'vague', word: unit.word, volumeML: { low: each.low * span.low, high: each.high * span.high } },
      };
    }
  }
}

const vague = (word: VagueWord): Amount => ({ kind: 'vague', word, volumeML: VAGUE_ML[word] });

const FEW_DROPS = /^(?:a |some )?(?:few|some|several) drops?(?: of)?(?![a-z])\s*/i;
const SOME = /^(?:some|a little(?: bit)?(?: of)?|a bit(?: of)?|a few|enough|as needed|lots of|plenty of)(?![a-z])\s*/i;
const BARE_DROPS = /^drops of\s*/i;
const LEMON_JUICE = /^(?:the )?juice (?:of|from) /i;
const LEMON =
  /^(?:fresh |whole |large |small |medium )*(?:lemons?|limes?)(?:['’]s?)?(?:,? (?:juiced|juice))?(?![a-z])/i;
/** "35 g per litre", "5 g/L", "20 drops per 100 mL". */
const PER_LITRE = /^(?:per|\/|a)\s*(?:1\s*)?(?:lit(?:er|re)|l)(?![a-z])\s*/i;
const PER_100ML = /^(?:per|\/)\s*100\s*ml(?![a-z])\s*/i;

function readLemons(text: string): FoundAmount | null {
  const juice = LEMON_JUICE.exec(text);
  const body = juice ? text.slice(juice[0].length) : text;
  const number = readSpan(body) ?? (juice ? { span: exactly(1), rest: body, byWord: true } : null);
  if (!number) return null;
  const rest = number.rest.replace(OF, '').replace(/^an? /i, '');
  const fruit = LEMON.exec(rest);
  if (!fruit) return null;
  const after = rest.slice(fruit[0].length);
  if (/^\s*(?:juice|essential|oil|peel|zest|slice|wedge|eo\b)/i.test(after)) return null;
  return { amount: { kind: 'pieces', value: number.span, juiceML: LEMON_JUICE_ML }, rest: `lemon juice ${after}` };
}

function readUnit(text: string): { unit: UnitWord; rest: string } | null {
  const clean = text.replace(
    /^(?:heaped|heaping|level|rounded|scant|generous|big|small|good|large|full|us|us )\s+(?=[a-z])/i,
    '',
  );
  for (const [pattern, unit] of UNIT_WORDS) {
    const match = pattern.exec(clean);
    if (match) return { unit, rest: clean.slice(match[0].length).trimStart() };
  }
  return null;
}

/**
 * Reads one amount at the start of some text: numbers with fractions and ranges, units, vague words,
 * lemons. Null if the text does not begin with an amount.
 */
export function readAmount(text: string): FoundAmount | null {
  const start = text.trimStart().replace(ABOUT, '');
  const few = FEW_DROPS.exec(start) ?? BARE_DROPS.exec(start);
  if (few) return { amount: vague('few-drops'), rest: start.slice(few[0].length) };
  const lemons = readLemons(start);
  if (lemons) return lemons;
  const some = SOME.exec(start);
  const number = readSpan(start);
  if (!number) return some ? { amount: vague('some'), rest: start.slice(some[0].length).replace(OF, '') } : null;
  // "a few drops", "a little": the article is no number.
  if (some && number.byWord) return { amount: vague('some'), rest: start.slice(some[0].length).replace(OF, '') };
  const afterAn = number.rest.replace(OF, '').replace(/^an? /i, '');
  const unit = readUnit(number.byWord ? afterAn : number.rest) ?? readUnit(afterAn);
  if (!unit) return null;
  const made = asAmount(number.span, unit.unit);
  return finish(made, unit);
}

function finish(made: { amount: Amount; otherwise?: Amount }, unit: { unit: UnitWord; rest: string }): FoundAmount {
  if (made.amount.kind === 'percent') {
    const { basis, rest } = basisIn(unit.rest);
    return { amount: { ...made.amount, basis }, rest: rest.replace(OF, '') };
  }
  const per = PER_LITRE.exec(unit.rest);
  if (per && made.amount.kind === 'mass') {
    const grams = scale(made.amount.value, unitG(made.amount.unit));
    return { amount: { kind: 'grams-per-litre', value: grams }, rest: unit.rest.slice(per[0].length).replace(OF, '') };
  }
  const per100 = PER_100ML.exec(unit.rest);
  if (per100 && made.amount.kind === 'drops') {
    return {
      amount: { kind: 'drops-per-100mL', value: made.amount.value },
      rest: unit.rest.slice(per100[0].length).replace(OF, ''),
    };
  }
  return { ...made, rest: unit.rest.replace(OF, '') };
}
