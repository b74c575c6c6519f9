import fc from 'fast-check';
import { DEFAULT_CONTEXT } from '../core/evaluation/context';
import { evaluate } from '../core/evaluation/evaluate';
import { recipeTextOf } from '../core/evaluation/recipeText';
import { formulaFromReading } from '../core/formula/fromReading';
import lineCases from '../core/formula/reader/cases/reading-lines.json';
import textCases from '../core/formula/reader/cases/reading-texts.json';
import { readRecipe } from '../core/formula/reader/readRecipe';
import type { ReadItem, ReadRecipe } from '../core/formula/reader/reading';
import { checkFormula } from '../core/formula/schema';

/** Texts of recipes changed at random, and what must hold for any text at all. */

/** A text as it is read in these checks. */
export const read = (text: string): ReadRecipe => readRecipe(text, { measures: 'us' });

/** Stretches of the text that lie in no entry, white space left out. */
export function uncovered(text: string, items: readonly ReadItem[]): string[] {
  const covered = new Uint8Array(text.length);
  for (const { span } of items) covered.fill(1, span[0], span[1]);
  return [...text.matchAll(/\S/gu)].flatMap((m) => (covered[m.index] === 1 ? [] : [m[0]]));
}

/** What texts are put together of, and what is put into them. */
export const FRAGMENTS = [
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

/** A text with so many of its characters changed, left out, doubled or moved. */
export const changedText: fc.Arbitrary<string> = fc
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

/** What is wrong with how a text is read and judged; null if nothing is. */
export function wrongWithText(text: string): string | null {
  try {
    const reading = read(text);
    const left = uncovered(text, reading.items);
    if (left.length > 0) return `not in an entry: ${left.join('')}`;
    const formula = formulaFromReading(reading, 'f', 'My recipe', 'us');
    if (!formula) return null;
    const checked = checkFormula(formula);
    if (!checked.ok) return checked.problems.map((p) => `${p.where}: ${p.message}`).join(' ');
    const result = evaluate(formula, DEFAULT_CONTEXT, recipeTextOf(reading));
    // Unless it is what was written.
    if (!/NaN|Infinity/.test(text) && /NaN|Infinity/.test(JSON.stringify(result))) return 'a number that is none';
    if (!result.ok) return null;
    const { volumeML, massG, pH } = result.value.state;
    return [volumeML, massG, pH?.value ?? 7].every(Number.isFinite) ? null : 'a number without an end';
  } catch (error) {
    return `it throws: ${String(error)}`;
  }
}
