import { chooseFile, expect, paste, test } from './page';

test('an empty paste, prose, and amounts that do not come together', async ({ page }) => {
  await page.goto('/mix/paste');
  await expect(page.getByTestId('next-bottle')).toBeDisabled();
  await page.getByTestId('recipe-text').fill('\n  \n');
  await expect(page.getByTestId('next-bottle')).toBeDisabled();
  await paste(page, 'hello there\nnothing to see');
  await expect(page.getByTestId('standing')).toContainText(
    'No ingredient found yet. A line looks like "1 cup white vinegar"',
  );
  await expect(page.getByTestId('next-bottle')).toBeDisabled();
  await paste(page, '1 part water\nfill with vinegar');
  await expect(page.getByTestId('standing')).toContainText('Parts and "to fill" cannot stand in one formula');
  await expect(page.getByTestId('next-bottle')).toBeDisabled();
});

test('a bottle that is no bottle, and a dropper that is no dropper', async ({ page }) => {
  await page.goto('/mix/starter-everyday');
  for (const [typed, said] of [
    ['', 'Give the size as a number in mL'],
    ['big', 'Give the size as a number in mL'],
    ['3', 'at least 10 mL'],
    ['9999999', 'at most 100 000 mL'],
  ] as const) {
    await page.getByTestId('bottle-size').fill(typed);
    await expect(page.getByText(said)).toBeVisible();
    await expect(page.getByTestId('make-it')).toBeDisabled();
  }
  await page.getByTestId('bottle-size').fill('0.25 L');
  await expect(page.getByTestId('make-it')).toBeEnabled();

  await page.goto('/settings');
  const drops = page.getByTestId('drops-per-ml');
  await drops.fill('900');
  await expect(page.getByText('Droppers give 8 to 60 drops per mL. Give a number')).toBeVisible();
  await page.reload();
  await expect(drops).toHaveValue('20');
  await drops.fill('30');
  await page.reload();
  await expect(drops).toHaveValue('30');
});

test('a bad file is refused whole, says what would be accepted, and touches nothing', async ({ page }) => {
  await page.goto('/mix/starter-everyday');
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toBeVisible();
  await page.goto('/settings');
  for (const [text, said] of [
    ['', 'The file is empty.'],
    ['hello', 'The file is not JSON, or was cut short.'],
    ['{"format":"biscuit-home","version":99}', 'made by a newer Biscuit'],
    ['{"format":"biscuit-home","version":1,"home":{"formulas":[],"vessels":[{"id":"x"}],"batches":[]}}', 'is required'],
  ] as const) {
    await chooseFile(page, () => page.getByTestId('import').click(), 'bad.json', text);
    const refused = page.getByRole('alert');
    await expect(refused).toContainText('Not imported; nothing here was changed.');
    await expect(refused).toContainText(said);
  }
  await page.goto('/shelf');
  await expect(page.getByTestId('label')).toHaveCount(1);
});

test('an address that leads nowhere offers a way on', async ({ page }) => {
  await page.goto('/mix/no-such-formula');
  await expect(page.getByText('This formula is not in this home any more.')).toBeVisible();
  await page.getByRole('button', { name: 'All formulas' }).click();
  await expect(page.getByRole('heading', { name: 'Mix' })).toBeVisible();
  await page.goto('/shelf/nothing');
  await expect(page.getByText('This bottle is not on the shelf')).toBeVisible();
  await page.goto('/nowhere/at/all');
  await page.getByRole('button', { name: 'To Today' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
});
