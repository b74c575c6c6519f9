import type { Amount } from '../quantity/amount';
import type { Formula } from '../formula/formula';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { DEFAULT_CONTEXT } from './context';
import { amountNumber, amountOf, sweepAmounts, whatIf, whatIfAt, withAmount } from './whatIf';

const written = (text: string): Formula => {
  const formula = formulaFromReading(readRecipe(text, { measures: 'us' }), 'f', 'Test', 'us');
  if (!formula) throw new Error(text);
  return formula;
};
const at = { ...DEFAULT_CONTEXT, scope: 'fresh' as const };
const range = (low: number, high: number) => ({ low, high });

test('a sweep goes evenly from nothing to three times the amount, or to ten where there is none', () => {
  const amounts = sweepAmounts(4);
  expect(amounts).toHaveLength(25);
  expect([amounts[0], amounts[8], amounts[24]]).toEqual([0, 4, 12]);
  expect([sweepAmounts(0)[0], sweepAmounts(0)[24]]).toEqual([0, 10]);
});

test.each<[Amount, number | null]>([
  [{ kind: 'volume', value: range(1, 3), unit: 'cup' }, 2],
  [{ kind: 'vague', volumeML: range(10, 30), word: 'glug' }, 20],
  [{ kind: 'to-fill' }, null],
])('the number of %j is %j', (amount, number) => expect(amountNumber(amount)).toBe(number));

test('another number keeps unit and kind; a vague word becomes mL; what fills up stays', () => {
  const cups: Amount = { kind: 'volume', value: range(1, 3), unit: 'cup' };
  expect(amountOf(cups, 5)).toEqual({ kind: 'volume', value: range(5, 5), unit: 'cup' });
  expect(amountOf({ kind: 'vague', volumeML: range(10, 30), word: 'glug' }, 7)).toEqual({
    kind: 'volume',
    value: range(7, 7),
    unit: 'mL',
  });
  expect(amountOf({ kind: 'to-fill' }, 7)).toEqual({ kind: 'to-fill' });
});

test('only the one line changes, and what it said a second time goes', () => {
  const formula = written('1 cup (240 mL) vinegar\n1 cup water');
  const [first, second] = formula.lines;
  const changed = withAmount(formula, first!.id, 2);
  expect(first!.also).toBeDefined();
  expect(changed.lines[0]!.also).toBeUndefined();
  expect(changed.lines[0]!.amount).toEqual({ kind: 'volume', value: range(2, 2), unit: 'cup' });
  expect(changed.lines[1]).toEqual(second);
});

/**
 * By hand: 10 g of baking soda are 0.119 mol (84.007 g/mol), 5 g of citric acid 0.026 mol (192.12 g/mol) with three
 * protons each: 0.078 mol, all used up. CO2 by the ideal gas at 20 °C, 24.06 L a mol: 0.078 mol is 1.88 L, less
 * what stays in the water as bicarbonate and dissolved.
 */
test('gas, leftovers and what lies at the bottom are told for a litre', () => {
  const formula = written('10 g baking soda\n5 g citric acid\n500 mL water');
  const here = whatIfAt(formula, formula.lines[0]!.id, 10, at)!;
  expect(here.amount).toBe(10);
  expect(here.gasMLPerL).toBeGreaterThan(1_500);
  expect(here.gasMLPerL).toBeLessThan(2 * 1_880);
  expect(here.acidLeftMmolPerL).toBeCloseTo(0, 6);
  // 0.119 - 0.078 mol in about half a litre.
  expect(here.alkaliLeftMmolPerL).toBeGreaterThan(70);
  expect(here.alkaliLeftMmolPerL).toBeLessThan(90);
  expect(here.undissolvedGPerL).toBeCloseTo(0, 6);
  const none = whatIfAt(formula, formula.lines[0]!.id, 0, at)!;
  expect(none.gasMLPerL).toBe(0);
  // 0.078 mol in about half a litre.
  expect(none.acidLeftMmolPerL).toBeCloseTo(155, -1);
  expect(none.verdict).toBe(none.evaluation.verdict);
  // 9.6 g dissolve in 100 mL (CRC Handbook): of 200 g in half a litre most lies at the bottom.
  const thick = whatIfAt(formula, formula.lines[0]!.id, 200, at)!;
  expect(thick.undissolvedGPerL).toBeGreaterThan(200);
  expect(thick.pH!).toBeGreaterThan(none.pH!);
});

test('oxygen counts as gas too', () => {
  const formula = written('1 cup peroxide\n1 tsp yeast');
  expect(whatIfAt(formula, formula.lines[0]!.id, 1, at)!.gasMLPerL).toBeGreaterThan(1_000);
});

test('a line that is not there, or an amount that cannot be, has no points', () => {
  const formula = written('1 cup vinegar\n1 cup water');
  expect(whatIf(formula, 'none', at)).toEqual([]);
  const only = written('1 cup vinegar');
  expect(whatIfAt(only, only.lines[0]!.id, 0, at)).toBeNull();
  expect(whatIf(only, only.lines[0]!.id, at)).toHaveLength(24);
});
