import type { Finding } from '../findings/finding';
import type { Formula } from '../formula/formula';
import type { EvaluationContext } from './context';
import { evaluate } from './evaluate';

/**
 * What is found of a formula because of who lives in the home, and would not be found, or be milder, elsewhere.
 * @param found what is found of it in this context; worked out if left out
 * @returns findings of the same context, the worst first; none where nobody is said to live here
 */
export function becauseOfHousehold(
  formula: Formula,
  context: EvaluationContext,
  found?: readonly Finding[],
): readonly Finding[] {
  if (context.household.length === 0) return [];
  const findingsFor = (household: EvaluationContext['household']): readonly Finding[] => {
    const result = evaluate(formula, { ...context, household });
    return result.ok ? result.value.findings : [];
  };
  const here = (found ?? findingsFor(context.household)).filter((f) => f.level !== 'clear');
  if (here.length === 0) return [];
  const elsewhere = findingsFor([]);
  return here.filter(
    (f) => !elsewhere.some((e) => e.code === f.code && e.level === f.level && e.happens === f.happens),
  );
}
