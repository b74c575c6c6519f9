import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { isSame, threeWay, type MergeRules, type ThreeWay } from './threeWay';

/** Three-way merge: what each side changed holds, what both changed differently is told; our own rules, no source. */

interface Thing {
  readonly id: string;
  readonly n?: number;
  readonly s?: string;
}
interface Record3 {
  readonly name: string;
  readonly note?: string;
  readonly sizes: readonly number[];
  readonly parts: readonly Thing[];
}
const BASE: Record3 = {
  name: 'Spray',
  note: 'old',
  sizes: [1, 2],
  parts: [
    { id: '1', n: 1, s: 'a' },
    { id: '2', n: 2, s: 'b' },
    { id: '3', n: 3, s: 'c' },
  ],
};
const merged = (mine: Partial<Record3>, theirs: Partial<Record3>, rules: MergeRules = {}) =>
  threeWay({ base: BASE, mine: { ...BASE, ...mine }, theirs: { ...BASE, ...theirs } }, rules);
const COUNTED: MergeRules = { countsUp: ([list]) => list === 'parts' };
const ids = (parts: readonly Thing[]): string => parts.map((p) => p.id).join('');

test('what only one side has changed holds', () => {
  const both = { name: 'Mist', note: 'new', sizes: [1, 2], parts: BASE.parts };
  expect(merged({ name: 'Mist' }, { note: 'new' })).toEqual({ withMine: both, withTheirs: both, conflicts: [] });
});

test('what both changed alike is no question', () => {
  expect(merged({ name: 'Mist' }, { name: 'Mist' }).conflicts).toEqual([]);
});

test('what both changed differently is a question, and the rest is still brought together', () => {
  const { withMine, withTheirs, conflicts } = merged({ name: 'Mist', note: 'new' }, { name: 'Jet', sizes: [3] });
  expect(conflicts).toEqual([{ path: ['name'], base: 'Spray', mine: 'Mist', theirs: 'Jet' }]);
  expect(withMine).toEqual({ name: 'Mist', note: 'new', sizes: [3], parts: BASE.parts });
  expect(withTheirs).toEqual({ ...withMine, name: 'Jet' });
});

test('a field that one side took away is gone; taken away and changed is a question', () => {
  const { note: _, ...without } = BASE;
  expect(threeWay({ base: BASE, mine: without, theirs: { ...BASE, name: 'Jet' } }).withMine).toEqual({
    ...without,
    name: 'Jet',
  });
  const asked = threeWay<Record3>({ base: BASE, mine: without, theirs: { ...BASE, note: 'new' } });
  expect(asked.conflicts.map((c) => c.path)).toEqual([['note']]);
  expect('note' in asked.withMine).toBe(false);
  expect(asked.withTheirs.note).toBe('new');
});

test('things in a list are changed each by itself, whoever moved them', () => {
  const [one, two, three] = BASE.parts as [Thing, Thing, Thing];
  const { withMine, conflicts } = merged(
    { parts: [{ ...one, n: 9 }, two, three] },
    { parts: [three, two, { ...one, s: 'z' }] },
  );
  expect(conflicts).toEqual([]);
  expect(withMine.parts).toEqual([three, two, { id: '1', n: 9, s: 'z' }]);
});

test('what one side removed is gone; removed and changed is a question', () => {
  const [one, two, three] = BASE.parts as [Thing, Thing, Thing];
  expect(ids(merged({ parts: [one, three] }, { parts: [one, two, { ...three, n: 9 }] }).withTheirs.parts)).toBe('13');
  const asked = merged({ parts: [one, three] }, { parts: [one, { ...two, n: 9 }, three] });
  expect(asked.conflicts).toEqual([{ path: ['parts', '2'], base: two, mine: undefined, theirs: { ...two, n: 9 } }]);
  expect(ids(asked.withMine.parts)).toBe('13');
  expect(ids(asked.withTheirs.parts)).toBe('123');
});

test('two new things under an id of the list are two; what is alike is one; under an id of their own they are a question', () => {
  const mine = { id: '4', s: 'mine' };
  const theirs = { id: '4', s: 'theirs' };
  const { withMine, conflicts } = merged({ parts: [...BASE.parts, mine] }, { parts: [...BASE.parts, theirs] }, COUNTED);
  expect(conflicts).toEqual([]);
  expect(withMine.parts.map((p) => p.s)).toEqual(['a', 'b', 'c', 'mine', 'theirs']);
  expect(new Set(withMine.parts.map((p) => p.id)).size).toBe(5);
  expect(
    merged({ parts: [...BASE.parts, mine] }, { parts: [...BASE.parts, mine] }, COUNTED).withMine.parts,
  ).toHaveLength(4);
  const asked = merged({ parts: [...BASE.parts, mine] }, { parts: [...BASE.parts, theirs] });
  expect(asked.conflicts).toEqual([{ path: ['parts', '4'], base: undefined, mine, theirs }]);
});

test('what is whole is one question, though its fields are not the same', () => {
  const [one, ...rest] = BASE.parts as [Thing, ...Thing[]];
  const of: ThreeWay<Record3> = {
    base: BASE,
    mine: { ...BASE, parts: [{ ...one, n: 9 }, ...rest] },
    theirs: { ...BASE, parts: [{ ...one, s: 'z' }, ...rest] },
  };
  const { conflicts } = threeWay(of, { isWhole: (path) => path[0] === 'parts' && path.length === 2 });
  expect(conflicts.map((c) => c.path)).toEqual([['parts', '1']]);
});

const thing = fc.record({ id: fc.constantFrom('1', '2', '3', '4', '5'), n: fc.nat(3) }, { requiredKeys: ['id'] });
const record = fc.record({
  name: fc.constantFrom('a', 'b', 'c'),
  sizes: fc.array(fc.nat(2), { maxLength: 2 }),
  parts: fc.uniqueArray(thing, { selector: (t) => t.id, maxLength: 5 }),
});

test('for any three: one side alone is that side, both sides give one answer, nothing new is lost', () => {
  fc.assert(
    fc.property(record, record, record, (base, mine, theirs) => {
      expect(threeWay({ base, mine, theirs: base }, COUNTED)).toEqual({
        withMine: mine,
        withTheirs: mine,
        conflicts: [],
      });
      expect(isSame(threeWay({ base, mine: base, theirs }).withMine, theirs)).toBe(true);
      expect(isSame(threeWay({ base, mine, theirs: mine }).withMine, mine)).toBe(true);
      const one = threeWay({ base, mine, theirs }, COUNTED);
      const other = threeWay({ base, mine: theirs, theirs: mine }, COUNTED);
      expect(one.conflicts.length).toBe(other.conflicts.length);
      if (one.conflicts.length === 0) expect(isSame(one.withMine, one.withTheirs)).toBe(true);
      // What neither had before and either has now is there.
      const old = new Set(base.parts.map((p) => p.id));
      const fresh = [...mine.parts, ...theirs.parts].filter((p) => !old.has(p.id));
      for (const f of fresh) expect(one.withTheirs.parts.some((p) => p.n === f.n && !old.has(p.id))).toBe(true);
    }),
    { numRuns: runs(2000) },
  );
});
