import { simulatedScale } from './simulatedScale';
import { Steadiness, type ScaleReading } from './scale';

/** A scale in held time: every step is a tenth of a second. */
function onBench(chance = () => 0.5) {
  let now = 0;
  let tick: () => void = () => undefined;
  const scale = simulatedScale({
    nowMS: () => now,
    every: (_, t) => {
      tick = t;
      return () => (tick = () => undefined);
    },
    chance,
  });
  const seen: ScaleReading[] = [];
  scale.listen((r) => seen.push(r));
  const pass = (ms: number): void => {
    for (let t = 0; t < ms; t += 100) {
      now += 100;
      tick();
    }
  };
  return { scale, seen, pass, last: () => seen.at(-1)?.massG ?? NaN, time: () => now };
}

describe('the simulated scale', () => {
  test('pours at its rate, overshoots by what is in the air, and settles', async () => {
    const { scale, pass, last } = onBench();
    await scale.connect();
    scale.startPour(20);
    pass(5000);
    const whenStopped = last();
    scale.stopPour();
    pass(3000);
    // 5 s at 20 g/s is 100 g, and 0.35 s more fall in.
    expect(last()).toBe(107);
    expect(whenStopped).toBeLessThan(100);
    const rest = last();
    pass(3000);
    expect(last()).toBe(rest);
  });

  test('drifts and trembles by a gram or so, never below nothing', async () => {
    let n = 0;
    const { scale, seen, pass } = onBench(() => (n++ * 0.618034) % 1);
    await scale.connect();
    pass(30_000);
    expect(Math.max(...seen.map((r) => r.massG))).toBeLessThanOrEqual(1);
    expect(Math.min(...seen.map((r) => r.massG))).toBe(0);
  });

  test('is steady once it has stood still, not while it pours', async () => {
    const { scale, seen, pass, time } = onBench();
    const steadiness = new Steadiness();
    const steady: boolean[] = [];
    scale.listen((r) => steady.push(steadiness.see(r, time())));
    await scale.connect();
    pass(1000);
    expect(steady.at(-1)).toBe(true);
    scale.startPour(30);
    pass(2000);
    expect(steady.slice(-10)).not.toContain(true);
    scale.stopPour();
    pass(3000);
    expect(steady.at(-1)).toBe(true);
    scale.disconnect();
    const heard = seen.length;
    pass(500);
    expect(seen).toHaveLength(heard);
  });
});
