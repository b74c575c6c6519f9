import { LIST_IN_HOME } from './collections';
import type { Home } from './home';
import { isSame, threeWay } from './threeWay';

/** A home put back as it was before another took its place, without what was made since. */
export interface PutBack {
  readonly home: Home;
  /** How many records were made or changed since, and stay as they are now. */
  readonly kept: number;
}

/**
 * Takes back that a home was put in place of another: what was there before comes back, what came with the other
 * home goes, and what was made or changed since stays.
 * @param before the home that gave way
 * @param put the one that took its place, as it was put
 * @param now the home of now
 */
export function undoReplace(before: Home, put: Home, now: Home): PutBack {
  const { withTheirs, conflicts } = threeWay<Home>(
    { base: put, mine: before, theirs: now },
    // A record is as it was or as it is, never a mixture of both; settings are each by themselves.
    { isWhole: ([list, id]) => id !== undefined && list !== 'settings' },
  );
  // What the other home had in another form, and was removed since, comes back as it was before both.
  const removed = new Set(
    conflicts.flatMap(({ path: [list, id], theirs }) => (theirs === undefined ? [`${list}/${id}`] : [])),
  );
  let kept = 0;
  const lists = Object.values(LIST_IN_HOME).map((list) => {
    const old = new Map<string, unknown>(before[list].map((r) => [r.id, r]));
    kept += withTheirs[list].filter((r) => !isSame(r, old.get(r.id))).length;
    return [list, [...withTheirs[list], ...before[list].filter((r) => removed.has(`${list}/${r.id}`))]] as const;
  });
  return { home: { ...withTheirs, ...Object.fromEntries(lists) }, kept };
}
