import type { BrowserContext, Page } from '@playwright/test';
import { bringIn, openProfile, profileFolder, settled, watch, type Records } from './browser';
import { DEEDS, press, type Deed } from './deeds';
import { Count, type Tally } from './tally';

/** A deed, and a browser or a tab that is killed at a random moment around its last press. */

/** Up to so long after a press, or after what came of it was seen, ms. */
const WITHIN_MS = 400;
/**
 * A browser puts what a page has noted on the disk a moment later, from a process of its own. If all of it is killed
 * sooner than this after a thing was seen that is seen before it is written, either is right, ms.
 */
const BROWSER_NOTES_MS = 250;

const after = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** SIGKILL for the browser and all that belongs to it. */
async function killBrowser(context: BrowserContext): Promise<void> {
  const browser = context.browser();
  const session = browser ? await browser.newBrowserCDPSession() : await context.newCDPSession(context.pages()[0]!);
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  const gone = new Promise((resolve) => context.once('close', resolve));
  for (const { id } of processInfo) if (id > 0) kill(id);
  await gone;
}

function kill(pid: number): void {
  try {
    process.kill(pid, 'SIGKILL');
  } catch {
    // Gone already.
  }
}

/** The renderer of the page alone dies, as a tab that crashes. */
async function killTab(context: BrowserContext, page: Page): Promise<void> {
  const session = await context.newCDPSession(page);
  const crashed = new Promise((resolve) => page.once('crash', resolve));
  session.send('Page.crash').catch(() => undefined);
  await crashed;
  await page.close();
}

interface Sides {
  readonly deed: Deed;
  readonly tag: string;
  readonly before: number;
  /** How long before the kill it was seen, ms; null if it was not. */
  readonly seenFor: number | null;
}

/** What must be there after the kill: once if it was seen, once or not at all if not. */
function judge({ deed, tag, before, seenFor }: Sides, records: Records, count: Count, mayBeLate: boolean): void {
  const now = deed.count(records, tag) - before;
  const isSure = seenFor !== null && !(mayBeLate && deed.isSeenFirst && seenFor < BROWSER_NOTES_MS);
  if (now > 1) count.wrong('doubled', `${deed.name}: ${now} of it`);
  if (now < 0 || (now === 0 && isSure)) count.wrong('lost', `${deed.name}, seen ${seenFor} ms before`);
}

/** Everything that was there stays there. */
function compare(earlier: ReadonlyMap<string, number>, records: Records, count: Count): void {
  for (const [collection, n] of earlier)
    if (records.count(collection) < n) count.wrong('lost', `${n - records.count(collection)} of ${collection}`);
}

const COLLECTIONS = ['formula', 'batch', 'vessel', 'room', 'surface', 'timer', 'job', 'log', 'pantry', 'settings'];
const sizes = (records: Records): ReadonlyMap<string, number> => new Map(COLLECTIONS.map((c) => [c, records.count(c)]));

/** So many kills in a browser of its own, one after the other. */
export async function kills(
  times: number,
  baseURL: string,
  home: string,
  whose: string,
  random: () => number,
): Promise<Tally> {
  const count = new Count(`kills ${whose}`);
  const folder = profileFolder();
  let context = await openProfile(folder, baseURL);
  let page = context.pages()[0]!;
  watch(page, count);
  await page.goto('/settings');
  await bringIn(page, home);
  let records = await settled(page, count);
  await page.goto(DEEDS[0]!.address);
  for (let i = 0; i < times; i++) {
    const deed = DEEDS[i % DEEDS.length]!;
    const tag = `${whose}${i.toString(36)}`;
    await deed.ready(page, tag);
    records = await settled(page, count);
    const sides = { deed, tag, before: deed.count(records, tag) };
    const earlier = sizes(records);
    const wholeBrowser = i % 2 === 0;
    const patience = random() * WITHIN_MS;
    let seenAt: number | null = null;
    const pressed = press(deed, page, tag)
      .then(() => deed.seen(page, tag))
      .then(() => (seenAt = Date.now()));
    pressed.catch(() => undefined);
    // Half of the kills come around the press, half after what came of it was seen.
    if (random() < 0.5) await after(patience);
    else await pressed.then(() => after(patience));
    const seenFor = seenAt === null ? null : Date.now() - seenAt;
    if (wholeBrowser) {
      await killBrowser(context);
      context = await openProfile(folder, baseURL);
      page = context.pages()[0]!;
    } else {
      await killTab(context, page);
      page = await context.newPage();
    }
    watch(page, count);
    // What was noted before is carried out, wherever the app is opened.
    await page.goto(DEEDS[(i + 1) % DEEDS.length]!.address);
    records = await settled(page, count);
    judge({ ...sides, seenFor }, records, count, wholeBrowser);
    compare(earlier, records, count);
    count.tried();
  }
  await context.close();
  return count.end();
}
