import { MOST_LINES, type Line } from '../formula';
import { emptyPair, itemsOf, ownLine } from './entries';
import { lineItem } from './lineItem';
import { namedHazards } from './namedHazards';
import type { ReadItem, ReadOptions, ReadRecipe } from './reading';
import { listedPairs } from './repeats';
import { makesOf, settleFractions, settlePercentages } from './settling';
import { recipesIn } from './severalRecipes';
import { nameIn, titleIndex, titleItem } from './titles';
import { unitsOf, where, type Head } from './units';

/** More text than this is not a recipe: the rest is said, and not read. */
export const MOST_TEXT = 20_000;

/**
 * Reads a pasted recipe. The text is cut into sentences, each taken apart into amounts, names and all else;
 * every character that is not white space comes back in an entry: a line with what is doubtful about it, a
 * title, a note, or "unread", which has to be asked about. A name is never in a note unless its own clause
 * keeps it out or it plainly repeats a line. Time is linear in the length of the text.
 *
 * @param text up to {@link MOST_TEXT} characters and {@link MOST_LINES} lines are read; the rest is said
 * @param options whose cups it means, and the person's corrections by entry
 */
export function readRecipe(text: string, options: ReadOptions): ReadRecipe {
  const head: Head = { header: {} };
  const readable = text.slice(0, MOST_TEXT);
  const units = unitsOf(readable, options, head);
  const { header } = head;
  // A card of Biscuit's own says whose cups it means; its percentages are amounts, never strengths.
  settlePercentages(units, header.measures !== undefined);
  settleFractions(units);
  const listed = listedPairs(units);
  const titleAt = titleIndex(units, listed);
  const recipes = recipesIn(units, titleAt);
  const chosen = recipes.length > 1 ? (options.recipe ?? null) : null;
  const items: ReadItem[] = [];
  // Entries that are no part of it: what it must not be used on, and the recipes that are not meant.
  const apart = new Set(units.flatMap((u) => (u.role === 'header' && /^never on/i.test(u.text) ? [u.key] : [])));
  let title: string | null = null;
  let count = 0;
  let makes: number | undefined;
  for (const [i, unit] of units.entries()) {
    if (count >= MOST_LINES) {
      items.push(restOf(readable, unit.span[0], 'too-many-lines'));
      break;
    }
    makes = makes ?? makesOf(unit, options);
    if (i === titleAt) {
      const said = options.corrections?.[unit.key];
      const made = said?.ingredient ? lineItem(where(unit), emptyPair(unit), said) : titleItem(unit, listed, said);
      if (made.kind === 'title') title = nameIn(unit);
      items.push(made);
      continue;
    }
    const own = ownLine(unit, header, options);
    if (own) {
      items.push(own);
      count += 1;
      continue;
    }
    const recipe = recipes.findLastIndex((r) => r.at <= i);
    if (chosen !== null && recipe >= 0 && recipe !== chosen) apart.add(unit.key);
    const begins = recipes.length > 1 && recipes.some((r) => r.at === i);
    const names = recipes.map((r) => r.name);
    if (begins && chosen === recipe) title = recipes[recipe]?.name ?? title;
    if (begins && unit.paired.pairs.every((p) => p.amount === null)) {
      items.push(
        chosen === null
          ? { kind: 'unread', because: 'which-recipe', choices: names, ...where(unit) }
          : { kind: 'note', ...where(unit) },
      );
      continue;
    }
    if (chosen !== null && recipe !== chosen && recipe >= 0) {
      items.push({ kind: 'note', ...where(unit) });
      continue;
    }
    if (
      unit.label !== null &&
      !/^for /i.test(unit.label) &&
      title === null &&
      count === 0 &&
      unit.section === null &&
      titleAt < 0 &&
      unit.paired.pairs.length > 0
    )
      title = unit.label;
    const made = itemsOf(unit, listed, options);
    count += made.filter((m) => m.kind === 'line').length;
    const asksWhich = begins && chosen === null;
    items.push(
      ...(asksWhich
        ? made.map((m) =>
            m.kind === 'line' ? { ...m, doubts: [...m.doubts, { kind: 'which-recipe' as const, choices: names }] } : m,
          )
        : made),
    );
  }
  // Furniture alone: tags, signs that nobody sees.
  if (units.length === 0 && readable.trim() !== '') items.push({ ...restOf(readable, 0, 'too-long'), kind: 'note' });
  const last = units.at(-1);
  if (last && count < MOST_LINES && readable.slice(last.span[1]).trim() !== '')
    items.push(restOf(readable, last.span[1], 'too-many-lines'));
  if (text.length > MOST_TEXT && text.slice(MOST_TEXT).trim() !== '') items.push(restOf(text, MOST_TEXT, 'too-long'));
  return {
    items,
    title: header.name ?? title,
    recipes: recipes.length > 1 ? recipes.map((r) => r.name) : [],
    header: { ...(makes === undefined ? {} : { makesML: makes }), ...header },
    hazards: namedHazards(readable, items, options.corrections ?? {}, apart),
  };
}

/** What is left of a text, in one entry. */
function restOf(text: string, from: number, because: 'too-many-lines' | 'too-long'): ReadItem {
  const rest = text.slice(from);
  const begins = from + (rest.length - rest.trimStart().length);
  const ends = from + rest.trimEnd().length;
  return { kind: 'unread', because, key: `rest@${because}`, text: text.slice(begins, ends), span: [begins, ends] };
}

/** The lines of a reading, in order. */
export const linesOf = (reading: ReadRecipe): Line[] =>
  reading.items.flatMap((i) => (i.kind === 'line' ? [i.line] : []));
