import type { Trait } from '../catalogue/substances';
import { amountTimes, freeLineId, withLine, withLineChanged, withoutLine } from '../formula/change';
import type { Formula, IngredientRef, Line } from '../formula/formula';
import { ingredientOfLine } from '../formula/resolveIngredient';
import { traitsOfIngredient } from '../mixture/state';
import { midpoint } from '../quantity/range';
import { listOf } from '../text/english';

/** True if what a line brings has a trait. */
export const lineHas = (line: Line, trait: Trait): boolean => traitsOfIngredient(ingredientOfLine(line)).has(trait);
/** Lines that bring any of some traits. */
export const linesWith = (formula: Formula, ...traits: readonly Trait[]): Line[] =>
  formula.lines.filter((l) => traits.some((t) => lineHas(l, t)));
/** What a line's ingredient is called. */
export const lineName = (line: Line): string => ingredientOfLine(line).name;
/** The ingredients of lines in one list, each once. */
export const lineNames = (lines: readonly Line[]): string => listOf([...new Set(lines.map(lineName))]);
/** An ingredient of the catalogue by its id. */
export const knownIngredient = (id: string): IngredientRef => ({ kind: 'known', id });
/** True for what fills the bottle: a liquid that is not dripped in. */
export const isBulk = (line: Line): boolean =>
  ingredientOfLine(line).form === 'liquid' && line.amount.kind !== 'drops' && line.amount.kind !== 'drops-per-100mL';

/** A line given to something else, what was said of the old ingredient alone left behind. */
export function withIngredient(line: Line, ingredient: IngredientRef): Line {
  const { id, amount, also } = line;
  return { id, ingredient, amount, ...(also ? { also } : {}) };
}

/** Lines taken out; water takes the room of liquids, so that what stays keeps its strength. */
export function withoutLines(formula: Formula, lines: readonly Line[]): Formula {
  return lines.reduce(
    (f, l) =>
      isBulk(l)
        ? withLineChanged(f, l.id, (line) => withIngredient(line, knownIngredient('distilled-water')))
        : withoutLine(f, l.id),
    formula,
  );
}

/** Letters that a name may have. */
const MAX_NAME = 80;

/** A name with what tells it apart behind it; a long one is cut after a word. */
export function nameWithMore(name: string, more: string): string {
  const room = MAX_NAME - 2 - more.length;
  const cut = name.length > room ? name.slice(0, room).replace(/\s+\S*$/, '') : name;
  return `${cut}, ${more}`;
}

/** The formula with one line's amount multiplied; of a bulk liquid water takes the room that is freed. */
export function lineTimes(formula: Formula, line: Line, factor: number): Formula {
  const way = factor < 1 ? 'down' : 'up';
  const changed = withLineChanged(formula, line.id, (l) => {
    const { also: _, ...rest } = l;
    return { ...rest, amount: amountTimes(l.amount, factor, way) };
  });
  const fills = formula.lines.some((l) => l.amount.kind === 'to-fill');
  if (factor >= 1 || !isBulk(line) || fills) return changed;
  const water = formula.lines.find((l) => ingredientOfLine(l).water !== null && l.amount.kind === line.amount.kind);
  if (water && 'value' in water.amount && 'value' in line.amount && sameUnit(water, line)) {
    const freed = midpoint(line.amount.value) * (1 - factor);
    const more = (midpoint(water.amount.value) + freed) / Math.max(1e-9, midpoint(water.amount.value));
    return withLineChanged(changed, water.id, (l) => ({ ...l, amount: amountTimes(l.amount, more, 'up') }));
  }
  return withLine(changed, {
    id: freeLineId(changed),
    ingredient: knownIngredient('distilled-water'),
    amount: amountTimes(line.amount, 1 - factor, 'up'),
  });
}

const sameUnit = (a: Line, b: Line): boolean =>
  !('unit' in a.amount) || !('unit' in b.amount) || a.amount.unit === b.amount.unit;
