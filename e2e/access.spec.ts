import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { DEMO_URL, expect, test } from './page';

const AXE = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

const SCREENS: readonly (readonly [name: string, address: string, shows: string])[] = [
  ['Today', '/', 'On the shelf'],
  ['Mix', '/mix', 'To start from'],
  ['Paste', '/mix/paste', 'Try an example'],
  ['Bench', '/mix/pipit-porthole', 'How much of each'],
  ['Bench, cancelling', '/mix/pipit-cancel', 'Make it anyway'],
  ['Shelf', '/shelf', 'Porthole glass'],
  ['Label', '/shelf/pipit-b1', 'As it was made'],
  ['Rooms', '/rooms', 'Your own surfaces'],
  ['Log', '/log', 'What you cleaned'],
  ['Safety', '/safety', 'What may never meet'],
  ['Settings', '/settings', 'I measure with'],
];

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

for (const [name, address, shows] of SCREENS) {
  test(`${name}: axe finds nothing, targets are large, nothing scrolls sideways`, async ({ page }) => {
    for (const [width, height] of [
      [390, 844],
      [1280, 800],
    ] as const) {
      await page.setViewportSize({ width, height });
      await page.goto(DEMO_URL + address);
      await expect(page.getByText(shows).first()).toBeVisible();
      expect(await violations(page)).toEqual([]);
      expect(await smallTargets(page)).toEqual([]);
    }
    await page.setViewportSize({ width: 360, height: 740 });
    await page.goto(DEMO_URL + address);
    await expect(page.getByText(shows).first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
    expect(await stickingOut(page)).toEqual([]);
  });
}

test('a pasted danger and its doubts pass axe too', async ({ page }) => {
  await page.goto(`${DEMO_URL}/mix/paste`);
  await page
    .getByTestId('recipe-text')
    .fill('1 cup vinegar\n1 cup peroxide\na squirt of soap\n2 oz vodka\nqwer asdf\n1/2 cup (170 g) bicarb');
  await expect(page.getByTestId('verdict')).toContainText('Danger');
  expect(await violations(page)).toEqual([]);
  expect(await smallTargets(page)).toEqual([]);
  await page
    .getByRole('button', { name: /Change how "qwer asdf"|Change how "1 cup vinegar"/ })
    .first()
    .click();
  await expect(page.getByText('What is meant?')).toBeVisible();
  expect(await violations(page)).toEqual([]);
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
