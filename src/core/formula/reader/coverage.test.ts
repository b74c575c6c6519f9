import fc from 'fast-check';
import { runs } from '../../../testing/runs';
import { evaluate } from '../../evaluation/evaluate';
import { DEFAULT_CONTEXT } from '../../evaluation/context';
import { recipeTextOf } from '../../evaluation/recipeText';
import type { Level } from '../../findings/finding';
import { formulaFromReading } from '../fromReading';
import { checkFormula } from '../schema';
import lineCases from './cases/reading-lines.json';
import textCases from './cases/reading-texts.json';
import { readRecipe } from './readRecipe';
import type { ReadItem, ReadRecipe } from './reading';

// What must hold for any text at all. `RUNS=20 npm test -- coverage` tries more of them.

const read = (text: string): ReadRecipe => readRecipe(text, { measures: 'us' });

/** Stretches of the text that lie in no entry, white space left out. */
function uncovered(text: string, items: readonly ReadItem[]): string[] {
  const covered = new Uint8Array(text.length);
  for (const { span } of items) covered.fill(1, span[0], span[1]);
  return [...text.matchAll(/\S/gu)].flatMap((m) => (covered[m.index] === 1 ? [] : [m[0]]));
}

const FRAGMENTS = [
  'vinegar',
  'white vinegar',
  'bleach',
  'water',
  'ammonia',
  '1 cup',
  '½',
  '2 tbsp',
  '10 drops',
  'lemon',
  '3 %',
  'some',
  'and',
  'or',
  'with',
  'to',
  'per litre',
  'each',
  'not',
  'never',
  'without',
  'do not',
  'add',
  'mix',
  'rinse',
  'then',
  '(',
  ')',
  ',',
  '.',
  ':',
  ';',
  '-',
  '–',
  '/',
  '|',
  '*',
  '☐',
  '•',
  '1.',
  'Step 2',
  'Ingredients:',
  'Method',
  'Makes 2 cups',
  'spray bottle',
  'fill with',
  'zonk',
  '1:3',
  '<li>',
  '&nbsp;',
  '\u200b',
  '\t',
  '\n',
  '\n\n',
  '🧼',
  'Yield: 16 oz',
  '$0.40',
  '15 min',
  'Name:',
  'For:',
  'Makes:',
  "'",
  '"',
  '#',
  '1.000',
];
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

/** A text with so many of its characters changed, left out, doubled or moved. */
const mutated = fc
  .tuple(
    fc.constantFrom(...textCases.map((t) => t.text), ...lineCases.map((l) => `1 cup water\n${l.text}`)),
    fc.array(
      fc.tuple(
        fc.nat(),
        fc.nat(),
        fc.constantFrom('drop', 'double', 'swap', 'put'),
        fc.constantFrom(...FRAGMENTS, '9', '0', '99999999', 'é', '\u0000', '\ud800'),
      ),
      { minLength: 1, maxLength: 8 },
    ),
  )
  .map(([text, changes]) =>
    changes.reduce((t, [a, b, how, what]) => {
      const at = t.length === 0 ? 0 : a % t.length;
      const other = t.length === 0 ? 0 : b % t.length;
      if (how === 'drop') return t.slice(0, at) + t.slice(at + 1);
      if (how === 'double') return t.slice(0, at) + t.slice(at, at + 9) + t.slice(at);
      if (how === 'swap') return t.slice(0, at) + (t[other] ?? '') + t.slice(at + 1);
      return t.slice(0, at) + what + t.slice(at);
    }, text),
  );

test('no text breaks it: no exception, no number that is none, no formula that the schema refuses', () => {
  fc.assert(
    fc.property(mutated, (text) => {
      const reading = read(text);
      expect(uncovered(text, reading.items)).toEqual([]);
      const formula = formulaFromReading(reading, 'f', 'My recipe', 'us');
      if (!formula) return;
      const checked = checkFormula(formula);
      expect([text, checked.ok ? [] : checked.problems]).toEqual([text, []]);
      const result = evaluate(formula, DEFAULT_CONTEXT, recipeTextOf(reading));
      // Unless it is what was written.
      if (!/NaN|Infinity/.test(text)) expect(JSON.stringify(result)).not.toMatch(/NaN|Infinity/);
      if (result.ok)
        for (const n of [result.value.state.volumeML, result.value.state.massG, result.value.state.pH?.value ?? 7])
          expect(n).toBe(Number.isFinite(n) ? n : 'a number');
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
