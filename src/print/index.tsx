/** The door of the print shop: labels laid out once, for the screen and for paper. */
import type { ComponentProps } from 'react';
import { fetchPart } from '@/loading/shared';
import { part } from '@/parts/part';
import type Sheet from './LabelSheet';
import type { PageBlock } from './pagePdf';
import { askPress } from './pressDesk';

const Fetched = part(async () => (await import('./LabelSheet')).default, {
  coming: null,
  failed: 'What prints is not on this device yet, and could not be fetched: there is no connection.',
});

/** The label as it prints, and its files. It is fetched when it is first opened. */
export const LabelSheet = (props: ComponentProps<typeof Sheet>) => (props.open ? <Fetched {...props} /> : null);

/** The text of the QR code in a picture; null if there is none. */
export const readCode = async (picture: Blob): Promise<string | null> =>
  (await fetchPart(() => import('./decodeCode'))).decodeCode(picture);

export type { PageBlock } from './pagePdf';

/** Text set on pages of A4, as a PDF. */
export const printedPage = (blocks: readonly PageBlock[], signal?: AbortSignal): Promise<Uint8Array<ArrayBuffer>> =>
  askPress('page', blocks, signal);
