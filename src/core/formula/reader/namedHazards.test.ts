import { readRecipe } from './readRecipe';
import { namedHazards } from './namedHazards';

/** The net alone, over a text of which nothing was read: what it finds by itself. */
const found = (text: string): string[] =>
  namedHazards(text, [{ kind: 'note', key: 'k', text, span: [0, text.length] }], {}, new Set()).map((h) => h.word);

// Everything on public-health and poison-centre lists of what never to mix, by the names people write (from memory).
test.each([
  ['Then the bleach', ['bleach']],
  ['eau de Javel', ['eau de Javel']],
  ['a little spirits of salt', ['spirits of salt']],
  ['hydrogen peroxide and VINEGAR', ['hydrogen peroxide', 'VINEGAR']],
  ['amonia', ['amonia']],
  ['blea\u200bch', ['blea\u200bch']],
  ['isopropyl alcohol or acetone', ['isopropyl alcohol', 'acetone']],
  ['caustic soda', ['caustic soda']],
  ['some nitric acid', ['nitric acid']],
  ['lejía', ['lejía']],
  ['water, soap and baking soda', []],
  ['lemon oil on the beach', []],
  ['Never mix with bleach', []],
  ['bleach-free and ammonia-free', []],
  ['no bleach, but ammonia', ['ammonia']],
  ['Do not forget the bleach', ['bleach']],
  // More than need be: "instead" might be said of either.
  ['No vinegar, use bleach instead', ['vinegar', 'bleach']],
  ['Bleach: NEVER', []],
  ['Mould spray', []],
  ['Add mould spray', ['mould spray']],
])('in %j it finds %j', (text, words) => expect(found(text)).toEqual(words));

test('what a line holds is accounted for, by the same thing under any name', () => {
  const hazards = (text: string): string[] => readRecipe(text, { measures: 'us' }).hazards.map((h) => h.word);
  expect(hazards('How: the javel goes in last\n1 cup bleach')).toEqual([]);
  expect(hazards('How: the javel goes in last\n1 cup vinegar')).toEqual(['javel']);
  expect(hazards('How: with cleaning vinegar\n1 cup vinegar')).toEqual([]);
  // A weak acid in the list accounts for no strong one.
  expect(hazards('How: with spirits of salt\n1 cup vinegar')).toEqual(['spirits of salt']);
});

test('a place is where the word stands as written', () => {
  const text = 'Name: Spray\nHow: add ble\u200bach last\n1 cup water';
  const [hazard] = readRecipe(text, { measures: 'us' }).hazards;
  expect(text.slice(...(hazard?.span ?? [0, 0]))).toBe('ble\u200bach');
});
