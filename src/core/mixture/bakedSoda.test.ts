import { BAKED_YIELD, bakedG, bakedShare, isBaked, isTooLight } from './bakedSoda';

test('100 g of baking soda become 63 g of washing soda (IUPAC atomic masses 2021, worked by hand)', () => {
  // Na 22.990, H 1.008, C 12.011, O 15.999: NaHCO3 84.006, Na2CO3 105.988.
  expect(BAKED_YIELD).toBeCloseTo(105.988 / (2 * 84.006), 4);
  expect(bakedG(100)).toBeCloseTo(63.1, 1);
  expect(bakedG(0)).toBe(0);
});

test('what it weighs says how far it is, and when it is done', () => {
  expect(bakedShare(100, 100)).toBe(0);
  expect(bakedShare(100, 81.5)).toBeCloseTo(0.5, 2);
  expect(bakedShare(100, 63.08)).toBeCloseTo(1, 2);
  // Damp soda loses its damp as well; what was weighed with a spoon on it has not begun.
  expect(bakedShare(100, 55)).toBe(1);
  expect(bakedShare(100, 120)).toBe(0);
  expect([100, 70, 65, 64, 63].map((now) => isBaked(100, now))).toEqual([false, false, false, true, true]);
  expect([63, 61.5, 61, 50].map((now) => isTooLight(100, now))).toEqual([false, false, true, true]);
});
