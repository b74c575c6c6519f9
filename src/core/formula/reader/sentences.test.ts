import { headingOf, labelEnd, sentencesOf } from './sentences';
import { tokenLines } from './tokens';

const sentences = (text: string) => sentencesOf(tokenLines(text), text);
const texts = (text: string): string[] => sentences(text).map((s) => text.slice(s.from, s.to));

test.each([
  ['Add water. Shake! Wait? Done', ['Add water.', 'Shake!', 'Wait?', 'Done']],
  ['1 tsp. dish soap. Shake.', ['1 tsp. dish soap.', 'Shake.']],
  ['2 c. Vinegar', ['2 c. Vinegar']],
  ['Leave 5 min. Wipe.', ['Leave 5 min.', 'Wipe.']],
  ['10 drops E.O. of choice', ['10 drops E.O. of choice']],
  ['Pour in; do not inhale', ['Pour in;', 'do not inhale']],
  ['1.5 L water', ['1.5 L water']],
  ['water.\n\nvinegar', ['water.', 'vinegar']],
])('%j', (text, expected) => expect(texts(text)).toEqual(expected));

test.each([
  ['- 1 cup', '1 cup', true],
  ['3. 1 cup', '1 cup', true],
  ['[x] 1 cup', '1 cup', true],
  ['☐ 1 cup', '1 cup', true],
  ['Step 2: 1 cup', '1 cup', true],
  ['a) 1 cup', '1 cup', true],
  ['## Spray', 'Spray', false],
  ['**1 cup** vinegar', '1 cup vinegar', false],
  ['1 cup', '1 cup', false],
  ['½ cup', '½ cup', false],
])('%j begins with its words after the sign of a list: %j, listed: %s', (text, words, listed) => {
  const [first] = sentences(text);
  expect(first?.tokens.map((t) => t.raw).join(' ')).toBe(words);
  expect(first?.listed).toBe(listed);
});

test.each([
  ['Optional: 1 cup', 2],
  ['Floor wash — 4 L water', 3],
  ['Paste = 2 tbsp soda', 2],
  ['3:1 water', 0],
  ['vinegar-1 cup', 0],
  ['1 cup vinegar, for mould: more', 0],
])('the label of %j ends at token %i', (text, end) => {
  expect(labelEnd(tokenLines(text)[0]?.tokens ?? [])).toBe(end);
});

test.each([
  ['Ingredients', 'ingredients'],
  ['YOU WILL NEED:', 'ingredients'],
  ['The method', 'method'],
  ['Directions:', 'method'],
  ['Notes', 'notes'],
  ['1 cup vinegar', null],
])('%j heads %s', (text, part) => expect(headingOf(tokenLines(text)[0]?.tokens ?? [])).toBe(part));
