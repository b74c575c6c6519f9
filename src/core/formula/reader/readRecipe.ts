import { MAX_LINES, MAX_ML, type Line } from '../formula';
import { asOwn, emptyPair, itemsOf, ownLine } from './entries';
import { lineItem } from './lineItem';
import { namedHazards } from './namedHazards';
import type { CardHeader, ReadItem, ReadOptions, ReadRecipe } from './reading';
import { listedPairs, type Listed } from './repeats';
import { makesOf, settleFractions, settlePercentages } from './settling';
import { recipesIn, type Recipe } from './severalRecipes';
import { nameIn, titleIndex, titleItem } from './titles';
import { unitsOf, where, type RecipeHead, type ReadUnit } from './units';

/** More text than this is not a recipe: the rest is said, and not read. */
export const MAX_TEXT = 20_000;

/**
 * Reads a pasted recipe. The text is cut into sentences, each taken apart into amounts, names and all else;
 * every character that is not white space comes back in an entry: a line with what is doubtful about it, a
 * title, a note, or "unread", which has to be asked about. A name is never in a note unless its own clause
 * keeps it out or it plainly repeats a line. Time is linear in the length of the text.
 *
 * @param text up to {@link MAX_TEXT} characters and {@link MAX_LINES} lines are read; the rest is said
 * @param options whose cups it means, and the person's corrections by entry
 */
export function readRecipe(text: string, options: ReadOptions): ReadRecipe {
  const head: RecipeHead = { header: {} };
  const formatNumber = text.slice(0, MAX_TEXT);
  const units = unitsOf(formatNumber, options, head);
  const { header } = head;
  // A card of Biscuit's own says whose cups it means; its percentages are amounts, never strengths.
  settlePercentages(units, header.measures !== undefined);
  settleFractions(units);
  const listed = listedPairs(units);
  const titleAt = titleIndex(units, listed);
  const recipes = recipesIn(units, titleAt);
  const told: Told = { units, listed, titleAt, recipes, header, options };
  const { items, title, apart } = entriesOf(told, formatNumber);
  if (text.length > MAX_TEXT && text.slice(MAX_TEXT).trim() !== '') items.push(restOf(text, MAX_TEXT, 'too-long'));
  const total = units.map((u) => makesOf(u, options)).find((ML) => ML !== undefined);
  const makesML = total !== undefined && total <= MAX_ML ? total : undefined;
  return {
    items,
    title: header.name ?? title,
    recipes: recipes.map((r) => r.name),
    header: { ...(makesML === undefined ? {} : { makesML }), ...header },
    makesTooMuch: total !== undefined && makesML === undefined,
    hazards: namedHazards(formatNumber, items, options.corrections ?? {}, apart),
  };
}

/** A text as its sentences tell it, each by itself and all together. */
interface Told {
  readonly units: readonly ReadUnit[];
  readonly listed: readonly Listed[];
  /** Where the title stands; -1 for none. */
  readonly titleAt: number;
  /** None where the text holds one recipe. */
  readonly recipes: readonly Recipe[];
  readonly header: CardHeader;
  readonly options: ReadOptions;
}

interface Entries {
  readonly items: ReadItem[];
  readonly title: string | null;
  /** Keys of entries that are no part of it: what it must not be used on, and the recipes that are not meant. */
  readonly apart: ReadonlySet<string>;
}

/** The entries of a text, up to the last line that is judged; what is left after it in one. */
function entriesOf(told: Told, text: string): Entries {
  const { units, recipes, titleAt } = told;
  const chosen = recipes.length > 1 ? (told.options.recipe ?? null) : null;
  const apart = new Set(units.flatMap((u) => (u.role === 'header' && /^never on/i.test(u.text) ? [u.key] : [])));
  const items: ReadItem[] = [];
  let title = chosen === null ? null : (recipes[chosen]?.name ?? null);
  let lines = 0;
  for (const [i, unit] of units.entries()) {
    if (lines >= MAX_LINES) {
      items.push(restOf(text, unit.span[0], 'too-many-lines'));
      return { items, title, apart };
    }
    const recipe = recipes.findLastIndex((r) => r.at <= i);
    if (chosen !== null && recipe >= 0 && recipe !== chosen) {
      apart.add(unit.key);
      items.push({ kind: 'note', ...where(unit) });
      continue;
    }
    const made = entriesOfUnit(unit, i, told, chosen);
    if (i === titleAt && made[0]?.kind === 'title') title ??= nameIn(unit);
    if (namesTheRest(unit, titleAt) && lines === 0) title ??= unit.label;
    lines += made.filter((m) => m.kind === 'line').length;
    items.push(...made);
  }
  const read = units.at(-1)?.span[1] ?? 0;
  // Furniture alone: tags, signs that nobody sees.
  if (units.length === 0 && text.trim() !== '') items.push({ ...restOf(text, 0, 'too-long'), kind: 'note' });
  else if (text.slice(read).trim() !== '') items.push(restOf(text, read, 'too-many-lines'));
  return { items, title, apart };
}

/** "Carpet freshener: 2 cups baking soda": a label that names what its line makes. */
const namesTheRest = (unit: ReadUnit, titleAt: number): boolean =>
  unit.label !== null &&
  !/^for /i.test(unit.label) &&
  unit.section === null &&
  titleAt < 0 &&
  unit.paired.pairs.length > 0;

/** What a sentence comes to, now that the whole text is known. */
function entriesOfUnit(unit: ReadUnit, at: number, told: Told, chosen: number | null): ReadItem[] {
  const { listed, options, recipes } = told;
  if (at === told.titleAt) {
    const said = options.corrections?.[unit.key];
    return [said?.ingredient ? lineItem(where(unit), emptyPair(unit), said) : titleItem(unit, listed, said)];
  }
  const own = ownLine(unit, told.header, options);
  if (own) return [own];
  const made = itemsOf(unit, listed, options).map((item) => asOwn(item, options.own ?? []));
  if (!recipes.some((r) => r.at === at)) return made;
  if (chosen !== null) return unit.role === 'recipe-title' ? [{ kind: 'note', ...where(unit) }] : made;
  // Another recipe begins here: which is meant is asked, at its title or its first line.
  const choices = recipes.map((r) => r.name);
  if (unit.paired.pairs.every((p) => p.amount === null)) {
    return [{ kind: 'unread', because: 'which-recipe', choices, ...where(unit) }];
  }
  return made.map((m) => (m.kind === 'line' ? { ...m, doubts: [...m.doubts, { kind: 'which-recipe', choices }] } : m));
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
