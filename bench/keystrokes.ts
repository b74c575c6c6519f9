import { resolve } from 'node:path';
import { chromium, type CDPSession, type Page } from '@playwright/test';
import config from '../playwright.config';
import { buildServer } from '../server/server';

/** From a keystroke in the editor to the verdict painted, by the browser's own trace, the processor slowed four times. */

const SLOWED = 4;
const LINES = [
  '2 cups white vinegar',
  '1 cup distilled water',
  '2 tbsp rubbing alcohol',
  '1 tsp dish soap',
  '10 drops lavender oil',
  '1 tsp citric acid',
];
/** Every one of these changes the amount, and with it the verdict's figures. */
const TYPED = '123456789'.repeat(7);
const KEY_EVERY_MS = 110;

interface TraceEvent {
  readonly name: string;
  readonly ts: number;
  readonly dur?: number;
  readonly args?: { readonly data?: { readonly type?: string } };
}

const say = (figure: {
  name: string;
  value: number;
  unit: string;
  baseline: number | null;
  ratio: number | null;
}): void => {
  process.stdout.write(`${JSON.stringify(figure)}\n`);
};

/** Types while the browser traces itself. */
async function traced(page: Page, cdp: CDPSession, type: () => Promise<void>): Promise<TraceEvent[]> {
  const events: TraceEvent[] = [];
  cdp.on('Tracing.dataCollected', ({ value }) => events.push(...(value as unknown as TraceEvent[])));
  const complete = new Promise<void>((resolve) => cdp.once('Tracing.tracingComplete', () => resolve()));
  await cdp.send('Tracing.start', { categories: 'devtools.timeline', transferMode: 'ReportEvents' });
  await type();
  await page.waitForTimeout(400);
  await cdp.send('Tracing.end');
  await complete;
  return events.sort((a, b) => a.ts - b.ts);
}

const endOf = (event: TraceEvent): number => event.ts + (event.dur ?? 0);

/** ms from each key's event to the end of the first paint after its input was handled; and of the work between alone. */
function latencies(events: readonly TraceEvent[]): { toPaint: number[]; work: number[] } {
  const dispatched = (type: string) => events.filter((e) => e.name === 'EventDispatch' && e.args?.data?.type === type);
  const paints = events.filter((e) => e.name === 'Paint');
  const busy = events.filter((e) =>
    ['EventDispatch', 'UpdateLayoutTree', 'Layout', 'PrePaint', 'Paint', 'FunctionCall', 'Layerize', 'Commit'].includes(
      e.name,
    ),
  );
  const inputs = dispatched('input');
  const toPaint: number[] = [];
  const work: number[] = [];
  for (const key of dispatched('keydown')) {
    const input = inputs.find((i) => i.ts >= key.ts);
    const paint = input && paints.find((p) => p.ts >= endOf(input));
    if (!input || !paint) continue;
    toPaint.push((endOf(paint) - key.ts) / 1000);
    // Pieces of work that lie within one another count once.
    let until = key.ts;
    let sum = 0;
    for (const piece of busy.filter((b) => b.ts >= key.ts && b.ts <= paint.ts)) {
      const end = endOf(piece);
      if (end <= until) continue;
      sum += end - Math.max(until, piece.ts);
      until = end;
    }
    work.push(sum / 1000);
  }
  return { toPaint, work };
}

const at = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(share * values.length))] ?? NaN;

const rounded = (value: number): number => Number(value.toFixed(2));

async function main(): Promise<void> {
  const server = await buildServer({ root: resolve('dist'), demo: false });
  const address = await server.listen({ host: '127.0.0.1', port: 0 });
  const browser = await chromium.launch(config.use?.launchOptions);
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await page.goto(`${address}/mix/edit`);
    for (const line of LINES) {
      await page.getByTestId('add-line').fill(line);
      await page.keyboard.press('Enter');
    }
    await page.getByTestId('amount-1').click();
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    const measured = await measure(page, cdp);
    // The same recipe pasted as text: the first number of it is typed anew.
    const pasted = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await pasted.goto(`${address}/mix/paste`);
    await pasted.getByTestId('recipe-text').fill(LINES.join('\n'));
    await pasted.getByTestId('verdict').waitFor();
    await pasted.getByTestId('recipe-text').click();
    const its = await pasted.context().newCDPSession(pasted);
    await its.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    const inText = await measure(pasted, its, ['Control+Home', 'Shift+ArrowRight']);
    await pasted.close();
    await page.bringToFront();
    // What this machine asks for a bare field that writes what is typed beside itself: nothing can be faster.
    const bare = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await bare.setContent('<input id="i" value="2 cups"><p id="p">2 cups</p>');
    await bare.evaluate(() => {
      const field = document.getElementById('i') as HTMLInputElement;
      const beside = document.getElementById('p');
      field.addEventListener('input', () => {
        if (beside) beside.textContent = field.value;
      });
    });
    await bare.locator('#i').click();
    const slow = await bare.context().newCDPSession(bare);
    await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    const floor = await measure(bare, slow);
    await bare.close();
    await page.bringToFront();
    const figure = (what: string, share: number, of: 'toPaint' | 'work', aim: number, times = measured): void => {
      const value = at(times[of], share);
      const least = at(floor[of], share);
      say({
        name: `${what}, processor slowed ${SLOWED} times (aim ${aim} ms)`,
        value: rounded(value),
        unit: 'ms',
        baseline: rounded(least),
        ratio: rounded(value / least),
      });
    };
    figure('keystroke to painted verdict, median, beside a bare field', 0.5, 'toPaint', 16);
    figure('keystroke to painted verdict, 95th percentile, beside a bare field', 0.95, 'toPaint', 50);
    figure('work of a keystroke until it is painted, median, beside a bare field', 0.5, 'work', 16);
    figure('keystroke in a pasted recipe to painted verdict, median, beside a bare field', 0.5, 'toPaint', 50, inText);

    // Fast typing: nothing may be dropped.
    const name = 'The quick galley spray for brass and glass, number nine'.slice(0, 54);
    await page.getByTestId('formula-name').click();
    await page.keyboard.type(name, { delay: 0 });
    const kept = await page.getByTestId('formula-name').inputValue();
    say({
      name: 'letters dropped at fast typing',
      value: name.length - kept.length,
      unit: 'letters',
      baseline: name.length,
      ratio: kept === name ? 0 : 1,
    });
  } finally {
    await browser.close();
    await server.close();
  }
}

/** Types a row of digits in place of one another, and takes the times of each; `select` marks the one before. */
async function measure(
  page: Page,
  cdp: CDPSession,
  select: readonly string[] = ['Control+a'],
): Promise<ReturnType<typeof latencies>> {
  const one = async (key: string): Promise<void> => {
    for (const press of select) await page.keyboard.press(press);
    await page.keyboard.press(key);
    await page.waitForTimeout(KEY_EVERY_MS);
  };
  for (const key of '12345') await one(key);
  const events = await traced(page, cdp, async () => {
    for (const key of TYPED) await one(key);
  });
  // Control and a are keys too, but bring nothing new: only keys with an input count.
  return latencies(
    events.filter((e) => e.name !== 'EventDispatch' || e.args?.data?.type !== 'keydown' || followedByInput(e, events)),
  );
}

/** True if a key's event brings an input before the next key. */
function followedByInput(key: TraceEvent, events: readonly TraceEvent[]): boolean {
  const next = events.find(
    (e) => e.ts > key.ts && e.name === 'EventDispatch' && ['keydown', 'input'].includes(e.args?.data?.type ?? ''),
  );
  return next?.args?.data?.type === 'input';
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
