import { DAY_MS } from '../quantity/time';
import type { HomeSurface } from './homeSurface';
import type { LogEntry } from './logEntry';

/** How a surface stands to its plan. */
export interface Due {
  readonly surface: HomeSurface;
  /** The last time it was done; null if it never was. */
  readonly last: LogEntry | null;
  /** Whole days past its day; negative if there is time yet; null if it was never done. */
  readonly lateDays: number | null;
}

/** The newest entry of each surface of the home. Entries may stand in any order. */
export function lastBySurface(entries: Iterable<LogEntry>): Map<string, LogEntry> {
  const last = new Map<string, LogEntry>();
  for (const e of entries) {
    const id = e.surface.id;
    if (id === null) continue;
    const before = last.get(id);
    if (!before || before.at < e.at) last.set(id, e);
  }
  return last;
}

/** How every surface with a plan stands, the most overdue by its own rhythm first; what was never done last. */
export function dueSurfaces(
  surfaces: readonly HomeSurface[],
  last: ReadonlyMap<string, LogEntry>,
  nowISO: string,
): Due[] {
  const rank = (d: Due): number => (d.lateDays === null ? -Infinity : d.lateDays / (d.surface.upkeep?.everyDays ?? 1));
  return surfaces
    .filter((s) => s.upkeep !== null)
    .map((surface): Due => {
      const entry = last.get(surface.id) ?? null;
      if (!entry) return { surface, last: null, lateDays: null };
      const days = (Date.parse(nowISO) - Date.parse(entry.at)) / DAY_MS;
      return { surface, last: entry, lateDays: Math.floor(days - (surface.upkeep?.everyDays ?? 0)) };
    })
    .sort((a, b) => rank(b) - rank(a));
}

/** True if it wants doing today: its day has come. */
export const isDue = (due: Due): boolean => due.lateDays !== null && due.lateDays >= 0;
