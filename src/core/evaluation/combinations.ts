/** So many combinations of what names may mean are judged. */
const MAX_COMBINATIONS = 96;

/**
 * Every combination of one choice of each thing; where there are too many, each thing is varied beside the
 * likeliest of the others.
 * @param things what each may be, the likeliest first; one of which nothing is known is left out
 */
export function combinationsOf<T>(things: readonly (readonly T[])[]): T[][] {
  const known = things.filter((choices) => choices.length > 0);
  const count = known.reduce((n, choices) => n * choices.length, 1);
  if (count <= MAX_COMBINATIONS) {
    return known.reduce<T[][]>((all, choices) => all.flatMap((c) => choices.map((one) => [...c, one])), [[]]);
  }
  const likely = known.flatMap((choices) => choices.slice(0, 1));
  return known.flatMap((choices, at) => choices.map((one) => likely.map((l, k) => (k === at ? one : l))));
}
