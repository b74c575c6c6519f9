import type { Vessel } from '../catalogue/vessels';
import { contextIn, type HomeFacts } from '../evaluation/context';
import { evaluateAndPlan } from '../evaluation/pourPlan';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { Formula } from '../formula/formula';
import { toolSet } from '../quantity/tools';
import type { PantryItem } from '../stock/pantry';
import { madeAtOnce, madeForJob, makeBatches } from './making';
import { batchesOf, type IntoUse } from './progress';
import { tookOf } from './took';

const HOME: HomeFacts & { roomC: number } = { dropsPerML: 20, lives: [], hardnessMgPerL: null, schools: {}, roomC: 20 };
const NOW = '2026-11-27T10:00:00.000Z';
// 400 mL to the brim: 360 mL with a tenth left free.
const SPRAYER: Vessel = {
  id: 'v',
  name: 'Sprayer',
  shape: 'straight-spray',
  capacityML: 400,
  material: 'hdpe',
  opaque: true,
};
const recipe = (name: string, text: string): Formula => ({
  ...formulaFromReading(readRecipe(text, { measures: 'metric' }), name, name, 'metric')!,
  id: name,
});
const VINEGAR = recipe('Everyday vinegar', '100 mL vinegar\n300 mL distilled water');
const PEROXIDE = recipe('Mould peroxide', '200 mL hydrogen peroxide');
const item = (id: string, value: number, unit: 'mL' | 'g' = 'mL'): PantryItem => ({
  id,
  left: { value, unit },
  pack: null,
});
const PANTRY = [item('white-vinegar', 500), item('distilled-water', 1000), item('hydrogen-peroxide', 500)];

const planned = (formula: Formula, volumeML: number | null = null) => {
  const result = evaluateAndPlan(
    formula,
    SPRAYER,
    toolSet(['jug'], 'metric'),
    contextIn(SPRAYER, 'stored', HOME),
    undefined,
    volumeML === null ? null : { batchML: volumeML, bottles: 1 },
  );
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
};
let id = 0;
function make(
  formula: Formula,
  {
    batches = [] as Parameters<typeof makeBatches>[1]['batches'],
    into = null as IntoUse | null,
    volumeML = 360,
    pantry = PANTRY,
  } = {},
) {
  const { plan, evaluation } = planned(formula, volumeML);
  const what = { vessel: SPRAYER, isNew: false, plan, poured: {}, into, dwell: null, madeAt: NOW };
  return makeBatches(
    what,
    { own: [SPRAYER], batches, pantry, home: HOME },
    (vessels) =>
      batchesOf({ formula, evaluation, vessels, volumeML, roomC: 20, dwell: null, madeAt: NOW }, () => `b${++id}`),
    () => `n${++id}`,
  );
}
const good = (result: ReturnType<typeof make>) => {
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
};

test('an empty bottle holds the batch, and the cupboard gives what went in', () => {
  const made = good(make(VINEGAR));
  expect(made.batches.map((b) => [b.vessel.id, b.volumeML, b.formula.id])).toEqual([['v', 360, 'Everyday vinegar']]);
  // A quarter of 360 mL is vinegar.
  expect(made.taken).toEqual([
    { id: 'distilled-water', value: 270, unit: 'mL' },
    { id: 'white-vinegar', value: 90, unit: 'mL' },
  ]);
  expect([made.before, made.newVessels]).toEqual([[], []]);
});

describe('a bottle that is not empty', () => {
  const [standing] = good(make(VINEGAR)).batches;
  const half = { ...standing!, leftML: 100 };

  test('is not filled unasked', () => {
    const result = make(VINEGAR, { batches: [half] });
    expect(result.ok ? '' : result.problems[0]?.message).toMatch(/^Everyday vinegar stands in Sprayer\. Say first/);
    // Nor by what was said of another that stood in it.
    expect(make(VINEGAR, { batches: [half], into: { how: 'empty', batchId: 'another' } }).ok).toBe(false);
  });

  test('is emptied', () => {
    const made = good(make(PEROXIDE, { batches: [half], into: { how: 'empty', batchId: half.id } }));
    expect(made.before).toEqual([half]);
    expect(made.batches[0]?.formula.id).toBe('Mould peroxide');
    expect(made.batches[0]?.oldestAt).toBeUndefined();
  });

  test('is topped up: one batch of both, as old as the older', () => {
    const made = good(make(VINEGAR, { batches: [half], into: { how: 'top-up', batchId: half.id }, volumeML: 260 }));
    expect(made.batches).toHaveLength(1);
    expect([made.batches[0]?.volumeML, made.batches[0]?.oldestAt]).toEqual([360, half.madeAt]);
    // Only what came to it is taken: a quarter of 260 mL.
    expect(made.taken.find((t) => t.id === 'white-vinegar')?.value).toBe(65);
  });

  // Peroxide and vinegar in one bottle make peracetic acid (from memory).
  test('is not topped up with what must not go onto it, nor beyond its brim', () => {
    const onto = { batches: [half], into: { how: 'top-up', batchId: half.id } as const };
    const wrong = make(PEROXIDE, { ...onto, volumeML: 200 });
    expect(wrong.ok ? '' : wrong.problems[0]?.message).toMatch(/^It must not go onto Everyday vinegar/);
    const over = make(VINEGAR, { ...onto, volumeML: 300 });
    expect(over.ok ? '' : over.problems[0]?.message).toMatch(/room for/);
  });
});

describe('what is used at once', () => {
  test('leaves nothing on the shelf, and takes what was really poured', () => {
    const { plan } = planned(VINEGAR, 200);
    const vinegar = plan.lines.find(
      (l) => l.line.ingredient.kind === 'known' && l.line.ingredient.id === 'white-vinegar',
    );
    const made = madeAtOnce(plan, { [vinegar!.line.id]: 70 }, PANTRY);
    expect([made.batches, made.before, made.newVessels]).toEqual([[], [], []]);
    expect(made.taken.find((t) => t.id === 'white-vinegar')?.value).toBe(70);
    expect(made.taken.find((t) => t.id === 'distilled-water')?.value).toBe(150);
  });

  test('for a job takes as much as the job does, by volume or by weight', () => {
    const amount = (volumeML: number | null, massG: number | null) => ({ volumeML, massG, areaM2: 1 });
    expect(madeForJob(VINEGAR, amount(120, null), PANTRY, 20).taken).toEqual([
      { id: 'white-vinegar', value: 30, unit: 'mL' },
      { id: 'distilled-water', value: 90, unit: 'mL' },
    ]);
    const soda = recipe('Soda', '100 g baking soda');
    expect(madeForJob(soda, amount(null, 40), [item('baking-soda', 500, 'g')], 20).taken).toEqual([
      { id: 'baking-soda', value: 40, unit: 'g' },
    ]);
  });
});

describe('what it cost', () => {
  // Vinegar at 1.00 for 500 mL, distilled water at 2.00 for 5 L.
  const PRICED = [
    { ...item('white-vinegar', 500), pack: { price: 1, value: 500, unit: 'mL' as const } },
    { ...item('distilled-water', 1000), pack: { price: 2, value: 5000, unit: 'mL' as const } },
  ];

  test('goes with the bottle, by the prices of the day', () => {
    // 90 mL of vinegar at 0.002 a mL, 270 mL of water at 0.0004: 0.18 + 0.108.
    const [bottle] = good(make(VINEGAR, { pantry: PRICED })).batches;
    expect(bottle?.cost?.money).toBeCloseTo(0.288, 9);
    expect(bottle?.cost?.unpriced).toEqual([]);
  });

  test('says what has no price, and is not there where nothing has', () => {
    expect(good(make(VINEGAR, { pantry: PRICED.slice(0, 1) })).batches[0]?.cost).toEqual({
      money: expect.closeTo(0.18, 9) as number,
      unpriced: ['distilled water'],
    });
    expect(good(make(VINEGAR)).batches[0]?.cost).toBeUndefined();
  });

  test('of a bottle that is topped up is that of what was left and of what came', () => {
    const [standing] = good(make(VINEGAR, { pantry: PRICED })).batches;
    const half = { ...standing!, leftML: 90 };
    const onto = { batches: [half], into: { how: 'top-up', batchId: half.id } as const, volumeML: 180 };
    // A quarter of 0.288, and half of it for as much again as half a bottle.
    expect(good(make(VINEGAR, { ...onto, pantry: PRICED })).batches[0]?.cost).toEqual({
      money: expect.closeTo(0.072 + 0.144, 9) as number,
      unpriced: [],
    });
    const { cost: _, ...unknown } = half;
    expect(good(make(VINEGAR, { ...onto, batches: [unknown], pantry: PRICED })).batches[0]?.cost).toEqual({
      money: expect.closeTo(0.144, 9) as number,
      unpriced: ['Everyday vinegar'],
    });
  });

  test('of a use is its share of its bottle; of what was made for the job, that of what went in', () => {
    const [bottle] = good(make(VINEGAR, { pantry: PRICED })).batches;
    const part = { formula: VINEGAR, usesML: 36, amount: { volumeML: 100, massG: null, areaM2: 1 } };
    // The prices of the day it was made hold, whatever the cupboard says now: a tenth of 0.288.
    expect(tookOf(part, bottle!, [], 20)).toEqual({
      volumeML: 36,
      massG: null,
      cost: { money: expect.closeTo(0.0288, 9) as number, unpriced: [] },
    });
    // 25 mL of vinegar and 75 mL of water.
    expect(tookOf(part, null, PRICED, 20)).toEqual({
      volumeML: 100,
      massG: null,
      cost: { money: expect.closeTo(0.05 + 0.03, 9) as number, unpriced: [] },
    });
    expect(tookOf({ ...part, formula: null }, null, PRICED, 20)).toBeNull();
    expect(tookOf({ ...part, amount: null }, null, PRICED, 20)).toBeNull();
  });
});
