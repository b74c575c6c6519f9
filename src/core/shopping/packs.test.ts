import fc from 'fast-check';
import { runs } from '../../testing/runs';
import type { Pack } from '../stock/pantry';
import { cheapestPacks } from './packs';

const pack = (value: number, price: number | null): Pack => ({ value, price, unit: 'mL' });
const counts = (plan: ReturnType<typeof cheapestPacks>): [number, number][] =>
  (plan?.packs ?? []).map((p): [number, number] => [p.value, p.count]).sort((a, b) => a[0] - b[0]);

describe('by hand', () => {
  test('what is needed goes into the bigger pack where it is cheaper by the litre', () => {
    // 1200 mL: two of 1 L are 1.90; three of 500 mL 2.10; 1 L and 500 mL 1.65.
    const plan = cheapestPacks(1200, [pack(500, 0.7), pack(1000, 0.95)]);
    expect([counts(plan), plan?.price, plan?.amount]).toEqual([
      [
        [500, 1],
        [1000, 1],
      ],
      expect.closeTo(1.65, 9),
      1500,
    ]);
  });

  test('two small ones may cost less than a large one, and a large one less than a small one', () => {
    expect(counts(cheapestPacks(400, [pack(250, 1), pack(500, 2.5)]))).toEqual([[250, 2]]);
    expect(counts(cheapestPacks(100, [pack(250, 2), pack(500, 1.5)]))).toEqual([[500, 1]]);
  });

  test('of what costs the same, more is better, then fewer packs', () => {
    expect(counts(cheapestPacks(500, [pack(500, 2), pack(750, 2)]))).toEqual([[750, 1]]);
    expect(counts(cheapestPacks(1000, [pack(250, 1), pack(500, 2), pack(1000, 4)]))).toEqual([[1000, 1]]);
  });

  test('where no price is known they are the fewest, and hold the least', () => {
    const plan = cheapestPacks(900, [pack(500, null), pack(1000, null), pack(5000, null)]);
    expect([counts(plan), plan?.price]).toEqual([[[1000, 1]], null]);
  });

  test('a size without a price is left out where others have one', () =>
    expect(counts(cheapestPacks(900, [pack(500, 3), pack(1000, null)]))).toEqual([[500, 2]]));

  test('exactly a pack is one pack, a hair more is two', () => {
    expect(counts(cheapestPacks(500, [pack(500, 1)]))).toEqual([[500, 1]]);
    expect(counts(cheapestPacks(500.01, [pack(500, 1)]))).toEqual([[500, 2]]);
  });

  test('nothing is bought of what is not needed, or of what no size is known', () => {
    expect(cheapestPacks(0, [pack(500, 1)])).toBeNull();
    expect(cheapestPacks(100, [])).toBeNull();
    expect(cheapestPacks(100, [pack(0.001, 1)])).toBeNull();
    expect(counts(cheapestPacks(100, [pack(0.001, 0.01), pack(60, 1)]))).toEqual([[60, 2]]);
  });

  test('packs by weight cover what is counted by volume', () => {
    // 100 g of a powder of 0.8 g/mL are 125 mL.
    const plan = cheapestPacks(200, [{ value: 100, price: 1, unit: 'g' }], () => 125);
    expect([plan?.packs[0]?.count, plan?.amount]).toEqual([2, 250]);
  });
});

/** Every choice of packs that covers what is needed and from which none can be left out, tried in turn. */
function bruteForce(needed: number, packs: readonly Pack[]): { price: number; amount: number; count: number } | null {
  let best: { price: number; amount: number; count: number } | null = null;
  const tryFrom = (at: number, left: number, price: number, amount: number, count: number): void => {
    if (left <= 1e-9) {
      const better =
        best === null ||
        price < best.price - 1e-9 ||
        (Math.abs(price - best.price) <= 1e-9 &&
          (amount > best.amount + 1e-9 || (Math.abs(amount - best.amount) <= 1e-9 && count < best.count)));
      if (better) best = { price, amount, count };
      return;
    }
    for (let i = at; i < packs.length; i++) {
      const { value, price: cost } = packs[i]!;
      tryFrom(i, left - value, price + (cost ?? 0), amount + value, count + 1);
    }
  };
  tryFrom(0, needed, 0, 0, 0);
  return best;
}

// Prices in whole cents, sizes as they are sold and odd ones.
const packs = fc
  .array(
    fc.record({
      value: fc.oneof(fc.constantFrom(100, 125, 250, 500, 750, 1000), fc.integer({ min: 60, max: 900 })),
      cents: fc.integer({ min: 1, max: 900 }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((all) => all.map(({ value, cents }) => pack(value, cents / 100)));

test('against every choice tried in turn, whatever the sizes and prices', () => {
  fc.assert(
    fc.property(packs, fc.integer({ min: 1, max: 1500 }), (sizes, needed) => {
      const plan = cheapestPacks(needed, sizes)!;
      const best = bruteForce(needed, sizes)!;
      expect(plan.price).toBeCloseTo(best.price, 6);
      expect(plan.amount).toBeCloseTo(best.amount, 6);
      expect(plan.packs.reduce((n, p) => n + p.count, 0)).toBe(best.count);
      expect(plan.packs.reduce((sum, p) => sum + p.count * p.value, 0)).toBeGreaterThanOrEqual(needed);
    }),
    { numRuns: runs(400) },
  );
});

test('of a great many tiny packs it is no table of millions', () => {
  const plan = cheapestPacks(1_000_000, [pack(0.01, 1), pack(0.02, 1.5)]);
  expect(counts(plan)).toEqual([[0.02, 50_000_000]]);
});

test('of much, in packs of odd sizes, it still covers what is needed', () => {
  const plan = cheapestPacks(90_000, [pack(946.35, 3.1), pack(236.59, 1.2), pack(3785.41, 9.9)]);
  expect(plan?.amount).toBeGreaterThanOrEqual(90_000);
  // 24 of the largest hold 90 849.84 for 237.60: no more than that.
  expect(plan?.price).toBeLessThanOrEqual(237.6 + 1e-9);
});
