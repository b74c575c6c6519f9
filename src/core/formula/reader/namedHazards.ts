import type { Ingredient } from '../../catalogue/ingredient';
import { substance } from '../../catalogue/substances';
import { resolveIngredient } from '../resolveIngredient';
import { cleanText } from './cleanText';
import { PUTS, isKeptOut } from './hazardClauses';
import { hazardAt, wordsOf, type Find, type Word } from './hazardNames';
import type { Corrections, NamedHazard, ReadItem } from './reading';

/*
 * The net under the reader. It trusts nothing that the reader made of a sentence: it looks for every spelling
 * of everything hazardous in the whole text, with rules of its own for what keeps a name out, and holds what
 * it finds against the lines alone.
 */

/** True if two things are of one kind: the same, of the same main substance, or both give off chlorine. */
function sameKind(a: Ingredient, b: Ingredient): boolean {
  const chlorine = (i: Ingredient): boolean =>
    i.contents.some((c) => substance(c.substance).traits.includes('hypochlorite'));
  const main = a.contents[0]?.substance;
  return (
    a.id === b.id ||
    (chlorine(a) && chlorine(b)) ||
    (main !== undefined && b.contents.some((c) => c.substance === main))
  );
}

/** Everything that the lines may put in. */
function ingredientsOf(items: readonly ReadItem[]): Ingredient[] {
  return items.flatMap((item) =>
    item.kind === 'line'
      ? [
          resolveIngredient(item.line.ingredient),
          ...item.doubts.flatMap((d) =>
            'choices' in d ? d.choices.flatMap((c) => (typeof c === 'object' && 'contents' in c ? [c] : [])) : [],
          ),
        ]
      : [],
  );
}

/**
 * Every hazardous name in a text that no line holds and no clause of its own keeps out. Linear in the length
 * of the text.
 *
 * @param corrections an entry that the person called a note answers for what stands in it
 * @param apart keys of entries that are no part of what is made
 */
export function namedHazards(
  text: string,
  items: readonly ReadItem[],
  corrections: Corrections,
  apart: ReadonlySet<string>,
): NamedHazard[] {
  const words = wordsOf(cleanText(text));
  const texts = words.map((w) => w.text);
  const lines = ingredientsOf(items);
  const found = new Map<string, NamedHazard>();
  let at = 0;
  for (let i = 0; i < words.length;) {
    const find = hazardAt(texts, i);
    const first = words[i];
    const last = words[i + (find?.length ?? 1) - 1];
    i += find?.length ?? 1;
    if (!find || !first || !last || find.ingredients.length === 0) continue;
    if (find.ingredients.some((a) => lines.some((b) => sameKind(a, b)))) continue;
    if (isKeptOut(words, find)) continue;
    while (at < items.length - 1 && (items[at]?.span[1] ?? 0) <= first.from) at += 1;
    const item = items[at];
    if (!item || apart.has(item.key) || corrections[item.key]?.isNote || corrections[item.key]?.keepsOut) continue;
    if (find.purpose && isWhatIsMade(words, find, item)) continue;
    const word = texts.slice(find.at, find.at + find.length).join(' ');
    const key = `${item.key} ${word}`;
    if (!found.has(key))
      found.set(key, {
        key: item.key,
        word: text.slice(first.from, last.to),
        span: [first.from, last.to],
        ingredients: find.ingredients,
      });
  }
  return [...found.values()];
}

/** True for a product's name that stands for the mixture itself: a title, "this cleaner", "as a degreaser". */
function isWhatIsMade(words: readonly Word[], find: Find, item: ReadItem): boolean {
  // Over a list, before its colon or dash.
  if (item.kind === 'line' && words[find.at + find.length]?.begins !== true) return false;
  const before: string[] = [];
  for (let i = find.at - 1; i >= 0 && words[i + 1]?.begins !== true; i--) before.push(words[i]?.text ?? '');
  return !before.some((w) => PUTS.has(w)) || before[0] === 'a' || before[0] === 'this' || before[0] === 'as';
}
