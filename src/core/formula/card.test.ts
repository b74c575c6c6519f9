import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { INGREDIENTS } from '../catalogue/lookup';
import { LEMON_JUICE_ML, VAGUE_ML, type Amount } from '../quantity/amount';
import type { Range } from '../quantity/range';
import { formulaText } from './card';
import type { Formula, IngredientRef, Line } from './formula';
import { formulaFromReading } from './fromReading';
import { readRecipe } from './reader/readRecipe';
import { STARTER_FORMULAS } from './starters';

/** A formula's card, read back by whoever opens it with cups of their own. */
const readBack = (formula: Formula): Formula | null =>
  formulaFromReading(readRecipe(formulaText(formula), { measures: 'australian' }), formula.id, 'no name', 'australian');

/** All that a card must keep: everything but ids and the words a line was once read from. */
const kept = (formula: Formula | null): unknown =>
  formula && {
    ...formula,
    id: '',
    how: formula.how ?? '',
    lines: formula.lines.map(({ ingredient, amount, also, strength }) => ({
      ingredient: ingredient.kind === 'own' ? { ...ingredient, id: '' } : ingredient,
      amount,
      also,
      strength,
    })),
  };

const number = fc.oneof(
  fc.constantFrom(1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4, 1.5, 2.25),
  fc.integer({ min: 1, max: 900 }),
  fc.double({ min: 0.01, max: 900, noNaN: true }).map((n) => Number(n.toPrecision(5))),
);
const span: fc.Arbitrary<Range> = fc.oneof(
  number.map((n) => ({ low: n, high: n })),
  fc.tuple(number, number).map(([a, b]) => ({ low: Math.min(a, b), high: Math.max(a, b) })),
);
const amountFor = (powder: boolean): fc.Arbitrary<Amount> =>
  fc.oneof(
    fc.record({
      kind: fc.constant('volume' as const),
      value: span,
      unit: fc.constantFrom('mL', 'L', 'tsp', 'tbsp', 'fl-oz', 'cup', 'pint', 'quart', 'gallon'),
    }),
    fc.record({ kind: fc.constant('mass' as const), value: span, unit: fc.constantFrom('mg', 'g', 'kg', 'oz', 'lb') }),
    fc.record({ kind: fc.constantFrom('drops' as const, 'parts' as const), value: span }),
    fc.record({
      kind: fc.constant('percent' as const),
      value: span,
      basis: powder
        ? fc.constantFrom('w/w' as const, 'w/v' as const)
        : fc.constantFrom('w/w' as const, 'w/v' as const, 'v/v' as const),
    }),
    fc.record({ kind: fc.constant('grams-per-litre' as const), value: span }),
    fc.record({ kind: fc.constant('drops-per-100mL' as const), value: span }),
    fc
      .constantFrom('dash' as const, 'pinch' as const, 'squirt' as const, 'splash' as const, 'glug' as const)
      .map((word): Amount => ({ kind: 'vague', word, volumeML: VAGUE_ML[word] })),
    fc.constant<Amount>({ kind: 'vague', word: 'squirt', volumeML: { low: 6, high: 14 } }),
    ...(powder ? [] : [fc.constant<Amount>({ kind: 'to-fill' })]),
  );

// What people keep in the cupboard, by the name Biscuit calls it.
const CUPBOARD = INGREDIENTS.filter((i) => i.role === 'ingredient');
const line: fc.Arbitrary<Line> = fc.constantFrom(...CUPBOARD).chain((ingredient) =>
  fc.record({
    id: fc.constant(''),
    ingredient: fc.constant<IngredientRef>({ kind: 'known', id: ingredient.id }),
    amount: amountFor(ingredient.form === 'powder'),
  }),
);
const formulas: fc.Arbitrary<Formula> = fc.record({
  id: fc.constant('f'),
  name: fc.constantFrom('Galley spray', 'Stove glass, the grey one', 'No. 4'),
  purpose: fc.constantFrom('', 'The sink; and the tap.', 'Portholes (inside)'),
  never: fc.constantFrom('', 'stone, brass'),
  how: fc.constantFrom('', 'Spray, wait 5 minutes, wipe. Rinse well.'),
  use: fc.constantFrom('stored' as const, 'fresh' as const),
  measures: fc.constantFrom(
    'us' as const,
    'metric' as const,
    'imperial' as const,
    'australian' as const,
    'us-label' as const,
  ),
  makesML: fc.constantFrom(null, 375, 1250.5),
  lines: fc.array(line, { minLength: 1, maxLength: 7 }).map((ls) => ls.map((l, i) => ({ ...l, id: String(i + 1) }))),
});

describe('the plain-text card', () => {
  test.each(STARTER_FORMULAS.map((f) => [f.name, f] as const))('%s comes back as it was', (_, formula) => {
    expect(kept(readBack(formula))).toEqual(kept(formula));
  });

  test('any formula of known ingredients comes back without loss', () => {
    fc.assert(
      fc.property(formulas, (formula) => {
        expect(kept(readBack(formula))).toEqual(kept(formula));
      }),
      { numRuns: runs(600) },
    );
  });

  test('a strength, a second amount, an unknown and an own ingredient, and lemons come back', () => {
    const own: IngredientRef = {
      kind: 'own',
      id: 'x',
      name: 'river degreaser',
      form: 'liquid',
      densityGPerML: 1.02,
      contents: [{ substance: 'sodium-carbonate', percent: 5, low: 4, high: 6.5, basis: 'w/v' }],
    };
    const formula: Formula = {
      id: 'f',
      name: 'All sorts',
      purpose: '',
      never: '',
      use: 'stored',
      measures: 'us',
      makesML: null,
      lines: [
        { id: '1', ingredient: own, amount: { kind: 'volume', value: { low: 1, high: 1 }, unit: 'cup' } },
        {
          id: '2',
          ingredient: { kind: 'known', id: 'white-vinegar' },
          amount: { kind: 'volume', value: { low: 0.5, high: 0.5 }, unit: 'cup' },
          also: { kind: 'mass', value: { low: 170, high: 170 }, unit: 'g' },
          strength: { percent: 8, basis: 'w/v' },
        },
        {
          id: '3',
          ingredient: { kind: 'unknown', name: 'zolk' },
          amount: { kind: 'volume', value: { low: 2, high: 3 }, unit: 'tbsp' },
        },
        {
          id: '4',
          ingredient: { kind: 'known', id: 'lemon-juice' },
          amount: { kind: 'pieces', value: { low: 2, high: 2 }, juiceML: LEMON_JUICE_ML },
        },
      ],
    };
    expect(kept(readBack(formula))).toEqual(kept(formula));
  });
});
