import type { Ingredient } from '../../catalogue/ingredient';
import { findIngredient, ingredientsWithin, plainName, type NameMatch } from '../../catalogue/lookup';
import { VAGUE_ML, type Amount } from '../../quantity/amount';
import { exactly } from '../../quantity/span';
import type { MeasureSystem } from '../../quantity/units';
import type { IngredientRef, Line, Strength } from '../formula';
import { readAmount } from './readAmount';
import { takeApart, withoutBullet, type LineParts } from './lineParts';
import type { CardHeader, Correction, Corrections, Doubt, ReadItem, ReadRecipe } from './reading';

/** More text than this is not a recipe. */
export const MOST_TEXT = 20_000;

export interface ReadOptions {
  readonly measures: MeasureSystem;
  readonly corrections?: Corrections;
}

const known = (ingredient: Ingredient): IngredientRef => ({ kind: 'known', id: ingredient.id });

interface Named {
  readonly ref: IngredientRef;
  readonly ingredient: Ingredient | null;
  readonly doubts: readonly Doubt[];
  readonly match: NameMatch['kind'];
}

/** The ingredient that a line's words name. "Castile soap or dish soap" is read as the first, and asked about. */
function nameOf(words: string): Named {
  const either = words
    .split(/\s+or\s+|\s*\/\s*/i)
    .map((w) => w.trim())
    .filter(Boolean);
  if (either.length > 1) {
    const matches = either
      .map(findIngredient)
      .flatMap((m) => (m.kind === 'exact' || m.kind === 'close' ? [m.ingredient] : []));
    const choices = [...new Set(matches)];
    if (choices[0] && choices.length > 1) {
      return {
        ref: known(choices[0]),
        ingredient: choices[0],
        doubts: [{ kind: 'which-ingredient', choices }],
        match: 'ambiguous',
      };
    }
  }
  const match = findIngredient(words);
  switch (match.kind) {
    case 'exact':
      return { ref: known(match.ingredient), ingredient: match.ingredient, doubts: [], match: 'exact' };
    case 'close': {
      const near = plainName(words).includes(plainName(match.ingredient.name));
      const doubts: Doubt[] = near
        ? []
        : [{ kind: 'spelling', written: words, choices: [match.ingredient, ...match.choices] }];
      return { ref: known(match.ingredient), ingredient: match.ingredient, doubts, match: 'close' };
    }
    case 'ambiguous': {
      const first = match.choices[0];
      return {
        ref: first ? known(first) : { kind: 'unknown', name: words },
        ingredient: first ?? null,
        doubts: [{ kind: 'which-ingredient', choices: match.choices }],
        match: 'ambiguous',
      };
    }
    case 'none':
      return {
        ref: { kind: 'unknown', name: words },
        ingredient: null,
        doubts: [{ kind: 'unknown-ingredient', written: words }],
        match: 'none',
      };
  }
}

function strengthOf(parts: LineParts, ingredient: Ingredient | null): Strength | undefined {
  if (parts.strengthPercent === undefined || !ingredient?.strengthOf) return undefined;
  const usual = ingredient.contents.find((c) => c.substance === ingredient.strengthOf);
  if (!(parts.strengthPercent > 0 && parts.strengthPercent <= 100)) return undefined;
  return { percent: parts.strengthPercent, basis: parts.strengthBasis ?? usual?.basis ?? 'w/v' };
}

const some: Amount = { kind: 'vague', word: 'some', volumeML: VAGUE_ML.some };

/** The doubts about an amount, and the amount to use for an ingredient of this form. */
function settleAmount(parts: LineParts, ingredient: Ingredient | null): { amount: Amount; doubts: Doubt[] } {
  const { amount, otherwise } = parts;
  if (!amount) return { amount: some, doubts: [{ kind: 'how-much' }] };
  if (amount.kind === 'vague') return { amount, doubts: [{ kind: amount.word === 'some' ? 'how-much' : 'vague' }] };
  if (!otherwise) return { amount, doubts: [] };
  // "2 oz": by weight for powders, by volume for liquids, and asked.
  const powder = ingredient?.form === 'powder';
  const choices = powder ? [otherwise, amount] : [amount, otherwise];
  return { amount: powder ? otherwise : amount, doubts: [{ kind: 'which-unit', choices }] };
}

function itemOf(
  text: string,
  key: string,
  parts: LineParts,
  named: Named,
  correction: Correction | undefined,
): ReadItem {
  if (correction?.isNote) return { kind: 'note', key, text };
  const settled = settleAmount(parts, named.ingredient);
  const ref = correction?.ingredient ?? named.ref;
  const amount = correction?.amount ?? settled.amount;
  const doubts = [...(correction?.ingredient ? [] : named.doubts), ...(correction?.amount ? [] : settled.doubts)];
  const strength = correction?.ingredient ? undefined : strengthOf(parts, named.ingredient);
  const line: Line = {
    id: key,
    ingredient: ref,
    amount,
    ...(parts.also && !correction?.amount ? { also: parts.also } : {}),
    ...(strength ? { strength } : {}),
    text,
  };
  return { kind: 'line', key, text, line, doubts, corrected: correction !== undefined };
}

const EQUAL_PARTS =
  /^(?:equal (?:parts|amounts|measures)|(?:50|half)\s*[/-]\s*(?:50|half)|half and half)(?: of)?:?\s+(.+)$/i;
const IN_EQUAL_PARTS = /^(.+?),? in equal (?:parts|amounts|measures)$/i;
const RATIO_FIRST =
  /^(\d+(?:\.\d+)?(?:\s*:\s*\d+(?:\.\d+)?)+)\s+(?:ratio (?:of )?|mix(?:ture)? of |solution of )?(.+)$/i;
const RATIO_LAST = /^([a-z][a-z ,&-]+?)[\s,(]+(\d+(?:\.\d+)?(?:\s*:\s*\d+(?:\.\d+)?)+)\)?$/i;
const BETWEEN_NAMES = /\s*(?:,|&|\+|\/|:|\band\b|\bto\b|\bwith\b)\s*/i;

/** "Equal parts vinegar and water", "1:2 vinegar to water": several lines in one, each as parts. */
function ratioLine(text: string): { names: string[]; parts: number[] } | null {
  const equal = EQUAL_PARTS.exec(text) ?? IN_EQUAL_PARTS.exec(text);
  const names = (list: string): string[] =>
    list
      .split(BETWEEN_NAMES)
      .map((n) => n.trim())
      .filter(Boolean);
  if (equal?.[1]) {
    const found = names(equal[1]);
    return found.length > 1 ? { names: found, parts: found.map(() => 1) } : null;
  }
  const ratio = RATIO_FIRST.exec(text);
  const last = RATIO_LAST.exec(text);
  const numbers = ratio?.[1] ?? last?.[2];
  const list = ratio?.[2] ?? last?.[1];
  if (!numbers || !list) return null;
  const parts = numbers.split(':').map((n) => Number(n.trim()));
  const found = names(list);
  return found.length === parts.length && parts.every((p) => p > 0) ? { names: found, parts } : null;
}

const JOINED = /\s*(?:,|;|&|\+|\band\b|\bplus\b|\bwith\b)\s*/i;
const EACH = /^each\s+(?:of\s+)?/i;

interface Share {
  readonly name: string;
  readonly amount: Amount | null;
}

/**
 * A line that names several ingredients: "1 tsp each of salt and borax", "1 cup vinegar and 2 cups water",
 * "vinegar and bleach". Null if it names one. An amount that is not said for the others has to be asked.
 */
function severalIn(clean: string, parts: LineParts, options: ReadOptions): Share[] | null {
  const each = EACH.test(parts.name) || /\beach$/i.test(parts.name);
  const list = parts.name.replace(EACH, '').replace(/[\s,(]+each\)?$/i, '');
  if (findIngredient(list).kind === 'exact') return null;
  const segments = list.split(JOINED).filter(Boolean);
  if (segments.length < 2) return null;
  const oils = /\boils?$/i.test(list);
  const shares = segments.map((segment, i): Share & { id: string | null } => {
    const own = takeApart(segment, options.measures);
    const withOil = oils && !/\boils?$/i.test(own.name) ? findIngredient(`${own.name} oil`) : null;
    const match = withOil?.kind === 'exact' ? withOil : findIngredient(own.name);
    const id =
      match.kind === 'exact' || match.kind === 'close'
        ? match.ingredient.id
        : match.kind === 'ambiguous'
          ? own.name
          : null;
    const name = withOil?.kind === 'exact' ? `${own.name} oil` : own.name;
    return { name, amount: own.amount ?? (i === 0 || each ? parts.amount : null), id };
  });
  const ids = new Set(shares.map((s) => s.id));
  return !ids.has(null) && ids.size > 1 ? shares : null;
}

const FILL_FIRST =
  /^(?:then )?(?:fill|top|make)(?: (?:up|off|it|the|rest|bottle|remainder|of|to|spray|with))*\s+(?:with|using)\s+(.+?)(?: to (?:the )?(?:top|fill|neck))?$/i;
const FILL_LAST = /^(.+?),?\s+(?:to|until)\s+(?:fill(?:ed)?|top up|full|make up)(?:\s+.*)?$/i;
const REST_FIRST = /^(?:the )?(?:rest|remainder|balance)(?: of (?:the )?bottle)?(?: with| of|:)?\s+(.+)$/i;

const fillLine = (text: string): string | null =>
  (FILL_FIRST.exec(text) ?? REST_FIRST.exec(text) ?? (readAmount(text) ? null : FILL_LAST.exec(text)))?.[1] ?? null;

const HEADER = /^(name|for|never on|use|makes|measures)\s*:\s*(.+)$/i;
const INSTRUCTION =
  /^(?:never|avoid|caution|careful|safe|for best|shake|mix|stir|pour|store|label|spray|wipe|rinse|let|leave|apply|combine|keep|scrub|do not|don't|dissolve|add|fill|use|makes?|directions?|instructions?|method|steps?|note|notes|tip|tips|warning|to use|ingredients?|you will need|what you need|yields?|then|put|place|cap|close|test|wear|first|next|finally|enjoy|great|good|perfect|this)\b/i;

function header(text: string): CardHeader | null {
  const match = HEADER.exec(text);
  const field = match?.[1]?.toLowerCase();
  const value = match?.[2]?.trim() ?? '';
  if (field === 'name') return { name: value };
  if (field === 'for') return { purpose: value };
  if (field === 'never on') return { never: value };
  if (field === 'use')
    return /^(?:at once|fresh)/i.test(value)
      ? { use: 'fresh' }
      : /^(?:kept|stored|keep)/i.test(value)
        ? { use: 'stored' }
        : null;
  if (field === 'makes') {
    const amount = readAmount(value)?.amount;
    if (amount?.kind === 'volume' && (amount.unit === 'mL' || amount.unit === 'L')) {
      return { makesML: amount.value.high * (amount.unit === 'L' ? 1000 : 1) };
    }
  }
  return null;
}

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

function shareItems(text: string, key: string, shares: readonly Share[], options: ReadOptions): ReadItem[] {
  return shares.map((share, i) => {
    const subKey = `${key}~${i}`;
    const stripped = takeApart(share.name, options.measures);
    const parts: LineParts = { ...stripped, amount: share.amount };
    return itemOf(text, subKey, parts, nameOf(stripped.name), options.corrections?.[subKey]);
  });
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
          line: { ...item.line, amount: some, strength },
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
      .replace(/^#+\s*/, '');
    const headed = header(clean);
    if (headed) {
      head = { ...head, ...headed };
      items.push({ kind: 'note', key, text: line });
      continue;
    }
    const ratio = ratioLine(clean);
    const fill = ratio ? null : fillLine(clean);
    if (ratio) {
      const shares = ratio.names.map((name, i): Share => ({
        name,
        amount: { kind: 'parts', value: exactly(ratio.parts[i] ?? 1) },
      }));
      items.push(...shareItems(line, key, shares, options));
    } else if (fill && nameOf(takeApart(fill, options.measures).name).match !== 'none') {
      items.push(...shareItems(line, key, [{ name: fill, amount: { kind: 'to-fill' } }], options));
    } else {
      const parts = takeApart(clean, options.measures);
      const several = parts.amount || !INSTRUCTION.test(clean) ? severalIn(clean, parts, options) : null;
      if (several && !(first && !parts.amount)) items.push(...shareItems(line, key, several, options));
      else items.push(plainLine(line, key, clean, parts, first, options));
    }
  }
  const title = head.name ?? items.find((i) => i.kind === 'title')?.text ?? null;
  return {
    items: mentionedOnly(settlePercentages(items), options),
    title: title && withoutBullet(title).replace(/^#+\s*|[:.]$/g, ''),
    header: head,
  };
}

const NEGATION = /\b(?:not|never|avoid|without|no|instead|free|nor|don['’]t)\b/i;
const PUTS_IN = /\b(?:add|adding|mix|stir|combine|dissolve|pour in|put in|drop in)\b/i;

/**
 * An instruction that puts in something which stands in no line ("then add bleach and shake") is an
 * ingredient without an amount: asked about and judged, never passed over.
 */
function mentionedOnly(items: readonly ReadItem[], options: ReadOptions): ReadItem[] {
  const listed = new Set(
    items.flatMap((i) => (i.kind === 'line' && i.line.ingredient.kind === 'known' ? [i.line.ingredient.id] : [])),
  );
  return items.flatMap((item): ReadItem[] => {
    if (item.kind !== 'note' && item.kind !== 'unread') return [item];
    if (NEGATION.test(item.text) || HEADER.test(item.text) || options.corrections?.[item.key]?.isNote) return [item];
    const more = ingredientsWithin(item.text).filter(
      (i) =>
        !listed.has(i.id) &&
        !i.id.endsWith('water') &&
        i.role !== 'residue' &&
        (i.role === 'bought' || PUTS_IN.test(item.text)),
    );
    if (more.length === 0) return [item];
    more.forEach((i) => listed.add(i.id));
    return [
      item,
      ...shareItems(
        item.text,
        item.key,
        more.map((i) => ({ name: i.name, amount: null })),
        options,
      ),
    ];
  });
}

/** The lines of a reading, in order. */
export const linesOf = (reading: ReadRecipe): Line[] =>
  reading.items.flatMap((i) => (i.kind === 'line' ? [i.line] : []));
