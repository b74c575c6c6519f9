/** Drops per mL where nothing better is known: common practice, no source. */
export const DEFAULT_DROPS_PER_ML = 20;

/** What a dropper can plausibly give; outside this a calibration is a slip of the pen. */
export const DROPS_PER_ML_RANGE = { low: 8, high: 60 } as const;

/** What droppers give: one figure for all, or some of them counted, by the ingredient's id. Drops per mL, 8 to 60. */
export type Droppers = number | { readonly usual: number; readonly counted: Readonly<Record<string, number>> };

/** Drops per mL of an ingredient: as counted with its own dropper, as is known of it, or as is usual. */
export function dropsPerMLOf(
  of: { readonly id: string; readonly dropsPerML: number | null },
  droppers: Droppers,
): number {
  if (typeof droppers === 'number') return of.dropsPerML ?? droppers;
  return droppers.counted[of.id] ?? of.dropsPerML ?? droppers.usual;
}

/** Volume in mL of a number of drops. */
export const dropsToML = (drops: number, dropsPerML: number): number => drops / dropsPerML;

/**
 * Whole drops for a volume: the nearest whole number, and at least one if any is wanted.
 * @param volumeML zero or more
 */
export function wholeDrops(volumeML: number, dropsPerML: number): number {
  if (volumeML <= 0) return 0;
  return Math.max(1, Math.round(volumeML * dropsPerML));
}

/**
 * Drops per mL from weighing: so many drops weighed so much.
 * @param densityGPerML density of the oil, g/mL
 */
export const dropsPerMLFromWeight = (drops: number, massG: number, densityGPerML: number): number =>
  drops / (massG / densityGPerML);
