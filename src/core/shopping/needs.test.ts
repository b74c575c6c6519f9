import type { HomeSurface, Room } from '../cleaning/homeSurface';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { Formula } from '../formula/formula';
import { DAY_MS } from '../quantity/time';
import type { Batch } from '../shelf-life/batch';
import type { Pack, PantryItem } from '../stock/pantry';
import type { LogEntry } from '../cleaning/logEntry';
import { bottleOf, entryOf, surfaceOf } from '@/testing/entry';
import { shoppingNeeds } from './needs';
import type { ToShopFor } from './uses';

const NOW = '2026-11-28T10:00:00.000Z';
const dayFrom = (days: number): string => new Date(Date.parse(NOW) + days * DAY_MS).toISOString();

const recipe = (id: string, text: string, more: Partial<Formula> = {}): Formula => ({
  ...formulaFromReading(readRecipe(text, { measures: 'metric' }), id, id, 'metric')!,
  id,
  ...more,
});
// Half of it is vinegar; kept, sprayed, for tiles.
const HALF = recipe('Half', '200 mL vinegar\n200 mL distilled water', {
  form: 'spray',
  madeFor: { surfaces: ['glazed-tile'], soils: ['limescale'] },
});
const ROOM: Room = { id: 'shower', name: 'Shower room', kind: 'bathroom', small: false };
const tiles = (everyDays: number, formulaId: string | null = 'Half'): HomeSurface =>
  surfaceOf({
    id: 'tiles',
    roomId: 'shower',
    name: 'Wall tiles',
    surfaceId: 'glazed-tile',
    areaM2: 12,
    upkeep: { everyDays, soilId: 'limescale', formulaId },
  });
const doneAgo = (days: number): LogEntry =>
  entryOf({ at: dayFrom(-days), surface: { id: 'tiles', name: 'Wall tiles', material: 'glazed-tile' } });
const litre = (price: number): Pack => ({ price, value: 1000, unit: 'mL' });
const item = (id: string, left: number | null, more: Partial<PantryItem> = {}): PantryItem => ({
  id,
  left: left === null ? null : { value: left, unit: 'mL' },
  pack: null,
  ...more,
});
const bottle = (mL: number, madeAgo: number, keepsDays: number): Batch =>
  bottleOf(HALF, { leftML: mL, madeAt: dayFrom(-madeAgo) }, keepsDays);
const home = (more: Partial<ToShopFor> = {}): ToShopFor => ({
  rooms: [ROOM],
  surfaces: [tiles(7)],
  recent: [doneAgo(7)],
  facts: { dropsPerML: 20, lives: [], hardnessMgPerL: null, schools: {}, roomC: 20, humidityPercent: 60 },
  batches: [],
  formulas: [HALF],
  pantry: [item('white-vinegar', 0, { pack: litre(0.95) }), item('distilled-water', 5000)],
  wanted: [],
  days: 14,
  nowISO: NOW,
  ...more,
});
const vinegar = (of: ToShopFor) => shoppingNeeds(of).items.find((i) => i.id === 'white-vinegar');
const mixture = (of: ToShopFor) => shoppingNeeds(of).mixtures[0];

/** What one time takes, as the way says: read off a single day, so that sums are of it alone. */
const ONCE = mixture(home({ days: 1, surfaces: [tiles(7)] }))!.volumeML!;

describe('how often', () => {
  // Due today and every 7 days: on day 0 and 7 of 14, and on day 14 of 15.
  test.each([
    [1, 7, 7, 1],
    [7, 7, 7, 1],
    [8, 7, 7, 2],
    [14, 7, 7, 2],
    [15, 7, 7, 3],
    // Done two days ago: due on day 5 and 12.
    [5, 7, 2, 0],
    [6, 7, 2, 1],
    [14, 7, 2, 2],
    // Long overdue, it is made up for once, today.
    [7, 7, 60, 1],
    [14, 1, 1, 14],
  ])('in %d days, every %d, done %d days ago: %d times', (days, everyDays, ago, times) => {
    const of = home({ days, surfaces: [tiles(everyDays)], recent: [doneAgo(ago)] });
    expect(mixture(of)?.times ?? 0).toBe(times);
  });

  test('a surface that is only done when it needs it asks for nothing', () =>
    expect(shoppingNeeds(home({ surfaces: [{ ...tiles(7), upkeep: null }] })).mixtures).toEqual([]));
});

describe('what it comes to', () => {
  test('half of what is sprayed is vinegar', () => {
    expect(ONCE).toBeGreaterThan(100);
    expect(mixture(home())).toMatchObject({
      volumeML: 2 * ONCE,
      fromShelfML: 0,
      times: 2,
      places: ['Wall tiles, Shower room'],
    });
    expect(vinegar(home())).toMatchObject({ needs: expect.closeTo((2 * ONCE) / 2, 6) as number, has: 0 });
  });

  test('what stands on the shelf comes first, then the cupboard, then the shop', () => {
    const of = home({
      batches: [bottle(ONCE + 20, 3, 60)],
      pantry: [item('white-vinegar', 10, { pack: litre(0.95) })],
    });
    expect(mixture(of)).toMatchObject({ fromShelfML: ONCE + 20, volumeML: Math.max(100, ONCE - 20) });
    const needs = Math.max(100, ONCE - 20) / 2;
    expect(vinegar(of)).toMatchObject({
      needs: expect.closeTo(needs, 6) as number,
      short: expect.closeTo(needs - 10, 6) as number,
    });
    expect(vinegar(of)?.buy?.packs).toEqual([{ ...litre(0.95), count: 1 }]);
  });

  test('a bottle is no good for the day after it is to be poured away', () => {
    // It keeps 5 days more: good for today, not for the next week.
    const of = home({ batches: [bottle(450, 55, 60)] });
    expect(mixture(of)).toMatchObject({ fromShelfML: ONCE, volumeML: Math.max(100, ONCE) });
  });

  test('what nobody counted is taken to do, and what is enough is not bought', () => {
    expect(vinegar(home({ pantry: [item('white-vinegar', null)] }))).toMatchObject({ has: null, short: 0, buy: null });
    expect(vinegar(home({ pantry: [item('white-vinegar', 500)] }))).toMatchObject({ has: 500, short: 0 });
    // A hand does not pour more exactly than a hundredth.
    expect(vinegar(home({ pantry: [item('white-vinegar', 0.995 * ONCE)] }))?.short).toBe(0);
    expect(vinegar(home({ pantry: [item('white-vinegar', 0.98 * ONCE)] }))?.short).toBeGreaterThan(0);
  });

  test('what will be past its day when it is wanted is bought anew', () => {
    // Peroxide, open for 175 of its 180 days: good today, not next week.
    const peroxide = recipe('Mould peroxide', '100 mL hydrogen peroxide', {
      madeFor: { surfaces: ['glazed-tile'], soils: ['mould'] },
    });
    const wall = {
      ...tiles(7, 'Mould peroxide'),
      upkeep: { everyDays: 7, soilId: 'mould', formulaId: 'Mould peroxide' },
    };
    const with_ = (openedAgo: number, left: number | null = 5000) =>
      shoppingNeeds(
        home({
          surfaces: [wall],
          recent: [],
          formulas: [peroxide],
          pantry: [item('hydrogen-peroxide', left, { openedAt: dayFrom(-openedAgo) })],
        }),
      ).items.find((i) => i.id === 'hydrogen-peroxide');
    expect(with_(10)).toMatchObject({ short: 0, isPast: false });
    const soon = with_(175)!;
    expect(soon.isPast).toBe(true);
    // Uncounted, it is bought anew all the same.
    expect(with_(175, null)).toMatchObject({ isPast: true, has: null, short: soon.short });
    expect(soon.short).toBeCloseTo(soon.needs / 2, 6);
  });

  test('water from the tap is never on the list', () => {
    const tap = recipe('Tap', '100 mL vinegar\n100 mL water', {
      form: 'spray',
      madeFor: { surfaces: ['glazed-tile'], soils: ['limescale'] },
    });
    const of = home({ surfaces: [tiles(7, 'Tap')], formulas: [tap], pantry: [] });
    expect(shoppingNeeds(of).items.map((i) => i.id)).toEqual(['white-vinegar']);
  });
});

test('what is wanted besides comes to what is asked, whatever stands on the shelf', () => {
  const of = home({
    surfaces: [],
    batches: [bottle(450, 3, 60)],
    wanted: [{ kind: 'formula', id: 'w', formulaId: 'Half', name: 'Half', volumeML: 400 }],
  });
  expect(mixture(of)).toMatchObject({ volumeML: 400, fromShelfML: 0, times: 0, places: [] });
  // 200 mL of vinegar: the half litre costs less than the litre.
  const half = { price: 0.6, value: 500, unit: 'mL' as const };
  const priced = { ...of, pantry: [item('white-vinegar', 0, { pack: litre(0.95), alsoSold: [half] })] };
  expect(vinegar(priced)).toMatchObject({
    needs: 200,
    short: 200,
    buy: { price: 0.6, packs: [{ ...half, count: 1 }] },
  });
});

test('what is made anyway serves the rooms as well', () => {
  const of = home({ wanted: [{ kind: 'formula', id: 'w', formulaId: 'Half', name: 'Half', volumeML: 400 }] });
  // Twice 150 mL come out of the 400 mL.
  expect(mixture(of)).toMatchObject({ volumeML: 400, times: 2 });
  const more = home({ days: 28, wanted: of.wanted });
  expect(mixture(more)).toMatchObject({ volumeML: 400 + 4 * ONCE - 400, times: 4 });
});

test('nothing new is bought where what the home cleans with does it well', () => {
  const mirror = {
    ...tiles(7, null),
    surfaceId: 'mirror',
    upkeep: { everyDays: 7, soilId: 'fingerprints', formulaId: null },
  };
  const asks = (pantry: readonly PantryItem[]) =>
    shoppingNeeds(home({ surfaces: [mirror], recent: [], formulas: [], pantry })).items.map((i) => i.id);
  // Where nothing is known of the cupboard it is what is done first: alcohol.
  expect(asks([])).toContain('isopropyl-alcohol');
  // Used up, they are bought again; alcohol is not.
  expect(asks([item('dish-soap', 0), item('distilled-water', 0), item('white-vinegar', 0)])).not.toContain(
    'isopropyl-alcohol',
  );
});

test('what runs low and is not asked for is one pack, of the size that is cheapest by the litre', () => {
  const small = { price: 1, value: 250, unit: 'mL' as const };
  const low = item('dish-soap', 40, { pack: small, alsoSold: [{ price: 2.4, value: 1000, unit: 'mL' }] });
  const { low: found } = shoppingNeeds(home({ surfaces: [], pantry: [low, item('borax', 900)] }));
  expect(found).toEqual([
    {
      id: 'dish-soap',
      state: 'low',
      buy: { price: 2.4, amount: 1000, packs: [{ price: 2.4, value: 1000, unit: 'mL', count: 1 }] },
    },
  ]);
});

test('packs by weight are held against what is counted by volume, by its density', () => {
  // Dish soap at about 1.03 g/mL: a pack of 515 g holds some 500 mL.
  const soap = recipe('Soap', '500 mL dish soap');
  const of = home({
    surfaces: [],
    formulas: [soap],
    wanted: [{ kind: 'formula', id: 'w', formulaId: 'Soap', name: 'Soap', volumeML: 900 }],
    pantry: [{ id: 'dish-soap', left: { value: 0, unit: 'mL' }, pack: { price: 2, value: 530, unit: 'g' } }],
  });
  const need = shoppingNeeds(of).items[0]!;
  expect(need.buy?.packs[0]?.count).toBe(2);
  expect(need.buy!.amount).toBeGreaterThan(2 * 500);
  expect(need.buy!.amount).toBeLessThan(2 * 530);
});

test('a place that nothing is known for is said', () => {
  const sockets = {
    ...tiles(7, null),
    surfaceId: 'sockets',
    upkeep: { everyDays: 7, soilId: 'limescale', formulaId: null },
  };
  const { noWay, items, mixtures } = shoppingNeeds(home({ surfaces: [sockets], recent: [] }));
  expect(noWay).toEqual(['Wall tiles, Shower room: limescale and water spots']);
  expect([items, mixtures]).toEqual([[], []]);
});
