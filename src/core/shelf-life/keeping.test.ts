import { evaluate } from '../evaluation/evaluate';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { Formula } from '../formula/formula';
import { discardBy, isExpired, type Batch } from './batch';
import { labelOf } from './label';
import { shelfLife, DEFAULT_STORAGE, type StorageConditions } from './shelfLife';

function labelled(text: string, use: Formula['use'] = 'stored') {
  const formula = { ...formulaFromReading(readRecipe(text, { measures: 'us' }), 'f', 'F', 'us')!, use };
  const result = evaluate(formula, {
    ...DEFAULT_CONTEXT,
    scope: use,
  });
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return labelOf(formula, result.value);
}

describe('how long it keeps', () => {
  // Common practice, no source.
  test.each([
    ['1 cup vinegar\n1 cup water', 30, 60],
    ['1 cup vinegar\n1 cup distilled water', 90, 180],
    ['1 tbsp castile soap\n1 cup water', 14, 28],
    ['1 tbsp castile soap\n1 cup distilled water', 60, 90],
    ['1 cup rubbing alcohol\n2 cups water', 180, 365],
    ['juice of 1 lemon\n1 cup water', 1, 2],
    ['1 cup peroxide\n1 cup water', 30, 180],
    ['1 cup baking soda\n1 cup citric acid', 180, 365],
    ['1 cup water', 14, 28],
  ])('%j: %d to %d days', (text, low, high) => {
    expect(labelled(text).keeps).toMatchObject({ lowDays: low, highDays: high });
  });

  const kept = (text: string, how: Partial<StorageConditions>): number => {
    const formula = formulaFromReading(readRecipe(text, { measures: 'us' }), 'f', 'F', 'us')!;
    const result = evaluate(formula, DEFAULT_CONTEXT);
    if (!result.ok) throw new Error('does not come together');
    return shelfLife(result.value.state, { ...DEFAULT_STORAGE, use: 'stored', ...how }).highDays;
  };
  const bottle = { material: 'glass', opaque: true, top: 'trigger', heldFood: false } as const;

  test('the room and the bottle count', () => {
    const vinegar = '1 cup vinegar\n1 cup water';
    expect(kept(vinegar, { roomC: 30 })).toBe(30);
    expect(kept(vinegar, { roomC: 5 })).toBe(90);
    expect(kept(vinegar, { vessel: { ...bottle, top: 'open' } })).toBe(1);
    expect(kept('1 cup peroxide', { vessel: bottle })).toBe(180);
    expect(kept('1 cup peroxide', { vessel: { ...bottle, opaque: false } })).toBe(90);
  });

  test('infusions keep for months, juice for days, thinned bleach not at all', () => {
    expect(kept('1 cup orange peel\n2 cups vinegar', {})).toBe(180);
    expect(kept('1 cup orange juice\n1 cup water', {})).toBe(2);
    expect(kept('1 cup bleach\n1 cup water', {})).toBe(0);
  });

  test.each([
    ['1 cup peroxide', 'stored', /Dark: an opaque/],
    ['1 cup baking soda\n1/2 cup vinegar', 'fresh', /Never capped/],
    ['1 cup rubbing alcohol\n1 cup water', 'stored', /Away from hobs/],
    ['1 cup baking soda\n1 cup citric acid', 'stored', /lid can give/],
    ['1 cup washing soda', 'stored', /Airtight and dry/],
    ['1 cup water\n10 drops lavender oil', 'stored', /Shake/],
    ['1 cup vinegar\n1 cup water', 'stored', /^Cool and closed.$/],
  ] as const)('%j, %s: how to keep it', (text, use, expected) => {
    expect(labelled(text, use).storage?.join(' ')).toMatch(expected);
  });

  test('what is used at once does not keep', () => {
    expect(labelled('1/2 cup baking soda\n1/4 cup peroxide', 'fresh').keeps.highDays).toBe(0);
    expect(labelled('1 cup castile soap\n1 cup water', 'fresh').keeps.highDays).toBe(0);
  });
});

describe('the label', () => {
  test('says what is in it, how strong, and what to mind', () => {
    const label = labelled('Porthole glass\n2 cups rubbing alcohol\n2 cups distilled water\n1 tsp dish soap');
    expect(label).toMatchObject({
      name: 'Porthole glass',
      contents: ['distilled water', 'rubbing alcohol', 'dish soap'],
      shake: false,
    });
    expect(label.strengths).toEqual([{ of: 'alcohol', percent: expect.closeTo(35.6, 0), basis: 'v/v' }]);
    expect(label.cautions.join(' ')).toMatch(/catch fire/);
  });

  test('says to shake what floats or settles', () => {
    expect(labelled('1 cup water\n10 drops lavender oil').shake).toBe(true);
    expect(labelled('1 cup water\n1/2 cup baking soda').shake).toBe(true);
  });

  test('never claims to disinfect', () => {
    expect(JSON.stringify(labelled('1 cup rubbing alcohol\n1 cup water'))).not.toMatch(/disinfect|kills|germ|steril/i);
  });
});

describe('a batch', () => {
  const batch = { madeAt: '2026-10-01T08:00:00.000Z', state: 'kept', label: { keeps: { lowDays: 30 } } } as Batch;

  test('is to be discarded by its made-on and the shorter end of how long it keeps', () => {
    expect(discardBy(batch.madeAt, 30)).toBe('2026-10-31T08:00:00.000Z');
  });

  test('is past its day a day after, unless it is gone', () => {
    expect(isExpired(batch, '2026-10-31T09:00:00.000Z')).toBe(false);
    expect(isExpired(batch, '2026-11-01T09:00:00.000Z')).toBe(true);
    expect(isExpired({ ...batch, state: 'emptied' }, '2027-01-01T00:00:00.000Z')).toBe(false);
  });
});
