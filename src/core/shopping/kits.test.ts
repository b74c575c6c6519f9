import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { bestKit, coveredBy, smallestKit, type KitTask } from './kits';

const task = (id: string, ...ways: string[]): KitTask => ({
  id,
  ways: ways.map((way) => (way === '' ? [] : way.split('+'))),
});

describe('by hand', () => {
  // The greedy trap: the thing that does the most at once is in no smallest set.
  const TRAP = [
    task('1', 'big', 'left'),
    task('2', 'big', 'left'),
    task('3', 'big', 'right'),
    task('4', 'big', 'right'),
    task('5', 'left'),
    task('6', 'right'),
  ];

  test('what does the most at once need not be in it', () => {
    expect(smallestKit(TRAP)).toEqual({
      things: ['left', 'right'],
      done: ['1', '2', '3', '4', '5', '6'],
      isProven: true,
    });
    expect(bestKit(TRAP, 1)).toEqual({ things: ['big'], done: ['1', '2', '3', '4'], isProven: true });
    expect(bestKit(TRAP, 2).things).toEqual(['left', 'right']);
  });

  test('a task may want several things at once, and one that needs nothing is done by none', () => {
    const tasks = [task('paste', 'soda+soap', 'powder'), task('dust', ''), task('spray', 'soap+water')];
    expect(smallestKit(tasks)).toEqual({
      things: ['soap', 'soda', 'water'],
      done: ['paste', 'dust', 'spray'],
      isProven: true,
    });
    expect(bestKit(tasks, 1)).toEqual({ things: ['powder'], done: ['paste', 'dust'], isProven: true });
    expect(bestKit(tasks, 0)).toEqual({ things: [], done: ['dust'], isProven: true });
  });

  test('what is there already counts for nothing', () => {
    const tasks = [task('a', 'soda+soap'), task('b', 'acid'), task('c', 'soda')];
    expect(smallestKit(tasks, new Set(['soda'])).things).toEqual(['acid', 'soap']);
    expect(bestKit(tasks, 0, new Set(['soda'])).done).toEqual(['c']);
  });

  test('what cannot be done is left out, and said by what is done', () =>
    expect(smallestKit([task('a', 'soap'), task('never')])).toEqual({ things: ['soap'], done: ['a'], isProven: true }));

  test('of sets of one size the cheaper one is taken', () => {
    const costs: Readonly<Record<string, number>> = { vinegar: 1, citric: 3 };
    expect(smallestKit([task('scale', 'citric', 'vinegar')], new Set(), (id) => costs[id] ?? 0).things).toEqual([
      'vinegar',
    ]);
  });
});

/** Every set of the things, one after another. */
function* setsOf(things: readonly string[]): Generator<string[]> {
  for (let bits = 0; bits < 2 ** things.length; bits++) yield things.filter((_, i) => (bits >> i) & 1);
}

const THINGS = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i'];
const way = fc.uniqueArray(fc.constantFrom(...THINGS), { maxLength: 3 });
const tasks = fc
  .array(fc.array(way, { maxLength: 4 }), { minLength: 1, maxLength: 12 })
  .map((all) => all.map((ways, i): KitTask => ({ id: String(i), ways })));
const there = fc.uniqueArray(fc.constantFrom(...THINGS), { maxLength: 2 });
const cost = (id: string): number => THINGS.indexOf(id) % 4;

test('the smallest, against every set tried in turn', () => {
  fc.assert(
    fc.property(tasks, there, (toDo, have) => {
      const possible = coveredBy(new Set([...THINGS, ...have]), toDo).length;
      let [size, least] = [Infinity, Infinity];
      for (const set of setsOf(THINGS.filter((t) => !have.includes(t)))) {
        if (coveredBy(new Set([...set, ...have]), toDo).length < possible) continue;
        const costs = set.reduce((sum, id) => sum + cost(id), 0);
        if (set.length < size || (set.length === size && costs < least)) [size, least] = [set.length, costs];
      }
      const kit = smallestKit(toDo, new Set(have), cost);
      expect(kit.done).toHaveLength(possible);
      expect([kit.things.length, kit.things.reduce((sum, id) => sum + cost(id), 0)]).toEqual([size, least]);
      expect(kit.isProven).toBe(true);
    }),
    { numRuns: runs(400) },
  );
});

test('the best of so many, against every set tried in turn', () => {
  fc.assert(
    fc.property(tasks, there, fc.integer({ min: 0, max: 5 }), (toDo, have, most) => {
      let [best, size] = [-1, Infinity];
      for (const set of setsOf(THINGS.filter((t) => !have.includes(t)))) {
        if (set.length > most) continue;
        const done = coveredBy(new Set([...set, ...have]), toDo).length;
        if (done > best || (done === best && set.length < size)) [best, size] = [done, set.length];
      }
      const kit = bestKit(toDo, most, new Set(have));
      expect([kit.done.length, kit.things.length]).toEqual([best, size]);
    }),
    { numRuns: runs(400) },
  );
});

test('more than a word of things are told apart', () => {
  const many = Array.from({ length: 70 }, (_, i) => task(String(i), `thing-${i}`));
  expect(smallestKit(many).things).toHaveLength(70);
  expect(bestKit(many, 40).done).toHaveLength(40);
});
