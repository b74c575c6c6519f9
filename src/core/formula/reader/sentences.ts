import { plainName } from '../../catalogue/lookup';
import { isSign, type Token, type TokenLine } from './tokens';
import { HEADINGS } from './words';

/** One sentence of a text: the piece that is read as a whole. */
export interface Sentence {
  readonly tokens: readonly Token[];
  readonly from: number;
  readonly to: number;
  /** Which line of the text it stands in, counted from 0, and its place in that line. */
  readonly line: number;
  readonly place: number;
  /** True if it is its whole line. */
  readonly whole: boolean;
  /** True if an empty line stands before it. */
  readonly gap: boolean;
  /** True for an item of a list: ticked, numbered, marked with a sign. */
  readonly listed: boolean;
}

const ABBREVIATIONS = new Set(
  'tsp tsps tbsp tbsps tbs tbl tblsp t c oz ozs fl pt qt gal ml l g kg lb lbs approx ca e o g i eg ie etc vs no min max hr hrs mrs mr dr st nr vol incl excl dist med lg sm pkg sq'.split(
    ' ',
  ),
);

/** True if a full stop ends a sentence there. */
function endsSentence(tokens: readonly Token[], i: number): boolean {
  const sign = tokens[i];
  if (sign?.kind !== 'sign') return false;
  const before = tokens[i - 1];
  const after = tokens[i + 1];
  if (sign.text === '!' || sign.text === '?') return !isSign(after, '!', '?', ')');
  if (sign.text === ';') return !(sign.tight && after?.tight === true);
  if (sign.text !== '.') return false;
  if (!after) return true;
  if (after.tight && after.kind !== 'sign') return false;
  if (before?.kind === 'word' && sign.tight && ABBREVIATIONS.has(before.text)) {
    // "2 c. Vinegar": the stop belongs to the unit; "Leave 5 min. Wipe." ends.
    const counted =
      tokens[i - 2]?.kind === 'number' || (tokens[i - 2]?.kind === 'sign' && tokens[i - 3]?.kind === 'number');
    return /^\p{Lu}\p{Ll}/u.test(after.raw) && !(counted && !['min', 'hr', 'hrs', 'max'].includes(before.text));
  }
  return !isSign(after, ')', ',');
}

/** Signs that pages and lists put before a line; numbers and letters of a list; "Step 3:". */
function pastBullet(tokens: readonly Token[]): number {
  let i = 0;
  for (;;) {
    const [a, b, c] = [tokens[i], tokens[i + 1], tokens[i + 2]];
    if (!a) return i;
    if (isSign(a, '[', '(') && isSign(b, ']', ')')) i += 2;
    else if (isSign(a, '[') && b?.kind === 'word' && /^[xv]$/i.test(b.raw) && isSign(c, ']')) i += 3;
    else if (
      isSign(a, '(') &&
      (b?.kind === 'number' || /^[a-z]$/.test(b?.text ?? '')) &&
      isSign(c, ')') &&
      tokens[i + 3]
    )
      i += 3;
    else if (
      a.kind === 'number' &&
      /^\d{1,2}$/.test(a.raw) &&
      isSign(b, '.', ')') &&
      b?.tight === true &&
      c !== undefined &&
      !c.tight
    )
      i += 2;
    else if (
      a.kind === 'number' &&
      /^\d{1,2}$/.test(a.raw) &&
      isSign(b, ':') &&
      b?.tight === true &&
      c?.kind === 'number' &&
      !c.tight
    )
      i += 2;
    else if (a.kind === 'word' && /^[a-z]$/i.test(a.raw) && isSign(b, ')') && b?.tight === true && c !== undefined)
      i += 2;
    else if (
      a.text === 'step' &&
      (b?.kind === 'number' || ['one', 'two', 'three', 'four', 'five', 'six'].includes(b?.text ?? ''))
    )
      i += isSign(c, ':', '.', ')', '-') ? 3 : 2;
    else if (a.kind === 'sign' && !'([~½#%$£€+.,'.includes(a.text)) i += 1;
    else if (isSign(a, '#') && !(b?.kind === 'number' && b.tight)) i += 1;
    else if (isSign(a, '...')) i += 1;
    else if (isSign(a, '.', ',') && !b?.tight) i += 1;
    else if (isSign(a, '+') && b?.kind === 'word') i += 1;
    else return i;
  }
}

/** Signs of emphasis that may stand anywhere. */
const isEmphasis = (tokens: readonly Token[], i: number): boolean => {
  const token = tokens[i];
  if (!isSign(token, '*', '_', '`', '#', '"', '“', '”', '«', '»')) return false;
  return (
    !(isSign(token, '#') && tokens[i - 1]?.kind === 'number' && token?.tight === true) &&
    !(isSign(token, '*') && tokens[i - 1]?.kind === 'number' && tokens[i + 1]?.kind === 'number')
  );
};

/** The sentences of a text, in order. Every token of every line lies in the stretch of one. */
export function sentencesOf(lines: readonly TokenLine[], written: string): Sentence[] {
  const sentences: Sentence[] = [];
  lines.forEach((line, at) => {
    const before = lines[at - 1];
    const gap = before !== undefined && /\n\s*\n/.test(written.slice(before.to, line.from).replace(/\r\n?/g, '\n'));
    const bullet = pastBullet(line.tokens);
    const parts: { from: number; to: number }[] = [];
    let start = 0;
    for (let i = bullet; i < line.tokens.length; i++) {
      if (!endsSentence(line.tokens, i) && i < line.tokens.length - 1) continue;
      parts.push({ from: start, to: i + 1 });
      start = i + 1;
    }
    if (start < line.tokens.length) parts.push({ from: start, to: line.tokens.length });
    parts.splice(0, parts.length, ...parts.flatMap((part) => notTooLong(part, line.tokens)));
    // Signs alone belong to the sentence before them.
    const whole = parts.length === 1;
    parts.forEach((part, place) => {
      const all = line.tokens.slice(part.from, part.to);
      const first = all[0];
      const last = all.at(-1);
      if (!first || !last) return;
      const skip = place === 0 ? bullet : pastBullet(all);
      const inner = all.slice(skip).filter((_, k) => !isEmphasis(all, k + skip));
      sentences.push({
        tokens: inner,
        from: first.from,
        to: last.to,
        line: at,
        place,
        whole,
        gap: gap && place === 0,
        listed:
          place === 0 && line.tokens.slice(0, bullet).some((t) => !isSign(t, '#', '*', '_', '>', '"', '“', '`', '=')),
      });
    });
  });
  return covering(sentences, written);
}

/** No sentence of a recipe has so many words and signs; what has is read in pieces, so that time stays linear. */
const MAX_TOKENS = 160;

function notTooLong(part: { from: number; to: number }, tokens: readonly Token[]): { from: number; to: number }[] {
  const pieces: { from: number; to: number }[] = [];
  let from = part.from;
  while (part.to - from > MAX_TOKENS) {
    let to = from + MAX_TOKENS;
    while (to > from + MAX_TOKENS / 2 && !isSign(tokens[to - 1], ',', '-', ';') && tokens[to - 1]?.text !== 'and')
      to -= 1;
    if (to === from + MAX_TOKENS / 2) to = from + MAX_TOKENS;
    pieces.push({ from, to });
    from = to;
  }
  return [...pieces, { from, to: part.to }];
}

/** The sentences with their stretches grown over what stands between them: raised figures, unseen characters, stray signs. */
function covering(sentences: readonly Sentence[], written: string): Sentence[] {
  let end = 0;
  return sentences.map((sentence, i) => {
    const before = written.slice(end, sentence.from);
    const from = end + (before.length - before.trimStart().length);
    const next = i === sentences.length - 1 ? written.length : sentence.to;
    const to = next - (written.slice(sentence.to, next).length - written.slice(sentence.to, next).trimEnd().length);
    end = to;
    return { ...sentence, from, to };
  });
}

/** Where a label ends ("Optional:", "Floor wash —"): the token after its colon or dash; 0 if there is none. */
export function labelEnd(tokens: readonly Token[]): number {
  for (let i = 1; i < Math.min(tokens.length - 1, 9); i++) {
    const token = tokens[i];
    if (token?.kind === 'number' && isSign(tokens[i + 1], ':')) return 0;
    if (isSign(token, ':')) return tokens[i + 1]?.tight === true && tokens[i + 1]?.kind === 'number' ? 0 : i + 1;
    if (isSign(token, '-', '=') && !token?.tight && tokens[i + 1]?.tight === false) return i + 1;
    if (isSign(token, ',', '(', '.', ';')) return 0;
  }
  return 0;
}

/** Which part of a text a heading begins; null if the words are none. */
export function headingOf(tokens: readonly Token[]): 'ingredients' | 'method' | 'notes' | null {
  const words = tokens
    .filter((t) => t.kind === 'word' || t.kind === 'number')
    .map((t) => plainName(t.raw))
    .join(' ')
    .trim();
  return HEADINGS.get(words) ?? HEADINGS.get(words.replace(/^(?:the|optional|basic|main) /, '')) ?? null;
}
