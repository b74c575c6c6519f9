import { SOILS } from '../catalogue/soils';
import { SURFACES } from '../catalogue/surfaces';
import type { Formula } from './formula';
import { resolveIngredient } from './resolveIngredient';

const texts = new WeakMap<Formula, string>();

/**
 * All that a formula is found by, a name on each line: its own, its job, its ingredients with every name people
 * have for them, the soils and surfaces that it is made for with theirs.
 */
export function searchTextOf(formula: Formula): string {
  const before = texts.get(formula);
  if (before !== undefined) return before;
  const { name, purpose, lines, madeFor } = formula;
  const ingredients = lines.flatMap((line) => {
    const ingredient = resolveIngredient(line.ingredient);
    return [ingredient.name, ...ingredient.names];
  });
  const places = madeFor
    ? [
        ...SOILS.filter((soil) => madeFor.soils.includes(soil.id)),
        ...SURFACES.filter((surface) => madeFor.surfaces.includes(surface.id)),
      ].flatMap((row) => [row.name, ...row.names])
    : [];
  const text = [...new Set([name, purpose, ...ingredients, ...places])].join('\n');
  texts.set(formula, text);
  return text;
}
