import fc from 'fast-check';
import fzero from 'fzero';
import { rootOfRising } from './root';

describe('the root of a rising function', () => {
  test('agrees with the package fzero (ACM algorithm 748)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5, noNaN: true }),
        fc.double({ min: 0.001, max: 50, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        (power, slope, shift) => {
          // At a root of exactly zero the package's decimals now and then give up ("not bracketed").
          fc.pre(Math.abs(shift) > 1e-6);
          const f = (x: number): number => Math.sign(x) * Math.abs(x) ** power + slope * x - shift;
          const ours = rootOfRising(f, -100, 90, 1e-9);
          const { solution } = fzero((x) => f(Number(x)).toExponential(17), [-100, 90]);
          expect(Math.abs(ours - Number(solution))).toBeLessThan(1e-5);
          // And closer than that package goes: the function changes its sign there.
          expect(f(ours - 2e-9)).toBeLessThanOrEqual(0);
          expect(f(ours + 2e-9)).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 200 },
    );
  });

  test('takes few steps, even where the function is nearly flat on one side', () => {
    let steps = 0;
    const root = rootOfRising((x) => (steps++, Math.exp(20 * x) - 5), -10, 10, 1e-9);
    expect(root).toBeCloseTo(Math.log(5) / 20, 8);
    expect(steps).toBeLessThan(80);
  });

  test('without a root inside, the nearer end', () => {
    expect(rootOfRising((x) => x + 5, 0, 1, 1e-9)).toBe(0);
    expect(rootOfRising((x) => x - 5, 0, 1, 1e-9)).toBe(1);
  });
});
