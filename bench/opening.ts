import { resolve } from 'node:path';
import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { compressFolder } from '../bundle/compress';
import config from '../playwright.config';
import { buildServer } from '../server/server';
import { median, sayFigure } from './figure';
import { firstLoadBytes } from './firstLoad';

/**
 * Opening on a slow phone: the processor slowed four times, 1.6 Mb/s, 150 ms. Beside it an empty app of the same
 * packages (bench/bare), in the same run. Aims: first paint 1.2 s and a quarter of the bare app's, usable 4 s and 1.1
 * times it; a later visit usable in 2.5 s, without a connection too.
 */

const SLOWED = 4;
const ROUNDS = 5;
const NETWORK = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 90_000 };

interface Opening {
  readonly paintMs: number;
  readonly usableMs: number;
}

/** Presses the first button as soon as it is there, until it answers: the address is another. */
const PRESS = `
  const begun = location.pathname;
  globalThis.usableMs = new Promise((done) => {
    const press = () => {
      if (location.pathname !== begun) return done(performance.now());
      document.querySelector('[data-testid=start-cleaning]')?.click();
      setTimeout(press, 20);
    };
    press();
  });
`;

async function openedIn(page: Page, address: string, slowNetwork: boolean): Promise<Opening> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  if (slowNetwork) {
    await session.send('Network.enable');
    await session.send('Network.emulateNetworkConditions', NETWORK);
  }
  await page.addInitScript({ content: PRESS });
  await page.goto(address, { waitUntil: 'commit' });
  const usableMs = await page.evaluate('globalThis.usableMs');
  const paintMs = await page.evaluate(
    `performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? Number.NaN`,
  );
  await session.detach();
  return { usableMs: Number(usableMs), paintMs: Number(paintMs) };
}

async function inContext<R>(allow: boolean, run: (context: BrowserContext) => Promise<R>): Promise<R> {
  const browser = await chromium.launch(config.use?.launchOptions);
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    serviceWorkers: allow ? 'allow' : 'block',
  });
  try {
    return await run(context);
  } finally {
    await browser.close();
  }
}

/** A first visit: nothing is kept. */
const firstVisit = (address: string): Promise<Opening> =>
  inContext(false, async (context) => openedIn(await context.newPage(), address, true));

/** A later visit, with the server or without it. */
const laterVisit = (address: string, offline: boolean): Promise<Opening> =>
  inContext(true, async (context) => {
    const before = await context.newPage();
    await before.goto(address);
    await before.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await before.close();
    await context.setOffline(offline);
    return openedIn(await context.newPage(), address, false);
  });

async function main(): Promise<void> {
  const [ours, bare] = [resolve('dist'), resolve('test-results/bare')];
  compressFolder(bare);
  const servers = await Promise.all([ours, bare].map((root) => buildServer({ root, demo: false })));
  const [address = '', bareAddress = ''] = await Promise.all(
    servers.map((server) => server.listen({ host: '127.0.0.1', port: 0 })),
  );
  const first: Opening[] = [];
  const firstBare: Opening[] = [];
  const later: Opening[] = [];
  const offline: Opening[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    // Turn about: what is slow for a while is slow for all.
    first.push(await firstVisit(address));
    firstBare.push(await firstVisit(bareAddress));
    later.push(await laterVisit(address, false));
    offline.push(await laterVisit(address, true));
  }
  const usable = (of: readonly Opening[]): number => median(of.map((o) => o.usableMs));
  const paint = (of: readonly Opening[]): number => median(of.map((o) => o.paintMs));
  sayFigure('first load, brotli', firstLoadBytes(ours), 'bytes', firstLoadBytes(bare));
  sayFigure('first visit, first paint, to the bare app', paint(first), 'ms', paint(firstBare));
  sayFigure('first visit, usable, to the bare app', usable(first), 'ms', usable(firstBare));
  sayFigure('later visit, usable, to a first visit', usable(later), 'ms', usable(first));
  sayFigure('later visit without a connection, usable, to one with it', usable(offline), 'ms', usable(later));
  for (const server of servers) await server.close();
}

void main();
