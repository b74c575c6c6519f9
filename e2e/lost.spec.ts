import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { readHomeFile, type Home } from '../src/core';
import { errorsOf, expect, test } from './page';

/** Nothing that is shown or written is lost. */

/** Holds the lock that every write waits for, from a page of its own, until that page is closed. */
async function holdTheLock(page: Page): Promise<Page> {
  const holder = await page.context().newPage();
  await holder.goto('/healthz');
  await holder.evaluate(
    () =>
      new Promise<void>((held) => {
        void navigator.locks.request('biscuit', () => {
          held();
          return new Promise(() => undefined);
        });
      }),
  );
  return holder;
}

test('a step that is shown outlives a reload before it could be written', async ({ page }) => {
  await page.goto('/');
  await page.getByTestId('start-cleaning').click();
  await page.getByTestId('other-surface').click();
  await page.getByRole('textbox').last().fill('kettle');
  await page.getByRole('radio', { name: 'Kettle, inside', exact: true }).click();
  await page.getByRole('radio', { name: 'Limescale and water spots', exact: true }).click();
  await page.getByTestId('start-way').click();
  await expect(page.getByText('Step 1 of 6')).toBeVisible();
  const holder = await holdTheLock(page);
  await page.getByTestId('step-next').click();
  await expect(page.getByText('Step 2 of 6')).toBeVisible();
  await page.reload();
  await holder.close();
  await expect(page.getByText('Step 2 of 6')).toBeVisible();
});

const makeABottle = async (page: Page, formula = 'starter-scale'): Promise<void> => {
  await page.goto(`/mix/${formula}`);
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toBeVisible();
};

/** What a file that was downloaded holds. */
async function downloaded(page: Page, press: () => Promise<void>): Promise<Home> {
  const download = page.waitForEvent('download');
  await press();
  const read = readHomeFile(readFileSync(await (await download).path(), 'utf8'));
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.value;
}

test('the browser is asked to keep it, once, when the first thing is kept', async ({ page }) => {
  await page.addInitScript(() => {
    const asked = { times: 0 };
    Object.assign(window, { asked });
    navigator.storage.persist = () => {
      asked.times++;
      return Promise.resolve(true);
    };
  });
  const times = (): Promise<number> =>
    page.evaluate(() => (window as unknown as { asked: { times: number } }).asked.times);
  await page.goto('/mix/starter-scale');
  await expect(page.getByTestId('make-it')).toBeVisible();
  expect(await times()).toBe(0);
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toBeVisible();
  expect(await times()).toBe(1);
  await page.goto('/mix/starter-scale');
  // The bottle of before is full.
  await page.getByTestId('bottle-instead').click();
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toBeVisible();
  expect(await times()).toBe(0);
});

test('after 30 days without a copy Today asks for one, and one tap saves it', async ({ page }) => {
  await makeABottle(page);
  await page.goto('/');
  await expect(page.getByText('One bottle')).toBeVisible();
  await expect(page.getByTestId('copy-line')).toHaveCount(0);
  await page.clock.setSystemTime(Date.now() + 31 * 86_400_000);
  await page.goto('/');
  await expect(page.getByTestId('copy-line')).toContainText('no copy of it anywhere but on this device');
  const home = await downloaded(page, () => page.getByTestId('save-copy').click());
  expect(home.batches).toHaveLength(1);
  await expect(page.getByTestId('copy-line')).toHaveCount(0);
  await page.goto('/settings');
  await expect(page.getByTestId('copy-state')).toHaveText('The last copy was saved today; nothing has changed since.');
});

test('every change goes to a file that was chosen once, also after a reload', async ({ page }) => {
  // The browser's own dialogue cannot be pressed: a file of the page's own folder stands for the one chosen.
  await page.addInitScript(() => {
    Object.assign(window, {
      showSaveFilePicker: async () =>
        (await navigator.storage.getDirectory()).getFileHandle('pipit.json', { create: true }),
    });
  });
  const inFile = (): Promise<number | null> =>
    page
      .evaluate(async () => {
        const folder = await navigator.storage.getDirectory();
        return (await (await folder.getFileHandle('pipit.json')).getFile()).text();
      })
      .then((text) => {
        const read = readHomeFile(text);
        return read.ok ? read.value.batches.length : null;
      });
  await makeABottle(page);
  await page.goto('/settings');
  await page.getByTestId('choose-backup-file').click();
  await expect(page.getByTestId('copy-file')).toHaveText('Every change is written to pipit.json.');
  await expect(page.getByTestId('copy-state')).toContainText('The last copy was saved today');
  expect(await inFile()).toBe(1);
  await makeABottle(page, 'starter-everyday');
  await expect.poll(inFile).toBe(2);
  await page.goto('/settings');
  await expect(page.getByTestId('copy-file')).toHaveText('Every change is written to pipit.json.');
});

test('data cleared under an open page are noticed, saved to a file from it, and put back', async ({
  context,
  baseURL,
}) => {
  const page = await context.newPage();
  const wrong = errorsOf(page);
  await makeABottle(page);
  await page.goto('/');
  await expect(page.getByText('One bottle')).toBeVisible();
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByTestId('currency').fill('kr');
  // It is written: what is under way when the data go is a failed write, and said as one.
  await page.waitForFunction(() => Object.keys(localStorage).every((key) => !key.startsWith('biscuit-journal/')));
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin: baseURL ?? '', storageTypes: 'all' });
  await expect(page.getByTestId('cleared')).toContainText('This browser has cleared what Biscuit kept.');
  const home = await downloaded(page, () => page.getByTestId('save-memory').click());
  expect([home.batches.length, home.settings.currency]).toEqual([1, 'kr']);
  await page.getByTestId('put-memory-back').click();
  await expect(page.getByTestId('cleared')).toHaveCount(0);
  await page.goto('/shelf');
  await expect(page.getByTestId('label')).toHaveCount(1);
  // What is being read as the data go is broken off by the browser, and said by nobody but the console.
  expect(wrong.filter((words) => words !== 'AbortError')).toEqual([]);
});
