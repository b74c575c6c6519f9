import type { Content, Ingredient } from '../catalogue/ingredient';
import { ingredientById } from '../catalogue/lookup';
import { SPOON_SPREAD } from '../quantity/powder';
import type { IngredientRef, Line, OwnRef } from './formula';

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
        ...(ref.bought ? { role: 'bought' } : {}),
        ...(ref.unknown ? { unknown: ref.unknown } : {}),
        ...(ref.warning ? { warning: ref.warning } : {}),
      };
  }
}

/** True if nothing is known of what is in it, or not of all. */
export const isUnknown = (ref: IngredientRef): boolean => holdsUnknown(resolveIngredient(ref));

/** True of a thing of which nothing is known (no contents, and not water), or not all. */
export const holdsUnknown = ({ contents, water, unknown }: Ingredient): boolean =>
  (contents.length === 0 && water === null) || (unknown?.length ?? 0) > 0;

/** An own ingredient with contents at an end of their ranges; null leaves one as it is. */
export const atEnds = (own: OwnRef, endOf: (content: Content) => 'low' | 'high' | null): OwnRef => ({
  ...own,
  contents: own.contents.map((c) => {
    const end = endOf(c);
    return end === null ? c : { ...c, percent: c[end], low: c[end], high: c[end] };
  }),
});

/** The line's ingredient with as much in it as its label allows: for what it may meet. */
export function atStrongest(line: Line): Ingredient {
  const { ingredient } = line;
  return ingredient.kind === 'own' ? resolveIngredient(atEnds(ingredient, () => 'high')) : ingredientOfLine(line);
}

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
