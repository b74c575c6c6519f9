import { plainName } from '../../catalogue/lookup';
import { cleanText } from './cleanText';

/** A word, a number or a sign of a text, with its place in the text as written. */
export interface Token {
  readonly kind: 'word' | 'number' | 'sign';
  /** As written. */
  readonly raw: string;
  /** Words: in one form, without accents and apostrophes. Signs: one form for each kind of sign. */
  readonly text: string;
  /** First and one past the last character in the text as written. */
  readonly from: number;
  readonly to: number;
  /** True if no space stands before it. */
  readonly tight: boolean;
}

/** One line as written. */
export interface TokenLine {
  readonly tokens: readonly Token[];
  readonly from: number;
  readonly to: number;
}

const TOKEN =
  /(\d+(?:[.,'’]\d+)*|(?<![\p{L}\d])\.\d+)|((?:\p{L}\.){2,}(?!\p{L})|[\p{L}\p{M}][\p{L}\p{M}\d]*(?:['’][\p{L}]+)*)|([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])|(\.{2,}|…|[^\s])/gu;

const SIGNS: Readonly<Record<string, string>> = {
  '–': '-',
  '—': '-',
  '−': '-',
  '‐': '-',
  '‑': '-',
  '―': '-',
  '⁄': '/',
  '∕': '/',
  '÷': '/',
  '×': 'x',
  '＋': '+',
  '；': ';',
  '：': ':',
  '，': ',',
  '…': '...',
  '≈': '~',
  '∼': '~',
  '＝': '=',
  '·': '•',
  '●': '•',
  '◦': '•',
  '▪': '•',
  '‣': '•',
  '∙': '•',
  '。': '.',
};

/** True for one of these signs. */
export const isSign = (token: Token | undefined, ...signs: readonly string[]): boolean =>
  token?.kind === 'sign' && signs.includes(token.text);

/** True for one of these words. */
export const isWord = (token: Token | undefined, ...words: readonly string[]): boolean =>
  token?.kind === 'word' && words.includes(token.text);

/** The lines of a text as tokens; empty lines are left out. Linear in the length of the text. */
export function tokenLines(written: string): TokenLine[] {
  const clean = cleanText(written);
  const lines: TokenLine[] = [];
  let start = 0;
  const text = clean.text;
  for (let end = 0; end <= text.length; end++) {
    if (end < text.length && text[end] !== '\n' && text[end] !== '\u2028') continue;
    const line = text.slice(start, end);
    if (line.trim() !== '') {
      const tokens = tokensOf(line, start, clean.at, written);
      const from = tokens[0]?.from;
      const to = tokens.at(-1)?.to;
      if (from !== undefined && to !== undefined) lines.push({ tokens, from, to });
    }
    start = end + 1;
  }
  return lines;
}

function tokensOf(line: string, offset: number, at: readonly number[], written: string): Token[] {
  const tokens: Token[] = [];
  let before = -1;
  for (const match of line.matchAll(TOKEN)) {
    const [raw] = match;
    const begin = match.index;
    const from = at[offset + begin] ?? 0;
    const last = at[offset + begin + raw.length - 1] ?? from;
    const step = (written.codePointAt(last) ?? 0) > 0xffff ? 2 : 1;
    const kind = (match[1] ?? match[3]) ? 'number' : match[2] ? 'word' : 'sign';
    const text =
      kind === 'word' ? plainName(raw).replace(/ /g, '') || raw.toLowerCase() : kind === 'sign' ? signOf(raw) : raw;
    tokens.push({ kind, raw, text, from, to: last + step, tight: begin === before });
    before = begin + raw.length;
  }
  return tokens;
}

const signOf = (raw: string): string => (raw.length > 1 && /^\.+$/.test(raw) ? '...' : (SIGNS[raw] ?? raw));
