import type { IngredientForm } from '../catalogue/ingredient';
import { findIngredient, plainName, searchIngredients } from '../catalogue/lookup';
import type { IngredientRef, OwnRef } from '../formula/formula';

/** An ingredient that a search finds: one of the person's own, or of the catalogue. */
export interface FoundIngredient {
  readonly id: string;
  readonly name: string;
  readonly form: IngredientForm;
  readonly ref: IngredientRef;
}

const known = ({ id, name, form }: Omit<FoundIngredient, 'ref'>): FoundIngredient => ({
  id,
  name,
  form,
  ref: { kind: 'known', id },
});
const mine = (ref: OwnRef): FoundIngredient => ({ id: ref.id, name: ref.name, form: ref.form, ref });

/**
 * Ingredients for a search box, the person's own first.
 * @param limit at most so many
 * @param own what the person has described
 */
export function searchWithOwn(text: string, limit: number, own: readonly OwnRef[]): FoundIngredient[] {
  const key = plainName(text);
  const owned = key === '' ? [] : own.filter((o) => plainName(o.name).includes(key)).map(mine);
  return [...owned, ...searchIngredients(text, limit).map(known)].slice(0, limit);
}

/** The one ingredient that a name means for sure; null where it may be several, or none. */
export function namedForSure(text: string, own: readonly OwnRef[]): FoundIngredient | null {
  const key = plainName(text);
  const owned = own.find((o) => plainName(o.name) === key);
  if (owned) return mine(owned);
  const match = findIngredient(text);
  return match.kind === 'exact' ? known(match.ingredient) : null;
}
