import {
  recipeTextOf,
  evaluate,
  evaluateAndPlan,
  formulaFromReading,
  rankWays,
  readRecipe,
  SOILS,
  STARTER_FORMULAS,
  surfaceByName,
  SURFACES,
  toolSet,
  DEFAULT_CONTEXT,
  weighSupplies,
  type Formula,
  type Vessel,
} from '../src/core';
import { ACID_SYSTEMS, systemIndex } from '../src/core/catalogue/acidSystems';
import { equilibrium, type Solution } from '../src/core/mixture/equilibrium';
import { reckonFigures } from './reckon';

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
const AT = DEFAULT_CONTEXT;

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
  const result = evaluateAndPlan(formula, BOTTLE, TOOLS, AT, recipeTextOf(reading));
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

/** Texts of one and of four kB, each key a new one: time to read grows with the length, not with its square. */
function longTexts(): void {
  const NOTE = 'Spray it on the worktop, wait a few minutes and wipe with a damp cloth. Never mix with bleach. ';
  const texts: readonly (readonly [name: string, of: (length: number) => string])[] = [
    ['notes', (length) => `${RECIPE}\n${NOTE.repeat(60)}`.slice(0, length)],
    ['"salt" on each line', (length) => 'salt\n'.repeat(length / 5)],
    ['words nobody knows', (length) => 'zonk wibble frob '.repeat(length / 17)],
  ];
  for (const [name, of] of texts) {
    const [short, long] = [of(1024), of(4096)];
    const small = medianMs((i) => readRecipe(`${short} ${i}`, { measures: 'us' }), 10, 9);
    const large = medianMs((i) => readRecipe(`${long} ${i}`, { measures: 'us' }), 10, 9);
    say({
      name: `reading 4 kB beside 1 kB, ${name} (aim: at most 5)`,
      value: large,
      unit: 'ms',
      baseline: small,
      ratio: large / small,
    });
  }
}

/** Six lines that react, so that every view and many findings are worked out; one surface. */
const SIX_LINES = `1 cup white vinegar
1/2 cup water
2 tbsp rubbing alcohol
1 tsp dish soap
12 drops tea tree oil
1 tbsp baking soda`;

function formulaOf(text: string): Formula {
  const formula = formulaFromReading(readRecipe(text, { measures: 'us' }), 'f', 'F', 'us');
  if (!formula) throw new Error('nothing was read');
  return formula;
}

/** A solution like the one in six lines, for the bare search: acetate, carbonate and an ion that takes no part. */
function bareSolution(): Solution {
  const totals = new Float64Array(ACID_SYSTEMS.length);
  totals[systemIndex('acetic')] = 0.53;
  totals[systemIndex('carbonic')] = 0.44;
  return { totals, spectatorCharge: 0.44, spectatorIonic: 0.44 };
}

/** The first so many lines of the six, over and over, without drops. */
function manyLines(formula: Formula, count: number): Formula {
  const kept = formula.lines.filter((l) => l.amount.kind !== 'drops');
  const lines = Array.from({ length: count }, (_, i) => ({ ...kept[i % kept.length]!, id: String(i) }));
  return { ...formula, lines };
}

function wholeEvaluation(): void {
  const at = { ...DEFAULT_CONTEXT, surface: surfaceByName('marble'), dwellMinutes: 5 };
  const formula = formulaOf(SIX_LINES);
  const ms = medianMs(() => evaluate(formula, at), 500);
  const solution = bareSolution();
  const bareMs = medianMs(() => equilibrium(solution), 2000);
  const AIM_PER_SECOND = 5000;
  say({
    name: 'whole evaluations of six lines on one surface, against the aim',
    value: 1000 / ms,
    unit: 'per second',
    baseline: AIM_PER_SECOND,
    ratio: 1000 / ms / AIM_PER_SECOND,
  });
  say({
    name: 'whole evaluation to one bare root finding',
    value: ms,
    unit: 'ms',
    baseline: bareMs,
    ratio: ms / bareMs,
  });
  const [ten, forty] = [manyLines(formula, 10), manyLines(formula, 40)];
  const tenMs = medianMs(() => evaluate(ten, at));
  const fortyMs = medianMs(() => evaluate(forty, at));
  say({
    name: 'forty lines to ten, linear would be 4',
    value: fortyMs,
    unit: 'ms',
    baseline: tenMs,
    ratio: fortyMs / tenMs,
  });
}

function allWays(): void {
  const air = { roomC: 20, humidityPercent: 60 };
  const starters = () => weighSupplies({ shelf: [], formulas: STARTER_FORMULAS, cupboard: null }, DEFAULT_CONTEXT);
  const rank = (): number => {
    const candidates = starters();
    let ways = 0;
    for (const surface of SURFACES) {
      for (const soil of SOILS) ways += rankWays(candidates, surface, soil, DEFAULT_CONTEXT, air).ways.length;
    }
    return ways;
  };
  const ms = medianMs(rank, 1, 5);
  const AIM_MS = 3000;
  say({
    name: `${STARTER_FORMULAS.length} starters against ${SURFACES.length} surfaces and ${SOILS.length} soils, against 3 s`,
    value: ms,
    unit: 'ms',
    baseline: AIM_MS,
    ratio: ms / AIM_MS,
  });
  const PAIR_AIM_MS = 5;
  const candidates = starters();
  const pairs = SURFACES.flatMap((surface) => SOILS.map((soil) => [surface, soil] as const));
  const pairMs = medianMs((i) => {
    const [surface, soil] = pairs[(i * 37) % pairs.length] ?? [];
    return surface && soil && rankWays(candidates, surface, soil, DEFAULT_CONTEXT, air);
  });
  say({
    name: 'the ways for one pair of surface and soil, against 5 ms',
    value: pairMs,
    unit: 'ms',
    baseline: PAIR_AIM_MS,
    ratio: pairMs / PAIR_AIM_MS,
  });
}

keystroke();
longTexts();
wholeEvaluation();
allWays();

const RECKON_AIM_MS = 1000;
for (const [name, value] of reckonFigures())
  say({ name: `${name}, against a second`, value, unit: 'ms', baseline: RECKON_AIM_MS, ratio: value / RECKON_AIM_MS });
