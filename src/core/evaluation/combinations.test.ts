import { combinationsOf } from './combinations';

test('every combination of one choice of each; what nothing is known of is left out', () => {
  expect(combinationsOf([['a', 'b'], [], ['x', 'y']])).toEqual([
    ['a', 'x'],
    ['a', 'y'],
    ['b', 'x'],
    ['b', 'y'],
  ]);
  expect(combinationsOf([])).toEqual([[]]);
});

test('where there are too many, each thing is varied beside the likeliest of the others', () => {
  // 5 × 5 × 5 = 125 would be too many: 15 are judged, and every choice is among them.
  const things = ['a', 'b', 'c'].map((t) => [1, 2, 3, 4, 5].map((n) => t + String(n)));
  const made = combinationsOf(things);
  expect(made).toHaveLength(15);
  expect(new Set(made.flat())).toEqual(new Set(things.flat()));
  expect(made.every((m) => m.filter((one) => !one.endsWith('1')).length <= 1)).toBe(true);
});
