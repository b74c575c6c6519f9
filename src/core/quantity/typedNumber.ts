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

/** How a typed number was read, where another might read it otherwise: "1,000" as "1000"; null where nobody would. */
export function readBack(text: string, decimal: DecimalSign = '.'): string | null {
  const bare = text.trim().replace(/\s*[a-zµ²³%]+$/i, '');
  const value = typedNumber(bare, decimal);
  const other = typedNumber(bare, decimal === '.' ? ',' : '.');
  return typeof value === 'number' && value !== other ? String(value).replace('.', decimal) : null;
}
