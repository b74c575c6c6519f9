import { run } from '../cli/run';
import { expect, test } from './page';

/** What the command line says of a meeting, place by place. */
const verdictOf = (names: readonly string[], scope: string): string =>
  (JSON.parse(run(['--meet', ...names, '--scope', scope], () => '').stdout) as { verdict: string }).verdict;

const WORD: Readonly<Record<string, string>> = {
  danger: 'Danger',
  defeats: 'Cancels out',
  caution: 'Take care',
  clear: 'Clear',
};

const PLACES = ['stored', 'sequence', 'air', 'drain'] as const;

const MEETINGS: readonly (readonly string[])[] = [
  ['bleach', 'vinegar'],
  ['bleach', 'ammonia'],
  ['hydrogen peroxide', 'vinegar'],
  ['baking soda', 'vinegar'],
  ['drain crystals', 'vinegar'],
  ['dish soap', 'baking soda'],
  ['bleach', 'dish soap', 'vinegar'],
];

test('May these meet? is two taps from Today, and answers as the command line does', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Safety' }).click();
  await page.getByTestId('may-meet').click();
  for (const names of MEETINGS) {
    await page.getByTestId('meet-name').fill(names.join(' and '));
    await page.getByTestId('meet-name').press('Enter');
    await expect(page.getByTestId('verdict')).toBeVisible();
    for (const scope of PLACES) {
      // The first steps of an accident are not asked here: only where, and how bad.
      await expect(page.getByTestId(`place-${scope}`), `${names.join(', ')} ${scope}`).toContainText(
        WORD[verdictOf(names, scope)] ?? '?',
      );
    }
    // Reloaded in the middle, it asks about the same things.
    if (names.length === 3) await page.reload();
    for (let left = names.length; left > 0; left--) {
      await page.getByRole('group', { name: 'Asked about' }).getByRole('button').first().click();
      if (left > 1)
        await expect(page.getByRole('group', { name: 'Asked about' }).getByRole('button')).toHaveCount(left - 1);
    }
    await expect(page.getByText('Or tap two of these')).toBeVisible();
  }
});

test('a danger is said with what to do and the first steps; which kind it is, is asked', async ({ page }) => {
  await page.goto('/safety/meet?with=bleach&with=toilet%20cleaner');
  await expect(page.getByTestId('finding-chlorine-gas')).toContainText('Never let them meet');
  await expect(page.getByText('Breathed fumes')).toBeVisible();
  await page.getByRole('button', { name: 'Chlorine bleach', exact: true }).click();
  await expect(page.getByTestId('finding-chlorine-gas')).toHaveCount(0);
});

const RECIPES: readonly string[] = [
  '1 cup sodium perborate\n1 cup vinegar',
  '1 cup linseed oil\n1/4 cup turpentine\n1/4 cup vinegar',
  '200 ml ammonia 25%',
  '1 cup sodium percarbonate\n1 cup sugar',
  '1 tbsp calcium chloride\n1 tbsp castile soap\n1 litre distilled water',
  '1 cup hydrated lime\n1 litre water',
  '1/4 cup acetone\n2 cups water',
  '2 tbsp borax\n2 tbsp glycerin\n1 L water',
  '1 cup peroxide (12 %)\n3 cups water',
  '1 tbsp lye\n1 L boiling water',
];

test('ten recipes come out in the app as on the command line', async ({ page }) => {
  await page.goto('/mix/paste');
  for (const text of RECIPES) {
    await page.getByTestId('recipe-text').fill(text);
    const { stdout } = run(['--text', '-'], () => text);
    const { verdict, findings } = JSON.parse(stdout) as { verdict: string; findings: { code: string }[] };
    await expect(page.getByTestId('verdict').first()).toHaveAttribute(
      'aria-label',
      new RegExp(`^Verdict: ${WORD[verdict] ?? '?'}`),
    );
    await expect(page.getByTestId(`finding-${findings[0]?.code ?? ''}`).first()).toBeVisible();
  }
});

test('what in a home must never meet is looked through, and printed', async ({ page }) => {
  await page.goto('/shelf/cupboard');
  for (const name of ['bleach', 'vinegar', 'rubbing alcohol']) {
    await page.getByTestId('add-pantry').fill(name);
    await page.getByTestId('add-pantry').press('Enter');
    await expect(page.getByTestId('add-pantry')).toHaveValue('');
  }
  await page.goto('/safety');
  await page.getByTestId('look-through').click();
  await expect(page.getByText('Chlorine bleach: never with white vinegar.')).toBeVisible();
  const file = page.waitForEvent('download');
  await page.getByTestId('print-never').click();
  expect((await file).suggestedFilename()).toBe('never-meet.pdf');
});

test('what is used at once is never told to be closed, bottled or kept', async ({ page }) => {
  await page.goto('/mix/paste');
  await page.getByTestId('recipe-text').fill('Keeps for months\n1/2 cup baking soda\n1 cup vinegar');
  await page.getByRole('radio', { name: 'Used at once, open' }).first().click();
  await page.getByRole('button', { name: /^Next/ }).click();
  await expect(page.getByTestId('mix-it')).toBeVisible();
  await expect(page.getByTestId('make-it')).toHaveCount(0);
  await page.getByTestId('mix-it').click();
  await expect(page.getByText(/nothing of it is closed, bottled or kept/)).toBeVisible();
  await page.getByTestId('labelled').click();
  await page.getByTestId('poured').click();
  await page.getByTestId('poured').click();
  await expect(page.getByText(/Never close it/)).toBeVisible();
  await expect(page.getByText(/Close it and turn/)).toHaveCount(0);
  await page.getByTestId('use-now').click();
  await expect(page.getByTestId('mix-it')).toBeVisible();
});
