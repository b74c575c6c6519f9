import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { MAX_FILLS, measurePlan } from './measurePlan';
import { toolSet, type Tool } from './tools';
import { unitML } from './units';

const kitchen = toolSet(['cups', 'spoons'], 'us');
const said = (targetML: number, tools = kitchen, tolerance = 2): string =>
  measurePlan(targetML, tools, tolerance)
    ?.measures.map((m) => `${m.count}×${m.name}`)
    .join(' + ') ?? 'none';

describe('the measure plan', () => {
  // Worked by hand from the US cup and spoon of NIST Handbook 44.
  test.each([
    [118, '1×½ cup'],
    [177, '1×½ cup + 1×¼ cup'],
    [37, '2×1 tbsp + 1×1 tsp + 1×½ tsp'],
    [236.6, '1×1 cup'],
    [4.93, '1×1 tsp'],
    [30, '2×1 tbsp'],
  ])('%d mL with US cups and spoons is %s', (targetML, expected) => {
    expect(said(targetML)).toBe(expected);
  });

  test('a jug goes to its nearest mark', () => {
    expect(said(225, toolSet(['jug'], 'us'))).toBe('1×jug to 225 mL');
    expect(measurePlan(230, toolSet(['jug'], 'us'), 5)?.errorPercent).toBeCloseTo((100 * -5) / 230, 6);
  });

  test('what no tool can measure comes as near as there is, and says so', () => {
    const plan = measurePlan(0.4, kitchen, 2);
    expect(plan?.withinTolerance).toBe(false);
    expect(plan?.measures).toEqual([expect.objectContaining({ name: '¼ tsp', count: 1 })]);
    expect(plan?.errorPercent).toBeCloseTo((100 * (unitML('tsp', 'us') / 4 - 0.4)) / 0.4, 6);
  });

  test('a mark is no higher than the jug, and named with its mL', () => {
    expect(said(2500, toolSet(['jug'], 'us'))).toBe('2×jug to 1000 mL + 1×jug to 500 mL');
    expect(measurePlan(50, toolSet(['jug'], 'us'), 2)?.measures[0]).toEqual({
      tool: 'jug@50',
      name: 'jug to 50 mL',
      volumeML: 50,
      count: 1,
    });
    expect(said(7, toolSet(['syringe'], 'us'))).toBe('1×syringe to 7 mL');
  });

  test('of equally near plans of as many fills, the one with fewer tools', () => {
    const tools: Tool[] = [30, 20, 10].map((volumeML) => ({
      kind: 'scoop',
      id: `${volumeML}`,
      name: `${volumeML}`,
      volumeML,
    }));
    expect(said(40, tools, 1)).toBe('2×20');
  });

  test('the tolerance to the letter: at it a plan is near enough, beyond it not', () => {
    const scoop = (volumeML: number): Tool[] => [{ kind: 'scoop', id: 's', name: 's', volumeML }];
    expect(measurePlan(100, scoop(102), 2)?.withinTolerance).toBe(true);
    expect(measurePlan(100, scoop(102.01), 2)?.withinTolerance).toBe(false);
    expect(measurePlan(100, scoop(98), 2)?.withinTolerance).toBe(true);
    expect(measurePlan(100, scoop(97.99), 2)?.withinTolerance).toBe(false);
  });

  test('no more than twelve fills of what is too small', () => {
    const plan = measurePlan(
      1000,
      [
        { kind: 'scoop', id: 's', name: 's', volumeML: 10 },
        { kind: 'scoop', id: 'b', name: 'b', volumeML: 87 },
      ],
      0.1,
    )!;
    const fills = plan.measures.reduce((sum, m) => sum + m.count, 0);
    expect(MAX_FILLS).toBe(12);
    expect(fills).toBeLessThanOrEqual(12);
    // 11 of 87 and one of 40 would be it; 11 of 87 and 1 of 10 stand at 967, 12 of 87 at 1044: the nearer counts.
    expect(plan.volumeML).toBe(967);
    expect(plan.withinTolerance).toBe(false);
  });

  test('without tools, or with nothing to measure, there is no plan', () => {
    expect(measurePlan(100, [], 2)).toBeNull();
    expect(measurePlan(100, toolSet(['scale'], 'us'), 2)).toBeNull();
    expect(measurePlan(0, kitchen, 2)).toBeNull();
  });
});

/** Brute force: every multiset of at most `most` scoops, the fewest within tolerance, or the nearest of all. */
function bruteForce(targetML: number, sizes: readonly number[], tolerance: number, most: number) {
  const allowed = (targetML * tolerance) / 100;
  const best = new Map<number, number>();
  const visit = (from: number, fills: number, sum: number): void => {
    if (fills > 0) best.set(fills, Math.min(best.get(fills) ?? Infinity, Math.abs(sum - targetML)));
    if (fills === most) return;
    for (let i = from; i < sizes.length; i++) visit(i, fills + 1, sum + sizes[i]!);
  };
  visit(0, 0, 0);
  for (let fills = 1; fills <= most; fills++) {
    const error = best.get(fills) ?? Infinity;
    if (error <= allowed + 1e-9) return { fills, error };
  }
  return { fills: null, error: Math.min(...best.values()) };
}

describe('against brute force', () => {
  const scoops = (sizes: readonly number[]): Tool[] =>
    sizes.map((volumeML, i) => ({ kind: 'scoop', id: String(i), name: String(i), volumeML }));

  test('the plan is the fewest fills within tolerance, and the closest of those', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 3, max: 100 }),
        fc.constantFrom(2, 5),
        (sizes, targetML, tolerance) => {
          const most = 6;
          const expected = bruteForce(targetML, sizes, tolerance, most);
          const plan = measurePlan(targetML, scoops(sizes), tolerance)!;
          const fills = plan.measures.reduce((sum, m) => sum + m.count, 0);
          const error = Math.abs(plan.volumeML - targetML);
          if (expected.fills !== null) {
            expect(fills).toBe(expected.fills);
            expect(error).toBeCloseTo(expected.error, 6);
          } else {
            // More fills than brute force went through may come nearer, never farther.
            expect(error).toBeLessThanOrEqual(expected.error + 1e-9);
            expect(fills).toBeLessThanOrEqual(Math.max(MAX_FILLS, Math.ceil(targetML / Math.max(...sizes))));
          }
        },
      ),
      { numRuns: runs(300) },
    );
  });
});
