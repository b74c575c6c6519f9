import { HOUSEHOLD_MEMBERS } from '../catalogue/household';
import { becauseOfHousehold } from '../evaluation/becauseOfHousehold';
import { contextIn, type HomeFacts } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { firstAidFor, FIRST_STEPS } from '../findings/firstAid';
import type { Batch } from '../shelf-life/batch';
import { labelOf } from '../shelf-life/label';

/** What somebody must be told who gets a bottle and knows nothing of it, beside its label. */
export interface HandedOn {
  /** What is to be minded wherever it goes. */
  readonly cautions: readonly string[];
  /** Whom it is no good for: what would be a danger where they live. */
  readonly notFor: readonly string[];
  /** What else is to be minded where someone lives who may. */
  readonly mind: readonly string[];
  /** What to do first after an accident with it. */
  readonly firstAid: readonly { readonly after: string; readonly steps: readonly string[] }[];
}

/** As it is said at home: on a card it is of no home in particular. */
const OF_OURS = /^Not in this home: /;

/**
 * What goes with a bottle that is given away. Who lives where it goes is not known: it is judged as if everyone did who
 * may mind it.
 */
export function handedOn({ formula, vessel, label }: Batch, home: HomeFacts): HandedOn {
  const contextFor = (lives: HomeFacts['lives']) => contextIn(vessel, formula.use, { ...home, lives });
  const because = becauseOfHousehold(formula, contextFor(HOUSEHOLD_MEMBERS));
  const result = evaluate(formula, contextFor([]));
  const findings = result.ok ? result.value.findings : [];
  const saying = (isDanger: boolean): string[] => [
    ...new Set(because.filter((f) => (f.level === 'danger') === isDanger).map((f) => f.happens)),
  ];
  return {
    cautions: result.ok ? labelOf(formula, result.value).cautions : label.cautions,
    notFor: saying(true).map((words) => words.replace(OF_OURS, '')),
    mind: saying(false),
    firstAid: firstAidFor(findings).map((a) => FIRST_STEPS[a]),
  };
}
