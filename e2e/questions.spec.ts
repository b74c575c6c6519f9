import { expect, paste, test } from './page';

/** What stands in the text unaccounted for is asked about before a bottle is chosen: the words, and where they stand. */

for (const [what, text, words] of [
  ['a title that holds bleach', 'Bleach booster\n1 cup vinegar\n1 cup water', 'Line 1: Bleach booster'],
  ['an unknown kind of product', '1 cup water\n1 cup all-purpose cleaner', 'more than one kind'],
  ['words nobody knows', '1 cup water\n1 cup balsamic vinegar', '“balsamic” is not understood'],
  [
    'a text of two recipes',
    'Recipe 1: Window\n1 cup vinegar\n1 cup water\nRecipe 2: Floor\n2 cups water\n1 tsp dish soap',
    'more than one recipe',
  ],
  ['another language', '1 cup water\n2 EL Natron', 'Line 2: 2 EL Natron'],
  [
    'a hazard in a card’s own words',
    'Name: Spray\nHow: add bleach last\n1 cup vinegar\n1 cup water',
    '“bleach” stands in the text. Does it go in?',
  ],
] as const) {
  test(`${what}: asked, in the words that stand there, and not clear`, async ({ page }) => {
    await paste(page, text);
    await expect(page.getByRole('heading', { name: /questions? first/ })).toBeVisible();
    await expect(page.getByText(words).first()).toBeVisible();
    await expect(page.getByTestId('verdict')).not.toHaveAccessibleName(/Clear/);
    await expect(page.getByText('Every line was understood.')).toHaveCount(0);
    // A danger has no next step at all; a question keeps it waiting.
    await expect(page.getByTestId('next-bottle').and(page.locator(':enabled'))).toHaveCount(0);
  });
}

test('a hazard in a note is answered with one tap, and the answer outlives a reload', async ({ page }) => {
  await paste(page, 'Name: Spray\nHow: add bleach last\n1 cup vinegar\n1 cup water');
  await expect(page.getByTestId('named-hazard')).toContainText('Line 2: How: add bleach last');
  await page.getByRole('button', { name: 'It does not: bleach' }).click();
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Clear/);
  await expect(page.getByText('Every line was understood.')).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Clear/);
  await expect(page.getByTestId('next-bottle')).toBeEnabled();
});

test('a hazard that goes in becomes a line, and is judged', async ({ page }) => {
  await paste(page, 'Name: Spray\nHow: add bleach last\n1 cup vinegar\n1 cup water');
  await page.getByRole('button', { name: 'It goes in: bleach' }).click();
  await expect(page.getByTestId('recipe-text')).toHaveValue(/\nbleach$/);
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Danger/);
  await expect(page.getByTestId('finding-chlorine-gas')).toBeVisible();
});

test('a title is said to be only the name; then it names the label', async ({ page }) => {
  await paste(page, 'Ammonia booster\n1 cup vinegar\n1 cup water');
  await page.getByRole('button', { name: 'It is only the name: "Ammonia booster"' }).click();
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Clear/);
  await expect(page.getByTestId('formula-name')).toHaveValue('Ammonia booster');
  await page.getByTestId('next-bottle').click();
  await expect(page.getByTestId('make-it')).toBeVisible();
});

test('of two recipes one is chosen, and the other can be chosen again', async ({ page }) => {
  await paste(page, 'Recipe 1: Window\n1 cup vinegar\n1 cup water\n\nRecipe 2: Mould\n1 cup bleach\n1 gallon water');
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Danger/);
  await page.getByRole('radio', { name: 'Window' }).click();
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Clear/);
  await expect(page.getByTestId('next-bottle')).toBeEnabled();
  await page.getByRole('button', { name: 'Read as Window: change' }).click();
  await expect(page.getByTestId('next-bottle').and(page.locator(':enabled'))).toHaveCount(0);
});

test('a number that could be two is asked in a text, and read by locale and shown back in a field', async ({
  page,
}) => {
  await paste(page, '1.000 ml water\n10 ml vinegar');
  await expect(page.getByText(/could be read in two ways/)).toBeVisible();
  await page.goto('/mix/starter-everyday');
  await page.getByTestId('bottle-size').fill('1,000');
  await expect(page.getByText('Read as 1000.')).toBeVisible();
  await expect(page.getByTestId('make-it')).toBeEnabled();
});

test('of a text with too many lines the rest is left out with one tap', async ({ page }) => {
  await paste(page, Array.from({ length: 60 }, (_, i) => `${i + 1} ml water`).join('\n'));
  await expect(page.getByTestId('rest-of-text')).toContainText('From line 41: 41 ml water');
  await expect(page.getByTestId('verdict')).not.toHaveAccessibleName(/Clear/);
  await page.getByRole('button', { name: 'Leave the rest out' }).click();
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Clear/);
  await expect(page.getByTestId('next-bottle')).toBeEnabled();
});
