import type { MeasureSystem } from '../quantity/units';
import type { Formula } from './formula';
import type { ReadRecipe } from './reader/reading';
import { linesOf } from './reader/readRecipe';
import { keepOffInWords, madeForInWords } from './placesInWords';
import { impliedByWords, type FormulaKind } from './use';
import type { UseForm } from '../catalogue/useForms';

/** The id of a formula's line by its place in the reading. */
export const lineIdAt = (place: number): string => String(place + 1);

/** The way of use and the kind: as a card says them, or for any other text in its own words. */
function formAndKindOf(reading: ReadRecipe): { readonly form?: UseForm | null; readonly kind?: FormulaKind | null } {
  const { form, kind, measures } = reading.header;
  if (measures !== undefined) return { form: form ?? null, kind: kind ?? null };
  const words = reading.items.flatMap((i) => (i.kind === 'note' || i.kind === 'title' ? [i.text] : []));
  const said = impliedByWords([reading.title ?? '', ...words].join('\n'));
  return { form: form ?? said.form, kind: kind ?? (said.kind === 'surface' ? null : said.kind) };
}

/** Where it goes and where it does not: by a card's ids, or for any other text by what its words plainly name. */
function placesOf({ header }: ReadRecipe): Pick<Formula, 'madeFor' | 'keepOff'> {
  const isCard = header.measures !== undefined;
  const madeFor = header.madeFor ?? (isCard ? null : madeForInWords(header.purpose ?? ''));
  const keepOff = header.keepOff ?? (isCard ? [] : keepOffInWords(header.never ?? ''));
  return {
    ...(madeFor ? { madeFor } : {}),
    ...(header.keepOff || keepOff.length > 0 ? { keepOff } : {}),
  };
}

/** The formula a reading comes to; null if it holds no line. Its name is the text's title, or the fallback. */
export function formulaFromReading(
  reading: ReadRecipe,
  id: string,
  fallbackName: string,
  measures: MeasureSystem,
): Formula | null {
  const lines = linesOf(reading);
  if (lines.length === 0) return null;
  const { form, kind } = formAndKindOf(reading);
  return {
    id,
    name: (reading.title ?? fallbackName).slice(0, 80),
    purpose: reading.header.purpose ?? '',
    never: reading.header.never ?? '',
    ...(reading.header.how ? { how: reading.header.how } : {}),
    ...(form ? { form } : {}),
    ...(kind ? { kind } : {}),
    ...placesOf(reading),
    use: reading.header.use ?? 'stored',
    measures: reading.header.measures ?? measures,
    makesML: reading.header.makesML ?? null,
    lines: lines.map((line, i) => ({ ...line, id: lineIdAt(i) })),
  };
}
