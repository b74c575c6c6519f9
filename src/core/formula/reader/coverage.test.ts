import fc from 'fast-check';
import { changedText, FRAGMENTS, read, uncovered, wrongWithText } from '../../../testing/changedTexts';
import { runs } from '../../../testing/runs';
import { evaluate } from '../../evaluation/evaluate';
import { DEFAULT_CONTEXT } from '../../evaluation/context';
import { recipeTextOf } from '../../evaluation/recipeText';
import type { Level } from '../../findings/finding';
import { formulaFromReading } from '../fromReading';

// What must hold for any text at all. `RUNS=20 npm test -- coverage` tries more of them.

const fragments = fc
  .array(fc.constantFrom(...FRAGMENTS), { maxLength: 24 })
  .chain((parts) => fc.constantFrom(' ', '', '\n').map((by) => parts.join(by)));

describe('nothing is lost', () => {
  test('every character that is not white space lies in an entry', () => {
    fc.assert(
      fc.property(fc.oneof(fragments, fc.string({ unit: 'binary', maxLength: 300 })), (text) => {
        expect(uncovered(text, read(text).items)).toEqual([]);
      }),
      { numRuns: runs(600) },
    );
  });

  test('an entry’s text is what stands in its span, and lines of one stretch share it', () => {
    fc.assert(
      fc.property(fragments, (text) => {
        let end = 0;
        for (const item of read(text).items) {
          expect(item.text).toBe(text.slice(...item.span));
          expect(item.span[0] >= end || item.kind === 'line').toBe(true);
          end = Math.max(end, item.span[1]);
        }
      }),
      { numRuns: runs(300) },
    );
  });

  test('no key stands twice: a correction means one entry', () => {
    fc.assert(
      fc.property(fragments, (text) => {
        const keys = read(text).items.map((i) => i.key);
        expect(new Set(keys).size).toBe(keys.length);
      }),
      { numRuns: runs(300) },
    );
  });
});

function verdictOf(text: string): Level | null {
  const reading = read(text);
  const formula = formulaFromReading(reading, 'f', 'F', 'us');
  if (!formula) return null;
  const result = evaluate(formula, DEFAULT_CONTEXT, recipeTextOf(reading));
  return result.ok ? result.value.verdict : null;
}

const CALM = [
  '1 cup vinegar',
  '1 cup water',
  '2 tsp dish soap',
  '10 g citric acid',
  'Shake well.',
  'Spray, wait 5 minutes, wipe.',
  'Galley spray',
  'Never mix with bleach.',
];
const PUT_IN = [
  'Add {}.',
  'Then add {} and stir',
  '{}',
  '1 cup {}',
  'Next, 2 tbsp {}',
  'Finish with {}',
  'Do not rinse. Pour in {}.',
  'Optional: {}',
  'For mould: {}',
  'a capful of {}',
  'Tip: {} helps',
  '☐ {}',
  '({})',
];
const HAZARDS = [
  'bleach',
  'Household bleach',
  'sodium hypochlorite',
  'javel water',
  'pool shock',
  'blech',
  'lejía',
  'thick bleach',
  'bleach gel',
];

test('a sentence that puts a hazard in never leaves a text clear, wherever it stands', () => {
  fc.assert(
    fc.property(
      fc.shuffledSubarray(CALM, { minLength: 1 }),
      fc.constantFrom(...PUT_IN),
      fc.constantFrom(...HAZARDS),
      fc.nat(8),
      (calm, frame, hazard, at) => {
        const lines = [...calm];
        lines.splice(at % (calm.length + 1), 0, frame.replace('{}', hazard));
        expect([lines, verdictOf(lines.join('\n'))]).not.toEqual([lines, 'clear']);
      },
    ),
    { numRuns: runs(400) },
  );
});

test('the order of lines does not matter, nor does it what comes first', () => {
  const LINES = [
    '1 cup vinegar',
    '2 cups water',
    '1 capful bleach',
    '1 tsp dish soap',
    '2 dichlor tablets',
    'a mug of ammonia',
    '1 tbsp lye',
    'hydrogen peroxide 12% 1 cup',
    '1 toilet cleaner',
  ];
  fc.assert(
    fc.property(fc.shuffledSubarray(LINES, { minLength: 2 }), (lines) => {
      expect(verdictOf(lines.join('\n'))).toBe(verdictOf([...lines].reverse().join('\n')));
    }),
    { numRuns: runs(150) },
  );
});

test('no text breaks it: no exception, no number that is none, no formula that the schema refuses', () => {
  fc.assert(
    fc.property(changedText, (text) => {
      expect([text, wrongWithText(text)]).toEqual([text, null]);
    }),
    { numRuns: runs(1000) },
  );
}, 600_000);

test('at most 40 lines are judged; the rest is said at once, and such a text is never clear', () => {
  const text = Array.from({ length: 60 }, (_, i) => `${i + 1} ml water`).join('\n');
  const { items } = read(text);
  expect(items.filter((i) => i.kind === 'line')).toHaveLength(40);
  expect(items.filter((i) => i.kind === 'unread')).toMatchObject([{ because: 'too-many-lines' }]);
  expect(verdictOf(text)).toBe('caution');
});

test('a total that no formula can make is said, and never clear', () => {
  const reading = read('1/4 cup castile soap\nfill with water to 5005 L');
  expect(reading.makesTooMuch).toBe(true);
  expect(verdictOf('1/4 cup dish soap\nfill with water to 5005 L')).toBe('caution');
  expect(read('1/4 cup castile soap\nfill with water to 5 L').makesTooMuch).toBe(false);
});

test('what is beyond 20,000 characters is said', () => {
  const text = `1 cup vinegar\n${'Shake it well. '.repeat(1400)}`;
  expect(read(text).items.at(-1)).toMatchObject({ kind: 'unread', because: 'too-long' });
  expect(uncovered(text, read(text).items)).toEqual([]);
});
