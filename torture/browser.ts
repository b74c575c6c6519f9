import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, type Browser, type BrowserContext, type Page } from '@playwright/test';
import config from '../playwright.config';
import type { Count } from './tally';

const SLOW_MS = 30_000;

/** A folder for what a browser keeps, gone with the process. */
export function profileFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'torture-'));
  process.on('exit', () => rmSync(folder, { recursive: true, force: true }));
  return folder;
}

/** A browser on a folder, as a person has one; what is kept there outlives it. */
export async function openProfile(folder: string, baseURL: string): Promise<BrowserContext> {
  const context = await chromium.launchPersistentContext(folder, {
    ...config.use?.launchOptions,
    baseURL,
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  context.setDefaultTimeout(SLOW_MS);
  await sabotage(context);
  return context;
}

export const launch = (): Promise<Browser> => chromium.launch(config.use?.launchOptions);

/** A context of its own, with nothing in it. */
export async function openEmpty(browser: Browser, baseURL: string): Promise<BrowserContext> {
  const context = await browser.newContext({
    baseURL,
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  context.setDefaultTimeout(SLOW_MS);
  await sabotage(context);
  return context;
}

/** A page in which what is put into the browser's database goes through this first: `value` and `key` as it has them. */
const putThrough = (script: string): string => `{
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = function (value, key) {
    const name = String(key);
    ${script}
    return put.call(this, value, key);
  };
}`;

/** What is broken on purpose, to see the checks fail: by its name, in the environment. */
const SABOTAGE: Readonly<Record<string, string>> = {
  /** Half of what is written is forgotten, as if it were done. */
  lose: putThrough(
    "if (/[/](batch|formula|settings|timer|room|job|log)[/](?!pipit)/.test(name) && Math.random() < 0.5) key = 'dropped';",
  ),
  /** Records are cut in half now and then. */
  spoil: putThrough(
    `if (String(value).startsWith('{"id"') && Math.random() < 0.3) value = value.slice(0, value.length / 2);`,
  ),
  /** What is put is put a second time under another name. */
  double: putThrough(`
    const id = /"id":"([^"]+)"/.exec(String(value))?.[1] ?? '';
    if (/[/](batch|formula|timer|room)[/](?!pipit)/.test(name)) put.call(this, value.replaceAll(id, id + '-2'), key + '-2');`),
};

async function sabotage(context: BrowserContext): Promise<void> {
  const content = SABOTAGE[String(process.env.SABOTAGE)];
  if (content !== undefined) await context.addInitScript({ content });
}

/** Everything a home has on the disk, read past the app: texts by their keys. */
async function diskOf(page: Page): Promise<Readonly<Record<string, string>>> {
  return page.evaluate(async () => {
    const open = indexedDB.open('biscuit');
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(new Error('cannot open'));
    });
    const table = db.transaction('entries').objectStore('entries');
    const [keys, values] = [table.getAllKeys(), table.getAll()];
    await new Promise((resolve) => (values.onsuccess = resolve));
    db.close();
    return Object.fromEntries(keys.result.map((key, i) => [key as string, String(values.result[i])]));
  });
}

/** The records on the disk: what cannot be read is named. */
export class Records {
  readonly unreadable: string[] = [];
  private readonly all: readonly { readonly collection: string; readonly value: Record<string, unknown> }[];

  constructor(private readonly disk: Readonly<Record<string, string>>) {
    const { generation } = JSON.parse(disk.head ?? '{"generation":0}') as { generation: number };
    this.all = Object.entries(disk).flatMap(([key, raw]) => {
      const [of, collection = ''] = key.split('/');
      if (of !== String(generation)) return [];
      try {
        const value = JSON.parse(raw) as Record<string, unknown>;
        return (Array.isArray(value) ? (value as Record<string, unknown>[]) : [value]).map((v) => ({
          collection,
          value: v,
        }));
      } catch {
        this.unreadable.push(key);
        return [];
      }
    });
  }

  /** How many of a collection are so. */
  count(collection: string, isSo: (value: Record<string, unknown>) => boolean = () => true): number {
    return this.of(collection).filter(isSo).length;
  }

  of(collection: string): readonly Record<string, unknown>[] {
    return this.all.filter((r) => r.collection === collection).map((r) => r.value);
  }

  /** Unfinished work of any tab under a name. */
  drafts(name: string): readonly unknown[] {
    return Object.entries(this.disk).flatMap(([key, raw]) =>
      key.startsWith('draft/') && key.endsWith(`/${name}`) ? [(JSON.parse(raw) as { value: unknown }).value] : [],
    );
  }
}

/** Opens the app and waits until all that was noted before is carried out; reads what is there then. */
export async function opened(page: Page, count: Count): Promise<Records> {
  await page.goto('/shelf');
  await page.getByRole('heading', { name: 'Shelf', exact: true }).waitFor();
  return settled(page, count);
}

/** Waits until nothing is being written any more; reads what is there then, and counts what is broken. */
export async function settled(page: Page, count: Count): Promise<Records> {
  await page.waitForFunction(() => Object.keys(localStorage).every((key) => !key.startsWith('biscuit-journal/')));
  const records = new Records(await diskOf(page));
  for (const key of records.unreadable) count.wrong('broken', `${key} cannot be read`);
  for (const words of await page.getByRole('alert').allInnerTexts())
    if (/could not be read|cannot be opened|has cleared|has closed/.test(words)) count.wrong('broken', words);
  return records;
}

/** What fails on a page is broken; a full disk that is said is not. */
export function watch(page: Page, count: Count): void {
  page.on('pageerror', (error) => count.wrong('broken', `on the page: ${error.message}`));
}

/** What was typed into the field for recipes stands there again, as soon as it has been read. */
export async function standsThere(page: Page, text: string, count: Count): Promise<void> {
  const field = page.getByTestId('recipe-text');
  await expect(field)
    .toHaveValue(text, { timeout: SLOW_MS })
    .catch(async () => count.wrong('lost', `${JSON.stringify(text)} is ${JSON.stringify(await field.inputValue())}`));
}

/** Brings a home's file in, in place of everything. */
export async function bringIn(page: Page, text: string): Promise<void> {
  await pick(page, text);
  await page.getByTestId('confirm-replace').click();
  await page.getByText(/^Imported: /).waitFor();
}

/** Picks a file in Settings. */
export async function pick(page: Page, text: string): Promise<void> {
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), page.getByTestId('import').click()]);
  await chooser.setFiles({ name: 'home.json', mimeType: 'application/json', buffer: Buffer.from(text) });
}
