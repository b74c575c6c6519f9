import { withBought, withoutBought } from './bought';
import { packsOf, type PantryItem } from './pantry';
import type { PacksBought, Purchase } from './purchase';

const bought = (...packs: PacksBought[]): Purchase => ({
  id: 'p',
  at: '2026-11-28T10:00:00.000Z',
  itemId: 'white-vinegar',
  name: 'white vinegar',
  packs,
});
const litres = (count: number, price: number | null = 0.95): PacksBought => ({ count, price, value: 1000, unit: 'mL' });
const vinegar = (more: Partial<PantryItem> = {}): PantryItem => ({
  id: 'white-vinegar',
  left: { value: 200, unit: 'mL' },
  pack: null,
  ...more,
});

describe('what was bought is in the cupboard', () => {
  test('with what was there', () => {
    expect(withBought(vinegar(), bought(litres(2)), false)).toEqual({
      id: 'white-vinegar',
      left: { value: 2200, unit: 'mL' },
      pack: { price: 0.95, value: 1000, unit: 'mL' },
    });
  });

  test('where it did not stand before', () => {
    expect(withBought(null, bought(litres(1)), false)).toEqual({
      id: 'white-vinegar',
      left: { value: 1000, unit: 'mL' },
      pack: { price: 0.95, value: 1000, unit: 'mL' },
    });
  });

  test('what nobody counts stays so', () =>
    expect(withBought(vinegar({ left: null }), bought(litres(1)), false).left).toBeNull());

  test('what is past its day goes, and the new pack is not open yet', () => {
    const old = vinegar({ openedAt: '2025-01-01T12:00:00.000Z' });
    expect(withBought(old, bought(litres(1)), true)).toMatchObject({ left: { value: 1000 } });
    expect(withBought(old, bought(litres(1)), true).openedAt).toBeUndefined();
    expect(withBought(old, bought(litres(1)), false).openedAt).toBe(old.openedAt);
  });

  test('a new size is known from then on, and a known one has the price that was paid last', () => {
    const half: PacksBought = { count: 1, price: 0.6, value: 500, unit: 'mL' };
    const known = vinegar({ pack: { price: 0.85, value: 1000, unit: 'mL' } });
    expect(packsOf(withBought(known, bought(half, litres(1, 1.05)), false))).toEqual([
      { price: 1.05, value: 1000, unit: 'mL' },
      { price: 0.6, value: 500, unit: 'mL' },
    ]);
    // Nobody said what it cost: what was known stays.
    expect(withBought(known, bought(litres(1, null)), false).pack?.price).toBe(0.85);
  });

  test('bought whatever the pack, it is no size that is sold', () => {
    const some: PacksBought = { count: 1, price: null, value: 18, unit: 'mL' };
    expect(withBought(null, bought(some), false)).toEqual({
      id: 'white-vinegar',
      left: { value: 18, unit: 'mL' },
      pack: null,
    });
  });

  test('a pack by weight is counted by volume, by its density', () => {
    // Vinegar of 5 % weighs about 1.005 g/mL (CRC Handbook; from memory): 1005 g are a litre.
    const byWeight: PacksBought = { count: 1, price: null, value: 1005, unit: 'g' };
    expect(withBought(vinegar(), bought(byWeight), false).left?.value).toBeCloseTo(1200, -1);
  });
});

describe('taken back', () => {
  test('it is as it was', () => {
    const purchase = bought(litres(2));
    expect(withoutBought(withBought(vinegar(), purchase, false), purchase).left).toEqual({ value: 200, unit: 'mL' });
  });

  test('what was past its day and gave way is there again, as it was', () => {
    const old = vinegar({ openedAt: '2025-01-01T12:00:00.000Z' });
    const purchase = { ...bought(litres(1)), replaced: { left: old.left, openedAt: old.openedAt! } };
    expect(withoutBought(withBought(old, purchase, true), purchase)).toMatchObject({
      left: old.left,
      openedAt: old.openedAt,
    });
    const uncounted = { ...purchase, replaced: { left: null } };
    const back = withoutBought(withBought(vinegar({ left: null }), uncounted, true), uncounted);
    expect([back.left, back.openedAt]).toEqual([null, undefined]);
  });

  test('what was used meanwhile stays used, and never less than nothing is left', () => {
    const used = { ...withBought(vinegar(), bought(litres(1)), false), left: { value: 900, unit: 'mL' as const } };
    expect(withoutBought(used, bought(litres(1))).left?.value).toBe(0);
  });
});
