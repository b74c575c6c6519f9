/** Instants as RFC 3339 writes them: a real day, a time with its seconds, and the zone it is meant in. */

const RFC_3339 = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d):(\d\d)(\.\d{1,9})?(Z|[+-](\d\d):(\d\d))$/i;

/** What Biscuit's records can lie between: a clock out of these is broken. */
const FROM_MS = Date.UTC(1970, 0, 1);
const BELOW_MS = Date.UTC(2200, 0, 1);

const daysIn = (year: number, month: number): number => new Date(Date.UTC(year, month, 0)).getUTCDate();

/**
 * An instant in the one form that records hold: UTC, to the millisecond, `2026-11-25T10:00:00.000Z`.
 * @returns null for what is no instant: a day that there is not, a time without its seconds or its zone, a year
 * before 1970 or from 2200 on
 */
export function normalInstant(text: string): string | null {
  const parts = RFC_3339.exec(text);
  if (!parts) return null;
  const [year = 0, month = 0, day = 0, hour = 0, minute = 0, second = 0] = parts.slice(1, 7).map(Number);
  const [zoneHour = 0, zoneMinute = 0] = parts.slice(9, 11).map((part) => Number(part ?? 0));
  const isDay = month >= 1 && month <= 12 && day >= 1 && day <= daysIn(year, month);
  // A leap second has no instant of its own here.
  if (!isDay || hour > 23 || minute > 59 || second > 59 || zoneHour > 23 || zoneMinute > 59) return null;
  const ms = Date.parse(text);
  return ms >= FROM_MS && ms < BELOW_MS ? new Date(ms).toISOString() : null;
}

/** What was taken for an instant before there was one check: as the platform reads it, in the one form; as it is where it cannot be read. */
export function mendedInstant(text: string): string {
  const ms = Date.parse(text);
  return normalInstant(text) ?? (Number.isNaN(ms) ? text : new Date(ms).toISOString());
}

/** A day as it is typed, taken at noon where the home is; a time as the platform reads it; what is no day stays as it is, to be refused. */
export function instantOfDay(text: string): string {
  const typed = text.trim();
  const day = /^(\d{4})-(\d\d)-(\d\d)$/.exec(typed);
  if (!day) return mendedInstant(typed);
  const [year = 0, month = 0, date = 0] = day.slice(1).map(Number);
  if (normalInstant(`${typed}T12:00:00Z`) === null) return typed;
  return new Date(year, month - 1, date, 12).toISOString();
}

/** The day of an instant where the home is, as it is typed: 2026-11-25. */
export function typedDay(iso: string): string {
  const at = new Date(iso);
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}
