import type { Browser, Page } from '@playwright/test';
import fc from 'fast-check';
import { changedFile, wrongWithFile } from '../src/testing/changedHomes';
import { changedText, wrongWithText } from '../src/testing/changedTexts';
import { bringIn, openEmpty, pick, settled, watch } from './browser';
import { Count, type Tally } from './tally';

/** Files and texts changed at random, below the interface and through it. */

const BATCH = 100;

/** So many of them, one after the other. */
function each(
  count: Count,
  all: fc.Arbitrary<string>,
  times: number,
  wrongWith: (text: string) => string | null,
): void {
  for (let left = times; left > 0; left -= BATCH)
    for (const text of fc.sample(all, Math.min(left, BATCH))) {
      const wrong = wrongWith(text);
      if (wrong !== null) count.wrong('broken', `${wrong} in ${JSON.stringify(text)}`);
      count.tried();
    }
}

export function files(times: number): Tally {
  const count = new Count('files');
  each(count, changedFile, times, wrongWithFile);
  return count.end();
}

export function texts(times: number): Tally {
  const count = new Count('texts');
  each(count, changedText, times, wrongWithText);
  return count.end();
}

const PLACES = ['Today', 'Shelf', 'Rooms', 'Log', 'Settings'];

/** Files through the interface: refused in words, or shown before anything is done, or added and taken back. */
export async function filesShown(browser: Browser, baseURL: string, home: string, times: number): Promise<Tally> {
  const count = new Count('files shown');
  const context = await openEmpty(browser, baseURL);
  const page = await context.newPage();
  watch(page, count);
  await page.goto('/settings');
  await bringIn(page, home);
  const before = await sizes(page, count);
  for (const [i, text] of fc.sample(changedFile, times).entries()) {
    await pick(page, text);
    const refused = page.getByText('Not imported; nothing here was changed.');
    const shown = page.getByTestId('confirm-merge');
    await refused.or(shown).first().waitFor();
    if (await shown.isVisible()) {
      if (i % 5 === 0) await addAndTakeBack(page, count);
      else await page.getByRole('button', { name: 'Close', exact: true }).last().click();
    }
    count.tried();
    // What was said of this file is gone before the next.
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    await page.getByRole('link', { name: 'Settings', exact: true }).click();
    await refused.or(shown).first().waitFor({ state: 'hidden' });
  }
  const after = await sizes(page, count);
  if (JSON.stringify(before) !== JSON.stringify(after))
    count.wrong('lost', `${JSON.stringify(before)} became ${JSON.stringify(after)}`);
  await context.close();
  return count.end();
}

const sizes = async (page: Page, count: Count): Promise<readonly number[]> => {
  const records = await settled(page, count);
  return ['formula', 'batch', 'vessel', 'room', 'surface', 'log', 'pantry'].map((name) => records.count(name));
};

/** Adds it to what is here, looks at the screens that show it, and takes it back. */
async function addAndTakeBack(page: Page, count: Count): Promise<void> {
  await page.getByTestId('confirm-merge').click();
  await page.getByText(/^Brought together/).waitFor();
  for (const name of PLACES) {
    await page.getByRole('link', { name, exact: true }).click();
    await page.getByRole('heading', { name, exact: true }).or(page.getByTestId('broken')).first().waitFor();
    if ((await page.getByTestId('broken').count()) > 0) count.wrong('broken', `${name} after a file was added`);
  }
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await page.getByText(/^Taken back/).waitFor();
}
