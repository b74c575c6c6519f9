import type { Finding } from '../findings/finding';
import type { Formula } from '../formula/formula';
import { resolveIngredient } from '../formula/resolveIngredient';
import type { Evaluation } from '../evaluation/evaluate';
import { STRENGTH_NAMES, strengthsOf, type StrengthKey } from '../evaluation/strengths';
import type { MixtureState } from '../mixture/state';
import { neverMeets } from './neverMeets';
import { shelfLife, storageAdvice, DEFAULT_STORAGE, type StorageConditions, type ShelfLife } from './shelfLife';
import { isAtLeast, exceeds } from '../quantity/limit';

/** What a batch's label says: the same on screen and printed. */
export interface LabelContent {
  readonly name: string;
  readonly purpose: string;
  readonly never: string;
  /** Ingredients, the most by mass first. */
  readonly contents: readonly string[];
  /** Strengths in the finished bottle worth knowing. */
  readonly strengths: readonly { readonly of: string; readonly percent: number; readonly basis: 'w/v' | 'v/v' }[];
  readonly cautions: readonly string[];
  readonly keeps: ShelfLife;
  /** How to keep it; not on labels made before this was said. */
  readonly storage?: readonly string[];
  readonly shake: boolean;
  /** How it is used, and how long it stays on. These three are not on labels made before they were asked. */
  readonly how?: string;
  readonly dwell?: string;
  /** What must never come together with it. */
  readonly neverMeets?: readonly string[];
}

/** Weaker than this is not worth a line on the label, percent. */
const REPORT_FROM_PERCENT = 0.05;

/** Undissolved solid in g per litre above which the label says to shake. */
const SETTLES_ABOVE_G_PER_L = 1;

const OF_LABEL: readonly Finding['level'][] = ['danger', 'defeats', 'caution'];

/** Strengths that a label does not name: what is in it is said by its ingredients. */
const NOT_ON_LABEL: readonly StrengthKey[] = ['surfactant', 'essential-oil'];

const strengthsOnLabel = (state: MixtureState): LabelContent['strengths'] =>
  strengthsOf(state).flatMap(({ key, value, unit }) => {
    const percent = unit === 'g/L' ? value / 10 : value;
    if (NOT_ON_LABEL.includes(key) || !isAtLeast(percent, REPORT_FROM_PERCENT)) return [];
    return [{ of: STRENGTH_NAMES[key], percent, basis: unit === '% v/v' ? ('v/v' as const) : ('w/v' as const) }];
  });

/**
 * What must stand on the bottle, from the formula and what was found about it.
 * @param dwell how long it stays on where it is meant to go; null if that is not known
 */
export function labelOf(
  formula: Formula,
  evaluation: Evaluation,
  kept: Omit<StorageConditions, 'use'> = DEFAULT_STORAGE,
  dwell: string | null = null,
): LabelContent {
  const how: StorageConditions = { ...kept, use: formula.use };
  const { state } = evaluation;
  const byMass = [...evaluation.resolved.portions].sort((a, b) => b.massG - a.massG);
  const oily = state.essentialOilPercentVV > 0;
  const settles = state.volumeML > 0 && exceeds(state.undissolvedG / (state.volumeML / 1000), SETTLES_ABOVE_G_PER_L);
  return {
    name: formula.name,
    purpose: formula.purpose,
    never: formula.never,
    contents: [...new Set(byMass.map((p) => resolveIngredient(p.line.ingredient).name))],
    strengths: strengthsOnLabel(state),
    cautions: evaluation.findings.filter((f) => OF_LABEL.includes(f.level)).map((f) => f.happens),
    keeps: shelfLife(state, how),
    storage: storageAdvice(state, how),
    shake: oily || settles,
    ...(formula.how ? { how: formula.how } : {}),
    ...(dwell ? { dwell } : {}),
    neverMeets: neverMeets(formula),
  };
}
