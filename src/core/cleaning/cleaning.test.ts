import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { SOILS, soilByName, type Soil } from '../catalogue/soils';
import { SURFACES, surfaceByName } from '../catalogue/surfaces';
import type { Surface } from '../catalogue/surface';
import { DEFAULT_CONTEXT, type EvaluationContext } from '../evaluation/context';
import { exceededLimits, certainlyExceeded } from '../findings/surfaceLimits';
import { formulaFromReading } from '../formula/fromReading';
import type { Formula } from '../formula/formula';
import { readRecipe } from '../formula/reader/readRecipe';
import { STARTER_FORMULAS } from '../formula/starters';
import { descaling, scaleMassG } from './descaling';
import { dryMinutes, evaporationKgPerM2H, rewetEveryMinutes, saturationKPa } from './drying';
import { guideSteps } from './guide';
import { rankWays, weighSupplies, type Supplies, type Ways } from './ways';

const AIR = { roomC: 20, humidityPercent: 60 };
const surface = (name: string): Surface => surfaceByName(name)!;
const soil = (name: string): Soil => soilByName(name)!;
const recipe = (text: string, use: Formula['use'] = 'stored'): Formula => ({
  ...formulaFromReading(readRecipe(text, { measures: 'us' }), text, text, 'us')!,
  use,
});

const STARTERS: Supplies = { shelf: [], formulas: STARTER_FORMULAS, cupboard: null };
const starters = weighSupplies(STARTERS, DEFAULT_CONTEXT);

const ranked = (on: string, off: string, supplies = STARTERS, at: Partial<EvaluationContext> = {}): Ways => {
  const circumstances = { ...DEFAULT_CONTEXT, ...at };
  return rankWays(weighSupplies(supplies, circumstances), surface(on), soil(off), circumstances, AIR);
};
const names = (ways: Ways): string[] => ways.ways.map((w) => w.candidate.formula.name);
const outBecause = (ways: Ways, name: string): string | undefined =>
  ways.ruledOut.find((r) => r.candidate.formula.name === name)?.because;

describe('ways to clean', () => {
  // Which of the starters comes first, and what is ruled out: common practice, no source, unless said.
  test.each([
    ['glass', 'fingerprints', ['Clear glass', 'Quick-dry wipe']],
    ['shower-head', 'limescale', ['Neat vinegar bag']],
    ['toilet-bowl', 'bowl-ring', ['Bowl soak']],
    ['cement-grout', 'mould', ['Mould peroxide']],
    ['brass', 'tarnish', ['Brass polish']],
    ['stove-glass', 'soot', ['Stove-glass paste']],
    ['oven-racks', 'burnt-on', ['Rack soak', 'Stove-glass paste']],
    ['vinyl-floor', 'daily-dirt', ['Dish-soap spray', 'Floor wash']],
    ['cotton', 'tannin', ['Mould peroxide', 'Oxygen soak']],
  ])('%s, %s', (on, off, oneOf) => {
    expect(oneOf).toContain(names(ranked(on, off))[0]);
  });

  test.each([
    // Calcite dissolves in acid (CRC Handbook).
    ['marble', 'limescale', 'Everyday vinegar', 'surface'],
    ['acrylic', 'fingerprints', 'Clear glass', 'surface'],
    // Acid sets protein, true soap sets tannin, bleaches set rust (common practice).
    ['cotton', 'protein', 'Everyday vinegar', 'sets'],
    ['cotton', 'tannin', 'Worktop soap', 'sets'],
    ['enamel', 'rust', 'Mould peroxide', 'sets'],
    // GHS: a flammable liquid, on what can light it.
    ['induction-hob', 'fingerprints', 'Quick-dry wipe', 'danger'],
    ['glazed-tile', 'limescale', 'Worktop soap', 'does-not-lift'],
    ['glazed-tile', 'fresh-grease', 'Everyday vinegar', 'does-not-lift'],
    ['wallpaper', 'daily-dirt', 'Dish-soap spray', 'surface'],
  ])('%s, %s: %s is ruled out: %s', (on, off, name, because) => {
    expect(outBecause(ranked(on, off), name)).toBe(because);
  });

  test('what a surface never bears is said by its own reason', () => {
    const { ruledOut } = ranked('marble', 'limescale');
    const vinegar = ruledOut.find((r) => r.candidate.formula.name === 'Everyday vinegar');
    expect(vinegar?.why).toMatch(/^Its calcite dissolves in acid/);
  });

  test('what cancels out or is a danger is never a way', () => {
    const supplies: Supplies = {
      shelf: [recipe('1 cup castile soap\n2 cups vinegar'), recipe('1 cup peroxide\n1 cup vinegar')],
      formulas: [],
      cupboard: null,
    };
    const { ways, ruledOut } = ranked('glazed-tile', 'limescale', supplies);
    expect(ways).toEqual([]);
    expect(ruledOut.map((r) => r.because)).toEqual(['cancels', 'danger']);
    for (const r of ruledOut) expect(r.why.length).toBeGreaterThan(10);
  });

  test('a bottle on the shelf comes before the same to be made, and that before one to be bought', () => {
    const glass = STARTER_FORMULAS.find((f) => f.name === 'Clear glass')!;
    const wipe = STARTER_FORMULAS.find((f) => f.name === 'Everyday vinegar')!;
    const at = (supplies: Supplies): string[] =>
      ranked('glass', 'fingerprints', supplies).ways.map((w) => `${w.candidate.formula.name}: ${w.candidate.from}`);
    expect(at({ shelf: [glass], formulas: [glass], cupboard: new Set([]) })).toEqual([
      'Clear glass: shelf',
      'Clear glass: more-missing',
    ]);
    expect(
      at({
        shelf: [],
        formulas: [glass, wipe],
        cupboard: new Set(['isopropyl-alcohol', 'distilled-water', 'dish-soap']),
      }),
    ).toEqual(['Clear glass: cupboard', 'Everyday vinegar: one-missing']);
  });

  test('the household decides: an oil spray is no way where a bird lives', () => {
    const scented = recipe('1 cup water\n2 tsp dish soap\n5 drops lavender oil');
    const supplies: Supplies = { shelf: [scented], formulas: [], cupboard: null };
    expect(ranked('glazed-tile', 'daily-dirt', supplies).ways).toHaveLength(1);
    expect(ranked('glazed-tile', 'daily-dirt', supplies, { household: ['bird'] }).ways).toEqual([]);
  });

  test('a school the person has chosen opens a way that the default keeps shut', () => {
    const thin = recipe('1 cup vinegar\n19 cups water\n1 tbsp dish soap');
    const supplies: Supplies = { shelf: [thin], formulas: [], cupboard: null };
    expect(ranked('varnished-wood', 'daily-dirt', supplies).ways).toEqual([]);
    const schools = { 'vinegar-on-sealed-wood': 'diluted' };
    expect(ranked('varnished-wood', 'daily-dirt', supplies, { preferences: schools }).ways).toHaveLength(1);
  });

  test('what things are laid into is no way for what stands fast, unless it says it is', () => {
    const place = (on: string, off: string, name: string) => names(ranked(on, off)).indexOf(name);
    expect(place('glazed-tile', 'daily-dirt', 'Cool stain wash')).toBeGreaterThan(2);
    expect(place('oven-racks', 'burnt-on', 'Rack soak')).toBe(0);
  });

  test('more than home cleaning can do is said', () => {
    expect(ranked('matt-paint', 'mould').beyond).toMatch(/professional/);
  });
});

describe('what holds for every surface and soil', () => {
  const any = fc.tuple(fc.constantFrom(...SURFACES), fc.constantFrom(...SOILS));

  test('every formula is either a way or ruled out, with its reason', () => {
    fc.assert(
      fc.property(any, ([on, off]) => {
        const { ways, ruledOut } = rankWays(starters, on, off, DEFAULT_CONTEXT, AIR);
        expect(ways.length + ruledOut.length).toBe(starters.length);
        for (const r of ruledOut) expect(r.why.length).toBeGreaterThan(5);
        for (const w of ways) expect(w.why.length).toBeGreaterThan(5);
      }),
      { numRuns: runs(200) },
    );
  });

  test('no way is a danger, stays on past harm, or stays less than it needs', () => {
    fc.assert(
      fc.property(any, ([on, off]) => {
        for (const w of rankWays(starters, on, off, DEFAULT_CONTEXT, AIR).ways) {
          expect(w.candidate.evaluation.verdict).not.toBe('danger');
          expect(w.cautions.every((f) => f.level !== 'danger' && !f.rulesOut)).toBe(true);
          const { usefulMinutes, bestMinutes, longestMinutes, harmAfterMinutes } = w.dwell;
          expect(usefulMinutes).toBeLessThanOrEqual(bestMinutes);
          expect(bestMinutes).toBeLessThanOrEqual(longestMinutes);
          expect(longestMinutes).toBeLessThan(harmAfterMinutes ?? Infinity);
          const passed = certainlyExceeded(exceededLimits(w.candidate.evaluation.state, on, {}));
          expect(passed.every((e) => e.minutes > longestMinutes)).toBe(true);
        }
      }),
      { numRuns: runs(200) },
    );
  });

  test('nothing that keeps everything out has a way', () => {
    for (const on of SURFACES.filter((s) => s.keepOut)) {
      for (const off of SOILS) expect(rankWays(starters, on, off, DEFAULT_CONTEXT, AIR).ways).toEqual([]);
    }
  });
});

describe('drying', () => {
  // Handbook: saturation pressure of water at 20 °C 2.339 kPa, at 25 °C 3.169 kPa (CRC).
  test.each([
    [0, 0.611],
    [20, 2.339],
    [25, 3.169],
    [30, 4.247],
  ])('vapour pressure at %d °C is %d kPa', (t, kPa) => {
    expect(Math.abs(saturationKPa(t) - kPa) / kPa).toBeLessThan(0.005);
  });

  // Common practice: still indoor air takes about 0.05 to 0.2 kg per m² and hour.
  test('still indoor air takes 0.05 to 0.2 kg per m² and hour', () => {
    for (const roomC of [15, 20, 25]) {
      for (const humidityPercent of [40, 55, 70]) {
        const rate = evaporationKgPerM2H({ roomC, humidityPercent });
        expect(rate).toBeGreaterThan(0.05);
        expect(rate).toBeLessThan(0.26);
      }
    }
  });

  test('warm, dry and strong in alcohol dries sooner; a thicker film later', () => {
    const usual = dryMinutes(50, AIR);
    expect(usual).toBeGreaterThan(10);
    expect(usual).toBeLessThan(40);
    expect(dryMinutes(50, { ...AIR, roomC: 28 })).toBeLessThan(usual);
    expect(dryMinutes(50, { ...AIR, humidityPercent: 85 })).toBeGreaterThan(usual);
    expect(dryMinutes(50, AIR, 70)).toBeLessThan(usual / 3);
    expect(dryMinutes(100, AIR)).toBeCloseTo(2 * usual, 6);
  });

  test('a film is wetted again before it is dry, and only if it is needed longer', () => {
    expect(rewetEveryMinutes(50, AIR, 0, 5)).toBeNull();
    const every = rewetEveryMinutes(50, AIR, 0, 60)!;
    expect(every).toBeLessThan(dryMinutes(50, AIR));
    expect(every).toBeGreaterThan(0);
  });
});

describe('descaling', () => {
  // By hand: one litre of 5 % vinegar (0.833 mol) takes up 41.7 g of limescale at the most.
  test('a litre of 5 % vinegar takes up 41.7 g', () => {
    expect(descaling(100, 1, 0.8326, 1).capacityGPerL).toBeCloseTo(41.7, 1);
  });

  // 200 cm² of 1 mm at 2.7 g/mL is 54 g; at half of 41.7 g a litre that is 2.6 litres, three fillings of one.
  test('how much for a layer, and how often renewed', () => {
    expect(scaleMassG(200, 1)).toBeCloseTo(54, 6);
    const job = descaling(200, 1, 0.8326, 1);
    expect(job.litres).toBeCloseTo(2.59, 2);
    expect(job.fillings).toBe(3);
    // Citric acid gives three protons: 50 g/L is 0.78 mol/L.
    expect(descaling(200, 1, (3 * 50) / 192.12, 1).fillings).toBe(3);
  });
});

describe('the guide', () => {
  const steps = (on: string, off: string, supplies = STARTERS) => {
    const { ways } = ranked(on, off, supplies);
    return guideSteps(ways[0]!, surface(on), soil(off), 0.5, ways[1] ?? null);
  };

  test('goes in the order of careful work', () => {
    expect(steps('glazed-tile', 'limescale').map((s) => s.key)).toEqual([
      'clear',
      'first',
      'make',
      'spot-test',
      'apply',
      'dwell',
      'agitate',
      'lift-off',
      'rinse',
      'dry',
      'inspect',
      'step-up',
    ]);
  });

  test('is short, in whole sentences, and waits where there is a wait', () => {
    for (const s of steps('enamel', 'burnt-on')) {
      expect(s.text).toMatch(/[.?]$/);
      expect(s.text.length).toBeLessThan(170);
      if (s.key === 'dwell') expect(s.minutes).toBeGreaterThan(0);
    }
  });

  // Half a square metre: a spray film of 50 mL per m² is 25 mL; a paste of 2 mm is 1000 mL.
  test('says how much for the area', () => {
    const film: Supplies = { shelf: [recipe('1 cup water\n1 tsp dish soap')], formulas: [], cupboard: null };
    expect(steps('glazed-tile', 'daily-dirt', film).find((s) => s.key === 'apply')?.text).toMatch(/about 25 mL/);
    const paste: Supplies = {
      shelf: [recipe('1 cup baking soda\n1/2 cup water', 'fresh')],
      formulas: [],
      cupboard: null,
    };
    expect(steps('enamel', 'burnt-on', paste).find((s) => s.key === 'apply')?.text).toMatch(/2 mm thick: 1000 mL/);
  });
});
