import type { Page } from '@playwright/test';
import { expect, test } from './page';

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
