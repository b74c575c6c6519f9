import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { DISPUTED_ADVICE } from '../catalogue/disputedAdvice';
import { SOURCES } from '../catalogue/sources';
import { SURFACES, surfaceByName } from '../catalogue/surfaces';
import type { Vessel } from '../catalogue/vessels';
import { formulaFromReading } from '../formula/fromReading';
import type { Formula } from '../formula/formula';
import { readRecipe } from '../formula/reader/readRecipe';
import { STARTER_FORMULAS } from '../formula/starters';
import { toolSet } from '../quantity/tools';
import { evaluate, type Evaluation } from './evaluate';
import { recipeTextOf } from './recipeText';
import { DEFAULT_CONTEXT, type RecipeText, type EvaluationContext } from './context';
import { evaluateAndPlan } from './pourPlan';

const AT = DEFAULT_CONTEXT;
const BOTTLE: Vessel = {
  id: 'b',
  name: 'Galley spray',
  shape: 'straight-spray',
  capacityML: 375,
  material: 'hdpe',
  opaque: true,
};
const TOOLS = toolSet(['cups', 'spoons', 'jug'], 'us');

function formulaOf(text: string): { formula: Formula; beside: RecipeText } {
  const reading = readRecipe(text, { measures: 'us' });
  return {
    formula: formulaFromReading(reading, 'f', 'F', 'us')!,
    beside: recipeTextOf(reading),
  };
}
function weigh(text: string, at: Partial<EvaluationContext> = {}): Evaluation {
  const { formula, beside: recipeText } = formulaOf(text);
  const result = evaluate(formula, { ...AT, ...at }, recipeText);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
}
const codes = (e: Evaluation): string[] => e.findings.map((f) => f.code);

describe('whole recipes', () => {
  // Our own wording of recipes in circulation; the expected verdicts follow from the rules' sources.
  test.each([
    ['1 cup vinegar\n1 cup water', 'stored', 'clear'],
    ['1 cup vinegar\n1 cup water\n10 drops lavender oil', 'stored', 'caution'],
    ['1 tbsp castile soap\n1 cup distilled water', 'stored', 'caution'],
    ['1 tbsp castile soap\n1 cup distilled water', 'fresh', 'clear'],
    ['50 g citric acid\n1 L water', 'stored', 'clear'],
    ['1 cup vodka\n1 cup water', 'stored', 'clear'],
    ['3 cups vodka\n1 cup water', 'stored', 'caution'],
    ['1/2 cup peroxide\n1/2 cup vinegar', 'stored', 'danger'],
    ['1/2 cup peroxide\n1/2 cup vinegar', 'fresh', 'danger'],
    ['1/2 cup baking soda\n1/4 cup peroxide', 'fresh', 'caution'],
    ['1/2 cup baking soda\n1/4 cup peroxide', 'stored', 'danger'],
    ['1/2 cup baking soda\n1/2 cup vinegar', 'stored', 'danger'],
    ['1/2 cup baking soda\n1/2 cup vinegar', 'fresh', 'defeats'],
    ['1/2 cup castile soap\n1 cup vinegar', 'stored', 'defeats'],
    ['1 tsp dish soap\n1 cup vinegar', 'stored', 'clear'],
    ['1 cup bleach\n1 cup water', 'stored', 'danger'],
    ['1 cup water\n1 tbsp sparkle powder', 'stored', 'caution'],
    ['1 cup water\nzzz qqq', 'stored', 'caution'],
    ['1/2 cup (170 g) baking soda\n1 cup water', 'fresh', 'caution'],
  ] as const)('%j %s is %s', (text, scope, verdict) => {
    expect(weigh(text, { scope }).verdict).toBe(verdict);
  });

  test('a trace of bleach is enough', () => {
    expect(codes(weigh('5 L water\n1 cup vinegar\n1 drop bleach'))).toContain('chlorine-gas');
  });

  test('a trace of soda in much vinegar does not burst a bottle', () => {
    const found = codes(weigh('1 L vinegar\n0.05 g baking soda'));
    expect(found).not.toContain('pressure');
  });

  test('a stronger label changes the verdict: 12 % peroxide burns', () => {
    expect(weigh('1 cup peroxide').verdict).toBe('clear');
    expect(weigh('1 cup peroxide (7 %)').verdict).toBe('caution');
    expect(weigh('1 cup peroxide (12 %)').verdict).toBe('danger');
  });

  test('a vague amount is run at both ends, and said when the verdict turns on it', () => {
    // A glug of 70 % alcohol is 20 to 50 mL: 17 to 30 % in all, below and above the 24 % that burns on.
    const glug = weigh('60 mL water\n1 tsp dish soap\na glug of rubbing alcohol');
    expect(codes(glug)).toContain('vague-amount');
    expect(glug.verdict).toBe('caution');
    expect(codes(weigh('200 mL water\na squirt of dish soap'))).toEqual([]);
  });
});

describe('scaling never changes a verdict', () => {
  test('any size of bottle, any starter', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STARTER_FORMULAS), fc.integer({ min: 50, max: 20_000 }), (formula, capacityML) => {
        const at = { ...AT, scope: formula.use };
        const small = evaluateAndPlan(formula, { ...BOTTLE, capacityML }, TOOLS, at);
        const plain = evaluate(formula, at);
        if (!small.ok || !plain.ok) throw new Error('does not come together');
        expect(small.value.evaluation.verdict).toBe(plain.value.verdict);
        expect(small.value.plan.fillML).toBeCloseTo(capacityML * 0.9, 6);
        expect(small.value.plan.lines.at(-1)?.levelML).toBeCloseTo(capacityML * 0.9, 3);
      }),
      { numRuns: runs(80) },
    );
  });

  test('no starter is a danger or cancels out in its own use', () => {
    for (const formula of STARTER_FORMULAS) {
      const result = evaluate(formula, { ...AT, scope: formula.use });
      expect(result.ok && ['clear', 'caution']).toContain(result.ok && result.value.verdict);
    }
  });
});

describe('the pour into a bottle', () => {
  function plan(text: string, vessel = BOTTLE, tools = TOOLS) {
    const { formula } = formulaOf(text);
    const result = evaluateAndPlan(formula, vessel, tools, AT);
    if (!result.ok) throw new Error(result.problems[0]?.message);
    return result.value.plan;
  }

  // 375 mL less 10 % is 337.5 mL; 2 to 1 is 225 and 112.5 mL.
  test('a two-to-one recipe in a 375 mL bottle', () => {
    const { lines } = plan('2 cups white vinegar\n1 cup water');
    expect(lines.map((l) => [l.ingredientId, Math.round(l.volumeML * 10) / 10])).toEqual([
      ['white-vinegar', 225],
      ['water', 112.5],
    ]);
    expect(lines[0]?.measure?.measures.map((m) => m.name)).toEqual(['jug to 225 mL']);
  });

  test('the largest liquid first, salts into it, oil into the soap, soap last', () => {
    const { lines } = plan('5 drops lavender oil\n1 tsp dish soap\n1 tbsp salt\n1 cup vinegar\n2 cups water');
    expect(lines.map((l) => l.ingredientId)).toEqual(['water', 'salt', 'white-vinegar', 'lavender-oil', 'dish-soap']);
  });

  // Common practice: oils into the alcohol or the soap before these meet the water; powders together, then mist.
  test.each([
    ['1 cup rubbing alcohol\n2 cups water\n5 drops lavender oil', ['isopropyl-alcohol', 'lavender-oil', 'water']],
    ['2 cups water\n5 drops lavender oil', ['water', 'lavender-oil']],
    [
      '1 cup baking soda\n1/2 cup citric acid\n5 drops lavender oil\n1 tsp water',
      ['baking-soda', 'citric-acid', 'lavender-oil', 'water'],
    ],
    ['1 tbsp castile soap\n1 tbsp washing soda\n1 L water', ['water', 'washing-soda', 'castile-soap']],
  ])('%j goes in as %j', (text, ids) => {
    const { lines } = plan(text);
    expect(lines.map((l) => l.ingredientId)).toEqual(ids);
    for (const l of lines) expect(l.why.length).toBeGreaterThan(10);
  });

  test('drops are whole, at least one, and their rounding is said', () => {
    const { lines } = plan('1 gallon water\n1 drop lavender oil');
    const oil = lines.find((l) => l.ingredientId === 'lavender-oil');
    expect(oil?.drops).toBe(1);
    expect(oil?.errorPercent).toBeCloseTo(100 * (0.05 / (oil?.volumeML ?? 1) - 1), 6);
    expect(oil?.pourToMM).toBeNull();
  });

  test('levels rise, and each mark is where that volume stands', () => {
    const { lines } = plan('2 cups water\n1 cup vinegar\n1/4 cup salt');
    const marks = lines.map((l) => l.pourToMM ?? 0);
    expect([...marks].sort((a, b) => a - b)).toEqual(marks);
    expect(lines.at(-1)?.levelML).toBeCloseTo(337.5, 3);
  });

  test('a scale gives grams beside the spoons', () => {
    const tools = toolSet(['spoons', 'scale'], 'us');
    expect(plan('1 L water\n50 g citric acid', BOTTLE, tools).lines[1]?.scaleG).toBe(16);
  });

  test('rounding never crosses a safety limit', () => {
    // By hand: on skin more than 2 % of oil is a danger. 20.7 drops (1.035 mL) in 50.9 mL of soap are 1.99 %;
    // the nearest whole number, 21, would be 2.02 %. So 20 are taken.
    const { formula } = formulaOf('Hand soap\n50.9 mL castile soap\n20.7 drops lavender oil');
    const vessel = { ...BOTTLE, capacityML: (50.9 + 20.7 / 20) / 0.9 };
    const result = evaluateAndPlan(formula, vessel, [], AT);
    if (!result.ok) throw new Error('does not come together');
    expect(result.value.evaluation.verdict).toBe('caution');
    expect(result.value.plan.lines.map((l) => l.drops)).toEqual([20, null]);
  });
});

describe('scoops at a limit', () => {
  test('a level scoop that would go over a limit gives way to the mL', () => {
    // By hand: over 10 % acetic acid stings. 99.9 mL of 20 % in 200 mL is 9.99 %. The one scoop within 2 %
    // of it holds 101.5 mL: with 60 and 40 mL of water that is 20.3 g in 201.5 mL, 10.07 %.
    const { formula } = formulaOf('99.9 mL vinegar essence (20 %)\n60 mL water\n40.1 mL distilled water');
    const vessel = { ...BOTTLE, capacityML: 200 / 0.9 };
    const tools = [101.5, 60, 40].map((volumeML) => ({
      kind: 'scoop' as const,
      id: `${volumeML}`,
      name: `${volumeML}`,
      volumeML,
    }));
    const result = evaluateAndPlan(formula, vessel, tools, AT);
    if (!result.ok) throw new Error('does not come together');
    const { evaluation, plan } = result.value;
    expect(evaluation.verdict).toBe('clear');
    expect(plan.lines.find((l) => l.ingredientId === 'vinegar-essence')?.measure).toBeNull();
  });
});

describe('surfaces', () => {
  const on = (text: string, surface: string, dwellMinutes: number | null = null) =>
    weigh(text, { surface: surfaceByName(surface), dwellMinutes }).surface!;
  const vinegar = '1 cup vinegar\n1 cup water';

  // Calcite dissolves in acid (CRC Handbook); the rest common practice, no source.
  test.each([
    [vinegar, 'marble', 'etches-stone', true],
    [vinegar, 'granite', 'etches-stone', undefined],
    [vinegar, 'cast-iron', 'corrodes-metal', true],
    [vinegar, 'waxed-wood', 'strips-finish', true],
    [vinegar, 'mirror', 'attacks-silvering', false],
    ['40 g washing soda\n1 L water', 'aluminium', 'corrodes-metal', true],
    ['1 cup rubbing alcohol\n2 cups water', 'acrylic', 'crazes-plastic', true],
    ['1 cup rubbing alcohol\n2 cups water', 'varnished-wood', 'strips-finish', true],
  ] as const)('%j on %s: %s', (text, surface, code, rulesOut) => {
    const found = on(text, surface).findings.find((f) => f.code === code);
    expect(found?.level).toBe('caution');
    if (rulesOut !== undefined) expect(found?.rulesOut).toBe(rulesOut);
  });

  test.each([
    ['1 tbsp castile soap\n1 cup water', 'marble'],
    [vinegar, 'glass'],
    ['1 cup rubbing alcohol\n2 cups water', 'glass'],
    ['50 g baking soda\n1 L water', 'stainless-steel'],
  ])('%j on %s: nothing found', (text, surface) => {
    expect(on(text, surface).findings).toEqual([]);
  });

  // Common practice, no source; the lime of mortar and the metals by the CRC Handbook.
  test.each([
    ['1 cup olive oil', 'marble', 30, 'etches-stone'],
    ['1 cup olive oil', 'granite-sealed', 5, 'etches-stone'],
    ['1 cup olive oil', 'concrete', 5, 'etches-stone'],
    ['1 cup olive oil', 'carpet', 5, 'harms-fibre'],
    ['1 cup olive oil', 'wool-silk', 5, 'harms-fibre'],
    ['1 cup olive oil', 'polystyrene', 5, 'crazes-plastic'],
    ['1 cup mineral oil', 'leather', 5, 'strips-finish'],
    ['1 cup rubbing alcohol', 'rubber', 10, 'hardens-rubber'],
    ['1 cup vinegar', 'brick', 20, 'etches-stone'],
    ['2 cups baking soda\n1 cup water', 'acrylic', 5, 'scratches'],
    ['40 g washing soda\n1 L water', 'concrete', 120, 'etches-stone'],
    ['40 g washing soda\n1 L water', 'cast-iron', 60, 'strips-finish'],
    ['1 tbsp dish soap\n1 L water', 'machine-inside', 5, 'damages-coating'],
    ['1 cup pumice powder\n1/4 cup water', 'glazed-tile', 5, 'scratches'],
  ] as const)('%j on %s for %d minutes is not for it: %s', (text, surface, dwell, code) => {
    expect(on(text, surface, dwell).findings.find((f) => f.code === code)).toMatchObject({ rulesOut: true });
  });

  test.each([
    ['1 cup olive oil', 'glazed-tile'],
    ['1 cup olive oil', 'waxed-wood'],
    ['1 cup olive oil', 'stainless-steel'],
    ['1 cup vinegar', 'glass'],
    ['1/2 cup castile soap\n1 L water', 'granite-sealed'],
  ] as const)('%j on %s does no harm', (text, surface) => {
    expect(on(text, surface, 5).findings.filter((f) => f.rulesOut)).toEqual([]);
  });

  test('how long it stays decides', () => {
    expect(on(vinegar, 'cement-grout', 5).findings[0]).toMatchObject({
      rulesOut: false,
      figures: { harmAfterMinutes: expect.closeTo(15, 6), dwellMinutes: 5 },
    });
    expect(on(vinegar, 'cement-grout', 30).findings[0]).toMatchObject({ rulesOut: true });
  });

  test('how thin it is decides: a tenth of the acid takes ten times as long', () => {
    const minutes = (text: string): number | undefined =>
      on(text, 'cement-grout').findings[0]?.figures.harmAfterMinutes;
    expect(minutes('1 part vinegar\n1 part water')).toBeCloseTo(15, 6);
    expect(minutes('1 part vinegar\n9 parts water')).toBeCloseTo(75, 6);
    expect(minutes('1 part vinegar\n19 parts water')).toBeUndefined();
  });

  test('vinegar that soda has used up does not etch', () => {
    expect(on('1 cup vinegar\n20 g baking soda\n1 cup water', 'marble').findings).toEqual([]);
  });

  // Calcite dissolves in acid (CRC Handbook), whatever the acid comes in: oil, or a powder on a damp stone.
  test.each([
    ['1 cup olive oil\n2 tbsp lemon juice', 'marble', 'etches-stone', true],
    ['1 cup citric acid', 'marble', 'etches-stone', true],
    ['1 cup washing soda\n1/4 cup salt', 'wool', 'harms-fibre', true],
    ['1 cup baking soda\n1 tbsp citric acid', 'marble', 'etches-stone', false],
  ])('%j on %s: %s %s', (text, surface, code, expected) => {
    expect(on(text, surface).findings.some((f) => f.code === code)).toBe(expected);
  });

  test('every surface says why', () => {
    for (const surface of SURFACES) {
      expect(surface.manner.length).toBeGreaterThan(5);
      for (const l of [...surface.limits, ...surface.weaknesses]) {
        expect(l.reason.length).toBeGreaterThan(10);
        expect(SOURCES[l.source]).toBeTruthy();
        expect(l.minutes).toBeGreaterThanOrEqual(0);
      }
      for (const s of surface.schools) {
        const school = DISPUTED_ADVICE.find((x) => x.id === s.school)!;
        expect(school.choices.map((c) => c.id)).toContain(s.choice);
        expect(school.byDefault).not.toBe(s.choice);
      }
    }
  });
});

describe('a name that may mean several things', () => {
  const verdict = (text: string) => {
    const { formula, beside: recipeText } = formulaOf(text);
    const result = evaluate(formula, AT, recipeText);
    if (!result.ok) throw new Error(result.problems[0]?.message);
    return { verdict: result.value.verdict, codes: result.value.findings.map((f) => f.code) };
  };

  test('is judged as the worst of them, in every combination', () => {
    // Toilet cleaners hold acid or bleach, drain openers lye, acid or bleach: one of each may give off chlorine.
    expect(verdict('1 tsp toilet cleaner\n1 tsp drain opener\n1 L water').codes).toEqual(
      expect.arrayContaining(['chlorine-gas', 'of-unknown-kind']),
    );
    // Of the alcohols a recipe may mean, all burn; of the soaps, those of oil curdle with vinegar, dish soap does not.
    expect(verdict('1 cup alcohol\n1 cup water').codes).toContain('flammable-liquid');
    expect(verdict('2 tbsp soap\n1 cup vinegar')).toMatchObject({ verdict: 'defeats' });
    expect(verdict('1 cup soapy water\n1 cup vinegar')).toMatchObject({ verdict: 'defeats' });
  });

  test('two names of the same kinds may be two things', () => {
    // One may hold acid and the other bleach.
    expect(verdict('1 tsp all-purpose cleaner\n1 tsp floor cleaner\n1 L water').codes).toContain('chlorine-gas');
  });

  test('with forty of them it still comes to a verdict', () => {
    const text = Array.from({ length: 40 }, () => 'all-purpose cleaner').join('\n');
    expect(verdict(text).verdict).toBe('danger');
  });
});

describe('where the band of a pH crosses what a surface bears', () => {
  // Soda by spoon, ±10 %; sealed granite bears alkali up to pH 10.
  const onGranite = (teaspoons: number) => {
    const { state, surface } = weigh(`1 tbsp baking soda\n${teaspoons} tsp washing soda\n1 L water`, {
      scope: 'fresh',
      surface: surfaceByName('granite-sealed'),
    });
    return { pH: state.pH!, found: surface!.findings.find((f) => f.code === 'strips-finish') };
  };

  test('it is said, with both figures, and does not rule the surface out', () => {
    const { pH, found } = onGranite(3);
    expect([pH.value < 10, pH.high > 10]).toEqual([true, true]);
    expect(found!.happens).toBe(
      'On granite, sealed it may be too much: its pH is about 9.9, it may be 10.1; granite, sealed bears up to 10.',
    );
    expect(found!.rulesOut).toBe(false);
  });

  test('where the whole band keeps within it nothing is said; where the pH itself passes it, so much', () => {
    expect(onGranite(1).found).toBeUndefined();
    expect(onGranite(6).found!.happens).toMatch(/^Fine on granite, sealed up to about \d+ minutes/);
  });
});
