import { cpSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { FastifyInstance } from 'fastify';
import type { Page } from '@playwright/test';
import { writeServiceWorker } from '../bundle/offline';
import { buildServer } from '../server/server';
import { expect, onTo, test } from './page';
import { readPrinted } from './printed';
import { SCREENS } from './screens';

/** Biscuit is in the browser after one visit: its server may be gone. */

test.use({ serviceWorkers: 'allow' });

/** A server of the test's own, at an address that stays when it is stopped. */
class OwnServer {
  private app: FastifyInstance | null = null;
  port = 0;

  constructor(
    private root: string,
    private readonly demo: boolean,
  ) {}

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(root = this.root): Promise<void> {
    this.root = root;
    this.app = await buildServer({ root, demo: this.demo });
    await this.app.listen({ host: '127.0.0.1', port: this.port });
    this.port = (this.app.server.address() as AddressInfo).port;
  }

  async stop(): Promise<void> {
    await this.app?.close();
    this.app = null;
  }
}

const DIST = resolve('dist');
const servers: OwnServer[] = [];

async function serve(root = DIST, demo = false): Promise<OwnServer> {
  const server = new OwnServer(root, demo);
  servers.push(server);
  await server.start();
  return server;
}

test.afterEach(async () => {
  for (const server of servers.splice(0)) await server.stop();
});

/** The first visit, until all of Biscuit is in the browser. */
async function visit(page: Page, { address }: OwnServer): Promise<void> {
  await page.goto(address);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
}

test('after one visit, with the server stopped, every screen opens', async ({ page }) => {
  const server = await serve(DIST, true);
  await visit(page, server);
  await server.stop();
  for (const { name, address, shows, after } of SCREENS) {
    await test.step(name, async () => {
      await page.goto(`${server.address}${after?.address ?? address}`);
      if (after) await page.getByTestId(after.press).click();
      await expect(page.getByText(shows).first()).toBeVisible();
    });
  }
});

const MINUTE = 60_000;

test('with the server stopped a job is done, its wait rings, and the label prints', async ({ page, browser }) => {
  await page.clock.install({ time: new Date('2026-11-25T10:00:00Z') });
  const server = await serve();
  await visit(page, server);
  await server.stop();
  await page.reload();
  await page.getByRole('link', { name: 'Rooms' }).click();
  await page.getByTestId('set-up-room').click();
  await page.getByRole('radio', { name: 'Bathroom or shower room' }).click();
  await page.getByTestId('save-room').click();
  await expect(page.getByText('Bathroom is set up.')).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByTestId('start-cleaning').click();
  await page.getByRole('radio', { name: 'Wall tiles', exact: true }).click();
  await page.getByRole('radio', { name: 'Limescale and water spots' }).click();
  await page.getByTestId('start-way').click();
  await onTo(page, 'Spot test', 'skip-ahead');
  await onTo(page, 'Put it on');
  await page.getByTestId('step-next').click();
  await expect(page.getByTestId('timer-face')).toBeVisible();
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.clock.fastForward(60 * MINUTE);
  await expect(page.getByTestId('alarm')).toContainText('Wall tiles');
  await page.getByRole('button', { name: /^Open Wall tiles/ }).click();
  await page.getByTestId('take-off').click();
  for (const heading of ['Work it', 'Rinse', 'Dry']) {
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
    await page.getByTestId('step-next').click();
  }
  await page.getByTestId('log-done').click();
  await expect(page).toHaveURL(/\/log\/[0-9a-f-]{36}$/);
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByTestId('log-count')).toHaveText('One entry');

  await page.goto(`${server.address}/mix/starter-scale`);
  await page.getByTestId('make-it').click();
  await page.getByTestId('print-label').click();
  await expect(page.getByTestId('label-preview')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByTestId('label-pdf').click();
  const printed = await readPrinted(browser, readFileSync(await (await download).path()));
  expect(printed.text).toContain('citric acid');
});

test('a long wait asks to notify, notifies through the service worker, and a touch leads to it', async ({
  page,
  context,
}) => {
  const server = await serve();
  await context.grantPermissions(['notifications'], { origin: server.address });
  // What the browser took to show: its own list of what stands is empty now and then right after (Chromium 156).
  const shown: unknown[] = [];
  await page.exposeFunction('noteShown', (...notification: unknown[]) => void shown.push(notification));
  await page.addInitScript(() => {
    const show = ServiceWorkerRegistration.prototype.showNotification;
    ServiceWorkerRegistration.prototype.showNotification = async function (title, options) {
      await show.call(this, title, options);
      await (window as unknown as { noteShown(...of: unknown[]): Promise<void> }).noteShown(title, options);
    };
  });
  await page.clock.install({ time: new Date('2026-11-25T10:00:00Z') });
  await visit(page, server);
  await page.goto(`${server.address}/clean/timers`);
  await page.getByTestId('timer-place').fill('Oven racks');
  await page.getByTestId('timer-minutes').fill('20');
  await page.getByTestId('start-timer').click();
  await page.getByTestId('notify-me').click();
  await expect(page.getByTestId('how-it-rings')).toContainText('a notification and a sound');
  const wait = new URL(page.url());
  await page.getByRole('link', { name: 'Log' }).click();
  await page.clock.fastForward(21 * MINUTE);
  await expect(page.getByTestId('alarm')).toContainText('Oven racks');
  const path = wait.pathname + wait.search;
  await expect
    .poll(() => shown)
    .toEqual([['Oven racks: the wait is over.', expect.objectContaining({ body: 'Wait', data: { path } })]]);
  // A notification cannot be touched here: what the worker then tells the page is told (public/told.js).
  await page.evaluate(
    (to) => navigator.serviceWorker.dispatchEvent(new MessageEvent('message', { data: { type: 'GO_TO', path: to } })),
    path,
  );
  await expect(page.getByTestId('end-timer')).toBeVisible();
});

/** Another export of the same app: other words in it, so other names of files; the old files are gone from it. */
function nextExport(from: string): string {
  const next = mkdtempSync(join(tmpdir(), 'biscuit-next-'));
  cpSync(from, next, { recursive: true });
  const scripts = join(next, '_expo/static/js/web');
  const page = join(next, 'index.html');
  for (const path of readdirSync(next, { recursive: true, encoding: 'utf8' }))
    if (/\.(br|gz)$/.test(path)) rmSync(join(next, path));
  for (const name of readdirSync(scripts)) {
    if (!name.startsWith('__')) {
      const path = join(scripts, name);
      writeFileSync(path, readFileSync(path, 'utf8').replaceAll('What are you cleaning?', 'What is to be cleaned?'));
    }
  }
  // Names that stand in other files change with them: all at once, as an export does it.
  const renamed = readdirSync(scripts).filter((name) => !name.startsWith('__'));
  const rename = (text: string): string =>
    renamed.reduce((all, name) => all.replaceAll(name, name.replace(/-(\w)/, '-f$1')), text);
  for (const name of readdirSync(scripts)) {
    const path = join(scripts, name);
    writeFileSync(path, rename(readFileSync(path, 'utf8')));
    if (renamed.includes(name)) renameSync(path, join(scripts, rename(name)));
  }
  writeFileSync(page, rename(readFileSync(page, 'utf8')));
  return next;
}

test('a newer version waits for the job, is offered after it, and takes over in every tab', async ({
  page,
  context,
}) => {
  const next = nextExport(DIST);
  await writeServiceWorker(next);
  const server = await serve(DIST, true);
  await visit(page, server);
  await page.goto(`${server.address}/clean?surface=pipit-tile&soil=limescale`);
  await page.getByTestId('start-way').click();
  await expect(page.getByText('Step 1 of')).toBeVisible();

  // The new export is put in place of the old one while a job is under way.
  await server.stop();
  await server.start(next);
  const other = await context.newPage();
  await other.goto(server.address);
  await expect(other.getByTestId('start-cleaning')).toHaveText('What are you cleaning?');
  const waiting = (): Promise<boolean> =>
    other.evaluate(async () => {
      const registration = await navigator.serviceWorker.getRegistration();
      await registration?.update();
      return Boolean(registration?.waiting);
    });
  await expect.poll(waiting).toBe(true);
  // Neither tab is told while one of them is in a job; parts of the old one still come.
  await page.getByTestId('step-next').click();
  await expect(page.getByText('Step 2 of')).toBeVisible();
  await expect(page.getByTestId('new-version')).toHaveCount(0);
  await expect(other.getByTestId('new-version')).toHaveCount(0);
  await other.getByRole('link', { name: 'Rooms' }).click();
  await expect(other.getByText('Shower room')).toBeVisible();

  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByTestId('new-version')).toContainText('A new version of Biscuit is ready.');
  await page.getByTestId('take-version').click();
  await expect(page.getByTestId('start-cleaning')).toHaveText('What is to be cleaned?');
  await other.getByRole('link', { name: 'Today' }).click();
  await expect(other.getByTestId('start-cleaning')).toHaveText('What is to be cleaned?');
  await expect(page.getByText('Step 2 of')).toHaveCount(0);

  // Without its server the new one opens, and the job is where it was left.
  await server.stop();
  await page.reload();
  await page.getByText(/^Go on: /).click();
  await expect(page.getByText('Step 2 of')).toBeVisible();
  rmSync(next, { recursive: true });
});

test('it can be installed', async ({ page, context }) => {
  const server = await serve();
  await visit(page, server);
  const session = await context.newCDPSession(page);
  const { errors, data } = (await session.send('Page.getAppManifest')) as { errors: unknown[]; data?: string };
  expect(errors).toEqual([]);
  expect(data).toContain('"share_target"');
  const { installabilityErrors } = await session.send('Page.getInstallabilityErrors');
  // The test's own window is a private one.
  expect(installabilityErrors.map((e) => e.errorId).filter((id) => id !== 'in-incognito')).toEqual([]);
});

test('a text that another app shares stands in Paste, and what stood there comes back', async ({ page }) => {
  const server = await serve();
  await visit(page, server);
  await page.goto(`${server.address}/mix/paste`);
  await page.getByTestId('recipe-text').fill('1 cup water');
  await server.stop();
  const shared = new URLSearchParams({ title: 'Found', text: 'Tile spray\n1 cup white vinegar\n1 cup water' });
  await page.goto(`${server.address}/mix/paste?${shared.toString()}&url=https%3A%2F%2Fexample.org%2Fa.html`);
  await expect(page.getByTestId('recipe-text')).toHaveValue('Tile spray\n1 cup white vinegar\n1 cup water');
  await expect(page.getByTestId('verdict')).toContainText('Clear');
  await expect.poll(() => new URL(page.url()).search).toBe('');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('recipe-text')).toHaveValue('1 cup water');
});

for (const [name, text, address, shows] of [
  ['recipe.txt', 'Tile spray\n1 cup white vinegar\n1 cup water', '/mix/paste', 'Every line was understood.'],
  ['biscuit.json', '{"format":"biscuit-home"', '/settings', 'Not imported; nothing here was changed.'],
  ['log.csv', 'a,b\n1,2', '/log', 'The file was not brought in, and nothing was changed.'],
] as const) {
  test(`a file that is opened with Biscuit arrives where it is read: ${name}`, async ({ page }) => {
    // The browser's own dialogue cannot be pressed: what it would hand over is handed over.
    await page.addInitScript(
      ([called, holds]) =>
        Object.defineProperty(window, 'launchQueue', {
          value: {
            setConsumer: (take: (launched: unknown) => void) =>
              take({ files: [{ getFile: () => Promise.resolve(new File([holds], called)) }] }),
          },
        }),
      [name, text] as const,
    );
    await page.goto('/open');
    await expect(page.getByText(shows)).toBeVisible();
    expect(new URL(page.url()).pathname).toBe(address);
  });
}

test.describe('where nothing is kept yet', () => {
  test.use({ serviceWorkers: 'block' });

  test('without a connection a part says so in words; Safety, the places and the alarms work on', async ({
    browser,
    baseURL,
  }) => {
    const context = await browser.newContext({ ...(baseURL ? { baseURL } : {}), serviceWorkers: 'block' });
    const page = await context.newPage();
    await page.clock.install({ time: new Date('2026-11-25T10:00:00Z') });
    await page.goto('/settings');
    await page.getByTestId('poisonNumber').fill('01632 960 160');
    await page.goto('/clean/timers');
    await page.getByTestId('timer-minutes').fill('12');
    await page.getByTestId('start-timer').click();
    await expect(page.getByTestId('how-it-rings')).toContainText('nothing, unless it is in your calendar');
    await page.getByRole('link', { name: 'Today' }).click();
    await expect(page.getByText('Wait. Running.')).toBeVisible();

    await context.setOffline(true);
    await expect(page.getByTestId('offline')).toContainText('not on this device yet: leave this page open');
    await page.getByRole('link', { name: 'Rooms' }).click();
    await expect(page.getByTestId('not-fetched')).toBeVisible();
    await page.getByRole('link', { name: 'Safety' }).click();
    await expect(page.getByText('Out into fresh air, at once, and everyone with you.')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Poison advice: 01632 960 160/ })).toBeVisible();
    await page.clock.fastForward(13 * MINUTE);
    await expect(page.getByTestId('alarm')).toContainText('Wait: the wait is over.');

    await page.getByRole('link', { name: 'Rooms' }).click();
    await expect(page.getByTestId('not-fetched')).toBeVisible();
    await context.setOffline(false);
    await page.getByTestId('fetch-again').click();
    await expect(page.getByTestId('set-up-room')).toBeVisible();
    await context.close();
  });
});

test('the demo is visited from Settings and left again; neither home sees the other', async ({ page }) => {
  const server = await serve();
  await visit(page, server);
  await page.goto(`${server.address}/settings`);
  await page.getByTestId('demo-home').click();
  await expect(page.getByText('Demo home: the narrowboat Pipit')).toBeVisible();
  await expect(page.getByText(/Shower head/)).toBeVisible();
  await server.stop();
  await page.goto(`${server.address}/settings`);
  await page.getByTestId('own-home').click();
  await expect(page.getByText('Nothing made yet.', { exact: false })).toBeVisible();
  await expect(page.getByText('Demo home: the narrowboat Pipit')).toHaveCount(0);
});
