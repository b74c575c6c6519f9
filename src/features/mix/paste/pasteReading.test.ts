import { DEFAULT_SETTINGS, formulaText, STARTER_FORMULAS } from '@/core';
import { EMPTY_PASTE, isPasteDraft, lineNumber, readPaste, pendingDecision, type PasteDraft } from './pasteReading';

const US = { ...DEFAULT_SETTINGS, cup: 'us' as const };
const read = (part: Partial<PasteDraft>) => readPaste({ ...EMPTY_PASTE, ...part }, US);

test('the cup is the one asked for, else the text’s own, else the home’s', () => {
  const card = formulaText({ ...STARTER_FORMULAS[0]!, measures: 'imperial' });
  expect(read({ text: '1 cup vinegar' }).cup).toBe('us');
  expect(read({ text: card }).cup).toBe('imperial');
  expect(read({ text: card, cup: 'metric' }).cup).toBe('metric');
});

test('use and name are the text’s own until something else is said', () => {
  const text = 'Galley spray\n1 cup white vinegar\n1 cup water';
  expect(read({ text })).toMatchObject({ use: 'stored', name: 'Galley spray' });
  expect(read({ text, use: 'fresh', name: '' })).toMatchObject({ use: 'fresh', name: '', formula: { use: 'fresh' } });
});

test.each([
  ['', null, /Paste or type/],
  ['Dear friend, this is how we did it.', null, /No ingredient found yet/],
  ['1 cup vinegar\n1 cup water', 'clear', /Every line was understood/],
  // Soda and vinegar in a closed bottle: CO2 has nowhere to go (ideal gas law).
  ['1 cup vinegar\n1/4 cup baking soda', 'danger', /Every line was understood/],
  // 1/2 cup of baking soda is about 110 g (0.9 to 1 g/mL, common practice, no source), not 170.
  ['1/2 cup (170 g) bicarb\n1 cup water', 'caution', /One line is doubtful/],
])('%j: %s, and says how it stands', (text, verdict, says) => {
  const reading = read({ text });
  expect(reading.evaluation?.verdict ?? null).toBe(verdict);
  expect(pendingDecision(reading)).toMatch(says);
});

test('a line that is put right is not doubtful any more', () => {
  const before = read({ text: '1 cup water\n1 tbsp soap' });
  expect(before.doubtful).toBe(1);
  const key = before.items.find((i) => i.kind === 'line' && i.doubts.length > 0)!.key;
  const after = read({
    text: before.text,
    corrections: { [key]: { ingredient: { kind: 'known', id: 'dish-soap' } } },
  });
  expect(after.doubtful).toBe(0);
  expect(after.formula?.lines[1]?.ingredient).toEqual({ kind: 'known', id: 'dish-soap' });
});

test('amounts that do not come together are a problem with its words, and no verdict', () => {
  const reading = read({ text: '1 part water\nfill with vinegar' });
  expect(reading.evaluation).toBeNull();
  expect(reading.problem).toMatch(/Parts and "to fill" cannot stand in one formula/);
  expect(pendingDecision(reading)).toBe(reading.problem);
});

test.each([[EMPTY_PASTE, true] as const, [{ text: 1, corrections: {} }, false] as const, [null, false] as const])(
  '%j as a kept draft: %s',
  (value, good) => expect(isPasteDraft(value)).toBe(good),
);

test.each([
  ['Bleach booster\n1 cup vinegar\n1 cup water', 1],
  ['1 cup water\n1 cup balsamic vinegar\nqwer asdf', 2],
  ['Name: Spray\nHow: add ammonia last\n1 cup vinegar', 1],
  ['Recipe 1: Window\n1 cup vinegar\nRecipe 2: Floor\n2 cups water', 1],
  ['1 cup water\na capful of dish soap', 0],
])('%j: %i questions before a bottle, and never clear while one is open', (text, waits) => {
  const reading = read({ text });
  expect(reading.waits).toBe(waits);
  if (waits > 0) expect(reading.evaluation?.verdict).not.toBe('clear');
  expect(pendingDecision(reading)).not.toMatch(/Every line was understood/);
});

test('of several recipes the chosen one is read; nothing is open then', () => {
  const text = 'Recipe 1: Window\n1 cup vinegar\n1 cup water\nRecipe 2: Mould\n1 cup bleach';
  expect(read({ text, recipe: 0 })).toMatchObject({ waits: 0, name: 'Window', evaluation: { verdict: 'clear' } });
  expect(read({ text }).evaluation?.verdict).toBe('danger');
});

test.each([
  ['a', 0, 1],
  ['a\nb', 2, 2],
  ['a\r\nb\r\nc', 6, 3],
])('in %j, place %i is on line %i', (text, at, line) => expect(lineNumber(text, at)).toBe(line));
