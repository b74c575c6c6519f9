import type { Vessel } from '../catalogue/vessels';
import type { WayAmount } from '../cleaning/howMuch';
import type { HomeFacts } from '../evaluation/context';
import type { PourPlan } from '../evaluation/pourPlan';
import type { Formula } from '../formula/formula';
import { scaledPortions } from '../formula/scaledPortions';
import { err, ok, type Result } from '../formula/result';
import type { Droppers } from '../quantity/drops';
import { standsIn, type Batch } from '../shelf-life/batch';
import { costOfPortions, shareOfCost, type Cost } from '../stock/cost';
import { takenBy, type PantryItem, type Taken } from '../stock/pantry';
import { bottlesFor, pouredPortions } from './intoBottles';
import type { IntoUse } from './progress';
import { batchToppedUp, toppedUp } from './topUp';

/** What comes of making: bottles on the shelf, and what went into them. */
export interface Made {
  readonly batches: readonly Batch[];
  /** Bottles that are not among the person's own yet. */
  readonly newVessels: readonly Vessel[];
  /** What stood in the bottles before: emptied for it, or in the new batch by now. */
  readonly before: readonly Batch[];
  /** What was taken from the cupboard. */
  readonly taken: readonly Taken[];
}

/** What a home has that making goes by. */
export interface AroundMaking {
  readonly own: readonly Vessel[];
  readonly batches: readonly Batch[];
  readonly pantry: readonly PantryItem[];
  readonly home: HomeFacts & { readonly roomC: number };
}

interface ToMake {
  /** The bottle on the bench, with an id of its own. */
  readonly vessel: Vessel;
  /** True if it is not among the person's own yet. */
  readonly isNew: boolean;
  readonly plan: PourPlan;
  /** mL really poured of each line, where it was noted. */
  readonly poured: Readonly<Record<string, number>>;
  readonly into: IntoUse | null;
  readonly dwell: string | null;
  readonly madeAt: string;
}

/**
 * What comes of a batch that is all in. Nothing goes onto what stands in a bottle unless it was looked at together.
 *
 * @param batchesIn the batch in so many bottles, as if they were empty
 * @returns a problem, worded for the person, where something stands in the bottle that nobody has spoken of, or that it
 *   must not go onto
 */
export function makeBatches(
  { vessel, isNew, plan, poured, into, dwell, madeAt }: ToMake,
  around: AroundMaking,
  batchesIn: (vessels: readonly Vessel[]) => Batch[],
  newId: () => string,
): Result<Made> {
  const vessels = bottlesFor(plan.bottles, vessel, around.own, around.batches, newId);
  const newVessels = vessels.filter((v) => (v.id === vessel.id ? isNew : !around.own.some((o) => o.id === v.id)));
  const portions = pouredPortions(plan, poured);
  const taken = takenBy(portions, around.pantry);
  const cost = costOfPortions(portions, around.pantry);
  const before = standsIn(vessel.id, around.batches);
  const [onto] = before;
  if (onto && onto.id !== into?.batchId)
    return err({
      where: 'bottle',
      message: `${onto.label.name} stands in ${vessel.name}. Say first whether it is emptied, or topped up.`,
    });
  const batches = sharedOut(batchesIn(vessels), cost);
  const made = batches[0];
  if (!onto || !made || into?.how !== 'top-up') return ok({ batches, newVessels, before, taken });
  const whole = toppedUp(onto, { formula: made.formula, volumeML: made.volumeML }, vessel, around.home, madeAt);
  if (!whole.ok) return whole;
  if (whole.value.evaluation.verdict === 'danger')
    return err({ where: 'bottle', message: `It must not go onto ${onto.label.name}. Take another bottle.` });
  const at = { id: made.id, vessel, roomC: around.home.roomC, dwell, madeAt };
  return ok({ batches: [batchToppedUp(onto, whole.value, at, cost)], newVessels, before, taken });
}

/** What went in, shared out by how much there is in each bottle. */
function sharedOut(batches: readonly Batch[], cost: Cost | null): Batch[] {
  const allML = batches.reduce((sum, b) => sum + b.volumeML, 0);
  return batches.map((b) => (cost === null ? b : { ...b, cost: shareOfCost(cost, b.volumeML / allML) }));
}

/** What comes of a mixture that is used at once: nothing on the shelf. */
export const madeAtOnce = (
  plan: PourPlan,
  poured: Readonly<Record<string, number>>,
  pantry: readonly PantryItem[],
): Made => ({ batches: [], newVessels: [], before: [], taken: takenBy(pouredPortions(plan, poured), pantry) });

/** The same of what was mixed in a bowl for a job, as much as it takes. */
export function madeForJob(
  formula: Formula,
  amount: WayAmount,
  pantry: readonly PantryItem[],
  droppers: Droppers,
): Made {
  const taken = takenBy(scaledPortions(formula, amount, droppers), pantry);
  return { batches: [], newVessels: [], before: [], taken };
}
