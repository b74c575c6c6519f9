import type { Browser } from '@playwright/test';
import { SCREENS } from '../e2e/screens';
import { buildServer } from '../server/server';
import { Count, type Tally } from './tally';

const SLOW_MS = 30_000;

/**
 * Every screen with the server gone after one visit, each opened by its address in a page of its own, and left at once:
 * what does not open is broken.
 */
export async function offline(browser: Browser, root: string, times: number): Promise<Tally> {
  const count = new Count('offline');
  if (times === 0) return count.end();
  const server = await buildServer({ root, demo: true });
  const address = await server.listen({ host: '127.0.0.1', port: 0 });
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  context.setDefaultTimeout(SLOW_MS);
  const visit = await context.newPage();
  await visit.goto(address);
  await visit.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await visit.close();
  await server.close();
  for (let round = 0; round < times; round++) {
    for (const { name, address: path, shows, after } of SCREENS) {
      const page = await context.newPage();
      count.tried();
      try {
        await page.goto(`${address}${after?.address ?? path}`);
        if (after) await page.getByTestId(after.press).click();
        await page.getByText(shows).first().waitFor();
      } catch {
        count.wrong('broken', `${name} did not open without its server`);
      }
      await page.close();
    }
  }
  await context.close();
  return count.end();
}
