import { DAY_MS } from '@/core/quantity/time';

/** A sentence begins with a capital. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const plural = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/** A length of time in words: 20 min, 4 h, 1 h 30 min, 14 days. */
export function minutesText(minutes: number): string {
  if (minutes < 1) return minutes <= 0 ? 'at once' : 'under a minute';
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  if (whole < 48 * 60) {
    const rest = whole % 60;
    return rest === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${rest} min`;
  }
  return plural(Math.round(whole / (24 * 60)), 'day');
}

const two = (n: number): string => String(n).padStart(2, '0');

/** What is left, as it runs down: 4:09, 3:12:05, 2 d 5 h. Never below nothing. */
export function countdownText(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  const hours = Math.floor(seconds / 3600);
  if (hours >= 48) return `${Math.floor(hours / 24)} d ${hours % 24} h`;
  const minutes = Math.floor(seconds / 60) % 60;
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`;
}

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'short' });
const shortDay = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

const dayNumber = (ms: number): number => {
  const d = new Date(ms);
  return Math.round(Date.UTC(d.getFullYear(), d.getMonth(), d.getDate()) / DAY_MS);
};

/** The hour on the person's own clock: 14:35. */
export const clockText = (ms: number): string => clock.format(new Date(ms));

/** When it is, seen from now: 14:35, Thu 07:10, 9 Dec. */
export function whenText(ms: number, nowMs: number): string {
  const days = dayNumber(ms) - dayNumber(nowMs);
  if (days === 0) return clockText(ms);
  return Math.abs(days) < 7 ? `${weekday.format(new Date(ms))} ${clockText(ms)}` : shortDay.format(new Date(ms));
}

/** How long ago, in days of the calendar: today, yesterday, 9 days ago. */
export function agoText(iso: string, nowMs: number): string {
  const days = dayNumber(nowMs) - dayNumber(Date.parse(iso));
  if (days <= 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 60 ? `${days} days ago` : `${Math.round(days / 30.4)} months ago`;
}
