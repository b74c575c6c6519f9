import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { chooseFile, DEMO_URL, expect, paste, test } from './page';
import { readPrinted } from './printed';

/** Types a whole line into the editor and adds it. */
async function add(page: Page, line: string): Promise<void> {
  await page.getByTestId('add-line').fill(line);
  await page.keyboard.press('Enter');
}

const saved = async (page: Page, press: Locator): Promise<Buffer> => {
  const download = page.waitForEvent('download');
  await press.click();
  return readFileSync(await (await download).path());
};

test('from nothing to a mixed, labelled batch, with a reload in the middle of each part', async ({ page, browser }) => {
  await page.goto('/mix');
  await page.getByTestId('new-formula').click();
  await page.getByTestId('formula-name').fill('Galley descaler');
  await add(page, '1 cup white vinegar');
  await page.getByTestId('add-line').fill('castile');
  await page.getByRole('button', { name: 'Add liquid castile soap' }).click();
  await page.getByTestId('amount-2').fill('1 cup');
  await expect(page.getByTestId('verdict')).toContainText('Cancels out');
  await page.reload();
  await expect(page.getByTestId('amount-2')).toHaveValue('1 cup');
  await expect(page.getByTestId('verdict')).toContainText('Cancels out');

  // What to do instead, with one tap; and back, and forward.
  await page.getByTestId('remedy-swap-dish-soap').first().click();
  await expect(page.getByTestId('verdict')).toContainText('Clear');
  await page.getByTestId('undo').click();
  await expect(page.getByTestId('verdict')).toContainText('Cancels out');
  await page.getByTestId('redo').click();
  await expect(page.getByTestId('verdict')).toContainText('Clear');

  // An amount that cannot be read is said, kept, and counts as it stood.
  await page.getByTestId('amount-2').fill('1 cupp of');
  await page.getByTestId('formula-name').focus();
  await expect(page.getByText('Not an amount yet; counted as 1 cup.')).toBeVisible();
  await expect(page.getByTestId('next-bottle')).toBeDisabled();
  await page.getByTestId('amount-2').fill('2 tbsp');
  await page.getByTestId('next-bottle').click();

  await page.getByTestId('bottle-size').fill('375');
  await page.getByTestId('mix-it').click();
  await page.getByTestId('labelled').click();
  await expect(page.getByTestId('pour')).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('step')).toHaveText('Step 2 of 3');
  await page.getByTestId('poured').click();
  await page.getByTestId('poured').click();
  await expect(page.getByText('All in.')).toBeVisible();
  await page.getByTestId('to-shelf').click();
  await expect(page.getByTestId('label').first()).toContainText('Galley descaler');
  await expect(page.getByTestId('label').first()).toContainText('Never with: chlorine bleach');

  // The label on paper, read back by another program.
  await page.getByTestId('print-label').click();
  await expect(page.getByTestId('label-preview')).toBeVisible();
  const printed = await readPrinted(browser, await saved(page, page.getByTestId('label-pdf')));
  const says = /(\d+) × (\d+) mm/.exec((await page.getByText(/\d+ × \d+ mm, text of/).textContent()) ?? '');
  expect(printed.pages).toHaveLength(1);
  expect((printed.pages[0]!.width / 72) * 25.4).toBeCloseTo(Number(says?.[1]), 0);
  expect((printed.pages[0]!.height / 72) * 25.4).toBeCloseTo(Number(says?.[2]), 0);
  for (const words of ['Galley descaler', 'white vinegar', 'Discard by:', 'chlorine bleach']) {
    expect(printed.text).toContain(words);
  }
  expect(printed.code).toContain('Name: Galley descaler');
  const sheet = await readPrinted(browser, await saved(page, page.getByTestId('label-sheet')));
  expect((sheet.pages[0]!.width / 72) * 25.4).toBeCloseTo(210, 1);
  const svg = (await saved(page, page.getByTestId('label-svg'))).toString();
  expect(svg).toContain('Galley descaler');

  // The code's text is the recipe again.
  await paste(page, printed.code ?? '');
  await expect(page.getByTestId('standing')).toHaveText('Every line was understood.');
  await expect(page.getByTestId('formula-name')).toHaveValue('Galley descaler');
});

// Five recipes of five kinds, and what is to be said of each.
for (const [what, text, verdict] of [
  ['equal parts', 'Tile spray\nvinegar and water, 1:1', 'Clear'],
  ['by weight, to fill', 'Degreaser\n15 g washing soda\n5 mL dish soap\nwater to fill 1 litre', 'Clear'],
  ['bottled fizz', 'Drain bomb\n1 cup baking soda\n1 cup vinegar\nkeep in a closed bottle', 'Danger'],
  ['vague', 'Wipes\n1 cup rubbing alcohol (70%)\na squirt of dish soap\n1 cup distilled water', 'Take care'],
  ['two amounts', 'Scrub\n½ cup baking soda (300 g)\n2 tbsp castile soap\n¼ cup water', 'Take care'],
] as const) {
  test(`a pasted recipe, ${what}, is read, judged, and kept through a reload`, async ({ page }) => {
    await paste(page, text);
    await expect(page.getByTestId('verdict')).toContainText(verdict);
    // The lines follow the verdict by a moment.
    const lines = page.getByTestId(/-line$/);
    await expect(lines.nth(1)).toBeVisible();
    const read = await lines.allTextContents();
    await page.reload();
    await expect(page.getByTestId('verdict')).toContainText(verdict);
    await expect(lines).toHaveText(read);
  });
}

test('a danger is mended by its instead: two bottles', async ({ page }) => {
  await paste(page, 'Power spray\n1 cup hydrogen peroxide\n1 cup white vinegar');
  await expect(page.getByTestId('verdict')).toContainText('Danger');
  await page.getByTestId('remedy-split-peroxide-carboxylic-acid').click();
  await expect(page.getByTestId('finding-peracetic-acid')).toHaveCount(0);
  await expect(page.getByTestId('next-bottle')).toBeEnabled();
  await page.goto('/mix');
  await expect(page.getByRole('link', { name: /Power spray, 2: white vinegar/ })).toBeVisible();
});

test('by weight with the simulated scale: poured over once, and the rest made to fit', async ({ page }) => {
  await page.clock.install();
  await page.goto(`${DEMO_URL}/mix/starter-wall`);
  await page.getByTestId('another-bottle').click();
  await page.getByRole('radio', { name: /Deck bucket/ }).click();
  await page.getByTestId('mix-it').click();
  await page.getByTestId('labelled').click();
  // 75 % of 5 L at 1 to 4: 3 L of water first, said by hand.
  await page.getByTestId('other-amount').click();
  await page.getByTestId('really').fill('3000');
  await page.getByTestId('poured-other').click();
  // 750 g of vinegar on the scale: poured too long.
  await expect(page.getByTestId('pour')).toBeVisible();
  await page.getByTestId('by-weight').click();
  await page.getByTestId('scale-simulated').click();
  await pourUntil(page, 810);
  await page.getByTestId('weighed').click();
  await expect(page.getByText(/mL too much white vinegar/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/mL too much white vinegar/)).toBeVisible();
  await page.getByTestId('rescale').click();
  // Four times what was too much of the vinegar: more than 240 mL of water.
  const more = parseFloat((await page.getByTestId('pour').textContent()) ?? '0');
  expect(more).toBeGreaterThan(240);
  await page.getByTestId('by-weight').click();
  await page.getByTestId('scale-simulated').click();
  await pourUntil(page, more - 20);
  await page.getByTestId('weighed').click();
  await expect(page.getByText('All in.')).toBeVisible();
  await page.getByTestId('to-shelf').click();
  await expect(page.getByTestId('label').first()).toContainText('Shower rinse spray');
  await expect(page.getByTestId('label').first()).toContainText(/4(?:\.\d)? L/);
});

/** Lets the simulated hand pour until the scale shows so many grams, and waits until it stands still; the page's time is moved on by hand. */
async function pourUntil(page: Page, grams: number): Promise<void> {
  const shown = async (): Promise<number> => parseFloat((await page.getByTestId('scale-grams').textContent()) ?? '0');
  await expect(page.getByTestId('scale-grams')).toHaveText('0 g');
  await page.getByTestId('simulated-pour').click();
  await expect(async () => {
    await page.clock.fastForward(500);
    expect(await shown()).toBeGreaterThan(grams);
  }).toPass({ intervals: [20] });
  await page.getByTestId('simulated-pour').click();
  await page.clock.runFor(3000);
  await expect(page.getByTestId('weighed')).toBeEnabled();
}

test('what if: a line is dragged by the keys, and taken', async ({ page }) => {
  await page.goto('/mix/edit?formula=starter-everyday');
  await page.getByRole('button', { name: /^white vinegar/ }).click();
  await page.getByRole('button', { name: 'What if there were more or less?' }).click();
  await expect(page.getByTestId('what-if-chart')).toBeVisible();
  await page.getByRole('slider', { name: 'Amount of white vinegar' }).focus();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('PageUp');
  await expect(page.getByTestId('what-if-amount')).toHaveText('1.6 parts');
  await page.getByTestId('what-if-take').click();
  await expect(page.getByTestId('amount-1')).toHaveValue('1.6 parts');
});

test('by the keyboard alone at a wide screen: composed, reordered, undone, kept', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/mix/edit');
  await page.getByTestId('add-line').focus();
  await page.keyboard.type('2 cups distilled water');
  await page.keyboard.press('Enter');
  await page.keyboard.type('1 cup vinegar');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('line-2')).toContainText('white vinegar');
  await page.getByTestId('handle-2').focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('white vinegar: place 2 of 2.')).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('white vinegar: place 1 of 2.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('line-1')).toContainText('white vinegar');
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('line-2')).toContainText('white vinegar');
  await page.getByTestId('formula-name').focus();
  await page.keyboard.type('Keyboard spray');
  await page.getByTestId('next-bottle').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('bottle')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Keyboard spray', level: 1 })).toBeVisible();

  for (const step of ['mix-it', 'labelled', 'poured', 'poured', 'to-shelf']) {
    await page.getByTestId(step).focus();
    await page.keyboard.press('Enter');
  }
  await expect(page.getByTestId('label').filter({ hasText: 'Never with' })).toContainText('Keyboard spray');
});

test('a line is dragged to another place', async ({ page }) => {
  await page.goto('/mix/edit?formula=starter-scum');
  const first = await page.getByTestId('line-1').textContent();
  const from = (await page.getByTestId('handle-1').boundingBox())!;
  await page.mouse.move(from.x + 24, from.y + 24);
  await page.mouse.down();
  await page.mouse.move(from.x + 24, from.y + 24 + 70, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByTestId('line-2')).toHaveText(first ?? '');
});

test('a formula goes out as a card and as a file, and both come back', async ({ page }) => {
  await page.goto('/mix/starter-scum');
  await page.getByTestId('share').click();
  const card = (await saved(page, page.getByTestId('card-file'))).toString();
  const file = (await saved(page, page.getByTestId('formula-file'))).toString();
  expect(card).toBe(await page.getByTestId('card-text').innerText());
  for (const [name, text] of [
    ['scum.txt', card],
    ['scum.formula.json', file],
  ] as const) {
    await page.goto('/mix/paste');
    await page.getByTestId('recipe-text').fill('');
    await chooseFile(page, () => page.getByTestId('open-file').click(), name, text);
    await expect(page.getByTestId('standing')).toHaveText('Every line was understood.');
    await expect(page.getByTestId('formula-name')).toHaveValue('Scum spray');
    await expect(page.getByTestId('recipe-text')).toHaveValue(card);
  }
  await page.getByTestId('recipe-text').fill('');
  await chooseFile(page, () => page.getByTestId('open-file').click(), 'x.formula.json', '{"format":"other"}');
  await expect(page.getByText(/This is not a Biscuit formula file/)).toBeVisible();
});

test('a bottle measured by a ruler is drawn, kept, and filled to its mark', async ({ page }) => {
  await page.goto('/mix/starter-everyday');
  await page.getByTestId('another-bottle').click();
  await page.getByTestId('own-bottle').click();
  await page.getByTestId('vessel-name').fill('Straight jar');
  await page.getByRole('radio', { name: 'By a ruler' }).click();
  await page.getByTestId('vessel-body').fill('83');
  await page.getByTestId('vessel-shoulder').fill('100');
  await page.getByTestId('vessel-neck').fill('83');
  await page.getByTestId('vessel-brim').fill('100');
  // A cylinder of 80 mm inside and 100 mm high: π × 40² × 100 mm³ = 502.65 mL.
  await expect(page.getByText('503 mL to the brim')).toBeVisible();
  await page.getByTestId('keep-bottle').click();
  await expect(page.getByTestId('keep-bottle')).toHaveCount(0);
  // Nine tenths of it stand nine tenths high: 90 mm.
  await expect(page.getByTestId('bottle')).toHaveAttribute('aria-label', /to 453 mL, 90 mm high/);
});
