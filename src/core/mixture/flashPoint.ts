import { between, type Span } from '../quantity/span';

type Table = readonly (readonly [percentVV: number, flashC: number])[];

/** Closed-cup flash points of alcohol in water by % v/v, °C: handbook tables, from memory. */
const ETHANOL: Table = [
  [5, 62],
  [10, 49],
  [20, 36],
  [30, 29],
  [40, 26],
  [50, 24],
  [70, 21],
  [96, 17],
  [100, 13],
];
const ISOPROPANOL: Table = [
  [5, 59],
  [10, 46],
  [20, 33],
  [30, 26],
  [40, 23],
  [50, 21],
  [70, 18],
  [100, 12],
];

/** The tables are from memory: this much either way, °C. */
const BAND_C = 3;

/** Below this strength no flash point is given: the table ends. */
const WEAKEST_PERCENT_VV = 5;

function interpolate(table: Table, x: number): number {
  let [x0, y0] = table[0] ?? [0, 0];
  for (const [x1, y1] of table) {
    if (x <= x1) return x1 === x0 ? y1 : y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
    [x0, y0] = [x1, y1];
  }
  return y0;
}

/**
 * Flash point band in °C of ethanol and isopropanol in water, or null below 5 % v/v together.
 * Where both are there, between their two tables by share.
 */
export function flashPointC(ethanolPercentVV: number, isopropanolPercentVV: number): Span | null {
  const total = ethanolPercentVV + isopropanolPercentVV;
  if (total < WEAKEST_PERCENT_VV) return null;
  const share = isopropanolPercentVV / total;
  const middle = (1 - share) * interpolate(ETHANOL, total) + share * interpolate(ISOPROPANOL, total);
  return between(middle - BAND_C, middle + BAND_C);
}
