import type { Locator, Page } from '@playwright/test';
import { expect, HOUR, onTo, stepNumber, stepOn, test } from './page';

/** Jobs from Today to the log, as a person walks them; what is done is common practice, no source. */

/** Counts what a thumb does. */
interface Thumb {
  readonly tap: (what: Locator) => Promise<void>;
  readonly taps: () => number;
}

function thumb(): Thumb {
  let taps = 0;
  return {
    tap: async (what) => {
      taps++;
      await what.click();
    },
    taps: () => taps,
  };
}

const heading = async (page: Page): Promise<string> =>
  (await page.getByRole('heading', { level: 1 }).last().textContent()) ?? '';

/** From Today to the first step of the first way, for something that is not of the home. */
async function begin(page: Page, { tap }: Thumb, surface: string, exact: string, soil: string): Promise<void> {
  await page.goto('/');
  await tap(page.getByTestId('start-cleaning'));
  await tap(page.getByTestId('other-surface'));
  await page.getByRole('textbox').last().fill(surface);
  await tap(page.getByRole('radio', { name: exact, exact: true }));
  await tap(page.getByRole('radio', { name: soil, exact: true }));
  await tap(page.getByTestId('start-way'));
  await expect(stepNumber(page)).toBeVisible();
}

/** On to the last step; gives back what every step was called. */
async function toLook(page: Page, by: Thumb, reloadAt = ''): Promise<string[]> {
  const walked: string[] = [];
  for (let at = await heading(page); at !== 'Look'; at = await heading(page)) {
    walked.push(at);
    if (at === reloadAt) {
      const before = (await stepNumber(page).textContent()) ?? '';
      await page.reload();
      await expect(stepNumber(page)).toHaveText(before);
    }
    await stepOn(page, by.tap);
  }
  return walked;
}

async function writeDown(page: Page, { tap }: Thumb, says: RegExp): Promise<void> {
  await tap(page.getByTestId('log-done'));
  await expect(page).toHaveURL(/\/log\/[0-9a-f-]{36}$/);
  await expect(page.getByText(says).first()).toBeVisible();
}

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-25T10:00:00Z') });
});

interface Walk {
  readonly typed: string;
  readonly surface: string;
  readonly soil: string;
  readonly steps: readonly string[];
  readonly used: RegExp;
  readonly taps: number;
}

const WALKS: readonly Walk[] = [
  {
    typed: 'kettle',
    surface: 'Kettle, inside',
    soil: 'Limescale and water spots',
    steps: ['Get ready', 'Make it', 'Fill it', 'Let it work', 'Rinse'],
    used: /Kettle descaler/,
    taps: 11,
  },
  {
    typed: 'shower head',
    surface: 'Shower head or aerator',
    soil: 'Limescale and water spots',
    steps: ['Get ready', 'What comes first', 'Make it', 'Put it on', 'Let it work', 'Work it', 'Rinse', 'Dry'],
    used: /Neat vinegar bag/,
    taps: 14,
  },
  {
    typed: 'bathroom fan',
    surface: 'Sockets, fans, ducts and lamps',
    soil: 'Dust and hair',
    steps: ['Get ready', 'Do it'],
    used: /Dry, with the power off/,
    taps: 8,
  },
  {
    typed: 'wool rug',
    surface: 'Wool or silk',
    soil: 'Tea, wine or plant colour',
    steps: ['Get ready', 'What comes first', 'Make it', 'Spot test', 'Blot it', 'Let it work', 'Rinse', 'Dry'],
    used: /Wine on wool/,
    taps: 14,
  },
  {
    typed: 'mirror',
    surface: 'Mirror',
    soil: 'Fingerprints and film on glass',
    steps: ['Get ready', 'What comes first', 'Make it', 'Put it on', 'Dry'],
    used: /Clear glass/,
    taps: 11,
  },
  {
    typed: 'paving',
    surface: 'Paving of limestone or concrete',
    soil: 'Moss and algae outdoors',
    steps: ['Do it'],
    used: /Brush and scrape/,
    taps: 7,
  },
  {
    typed: 'silver spoon',
    surface: 'Silver and plate',
    soil: 'Tarnish on silver',
    steps: ['Get ready', 'What comes first', 'Make it', 'Lay it in', 'Let it work', 'Rinse', 'Dry'],
    used: /Silver bath/,
    taps: 13,
  },
];

for (const { typed, surface, soil, steps, used, taps } of WALKS) {
  test(`${typed}: from Today to the log, in ${taps} taps`, async ({ page }) => {
    const by = thumb();
    await begin(page, by, typed, surface, soil);
    expect(await toLook(page, by, steps.at(-1))).toEqual(steps);
    await writeDown(page, by, used);
    expect(by.taps()).toBe(taps);
  });
}

test('a ring in the toilet: made on the bench in its amount, back by itself, overnight, a reload in its middle, once more', async ({
  page,
}) => {
  test.slow();
  const by = thumb();
  await begin(page, by, 'toilet', 'Toilet bowl', 'Hard-water ring in a bowl');
  await onTo(page, 'What comes first');
  await onTo(page, 'Make it');
  const mixIt = async (): Promise<void> => {
    await page.getByTestId('step-next').click();
    await expect(page.getByText('1 L, and no more.')).toBeVisible();
    await expect(page.getByTestId('bottle-size')).toHaveValue('2000');
    await page.getByTestId('mix-it').click();
    await page.getByTestId('labelled').click();
    while (!(await page.getByTestId('use-now').isVisible())) {
      const at = await page.getByTestId('step').textContent();
      await page.getByTestId('poured').click();
      await expect(page.getByTestId('step')).not.toHaveText(at ?? '');
    }
    await page.getByTestId('use-now').click();
    // The guide goes on by itself, one step further.
    await expect(page.getByRole('heading', { name: 'Fill it', exact: true })).toBeVisible();
  };
  await mixIt();
  await page.getByRole('radio', { name: '12 h' }).click();
  await page.getByTestId('step-next').click();
  await expect(page.getByText('Leave it 12 hours.')).toBeVisible();
  await page.clock.fastForward(5 * HOUR);
  await page.reload();
  await expect(page.getByTestId('timer-face')).toBeVisible();
  await page.clock.fastForward(8 * HOUR);
  await page.getByTestId('take-off').click();
  for (const at of ['Work it', 'Rinse']) {
    await expect(page.getByRole('heading', { name: at, exact: true })).toBeVisible();
    await page.getByTestId('step-next').click();
  }
  await expect(page.getByText('Smooth under the brush, at the water line?')).toBeVisible();
  await page.getByTestId('log-repeat').click();
  // What was used up is made anew.
  await expect(page.getByRole('heading', { name: 'Make it', exact: true })).toBeVisible();
  await mixIt();
  await toLook(page, by);
  await writeDown(page, by, /Bowl soak/);
  await page.goto('/log');
  await expect(page.getByTestId('log-count')).toHaveText('2 entries');
});

test('paving: once more, then one step further, which is chosen; each stands in the log', async ({ page }) => {
  const by = thumb();
  await begin(page, by, 'paving', 'Paving of limestone or concrete', 'Moss and algae outdoors');
  await toLook(page, by);
  await page.getByTestId('log-repeat').click();
  await expect(page.getByRole('heading', { name: 'Do it', exact: true })).toBeVisible();
  await toLook(page, by);
  await page.getByTestId('log-step-up').click();
  await expect(page.getByTestId('start-way')).toHaveText('Start: Hot water');
  await page.getByTestId('start-way').click();
  await expect(stepNumber(page)).toBeVisible();
  await toLook(page, by);
  await writeDown(page, by, /Hot water/);
  await page.goto('/log');
  await expect(page.getByTestId('log-count')).toHaveText('3 entries');
});

async function room(page: Page, kind: string, name: string, more: readonly string[] = []): Promise<void> {
  await page.goto('/rooms/new');
  await page.getByRole('radio', { name: kind }).click();
  for (const surface of more) await page.getByRole('checkbox', { name: surface, exact: true }).click();
  await page.getByTestId('room-name').fill(name);
  await page.getByTestId('save-room').click();
  await expect(page.getByText(`${name} is set up.`)).toBeVisible();
}

/** On to the last step of the part that is shown, and writes it down; another part is then shown. */
async function finishPart(page: Page, by: Thumb): Promise<void> {
  await toLook(page, by);
  await page.getByTestId('log-done').click();
  await expect(page.getByRole('heading', { name: 'Look', exact: true })).toHaveCount(0);
}

test('an oven overnight with its racks: both wait at once, the shine comes after the paste', async ({ page }) => {
  test.slow();
  const by = thumb();
  await room(page, 'Kitchen or galley', 'Galley');
  await page.goto('/');
  await by.tap(page.getByTestId('start-cleaning'));
  await by.tap(page.getByText('Oven, full, Galley'));
  await by.tap(page.getByRole('radio', { name: 'Overnight' }));
  await expect(page.getByTestId('planned-part').nth(1)).toContainText('overnight, 12 h on');
  await by.tap(page.getByTestId('start-plan'));
  await expect(page.getByText(/Oven racks, Galley · Rack soak/)).toBeVisible();
  while (!(await page.getByTestId('timer-face').isVisible())) {
    if (await page.getByRole('heading', { name: 'Lay it in', exact: true }).isVisible()) {
      await by.tap(page.getByTestId('step-next'));
      await expect(page.getByTestId('timer-face')).toBeVisible();
    } else await stepOn(page, by.tap);
  }
  await by.tap(page.getByTestId('meanwhile'));
  await expect(page.getByText(/^Oven, Galley · /)).toBeVisible();
  // What wants hands is what is shown after a reload, too.
  await page.reload();
  await expect(page.getByText(/^Oven, Galley · /)).toBeVisible();
  while (!(await page.getByRole('heading', { name: 'Put it on', exact: true }).isVisible())) await stepOn(page, by.tap);
  await by.tap(page.getByTestId('step-next'));
  await expect(page.getByText('Leave it 12 hours, cold: it may dry.')).toBeVisible();
  await page.clock.fastForward(13 * HOUR);
  await finishPart(page, by);
  await finishPart(page, by);
  // The shine waited for the oven.
  await expect(page.getByText(/^Oven, Galley · /)).toBeVisible();
  await toLook(page, by);
  await by.tap(page.getByTestId('log-done'));
  await expect(page).toHaveURL(/\/log\/[0-9a-f-]{36}$/);
  await page.goto('/log');
  await expect(page.getByTestId('log-count')).toHaveText('3 entries');
});

test('grout in one room, continued in the next a day later', async ({ page }) => {
  test.slow();
  const by = thumb();
  await room(page, 'Bathroom or shower room', 'Upstairs');
  await room(page, 'Bathroom or shower room', 'Guest bath');
  await page.goto('/clean');
  await page.getByText('Grout, room by room').click();
  await page.getByTestId('start-plan').click();
  await expect(page.getByText(/^Grout, Guest bath · /)).toBeVisible();
  await finishPart(page, by);
  await expect(page.getByText(/^Grout, Upstairs · /)).toBeVisible();
  await page.clock.fastForward(24 * HOUR);
  await page.goto('/');
  await page.getByText('Go on: Grout, room by room').click();
  await expect(page.getByText(/^Grout, Upstairs · /)).toBeVisible();
  await toLook(page, by);
  await writeDown(page, by, /Upstairs/);
  await page.goto('/log');
  await expect(page.getByTestId('log-count')).toHaveText('2 entries');
});
