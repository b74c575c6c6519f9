import { isAmong } from '../catalogue/placeIds';
import type { AgentWindow, Method } from '../catalogue/methods';
import type { Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import type { Evaluation } from '../evaluation/evaluate';
import type { Formula } from '../formula/formula';
import type { UseForm } from '../catalogue/useForms';
import { agentStrength } from '../mixture/agentStrength';
import { isPaste, mix, type MixtureState } from '../mixture/state';
import { ingredientById } from '../catalogue/lookup';
import { exceeds, isAtLeast } from '../quantity/limit';

/** Whether a formula can be put on as a method does it. */

const LIQUID: readonly UseForm[] = ['cloth', 'spray', 'bucket', 'blot', 'soak', 'fill', 'bag', 'foil', 'pour', 'hand'];
const POWDER: readonly UseForm[] = ['strew', 'absorb', 'air', 'machine'];

/** The forms of a method that a formula of a form goes into: what is in a sprayer is sprayed on a cloth as well, a paste is not sprayed. */
const GOES_INTO: Readonly<Record<UseForm, readonly UseForm[]>> = {
  spray: ['spray', 'cloth', 'blot', 'bag', 'fill'],
  cloth: ['cloth', 'blot', 'bucket'],
  bucket: ['bucket', 'cloth', 'blot'],
  paste: ['paste', 'hand'],
  soak: ['soak', 'fill', 'bag', 'blot', 'cloth'],
  fill: ['fill', 'soak', 'bag', 'cloth'],
  bag: ['bag', 'soak', 'cloth', 'fill'],
  foil: ['foil'],
  blot: ['blot', 'cloth'],
  pour: ['pour'],
  hand: ['hand'],
  strew: POWDER.filter((f) => f !== 'machine'),
  absorb: ['absorb', 'strew'],
  dry: POWDER.filter((f) => f !== 'machine'),
  air: ['air'],
  machine: ['machine'],
  pieces: ['pieces', 'fill'],
  steam: ['steam'],
  heat: ['heat'],
  cold: ['cold'],
};

/** The forms of method that a formula goes into; where nobody said its form, what it is decides. */
export function formsOf(formula: Formula, state: MixtureState): readonly UseForm[] {
  if (formula.form) return GOES_INTO[formula.form];
  if (!state.wet) return POWDER;
  return isPaste(state) ? GOES_INTO.paste : LIQUID;
}

/** What is made for hands or for the air is for no surface; what is made for a bowl is for a bowl alone. */
export function isForSurfaces({ kind }: Formula, { id, group }: Surface): boolean {
  if (kind === 'bowl') return id === 'toilet-bowl';
  if (kind === 'dry-powder') return group === 'cloth';
  return kind === undefined || kind === 'surface';
}

/** True if a formula's own list keeps it off a surface. */
export const isKeptOff = (formula: Formula, surface: Surface): boolean => isAmong(surface, formula.keepOff ?? []);

/** True if a formula is made for this: its own list names the surface and the soil. */
export const isMadeFor = ({ madeFor }: Formula, surface: Surface, soil: Soil): boolean =>
  madeFor !== undefined && isAmong(surface, madeFor.surfaces) && madeFor.soils.includes(soil.id);

/** How near a formula comes to a surface by what it says it is made for. */
export interface Nearness {
  /** True if its own list names the surface. */
  readonly isNamed: boolean;
  /** How many places it names: of what merely fits, what is made for much is the plainer choice. */
  readonly breadth: number;
}

/** How near a formula's own list comes to a surface. */
export const nearnessOf = ({ madeFor }: Formula, surface: Surface): Nearness =>
  madeFor === undefined
    ? { isNamed: false, breadth: 0 }
    : { isNamed: isAmong(surface, madeFor.surfaces), breadth: madeFor.surfaces.length };

/** How a mixture stands to a method's windows. */
export type Fit =
  { readonly fits: true } | { readonly fits: false; readonly window: AgentWindow; readonly strength: number };

/** Whether all that a method asks for is in a mixture, and none of it too strong. */
export function fitOf(windows: readonly AgentWindow[], state: MixtureState): Fit {
  for (const window of windows) {
    const strength = agentStrength(state, window.by);
    if (!isAtLeast(strength, window.from) || exceeds(strength, window.to)) return { fits: false, window, strength };
  }
  return { fits: true };
}

const dosed = new WeakMap<Evaluation, Map<string, MixtureState>>();

/** A mixture as it is in a machine's water: each worked out once. */
export function inItsWater(evaluation: Evaluation, { massG, waterL }: NonNullable<Method['dose']>): MixtureState {
  const known = dosed.get(evaluation) ?? new Map<string, MixtureState>();
  dosed.set(evaluation, known);
  const key = `${massG} ${waterL}`;
  const before = known.get(key);
  if (before) return before;
  const share = evaluation.state.massG > 0 ? massG / evaluation.state.massG : 0;
  const water = ingredientById('water');
  const poured = evaluation.resolved.portions.map((p) => ({
    ingredient: p.ingredient,
    volumeML: p.volumeML * share,
    massG: p.massG * share,
  }));
  const state = mix(
    water
      ? [...poured, { ingredient: water, volumeML: 1000 * waterL, massG: 1000 * waterL * water.densityGPerML }]
      : poured,
  );
  known.set(key, state);
  return state;
}
