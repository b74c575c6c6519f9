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

/** Where a label stands: on which sheet, and where there, mm from its top left. */
export interface OnSheet<L extends LabelSize> {
  readonly layout: L;
  readonly page: number;
  readonly xMM: number;
  readonly yMM: number;
}

/** Labels set on sheets of A4, row by row; a row is as high as the highest in it. One too large for a sheet has its own. */
export function onSheets<L extends LabelSize>(layouts: readonly L[]): OnSheet<L>[] {
  const right = A4.widthMM - MARGIN_MM;
  const bottom = A4.heightMM - MARGIN_MM;
  let [page, xMM, yMM, rowMM] = [0, MARGIN_MM, MARGIN_MM, 0];
  return layouts.map((layout) => {
    if (xMM > MARGIN_MM && xMM + layout.widthMM > right + GRAIN_MM) {
      xMM = MARGIN_MM;
      yMM += rowMM + GAP_MM;
      rowMM = 0;
    }
    if (yMM > MARGIN_MM && yMM + layout.heightMM > bottom + GRAIN_MM) {
      page += 1;
      [xMM, yMM, rowMM] = [MARGIN_MM, MARGIN_MM, 0];
    }
    const at = { layout, page, xMM, yMM };
    xMM += layout.widthMM + GAP_MM;
    rowMM = Math.max(rowMM, layout.heightMM);
    return at;
  });
}

/** Sums of millimetres carry a grain of error. */
const GRAIN_MM = 1e-6;
