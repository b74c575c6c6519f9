import { amountRange, isAsked, isVague, LEMON_JUICE_ML, statedML, VAGUE_ML, vagueWords, type Amount } from './amount';
import { DEFAULT_DROPS_PER_ML, DROPS_PER_ML_RANGE, dropsPerMLFromWeight, dropsToML, wholeDrops } from './drops';
import { rootOfRising } from './root';
import { DAY_MS, HOUR_MS, MINUTE_MS } from './time';
import { TOOL_IDS, toolSet } from './tools';
import { UNIT_CHIPS, unitG, unitML, unitText } from './units';

const range = (low: number, high = low) => ({ low, high });
const AMOUNTS: Readonly<Record<string, Amount>> = {
  volume: { kind: 'volume', value: range(2, 3), unit: 'cup' },
  mass: { kind: 'mass', value: range(5), unit: 'g' },
  drops: { kind: 'drops', value: range(10) },
  'drops-per-100mL': { kind: 'drops-per-100mL', value: range(1) },
  parts: { kind: 'parts', value: range(1) },
  percent: { kind: 'percent', value: range(5), basis: 'w/v' },
  'grams-per-litre': { kind: 'grams-per-litre', value: range(15) },
  pieces: { kind: 'pieces', value: range(2, 3), juiceML: range(45, 50) },
  vague: { kind: 'vague', word: 'squirt', volumeML: range(3, 7) },
  'to-fill': { kind: 'to-fill' },
};

test.each([
  // A US cup is 236.5882365 mL (NIST Handbook 44, Appendix C).
  ['volume', { low: 2 * 236.5882365, high: 3 * 236.5882365 }],
  ['drops', { low: 0.5, high: 0.5 }],
  ['pieces', { low: 90, high: 150 }],
  ['vague', { low: 3, high: 7 }],
  ['mass', null],
  ['parts', null],
  ['percent', null],
  ['grams-per-litre', null],
  ['drops-per-100mL', null],
  ['to-fill', null],
] as const)('%s states %j mL by itself', (kind, expected) => {
  expect(statedML(AMOUNTS[kind]!, 'us', 20)).toEqual(expected);
});

test('the numbers of an amount are its own; "to fill" has none', () => {
  for (const [kind, amount] of Object.entries(AMOUNTS))
    expect(amountRange(amount)).toEqual(
      kind === 'to-fill' ? null : kind === 'vague' ? range(3, 7) : (amount as { value: object }).value,
    );
});

test('vague is what is no single number: words, fruit, a range', () => {
  const vague = Object.entries(AMOUNTS).flatMap(([kind, amount]) => (isVague(amount) ? [kind] : []));
  expect(vague).toEqual(['volume', 'pieces', 'vague']);
  expect(isVague({ kind: 'vague', word: 'squirt', volumeML: range(5) })).toBe(true);
  expect(isVague({ kind: 'pieces', value: range(1), juiceML: range(45) })).toBe(true);
});

test('vague words: as they are written, what they come to, and which have to be asked', () => {
  expect(vagueWords('pinch')).toEqual({ one: 'a pinch', many: 'pinches' });
  expect(vagueWords('few-drops')).toEqual({ one: 'a few drops', many: null });
  expect(vagueWords('no-such' as 'pinch')).toEqual({ one: 'no-such', many: null });
  expect(VAGUE_ML.squirt).toEqual({ low: 3, high: 7 });
  expect([isAsked('squirt'), isAsked('capful'), isAsked('no-such' as 'pinch')]).toEqual([false, true, false]);
  // One lemon gives 45 to 50 mL (USDA FoodData Central, from memory).
  expect(LEMON_JUICE_ML).toEqual({ low: 45, high: 50 });
});

test('drops: 20 to the mL where nothing better is known, 8 to 60 at all (common practice, no source)', () => {
  expect(DEFAULT_DROPS_PER_ML).toBe(20);
  expect(DROPS_PER_ML_RANGE).toEqual({ low: 8, high: 60 });
  expect(dropsToML(10, 20)).toBe(0.5);
  expect([wholeDrops(0, 20), wholeDrops(-1, 20), wholeDrops(0.001, 20), wholeDrops(0.13, 20)]).toEqual([0, 0, 1, 3]);
  // 20 drops that weigh 0.9 g at 0.9 g/mL are 1 mL.
  expect(dropsPerMLFromWeight(20, 0.9, 0.9)).toBeCloseTo(20, 12);
});

test('lengths of time', () => {
  expect([MINUTE_MS, HOUR_MS, DAY_MS]).toEqual([60_000, 3_600_000, 86_400_000]);
});

test('a unit is written as one or as many', () => {
  expect([unitText('cup', false), unitText('cup', true), unitText('mL', true), unitText('fl-oz', true)]).toEqual([
    'cup',
    'cups',
    'mL',
    'fl oz',
  ]);
  expect(unitText('no-such' as 'cup', true)).toBe('no-such');
  expect(UNIT_CHIPS).toEqual(['mL', 'tsp', 'tbsp', 'cup', 'g']);
});

test('every unit to its last figure', () => {
  const all = ['mL', 'L', 'tsp', 'tbsp', 'fl-oz', 'cup', 'pint', 'quart', 'gallon'] as const;
  const inML = (system: Parameters<typeof unitML>[1]) => all.map((unit) => unitML(unit, system));
  // NIST Handbook 44, Appendix C: a US gallon is 231 cubic inches of 16.387064 mL.
  const GALLON = 231 * 16.387064;
  const us = [1, 1000, GALLON / 768, GALLON / 256, GALLON / 128, GALLON / 16, GALLON / 8, GALLON / 4, GALLON];
  inML('us').forEach((ml, i) => expect(ml).toBeCloseTo(us[i]!, 9));
  // UK Units of Measurement Regulations 1995: a gallon is 4.54609 L, 160 fluid ounces.
  const imperial = [28.4130625, 568.26125, 1136.5225, 4546.09];
  expect([4, 6, 7, 8].map((i) => inML('imperial')[i])).toEqual(imperial.map((ml) => expect.closeTo(ml, 9) as number));
  expect([4, 6, 7, 8].map((i) => inML('metric')[i])).toEqual(imperial.map((ml) => expect.closeTo(ml, 9) as number));
  // 21 CFR 101.9(b)(5)(viii); metric and Australian spoons and cups: common practice, no source.
  expect(inML('us-label').slice(2, 6)).toEqual([5, 15, 30, 240]);
  expect(inML('metric').slice(2, 4)).toEqual([5, 15]);
  expect(inML('australian').slice(2, 4)).toEqual([5, 20]);
  expect([inML('metric')[5], inML('imperial')[5], inML('australian')[5]]).toEqual([250, 284.130625, 250]);
  expect((['mg', 'g', 'kg', 'oz', 'lb'] as const).map(unitG)).toEqual([0.001, 1, 1000, 28.349523125, 453.59237]);
});

test('the tools behind each tick, in the order of the list', () => {
  const names = toolSet(['scale', 'syringe', 'jug', 'spoons', 'cups'], 'metric').map((t) => t.name);
  expect(names).toEqual([
    '1 cup',
    '½ cup',
    '⅓ cup',
    '¼ cup',
    '1 tbsp',
    '1 tsp',
    '½ tsp',
    '¼ tsp',
    'jug',
    'syringe',
    'scale',
  ]);
  expect(toolSet(['jug', 'syringe', 'scale'], 'us')).toEqual([
    { kind: 'graduated', id: 'jug', name: 'jug', stepML: 25, capacityML: 1000 },
    { kind: 'graduated', id: 'syringe', name: 'syringe', stepML: 1, capacityML: 10 },
    { kind: 'scale', id: 'scale', name: 'scale', stepG: 1 },
  ]);
  const scoops = toolSet(['cups', 'spoons'], 'metric').map((t) => (t.kind === 'scoop' ? [t.id, t.volumeML] : null));
  expect(scoops).toEqual([
    ['1-cup', 250],
    ['½-cup', 125],
    ['⅓-cup', 250 / 3],
    ['¼-cup', 62.5],
    ['1-tbsp', 15],
    ['1-tsp', 5],
    ['½-tsp', 2.5],
    ['¼-tsp', 1.25],
  ]);
  expect(TOOL_IDS).toEqual(['cups', 'spoons', 'jug', 'syringe', 'scale']);
  expect(toolSet([], 'us')).toEqual([]);
});

test('a root is found within the tolerance, in few steps, and at an end where there is none', () => {
  const counted = (f: (x: number) => number, low: number, high: number, tolerance: number) => {
    let calls = 0;
    const root = rootOfRising((x) => (calls++, f(x)), low, high, tolerance);
    return { root, calls };
  };
  // Shapes that hold a plain regula falsi up: it would need hundreds of steps for each.
  for (const f of [
    (x: number) => x ** 9 - 1,
    (x: number) => Math.exp(x) - 20,
    (x: number) => Math.atan(1e4 * (x - 1.3)),
  ]) {
    const { root, calls } = counted(f, 0, 10, 1e-9);
    expect(f(root - 1e-9)).toBeLessThanOrEqual(0);
    expect(f(root + 1e-9)).toBeGreaterThanOrEqual(0);
    expect(calls).toBeLessThan(60);
  }
  expect(counted((x) => x - 0.5, 0, 1, 1e-9)).toEqual({ root: 0.5, calls: 3 });
  expect(counted((x) => x + 1, 0, 1, 1e-9)).toEqual({ root: 0, calls: 1 });
  expect(counted((x) => x, 0, 1, 1e-9)).toEqual({ root: 0, calls: 1 });
  expect(counted((x) => x - 2, 0, 1, 1e-9)).toEqual({ root: 1, calls: 2 });
  expect(counted((x) => x - 1, 0, 1, 1e-9)).toEqual({ root: 1, calls: 2 });
});
