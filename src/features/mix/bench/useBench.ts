import { useMemo } from 'react';
import {
  candidateOf,
  contextIn,
  evaluate,
  evaluateAt,
  fullML,
  jointsOf,
  planPour,
  waysWith,
  toolSet,
  type Evaluation,
  type EvaluationContext,
  type Formula,
  type PourPlan,
  type Result,
  type Soil,
  type Surface,
  type Vessel,
  type Ways,
} from '@/core';
import { batchTarget, type BatchTarget, type TargetRequest } from '@/core/doors/bench';
import { useSettings } from '@/data';
import { requestOf, type TargetChoice } from './targetChoice';

/** Where a mixture is to be used; nothing of it need be known. */
export interface UsePlace {
  readonly surface: Surface | null;
  readonly soil: Soil | null;
  readonly dwellMinutes: number | null;
}

export interface BenchResult {
  readonly target: BatchTarget;
  readonly context: EvaluationContext;
  readonly outcome: Result<{ readonly evaluation: Evaluation; readonly plan: PourPlan }>;
  /** The way with it on the surface for the soil, or why there is none; null where either is not chosen. */
  readonly ways: Ways | null;
}

/** The bottle full is what goes onto what stays in it. */
const upFrom = (request: TargetRequest, vessel: Vessel, inItML: number): TargetRequest =>
  request.kind === 'fill' && inItML > 0
    ? { kind: 'amount', value: Math.max(0, fullML(vessel) - inItML), unit: 'mL' }
    : request;

/**
 * Weighs up a formula in a bottle with the person's tools, in their home: each step once, and anew only when
 * what it depends on changes.
 * @param inItML what stays in the bottle, mL: it is filled up from there
 */
export function useBench(
  formula: Formula,
  vessel: Vessel,
  place: UsePlace,
  choice: TargetChoice,
  inItML: number,
): BenchResult {
  const settings = useSettings();
  const { surface, soil, dwellMinutes } = place;
  const anywhere = useMemo(() => contextIn(vessel, formula.use, settings), [vessel, formula.use, settings]);
  const asked = useMemo(() => evaluate(formula, anywhere), [formula, anywhere]);
  const target = useMemo(
    (): BatchTarget =>
      asked.ok
        ? batchTarget(upFrom(requestOf(choice, formula), vessel, inItML), formula, asked.value, vessel, fullML(vessel))
        : { formula, pourTarget: null, inBottle: true, basis: null, problem: null },
    [choice, formula, asked, vessel, inItML],
  );
  const made = target.formula;
  const weighed = useMemo(
    () => (made === formula ? asked : evaluate(made, anywhere)),
    [made, formula, asked, anywhere],
  );
  const context = useMemo(
    (): EvaluationContext => ({ ...anywhere, surface, soil, dwellMinutes }),
    [anywhere, surface, soil, dwellMinutes],
  );
  const evaluation = useMemo(
    () => (weighed.ok ? evaluateAt(made, weighed.value, context) : weighed),
    [made, weighed, context],
  );
  const { pourTarget } = target;
  const tools = useMemo(() => toolSet(settings.tools, settings.cup), [settings.tools, settings.cup]);
  const plan = useMemo(
    () => (weighed.ok ? planPour(made, weighed.value, vessel, tools, anywhere, pourTarget) : null),
    [made, weighed, vessel, tools, anywhere, pourTarget],
  );
  const outcome = useMemo(
    (): BenchResult['outcome'] =>
      evaluation.ok && plan
        ? { ok: true, value: { evaluation: evaluation.value, plan } }
        : { ok: false, problems: evaluation.ok ? [] : evaluation.problems },
    [evaluation, plan],
  );
  const ways = useMemo(
    () =>
      surface && soil && weighed.ok
        ? waysWith(candidateOf(made, weighed.value), surface, soil, anywhere, settings, jointsOf(surface.id, []))
        : null,
    [made, weighed, surface, soil, anywhere, settings],
  );
  return { target, context, outcome, ways };
}
