import { expect, type Locator, type Page } from '@playwright/test';
import type { Records } from './browser';

/** One thing a person does, up to its last press, and how it is found on the disk. */
export interface Deed {
  readonly name: string;
  /** Where it is done. */
  readonly address: string;
  /** Comes up to the last press. */
  readonly ready: (page: Page, tag: string) => Promise<void>;
  /** What is pressed, or typed into. */
  readonly what: (page: Page) => Locator;
  /** What is typed; it is pressed if left out. */
  readonly types?: (tag: string) => string;
  /** Waits until it is on the screen. */
  readonly seen: (page: Page, tag: string) => Promise<unknown>;
  /** How many of it there are. */
  readonly count: (records: Records, tag: string) => number;
  /** True if it is seen before it is on the disk: noted at once, in what a browser writes a moment later. */
  readonly isSeenFirst?: boolean;
  /** True if something else must be kept before it. */
  readonly keepsBefore?: boolean;
  /** True if a second press must not make a second one. */
  readonly isOnce?: boolean;
}

const byId = (page: Page, id: string) => page.getByTestId(id);

/** The bench with a bottle on it that stands empty: what is full is not filled unasked. */
async function withEmptyBottle(page: Page): Promise<void> {
  await byId(page, 'make-it').waitFor();
  if (await byId(page, 'bottle-instead').isVisible()) await byId(page, 'bottle-instead').click();
  await page.locator('[data-testid="make-it"]:not([aria-disabled="true"])').waitFor();
}

/** A tag as a sign of money: up to four letters. */
const signOf = (tag: string): string =>
  Array.from({ length: 4 }, (_, i) => 'abcdefghij'[((Number.parseInt(tag, 36) / 10 ** i) % 10) | 0]).join('');

export const DEEDS: readonly Deed[] = [
  {
    name: 'a bottle is made',
    address: '/mix/pipit-porthole',
    ready: withEmptyBottle,
    what: (page) => byId(page, 'make-it'),
    seen: (page) => page.waitForURL(/\/shelf\//),
    count: (records) => records.count('batch'),
    isOnce: true,
  },
  {
    name: 'a bottle is poured away',
    address: '/mix/pipit-porthole',
    ready: async (page) => {
      await withEmptyBottle(page);
      await byId(page, 'make-it').click();
      await page.getByRole('button', { name: 'Poured away' }).waitFor();
    },
    what: (page) => page.getByRole('button', { name: 'Poured away' }),
    seen: (page) => page.getByRole('button', { name: 'Put it back on the shelf' }).waitFor(),
    count: (records) => records.count('batch', (b) => b.state === 'discarded'),
    keepsBefore: true,
  },
  {
    name: 'a formula is kept',
    address: '/mix/paste',
    ready: async (page, tag) => {
      await byId(page, 'recipe-text').fill(`Spray ${tag}\n1 cup white vinegar\n1 cup water`);
      await page.locator('[data-testid="next-bottle"]:not([aria-disabled="true"])').waitFor();
    },
    what: (page) => byId(page, 'next-bottle'),
    seen: (page) => page.waitForURL((url) => url.pathname !== '/mix/paste'),
    count: (records, tag) => records.count('formula', (f) => f.name === `Spray ${tag}`),
    isOnce: true,
  },
  {
    name: 'a wait is begun',
    address: '/clean/timers',
    ready: (page) => byId(page, 'start-timer').waitFor(),
    what: (page) => byId(page, 'start-timer'),
    seen: (page) => page.waitForURL(/\/clean\/timer\?/),
    count: (records) => records.count('timer'),
    isOnce: true,
  },
  {
    name: 'a room is set up',
    address: '/rooms/new',
    ready: async (page, tag) => {
      await page.getByRole('radio', { name: 'Bathroom or shower room' }).click();
      await byId(page, 'room-name').fill(`Room ${tag}`);
    },
    what: (page) => byId(page, 'save-room'),
    seen: (page) => page.waitForURL(/\/rooms$|\/rooms\?/),
    count: (records, tag) => records.count('room', (r) => r.name === `Room ${tag}`),
    isOnce: true,
  },
  {
    name: 'an entry is written',
    address: '/log/new?surface=pipit-tile',
    ready: async (page, tag) => {
      await byId(page, 'bought-name').fill(`soap ${tag}`);
      await page.getByRole('radio', { name: 'Rinsed', exact: true }).click();
    },
    what: (page) => byId(page, 'save-entry'),
    seen: (page) => page.waitForURL((url) => url.pathname !== '/log/new'),
    count: (records, tag) => records.count('log', (e) => (e.used as { name: string }).name === `soap ${tag}`),
    isOnce: true,
  },
  {
    name: 'something is to be brought along',
    address: '/shelf/shopping',
    ready: async (page, tag) => {
      await byId(page, 'bring-along').fill(`sponge ${tag}`);
      await page.locator('[data-testid="bring-along-add"]:not([aria-disabled="true"])').waitFor();
    },
    what: (page) => byId(page, 'bring-along-add'),
    seen: (page, tag) => page.getByText(`sponge ${tag}`, { exact: true }).waitFor(),
    count: (records, tag) => records.count('wanted', (w) => w.name === `sponge ${tag}`),
    isOnce: true,
  },
  {
    name: 'a setting is changed',
    address: '/settings',
    ready: (page) => byId(page, 'currency').waitFor(),
    what: (page) => byId(page, 'currency'),
    types: signOf,
    seen: (page, tag) => expect(byId(page, 'currency')).toHaveValue(signOf(tag)),
    count: (records, tag) => records.count('settings', (s) => s.currency === signOf(tag)),
    isSeenFirst: true,
  },
  {
    name: 'a step is done',
    address: '/clean?surface=pipit-sink&soil=limescale',
    ready: async (page) => {
      await byId(page, 'start-way').click();
      await page.getByText(/^Step 1 of/).waitFor();
    },
    what: (page) => byId(page, 'step-next'),
    seen: (page) => page.getByText(/^Step 2 of/).waitFor(),
    count: (records) =>
      records
        .of('job')
        .reduce((steps, job) => steps + (job.parts as { at: number }[]).reduce((n, p) => n + p.at, 0), 0),
    keepsBefore: true,
    isSeenFirst: true,
  },
];

/** Its last press. */
export const press = (deed: Deed, page: Page, tag: string): Promise<void> =>
  deed.types ? deed.what(page).fill(deed.types(tag)) : deed.what(page).click();

/** Comes up to the last press from anywhere. */
export async function begin(deed: Deed, page: Page, tag: string): Promise<void> {
  await page.goto(deed.address);
  await deed.ready(page, tag);
}
