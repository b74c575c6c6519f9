import type { PantryItem, Purchase } from '@/core';
import { MemoryStorage } from '@/testing/memoryStorage';
import { boughtWrite, takenBackWrite } from './buying';
import { createLock } from './lock';
import { Store } from './store';

const lock = createLock('buying');
const storeOn = (storage: MemoryStorage): Store =>
  new Store({ storage, lock, channel: { publish: () => undefined, onChange: () => () => undefined } });
const item: PantryItem = { id: 'white-vinegar', left: { value: 200, unit: 'mL' }, pack: null };
const purchase = (id: string): Purchase => ({
  id,
  at: '2026-11-28T10:00:00.000Z',
  itemId: 'white-vinegar',
  name: 'white vinegar',
  packs: [{ count: 1, price: 0.95, value: 1000, unit: 'mL' }],
});
const buy = (store: Store, id: string) =>
  store.writeFromNewest((newest) => boughtWrite({ purchase: purchase(id), replaces: false }, newest));
const takeBack = (store: Store, id: string) => store.writeFromNewest((newest) => takenBackWrite(purchase(id), newest));
const left = async (store: Store): Promise<number | undefined> => (await store.all('pantry'))[0]?.left?.value;

async function home(): Promise<{ store: Store; other: Store }> {
  const storage = new MemoryStorage();
  const store = storeOn(storage);
  await store.put([{ collection: 'pantry', value: item }]);
  return { store, other: storeOn(storage) };
}

test('what two tabs buy is all there', async () => {
  const { store, other } = await home();
  await Promise.all([buy(store, 'a'), buy(other, 'b')]);
  expect(await left(store)).toBe(2200);
  expect((await store.all('purchase')).map((p) => p.id)).toEqual(['a', 'b']);
});

test('bought once and taken back once, however often it is asked', async () => {
  const { store, other } = await home();
  await buy(store, 'a');
  await buy(other, 'a');
  expect(await left(store)).toBe(1200);
  await Promise.all([takeBack(store, 'a'), takeBack(other, 'a')]);
  expect(await left(store)).toBe(200);
  expect(await store.all('purchase')).toEqual([]);
});

test('what was past its day comes back with its day, where the tick was a mistake', async () => {
  const { store } = await home();
  const old: PantryItem = { ...item, openedAt: '2025-01-01T12:00:00.000Z' };
  await store.put([{ collection: 'pantry', value: old }]);
  await store.writeFromNewest((newest) => boughtWrite({ purchase: purchase('a'), replaces: true }, newest));
  expect((await store.all('pantry'))[0]?.openedAt).toBeUndefined();
  expect(await left(store)).toBe(1000);
  await takeBack(store, 'a');
  expect((await store.all('pantry'))[0]).toMatchObject({ left: old.left, openedAt: old.openedAt });
});

test('taken back where the item was removed meanwhile, only the purchase goes', async () => {
  const { store } = await home();
  await buy(store, 'a');
  await store.remove('pantry', 'white-vinegar');
  await takeBack(store, 'a');
  expect([await store.all('pantry'), await store.all('purchase')]).toEqual([[], []]);
});
