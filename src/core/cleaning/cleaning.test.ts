import type { AdvicePreferences } from '../catalogue/disputedAdvice';
import { SOILS, soilByName, type Soil } from '../catalogue/soils';
import { disputedHere } from '../catalogue/methodsFor';
import { SURFACES, surfaceByName } from '../catalogue/surfaces';
import type { Surface } from '../catalogue/surface';
import { DEFAULT_CONTEXT, type EvaluationContext } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { exceededLimits, certainlyExceeded, limitsOf } from '../findings/surfaceLimits';
import { formulaFromReading } from '../formula/fromReading';
import type { Formula } from '../formula/formula';
import { readRecipe } from '../formula/reader/readRecipe';
import { STARTER_FORMULAS } from '../formula/starters';
import { descaling, scaleMassG } from './descaling';
import { agentStrength } from '../mixture/agentStrength';
import { dryMinutes, evaporationKgPerM2H, rewetEveryMinutes, saturationKPa } from './drying';
import { wayAmountOf } from './howMuch';
import type { Way, Ways } from './way';
import type { PantryItem } from '../stock/pantry';
import { rankWays, weighSupplies, type Supplies } from './ways';

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
const names = (ways: Ways): string[] => ways.ways.map((w) => w.name);
const first = (on: string, off: string, at: Partial<EvaluationContext> = {}): string => {
  const way = ranked(on, off, STARTERS, at).ways[0]!;
  return `${way.method.form}: ${way.name}`;
};
const outBecause = (ways: Ways, name: string): string | undefined =>
  ways.ruledOut.find((r) => r.candidate.formula.name === name)?.because;

const stocked = (...ids: string[]): PantryItem[] => ids.map((id) => ({ id, left: null, pack: null }));

describe('ways to clean', () => {
  // What someone who cleans every day does first: common practice, no source, unless said.
  test.each([
    ['glass', 'fingerprints', 'cloth: Clear glass'],
    ['mirror', 'fingerprints', 'cloth: Clear glass'],
    ['shower-head', 'limescale', 'bag: Neat vinegar bag'],
    ['toilet-bowl', 'bowl-ring', 'fill: Bowl soak'],
    ['toilet-bowl', 'daily-dirt', 'fill: Soap and the brush'],
    ['cement-grout', 'mould', 'paste: Grout whitener'],
    ['brass', 'tarnish', 'hand: Brass polish'],
    ['silver', 'silver-tarnish', 'foil: Silver bath'],
    ['stove-glass', 'soot', 'hand: Damp newspaper and ash'],
    ['oven-racks', 'burnt-on', 'soak: Rack soak'],
    ['enamel', 'burnt-on', 'paste: Soapy oven paste'],
    ['aluminium', 'burnt-on', 'soak: Hot soapy soak'],
    ['cast-iron', 'burnt-on', 'hand: Salt and oil'],
    ['vinyl-floor', 'daily-dirt', 'bucket: Floor wash'],
    ['stainless-steel', 'daily-dirt', 'cloth: Dish-soap spray'],
    ['cotton', 'tannin', 'soak: Oxygen soak'],
    ['wool-silk', 'tannin', 'blot: Wine on wool'],
    ['wool-silk', 'dust', 'dry: Vacuum'],
    ['granite-unsealed', 'sticky', 'cold: Cold and a plastic scraper'],
    ['granite-unsealed', 'fresh-grease', 'absorb: Absorb it'],
    ['marble', 'limescale', 'dry: Scrape softly, then dish soap'],
    ['sockets', 'dust', 'dry: Dry, with the power off'],
    ['induction-hob', 'starch-sugar', 'dry: Scraped off while warm'],
    ['induction-hob', 'burnt-on', 'paste: Soda paste'],
    ['acrylic', 'soap-scum', 'cloth: Strong suds'],
    ['glass', 'soap-scum', 'spray: Scum spray'],
    ['glass', 'starch-sugar', 'cloth: Warm water'],
    ['machine-inside', 'limescale', 'machine: Machine descaler'],
    ['outdoor-stone', 'moss', 'dry: Brush and scrape'],
    ['carpet', 'fresh-grease', 'absorb: Absorb it'],
    ['coated-screen', 'dust', 'dry: Dry microfibre'],
    ['wallpaper', 'daily-dirt', 'dry: Soft eraser or dough'],
    ['fridge', 'daily-dirt', 'cloth: Dish-soap spray'],
    ['microwave', 'fresh-grease', 'steam: Steamed with lemon water'],
    ['kettle', 'limescale', 'fill: Kettle descaler'],
    ['washing machine', 'smell', 'machine: Hot empty run'],
    ['drain', 'smell', 'pour: Hot tap water and soda'],
    ['mattress', 'wine', 'blot: Wine on wool'],
    ['mattress', 'urine', 'blot: Blotted with cool water'],
    ['air fryer', 'burnt-on', 'soak: Hot soapy soak'],
    ['thermos', 'tea', 'fill: Oxygen soak'],
    ['butcher block', 'smell', 'hand: Salt and lemon'],
    ['oven window', 'burnt-on', 'paste: Soda paste'],
    ['mesh filter', 'fresh-grease', 'soak: Hot soapy soak'],
    ['black tap', 'limescale', 'cloth: Barely-damp wash'],
    ['barbecue', 'burnt-on', 'dry: Scraper or a ball of foil'],
    ['waxed table', 'water-ring', 'heat: Lowest iron through a cloth'],
    ['litter box', 'urine', 'fill: Hot soapy water'],
    ['food box', 'turmeric', 'air: Washed, then sunlight'],
    ['carpet', 'mud', 'dry: Let dry, then brushed'],
    ['cotton', 'deodorant', 'blot: Scale lifter'],
    ['radiator', 'dust', 'dry: Dry dusting'],
  ])('%s, %s: %s', (on, off, expected) => {
    expect(first(on, off)).toBe(expected);
  });

  test('what is made for a bowl is a way in a bowl, and nowhere else', () => {
    expect(names(ranked('toilet-bowl', 'smell'))).toContain('Fizzing bowl powder');
    for (const on of SURFACES.filter((s) => s.id !== 'toilet-bowl'))
      expect(names(rankWays(starters, on, soil('smell'), DEFAULT_CONTEXT, AIR))).not.toContain('Fizzing bowl powder');
  });

  // Nobody does these, whatever the chemistry allows (common practice, no source).
  test.each([
    ['granite-unsealed', 'sticky', 'Oil polish'],
    ['wool-silk', 'sticky', 'Oil polish'],
    ['carpet', 'sticky', 'Quick-dry wipe'],
    ['carpet', 'fresh-grease', 'Fizzing bowl powder'],
    ['wool-silk', 'soap-scum', 'Scouring cream'],
    ['glass', 'soap-scum', 'Bowl soak'],
    ['machine-inside', 'fresh-grease', 'Dish-soap spray'],
    ['induction-hob', 'fresh-grease', 'Hand soap'],
    ['glazed-tile', 'dust', 'Scale lifter'],
  ])('%s, %s: never %s', (on, off, name) => {
    expect(names(ranked(on, off))).not.toContain(name);
  });

  test.each([
    // Calcite dissolves in acid (CRC Handbook).
    ['limestone', 'limescale', 'Wine on wool', 'surface'],
    ['acrylic', 'fingerprints', 'Quick-dry wipe', 'surface'],
    // Acid sets protein, true soap sets tannin, bleaches set rust (common practice).
    ['cotton', 'protein', 'Everyday vinegar', 'sets'],
    ['cotton', 'tannin', 'Worktop soap', 'sets'],
    ['enamel', 'rust', 'Mould peroxide', 'sets'],
    // GHS: a flammable liquid, on what can light it.
    ['glazed-tile', 'limescale', 'Worktop soap', 'does-not-lift'],
    ['glazed-tile', 'fresh-grease', 'Everyday vinegar', 'does-not-lift'],
    ['wallpaper', 'daily-dirt', 'Dish-soap spray', 'surface'],
    // Right acid, too much of it for tiles; too little for a ring; and what is for hands.
    ['quarry-tile', 'limescale', 'Bowl soak', 'too-strong'],
    ['toilet-bowl', 'bowl-ring', 'Everyday vinegar', 'too-weak'],
    ['stainless-steel', 'fresh-grease', 'Hand soap', 'form'],
  ])('%s, %s: %s is ruled out: %s', (on, off, name, because) => {
    expect(outBecause(ranked(on, off), name)).toBe(because);
  });

  test('what a surface never bears is said by its own reason, what its own list forbids by that', () => {
    const out = (name: string) => ranked('marble', 'limescale').ruledOut.find((r) => r.candidate.formula.name === name);
    expect(out('Bowl soak')?.why).toMatch(/^Its calcite dissolves in acid/);
    expect(out('Everyday vinegar')?.why).toBe('Its own list keeps it off marble.');
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
    const vinegar = STARTER_FORMULAS.find((f) => f.name === 'Everyday vinegar')!;
    const at = (supplies: Supplies): string[] =>
      ranked('glass', 'fingerprints', supplies).ways.flatMap((w) =>
        w.candidate ? [`${w.name}: ${w.candidate.from}`] : [],
      );
    expect(at({ shelf: [glass], formulas: [glass], cupboard: [] })).toEqual([
      'Clear glass: shelf',
      'Clear glass: more-missing',
    ]);
    expect(
      at({
        shelf: [],
        formulas: [glass, vinegar],
        cupboard: stocked('isopropyl-alcohol', 'distilled-water', 'dish-soap'),
      }),
    ).toEqual(['Clear glass: cupboard', 'Everyday vinegar: one-missing']);
  });

  test('made for the job goes before what merely fits; needing several things bought takes that away', () => {
    const glass = STARTER_FORMULAS.find((f) => f.name === 'Clear glass')!;
    const supplies = (cupboard: readonly PantryItem[]): Supplies => ({ shelf: [], formulas: [glass], cupboard });
    const all = stocked('isopropyl-alcohol', 'distilled-water', 'dish-soap');
    expect(names(ranked('mirror', 'fingerprints', supplies(all)))).toEqual([
      'Clear glass',
      'Damp cloth, then a dry one',
    ]);
    expect(names(ranked('mirror', 'fingerprints', supplies([]))).at(0)).toBe('Damp cloth, then a dry one');
  });

  test('what went well here before goes first among equals, and says how often', () => {
    const circumstances = DEFAULT_CONTEXT;
    const [on, off] = [surface('cotton'), soil('tannin')];
    const two: Supplies = {
      shelf: ['A', 'B'].map((name) => ({ ...recipe('12 g oxygen bleach\n1 L water', 'fresh'), id: name, name })),
      formulas: [],
      cupboard: null,
    };
    const order = (went: Record<string, { mean: number; times: number }>) =>
      rankWays(weighSupplies(two, circumstances), on, off, circumstances, AIR, {
        went: (id) => went[id] ?? null,
      }).ways.filter((w) => w.candidate);
    expect(order({}).map((w) => w.name)).toEqual(['A', 'B']);
    const rated = order({ B: { mean: 8.4, times: 5 } });
    expect(rated.map((w) => w.name)).toEqual(['B', 'A']);
    expect(rated[0]?.went).toEqual({ mean: 8.4, times: 5 });
    expect(order({ A: { mean: 3, times: 2 } }).map((w) => w.name)).toEqual(['B', 'A']);
  });

  // By hand one level milder (common practice, no source): the bird elsewhere until it is dry.
  test('the household decides: what is scented is sprayed nowhere where a bird lives, and comes after what is not', () => {
    const scented = recipe('1 cup water\n1/2 tsp dish soap\n5 drops lavender oil');
    const plain = recipe('1 cup water\n1/2 tsp dish soap');
    const made = (household: EvaluationContext['household']) =>
      ranked(
        'acrylic',
        'soap-scum',
        { shelf: [scented, plain], formulas: [], cupboard: null },
        { household },
      ).ways.filter((w) => w.candidate);
    expect(made([])).toHaveLength(2);
    for (const household of [['bird'], ['cat']] as const) {
      const ways = made(household);
      expect(ways.map((w) => w.bothersHousehold)).toEqual([...ways.map((w) => w.bothersHousehold)].sort());
      for (const w of ways.filter((one) => one.candidate!.formula.id === scented.id)) {
        expect(w.method.form).not.toBe('spray');
        expect(w.bothersHousehold).toBe(household[0] === 'bird');
      }
    }
  });

  test('what is found follows the way it is put on, not the bottle it is in', () => {
    const vinegar: Formula = { ...recipe('1 cup white vinegar\n1 cup water'), form: 'spray' };
    const acid = (household: EvaluationContext['household']) =>
      ranked('glazed-tile', 'limescale', { shelf: [vinegar], formulas: [], cupboard: null }, { household }).ways.find(
        (w) => w.candidate,
      )!;
    expect(acid([]).method.form).toBe('spray');
    expect(acid([]).cautions.map((f) => f.code)).not.toContain('spray-and-lungs');
    for (const member of ['bird', 'asthma', 'infant'] as const) {
      const { method, cautions, bothersHousehold } = acid([member]);
      expect(method).toMatchObject({ id: acid([]).method.id, form: 'cloth', name: 'Dilute acid, wiped on' });
      expect(method.does).toMatch(/instead of spraying/);
      expect(cautions.map((f) => f.code)).not.toContain('spray-and-lungs');
      expect(bothersHousehold).toBe(false);
    }
    expect(acid(['cat']).method.form).toBe('spray');
    // Peppermint in the air is a danger to a small child, from a cloth a caution.
    const peppermint: Formula = { ...recipe('1 cup water\n1/2 tsp dish soap\n20 drops peppermint oil'), form: 'spray' };
    const scented = ranked(
      'acrylic',
      'soap-scum',
      { shelf: [peppermint], formulas: [], cupboard: null },
      { household: ['infant'] },
    ).ways.filter((w) => w.candidate);
    expect(scented.length).toBeGreaterThan(0);
    for (const w of scented) {
      expect(w.method.form).not.toBe('spray');
      expect(w.cautions.map((f) => [f.code, f.level])).toContainEqual(['oil-and-lungs', 'caution']);
    }
  });

  // Water raises the grain of waxed wood within two minutes; marble bears it for an hour (surfaces table).
  test('plain water stays no longer than the surface bears water', () => {
    const dwell = (on: string) => ranked(on, 'starch-sugar').ways.find((w) => w.method.id === 'sugar-water')!.dwell;
    expect(dwell('waxed-wood')).toMatchObject({
      bestMinutes: 1,
      longestMinutes: 1,
      limitedBy: 'surface',
      harmAfterMinutes: 2,
    });
    expect(dwell('laminate')).toMatchObject({ bestMinutes: 5, longestMinutes: 8, limitedBy: 'surface' });
    expect(dwell('glazed-tile')).toMatchObject({
      bestMinutes: 5,
      longestMinutes: 20,
      limitedBy: 'soil',
      harmAfterMinutes: null,
    });
  });

  test('where a bird or weak lungs live, cloth and bucket go before the sprayer', () => {
    const forms = (household: EvaluationContext['household']): string[] =>
      ranked('shower door', 'soap-scum', STARTERS, { household }).ways.map((w) => w.method.form);
    const tile = (household: EvaluationContext['household']): string[] =>
      ranked('glazed-tile', 'daily-dirt', STARTERS, { household })
        .ways.filter((w) => w.method.standing === 1)
        .map((w) => w.method.form);
    expect(forms(['asthma'])[0]).toBe('cloth');
    expect(tile(['bird']).lastIndexOf('cloth')).toBeLessThan([...tile(['bird']), 'spray'].indexOf('spray'));
  });

  test('more than home cleaning can do is said, and where it is all that can be said there is no way', () => {
    expect(ranked('matt-paint', 'mould').beyond).toMatch(/professional/);
    const carpet = ranked('carpet', 'mould');
    expect([carpet.ways, carpet.beyond]).toEqual([[], expect.stringMatching(/professional/)]);
  });
});

describe('where careful people differ, their choice changes the ways', () => {
  const wayIds = (on: string, off: string, preferences: AdvicePreferences): string[] =>
    ranked(on, off, STARTERS, { preferences }).ways.map((w) => w.method.id);

  // The schools of the trade (common practice, no source): both are kept, the stricter until the person chooses.
  test.each([
    ['vinegar-on-mirrors', 'fine', 'mirror', 'fingerprints', 'mirror-vinegar-sprayed'],
    ['scouring', 'steel', 'enamel', 'burnt-on', 'enamel-steel-wool'],
  ] as const)('%s: %s', (school, choice, on, off, method) => {
    expect(wayIds(on, off, {})).not.toContain(method);
    expect(wayIds(on, off, { [school]: choice })).toContain(method);
  });

  test('vinegar on sealed wood and on granite, where the person holds with it', () => {
    const thin = recipe('1 cup vinegar\n24 cups water');
    const supplies: Supplies = { shelf: [thin], formulas: [], cupboard: null };
    const made = (on: string, preferences: AdvicePreferences) =>
      ranked(on, 'daily-dirt', supplies, { preferences }).ways.filter((w) => w.candidate);
    expect(made('varnished-wood', {})).toEqual([]);
    expect(made('varnished-wood', { 'vinegar-on-sealed-wood': 'diluted' })).toHaveLength(1);
    expect(made('granite-sealed', {})).toEqual([]);
    expect(made('granite-sealed', { 'vinegar-on-granite': 'dilute' })).toHaveLength(1);
  });

  test('oven paste: both routes, or the one the person holds with', () => {
    const routes = (choice?: string): (string | null)[] =>
      ranked('enamel', 'burnt-on', STARTERS, { preferences: choice ? { 'oven-paste': choice } : {} })
        .ways.filter((w) => w.name === 'Soda paste')
        .map((w) => w.method.route);
    expect(routes()).toEqual(['quick', 'overnight']);
    expect(routes('quick')).toEqual(['quick']);
    expect(routes('overnight')).toEqual(['overnight']);
  });

  test('scouring: with soda on what bears any grain, or nothing harder than the surface', () => {
    const paste = (scouring: string, on: string): boolean =>
      ranked(on, 'burnt-on', STARTERS, { preferences: { scouring } }).ways.some((w) => w.name === 'Soda paste');
    // Glaze bears 3 Mohs, and soda is 2.5 (CRC Handbook); a mirror bears no grain at all.
    expect([paste('softer', 'glazed-tile'), paste('softer', 'mirror'), paste('soda', 'mirror')]).toEqual([
      true,
      false,
      false,
    ]);
    const grainsOn = (scouring: string): number | undefined =>
      limitsOf(surface('laminate'), { scouring }).find((l) => l.of === 'grains')?.limit;
    expect([grainsOn('softer'), grainsOn('soda'), grainsOn('steel')]).toEqual([2, 2.5, 2]);
  });

  test('suds: few, as the place wants, or many', () => {
    const strong = recipe('1 L water\n40 mL dish soap');
    const supplies: Supplies = { shelf: [strong], formulas: [], cupboard: null };
    const because = (suds: string) => {
      const { ways, ruledOut } = ranked('vinyl-floor', 'daily-dirt', supplies, { preferences: { suds } });
      return ways.length > 0 ? 'a way' : ruledOut[0]?.because;
    };
    expect([because('few'), because('by-place'), because('many')]).toEqual(['too-strong', 'too-strong', 'a way']);
    const usual = recipe('1 L water\n14 mL dish soap');
    const few = ranked('vinyl-floor', 'daily-dirt', { ...supplies, shelf: [usual] }, { preferences: { suds: 'few' } });
    expect(few.ruledOut.map((r) => r.because)).toEqual(['too-strong']);
    expect(ranked('vinyl-floor', 'daily-dirt', { ...supplies, shelf: [usual] }).ways).toHaveLength(1);
  });

  test('fizz on the surface, and soap with vinegar: said all the same, and no longer defeating', () => {
    const level = (text: string, use: Formula['use'], code: string, preferences: AdvicePreferences) => {
      const result = evaluate(recipe(text, use), { ...DEFAULT_CONTEXT, scope: use, preferences });
      return result.ok ? [result.value.verdict, result.value.findings.find((f) => f.code === code)?.level] : null;
    };
    const fizz = ['1/2 cup baking soda\n1 cup vinegar', 'fresh', 'neutralised'] as const;
    expect(level(...fizz, {})).toEqual(['defeats', 'defeats']);
    expect(level(...fizz, { 'fizz-on-the-surface': 'lifts' })).toEqual(['caution', 'caution']);
    const curd = ['1 cup castile soap\n2 cups vinegar', 'stored', 'soap-curdles'] as const;
    expect(level(...curd, {})).toEqual(['defeats', 'defeats']);
    expect(level(...curd, { 'soap-with-vinegar': 'habit' })).toEqual(['caution', 'caution']);
    // Kept in a bottle, gas is a danger whatever anybody holds with.
    expect(
      level('1/2 cup baking soda\n1 cup vinegar', 'stored', 'neutralised', { 'fizz-on-the-surface': 'lifts' })?.[0],
    ).toBe('danger');
  });

  test('what is differed about is named where it matters', () => {
    expect(disputedHere(surface('enamel'), 'burnt-on')).toEqual(['scouring', 'oven-paste']);
    expect(disputedHere(surface('mirror'), 'fingerprints')).toEqual(['vinegar-on-mirrors']);
    expect(disputedHere(surface('carpet'), 'dust')).toEqual([]);
  });

  test('which soda: the stronger first, or the milder', () => {
    const standing = (choice: string): number | undefined =>
      ranked('enamel', 'fresh-grease', STARTERS, { preferences: { 'which-soda': choice } }).ways.find(
        (w) => w.name === 'Washing-soda degreaser',
      )?.method.standing;
    expect([standing('by-ph'), standing('washing'), standing('baking')]).toEqual([2, 1, 2]);
    const racks = (choice: string): number | undefined =>
      ranked('oven-racks', 'burnt-on', STARTERS, { preferences: { 'which-soda': choice } }).ways.find(
        (w) => w.name === 'Rack soak',
      )?.method.standing;
    expect([racks('by-ph'), racks('baking')]).toEqual([1, 2]);
  });
});

/** Every pair of the catalogue with its ways, ranked once. */
const TABLE = SURFACES.flatMap((on) =>
  SOILS.map((off) => ({ on, off, ...rankWays(starters, on, off, DEFAULT_CONTEXT, AIR) })),
);

/** What does not hold, by its pair. */
const broken = (holds: (pair: (typeof TABLE)[number]) => boolean): string[] =>
  TABLE.filter((pair) => !holds(pair)).map(({ on, off }) => `${on.id} ${off.id}`);
const brokenWays = (holds: (way: Way, on: Surface) => boolean): string[] =>
  TABLE.flatMap(({ on, off, ways }) =>
    ways.filter((w) => !holds(w, on)).map((w) => `${on.id} ${off.id}: ${w.name} (${w.method.id})`),
  );

describe('what holds for every surface and soil', () => {
  test('every formula is either a way or ruled out, with its reason', () => {
    expect(
      broken(({ ways, ruledOut }) => {
        const used = new Set(ways.flatMap((w) => (w.candidate ? [w.candidate.formula.id] : [])));
        return used.size + ruledOut.length === starters.length;
      }),
    ).toEqual([]);
    expect(broken(({ ways, ruledOut }) => [...ways, ...ruledOut].every(({ why }) => why.length > 5))).toEqual([]);
  });

  test('no way is a danger, or put on where it is ruled out', () => {
    expect(brokenWays((w) => w.candidate?.evaluation.verdict !== 'danger')).toEqual([]);
    expect(brokenWays((w) => w.cautions.every((f) => f.level !== 'danger' && !f.rulesOut))).toEqual([]);
  });

  test('no way stays on past harm, or less than it needs', () => {
    expect(
      brokenWays(({ candidate, dwell, method }, on) => {
        if (!candidate || !dwell) return true;
        const { usefulMinutes, bestMinutes, longestMinutes, harmAfterMinutes } = dwell;
        const isInOrder = usefulMinutes <= bestMinutes && bestMinutes <= longestMinutes;
        // What stands in an open bowl touches nothing.
        const passed =
          method.form === 'air' ? [] : certainlyExceeded(exceededLimits(candidate.evaluation.state, on, {}));
        return (
          isInOrder &&
          longestMinutes < (harmAfterMinutes ?? Infinity) &&
          passed.every((e) => e.minutes > longestMinutes)
        );
      }),
    ).toEqual([]);
  });

  test('what keeps everything out has dry ways, water and heat, and no mixture', () => {
    expect(brokenWays((w, on) => !on.keepOut || w.candidate === null)).toEqual([]);
  });

  test('every mixture lies within what its method asks for, is of its form, and is not kept off', () => {
    expect(
      brokenWays(({ method, candidate }) => {
        if (!candidate || typeof method.needs === 'string' || method.dose) return true;
        return method.needs.every(({ by, from, to }) => {
          const strength = agentStrength(candidate.evaluation.state, by);
          return strength >= from - 1e-9 && strength <= to + 1e-9;
        });
      }),
    ).toEqual([]);
    expect(
      brokenWays((w) => w.candidate?.formula.form !== 'paste' || ['paste', 'hand'].includes(w.method.form)),
    ).toEqual([]);
    expect(brokenWays((w, on) => !(w.candidate?.formula.keepOff ?? []).includes(on.id))).toEqual([]);
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

describe('how much', () => {
  const amount = (on: string, off: string) => ranked(on, off).ways.find((w) => w.amount)!.amount!;

  // Cloth 10 to 20 mL to a square metre, spray 30 to 80, bucket 30 to 50 on vinyl and under 15 on wood and laminate,
  // an enamel tub by cream about 120 mL, 60 to 100 g in a machine (common practice, no source).
  test.each([
    ['acrylic', 'soap-scum', 15, 30],
    ['vinyl-floor', 'daily-dirt', 180, 300],
    ['laminate', 'daily-dirt', 10, 23],
    ['bath-enamel', 'soap-scum', 100, 140],
    ['enamel', 'burnt-on', 200, 400],
    ['carpet', 'tannin', 5, 20],
    ['induction-hob', 'burnt-on', 20, 60],
    ['oven-racks', 'burnt-on', 5000, 15_000],
  ])('%s, %s: %d to %d mL', (on, off, low, high) => {
    expect(amount(on, off).volumeML).toBeGreaterThanOrEqual(low);
    expect(amount(on, off).volumeML).toBeLessThanOrEqual(high);
  });

  test('a machine by its dose, a spot by the spot, a quarter by the quarter, nothing for what is done dry', () => {
    expect(amount('machine-inside', 'limescale')).toMatchObject({ massG: 80, volumeML: null });
    const [way] = ranked('glazed-tile', 'limescale').ways;
    const at = (share: 'spot' | 'part' | 'all') => wayAmountOf(way!.method, 'glazed-tile', 8, share);
    expect(at('spot')).toMatchObject({ areaM2: 0.02, volumeML: 5 });
    expect(at('part')).toMatchObject({ areaM2: 2, volumeML: 100 });
    expect(at('all')).toMatchObject({ areaM2: 8, volumeML: 400 });
    expect(ranked('carpet', 'dust').ways[0]?.amount).toBeNull();
  });

  test('nothing in the whole table takes litres but what is laid in or filled', () => {
    const isLaidIn = ({ method }: Way): boolean => ['soak', 'fill', 'foil', 'pour'].includes(method.form);
    expect(brokenWays((w) => isLaidIn(w) || (w.amount?.volumeML ?? 0) <= 600)).toEqual([]);
  });
});
