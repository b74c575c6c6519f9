import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff';
import fontkit from '@pdf-lib/fontkit';
import type { TextWidth } from './labelLayout';

/** The two faces a label is set in, as files and to be measured. */
export interface LabelFonts {
  readonly regular: Uint8Array<ArrayBuffer>;
  readonly bold: Uint8Array<ArrayBuffer>;
  readonly width: TextWidth;
}

const PT_MM = 25.4 / 72;

/** Makes what measures text out of the two font files. */
export function labelFonts(regularBytes: Uint8Array<ArrayBuffer>, boldBytes: Uint8Array<ArrayBuffer>): LabelFonts {
  const faces = { false: fontkit.create(regularBytes), true: fontkit.create(boldBytes) };
  const known = new Map<string, number>();
  return {
    regular: regularBytes,
    bold: boldBytes,
    width: (text, sizePT, isBold) => {
      const key = `${isBold}${text}`;
      let ems = known.get(key);
      if (ems === undefined) {
        const face = faces[`${isBold}`];
        ems = face.layout(text).advanceWidth / face.unitsPerEm;
        known.set(key, ems);
      }
      return ems * sizePT * PT_MM;
    },
  };
}

const addressOf = (asset: string | number | { readonly uri: string }): string =>
  typeof asset === 'string' ? asset : typeof asset === 'object' ? asset.uri : String(asset);

const bytesOf = async (asset: Parameters<typeof addressOf>[0]): Promise<Uint8Array<ArrayBuffer>> => {
  const response = await fetch(addressOf(asset));
  if (!response.ok) throw new Error('The label’s font could not be read.');
  return new Uint8Array(await response.arrayBuffer());
};

let loaded: Promise<LabelFonts> | null = null;

/** The fonts as they ship with Biscuit, read once. */
export function shippedFonts(): Promise<LabelFonts> {
  loaded ??= Promise.all([bytesOf(regular), bytesOf(bold)]).then(([r, b]) => labelFonts(r, b));
  loaded.catch(() => (loaded = null));
  return loaded;
}

/** Bytes as a data address. */
export function dataAddress(bytes: Uint8Array, type: string): string {
  let binary = '';
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return `data:${type};base64,${btoa(binary)}`;
}
