import type { Figures } from './finding';

/** Three significant figures at most, no exponent, no trailing zeros: 4.96, 17.5, 1230. */
export function plainNumber(value: number): string {
  if (value === 0) return '0';
  if (Math.abs(value) >= 1000) return String(Math.round(value / 10) * 10);
  const rounded = Number(value.toPrecision(Math.abs(value) >= 100 ? 3 : 2));
  return String(rounded);
}

const listOf = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? 'it') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Fills `{subjects}`, words and figures into a sentence. One that is missing is our mistake, and throws. */
export function fillIn(
  sentence: string,
  subjects: readonly string[],
  figures: Figures,
  words: Readonly<Record<string, string>> = {},
): string {
  return capital(
    sentence.replace(/\{(\w+)\}/g, (_, key: string) => {
      if (key === 'subjects') return listOf(subjects);
      const word = words[key];
      if (word !== undefined) return word;
      const figure = figures[key];
      if (figure === undefined)
        throw new Error(`The sentence "${sentence}" asks for the figure ${key}, which is not there`);
      return plainNumber(figure);
    }),
  );
}
