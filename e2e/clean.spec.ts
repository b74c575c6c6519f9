import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { chooseFile, DEMO_URL, expect, onTo, test } from './page';

/** Sets up a bathroom with its usual surfaces. */
async function bathroom(page: Page): Promise<void> {
  await page.goto('/rooms');
  await page.getByTestId('set-up-room').click();
  await page.getByRole('radio', { name: 'Bathroom or shower room' }).click();
  await page.getByTestId('save-room').click();
  await expect(page.getByText('Bathroom is set up.')).toBeVisible();
}

/** From Today to the step at which it is put on. */
async function toApply(page: Page, surface: string, soil: string): Promise<void> {
  await page.goto('/');
  await page.getByTestId('start-cleaning').click();
  await page.getByRole('radio', { name: surface, exact: true }).click();
  await page.getByRole('radio', { name: soil }).click();
  await page.getByTestId('start-way').click();
  await onTo(page, 'Spot test', 'skip-ahead');
  await onTo(page, 'Put it on');
}

const START = new Date('2026-11-25T10:00:00Z');
const MINUTE = 60_000;

/**
 * What stands on the face, m:ss, and on the clock of the page, both in seconds. Read at the moment the face
 * changes: between two changes what it shows is up to a second old.
 */
const read = (page: Page): Promise<{ leftS: number; nowS: number }> =>
  page.evaluate(
    () =>
      new Promise<{ leftS: number; nowS: number }>((resolve) => {
        const left = (): string => document.querySelector('[data-testid=time-left]')?.textContent ?? '';
        const before = left();
        const changed = new MutationObserver(() => {
          const text = left();
          if (text === before || text === '') return;
          changed.disconnect();
          resolve({
            leftS: text.split(':').reduce((sum, part) => 60 * sum + Number(part), 0),
            nowS: Date.now() / 1000,
          });
        });
        changed.observe(document.body, { childList: true, characterData: true, subtree: true });
      }),
  );

test('set up a room, first way, a short dwell with a re-wet and a reload in its middle, inspect, log, find it', async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: START });
  await bathroom(page);
  // In a dry, warm room a film wants wetting again.
  await page.goto('/settings');
  await page.getByTestId('roomC').fill('35');
  await page.getByTestId('humidityPercent').fill('10');
  await toApply(page, 'Wall tiles', 'Limescale and water spots');
  await page.getByTestId('step-next').click();
  await expect(page.getByTestId('timer-face')).toBeVisible();
  await expect(page.getByTestId('rewet')).toContainText('Wet it again in');

  // Shorter by the step offered, until it is a short one.
  const best = page.getByTestId('when-best');
  const whole = (await best.textContent()) ?? '';
  await page.getByTestId('shorter').click();
  await expect(best).not.toHaveText(whole);
  await page.clock.fastForward(4 * MINUTE);
  await expect(page.getByText('Of use by now; better if it stays.')).toBeVisible();
  // What has gone off the face is what has gone by on the clock, within a second.
  const before = await read(page);
  await page.reload();
  await expect(page.getByTestId('timer-face')).toBeVisible();
  const after = await read(page);
  expect(Math.abs(before.leftS - after.leftS - (after.nowS - before.nowS))).toBeLessThanOrEqual(1);

  await page.clock.fastForward(2 * MINUTE);
  await expect(page.getByTestId('rewet')).toContainText('It is drying: wet it again now.');
  await page.getByTestId('wetted').click();
  await expect(page.getByTestId('rewet')).not.toContainText('It is drying');
  await page.clock.fastForward(2 * MINUTE);
  await expect(page.getByText('At its best: take it off when you are ready.')).toBeVisible();
  await page.getByTestId('take-off').click();

  for (const heading of ['Work it', 'Rinse', 'Dry']) {
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
    await page.getByTestId('step-next').click();
  }
  await page.getByRole('radio', { name: 'Touch 8' }).click();
  await page.getByRole('radio', { name: 'Look 6' }).click();
  await page.getByTestId('work-minutes').fill('lots');
  await page.getByTestId('log-done').click();
  await expect(page.getByText('Give the minutes as a number')).toBeVisible();
  await expect(page.getByTestId('work-minutes')).toBeFocused();
  await expect(page.getByTestId('work-minutes')).toHaveAttribute('aria-invalid', 'true');
  await page.getByTestId('work-minutes').fill('4,5');
  await page.getByTestId('notes').fill('the corner by the window');
  // What was noted survives a reload before it is written down.
  await page.reload();
  await expect(page.getByTestId('notes')).toHaveValue('the corner by the window');
  await page.getByTestId('log-done').click();

  await expect(page).toHaveURL(/\/log\/[0-9a-f-]{36}$/);
  await expect(page.getByText('Touch 8, Look 6')).toBeVisible();
  await expect(page.getByText(/[78](?:\.\d)? min of 8 min, wetted again 1 time/)).toBeVisible();
  await page.goto('/log');
  await page.getByTestId('log-search').fill('window corner');
  await expect(page.getByTestId('log-count')).toHaveText('One entry');
  await page.getByText('Wall tiles: limescale').click();
  await expect(page.getByText('the corner by the window')).toBeVisible();
  // Nothing runs any more.
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Running' })).toHaveCount(0);
});

test('under half a minute, and few taps, from what is cleaned to a running time', async ({ page }) => {
  await page.goto(DEMO_URL);
  let taps = 0;
  const tap = async (what: { click: () => Promise<void> }): Promise<void> => {
    taps++;
    await what.click();
  };
  await tap(page.getByTestId('start-cleaning'));
  await tap(page.getByRole('radio', { name: 'Hob' }));
  await tap(page.getByRole('radio', { name: 'Fresh grease' }));
  await tap(page.getByTestId('start-way'));
  await tap(page.getByTestId('skip-ahead'));
  await tap(page.getByTestId('step-next'));
  await expect(page.getByTestId('timer-face')).toBeVisible();
  // Six taps, at two seconds each with reading: less than half of half a minute.
  expect(taps).toBe(6);
});

test('bleach logged stops vinegar on the same surface, with its reason; after the rinse it is allowed', async ({
  page,
}) => {
  await bathroom(page);
  await page.goto('/log/new');
  await page.getByRole('radio', { name: 'chlorine bleach' }).click();
  await page.getByText('Which surface?').click();
  await page.getByRole('radio', { name: 'Wall tiles' }).click();
  await page.getByRole('radio', { name: 'Yesterday' }).click();
  await page.getByRole('radio', { name: 'Not rinsed, or not sure' }).click();
  await page.getByTestId('save-entry').click();
  await expect(page.getByText('It was not rinsed off')).toBeVisible();

  await page.goto('/clean');
  await page.getByRole('radio', { name: 'Wall tiles' }).click();
  await page.getByRole('radio', { name: 'Limescale and water spots' }).click();
  const stop = page.getByTestId('stopped').first();
  await expect(stop).toContainText('Chlorine bleach was used on it yesterday and not rinsed off.');
  await expect(stop).toContainText('chlorine');
  await expect(stop).toContainText('Waiting alone does not make it safe.');
  // Every way against limescale is an acid: none can be started.
  await expect(page.getByTestId('start-way')).toHaveCount(0);
  // Not by an address either, nor after a reload.
  await page.reload();
  await expect(page.getByTestId('stopped').first()).toBeVisible();

  await page.getByTestId('rinsed-now').first().click();
  await expect(page.getByTestId('stopped')).toHaveCount(0);
  await expect(page.getByTestId('start-way')).toBeVisible();
  // The rinse stands in the log, with what it said before.
  await page.goto('/log');
  await page.getByText('Chlorine bleach').click();
  await expect(page.getByText('What it said before')).toBeVisible();
});

test('an overnight soak lasts its hours across the change of the clocks', async ({ browser }) => {
  const context = await browser.newContext({ timezoneId: 'Europe/London', locale: 'en-GB' });
  const page = await context.newPage();
  // Clocks go back at 02:00 on 25 Oct 2026 (summer time ends, EU and UK): 21:00 BST and 8 hours is 04:00 GMT.
  await page.clock.install({ time: new Date('2026-10-24T20:00:00Z') });
  await page.goto('http://127.0.0.1:4181/clean/timers');
  await page.getByRole('radio', { name: 'Soak overnight' }).click();
  await page.getByTestId('timer-place').fill('oven racks');
  await page.getByTestId('start-timer').click();
  await expect(page.getByTestId('timer-face')).toBeVisible();
  await expect(page.getByText('Sun 04:00')).toBeVisible();
  await page.clock.fastForward(7 * 60 * MINUTE + 59 * MINUTE);
  await expect(page.getByText('Of use by now; better if it stays.')).toBeVisible();
  await page.clock.fastForward(2 * MINUTE);
  await expect(page.getByText('At its best: take it off when you are ready.')).toBeVisible();
  await expect(page.getByTestId('alarm')).toContainText('oven racks: best now.');
  await context.close();
});

test('a wait ended in one tab ends in the other, and rings in one alone', async ({ page, context }) => {
  await page.clock.install({ time: START });
  await page.goto('/clean/timers');
  await page.getByTestId('timer-place').fill('tub');
  await page.getByTestId('timer-minutes').fill('2');
  await page.getByTestId('start-timer').click();
  await expect(page.getByTestId('timer-face')).toBeVisible();
  const address = page.url();
  // The clock is the same in both: it belongs to the browser.
  const other = await context.newPage();
  await other.goto(address);
  await expect(other.getByTestId('timer-face')).toBeVisible();
  await page.clock.fastForward(3 * MINUTE);
  await expect(page.getByText('The time is up.')).toBeVisible();
  await expect(other.getByText('The time is up.')).toBeVisible();
  const rung = async (): Promise<number> =>
    (await page.getByTestId('alarm').count()) + (await other.getByTestId('alarm').count());
  await expect.poll(rung).toBe(1);
  // It is not told again after a reload, in either.
  await page.reload();
  await other.reload();
  await expect(page.getByText('The time is up.')).toBeVisible();
  await expect(other.getByText('The time is up.')).toBeVisible();
  await page.clock.runFor(2000);
  expect(await rung()).toBe(0);
  await other.getByTestId('end-timer').click();
  await expect(page.getByText('This wait is over')).toBeVisible();
  await expect(other).toHaveURL(/4181\/$/);
});

test('tiles, then tub: side by side, the tub dry until its turn; ended early asks why', async ({ page }) => {
  await page.goto(`${DEMO_URL}/clean/plan?plan=bathroom-weekly&room=pipit-shower`);
  // The mirror and the taps another day.
  for (const at of [0, 1]) {
    await page.getByTestId(`change-part-${at}`).click();
    await page.getByTestId(`leave-out-${at}`).click();
  }
  await expect(page.getByTestId('planned-part')).toHaveCount(2);
  await page.getByTestId('start-plan').click();
  await expect(page.getByRole('radio', { name: 'Shower tray: later' })).toBeVisible();
  await page.getByRole('radio', { name: 'Shower tray: later' }).click();
  await expect(page.getByText('waits until wall tiles is done')).toBeVisible();
  await page.getByRole('radio', { name: 'Wall tiles: your turn' }).click();
  await onTo(page, 'Put it on', 'skip-ahead');
  await page.getByTestId('step-next').click();
  await expect(page.getByTestId('timer-face')).toBeVisible();
  await page.getByTestId('take-off').click();
  await page.getByRole('radio', { name: 'The surface reacts' }).click();
  await expect(page.getByRole('heading', { name: 'Work it', exact: true })).toBeVisible();
  for (const heading of ['Rinse', 'Dry', 'Look']) await onTo(page, heading);
  await page.getByTestId('log-done').click();
  await expect(page.getByRole('radio', { name: 'Shower tray: your turn' })).toBeVisible();
  // Put away, nothing more is logged; undo brings it back.
  await page.getByTestId('leave-job').click();
  await expect(page.getByText('is put away. Nothing was logged.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Go on: Bathroom, weekly')).toBeVisible();
});

test('the log goes out as CSV and comes back; a wrong file changes nothing; delete has an undo', async ({ page }) => {
  await page.goto(`${DEMO_URL}/log`);
  const count = page.getByTestId('log-count');
  await expect(count).toHaveText(/^\d+ entries$/);
  const all = await count.textContent();
  await page.getByRole('button', { name: 'The log as a CSV file' }).click();
  const download = page.waitForEvent('download');
  await page.getByTestId('csv-out').click();
  const csv = readFileSync(await (await download).path(), 'utf8');
  expect(csv.split('\r\n')[0]).toContain('finished,room,surface');

  await page.getByText('Sealant: mould').first().click();
  await page.getByTestId('remove-entry').click();
  await expect(page.getByText('is taken out of the log.')).toBeVisible();
  await expect(count).not.toHaveText(all ?? '');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(count).toHaveText(all ?? '');
  await page.getByText('Sealant: mould').first().click();
  await page.getByTestId('remove-entry').click();
  await expect(count).not.toHaveText(all ?? '');

  await page.getByRole('button', { name: 'The log as a CSV file' }).click();
  await chooseFile(
    page,
    () => page.getByTestId('csv-in').click(),
    'log.csv',
    'finished,surface,used\nsometime,Sink,soap\n',
  );
  await expect(page.getByText('The file was not brought in, and nothing was changed.')).toBeVisible();
  await expect(page.getByText(/line 2: Give the day/)).toBeVisible();
  await chooseFile(page, () => page.getByTestId('csv-in').click(), 'log.csv', csv);
  await expect(page.getByTestId('csv-preview')).toContainText('One entry is new.');
  await page.getByTestId('csv-bring').click();
  await expect(page.getByText(/One entry came in/)).toBeVisible();
  await expect(count).toHaveText(all ?? '');
});

test('bleach of today in a CSV file by name alone stops vinegar; what may mean several is asked', async ({ page }) => {
  await page.goto(`${DEMO_URL}/log`);
  await page.getByRole('button', { name: 'The log as a CSV file' }).click();
  const today = new Date();
  const day = [today.getFullYear(), today.getMonth() + 1, today.getDate()]
    .map((n) => String(n).padStart(2, '0'))
    .join('-');
  await chooseFile(
    page,
    () => page.getByTestId('csv-in').click(),
    'log.csv',
    `finished,surface,room,used\n${day},shower trays,,bleach\n${day},Porch,,soap\n`,
  );
  await expect(page.getByTestId('csv-preview')).toContainText('shower trays → Shower tray');
  await expect(page.getByTestId('csv-preview')).toContainText('No surface of yours, kept by name: Porch');
  await page.getByTestId('csv-bring').click();
  await expect(page.getByText(/2 entries came in/)).toBeVisible();
  await page.goto(`${DEMO_URL}/clean?surface=pipit-tray&soil=limescale`);
  await expect(page.getByTestId('stopped').first()).toBeVisible();
  await expect(page.getByTestId('start-way')).toHaveCount(0);
});

test('a clock two hours fast, then put right: bleach logged between still stops', async ({ page }) => {
  const now = Date.now();
  await page.clock.install({ time: new Date(now + 2 * 3_600_000) });
  await page.goto(`${DEMO_URL}/log/new?surface=pipit-tray`);
  await page.getByTestId('bought-name').fill('bleach');
  await page.getByRole('radio', { name: 'Not rinsed, or not sure' }).click();
  await page.getByTestId('save-entry').click();
  await expect(page).toHaveURL(/\/log/);
  await page.clock.setSystemTime(new Date(now));
  await page.goto(`${DEMO_URL}/clean?surface=pipit-tray&soil=limescale`);
  await expect(page.getByTestId('stopped').first()).toBeVisible();
  await expect(page.getByText(/Waiting alone does not make it safe/).first()).toBeVisible();
  await page.getByTestId('rinsed-now').first().click();
  // Off the surface; what is in the air of the room still has to go.
  await expect(page.getByText(/Waiting alone does not make it safe/)).toHaveCount(0);
});

test('a surface: what is known of it changes what may be used; wrong input is said and kept', async ({ page }) => {
  await page.goto(`${DEMO_URL}/rooms/pipit-grout`);
  await page.getByTestId('surface-area').fill('big');
  await expect(page.getByText('Give the area in m², as a number over 0')).toBeVisible();
  await expect(page.getByTestId('surface-area')).toHaveValue('big');
  await page.getByTestId('surface-area').fill('0.6');
  await page.goto(`${DEMO_URL}/clean?surface=pipit-grout&soil=rust`);
  await expect(page.getByText('No way')).toBeVisible();
  await page.goto(`${DEMO_URL}/rooms/pipit-grout`);
  await expect(page.getByTestId('surface-area')).toHaveValue('0.6');
  await page.getByRole('radio', { name: 'Sealed', exact: true }).click();
  await expect(page.getByRole('radio', { name: 'Sealed', exact: true })).toBeChecked();
  await page.goto(`${DEMO_URL}/clean?surface=pipit-grout&soil=rust`);
  await expect(page.getByTestId('start-way')).toBeVisible();
});

test('the numbers to call stand at the top of Safety; a wrong one is said', async ({ page }) => {
  await page.goto('/safety');
  await page.getByRole('button', { name: 'Enter your poison-advice number' }).click();
  await page.getByTestId('poisonNumber').fill('ask Ann');
  await expect(page.getByText('Give the number as you would dial it')).toBeVisible();
  await page.getByTestId('poisonNumber').fill('01632 960 161');
  await page.goto('/safety');
  await expect(page.getByRole('button', { name: 'Poison advice: 01632 960 161, call' })).toBeVisible();
});

test('on a wide screen the log is worked by keys alone, list and entry side by side', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${DEMO_URL}/log`);
  await page.getByTestId('log-search').focus();
  await page.keyboard.type('porthole mirror');
  await expect(page.getByTestId('log-count')).toHaveText(/^\d+ entries$/);
  for (let i = 0; i < 12; i++) {
    await page.keyboard.press('Tab');
    const role = await page.evaluate(() => document.activeElement?.textContent ?? '');
    if (role.includes('Mirror')) break;
  }
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/log\/pipit-log-mirror/);
  await expect(page.getByText('As it was mixed')).toBeVisible();
  await expect(page.getByTestId('log-search')).toHaveValue('porthole mirror');
});
