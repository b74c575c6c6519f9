import { INGREDIENTS } from '../catalogue/lookup';
import { FIRST_STEPS } from '../findings/firstAid';
import { STARTER_FORMULAS } from '../formula/starters';
import { ingredientOfLine } from '../formula/resolveIngredient';
import {
  compatibilityReport,
  COMPATIBILITY_SCOPES,
  incompatiblePairs,
  substanceNamed,
  type NamedSubstance,
} from './compatibilityReport';
import { checkCompatibilityByName } from './compatibilityByName';

const levels = (...names: string[]): string[] =>
  compatibilityReport(names.map(substanceNamed)).answers.map((a) => a.verdict);

// Public-health never-mix lists, NOAA groups (from memory): in one bottle, one after the other, in the air, in a drain.
test.each([
  [
    ['bleach', 'vinegar'],
    ['danger', 'danger', 'danger', 'danger'],
  ],
  [
    ['bleach', 'toilet cleaner'],
    ['danger', 'danger', 'danger', 'danger'],
  ],
  [
    ['peroxide', 'vinegar'],
    ['danger', 'caution', 'clear', 'clear'],
  ],
  [
    ['baking soda', 'vinegar'],
    ['danger', 'defeats', 'clear', 'defeats'],
  ],
  [
    ['drain opener', 'vinegar'],
    ['danger', 'danger', 'danger', 'danger'],
  ],
  [
    ['dish soap', 'baking soda'],
    ['clear', 'clear', 'clear', 'clear'],
  ],
  [
    ['castile soap', 'fabric softener'],
    ['defeats', 'defeats', 'clear', 'clear'],
  ],
  [
    ['vinegar', 'wonder gel'],
    ['caution', 'caution', 'caution', 'caution'],
  ],
  [
    ['bleach', 'dish soap', 'vinegar'],
    ['danger', 'danger', 'danger', 'danger'],
  ],
] as const)('%j: %j', (names, expected) => expect(levels(...names)).toEqual(expected));

test('every danger that the command line finds is found here, in each place', () => {
  for (const pair of [
    ['bleach', 'ammonia'],
    ['oxygen bleach', 'lemon juice'],
    ['acetone', 'peroxide'],
    ['lye', 'citric acid'],
  ]) {
    const { answers } = compatibilityReport(pair.map(substanceNamed));
    for (const scope of COMPATIBILITY_SCOPES) {
      const said = checkCompatibilityByName(pair, scope)
        .findings.filter((f) => f.level === 'danger' && !['bleach-in-formula', 'corrosive-alkali'].includes(f.code))
        .map((f) => f.code);
      const here = answers.find((a) => a.scope === scope)!.findings.map((f) => f.code);
      expect(here).toEqual(expect.arrayContaining(said));
    }
  }
});

test('what one of them says of itself alone is no matter of meeting, but a danger is', () => {
  const { answers } = compatibilityReport(['vinegar', 'baking soda'].map(substanceNamed), ['asthma']);
  expect(answers.find((a) => a.scope === 'air')!.verdict).toBe('clear');
  expect(compatibilityReport(['hydrofluoric acid', 'water'].map(substanceNamed)).verdict).toBe('danger');
  expect(levels('bleach', 'baking soda')[0]).toBe('danger');
});

test('the first steps that belong to it', () => {
  expect(compatibilityReport(['bleach', 'vinegar'].map(substanceNamed)).accidents.slice(0, 2)).toEqual([
    'breathed',
    'eye',
  ]);
  expect(compatibilityReport(['trichlor', 'vegetable oil'].map(substanceNamed)).accidents).toContain('fire');
  expect(compatibilityReport(['dish soap', 'water'].map(substanceNamed)).accidents).toEqual([]);
  for (const { steps } of Object.values(FIRST_STEPS)) expect(steps.length).toBeGreaterThan(1);
});

test('a triple is never milder than any of its pairs', () => {
  const names = ['bleach', 'vinegar', 'ammonia', 'baking soda', 'peroxide', 'dish soap', 'rubbing alcohol'];
  const rank = ['clear', 'caution', 'defeats', 'danger'];
  for (const a of names)
    for (const b of names)
      for (const c of names) {
        if (new Set([a, b, c]).size < 3 || !(a < b && b < c)) continue;
        const triple = levels(a, b, c);
        for (const pair of [
          [a, b],
          [a, c],
          [b, c],
        ]) {
          levels(...pair).forEach((level, i) => {
            // Uselessness may go: soda that acid has used up no longer fizzes. Danger never.
            if (level === 'danger') expect([a, b, c, rank.indexOf(triple[i]!)]).toEqual([a, b, c, 3]);
          });
        }
      }
});

const shelf = (id: string): NamedSubstance => {
  const formula = STARTER_FORMULAS.find((f) => f.id === `starter-${id}`)!;
  return { name: formula.name, readings: [formula.lines.map(ingredientOfLine)], understood: true, unknownKind: false };
};

test('what in a home must never meet: cupboard, shelf and what was used', () => {
  const home = [
    ...['chlorine-bleach', 'white-vinegar', 'baking-soda', 'hydrogen-peroxide'].map(substanceNamed),
    shelf('degreaser'),
    shelf('glass'),
  ];
  expect(incompatiblePairs(home).map((n) => [...n.names, n.finding.code].join(' | '))).toEqual([
    'chlorine-bleach | white-vinegar | chlorine-gas',
    'chlorine-bleach | Clear glass | bleach-with-alcohol',
    'chlorine-bleach | hydrogen-peroxide | bleach-with-peroxide',
    'chlorine-bleach | Washing-soda degreaser | bleach-with-cleaner',
    'white-vinegar | hydrogen-peroxide | peracetic-acid',
  ]);
});

test('a whole catalogue is gone through, and no thing must keep away from itself', () => {
  const found = incompatiblePairs(
    INGREDIENTS.slice(0, 60).map((i) => ({ name: i.name, readings: [[i]], understood: true, unknownKind: false })),
  );
  expect(found.length).toBeGreaterThan(20);
  expect(found.every((n) => n.names[0] !== n.names[1])).toBe(true);
});
