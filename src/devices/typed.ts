import {
  readBack,
  typedMeasure,
  typedNumber,
  typedQuantity,
  type DecimalSign,
  type MeasureSystem,
  type StockUnit,
} from '@/core';

let sign: DecimalSign | null = null;

/** The sign before decimals where this device is at home. */
function decimalSign(): DecimalSign {
  sign ??= new Intl.NumberFormat().formatToParts(1.5).find((p) => p.type === 'decimal')?.value === ',' ? ',' : '.';
  return sign;
}

/** A number as it is typed on this device; see {@link typedNumber}. */
export const typedNumberIn = (text: string): number | string | null => typedNumber(text, decimalSign());

/** The same, a unit behind it passed over; NaN for what is no number. */
export const typedMeasureIn = (text: string): number => typedMeasure(text, decimalSign());

/** An amount with its unit, as it is typed on this device; see {@link typedQuantity}. */
export const typedQuantityIn = (text: string, fallback: StockUnit, system: MeasureSystem) =>
  typedQuantity(text, fallback, system, decimalSign());

/** A line under a field that says how its number was read, where another might read it otherwise. */
export function readAs(text: string): string | null {
  const number = readBack(text, decimalSign());
  return number === null ? null : `Read as ${number}.`;
}
