import type { Page } from '@playwright/test';
import { DEMO_URL, expect, HOUR, stepNumber, stepOn, test } from './page';

/** What a person has: things from labels, bottles in places, a cupboard that goes down. On the narrowboat Pipit. */

const DAY = 24 * HOUR;

/** How much the cupboard says is left of something. */
const inCupboard = async (page: Page, name: string, left: string): Promise<void> => {
  await page.goto(`${DEMO_URL}/shelf/cupboard`);
  await expect(page.getByTestId('pantry-item').filter({ hasText: name })).toContainText(`${left} left`);
};

test('a thing of one’s own from its label: judged in a paste, in a formula, and as what was left somewhere', async ({
  page,
}) => {
  await page.goto(`${DEMO_URL}/mix/paste`);
  await page.getByTestId('recipe-text').fill('Deck wash\n20 mL Newt brightener\n1 L water');
  await expect(page.getByTestId('verdict')).toContainText('Not settled');
  await page.getByTestId('describe-it').click();
  // Its name is there already: what is typed is the label, and nothing else has to be.
  await expect(page.getByTestId('own-name')).toHaveValue('Newt brightener');
  await page.getByTestId('own-label').fill('5-15 % citric acid, < 5 % non-ionic surfactants, perfume');
  await expect(page.getByTestId('label-part')).toHaveCount(3);
  await page.getByTestId('own-keep').click();
  await expect(page.getByTestId('recipe-text')).toHaveValue('Deck wash\n20 mL Newt brightener\n1 L water');
  await expect(page.getByTestId('verdict')).toContainText('otherwise fine');
  // What it must not meet is known at once.
  await page.getByTestId('recipe-text').fill('Deck wash\n20 mL Newt brightener\n1 L water\n50 mL bleach');
  await expect(page.getByTestId('verdict')).toContainText('Danger');
  await page.getByTestId('recipe-text').fill('Deck wash\n20 mL Newt brightener\n1 L water');
  await page.getByTestId('next-bottle').click();
  await expect(page.getByTestId('measure-list')).toContainText('Newt brightener');

  // In a formula, found by its name.
  await page.goto(`${DEMO_URL}/mix/edit`);
  await page.getByTestId('add-line').fill('newt');
  await page.getByRole('button', { name: /Newt brightener/ }).click();
  await page.getByTestId('add-line').fill('bleach');
  await page
    .getByRole('button', { name: /chlorine bleach/ })
    .first()
    .click();
  await expect(page.getByTestId('verdict')).toContainText('Danger');

  // Left on a surface, it is held against what comes after.
  const writeDown = async (what: string): Promise<void> => {
    await page.goto(`${DEMO_URL}/log/new`);
    await page.getByRole('radio', { name: what, exact: true }).click();
    await page.getByText('Which surface?').click();
    await page.getByRole('radio', { name: 'Taps', exact: true }).click();
  };
  await writeDown('Newt brightener');
  await page.getByRole('radio', { name: 'Not rinsed, or not sure' }).click();
  await page.getByTestId('save-entry').click();
  await expect(page).toHaveURL(/\/log\/(?!new)/);
  await writeDown('chlorine bleach');
  await expect(page.getByTestId('finding-chlorine-gas').first()).toBeVisible();
});

test('a bottle with vinegar in it is not topped up with peroxide; another takes it', async ({ page }) => {
  await page.goto(`${DEMO_URL}/mix/starter-mould`);
  await page.getByTestId('another-bottle').click();
  await page.getByRole('radio', { name: /Brown glass spray/ }).click();
  await expect(page.getByTestId('in-it-now')).toContainText('Shower wall');
  await expect(page.getByTestId('not-onto')).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Top it up' })).toBeHidden();
  await expect(page.getByTestId('make-it')).toBeDisabled();
  await page.getByTestId('bottle-instead').click();
  await expect(page.getByTestId('in-it-now')).toBeHidden();
  await expect(page.getByTestId('make-it')).toBeEnabled();
});

test('a bottle that has run out is made again in three taps from Today, in the same bottle', async ({ page }) => {
  await page.goto(DEMO_URL);
  await page.getByRole('link', { name: /^Make Scale lifter again/ }).click();
  await expect(page.getByText(/^As you made it on/)).toBeVisible();
  await page.getByTestId('make-it').click();
  const label = page.getByTestId('label').first();
  await expect(label).toContainText('Scale lifter');
  await expect(label).toContainText('315 mL');
  await expect(label).toContainText('Locker jar');
});

test('two weeks: jobs take from their bottle, it is made again, once undone, and the cupboard goes down', async ({
  page,
}) => {
  const start = new Date('2026-11-02T09:00:00');
  await page.clock.install({ time: start });
  /** The tiles, with what stands in the shower room: 200 mL for all of them. */
  const cleanTheTiles = async (): Promise<void> => {
    await page.goto(`${DEMO_URL}/clean?surface=pipit-tile&soil=soap-scum`);
    await page.getByTestId('way').filter({ hasText: 'Shower wall' }).getByText('Choose').click();
    await page.getByTestId('start-way').click();
    await expect(stepNumber(page)).toBeVisible();
    while (!(await page.getByTestId('log-done').isVisible())) await stepOn(page);
    await page.getByTestId('log-done').click();
    await expect(page).toHaveURL(/\/log\//);
  };
  const inBottle = async (id: string, left: string): Promise<void> => {
    await page.goto(`${DEMO_URL}/shelf/${id}`);
    await expect(page.getByText(`About ${left} left of 450 mL`)).toBeVisible();
  };

  // Somebody filled it up from the other one: one tap.
  await page.goto(`${DEMO_URL}/shelf/pipit-b3`);
  await page.getByTestId('level-1').click();
  await expect(page.getByText('Shower wall: the level is noted.')).toBeVisible();
  await cleanTheTiles();
  await inBottle('pipit-b3', '250 mL');
  await page.clock.fastForward(7 * DAY);
  await cleanTheTiles();
  await expect(page.getByText(/Shower wall in Brown glass spray: about 50 mL left, the last of it/)).toBeVisible();

  // From Today: emptied and made again; a fifth of 450 mL is vinegar, of the 620 mL that the boat had.
  await page.goto(DEMO_URL);
  await page.getByRole('link', { name: /^Make Shower wall again/ }).click();
  await page.getByRole('radio', { name: 'Empty it first' }).click();
  await page.getByTestId('make-it').click();
  await expect(page.getByText(/From the cupboard: .*90 mL of white vinegar/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/what went in is back in the cupboard/)).toBeVisible();
  await inCupboard(page, 'white vinegar', '620 mL');
  await inBottle('pipit-b3', '50 mL');

  // Topped up instead: a fifth of the 400 mL that come to it.
  await page.goto(DEMO_URL);
  await page.getByRole('link', { name: /^Make Shower wall again/ }).click();
  await page.getByRole('radio', { name: 'Top it up' }).click();
  await page.getByTestId('make-it').click();
  await expect(page.getByText(/80 mL of white vinegar/)).toBeVisible();
  await inCupboard(page, 'white vinegar', '540 mL');
  await page.clock.fastForward(7 * DAY);
  await page.goto(DEMO_URL);
  await expect(page.getByRole('link', { name: /^Make Shower wall again/ })).toBeHidden();
});
