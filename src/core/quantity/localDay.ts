import { DAY_MS } from './time';

/** Days as they are lived: by the clock of the home, whatever the zone an instant was written in. */

const twoDigits = (n: number): string => String(n).padStart(2, '0');

/** The day of an instant by local time, `2026-11-25`. @param iso ISO 8601 */
export function localDay(iso: string): string {
  const at = new Date(iso);
  return `${at.getFullYear()}-${twoDigits(at.getMonth() + 1)}-${twoDigits(at.getDate())}`;
}

/** Whole days between two instants by local time: from any hour of yesterday to any hour of today it is one. */
export function localDaysBetween(fromISO: string, toISO: string): number {
  const noon = (iso: string): number => {
    const at = new Date(iso);
    return Date.UTC(at.getFullYear(), at.getMonth(), at.getDate(), 12);
  };
  return Math.round((noon(toISO) - noon(fromISO)) / DAY_MS);
}

/** The month of an instant by local time, `2026-11`. @param iso ISO 8601 */
export const localMonth = (iso: string): string => localDay(iso).slice(0, 7);
