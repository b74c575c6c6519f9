import { localDaysBetween } from '../quantity/localDay';
import { DAY_MS } from '../quantity/time';
import type { HomeSurface } from './homeSurface';
import type { LogEntry } from './logEntry';

/** How a surface stands to its plan. */
export interface Due {
  readonly surface: HomeSurface;
  /** The last time it was done; null if it never was. */
  readonly last: LogEntry | null;
  /**
   * Whole days past its day, by the local clock; negative if there is time yet. What was never done counts from the day it was entered,
   * and is due where that is not known.
   */
  readonly lateDays: number;
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

/** How every surface with a plan stands, the most overdue by its own rhythm first. */
export function dueSurfaces(
  surfaces: readonly HomeSurface[],
  last: ReadonlyMap<string, LogEntry>,
  nowISO: string,
): Due[] {
  const everyDays = (surface: HomeSurface): number => surface.upkeep?.everyDays ?? 1;
  // To the hour: of two whose day has come, what waited longer by its own rhythm comes first.
  const rank = ({ surface, last: entry }: Due): number => {
    const since = entry?.at ?? surface.enteredAt;
    return since === null ? 1 : (Date.parse(nowISO) - Date.parse(since)) / DAY_MS / everyDays(surface);
  };
  return surfaces
    .filter((s) => s.upkeep !== null)
    .map((surface): Due => {
      const entry = last.get(surface.id) ?? null;
      const since = entry?.at ?? surface.enteredAt;
      const days = since === null ? everyDays(surface) : localDaysBetween(since, nowISO);
      return { surface, last: entry, lateDays: days - everyDays(surface) };
    })
    .sort((a, b) => rank(b) - rank(a));
}

/** True if it wants doing today: its day has come. */
export const isDue = (due: Due): boolean => due.lateDays >= 0;
