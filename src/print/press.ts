import { cardLayout, type CardFacts } from './cardLayout';
import { dataAddress, shippedFonts } from './fonts';
import { labelLayout, type LabelFacts, type LabelLayout, type LabelSize } from './labelLayout';
import { labelPdf, sheetPdf } from './labelPdf';
import { labelSvg } from './labelSvg';
import { pagePdf, type PageBlock } from './pagePdf';

/** What sets and prints, by what is asked of it: heavy, so it works beside the page. */
export const PRESS_TASKS = {
  /** A label laid out. */
  layout: async ({ facts, size }: { readonly facts: LabelFacts; readonly size: LabelSize }): Promise<LabelLayout> =>
    labelLayout(facts, size, (await shippedFonts()).width),

  /** A card laid out. */
  card: async (facts: CardFacts): Promise<LabelLayout> => cardLayout(facts, (await shippedFonts()).width),

  /** A label or a card as a PDF of its own size. */
  pdf: async (layout: LabelLayout) => labelPdf(layout, await shippedFonts()),

  /** Labels on sheets of A4, as a PDF. */
  sheet: async (layouts: readonly LabelLayout[]) => sheetPdf(layouts, await shippedFonts()),

  /** Labels of several bottles, each laid out at a size, on sheets of A4. */
  sheetOf: async ({ all, size }: { readonly all: readonly LabelFacts[]; readonly size: LabelSize }) => {
    const fonts = await shippedFonts();
    return sheetPdf(
      all.map((facts) => labelLayout(facts, size, fonts.width)),
      fonts,
    );
  },

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
