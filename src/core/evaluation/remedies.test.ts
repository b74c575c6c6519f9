import type { Formula } from '../formula/formula';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { isWorse } from '../findings/finding';
import { MIXTURE_RULES } from '../findings/rules';
import { vagueAmount } from '../findings/unknowns';
import { surfaceByName } from '../catalogue/surfaces';
import { evaluate } from './evaluate';
import { DEFAULT_CONTEXT, type EvaluationContext } from './context';
import { REMEDIED_CODES, remediesFor } from './remedies';
import { compare } from './compare';
import { notableShifts, strengthShifts } from './strengths';
import { sweepAmounts, whatIf, whatIfAt } from './whatIf';

const written = (text: string): Formula => {
  const formula = formulaFromReading(readRecipe(text, { measures: 'us' }), 'f', 'Test', 'us');
  if (!formula) throw new Error(text);
  return formula;
};
const judged = (formula: Formula, context: EvaluationContext = DEFAULT_CONTEXT) => {
  const result = evaluate(formula, { ...context, scope: formula.use });
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
};
const offers = (text: string, code: string, more: Partial<EvaluationContext> = {}) => {
  const formula = written(text);
  const at = { ...DEFAULT_CONTEXT, ...more, scope: formula.use };
  const before = judged(formula, at);
  const finding = before.findings.find((f) => f.code === code);
  if (!finding) throw new Error(`${code} is not found in ${text}: ${before.findings.map((f) => f.code).join()}`);
  return { before, remedies: remediesFor(finding, formula, before.verdict, at) };
};
const said = (text: string, code: string, more: Partial<EvaluationContext> = {}): string[] =>
  offers(text, code, more).remedies.map((r) => r.id);

// What each must offer; common practice, no source.
const CASES: readonly (readonly [text: string, code: string, id: string])[] = [
  ['1 cup peroxide\n1 cup vinegar', 'peracetic-acid', 'split-peroxide-carboxylic-acid'],
  ['1 cup castile soap\n1 cup vinegar', 'soap-curdles', 'swap-dish-soap'],
  ['1 cup castile soap\n1 cup vinegar', 'soap-curdles', 'citric-rinse'],
  ['1 cup vinegar\n2 tbsp baking soda', 'neutralised', 'split-alkali-acid'],
  ['1 cup vinegar\n2 tbsp baking soda', 'pressure', 'use-fresh'],
  ['1 cup rubbing alcohol (90 %)\n1/4 cup water', 'flammable-liquid', 'less'],
  ['1 cup bleach\n1 cup water', 'bleach-in-formula', 'none'],
  ['1 cup vinegar\n1 tbsp bleach\n1 cup water', 'chlorine-gas', 'leave-out-hypochlorite'],
  ['2 cups water\n2 tsp vinegar', 'too-weak', 'more'],
  ['1 cup boiling water\n1 tbsp washing soda', 'boiling-transfer', 'swap-water'],
  ['1 cup water\n40 drops clove oil', 'oil-strong', 'less'],
  ['1 cup baking soda (100 g)\n1 cup water', 'amounts-disagree', 'second-amount'],
];

describe('what to do instead', () => {
  test('the same change is offered once', () => {
    const titles = offers('1 cup sodium perborate\n1 cup vinegar', 'unstable-peroxide').remedies.map((r) => r.title);
    expect(titles.length).toBeGreaterThan(0);
    expect(new Set(titles).size).toBe(titles.length);
  });

  // Water does not put a solvent out: a mixture of acetone or petrol with it still burns.
  test('a solvent is never thinned to be sound', () => {
    expect(said('1/4 cup acetone\n2 cups water\n1 tbsp dish soap', 'flammable-liquid')).toEqual(['leave-out-solvent']);
    expect(said('1 cup white spirit\n1 cup vinegar\n1 tbsp dish soap', 'flammable-liquid')).toEqual([
      'leave-out-solvent',
    ]);
  });

  test('what the surface at hand does not bear is not offered', () => {
    const text = '1 cup castile soap\n1 cup vinegar';
    const marble = { surface: surfaceByName('marble') };
    // Vinegar rules marble out as it is; a rinse of citric acid would etch it no less, soap alone does not.
    expect(said(text, 'soap-curdles')).toContain('citric-rinse');
    const soapy = '1/2 cup castile soap\n2 cups water\n1/2 cup lemon juice';
    const hard = offers(soapy, 'soap-curdles', { surface: surfaceByName('glazed-tile') }).remedies.map((r) => r.id);
    expect(hard).toContain('citric-rinse');
    for (const remedy of offers(text, 'soap-curdles', marble).remedies) {
      const on = judged(remedy.formula, { ...DEFAULT_CONTEXT, ...marble }).surface!;
      const second = remedy.second && judged(remedy.second, { ...DEFAULT_CONTEXT, ...marble }).surface!;
      const codes = [...on.findings, ...(second?.findings ?? [])].filter((f) => f.rulesOut).map((f) => f.code);
      expect(codes.every((c) => c === 'etches-stone')).toBe(true);
    }
  });

  test('alcohol for water on varnish, soda on aluminium: nothing that a surface minds anew', () => {
    const at = { surface: surfaceByName('aluminium'), lives: ['bird'] as const };
    const { before, remedies } = offers('1 cup peroxide\n1 cup vinegar', 'peracetic-acid', at);
    expect(before.surface).not.toBeNull();
    for (const { formula, second } of remedies)
      for (const f of [formula, ...(second ? [second] : [])]) {
        const after = judged(f, { ...DEFAULT_CONTEXT, ...at }).surface!;
        expect(isWorse(after.verdict, before.surface!.verdict)).toBe(false);
      }
  });

  test('where birds live, by hand is offered and is milder', () => {
    const { before, remedies } = offers('1 cup water\n5 drops orange oil\n1 tsp dish soap', 'oil-and-animals', {
      household: ['bird'],
    });
    expect(before.verdict).toBe('danger');
    expect(remedies.map((r) => r.id)).toContain('leave-out-essential-oil');
    const sprayed = offers('20 g washing soda\n1 L water', 'spray-and-lungs', { household: ['asthma'] }).remedies;
    expect(sprayed.map((r) => [r.id, r.formula.form])).toContainEqual(['on-a-cloth', 'cloth']);
  });

  test.each(CASES)('%j, %s: offers %s', (text, code, id) => {
    const ids = said(text, code);
    if (id === 'none') expect(ids).toEqual([]);
    else expect(ids).toContain(id);
  });

  test('whatever is offered frees the formula of the finding, is no danger, and no worse than before', () => {
    let seen = 0;
    for (const [text, code] of CASES) {
      const { before, remedies } = offers(text, code);
      for (const remedy of remedies) {
        for (const formula of [remedy.formula, ...(remedy.second ? [remedy.second] : [])]) {
          const after = judged(formula);
          expect(after.findings.map((f) => f.code)).not.toContain(code);
          expect(after.verdict).not.toBe('danger');
          expect(isWorse(after.verdict, before.verdict)).toBe(false);
          seen += 1;
        }
      }
    }
    expect(seen).toBeGreaterThan(20);
  });

  // What would only look like help, and is held back.
  test.each([
    [
      'distilled water, where it is the starch that spoils',
      '1 cup water\n1 tbsp cornstarch',
      'spoils',
      'swap-distilled-water',
    ],
    [
      'used at once, where peracetic acid forms all the same',
      '1 cup vinegar\n1 tbsp baking soda\n1 cup peroxide',
      'pressure',
      'use-fresh',
    ],
  ])('%s, is not offered', (_, text, code, id) => expect(said(text, code)).not.toContain(id));

  test('a bottle is swapped where the bottle is at fault', () => {
    const vessel = { material: 'aluminium', opaque: true, top: 'trigger', heldFood: false } as const;
    const { remedies } = offers('1 cup vinegar\n1 cup water', 'vessel-material', { vessel });
    expect(remedies[0]).toMatchObject({ vessel: { material: 'glass', opaque: true }, second: null });
  });

  test('two bottles keep the strength that each had', () => {
    const { before, remedies } = offers('1 cup castile soap\n1 cup vinegar', 'soap-curdles');
    const split = remedies.find((r) => r.id === 'split-soap-acid');
    expect(judged(split!.formula).state.soapGPerL).toBeCloseTo(before.state.soapGPerL, 0);
    expect(judged(split!.second!).state.aceticAcidPercentWV).toBeCloseTo(before.state.aceticAcidPercentWV, 1);
  });

  test('every code that a change is offered for is a code that exists', () => {
    const codes = [...MIXTURE_RULES, vagueAmount].map((r) => r.code);
    expect(REMEDIED_CODES.filter((c) => !codes.includes(c))).toEqual([]);
  });
});

describe('side by side', () => {
  test('says what differs, litre for litre, and what that does', () => {
    const a = judged(written('1 cup vinegar\n1 cup water'));
    const b = judged(written('1 cup vinegar\n3 cups water\n1 tsp salt'));
    const { lines, strengths } = compare(a, b);
    expect(lines.map((l) => [l.ingredientId, l.unit])).toEqual([
      ['white-vinegar', 'mL'],
      ['water', 'mL'],
      ['salt', 'g'],
    ]);
    expect(lines[0]?.aPerL).toBeCloseTo(500, 0);
    expect(lines[0]?.bPerL).toBeCloseTo(249.5, 0);
    expect(lines[2]?.aPerL).toBeNull();
    // Half as much vinegar in a litre: half the acid.
    expect(strengths[0]).toMatchObject({ key: 'acetic' });
    expect(strengths[0]?.changePercent).toBeCloseTo(-50, 0);
  });

  test('only one of two has a finding', () => {
    const sound = judged(written('1 cup vinegar\n1 cup water'));
    const curdled = judged(written('1 cup vinegar\n1 cup castile soap'));
    expect(compare(sound, curdled).onlyB).toContain('soap-curdles');
    expect(compare(curdled, sound).onlyA).toContain('soap-curdles');
  });

  test('a strength that moves by 5 % or less is not worth a warning', () => {
    const a = judged(written('100 mL vinegar\n100 mL water')).state;
    const near = judged(written('100 mL vinegar\n104 mL water')).state;
    const far = judged(written('100 mL vinegar\n130 mL water')).state;
    expect(notableShifts(a, near)).toEqual([]);
    expect(notableShifts(a, far).map((s) => s.key)).toEqual(['acetic']);
    expect(strengthShifts(a, far)[0]?.changePercent).toBeLessThan(-5);
  });
});

describe('what if', () => {
  const fizz = written('1 cup vinegar\n0.1 cup baking soda');
  const at = { ...DEFAULT_CONTEXT, scope: 'fresh' as const };

  test('more soda raises the pH, and the gas until the acid is used up', () => {
    const points = whatIf(fizz, '2', at);
    expect(points.map((p) => p.amount)).toEqual(sweepAmounts(0.1));
    for (let i = 1; i < points.length; i++) {
      expect(points[i]!.pH! - points[i - 1]!.pH!).toBeGreaterThanOrEqual(-1e-6);
      if (points[i]!.acidLeftMmolPerL > 0) expect(points[i]!.gasMLPerL).toBeGreaterThan(points[i - 1]!.gasMLPerL);
    }
    // Vinegar alone: pH about 2.4 (CRC: 0.1 mol/L acetic 2.9; 0.83 mol/L by ½(pKa − log c) = 2.4).
    expect(points[0]!.pH).toBeGreaterThan(2.2);
    expect(points[0]!.pH).toBeLessThan(2.6);
    expect(points.at(-1)!.pH).toBeGreaterThan(7);
  });

  test('the point at the present amount is the formula itself', () => {
    const here = whatIfAt(fizz, '2', 0.1, at);
    expect(here?.verdict).toBe(judged({ ...fizz, use: 'fresh' }).verdict);
    expect(here?.pH).toBeCloseTo(judged({ ...fizz, use: 'fresh' }).state.pH!.value, 9);
  });

  test('a line that fills up has no amount to change', () => {
    expect(whatIf(written('10 % vinegar\nwater to fill'), '2', at)).toEqual([]);
  });
});
