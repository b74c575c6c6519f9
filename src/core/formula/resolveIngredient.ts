import type { Content, Ingredient } from '../catalogue/ingredient';
import { ingredientById } from '../catalogue/lookup';
import { SPOON_SPREAD } from '../quantity/powder';
import type { IngredientRef, Line } from './formula';

/** An ingredient Biscuit does not know: measured like water, contents not known. */
const unknownIngredient = (name: string): Ingredient => ({
  id: `unknown:${name.toLowerCase()}`,
  name,
  names: [],
  role: 'ingredient',
  form: 'liquid',
  densityGPerML: 1,
  spread: 0,
  contents: [],
  strengthOf: null,
  water: null,
  dropsPerML: null,
  sources: [],
});

/** The ingredient behind a reference. An id that is not in the catalogue any more counts as unknown, never as nothing. */
export function resolveIngredient(ref: IngredientRef): Ingredient {
  switch (ref.kind) {
    case 'known':
      return ingredientById(ref.id) ?? unknownIngredient(ref.id);
    case 'unknown':
      return unknownIngredient(ref.name);
    case 'own':
      return {
        ...unknownIngredient(ref.name),
        id: ref.id,
        form: ref.form,
        densityGPerML: ref.densityGPerML,
        spread: ref.form === 'powder' ? SPOON_SPREAD : 0,
        contents: ref.contents,
      };
  }
}

/** True if nothing is known of what is in it. */
export const isUnknown = (ref: IngredientRef): boolean =>
  ref.kind === 'unknown' || (ref.kind === 'known' && ingredientById(ref.id) === null);

/** The line's ingredient with the strength of the person's own label put in place of the usual one. */
export function ingredientOfLine(line: Line): Ingredient {
  const ingredient = resolveIngredient(line.ingredient);
  const { strength } = line;
  if (!strength || !ingredient.strengthOf) return ingredient;
  const contents = ingredient.contents.map((c): Content =>
    c.substance === ingredient.strengthOf
      ? { ...c, percent: strength.percent, low: strength.percent, high: strength.percent, basis: strength.basis }
      : c,
  );
  return { ...ingredient, contents };
}
