import { typedAmount } from './typedAmount';

const PART = { kind: 'parts', value: { low: 1, high: 1 } } as const;

test.each([
  ['½ cup', 'volume'],
  ['12 drops', 'drops'],
  ['5 % w/v', 'percent'],
  ['to fill', 'to-fill'],
  ['10 to 15 drops', 'drops'],
  ['a squirt', 'vague'],
  ['15 g per litre', 'grams-per-litre'],
])('"%s" is an amount', (text, kind) => expect(typedAmount(text, PART)?.kind).toBe(kind));

test.each(['1 cu', '', 'cup of', '1/', 'x 2'])('"%s" is none yet', (text) =>
  expect(typedAmount(text, PART)).toBeNull(),
);

test.each([
  ['2', PART, { kind: 'parts', value: { low: 2, high: 2 } }],
  ['1/2', PART, { kind: 'parts', value: { low: 0.5, high: 0.5 } }],
  ['10 to 15', PART, { kind: 'parts', value: { low: 10, high: 15 } }],
  [
    '20',
    { kind: 'vague', word: 'squirt', volumeML: { low: 3, high: 7 } },
    { kind: 'volume', value: { low: 20, high: 20 }, unit: 'mL' },
  ],
  ['20', { kind: 'to-fill' }, null],
] as const)('a bare "%s" keeps the unit that stands', (text, like, expected) =>
  expect(typedAmount(text, like)).toEqual(expected),
);
