import type { UseForm } from '../catalogue/useForms';
import type { EvaluationContext } from '../evaluation/context';
import { evaluate, type Evaluation } from '../evaluation/evaluate';
import { exposureRouteOf, type ExposureRoute } from '../findings/exposureRoute';
import { becauseOfHousehold } from '../evaluation/becauseOfHousehold';
import type { Candidate } from './way';

/** A candidate by one route into the air. */
interface AsUsed {
  readonly evaluation: Evaluation;
  /** True if something of it is found because of who lives here. */
  readonly bothersHousehold: boolean;
}

const judged = new WeakMap<EvaluationContext, WeakMap<Evaluation, Map<string, AsUsed>>>();

const routeKey = ({ inAir, byHand, throughNozzle, onSkin }: ExposureRoute): string =>
  [inAir, byHand, throughNozzle, onSkin].map(Number).join('');

/**
 * A candidate as a method puts it on: what is sprayed is breathed at its full level, what goes on with a cloth or
 * from a bucket is one level milder. Each route is worked out once in a context.
 */
export function asUsed({ formula, evaluation }: Candidate, form: UseForm, context: EvaluationContext): AsUsed {
  const keyOf = (by: UseForm | null): string =>
    routeKey(
      exposureRouteOf(
        { form: by, kind: formula.kind ?? 'surface', vessel: context.vessel },
        evaluation.state,
        formula.use,
      ),
    );
  const inContext = judged.get(context) ?? new WeakMap<Evaluation, Map<string, AsUsed>>();
  judged.set(context, inContext);
  const byRoute = inContext.get(evaluation) ?? new Map<string, AsUsed>();
  inContext.set(evaluation, byRoute);
  const key = keyOf(form);
  const before = byRoute.get(key);
  if (before) return before;
  const used: EvaluationContext = { ...context, scope: formula.use, surface: null, soil: null, form };
  const isAsJudged = key === keyOf(context.form ?? formula.form ?? null);
  const result = isAsJudged ? null : evaluate(formula, used);
  const found = result?.ok ? result.value : evaluation;
  const made = { evaluation: found, bothersHousehold: becauseOfHousehold(formula, used, found.findings).length > 0 };
  byRoute.set(key, made);
  return made;
}
