import type { Browser, Page } from '@playwright/test';
import { bringIn, openEmpty, opened, settled, standsThere, watch } from './browser';
import { begin, DEEDS, press } from './deeds';
import { Count, type Tally } from './tally';

/** Two and three tabs on one home: what is done in one is not undone by another. */

const FORMULA = 'pipit-porthole';

export async function tabs(browser: Browser, baseURL: string, home: string, rounds: number): Promise<Tally> {
  const count = new Count('tabs');
  const context = await openEmpty(browser, baseURL);
  const open = async (): Promise<Page> => {
    const page = await context.newPage();
    watch(page, count);
    return page;
  };
  const [a, c] = [await open(), await open()];
  let b = await open();
  await a.goto('/settings');
  await bringIn(a, home);
  for (let round = 0; round < rounds; round++) await atOnce([a, b, c], round, count);
  for (let round = 0; round < rounds / 4; round++) {
    await sameField(a, b, round, count);
    if (rounds < 4) continue;
    await oneFormula(a, b, round, count);
    const text = await ownDrafts(a, b, round, count);
    await b.close();
    await takenUp(c, text, count);
    await c.getByTestId('start-anew').click();
    b = await open();
    await importTakenBack(a, b, home, count);
  }
  await context.close();
  return count.end();
}

const once = (n: number, what: string, count: Count): void => {
  if (n < 1) count.wrong('lost', what);
  if (n > 1) count.wrong('doubled', `${what}: ${n} of it`);
  count.tried();
};

/** Each tab does something at the same moment. */
async function atOnce(pages: readonly Page[], round: number, count: Count): Promise<void> {
  const deeds = pages.map((page, n) => ({ page, deed: DEEDS[(round + n) % DEEDS.length]!, tag: `t${round}${n}` }));
  await Promise.all(deeds.map(({ page, deed, tag }) => begin(deed, page, tag)));
  const before = await settled(pages[0]!, count);
  await Promise.all(deeds.map(({ page, deed, tag }) => press(deed, page, tag)));
  await Promise.all(deeds.map(({ page, deed, tag }) => deed.seen(page, tag)));
  const after = await settled(pages[0]!, count);
  for (const { deed, tag } of deeds)
    once(deed.count(after, tag) - deed.count(before, tag), `${deed.name}, in one of three tabs`, count);
}

const edit = async (page: Page): Promise<void> => {
  await page.goto(`/mix/edit?formula=${FORMULA}`);
  await page.getByTestId('formula-name').waitFor();
};
const keep = async (page: Page): Promise<void> => {
  await page.getByTestId('next-bottle').click();
};
const kept = (page: Page): Promise<void> => page.waitForURL((url) => url.pathname === `/mix/${FORMULA}`);

/** Two tabs change different things of one formula: both are kept, without a question. */
async function oneFormula(a: Page, b: Page, round: number, count: Count): Promise<void> {
  await edit(a);
  await edit(b);
  const name = `Porthole ${round}`;
  const parts = `${3 + (round % 5)} parts`;
  await a.getByTestId('formula-name').fill(name);
  await keep(a);
  await kept(a);
  await b.getByTestId('amount-1').fill(parts);
  await b.getByTestId('amount-1').blur();
  await keep(b);
  await kept(b);
  const [formula] = (await settled(a, count)).of('formula').filter((f) => f.id === FORMULA);
  const lines = JSON.stringify((formula?.lines as { amount: unknown }[] | undefined)?.[0]?.amount);
  if (formula?.name !== name) count.wrong('lost', `the name given in the first tab: ${String(formula?.name)}`);
  if (!lines.includes(`"low":${Number.parseInt(parts, 10)}`)) count.wrong('lost', `the amount of the second: ${lines}`);
  count.tried();
}

/** Two tabs change the same: the second asks, and the one that is not chosen stays among the earlier forms. */
async function sameField(a: Page, b: Page, round: number, count: Count): Promise<void> {
  await edit(a);
  await edit(b);
  const [here, there] = [`Here ${round}`, `There ${round}`];
  await a.getByTestId('formula-name').fill(there);
  await keep(a);
  await kept(a);
  await b.getByTestId('formula-name').fill(here);
  await keep(b);
  const mine = round % 2 === 0;
  const question = b.getByTestId(mine ? 'keep-mine' : 'keep-theirs');
  await question.waitFor();
  await question.click();
  await kept(b);
  const records = await settled(b, count);
  const [name, other] = mine ? [here, there] : [there, here];
  once(
    records.count('formula', (f) => f.name === name),
    `the name that was chosen, ${name}`,
    count,
  );
  once(
    records.count('earlier', (e) => (e.formula as { name: string }).name === other),
    `the name that was not, ${other}`,
    count,
  );
}

/** Two tabs write on recipes: each has its own after a reload. Gives what is unfinished in the second. */
async function ownDrafts(a: Page, b: Page, round: number, count: Count): Promise<string> {
  const texts = [a, b].map((page, i) => ({ page, text: `${i + 2} cups water\n${round + 1} cups white vinegar` }));
  for (const { page } of texts) await page.goto('/mix/paste');
  for (const { page, text } of texts) await page.getByTestId('recipe-text').fill(text);
  for (const { page, text } of texts) {
    await page.reload();
    await standsThere(page, text, count);
    count.tried();
  }
  await a.getByTestId('recipe-text').fill('');
  await a.goto('/shelf');
  return texts[1]!.text;
}

/** What a closed tab left unfinished is offered to the next. */
async function takenUp(page: Page, text: string, count: Count): Promise<void> {
  await page.goto('/mix/paste');
  await page
    .getByTestId('taken-up')
    .waitFor()
    .catch(() => count.wrong('lost', 'what a closed tab wrote'));
  await standsThere(page, text, count);
  count.tried();
}

/** A file in place of everything, taken back: what another tab made meanwhile stays. */
async function importTakenBack(a: Page, b: Page, home: string, count: Count): Promise<void> {
  const before = await opened(b, count);
  await a.goto('/settings');
  await bringIn(a, home);
  const bottle = DEEDS[0]!;
  await begin(bottle, b, '');
  await press(bottle, b, '');
  await bottle.seen(b, '');
  await a.getByRole('button', { name: 'Undo', exact: true }).click();
  await a.getByText(/^Taken back\. .* since stays?\./).waitFor();
  const after = await settled(a, count);
  once(after.count('batch') - before.count('batch'), 'a bottle made after an import that was taken back', count);
  for (const name of ['formula', 'room', 'log', 'earlier'])
    if (after.count(name) !== before.count(name)) count.wrong('lost', `${name} after an import was taken back`);
}
