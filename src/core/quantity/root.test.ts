import fc from 'fast-check';
import { runs } from '../../testing/runs';
import fzero from 'fzero';
import { rootOfRising } from './root';

describe('the root of a rising function', () => {
  /** A rising function with its root between -100 and 90. */
  const rising = fc
    .tuple(
      fc.double({ min: 1, max: 5, noNaN: true }),
      fc.double({ min: 0.001, max: 50, noNaN: true }),
      fc.double({ min: -1, max: 1, noNaN: true }),
    )
    // At a root of exactly zero the package's decimals now and then give up ("not bracketed").
    .filter(([, , shift]) => Math.abs(shift) > 1e-6)
    .map(
      ([power, slope, shift]) =>
        (x: number): number =>
          Math.sign(x) * Math.abs(x) ** power + slope * x - shift,
    );

  test('agrees with the package fzero (ACM algorithm 748)', () => {
    fc.assert(
      fc.property(rising, (f) => {
        const { solution } = fzero((x) => f(Number(x)).toExponential(17), [-100, 90]);
        expect(Math.abs(rootOfRising(f, -100, 90, 1e-9) - Number(solution))).toBeLessThan(1e-5);
      }),
      // The package's long numbers are slow; every run draws others.
      { numRuns: runs(20) },
    );
  });

  test('the function changes its sign there, closer than that package goes', () => {
    fc.assert(
      fc.property(rising, (f) => {
        const ours = rootOfRising(f, -100, 90, 1e-9);
        expect(f(ours - 2e-9)).toBeLessThanOrEqual(0);
        expect(f(ours + 2e-9)).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: runs(500) },
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
