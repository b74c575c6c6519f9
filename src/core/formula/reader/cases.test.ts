import { drawn } from '../../../testing/runs';
import { evaluate } from '../../evaluation/evaluate';
import { DEFAULT_CONTEXT } from '../../evaluation/context';
import { recipeTextOf } from '../../evaluation/recipeText';
import type { Level } from '../../findings/finding';
import { lineText } from '../card';
import { formulaFromReading } from '../fromReading';
import lineCases from './cases/reading-lines.json';
import ownCases from './cases/own-lines.json';
import ownTexts from './cases/own-texts.json';
import ownSentences from './cases/own-sentences.json';
import sentenceCases from './cases/reading-sentences.json';
import textCases from './cases/reading-texts.json';
import { readRecipe } from './readRecipe';

/**
 * Texts as people write them, with what must come out, in the words of the plain-text card. `?` must be
 * asked about; `-` puts nothing in; `||` parts readings that are both right. All written for Biscuit; what
 * is right was decided from the words (common practice, no source).
 */

interface Came {
  readonly as: readonly string[];
  readonly asked: boolean;
}

const readBefore = new Map<string, Came>();

/** A text as it comes out: each is read once. */
function read(text: string): Came {
  const before = readBefore.get(text);
  if (before) return before;
  const { items } = readRecipe(text, { measures: 'us' });
  const came: Came = {
    as: items.flatMap((i) => (i.kind === 'line' ? [lineText(i.line)] : [])),
    asked: items.some((i) => i.kind === 'unread' || (i.kind === 'line' && i.doubts.some((d) => d.kind !== 'vague'))),
  };
  readBefore.set(text, came);
  return came;
}

const GUM = '1 tsp xanthan gum';

/** A line as it comes out after another line, or first in a text before it. */
function among(text: string, first: boolean): Came {
  const came = read(first ? `${text}\n${GUM}` : `${GUM}\n${text}`);
  const at = came.as.indexOf(GUM);
  expect(at).toBeGreaterThanOrEqual(0);
  return { ...came, as: came.as.filter((_, i) => i !== at) };
}

const sorted = (lines: readonly string[]): string => [...lines].sort().join(' ; ');
const readings = (right: string): string[] => right.split('||').map((r) => r.trim());
const isRight = (came: Came, right: string): boolean =>
  readings(right).some(
    (r) => r !== '?' && sorted(came.as) === (r === '-' ? '' : sorted(r.split(' ; ').map((l) => l.trim()))),
  );

describe('a line', () => {
  const cases = [...lineCases, ...ownCases].flatMap(({ text, right }) => [
    { text, right, first: false },
    { text, right, first: true },
  ]);

  test.each(cases)('$text (first: $first)', ({ text, right, first }) => {
    const came = among(text, first);
    if (!came.asked) expect([sorted(came.as), isRight(came, right)]).toEqual([sorted(came.as), true]);
    if (readings(right).every((r) => r === '?')) expect(came.asked).toBe(true);
  });

  test('is read without a question, where none is needed, in 19 of 20 cases', () => {
    const plain = cases.filter((c) => !readings(c.right).includes('?'));
    const sure = plain.filter((c) => {
      const came = among(c.text, c.first);
      return !came.asked && isRight(came, c.right);
    });
    expect(sure.length / plain.length).toBeGreaterThan(0.95);
  });
});

describe('a whole text', () => {
  test.each(textCases.map((c) => [c.id, c] as const))('%s', (_, { text, right, ...more }) => {
    const came = read(text);
    const sure = right.filter((r) => !r.startsWith('?'));
    for (const line of sure) expect(came.as).toContain(line);
    if (sure.length < right.length) expect(came.asked).toBe(true);
    else expect(came).toEqual({ as: expect.anything() as string[], asked: false });
    if (sure.length === right.length) expect(sorted(came.as)).toBe(sorted(sure));
    if ('must' in more) {
      const codes = weigh(text).codes;
      expect(codes).toContain(more.must);
    }
  });
});

describe('a sound recipe, with all that pages and people write around it', () => {
  test.each(ownTexts)('$text', ({ text, right }) => {
    expect(read(text)).toEqual({ as: right, asked: false });
    expect(readRecipe(text, { measures: 'us' }).hazards).toEqual([]);
  });
});

function weigh(text: string): { verdict: Level; codes: readonly string[] } {
  const reading = readRecipe(text, { measures: 'us' });
  const formula = formulaFromReading(reading, 'f', 'F', 'us');
  if (!formula) throw new Error(`nothing was read in ${text}`);
  const result = evaluate(formula, DEFAULT_CONTEXT, recipeTextOf(reading));
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return { verdict: result.value.verdict, codes: result.value.findings.map((f) => f.code) };
}

const withX = (frame: string, x: string): string =>
  frame.replace(/\bA X/g, `1 cup ${x}`).replace(/\bX/g, x).replace(/\bA\b/g, '1 cup');

describe('a sentence that puts something in', () => {
  test.each(sentenceCases.putsIn)('%s: never clear', (frame) => {
    for (const x of drawn(['bleach', 'household bleach', 'lejía'])) {
      expect(weigh(`1 cup vinegar\n1 cup water\n${withX(frame, x)}`).verdict).not.toBe('clear');
      expect(weigh(`${withX(frame, x)}\n1 cup vinegar\n1 cup water`).verdict).not.toBe('clear');
    }
  });
});

/** Names that must not be taken for anything harmless, wherever they stand. */
const HAZARD_NAMES =
  'thick bleach,bleach gel,javel water,NaOCl,sodium hypochlorite,pool shock,trichlor,amonia,ammonium hydroxide,caustic soda,drain crystals,hydrochloric acid,spirits of salt,battery acid,nitric acid,peracetic acid,percarbonate,sodium perborate,35% peroxide,bleech,hypochlorate,Chlorreiniger,candeggina'.split(
    ',',
  );

describe('a denial that keeps nothing out', () => {
  test.each(ownSentences)('%s: never clear', (sentence) => {
    for (const text of drawn([
      `1 cup vinegar\n1 cup water\n${sentence}`,
      `${sentence}\n1 cup vinegar\n1 cup water`,
      `1 cup vinegar\n1 cup water\nMethod\n${sentence}`,
    ])) {
      expect([text, weigh(text).verdict]).not.toEqual([text, 'clear']);
    }
  });
});

describe('a hazard is found by any of its names', () => {
  test.each(HAZARD_NAMES)('%s', (name) => {
    for (const frame of drawn([
      '{}',
      '1 cup {}',
      'a capful of {}',
      '{} spray',
      'Add {}',
      '{}: 1 mug',
      '(plus {})',
      '☐ {}',
      'The {} spray of my gran',
      '<li>{}</li>',
      'Follow with {}!',
      '{} & vinegar',
    ])) {
      const sentence = frame.replace('{}', name);
      for (const text of [`${sentence}\n1 cup vinegar\n1 cup water`, `1 cup vinegar\n1 cup water\n${sentence}`]) {
        expect([text, weigh(text).verdict]).not.toEqual([text, 'clear']);
      }
    }
  });
});

describe('two amounts in one line', () => {
  const things = [
    ['1 cup vinegar', '1 cup white vinegar'],
    ['2 cups water', '2 cups water'],
    ['3 tbsp bleach', '3 tbsp chlorine bleach'],
    ['10 drops lavender oil', '10 drops lavender oil'],
    ['50 g citric acid', '50 g citric acid'],
    ['4 tsp dish soap', '4 tsp dish soap'],
    ['1/4 cup baking soda', '¼ cup baking soda'],
    ['5 ml salt', '5 mL salt'],
  ] as const;

  test.each(sentenceCases.twoInOneLine)('%s: never crossed, never lost without a question', (frame) => {
    const pairs = things.flatMap((a) => things.flatMap((b) => (a === b ? [] : [[a, b] as const])));
    for (const [[a, readA], [b, readB]] of drawn(pairs)) {
      const came = among(frame.replace('{A}', a).replace('{B}', b), false);
      const out = frame.includes('not {B}') ? [readA] : [readA, readB];
      for (const line of came.as) expect([readA, readB]).toContain(line);
      if (!came.asked) expect(sorted(came.as)).toBe(sorted(out));
    }
  });
});
