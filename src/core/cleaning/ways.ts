import { beyondHere } from '../catalogue/beyond';
import { firstHere } from '../catalogue/firstHere';
import { methodsFor } from '../catalogue/methodsFor';
import type { Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import { usualAreaM2 } from '../catalogue/usualAreas';
import type { EvaluationContext } from '../evaluation/context';
import { evaluate, type Evaluation } from '../evaluation/evaluate';
import { LEAST_MADE_ML, missingIngredients, type PantryItem } from '../stock/pantry';
import type { Formula } from '../formula/formula';
import { isWindows, plainWay, tryCandidate, type Setting } from './attempt';
import type { Air } from './drying';
import type { Joint } from './joints';
import type { Candidate, RuledOut, SupplySource, Ways, WentHere } from './way';
import { byRank } from './wayOrder';

/** What there is to clean with. */
export interface Supplies {
  /** Formulas of the bottles on the shelf. */
  readonly shelf: readonly Formula[];
  /** Formulas that could be made. */
  readonly formulas: readonly Formula[];
  /** What is in the cupboard; null counts everything as there. Water always is. */
  readonly cupboard: readonly PantryItem[] | null;
}

/** The one way with a formula that is at hand and weighed up already, in no place. */
export const candidateOf = (formula: Formula, evaluation: Evaluation): Candidate => ({
  formula,
  evaluation,
  from: 'shelf',
  missing: [],
});

/** Weighs up everything there is to clean with, each formula once, in the scope it is made for. */
export function weighSupplies(supplies: Supplies, context: EvaluationContext): Candidate[] {
  const weighed = (formula: Formula, from: SupplySource, missing: readonly string[]): Candidate[] => {
    const result = evaluate(formula, { ...context, scope: formula.use, surface: null, soil: null });
    return result.ok ? [{ formula, evaluation: result.value, from, missing }] : [];
  };
  return [
    ...supplies.shelf.flatMap((f) => weighed(f, 'shelf', [])),
    ...supplies.formulas.flatMap((f) => {
      const { cupboard } = supplies;
      const missing = cupboard ? missingIngredients(f, cupboard, LEAST_MADE_ML, context.droppers) : [];
      return weighed(
        f,
        missing.length === 0 ? 'cupboard' : missing.length === 1 ? 'one-missing' : 'more-missing',
        missing,
      );
    }),
  ];
}

/** What is known of a place besides its surface. */
export interface PlaceFacts {
  /** What it runs into beside the surface. */
  readonly joints?: readonly Joint[];
  /** m² of the surface, more than 0; the usual one where it is left out. */
  readonly areaM2?: number;
  readonly went?: WentHere;
}

const NEVER_RATED: WentHere = () => null;

const both = (a: string | null, b: string | null): string | null => (a && b ? `${a} ${b}` : (a ?? b));

/**
 * Ways to clean a soil off a surface, the best first: what is done first by those who do it every day, made for
 * this, gone well here before, at hand, least work. Some take no mixture. What will not do is listed with its
 * reason.
 */
export function rankWays(
  candidates: readonly Candidate[],
  surface: Surface,
  soil: Soil,
  context: EvaluationContext,
  air: Air,
  { joints = [], areaM2 = usualAreaM2(surface.id), went = NEVER_RATED }: PlaceFacts = {},
): Ways {
  const methods = methodsFor(surface, soil.id, context.preferences, context.household);
  const setting: Setting = { surface, soil, context, air, joints, went, areaM2 };
  const ways = methods.filter(({ needs }) => !isWindows(needs)).map((method) => plainWay(method, setting));
  const ruledOut: RuledOut[] = [];
  for (const candidate of candidates) {
    const outcome = tryCandidate(candidate, methods, setting);
    if ('because' in outcome) ruledOut.push(outcome);
    else ways.push(...outcome);
  }
  return {
    ways: ways.sort(byRank),
    ruledOut,
    first: firstHere(surface.id, soil),
    beyond: both(beyondHere(surface.id, soil.id), soil.beyond),
  };
}

/** What a mixture at hand does for a pair: the ways that take it, and no others. */
export function waysWith(
  candidate: Candidate,
  surface: Surface,
  soil: Soil,
  context: EvaluationContext,
  air: Air,
  joints: readonly Joint[],
): Ways {
  const all = rankWays([candidate], surface, soil, context, air, { joints });
  return { ...all, ways: all.ways.filter((w) => w.candidate !== null) };
}
