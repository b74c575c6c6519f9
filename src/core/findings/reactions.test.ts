import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { INGREDIENTS, possibleIngredients } from '../catalogue/lookup';
import type { Ingredient } from '../catalogue/ingredient';
import { SOURCES } from '../catalogue/sources';
import { substance, type Trait } from '../catalogue/substances';
import { checkCompatibility } from '../evaluation/compatibility';
import { checkCompatibilityByName } from '../evaluation/compatibilityByName';
import { SCOPES, type Level, type Scope } from './finding';
import { vagueAmount } from './unknowns';
import { MIXTURE_RULES } from './rules';
import { SURFACE_RULES } from './surfaceHarm';

const named = (name: string): Ingredient => {
  const first = possibleIngredients(name)[0];
  if (first) return first;
  throw new Error(`${name} is not found`);
};
const level = (code: string, names: readonly string[], scope: Scope): Level | null =>
  checkCompatibilityByName(names, scope).findings.find((f) => f.code === code)?.level ?? null;

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
  // Traces, bought products and spellings: the same groups under other names.
  ['clorine bleach, lemon', 'stored', 'chlorine-gas', 'danger'],
  ['bleech, vinegar', 'sequence', 'chlorine-gas', 'danger'],
  ['bleach tablets, toilet bowl cleaner', 'drain', 'chlorine-gas', 'danger'],
  ['steriliser tablets, citric acid', 'fresh', 'chlorine-gas', 'danger'],
  ['bleach, phosphoric acid', 'sequence', 'chlorine-gas', 'danger'],
  ['bleach, rust remover', 'drain', 'chlorine-gas', 'danger'],
  ['bleach, sulphuric acid', 'drain', 'chlorine-gas', 'danger'],
  ['bleach, cream of tartar', 'stored', 'chlorine-gas', 'danger'],
  ['bleach, infused vinegar', 'air', 'chlorine-gas', 'danger'],
  ['bleach, orange juice', 'stored', 'chlorine-gas', 'danger'],
  ['mould spray, kettle descaler powder', 'air', 'chlorine-gas', 'danger'],
  ['bleach, apple cider vinegar, dish soap', 'stored', 'chlorine-gas', 'danger'],
  ['bleach, urine', 'drain', 'chloramine-gas', 'danger'],
  ['bleach, cloudy ammonia', 'sequence', 'chloramine-gas', 'danger'],
  ['toilet block, pee', 'drain', 'chloramine-gas', 'danger'],
  ['bleach, pet accident', 'sequence', 'chloramine-gas', 'danger'],
  ['bleach, ammonia floor cleaner', 'air', 'chloramine-gas', 'danger'],
  ['bleach, ammonia', 'drain', 'chloramine-gas', 'danger'],
  ['bleach, surgical spirit', 'air', 'bleach-with-alcohol', 'danger'],
  ['bleach, witch hazel', 'stored', 'bleach-with-alcohol', 'danger'],
  ['bleach, nail polish remover', 'drain', 'bleach-with-alcohol', 'danger'],
  ['bleach, pine oil', 'stored', 'bleach-with-alcohol', 'danger'],
  ['mould spray, isopropyl', 'sequence', 'bleach-with-alcohol', 'danger'],
  ['bleach, dishwasher tablet', 'fresh', 'bleach-with-peroxide', 'danger'],
  ['bleach, peroxide', 'sequence', 'bleach-with-peroxide', 'danger'],
  ['bleach, peroxide', 'air', 'bleach-with-peroxide', 'danger'],
  ['mould spray, oxi powder', 'drain', 'bleach-with-peroxide', 'danger'],
  ['bleach, dish soap', 'stored', 'bleach-in-formula', 'danger'],
  ['bleach tablet, water', 'stored', 'bleach-in-formula', 'danger'],
  ['bleach, bicarb', 'stored', 'bleach-in-formula', 'danger'],
  ['bleach, water', 'stored', 'bleach-decays', 'defeats'],
  ['bleach, water', 'fresh', 'bleach-decays', null],
  // Peroxide.
  ['peroxide, tartaric acid', 'stored', 'peracetic-acid', 'danger'],
  ['peroxide, infused vinegar', 'fresh', 'peracetic-acid', 'danger'],
  ['peroxide, lactic acid', 'stored', 'peracetic-acid', 'danger'],
  ['peroxide, lemon juice', 'sequence', 'peracetic-acid', 'caution'],
  ['peroxide, dish soap', 'stored', 'peracetic-acid', null],
  ['peroxide, soda crystals', 'stored', 'pressure', 'danger'],
  ['peroxide, borax', 'stored', 'pressure', 'danger'],
  ['peroxide, castile soap', 'stored', 'unstable-peroxide', 'danger'],
  ['peroxide, borax', 'fresh', 'unstable-peroxide', 'caution'],
  ['peroxide, rust', 'stored', 'unstable-peroxide', 'danger'],
  ['oxygen bleach, water', 'fresh', 'unstable-peroxide', 'caution'],
  ['peroxide, dish soap, water', 'stored', 'unstable-peroxide', null],
  ['laundry powder, water', 'stored', 'pressure', 'danger'],
  ['peroxide, acetone', 'stored', 'explosive-peroxide', 'danger'],
  ['percarbonate, nail polish remover', 'drain', 'explosive-peroxide', 'danger'],
  ['acetone, vinegar', 'stored', 'explosive-peroxide', null],
  ['drain opener, battery acid', 'drain', 'violent-heat', 'danger'],
  ['oven cleaner, muriatic acid', 'sequence', 'violent-heat', 'danger'],
  ['vinegar, lye', 'drain', 'violent-heat', 'danger'],
  // Enough soda would take all the acid; of a meeting nobody knows how much there is.
  ['citric acid, washing soda, washing soda crystals, oxygen bleach', 'stored', 'peracetic-acid', 'danger'],
  ['citric acid, oxygen bleach', 'stored', 'peracetic-acid', 'danger'],
  // Gas.
  ['cleaning vinegar, soda ash', 'stored', 'pressure', 'danger'],
  ['lime juice, bicarbonate of soda', 'stored', 'pressure', 'danger'],
  ['cream of tartar, bicarb, water', 'stored', 'pressure', 'danger'],
  ['vinegar, wood ash', 'stored', 'pressure', 'danger'],
  ['baking powder, water', 'stored', 'pressure', 'danger'],
  ['vinegar, limescale', 'stored', 'pressure', 'danger'],
  ['baking powder, flour', 'stored', 'pressure', 'caution'],
  ['sugar, yeast, water', 'stored', 'pressure', 'danger'],
  ['fruit peel, sugar, water', 'stored', 'pressure', 'danger'],
  ['sugar, yeast, water', 'fresh', 'pressure', null],
  ['citrus peel, vinegar', 'stored', 'pressure', null],
  ['citrus peel, neutral spirit', 'stored', 'pressure', null],
  ['sugar, water', 'stored', 'pressure', null],
  ['borax, water', 'stored', 'pressure', null],
  ['vinegar, salt', 'stored', 'pressure', null],
  // Fire.
  ['surgical spirit, water', 'stored', 'flammable-liquid', 'caution'],
  ['neutral spirit, lemon peel', 'stored', 'flammable-liquid', 'caution'],
  ['acetone, water', 'stored', 'flammable-liquid', 'caution'],
  ['white spirit, linseed oil', 'stored', 'flammable-liquid', 'caution'],
  ['rubbing alcohol, water', 'air', 'flammable-liquid', 'caution'],
  ['rubbing alcohol, water', 'drain', 'flammable-liquid', null],
  ['dish soap, water', 'stored', 'flammable-liquid', null],
  // Burns and fumes.
  ['caustic soda, water', 'stored', 'corrosive-alkali', 'danger'],
  ['drain opener, dish soap', 'stored', 'corrosive-alkali', 'danger'],
  ['washing soda, water', 'stored', 'corrosive-alkali', 'caution'],
  ['bicarb, water', 'stored', 'corrosive-alkali', null],
  ['muriatic acid, water', 'stored', 'corrosive-acid', 'danger'],
  ['battery acid, water', 'stored', 'corrosive-acid', 'danger'],
  ['sulfamic acid, water', 'stored', 'corrosive-acid', 'danger'],
  ['vinegar, water', 'stored', 'corrosive-acid', null],
  ['cloudy ammonia, dish soap', 'stored', 'ammonia-fumes', 'caution'],
  ['ammonia, vinegar', 'stored', 'ammonia-fumes', 'caution'],
  ['vinegar, dish soap', 'stored', 'ammonia-fumes', null],
  ['sal ammoniac, washing soda, water', 'stored', 'ammonia-fumes', 'caution'],
  ['sal ammoniac, water', 'stored', 'ammonia-fumes', null],
  ['bleach, sal ammoniac', 'drain', 'chloramine-gas', 'danger'],
  // Oils and animals, borax, boiling water.
  ['tea tree, water', 'stored', 'oil-and-animals', 'caution'],
  ['wintergreen, vodka', 'air', 'oil-and-animals', 'caution'],
  ['lavender oil, water', 'air', 'oil-and-animals', 'caution'],
  ['lavender oil, water', 'sequence', 'oil-and-animals', null],
  ['boracic acid, sugar', 'stored', 'borax-exposure', 'caution'],
  ['borax, bicarb', 'fresh', 'borax-exposure', 'caution'],
  ['boiling water, bicarb', 'fresh', 'boiling-transfer', 'caution'],
  ['water, bicarb', 'fresh', 'boiling-transfer', null],
  // Cancelling.
  ['vinegar, soda ash', 'fresh', 'neutralised', 'defeats'],
  ['lemon juice, bicarb', 'drain', 'neutralised', 'defeats'],
  ['vinegar, wood ash', 'fresh', 'neutralised', 'defeats'],
  ['citric acid, borax, water', 'stored', 'neutralised', 'defeats'],
  ['toilet bowl cleaner, lye', 'drain', 'violent-heat', 'danger'],
  ['toilet bowl cleaner, lye', 'drain', 'neutralised', null],
  ['cream of tartar, bicarb, water', 'fresh', 'neutralised', 'defeats'],
  ['vinegar, dish soap', 'stored', 'neutralised', null],
  ['vinegar, bicarb', 'air', 'neutralised', null],
  ['grated soap, vinegar', 'sequence', 'soap-curdles', 'defeats'],
  ['black soap, lemon', 'stored', 'soap-curdles', 'defeats'],
  ['castile soap, cream of tartar, water', 'stored', 'soap-curdles', 'defeats'],
  ['castile soap, washing soda, water', 'stored', 'soap-curdles', null],
  ['castile soap, salt, water', 'stored', 'soap-curdles', null],
  ['castile soap, vinegar', 'air', 'soap-curdles', null],
  ['disinfectant, dish soap', 'stored', 'bought-in-formula', 'caution'],
  ['dishwasher powder, water', 'stored', 'bought-in-formula', 'caution'],
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
  test('are at least 120 cases, each once', () => {
    expect(MEETINGS.length).toBeGreaterThanOrEqual(120);
    expect(new Set(MEETINGS.map((m) => m.slice(0, 3).join('|'))).size).toBe(MEETINGS.length);
  });

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
    expect(checkCompatibility(names.split(', ').map(named), 'stored').verdict).toBe(verdict);
  });

  test('what is not known is never clear', () => {
    const { verdict, findings } = checkCompatibility([named('water')], 'stored', ['blue stuff']);
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
        const codes = (list: Ingredient[]): string[] => checkCompatibility(list, scope).findings.map((f) => f.code);
        const before = codes([a, b]).filter((code) => GAS_CODES.includes(code) && code !== 'bleach-with-alcohol');
        expect(codes([a, b, c])).toEqual(expect.arrayContaining(before));
      }),
      { numRuns: runs(500) },
    );
  });

  test('order never matters', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(anyIngredient, { minLength: 2, maxLength: 4, selector: (i) => i.id }),
        anyScope,
        (list, scope) => {
          const said = (l: readonly Ingredient[]): string[] =>
            checkCompatibility(l, scope)
              .findings.map((f) => `${f.code} ${f.level}`)
              .sort();
          expect(said([...list].reverse())).toEqual(said(list));
        },
      ),
      { numRuns: runs(300) },
    );
  });

  test('two bases of one strength react in the same turn whichever is poured first', () => {
    // Soda and chalk both take their proton at pKa 10.33; the dissolved one is first (limiting reagent).
    const list = ['laundry-powder', 'toothpaste', 'water', 'infused-vinegar'].map((id) =>
      INGREDIENTS.find((i) => i.id === id)!,
    );
    const { balance } = checkCompatibility(list, 'stored').state;
    const turned = checkCompatibility([...list].reverse(), 'stored').state.balance;
    expect(turned.carbonDioxideMol).toBeCloseTo(balance.carbonDioxideMol, 9);
    const { 'sodium-carbonate': soda = 0, chalk = 0 } = balance.reacted;
    expect(soda).toBeGreaterThan(0);
    expect(chalk).toBeCloseTo(turned.reacted.chalk!, 9);
  });

  test('an ingredient is judged by its contents, whatever its name', () => {
    fc.assert(
      fc.property(anyIngredient, anyIngredient, anyScope, (a, b, scope) => {
        const renamed: Ingredient = { ...a, id: 'own:mine', name: 'my own', names: [] };
        const said = (x: Ingredient): string[] =>
          checkCompatibility([x, b], scope).findings.map((f) => `${f.code} ${f.level}`);
        expect(said(renamed)).toEqual(said(a));
      }),
      { numRuns: runs(300) },
    );
  });

  test('every sentence is filled in, and every source has a name', () => {
    fc.assert(
      fc.property(fc.array(anyIngredient, { minLength: 1, maxLength: 4 }), anyScope, (list, scope) => {
        for (const f of checkCompatibility(list, scope).findings) {
          for (const sentence of [f.happens, f.why, f.instead])
            expect(sentence).not.toMatch(/[{}]|undefined|NaN|Infinity/);
          for (const source of f.sources) expect(SOURCES[source]).toBeTruthy();
        }
      }),
      { numRuns: runs(500) },
    );
  });

  // Every code that must be raised: the list of findings, and what a surface can suffer.
  test('no code is missing', () => {
    const must =
      'chlorine-gas chloramine-gas bleach-with-alcohol bleach-with-peroxide bleach-in-formula peracetic-acid pressure unstable-peroxide ammonia-fumes flammable-liquid corrosive-acid corrosive-alkali strong-peroxide boiling-transfer unknown-ingredient neutralised soap-curdles hard-water-soap too-weak bleach-decays settles-out clogs-sprayer oil-floats oil-strong oil-and-animals oil-and-lungs oil-attacks-plastic vessel-material light-sensitive spoils borax-exposure no-disinfection septic-or-greywater amounts-disagree vague-amount etches-stone corrodes-metal strips-finish scratches crazes-plastic swells-wood attacks-silvering bleaches-colour hardens-rubber damages-coating sets-protein-stain';
    const codes = [...MIXTURE_RULES, ...SURFACE_RULES, vagueAmount].map((r) => r.code);
    expect(must.split(' ').filter((code) => !codes.includes(code))).toEqual([]);
  });

  test('every rule has a code of its own and says what it looks for', () => {
    for (const rules of [MIXTURE_RULES, SURFACE_RULES]) {
      const codes = rules.map((r) => r.code);
      expect(new Set(codes).size).toBe(codes.length);
      for (const r of rules) expect(r.description.length).toBeGreaterThan(5);
    }
  });
});

test('nobody is told to use bleach and an acid one after the other', () => {
  for (const scope of SCOPES) {
    const { findings } = checkCompatibility([named('bleach'), named('vinegar')], scope);
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
          const { verdict, findings } = checkCompatibility([other, bleach], scope);
          expect(verdict).toBe('danger');
          expect(findings.map((f) => f.code)).toContain(code);
        }
      }
    }
  });

  test('a carboxylic acid with free peroxide is never kept together', () => {
    // Baking powder brings more soda than its own acid can use: no acid is left.
    for (const acid of holding('carboxylic-acid').filter((i) => i.id !== 'baking-powder')) {
      expect(checkCompatibility([acid, named('hydrogen peroxide')], 'stored').verdict).toBe('danger');
      expect(checkCompatibility([acid, named('hydrogen peroxide')], 'fresh').verdict).toBe('danger');
    }
  });

  test('no bought product is sound in a formula', () => {
    for (const product of INGREDIENTS.filter((i) => i.role === 'bought')) {
      const { verdict } = checkCompatibility([product, named('water')], 'stored');
      expect([product.id, verdict]).not.toEqual([product.id, 'clear']);
    }
  });
});
