import type { LabelContent, Profile } from '@/core';

/** Millimetres that a text takes at a size in points: the real widths of the printed font. */
export type TextWidth = (text: string, sizePT: number, bold: boolean) => number;

/** Black and white of a QR code, row by row; true is dark. */
export type Modules = readonly (readonly boolean[])[];

/** What a label says, and to whom. */
export interface LabelFacts {
  readonly content: LabelContent;
  readonly volume: string;
  readonly made: string;
  readonly discardBy: string;
  /** The formula's card as a QR code; null if there is none, or it is too long for one. */
  readonly code: Modules | null;
}

export interface LabelSize {
  readonly widthMM: number;
  readonly heightMM: number;
}

/** One run of text, by its baseline. Millimetres from the top left; sizes in points. */
export interface TextRun {
  readonly x: number;
  readonly y: number;
  readonly sizePT: number;
  readonly bold: boolean;
  readonly text: string;
}

/** A label laid out: the same for the screen, the SVG and the PDF. */
export interface LabelLayout extends LabelSize {
  readonly runs: readonly TextRun[];
  readonly code: { readonly x: number; readonly y: number; readonly sideMM: number; readonly modules: Modules } | null;
  /** Height of the coloured band along the top, mm. */
  readonly bandMM: number;
  /** True if it had to become higher than asked for everything that must stand on it to fit. */
  readonly grew: boolean;
  readonly textPT: number;
}

const PT_MM = 25.4 / 72;
const PADDING_MM = 3;
const BAND_MM = 1.8;
const LINE_HEIGHT = 1.22;
const NAME_TIMES = 1.55;
/** Small print below this is not read with wet hands (5.5 pt is the least of food labels' 1.2 mm x-height, about). */
const SIZES_PT = [14, 13, 12, 11, 10, 9, 8.5, 8, 7.5, 7, 6.5, 6, 5.5] as const;
/** A module smaller than this is not read by a phone, mm (common practice, no source). */
const MODULE_MM = 0.33;
const QUIET_MODULES = 4;
const MAX_CODE_SHARE = 0.5;

/** A paragraph of what is printed. */
export interface Paragraph {
  /** Bold, before the text. */
  readonly lead: string;
  readonly text: string;
  readonly name?: boolean;
  /** May be left out where there is no room. */
  readonly spare?: boolean;
}

/** What its strengths are, behind its contents. */
export const contentsText = ({ contents, strengths }: LabelContent): string => {
  const of = strengths.map((s) => `${s.of} ${Number(s.percent.toPrecision(2))} % ${s.basis}`).join(', ');
  return `${contents.join(', ')}${of ? ` (${of})` : ''}`;
};

/** What must stand on a bottle, the most needed first. */
function paragraphsOf({ content: c, volume, made, discardBy }: LabelFacts): Paragraph[] {
  const meets = c.neverMeets ?? [];
  const all: (Paragraph | null)[] = [
    { lead: '', text: c.name, name: true },
    c.purpose ? { lead: '', text: c.purpose } : null,
    c.never ? { lead: 'Never on: ', text: c.never } : null,
    meets.length > 0 ? { lead: 'Never with: ', text: meets.join(', ') } : null,
    ...c.cautions.map((caution) => ({ lead: 'Take care: ', text: caution })),
    { lead: 'Contents: ', text: contentsText(c) },
    { lead: 'Made: ', text: `${made}, ${volume}` },
    { lead: 'Discard by: ', text: c.keeps.highDays === 0 ? 'used at once' : discardBy },
    c.dwell ? { lead: 'Leave on: ', text: c.dwell } : null,
    c.how ? { lead: 'Use: ', text: c.how, spare: true } : null,
    c.storage && c.storage.length > 0 ? { lead: 'Keep: ', text: c.storage.join(' '), spare: true } : null,
    {
      lead: '',
      text: `${c.shake ? 'Shake before use. ' : ''}Keep from children and animals. Never add a bought cleaner.`,
    },
  ];
  return all.filter((p) => p !== null);
}

/** The side of the code that a phone can read, mm; null if it would take more than half of the label. */
function codeSide(code: Modules | null, { widthMM, heightMM }: LabelSize): number | null {
  if (!code) return null;
  const least = (code.length + QUIET_MODULES) * MODULE_MM;
  const most = MAX_CODE_SHARE * (widthMM - 2 * PADDING_MM);
  if (least > most || least > heightMM - 2 * PADDING_MM) return null;
  return Math.max(least, Math.min(26, most));
}

interface Flowed {
  readonly runs: TextRun[];
  /** Where the last line ends, mm. */
  readonly endMM: number;
}

/** Sets paragraphs in lines, narrower beside the code. A word longer than a line stands alone on it. */
function flow(
  paragraphs: readonly Paragraph[],
  textPT: number,
  width: TextWidth,
  size: LabelSize,
  code: { readonly side: number; readonly topMM: number } | null,
): Flowed {
  const runs: TextRun[] = [];
  let y = BAND_MM + PADDING_MM;
  for (const { lead, text, name } of paragraphs) {
    const sizePT = name ? textPT * NAME_TIMES : textPT;
    const lineMM = sizePT * PT_MM * LINE_HEIGHT;
    const words = text.split(' ').filter((w) => w !== '');
    let first = true;
    while (words.length > 0 || (first && lead !== '')) {
      const beside = code !== null && y + lineMM > code.topMM;
      const roomMM = size.widthMM - 2 * PADDING_MM - (beside ? code.side + 1.5 : 0);
      let x = PADDING_MM;
      if (first && lead !== '') {
        runs.push({ x, y: y + sizePT * PT_MM, sizePT, bold: true, text: lead.trimEnd() });
        x += width(lead, sizePT, true);
      }
      let line = '';
      while (words.length > 0) {
        const longer = line === '' ? (words[0] ?? '') : `${line} ${words[0] ?? ''}`;
        const fits = x - PADDING_MM + width(longer, sizePT, name === true) <= roomMM;
        if (!fits && (line !== '' || x > PADDING_MM)) break;
        line = longer;
        words.shift();
      }
      if (line !== '') runs.push({ x, y: y + sizePT * PT_MM, sizePT, bold: name === true, text: line });
      y += lineMM;
      first = false;
    }
    y += 0.18 * lineMM;
  }
  return { runs, endMM: y };
}

/**
 * Lays out paragraphs. The text is as large as fits; what may be spared goes before anything that warns; at
 * the smallest size it grows rather than lose a word.
 *
 * @param size mm; 30 to 200 wide
 * @param sizesPT from the largest to the smallest that is still read
 */
export function laidOut(
  all: readonly Paragraph[],
  qr: Modules | null,
  size: LabelSize,
  width: TextWidth,
  sizesPT: readonly number[] = SIZES_PT,
): LabelLayout {
  const needed = all.filter((p) => !p.spare);
  const attempt = (paragraphs: readonly Paragraph[], textPT: number, heightMM: number): LabelLayout => {
    const asked = { widthMM: size.widthMM, heightMM };
    const side = codeSide(qr, asked);
    const code = side === null ? null : { side, topMM: heightMM - PADDING_MM - side };
    const { runs, endMM } = flow(paragraphs, textPT, width, asked, code);
    return {
      widthMM: size.widthMM,
      heightMM: Math.max(heightMM, endMM + PADDING_MM / 2),
      runs,
      code:
        code && qr ? { x: size.widthMM - PADDING_MM - code.side, y: code.topMM, sideMM: code.side, modules: qr } : null,
      bandMM: BAND_MM,
      grew: endMM + PADDING_MM / 2 > heightMM + 1e-6,
      textPT,
    };
  };
  for (const paragraphs of [all, needed]) {
    for (const textPT of sizesPT) {
      const layout = attempt(paragraphs, textPT, size.heightMM);
      if (!layout.grew) return layout;
    }
  }
  // Higher, step by step, until the text no longer runs under the code or out of the label.
  let heightMM = size.heightMM;
  for (;;) {
    heightMM += 2;
    const layout = attempt(needed, sizesPT.at(-1) ?? 5.5, heightMM);
    if (!layout.grew) return { ...layout, grew: true };
  }
}

/** Lays out a label. @param size mm; 30 to 200 wide */
export const labelLayout = (facts: LabelFacts, size: LabelSize, width: TextWidth): LabelLayout =>
  laidOut(paragraphsOf(facts), facts.code, size, width);

/** A ring this near to the widest belongs to the body. */
const WIDE_SHARE = 0.9;
/** A label goes round so much of a bottle that it can be read from one side. */
const ROUND_SHARE = 0.45;
const MIN_SIZE: LabelSize = { widthMM: 40, heightMM: 30 };
const MAX_SIZE: LabelSize = { widthMM: 100, heightMM: 120 };

/** The label that fits on a bottle's straight side, mm. */
export function labelSizeFor(profile: Profile): LabelSize {
  const widest = Math.max(...profile.map((p) => p.diameterMM));
  // From the lowest wide ring to the highest: a waist between them takes a label too.
  const wide = profile.filter((p) => p.diameterMM > WIDE_SHARE * widest).map((p) => p.heightMM);
  const straightMM = Math.max(...wide) - Math.min(...wide);
  const within = (value: number, key: keyof LabelSize): number =>
    Math.round(Math.max(MIN_SIZE[key], Math.min(MAX_SIZE[key], value)));
  return {
    widthMM: within(ROUND_SHARE * Math.PI * widest, 'widthMM'),
    heightMM: within(straightMM - 8, 'heightMM'),
  };
}
