import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { DEMO_URL, errorsOf, expect, onTo, test } from './page';
import { SCREENS } from './screens';

const AXE = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string; readonly failureSummary: string }[];
}

/** axe-core's rules of WCAG 2.2 A and AA. It is put in by the driver, past the page's own policy. */
async function violations(page: Page): Promise<string[]> {
  await page.evaluate(AXE);
  const found = await page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: { run: (c: Document, o: object) => Promise<{ violations: Violation[] }> };
    };
    return (await axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] })).violations;
  });
  return found.map((v) => `${v.id}: ${v.nodes.map((n) => n.html).join(' | ')}`);
}

/** Everything to be touched that is smaller than 48 px one way or the other. */
const smallTargets = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    Array.from(
      document.querySelectorAll<HTMLElement>(
        '[role=button],[role=link],[role=radio],[role=checkbox],button,a,input,textarea',
      ),
    )
      .filter((e) => e.offsetParent !== null && e.getAttribute('aria-hidden') !== 'true')
      .map((e) => ({ e, box: e.getBoundingClientRect() }))
      .filter(({ box }) => box.width < 47.5 || box.height < 47.5)
      .map(
        ({ e, box }) =>
          `${e.getAttribute('aria-label') ?? e.textContent} ${Math.round(box.width)}×${Math.round(box.height)}`,
      ),
  );

/** Words that stick out over the right edge of the screen. */
const stickingOut = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    Array.from(document.querySelectorAll('#root *'))
      .filter((e) => e.getBoundingClientRect().right > window.innerWidth + 1)
      .map((e) => (e.textContent || e.tagName).slice(0, 60)),
  );

// They look and touch nothing: one browser page goes from screen to screen, as a person does.
test.describe('every screen', () => {
  let page: Page;
  let wrong: readonly string[];
  test.beforeAll(async ({ browser, contextOptions }) => {
    page = await (await browser.newContext(contextOptions)).newPage();
    wrong = errorsOf(page);
  });
  test.afterAll(() => page.context().close());

  for (const { name, address, shows, after } of SCREENS) {
    test(`${name}: axe finds nothing, targets are large, nothing scrolls sideways`, async () => {
      const looked = async (width: number, height: number): Promise<void> => {
        await page.setViewportSize({ width, height });
        await expect(page.getByRole('navigation').first()).toHaveCSS('flex-direction', width < 900 ? 'row' : 'column');
        await expect(page.getByText(shows).first()).toBeVisible();
      };
      // One load, three widths: the screen follows its window.
      await page.setViewportSize({ width: 360, height: 740 });
      await page.goto(DEMO_URL + (after?.address ?? address));
      if (after) await page.getByTestId(after.press).click();
      await looked(360, 740);
      await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
      await expect.poll(() => stickingOut(page)).toEqual([]);
      for (const [width, height] of [
        [390, 844],
        [1280, 800],
      ] as const) {
        await looked(width, height);
        expect(await violations(page)).toEqual([]);
        expect(await smallTargets(page)).toEqual([]);
      }
      expect(wrong).toEqual([]);
    });
  }
});

test('a pasted danger and its doubts pass axe too', async ({ page }) => {
  await page.goto(`${DEMO_URL}/mix/paste`);
  await page
    .getByTestId('recipe-text')
    .fill('1 cup vinegar\n1 cup peroxide\na squirt of soap\n2 oz vodka\nqwer asdf\n1/2 cup (170 g) bicarb');
  await expect(page.getByTestId('verdict')).toContainText('Danger');
  await expect(page.getByTestId('doubtful-line').first()).toBeVisible();
  expect(await violations(page)).toEqual([]);
  expect(await smallTargets(page)).toEqual([]);
  await page
    .getByRole('button', { name: /It is an ingredient: "qwer asdf"/ })
    .first()
    .click();
  await expect(page.getByText('What is meant?')).toBeVisible();
  expect(await violations(page)).toEqual([]);
});

test('what opens on the bench, and every step of mixing, pass axe with large targets', async ({ page }) => {
  const sound = async (): Promise<void> => {
    expect(await violations(page)).toEqual([]);
    expect(await smallTargets(page)).toEqual([]);
  };
  await page.goto(`${DEMO_URL}/mix/edit?formula=pipit-porthole`);
  await page.getByRole('button', { name: /^rubbing alcohol/ }).click();
  await sound();
  await page.getByRole('button', { name: 'What if there were more or less?' }).click();
  await expect(page.getByTestId('what-if-chart')).toBeVisible();
  await sound();
  await page.goto(`${DEMO_URL}/mix/pipit-shower`);
  await page.getByTestId('another-amount').click();
  await page.getByRole('radio', { name: 'Deep enough to soak' }).click();
  await sound();
  await page.getByRole('radio', { name: 'Fill the bottle' }).click();
  await page.getByTestId('see-label').click();
  await expect(page.getByTestId('label-preview')).toBeVisible();
  await sound();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByTestId('share').click();
  await expect(page.getByTestId('card-text')).toBeVisible();
  await sound();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByTestId('another-bottle').click();
  await page.getByTestId('own-bottle').click();
  await page.getByRole('radio', { name: 'By pouring' }).click();
  await sound();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByTestId('mix-it').click();
  await expect(page.getByTestId('labelled')).toBeVisible();
  await sound();
  await page.getByTestId('labelled').click();
  await page.getByTestId('by-weight').click();
  await page.getByTestId('scale-simulated').click();
  await expect(page.getByTestId('scale-grams')).toHaveText('0 g');
  await sound();
  await page.getByRole('button', { name: 'Not by weight' }).click();
  await page.getByTestId('other-amount').click();
  await page.getByTestId('really').fill('400');
  await page.getByTestId('poured-other').click();
  await expect(page.getByTestId('keep-so')).toBeVisible();
  await sound();
});

test('on a wide screen each place opens with its first thing beside the list', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(DEMO_URL);
  const places = page.getByRole('navigation', { name: 'Places' });
  for (const [place, address, heading] of [
    ['Mix', '/mix/paste', 'Paste a recipe'],
    // What is past its day; what is due; what was written last.
    ['Shelf', '/shelf/pipit-b2', 'The label'],
    ['Rooms', '/rooms/pipit-stove', 'Stove glass'],
    ['Log', '/log/pipit-log-bought', 'Sealant'],
  ] as const) {
    await places.getByRole('link', { name: place, exact: true }).click();
    await expect(page).toHaveURL(DEMO_URL + address);
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
  }
  // The step between is not one to go back to.
  await page.goBack();
  await expect(page).toHaveURL(`${DEMO_URL}/rooms/pipit-stove`);
});

test('on a wide screen the keyboard alone makes a bottle', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/mix');
  await expect(page.getByText('To start from')).toBeVisible();
  const starter = page.getByRole('link', { name: /^Everyday vinegar/ });
  for (let i = 0; i < 30 && !(await starter.evaluate((e) => e === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await expect(starter).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('bottle')).toBeVisible();
  const make = page.getByTestId('make-it');
  for (
    let i = 0;
    i < 80 && !(await make.evaluate((e) => e === document.activeElement || e.contains(document.activeElement)));
    i++
  )
    await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByText('As it was made')).toBeVisible();
});

test('the guide: axe finds nothing and targets are large at every kind of step', async ({ page }) => {
  await page.goto(`${DEMO_URL}/clean?surface=pipit-tile&soil=limescale`);
  await page.getByTestId('start-way').click();
  const look = async (heading: string): Promise<void> => {
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
    expect(await violations(page)).toEqual([]);
    expect(await smallTargets(page)).toEqual([]);
    expect(await stickingOut(page)).toEqual([]);
  };
  await look('Get ready');
  await page.getByTestId('skip-ahead').click();
  await look('Put it on');
  await page.getByTestId('step-next').click();
  await look('Let it work');
  await page.getByTestId('take-off').click();
  expect(await violations(page)).toEqual([]);
  await page.getByRole('radio', { name: 'It looks done already' }).click();
  await expect(page.getByRole('heading', { name: 'Work it', exact: true })).toBeVisible();
  for (const heading of ['Rinse', 'Dry', 'Look']) await onTo(page, heading);
  await look('Look');
});
