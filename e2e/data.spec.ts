import type { Page } from '@playwright/test';
import { DEMO_URL, expect, test } from './page';

/** Reaches into the browser's own database, past the app. */
async function poke(page: Page, key: string, value: string): Promise<void> {
  await page.evaluate(
    async ([k, v]) => {
      const open = indexedDB.open('biscuit');
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        open.onsuccess = () => resolve(open.result);
        open.onerror = () => reject(new Error('cannot open'));
      });
      const name = db.objectStoreNames[0]!;
      const done = db.transaction(name, 'readwrite');
      const store = done.objectStore(name);
      const sample = await new Promise<unknown>((resolve) => {
        const cursor = store.openCursor();
        cursor.onsuccess = () => resolve(cursor.result?.value);
      });
      const record = typeof sample === 'object' && sample !== null ? { ...sample, key: k, value: v } : v;
      if (store.keyPath === null) store.put(record, k);
      else store.put(record);
      await new Promise((resolve) => (done.oncomplete = resolve));
      db.close();
    },
    [key, value] as const,
  );
}

test('a second tab sees what the first one makes', async ({ page, context }) => {
  await page.goto('/shelf');
  await expect(page.getByText('No bottles yet.')).toBeVisible();
  const other = await context.newPage();
  await other.goto('/mix/starter-scale');
  await other.getByTestId('make-it').click();
  await expect(other.getByTestId('label').first()).toBeVisible();
  await expect(page.getByTestId('label')).toContainText('Scale lifter');
  await other.getByRole('button', { name: 'Poured away' }).click();
  await expect(page.getByText('Empty or poured away')).toBeVisible();
});

test('a broken record is set aside and reported; the rest loads', async ({ page }) => {
  await page.goto('/mix/starter-scale');
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toBeVisible();
  await poke(page, '1/batch/broken', '{"id":"broken"');
  await page.goto('/shelf');
  await expect(page.getByTestId('label')).toHaveCount(1);
  await expect(page.getByText('One record could not be read and stand')).toBeVisible();
  await page.goto('/settings');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what stands aside' }).click();
  expect((await download).suggestedFilename()).toBe('biscuit-aside.json');
});

test('a home of a newer Biscuit is left alone, and says so', async ({ page }) => {
  await page.goto('/shelf');
  await expect(page.getByText('No bottles yet.')).toBeVisible();
  await poke(page, 'head', '{"schema":99,"generation":1}');
  await page.goto('/shelf');
  await expect(page.getByText('This home was last opened with a newer Biscuit.')).toBeVisible();
});

test('nothing is asked of any other host', async ({ page }) => {
  const elsewhere: string[] = [];
  page.on('request', (request) => {
    const { hostname, protocol } = new URL(request.url());
    if (hostname !== '127.0.0.1' && protocol !== 'blob:' && protocol !== 'data:') elsewhere.push(request.url());
  });
  for (const address of ['/', '/mix', '/mix/paste', '/mix/starter-glass', '/shelf', '/safety', '/settings']) {
    await page.goto(address);
    await expect(page.getByRole('heading').first()).toBeVisible();
  }
  expect(elsewhere).toEqual([]);
});

test('the shipped families are the ones that show', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  const loaded = await page.evaluate(async () => {
    await document.fonts.ready;
    return ['600 20px Besley', '400 16px "Atkinson Hyperlegible Next"', '700 16px "Atkinson Hyperlegible Next"'].map(
      (f) => document.fonts.check(f),
    );
  });
  expect(loaded).toEqual([true, true, true]);
});

test('the demo home has something to show, and is never mixed into one’s own', async ({ page }) => {
  await page.goto(DEMO_URL);
  await expect(page.getByText('Demo home: the narrowboat Pipit')).toBeVisible();
  await expect(page.getByText('Past its day')).toBeVisible();
  const databases = await page.evaluate(async () => (await indexedDB.databases()).map((d) => d.name));
  expect(databases).toContain('biscuit-demo');
  expect(databases).not.toContain('biscuit');
  await page.goto('/shelf');
  await expect(page.getByText('No bottles yet.')).toBeVisible();
});
