import type { HouseholdMember } from '../catalogue/household';
import type { Content, Ingredient } from '../catalogue/ingredient';
import { ingredientById } from '../catalogue/lookup';
import { SUBSTANCES, substance, type SubstanceId } from '../catalogue/substances';
import { soilByName } from '../catalogue/soils';
import { surfaceByName } from '../catalogue/surfaces';
import { evaluate } from '../evaluation/evaluate';
import { DEFAULT_CONTEXT, type EvaluationContext } from '../evaluation/context';
import type { Formula, Line } from '../formula/formula';
import { pointRange } from '../quantity/range';
import { mix } from '../mixture/state';
import { isWorse } from './finding';
import type { PercentBasis } from '../quantity/amount';

/**
 * Every limit has a case a grain below it and one a grain above: whoever moves it, or a level, is told. The
 * limits themselves are sourced where they stand; here each is written down a second time, as a number.
 */

type Percents = Partial<Record<SubstanceId, number>>;

interface Part {
  readonly name?: string;
  readonly form?: 'liquid' | 'powder' | 'oil';
  /** Percent of each substance, in `basis`. */
  readonly of?: Percents;
  readonly basis?: PercentBasis;
  /** An ingredient of the catalogue instead. */
  readonly id?: string;
  readonly mL?: number;
  readonly g?: number;
  readonly vague?: true;
}

let made = 0;

function lineOf({ name, form = 'liquid', of = {}, basis = 'w/v', id, mL, g, vague }: Part): Line {
  made += 1;
  const contents = Object.entries(of).map(([s, percent]): Content => ({
    substance: s as SubstanceId,
    percent,
    low: percent,
    high: percent,
    basis,
  }));
  return {
    id: String(made),
    ingredient: id
      ? { kind: 'known', id }
      : { kind: 'own', id: `own-${made}`, name: name ?? `part ${made}`, form, densityGPerML: 1, contents },
    amount: vague
      ? { kind: 'vague', word: 'glug', volumeML: { low: 20, high: 50 } }
      : g !== undefined
        ? { kind: 'mass', value: pointRange(g), unit: 'g' }
        : { kind: 'volume', value: pointRange(mL ?? 100), unit: 'mL' },
  };
}

const FORMULA: Formula = {
  id: 'f',
  name: 'F',
  purpose: '',
  never: '',
  use: 'stored',
  measures: 'metric',
  makesML: null,
  lines: [],
};

interface Where extends Partial<EvaluationContext> {
  readonly words?: string;
  readonly kind?: Formula['kind'];
}

function levelOf(code: string, parts: readonly Part[], { words = 'F', kind, ...at }: Where): string {
  const formula: Formula = { ...FORMULA, name: words, lines: parts.map(lineOf), ...(kind ? { kind } : {}) };
  const result = evaluate(formula, { ...DEFAULT_CONTEXT, ...at });
  if (!result.ok) throw new Error(result.problems[0]?.message);
  const all = [...result.value.findings, ...(at.surface ? (result.value.surface?.findings ?? []) : [])];
  return all.find((f) => f.code === code)?.level ?? 'none';
}

const WATER: Part = { id: 'distilled-water', mL: 100 };
const only = (of: Percents, basis: PercentBasis = 'w/v'): Part[] => [{ of, basis }];
const FRESH: Where = { scope: 'fresh' };
const home = (...household: HouseholdMember[]): Where => ({ household });

type Row = readonly [
  code: string,
  limit: number,
  recipe: (figure: number) => readonly Part[],
  below: string,
  above: string,
  where?: Where,
];

/** A figure a grain below a limit, and one a grain above it. */
const GRAIN = 0.004;

const BLEACH: Part = { of: { 'sodium-hypochlorite': 5 }, mL: 50 };

const SUGAR: Part = { of: { sugar: 50 }, mL: 20 };

/** g of a substance dissolved in water to come to so many mL in all, with what does not stand in the sum. */
const inWater = (of: Percents): Part[] => [{ of, mL: 1000 }];

const ROWS: readonly Row[] = [
  // Bleach.
  [
    'bleach-with-alcohol',
    1,
    (p) => [BLEACH, { of: { 'lavender-oil': 2 * p }, basis: 'v/v', mL: 50 }],
    'none',
    'danger',
  ],
  ['chlorine-gas', 1, (p) => only({ 'hydrogen-chloride': p, 'hydrogen-peroxide': 2 }), 'none', 'danger'],
  // Peroxide.
  ['peracetic-acid', 0.01, (p) => only({ 'acetic-acid': 3, 'hydrogen-peroxide': p }), 'none', 'danger'],
  ['strong-peroxide', 5, (p) => only({ 'hydrogen-peroxide': p }), 'none', 'caution'],
  ['strong-peroxide', 8, (p) => only({ 'hydrogen-peroxide': p }), 'caution', 'danger'],
  [
    'explosive-peroxide',
    20,
    (p) => [{ of: { 'sulfuric-acid': p } }, { of: { 'hydrogen-peroxide': 3 } }],
    'none',
    'danger',
  ],
  ['violent-heat', 20, (p) => [{ of: { 'sulfuric-acid': p } }, WATER], 'none', 'danger'],
  // What is strong as poured has rows of its own below. Alkali and ammonia.
  [
    'corrosive-acid',
    1,
    (p) => [{ of: { 'phosphoric-acid': p } }, { id: 'distilled-water', mL: 5000 }],
    'none',
    'danger',
  ],
  ['corrosive-alkali', 5, (p) => only({ 'sodium-carbonate': p, 'sodium-bicarbonate': 2 }), 'none', 'caution'],
  ['corrosive-alkali', 0.5, (p) => only({ 'sodium-hydroxide': p }, 'w/w'), 'caution', 'danger'],
  ['corrosive-alkali', 10, (p) => only({ ammonia: p / 0.9962 }, 'w/w'), 'caution', 'danger'],
  ['ammonia-fumes', 1, (p) => only({ ammonia: p / 0.9945 }, 'w/w'), 'none', 'caution', FRESH],
  ['ammonia-fumes', 1, (p) => only({ ammonia: p / 0.9945 }, 'w/w'), 'none', 'danger', { ...FRESH, room: 'small' }],
  [
    'ammonia-fumes',
    0.1,
    (p) => only({ 'ammonium-chloride': (p / 0.9965) * (53.491 / 17.031), 'sodium-hydroxide': 3 }, 'w/w'),
    'none',
    'caution',
    FRESH,
  ],
  // What cancels out.
  [
    'neutralised',
    2,
    (mmol) => inWater({ 'acetic-acid': 5, 'sodium-hydroxide': 0, borax: (mmol * 381.37) / 2 / 10_000 }),
    'none',
    'defeats',
  ],
  [
    'hard-water-soap',
    0.1,
    (share) => inWater({ soap: 1, 'calcium-chloride': (share * (10 / 320.6) * 147.01) / 2 / 10 }),
    'none',
    'caution',
  ],
  [
    'hard-water-soap',
    0.5,
    (share) => inWater({ soap: 1, 'calcium-chloride': (share * (10 / 320.6) * 147.01) / 2 / 10 }),
    'caution',
    'defeats',
  ],
  ['too-weak', 0.5, (p) => only({ 'acetic-acid': p }), 'caution', 'none'],
  ['too-weak', 10, (p) => only({ ethanol: p }, 'v/v'), 'caution', 'none'],
  ['too-weak', 0.3, (p) => only({ 'hydrogen-peroxide': p }), 'caution', 'none'],
  ['too-weak', 0.02, (p) => only({ 'acetic-acid': p }), 'none', 'caution'],
  ['too-weak', 0.3, (p) => only({ ethanol: p }, 'v/v'), 'none', 'caution'],
  ['too-weak', 0.01, (p) => only({ 'hydrogen-peroxide': p }), 'none', 'caution'],
  // Gas and fire. 0.2 bar: by Henry's law, 10 % of headspace over a litre.
  [
    'pressure',
    0.2,
    (bar) => inWater({ 'acetic-acid': 5, 'sodium-bicarbonate': (84.007 * carbonDioxideMolAt(bar)) / 10 }),
    'none',
    'danger',
  ],
  ['pressure', 5, (g) => inWater({ sugar: g / 10, yeast: 0.1 }), 'none', 'danger'],
  ['pressure', 5, (g) => inWater({ sugar: g / 10, 'hydrogen-peroxide': 3 }), 'none', 'danger'],
  ['pressure', 0.1, (p) => inWater({ sugar: 2, 'hydrogen-peroxide': p }), 'none', 'danger'],
  [
    'pressure',
    15,
    (p) => [{ of: { ethanol: 1.02 * p, 'plant-matter': 1 }, basis: 'v/v', mL: 1000 }, SUGAR],
    'danger',
    'none',
  ],
  ['pressure', 2, (p) => [{ of: { 'acetic-acid': 1.02 * p, 'plant-matter': 1 }, mL: 1000 }, SUGAR], 'danger', 'none'],
  ['flammable-liquid', 24, (p) => only({ ethanol: p }, 'v/v'), 'none', 'caution'],
  ['flammable-liquid', 1, (p) => only({ turpentine: p }, 'v/v'), 'none', 'caution'],
  ['flammable-liquid', 5, (p) => only({ 'lemon-oil': p }, 'v/v'), 'none', 'caution'],
  ['flammable-liquid', 80, (p) => only({ 'acetic-acid': p }, 'v/v'), 'none', 'caution'],
  // The home.
  ['borax-exposure', 0.02, (p) => only({ borax: p }), 'none', 'caution'],
  ['borate-complex', 0.002, (mol) => inWater({ 'boric-acid': (mol * 61.833) / 10, glycerol: 5 }), 'none', 'caution'],
  ['septic-or-greywater', 1, (p) => only({ 'hydrogen-peroxide': p }), 'none', 'caution', home('septic')],
  ['septic-or-greywater', 0.5, (p) => only({ borax: p }), 'none', 'caution', home('septic')],
  ['septic-or-greywater', 2, (p) => only({ 'sodium-chloride': p }), 'none', 'caution', home('septic')],
  ['septic-or-greywater', 0.5, (p) => only({ 'lavender-oil': p }, 'w/w'), 'none', 'caution', home('septic')],
  // Oils, by kind, and hot ones at half.
  ['oil-strong', 1, (p) => only({ 'lavender-oil': p }, 'v/v'), 'none', 'caution'],
  ['oil-strong', 10, (p) => only({ 'lavender-oil': p }, 'v/v'), 'caution', 'danger'],
  ['oil-strong', 0.5, (p) => only({ 'clove-oil': p }, 'v/v'), 'none', 'caution'],
  ['oil-strong', 2, (p) => only({ 'lavender-oil': p }, 'v/v'), 'none', 'caution', { kind: 'room-spray' }],
  [
    'oil-strong',
    30,
    (p) => only({ 'lavender-oil': p, 'fixed-oil': 100 - p }, 'v/v'),
    'none',
    'caution',
    { kind: 'reeds' },
  ],
  ['oil-strong', 1, (p) => only({ 'lavender-oil': p }, 'v/v'), 'none', 'caution', { kind: 'bowl' }],
  ['oil-strong', 0.5, (p) => only({ 'lavender-oil': p }, 'v/v'), 'none', 'caution', { kind: 'dry-powder' }],
  ['oil-strong', 1, (p) => only({ 'lavender-oil': p, soap: 10 }, 'v/v'), 'none', 'caution', { kind: 'hand-soap' }],
  ['oil-strong', 2, (p) => only({ 'lavender-oil': p }, 'v/v'), 'caution', 'danger', { kind: 'hand-soap' }],
  ['oil-strong', 0.25, (p) => only({ 'clove-oil': p }, 'v/v'), 'none', 'danger', { kind: 'hand-soap' }],
  ['oil-strong', 0.004, (p) => only({ 'cinnamon-oil': p }, 'v/v'), 'none', 'danger', { kind: 'hand-soap' }],
  ['oil-and-animals', 0.004, (p) => only({ 'tea-tree-oil': p }, 'v/v'), 'none', 'danger', home('cat')],
  ['oil-and-lungs', 0.004, (p) => only({ 'lavender-oil': p }, 'v/v'), 'none', 'caution', home('asthma')],
  ['oil-and-lungs', 0.004, (p) => only({ 'peppermint-oil': p }, 'v/v'), 'none', 'danger', home('infant')],
  ['oil-and-lungs', 1, (p) => only({ 'acetic-acid': p }), 'none', 'caution', home('asthma')],
  ['spray-and-lungs', 2, (p) => only({ 'acetic-acid': p }), 'none', 'caution', home('bird')],
  ['spray-and-lungs', 1, (p) => only({ 'hydrogen-peroxide': p }), 'none', 'caution', home('infant')],
  ['spray-and-lungs', 20, (p) => only({ ethanol: p }, 'v/v'), 'none', 'caution', home('asthma')],
  ['oil-attacks-plastic', 1, (p) => only({ 'lemon-oil': p }, 'v/v'), 'none', 'caution'],
  // In the bottle.
  [
    'light-sensitive',
    0.1,
    (p) => only({ 'hydrogen-peroxide': p }),
    'none',
    'caution',
    { vessel: { material: 'glass', opaque: false, top: 'flip-cap', heldFood: false } },
  ],
  [
    'vessel-material',
    0.3,
    (p) => only({ 'acetic-acid': p }),
    'none',
    'caution',
    { vessel: { material: 'aluminium', opaque: true, top: 'flip-cap', heldFood: false } },
  ],
  [
    'vessel-material',
    60,
    (p) => only({ ethanol: p }, 'v/v'),
    'none',
    'caution',
    { vessel: { material: 'polystyrene', opaque: true, top: 'flip-cap', heldFood: false } },
  ],
  ['spoils', 0.3, (g) => inWater({ 'plant-matter': g / 10 }), 'none', 'caution'],
  ['spoils', 0.3, (g) => inWater({ soap: g / 10 }), 'none', 'caution'],
  ['spoils', 150, (g) => inWater({ soap: g / 10 }), 'caution', 'none'],
  ['spoils', 20, (p) => [{ of: { ethanol: p, 'plant-matter': 1 }, basis: 'v/v' }], 'caution', 'none'],
  ['spoils', 2, (p) => only({ 'acetic-acid': p, 'plant-matter': 1 }), 'caution', 'none'],
  ['spoils', 0.5, (p) => only({ 'hydrogen-peroxide': p, 'plant-matter': 1 }), 'caution', 'none'],
  [
    'settles-out',
    1,
    (g) => [
      { id: 'distilled-water', mL: 1000 },
      { form: 'powder', of: { pumice: 100 }, basis: 'w/w', g: g * 1.0005 },
    ],
    'none',
    'caution',
  ],
  [
    'clogs-sprayer',
    1.5,
    (g) => [
      { id: 'distilled-water', mL: 1000 },
      { form: 'powder', of: { starch: 100 }, basis: 'w/w', g: g * 1.0007 },
    ],
    'none',
    'caution',
  ],
  // On a surface near heat, and on stone.
  [
    'flammable-liquid',
    24,
    (p) => only({ ethanol: p }, 'v/v'),
    'caution',
    'danger',
    { surface: surfaceByName('induction-hob'), scope: 'drain' },
  ],
  [
    'sets-protein-stain',
    0.3,
    (p) => only({ 'acetic-acid': p }),
    'none',
    'caution',
    { surface: surfaceByName('cotton'), soil: soilByName('protein') },
  ],
  [
    'etches-stone',
    0.03,
    (p) => only({ 'citric-acid': (p / 60.052) * (192.12 / 3) }),
    'none',
    'caution',
    { surface: surfaceByName('marble') },
  ],
];

/** mol of carbon dioxide that come to a gain of so many bar over a litre with 10 % of headspace (Henry 0.039, R 0.082057, 293.15 K). */
const carbonDioxideMolAt = (bar: number): number => (bar / 1.01325) * (1 / 9 / (0.082057 * 293.15) + 0.039);

describe('a grain below and a grain above every limit', () => {
  test.each(ROWS.map((row, i) => [i, row[0], row[1], row] as const))('%i: %s at %d', (_, code, limit, row) => {
    const [, , recipe, below, above, where = {}] = row;
    const at = (figure: number): string => levelOf(code, recipe(figure), where);
    expect([at(limit * (1 - GRAIN)), at(limit * (1 + GRAIN))]).toEqual([below, above]);
  });
});

describe('columns of the substances', () => {
  const poured = (id: SubstanceId, percent: number): Part[] => [
    { of: { [id]: percent }, basis: 'w/w', form: substance(id).traits.includes('essential-oil') ? 'oil' : 'liquid' },
    { id: 'distilled-water', mL: 10_000 },
  ];

  test.each(
    SUBSTANCES.flatMap((s) => (s.handledStrongFromPercent ? [[s.id, s.handledStrongFromPercent] as const] : [])),
  )('%s is handled with care from %d %% as poured', (id, from) => {
    expect(levelOf('handled-strong', poured(id, from * (1 - GRAIN)), FRESH)).toBe('none');
    expect(levelOf('handled-strong', poured(id, from), FRESH)).toBe('caution');
  });

  test.each(
    SUBSTANCES.flatMap((s) => (s.notForHomeAbovePercent === null ? [] : [[s.id, s.notForHomeAbovePercent] as const])),
  )('%s is not for a home over %d %%', (id, from) => {
    if (from > 0) expect(levelOf('not-for-a-home', poured(id, from), FRESH)).toBe('none');
    expect(levelOf('not-for-a-home', poured(id, from * (1 + GRAIN) + 0.01), FRESH)).toBe('danger');
  });

  test.each(
    SUBSTANCES.flatMap((s) =>
      s.burns && s.traits.includes('acid') && !s.traits.includes('mineral-acid')
        ? [[s.id, s.burns.cautionFrom, s.burns.dangerFrom] as const]
        : [],
    ),
  )('%s irritates from %d %% and burns from %d %%', (id, cautionFrom, dangerFrom) => {
    const at = (percent: number): string => levelOf('corrosive-acid', only({ [id]: percent }), FRESH);
    expect([at(cautionFrom * (1 - GRAIN)), at(cautionFrom)]).toEqual(['none', 'caution']);
    if (dangerFrom === null) expect(at(95)).toBe('caution');
    else expect([at(dangerFrom * (1 - GRAIN)), at(dangerFrom)]).toEqual(['caution', 'danger']);
  });
});

/** Percent w/v of a substance at which its solution stands at a pH, beside some of another. */
function percentAtPH(id: SubstanceId, pH: number, beside: Percents): number {
  let low = 0;
  let high = 20;
  for (let i = 0; i < 50; i++) {
    const percent = (low + high) / 2;
    const state = mix([{ ingredient: ownOf({ [id]: percent, ...beside }), massG: 100, volumeML: 100 }]);
    const stronger = id === 'acetic-acid' ? state.acidity!.pH.value > pH : state.acidity!.pH.value < pH;
    if (stronger) low = percent;
    else high = percent;
  }
  return (low + high) / 2;
}

const ownOf = (of: Percents): Ingredient => ({
  ...ingredientById('distilled-water')!,
  water: null,
  densityGPerML: 1,
  contents: Object.entries(of).map(([s, percent]) => ({
    substance: s as SubstanceId,
    percent,
    low: percent,
    high: percent,
    basis: 'w/v' as const,
  })),
});

describe('limits of pH', () => {
  test.each([
    ['corrosive-alkali', 'sodium-carbonate', 11.5, {}, {}],
    [
      'vessel-material',
      'sodium-carbonate',
      9,
      { 'sodium-bicarbonate': 1 },
      { vessel: { material: 'aluminium', opaque: true, top: 'flip-cap', heldFood: false } },
    ],
    ['spray-and-lungs', 'sodium-carbonate', 11, { 'sodium-bicarbonate': 0.1 }, home('bird')],
    ['unstable-peroxide', 'borax', 8 - 0.05, { 'hydrogen-peroxide': 1, 'boric-acid': 2 }, FRESH],
  ] as const)('%s: %s at pH %d', (code, id, pH, beside, where) => {
    const at = (to: number): string => levelOf(code, only({ [id]: percentAtPH(id, to, beside), ...beside }), where);
    expect([at(pH - 0.02), at(pH + 0.02)]).toEqual(['none', 'caution']);
  });

  test('soap curdles below pH 8.5', () => {
    const soap = { soap: 2, 'sodium-bicarbonate': 0.05 };
    const at = (to: number): string =>
      levelOf('soap-curdles', only({ 'acetic-acid': percentAtPH('acetic-acid', to, soap), ...soap }), FRESH);
    expect([at(8.55), at(8.45)]).toEqual(['none', 'defeats']);
  });
});

/** Percent of acetic acid at which so much of a buffered soap is curdled, 0 to 1. */
function acidForCurd(share: number, beside: Percents): number {
  let low = 0;
  let high = 3;
  for (let i = 0; i < 50; i++) {
    const percent = (low + high) / 2;
    const { soapCurdledFraction } = mix([
      { ingredient: ownOf({ 'acetic-acid': percent, ...beside }), massG: 100, volumeML: 100 },
    ]);
    if ((soapCurdledFraction ?? 0) < share) low = percent;
    else high = percent;
  }
  return (low + high) / 2;
}

test('a curd of five percent of the soap is seen, less is not', () => {
  const soap = { soap: 2, 'sodium-bicarbonate': 8 };
  const at = (share: number): string =>
    levelOf('soap-curdles', only({ 'acetic-acid': acidForCurd(share, soap), ...soap }), FRESH);
  expect([at(0.048), at(0.052)]).toEqual(['none', 'defeats']);
});

test('levels rank: what hurts before what undoes itself, before what is to be minded', () => {
  const levels = ['clear', 'caution', 'defeats', 'danger'] as const;
  levels.forEach((a, i) => levels.forEach((b, k) => expect([a, b, isWorse(a, b)]).toEqual([a, b, i > k])));
});

describe('what is flammable', () => {
  // Flash points from memory, ±5 °C: spearmint 65, lavender 68 °C. GHS: up to 60 °C.
  test('up to 60 °C at the low end of its band', () => {
    expect(levelOf('flammable-liquid', only({ 'spearmint-oil': 10 }, 'v/v'), {})).toBe('caution');
    expect(levelOf('flammable-liquid', only({ 'lavender-oil': 10 }, 'v/v'), {})).toBe('none');
  });

  // GHS: category 2 below 23 °C. 40 % ethanol flashes at 26 °C, ±3 (handbook table, from memory).
  test('category 2 begins below 23 °C', () => {
    const category = (percent: number): number | undefined => {
      const result = evaluate({ ...FORMULA, lines: only({ ethanol: percent }, 'v/v').map(lineOf) }, DEFAULT_CONTEXT);
      return result.ok
        ? result.value.findings.find((f) => f.code === 'flammable-liquid')?.figures.ghsCategory
        : undefined;
    };
    expect([category(39.9), category(40.1)]).toEqual([3, 2]);
  });

  test('oil from 5 % on burns on, in alcohol too thin to burn itself', () => {
    const with10 = (oil: number): string =>
      levelOf('flammable-liquid', only({ ethanol: 10, 'lemon-oil': oil }, 'v/v'), {});
    expect([with10(4.98), with10(5.02)]).toEqual(['none', 'caution']);
  });
});

describe('claims', () => {
  // US CDC 2008: alcohol acts at 60 to 90 % v/v. Either way it is no disinfectant; the words differ.
  test.each([
    [59.9, /does not disinfect/],
    [60.1, /not a registered/],
    [89.9, /not a registered/],
    [90.1, /does not disinfect/],
  ])('%d %% of alcohol', (percent, says) => {
    const formula = { ...FORMULA, name: 'Kills germs', lines: only({ ethanol: percent }, 'v/v').map(lineOf) };
    const result = evaluate(formula, DEFAULT_CONTEXT);
    expect(result.ok && result.value.findings.find((f) => f.code === 'no-disinfection')?.happens).toMatch(says);
  });
});

test('a vague amount is judged at its worse end', () => {
  // A glug is 20 to 50 mL: in 60 mL of water 17 to 32 % of 70 % alcohol.
  const rubbing: Part = { of: { ethanol: 70 }, basis: 'v/v', vague: true };
  expect(levelOf('flammable-liquid', [rubbing, { id: 'distilled-water', mL: 60 }], {})).toBe('caution');
  expect(levelOf('flammable-liquid', [rubbing, { id: 'distilled-water', mL: 100 }], {})).toBe('none');
  expect(levelOf('flammable-liquid', [rubbing, { id: 'distilled-water', mL: 95 }], {})).toBe('caution');
});
