import { entryOf } from '@/testing/entry';
import { STARTER_FORMULAS } from '../formula/starters';
import { DEFAULT_SETTINGS, EMPTY_HOME, type Home } from './home';
import { mergeHomes } from './mergeHomes';

const formula = (id: string, name: string) => ({ ...STARTER_FORMULAS[0]!, id, name });
const NOTHING = { added: 0, newer: 0, both: 0, stays: 0 };
let ids = 0;
const merge = (here: Partial<Home>, file: Partial<Home>) =>
  mergeHomes({ ...EMPTY_HOME, ...here }, { ...EMPTY_HOME, ...file }, () => `new-${++ids}`);

test('what is in the file alone comes in, what is the same is left, what is here alone stays', () => {
  const [a, b, c] = [formula('a', 'A'), formula('b', 'B'), formula('c', 'C')];
  const { home, lists } = merge({ formulas: [a, b] }, { formulas: [b, c] });
  expect(home.formulas.map((f) => f.id)).toEqual(['a', 'b', 'c']);
  expect(lists.formulas).toEqual({ ...NOTHING, added: 1 });
  expect(lists.log).toEqual(NOTHING);
});

test('a formula that is not the same here and there: both, the one of the file under a name that says so', () => {
  const { home, lists } = merge({ formulas: [formula('a', 'Mine')] }, { formulas: [formula('a', 'Theirs')] });
  expect(home.formulas.map((f) => f.name)).toEqual(['Mine', 'Theirs (from the file)']);
  expect(new Set(home.formulas.map((f) => f.id)).size).toBe(2);
  expect(lists.formulas).toEqual({ ...NOTHING, both: 1 });
  const long = merge({ formulas: [formula('a', 'x')] }, { formulas: [formula('a', 'y'.repeat(80))] });
  expect(long.home.formulas[1]?.name.length).toBeLessThanOrEqual(80);
});

test('of two entries the one that was changed last holds', () => {
  const entry = entryOf({ id: 'e', at: '2026-11-20T10:00:00.000Z', notes: 'first' });
  const changed = { ...entry, notes: 'second', history: [{ at: '2026-11-21T10:00:00.000Z', was: { notes: 'first' } }] };
  expect(merge({ log: [entry] }, { log: [changed] })).toMatchObject({
    home: { log: [{ notes: 'second' }] },
    lists: { log: { newer: 1 } },
  });
  expect(merge({ log: [changed] }, { log: [entry] })).toMatchObject({
    home: { log: [{ notes: 'second' }] },
    lists: { log: { stays: 1 } },
  });
});

test('rooms that differ stay as they are here, and the settings do', () => {
  const room = { id: 'r', name: 'Galley', kind: 'kitchen' as const, small: false };
  const settings = { ...DEFAULT_SETTINGS, roomC: 12 };
  const { home, lists } = merge({ rooms: [room], settings }, { rooms: [{ ...room, name: 'Kitchen' }] });
  expect([home.rooms[0]?.name, home.settings.roomC]).toEqual(['Galley', 12]);
  expect(lists.rooms).toEqual({ ...NOTHING, stays: 1 });
});

test('the order of fields makes no difference, and merging twice adds nothing', () => {
  const a = formula('a', 'A');
  const turned = Object.fromEntries(Object.entries(a).reverse()) as unknown as typeof a;
  expect(merge({ formulas: [a] }, { formulas: [turned] }).lists.formulas).toEqual(NOTHING);
  const once = merge({ formulas: [a] }, { formulas: [formula('b', 'B')] }).home;
  expect(mergeHomes(once, once, () => 'x').home).toEqual(once);
});
