import { whatIsChecked, judge, judgeOnSurface, withFindings, type Judgement } from '../findings/judge';
import { isWorse, type Finding, type Level } from '../findings/finding';
import { applyRule, type Situation } from '../findings/rule';
import { vagueAmount } from '../findings/notSure';
import { disagreements } from '../formula/dualAmount';
import type { Formula, Line } from '../formula/formula';
import { accept, type Outcome } from '../formula/problem';
import { quantify, type Quantified, type Reading } from '../formula/quantify';
import { isUnknown, resolveIngredient } from '../formula/resolve';
import { mix, type MixtureState } from '../mixture/state';
import { isVague } from '../quantity/amount';
import type { Circumstances } from './options';

export interface SurfaceEvaluation {
  readonly id: string;
  readonly name: string;
  readonly verdict: Level;
  readonly findings: readonly Finding[];
}

/** A formula, weighed up. */
export interface Evaluation {
  readonly verdict: Level;
  readonly findings: readonly Finding[];
  readonly state: MixtureState;
  /** The formula worked out at its own natural size. */
  readonly quantified: Quantified;
  readonly surface: SurfaceEvaluation | null;
  /** What was looked for, in a few words each. */
  readonly checked: readonly string[];
}

const lineName = (line: Line): string => resolveIngredient(line.ingredient).name;

function situationOf(formula: Formula, state: MixtureState, at: Circumstances, unread: readonly string[]): Situation {
  return {
    state,
    scope: at.scope,
    formula: true,
    unknown: [...formula.lines.filter((l) => isUnknown(l.ingredient)).map(lineName), ...unread],
    disagreements: disagreements(formula, at.dropsPerML),
  };
}

/** Each vague line at both its ends, the others in the middle; and all of them together at each end. */
function readingsOf(formula: Formula): ((line: Line) => Reading)[] {
  const vague = formula.lines.filter((l) => isVague(l.amount));
  if (vague.length === 0) return [];
  const all = (end: Reading) => () => end;
  const one = (id: string, end: Reading) => (line: Line) => (line.id === id ? end : 'middle');
  return [
    all('low'),
    all('high'),
    ...(vague.length > 1 ? vague.flatMap((l) => [one(l.id, 'low'), one(l.id, 'high')]) : []),
  ];
}

/** Runs a formula at the ends of its vague amounts; the worst judgement holds, and it is said if they differ. */
function judgeAtBothEnds(formula: Formula, middle: Judgement, at: Circumstances, unread: readonly string[]): Judgement {
  let worst = middle;
  let differs = false;
  for (const reading of readingsOf(formula)) {
    const quantified = quantify(formula, at.dropsPerML, reading);
    if (!quantified.ok) continue;
    const state = mix(quantified.value.portions, at.headspacePercent);
    const other = judge(situationOf(formula, state, at, unread));
    if (other.verdict !== middle.verdict) differs = true;
    if (isWorse(other.verdict, worst.verdict)) worst = other;
  }
  if (!differs) return worst;
  const subjects = formula.lines.filter((l) => isVague(l.amount)).map(lineName);
  return withFindings(worst, applyRule(vagueAmount, [...new Set(subjects)], at.scope));
}

/**
 * Weighs up a formula: what it is once mixed, every finding about it, and how a surface takes it. The
 * size does not matter: the same ratios give the same verdict. Vague amounts are run at both ends.
 *
 * @param unread lines of a pasted text that could not be read: they keep a verdict from being clear
 * @returns a problem, worded for the person, if the amounts cannot be brought together
 */
export function evaluate(formula: Formula, at: Circumstances, unread: readonly string[] = []): Outcome<Evaluation> {
  const quantified = quantify(formula, at.dropsPerML);
  if (!quantified.ok) return quantified;
  const state = mix(quantified.value.portions, at.headspacePercent);
  const middle = judge(situationOf(formula, state, at, unread));
  const judgement = judgeAtBothEnds(formula, middle, at, unread);
  const onSurface = at.surface && judgeOnSurface({ state, surface: at.surface, dwellMinutes: at.dwellMinutes });
  return accept({
    ...judgement,
    state,
    quantified: quantified.value,
    surface: at.surface && onSurface ? { id: at.surface.id, name: at.surface.name, ...onSurface } : null,
    checked: whatIsChecked(),
  });
}
