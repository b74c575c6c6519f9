import type { StockUnit } from '../quantity/units';
import type { ResolvedFormula } from '../formula/resolveAmounts';
import type { Evaluation } from './evaluate';
import { strengthShifts, type StrengthShift } from './strengths';

/** One ingredient in two formulas, mL (or g of a powder) to a litre of each; null where it is not in it. */
export interface LineDifference {
  readonly ingredientId: string;
  readonly name: string;
  readonly unit: StockUnit;
  readonly aPerL: number | null;
  readonly bPerL: number | null;
}

/** What differs between two formulas, and what that does. */
export interface Comparison {
  readonly lines: readonly LineDifference[];
  readonly strengths: readonly StrengthShift[];
  /** Findings of only one of the two, by code. */
  readonly onlyA: readonly string[];
  readonly onlyB: readonly string[];
}

interface GramsPerLitre {
  readonly id: string;
  readonly name: string;
  readonly unit: StockUnit;
  readonly perL: number;
}

/** What of each ingredient is in a litre; the same ingredient in two lines counts once. */
function sharesPerL({ portions, batchML }: ResolvedFormula): Map<string, GramsPerLitre> {
  const shares = new Map<string, GramsPerLitre>();
  for (const { ingredient, massG, volumeML } of portions) {
    const powder = ingredient.form === 'powder' || ingredient.form === 'solid';
    const perL = (1000 * (powder ? massG : volumeML)) / batchML;
    const before = shares.get(ingredient.id)?.perL ?? 0;
    shares.set(ingredient.id, {
      id: ingredient.id,
      name: ingredient.name,
      unit: powder ? 'g' : 'mL',
      perL: before + perL,
    });
  }
  return shares;
}

/** Holds two weighed-up formulas side by side, litre for litre. Lines in the order of the first, then of the second. */
export function compare(a: Evaluation, b: Evaluation): Comparison {
  const ofA = sharesPerL(a.resolved);
  const ofB = sharesPerL(b.resolved);
  const lines = [...new Map([...ofB, ...ofA]).values()].map((share): LineDifference => ({
    ingredientId: share.id,
    name: share.name,
    unit: share.unit,
    aPerL: ofA.get(share.id)?.perL ?? null,
    bPerL: ofB.get(share.id)?.perL ?? null,
  }));
  const inA = lines.filter((l) => l.aPerL !== null);
  const codes = (e: Evaluation): string[] => [...new Set(e.findings.map((f) => f.code))];
  return {
    lines: [...inA, ...lines.filter((l) => l.aPerL === null)],
    strengths: strengthShifts(a.state, b.state),
    onlyA: codes(a).filter((c) => !codes(b).includes(c)),
    onlyB: codes(b).filter((c) => !codes(a).includes(c)),
  };
}
