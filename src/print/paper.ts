/** Points in a millimetre (ISO 32000: 72 to the inch). */
export const MM_PT = 72 / 25.4;

/** ISO 216 A4, mm. */
export const A4 = { widthMM: 210, heightMM: 297 } as const;

/** Left free along every edge, mm. */
export const MARGIN_MM = 10;
