import type { Vessel } from '../catalogue/vessels';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { evaluateAndPlan } from '../evaluation/pourPlan';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { toolSet } from '../quantity/tools';
import type { Batch } from '../shelf-life/batch';
import { bottlesFor, pouredPortions } from './intoBottles';

const bottle = (id: string, change: Partial<Vessel> = {}): Vessel => ({
  id,
  name: id,
  shape: 'straight-spray',
  capacityML: 500,
  material: 'hdpe',
  opaque: true,
  ...change,
});
const holds = (vessel: Vessel): Batch =>
  ({ id: `in-${vessel.id}`, vessel, state: 'kept', madeAt: '2026-11-01T00:00:00.000Z' }) as Batch;
const CHOSEN = bottle('Sprayer', { place: 'Galley' });
let made = 0;
const names = (count: number, own: readonly Vessel[] = [CHOSEN], batches: readonly Batch[] = []) =>
  bottlesFor(count, CHOSEN, own, batches, () => `new-${++made}`).map((v) => [v.name, v.place]);

test('one goes into the one that was chosen, whatever stands about', () => {
  expect(names(1, [CHOSEN, bottle('Other')])).toEqual([['Sprayer', 'Galley']]);
});

test('several go into empty ones of the same kind first, then into new ones with names and no place of their own', () => {
  const own = [CHOSEN, bottle('Full'), bottle('Empty', { place: 'Shower' }), bottle('Larger', { capacityML: 750 })];
  expect(names(4, own, [holds(own[1]!)])).toEqual([
    ['Sprayer', 'Galley'],
    ['Empty', 'Shower'],
    ['Empty 2', undefined],
    ['Empty 3', undefined],
  ]);
});

test('no two bottles have one name or one id', () => {
  const own = [CHOSEN, bottle('Sprayer 2', { capacityML: 300 })];
  expect(names(3, own).map(([name]) => name)).toEqual(['Sprayer', 'Sprayer 3', 'Sprayer 4']);
  const all = bottlesFor(5, CHOSEN, own, [], () => `id-${++made}`);
  expect(new Set(all.map((v) => v.id)).size).toBe(5);
  const long = bottle('x', { name: 'n'.repeat(60) });
  expect(bottlesFor(2, long, [long], [], () => 'y')[1]!.name).toHaveLength(60);
});

test('what was really poured counts, where it was noted', () => {
  const formula = formulaFromReading(
    readRecipe('200 mL vinegar\n200 mL water', { measures: 'metric' }),
    'f',
    'F',
    'metric',
  )!;
  const planned = evaluateAndPlan(formula, CHOSEN, toolSet(['jug'], 'metric'), DEFAULT_CONTEXT, undefined, {
    batchML: 400,
    bottles: 1,
  });
  if (!planned.ok) throw new Error('no plan');
  const vinegar = planned.value.plan.lines.find((l) => l.ingredientId === 'white-vinegar')!;
  const sums = (poured?: Record<string, number>) =>
    Object.fromEntries(
      pouredPortions(planned.value.plan, poured).map((p) => [p.ingredient.id, Math.round(p.volumeML)]),
    );
  expect(sums()).toEqual({ 'white-vinegar': 200, water: 200 });
  expect(sums({ [vinegar.line.id]: 230 })).toEqual({ 'white-vinegar': 230, water: 200 });
});
