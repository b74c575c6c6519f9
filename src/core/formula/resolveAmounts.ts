import type { Ingredient } from '../catalogue/ingredient';
import { amountRange, statedML, type Amount } from '../quantity/amount';
import { dropsPerMLOf, type Droppers } from '../quantity/drops';
import { rootOfRising } from '../quantity/root';
import { midpoint, type Range } from '../quantity/range';
import { unitG } from '../quantity/units';
import type { Formula, Line } from './formula';
import { mixedVolume, type Poured } from './mixedVolume';
import { ok, err, type Result } from './result';
import { ingredientOfLine } from './resolveIngredient';

/** Which end of a range of amounts to take. */
export type RangeEnd = 'low' | 'middle' | 'high';

/** A line with its amount worked out: what is poured, in mL as measured and in g. */
export interface Portion extends Poured {
  readonly line: Line;
  readonly ingredient: Ingredient;
}

/** A formula with every amount worked out, at some size. */
export interface ResolvedFormula {
  readonly portions: readonly Portion[];
  /** Volume in mL of the whole once mixed. */
  readonly batchML: number;
  /** True if fixed amounts stand beside parts or "to fill" and nothing says what they make: 500 mL was assumed. */
  readonly assumedBatch: boolean;
}

/** The size a formula of parts is worked out at, and the size assumed for fixed amounts beside parts. */
export const ASSUMED_BATCH_ML = 500;

const endOf = (range: Range, reading: RangeEnd): number => (reading === 'middle' ? midpoint(range) : range[reading]);

interface Sizes {
  /** mL of the whole batch, for shares of it. */
  readonly batchML: number;
  /** mL of one part, or of the filling liquid. */
  readonly unitML: number;
  readonly massG: number;
}

const isShare = (amount: Amount): boolean =>
  amount.kind === 'percent' || amount.kind === 'grams-per-litre' || amount.kind === 'drops-per-100mL';

const isRest = (amount: Amount): boolean => amount.kind === 'parts' || amount.kind === 'to-fill';

/** Drops per mL for a line: the oil's own calibration, or the person's setting. */

/** A line with its ingredient looked up once: the search for a size asks for it many times. */
interface ResolvedLine {
  readonly line: Line;
  readonly ingredient: Ingredient;
  readonly spread: number;
}

/** By how much an amount may be off: the spoonful of a powder, and half the width of a range. */
function spreadOf(amount: Amount, ingredient: Ingredient): number {
  const span = amountRange(amount);
  const range = span && span.high > 0 ? (span.high - span.low) / (span.high + span.low) : 0;
  const spooned = amount.kind === 'volume' || amount.kind === 'parts' || amount.kind === 'vague';
  return range + (spooned ? ingredient.spread : 0);
}

function resolvedLine(line: Line): ResolvedLine {
  const ingredient = ingredientOfLine(line);
  return { line, ingredient, spread: spreadOf(line.amount, ingredient) };
}

const byML = ({ line, ingredient, spread }: ResolvedLine, volumeML: number): Portion => ({
  line,
  ingredient,
  spread,
  volumeML,
  massG: volumeML * ingredient.densityGPerML,
});

const byG = (of: ResolvedLine, massG: number): Portion => byML(of, massG / of.ingredient.densityGPerML);

function portion(of: ResolvedLine, formula: Formula, sizes: Sizes, reading: RangeEnd, droppers: Droppers): Portion {
  const { line, ingredient } = of;
  const { amount } = line;
  const drops = dropsPerMLOf(ingredient, droppers);
  switch (amount.kind) {
    case 'mass':
      return byG(of, endOf(amount.value, reading) * unitG(amount.unit));
    case 'parts':
      return byML(of, endOf(amount.value, reading) * sizes.unitML);
    case 'to-fill':
      return byML(of, sizes.unitML);
    case 'drops-per-100mL':
      return byML(of, ((endOf(amount.value, reading) / drops) * sizes.batchML) / 100);
    case 'grams-per-litre':
      return byG(of, (endOf(amount.value, reading) * sizes.batchML) / 1000);
    case 'percent': {
      const share = endOf(amount.value, reading) / 100;
      if (amount.basis === 'v/v') return byML(of, share * sizes.batchML);
      return byG(of, share * (amount.basis === 'w/v' ? sizes.batchML : sizes.massG));
    }
    default: {
      const stated = statedML(amount, formula.measures, drops);
      return byML(of, stated ? endOf(stated, reading) : 0);
    }
  }
}

/** Close enough for a size in mL: a thousandth of a drop. */
const SIZE_TOLERANCE_ML = 1e-6;

/** The x ≥ 0 at which a rising function reaches zero; null if it is above zero already at 0, or never gets there. */
function rootOf(rising: (x: number) => number): number | null {
  if (rising(0) > 0) return null;
  let high = 1000;
  while (rising(high) < 0) {
    if (high > 1e9) return null;
    high *= 10;
  }
  return rootOfRising(rising, 0, high, SIZE_TOLERANCE_ML);
}

/**
 * Works out every line of a formula at its own natural size: amounts as written, parts and "to fill"
 * from what the formula makes, shares of the whole. Volumes in mL, masses in g.
 *
 * @param readingOf which end of each line's range to take
 * @param droppers drops per mL, 8 to 60
 * @returns a problem, worded for the person, if the amounts cannot be brought together
 */
export function resolveAmounts(
  formula: Formula,
  droppers: Droppers,
  readingOf: (line: Line) => RangeEnd = () => 'middle',
): Result<ResolvedFormula> {
  const { lines } = formula;
  const parts = lines.some((l) => l.amount.kind === 'parts');
  const fills = lines.filter((l) => l.amount.kind === 'to-fill').length;
  const fixed = lines.some((l) => !isShare(l.amount) && !isRest(l.amount));
  if (lines.every((l) => amountRange(l.amount)?.high === 0)) {
    return err({
      where: 'lines',
      message: 'Every amount is zero. Give at least one line an amount, such as "1 cup water".',
    });
  }
  const shares = lines.some((l) => isShare(l.amount));
  if (parts && fills > 0) {
    return err({
      where: 'lines',
      message:
        'Parts and "to fill" cannot stand in one formula: give every line parts, or give amounts and fill up with one.',
    });
  }
  if (fills > 1) {
    return err({ where: 'lines', message: 'Only one line can fill up the rest: give the others an amount.' });
  }

  const of = lines.map(resolvedLine);
  const portionsAt = (batchML: number, unitML: number): Portion[] => {
    let massG = batchML;
    let portions: Portion[] = [];
    for (let round = 0; round < (shares ? 4 : 1); round++) {
      portions = of.map((o) => portion(o, formula, { batchML, unitML, massG }, readingOf(o.line), droppers));
      massG = portions.reduce((sum, p) => sum + p.massG, 0);
    }
    return portions;
  };
  const volumeAt = (batchML: number, unitML: number): number => mixedVolume(portionsAt(batchML, unitML)).volumeML;

  if (parts || fills > 0) {
    const batchML = formula.makesML ?? ASSUMED_BATCH_ML;
    // Parts alone grow with the part itself: no search is needed.
    const unitML =
      parts && !fixed && !shares ? batchML / volumeAt(batchML, 1) : rootOf((u) => volumeAt(batchML, u) - batchML);
    if (unitML === null) {
      return err({
        where: 'lines',
        message: `The fixed amounts alone come to more than the ${Math.round(batchML)} mL this makes. Say a larger amount it makes, or smaller amounts.`,
      });
    }
    return ok({ portions: portionsAt(batchML, unitML), batchML, assumedBatch: fixed && formula.makesML === null });
  }
  if (!shares) {
    const portions = portionsAt(0, 0);
    return ok({ portions, batchML: mixedVolume(portions).volumeML, assumedBatch: false });
  }
  if (fixed) {
    const batchML = rootOf((r) => r - volumeAt(r, 0));
    const solved = batchML ?? rootOf((r) => (r === 0 ? -1 : r - volumeAt(r, 0)));
    if (solved === null || solved > 1e8) {
      return err({
        where: 'lines',
        message: 'The percentages come to 100 or more, so the fixed amounts have no room. Lower a percentage.',
      });
    }
    return ok({ portions: portionsAt(solved, 0), batchML: solved, assumedBatch: false });
  }
  const batchML = formula.makesML ?? ASSUMED_BATCH_ML;
  const reached = volumeAt(batchML, 0) / batchML;
  if (reached < 0.85 || reached > 1.15) {
    return err({
      where: 'lines',
      message: `The shares come to ${Math.round(reached * 100)} %, not 100. Add a line that fills up the rest, such as "water to fill".`,
    });
  }
  return ok({ portions: portionsAt(batchML, 0), batchML, assumedBatch: false });
}

/** The same formula made so that the whole comes to `batchML`. Every ratio stays as it is. */
export function scaleTo(resolved: ResolvedFormula, batchML: number): ResolvedFormula {
  const factor = batchML / resolved.batchML;
  return {
    ...resolved,
    batchML,
    portions: resolved.portions.map((p) => ({ ...p, volumeML: p.volumeML * factor, massG: p.massG * factor })),
  };
}

/** mL to put in a vessel: its capacity less the headspace. */
export const fillML = (capacityML: number, headspacePercent: number): number =>
  capacityML * (1 - headspacePercent / 100);
