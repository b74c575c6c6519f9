import type { Ingredient } from '../../catalogue/ingredient';
import { findIngredient, plainName, type NameMatch } from '../../catalogue/lookup';
import type { IngredientRef } from '../formula';
import type { Doubt } from './reading';

const known = (ingredient: Ingredient): IngredientRef => ({ kind: 'known', id: ingredient.id });

export interface Named {
  readonly ref: IngredientRef;
  readonly ingredient: Ingredient | null;
  readonly doubts: readonly Doubt[];
  readonly match: NameMatch['kind'];
}

/** The ingredient that a line's words name. "Castile soap or dish soap" is read as the first, and asked about. */
export function nameOf(words: string): Named {
  const either = words
    .split(/\s+or\s+|\s*\/\s*/i)
    .map((w) => w.trim())
    .filter(Boolean);
  if (either.length > 1) {
    const matches = either
      .map(findIngredient)
      .flatMap((m) => (m.kind === 'exact' || m.kind === 'close' ? [m.ingredient] : []));
    // A bought product among them is judged until the person says otherwise.
    const bought = (i: Ingredient): number => Number(i.role !== 'ingredient');
    const choices = [...new Set(matches)].sort((a, b) => bought(b) - bought(a));
    if (choices[0] && choices.length > 1) {
      return {
        ref: known(choices[0]),
        ingredient: choices[0],
        doubts: [{ kind: 'which-ingredient', choices }],
        match: 'ambiguous',
      };
    }
  }
  const match = findIngredient(words);
  switch (match.kind) {
    case 'exact':
      return { ref: known(match.ingredient), ingredient: match.ingredient, doubts: [], match: 'exact' };
    case 'close': {
      const near = plainName(words).includes(plainName(match.ingredient.name));
      const doubts: Doubt[] = near
        ? []
        : [{ kind: 'spelling', written: words, choices: [match.ingredient, ...match.choices] }];
      return { ref: known(match.ingredient), ingredient: match.ingredient, doubts, match: 'close' };
    }
    case 'ambiguous': {
      const first = match.choices[0];
      return {
        ref: first ? known(first) : { kind: 'unknown', name: words },
        ingredient: first ?? null,
        doubts: [{ kind: 'which-ingredient', choices: match.choices }],
        match: 'ambiguous',
      };
    }
    case 'none':
      return {
        ref: { kind: 'unknown', name: words },
        ingredient: null,
        doubts: [{ kind: 'unknown-ingredient', written: words }],
        match: 'none',
      };
  }
}
