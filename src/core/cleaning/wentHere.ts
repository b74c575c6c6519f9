import { overall, type LogEntry } from './logEntry';
import type { Went, WentHere } from './way';

/** Ratings are looked at this far back, days: long enough for what is done twice a year. It holds what residues look back to. */
export const RATED_DAYS = 730;

/**
 * How what was used before went at a place for a soil, by the person's own ratings.
 * @param surfaceId the home's surface; null for a place that is not of the home: nothing is known of it
 */
export function wentHere(entries: readonly LogEntry[], surfaceId: string | null, soilId: string): WentHere {
  const sums = new Map<string, { sum: number; times: number }>();
  for (const { surface, soil, used, rating } of entries) {
    if (surfaceId === null || surface.id !== surfaceId || soil.id !== soilId || used.id === null) continue;
    const rated = overall(rating);
    if (rated === null) continue;
    const before = sums.get(used.id) ?? { sum: 0, times: 0 };
    sums.set(used.id, { sum: before.sum + rated, times: before.times + 1 });
  }
  return (usedId): Went | null => {
    const of = sums.get(usedId);
    return of ? { mean: of.sum / of.times, times: of.times } : null;
  };
}
