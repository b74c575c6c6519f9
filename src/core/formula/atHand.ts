import type { Formula } from './formula';
import { resolveIngredient } from './resolveIngredient';

/**
 * Names of the ingredients that are not in the cupboard. Water from the tap, cold or boiled, always is.
 * @param cupboard ids of the ingredients that are there
 */
export const missingIngredients = (formula: Formula, cupboard: ReadonlySet<string>): string[] =>
  formula.lines.flatMap(({ ingredient: ref }) => {
    const { id, name, water } = resolveIngredient(ref);
    const isThere = water === 'tap' || water === 'boiling' || (ref.kind === 'known' && cupboard.has(id));
    return isThere ? [] : [name];
  });
