import { unitG, unitML, UNITS, type MeasureSystem, type StockUnit } from './units';

/** The sign between a number's whole and its decimals, where the person writes. */
export type DecimalSign = '.' | ',';

const SPACES = /[\s\u00a0\u2009\u202f]/g;
/** "1,000", "12,345,678": whole groups of three behind one sign. */
const isGrouped = (text: string, sign: string): boolean => {
  const [first = '', ...groups] = text.split(sign);
  return groups.length > 0 && /^[1-9]\d{0,2}$/.test(first) && groups.every((g) => /^\d{3}$/.test(g));
};

/** The digits of a number with a point before its decimals; null if it is none. */
function plainDigits(text: string, decimal: DecimalSign): string | null {
  const sign = /^[+\-−]/.exec(text)?.[0] ?? '';
  const bare = text.slice(sign.length);
  const minus = sign === '' || sign === '+' ? '' : '-';
  const unmarked = /['’]/.test(bare)
    ? isGrouped(bare.replace(/[.,]\d+$/, ''), bare.includes('’') ? '’' : "'")
      ? bare.replace(/['’]/g, '')
      : null
    : bare;
  if (unmarked === null || !/^(?:\d+(?:[.,]\d*)*|[.,]\d+)$/.test(unmarked)) return null;
  const other = decimal === '.' ? ',' : '.';
  const last = unmarked.lastIndexOf('.') > unmarked.lastIndexOf(',') ? '.' : ',';
  const both = unmarked.includes('.') && unmarked.includes(',');
  if (both) {
    // The last sign is the decimal one; the other parts whole groups before it.
    const at = unmarked.lastIndexOf(last);
    const whole = unmarked.slice(0, at);
    const decimals = unmarked.slice(at + 1);
    const group = last === '.' ? ',' : '.';
    return isGrouped(whole, group) && /^\d*$/.test(decimals)
      ? `${minus}${whole.split(group).join('')}.${decimals}`
      : null;
  }
  const times = unmarked.split(/[.,]/).length - 1;
  if (times > 1) return isGrouped(unmarked, last) ? minus + unmarked.split(last).join('') : null;
  // "1,000" is a thousand where a point parts decimals, and one where a comma does; "1,5" is no thousand anywhere.
  if (unmarked.includes(other) && isGrouped(unmarked, other)) return minus + unmarked.replace(other, '');
  return minus + unmarked.replace(',', '.');
}

/**
 * The one reader of numbers as people type them into a field: with comma or point by where they live, spaces
 * or apostrophes between thousands. Null where nothing stands. What is no number comes back as it was typed,
 * for a schema to refuse with its own message. Pasted texts are read by the reader of recipes instead, which
 * asks where a number could be two.
 *
 * @param decimal the sign before decimals where the person lives
 */
export function typedNumber(text: string, decimal: DecimalSign = '.'): number | string | null {
  const bare = text.trim();
  if (bare === '') return null;
  const grouped = /\d[\s\u00a0\u2009\u202f]\d/.test(bare);
  if (grouped && !/^[+\-−]?[1-9]\d{0,2}(?:[\s\u00a0\u2009\u202f]\d{3})+(?:[.,]\d+)?$/.test(bare)) return text;
  const digits = plainDigits(bare.replace(SPACES, ''), decimal);
  const value = digits === null ? NaN : Number(digits);
  return Number.isFinite(value) ? value : text;
}

/** The same, with a unit behind it passed over ("2.5 m²", "8 %"); NaN for what is no number. */
export function typedMeasure(text: string, decimal: DecimalSign = '.'): number {
  const value = typedNumber(text.trim().replace(/\s*[a-zµ²³%]+$/i, ''), decimal);
  return typeof value === 'number' ? value : NaN;
}

/** An amount with its unit, as it is typed of what stands in the cupboard. */
export interface TypedQuantity {
  readonly value: number;
  readonly unit: StockUnit;
}

const UNIT_BY_NAME = new Map(
  UNITS.flatMap((u) => [u.unit, ...u.names].map((name) => [name.toLowerCase(), u] as const)),
);

/**
 * A number with any unit of volume or mass behind it, in mL or g: "1.5 kg", "2 cups", "250".
 * @param fallback what is meant where no unit stands
 * @param system whose cups and spoons
 * @returns null for what is no number, or has a unit that is not known
 */
export function typedQuantity(
  text: string,
  fallback: TypedQuantity['unit'],
  system: MeasureSystem,
  decimal: DecimalSign = '.',
): TypedQuantity | null {
  const [, number = '', name = ''] = /^(.*?)\s*([a-z][a-z ]*)?\.?$/i.exec(text.trim()) ?? [];
  const value = typedNumber(number, decimal);
  const row = name === '' ? null : UNIT_BY_NAME.get(name.toLowerCase());
  if (typeof value !== 'number' || row === undefined) return null;
  if (row === null) return { value, unit: fallback };
  return row.measures === 'mass'
    ? { value: value * unitG(row.unit), unit: 'g' }
    : { value: value * unitML(row.unit, system), unit: 'mL' };
}

/** How a typed number was read, where another might read it otherwise: "1,000" as "1000"; null where nobody would. */
export function readBack(text: string, decimal: DecimalSign = '.'): string | null {
  const bare = text.trim().replace(/\s*[a-zµ²³%]+$/i, '');
  const value = typedNumber(bare, decimal);
  const other = typedNumber(bare, decimal === '.' ? ',' : '.');
  return typeof value === 'number' && value !== other ? String(value).replace('.', decimal) : null;
}
