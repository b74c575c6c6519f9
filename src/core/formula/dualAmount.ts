import { statedML, type Amount } from '../quantity/amount';
import { dropsPerMLOf, type Droppers } from '../quantity/drops';
import { midpoint } from '../quantity/range';
import { unitG } from '../quantity/units';
import type { Formula, Line } from './formula';
import { ingredientOfLine } from './resolveIngredient';
import { exceeds } from '../quantity/limit';

/** A line that says its amount twice, differently. Masses in g. */
export interface Disagreement {
  readonly line: Line;
  readonly usedG: number;
  readonly otherG: number;
  /** How far the second amount is from the first, percent of the first. */
  readonly differencePercent: number;
}

/** Two amounts that differ by more than this do not mean the same, percent. */
export const DISAGREE_ABOVE_PERCENT = 15;

/** The middle mass in g that an amount of a line states, or null if it states none. */
function statedG(line: Line, amount: Amount, formula: Formula, droppers: Droppers): number | null {
  if (amount.kind === 'mass') return midpoint(amount.value) * unitG(amount.unit);
  const ingredient = ingredientOfLine(line);
  const volume = statedML(amount, formula.measures, dropsPerMLOf(ingredient, droppers));
  return volume && midpoint(volume) * ingredient.densityGPerML;
}

/** How a line's second amount differs from its first; null if they mean the same, or there is no second. */
export function disagreementOf(line: Line, formula: Formula, droppers: Droppers): Disagreement | null {
  if (!line.also) return null;
  const usedG = statedG(line, line.amount, formula, droppers);
  const otherG = statedG(line, line.also, formula, droppers);
  if (!usedG || !otherG) return null;
  const differencePercent = (100 * Math.abs(otherG - usedG)) / Math.min(usedG, otherG);
  return exceeds(differencePercent, DISAGREE_ABOVE_PERCENT) ? { line, usedG, otherG, differencePercent } : null;
}

/** The lines whose two amounts differ by more than {@link DISAGREE_ABOVE_PERCENT}. The first amount is the one used. */
export const disagreements = (formula: Formula, droppers: Droppers): Disagreement[] =>
  formula.lines.flatMap((line) => disagreementOf(line, formula, droppers) ?? []);
