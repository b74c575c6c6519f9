import type { Page } from '@playwright/test';
import { DEMO_URL, expect, HOUR, stepNumber, stepOn, test } from './page';

/** What it costs and what is needed: from an empty cupboard to what was spared. */

const DAY = 24 * HOUR;

async function setUpBathroom(page: Page): Promise<void> {
  await page.goto('/rooms/new');
  await page.getByRole('radio', { name: 'Bathroom or shower room' }).click();
  await page.getByTestId('room-name').fill('Bathroom');
  await page.getByTestId('save-room').click();
  await expect(page.getByText('Bathroom is set up.')).toBeVisible();
}

/** How a thing on the list is sold. */
async function isSold(page: Page, name: string, price: string, size: string): Promise<void> {
  await page.getByRole('button', { name: `How sold? ${name}` }).click();
  await page.getByTestId('pantry-price').fill(price);
  await page.getByTestId('pantry-size').fill(size);
  await page.getByTestId('pantry-keep').click();
  await expect(page.getByTestId('pantry-keep')).toBeHidden();
}

/** A line of the list, by its name. */
const line = (page: Page, name: string) => page.getByRole('checkbox', { name: new RegExp(`^Bought: ${name}`) });

test('two weeks from an empty cupboard: a kit, its list, a bottle, jobs, and what was spared', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-02T09:00:00') });
  await setUpBathroom(page);

  // A kit for one's own rooms, and onto the list with it.
  await page.goto('/shelf/kit');
  await expect(page.getByTestId('kit-proof')).toHaveText('Proven: no fewer will do.');
  await page.getByTestId('kit-to-list').click();
  await expect(page).toHaveURL(/\/shelf\/shopping/);
  await isSold(page, 'Dish soap', '1.60', '500');
  await isSold(page, 'Distilled water', '1.90', '5000');
  await expect(page.getByTestId('to-buy-head')).toHaveText('2 things to buy, £3.50');

  // Ticked off in the shop; ticked wrongly, and once more; the page read again meanwhile.
  await line(page, 'Dish soap').click();
  await expect(page.getByTestId('to-buy-head')).toHaveText('1 thing to buy, £1.90');
  await page.getByTestId('bought').click();
  await expect(page.getByTestId('to-buy-head')).toHaveText('2 things to buy, £3.50');
  await line(page, 'Dish soap').click();
  await page.reload();
  await expect(page.getByTestId('to-buy-head')).toHaveText('1 thing to buy, £1.90');
  await line(page, 'Distilled water').click();
  await expect(page.getByText('There is enough of everything.')).toBeVisible();
  await page.goto('/shelf/cupboard');
  await expect(page.getByTestId('pantry-item').filter({ hasText: 'dish soap' })).toContainText('500 mL left');

  // A bottle: a hundredth of it soap at 0.0032 a mL, the rest water at 0.00038: 0.41 a litre.
  await page.goto('/mix/starter-dish-spray');
  await expect(page.getByTestId('its-cost')).toContainText('£0.41 a litre');
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toContainText('Dish-soap spray');

  // Once a week the tiles: what it took and cost stands in the log.
  for (const week of [1, 2]) {
    await page.goto('/clean');
    await page.getByRole('radio', { name: 'Wall tiles' }).click();
    await page.getByRole('radio', { name: /^Daily dirt/ }).click();
    // The bottle that stands there is the first that is advised.
    await expect(page.getByTestId('way').first()).toContainText('Dish-soap spray');
    await page.getByTestId('start-way').click();
    await expect(stepNumber(page)).toBeVisible();
    while (!(await page.getByTestId('log-done').isVisible())) await stepOn(page);
    await page.getByTestId('log-done').click();
    // 90 mL on the tiles, at 0.408 a litre.
    await expect(page.getByText('90 mL, £0.037')).toBeVisible();
    if (week === 1) await page.clock.fastForward(7 * DAY);
  }

  // What it cost beside what would be bought.
  await page.goto('/log');
  await page.getByTestId('to-money').click();
  await expect(page.getByText(/Nothing is held beside it yet/)).toBeVisible();
  await page.getByTestId('beside-starter-dish-spray').click();
  await page.getByTestId('instead-name').fill('bathroom spray');
  await page.getByTestId('instead-price').fill('3');
  await page.getByTestId('instead-size').fill('750');
  await page.getByTestId('instead-uses').fill('30');
  await page.getByTestId('instead-keep').click();
  // Twice 3.00 for 30 uses, less twice 90 mL: 0.20 less 0.073.
  await expect(page.getByTestId('spared')).toHaveText('£0.13');
  await expect(page.getByText('2 uses, had they been bought')).toBeVisible();
  await expect(page.getByText('−£0.073')).toBeVisible();
  await expect(page.getByText('£0.20', { exact: true })).toBeVisible();
  await page.getByTestId('months-table').click();
  await expect(page.getByRole('table', { name: 'November 2026' })).toContainText('Bathroom');
});

test('a card for somebody else, and labels of several bottles on a sheet', async ({ page }) => {
  await page.goto(`${DEMO_URL}/shelf/pipit-b1`);
  await page.getByTestId('give-away').click();
  const card = page.getByTestId('label-preview');
  await expect(card).toHaveAttribute('aria-label', /It cleans; it does not disinfect\..*Swallowed:.*Discard by:/);
  const file = page.waitForEvent('download');
  await page.getByTestId('card-pdf').click();
  expect((await file).suggestedFilename()).toBe('porthole-glass-card.pdf');

  await page.goto(`${DEMO_URL}/shelf`);
  await page.getByTestId('print-several').click();
  await page.getByTestId('label-of').first().click();
  const sheet = page.waitForEvent('download');
  await page.getByTestId('labels-sheet-pdf').click();
  expect((await sheet).suggestedFilename()).toBe('labels.pdf');
});

test('the list is taken along as text and as a page', async ({ page }) => {
  await page.goto(`${DEMO_URL}/shelf/shopping?days=28`);
  await expect(page.getByRole('radio', { name: '4 weeks' })).toBeChecked();
  await page.getByTestId('take-along').click();
  await expect(page.getByTestId('list-text')).toContainText('[ ] Two sponges');
  const text = page.waitForEvent('download');
  await page.getByTestId('list-file').click();
  expect((await text).suggestedFilename()).toBe('shopping.txt');
  const pdf = page.waitForEvent('download');
  await page.getByTestId('list-pdf').click();
  expect((await pdf).suggestedFilename()).toBe('shopping.pdf');
});
