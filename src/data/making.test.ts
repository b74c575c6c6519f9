import { STARTER_FORMULAS, type Batch, type Made, type PantryItem, type Vessel } from '@/core';
import { MemoryStorage } from '@/testing/memoryStorage';
import { demoHome } from './demo/demoHome';
import { createLock } from './lock';
import { makingWrite, undoneWrite } from './making';
import { Store } from './store';

const lock = createLock('making');
const storeOn = (storage: MemoryStorage): Store =>
  new Store({ storage, lock, channel: { publish: () => undefined, onChange: () => () => undefined } });
const pattern: Batch = { ...demoHome(new Date()).batches[0]!, leftML: 300 };
const bottle = (id: string): Vessel => ({ ...pattern.vessel, id });
const vinegar = (value: number): PantryItem => ({ id: 'white-vinegar', left: { value, unit: 'mL' }, pack: null });
const made = (id: string, change: Partial<Made> = {}): Made => ({
  batches: [{ ...pattern, id, vessel: bottle(`v-${id}`), formula: STARTER_FORMULAS[0]! }],
  newVessels: [bottle(`v-${id}`)],
  before: [],
  taken: [{ id: 'white-vinegar', value: 100, unit: 'mL' }],
  ...change,
});
const make = (store: Store, what: Made) => store.writeFromNewest((newest) => makingWrite(what, newest));
const undo = (store: Store, what: Made) => store.writeFromNewest((newest) => undoneWrite(what, newest));
const left = async (store: Store): Promise<number | undefined> => (await store.all('pantry'))[0]?.left?.value;

async function homeWith(...records: Parameters<Store['put']>[0]): Promise<{ store: Store; storage: MemoryStorage }> {
  const storage = new MemoryStorage();
  const store = storeOn(storage);
  await store.put([{ collection: 'pantry', value: vinegar(500) }, ...records]);
  return { store, storage };
}

test('two tabs that make at once both take from the cupboard', async () => {
  const { store, storage } = await homeWith();
  await Promise.all([make(store, made('a')), make(storeOn(storage), made('b'))]);
  expect(await left(store)).toBe(300);
  expect((await store.all('batch')).map((b) => b.id)).toEqual(['a', 'b']);
  expect((await store.all('vessel')).map((v) => v.id)).toEqual(['v-a', 'v-b']);
});

test('what stood in the bottle is emptied, and stands in it again once it is taken back', async () => {
  const before = { ...pattern, id: 'before', vessel: bottle('v') };
  const { store } = await homeWith(
    { collection: 'batch', value: before },
    { collection: 'vessel', value: bottle('v') },
  );
  const what = made('a', { newVessels: [], before: [before] });
  await make(store, what);
  expect((await store.all('batch')).map((b) => [b.id, b.state])).toEqual([
    ['a', 'kept'],
    ['before', 'emptied'],
  ]);
  await undo(store, what);
  expect(await store.all('batch')).toEqual([before]);
  expect((await store.all('vessel')).map((v) => v.id)).toEqual(['v']);
  expect(await left(store)).toBe(500);
});

test('taken back twice, it is put back once; what was counted anew meanwhile counts', async () => {
  const { store } = await homeWith();
  await make(store, made('a'));
  await store.put([{ collection: 'pantry', value: vinegar(250) }]);
  await undo(store, made('a'));
  await undo(store, made('a'));
  expect(await left(store)).toBe(350);
  expect(await store.all('batch')).toEqual([]);
});

test('what was used at once is taken, and put back', async () => {
  const { store } = await homeWith();
  const atOnce = made('a', { batches: [], newVessels: [] });
  await make(store, atOnce);
  expect([await left(store), await store.all('batch')]).toEqual([400, []]);
  await undo(store, atOnce);
  expect(await left(store)).toBe(500);
});

test('an item that was taken out of the cupboard meanwhile does not come back', async () => {
  const { store } = await homeWith();
  await make(store, made('a'));
  await store.remove('pantry', 'white-vinegar');
  await undo(store, made('a'));
  expect(await store.all('pantry')).toEqual([]);
});

test('a full disk: nothing is made, and nothing is taken', async () => {
  const { store, storage } = await homeWith();
  storage.full = true;
  await expect(make(store, made('a'))).rejects.toThrow(/full/);
  storage.full = false;
  expect([await left(store), await store.all('batch')]).toEqual([500, []]);
});
