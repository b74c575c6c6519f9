/** The door of the print shop: labels laid out once, for the screen and for paper. */
import type { ComponentProps } from 'react';
import { fetchPart } from '@/loading/shared';
import { part } from '@/parts/part';
import type Sheet from './LabelSheet';
import type { PageBlock } from './pagePdf';

const Fetched = part(async () => (await import('./press')).LabelSheet, {
  coming: null,
  failed: 'What prints is not on this device yet, and could not be fetched: there is no connection.',
});

/** The label as it prints, and its files. What sets and prints it is fetched when it is first opened. */
export const LabelSheet = (props: ComponentProps<typeof Sheet>) => (props.open ? <Fetched {...props} /> : null);

/** The text of the QR code in a picture; null if there is none. */
export const readCode = async (picture: Blob): Promise<string | null> =>
  (await fetchPart(() => import('./decodeCode'))).decodeCode(picture);

export type { PageBlock } from './pagePdf';

/** Text set on pages of A4, as a PDF. */
export async function printedPage(blocks: readonly PageBlock[]): Promise<Uint8Array<ArrayBuffer>> {
  const { pagePdf, shippedFonts } = await fetchPart(() => import('./press'));
  return pagePdf(blocks, await shippedFonts());
}
