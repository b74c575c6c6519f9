/** The door of the print shop: labels laid out once, for the screen and for paper. */
import { lazy, Suspense, type ComponentProps } from 'react';
import type { PageBlock } from './pagePdf';

const Sheet = lazy(async () => ({ default: (await import('./press')).LabelSheet }));

/** The label as it prints, and its files. What sets and prints it is fetched when it is first opened. */
export const LabelSheet = (props: ComponentProps<typeof Sheet>) =>
  props.open ? (
    <Suspense fallback={null}>
      <Sheet {...props} />
    </Suspense>
  ) : null;

/** The text of the QR code in a picture; null if there is none. */
export const readCode = async (picture: Blob): Promise<string | null> =>
  (await import('./decodeCode')).decodeCode(picture);

export type { PageBlock } from './pagePdf';

/** Text set on pages of A4, as a PDF. */
export async function printedPage(blocks: readonly PageBlock[]): Promise<Uint8Array<ArrayBuffer>> {
  const { pagePdf, shippedFonts } = await import('./press');
  return pagePdf(blocks, await shippedFonts());
}
