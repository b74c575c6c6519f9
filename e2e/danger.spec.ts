import { expect, paste, test } from './page';

test('peroxide and vinegar are stopped, with the reason, and cannot be made', async ({ page }) => {
  await paste(page, 'Bathroom power spray\n1/2 cup hydrogen peroxide\n1/2 cup white vinegar');
  await expect(page.getByTestId('verdict')).toContainText('Danger');
  const finding = page.getByTestId('finding-peracetic-acid');
  await expect(finding).toContainText('peracetic acid');
  await expect(finding).toContainText('Keep them in two bottles');
  await finding.getByRole('button', { name: /Why/ }).click();
  await expect(finding).toContainText('0.4 ppm');
  await expect(finding).toContainText('ACGIH');
  await expect(page.getByTestId('next-bottle')).toHaveCount(0);
  await expect(page.getByText('A danger is not scaled, labelled or made.')).toBeVisible();
});

test('a formula that turns dangerous on the bench loses its way to be made', async ({ page }) => {
  await paste(page, 'Grout paste\n2 parts baking soda\n1 part hydrogen peroxide\nUse: at once');
  await page.getByTestId('next-bottle').click();
  await expect(page.getByTestId('mix-it')).toBeVisible();
  await page.getByRole('radio', { name: 'Kept in its bottle' }).click();
  await expect(page.getByTestId('stopped')).toBeVisible();
  await expect(page.getByTestId('mix-it')).toHaveCount(0);
  await expect(page.getByTestId('measure-list')).toHaveCount(0);
  await expect(page.getByTestId('finding-pressure')).toBeVisible();
});

test('a paste that may not be kept is fine used at once, and goes on', async ({ page }) => {
  await paste(page, 'Grout whitener\n2 tbsp baking soda\n1 tbsp hydrogen peroxide');
  await expect(page.getByTestId('verdict')).toContainText('Danger');
  await page.getByRole('radio', { name: 'Used at once, open' }).click();
  await expect(page.getByTestId('verdict')).toContainText('Take care');
  await page.getByTestId('next-bottle').click();
  await expect(page.getByRole('radio', { name: 'Used at once, open' })).toBeChecked();
  await expect(page.getByTestId('mix-it')).toBeVisible();
  // There is nothing to keep: no label, no shelf.
  await expect(page.getByTestId('make-it')).toHaveCount(0);
  await expect(page.getByTestId('see-label')).toHaveCount(0);
});

for (const [what, text] of [
  ['bleach with vinegar, hidden in an instruction', '1 cup white vinegar\nThen add bleach and shake'],
  ['bleach with ammonia, misspelt', '1 cup amonia\n1 cup blech'],
  ['soda and vinegar in one closed bottle', '1/2 cup baking soda\n1 cup vinegar'],
  ['lye', '1 tbsp caustic soda\n1 cup water'],
] as const) {
  test(`${what}: danger, and no next step`, async ({ page }) => {
    await paste(page, text);
    await expect(page.getByTestId('verdict')).toContainText('Danger');
    await expect(page.getByTestId('next-bottle')).toHaveCount(0);
  });
}

test('what cancels out is said, and can be made knowingly', async ({ page }) => {
  await paste(page, '1/4 cup castile soap\n1 cup vinegar');
  await expect(page.getByTestId('verdict')).toContainText('Cancels out');
  await page.getByTestId('next-bottle').click();
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('label').first()).toContainText('greasy white curd');
});

test('the same formula is fine on glass and ruled out on marble', async ({ page }) => {
  await page.goto('/mix/starter-everyday');
  await page.getByRole('button', { name: 'Check it against a surface' }).click();
  await page.getByRole('radio', { name: 'Marble' }).click();
  await expect(page.getByTestId('finding-etches-stone')).toContainText('Not for marble');
  await page.getByRole('button', { name: 'Marble', exact: true }).click();
  await page.getByRole('radio', { name: 'Glass', exact: true }).click();
  await expect(page.getByText('Nothing found against it on glass.')).toBeVisible();
});
