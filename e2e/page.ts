import { test as base, expect, type Locator, type Page } from '@playwright/test';

export const DEMO_URL = 'http://127.0.0.1:4182';

/** Collects what goes wrong on a page: errors, refused scripts and styles. */
export function errorsOf(page: Page): string[] {
  const wrong: string[] = [];
  page.on('console', (message) => {
    if (message.type() === 'error') wrong.push(message.text());
  });
  page.on('pageerror', (error) => wrong.push(error.message));
  return wrong;
}

/** A page on which anything that goes wrong fails the test. */
export const test = base.extend({
  page: async ({ page }, use) => {
    const wrong = errorsOf(page);
    await use(page);
    expect(wrong).toEqual([]);
  },
});

export { expect };

/** Pastes a text into the recipe field of a fresh paste screen. */
export async function paste(page: Page, text: string): Promise<void> {
  await page.goto('/mix/paste');
  await page.getByTestId('recipe-text').fill(text);
}

/** Picks a file in the dialogue that a press opens. */
export async function chooseFile(page: Page, press: () => Promise<void>, name: string, text: string): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await press();
  await (await chooser).setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
}

/** Presses on through the guide, and waits for the step after. */
export async function onTo(page: Page, heading: string, press = 'step-next'): Promise<void> {
  await page.getByTestId(press).click();
  await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
}

/** Where the guide stands: "Step 2 of 7". */
export const stepNumber = (page: Page): Locator => page.getByText(/^Step \d+ of \d+$/);

export const HOUR = 3_600_000;

/** One step on, by the button that says it is done; waits are let go by, by a clock that is installed. */
export async function stepOn(page: Page, tap = (what: Locator): Promise<void> => what.click()): Promise<void> {
  const before = await stepNumber(page).textContent();
  if (await page.getByTestId('timer-face').isVisible()) {
    await page.clock.fastForward(14 * HOUR);
    await tap(page.getByTestId('take-off'));
  } else if (await page.getByTestId('is-made').isVisible()) {
    await tap(page.getByTestId('is-made'));
  } else {
    await tap(page.getByTestId('step-next'));
  }
  await expect(stepNumber(page)).not.toHaveText(before ?? '');
}
