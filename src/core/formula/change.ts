import type { Ingredient } from '../catalogue/ingredient';
import type { Amount, PercentBasis } from '../quantity/amount';
import { pointRange, scaleRange, type Range } from '../quantity/range';
import type { Formula, Line } from './formula';
import { resolveIngredient } from './resolveIngredient';

/** The same formula with lines changed. Every change gives a new formula; one that changes nothing gives it back. */

/** A line added at its end, or before the line at `at`. */
export const withLine = (formula: Formula, line: Line, at = formula.lines.length): Formula => ({
  ...formula,
  lines: [...formula.lines.slice(0, at), line, ...formula.lines.slice(at)],
});

/** Without the line of this id. */
export const withoutLine = (formula: Formula, id: string): Formula => ({
  ...formula,
  lines: formula.lines.filter((l) => l.id !== id),
});

/** One line replaced by another in its place. */
export const withLineChanged = (formula: Formula, id: string, change: (line: Line) => Line): Formula => ({
  ...formula,
  lines: formula.lines.map((l) => (l.id === id ? change(l) : l)),
});

/** The line of this id moved to another place, counted from 0; beyond either end it stops there. */
export function withLineMoved(formula: Formula, id: string, to: number): Formula {
  const line = formula.lines.find((l) => l.id === id);
  if (!line) return formula;
  const others = formula.lines.filter((l) => l.id !== id);
  const place = Math.max(0, Math.min(others.length, to));
  return { ...formula, lines: [...others.slice(0, place), line, ...others.slice(place)] };
}

/** Two significant figures, rounded down or up: what a person would write. */
export function niceNumber(value: number, way: 'down' | 'up' | 'nearest' = 'nearest'): number {
  if (value <= 0) return 0;
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  const whole = value / step;
  const rounded =
    way === 'down' ? Math.floor(whole + 1e-9) : way === 'up' ? Math.ceil(whole - 1e-9) : Math.round(whole);
  return Number((rounded * step).toPrecision(3));
}

const niceSpan = (range: Range, way: 'down' | 'up' | 'nearest'): Range => ({
  low: niceNumber(range.low, way),
  high: niceNumber(range.high, way),
});

/** An amount multiplied, in its own unit; "to fill" stays as it is. A vague word becomes mL. */
export function amountTimes(amount: Amount, factor: number, way: 'down' | 'up' | 'nearest' = 'nearest'): Amount {
  switch (amount.kind) {
    case 'to-fill':
      return amount;
    case 'vague':
      return { kind: 'volume', value: niceSpan(scaleRange(amount.volumeML, factor), way), unit: 'mL' };
    default:
      return { ...amount, value: niceSpan(scaleRange(amount.value, factor), way) };
  }
}

/** An id for a new line that no line of the formula has. */
export function freeLineId(formula: Formula): string {
  const taken = new Set(formula.lines.map((l) => l.id));
  let n = formula.lines.length + 1;
  while (taken.has(String(n))) n += 1;
  return String(n);
}

/** What is likely meant of an ingredient that is added to a formula: parts among parts, else by its form. */
export function likelyAmount(formula: Formula, ingredient: Pick<Ingredient, 'form'>): Amount {
  if (ingredient.form === 'oil') return { kind: 'drops', value: pointRange(10) };
  if (formula.lines.some((l) => l.amount.kind === 'parts')) return { kind: 'parts', value: pointRange(1) };
  return ingredient.form === 'liquid'
    ? { kind: 'volume', value: pointRange(100), unit: 'mL' }
    : { kind: 'volume', value: pointRange(1), unit: 'tbsp' };
}

/** The basis by which a line's ingredient is usually labelled. */
export function strengthBasisOf(line: Line): PercentBasis {
  const ingredient = resolveIngredient(line.ingredient);
  return ingredient.contents.find((c) => c.substance === ingredient.strengthOf)?.basis ?? 'w/v';
}
