import fc from 'fast-check';
import { INGREDIENTS, findIngredient } from '../catalogue/lookup';
import type { Ingredient } from '../catalogue/ingredient';
import { SOURCES } from '../catalogue/sources';
import { substance, type Trait } from '../catalogue/substances';
import { meet } from '../evaluation/meet';
import { SCOPES, type Level, type Scope } from './finding';
import { MIXTURE_RULES } from './rules';
import { SURFACE_RULES } from './surfaceHarm';

const named = (name: string): Ingredient => {
  const match = findIngredient(name);
  if (match.kind === 'exact' || match.kind === 'close') return match.ingredient;
  throw new Error(`${name} is not found`);
};
const level = (code: string, names: readonly string[], scope: Scope): Level | null =>
  meet(names.map(named), scope).findings.find((f) => f.code === code)?.level ?? null;

/**
 * Meetings with the code and level each must raise. Sources: public-health and poison-centre lists of what
 * never to mix; NOAA chemical reactivity worksheet, groups of acids, hypochlorites, ammonia, alcohols,
 * peroxides, carbonates; SDS section 10 (all from memory). Names in the spellings people use.
 */
const MEETINGS: readonly (readonly [names: string, scope: Scope, code: string, level: Level | null])[] = [
  ['bleach, vinegar', 'stored', 'chlorine-gas', 'danger'],
  ['bleach, vinegar', 'fresh', 'chlorine-gas', 'danger'],
  ['bleach, vinegar', 'sequence', 'chlorine-gas', 'danger'],
  ['bleach, vinegar', 'air', 'chlorine-gas', 'danger'],
  ['bleach, vinegar', 'drain', 'chlorine-gas', 'danger'],
  ['javel, lemon juice', 'stored', 'chlorine-gas', 'danger'],
  ['household bleach, citric', 'drain', 'chlorine-gas', 'danger'],
  ['mould spray, limescale remover', 'sequence', 'chlorine-gas', 'danger'],
  ['toilet block, toilet bowl cleaner', 'drain', 'chlorine-gas', 'danger'],
  ['bleach, sulphamic acid', 'air', 'chlorine-gas', 'danger'],
  ['bleach, cleaning vinegar, water', 'stored', 'chlorine-gas', 'danger'],
  ['bleach, ammonia', 'stored', 'chloramine-gas', 'danger'],
  ['bleach, ammonia', 'air', 'chloramine-gas', 'danger'],
  ['bleach, cat litter', 'sequence', 'chloramine-gas', 'danger'],
  ['mold remover, blue glass cleaner', 'air', 'chloramine-gas', 'danger'],
  ['bleach, rubbing alcohol', 'stored', 'bleach-with-alcohol', 'danger'],
  ['bleach, meths', 'drain', 'bleach-with-alcohol', 'danger'],
  ['bleach, vodka', 'sequence', 'bleach-with-alcohol', 'danger'],
  ['bleach, tea tree', 'stored', 'bleach-with-alcohol', 'danger'],
  ['bleach, peroxide', 'stored', 'bleach-with-peroxide', 'danger'],
  ['bleach, percarbonate', 'fresh', 'bleach-with-peroxide', 'danger'],
  ['bleach, oxygen bleach', 'drain', 'bleach-with-peroxide', 'danger'],
  ['bleach, water', 'stored', 'bleach-in-formula', 'danger'],
  ['bleach, water', 'sequence', 'bleach-in-formula', null],
  ['peroxide, vinegar', 'stored', 'peracetic-acid', 'danger'],
  ['peroxide, vinegar', 'fresh', 'peracetic-acid', 'danger'],
  ['peroxide, vinegar', 'sequence', 'peracetic-acid', 'caution'],
  ['peroxide, lemon juice', 'stored', 'peracetic-acid', 'danger'],
  ['peroxide, citric acid', 'stored', 'peracetic-acid', 'danger'],
  ['vinegar essence, percarbonate', 'stored', 'peracetic-acid', 'danger'],
  ['vinegar, bicarb', 'stored', 'pressure', 'danger'],
  ['vinegar, soda crystals', 'stored', 'pressure', 'danger'],
  ['lemon juice, bicarb', 'stored', 'pressure', 'danger'],
  ['vinegar, chalk', 'stored', 'pressure', 'danger'],
  ['peroxide, bicarb', 'stored', 'pressure', 'danger'],
  ['percarbonate, water', 'stored', 'pressure', 'danger'],
  ['vinegar, bicarb', 'fresh', 'pressure', null],
  ['citric acid, bicarb', 'stored', 'pressure', 'caution'],
  ['peroxide, bicarb', 'stored', 'unstable-peroxide', 'danger'],
  ['peroxide, bicarb', 'fresh', 'unstable-peroxide', 'caution'],
  ['peroxide, washing soda', 'stored', 'unstable-peroxide', 'danger'],
  ['peroxide, water', 'stored', 'unstable-peroxide', null],
  ['rubbing alcohol, water', 'stored', 'flammable-liquid', 'caution'],
  ['vodka, water', 'stored', 'flammable-liquid', 'caution'],
  ['vinegar, water', 'stored', 'flammable-liquid', null],
  ['lye, water', 'stored', 'corrosive-alkali', 'danger'],
  ['oven cleaner, water', 'stored', 'corrosive-alkali', 'danger'],
  ['toilet bowl cleaner, water', 'stored', 'corrosive-acid', 'danger'],
  ['vinegar essence, vinegar essence', 'stored', 'corrosive-acid', 'danger'],
  ['ammonia, water', 'stored', 'ammonia-fumes', 'caution'],
  ['vinegar, bicarb', 'fresh', 'neutralised', 'defeats'],
  ['vinegar, bicarb', 'sequence', 'neutralised', 'defeats'],
  ['vinegar, borax', 'stored', 'neutralised', 'defeats'],
  ['vinegar, ammonia', 'stored', 'neutralised', 'defeats'],
  ['citric acid, washing soda, water', 'fresh', 'neutralised', 'defeats'],
  ['vinegar, salt', 'stored', 'neutralised', null],
  ['castile soap, vinegar', 'stored', 'soap-curdles', 'defeats'],
  ['soap flakes, lemon juice', 'stored', 'soap-curdles', 'defeats'],
  ['castile soap, citric acid, water', 'fresh', 'soap-curdles', 'defeats'],
  ['washing-up liquid, vinegar', 'stored', 'soap-curdles', null],
  ['castile soap, bicarb, water', 'fresh', 'soap-curdles', null],
];

describe('meetings', () => {
  test.each(MEETINGS)('%s (%s): %s is %s', (names, scope, code, expected) => {
    const list = names.split(', ');
    expect(level(code, list, scope)).toBe(expected);
    // Order never matters.
    expect(level(code, [...list].reverse(), scope)).toBe(expected);
  });

  // Sound mixtures, common practice: none may be called a danger, most are clear.
  test.each([
    ['vinegar, water', 'clear'],
    ['distilled water, citric acid', 'clear'],
    ['castile soap, distilled water', 'clear'],
    ['dish soap, vinegar, water', 'clear'],
    ['bicarb, water', 'clear'],
    ['peroxide, water', 'clear'],
    ['castile soap, bicarb, water', 'clear'],
    ['salt, lemon juice', 'clear'],
    ['glycerin, water', 'clear'],
    ['rubbing alcohol, water', 'caution'],
    ['vodka, lavender oil', 'caution'],
  ])('%s is %s', (names, verdict) => {
    expect(meet(names.split(', ').map(named), 'stored').verdict).toBe(verdict);
  });

  test('what is not known is never clear', () => {
    const { verdict, findings } = meet([named('water')], 'stored', ['blue stuff']);
    expect(verdict).toBe('caution');
    expect(findings[0]).toMatchObject({ code: 'unknown-ingredient', subjects: ['blue stuff'] });
  });
});

const GAS_CODES = [
  'chlorine-gas',
  'chloramine-gas',
  'bleach-with-alcohol',
  'bleach-with-peroxide',
  'bleach-in-formula',
];
const anyIngredient = fc.constantFrom(...INGREDIENTS);
const anyScope = fc.constantFrom(...SCOPES);

describe('what always holds', () => {
  test('another ingredient never takes a gas danger away', () => {
    fc.assert(
      fc.property(anyIngredient, anyIngredient, anyIngredient, anyScope, (a, b, c, scope) => {
        const codes = (list: Ingredient[]): string[] => meet(list, scope).findings.map((f) => f.code);
        const before = codes([a, b]).filter((code) => GAS_CODES.includes(code) && code !== 'bleach-with-alcohol');
        expect(codes([a, b, c])).toEqual(expect.arrayContaining(before));
      }),
      { numRuns: 500 },
    );
  });

  test('order never matters', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(anyIngredient, { minLength: 2, maxLength: 4, selector: (i) => i.id }),
        anyScope,
        (list, scope) => {
          const said = (l: readonly Ingredient[]): string[] =>
            meet(l, scope)
              .findings.map((f) => `${f.code} ${f.level}`)
              .sort();
          expect(said([...list].reverse())).toEqual(said(list));
        },
      ),
      { numRuns: 300 },
    );
  });

  test('an ingredient is judged by its contents, whatever its name', () => {
    fc.assert(
      fc.property(anyIngredient, anyIngredient, anyScope, (a, b, scope) => {
        const renamed: Ingredient = { ...a, id: 'own:mine', name: 'my own', names: [] };
        const said = (x: Ingredient): string[] => meet([x, b], scope).findings.map((f) => `${f.code} ${f.level}`);
        expect(said(renamed)).toEqual(said(a));
      }),
      { numRuns: 300 },
    );
  });

  test('every sentence is filled in, and every source has a name', () => {
    fc.assert(
      fc.property(fc.array(anyIngredient, { minLength: 1, maxLength: 4 }), anyScope, (list, scope) => {
        for (const f of meet(list, scope).findings) {
          for (const sentence of [f.happens, f.why, f.instead])
            expect(sentence).not.toMatch(/[{}]|undefined|NaN|Infinity/);
          for (const source of f.sources) expect(SOURCES[source]).toBeTruthy();
        }
      }),
      { numRuns: 500 },
    );
  });

  test('every rule has a code of its own and says what it looks for', () => {
    for (const rules of [MIXTURE_RULES, SURFACE_RULES]) {
      const codes = rules.map((r) => r.code);
      expect(new Set(codes).size).toBe(codes.length);
      for (const r of rules) expect(r.looksFor.length).toBeGreaterThan(5);
    }
  });
});

test('nobody is told to use bleach and an acid one after the other', () => {
  for (const scope of SCOPES) {
    const { findings } = meet([named('bleach'), named('vinegar')], scope);
    expect(findings.map((f) => f.code)).not.toContain('neutralised');
    expect(findings.map((f) => f.instead).join(' ')).not.toMatch(/one after the other/);
  }
});

describe('every member of a group, in every scope', () => {
  const holding = (trait: Trait): Ingredient[] =>
    INGREDIENTS.filter((i) => i.contents.some((c) => substance(c.substance).traits.includes(trait)));
  const bleaches = holding('hypochlorite');

  // NOAA chemical reactivity worksheet, reactive groups (from memory): whole groups, not single names.
  test.each([
    ['acid', 'chlorine-gas'],
    ['ammonia-source', 'chloramine-gas'],
    ['alcohol', 'bleach-with-alcohol'],
    ['peroxide', 'bleach-with-peroxide'],
  ] as const)('bleach with anything that is %s: %s', (trait, code) => {
    const others = holding(trait);
    expect(others.length).toBeGreaterThan(1);
    for (const bleach of bleaches) {
      for (const other of others) {
        for (const scope of SCOPES) {
          const { verdict, findings } = meet([other, bleach], scope);
          expect(verdict).toBe('danger');
          expect(findings.map((f) => f.code)).toContain(code);
        }
      }
    }
  });

  test('a carboxylic acid with free peroxide is never kept together', () => {
    // Baking powder brings more soda than its own acid can use: no acid is left.
    for (const acid of holding('carboxylic-acid').filter((i) => i.id !== 'baking-powder')) {
      expect(meet([acid, named('hydrogen peroxide')], 'stored').verdict).toBe('danger');
      expect(meet([acid, named('hydrogen peroxide')], 'fresh').verdict).toBe('danger');
    }
  });

  test('no bought product is sound in a formula', () => {
    for (const product of INGREDIENTS.filter((i) => i.role === 'bought')) {
      const { verdict } = meet([product, named('water')], 'stored');
      expect([product.id, verdict]).not.toEqual([product.id, 'clear']);
    }
  });
});
