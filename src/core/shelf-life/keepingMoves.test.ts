import { DEFAULT_CONTEXT } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { keepingMoves } from './keepingMoves';
import { DEFAULT_STORAGE, shelfLife, type StorageConditions } from './shelfLife';

const stateOf = (text: string) => {
  const result = evaluate(
    formulaFromReading(readRecipe(text, { measures: 'metric' }), 'f', 'F', 'metric')!,
    DEFAULT_CONTEXT,
  );
  if (!result.ok) throw new Error(text);
  return result.value.state;
};
const how = (more: Partial<StorageConditions> = {}): StorageConditions => ({
  ...DEFAULT_STORAGE,
  use: 'stored',
  ...more,
});
const moves = (text: string, more: Partial<StorageConditions> = {}) =>
  keepingMoves(stateOf(text), how(more)).map(({ does, keeps }) => [does, keeps.lowDays]);

// The days themselves: common practice, no source. 14 × 1.25 = 17.5; 14 × 1.5 = 21.
test('soap in tap water: what would help, and by how much', () => {
  expect(moves('20 mL castile soap\n500 mL water')).toEqual([
    ['Boiled water, cooled', 28],
    ['Distilled water', 60],
    ['A preservative, as its label says', 180],
    ['A scalded bottle', 17],
    ['In a cool place of 10 °C, not beside food', 21],
  ]);
});

test('what does not help is not offered', () => {
  // A year of rancid oil is no matter of water or of what lives in it.
  expect(moves('100 mL olive oil').map(([does]) => does)).toEqual(['In a cool place of 10 °C, not beside food']);
  // Peroxide loses its strength in a clean bottle as well; in the dark and cold it does so later.
  const clear = { material: 'pet', opaque: false, top: 'trigger', heldFood: false } as const;
  expect(moves('100 mL peroxide', { vessel: clear })).toEqual([
    ['An opaque bottle', 30],
    ['In a cool place of 10 °C, not beside food', 22],
  ]);
  expect(moves('500 mL distilled water', { cleanliness: 'scalded', roomC: 5 }).map(([does]) => does)).toEqual([
    'A preservative, as its label says',
  ]);
});

test('what must be used at once is not made to keep', () => {
  for (const text of ['10 mL bleach\n500 mL water', '100 g baking soda\n500 mL vinegar', '1 cup purple stuff'])
    expect(moves(text)).toEqual([]);
});

test('each of them comes true', () => {
  const tap = shelfLife(stateOf('20 mL castile soap\n500 mL distilled water'), how());
  expect(keepingMoves(stateOf('20 mL castile soap\n500 mL water'), how())[1]!.keeps).toEqual(tap);
  const preserved = shelfLife(stateOf('20 mL castile soap\n500 mL water\n5 mL preservative'), how());
  expect(keepingMoves(stateOf('20 mL castile soap\n500 mL water'), how())[2]!.keeps).toEqual(preserved);
});
