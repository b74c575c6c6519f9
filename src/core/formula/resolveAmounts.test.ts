import fc from 'fast-check';
import type { Amount } from '../quantity/amount';
import { pointRange } from '../quantity/range';
import type { Formula, Line } from './formula';
import { disagreements } from './dualAmount';
import { fillML, resolveAmounts, scaleTo } from './resolveAmounts';

const CUP_ML = 236.5882365;

const line = (id: string, amount: Amount, more: Partial<Line> = {}): Line => ({
  id: `${id}-${JSON.stringify(amount).length}`,
  ingredient: { kind: 'known', id },
  amount,
  ...more,
});
const formula = (lines: Line[], more: Partial<Formula> = {}): Formula => ({
  id: 'f',
  name: 'F',
  purpose: '',
  never: '',
  use: 'stored',
  measures: 'us',
  makesML: null,
  lines: lines.map((l, i) => ({ ...l, id: String(i + 1) })),
  ...more,
});
const cups = (n: number): Amount => ({ kind: 'volume', value: pointRange(n), unit: 'cup' });
const parts = (n: number): Amount => ({ kind: 'parts', value: pointRange(n) });
const percent = (n: number, basis: 'v/v' | 'w/v' | 'w/w' = 'v/v'): Amount => ({
  kind: 'percent',
  value: pointRange(n),
  basis,
});
const drops = (n: number): Amount => ({ kind: 'drops', value: pointRange(n) });
const fill: Amount = { kind: 'to-fill' };

function worked(f: Formula) {
  const result = resolveAmounts(f, 20);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
}
const volumes = (f: Formula): number[] => worked(f).portions.map((p) => p.volumeML);

describe('amounts worked out', () => {
  test('fixed amounts stand as written', () => {
    const q = worked(formula([line('white-vinegar', cups(1)), line('water', cups(0.5))]));
    expect(q.batchML).toBeCloseTo(1.5 * CUP_ML, 4);
    expect(q.portions[0]?.massG).toBeCloseTo(CUP_ML * 1.005, 3);
  });

  test('parts share out what it makes', () => {
    const [vinegar, water] = volumes(
      formula([line('white-vinegar', parts(1)), line('water', parts(4))], { makesML: 500 }),
    );
    expect(vinegar).toBeCloseTo(100, 3);
    expect(water).toBeCloseTo(400, 3);
  });

  test('parts beside drops: the drops are taken off first', () => {
    const f = formula([line('white-vinegar', parts(1)), line('water', parts(1)), line('tea-tree-oil', drops(20))], {
      makesML: 501,
    });
    expect(volumes(f)).toEqual([expect.closeTo(250, 3), expect.closeTo(250, 3), 1]);
    expect(worked(f).assumedBatch).toBe(false);
    expect(worked({ ...f, makesML: null }).assumedBatch).toBe(true);
  });

  test('one line fills up the rest', () => {
    expect(volumes(formula([line('castile-soap', percent(4)), line('water', fill)], { makesML: 500 }))).toEqual([
      20,
      expect.closeTo(480, 3),
    ]);
  });

  test('percent of mass, of volume, and grams per litre', () => {
    const [acid] = worked(
      formula([line('citric-acid', { kind: 'grams-per-litre', value: pointRange(50) }), line('water', fill)], {
        makesML: 400,
      }),
    ).portions;
    expect(acid?.massG).toBeCloseTo(20, 6);
    const [ww] = worked(
      formula([line('citric-acid', percent(10, 'w/w')), line('water', fill)], { makesML: 1000 }),
    ).portions;
    const whole = worked(
      formula([line('citric-acid', percent(10, 'w/w')), line('water', fill)], { makesML: 1000 }),
    ).portions.reduce((s, p) => s + p.massG, 0);
    expect((ww?.massG ?? 0) / whole).toBeCloseTo(0.1, 3);
  });

  test('drops per 100 mL grow with the bottle', () => {
    const f = formula([line('water', fill), line('lavender-oil', { kind: 'drops-per-100mL', value: pointRange(3) })], {
      makesML: 1000,
    });
    expect(volumes(f)[1]).toBeCloseTo(30 / 20, 6);
  });

  // 2 tablespoons (27.6 g) of soda in 500 mL must not raise it by 30 mL: NaHCO3 takes 23 cm³/mol dissolved.
  test('dissolved salts take their apparent molar volume, not their bulk', () => {
    const q = worked(
      formula([
        line('water', { kind: 'volume', value: pointRange(500), unit: 'mL' }),
        line('baking-soda', { kind: 'volume', value: pointRange(2), unit: 'tbsp' }),
      ]),
    );
    expect(q.batchML - 500).toBeCloseTo((27.6 / 84.007) * 23, 1);
  });

  test('what it comes to when amounts do not go together is said in words', () => {
    const problem = (f: Formula): string => {
      const result = resolveAmounts(f, 20);
      return result.ok ? 'fine' : (result.problems[0]?.message ?? '');
    };
    expect(problem(formula([line('water', parts(1)), line('white-vinegar', fill)]))).toMatch(/Parts and "to fill"/);
    expect(problem(formula([line('water', fill), line('white-vinegar', fill)]))).toMatch(/Only one line/);
    expect(problem(formula([line('water', cups(9)), line('white-vinegar', fill)]))).toMatch(/more than the 500 mL/);
    expect(problem(formula([line('water', percent(40)), line('white-vinegar', percent(10))]))).toMatch(/50 %, not 100/);
    expect(problem(formula([line('water', cups(0))]))).toMatch(/zero/);
    expect(
      problem(formula([line('water', percent(99)), line('white-vinegar', percent(3)), line('borax', cups(1))])),
    ).toMatch(/no room/);
  });
});

describe('scaling', () => {
  test('a 375 mL bottle with 10 % headspace takes 337.5 mL', () => {
    expect(fillML(375, 10)).toBe(337.5);
  });

  test('every ratio stays as it is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 20_000 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
        (ML, a, b) => {
          const q = worked(
            formula([line('white-vinegar', parts(a)), line('water', parts(b)), line('baking-soda', parts(1))]),
          );
          const scaled = scaleTo(q, ML);
          const ratio = (x: typeof q): number => (x.portions[0]?.massG ?? 0) / (x.portions[2]?.massG ?? 1);
          expect(scaled.batchML).toBe(ML);
          expect(ratio(scaled)).toBeCloseTo(ratio(q), 9);
        },
      ),
    );
  });
});

describe('amounts given twice', () => {
  const twice = (amount: Amount, also: Amount) => disagreements(formula([line('baking-soda', amount, { also })]), 20);

  // Half a US cup of baking soda is 110 g by USDA's teaspoon of 4.6 g (from memory), not 170 g.
  test('half a cup and 170 g of soda do not agree', () => {
    const [found] = twice(cups(0.5), { kind: 'mass', value: pointRange(170), unit: 'g' });
    expect(found?.usedG).toBeCloseTo(110.4, 0);
    expect(found?.differencePercent).toBeGreaterThan(50);
  });

  test('half a cup and 110 g, or 118 mL, do', () => {
    expect(twice(cups(0.5), { kind: 'mass', value: pointRange(110), unit: 'g' })).toEqual([]);
    expect(twice(cups(0.5), { kind: 'volume', value: pointRange(118), unit: 'mL' })).toEqual([]);
  });

  test('a quarter cup and 21 g do not', () => {
    expect(twice(cups(0.25), { kind: 'mass', value: pointRange(21), unit: 'g' })).toHaveLength(1);
  });
});
