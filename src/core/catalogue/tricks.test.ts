import { DEFAULT_CONTEXT } from '../evaluation/context';
import { rankWays, weighSupplies } from '../cleaning/ways';
import { linesOf, readRecipe } from '../formula/reader/readRecipe';
import { STARTER_FORMULAS } from '../formula/starters';
import { SOILS } from './soils';
import { SURFACES } from './surfaces';
import { tricksNamed } from './trickNames';
import { trickById, TRICKS, tricksFor } from './tricks';

// What each trick is worth is common practice, no source.

const candidates = weighSupplies({ shelf: [], formulas: STARTER_FORMULAS, cupboard: null }, DEFAULT_CONTEXT);
const idsIn = (text: string): string[] => tricksNamed(text).map((t) => t.id);

describe('the table', () => {
  test('every trick leads only to pairs, methods and formulas that there are, and that are offered', () => {
    for (const { id, ways, formulaId } of TRICKS) {
      if (formulaId !== null) expect([id, STARTER_FORMULAS.some((f) => f.id === formulaId)]).toEqual([id, true]);
      for (const { surfaceId, soilId, methodId } of ways) {
        const surface = SURFACES.find((s) => s.id === surfaceId);
        const soil = SOILS.find((s) => s.id === soilId);
        expect([id, surfaceId, soilId, surface !== undefined && soil !== undefined]).toEqual([
          id,
          surfaceId,
          soilId,
          true,
        ]);
        const found = rankWays(candidates, surface!, soil!, DEFAULT_CONTEXT, { roomC: 20, humidityPercent: 60 });
        expect([id, found.ways.some((w) => methodId === null || w.method.id === methodId)]).toEqual([id, true]);
      }
    }
  });

  test('every trick is found by each of its names, and by its own', () => {
    for (const { id, name, names } of TRICKS) {
      for (const one of names) expect([one, idsIn(one)]).toEqual([one, expect.arrayContaining([id])]);
      expect(name.length).toBeGreaterThan(4);
      expect(trickById(id)?.name).toBe(name);
    }
    expect(new Set(TRICKS.map((t) => t.id)).size).toBe(TRICKS.length);
  });

  test('what is sound and is done leads to where it belongs; what is not leads to what does it better', () => {
    const leads = TRICKS.filter((t) => !t.isMaking && t.worth !== 'not-judged');
    expect(leads.filter((t) => t.ways.length === 0).map((t) => t.id)).toEqual([]);
  });
});

test.each([
  ['Rub the hob with white toothpaste and a cloth', 'toothpaste'],
  ['1 capful shampoo\nfill the bucket, wash the floor', 'shampoo-bucket'],
  ['Wash the windows with cold black tea', 'black-tea-glass'],
  ['Cut an onion in half and rub the window', 'onion-glass'],
  ['dry the glass with newspaper', 'paper-buff'],
  ['buff with a coffee filter', 'paper-buff'],
  ['polish with an old nylon stocking', 'nylon-stocking'],
  ['a squirt of shaving foam on the mirror', 'foam-on-mirror'],
  ['3 drops of glycerine on the mirror', 'glycerin-on-mirror'],
  ['Ketchup on the brass taps, 5 minutes', 'ketchup-brass'],
  ['half a lemon dipped in salt', 'lemon-half'],
  ['lay paper towels soaked in vinegar on the tap', 'vinegar-paper'],
  ['a bowl of baking soda in the fridge', 'bowl-of-soda'],
  ['line the oven floor with aluminium foil', 'foil-oven-floor'],
  ['freeze the pillows for two days', 'freezing'],
  ['scrub with a wet pumice stone', 'pumice'],
  ['wipe the wall with a melamine sponge', 'melamine-sponge'],
  ['1/2 cup baking soda\n1/2 cup vinegar\npour both down the drain', 'drain-fizz'],
  ['corn flour in the window wash', 'corn-flour-window'],
  ['flour on the grease stain', 'flour-on-grease'],
  ['hang up balloons against the pigeons', 'pigeons'],
  ['bake 200 g baking soda to make washing soda', 'washing-soda'],
  ['grate 50 g soap into hot water', 'soap-flakes'],
  ['vinegar with orange peel, two weeks', 'citrus-vinegar'],
  ['use boiled water instead of distilled', 'boiled-water'],
])('"%s" names %s', (text, id) => expect(idsIn(text)).toContain(id));

test('a plain recipe names none', () => {
  for (const text of [
    '1 cup white vinegar\n1 cup water\na squirt of dish soap',
    '25 g citric acid\n1 litre warm water\nfill the kettle, twenty minutes',
    '2 tbsp washing soda\n1 litre hot water\nsoak the oven racks overnight',
    '100 g baking soda\n30 ml water\nspread on the oven, never on aluminium',
    '3 % peroxide on the grout',
  ])
    expect([text, idsIn(text)]).toEqual([text, []]);
});

test('the tricks of a pair stand with its ways', () => {
  expect(tricksFor('glass', 'fingerprints').map((t) => t.id)).toEqual([
    'corn-flour-window',
    'black-tea-glass',
    'onion-glass',
    'paper-buff',
  ]);
  expect(tricksFor('carpet', 'dust')).toEqual([]);
});

test('what they are done with is read from a recipe', () => {
  const idOf = (text: string): string | null => {
    const [line] = linesOf(readRecipe(text, { measures: 'us' }));
    return line?.ingredient.kind === 'known' ? line.ingredient.id : null;
  };
  expect(
    ['1 capful shampoo', '2 tbsp ketchup', 'a squirt of shaving foam', '1 tbsp corn flour', '2 cups black tea'].map(
      idOf,
    ),
  ).toEqual(['shampoo', 'ketchup', 'shaving-foam', 'cornstarch', 'tea']);
});
