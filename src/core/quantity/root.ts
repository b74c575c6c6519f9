/** The furthest a search goes; more steps than this would be our own mistake. */
const MAX_STEPS = 200;

/**
 * The x between `low` and `high` at which a rising function reaches zero: regula falsi with the Illinois
 * step, which halves the weight of an end that stays, so it closes from both sides and cannot leave the
 * bracket. Where the function does not cross zero inside, the nearer end.
 *
 * Source: Dowell and Jarratt, BIT 11 (1971) 168, the modified regula falsi (from memory).
 * @param tolerance how close in x the answer has to be, more than 0
 */
export function rootOfRising(rising: (x: number) => number, low: number, high: number, tolerance: number): number {
  let a = low;
  let b = high;
  let fa = rising(a);
  if (fa >= 0) return a;
  let fb = rising(b);
  if (fb <= 0) return b;
  let stayed: 'low' | 'high' | null = null;
  for (let step = 0; step < MAX_STEPS && b - a > tolerance; step++) {
    // Every fourth step halves the bracket, so that no shape of function can hold the search up.
    const x = step % 4 === 3 ? (a + b) / 2 : a + ((b - a) * -fa) / (fb - fa);
    const fx = rising(x);
    if (fx === 0) return x;
    if (fx < 0) {
      if (b - x <= tolerance / 2) return x;
      a = x;
      fa = fx;
      if (stayed === 'high') fb /= 2;
      stayed = 'high';
    } else {
      if (x - a <= tolerance / 2) return x;
      b = x;
      fb = fx;
      if (stayed === 'low') fa /= 2;
      stayed = 'low';
    }
  }
  return (a + b) / 2;
}
