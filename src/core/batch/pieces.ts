/** How many pieces a powder that is pressed comes to. */
export interface Pieces {
  readonly pieces: number;
  /** How often the mould is filled; the last time perhaps not wholly. */
  readonly fillings: number;
  /** What is left over, g: less than a piece. */
  readonly leftG: number;
}

/** What is asked of a mould, and what would be accepted. */
export const PIECE_G_RANGE = { low: 1, high: 500 } as const;
export const HOLLOWS_RANGE = { low: 1, high: 200 } as const;

/** A grain more, so that rounding does not cost a piece. */
const GRAIN_G = 1e-6;

/**
 * The pieces of a batch.
 * @param massG of it, 0 and more
 * @param pieceG of one piece, within {@link PIECE_G_RANGE}
 * @param hollows of the mould, a whole number within {@link HOLLOWS_RANGE}
 * @returns null where a figure is no number or out of range
 */
export function piecesOf(massG: number, pieceG: number, hollows: number): Pieces | null {
  const isIn = (n: number, { low, high }: { readonly low: number; readonly high: number }): boolean =>
    n >= low && n <= high;
  if (!isIn(pieceG, PIECE_G_RANGE) || !isIn(hollows, HOLLOWS_RANGE) || !Number.isInteger(hollows) || !(massG >= 0))
    return null;
  const pieces = Math.floor((massG + GRAIN_G) / pieceG);
  return { pieces, fillings: Math.ceil(pieces / hollows), leftG: Math.max(0, massG - pieces * pieceG) };
}
