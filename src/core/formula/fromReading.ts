import type { MeasureSystem } from '../quantity/units';
import type { Formula } from './formula';
import type { ReadRecipe } from './reader/reading';
import { linesOf } from './reader/readRecipe';

/** The id of a formula's line by its place in the reading. */
export const lineIdAt = (place: number): string => String(place + 1);

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
    lines: lines.map((line, i) => ({ ...line, id: lineIdAt(i) })),
  };
}
