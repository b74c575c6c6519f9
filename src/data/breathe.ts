/** So long the page may stand still at a time, ms: typing is then still felt as at once. */
const BREATH_MS = 16;

/**
 * Something long that is done a little at a time: awaited between two steps it gives the page its turn, once enough
 * has been done at a stretch.
 */
export function breather(now: () => number = () => performance.now()): () => Promise<void> {
  let since = now();
  return async () => {
    if (now() - since < BREATH_MS) return;
    await new Promise((resolve) => setTimeout(resolve, 0));
    since = now();
  };
}
