import type { MeasureSystem } from '../quantity/units';
import type { Formula } from './formula';
import type { ReadRecipe } from './reader/reading';
import { linesOf } from './reader/readRecipe';

/** The formula a reading comes to; null if it holds no line. Its name is the text's title, or the fallback. */
export function formulaFromReading(
  reading: ReadRecipe,
  id: string,
  fallbackName: string,
  measures: MeasureSystem,
): Formula | null {
  const lines = linesOf(reading);
  if (lines.length === 0) return null;
  return {
    id,
    name: (reading.title ?? fallbackName).slice(0, 80),
    purpose: reading.header.purpose ?? '',
    never: reading.header.never ?? '',
    ...(reading.header.how ? { how: reading.header.how } : {}),
    use: reading.header.use ?? 'stored',
    measures: reading.header.measures ?? measures,
    makesML: reading.header.makesML ?? null,
    lines: lines.map((line, i) => ({ ...line, id: String(i + 1) })),
  };
}

/** The texts of lines that could not be read, for the verdict to say so. */
export const unreadOf = (reading: ReadRecipe): string[] =>
  reading.items.flatMap((i) => (i.kind === 'unread' ? [i.text] : []));

/** Titles, notes and instructions of a reading: what it claims, and how it is made. */
export const notesOf = (reading: ReadRecipe): string[] =>
  reading.items.flatMap((i) => (i.kind === 'note' || i.kind === 'title' ? [i.text] : []));
