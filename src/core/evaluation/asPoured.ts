import type { Formula, Line } from '../formula/formula';
import type { Result } from '../formula/result';
import { ingredientOfLine } from '../formula/resolveIngredient';
import { pointRange } from '../quantity/range';
import { evaluate, type Evaluation } from './evaluate';
import type { EvaluationContext } from './context';
import type { PourPlan } from './pourPlan';

/** mL really poured so far, by the line's id. */
export type PouredSoFar = Readonly<Record<string, number>>;

/** What is planned of a line: mL and g as intended. */
export interface Planned {
  readonly line: Line;
  readonly volumeML: number;
}

/** A difference from the plan of less than this is as good as poured right, percent. */
export const POURED_RIGHT_WITHIN_PERCENT = 5;

/** How far a line is from its plan, percent of it; 0 where it was not planned. */
export const offPercent = (plannedML: number, pouredML: number): number =>
  plannedML > 0 ? (100 * (pouredML - plannedML)) / plannedML : 0;

/** A line at an amount outright: grams of what is solid, mL of the rest. */
export function lineAtVolume(line: Line, volumeML: number): Line {
  const ingredient = ingredientOfLine(line);
  const solid = ingredient.form === 'powder' || ingredient.form === 'solid';
  const { also: _, ...rest } = line;
  return {
    ...rest,
    amount: solid
      ? { kind: 'mass', value: pointRange(volumeML * ingredient.densityGPerML), unit: 'g' }
      : { kind: 'volume', value: pointRange(volumeML), unit: 'mL' },
  };
}

/** The formula as it is in the bottle: what was really poured, and the plan for what is still to come. */
export const formulaAsPoured = (formula: Formula, plan: readonly Planned[], poured: PouredSoFar): Formula => ({
  ...formula,
  makesML: null,
  lines: formula.lines.flatMap((line) => {
    const planned = plan.find((p) => p.line.id === line.id);
    const volumeML = poured[line.id] ?? planned?.volumeML ?? 0;
    return volumeML > 0 ? [lineAtVolume(line, volumeML)] : [];
  }),
});

/** How the rest would have to change so that what was poured is right again. */
export interface Rescaled {
  /** Everything is made so many times as large. */
  readonly times: number;
  readonly batchML: number;
  /** mL still to be poured of each line, in the plan's order; nothing where enough is in. */
  readonly toPour: readonly { readonly lineId: string; readonly volumeML: number }[];
}

/**
 * Makes the whole batch larger (or smaller) so that every line has its share of what was poured most of.
 * Lines that are in already may need a little more.
 */
export function rescaled(plan: Pick<PourPlan, 'lines' | 'batchML'>, poured: PouredSoFar): Rescaled {
  const done = plan.lines.filter((l) => poured[l.line.id] !== undefined && l.volumeML > 0);
  const times = done.length === 0 ? 1 : Math.max(...done.map((l) => (poured[l.line.id] ?? 0) / l.volumeML));
  return {
    times,
    batchML: plan.batchML * times,
    toPour: plan.lines.map((l) => ({
      lineId: l.line.id,
      volumeML: Math.max(0, l.volumeML * times - (poured[l.line.id] ?? 0)),
    })),
  };
}

/** Weighs up what is in the bottle and what is still to come. */
export const evaluateAsPoured = (
  formula: Formula,
  plan: readonly Planned[],
  poured: PouredSoFar,
  context: EvaluationContext,
): Result<Evaluation> => evaluate(formulaAsPoured(formula, plan, poured), { ...context, scope: formula.use });
