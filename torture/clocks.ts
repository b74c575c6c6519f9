import type { Browser } from '@playwright/test';
import { bringIn, openEmpty, opened, settled, watch } from './browser';
import { begin, DEEDS, press } from './deeds';
import { Count, type Tally } from './tally';

/** A clock that is moved between one thing and the next: nothing of before or after is lost or breaks a screen. */

const CLOCKS: readonly string[] = [
  '2026-11-27T09:00:00Z',
  '2026-11-26T23:59:30Z',
  '2026-11-28T00:00:30Z',
  // An hour that comes twice, and one that never was (Europe, 2026 and 2027).
  '2026-10-25T00:59:50Z',
  '2027-03-28T00:59:50Z',
  '2031-01-01T00:00:00Z',
  '2001-01-01T00:00:00Z',
  '1970-01-02T00:00:00Z',
  '2198-12-31T23:00:00Z',
  '2026-11-27T09:00:00Z',
];

const SCREENS = ['/', '/shelf', '/rooms', '/log', '/clean/timers', '/settings'];

export async function clocks(browser: Browser, baseURL: string, home: string, most: number): Promise<Tally> {
  const count = new Count('clocks');
  if (most === 0) return count.end();
  const context = await openEmpty(browser, baseURL);
  const page = await context.newPage();
  watch(page, count);
  await page.goto('/settings');
  await bringIn(page, home);
  for (const [i, clock] of CLOCKS.slice(0, most).entries()) {
    await context.clock.setSystemTime(new Date(clock));
    for (const deed of [0, 1, 2].map((n) => DEEDS[(3 * i + n) % DEEDS.length]!)) {
      const tag = `c${i}`;
      await begin(deed, page, tag);
      const was = deed.count(await settled(page, count), tag);
      await press(deed, page, tag);
      await deed.seen(page, tag);
      await page.reload();
      const now = deed.count(await opened(page, count), tag) - was;
      if (now < 1) count.wrong('lost', `${deed.name}, at ${clock}`);
      if (now > 1) count.wrong('doubled', `${deed.name}, at ${clock}`);
      count.tried();
    }
    for (const screen of SCREENS) {
      await page.goto(screen);
      await settled(page, count);
      if ((await page.getByTestId('broken').count()) > 0) count.wrong('broken', `${screen} at ${clock}`);
    }
  }
  await context.close();
  return count.end();
}
