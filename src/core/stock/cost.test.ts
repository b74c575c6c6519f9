import { formulaFromReading } from '../formula/fromReading';
import { resolveAmounts } from '../formula/resolveAmounts';
import { readRecipe } from '../formula/reader/readRecipe';
import { costOf } from './cost';
import type { PantryItem } from './pantry';

const written = (text: string) => {
  const formula = formulaFromReading(readRecipe(text, { measures: 'metric' }), 'f', 'Test', 'metric');
  if (!formula) throw new Error(text);
  return formula;
};
const cost = (text: string, pantry: readonly PantryItem[]) => {
  const result = resolveAmounts(written(text), 20);
  if (!result.ok) throw new Error(text);
  return costOf(result.value, pantry);
};
const pack = (id: string, price: number, value: number, unit: 'mL' | 'g'): PantryItem => ({
  id,
  left: null,
  pack: { price, value, unit },
});

describe('cost', () => {
  test('vinegar at 1.00 a litre, half and half with free water, costs 0.50 a litre', () => {
    expect(cost('500 mL vinegar\n500 mL water', [pack('white-vinegar', 1, 1000, 'mL')])).toEqual({
      perL: expect.closeTo(0.5, 2) as number,
      unpriced: [],
    });
  });

  test('powders cost by the gram; what has no price is named', () => {
    const found = cost('50 g citric acid\n10 mL dish soap\n1 L water', [pack('citric-acid', 4, 200, 'g')]);
    // 50 g of a pack of 200 g for 4.00 is 1.00, in a little over a litre.
    expect(found?.perL).toBeGreaterThan(0.93);
    expect(found?.perL).toBeLessThan(1);
    expect(found?.unpriced).toEqual(['dish soap']);
  });

  test('without any price there is no cost', () => expect(cost('1 L vinegar', [])).toBeNull());
});
