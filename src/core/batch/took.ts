import type { JobPart } from '../cleaning/job';
import type { Took } from '../cleaning/logEntry';
import { scaledPortions } from '../formula/scaledPortions';
import type { Droppers } from '../quantity/drops';
import type { Batch } from '../shelf-life/batch';
import { costOfPortions, shareOfCost } from '../stock/cost';
import type { PantryItem } from '../stock/pantry';

/**
 * How much a part of a job took, for the log, and what it cost: by what its bottle cost when it was made, or by the
 * packs in the cupboard where it was made for the job.
 * @param bottle that it came out of; null where it was made for the job
 * @returns null where it took no mixture, or nobody knows how much
 */
export function tookOf(
  { formula, amount, usesML }: Pick<JobPart, 'formula' | 'amount' | 'usesML'>,
  bottle: Batch | null,
  pantry: readonly PantryItem[],
  droppers: Droppers,
): Took | null {
  if (!formula) return null;
  if (bottle && usesML !== undefined)
    return {
      volumeML: usesML,
      massG: null,
      cost: bottle.cost ? shareOfCost(bottle.cost, usesML / bottle.volumeML) : null,
    };
  if (!amount) return null;
  const { volumeML, massG } = amount;
  return { volumeML, massG, cost: costOfPortions(scaledPortions(formula, amount, droppers), pantry) };
}
