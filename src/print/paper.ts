import type { LabelSize } from './labelLayout';

/** Points in a millimetre (ISO 32000: 72 to the inch). */
export const MM_PT = 72 / 25.4;

/** ISO 216 A4, mm. */
export const A4 = { widthMM: 210, heightMM: 297 } as const;

/** Left free along every edge, mm. */
export const MARGIN_MM = 10;

/** Between labels on a sheet, mm. */
export const GAP_MM = 4;

/** How many labels of a size an A4 sheet takes. */
export function perSheet(label: LabelSize): { readonly columns: number; readonly rows: number } {
  const fit = (page: number, side: number): number =>
    Math.max(1, Math.floor((page - 2 * MARGIN_MM + GAP_MM) / (side + GAP_MM)));
  return { columns: fit(A4.widthMM, label.widthMM), rows: fit(A4.heightMM, label.heightMM) };
}
