import type { Pack } from '../stock/pantry';
import type { PacksBought } from '../stock/purchase';

/** Which packs to buy. */
export interface PackPlan {
  readonly packs: readonly PacksBought[];
  /** What they cost together; null where no price is known: then they are the fewest. */
  readonly price: number | null;
  /** How much they hold together, in the unit of what is needed. */
  readonly amount: number;
}

/** Amounts are told apart to a hundredth of a mL or g, prices to a hundredth of a hundredth. */
const GRAINS = 100;
const PRICE_GRAINS = 10_000;

/** Steps of the table below; what would take more is reckoned in whole mL or g. */
const MOST_STEPS = 1_000_000;

/** Sums of decimals carry a grain of error. */
const GRAIN = 1e-6;

const greatestCommon = (a: number, b: number): number => (b === 0 ? a : greatestCommon(b, a % b));

/** A pack in whole steps. */
interface Sized {
  readonly pack: Pack;
  readonly amount: number;
  readonly steps: number;
  /** In whole grains; 0 where no price counts. */
  readonly price: number;
}

/** Packs in whole steps of a size that all of them are made of; a pack is never taken for more than it holds. */
function inSteps(needed: number, packs: readonly (readonly [Pack, number])[]): { sized: Sized[]; steps: number } {
  const isPriced = packs.some(([p]) => p.price !== null);
  const counted = packs.filter(([p]) => !isPriced || p.price !== null);
  const grainsOf = (per: number): number[] => counted.map(([, amount]) => Math.floor(amount * per + GRAIN));
  const stepOf = (grains: readonly number[]): number => grains.reduce(greatestCommon, 0);
  const fine = grainsOf(GRAINS);
  const whole = grainsOf(1);
  const isFine = (needed * GRAINS) / stepOf(fine) <= MOST_STEPS;
  const per = isFine || whole.includes(0) ? GRAINS : 1;
  const grains = per === GRAINS ? fine : whole;
  const step = stepOf(grains);
  return {
    sized: counted.map(([pack, amount], i) => ({
      pack,
      amount,
      steps: (grains[i] ?? 0) / step,
      price: Math.round((pack.price ?? 0) * PRICE_GRAINS),
    })),
    steps: Math.ceil((needed * per) / step - GRAIN),
  };
}

/**
 * The whole packs that cover what is needed at the least cost, exactly. Of what costs the same, more is better, then
 * fewer packs; where no price is known, fewer packs are better, then less of it. Sizes without a price are left out
 * where others have one. Only of more than a million of them together it is not exact.
 *
 * Each amount from none up to what is needed has its best last pack: an unbounded knapsack that covers, by dynamic
 * programming (Bellman; from memory).
 *
 * @param needed how much, in any unit, 0 or more
 * @param packs what it is sold in
 * @param holds how much one of them holds in that unit, more than 0
 * @returns null where nothing is needed, or no size is known
 */
export function cheapestPacks(
  needed: number,
  packs: readonly Pack[],
  holds: (pack: Pack) => number = (pack) => pack.value,
): PackPlan | null {
  // What holds less than a grain holds nothing.
  const held = packs.map((p) => [p, holds(p)] as const).filter(([, amount]) => amount * GRAINS >= 1);
  if (held.length === 0 || needed <= 0) return null;
  const { sized, steps } = inSteps(needed, held);
  const isPriced = sized.some(({ pack }) => pack.price !== null);
  if (steps > MOST_STEPS) return ofOneSize(needed, sized, isPriced);
  const prices = new Float64Array(steps + 1);
  const counts = new Float64Array(steps + 1);
  const amounts = new Float64Array(steps + 1);
  const last = new Int16Array(steps + 1);
  for (let at = 1; at <= steps; at++) {
    let chosen = -1;
    sized.forEach((size, i) => {
      const before = Math.max(0, at - size.steps);
      const price = (prices[before] ?? 0) + size.price;
      const count = (counts[before] ?? 0) + 1;
      const amount = (amounts[before] ?? 0) + size.steps;
      if (
        chosen >= 0 &&
        !isBetter(isPriced, [price, count, amount], [prices[at] ?? 0, counts[at] ?? 0, amounts[at] ?? 0])
      )
        return;
      chosen = i;
      prices[at] = price;
      counts[at] = count;
      amounts[at] = amount;
    });
    last[at] = chosen;
  }
  const bought = sized.map(() => 0);
  for (let at = steps; at > 0;) {
    const i = last[at] ?? 0;
    bought[i] = (bought[i] ?? 0) + 1;
    at = Math.max(0, at - (sized[i]?.steps ?? at));
  }
  return planOf(sized, bought, isPriced);
}

/** So much of what comes in packs so small that nobody would count them: all of the size that is cheapest by amount. */
function ofOneSize(needed: number, sized: readonly Sized[], isPriced: boolean): PackPlan {
  const rate = ({ price, amount }: Sized): number => price / amount;
  const best = sized.toSorted((a, b) => rate(a) - rate(b) || b.amount - a.amount)[0];
  return planOf(
    sized,
    sized.map((s) => (s === best ? Math.ceil(needed / s.amount) : 0)),
    isPriced,
  );
}

type Totals = readonly [price: number, count: number, amount: number];

function isBetter(isPriced: boolean, a: Totals, b: Totals): boolean {
  const [price, count, amount] = [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
  const order = isPriced ? [price, -amount, count] : [count, amount];
  return (order.find((d) => d !== 0) ?? 0) < 0;
}

function planOf(sized: readonly Sized[], bought: readonly number[], isPriced: boolean): PackPlan {
  const packs = sized.flatMap(({ pack }, i): PacksBought[] => {
    const count = bought[i] ?? 0;
    return count > 0 ? [{ ...pack, count }] : [];
  });
  return {
    packs,
    price: isPriced ? packs.reduce((sum, p) => sum + p.count * (p.price ?? 0), 0) : null,
    amount: sized.reduce((sum, { amount }, i) => sum + amount * (bought[i] ?? 0), 0),
  };
}
