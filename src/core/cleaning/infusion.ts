import { ingredientsWithin } from '../catalogue/lookup';
import { checkCompatibility } from '../evaluation/compatibility';
import type { EvaluationContext } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import type { Finding } from '../findings/finding';
import { STARTER_FORMULAS } from '../formula/starters';
import type { Timer } from './timer';

/** The name of a wait for peel in vinegar, and the formula that it is for once strained. */
export const PEEL_INFUSION = { name: 'Peel in vinegar', formulaId: 'starter-peel' } as const;

const PEEL = STARTER_FORMULAS.find((f) => f.id === PEEL_INFUSION.formulaId);

/**
 * What is a danger in this home of what steeps in a jar: of peel in vinegar as its formula says, of another jar as
 * far as the words for it name what is in it; none where they name nothing that is known.
 */
export function infusionDangers(
  { kind, name, place }: Pick<Timer, 'kind' | 'name' | 'place'>,
  context: EvaluationContext,
): readonly Finding[] {
  if (kind !== 'infusion') return [];
  const ofPeel = name === PEEL_INFUSION.name && PEEL ? evaluate(PEEL, { ...context, scope: PEEL.use }) : null;
  const named = ofPeel ? [] : ingredientsWithin(place);
  const findings = ofPeel?.ok
    ? ofPeel.value.findings
    : named.length > 0
      ? checkCompatibility(named, 'stored', [], context.household).findings
      : [];
  return findings.filter((f) => f.level === 'danger');
}
