import { isPlural, listOf } from '../text/english';
import type { Figures } from './finding';

/** Three significant figures at most, no exponent, no trailing zeros: 4.96, 17.5, 1230. */
export function plainNumber(value: number): string {
  if (value === 0) return '0';
  if (Math.abs(value) >= 1000) return String(Math.round(value / 10) * 10);
  const rounded = Number(value.toPrecision(Math.abs(value) >= 100 ? 3 : 2));
  return String(rounded);
}

/** A volume of gas as it is read: mL, and L from a litre on. */
export const gasText = (mL: number): string =>
  mL >= 1000 ? `${(mL / 1000).toFixed(mL < 10_000 ? 1 : 0)} L` : `${plainNumber(mL)} mL`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A sentence cut at its gaps: words and contents of gaps in turn, words first. */
const cut = new Map<string, readonly string[]>();

function cutOf(sentence: string): readonly string[] {
  let parts = cut.get(sentence);
  if (!parts) {
    parts = sentence.split(/\{([^{}]+)\}/);
    cut.set(sentence, parts);
  }
  return parts;
}

/**
 * Fills a sentence in: `{subjects}`, words and figures by their name, and `{harms|harm}` by whether the
 * subjects are one or several. One that is missing is our mistake, and throws.
 */
export function fillIn(
  sentence: string,
  subjects: readonly string[],
  figures: Figures,
  words: Readonly<Record<string, string>> = {},
): string {
  const parts = cutOf(sentence);
  if (parts.length === 1) return capital(sentence);
  let filled = '';
  for (let i = 0; i < parts.length; i++) {
    const part = parts[i] ?? '';
    if (i % 2 === 0) filled += part;
    else if (part === 'subjects') filled += subjects.length === 0 ? 'it' : listOf(subjects);
    else if (part.includes('|')) filled += part.split('|')[isPlural(subjects) ? 1 : 0] ?? '';
    else if (words[part] !== undefined) filled += words[part];
    else {
      const figure = figures[part];
      if (figure === undefined) {
        throw new Error(`The sentence "${sentence}" asks for the figure ${part}, which is not there`);
      }
      filled += part === 'pH' ? figure.toFixed(1) : plainNumber(figure);
    }
  }
  return capital(filled);
}
