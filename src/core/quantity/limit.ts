/** Sums of decimals carry a grain of error: at a limit to the letter it must not decide, whatever the size of the batch. */
const GRAIN = 1e-9;

/** True if a figure is over a limit, not merely at it. */
export const exceeds = (figure: number, limit: number): boolean => figure > limit * (1 + GRAIN);

/** True if a figure is at a limit or over it. */
export const isAtLeast = (figure: number, limit: number): boolean => figure >= limit * (1 - GRAIN);
