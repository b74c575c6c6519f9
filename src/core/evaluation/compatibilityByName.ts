import { combinationsOf } from './combinations';
import type { HouseholdMember } from '../catalogue/household';
import type { Ingredient } from '../catalogue/ingredient';
import { findIngredient, ingredientById } from '../catalogue/lookup';
import { isWorse, type Scope } from '../findings/finding';
import type { RoomSize } from '../findings/exposureRoute';
import { withFindings, type RuleResult } from '../findings/applyRules';
import type { MixtureState } from '../mixture/state';
import { dangersOfPairs, checkCompatibility } from './compatibility';

/** What a name may stand for where two things meet. */
export interface PossibleIngredients {
  readonly name: string;
  /** None if the name is not known; the first is the most likely. */
  readonly choices: readonly Ingredient[];
  /** False where the name was not wholly understood: then nothing can be promised. */
  readonly understood: boolean;
  /** True for a product that could be of either kind, or a thing of which only the class is known. */
  readonly unknownKind: boolean;
}

/** What a name or an id may stand for. A name that is only close is never taken for sure. */
export function possibleIngredientsFor(name: string): PossibleIngredients {
  const byId = ingredientById(name);
  const match = byId ? ({ kind: 'exact', ingredient: byId } as const) : findIngredient(name);
  switch (match.kind) {
    case 'exact':
      return { name, choices: [match.ingredient], understood: true, unknownKind: false };
    case 'asked':
      return {
        name,
        choices: match.choices,
        understood: match.because !== 'spelling' && match.because !== 'other-words',
        unknownKind: match.because === 'unknown-kind' || match.because === 'unknown-class',
      };
    case 'none':
      return { name, choices: [], understood: false, unknownKind: false };
  }
}

/**
 * What a described thing may be besides, by its name: somebody who writes "bleach" on a bottle may mean bleach, whatever
 * they took its label to say. Nothing where the name is not that of one thing.
 */
export function alsoByName(name: string): readonly (readonly Ingredient[])[] {
  const match = findIngredient(name);
  return match.kind === 'exact' ? [[match.ingredient]] : [];
}

/**
 * What happens when things meet that are known by name alone: judged as the worst of what the names may mean,
 * with every danger of any of them.
 */
export function checkCompatibilityByName(
  names: readonly string[],
  scope: Scope,
  household: readonly HouseholdMember[] = [],
  room: RoomSize = 'large',
): RuleResult & { readonly state: MixtureState; readonly likely: readonly Ingredient[] } {
  const things = names.map(possibleIngredientsFor);
  const unknown = things.filter((t) => !t.understood).map((t) => t.name);
  const kinds = things.filter((t) => t.unknownKind).map((t) => t.name);
  const judged = combinationsOf(things.map((t) => t.choices)).map((together) => ({
    together,
    ...checkCompatibility(together, scope, unknown, household, kinds, room),
  }));
  const first = judged[0] ?? { together: [], ...checkCompatibility([], scope, unknown, household, kinds, room) };
  const worst = judged.reduce((w, j) => (isWorse(j.verdict, w.verdict) ? j : w), first);
  const codes = new Set(worst.findings.map((f) => f.code));
  const pairs = judged.flatMap((j) => dangersOfPairs(j.together, scope, [], household, [], room));
  const more = [...judged.flatMap((j) => j.findings), ...pairs].filter(
    (f) => f.level === 'danger' && !codes.has(f.code) && codes.add(f.code),
  );
  return { ...withFindings(worst, more), state: first.state, likely: first.together };
}
