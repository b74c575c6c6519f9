import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import type { LabelFonts } from './fonts';
import type { LabelLayout } from './labelLayout';
import { A4, MM_PT, onSheets } from './paper';

const INK = rgb(0x24 / 255, 0x20 / 255, 0x1a / 255);
const BAND = rgb(0x1e / 255, 0x56 / 255, 0x38 / 255);
const CUT = rgb(0.7, 0.7, 0.7);

interface Faces {
  readonly regular: PDFFont;
  readonly bold: PDFFont;
}

/** Draws a label on a page with its top left corner at a place, mm from the page's top left. */
function draw(page: PDFPage, layout: LabelLayout, faces: Faces, xMM: number, yMM: number): void {
  const top = page.getHeight();
  const x = (mm: number): number => (xMM + mm) * MM_PT;
  const y = (mm: number): number => top - (yMM + mm) * MM_PT;
  page.drawRectangle({
    x: x(0),
    y: y(layout.bandMM),
    width: layout.widthMM * MM_PT,
    height: layout.bandMM * MM_PT,
    color: BAND,
  });
  for (const run of layout.runs) {
    page.drawText(run.text, {
      x: x(run.x),
      y: y(run.y),
      size: run.sizePT,
      font: run.bold ? faces.bold : faces.regular,
      color: INK,
    });
  }
  const { code } = layout;
  if (!code) return;
  const module = code.sideMM / code.modules.length;
  code.modules.forEach((row, j) => {
    // Neighbours in a row as one bar: no hair lines between them.
    let from: number | null = null;
    for (let i = 0; i <= row.length; i++) {
      if (row[i]) from ??= i;
      else if (from !== null) {
        page.drawRectangle({
          x: x(code.x + from * module),
          y: y(code.y + (j + 1) * module),
          width: (i - from) * module * MM_PT,
          height: module * MM_PT,
          color: rgb(0, 0, 0),
        });
        from = null;
      }
    }
  });
}

/** A new document, its families in it. */
async function begun(name: string, fonts: Pick<LabelFonts, 'regular' | 'bold'>) {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  const faces: Faces = {
    regular: await document.embedFont(fonts.regular, { subset: true }),
    bold: await document.embedFont(fonts.bold, { subset: true }),
  };
  document.setTitle(name);
  document.setCreator('Biscuit');
  return { document, faces };
}

const nameOf = (layout: LabelLayout | undefined): string => layout?.runs[0]?.text ?? 'Label';

/** A label as a PDF, on a page of its own size. */
export async function labelPdf(
  layout: LabelLayout,
  fonts: Pick<LabelFonts, 'regular' | 'bold'>,
): Promise<Uint8Array<ArrayBuffer>> {
  const { document, faces } = await begun(nameOf(layout), fonts);
  const page = document.addPage([layout.widthMM * MM_PT, layout.heightMM * MM_PT]);
  draw(page, layout, faces, 0, 0);
  return (await document.save()) as Uint8Array<ArrayBuffer>;
}

/** Labels on as many sheets of A4 as they take, row by row, with lines to cut along. */
export async function sheetPdf(
  layouts: readonly LabelLayout[],
  fonts: Pick<LabelFonts, 'regular' | 'bold'>,
): Promise<Uint8Array<ArrayBuffer>> {
  const { document, faces } = await begun(layouts.length === 1 ? nameOf(layouts[0]) : 'Labels', fonts);
  const pages: PDFPage[] = [];
  for (const { layout, page: at, xMM, yMM } of onSheets(layouts)) {
    const page = (pages[at] ??= document.addPage([A4.widthMM * MM_PT, A4.heightMM * MM_PT]));
    page.drawRectangle({
      x: xMM * MM_PT,
      y: page.getHeight() - (yMM + layout.heightMM) * MM_PT,
      width: layout.widthMM * MM_PT,
      height: layout.heightMM * MM_PT,
      borderColor: CUT,
      borderWidth: 0.4,
    });
    draw(page, layout, faces, xMM, yMM);
  }
  return (await document.save()) as Uint8Array<ArrayBuffer>;
}
