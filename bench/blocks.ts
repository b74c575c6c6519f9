import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { writeHomeFile } from '../src/core';
import { writeLogCsv } from '../src/core/doors/log';
import { demoHome } from '../src/data/demo/demoHome';
import config from '../playwright.config';
import { buildServer } from '../server/server';
import { sayFigure } from './figure';

/**
 * The longest time the page stands still in each long task, with ten thousand entries in the log: no key should wait
 * more than 50 ms. Beside it how long the task takes in all.
 */

const MANY = 10_000;

/** Watches what holds up the page: tasks of the main thread of 50 ms and more (Long Tasks, W3C). */
const WATCH = `
  globalThis.__name = (f) => f;
  globalThis.longest = 0;
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) globalThis.longest = Math.max(globalThis.longest, duration);
  }).observe({ type: 'longtask' });
`;

/** Runs a task; says its longest block and its whole length. */
async function watched(page: Page, name: string, task: () => Promise<unknown>): Promise<void> {
  await page.evaluate('globalThis.longest = 0');
  const begun = Date.now();
  await task();
  const took = Date.now() - begun;
  // What was still being drawn is told of a moment later.
  await page.evaluate(
    'new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done, 200))))',
  );
  sayFigure(`longest block: ${name}, to the whole`, Number(await page.evaluate('globalThis.longest')), 'ms', took);
}

/** Chooses a file on the disk: one that is handed over as bytes is put together by the page itself, which would be measured. */
const choose = async (page: Page, press: string, path: string): Promise<void> => {
  const chooser = page.waitForEvent('filechooser');
  await page.getByTestId(press).click();
  await (await chooser).setFiles(path);
};

async function main(): Promise<void> {
  const demo = demoHome(new Date());
  const log = Array.from({ length: MANY }, (_, i) => ({
    ...(demo.log[i % demo.log.length] ?? demo.log[0]!),
    id: `bench-${i}`,
    at: new Date(Date.now() - i * 12_000_000).toISOString(),
  }));
  const file = writeHomeFile({ ...demo, log }, new Date().toISOString());
  const csv = writeLogCsv(log.map((entry) => ({ ...entry, id: `${entry.id}-more` })));
  const folder = mkdtempSync(join(tmpdir(), 'biscuit-bench-'));
  const [homeFile, csvFile] = [join(folder, 'biscuit.json'), join(folder, 'log.csv')];
  writeFileSync(homeFile, file);
  writeFileSync(csvFile, csv);
  const server = await buildServer({ root: resolve('dist'), demo: false });
  const address = await server.listen({ host: '127.0.0.1', port: 0 });
  const browser = await chromium.launch(config.use?.launchOptions);
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.addInitScript({ content: WATCH });

  await page.goto(`${address}/settings`);
  await page.getByTestId('import').waitFor();
  await watched(page, `reading and checking a home of ${(file.length / 1e6).toFixed(0)} MB`, async () => {
    await choose(page, 'import', homeFile);
    await page.getByTestId('confirm-merge').waitFor();
  });
  await watched(page, 'putting it in place', async () => {
    await page.getByTestId('confirm-replace').click();
    await page.getByText('Imported: ').waitFor();
  });
  await watched(page, 'a copy of it, read back', async () => {
    const download = page.waitForEvent('download');
    await page.getByTestId('export').click();
    await download;
  });
  await page.getByRole('link', { name: 'Log' }).click();
  await page.getByText('10,000 entries').waitFor();
  // As a person looks before typing: meanwhile the texts of the log are worked out, a little at a time.
  await page.waitForTimeout(1500);
  await watched(page, 'searching the log, typed', async () => {
    await page.getByTestId('log-search').pressSequentially('hob vinegar', { delay: 80 });
  });
  await page.getByTestId('log-search').fill('');
  await page.getByRole('button', { name: 'The log as a CSV file' }).click();
  await watched(page, 'the log as CSV', async () => {
    const download = page.waitForEvent('download');
    await page.getByTestId('csv-out').click();
    await download;
  });
  await page.getByRole('button', { name: 'The log as a CSV file' }).click();
  await watched(page, 'reading a CSV of as many', async () => {
    await choose(page, 'csv-in', csvFile);
    await page.getByTestId('csv-preview').waitFor();
  });
  await page.goto(`${address}/shelf/pipit-b1`);
  await page.getByTestId('print-label').waitFor();
  await watched(page, 'laying out a label', async () => {
    await page.getByTestId('print-label').click();
    await page.getByTestId('label-preview').waitFor();
  });
  await watched(page, 'a sheet of labels as PDF', async () => {
    const download = page.waitForEvent('download');
    await page.getByTestId('label-sheet').click();
    await download;
  });
  await page.goto(`${address}/clean?surface=pipit-tile`);
  await page.getByText('Anything else').waitFor();
  await watched(page, 'ranking the ways', async () => {
    await page.getByRole('radio', { name: 'Limescale and water spots' }).click();
    await page.getByText('Ways, the best first').waitFor();
  });
  await browser.close();
  await server.close();
  rmSync(folder, { recursive: true });
}

void main();
