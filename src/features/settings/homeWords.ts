import { counted, type Home, type MergedHomes, type MergedList } from '@/core';

/** Every list of a home by its name, one and many. */
const LISTS = [
  ['formulas', 'formula', 'formulas'],
  ['vessels', 'bottle', 'bottles'],
  ['batches', 'batch', 'batches'],
  ['pantry', 'thing in the cupboard', 'things in the cupboard'],
  ['rooms', 'room', 'rooms'],
  ['surfaces', 'surface', 'surfaces'],
  ['plans', 'job of one’s own', 'jobs of one’s own'],
  ['earlier', 'earlier form', 'earlier forms'],
  ['purchases', 'thing bought', 'things bought'],
  ['wanted', 'thing wanted', 'things wanted'],
  ['instead', 'ready cleaner to hold beside', 'ready cleaners to hold beside'],
  ['jobs', 'job under way', 'jobs under way'],
  ['timers', 'wait', 'waits'],
  ['log', 'entry of the log', 'entries of the log'],
] as const satisfies readonly (readonly [keyof Home, string, string])[];

/** What a home holds, in words. */
export const contents = (home: Home): string =>
  LISTS.map(([list, one, many]) => [home[list].length, one, many] as const)
    // What a home may well have none of is named only where there is some.
    .filter(([n, one]) => n > 0 || one === 'formula' || one === 'bottle' || one === 'batch')
    .map((of) => counted(...of))
    .join(', ');

const of = (lists: MergedHomes['lists'], what: keyof MergedList): string =>
  LISTS.flatMap(([list, one, many]) => (lists[list][what] > 0 ? [counted(lists[list][what], one, many)] : [])).join(
    ', ',
  );

/** What would become of it if what is new were added, in sentences. */
export function mergeWords({ lists }: MergedHomes): string[] {
  const said = (what: keyof MergedList, words: (these: string) => string): string[] => {
    const these = of(lists, what);
    return these === '' ? [] : [words(these)];
  };
  const all = [
    ...said('added', (these) => `New: ${these}.`),
    ...said('newer', (these) => `Newer in the file, and taken from it: ${these}.`),
    ...said('both', (these) => `Not the same here and there, so both are kept: ${these}.`),
    ...said('stays', (these) => `Not the same, and as here they stay: ${these}.`),
  ];
  return all.length === 0 ? ['Everything in the file is here already.'] : all;
}

/** What is here and would not come back of a copy, in a sentence; null if all would. */
export function missingWords(missing: MergedHomes['lists']): string | null {
  const these = LISTS.flatMap(([list, one, many]) => {
    const { added, newer, both, stays } = missing[list];
    const n = added + newer + both + stays;
    return n > 0 ? [counted(n, one, many)] : [];
  });
  return these.length === 0 ? null : `Made or changed since, and not in it: ${these.join(', ')}.`;
}
