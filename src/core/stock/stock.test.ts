import { INGREDIENTS, ingredientById } from '../catalogue/lookup';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { resolveAmounts, type Portion } from '../formula/resolveAmounts';
import { openedLife } from './openedLife';
import {
  itemName,
  LEAST_MADE_ML,
  missingIngredients,
  ownRefs,
  shortages,
  standingOf,
  stockedIds,
  takenBy,
  takenText,
  withTaken,
  type PantryItem,
} from './pantry';

const portionsOf = (text: string): readonly Portion[] => {
  const result = resolveAmounts(formulaFromReading(readRecipe(text, { measures: 'metric' }), 'f', 'F', 'metric')!, 20);
  if (!result.ok) throw new Error(text);
  return result.value.portions;
};
const item = (
  id: string,
  value: number | null,
  unit: 'mL' | 'g' = 'mL',
  more: Partial<PantryItem> = {},
): PantryItem => ({
  id,
  left: value === null ? null : { value, unit },
  pack: null,
  ...more,
});
const afterPouring = (portions: readonly Portion[], pantry: readonly PantryItem[]): PantryItem[] =>
  takenBy(portions, pantry).flatMap((taken) => pantry.filter((i) => i.id === taken.id).map((i) => withTaken(i, taken)));
const left = (items: readonly PantryItem[]) => items.map((i) => [i.id, i.left?.value]);

describe('what was poured is gone from the cupboard', () => {
  test('mL from what is counted in mL, g from what is counted in g, drops by the dropper', () => {
    const poured = portionsOf('250 mL vinegar\n15 g citric acid\n10 drops lavender oil\n250 mL distilled water');
    const cupboard = [
      item('white-vinegar', 1000),
      item('citric-acid', 500, 'g'),
      item('lavender-oil', 10),
      item('distilled-water', 2000),
      item('baking-soda', 1000, 'g'),
    ];
    // 10 drops at 20 to the mL are 0.5 mL.
    expect(left(afterPouring(poured, cupboard))).toEqual([
      ['white-vinegar', 750],
      ['citric-acid', 485],
      ['lavender-oil', 9.5],
      ['distilled-water', 1750],
    ]);
  });

  test('two lines of one thing are taken together, and no more than there is', () => {
    expect(left(afterPouring(portionsOf('100 mL vinegar\n50 mL vinegar'), [item('white-vinegar', 120)]))).toEqual([
      ['white-vinegar', 0],
    ]);
    expect(left(afterPouring(portionsOf('100 mL vinegar\n50 mL vinegar'), [item('white-vinegar', 200)]))).toEqual([
      ['white-vinegar', 50],
    ]);
  });

  test('a powder that is counted in mL is taken by its spoonfuls', () => {
    // 30 mL as spooned at the catalogue's bulk density, whatever that is.
    const soda = ingredientById('baking-soda')!;
    const taken = afterPouring(portionsOf('30 mL baking soda'), [item('baking-soda', 100), item('x', 1)]);
    expect(left(taken)).toEqual([['baking-soda', 70]]);
    const inG = afterPouring(portionsOf('30 mL baking soda'), [item('baking-soda', 100, 'g')]);
    expect(inG[0]!.left!.value).toBeCloseTo(100 - 30 * soda.densityGPerML, 1);
  });

  test('what is put back is what was taken, and no more', () => {
    const cupboard = [item('white-vinegar', 120), item('citric-acid', 500, 'g')];
    const poured = portionsOf('150 mL vinegar\n15 g citric acid');
    const taken = takenBy(poured, cupboard);
    // Of 150 mL only 120 were counted.
    expect(taken.map((t) => [t.id, t.value])).toEqual([
      ['white-vinegar', 120],
      ['citric-acid', 15],
    ]);
    const back = taken.map((t, i) => withTaken(withTaken(cupboard[i]!, t), t, 'putBack'));
    expect(back).toEqual(cupboard);
    // Counted in another unit by now: nobody knows how much that is.
    expect(withTaken(item('citric-acid', 100), taken[1]!)).toEqual(item('citric-acid', 100));
  });

  test('what was taken, in words', () => {
    const own = { name: 'Reed suds', form: 'liquid', densityGPerML: 1, contents: [] } as const;
    const taken = [
      { id: 'white-vinegar', value: 1234.56, unit: 'mL' },
      { id: 'o', value: 0.05, unit: 'mL' },
      { id: 'citric-acid', value: 12.5, unit: 'g' },
    ] as const;
    expect(takenText(taken, [item('o', 1, 'mL', { own })])).toBe(
      '1230 mL of white vinegar, 0.05 mL of Reed suds and 12.5 g of citric acid',
    );
    expect(takenText([], [])).toBe('');
  });

  test('what nobody counted stays uncounted', () => {
    expect(afterPouring(portionsOf('100 mL vinegar'), [item('white-vinegar', null)])).toEqual([]);
  });
});

describe('can I make it', () => {
  test('what is missing is said with what there is', () => {
    const poured = portionsOf('250 mL vinegar\n15 g citric acid\n250 mL water');
    expect(shortages(poured, [item('white-vinegar', 100)])).toEqual([
      { id: 'white-vinegar', name: 'white vinegar', needs: { value: 250, unit: 'mL' }, has: 100 },
      { id: 'citric-acid', name: 'citric acid', needs: { value: expect.closeTo(15, 6) as number, unit: 'g' }, has: 0 },
    ]);
    expect(shortages(poured, [item('white-vinegar', 250), item('citric-acid', null, 'g')])).toEqual([]);
    // A hand does not pour to the hundredth part.
    expect(shortages(poured, [item('white-vinegar', 248), item('citric-acid', 15, 'g')])).toEqual([]);
    expect(shortages(poured, [item('white-vinegar', 247), item('citric-acid', 15, 'g')]).map((s) => s.name)).toEqual([
      'white vinegar',
    ]);
  });

  test('water comes from the tap, distilled water does not', () => {
    expect(shortages(portionsOf('1 L water\n1 L boiling water'), [])).toEqual([]);
    expect(shortages(portionsOf('1 L distilled water'), []).map((s) => s.name)).toEqual(['distilled water']);
  });

  test('for so much of a formula, in words', () => {
    const formula = formulaFromReading(
      readRecipe('1 part vinegar\n4 parts distilled water', { measures: 'metric' }),
      'f',
      'F',
      'metric',
    )!;
    const cupboard = [item('white-vinegar', 60), item('distilled-water', null)];
    // A fifth of 500 mL is vinegar: 100 mL; of 300 mL, 60.
    expect(missingIngredients(formula, cupboard, 500, 20)).toEqual(['white vinegar (60 of 100 mL)']);
    expect(missingIngredients(formula, cupboard, 300, 20)).toEqual([]);
    expect(missingIngredients(formula, [], 300, 20)).toEqual(['white vinegar', 'distilled water']);
    expect(LEAST_MADE_ML).toBe(100);
  });

  test('by weight for what is counted in g; and by name alone where amounts cannot be brought together', () => {
    const of = (text: string) => formulaFromReading(readRecipe(text, { measures: 'metric' }), 'f', 'F', 'metric')!;
    // 30 g in a litre of water: 15 g in about half of it.
    const soak = of('30 g citric acid\n1 L water');
    expect(missingIngredients(soak, [item('citric-acid', 14, 'g')], 500, 20)[0]).toMatch(
      /^citric acid \(14 of 15 g\)$/,
    );
    expect(missingIngredients(soak, [item('citric-acid', 16, 'g')], 500, 20)).toEqual([]);
    expect(missingIngredients(soak, [item('citric-acid', 0, 'g')], 500, 20)).toEqual(['citric acid']);
    const unknowable = { ...soak, lines: soak.lines.map((l) => ({ ...l, amount: { kind: 'to-fill' as const } })) };
    expect(missingIngredients(unknowable, [], 500, 20)).toEqual(['citric acid']);
    expect(missingIngredients(unknowable, [item('citric-acid', 1, 'g')], 500, 20)).toEqual([]);
  });

  test('a bought cleaner is nothing to mix from', () => {
    const own = { name: 'Swan whitener', form: 'liquid', densityGPerML: 1, contents: [], bought: true } as const;
    const items = [item('swan', 100, 'mL', { own }), item('borax', 0, 'g'), item('white-vinegar', null)];
    expect([...stockedIds(items)]).toEqual(['white-vinegar']);
    expect(ownRefs(items)).toEqual([{ ...own, kind: 'own', id: 'swan' }]);
    expect(items.map(itemName)).toEqual(['Swan whitener', 'borax', 'white vinegar']);
  });
});

describe('how an item stands', () => {
  const NOW = '2026-11-27T10:00:00.000Z';
  const stands = (of: PantryItem) => standingOf(of, NOW).state;
  const pack = { price: 2, value: 500, unit: 'mL' } as const;

  test('out, low at a fifth of its pack, or good', () => {
    expect(stands(item('white-vinegar', 0, 'mL', { pack }))).toBe('out');
    expect(stands(item('white-vinegar', 100, 'mL', { pack }))).toBe('low');
    expect(stands(item('white-vinegar', 100.1, 'mL', { pack }))).toBe('good');
    expect(stands(item('white-vinegar', 1))).toBe('good');
    expect(stands(item('white-vinegar', 1, 'g', { pack }))).toBe('good');
  });

  test('past its day since it was opened, and soon', () => {
    // Peroxide opened on 1 May: 180 days later it is 28 October.
    const peroxide = item('hydrogen-peroxide', 200, 'mL', { openedAt: '2026-05-01T00:00:00.000Z' });
    expect(standingOf(peroxide, NOW)).toEqual({ state: 'past', goodUntil: '2026-10-28T00:00:00.000Z' });
    expect(standingOf(peroxide, '2026-10-27T00:00:00.000Z').state).toBe('soon');
    // Two weeks ahead it is said, and not a moment before; on the day itself it is not past.
    expect(standingOf(peroxide, '2026-10-14T00:00:00.000Z').state).toBe('soon');
    expect(standingOf(peroxide, '2026-10-13T23:59:59.000Z').state).toBe('good');
    expect(standingOf(peroxide, '2026-10-28T00:00:00.000Z').state).toBe('soon');
    expect(stands(item('white-vinegar', 200, 'mL', { openedAt: '2020-05-01T00:00:00.000Z' }))).toBe('good');
  });
});

// Peroxide, oils and citrus oils by the ranges people go by: 1 to 6 months, 1 to 2 years, under one (common practice, no source).
test('what turns once it is open, and what does not', () => {
  const days = (id: string) => openedLife(ingredientById(id)!)?.days ?? null;
  expect(days('hydrogen-peroxide')).toBeLessThanOrEqual(183);
  expect(days('lavender-oil')).toBeGreaterThanOrEqual(365);
  expect(days('lavender-oil')).toBeLessThanOrEqual(730);
  expect(days('sweet-orange-oil')).toBeLessThan(365);
  expect(days('castile-soap')).toBeGreaterThan(180);
  for (const id of ['white-vinegar', 'baking-soda', 'citric-acid', 'washing-soda', 'isopropyl-alcohol', 'water'])
    expect([id, days(id)]).toEqual([id, null]);
});

// Each kind has its own end, and says what becomes of it then (common practice, no source).
test.each([
  ['chlorine-bleach', 180, /strength/],
  ['hydrogen-peroxide', 180, /water by now/],
  ['oxygen-bleach', 365, /Damp/],
  ['olive-oil', 270, /rancid/],
  ['drying-oil', 270, /rancid/],
  ['lemon-juice', 5, /spoils/],
  ['castile-soap', 540, /cloud/],
  ['household-ammonia', 365, /into the air/],
  ['lavender-oil', 540, /irritate skin/],
  ['sweet-orange-oil', 300, /irritates skin/],
  // Dry, it waits.
  ['cornstarch', null, null],
])('%s: %s days', (id, days, then) => {
  const life = openedLife(ingredientById(id)!);
  expect(life?.days ?? null).toBe(days);
  if (then) expect(life?.then).toMatch(then);
});

test('whatever turns says what becomes of it, in a sentence', () => {
  const turning = INGREDIENTS.flatMap((i) => openedLife(i) ?? []);
  expect(turning.length).toBeGreaterThan(20);
  for (const { days, then } of turning) {
    expect(days).toBeGreaterThan(0);
    expect(then).toMatch(/^[A-Z].*\.$/);
  }
});
