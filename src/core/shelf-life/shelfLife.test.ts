import { INGREDIENTS } from '../catalogue/lookup';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { Formula } from '../formula/formula';
import type { MixtureState } from '../mixture/state';
import { isExpired, leftByFormula, usableBatches, type Batch } from './batch';
import { labelOf } from './label';
import { neverMeets } from './neverMeets';
import { stockedIds } from '../stock/pantry';
import { isUsedAtOnce, shelfLife, storageAdvice, DEFAULT_STORAGE, type StorageConditions } from './shelfLife';

const formulaOf = (text: string): Formula =>
  formulaFromReading(readRecipe(text, { measures: 'metric' }), 'f', 'F', 'metric')!;
const evaluationOf = (text: string) => {
  const result = evaluate(formulaOf(text), DEFAULT_CONTEXT);
  if (!result.ok) throw new Error(text);
  return result.value;
};
/** The state of a recipe, with figures of it set to the letter. */
const stateOf = (text: string, figures: Partial<MixtureState> = {}): MixtureState => ({
  ...evaluationOf(text).state,
  ...figures,
});
const kept = (state: MixtureState, how: Partial<StorageConditions> = {}) =>
  shelfLife(state, { ...DEFAULT_STORAGE, use: 'stored', ...how });
const bottle = { material: 'glass', opaque: true, top: 'trigger', heldFood: false } as const;

const WATER = '1 L water';
const DISTILLED = '1 L distilled water';

// Which rule sets the date, and its days: common practice, no source.
test.each<[string, string, number, number, string]>([
  ['what is not known', '1 cup purple stuff', 0, 0, 'not all that is in it is known'],
  ['gas', '100 g baking soda\n500 mL vinegar', 0, 0, 'it gives off gas'],
  ['bleach', '10 mL bleach\n500 mL water', 0, 0, 'thinned bleach loses its strength'],
  ['alcohol', '500 mL rubbing alcohol\n500 mL water', 180, 365, 'over 20 % alcohol keeps it'],
  ['oil alone', '100 mL olive oil', 180, 365, 'oil turns rancid in a year'],
  // Paraffin takes up no oxygen (data sheets, from memory).
  ['mineral oil', '100 mL mineral oil', 365, 730, 'mineral oil and wax do not spoil'],
  ['dry', '100 g washing soda', 180, 365, 'dry mixes keep airtight'],
  ['an infusion', '200 g orange peel\n500 mL vinegar', 90, 180, 'an infusion in acid, strained'],
  ['juice', '100 mL orange juice\n500 mL water', 1, 2, 'fresh juice, starch or plant matter spoils'],
  ['peroxide', '100 mL peroxide\n100 mL water', 30, 180, 'opened peroxide loses strength'],
  ['soap, distilled', '20 mL castile soap\n500 mL distilled water', 60, 90, 'soap in distilled water'],
  ['soap, tap', '20 mL castile soap\n500 mL water', 14, 28, 'soap in tap water'],
  ['soap, both waters', '20 mL castile soap\n250 mL distilled water\n250 mL water', 14, 28, 'soap in tap water'],
  ['acid, distilled', '100 mL vinegar\n400 mL distilled water', 90, 180, 'acid without tap water'],
  ['acid, tap', '100 mL vinegar\n400 mL water', 30, 60, 'acid in tap water'],
  ['acid, boiled water', '100 mL vinegar\n400 mL boiling water', 50, 100, 'acid in boiled water'],
  ['boiled water', '1 L boiling water', 28, 50, 'boiled water without a preservative'],
  ['vinegar as it is', '500 mL vinegar', 365, 730, 'vinegar hardly thinned keeps itself'],
  ['soap as it is', '100 mL castile soap', 180, 365, 'soap as strong as it is sold keeps itself'],
  ['a preservative', '500 mL water\n5 mL preservative', 180, 365, 'a preservative keeps it'],
  ['citrus oil in vinegar', '500 mL vinegar\n5 mL sweet orange oil', 180, 365, 'citrus oil turns within a year'],
  ['peel in alcohol', '200 g orange peel\n500 mL vodka', 180, 365, 'over 20 % alcohol keeps it'],
  ['distilled', DISTILLED, 60, 90, 'distilled water in a clean bottle'],
  ['both waters', '500 mL distilled water\n500 mL water', 14, 28, 'water without a preservative'],
  ['water', WATER, 14, 28, 'water without a preservative'],
])('%s', (_, text, lowDays, highDays, reason) => {
  expect(kept(stateOf(text))).toEqual({ lowDays, highDays, reason });
});

const INTO = {
  'tap water': WATER.replace('1 L', '500 mL'),
  'distilled water': DISTILLED.replace('1 L', '500 mL'),
  'boiled water': '500 mL boiling water',
  vinegar: '500 mL vinegar',
  'vinegar and water': '250 mL vinegar\n250 mL distilled water',
  'soap in water': '10 mL castile soap\n490 mL distilled water',
  'alcohol and water': '140 mL rubbing alcohol\n360 mL water',
  peroxide: '500 mL peroxide',
  'citric acid': '15 g citric acid\n500 mL distilled water',
  'olive oil': '500 mL olive oil',
  'mineral oil': '500 mL mineral oil',
  soda: '500 g baking soda',
} as const;

// One drop, 0.05 mL, or some grains, 10 mg, in half a litre: it may move a date by hours, never by months.
test.each(Object.entries(INTO))('a drop of anything moves %s by hours, or is not to be kept at all', (_, base) => {
  const before = kept(stateOf(base));
  expect(before.lowDays).toBeGreaterThan(0);
  const jumps = INGREDIENTS.filter((i) => i.role === 'ingredient').flatMap(({ id, name, form }) => {
    const drop = form === 'liquid' || form === 'oil' ? `0.05 mL ${name}` : `0.01 g ${name}`;
    const state = stateOf(`${base}\n${drop}`);
    const after = kept(state);
    // What gives off gas, breaks down or is not known is not kept at any amount: those are dangers, not dates.
    if (after.highDays === 0) return [];
    const within = (a: number, b: number) => Math.abs(a - b) <= 1 + 0.03 * Math.max(a, b);
    return within(before.lowDays, after.lowDays) && within(before.highDays, after.highDays) ? [] : [{ id, after }];
  });
  expect(jumps).toEqual([]);
});

test('from none to plenty there is no jump, whatever is poured in', () => {
  const steps = Array.from({ length: 400 }, (_, i) => i);
  const sweeps: readonly (readonly [string, (i: number) => string])[] = [
    ['alcohol', (i) => `${500 - i / 2} mL water\n${i / 2} mL rubbing alcohol`],
    ['vinegar', (i) => `${500 - i} mL water\n${i} mL vinegar`],
    ['tap water', (i) => `${500 - i} mL distilled water\n${i} mL water`],
    ['peroxide', (i) => `${500 - i / 2} mL distilled water\n${i / 2} mL peroxide`],
    ['juice', (i) => `500 mL vinegar\n${i / 8} mL orange juice`],
    ['soap', (i) => `${500 - i} mL water\n${i} mL castile soap`],
    ['water in a powder', (i) => `500 g baking soda\n${i / 4} mL water`],
  ];
  for (const [what, text] of sweeps) {
    let before: number | null = null;
    for (const i of steps.slice(1)) {
      const { lowDays } = kept(stateOf(text(i)));
      if (before !== null && Math.abs(lowDays - before) > 1 + 0.08 * Math.max(lowDays, before))
        throw new Error(`${what}: ${before} to ${lowDays} days at ${text(i)}`);
      before = lowDays;
    }
    expect(before).toBeGreaterThan(0);
  }
});

test('19.9 % and 20.1 % of alcohol keep as long, give or take days', () => {
  const low = (percent: number) => kept(stateOf(WATER, { alcoholPercentVV: percent })).lowDays;
  expect(low(19.9)).toBeGreaterThanOrEqual(170);
  expect(low(20.1)).toBe(180);
  // Halfway in ratio between 14 and 180 days: the square root of their product is 50.2.
  expect(low(12.5)).toBe(50);
});

test('what between two corners helps is said', () => {
  const says = (figures: Partial<MixtureState>) => kept(stateOf(WATER, figures)).reason;
  expect(says({ alcoholPercentVV: 12 })).toBe('water without a preservative; 12 % alcohol helps');
  expect(says({ hydrogenPeroxidePercentWV: 0.1 })).toBe('water without a preservative; peroxide helps');
  expect(says({ freeAcidPercentAsAcetic: 0.4 })).toBe('acid in tap water');
  expect(says({ freeAcidPercentAsAcetic: 0.39 })).toBe('water without a preservative');
});

test('what must not be closed up goes by any amount', () => {
  // A hint of carbon dioxide under no pressure is no gas; oxygen always is.
  const water = stateOf(WATER);
  expect(kept({ ...water, carbonDioxideML: 5, closedPressureBar: 0.01 }).highDays).toBe(28);
  expect(kept({ ...water, carbonDioxideML: 5, closedPressureBar: 0.011 }).highDays).toBe(0);
  expect(kept({ ...water, carbonDioxideML: 0, closedPressureBar: 1 }).highDays).toBe(28);
  expect(kept({ ...water, oxygenML: 1 }).highDays).toBe(0);
});

test('the room and the bottle scale it, each with its reason; never below a day', () => {
  const vinegar = stateOf('100 mL vinegar\n400 mL water');
  expect(kept(vinegar, { roomC: 28 })).toEqual({
    lowDays: 15,
    highDays: 30,
    reason: 'acid in tap water; half as long in a room of 28 °C',
  });
  expect(kept(vinegar, { roomC: 35 })).toMatchObject({ lowDays: 15, highDays: 30 });
  // Halfway from 22 to 28 °C: 30 times the square root of a half is 21.2.
  expect(kept(vinegar, { roomC: 25 })).toMatchObject({ lowDays: 21, highDays: 42 });
  for (const roomC of [18, 20, 22]) expect(kept(vinegar, { roomC })).toMatchObject({ lowDays: 30, highDays: 60 });
  expect(kept(vinegar, { roomC: 10 })).toEqual({
    lowDays: 45,
    highDays: 90,
    reason: 'acid in tap water; longer in a room of 10 °C',
  });
  expect(kept(vinegar, { cleanliness: 'scalded' })).toEqual({
    lowDays: 37,
    highDays: 75,
    reason: 'acid in tap water; a quarter longer in a scalded bottle',
  });
  expect(kept(vinegar, { cleanliness: 'unwashed' })).toMatchObject({ lowDays: 15, highDays: 30 });
  // A clean bottle does nothing for peroxide that loses strength.
  expect(kept(stateOf('100 mL peroxide'), { cleanliness: 'unwashed' })).toMatchObject({ lowDays: 30, highDays: 180 });
  expect(kept(stateOf('100 mL orange juice\n500 mL water'), { roomC: 30 })).toMatchObject({ lowDays: 1, highDays: 1 });
  const open = { ...bottle, top: 'open' } as const;
  expect(kept(vinegar, { vessel: open })).toEqual({ lowDays: 0, highDays: 1, reason: 'it stands open' });
  expect(kept(stateOf('100 g washing soda'), { vessel: open }).highDays).toBe(365);
  const clear = { ...bottle, opaque: false } as const;
  for (const text of ['100 mL peroxide', '500 mL distilled water\n2 mL sweet orange oil'])
    expect(kept(stateOf(text), { vessel: clear }).reason).toMatch(/; half as long in a clear bottle$/);
  expect(kept(vinegar, { vessel: clear })).toEqual(kept(vinegar, { vessel: bottle }));
  expect(DEFAULT_STORAGE.roomC).toBe(20);
});

test('used at once is what is made for it, gives gas or breaks down; what is not known is asked instead', () => {
  expect(isUsedAtOnce(stateOf(WATER), 'fresh')).toBe(true);
  expect(isUsedAtOnce(stateOf(WATER), 'stored')).toBe(false);
  expect(isUsedAtOnce(stateOf('100 g baking soda\n500 mL vinegar'), 'stored')).toBe(true);
  expect(isUsedAtOnce(stateOf('10 mL bleach\n500 mL water'), 'stored')).toBe(true);
  expect(isUsedAtOnce(stateOf('1 cup purple stuff'), 'stored')).toBe(false);
});

// How to keep it: common practice, no source; peroxide and light, flammables and heat: labels and data sheets.
test.each<[string, readonly string[]]>([
  [
    '100 g baking soda\n500 mL vinegar',
    ['Never capped: it gives off gas.', 'Use it at once, in the open, and pour the rest away.'],
  ],
  ['1 cup purple stuff', ['Ask what is in it before it is kept.']],
  [
    '100 g baking soda\n100 g citric acid',
    ['Bone dry, in a jar whose lid can give, away from steam.', 'Cool and closed.'],
  ],
  ['100 g washing soda', ['Airtight and dry.', 'Cool and closed.']],
  ['100 g citric acid', ['Airtight and dry.', 'Cool and closed.']],
  ['100 mL olive oil', ['Cool and closed.']],
  ['100 mL peroxide', ['Dark: an opaque or brown bottle.', 'Cool and closed.']],
  [
    '500 mL rubbing alcohol\n20 drops lavender oil',
    ['Dark and cool: light and warmth spoil the oils.', 'Away from hobs, heaters and flames.', 'Cool and closed.'],
  ],
  [
    '500 mL water\n20 drops lavender oil',
    ['Dark and cool: light and warmth spoil the oils.', 'Shake before each use.', 'Cool and closed.'],
  ],
  [
    '100 mL lemon juice\n500 mL water',
    ['Cold, and no longer than a day or two unless it is strained from acid or alcohol.', 'Cool and closed.'],
  ],
  [WATER, ['Cool and closed.']],
])('%j is kept so', (text, advice) => {
  expect(storageAdvice(stateOf(text), { ...DEFAULT_STORAGE, use: 'stored' })).toEqual(advice);
});

test('what floats or settles is shaken: from a little on, and only what is wet', () => {
  const shaken = (figures: Partial<MixtureState>) =>
    storageAdvice(stateOf(WATER, figures), { ...DEFAULT_STORAGE, use: 'stored' }).includes('Shake before each use.');
  expect(shaken({ oilFloatingShare: 0.15 })).toBe(false);
  expect(shaken({ oilFloatingShare: 0.16 })).toBe(true);
  const { massG } = stateOf(WATER);
  expect(shaken({ undissolvedG: 0.001 * massG })).toBe(false);
  expect(shaken({ undissolvedG: 0.0011 * massG })).toBe(true);
  expect(shaken({ undissolvedG: 0.0011 * massG, wet: false })).toBe(false);
  const settles = (gPerL: number): boolean => {
    const evaluation = evaluationOf(WATER);
    const { volumeML } = evaluation.state;
    const state = { ...evaluation.state, undissolvedG: (gPerL * volumeML) / 1000 };
    return labelOf(formulaOf(WATER), { ...evaluation, state }).shake;
  };
  expect(settles(1)).toBe(false);
  expect(settles(1.001)).toBe(true);
});

test('a label names strengths from a twentieth of a percent on, soap in percent, and no dish soap', () => {
  const strengths = (figures: Partial<MixtureState>) => {
    const evaluation = evaluationOf(WATER);
    return labelOf(formulaOf(WATER), { ...evaluation, state: { ...evaluation.state, ...figures } }).strengths;
  };
  expect(strengths({ citricAcidPercentWV: 0.05 })).toEqual([{ of: 'citric acid', percent: 0.05, basis: 'w/v' }]);
  expect(strengths({ citricAcidPercentWV: 0.0499 })).toEqual([]);
  expect(strengths({ soapGPerL: 20 })).toEqual([{ of: 'soap', percent: 2, basis: 'w/v' }]);
  expect(strengths({ alcoholPercentVV: 30 })).toEqual([{ of: 'alcohol', percent: 30, basis: 'v/v' }]);
  expect(strengths({ surfactantGPerL: 20, essentialOilPercentVV: 1 })).toEqual([]);
});

test('a label says how it is used and how long it stays on only where that is known', () => {
  const evaluation = evaluationOf(WATER);
  const plain = labelOf(formulaOf(WATER), evaluation);
  expect(plain).not.toHaveProperty('how');
  expect(plain).not.toHaveProperty('dwell');
  const full = labelOf({ ...formulaOf(WATER), how: 'Wipe.' }, evaluation, DEFAULT_STORAGE, '10 min on tile');
  expect(full).toMatchObject({ how: 'Wipe.', dwell: '10 min on tile' });
});

test('what must never meet it is not what is in it', () => {
  expect(neverMeets(formulaOf('100 mL bleach'))).toEqual(expect.arrayContaining(['ammonia', 'vinegar or any acid']));
  expect(neverMeets(formulaOf('100 mL bleach'))).not.toContain('chlorine bleach');
  expect(neverMeets(formulaOf('100 mL peroxide'))).not.toContain('peroxide');
  // Bleach is named whatever it is: nothing goes with it but water, and that is no cleaner.
  expect(neverMeets(formulaOf(WATER))).toEqual(['chlorine bleach']);
});

test('a bottle is past its day when a whole day has gone by after it', () => {
  const batch = { madeAt: '2026-10-01T08:00:00.000Z', state: 'kept', label: { keeps: { lowDays: 30 } } } as Batch;
  expect(isExpired(batch, '2026-11-01T08:00:00.000Z')).toBe(false);
  expect(isExpired(batch, '2026-11-01T08:00:00.001Z')).toBe(true);
});

test('what is used up is not in the cupboard; of what nobody looked at it is taken that it is', () => {
  const item = (id: string, left: number | null) => ({
    id,
    left: left === null ? null : { value: left, unit: 'mL' as const },
    pack: null,
  });
  expect([...stockedIds([item('a', 5), item('b', 0), item('c', null)])]).toEqual(['a', 'c']);
});

test('only what is kept and still good is offered, and the newest of each formula', () => {
  const made = (id: string, formula: string, madeAt: string, more: Partial<Batch> = {}) =>
    ({
      id,
      formula: { id: formula },
      madeAt,
      state: 'kept',
      volumeML: 400,
      label: { keeps: { lowDays: 30 } },
      ...more,
    }) as Batch;
  const batches = [
    made('old', 'spray', '2026-10-01T08:00:00.000Z'),
    made('spray-1', 'spray', '2026-11-01T08:00:00.000Z'),
    made('spray-2', 'spray', '2026-11-20T08:00:00.000Z'),
    made('gone', 'wipe', '2026-11-21T08:00:00.000Z', { state: 'emptied' }),
    made('thrown', 'soak', '2026-11-21T08:00:00.000Z', { state: 'discarded' }),
    made('past', 'paste', '2026-10-20T08:00:00.000Z'),
    made('soap', 'soap', '2026-11-10T08:00:00.000Z', { leftML: 90 }),
    made('dry', 'polish', '2026-11-21T08:00:00.000Z', { leftML: 0 }),
  ];
  const now = '2026-11-26T10:00:00.000Z';
  expect(usableBatches(batches, now).map((b) => b.id)).toEqual(['spray-2', 'soap']);
  // Both sprays are good: what is left of a formula is what all of its bottles hold.
  expect([...leftByFormula(batches, now)]).toEqual([
    ['spray', 800],
    ['soap', 90],
  ]);
});
