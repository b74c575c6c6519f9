import type { LabelLayout, Modules } from './labelLayout';

const PT_MM = 25.4 / 72;

export const LABEL_INK = '#24201A';
export const LABEL_BAND = '#1E5638';
export const LABEL_FONT = 'Atkinson Hyperlegible Next';

/** The dark modules of a code as one path, in modules from the top left. */
export const codePath = (modules: Modules): string =>
  modules.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : []))).join('');

const escaped = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

/**
 * A label as an SVG file, its size in mm, its font within it.
 * @param fonts the two faces as data addresses
 */
export function labelSvg(layout: LabelLayout, fonts: { readonly regular: string; readonly bold: string }): string {
  const { widthMM, heightMM, runs, code, bandMM } = layout;
  const round = (n: number): string => String(Number(n.toFixed(3)));
  const face = (weight: number, address: string): string =>
    `@font-face{font-family:"${LABEL_FONT}";font-weight:${weight};src:url(${address})}`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${round(widthMM)}mm" height="${round(heightMM)}mm" viewBox="0 0 ${round(widthMM)} ${round(heightMM)}">`,
    `<style>${face(400, fonts.regular)}${face(700, fonts.bold)}text{font-family:"${LABEL_FONT}",sans-serif;fill:${LABEL_INK}}</style>`,
    `<rect width="100%" height="100%" fill="#fff"/>`,
    `<rect width="100%" height="${bandMM}" fill="${LABEL_BAND}"/>`,
    ...runs.map(
      (r) =>
        `<text x="${round(r.x)}" y="${round(r.y)}" font-size="${round(r.sizePT * PT_MM)}" font-weight="${r.bold ? 700 : 400}">${escaped(r.text)}</text>`,
    ),
    ...(code
      ? [
          `<g transform="translate(${round(code.x)} ${round(code.y)}) scale(${round(code.sideMM / code.modules.length)})"><path fill="#000" d="${codePath(code.modules)}"/></g>`,
        ]
      : []),
    '</svg>',
  ].join('\n');
}
