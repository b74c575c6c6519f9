import { dataAddress, shippedFonts } from './fonts';
import { labelLayout, type LabelFacts, type LabelLayout, type LabelSize } from './labelLayout';
import { labelPdf } from './labelPdf';
import { labelSvg } from './labelSvg';
import { pagePdf, type PageBlock } from './pagePdf';

/** What sets and prints, by what is asked of it: heavy, so it works beside the page. */
export const PRESS_TASKS = {
  /** A label laid out. */
  layout: async ({ facts, size }: { readonly facts: LabelFacts; readonly size: LabelSize }): Promise<LabelLayout> =>
    labelLayout(facts, size, (await shippedFonts()).width),

  /** A label as a PDF, one or a sheet of them. */
  pdf: async ({ layout, sheet }: { readonly layout: LabelLayout; readonly sheet: boolean }) =>
    labelPdf(layout, await shippedFonts(), sheet),

  /** A label as an SVG, its families in it. */
  svg: async (layout: LabelLayout): Promise<string> => {
    const fonts = await shippedFonts();
    return labelSvg(layout, {
      regular: dataAddress(fonts.regular, 'font/woff'),
      bold: dataAddress(fonts.bold, 'font/woff'),
    });
  },

  /** Text set on pages of A4, as a PDF. */
  page: async (blocks: readonly PageBlock[]) => pagePdf(blocks, await shippedFonts()),
};
