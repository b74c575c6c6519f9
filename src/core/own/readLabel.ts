import type { Content } from '../catalogue/ingredient';
import { findIngredient, plainName, plainWord } from '../catalogue/lookup';
import { SUBSTANCES, type SubstanceId } from '../catalogue/substances';
import type { PercentBasis } from '../quantity/amount';
import { LABEL_NAMES, type LabelName } from './labelNames';

/** How much of something there is, as a label gives it: "15–30 %", "< 5 %", "4.5 %". */
export interface LabelShare {
  readonly low: number;
  readonly high: number;
  readonly basis: PercentBasis;
}

/** One thing that a label or a safety sheet names. */
export interface LabelPart {
  /** Its words, as they stand there. */
  readonly words: string;
  /** What it is here; null if it does nothing that has to be judged, undefined if it is not known. */
  readonly is: SubstanceId | null | undefined;
  /** Null where no amount stands beside it. */
  readonly share: LabelShare | null;
  /** How much of that is in the thing that is named, where it is a mixture itself: vinegar, lemon juice. */
  readonly holds?: LabelShare;
}

/** Not the numbers in C12-14 or 2-propanol. */
const DIGITS = String.raw`\d{1,3}(?:[.,]\d+)?(?![\d]|-?[A-Za-z])`;
const NUMBER = String.raw`(?<![A-Za-z\d.,-])${DIGITS}`;
const OVER = String.raw`(?:>=|≥|>|⩾|=>|over|more than|from|at least)`;
const UNDER = String.raw`(?:<=|≤|<|⩽|=<|under|less than|below|up to|max\.?|at most)`;
const PER = String.raw`\s*(?:%|per ?cent|percent|g\s*(?:\/|per)\s*100\s*(?:g|ml))`;
const BASIS = String.raw`(?:\s*\(?\s*(?:(w\/w|m\/m|wt\.?|weight|by weight|by mass)|(w\/v|m\/v)|(v\/v|vol\.?|by volume))\s*\)?)?`;

/** "15 % or over but less than 30 %", "15 - < 30 %", "≥ 15 - < 30". */
const RANGE = new RegExp(
  String.raw`(?:${OVER}\s*)?(${NUMBER})(?:${PER})?\s*(?:or (?:over|more)|and (?:over|more))?\s*(?:-|–|—|to|but|and)\s*(?:${UNDER}\s*)?(${DIGITS})(${PER})?${BASIS}`,
  'i',
);
const AT_MOST = new RegExp(String.raw`${UNDER}\s*(${NUMBER})(${PER})?${BASIS}`, 'i');
const AT_LEAST = new RegExp(
  String.raw`(?:${OVER}\s*(${NUMBER})(${PER})?|(${NUMBER})(${PER})?\s*(?:and|or) (?:more|over|above))${BASIS}`,
  'i',
);
const JUST = new RegExp(String.raw`(?:ca\.?\s*|about\s*|approx\.?\s*)?(${NUMBER})${PER}${BASIS}`, 'i');

const numberIn = (text: string | undefined): number => Number((text ?? '').replace(',', '.'));
const basisIn = (text: string, weight?: string, inVolume?: string, volume?: string): PercentBasis => {
  if (volume) return 'v/v';
  if (inVolume || /g\s*(?:\/|per)\s*100\s*ml/i.test(text)) return 'w/v';
  return weight ? 'w/w' : 'w/w';
};

interface Found {
  readonly share: LabelShare;
  readonly from: number;
  readonly to: number;
}

/** The first share in a stretch of text. A bare number is one only where a sign, a second number or "<" makes it one. */
function findShare(text: string): Found | null {
  const found: Found[] = [];
  const add = (match: RegExpExecArray | null, share: (m: RegExpExecArray) => LabelShare | null): void => {
    const is = match && share(match);
    if (match && is && is.low <= is.high && is.high <= 100) {
      found.push({ share: is, from: match.index, to: match.index + match[0].length });
    }
  };
  add(RANGE.exec(text), (m) => ({ low: numberIn(m[1]), high: numberIn(m[2]), basis: basisIn(m[0], m[4], m[5], m[6]) }));
  add(AT_MOST.exec(text), (m) => ({ low: 0, high: numberIn(m[1]), basis: basisIn(m[0], m[3], m[4], m[5]) }));
  add(AT_LEAST.exec(text), (m) => ({
    low: numberIn(m[1] ?? m[3]),
    high: 100,
    basis: basisIn(m[0], m[5], m[6], m[7]),
  }));
  add(JUST.exec(text), (m) => ({ low: numberIn(m[1]), high: numberIn(m[1]), basis: basisIn(m[0], m[2], m[3], m[4]) }));
  return found.sort((a, b) => a.from - b.from || b.to - a.to)[0] ?? null;
}

/** Registry numbers end in a digit that checks the others (CAS Registry: weighted sum modulo 10). */
export function isCasNumber(text: string): boolean {
  const match = /^(\d{2,7})-(\d{2})-(\d)$/.exec(text);
  if (!match) return false;
  const digits = `${match[1] ?? ''}${match[2] ?? ''}`;
  const sum = digits
    .split('')
    .reverse()
    .reduce((total, digit, i) => total + (i + 1) * Number(digit), 0);
  return sum % 10 === Number(match[3]);
}

const BY_CAS = new Map(LABEL_NAMES.flatMap((name) => name.cas.map((cas) => [cas, name] as const)));
const keyOf = (text: string): string => plainName(text).split(' ').filter(Boolean).map(plainWord).join(' ');
const BY_WORDS = new Map(LABEL_NAMES.flatMap((name) => name.names.map((words) => [keyOf(words), name] as const)));
/** Substances by the names they have here: what is shown of a label reads back as the same. */
const BY_SUBSTANCE = new Map(SUBSTANCES.map(({ id, name }) => [keyOf(name), id] as const));
const LONGEST = Math.max(...[...BY_WORDS.keys()].map((words) => words.split(' ').length));
/** These mean something only where they stand alone: "alcohols, C12-14, ethoxylated" is no alcohol. */
const ONLY_ALONE: ReadonlySet<string> = new Set(
  [
    'alcohol',
    'salt',
    'colour',
    'lye',
    'water',
    'aqua',
    // Quaternary ammonium compounds end so.
    'ammonium chloride',
  ].map(keyOf),
);

/** What a name on a label means; nothing of it if it is not known. */
type Meaning = Pick<LabelPart, 'is' | 'holds'>;

/** A name that says the whole of something that is made of one thing: vinegar, lavender oil. */
function meaningInKitchen(words: string): Meaning {
  const match = findIngredient(words);
  const [only, ...more] = match.kind === 'exact' ? match.ingredient.contents : [];
  if (match.kind === 'exact' && !only) return { is: null };
  if (!only || more.length > 0) return { is: undefined };
  const { substance, low, high, basis } = only;
  return { is: substance, ...(low === 100 ? {} : { holds: { low, high, basis } }) };
}

/** Characters that a name has at most, with what stands around it. */
const LONGEST_NAME = 240;

/** Dyes by their number in the Colour Index. */
const DYE = /^c\.?\s?i\.?\s?\d{5}\b/i;

/** What a name means: of a label, of a kitchen, or by the longest name within it. */
function meaningOf(words: string): Meaning {
  // No name is that long: such a stretch of text is asked about.
  if (words.length > LONGEST_NAME) return { is: undefined };
  if (DYE.test(words)) return { is: null };
  const whole = BY_WORDS.get(keyOf(words));
  if (whole) return { is: whole.is };
  const itself = BY_SUBSTANCE.get(keyOf(words));
  if (itself) return { is: itself };
  const kitchen = meaningInKitchen(words);
  return kitchen.is === undefined ? { is: nameWithin(words)?.is } : kitchen;
}

/** The longest name of a label that stands within these words. */
function nameWithin(words: string): LabelName | undefined {
  const all = keyOf(words).split(' ').filter(Boolean);
  for (let length = Math.min(LONGEST, all.length); length > 0; length--) {
    for (let at = 0; at + length <= all.length; at++) {
      const key = all.slice(at, at + length).join(' ');
      const name = BY_WORDS.get(key);
      if (name && !ONLY_ALONE.has(key)) return name;
    }
  }
  return undefined;
}

/** Words around a name that are no part of it. */
const AROUND =
  /^(?:\s*(?:also|active|contains?|containing|contents|ingredients?|composition|amongst other ingredients|among others?|of which|section 3|and)\b\s*:?)+|\b(?:solution|aqueous)\b/gi;
const tidied = (text: string): string =>
  text
    .replace(AROUND, ' ')
    .replace(/^[\s|:;,()[\]•*-]+|[\s|:;,([]+$|\(\s*\)\s*$/g, '')
    .replace(/\(\s*\)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/** Numbers of a safety sheet that are no shares: of registers, of hazards, of their classes and limits. */
const NO_SHARES =
  /\b\d{3}-\d{3}-\d{2}-[\dX]\b|\b\d{3}-\d{3}-\d\b|\b01-\d{10}-\d{2}-[\dX]{4}\b|\b(?:EU)?H\d{3}[A-Za-z]*\b|\b(?:Skin|Eye|Acute|Aquatic|STOT|Met|Ox|Flam|Asp|Resp|Repr|Muta|Carc)\.?[^|;\n]*?\d[A-C]?\b|\bM\s*(?:\([^)]*\))?\s*=\s*\d+\b|\bC\s*[≥>]=?\s*[\d.,]+\s*%/gi;
const CAS = /(?<![\d-])\d{2,7}-\d{2}-\d(?![\d-])/g;

/** A row of a safety sheet's section 3, by its register number. */
interface SheetRow {
  readonly cas: string;
  /** What stands before the number in its line, what behind it, and what below up to the next number. */
  readonly inRow: string;
  readonly behind: string;
  readonly below: string;
  /** The line above. */
  readonly above: string;
}

const withoutNumbers = (text: string): string => text.replace(NO_SHARES, ' ');

/** @param isBefore true where the sheet gives shares before the numbers */
function partOfRow({ cas, inRow, behind, below, above }: SheetRow, isBefore: boolean): LabelPart {
  const named = tidied(withoutShare(inRow))
    .replace(/\b(?:CAS|EC|No\.?|number)\b.*$/i, '')
    .trim();
  const words = named !== '' ? named : tidied(withoutShare(above));
  const found =
    (isBefore ? (findShare(inRow) ?? findShare(behind)) : (findShare(behind) ?? findShare(inRow))) ??
    findShare(below) ??
    (named === '' ? findShare(above) : null);
  const known = BY_CAS.get(cas);
  // A register's number is of the thing itself, whatever it is called.
  const meaning = known ? { is: known.is } : meaningOf(words);
  return { words: words === '' ? cas : words, ...meaning, share: found?.share ?? null };
}

/** What a sheet says of a share, and is no name. */
const NO_NAME = /^(?:conc\w*|content|contents|weight|amount|range|value|limit|specific|m-factor|ate)\b/i;

/** A line of a sheet that names something with its share, and no number of a register: a trade secret, a scent. */
function unnumbered(line: string): LabelPart[] {
  const plain = withoutNumbers(line);
  const found = findShare(plain);
  const words = tidied(withoutShare(plain)).replace(/\|/g, ' ').trim();
  return found && /\p{L}{3}/u.test(words) && !NO_NAME.test(words)
    ? [{ words, ...meaningOf(words), share: found.share }]
    : [];
}

/** Rows of a safety sheet's section 3: each thing has its number, and its share after it or before it, by the sheet. */
function readRows(text: string, numbers: readonly RegExpExecArray[]): LabelPart[] {
  const lineStart = (at: number): number => text.lastIndexOf('\n', at - 1) + 1;
  const spoken = new Set<number>();
  const rows = numbers.map((m, i): SheetRow => {
    const end = m.index + m[0].length;
    const before = numbers[i - 1];
    const start = lineStart(m.index);
    const to = numbers[i + 1]?.index ?? text.length;
    const line = text.indexOf('\n', end);
    const plain = (from: number, stop: number): string => withoutNumbers(text.slice(from, stop));
    const inRow = plain(Math.max(start, before ? before.index + before[0].length : 0), m.index);
    spoken.add(start);
    // Its name stands in the line above, where it has none in its own.
    if (start > 0 && !/\p{L}{3}/u.test(withoutShare(inRow).replace(/\b(?:CAS|EC|number)\b/gi, '')))
      spoken.add(lineStart(start - 1));
    return {
      cas: m[0],
      inRow,
      behind: plain(end, line === -1 ? to : Math.min(line, to)),
      below: plain(end, to),
      above: plain(lineStart(start - 1), Math.max(0, start - 1)),
    };
  });
  const [first] = rows;
  const isBefore = first !== undefined && findShare(first.inRow) !== null;
  let at = 0;
  const others = text.split('\n').flatMap((line) => {
    const isSpoken = spoken.has(at);
    at += line.length + 1;
    return isSpoken ? [] : unnumbered(line);
  });
  return [...rows.map((row) => partOfRow(row, isBefore)), ...others];
}

const withoutShare = (text: string): string => {
  const found = findShare(text);
  return found ? `${text.slice(0, found.from)} ${text.slice(found.to)}` : text;
};

/** Classes that stand in a row behind one share: "< 5 %: anionic surfactants, soap". */
const SHARES_ALONG: ReadonlySet<SubstanceId | null | undefined> = new Set([
  'surfactant',
  'soap',
  'quaternary-ammonium',
]);

/** Commas and "and" between things; not those within a number, a share or a chemical name turned about. */
const APART =
  /,(?!\d)(?!\s*(?:C\d|(?:ethoxylated|propoxylated|sulfated|sulphated|(?:sodium|potassium) salts?|[a-z-]+ derivs|compds|aqueous|solution)\b))|\band\b(?!\s+(?:more|over))/i;

/** What a label says that is not in it as a thing. */
const NO_THING = /^ph\b/i;

/** The words of a label: shares and names, one after the other. */
function readPhrases(text: string): LabelPart[] {
  const parts: LabelPart[] = [];
  for (const sentence of text.split(/[\n;•]|\.\s+(?=[A-Z])/)) {
    let along: LabelShare | null = null;
    for (const phrase of sentence.split(APART)) {
      const found = findShare(phrase);
      const words = tidied(withoutShare(phrase)).replace(/\.$/, '');
      // "< 5 %: anionic surfactants, soap" holds for both; "soap 5 %, perfume" does not.
      if (found) along = tidied(phrase.slice(0, found.from)) === '' ? found.share : null;
      if (!/\p{L}{2}/u.test(words) || NO_THING.test(words)) continue;
      const meaning = meaningOf(words);
      const share = found?.share ?? (SHARES_ALONG.has(meaning.is) ? along : null);
      parts.push({ words, ...meaning, share });
    }
  }
  return parts;
}

/**
 * What a label's list of contents, or section 3 of a safety sheet, says is in a product. Every name is given back,
 * known or not; nothing is guessed.
 */
export function readLabel(text: string): LabelPart[] {
  const plain = text.normalize('NFKC').replace(/\t/g, ' | ');
  const numbers = [...plain.matchAll(CAS)].filter((m) => isCasNumber(m[0]));
  return numbers.length > 0 ? readRows(plain, numbers) : readPhrases(plain);
}

/** What stands there without a share may be anything up to all of it. */
const ANY_SHARE: LabelShare = { low: 0, high: 100, basis: 'w/w' };

/** A share of a thing as a share of what that holds. */
const within = (share: LabelShare, holds: LabelShare | undefined): LabelShare =>
  holds
    ? {
        low: tidyPercent((share.low * holds.low) / 100),
        high: tidyPercent((share.high * holds.high) / 100),
        basis: holds.basis === 'v/v' ? 'v/v' : share.basis,
      }
    : share;
const tidyPercent = (percent: number): number => Number(percent.toPrecision(6));

/** Contents by substance: shares of the same one are added up, none over 100 percent; one that is not given is any. */
export function labelContents(parts: readonly LabelPart[]): Content[] {
  const sums = new Map<SubstanceId, LabelShare>();
  for (const { is, share: given, holds } of parts) {
    if (!is) continue;
    const share = within(given ?? ANY_SHARE, holds);
    const sum = sums.get(is);
    const low = Math.min(100, (sum?.low ?? 0) + share.low);
    const high = Math.min(100, (sum?.high ?? 0) + share.high);
    sums.set(is, { low, high, basis: sum?.basis ?? share.basis });
  }
  return [...sums].map(([substance, { low, high, basis }]) => ({
    substance,
    percent: (low + high) / 2,
    low,
    high,
    basis,
  }));
}
