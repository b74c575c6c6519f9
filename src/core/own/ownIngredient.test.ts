import { DEFAULT_CONTEXT } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { recipeTextOf } from '../evaluation/recipeText';
import { formulaText } from '../formula/card';
import type { OwnIngredient, OwnRef } from '../formula/formula';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { formulaSchema, ownIngredientSchema, validate } from '../formula/schema';
import { labelContents, readLabel } from './readLabel';

const described = (name: string, label: string, more: Partial<OwnIngredient> = {}): OwnRef => ({
  kind: 'own',
  id: `own-${name}`,
  name,
  form: 'liquid',
  densityGPerML: 1,
  contents: labelContents(readLabel(label)),
  ...more,
});
const read = (text: string, ...own: OwnRef[]) => readRecipe(text, { measures: 'metric', own });
const judge = (text: string, ...own: OwnRef[]) => {
  const reading = read(text, ...own);
  const formula = formulaFromReading(reading, 'f', 'F', 'metric')!;
  const result = evaluate(formula, DEFAULT_CONTEXT, recipeTextOf(reading));
  if (!result.ok) throw new Error(text);
  return { formula, ...result.value, codes: result.value.findings.map((f) => f.code) };
};

const SUDS = described('Otter suds', '15–30 % anionic surfactants, < 5 % non-ionic surfactants, perfume');
const DESCALER = described('Heron descaler', 'citric acid 5–15 %');
const WHITENER = described('Swan whitener', 'sodium hypochlorite < 5 %', { bought: true });

test('a text finds it by the name it was given, in a line and in a sentence', () => {
  for (const text of ['100 mL Otter suds\n400 mL water', 'Put 100 mL otter suds into 400 mL water.']) {
    const { items } = read(text, SUDS);
    const lines = items.flatMap((i) => (i.kind === 'line' ? [i] : []));
    expect(lines.map((l) => l.line.ingredient)).toContainEqual(SUDS);
    expect(lines.flatMap((l) => l.doubts)).toEqual([]);
  }
  const unknown = read('100 mL Otter suds\n400 mL water').items;
  expect(unknown.some((i) => i.kind === 'line' && i.doubts.some((d) => d.kind === 'unknown-ingredient'))).toBe(true);
});

// 100 mL of 15 to 35 percent by mass at 1 g/mL in 500 mL: 30 to 70 g/L, in the middle 50.
test('its strength is shown at the middle of its label’s range', () => {
  const { state, verdict, codes } = judge('100 mL Otter suds\n400 mL distilled water', SUDS);
  expect(state.surfactantGPerL).toBeCloseTo(50, 5);
  expect([verdict, codes]).toEqual(['clear', []]);
});

test('it is judged at the worst end of its range', () => {
  // Of soda some is left over where the acid is at the low end; at the high end nothing is left but salt water.
  const soda = judge('100 mL Heron descaler\n9 g baking soda\n400 mL water', DESCALER);
  const at = (percent: number) =>
    judge(
      '100 mL Heron descaler\n9 g baking soda\n400 mL water',
      described('Heron descaler', `citric acid ${percent} %`),
    );
  const levels = [at(5), at(10), at(15)].map((e) => e.verdict);
  expect(levels).toContain(soda.verdict);
  for (const other of [at(5), at(15)])
    for (const f of other.findings.filter((g) => g.level === 'danger')) expect(soda.codes).toContain(f.code);
  const strong = judge('100 mL Swan whitener\n100 mL vinegar', described('Swan whitener', 'sodium hypochlorite 0–5 %'));
  expect(strong.verdict).toBe('danger');
  expect(judge('500 mL water\n5 mL Kite lye', described('Kite lye', 'sodium hydroxide 0–50 %')).verdict).toBe(
    judge('500 mL water\n5 mL Kite lye', described('Kite lye', 'sodium hydroxide 50 %')).verdict,
  );
});

test('of two labels every end is tried with every other', () => {
  // Only the most acid with the least soap curdles it: at most 0.4 % to 7.5 %, which neither at its middle comes to.
  const acid = described('Heron descaler', 'citric acid 0.05–0.5 %');
  const soap = described('Otter suds', 'soap 7.5–75 %');
  const text = '100 mL Heron descaler\n100 mL Otter suds\n1 L water';
  const ends = (a: number, s: number) =>
    judge(text, described('Heron descaler', `citric acid ${a} %`), described('Otter suds', `soap ${s} %`));
  const corners = [ends(0.05, 7.5), ends(0.05, 75), ends(0.5, 75), ends(0.5, 7.5)];
  const { codes } = judge(text, acid, soap);
  for (const corner of corners) for (const code of corner.codes) expect(codes).toContain(code);
  expect(corners.map((c) => c.codes.includes('soap-curdles'))).toEqual([false, false, false, true]);
});

test('so is every end of one label', () => {
  // The same in one canister: its acid may be at the upper end of its range where its soap is at the lower.
  const one = described('Heron suds', 'citric acid 0.05–0.5 %, soap 7.5–75 %');
  const at = (acid: number, soap: number) =>
    judge('100 mL Heron suds\n500 mL water', described('Heron suds', `citric acid ${acid} %, soap ${soap} %`));
  expect([at(0.05, 7.5), at(0.5, 75), at(0.05, 75)].some((e) => e.codes.includes('soap-curdles'))).toBe(false);
  expect(at(0.5, 7.5).codes).toContain('soap-curdles');
  expect(judge('100 mL Heron suds\n500 mL water', one).codes).toContain('soap-curdles');
});

test('of many ranges all are tried at an end, and each by itself', () => {
  const many = described(
    'Newt mix',
    'soap 1–30 %, sodium chloride 0–2 %, glycerin 0–2 %, ethanol 0–2 %, sodium citrate 0–2 %, urea 0–2 %',
  );
  // Strong soap is by one range alone: at its upper end.
  const strong = judge('1 L Newt mix', described('Newt mix', 'soap 30 %'));
  const { codes } = judge('1 L Newt mix', many);
  for (const code of strong.codes) expect(codes).toContain(code);
});

test('what is bought is never for mixing; what its label does not say is not called clear', () => {
  expect(judge('100 mL Swan whitener\n400 mL water', WHITENER).codes).toContain('bought-in-formula');
  const half = described('Newt wash', 'citric acid 5 %', { unknown: ['purple stuff'] });
  const { verdict, codes, state } = judge('100 mL Newt wash\n400 mL water', half);
  expect([verdict, codes.includes('unknown-ingredient'), state.holdsUnknown, state.pH]).toEqual([
    'caution',
    true,
    true,
    null,
  ]);
});

test('what its label warns of is said', () => {
  const corrosive = described('Heron descaler', 'citric acid 5 %', {
    warning: { signalWord: 'danger', pictograms: ['corrosive'] },
  });
  const { findings } = judge('100 mL Heron descaler\n400 mL water', corrosive);
  expect(findings.find((f) => f.code === 'label-warns')?.happens).toBe(
    'The label of Heron descaler says: danger, corrosive.',
  );
});

test('a card says all of it, and its reader reads it back', () => {
  const all = described('Newt wash', '5–15 % soap; citric acid 1 %', {
    unknown: ['purple stuff'],
    bought: true,
    warning: { signalWord: 'warning', pictograms: ['harmful', 'environment'] },
  });
  const { formula } = judge('100 mL Newt wash\n400 mL water', all);
  const back = formulaFromReading(readRecipe(formulaText(formula), { measures: 'us' }), 'f', '', 'us')!;
  expect(back.lines[0]!.ingredient).toEqual({ ...all, id: 'own:newt wash' });
  expect(validate(formulaSchema, formula).ok).toBe(true);
});

test('what a description may hold', () => {
  const { kind: _, id: __, ...good } = SUDS;
  const said = (change: object): string => {
    const result = validate(ownIngredientSchema, { ...good, ...change });
    return result.ok ? '' : (result.problems[0]?.message ?? '');
  };
  expect(said({})).toBe('');
  expect(said({ name: '' })).toMatch(/Give it a name/);
  expect(said({ densityGPerML: 'heavy' })).toMatch(/0.05 to 5/);
  expect(said({ warning: { signalWord: 'beware', pictograms: [] } })).toMatch(/signalWord/);
});

test('the upper ends of all ranges are no more than there is of it', () => {
  const { state } = judge('100 mL Otter paste', described('Otter paste', '≥ 60 % soap, ≥ 30 % anionic surfactants'));
  expect(state.soapGPerL + state.surfactantGPerL).toBeLessThanOrEqual(1050);
});
