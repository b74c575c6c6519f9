import { test, type Page } from '@playwright/test';

/** The pictures of docs/screenshots, made from the demo home: `make pictures`. */
const shot = async (page: Page, name: string): Promise<void> => {
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

test('pictures of the main views', async ({ page }) => {
  await page.goto('/');
  await page.getByText('Past its day').waitFor();
  await shot(page, 'today');
  await page.goto('/mix');
  await page.getByText('To start from').waitFor();
  await shot(page, 'mix');
  await page.goto('/mix/paste');
  await page
    .getByTestId('recipe-text')
    .fill('Saloon window spray\n1/2 cup (118 ml) rubbing alcohol\n1 cup water\na squirt of soap\na splash of vinegar');
  await page.getByText('How it was read').scrollIntoViewIfNeeded();
  await page.getByText('a squirt of soap').last().scrollIntoViewIfNeeded();
  await shot(page, 'paste');
  await page.getByTestId('recipe-text').fill('Bathroom power spray\n1/2 cup hydrogen peroxide\n1/2 cup white vinegar');
  await page.getByTestId('recipe-text').scrollIntoViewIfNeeded();
  await shot(page, 'danger');
  await page.goto('/mix/pipit-porthole');
  await page.getByTestId('bottle').waitFor();
  await shot(page, 'bench');
  await page.getByText('How much of each').evaluate((e) => e.scrollIntoView({ block: 'start' }));
  await shot(page, 'bench-pour');
  await page.goto('/mix/starter-wall');
  await page.getByText('Check it against a surface').click();
  await page.getByLabel('Type to find').fill('grout');
  await page.getByRole('radio', { name: 'Cement grout' }).click();
  await page.getByRole('radio', { name: '60 min' }).click();
  await page.getByText('What is on it?').click();
  await page.getByLabel('Type to find').fill('scum');
  await page.getByRole('radio', { name: 'Soap scum' }).click();
  await page.getByTestId('ph').scrollIntoViewIfNeeded();
  await shot(page, 'surface');
  await page.goto('/shelf');
  await page.getByText('Porthole glass').waitFor();
  await shot(page, 'shelf');
  await page.goto('/shelf/pipit-b1');
  await page.getByText('As it was made').waitFor();
  await shot(page, 'label');
  await page.goto('/safety');
  await page.getByText('Breathed fumes').waitFor();
  await shot(page, 'safety');
  await page.goto('/settings');
  await page.getByText('I measure with').waitFor();
  await shot(page, 'settings');
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/mix/pipit-porthole');
  await page.getByTestId('bottle').waitFor();
  await shot(page, 'bench-wide');
});
