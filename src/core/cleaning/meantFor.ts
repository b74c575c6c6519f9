import { plainName } from '../catalogue/lookup';
import type { Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import type { Formula } from '../formula/formula';

/** Shorter words say nothing by themselves. */
const MIN_LETTERS = 4;

const stem = (word: string): string => word.replace(/(?:es|s)$/, '');

const wordsOf = (text: string): string[] =>
  plainName(text)
    .split(' ')
    .filter((w) => w.length >= MIN_LETTERS)
    .map(stem);

/** Words that stand in many purposes and name no place or soil. */
const COMMON = new Set(
  ['water', 'with', 'bare', 'inside', 'plain', 'film', 'hard', 'spot', 'stain', 'free', 'cleaner'].map(stem),
);

/** True if all the words of one of the names stand in the purpose: a shower tray is no shower head. */
const shares = (purpose: ReadonlySet<string>, names: readonly string[]): boolean =>
  names
    .flatMap((name) => name.split(/,| or | and /))
    .map(wordsOf)
    .some(
      (words) =>
        (words.length > 1 || !COMMON.has(words[0] ?? '')) && words.length > 0 && words.every((w) => purpose.has(w)),
    );

/** Whether a formula says it is for this surface, and for this soil. */
export function meantFor(
  formula: Formula,
  surface: Surface,
  soil: Soil,
): { readonly surface: boolean; readonly soil: boolean } {
  const purpose = new Set(wordsOf(`${formula.name} ${formula.purpose}`));
  return {
    surface: shares(purpose, [surface.name, ...surface.names]),
    soil: shares(purpose, [soil.name, ...soil.names]),
  };
}
