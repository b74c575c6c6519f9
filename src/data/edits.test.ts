import { STARTER_FORMULAS, type Formula, type MergeRules, type PantryItem } from '@/core';
import { entryOf } from '@/testing/entry';
import { MemoryStorage } from '@/testing/memoryStorage';
import { createLock } from './lock';
import { Store } from './store';

/** Two tabs change one record: what each began from decides what becomes of it. */

const twoTabs = () => {
  const storage = new MemoryStorage();
  const tab = (): Store =>
    new Store({
      storage,
      lock: createLock('t'),
      channel: { publish: () => undefined, onChange: () => () => undefined },
    });
  return { storage, here: tab(), there: tab() };
};

const vinegar: PantryItem = { id: 'white-vinegar', left: { value: 900, unit: 'mL' }, pack: null };
const pack = { price: 1.2, value: 1000, unit: 'mL' } as const;
const put = (store: Store, value: PantryItem): Promise<void> => store.put([{ collection: 'pantry', value }]);

test('different fields of two tabs are both kept', async () => {
  const { here, there } = twoTabs();
  await put(here, vinegar);
  await put(there, { ...vinegar, pack });
  const done = await here.edit({
    collection: 'pantry',
    base: vinegar,
    mine: { ...vinegar, left: { value: 400, unit: 'mL' } },
  });
  const both = { ...vinegar, left: { value: 400, unit: 'mL' }, pack };
  expect(done).toEqual({ kind: 'written', value: both, before: { ...vinegar, pack } });
  expect(await there.all('pantry')).toEqual([both]);
});

test('the same field asks, and writes nothing', async () => {
  const { here, there } = twoTabs();
  await put(here, vinegar);
  const theirs: PantryItem = { ...vinegar, left: { value: 100, unit: 'mL' } };
  await put(there, theirs);
  const done = await here.edit({
    collection: 'pantry',
    base: vinegar,
    mine: { ...vinegar, left: { value: 400, unit: 'mL' } },
  });
  expect(done).toMatchObject({ kind: 'asks', theirs, merged: { conflicts: [{ path: ['left', 'value'] }] } });
  expect(await here.all('pantry')).toEqual([theirs]);
});

test('what was removed elsewhere asks before it comes back', async () => {
  const { here, there } = twoTabs();
  await put(here, vinegar);
  await there.remove('pantry', vinegar.id);
  const done = await here.edit({ collection: 'pantry', base: vinegar, mine: { ...vinegar, pack } });
  expect(done).toEqual({ kind: 'asks', theirs: null, merged: null });
  expect(await here.all('pantry')).toEqual([]);
});

test('two changes that nobody refuses, and that together are refused, ask', async () => {
  const { here, there } = twoTabs();
  const base: Formula = { ...STARTER_FORMULAS[0]!, id: 'own' };
  await here.put([{ collection: 'formula', value: base }]);
  const line = (id: string, ingredient: string): Formula['lines'][number] => ({
    id,
    ingredient: { kind: 'known', id: ingredient },
    amount: { kind: 'parts', value: { low: 1, high: 1 } },
  });
  const rules: MergeRules = { isWhole: ([field, one]) => field === 'lines' && one !== undefined };
  const theirs = { ...base, lines: [...base.lines, line('x', 'ammonia')] };
  await there.put([{ collection: 'formula', value: theirs }]);
  const done = await here.edit({
    collection: 'formula',
    base,
    mine: { ...base, lines: [...base.lines, line('y', 'bleach')] },
    rules,
    accepts: ({ lines }) => !(lines.some((l) => l.id === 'x') && lines.some((l) => l.id === 'y')),
  });
  expect(done).toMatchObject({ kind: 'asks', theirs });
  expect((await here.all('formula'))[0]?.lines).toEqual(theirs.lines);
});

test('an entry of the log is found on its month’s page, and its last touch knows what gave way', async () => {
  const { here, there } = twoTabs();
  const base = entryOf({ id: 'e', notes: 'first' });
  await here.write({ log: { put: [base], remove: [] } });
  await there.write({ log: { put: [{ ...base, workMinutes: 7 }], remove: [] } });
  const done = await here.edit({
    collection: 'log',
    base,
    mine: { ...base, notes: 'second' },
    finish: (value, before) => ({ ...value, notes: `${value.notes}, before: ${before?.workMinutes}` }),
  });
  expect(done).toMatchObject({ kind: 'written', value: { notes: 'second, before: 7', workMinutes: 7 } });
  expect((await there.log()).entries).toMatchObject([{ id: 'e', notes: 'second, before: 7', workMinutes: 7 }]);
});

test('on a full disk nothing of it is written, now or later', async () => {
  const { storage, here } = twoTabs();
  await put(here, vinegar);
  storage.full = true;
  await expect(here.edit({ collection: 'pantry', base: vinegar, mine: { ...vinegar, pack } })).rejects.toThrow('full');
  storage.full = false;
  expect(await here.all('pantry')).toEqual([vinegar]);
});
