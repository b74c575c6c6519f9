import { substance, type FlashPoint, type SubstanceId } from '../catalogue/substances';
import type { Grams } from '../formula/composition';
import { exceeds } from '../quantity/limit';
import { between, type Range } from '../quantity/range';

/** The tables of what mixes with water are from memory: this much either way, °C. */
const MISCIBLE_BAND_C = 3;
/** Oils and solvents differ by maker and crop, °C. */
const IMMISCIBLE_BAND_C = 5;

/**
 * A solvent that does not mix with water floats on it and burns as it does neat, from this much on; an
 * essential oil is taken up as droplets and does so from more, percent v/v (common practice, no source).
 */
const IMMISCIBLE_ABOVE_PERCENT_VV = { solvent: 1, oil: 5 } as const;

/** The flash point at a strength, °C; null below the weakest of the table. */
function interpolate(table: readonly FlashPoint[], percentVV: number): number | null {
  const [weakest] = table;
  if (!weakest || percentVV < weakest[0]) return null;
  let [x0, y0] = weakest;
  for (const [x1, y1] of table) {
    if (percentVV <= x1) return x1 === x0 ? y1 : y0 + ((percentVV - x0) / (x1 - x0)) * (y1 - y0);
    [x0, y0] = [x1, y1];
  }
  return y0;
}

interface Miscible {
  readonly table: readonly FlashPoint[];
  readonly percentVV: number;
}

/** The flash point of what mixes with water, °C: between the tables by share at the strength of all together, or of one alone where that is lower. */
function miscibleC(parts: readonly Miscible[]): number | null {
  const total = parts.reduce((sum, p) => sum + p.percentVV, 0);
  let shared: number | null = 0;
  let lowest: number | null = null;
  for (const { table, percentVV } of parts) {
    const together = interpolate(table, total);
    shared = together === null || shared === null ? null : shared + (percentVV / total) * together;
    const alone = interpolate(table, percentVV);
    if (alone !== null) lowest = Math.min(lowest ?? Infinity, alone);
  }
  if (parts.length === 0) return null;
  if (shared === null) return lowest;
  return Math.min(shared, lowest ?? Infinity);
}

/**
 * Flash point band of a mixture, °C: of alcohols and other solvents in water by their strength, of oils and
 * of solvents that do not mix with water their own; the lower of them. Null where nothing in it flashes.
 *
 * @param volumeML more than 0
 */
export function flashPointC(grams: Readonly<Grams>, volumeML: number): Range | null {
  const miscible: Miscible[] = [];
  let floatingC: number | null = null;
  for (const key in grams) {
    const { traits, displacementMLPerG, flashC, flashInWater } = substance(key as SubstanceId);
    if (flashC === null && flashInWater === null) continue;
    const percentVV = (100 * (grams[key as SubstanceId] ?? 0) * displacementMLPerG) / volumeML;
    if (percentVV <= 0) continue;
    if (flashInWater) miscible.push({ table: flashInWater, percentVV });
    const from = traits.includes('solvent') ? IMMISCIBLE_ABOVE_PERCENT_VV.solvent : IMMISCIBLE_ABOVE_PERCENT_VV.oil;
    if (flashC !== null && exceeds(percentVV, from)) floatingC = Math.min(floatingC ?? Infinity, flashC);
  }
  const mixedC = miscibleC(miscible);
  const mixed = mixedC === null ? null : between(mixedC - MISCIBLE_BAND_C, mixedC + MISCIBLE_BAND_C);
  const floating = floatingC === null ? null : between(floatingC - IMMISCIBLE_BAND_C, floatingC + IMMISCIBLE_BAND_C);
  if (!mixed || !floating) return mixed ?? floating;
  return mixed.low <= floating.low ? mixed : floating;
}
