import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { firstLoadBytes, firstLoadFiles } from '../bench/firstLoad';
import { expect, test } from './page';

const DIST = 'dist';

test('the first load is small, and holds neither chemistry nor checks', () => {
  expect(firstLoadBytes(DIST)).toBeLessThanOrEqual(420_000);
  const scripts = firstLoadFiles(DIST).filter((path) => path.endsWith('.js'));
  expect(scripts.length).toBeGreaterThan(0);
  const text = scripts.map((path) => readFileSync(join(DIST, path), 'utf8')).join('\n');
  // What is surely in each, and in what parts share: Joi's messages, a substance, an unused part of the elements.
  const shared = /data-shared="([^"]+)"/.exec(readFileSync(join(DIST, 'index.html'), 'utf8'))?.[1] ?? '';
  const later = readFileSync(join(DIST, shared), 'utf8');
  for (const mark of ['any.required', 'hypochlorite', 'castile']) {
    expect([mark, later.includes(mark)]).toEqual([mark, true]);
    expect([mark, text.includes(mark)]).toEqual([mark, false]);
  }
  for (const unused of ['SpeedDial', 'AirbnbRating', 'LinearProgress'])
    expect([unused, (text + later).includes(unused)]).toEqual([unused, false]);
});

test('before any script the name, the places and the way of Safety stand on the page, under the policy', async ({
  browser,
  baseURL,
}) => {
  const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
  const refused: string[] = [];
  page.on('console', (message) => refused.push(message.text()));
  await page.goto(baseURL ?? '');
  for (const name of ['Biscuit', 'Safety', 'Settings', 'Today', 'Mix', 'Shelf', 'Rooms', 'Log'])
    await expect(page.getByText(name, { exact: true })).toBeVisible();
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgb(243, 234, 218)');
  expect(refused).toEqual([]);
});

test('whose work it stands on is reached from Settings', async ({ page, context }) => {
  await page.goto('/settings');
  const opened = context.waitForEvent('page');
  await page.getByTestId('licences').click();
  const licences = await opened;
  await expect(licences.getByText('SIL OPEN FONT LICENSE').first()).toBeVisible();
  await expect(licences.getByText(/^joi \d/m).first()).toBeVisible();
});
