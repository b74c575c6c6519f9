import { readFileSync } from 'node:fs';
import { chooseFile, expect, test } from './page';

const RECIPE = `Galley glass spray
1 cup white vinegar
1/2 cup water
1 tsp soap
Shake before use`;

test('from a pasted recipe to a labelled bottle, kept through a reload, a file and back', async ({ page }) => {
  // From opening the app: paste, one correction, the bottle, make it.
  await page.goto('/');
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  await page.getByTestId('recipe-text').fill(RECIPE);
  await expect(page.getByTestId('verdict')).toContainText('Cancels out');
  await expect(page.getByTestId('standing')).toHaveText('One question is open: answer it above.');
  await page.getByRole('radio', { name: 'dish soap' }).click();
  await expect(page.getByTestId('verdict')).toContainText('Clear');
  await expect(page.getByTestId('standing')).toHaveText('Every line was understood.');
  await page.getByTestId('next-bottle').click();

  await page.getByTestId('bottle-size').fill('375');
  await expect(page.getByTestId('bottle')).toBeVisible();
  // 375 mL less 10 % is 337.5 mL, two thirds of it vinegar (less the teaspoon of soap).
  const lines = page.getByTestId('measure-list').getByRole('listitem');
  await expect(lines).toHaveCount(3);
  await expect(lines.nth(0)).toContainText('white vinegar');
  await expect(lines.nth(0)).toContainText('Jug to 225 mL');
  await expect(lines.nth(2)).toContainText('dish soap');
  await page.getByTestId('make-it').click();

  const label = page.getByTestId('label').first();
  await expect(page).toHaveURL(/\/shelf\/[0-9a-f-]{36}$/);
  await expect(label).toContainText('Galley glass spray');
  await expect(label).toContainText('white vinegar, water, dish soap');
  await expect(label).toContainText('338 mL');
  await page.reload();
  await expect(page.getByTestId('label').first()).toContainText('Galley glass spray');

  // Out to a file, everything away, and back: the same file.
  await page.goto('/settings');
  const first = page.waitForEvent('download');
  await page.getByTestId('export').click();
  const file = readFileSync(await (await first).path(), 'utf8');
  await page.getByTestId('clear').click();
  await page.getByTestId('confirm-replace').click();
  await expect(page.getByText('Everything was removed.')).toBeVisible();
  await page.goto('/shelf');
  await expect(page.getByText('No bottles yet.')).toBeVisible();
  await page.goto('/settings');
  await chooseFile(page, () => page.getByTestId('import').click(), 'biscuit.json', file);
  await page.getByTestId('confirm-replace').click();
  await expect(page.getByText('Imported: 1 formula, 1 bottle, 1 batch.')).toBeVisible();
  // The same file once more, added to what is here: nothing twice.
  await chooseFile(page, () => page.getByTestId('import').click(), 'biscuit.json', file);
  await expect(page.getByText('Everything in the file is here already.')).toBeVisible();
  await page.getByTestId('confirm-merge').click();
  await expect(page.getByText('Brought together: nothing that was here is lost.')).toBeVisible();
  const second = page.waitForEvent('download');
  await page.getByTestId('export').click();
  const again = readFileSync(await (await second).path(), 'utf8');
  const home = (text: string): unknown => (JSON.parse(text) as { home: unknown }).home;
  expect(home(again)).toEqual(home(file));
  await page.goto('/shelf');
  await expect(page.getByTestId('label')).toHaveCount(1);
});

test('a starter needs two taps to its bottle and a third to the shelf; empty or poured away can be undone', async ({
  page,
}) => {
  await page.goto('/mix');
  await page.getByRole('link', { name: /^Everyday vinegar/ }).click();
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toContainText('Everyday vinegar');
  await page.getByTestId('level-0').click();
  await expect(page.getByTestId('label').first()).toContainText('Emptied');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('label').first()).not.toContainText('Emptied');
  await page.getByRole('button', { name: 'Poured away' }).click();
  await expect(page.getByText('is marked poured away')).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('label').first()).toContainText('Discarded');
});

test('going away and a reload in the middle lose nothing', async ({ page }) => {
  await page.goto('/mix/paste');
  await page.getByTestId('recipe-text').fill('1 cup water\n1 tbsp soap');
  await page.getByRole('radio', { name: 'dish soap' }).click();
  // At once: what was typed in the last moment is kept too.
  await page.reload();
  await expect(page.getByTestId('recipe-text')).toHaveValue('1 cup water\n1 tbsp soap');
  await expect(page.getByTestId('standing')).toHaveText('Every line was understood.');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.goBack();
  await expect(page.getByTestId('recipe-text')).toHaveValue('1 cup water\n1 tbsp soap');
  await page.getByTestId('next-bottle').click();
  await page.getByTestId('bottle-size').fill('250');
  await page.reload();
  await expect(page.getByTestId('bottle-size')).toHaveValue('250');
});

test('a formula of one’s own is changed as text, keeps its place, and can be removed and brought back', async ({
  page,
}) => {
  await page.goto('/mix/paste');
  await page.getByTestId('recipe-text').fill('Tile wash\n1 cup water\n1 cup vinegar');
  await page.getByTestId('next-bottle').click();
  await page.getByRole('button', { name: 'Change as text' }).click();
  const field = page.getByTestId('recipe-text');
  await expect(field).toHaveValue('Name: Tile wash\nMeasures: us\n1 cup water\n1 cup white vinegar');
  await field.fill('Name: Tile wash\n3 cups water\n1 cup white vinegar');
  await page.getByTestId('next-bottle').click();
  await expect(page.getByTestId('measure-list').getByRole('listitem').first()).toContainText('338 mL');
  await page.getByRole('button', { name: 'Remove formula' }).click();
  await expect(page.getByText('Nothing of your own yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Tile wash/ })).toBeVisible();
});
