import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { HouseholdMember } from '../catalogue/household';
import type { Level } from '../findings/finding';
import { evaluate, type Evaluation } from './evaluate';
import { recipeTextOf } from './recipeText';
import { DEFAULT_CONTEXT, type EvaluationContext } from './context';

/**
 * Whole recipes of our own making, in ratio families that are common practice, with the verdict that follows
 * from the rules' sources: public-health "never mix" lists, NOAA reactive groups, GHS, stoichiometry.
 */
type Use = 'stored' | 'fresh';
type Case = readonly [text: string, use: Use, verdict: Level, codes: readonly string[]];

const SOUND: readonly Case[] = [
  // Glass and general: acid, alcohol, surfactant.
  ['1 cup white vinegar\n1 cup distilled water', 'stored', 'clear', []],
  ['1 cup white vinegar\n4 cups distilled water', 'stored', 'clear', []],
  ['1 cup white vinegar\n1 cup water\n1 tsp dish soap', 'stored', 'clear', []],
  ['2 cups white vinegar\n1 cup water', 'stored', 'clear', []],
  ['1 cup rubbing alcohol\n2 cups distilled water', 'stored', 'clear', []],
  ['2 cups rubbing alcohol\n2 cups distilled water', 'stored', 'caution', ['flammable-liquid']],
  ['1 cup vodka\n1 cup distilled water\n1 tsp dish soap', 'stored', 'clear', []],
  ['250 mL distilled water\n1 tbsp vinegar\n60 mL rubbing alcohol', 'stored', 'clear', []],
  ['2 tbsp cornflour\n125 mL vinegar\n875 mL water', 'stored', 'caution', ['settles-out', 'clogs-sprayer']],
  ['500 mL distilled water\n1 tsp dish soap', 'stored', 'clear', []],
  ['1 L water\n1/2 cup cleaning vinegar (8 %)\n1 tsp dish soap', 'stored', 'clear', []],
  ['1/4 cup vinegar\n1/4 cup rubbing alcohol\n2 cups distilled water', 'stored', 'clear', []],
  // Soap.
  ['1 tbsp castile soap\n1 cup distilled water', 'fresh', 'clear', []],
  ['3 tbsp castile soap\n1 cup water', 'fresh', 'clear', []],
  ['1 tbsp castile soap\n1 cup distilled water', 'stored', 'caution', ['spoils']],
  ['1 tbsp castile soap\n1 tbsp baking soda\n1 L water', 'fresh', 'clear', []],
  ['1/4 cup castile soap\n1 tbsp glycerin\n1/2 cup distilled water', 'stored', 'caution', ['spoils']],
  ['1/4 cup soap flakes\n1 L boiling water', 'fresh', 'caution', ['boiling-transfer']],
  // Soda.
  ['1 cup baking soda\n1/2 cup water', 'fresh', 'clear', []],
  ['1/2 cup baking soda\n1/2 cup dish soap', 'fresh', 'clear', []],
  ['1 tbsp baking soda\n500 mL water', 'fresh', 'clear', []],
  ['15 g washing soda\n1 L water', 'fresh', 'clear', []],
  ['1 cup washing soda crystals\n5 L water', 'fresh', 'clear', []],
  ['2 cups baking soda', 'stored', 'clear', []],
  // Acid.
  ['50 g citric acid\n1 L water', 'stored', 'clear', []],
  ['100 g citric acid\n1 L water', 'fresh', 'clear', []],
  ['150 g citric acid\n1 L water', 'fresh', 'caution', ['corrosive-acid']],
  ['1 cup lemon juice\n1/4 cup salt', 'fresh', 'clear', []],
  ['1 cup vinegar', 'fresh', 'clear', []],
  ['20 g citric acid\n2 tsp dish soap\n1 L distilled water', 'stored', 'clear', []],
  // Peroxide and oxygen bleach, used fresh; peroxide alone kept.
  ['1 cup hydrogen peroxide', 'stored', 'clear', []],
  ['1 cup hydrogen peroxide\n1 tsp dish soap', 'stored', 'clear', []],
  ['1/2 cup baking soda\n1/4 cup hydrogen peroxide', 'fresh', 'caution', ['unstable-peroxide']],
  ['2 tbsp oxygen bleach\n2 L water', 'fresh', 'caution', ['unstable-peroxide']],
  // Dry.
  ['2 cups baking soda\n1 cup citric acid', 'stored', 'caution', ['pressure']],
  ['1 cup washing soda\n1 cup soap flakes', 'stored', 'clear', []],
  ['1 cup baking soda\n10 drops lavender oil', 'stored', 'caution', ['handled-strong']],
  ['2 cups baking soda\n1 cup citric acid\n3 tbsp coconut oil', 'stored', 'caution', ['pressure']],
  // Oils, infusions, wood.
  ['1 cup vinegar\n1 cup water\n12 drops lavender oil', 'stored', 'caution', ['oil-floats', 'oil-and-animals']],
  ['1 cup rubbing alcohol (91 %)\n20 drops lavender oil', 'stored', 'caution', ['flammable-liquid']],
  ['1 cup orange peel\n2 cups vinegar', 'stored', 'caution', ['clogs-sprayer']],
  ['1 cup olive oil\n1/4 cup lemon juice', 'fresh', 'caution', ['oil-floats']],
];

const UNSOUND: readonly Case[] = [
  ['1/2 cup hydrogen peroxide\n1/2 cup vinegar', 'stored', 'danger', ['peracetic-acid']],
  ['1/2 cup hydrogen peroxide\n1/2 cup vinegar', 'fresh', 'danger', ['peracetic-acid']],
  ['1 cup peroxide\n2 tbsp citric acid', 'stored', 'danger', ['peracetic-acid']],
  ['1 cup vinegar\n1 tsp bleach\n1 L water', 'fresh', 'danger', ['chlorine-gas', 'bleach-in-formula']],
  ['5 L water\n1 cup ammonia\n1 tbsp bleach', 'fresh', 'danger', ['chloramine-gas']],
  ['1 cup bleach\n1 cup rubbing alcohol', 'stored', 'danger', ['bleach-with-alcohol']],
  ['1/2 cup bleach\n1 cup peroxide', 'fresh', 'danger', ['bleach-with-peroxide']],
  ['1/2 cup bleach\n1 gallon water', 'stored', 'danger', ['bleach-in-formula', 'bleach-decays']],
  ['1 cup vinegar\n1/2 cup baking soda', 'stored', 'danger', ['pressure', 'neutralised']],
  ['1 cup vinegar\n1/2 cup baking soda', 'fresh', 'defeats', ['neutralised']],
  ['1 cup vinegar\n1 tbsp washing soda\n1 tsp dish soap', 'stored', 'danger', ['pressure']],
  ['1 cup vinegar\n1 tbsp borax\n2 cups hot water', 'stored', 'defeats', ['neutralised', 'borax-exposure']],
  ['1/2 cup castile soap\n1 cup vinegar', 'stored', 'defeats', ['soap-curdles']],
  ['1 tbsp castile soap\n1 cup water\n2 tbsp lemon juice', 'fresh', 'defeats', ['soap-curdles']],
  ['1/2 cup ammonia\n1 cup vinegar', 'stored', 'defeats', ['neutralised']],
  ['1/2 cup baking soda\n1/2 cup peroxide', 'stored', 'danger', ['pressure', 'unstable-peroxide']],
  ['2 tbsp oxygen bleach\n500 mL water', 'stored', 'danger', ['pressure']],
  ['1 cup lye\n1 L water', 'fresh', 'danger', ['corrosive-alkali']],
  ['1 cup vinegar essence (25 %)', 'stored', 'danger', ['corrosive-acid']],
  ['1 cup vinegar essence (15 %)', 'stored', 'caution', ['corrosive-acid']],
  ['1 cup peroxide (12 %)', 'stored', 'danger', ['strong-peroxide']],
  ['100 g washing soda\n1 L water', 'fresh', 'caution', ['corrosive-alkali']],
  ['1 tbsp vodka\n1 L water', 'stored', 'caution', ['too-weak']],
  ['1/2 cup vinegar\n1 gallon water', 'fresh', 'caution', ['too-weak']],
  ['1 cup water\n1/2 cup baking soda', 'stored', 'caution', ['settles-out']],
  ['100 mL water\n10 g borax', 'stored', 'caution', ['settles-out', 'borax-exposure']],
  ['Hand soap\n1 cup castile soap\n150 drops clove oil', 'stored', 'danger', ['oil-strong']],
  ['Hand soap\n1 cup castile soap\n80 drops lavender oil', 'stored', 'caution', ['oil-strong']],
  ['1 cup sugar\n3 cups fruit scraps\n2 L water', 'stored', 'danger', ['pressure', 'spoils']],
  ['1 cup green tea\n1 cup water', 'stored', 'caution', ['spoils']],
  ['juice of 2 lemons\n2 L water', 'stored', 'caution', ['spoils', 'too-weak']],
  ['Disinfectant spray\n1 cup vinegar\n1 cup water', 'stored', 'caution', ['no-disinfection']],
  [
    'Kills 99 % of germs\n1 cup rubbing alcohol\n3 drops dish soap',
    'stored',
    'caution',
    ['no-disinfection', 'flammable-liquid'],
  ],
  ['1/2 cup (170 g) baking soda\n1 cup water', 'fresh', 'caution', ['amounts-disagree']],
  ['1 cup water\n1 tbsp sparkle powder', 'stored', 'caution', ['unknown-ingredient']],
  // It may be bleach, quats or peroxide: judged as the worst.
  ['1 cup water\n1 cup disinfectant', 'stored', 'danger', ['of-unknown-kind', 'bleach-in-formula']],
  ['1 cup water\n1 cup fabric softener', 'stored', 'caution', ['bought-in-formula']],
  ['1 cup ammonia\n1 cup water', 'fresh', 'caution', ['ammonia-fumes', 'corrosive-alkali']],
  ['Small bathroom floor\n1 cup ammonia\n1 cup water', 'fresh', 'danger', ['ammonia-fumes']],
  ['1 cup nail polish remover\n1 cup water', 'stored', 'caution', ['flammable-liquid']],
  ['Heat it in the microwave\n1 cup water\n1 tbsp soap flakes', 'fresh', 'caution', ['boiling-transfer']],
];

function weigh(text: string, at: Partial<EvaluationContext>): Evaluation {
  const reading = readRecipe(text, { measures: 'us' });
  const formula = formulaFromReading(reading, 'f', 'F', 'us')!;
  const recipeText = recipeTextOf(reading);
  const result = evaluate(formula, { ...DEFAULT_CONTEXT, ...at }, recipeText);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
}
const codes = (e: Evaluation): string[] => e.findings.map((f) => f.code);

test('at least 60 recipes', () => expect(SOUND.length + UNSOUND.length).toBeGreaterThanOrEqual(60));

test.each(SOUND)('sound: %j %s is %s', (text, scope, verdict, expected) => {
  const e = weigh(text, { scope });
  expect([e.verdict, codes(e)]).toEqual([verdict, expect.arrayContaining([...expected])]);
  // Nothing sound is a danger, and nothing cancels out.
  expect(['clear', 'caution']).toContain(e.verdict);
  if (expected.length === 0) expect(codes(e)).toEqual([]);
});

test.each(UNSOUND)('unsound: %j %s is %s', (text, scope, verdict, expected) => {
  const e = weigh(text, { scope });
  expect([e.verdict, codes(e)]).toEqual([verdict, expect.arrayContaining([...expected])]);
});

describe('who lives in a home raises levels', () => {
  const tea = '1 cup water\n1 tsp dish soap\n10 drops tea tree oil';
  const level = (
    text: string,
    household: HouseholdMember[],
    code: string,
    at: Partial<EvaluationContext> = {},
  ): Level | undefined => weigh(text, { household, ...at }).findings.find((f) => f.code === code)?.level;

  // Poison-centre lists of oils harmful to cats and dogs (from memory).
  test.each([
    [tea, [], 'oil-and-animals', 'caution'],
    [tea, ['cat'], 'oil-and-animals', 'danger'],
    [tea, ['dog'], 'oil-and-animals', 'danger'],
    [tea, ['bird'], 'oil-and-animals', 'danger'],
    ['1 cup water\n10 drops lavender oil', ['cat'], 'oil-and-animals', 'caution'],
    ['1 cup water\n10 drops lavender oil', ['bird'], 'oil-and-animals', 'danger'],
    ['1 cup water\n10 drops peppermint oil', ['cat'], 'oil-and-animals', 'danger'],
    ['1 cup water\n10 drops peppermint oil', ['dog'], 'oil-and-animals', 'danger'],
    ['1 cup vinegar\n1 cup water', ['asthma'], 'oil-and-lungs', 'caution'],
    ['1 cup vinegar\n1 cup water', ['infant'], 'oil-and-lungs', 'caution'],
    ['1 cup vinegar\n1 cup water', ['cat'], 'oil-and-lungs', undefined],
    ['1 cup peroxide', ['septic'], 'septic-or-greywater', 'caution'],
    ['1 cup vinegar', ['septic'], 'septic-or-greywater', undefined],
    ['50 g salt\n1 L water', ['septic'], 'septic-or-greywater', 'caution'],
    ['50 g borax\n1 L water', ['infant'], 'borax-exposure', 'caution'],
  ] as const)('%j with %j: %s is %s', (text, lives, code, expected) => {
    expect(level(text, [...lives], code)).toBe(expected);
  });
});

describe('the bottle it is in', () => {
  const bottle = { material: 'pet', opaque: true, top: 'trigger', heldFood: false } as const;
  const found = (text: string, vessel: EvaluationContext['vessel'], code: string): Level | undefined =>
    weigh(text, { vessel }).findings.find((f) => f.code === code)?.level;

  // SDS, incompatible materials (from memory); common practice.
  test.each([
    ['1 cup vinegar', { ...bottle, material: 'aluminium' }, 'vessel-material', 'caution'],
    ['1 cup vinegar', bottle, 'vessel-material', undefined],
    ['15 g washing soda\n1 L water', { ...bottle, material: 'aluminium' }, 'vessel-material', 'caution'],
    ['1 cup peroxide', { ...bottle, material: 'tin' }, 'vessel-material', 'caution'],
    ['1 cup water\n1 tsp dish soap', { ...bottle, material: 'aluminium' }, 'vessel-material', undefined],
    ['1 cup rubbing alcohol', { ...bottle, material: 'polystyrene' }, 'vessel-material', 'caution'],
    ['1 cup vodka', { ...bottle, material: 'polystyrene' }, 'vessel-material', undefined],
    ['1 cup vinegar', { ...bottle, heldFood: true }, 'vessel-material', 'danger'],
    ['1 cup peroxide', { ...bottle, opaque: false }, 'light-sensitive', 'caution'],
    ['1 cup peroxide', bottle, 'light-sensitive', undefined],
    ['1 cup vodka\n5 mL lemon oil', { ...bottle, material: 'ldpe' }, 'oil-attacks-plastic', 'caution'],
    ['1 cup vodka\n5 mL lemon oil', { ...bottle, material: 'glass' }, 'oil-attacks-plastic', undefined],
    ['1 cup vodka\n1 drop lemon oil', { ...bottle, material: 'ldpe' }, 'oil-attacks-plastic', undefined],
    ['1 tbsp starch\n2 cups water', { ...bottle, top: 'open' }, 'clogs-sprayer', undefined],
    ['1 tbsp starch\n2 cups water', bottle, 'clogs-sprayer', 'caution'],
    ['1 cup baking soda\n1/3 cup water', bottle, 'clogs-sprayer', 'defeats'],
  ] as const)('%j in %j: %s is %s', (text, vessel, code, expected) => {
    expect(found(text, vessel, code)).toBe(expected);
  });
});

describe('hard water', () => {
  // USGS; 100 mg/L binds 0.64 g/L of potassium oleate.
  test.each([
    ['1 tsp castile soap\n1 L water', 50, 'caution'],
    ['1 tsp castile soap\n1 L water', 200, 'defeats'],
    ['1 tsp castile soap\n1 L distilled water', 200, undefined],
    ['1 cup castile soap\n1 L water', 200, undefined],
    ['1 tsp castile soap\n1 tsp washing soda\n1 L water', 200, undefined],
    ['1 tsp dish soap\n1 L water', 200, undefined],
  ] as const)('%j at %d mg/L: %s', (text, hardnessMgPerL, expected) => {
    const e = weigh(text, { scope: 'fresh', hardnessMgPerL });
    expect(e.findings.find((f) => f.code === 'hard-water-soap')?.level).toBe(expected);
  });
});

describe('claims', () => {
  // US CDC 2008: alcohol acts at 60 to 90 %; nothing else here is claimed to.
  test.each([
    ['Disinfecting wipe\n1 cup vinegar\n1 cup water', true],
    ['Kills germs and viruses\n1 cup vinegar\n1 cup water', true],
    ['Antibacterial kitchen spray\n1 cup water\n1 tsp dish soap', true],
    ['Cleans, but does not disinfect\n1 cup vinegar\n1 cup water', false],
    ['It never kills germs\n1 cup vinegar\n1 cup water', false],
    ['Kitchen spray\n1 cup vinegar\n1 cup water', false],
  ])('%j: %s', (text, claims) => {
    expect(codes(weigh(text, {})).includes('no-disinfection')).toBe(claims);
  });
});

// Soap holds together above about pH 8.5: a little acid in much soap leaves it at pH 9.
test('a little vinegar in much soap does not count as curdling', () => {
  const { state, findings } = weigh('1/2 cup castile soap\n1 cup water\n2 tsp vinegar', { scope: 'fresh' });
  expect(state.soapCurdledFraction).toBeGreaterThan(0.05);
  expect(state.pH!.value).toBeGreaterThan(8.5);
  expect(findings.map((f) => f.code)).not.toContain('soap-curdles');
});
