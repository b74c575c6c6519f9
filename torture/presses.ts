import type { Browser, Locator } from '@playwright/test';
import { bringIn, openEmpty, settled, watch } from './browser';
import { begin, DEEDS } from './deeds';
import { Count, type Tally } from './tally';

/** What makes something new, pressed several times by one who means it once. */

const PRESSES: readonly ((what: Locator) => Promise<void>)[] = [
  (what) => what.dblclick(),
  (what) => what.click({ clickCount: 3 }),
  (what) =>
    what.evaluate((element: HTMLElement) => {
      element.click();
      element.click();
    }),
];

export async function presses(browser: Browser, baseURL: string, home: string, rounds: number): Promise<Tally> {
  const count = new Count('presses');
  if (rounds === 0) return count.end();
  const context = await openEmpty(browser, baseURL);
  const page = await context.newPage();
  watch(page, count);
  await page.goto('/settings');
  await bringIn(page, home);
  for (let round = 0; round < rounds; round++)
    for (const deed of DEEDS.filter((d) => d.isOnce))
      for (const [i, pressAll] of PRESSES.entries()) {
        const tag = `p${round}${i}`;
        await begin(deed, page, tag);
        const was = deed.count(await settled(page, count), tag);
        await pressAll(deed.what(page));
        await deed.seen(page, tag);
        // Nothing comes after it: what was pressed again wrote nothing, here or on the screen that followed.
        await page.reload();
        const now = deed.count(await settled(page, count), tag) - was;
        if (now > 1) count.wrong('doubled', `${deed.name}: ${now} of it`);
        if (now < 1) count.wrong('lost', deed.name);
        count.tried();
      }
  await context.close();
  return count.end();
}
