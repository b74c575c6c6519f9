import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import {
  evaluateAndPlan,
  formulaFromReading,
  readRecipe,
  toolSet,
  unreadOf,
  USUAL_CIRCUMSTANCES,
  type Vessel,
} from '../src/core';

interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  readonly baseline: number | null;
  readonly ratio: number | null;
}

const say = (figure: Figure): void => {
  process.stdout.write(`${JSON.stringify(figure)}\n`);
};

const RECIPE = `Galley all-round
1 cup white vinegar
1/2 cup (118 ml) water
2 tbsp rubbing alcohol (70%)
1 tsp dish soap
10 to 15 drops tea tree oil
a pinch of salt`;

const BOTTLE: Vessel = {
  id: 'b',
  name: 'Bottle',
  shape: 'straight-spray',
  capacityML: 375,
  material: 'pet',
  opaque: false,
};
const TOOLS = toolSet(['cups', 'spoons', 'jug'], 'us');
const AT = USUAL_CIRCUMSTANCES;

/** Median time of one run in ms: rounds of many runs, so that one slow round does not count. */
function medianMs(work: (round: number) => unknown, runs = 200, rounds = 25): number {
  for (let i = 0; i < runs; i++) work(i);
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    for (let i = 0; i < runs; i++) work(i);
    return (performance.now() - start) / runs;
  });
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)] ?? NaN;
}

function readScaleJudge(text: string): unknown {
  const reading = readRecipe(text, { measures: 'us' });
  const formula = formulaFromReading(reading, 'f', 'F', 'us');
  if (!formula) throw new Error('nothing was read');
  const result = evaluateAndPlan(formula, BOTTLE, TOOLS, AT, { unread: unreadOf(reading), notes: [] });
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
}

/** The work of one keystroke in the paste field, against a frame of 16.7 ms; a new text each time, so that nothing is remembered. */
function keystroke(): void {
  const FRAME_MS = 1000 / 60;
  const value = medianMs((i) => readScaleJudge(`${RECIPE}\n${i} drops lavender oil`));
  say({ name: 'read+scale+judge, six lines', value, unit: 'ms', baseline: FRAME_MS, ratio: value / FRAME_MS });
  const one = medianMs(() => readScaleJudge('1 cup white vinegar'));
  const six = medianMs(() => readScaleJudge(RECIPE));
  say({ name: 'six lines to one line', value: six, unit: 'ms', baseline: one, ratio: six / one });
}

/** Floor of the stack: an empty app with router, elements, query and storage, bytes after gzip. */
const EMPTY_APP_BYTES = 565_000;
/** Scripts of screens that the first one does not need. */
const LATER = /\/(?:\[id\]|paste|rooms|log|safety|settings|\+not-found)-[0-9a-f]+\.js$/;

function firstScripts(): void {
  const folder = 'dist/_expo/static/js/web';
  const bytes = readdirSync(folder)
    .map((f) => join(folder, f))
    .filter((f) => f.endsWith('.js') && !LATER.test(f))
    .reduce((sum, f) => sum + gzipSync(readFileSync(f)).length, 0);
  say({
    name: 'first scripts after gzip',
    value: bytes,
    unit: 'bytes',
    baseline: EMPTY_APP_BYTES,
    ratio: bytes / EMPTY_APP_BYTES,
  });
}

keystroke();
firstScripts();
