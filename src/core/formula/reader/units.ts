import { CLASS_WORDS } from '../../catalogue/askedNames';
import { plainWord } from '../../catalogue/lookup';
import type { Amount } from '../../quantity/amount';
import { MAX_LINES } from '../formula';
import { isHeader, readHeader } from './cardHeader';
import { joinedCells } from './cells';
import type { Element, Known } from './element';
import { elementsOf } from './elements';
import { shares, type Paired } from './pair';
import { pairUp } from './pairing';
import type { CardHeader, ReadOptions, TextSpan } from './reading';
import { headingOf, labelEnd, sentencesOf, type Sentence } from './sentences';
import { isSign, tokenLines, type Token } from './tokens';
import { PURPOSE_WORDS } from './words';

type Section = 'ingredients' | 'method' | 'notes' | null;

/** A sentence with what it came to, before the whole text is known. */
export interface ReadUnit {
  readonly key: string;
  readonly text: string;
  readonly span: TextSpan;
  readonly sentence: Sentence;
  readonly tokens: readonly Token[];
  readonly elements: readonly Element[];
  readonly paired: Paired;
  readonly section: Section;
  /** What it is, where that is plain: a card's header, a heading, a label without an ingredient. */
  readonly role: 'header' | 'heading' | 'recipe-title' | null;
  /** The words of a label before it: "Mould:". */
  readonly label: string | null;
}

/** What the header lines of a card say, put together as they are read. */
export interface RecipeHead {
  header: CardHeader;
}

/** So many names are looked at, lines and mentions of them: far more than a recipe has. */
const MAX_NAMED = 10 * MAX_LINES;

/** The sentences of a text with what each came to by itself. What a card's header says is put into `head`. */
export function unitsOf(text: string, options: ReadOptions, head: RecipeHead): ReadUnit[] {
  const sentences = joinedCells(sentencesOf(tokenLines(text), text), options);
  const units: ReadUnit[] = [];
  const seen = new Map<string, number>();
  let section: Section = null;
  let headerLine = -1;
  let read = 0;
  for (const sentence of sentences) {
    if (read > MAX_NAMED) break;
    const written = text.slice(sentence.from, sentence.to);
    const times = seen.get(written) ?? 0;
    seen.set(written, times + 1);
    const key = times === 0 ? written : `${written}#${times + 1}`;
    const common = { key, text: written, span: [sentence.from, sentence.to] as const, sentence };
    const furniture = (role: 'header' | 'heading'): ReadUnit => ({
      ...common,
      tokens: sentence.tokens,
      elements: [],
      paired: NOTHING,
      section,
      role,
      label: null,
    });
    // A card's header takes its whole line.
    if (sentence.line === headerLine) {
      units.push(furniture('header'));
      continue;
    }
    if (sentence.place === 0) {
      const whole = lineAt(text, sentence);
      const header = readHeader(whole, options.measures);
      if (header && isHeader(whole)) {
        const own = [...(head.header.own ?? []), ...(header.own ?? [])];
        head.header = { ...head.header, ...header, ...(own.length > 0 ? { own } : {}) };
        headerLine = sentence.line;
        units.push(furniture('header'));
        continue;
      }
    }
    const heading = headingOf(sentence.tokens);
    if (heading) {
      section = heading;
      units.push(furniture('heading'));
      continue;
    }
    const { tokens, label, recipe, begins } = labelled(sentence, options);
    if (begins) section = begins;
    const elements = elementsOf(tokens, options.measures);
    const paired = pairUp(elements, tokens);
    read += paired.pairs.length;
    units.push({ ...common, tokens, elements, paired, section, role: recipe ? 'recipe-title' : null, label });
  }
  return units;
}

const NOTHING: Paired = {
  pairs: [],
  makesML: null,
  unknown: [],
  keepsOut: false,
  tells: false,
  looseAmounts: 0,
  measured: 0,
  words: 0,
};

const lineAt = (text: string, sentence: Sentence): string => {
  const end = text.slice(sentence.from).search(/[\r\n]/);
  return (end < 0 ? text.slice(sentence.from) : text.slice(sentence.from, sentence.from + end)).trim();
};

/** Takes the label off a sentence where it names nothing that goes in: "Optional:", "Mould:", "Floor wash —". */
function labelled(
  sentence: Sentence,
  options: ReadOptions,
): { tokens: readonly Token[]; label: string | null; recipe: boolean; begins: Section } {
  const { tokens } = sentence;
  const none = { tokens, label: null, recipe: false, begins: null };
  if (
    tokens[0]?.text === 'recipe' &&
    (tokens[1]?.kind === 'number' ||
      /^[a-z]$/.test(tokens[1]?.text ?? '') ||
      (tokens[1]?.kind === 'word' && tokens[2] !== undefined)) &&
    tokens.length < 12 &&
    (tokens[2] === undefined || isSign(tokens[2], ':', '.', '-'))
  ) {
    return { tokens: tokens.slice(3), label: null, recipe: true, begins: null };
  }
  const end = labelEnd(tokens);
  if (end === 0) return none;
  const before = tokens.slice(0, end - 1);
  const rest = tokens.slice(end);
  const dash = !isSign(tokens[end - 1], ':');
  const elements = elementsOf(before, options.measures);
  const names = elements.filter((e) => e.kind === 'name');
  const words = before.map((t) => t.raw).join(' ');
  if (
    elements.some(
      (e) =>
        e.kind === 'not' ||
        e.kind === 'amount' ||
        e.kind === 'strength' ||
        e.kind === 'ratio' ||
        e.kind === 'equal' ||
        e.kind === 'bracket',
    )
  )
    return none;
  // "Zonk: 1 cup": how much of what nobody here knows.
  const alone = pairUp(elementsOf(rest, options.measures), rest);
  if (alone.pairs.length === 0 && elements.some((e) => e.kind === 'unknown') && startsWithMeasure(rest, options))
    return none;
  if (names.length === 0) {
    const begins = headingOf(before);
    const known = elements.some((e) => e.kind === 'to-fill' || e.kind === 'each');
    if (known || (dash && !begins && !startsWithAmount(rest, options))) return none;
    return { tokens: rest, label: words, recipe: false, begins };
  }
  // "Castile wash: ¼ cup castile soap": called after what goes into it.
  const last = before.filter((t) => t.kind === 'word').at(-1)?.text ?? '';
  const within = alone.pairs.filter((p) => p.amount !== null);
  const held = names.every((n) => within.some((p) => p.match !== null && shares(p.match, n.match)));
  if (PURPOSE_WORDS.has(last) && held) return { tokens: rest, label: words, recipe: false, begins: null };
  // "Bathroom mould spray: 2 tsp tea tree oil": what is made, over what goes into it.
  if (isPurpose(before, elements) && pairUp(elementsOf(rest, options.measures), rest).pairs.length > 0) {
    return { tokens: rest, label: words, recipe: false, begins: null };
  }
  return none;
}

const startsWithMeasure = (tokens: readonly Token[], options: ReadOptions): boolean => {
  const first = elementsOf(tokens.slice(0, 12), options.measures)[0];
  return first?.kind === 'amount' || (first?.kind === 'other' && first.word === 'vessel');
};

const startsWithAmount = (tokens: readonly Token[], options: ReadOptions): boolean =>
  elementsOf(tokens.slice(0, 12), options.measures)[0]?.kind === 'amount';

/** True for words that say what a mixture is for, and name nothing of a hazardous class: "oven cleaner", "mould spray". */
export function isPurpose(tokens: readonly Token[], elements: readonly Element[]): boolean {
  const bracketed = (i: number): boolean => elements.some((e) => e.kind === 'bracket' && i >= e.from && i < e.to);
  const all = tokens.filter((t, i) => t.kind === 'word' && !bracketed(i));
  const words =
    all.length > 1 && /^(?:recipes?|version|diy|idea)$/.test(all.at(-1)?.text ?? '') ? all.slice(0, -1) : all;
  const last = words.at(-1)?.text ?? '';
  if (!PURPOSE_WORDS.has(last) && !PURPOSE_WORDS.has(plainWord(last))) return false;
  if (
    words.some(
      (w) => CLASS_WORDS.has(plainWord(w.text)) && !['disinfecting', 'disinfectant', 'antibacterial'].includes(w.text),
    )
  )
    return false;
  return elements.every((e) => e.kind !== 'name' || isPurposeName(e.match));
}

const isPurposeName = (match: Known): boolean =>
  match.kind === 'asked'
    ? match.because === 'unknown-kind' ||
      match.choices.every(
        (c) =>
          c.role === 'bought' ||
          ['castile-soap', 'dish-soap', 'isopropyl-alcohol', 'soap-flakes', 'hydrogen-peroxide'].includes(c.id),
      )
    : match.ingredient.role === 'bought';

export const where = ({ key, text, span }: ReadUnit): { key: string; text: string; span: TextSpan } => ({
  key,
  text,
  span,
});

export const firstAmount = (elements: readonly Element[]): Amount | null => {
  const found = elements.find((e) => e.kind === 'amount');
  return found?.kind === 'amount' && found.found.bare === undefined ? found.found.amount : null;
};

/** Every name among elements, those in brackets too. */
export const namesIn = (elements: readonly Element[]): Extract<Element, { kind: 'name' }>[] =>
  elements.flatMap((e) => (e.kind === 'name' ? [e] : e.kind === 'bracket' ? namesIn(e.inner) : []));
