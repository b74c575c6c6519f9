import { searchTextOf } from './searchText';
import { STARTER_FORMULAS } from './starters';

const foundBy = (word: string): string[] =>
  STARTER_FORMULAS.filter((f) => searchTextOf(f).toLowerCase().split('\n').includes(word)).map((f) => f.id);

// Words that people use for an ingredient, a soil and what takes it off: common practice, no source.
test.each([
  ['bicarb', 'starter-scour'],
  ['descaler', 'starter-kettle'],
  ['degreaser', 'starter-degreaser'],
  ['tub', 'starter-tap-wrap'],
  ['toilet cleaner', 'starter-bowl'],
])('the word %s finds %s', (word, id) => expect(foundBy(word)).toContain(id));

test('what nothing is called finds nothing', () => expect(foundBy('submarine')).toEqual([]));

test('every starter is found by its name and its job, each line said once', () => {
  for (const formula of STARTER_FORMULAS) {
    const lines = searchTextOf(formula).split('\n');
    expect(lines.slice(0, 2)).toEqual([formula.name, formula.purpose]);
    expect(new Set(lines).size).toBe(lines.length);
  }
});
