import { cleanText } from './cleanText';

test.each([
  ['1&nbsp;cup', '1 cup'],
  ['&frac12; cup &amp; more', '½ cup & more'],
  ['caf&#233;', 'café'],
  ['<b>1 cup</b> vinegar', ' 1 cup  vinegar'],
  ['<li>1 cup</li><li>2 cups</li>', '\u2028• 1 cup\u2028\u2028• 2 cups\u2028'],
  ['bl\u200beach', 'bleach'],
  ['ble\u00adach', 'bleach'],
  ['bl\u0435\u0430ch', 'bleach'],
  ['１ ｃｕｐ', '1 cup'],
  ['1½ cups', '1½ cups'],
  ['vinegar¹ and water', 'vinegar  and water'],
  ['10 m² of tile', '10 m  of tile'],
  ['5 < 6 & 7', '5 < 6 & 7'],
  ['<bleach>', '<bleach>'],
  ['&zonk;', '&zonk;'],
])('%j is read as %j', (written, text) => {
  expect(cleanText(written).text).toBe(text);
});

test('every character keeps its place in the text as written', () => {
  const written = 'a&nbsp;<b>bl\u200beach</b> 🧼 1½';
  const { text, at } = cleanText(written);
  expect(at).toHaveLength(text.length);
  expect(at.every((place, i) => place >= (at[i - 1] ?? 0))).toBe(true);
  expect(written[at[text.indexOf('e')] ?? 0]).toBe('e');
  expect(written.slice(at[text.indexOf('½')])).toBe('½');
});
