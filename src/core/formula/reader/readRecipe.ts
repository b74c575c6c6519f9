import { findIngredient, ingredientsWithin, type NameMatch } from '../../catalogue/lookup';
import type { Line } from '../formula';
import { isHeader, readHeader } from './cardHeader';
import { takeApart, withoutBullet, type LineParts } from './lineParts';
import { nameOf } from './naming';
import { itemOf, shareItems, SOME, strengthOf } from './readItem';
import type { CardHeader, ReadItem, ReadOptions, ReadRecipe } from './reading';
import { fillLine, ratioLine, severalIn } from './several';

/** More text than this is not a recipe. */
export const MOST_TEXT = 20_000;

const INSTRUCTION =
  /^(?:never|avoid|caution|careful|safe|for best|shake|mix|stir|pour|store|label|spray|wipe|rinse|let|leave|apply|combine|keep|scrub|do not|don't|dissolve|add|fill|use|makes?|directions?|instructions?|method|steps?|note|notes|tip|tips|warning|to use|ingredients?|you will need|what you need|yields?|then|put|place|cap|close|test|wear|first|next|finally|enjoy|great|good|perfect|this)\b/i;

/** "(makes 4 litres)" beside a title. */
const MAKES = /\s*\(makes (?:about |approx\.? )?([^)]*)\)/i;

/** "Carpet freshener: 2 cups baking soda": a name, then what goes in. */
const NAMED = /^([a-z][\w ’'&-]{2,40}):\s+((?:about |an? |one |two |half |[\d½⅓⅔¼¾⅛]).+)$/i;

/** What a recipe is called after its job, though bought products are called so too: "Oven cleaner". */
const JOB_NAME = /\b(?:cleaner|cleanser|spray|remover|descaler|opener|disinfectant)s?$/i;

const isName = (match: NameMatch['kind']): boolean => match === 'exact' || match === 'ambiguous';

/** Reads one line that is neither a ratio nor a filling line nor names several things. */
function plainLine(
  text: string,
  key: string,
  clean: string,
  parts: LineParts,
  first: boolean,
  options: ReadOptions,
): ReadItem {
  const correction = options.corrections?.[key];
  const named = nameOf(parts.name);
  if (parts.amount && parts.name !== '' && !(INSTRUCTION.test(clean) && named.match === 'none'))
    return itemOf(text, key, parts, named, correction);
  if (correction?.ingredient ?? correction?.amount) return itemOf(text, key, parts, named, correction);
  if (correction?.isNote || text.trim().endsWith(':') || INSTRUCTION.test(clean)) {
    return { kind: first && !INSTRUCTION.test(clean) ? 'title' : 'note', key, text };
  }
  // "Hand soap" over a list is its title; "soap" or "vinegar" alone is an ingredient without an amount.
  const titled = first && (named.match !== 'exact' ? clean.includes(' ') : JOB_NAME.test(clean));
  if (!parts.amount && isName(named.match) && !titled) return itemOf(text, key, parts, named, correction);
  if (first) return { kind: 'title', key, text };
  // Names an ingredient among other words, or short enough to be a name with a slip: asked, not dropped.
  if (!parts.amount && named.match === 'close' && clean.split(' ').length <= 4)
    return itemOf(text, key, parts, named, correction);
  return { kind: 'unread', key, text };
}

/** The items of one line: one, or one for each ingredient it names. */
function readLine(line: string, key: string, clean: string, first: boolean, options: ReadOptions): ReadItem[] {
  const ratio = ratioLine(clean);
  if (ratio) return shareItems(line, key, ratio, options);
  const fill = fillLine(clean);
  if (fill && nameOf(takeApart(fill, options.measures).name).match !== 'none') {
    return shareItems(line, key, [{ name: fill, amount: { kind: 'to-fill' } }], options);
  }
  const parts = takeApart(clean, options.measures);
  const several = parts.amount || !INSTRUCTION.test(clean) ? severalIn(parts, options.measures) : null;
  if (several && !(first && !parts.amount)) return shareItems(line, key, several, options);
  return [plainLine(line, key, clean, parts, first, options)];
}

/** Percentages that are shares of the whole come to about 100 together; lone ones are strengths without an amount. */
function settlePercentages(items: readonly ReadItem[]): ReadItem[] {
  const shares = items.flatMap((i) =>
    i.kind === 'line' && i.line.amount.kind === 'percent' ? [i.line.amount.value.high] : [],
  );
  const sum = shares.reduce((a, b) => a + b, 0);
  const fills = items.some((i) => i.kind === 'line' && i.line.amount.kind === 'to-fill');
  if (shares.length === 0 || fills || (sum > 85 && sum < 115)) return [...items];
  return items.map((item) => {
    if (item.kind !== 'line' || item.line.amount.kind !== 'percent' || item.corrected) return item;
    const percent = item.line.amount.value.high;
    const ingredient = nameOf(takeApart(withoutBullet(item.text), 'us').name).ingredient;
    const strength = strengthOf({ amount: null, name: '', strengthPercent: percent }, ingredient);
    return strength
      ? {
          ...item,
          line: { ...item.line, amount: SOME, strength },
          doubts: [...item.doubts, { kind: 'how-much' as const }],
        }
      : item;
  });
}

/**
 * Reads a pasted ingredient list. Every line of the text comes back as an item: an ingredient with its
 * amount and what is doubtful about it, a title, a note, or "unread", which has to be asked about.
 *
 * @param text up to {@link MOST_TEXT} characters; what is beyond is not read
 * @param options whose cups it means, and the person's corrections by line
 */
export function readRecipe(text: string, options: ReadOptions): ReadRecipe {
  const items: ReadItem[] = [];
  const seen = new Map<string, number>();
  let head: CardHeader = {};
  const written = text
    .slice(0, MOST_TEXT)
    .split(/\r\n|\r|\n/)
    .map((l) => l.trim())
    .filter((l) => l !== '');
  for (const line of written) {
    const times = seen.get(line) ?? 0;
    seen.set(line, times + 1);
    const key = times === 0 ? line : `${line}#${times + 1}`;
    const first = items.length === 0 && written.length > 1;
    const clean = withoutBullet(line)
      .replace(/[.;,]+$/, '')
      .replace(/^#+\s*/, '')
      .replace(MAKES, '');
    const makes = MAKES.exec(line)?.[1];
    if (makes) head = { ...readHeader(`makes: ${makes}`, options.measures), ...head };
    // A card's sentences keep their full stops and brackets.
    const headed = readHeader(line, options.measures) ?? readHeader(clean, options.measures);
    if (headed) {
      const own = [...(head.own ?? []), ...(headed.own ?? [])];
      head = { ...head, ...headed, ...(own.length > 0 ? { own } : {}) };
      items.push({ kind: 'note', key, text: line });
      continue;
    }
    const named = NAMED.exec(clean);
    if (named?.[1] && named[2] && findIngredient(named[1]).kind !== 'exact') {
      const begins = items.length === 0;
      if (begins) head = { name: named[1], ...head };
      items.push({ kind: begins ? 'title' : 'note', key: `${key}~name`, text: line });
      items.push(...readLine(line, key, named[2], false, options));
      continue;
    }
    items.push(...readLine(line, key, clean, first, options));
  }
  // A card of Biscuit's own says whose cups it means; its percentages are amounts, never strengths.
  const isCard = head.measures !== undefined;
  const lines = withOwn(items, head, options);
  const title = head.name ?? items.find((i) => i.kind === 'title')?.text ?? null;
  return {
    items: namedButNotRead(isCard ? lines : settlePercentages(lines), options),
    title:
      head.name ??
      (title &&
        withoutBullet(title)
          .replace(MAKES, '')
          .replace(/^#+\s*|[:.]$/g, '')),
    header: head,
  };
}

/** Lines that name an ingredient the card itself describes mean that one. */
function withOwn(items: readonly ReadItem[], { own = [] }: CardHeader, options: ReadOptions): readonly ReadItem[] {
  if (own.length === 0) return items;
  return items.map((item) => {
    if (item.kind !== 'line' && item.kind !== 'unread') return item;
    const words = fillLine(withoutBullet(item.text)) ?? item.text;
    const parts = takeApart(withoutBullet(words), options.measures);
    const meant = own.find((o) => o.name.toLowerCase() === parts.name.toLowerCase());
    if (!meant) return item;
    if (item.kind === 'line') return { ...item, line: { ...item.line, ingredient: meant }, doubts: [] };
    const amount = parts.amount ?? SOME;
    return { ...item, kind: 'line', line: { id: item.key, ingredient: meant, amount }, doubts: [], corrected: false };
  });
}

const NEGATION = /\b(?:not|never|avoid|without|no|instead|free|nor|don['’]t)\b/i;
const PUTS_IN = /\b(?:add|adding|mix|stir|combine|dissolve|pour in|put in|drop in|full of|fill)\b/i;

/** What an item already stands for: its ingredient, and those it asks between. */
const coveredBy = (item: ReadItem): string[] => {
  if (item.kind !== 'line') return [];
  const own = item.line.ingredient.kind === 'known' ? [item.line.ingredient.id] : [];
  return [
    ...own,
    ...item.doubts.flatMap((d) => ('choices' in d ? d.choices.flatMap((c) => ('id' in c ? [c.id] : [])) : [])),
  ];
};

/**
 * The net under the reader: an ingredient that a line names and that became no item ("¼ cup bleach to the
 * gallon", "then add bleach and shake") is asked about and judged, never passed over. In notes only what
 * is put in counts, or a bought product.
 */
function namedButNotRead(items: readonly ReadItem[], options: ReadOptions): ReadItem[] {
  const covered = new Set(items.flatMap(coveredBy));
  const seen = new Set<string>();
  return items.flatMap((item, at): ReadItem[] => {
    const last = items[at + 1]?.text !== item.text;
    if (!last || seen.has(item.text) || item.kind === 'title') return [item];
    seen.add(item.text);
    const key = item.key.replace(/~\d+$/, '');
    if (NEGATION.test(item.text) || isHeader(item.text) || options.corrections?.[key]?.isNote) return [item];
    const counts = item.kind === 'line' || PUTS_IN.test(item.text);
    const more = ingredientsWithin(item.text).filter(
      (i) => !covered.has(i.id) && !i.id.endsWith('water') && i.role !== 'residue' && (i.role === 'bought' || counts),
    );
    more.forEach((i) => covered.add(i.id));
    const shares = more.map((i) => ({ name: i.name, amount: null }));
    return [item, ...shareItems(item.text, `${key}~more`, shares, options)];
  });
}

/** The lines of a reading, in order. */
export const linesOf = (reading: ReadRecipe): Line[] =>
  reading.items.flatMap((i) => (i.kind === 'line' ? [i.line] : []));
