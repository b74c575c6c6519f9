import { MAX_LINES, MAX_ML } from '../formula/formula';
import { lineIdAt } from '../formula/fromReading';
import type { Doubt, ReadItem, ReadRecipe } from '../formula/reader/reading';
import type { RecipeText, OpenLine } from './context';

/** So much of a stretch that was not understood is named in a finding, characters. */
const MAX_QUOTED = 60;

const quoted = (text: string): string => {
  const plain = text
    .replace(/\s+/g, ' ')
    .replace(/[\s.,;:!]+$/, '')
    .trim();
  return plain.length > MAX_QUOTED ? `${plain.slice(0, MAX_QUOTED - 1)}…` : plain;
};

const WHICH_RECIPE = 'which of its recipes is meant';

/** What is not known of a stretch that was not read. */
function unreadAs(item: ReadItem & { kind: 'unread' }): string {
  switch (item.because) {
    case 'which-recipe':
      return WHICH_RECIPE;
    case 'title-with-ingredient':
      return `whether ${quoted(item.text)} goes in`;
    case 'too-many-lines':
      return `what stands beyond the first ${MAX_LINES} lines`;
    case 'too-long':
      return 'what stands beyond its end: the text is too long';
    case 'not-understood':
      return quoted(item.text);
  }
}

/** What an entry could not make sense of, in the words that stand there. */
function notUnderstood(item: ReadItem): string[] {
  if (item.kind === 'unread') return [unreadAs(item)];
  if (item.kind !== 'line') return [];
  return item.doubts.flatMap((d) => {
    switch (d.kind) {
      case 'other-words':
        return [quoted(d.written)];
      case 'spelling':
        return [quoted(d.written)];
      case 'which-recipe':
        return [WHICH_RECIPE];
      case 'how-strong':
        return [quoted(item.text)];
      default:
        return [];
    }
  });
}

const isOf = (
  doubt: Doubt,
): doubt is Extract<Doubt, { choices: readonly { id: string }[] }> & {
  kind: 'which-ingredient' | 'spelling' | 'other-words' | 'unknown-ingredient';
} =>
  doubt.kind === 'which-ingredient' ||
  doubt.kind === 'spelling' ||
  doubt.kind === 'other-words' ||
  doubt.kind === 'unknown-ingredient';

function openLines(item: ReadItem & { kind: 'line' }, lineId: string): OpenLine[] {
  return item.doubts.filter(isOf).flatMap((doubt): OpenLine[] => {
    if (doubt.choices.length === 0) return [];
    const unknownKind =
      doubt.kind === 'unknown-ingredient' ||
      (doubt.kind === 'which-ingredient' && doubt.because !== 'several-meanings');
    return [{ lineId, name: quoted(doubt.written), choices: doubt.choices, unknownKind }];
  });
}

/**
 * What a reading says beside its lines, for the verdict: what was not understood, what is claimed, which
 * hazards stand in it unaccounted for, and which lines may mean several things.
 */
export const recipeTextOf = (reading: ReadRecipe): RecipeText => ({
  unread: [
    ...new Set([
      ...reading.items.flatMap(notUnderstood),
      ...(reading.makesTooMuch ? [`a total of more than ${MAX_ML / 1000} L`] : []),
    ]),
  ],
  notes: reading.items.flatMap((i) => (i.kind === 'note' || i.kind === 'title' ? [i.text] : [])),
  hazards: [...new Set(reading.hazards.map((h) => h.word))],
  open: reading.items
    .flatMap((i) => (i.kind === 'line' ? [i] : []))
    .flatMap((i, place) => openLines(i, lineIdAt(place))),
});
