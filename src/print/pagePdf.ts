import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFPage } from 'pdf-lib';
import type { LabelFonts } from './fonts';
import { A4, MARGIN_MM, MM_PT } from './paper';

/** A piece of text on a printed page. */
export interface PageBlock {
  readonly text: string;
  readonly as: 'title' | 'strong' | 'plain';
}

const INK = rgb(0x24 / 255, 0x20 / 255, 0x1a / 255);

/** Size, weight, and room above, in points. */
const SET = {
  title: { sizePT: 22, bold: true, abovePT: 0 },
  strong: { sizePT: 13, bold: true, abovePT: 10 },
  plain: { sizePT: 11, bold: false, abovePT: 3 },
} as const;

const LINE = 1.3;

/** Cuts a text into lines that fit, by the real widths of the font, mm. */
export function linesThatFit(text: string, widthMM: number, width: (part: string) => number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && width(longer) > widthMM) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return line === '' ? lines : [...lines, line];
}

/** Text on as many pages of A4 as it takes. */
export async function pagePdf(blocks: readonly PageBlock[], fonts: LabelFonts): Promise<Uint8Array<ArrayBuffer>> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  const regular = await document.embedFont(fonts.regular, { subset: true });
  const bold = await document.embedFont(fonts.bold, { subset: true });
  document.setTitle(blocks[0]?.text ?? 'Biscuit');
  document.setCreator('Biscuit');
  const bottom = MARGIN_MM * MM_PT;
  const newPage = (): PDFPage => document.addPage([A4.widthMM * MM_PT, A4.heightMM * MM_PT]);
  let page = newPage();
  let y = page.getHeight() - 2 * bottom;
  for (const { text, as } of blocks) {
    const { sizePT, bold: isBold, abovePT } = SET[as];
    y -= abovePT;
    const fit = linesThatFit(text, A4.widthMM - 4 * MARGIN_MM, (part) => fonts.width(part, sizePT, isBold));
    for (const line of fit) {
      if (y < 2 * bottom) {
        page = newPage();
        y = page.getHeight() - 2 * bottom;
      }
      page.drawText(line, { x: 2 * bottom, y, size: sizePT, font: isBold ? bold : regular, color: INK });
      y -= sizePT * LINE;
    }
  }
  return (await document.save()) as Uint8Array<ArrayBuffer>;
}
