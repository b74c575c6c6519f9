import type { Amount } from '../../quantity/amount';
import { statedML } from '../../quantity/amount';
import type { MeasureSystem } from '../../quantity/units';
import type { Strength } from '../formula';
import { readAmount, type FoundAmount } from './readAmount';

/** A line taken apart: its amount, the same amount said again, its strength, and the words that name it. */
export interface LineParts {
  readonly amount: Amount | null;
  readonly otherwise?: Amount;
  readonly also?: Amount;
  readonly strengthPercent?: number;
  readonly strengthBasis?: Strength['basis'];
  readonly name: string;
}

const BULLET = /^\s*(?:[-*•·–—▪◦‣]|\[[ x]?\]|\(?\d{1,2}[.)](?=\s+\S))\s*/;

/** The line without its bullet or number, its spaces made plain. */
export const withoutBullet = (line: string): string =>
  line
    .replace(/\u00a0|\u2009|\u202f/g, ' ')
    .replace(BULLET, '')
    .replace(/\s+/g, ' ')
    .trim();

const BRACKET = /[([]([^)\]]*)[)\]]/g;
const STRENGTH = /(\d+(?:[.,]\d+)?)\s*%\s*(w\/v|w\/w|v\/v)?/i;
const VOLUME_STRENGTH = /\b(\d{2})[- ]?vol(?:ume)?s?\b/i;
const PROOF = /\b(\d{2,3})[- ]proof\b/i;

interface Taken {
  readonly text: string;
  readonly strengthPercent?: number;
  readonly strengthBasis?: Strength['basis'];
}

/** Takes a strength ("5 %", "20 volume", "80 proof") out of the words of a line. */
function takeStrength(text: string): Taken {
  const percent = STRENGTH.exec(text);
  if (percent?.[1]) {
    return {
      text: text
        .replace(STRENGTH, ' ')
        .replace(/\b(?:strength|acidity|acid|solution|abv|alc(?:ohol)?\.? by vol(?:ume)?)\b(?=\s*[),]|\s*$)/i, ' '),
      strengthPercent: Number(percent[1].replace(',', '.')),
      ...(percent[2] ? { strengthBasis: percent[2].toLowerCase() as Strength['basis'] } : {}),
    };
  }
  // "10 volume" frees ten times its volume of oxygen: 3 % w/v.
  const volume = VOLUME_STRENGTH.exec(text);
  if (volume?.[1])
    return {
      text: text.replace(VOLUME_STRENGTH, ' '),
      strengthPercent: (Number(volume[1]) / 10) * 3,
      strengthBasis: 'w/v',
    };
  const proof = PROOF.exec(text);
  if (proof?.[1])
    return { text: text.replace(PROOF, ' '), strengthPercent: Number(proof[1]) / 2, strengthBasis: 'v/v' };
  return { text };
}

const PLUS = /^(?:\+|plus|and|&)\s*/i;
const SECOND = /^(?:\/|=|or|,)\s*(?:about |approx\.? |~)?/i;

/** "2 tbsp + 1 tsp": two volumes added, in mL. */
function added(a: FoundAmount, b: FoundAmount, system: MeasureSystem): Amount | null {
  const first = statedML(a.amount, system, 1);
  const second = statedML(b.amount, system, 1);
  if (a.amount.kind !== 'volume' || b.amount.kind !== 'volume' || !first || !second) return null;
  return { kind: 'volume', value: { low: first.low + second.low, high: first.high + second.high }, unit: 'mL' };
}

interface Amounts {
  readonly found: FoundAmount;
  readonly also?: Amount;
}

function moreAmounts(first: FoundAmount, system: MeasureSystem): Amounts {
  const plus = PLUS.exec(first.rest);
  const next = plus && readAmount(first.rest.slice(plus[0].length));
  const sum = next && added(first, next, system);
  if (next && sum) return { found: { amount: sum, rest: next.rest } };
  const second = SECOND.exec(first.rest);
  const again = second && readAmount(first.rest.slice(second[0].length));
  return again && again.amount.kind !== 'percent'
    ? { found: { ...first, rest: again.rest }, also: again.amount }
    : { found: first };
}

const AMOUNT_AT_END =
  /^(.*?[a-z)%])\s*(?:[:=,]|\s[-–—]\s|\s)\s*((?:about |approx\.? |~|a |an )?[\d½⅓⅔¼¾⅛.].*|(?:a |an |one |two |three |half )(?:few |couple |half )?(?:of )?(?:cup|tbsp|tsp|table|tea|drop|part|squirt|splash|dash|pinch).*)$/i;

/**
 * Takes a line apart. The amount may stand before the name or after it; a second amount or a strength
 * may stand in brackets or after a slash.
 */
export function takeApart(line: string, system: MeasureSystem): LineParts {
  let also: Amount | undefined;
  let strength: Taken = { text: line };

  // Brackets first: an amount in them says the amount again, a percentage is a strength.
  const bare = line
    .replace(BRACKET, (_, inner: string) => {
      const amount = readAmount(inner);
      if (amount && amount.amount.kind !== 'percent' && amount.rest.trim() === '') {
        also ??= amount.amount;
        return ' ';
      }
      const inBracket = takeStrength(inner);
      if (inBracket.strengthPercent !== undefined && inner !== line) {
        strength = { ...inBracket, text: '' };
        return ' ';
      }
      return /optional|to taste|see note|from /i.test(inner) ? ' ' : ` ${inner} `;
    })
    .replace(/\s+/g, ' ')
    .trim();

  const withStrength = (text: string): Taken => {
    const taken = takeStrength(text);
    return taken.strengthPercent === undefined ? { ...strength, text } : taken;
  };
  const parts = (amounts: Amounts | null, name: Taken): LineParts => ({
    amount: amounts?.found.amount ?? null,
    ...(amounts?.found.otherwise ? { otherwise: amounts.found.otherwise } : {}),
    ...((amounts?.also ?? also) ? { also: amounts?.also ?? also } : {}),
    ...(name.strengthPercent === undefined ? {} : { strengthPercent: name.strengthPercent }),
    ...(name.strengthBasis === undefined ? {} : { strengthBasis: name.strengthBasis }),
    name: name.text.replace(/^[\s,:;.–—-]+|[\s,:;.–—-]+$/g, '').replace(/\s+/g, ' '),
  });

  const first = readAmount(bare);
  if (first && first.amount.kind !== 'percent') {
    const amounts = moreAmounts(first, system);
    return parts(amounts, withStrength(amounts.found.rest));
  }
  const trailing = AMOUNT_AT_END.exec(bare);
  const after = trailing?.[2] ? readAmount(trailing[2]) : null;
  if (trailing?.[1] && after) {
    const amounts = moreAmounts(after, system);
    if (/^[\s,.;]*(?:w\/v|w\/w|v\/v)?$/.test(amounts.found.rest) || amounts.found.rest.startsWith('lemon juice')) {
      if (amounts.found.amount.kind !== 'percent') return parts(amounts, withStrength(trailing[1]));
      if (!first) return parts(amounts, { ...strength, text: trailing[1] });
    }
  }
  if (first) return parts({ found: first }, { ...strength, text: first.rest });
  // "Dish soap (1 tbsp)": the amount in brackets is the only one.
  const only = also;
  if (only) {
    also = undefined;
    return parts({ found: { amount: only, rest: '' } }, withStrength(bare));
  }
  return parts(null, withStrength(bare));
}
