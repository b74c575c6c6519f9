import { expect, test, type Page } from '@playwright/test';
import { DEMO_URL } from './page';

const paste = async (page: Page, text: string): Promise<void> => {
  await page.goto('/mix/paste');
  await page.getByTestId('recipe-text').fill(text);
};

test('who lives here turns a caution into a danger, and back', async ({ page }) => {
  const recipe = 'Shower wipe\n1 cup water\n1 tsp dish soap\n10 drops tea tree oil';
  await paste(page, recipe);
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Take care/);
  await page.goto('/settings');
  await page.getByRole('checkbox', { name: 'A cat' }).click();
  await expect(page.getByRole('checkbox', { name: 'A cat' })).toBeChecked();
  await page.goto('/mix/paste');
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Danger/);
  await expect(page.getByTestId('finding-oil-and-animals')).toContainText('cats');
  await expect(page.getByTestId('next-bottle')).toHaveCount(0);
  await page.goto('/settings');
  await page.getByRole('checkbox', { name: 'A cat' }).click();
  await page.goto('/mix/paste');
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Take care/);
});

test('someone with asthma moves in: Today says what is no longer right, and the label is written anew', async ({
  page,
}) => {
  await page.goto(`${DEMO_URL}/settings`);
  await page.getByRole('checkbox', { name: 'Someone with asthma' }).click();
  await expect(page.getByRole('status').getByText(/not right for them/)).toBeVisible();
  await page.getByRole('link', { name: /not right for them/ }).click();
  await expect(page.getByRole('heading', { name: 'Not right for who lives here' })).toBeVisible();
  const labels = page.getByRole('link', { name: /2 labels to write anew/ });
  await expect(labels).toContainText('Shower wall');
  await labels.click();
  await page.getByRole('link', { name: /Its label leaves out who lives here.*Shower wall/ }).click();
  await page.getByTestId('label-anew').click();
  await expect(page.getByText('The label says it now.', { exact: false })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'For who lives here' })).toHaveCount(0);
  // It is kept: after a reload the bottle says it, and Today asks no more.
  await page.reload();
  await expect(page.getByText(/can set off asthma/).first()).toBeVisible();
  await page.goto(DEMO_URL);
  await expect(page.getByRole('link', { name: /A label to write anew Porthole glass/ })).toBeVisible();
});

test('hard water takes the soap, once the water is known', async ({ page }) => {
  await page.goto('/settings');
  await page.getByTestId('hardnessMgPerL').fill('hard');
  await expect(page.getByText(/Give a number from 0 to 1000, or leave it empty/)).toBeVisible();
  await page.getByRole('radio', { name: 'Very hard' }).click();
  await expect(page.getByTestId('hardnessMgPerL')).toHaveValue('250');
  await paste(page, 'Floor soap\n1 tsp castile soap\n1 L water');
  await expect(page.getByTestId('finding-hard-water-soap')).toContainText('Hard water takes');
  await expect(page.getByTestId('verdict')).toHaveAccessibleName(/Cancels out/);
});

test('the pH stands on its strip with its band, and in more than one view where it fizzes', async ({ page }) => {
  await page.goto('/mix/starter-everyday');
  // Half-strength vinegar, 0.42 mol/L of acetic acid: pH 2.6 by its pKa of 4.756.
  await expect(page.getByTestId('ph')).toContainText('pH 2.6');
  await expect(page.getByRole('img', { name: /pH 2.6, sour, between 2.5 and 2.7/ })).toBeVisible();
  await page.goto('/mix/starter-soak');
  await expect(page.getByTestId('ph')).toContainText(/Stood open for long, toward/);
  await page.goto('/mix/starter-bin');
  await expect(page.getByText('Dry: it has no pH until it meets water.')).toBeVisible();
});

test('a surface is found by any name; the minutes and what is on it decide', async ({ page }) => {
  await page.goto('/mix/starter-everyday');
  await page.getByText('Check it against a surface').click();
  await page.getByLabel('Type to find').fill('qwerty');
  await expect(page.getByText(/Nothing is called that/)).toBeVisible();
  await page.getByLabel('Type to find').fill('grout');
  await page.getByRole('radio', { name: 'Cement grout' }).click();
  await expect(page.getByText('On cement grout with care.')).toBeVisible();
  await page.getByRole('radio', { name: '60 min' }).click();
  await expect(page.getByText('Not for 60 minutes on cement grout.')).toBeVisible();
  await page.getByText('What is on it?').click();
  await page.getByLabel('Type to find').fill('scale');
  await page.getByRole('radio', { name: 'Limescale and water spots' }).click();
  // Nobody puts acid on cement joints for their lime, whatever a joint bears.
  await expect(page.getByTestId('how-long')).toContainText('It takes dish soap to do this');
  await page.reload();
  await expect(page.getByTestId('how-long')).toContainText('It takes dish soap to do this');
  // On tile it runs into the joints: they are wetted first.
  await page.getByRole('button', { name: 'Cement grout', exact: true }).click();
  await page.getByRole('radio', { name: 'Glazed tile' }).click();
  await expect(page.getByText('On glazed tile with care.')).toBeVisible();
  await expect(page.getByTestId('finding-runs-into-joints')).toBeVisible();
  await expect(page.getByTestId('how-long')).toContainText('Wet the joints with plain water first.');
  await expect(page.getByTestId('how-long')).toContainText('Useful from 4 min. Best at 8 min; no more after 10.');
});

test('alcohol on a hob is a danger there, though fine on a window', async ({ page }) => {
  await page.goto('/mix/starter-alcohol-wipe');
  await page.getByText('Check it against a surface').click();
  await page.getByLabel('Type to find').fill('induction');
  await page.getByRole('radio', { name: 'Glass-ceramic or induction hob' }).click();
  await expect(page.getByText('Not on or near glass-ceramic or induction hob.')).toBeVisible();
});
