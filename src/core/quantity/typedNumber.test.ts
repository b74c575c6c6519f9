import { typedNumber } from './typedNumber';

test.each([
  ['', null],
  ['   ', null],
  ['4', 4],
  ['4.5', 4.5],
  ['4,5', 4.5],
  [' -1 ', -1],
  ['1e3', 1000],
  ['lots', 'lots'],
  ['1 000', '1 000'],
  ['1,2,3', '1,2,3'],
  ['Infinity', 'Infinity'],
])('%j is %j', (typed, number) => {
  expect(typedNumber(typed)).toBe(number);
});
