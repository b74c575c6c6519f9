/** A text without what pages and keyboards put around words, each character with its place in the text as written. */
export interface CleanText {
  readonly text: string;
  /** Where each character of `text` stands in the text as written. */
  readonly at: readonly number[];
  readonly written: string;
}

const ENTITIES: Readonly<Record<string, string>> = {
  nbsp: ' ',
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  deg: '°',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  ndash: '–',
  mdash: '—',
  times: '×',
  bull: '•',
  middot: '·',
  rsquo: '’',
  lsquo: '‘',
  shy: '',
  zwnj: '',
  zwj: '',
};

/** Tags that part one line of a list from the next; all others stand inside a line. */
const BLOCK_TAG = /^<\/?(?:li|ul|ol|p|br|div|tr|table|tbody|thead|h[1-6]|section|article|dl|dt|dd)\b/i;
const TAG =
  /^<\/?(?:li|ul|ol|p|br|div|tr|td|th|table|tbody|thead|h[1-6]|section|article|dl|dt|dd|b|i|em|strong|u|s|span|a|sup|sub|small|label|input|img|hr|font|mark)\b[^<>\n]{0,200}>/i;
const ENTITY = /^&(?:#(\d{1,6})|#x([0-9a-f]{1,5})|([a-z]+\d*));/i;

/** Characters that nobody sees: left out, wherever they stand. */
const UNSEEN_RANGES: readonly (readonly [from: number, to: number])[] = [
  [0xad, 0xad],
  [0x34f, 0x34f],
  [0x61c, 0x61c],
  [0x115f, 0x1160],
  [0x17b4, 0x17b5],
  [0x180b, 0x180e],
  [0x200b, 0x200f],
  [0x202a, 0x202e],
  [0x2060, 0x206f],
  [0xfe00, 0xfe0f],
  [0xfeff, 0xfeff],
  [0xe0000, 0xe007f],
];
const isUnseen = (code: number): boolean => UNSEEN_RANGES.some(([from, to]) => code >= from && code <= to);
const FRACTION_SIGN = /[¼-¾⅐-⅞]/;
/** Small raised figures after a word point to a note. */
const RAISED = /[¹²³⁰⁴-⁹*†‡]/;

/** Letters of other alphabets that look like ours; only where nearly all the rest is ours. */
const LOOKALIKES: Readonly<Record<string, string>> = {
  а: 'a',
  е: 'e',
  о: 'o',
  р: 'p',
  с: 'c',
  х: 'x',
  у: 'y',
  і: 'i',
  ѕ: 's',
  һ: 'h',
  ԁ: 'd',
  ӏ: 'l',
  к: 'k',
  м: 'm',
  т: 't',
  н: 'n',
  в: 'b',
  А: 'A',
  В: 'B',
  Е: 'E',
  К: 'K',
  М: 'M',
  Н: 'H',
  О: 'O',
  Р: 'P',
  С: 'C',
  Т: 'T',
  Х: 'X',
  α: 'a',
  ο: 'o',
  ν: 'v',
  ι: 'i',
  ɑ: 'a',
  ⅼ: 'l',
};

/** Takes furniture out of a text: unseen characters, tags, entities, letters that only look like ours. Linear in its length. */
export function cleanText(written: string): CleanText {
  let text = '';
  const at: number[] = [];
  const put = (chars: string, from: number): void => {
    text += chars;
    at.push(...Array.from({ length: chars.length }, () => from));
  };
  for (let i = 0; i < written.length;) {
    const code = written.codePointAt(i) ?? 0;
    if (code >= 0x20 && code < 0x7f && code !== 0x3c && code !== 0x26) {
      text += written[i] ?? '';
      at.push(i);
      i += 1;
      continue;
    }
    const char = String.fromCodePoint(code);
    const size = char.length;
    if (char === '<') {
      const tag = TAG.exec(written.slice(i, i + 240))?.[0];
      if (tag) {
        put(/^<li\b/i.test(tag) ? '\u2028• ' : BLOCK_TAG.test(tag) ? '\u2028' : ' ', i);
        i += tag.length;
        continue;
      }
    }
    if (char === '&') {
      const entity = ENTITY.exec(written.slice(i, i + 12));
      const number = entity?.[1] ? Number(entity[1]) : entity?.[2] ? parseInt(entity[2], 16) : null;
      const named = entity?.[3] === undefined ? undefined : ENTITIES[entity[3].toLowerCase()];
      if (entity && (number !== null ? number > 0 && number < 0x110000 : named !== undefined)) {
        put(number !== null ? String.fromCodePoint(number) : (named ?? ''), i);
        i += entity[0].length;
        continue;
      }
    }
    if (isUnseen(code)) {
      i += size;
      continue;
    }
    if (char === '\r' || char === '\n') put('\n', i);
    else if (char === '\u2028' || char === '\u2029' || char === '\u0085' || char === '\v' || char === '\f')
      put('\n', i);
    else if (/\s/.test(char)) put(char === '\t' ? '\t' : ' ', i);
    else if (FRACTION_SIGN.test(char) || char === '⁄') put(char, i);
    else if (RAISED.test(char) && /[\p{L})]$/u.test(text) && char !== '*') put(' ', i);
    else put(LOOKALIKES[char] ?? char.normalize('NFKC'), i);
    i += size;
  }
  return { text, at, written };
}
