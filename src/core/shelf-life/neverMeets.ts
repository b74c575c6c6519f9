import { ingredientById } from '../catalogue/lookup';
import type { Ingredient } from '../catalogue/ingredient';
import { checkCompatibility } from '../evaluation/compatibility';
import type { Formula } from '../formula/formula';
import { ingredientOfLine } from '../formula/resolveIngredient';

/** What stands about in homes and could meet a bottle: catalogue id, and how a label calls it. */
const ABOUT_THE_HOUSE: readonly (readonly [id: string, words: string])[] = [
  ['chlorine-bleach', 'chlorine bleach'],
  ['household-ammonia', 'ammonia'],
  ['white-vinegar', 'vinegar or any acid'],
  ['hydrogen-peroxide', 'peroxide'],
  ['lye', 'drain opener'],
];

/**
 * What a mixture must never meet, in the words of a label: what would be a danger poured together in
 * the open, and is none without it. Bleach is always named: bought cleaners hold it unseen.
 */
export function neverMeets(formula: Formula): string[] {
  const own = formula.lines.map(ingredientOfLine);
  const dangers = (ingredients: readonly Ingredient[]): number =>
    checkCompatibility(ingredients, 'fresh').findings.filter((f) => f.level === 'danger').length;
  const alone = dangers(own);
  return ABOUT_THE_HOUSE.flatMap(([id, words]) => {
    const other = ingredientById(id);
    if (!other || own.some((i) => i.id === id)) return [];
    return id === 'chlorine-bleach' || dangers([...own, other]) > alone ? [words] : [];
  });
}
