import { maxFillML, type Vessel } from '../catalogue/vessels';
import { applicationOf, type Application } from '../cleaning/application';
import { perM2Of } from '../cleaning/howMuch';
import type { Evaluation } from '../evaluation/evaluate';
import type { PourTarget } from '../evaluation/pourPlan';
import { coverML, fromWhatThereIs, type Floor, type Have } from '../formula/batchSize';
import { concentrated, dilutedWith, maxTimes } from '../formula/concentrate';
import type { Formula } from '../formula/formula';
import { resolveIngredient } from '../formula/resolveIngredient';

/** How much to make, as the person says it. Numbers that are not given, or no numbers, are NaN. */
export type TargetRequest =
  | { readonly kind: 'fill' }
  | { readonly kind: 'several'; readonly bottles: number }
  | { readonly kind: 'have'; readonly haves: readonly Have[] }
  | { readonly kind: 'concentrate'; readonly times: number }
  | { readonly kind: 'amount'; readonly value: number; readonly unit: 'mL' | 'g' }
  | { readonly kind: 'area'; readonly areaM2: number }
  | { readonly kind: 'cover'; readonly floor: Floor; readonly depthMM: number; readonly displacedML: number };

export type TargetKind = TargetRequest['kind'];

/** How a target was come to, for the words. */
export type TargetBasis =
  | { readonly kind: 'several'; readonly batchML: number; readonly eachML: number; readonly bottles: number }
  | { readonly kind: 'have'; readonly batchML: number; readonly limitedBy: string }
  | {
      readonly kind: 'concentrate';
      readonly times: number;
      readonly maxTimes: number;
      readonly dilutedWith: string;
      readonly makeUpToParts: number;
    }
  | {
      readonly kind: 'area';
      readonly batchML: number;
      readonly areaM2: number;
      readonly application: Application;
      readonly perM2ML: number;
    }
  | { readonly kind: 'amount'; readonly batchML: number; readonly massG: number | null }
  | { readonly kind: 'cover'; readonly batchML: number; readonly depthMM: number };

/** Why there is no target yet: nothing, or no number, was given; it is too much; or what the message says. */
export type TargetProblem =
  | { readonly kind: 'not-given' }
  | { readonly kind: 'too-much'; readonly batchML: number }
  | { readonly kind: 'refused'; readonly message: string };

/** What is made, of what, and how it came to that. */
export interface BatchTarget {
  /** The formula asked about; for a concentrate the stronger one. */
  readonly formula: Formula;
  /** Null where it is simply the bottle full. */
  readonly pourTarget: PourTarget | null;
  /** False where it is made in a tub or jug of any kind: then no bottle is drawn. */
  readonly inBottle: boolean;
  readonly basis: TargetBasis | null;
  readonly problem: TargetProblem | null;
}

/** The most that is planned at once, mL. */
export const MAX_BATCH_ML = 100_000;

/** How many bottles may be filled at once. */
export const BOTTLES_RANGE = { low: 2, high: 50 } as const;

/**
 * Works out how much is to be made. While it cannot be worked out the bottle is full, and `problem` says why.
 * @param evaluation of the formula
 * @param fullML what the vessel takes with its headspace, mL
 */
export function batchTarget(
  request: TargetRequest,
  formula: Formula,
  evaluation: Pick<Evaluation, 'resolved' | 'state'>,
  vessel: Vessel,
  fullML: number,
): BatchTarget {
  const plain: BatchTarget = { formula, pourTarget: null, inBottle: true, basis: null, problem: null };
  const failed = (problem: TargetProblem): BatchTarget => ({ ...plain, problem });
  const notGiven = failed({ kind: 'not-given' });
  const { resolved, state } = evaluation;
  const some = (batchML: number, basis: TargetBasis, inBottle = batchML <= maxFillML(vessel)): BatchTarget => {
    if (!(batchML > 0)) return notGiven;
    if (batchML > MAX_BATCH_ML) return failed({ kind: 'too-much', batchML });
    return { ...plain, pourTarget: { batchML, bottles: 1 }, inBottle, basis };
  };
  switch (request.kind) {
    case 'fill':
      return plain;
    case 'several': {
      const { bottles } = request;
      const allowed = Number.isInteger(bottles) && bottles >= BOTTLES_RANGE.low && bottles <= BOTTLES_RANGE.high;
      if (!allowed) return notGiven;
      const batchML = bottles * fullML;
      if (batchML > MAX_BATCH_ML) return failed({ kind: 'too-much', batchML });
      return {
        ...plain,
        pourTarget: { batchML, bottles },
        basis: { kind: 'several', batchML, eachML: fullML, bottles },
      };
    }
    case 'have': {
      const made = fromWhatThereIs(resolved, request.haves);
      if (!made) return notGiven;
      const limit = formula.lines.find((l) => l.id === made.limitedBy);
      const limitedBy = limit ? resolveIngredient(limit.ingredient).name : '';
      return some(made.batchML, { kind: 'have', batchML: made.batchML, limitedBy });
    }
    case 'concentrate': {
      const { times } = request;
      const made = concentrated(formula, resolved, times);
      if (!made.ok) return failed({ kind: 'refused', message: made.problems[0]?.message ?? '' });
      return {
        ...plain,
        formula: made.value.formula,
        basis: {
          kind: 'concentrate',
          times,
          maxTimes: maxTimes(resolved),
          dilutedWith: dilutedWith(formula),
          makeUpToParts: made.value.makeUpToParts,
        },
      };
    }
    case 'amount': {
      const { value, unit } = request;
      const batchML = unit === 'mL' ? value : (value * state.volumeML) / state.massG;
      return some(batchML, { kind: 'amount', batchML, massG: unit === 'g' ? value : null });
    }
    case 'area': {
      const { areaM2 } = request;
      if (!(areaM2 > 0)) return notGiven;
      const perM2ML = perM2Of(formula, state);
      const batchML = perM2ML * areaM2;
      return some(batchML, { kind: 'area', batchML, areaM2, application: applicationOf(formula, state), perM2ML });
    }
    case 'cover': {
      const { floor, depthMM, displacedML } = request;
      const across = floor.kind === 'round' ? [floor.diameterMM] : [floor.lengthMM, floor.widthMM];
      if (![...across, depthMM].every((mm) => mm > 0) || !(displacedML >= 0)) return notGiven;
      const batchML = coverML(floor, depthMM, displacedML);
      return some(batchML, { kind: 'cover', batchML, depthMM }, false);
    }
  }
}
