import type { Level } from '../findings/finding';
import { withLineChanged } from '../formula/change';
import type { Formula } from '../formula/formula';
import type { Amount } from '../quantity/amount';
import { pointRange, midpoint } from '../quantity/range';
import { evaluate, type Evaluation } from './evaluate';
import type { EvaluationContext } from './context';

/** What a mixture would be with another amount in one line. The amount is in the line's own unit. */
export interface WhatIfPoint {
  readonly amount: number;
  readonly pH: number | null;
  /** mL of gas from a litre of it. */
  readonly gasMLPerL: number;
  /** g undissolved, and of soda or acid left over, in a litre. */
  readonly undissolvedGPerL: number;
  readonly acidLeftMmolPerL: number;
  readonly alkaliLeftMmolPerL: number;
  readonly verdict: Level;
  readonly evaluation: Evaluation;
}

/** How many amounts a sweep takes, from none to {@link SWEEP_TIMES} times the present one. */
const SWEEP_POINTS = 25;
const SWEEP_TIMES = 3;
/** Where the present amount is nothing, the sweep goes to this, in the line's own unit. */
const SWEEP_FROM_NOTHING = 10;

/** The middle of a line's amount in its own unit; null for what has none ("to fill"). */
export function amountNumber(amount: Amount): number | null {
  if (amount.kind === 'to-fill') return null;
  return midpoint(amount.kind === 'vague' ? amount.volumeML : amount.value);
}

/** The same kind and unit of amount with another number. A vague word becomes mL. */
export function amountOf(amount: Amount, number: number): Amount {
  if (amount.kind === 'to-fill') return amount;
  if (amount.kind === 'vague') return { kind: 'volume', value: pointRange(number), unit: 'mL' };
  return { ...amount, value: pointRange(number) };
}

/** The formula with one line at another amount; what the line said a second time goes. */
export const withAmount = (formula: Formula, lineId: string, number: number): Formula =>
  withLineChanged(formula, lineId, ({ also: _, ...line }) => ({ ...line, amount: amountOf(line.amount, number) }));

/** What the formula would be at one amount of a line; null where the amounts cannot be brought together. */
export function whatIfAt(
  formula: Formula,
  lineId: string,
  amount: number,
  context: EvaluationContext,
): WhatIfPoint | null {
  const result = evaluate(withAmount(formula, lineId, amount), context);
  if (!result.ok) return null;
  const { state, verdict } = result.value;
  const litres = state.volumeML / 1000;
  if (litres <= 0) return null;
  return {
    amount,
    pH: state.pH?.value ?? null,
    gasMLPerL: (state.carbonDioxideML + state.oxygenML) / litres,
    undissolvedGPerL: state.undissolvedG / litres,
    acidLeftMmolPerL: (1000 * state.balance.acidLeftMol) / litres,
    alkaliLeftMmolPerL: (1000 * state.balance.alkaliLeftMol) / litres,
    verdict,
    evaluation: result.value,
  };
}

/** The amounts of a sweep: evenly from nothing to three times the present one. */
export function sweepAmounts(present: number): number[] {
  const most = present > 0 ? SWEEP_TIMES * present : SWEEP_FROM_NOTHING;
  return Array.from({ length: SWEEP_POINTS }, (_, i) => (most * i) / (SWEEP_POINTS - 1));
}

/**
 * How pH, strength, leftovers, gas and verdict move with the amount of one line. Amounts at which the
 * formula cannot be brought together are left out; empty for a line that fills up, which has no amount.
 */
export function whatIf(formula: Formula, lineId: string, context: EvaluationContext): WhatIfPoint[] {
  const line = formula.lines.find((l) => l.id === lineId);
  const present = line && amountNumber(line.amount);
  if (present === null || present === undefined) return [];
  return sweepAmounts(present).flatMap((amount) => whatIfAt(formula, lineId, amount, context) ?? []);
}
