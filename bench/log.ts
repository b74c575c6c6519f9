import { resolve } from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import config from '../playwright.config';
import { buildServer } from '../server/server';
import { NO_RATING, type LogEntry } from '../src/core';
import { median, sayFigure } from './figure';

/** The log with ten thousand entries beside one with a hundred: opening it, and the first result of a search. */

const MANY = 10_000;
const FEW = 100;
const ROUNDS = 7;
const DAY_MS = 24 * 60 * 60 * 1000;
/** Both logs reach back as far: four years. */
const YEARS_MS = 4 * 365 * DAY_MS;

const SURFACES = ['Wall tiles', 'Hob', 'Sink', 'Shower tray', 'Mirror', 'Floor', 'Taps'];

function entries(count: number, now: number): LogEntry[] {
  return Array.from({ length: count }, (_, i) => {
    const at = new Date(now - (YEARS_MS * (i + 0.5)) / count).toISOString();
    const surface = SURFACES[i % SURFACES.length] ?? 'Sink';
    return {
      id: `bench-${i}`,
      at,
      room: { id: 'r', name: i % 3 ? 'Galley' : 'Shower room' },
      surface: { id: surface, name: surface, material: 'glazed-tile' },
      soil: { id: 'limescale', name: 'Limescale and water spots' },
      used: {
        kind: 'formula',
        id: 'starter-everyday',
        name: 'Everyday vinegar',
        use: 'stored',
        card: 'Name: Everyday vinegar\nFor: Tile, glass, sinks: light scale and film\n1 part white vinegar\n1 part distilled water\n',
        strength: 'acetic acid 2.5 % w/v',
      },
      dwell: { plannedMinutes: 20, tookMinutes: 18, rewets: 0, endedBecause: '' },
      rinsedAt: at,
      outcome: 'done',
      rating: { ...NO_RATING, touch: 8, look: 6 },
      workMinutes: 4,
      strokes: null,
      // One entry alone, of the very first day.
      notes: i === count - 1 ? 'kingfisher' : i === 3 ? 'heron' : 'dried it off',
      history: [],
    };
  });
}

/** Puts a log into the browser's own database, by months, as the app keeps it. */
async function fill(page: Page, list: readonly LogEntry[]): Promise<void> {
  const months: Record<string, LogEntry[]> = {};
  for (const e of list) (months[e.at.slice(0, 7)] ??= []).push(e);
  const pages = Object.entries(months).map(([month, of]) => [`1/log/${month}`, JSON.stringify(of)] as const);
  await page.evaluate(async (all) => {
    const open = indexedDB.open('biscuit');
    const db = await new Promise<IDBDatabase>((done) => (open.onsuccess = () => done(open.result)));
    const name = db.objectStoreNames[0] ?? '';
    const write = db.transaction(name, 'readwrite');
    all.forEach(([key, value]) => write.objectStore(name).put(value, key));
    await new Promise((done) => (write.oncomplete = done));
    db.close();
  }, pages);
}

interface Times {
  readonly open: number;
  readonly recent: number;
  readonly oldest: number;
  readonly slowestFrame: number;
}

/** ms from a step to the frame in which a text stands on the page, by the page's own clock. */
const until = (page: Page, step: () => Promise<void>, text: string): Promise<number> =>
  (async () => {
    const shown = page.evaluate(
      (wanted) =>
        new Promise<number>((done) => {
          const look = (): void => {
            if (document.body.innerText.includes(wanted)) requestAnimationFrame(() => done(performance.now()));
            else requestAnimationFrame(look);
          };
          look();
        }),
      text,
    );
    const from = await page.evaluate(() => performance.now());
    await step();
    return (await shown) - from;
  })();

async function measured(browser: Browser, address: string, count: number): Promise<Times> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  // What compiles this file names functions by a helper that the page does not have.
  await page.addInitScript({ content: 'globalThis.__name = (f) => f' });
  await page.goto(address);
  await page.getByText('Nothing made yet').waitFor();
  await fill(page, entries(count, Date.now()));
  await page.reload();
  await page.getByText('Nothing made yet').waitFor();
  await page.waitForTimeout(1500);
  const field = page.getByTestId('log-search');
  const open = await until(page, () => page.getByRole('link', { name: 'Log' }).click(), 'Everyday vinegar');
  await page.waitForTimeout(800);
  const recent = await until(page, () => field.pressSequentially('heron'), 'One entry');
  await field.fill('');
  await page.waitForTimeout(500);
  const oldest = await until(page, () => field.pressSequentially('kingfisher'), 'One entry');
  await field.fill('');
  await page.waitForTimeout(500);
  const slowestFrame = await page.evaluate(async () => {
    const list = document.querySelector<HTMLElement>('[data-testid=log-list]');
    let slowest = 0;
    let last = performance.now();
    for (let i = 0; i < 90; i++) {
      if (list) list.scrollTop += 180;
      await new Promise((done) => requestAnimationFrame(done));
      const now = performance.now();
      slowest = Math.max(slowest, now - last);
      last = now;
    }
    return slowest;
  });
  await page.close();
  return { open, recent, oldest, slowestFrame };
}

async function main(): Promise<void> {
  const server = await buildServer({ root: resolve('dist'), demo: false });
  const address = await server.listen({ host: '127.0.0.1', port: 0 });
  const { launchOptions } = config.use ?? {};
  const few: Times[] = [];
  const many: Times[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    // Turn about, in a browser of their own: what is slow for a while is slow for both.
    for (const [count, into] of [
      [FEW, few],
      [MANY, many],
    ] as const) {
      const browser = await chromium.launch(launchOptions);
      into.push(await measured(browser, address, count));
      await browser.close();
    }
  }
  const NAMES: Readonly<Record<keyof Times, string>> = {
    open: 'opening the log, 10 000 entries to 100',
    recent: 'first result of a search, found of late, 10 000 to 100',
    oldest: 'first result of a search, found in the oldest month alone, 10 000 to 100',
    slowestFrame: 'slowest of 90 frames while scrolling, 10 000 to 100',
  };
  for (const key of Object.keys(NAMES) as (keyof Times)[]) {
    const value = median(many.map((t) => t[key]));
    const baseline = median(few.map((t) => t[key]));
    sayFigure(NAMES[key], value, 'ms', baseline);
  }
  await server.close();
}

void main();
