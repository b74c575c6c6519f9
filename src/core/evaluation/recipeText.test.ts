import { readRecipe } from '../formula/reader/readRecipe';
import type { Doubt, ReadItem, ReadRecipe, UnreadBecause } from '../formula/reader/reading';
import { recipeTextOf } from './recipeText';

const told = (text: string) => recipeTextOf(readRecipe(text, { measures: 'us' }));
const reading = readRecipe('1 cup water', { measures: 'us' });
const [water] = reading.items;

/** A reading with one stretch that was not read. */
const unread = (because: UnreadBecause, text: string): ReadRecipe => ({
  ...reading,
  items: [{ kind: 'unread', because, text, key: 'k', span: [0, text.length] }],
});
/** The line of water with a doubt. */
const doubted = (doubt: Doubt, text = '1 cup water'): ReadRecipe => ({
  ...reading,
  items: [{ ...(water as ReadItem & { kind: 'line' }), text, doubts: [doubt] }],
});

describe('what was not understood, in the words that stand there', () => {
  test.each<[UnreadBecause, string, string]>([
    ['which-recipe', 'Kitchen: bleach', 'which of its recipes is meant'],
    ['title-with-ingredient', 'Bleach spray!', 'whether Bleach spray goes in'],
    ['too-many-lines', 'rest', 'what stands beyond the first 40 lines'],
    ['too-long', 'rest', 'what stands beyond its end: the text is too long'],
    ['not-understood', '  some\n odd   words .;', 'some odd words'],
  ])('%s', (because, text, says) => expect(recipeTextOf(unread(because, text)).unread).toEqual([says]));

  test('a long stretch is quoted to 60 characters, a shorter one whole', () => {
    const [quoted = ''] = recipeTextOf(unread('not-understood', 'a'.repeat(61))).unread;
    expect(quoted).toBe(`${'a'.repeat(59)}…`);
    expect(recipeTextOf(unread('not-understood', 'a'.repeat(60))).unread).toEqual(['a'.repeat(60)]);
  });

  test.each<[Doubt, string[]]>([
    [{ kind: 'other-words', written: 'vinegar xyzzy', words: 'xyzzy', choices: [] }, ['vinegar xyzzy']],
    [{ kind: 'spelling', written: 'vinegr', choices: [] }, ['vinegr']],
    [{ kind: 'which-recipe', choices: [] }, ['which of its recipes is meant']],
    [{ kind: 'how-strong' }, ['1 cup of it']],
    [{ kind: 'how-much' }, []],
    [{ kind: 'vague' }, []],
    [{ kind: 'unknown-ingredient', written: 'wondergoo', choices: [] }, []],
  ])('a line with %j', (doubt, says) => expect(recipeTextOf(doubted(doubt, '1 cup of it')).unread).toEqual(says));

  test('what is understood leaves nothing, and the same twice stands once', () => {
    expect(told('1 cup vinegar\n1 cup water').unread).toEqual([]);
    const twice = unread('not-understood', 'odd');
    expect(recipeTextOf({ ...twice, items: [...twice.items, ...twice.items] }).unread).toEqual(['odd']);
  });

  test('a total beyond any household is said', () => {
    expect(told('Makes 2000 L\n1 cup vinegar').unread).toEqual(['a total of more than 1000 L']);
  });
});

describe('lines that may mean several things', () => {
  test.each([
    ['1 cup vinegr', 'vinegr', ['white-vinegar'], false],
    ['1 cup vinegar xyzzy', 'vinegar xyzzy', ['white-vinegar'], false],
    ['1 cup soap', 'soap', ['castile-soap', 'dish-soap', 'soap-flakes'], false],
    ['1 cup drain cleaner', 'drain cleaner', ['lye', 'acid-drain-opener', 'chlorine-bleach'], true],
    ['1 cup strong acid', 'acid', ['unknown-acid', 'citric-acid', 'white-vinegar'], true],
  ])('%j', (text, name, choices, unknownKind) => {
    const { open } = told(`1 cup water\n${text}`);
    expect(open.map((o) => ({ ...o, choices: o.choices.map((c) => c.id) }))).toEqual([
      { lineId: '2', name, choices, unknownKind },
    ]);
  });

  test('one that is not known has no choices, and one that is known is not open', () => {
    expect(told('1 cup wondergoo\n1 cup water').open).toEqual([]);
  });
});

test('titles and notes are handed on, and a hazard once', () => {
  expect(told('Window spray\n1 cup vinegar\nMakes 2 cups').notes).toEqual(['Window spray', 'Makes 2 cups']);
  const hazard = { word: 'bleach' } as ReadRecipe['hazards'][number];
  expect(recipeTextOf({ ...reading, hazards: [hazard, hazard] }).hazards).toEqual(['bleach']);
});
