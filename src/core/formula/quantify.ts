import type { Ingredient } from '../catalogue/ingredient';
import { statedML, type Amount } from '../quantity/amount';
import { middleOf, type Span } from '../quantity/span';
import { unitG } from '../quantity/units';
import type { Formula, Line } from './formula';
import { mixedVolume, type Poured } from './mixedVolume';
import { accept, refuse, type Outcome } from './problem';
import { ingredientOfLine } from './resolve';

/** Which end of a range of amounts to take. */
export type Reading = 'low' | 'middle' | 'high';

/** A line with its amount worked out: what is poured, in mL as measured and in g. */
export interface Portion extends Poured {
  readonly line: Line;
  readonly ingredient: Ingredient;
}

/** A formula with every amount worked out, at some size. */
export interface Quantified {
  readonly portions: readonly Portion[];
  /** Volume in mL of the whole once mixed. */
  readonly batchML: number;
  /** True if fixed amounts stand beside parts or "to fill" and nothing says what they make: 500 mL was assumed. */
  readonly assumedBatch: boolean;
}

/** The size a formula of parts is worked out at, and the size assumed for fixed amounts beside parts. */
export const ASSUMED_BATCH_ML = 500;

const endOf = (span: Span, reading: Reading): number => (reading === 'middle' ? middleOf(span) : span[reading]);

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
export const dropsPerMLOf = (ingredient: Ingredient, dropsPerML: number): number => ingredient.dropsPerML ?? dropsPerML;

function portion(line: Line, formula: Formula, sizes: Sizes, reading: Reading, dropsPerML: number): Portion {
  const ingredient = ingredientOfLine(line);
  const { amount } = line;
  const density = ingredient.densityGPerML;
  const byML = (volumeML: number): Portion => ({ line, ingredient, volumeML, massG: volumeML * density });
  const byG = (massG: number): Portion => ({ line, ingredient, volumeML: massG / density, massG });
  const drops = dropsPerMLOf(ingredient, dropsPerML);
  switch (amount.kind) {
    case 'mass':
      return byG(endOf(amount.value, reading) * unitG(amount.unit));
    case 'parts':
      return byML(endOf(amount.value, reading) * sizes.unitML);
    case 'to-fill':
      return byML(sizes.unitML);
    case 'drops-per-100mL':
      return byML(((endOf(amount.value, reading) / drops) * sizes.batchML) / 100);
    case 'grams-per-litre':
      return byG((endOf(amount.value, reading) * sizes.batchML) / 1000);
    case 'percent': {
      const share = endOf(amount.value, reading) / 100;
      if (amount.basis === 'v/v') return byML(share * sizes.batchML);
      return byG(share * (amount.basis === 'w/v' ? sizes.batchML : sizes.massG));
    }
    default: {
      const stated = statedML(amount, formula.measures, drops);
      return byML(stated ? endOf(stated, reading) : 0);
    }
  }
}

/** The x ≥ 0 at which a rising function reaches zero, by doubling and bisection; null if it is above zero already at 0. */
function rootOf(rising: (x: number) => number): number | null {
  if (rising(0) > 0) return null;
  let high = 1;
  while (rising(high) < 0 && high < 1e9) high *= 2;
  let low = 0;
  for (let i = 0; i < 60 && high - low > 1e-9 * high; i++) {
    const middle = (low + high) / 2;
    if (rising(middle) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Works out every line of a formula at its own natural size: amounts as written, parts and "to fill"
 * from what the formula makes, shares of the whole. Volumes in mL, masses in g.
 *
 * @param readingOf which end of each line's range to take
 * @param dropsPerML drops per mL where an oil has no calibration of its own, 8 to 60
 * @returns a problem, worded for the person, if the amounts cannot be brought together
 */
export function quantify(
  formula: Formula,
  dropsPerML: number,
  readingOf: (line: Line) => Reading = () => 'middle',
): Outcome<Quantified> {
  const { lines } = formula;
  const parts = lines.some((l) => l.amount.kind === 'parts');
  const fills = lines.filter((l) => l.amount.kind === 'to-fill').length;
  const fixed = lines.some((l) => !isShare(l.amount) && !isRest(l.amount));
  const shares = lines.some((l) => isShare(l.amount));
  if (parts && fills > 0) {
    return refuse({
      where: 'lines',
      message:
        'Parts and "to fill" cannot stand in one formula: give every line parts, or give amounts and fill up with one.',
    });
  }
  if (fills > 1) {
    return refuse({ where: 'lines', message: 'Only one line can fill up the rest: give the others an amount.' });
  }

  const portionsAt = (batchML: number, unitML: number): Portion[] => {
    let massG = batchML;
    let portions: Portion[] = [];
    for (let round = 0; round < (shares ? 4 : 1); round++) {
      portions = lines.map((l) => portion(l, formula, { batchML, unitML, massG }, readingOf(l), dropsPerML));
      massG = portions.reduce((sum, p) => sum + p.massG, 0);
    }
    return portions;
  };
  const volumeAt = (batchML: number, unitML: number): number => mixedVolume(portionsAt(batchML, unitML)).volumeML;

  if (parts || fills > 0) {
    const batchML = formula.makesML ?? ASSUMED_BATCH_ML;
    const unitML = rootOf((u) => volumeAt(batchML, u) - batchML);
    if (unitML === null) {
      return refuse({
        where: 'lines',
        message: `The fixed amounts alone come to more than the ${Math.round(batchML)} mL this makes. Say a larger amount it makes, or smaller amounts.`,
      });
    }
    return accept({ portions: portionsAt(batchML, unitML), batchML, assumedBatch: fixed && formula.makesML === null });
  }
  if (!shares) {
    const portions = portionsAt(0, 0);
    const batchML = mixedVolume(portions).volumeML;
    return batchML > 0
      ? accept({ portions, batchML, assumedBatch: false })
      : refuse({
          where: 'lines',
          message: 'Every amount is zero. Give at least one line an amount, such as "1 cup water".',
        });
  }
  if (fixed) {
    const batchML = rootOf((r) => r - volumeAt(r, 0));
    const solved = batchML ?? rootOf((r) => (r === 0 ? -1 : r - volumeAt(r, 0)));
    if (solved === null || solved > 1e8) {
      return refuse({
        where: 'lines',
        message: 'The percentages come to 100 or more, so the fixed amounts have no room. Lower a percentage.',
      });
    }
    return accept({ portions: portionsAt(solved, 0), batchML: solved, assumedBatch: false });
  }
  const batchML = formula.makesML ?? ASSUMED_BATCH_ML;
  const reached = volumeAt(batchML, 0) / batchML;
  if (reached < 0.85 || reached > 1.15) {
    return refuse({
      where: 'lines',
      message: `The shares come to ${Math.round(reached * 100)} %, not 100. Add a line that fills up the rest, such as "water to fill".`,
    });
  }
  return accept({ portions: portionsAt(batchML, 0), batchML, assumedBatch: false });
}

/** The same formula made so that the whole comes to `batchML`. Every ratio stays as it is. */
export function scaleTo(quantified: Quantified, batchML: number): Quantified {
  const factor = batchML / quantified.batchML;
  return {
    ...quantified,
    batchML,
    portions: quantified.portions.map((p) => ({ ...p, volumeML: p.volumeML * factor, massG: p.massG * factor })),
  };
}

/** mL to put in a vessel: its capacity less the headspace. */
export const fillML = (capacityML: number, headspacePercent: number): number =>
  capacityML * (1 - headspacePercent / 100);
