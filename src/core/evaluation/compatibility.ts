import type { HouseholdMember } from '../catalogue/household';
import type { Ingredient } from '../catalogue/ingredient';
import { applyRules, type RuleResult } from '../findings/applyRules';
import type { Finding, Scope } from '../findings/finding';
import { exposureRouteOf, type RoomSize } from '../findings/exposureRoute';
import { ingredientById } from '../catalogue/lookup';
import type { Poured } from '../formula/mixedVolume';
import { mix, type MixtureState } from '../mixture/state';

/** What stands in for "some of each": 100 mL of a liquid, 10 mL of a powder or oil. Any amount gives the same meetings. */
const MEETING_ML = { liquid: 100, powder: 10, solid: 10, oil: 10 } as const;

const someOf = (ingredient: Ingredient): Poured => {
  const volumeML = MEETING_ML[ingredient.form];
  return { ingredient, volumeML, massG: volumeML * ingredient.densityGPerML };
};

const WATER = ingredientById('distilled-water');

const alone = new WeakMap<Ingredient, MixtureState>();

/** A thing by itself, as strong as it comes; a powder as it dissolves. */
function aloneState(ingredient: Ingredient): MixtureState {
  let state = alone.get(ingredient);
  if (!state) {
    const dry = ingredient.form !== 'liquid' && ingredient.form !== 'oil';
    state = mix(dry && WATER ? [someOf(ingredient), someOf(WATER)] : [someOf(ingredient)]);
    alone.set(ingredient, state);
  }
  return state;
}

/** Things together; on a surface and in a drain it is always damp. */
function meetingState(ingredients: readonly Ingredient[], scope: Scope): MixtureState {
  const together = ingredients.map(someOf);
  const state = mix(together);
  const damp = scope === 'sequence' || scope === 'drain';
  return damp && !state.hasWaterPhase && WATER && ingredients.length > 0
    ? { ...mix([...together, someOf(WATER)]), ingredients: state.ingredients }
    : state;
}

/**
 * What happens when things meet: in one bottle, one after another on a surface, in the air of a room, in
 * a drain. For things without amounts; a formula is judged by `evaluate`.
 *
 * @param unknown names that are not known: never clear
 * @param unknownKinds names of which only the kind of product is known
 */
export function checkCompatibility(
  ingredients: readonly Ingredient[],
  scope: Scope,
  unknown: readonly string[] = [],
  household: readonly HouseholdMember[] = [],
  unknownKinds: readonly string[] = [],
  room: RoomSize = 'large',
): RuleResult & { readonly state: MixtureState } {
  const state = meetingState(ingredients, scope);
  const result = applyRules({
    state,
    scope,
    alone: ingredients.map(aloneState),
    // Things kept in one bottle are a formula; things that merely come together are not.
    formula: scope === 'stored',
    amounts: false,
    unknown,
    hazards: [],
    unknownKinds,
    disagreements: [],
    household,
    vessel: null,
    exposure: exposureRouteOf({ form: null, kind: 'surface', vessel: null }, state, scope),
    words: '',
    room,
    soil: null,
  });
  return { ...result, state };
}

/**
 * The dangers of every two of several things. Where nobody knows how much of each there is, a third must not hide
 * what two of them do: there may be less of it than it takes.
 */
export function dangersOfPairs(
  ingredients: readonly Ingredient[],
  ...rest: Parameters<typeof checkCompatibility> extends [unknown, ...infer Rest] ? Rest : never
): readonly Finding[] {
  if (ingredients.length < 3) return [];
  return ingredients.flatMap((a, i) =>
    ingredients
      .slice(i + 1)
      .flatMap((b) => checkCompatibility([a, b], ...rest).findings.filter((f) => f.level === 'danger')),
  );
}
