import { HOUSEHOLD_MEMBERS } from '../catalogue/household';
import { becauseOfHousehold } from '../evaluation/becauseOfHousehold';
import { contextIn, type HomeFacts } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { firstAidFor, FIRST_STEPS } from '../findings/firstAid';
import type { Batch } from '../shelf-life/batch';

/** What somebody must be told who gets a bottle and knows nothing of it, beside its label. */
export interface HandedOn {
  /** Whom it is no good for: what would be a danger where they live. */
  readonly notFor: readonly string[];
  /** What else is to be minded where someone lives who may. */
  readonly mind: readonly string[];
  /** What to do first after an accident with it. */
  readonly firstAid: readonly { readonly after: string; readonly steps: readonly string[] }[];
}

/**
 * What goes with a bottle that is given away. Who lives where it goes is not known: it is judged as if everyone did who
 * may mind it.
 */
export function handedOn({ formula, vessel, label }: Batch, home: HomeFacts): HandedOn {
  const context = contextIn(vessel, formula.use, { ...home, lives: HOUSEHOLD_MEMBERS });
  const because = becauseOfHousehold(formula, context).filter((f) => !label.cautions.includes(f.happens));
  const result = evaluate(formula, contextIn(vessel, formula.use, { ...home, lives: [] }));
  const accidents = firstAidFor(result.ok ? result.value.findings : []);
  const saying = (isDanger: boolean): string[] => [
    ...new Set(because.filter((f) => (f.level === 'danger') === isDanger).map((f) => f.happens)),
  ];
  return { notFor: saying(true), mind: saying(false), firstAid: accidents.map((a) => FIRST_STEPS[a]) };
}
