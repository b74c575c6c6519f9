import body400 from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2';
import body700 from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2';
import display600 from '@fontsource/besley/files/besley-latin-600-normal.woff2';
import { FONTS } from './theme';

const FACES = [
  { family: FONTS.body, weight: '400', asset: body400 },
  { family: FONTS.body, weight: '700', asset: body700 },
  { family: FONTS.display, weight: '600', asset: display600 },
] as const;

const addressOf = (asset: string | number | { readonly uri: string }): string | null =>
  typeof asset === 'string' ? asset : typeof asset === 'object' ? asset.uri : null;

/**
 * Adds the shipped families to the page. By the FontFace interface and not by a style sheet, so that the
 * Content-Security-Policy needs no inline style. Text shows in the system's family until they are there.
 */
export function loadFonts(): void {
  if (typeof document === 'undefined' || typeof FontFace === 'undefined') return;
  for (const { family, weight, asset } of FACES) {
    const address = addressOf(asset);
    if (!address) continue;
    const face = new FontFace(family, `url(${address}) format("woff2")`, { weight, display: 'swap' });
    // The types of the page know no `add`; every browser does.
    (document.fonts as unknown as Set<FontFace>).add(face);
    void face.load().catch(() => undefined);
  }
}
