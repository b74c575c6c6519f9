/** Days as they are lived: by the clock of the home, whatever the zone an instant was written in. */

const twoDigits = (n: number): string => String(n).padStart(2, '0');

/** The day of an instant by local time, `2026-11-25`. @param iso ISO 8601 */
export function localDay(iso: string): string {
  const at = new Date(iso);
  return `${at.getFullYear()}-${twoDigits(at.getMonth() + 1)}-${twoDigits(at.getDate())}`;
}

/** The month of an instant by local time, `2026-11`. @param iso ISO 8601 */
export const localMonth = (iso: string): string => localDay(iso).slice(0, 7);
