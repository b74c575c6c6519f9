/** The door of the print shop: labels laid out once, for the screen and for paper. */
import type { ComponentProps } from 'react';
import { fetchPart } from '@/loading/shared';
import { part } from '@/parts/part';
import type { PageBlock } from './pagePdf';
import { askPress } from './pressDesk';

const NOT_HERE = {
  coming: null,
  failed: 'What prints is not on this device yet, and could not be fetched: there is no connection.',
};

const Label = part(async () => (await import('./sheets')).LabelSheet, NOT_HERE);
const Labels = part(async () => (await import('./sheets')).LabelsSheet, NOT_HERE);
const Card = part(async () => (await import('./sheets')).CardSheet, NOT_HERE);

/** The label as it prints, and its files. It is fetched when it is first opened. */
export const LabelSheet = (props: ComponentProps<typeof Label>) => (props.open ? <Label {...props} /> : null);

/** Labels of several bottles on sheets of A4. */
export const LabelsSheet = (props: ComponentProps<typeof Labels>) => (props.open ? <Labels {...props} /> : null);

/** The card that goes with a bottle to somebody else. */
export const CardSheet = (props: ComponentProps<typeof Card>) => (props.open ? <Card {...props} /> : null);

/** The text of the QR code in a picture; null if there is none. */
export const readCode = async (picture: Blob): Promise<string | null> =>
  (await fetchPart(() => import('./decodeCode'))).decodeCode(picture);

export type { LabelToPrint } from './LabelsSheet';
export type { PageBlock } from './pagePdf';
export { codeOf } from './code';

/** Text set on pages of A4, as a PDF. */
export const printedPage = (blocks: readonly PageBlock[], signal?: AbortSignal): Promise<Uint8Array<ArrayBuffer>> =>
  askPress('page', blocks, signal);
