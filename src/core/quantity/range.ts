/**
 * A number that may not be known exactly: everything from `low` to `high`, both included.
 * An exact number has `low === high`. Spans carry the spread of a spoonful or of "10 to 15 drops"
 * through every later step, so that a verdict can be run at both ends.
 */
export interface Range {
  readonly low: number;
  readonly high: number;
}

/** A range of one exact value. */
export const pointRange = (value: number): Range => ({ low: value, high: value });

/** A range between two values given in either order. */
export const between = (a: number, b: number): Range => ({ low: Math.min(a, b), high: Math.max(a, b) });

/** The middle of a range: the value used where one number must stand for all of it. */
export const midpoint = (range: Range): number => (range.low + range.high) / 2;

/** A range multiplied by a factor that is zero or more. */
export const scaleRange = (range: Range, factor: number): Range => ({
  low: range.low * factor,
  high: range.high * factor,
});
