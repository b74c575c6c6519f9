/** Height of a strip of tape, px. */
export const TAPE_HEIGHT = 24;

/** From one tape to the next, with the layer's name between them, px. */
export const TAPE_STEP = 46;

/** Marks far enough apart to be read: each tape at its own height or pushed up by the one below. */
export function tapeHeights(tops: readonly number[], lowest: number): number[] {
  let last = lowest + TAPE_STEP / 2;
  const raised = tops.map((y) => {
    last = Math.min(y, last - TAPE_STEP);
    return last;
  });
  // Pushed out above the drawing, they all come down together.
  const out = TAPE_HEIGHT - Math.min(TAPE_HEIGHT, ...raised);
  return raised.map((y) => y + out);
}
