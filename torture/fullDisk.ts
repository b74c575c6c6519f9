import { bringIn, openProfile, opened, profileFolder, settled, standsThere, watch } from './browser';
import { begin, DEEDS, press } from './deeds';
import { Count, type Tally } from './tally';

/** A disk that is full: what cannot be kept is said, stays where it is, and is kept once there is room. */

/** Less than anything that is written needs, bytes. */
const NO_ROOM = 1000;

/** @param most so many deeds, and so many drafts */
export async function fullDisk(baseURL: string, home: string, most: number): Promise<Tally> {
  const count = new Count('full disk');
  const folder = profileFolder();
  const before = await openProfile(folder, baseURL);
  const first = before.pages()[0]!;
  await first.goto('/settings');
  await bringIn(first, home);
  await before.close();
  for (const deed of DEEDS.filter((d) => !d.keepsBefore).slice(-most)) {
    const tag = 'full';
    // A browser asks how much room there is when it opens a database, and remembers it for a while.
    const context = await openProfile(folder, baseURL);
    const page = context.pages()[0]!;
    watch(page, count);
    const session = await context.newCDPSession(page);
    await session.send('Storage.overrideQuotaForOrigin', { origin: baseURL, quotaSize: NO_ROOM });
    const was = deed.count(await opened(page, count), tag);
    await begin(deed, page, tag);
    await press(deed, page, tag);
    const said = page.getByText(/Not .*This device is full\. /);
    await said.waitFor().catch(() => count.wrong('broken', `${deed.name}: it is not said`));
    if (deed.count(await settled(page, count), tag) !== was) count.wrong('broken', `${deed.name}: half of it is there`);
    await session.send('Storage.overrideQuotaForOrigin', { origin: baseURL });
    await page.getByTestId('try-again').click();
    await said.waitFor({ state: 'hidden' });
    await page.reload();
    const now = deed.count(await opened(page, count), tag) - was;
    if (now < 1) count.wrong('lost', `${deed.name}: not there after trying again`);
    if (now > 1) count.wrong('doubled', `${deed.name}: ${now} of it`);
    count.tried();
    await context.close();
  }
  await drafts(folder, baseURL, most, count);
  return count.end();
}

/** What is typed while the disk is full is there after a reload. */
async function drafts(folder: string, baseURL: string, most: number, count: Count): Promise<void> {
  const context = await openProfile(folder, baseURL);
  const page = context.pages()[0]!;
  watch(page, count);
  const session = await context.newCDPSession(page);
  await session.send('Storage.overrideQuotaForOrigin', { origin: baseURL, quotaSize: NO_ROOM });
  for (let n = 1; n <= most; n++) {
    const text = `${n} cups water\n1 cup white vinegar`;
    await page.goto('/mix/paste');
    await page.getByTestId('recipe-text').fill(text);
    await page.reload();
    await standsThere(page, text, count);
    count.tried();
  }
  await context.close();
}
