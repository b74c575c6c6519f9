import { TRICKS, type Trick } from './tricks';

/** How tricks are found by what people call them. */

const words = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];

/** Same word, with or without an ending: "windows" speaks of a window. */
const ENDINGS = ['', 's', 'es', 'd', 'ed', 'ing'];
const formsOfWord = (word: string): string[] =>
  ENDINGS.flatMap((ending) => [word + ending, ...(word.endsWith('e') ? [word.slice(0, -1) + ending] : [])]);

/** True if all words of a name are said, each by a word of its own: "baking soda" says nothing of baking it. */
function isNamed(name: readonly string[], said: readonly string[]): boolean {
  const left = new Set(said);
  return name.every((word) => {
    const saying = formsOfWord(word).find((form) => left.has(form));
    return saying !== undefined && left.delete(saying);
  });
}

/** Words that name nothing by themselves: a name is not held to them. */
const SMALL = new Set(['a', 'an', 'and', 'as', 'for', 'from', 'in', 'of', 'on', 'or', 'the', 'to', 'with', 'against']);

const NAMES: readonly (readonly [trick: Trick, names: readonly (readonly string[])[]])[] = TRICKS.map((trick) => [
  trick,
  trick.names.map((name) => words(name).filter((word) => !SMALL.has(word))),
]);

/** In so short a text what stands in two lines belongs together. */
const FEW_LINES = 4;

/** The tricks that a text names: all the words of one of their names stand in one of its lines. */
export function tricksNamed(text: string): Trick[] {
  const lines = text.split(/\n+/).map(words);
  const told = lines.length > FEW_LINES ? lines : [...lines, lines.flat()];
  return NAMES.filter(([, names]) => names.some((name) => told.some((line) => isNamed(name, line)))).map(
    ([trick]) => trick,
  );
}

/** All that is searched of a trick, a name on each line. */
export const trickSearchText = ({ name, names }: Trick): string => [name, ...names].join('\n');
