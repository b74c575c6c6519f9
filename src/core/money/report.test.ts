import type { HomeSurface } from '../cleaning/homeSurface';
import type { LogEntry } from '../cleaning/logEntry';
import { bottleOf, entryOf, surfaceOf } from '@/testing/entry';
import { usedOf } from '../cleaning/jobLog';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { Formula } from '../formula/formula';
import type { Batch } from '../shelf-life/batch';
import type { Cost } from '../stock/cost';
import type { PantryItem } from '../stock/pantry';
import { moneyReport, type ToReckon } from './report';

const recipe = (id: string, text: string, more: Partial<Formula> = {}): Formula => ({
  ...formulaFromReading(readRecipe(text, { measures: 'metric' }), id, id, 'metric')!,
  id,
  ...more,
});
const HALF = recipe('Half', '200 mL vinegar\n200 mL distilled water', {
  form: 'spray',
  madeFor: { surfaces: ['glazed-tile'], soils: ['limescale'] },
});
const SUDS = recipe('Suds', '10 mL dish soap\n990 mL water', { use: 'fresh', form: 'cloth' });
const priced = (id: string, price: number | null, value: number): PantryItem => ({
  id,
  left: null,
  pack: { price, value, unit: 'mL' },
});
// Vinegar 1.00 and water 0.40 a litre: half and half 0.70. Dish soap 4.00 a litre: suds 0.04.
const PANTRY = [priced('white-vinegar', 1, 1000), priced('distilled-water', 2, 5000), priced('dish-soap', 2, 500)];
let id = 0;
const use = (formula: Formula, at: string, mL: number | null, cost: Cost | null, room = 'bath'): LogEntry =>
  entryOf({
    id: `e${++id}`,
    at: `${at}T12:00:00.000Z`,
    room: { id: room, name: room },
    surface: { id: 'tiles', name: 'Tiles', material: 'glazed-tile' },
    soil: { id: 'limescale', name: 'Limescale' },
    used: usedOf(formula),
    ...(mL === null ? {} : { took: { volumeML: mL, massG: null, cost } }),
  });
const costing = (money: number): Cost => ({ money, unpriced: [] });
const bottle = (more: Partial<Batch>): Batch =>
  bottleOf(HALF, { id: `b${++id}`, volumeML: 400, madeAt: '2026-03-01T12:00:00.000Z', ...more });
// One for 3.00, 30 uses: 0.10 a use.
const SPRAY = {
  id: 'i',
  name: 'bathroom spray',
  price: 3,
  value: 750,
  unit: 'mL' as const,
  uses: 30,
  formulaIds: ['Half'],
};
const home = (more: Partial<ToReckon>): ToReckon => ({
  rooms: [
    { id: 'bath', name: 'Bathroom', kind: 'bathroom', small: false },
    { id: 'hall', name: 'Hall', kind: 'hall', small: false },
  ],
  surfaces: [],
  pantry: PANTRY,
  facts: { dropsPerML: 20, lives: [], hardnessMgPerL: null, schools: {}, roomC: 20, humidityPercent: 60 },
  log: [],
  batches: [],
  vessels: [],
  formulas: [HALF, SUDS],
  purchases: [],
  instead: [SPRAY],
  nowISO: '2026-11-28T12:00:00.000Z',
  ...more,
});
const yearOf = (more: Partial<ToReckon>) => moneyReport(home(more)).year;

describe('what this year has spared', () => {
  const log = [
    // Ten of them at 0.03: 0.30, where buying would have been 1.00.
    ...Array.from({ length: 10 }, (_, i) => use(HALF, `2026-0${1 + (i % 9)}-10`, 40, costing(0.03))),
    // Held beside nothing.
    use(SUDS, '2026-05-10', 250, costing(0.01)),
    // Of the year before.
    use(HALF, '2025-12-30', 40, costing(0.03)),
  ];

  test('is what buying would have cost, less the same uses', () => {
    const year = yearOf({ log });
    expect(year.compared).toEqual({
      uses: 10,
      money: expect.closeTo(0.3, 9) as number,
      instead: expect.closeTo(1, 9) as number,
    });
    expect(year.alone).toEqual({ uses: 1, money: expect.closeTo(0.01, 9) as number });
    expect(year.saved).toBeCloseTo(0.7, 9);
    expect([year.unknownUses, year.estimatedUses, year.unpriced]).toEqual([0, 0, []]);
    // The one of December, whole in the year before.
    const { lastYear } = moneyReport(home({ log }));
    expect(lastYear).toMatchObject({ year: '2025', compared: { uses: 1 }, saved: expect.closeTo(0.07, 9) as number });
    expect(lastYear.soFar).toEqual([{ month: '2025-12', money: expect.closeTo(0.07, 9) as number }]);
  });

  test('less what was poured away, by what was left of it', () => {
    const batches = [
      // 0.28 when it was made, a quarter of it left: 0.07.
      bottle({ state: 'discarded', endedAt: '2026-06-01T12:00:00.000Z', leftML: 100, cost: costing(0.28) }),
      // Nobody moved its level: all of it. By the prices of now 0.4 L at 0.70: 0.28.
      bottle({ state: 'discarded', endedAt: '2026-06-02T12:00:00.000Z' }),
      // Poured out for something else with 200 mL left: 0.10.
      bottle({ state: 'emptied', endedAt: '2026-06-03T12:00:00.000Z', leftML: 200, cost: costing(0.2) }),
      // Used up, and of the year before: nothing.
      bottle({ state: 'emptied', endedAt: '2026-06-04T12:00:00.000Z', cost: costing(0.2) }),
      bottle({ state: 'discarded', endedAt: '2025-06-04T12:00:00.000Z', cost: costing(0.2) }),
      bottle({ cost: costing(0.2), leftML: 300 }),
    ];
    const year = yearOf({ log, batches });
    expect(year.spoiled).toEqual({ bottles: 3, money: expect.closeTo(0.07 + 0.28 + 0.1, 6) as number });
    expect(year.saved).toBeCloseTo(0.7 - 0.45, 6);
  });

  test('what a bottle was topped up with was not poured away', () => {
    const at = '2026-06-03T12:00:00.000Z';
    const before = bottle({ state: 'emptied', endedAt: at, leftML: 200, cost: costing(0.2) });
    const after = bottle({ madeAt: at, oldestAt: before.madeAt });
    expect(yearOf({ batches: [before, after] }).spoiled).toEqual({ bottles: 0, money: 0 });
  });

  test('what was poured out for something else is, though another bottle was topped up that moment', () => {
    const at = '2026-06-03T12:00:00.000Z';
    const before = bottle({ state: 'emptied', endedAt: at, leftML: 200, cost: costing(0.2) });
    const spoiled = (after: Partial<Batch>) => yearOf({ batches: [before, bottle(after)] }).spoiled.bottles;
    const other = { ...before.vessel, id: 'other' };
    // Filled anew, another one topped up, and this one, but a day later.
    expect(spoiled({ madeAt: at })).toBe(1);
    expect(spoiled({ madeAt: at, oldestAt: before.madeAt, vessel: other })).toBe(1);
    expect(spoiled({ madeAt: '2026-06-04T12:00:00.000Z', oldestAt: before.madeAt })).toBe(1);
  });

  test('less bottles that were bought: making may have cost more', () => {
    const vessel = bottle({}).vessel;
    const vessels = [
      { ...vessel, bought: { price: 2.5, at: '2026-02-01T12:00:00.000Z' } },
      { ...vessel, id: 'w', bought: { price: 9, at: '2025-02-01T12:00:00.000Z' } },
      { ...vessel, id: 'x' },
    ];
    const year = yearOf({ log, vessels });
    expect(year.bottles).toEqual({ bottles: 1, money: 2.5 });
    // One use a month at 0.07 spared, two in January; the bottle in February.
    expect(year.soFar.map((m) => m.month)).toHaveLength(11);
    expect(year.soFar[0]).toEqual({ month: '2026-01', money: expect.closeTo(0.14, 9) as number });
    expect(year.soFar[1]).toEqual({ month: '2026-02', money: expect.closeTo(0.14 + 0.07 - 2.5, 9) as number });
    expect(year.soFar.at(-1)?.money).toBeCloseTo(year.saved ?? NaN, 9);
    expect(year.saved).toBeCloseTo(0.7 - 2.5, 9);
  });

  test('is not said where nothing is held beside it', () =>
    expect(yearOf({ log, instead: [] })).toMatchObject({ saved: null, soFar: [] }));

  test('what was spent in shops is what was ticked off', () => {
    const bought = (at: string, price: number | null) => ({
      id: at,
      at: `${at}T12:00:00.000Z`,
      itemId: 'white-vinegar',
      name: 'white vinegar',
      packs: [{ price, value: 1000, unit: 'mL' as const, count: 2 }],
    });
    const purchases = [bought('2026-02-01', 0.95), bought('2026-03-01', null), bought('2025-03-01', 4)];
    expect(yearOf({ purchases }).spent).toBeCloseTo(1.9, 9);
  });
});

describe('a use that kept no price', () => {
  test('costs by its amount and the prices of now, and is said to be an estimate', () => {
    // 100 mL at 0.70 a litre.
    const year = yearOf({ log: [use(HALF, '2026-05-10', 100, null)] });
    expect([year.compared.money, year.estimatedUses]).toEqual([expect.closeTo(0.07, 6), 1]);
  });

  test('kept no amount either: what such a place usually takes', () => {
    const tiles = surfaceOf({ id: 'tiles', roomId: 'bath', surfaceId: 'glazed-tile', areaM2: 12 });
    // A quarter of 12 m² is sprayed with 50 mL to the square metre (see useForms): 150 mL at 0.70.
    const year = yearOf({ log: [use(HALF, '2026-05-10', null, null)], surfaces: [tiles] });
    expect([year.compared.money, year.estimatedUses]).toEqual([expect.closeTo(0.105, 6), 1]);
  });

  const costs = (more: Partial<LogEntry>, formula: Formula = HALF, surfaces: readonly HomeSurface[] = []) => {
    const { compared, alone } = yearOf({ log: [{ ...use(formula, '2026-05-10', null, null), ...more }], surfaces });
    return compared.money + alone.money;
  };

  test('in a place that is not of the home: as much as such a surface usually has', () =>
    // A quarter of the usual 6 m² of tile, 50 mL to the square metre: 75 mL at 0.70.
    expect(costs({})).toBeCloseTo(0.0525, 6));

  test('of which nobody said what was lifted: all of the surface, as its form takes', () =>
    // 6 m² at 50 mL: 300 mL at 0.70.
    expect(costs({ soil: { id: null, name: '' } })).toBeCloseTo(0.21, 6));

  test('of what is used up at once: the whole bowl', () =>
    // A cloth is wrung out in 250 mL at least; 0.04 a litre.
    expect(costs({ soil: { id: 'daily-dirt', name: 'Daily dirt' } }, SUDS)).toBeCloseTo(0.01, 4));

  test('of a surface whose material nobody knows, or of a formula that is not kept with it, is not known', () => {
    expect(costs({ surface: { id: null, name: 'It', material: null } })).toBe(0);
    const cardless = { ...use(HALF, '2026-05-10', 100, null), used: { ...usedOf(HALF), card: '' } } as LogEntry;
    expect(yearOf({ log: [cardless] })).toMatchObject({ unknownUses: 1, compared: { uses: 0 } });
  });

  test('is of its own amount, whatever another of the formula took', () => {
    const log = [use(HALF, '2026-05-10', 100, null), use(HALF, '2026-05-11', 200, null)];
    expect(yearOf({ log }).compared.money).toBeCloseTo(0.21, 6);
  });

  test('of what has no price is on neither side', () => {
    const year = yearOf({ log: [use(HALF, '2026-05-10', 100, null)], pantry: [] });
    expect([year.compared.uses, year.unknownUses, year.saved]).toEqual([0, 1, null]);
  });

  test('what has no price in a use that counts is named', () => {
    const year = yearOf({ log: [use(HALF, '2026-05-10', 100, null)], pantry: PANTRY.slice(0, 1) });
    expect([year.compared.money, year.unpriced]).toEqual([expect.closeTo(0.05, 6), ['distilled water']]);
  });
});

describe('month by month', () => {
  const log = [
    use(HALF, '2026-11-02', 40, costing(0.03)),
    use(HALF, '2026-11-20', 40, costing(0.05)),
    use(SUDS, '2026-11-20', 250, costing(0.01), 'hall'),
    use(SUDS, '2026-10-20', 250, costing(0.02), 'hall'),
    use(HALF, '2025-12-15', 40, costing(0.5)),
    // Before the twelve months.
    use(HALF, '2025-11-15', 40, costing(9)),
    { ...use(HALF, '2026-11-20', 40, costing(1)), used: { kind: 'bought' as const, id: null, name: 'suds' } },
  ];
  const { months, rooms } = moneyReport(home({ log }));

  test('twelve of them, this one last, room by room', () => {
    expect(months.map((m) => m.month)).toEqual([
      '2025-12', '2026-01', '2026-02', '2026-03', '2026-04', '2026-05',
      '2026-06', '2026-07', '2026-08', '2026-09', '2026-10', '2026-11',
    ]); // prettier-ignore
    expect(rooms).toEqual(['Bathroom', 'Hall']);
    expect(months.at(-1)).toEqual({
      month: '2026-11',
      money: expect.closeTo(0.09, 9) as number,
      rooms: [
        { room: 'Bathroom', money: expect.closeTo(0.08, 9) as number, uses: 2 },
        { room: 'Hall', money: expect.closeTo(0.01, 9) as number, uses: 1 },
      ],
    });
    expect(months[0]).toMatchObject({ money: 0.5, rooms: [{ room: 'Bathroom', uses: 1 }] });
    expect(months[5]).toEqual({ month: '2026-05', money: 0, rooms: [] });
  });

  test('in January the eleven months before are of the last year', () =>
    expect(moneyReport(home({ nowISO: '2026-01-15T12:00:00.000Z' })).months[0]?.month).toBe('2025-02'));

  test('the log names a room that is not there any more', () =>
    expect(moneyReport(home({ log, rooms: [] })).rooms).toEqual(['bath', 'hall']));
});

test('a formula has its uses, what one costs, what a litre does, and what would be bought', () => {
  const log = [
    use(HALF, '2026-05-10', 40, costing(0.02)),
    use(HALF, '2026-06-10', 40, costing(0.04)),
    use(SUDS, '2026-06-10', 250, costing(0.01)),
    use(SUDS, '2025-06-10', 250, costing(0.01)),
  ];
  const [first, second] = moneyReport(home({ log })).formulas;
  expect(first).toEqual({
    formulaId: 'Half',
    name: 'Half',
    uses: 2,
    unknownUses: 0,
    perUse: expect.closeTo(0.03, 9) as number,
    perL: expect.closeTo(0.7, 4) as number,
    unpriced: [],
    instead: SPRAY,
  });
  expect(second).toMatchObject({ formulaId: 'Suds', uses: 1, perL: expect.closeTo(0.04, 3) as number, instead: null });
});
