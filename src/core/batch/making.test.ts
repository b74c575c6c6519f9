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
  { batches = [] as Parameters<typeof makeBatches>[1]['batches'], into = null as IntoUse | null, volumeML = 360 } = {},
) {
  const { plan, evaluation } = planned(formula, volumeML);
  const what = { vessel: SPRAYER, isNew: false, plan, poured: {}, into, dwell: null, madeAt: NOW };
  return makeBatches(
    what,
    { own: [SPRAYER], batches, pantry: PANTRY, home: HOME },
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
