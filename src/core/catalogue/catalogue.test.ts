import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { findIngredient, ingredientById, INGREDIENTS, ingredientsWithin, searchIngredients } from './lookup';
import { acidSystem } from './acidSystems';
import { SOURCES } from './sources';
import { substance, SUBSTANCES } from './substances';
import { OILS } from './oils';
import { SOILS } from './soils';
import { SURFACES } from './surfaces';
import { VESSEL_SHAPES } from './vessels';

describe('the tables', () => {
  test('hold the ingredients, oils, surfaces, soils and vessels that are needed', () => {
    const own = INGREDIENTS.filter((i) => i.role === 'ingredient');
    expect(own.length).toBeGreaterThanOrEqual(80);
    expect(OILS.length).toBeGreaterThanOrEqual(30);
    expect(SURFACES.length).toBeGreaterThanOrEqual(45);
    expect(SOILS.length).toBeGreaterThanOrEqual(18);
    expect(VESSEL_SHAPES).toHaveLength(6);
  });

  // Ids that files and the command line rely on.
  test.each(
    'white-vinegar baking-soda castile-soap hydrogen-peroxide isopropyl-alcohol vodka washing-soda citric-acid borax oxygen-bleach household-ammonia chlorine-bleach tea-tree-oil'.split(
      ' ',
    ),
  )('%s keeps its id', (id) => {
    expect(ingredientById(id)?.id).toBe(id);
  });

  test('ids and names are each used once', () => {
    const ids = INGREDIENTS.map((i) => i.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.every((id) => /^[a-z0-9-]+$/.test(id))).toBe(true);
    expect(new Set(INGREDIENTS.map((i) => i.name)).size).toBe(ids.length);
  });

  test.each(INGREDIENTS.map((i) => [i.id, i] as const))(
    '%s: contents add up, lie in their range, and have a source',
    (_, i) => {
      const sum = i.contents.reduce((total, c) => total + c.percent, 0);
      expect(sum).toBeLessThanOrEqual(100.01);
      for (const c of i.contents) {
        expect(c.low).toBeLessThanOrEqual(c.percent);
        expect(c.high).toBeGreaterThanOrEqual(c.percent);
        expect(substance(c.substance).id).toBe(c.substance);
      }
      if (i.strengthOf) expect(i.contents.map((c) => c.substance)).toContain(i.strengthOf);
      expect(i.densityGPerML).toBeGreaterThan(0.05);
      expect(i.densityGPerML).toBeLessThan(2);
      expect(i.spread > 0).toBe(i.form === 'powder');
      expect(i.sources.length).toBeGreaterThan(0);
      for (const s of i.sources) expect(SOURCES[s]).toBeTruthy();
    },
  );

  test('every substance that burns or gases carries the trait its rules read', () => {
    const traits = Object.fromEntries(SUBSTANCES.map((s) => [s.id, s.traits]));
    expect(traits['acetic-acid']).toEqual(expect.arrayContaining(['acid', 'carboxylic-acid']));
    expect(traits['sodium-hypochlorite']).toContain('hypochlorite');
    expect(traits['sodium-percarbonate']).toEqual(expect.arrayContaining(['peroxide', 'carbonate', 'alkali']));
    for (const s of SUBSTANCES) {
      const canGive = s.brings.some((b) => b.protons > 0);
      const canTake = s.brings.some((b) => b.protons < acidSystem(b.system).pKas.length);
      if (s.traits.includes('acid')) expect([s.id, canGive]).toEqual([s.id, true]);
      if (s.traits.includes('alkali')) expect([s.id, canTake || s.hydroxideMol > 0]).toEqual([s.id, true]);
    }
  });

  // Matter is neutral: the ions that take no part balance the form that is brought (lye's partner is water's own).
  test.each(SUBSTANCES.filter((s) => s.brings.length > 0).map((s) => [s.name, s] as const))('%s is neutral', (_, s) => {
    const ions = s.spectators.reduce((sum, z) => sum + z, 0);
    const brought = s.brings.reduce((sum, b) => {
      const { charge, pKas } = acidSystem(b.system);
      return sum + b.mol * (charge - (pKas.length - b.protons));
    }, 0);
    expect(ions + brought).toBe(0);
  });
});

describe('looking up a name', () => {
  const found = (text: string): string | null => {
    const match = findIngredient(text);
    return match.kind === 'exact'
      ? match.ingredient.id
      : match.kind === 'asked'
        ? (match.choices[0]?.id ?? null)
        : null;
  };

  test('capitals, hyphens, accents, plurals and filler words do not matter', () => {
    for (const text of [
      'WHITE VINEGAR',
      'white-vinegar',
      'Whité vinegar',
      'organic white vinegars',
      'some good quality white vinegar',
    ]) {
      expect(found(text)).toBe('white-vinegar');
    }
  });

  test('one slip of typing in a longer name is forgiven', () => {
    const letters = 'abcdefghijklmnopqrstuvwxyz'.split('');
    const names = [
      'hydrogen peroxide',
      'castile soap',
      'rubbing alcohol',
      'washing soda',
      'chlorine bleach',
      'household ammonia',
    ];
    fc.assert(
      fc.property(fc.constantFrom(...names), fc.nat(30), fc.constantFrom(...letters), (name, at, letter) => {
        const place = at % name.length;
        if (name[place] === ' ') return;
        const slipped = name.slice(0, place) + letter + name.slice(place + 1);
        expect(found(slipped)).toBe(found(name));
      }),
      { numRuns: runs(400) },
    );
  });

  test('what people use for several things is asked, not guessed', () => {
    for (const text of ['soap', 'alcohol', 'soda', 'oil'])
      expect(findIngredient(text)).toMatchObject({ kind: 'asked', because: 'several-meanings' });
    expect(findIngredient('').kind).toBe('none');
    expect(findIngredient('sparkle powder').kind).toBe('none');
  });

  test('every word of a name is accounted for: what is left over says why it is asked', () => {
    const asked = (text: string) => {
      const match = findIngredient(text);
      return match.kind === 'asked' ? [match.because, match.choices[0]?.id, match.words.join(' ')] : match.kind;
    };
    expect(asked('balsamic vinegar')).toEqual(['other-words', 'white-vinegar', 'balsamic']);
    expect(asked('citric acid solution')).toEqual(['other-words', 'citric-acid', 'solution']);
    expect(asked('toilet cleaner')).toEqual(['unknown-kind', 'chlorine-bleach', '']);
    expect(asked('wood alcohol')).toEqual(['unknown-class', 'methanol', '']);
    expect(asked('methanol')).toBe('exact');
    expect(asked('bakng soda')).toEqual(['spelling', 'baking-soda', '']);
    expect(asked('good organic white vinegar')).toBe('exact');
    expect(asked('Finch’s castile soap')).toBe('exact');
  });

  test('every ingredient a sentence names is found, the longer name before the shorter', () => {
    const ids = ingredientsWithin('Pour hot water over lemon essential oil, white vinegar and a little bleach').map(
      (i) => i.id,
    );
    expect(ids.sort()).toEqual(['chlorine-bleach', 'lemon-oil', 'water', 'white-vinegar']);
  });

  test.each([
    ['bicarb', 'baking-soda'],
    ['bicarbonate of soda', 'baking-soda'],
    ['distilled vinegar', 'white-vinegar'],
    ['rubbing alcohol', 'isopropyl-alcohol'],
    ['surgical spirit', 'surgical-spirit'],
    ['tea-tree', 'tea-tree-oil'],
    ['melaleuca', 'tea-tree-oil'],
    ['washing-up liquid', 'dish-soap'],
    ['soda crystals', 'washing-soda-crystals'],
    ['percarbonate', 'oxygen-bleach'],
    ['cream of tarter', 'cream-of-tartar'],
    ['eucaliptus oil', 'eucalyptus-oil'],
    ['lemon grass oil', 'lemongrass-oil'],
    ['hydrogen peroxyde', 'hydrogen-peroxide'],
    ['clorine bleach', 'chlorine-bleach'],
    ['drain cleaner', 'lye'],
    ['sulphuric acid', 'acid-drain-opener'],
    ['boiling water', 'boiling-water'],
    ['orange peel vinegar', 'infused-vinegar'],
    ['ylang-ylang', 'ylang-ylang-oil'],
    ['wood ash', 'wood-ash'],
    ['turps', 'turpentine'],
  ])('%s is %s', (text, id) => expect(found(text)).toBe(id));

  test('the times of every soil are in order', () => {
    for (const soil of SOILS) {
      expect(soil.mechanisms.length).toBeGreaterThan(0);
      for (const { minutes, from, good } of soil.mechanisms) {
        expect(minutes.useful).toBeLessThanOrEqual(minutes.best);
        expect(minutes.best).toBeLessThanOrEqual(minutes.longest);
        expect(from).toBeLessThanOrEqual(good);
      }
    }
  });

  test('a search box finds by the first letters, and near misses where nothing begins so', () => {
    expect(searchIngredients('bica')[0]?.id).toBe('baking-soda');
    expect(searchIngredients('peroxde').map((i) => i.id)).toContain('hydrogen-peroxide');
    expect(searchIngredients('')).toEqual([]);
  });
});
