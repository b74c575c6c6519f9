import type { Locator, Page } from '@playwright/test';
import { DEMO_URL, expect, test } from './page';

/** Once is once: however a thumb presses, what is written is written once. */

/** Ways in which one thing is pressed several times by one who means it once. */
const PRESSES: readonly { readonly name: string; readonly press: (what: Locator) => Promise<void> }[] = [
  { name: 'a double click', press: (what) => what.dblclick() },
  { name: 'a triple click', press: (what) => what.click({ clickCount: 3 }) },
  {
    name: 'two clicks before anything is drawn',
    press: (what) =>
      what.evaluate((element: HTMLElement) => {
        element.click();
        element.click();
      }),
  },
];

/** How many records of a collection are kept, read from the browser's own database past the app. */
const kept = (page: Page, collection: string): Promise<number> =>
  page.evaluate(async (name) => {
    const open = indexedDB.open('biscuit-demo');
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(new Error('cannot open'));
    });
    const all = db.transaction(db.objectStoreNames[0]!).objectStore(db.objectStoreNames[0]!).getAllKeys();
    const keys = await new Promise<IDBValidKey[]>((resolve) => (all.onsuccess = () => resolve(all.result)));
    db.close();
    return keys.filter((key) => typeof key === 'string' && new RegExp(`^[0-9]+/${name}/`).test(key)).length;
  }, collection);

interface Screen {
  readonly name: string;
  readonly address: string;
  readonly collection: string;
  readonly ready: (page: Page) => Promise<Locator>;
}

const byTestId =
  (id: string) =>
  (page: Page): Promise<Locator> =>
    Promise.resolve(page.getByTestId(id));

const SCREENS: readonly Screen[] = [
  { name: 'a bottle', address: '/mix/pipit-porthole', collection: 'batch', ready: byTestId('make-it') },
  { name: 'a wait', address: '/clean/timers', collection: 'timer', ready: byTestId('start-timer') },
  {
    name: 'a job',
    address: '/clean?surface=pipit-tile&soil=limescale',
    collection: 'job',
    ready: byTestId('start-way'),
  },
  {
    name: 'a job of several parts',
    address: '/clean/plan?plan=bathroom-weekly&room=pipit-shower',
    collection: 'job',
    ready: byTestId('start-plan'),
  },
  {
    name: 'a formula',
    address: '/mix/paste',
    collection: 'formula',
    ready: async (page) => {
      await page.getByTestId('recipe-text').fill('Galley spray\n1 cup white vinegar\n1 cup water');
      await expect(page.getByTestId('next-bottle')).toBeEnabled();
      return page.getByTestId('next-bottle');
    },
  },
  {
    name: 'a room',
    address: '/rooms/new',
    collection: 'room',
    ready: async (page) => {
      await page.getByRole('radio', { name: 'Bathroom or shower room' }).click();
      return page.getByTestId('save-room');
    },
  },
];

test('an entry of the log pressed twice, and three times, is one', async ({ page }) => {
  for (const { press } of PRESSES) {
    await page.goto(`${DEMO_URL}/log`);
    const count = page.getByTestId('log-count');
    await expect(count).toHaveText(/^\d+ entries$/);
    const before = Number.parseInt((await count.textContent()) ?? '', 10);
    await page.goto(`${DEMO_URL}/log/new?surface=pipit-tile`);
    await page.getByTestId('bought-name').fill('dish soap');
    await page.getByRole('radio', { name: 'Rinsed', exact: true }).click();
    await press(page.getByTestId('save-entry'));
    await expect(page).not.toHaveURL(/\/log\/new/);
    await page.goto(`${DEMO_URL}/log`);
    await expect(count).toHaveText(`${before + 1} entries`);
  }
});

for (const { name: how, press } of PRESSES) {
  test(`${how} makes one of each`, async ({ page }) => {
    test.slow();
    for (const { name, address, collection, ready } of SCREENS) {
      await page.goto(DEMO_URL + address);
      const what = await ready(page);
      await expect(what).toBeVisible();
      const before = await kept(page, collection);
      const surfaces = await kept(page, 'surface');
      const from = page.url();
      await press(what);
      await expect.poll(() => kept(page, collection), { message: name }).toBe(before + 1);
      await expect.poll(() => page.url(), { message: name }).not.toBe(from);
      // Nothing comes after it: what was pressed again wrote nothing, here or on the screen that followed.
      await page.reload();
      await page.waitForLoadState('networkidle');
      expect([name, await kept(page, collection)]).toEqual([name, before + 1]);
      if (collection === 'room') expect(await kept(page, 'surface')).toBe(surfaces + 7);
    }
  });
}
