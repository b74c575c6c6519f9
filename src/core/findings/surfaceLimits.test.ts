import { ingredientById } from '../catalogue/lookup';
import { SOILS, type CleaningAgentId, type Soil } from '../catalogue/soils';
import type { LimitOf, Surface, Tolerance } from '../catalogue/surface';
import { SURFACES } from '../catalogue/surfaces';
import { mix, type MixtureState } from '../mixture/state';
import { certainlyExceeded, exceededLimits, limitsOf } from './surfaceLimits';
import { uselessIn } from './uselessFor';

// One limit at a time on a surface that has no other; what each is about: common practice, no source, unless named.

const pouring = (...words: readonly string[]): MixtureState =>
  mix(
    words.map((word) => {
      const [amount = '', id = ''] = word.split(' ');
      const ingredient = ingredientById(id)!;
      const massG = amount.endsWith('g') ? parseFloat(amount) : parseFloat(amount) * ingredient.densityGPerML;
      return { ingredient, massG, volumeML: massG / ingredient.densityGPerML };
    }),
  );

const glass = SURFACES.find((s) => s.id === 'glass')!;
const limit = (of: LimitOf, at: number, minutes = 10): Tolerance => ({
  of,
  limit: at,
  minutes,
  harm: 'scratches',
  reason: 'Because.',
  source: 'common-practice',
});
const bearing = (...limits: readonly Tolerance[]): Surface => ({ ...glass, limits, weaknesses: [], schools: [] });
const minutesOf = (t: Tolerance, state: MixtureState): number | undefined =>
  exceededLimits(state, bearing(t), {})[0]?.minutes;

const water = pouring('500mL distilled-water');
const vinegar = pouring('250mL white-vinegar', '250mL distilled-water');
const soda = pouring('5g washing-soda', '500mL distilled-water');

describe('a limit that is passed', () => {
  test.each<[string, Tolerance, MixtureState, number]>([
    // The minutes stand for 2.5 % acid: at that strength as they are, at 5 % half of them.
    ['acid below a pH', limit('acid', 4), vinegar, 10],
    ['stronger acid sooner', limit('acid', 4), pouring('500mL white-vinegar'), 5],
    // 94 mmol/L of carbonate takes about 1.15 protons each to pH 7 (pKa 6.35): 108 mmol/L against the 100 stated.
    ['alkali above a pH', limit('alkali', 10), soda, 9.3],
    ['peroxide', limit('oxidiser', 2.9), pouring('100mL hydrogen-peroxide'), 10],
    ['bleach', limit('hypochlorite', 0, 0), pouring('1mL chlorine-bleach', '500mL water'), 0],
    ['alcohol', limit('alcohol', 20), pouring('100mL isopropyl-alcohol', '200mL distilled-water'), 10],
    ['a solvent that is no alcohol', limit('alcohol', 3), pouring('5mL acetone', '95mL distilled-water'), 10],
    ['essential oil', limit('oil', 0.4), pouring('0.5mL lavender-oil', '100mL water'), 10],
    ['vegetable oil', limit('fatty-oil', 5), pouring('10mL olive-oil', '90mL water'), 10],
    ['grains', limit('grains', 2), pouring('100g baking-soda', '50mL water'), 10],
    ['water', limit('water', 0), water, 10],
    ['boiling water', limit('heat', 70), pouring('500mL boiling-water', '10mL distilled-water'), 10],
  ])('%s', (_, t, state, minutes) => {
    expect(minutesOf(t, state)).toBeCloseTo(minutes, 0);
  });

  test.each<[string, Tolerance, MixtureState]>([
    ['acid within its pH', limit('acid', 2), vinegar],
    [
      'a trace of acid, no stronger than the dregs of a soft drink',
      limit('acid', 4),
      pouring('2mL white-vinegar', '500mL distilled-water'),
    ],
    ['alkali within its pH', limit('alkali', 12), soda],
    ['a trace of alkali', limit('alkali', 8), pouring('0.05g washing-soda', '500mL distilled-water')],
    ['peroxide at its limit', limit('oxidiser', 3), pouring('100mL hydrogen-peroxide')],
    ['no bleach', limit('hypochlorite', 0, 0), vinegar],
    ['alcohol at less', limit('alcohol', 30), pouring('100mL isopropyl-alcohol', '200mL distilled-water')],
    ['a little solvent', limit('alcohol', 10), pouring('5mL acetone', '95mL distilled-water')],
    ['no oil', limit('oil', 0.1), vinegar],
    ['little vegetable oil', limit('fatty-oil', 20), pouring('10mL olive-oil', '90mL water')],
    ['no vegetable oil', limit('fatty-oil', 0.1), pouring('1mL lavender-oil', '90mL water')],
    ['grains no harder', limit('grains', 2.5), pouring('100g baking-soda', '50mL water')],
    ['no grains', limit('grains', 0), vinegar],
    ['no water to speak of', limit('water', 0), pouring('100mL olive-oil', '2mL water')],
    ['a dry powder', limit('water', 0), pouring('100g washing-soda-crystals')],
    ['heat it bears', limit('heat', 96), pouring('500mL boiling-water')],
    ['cold water', limit('heat', 70), water],
  ])('none: %s', (_, t, state) => {
    expect(minutesOf(t, state)).toBeUndefined();
  });
});

describe('what is passed', () => {
  test('names its subjects: what brings it, or what is in the way', () => {
    const subjects = (t: Tolerance, state: MixtureState) => exceededLimits(state, bearing(t), {})[0]?.subjects;
    expect(subjects(limit('acid', 4), vinegar)).toEqual(['white vinegar']);
    expect(subjects(limit('alkali', 7), pouring('20mL castile-soap', '500mL distilled-water'))).toEqual([
      'liquid castile soap',
    ]);
    expect(subjects(limit('alcohol', 3), pouring('5mL acetone', '95mL water'))).toEqual(['acetone']);
    expect(subjects(limit('grains', 2), pouring('100g baking-soda', '50mL water'))).toEqual(['baking soda']);
    expect(subjects(limit('water', 0), water)).toEqual(['the water in it']);
  });

  test('is said once for each thing and harm, the soonest', () => {
    const minutes = (...limits: readonly Tolerance[]) =>
      exceededLimits(vinegar, bearing(...limits), {}).map((e) => Math.round(e.minutes));
    expect(minutes(limit('acid', 4, 10), limit('acid', 6, 2))).toEqual([2]);
    expect(minutes(limit('acid', 6, 2), limit('acid', 4, 10))).toEqual([2]);
    const other = { ...limit('acid', 4, 10), harm: 'strips-finish' as const };
    expect(exceededLimits(vinegar, bearing(limit('acid', 6, 2), other), {})).toHaveLength(2);
  });

  test('a solvent has a reason of its own, alcohol the surface’s', () => {
    const reason = (state: MixtureState) => exceededLimits(state, bearing(limit('alcohol', 3)), {})[0]?.reason;
    expect(reason(pouring('5mL acetone', '95mL water'))).toMatch(/^A solvent/);
    expect(reason(pouring('50mL isopropyl-alcohol', '50mL water'))).toBe('Because.');
  });

  test('an end of the pH’s band alone is not certain', () => {
    const { low, value, high } = vinegar.acidity!.pH;
    const between = (a: number, b: number): number => (a + b) / 2;
    const [byBand] = exceededLimits(vinegar, bearing(limit('acid', between(low, value))), {});
    expect(byBand?.bandEnd).toEqual({ pH: value, end: low, limit: between(low, value) });
    const sure = exceededLimits(vinegar, bearing(limit('acid', high + 1)), {});
    expect(sure[0]?.bandEnd).toBeNull();
    expect(certainlyExceeded([...sure, byBand!])).toEqual(sure);
    const alkaline = soda.acidity!.pH;
    const at = between(alkaline.value, alkaline.high);
    expect(exceededLimits(soda, bearing(limit('alkali', at)), {})[0]?.bandEnd).toEqual({
      pH: alkaline.value,
      end: alkaline.high,
      limit: at,
    });
  });

  test('two traits that harm only together do so only together, and acid only where it is left', () => {
    const weak: Surface = {
      ...bearing(),
      weaknesses: [
        {
          traits: ['acid', 'chloride'],
          minutes: 7,
          harm: 'corrodes-metal',
          reason: 'Both.',
          source: 'common-practice',
        },
      ],
    };
    const found = (...words: readonly string[]) => exceededLimits(pouring(...words), weak, {});
    expect(found('100mL white-vinegar', '5g salt')).toMatchObject([
      { of: null, minutes: 7, harm: 'corrodes-metal', subjects: ['white vinegar', 'salt'], bandEnd: null },
    ]);
    expect(found('100mL white-vinegar')).toEqual([]);
    expect(found('100mL water', '5g salt')).toEqual([]);
    expect(found('10mL white-vinegar', '5g salt', '20g baking-soda', '200mL water')).toEqual([]);
  });

  test('what keeps everything out bears plain water alone', () => {
    const shut: Surface = { ...bearing(), keepOut: { harm: 'damages-coating', reason: 'No.' } };
    expect(exceededLimits(water, shut, {})).toEqual([]);
    expect(exceededLimits(vinegar, shut, {})).toMatchObject([
      { of: null, reason: 'No.', minutes: 0, subjects: ['any mixture'] },
    ]);
    expect(exceededLimits(pouring('500mL distilled-water', '0.5mL dish-soap'), shut, {})).toHaveLength(1);
  });

  test('a choice of the person’s takes the place of the limits it is of, and of no others', () => {
    const surface: Surface = {
      ...bearing(limit('acid', 6, 0), limit('alkali', 9, 3)),
      schools: [{ school: 'vinegar-on-granite', choice: 'dilute', of: 'acid', limits: [limit('acid', 4, 5)] }],
    };
    expect(limitsOf(surface, {})).toEqual(surface.limits);
    expect(limitsOf(surface, { 'vinegar-on-granite': 'dilute' })).toEqual([limit('alkali', 9, 3), limit('acid', 4, 5)]);
  });
});

describe('what does nothing for a soil', () => {
  const plain = SOILS[0]!;
  const against = (by: CleaningAgentId): Soil => ({ ...plain, useless: [{ by, why: 'No use.', sets: false }] });
  const isUseless = (by: CleaningAgentId, ...words: readonly string[]): boolean =>
    uselessIn(against(by), pouring(...words)).length === 1;

  test.each<[CleaningAgentId, string[], string[]]>([
    ['acid', ['100mL white-vinegar'], ['100mL water']],
    ['acid-salt', ['100mL white-vinegar'], ['100mL water']],
    ['oxidiser', ['100mL hydrogen-peroxide'], ['10mL hydrogen-peroxide', '500mL water']],
    ['oxidiser', ['5mL chlorine-bleach', '500mL water'], ['100mL white-vinegar']],
    // True soap alone sets a stain: dish soap does not.
    ['surfactant', ['10mL castile-soap', '500mL water'], ['10mL dish-soap', '500mL water']],
    ['alcohol', ['100mL vodka'], ['0.5mL vodka', '500mL water']],
    ['grains', ['100g baking-soda', '50mL water'], ['100g baking-soda']],
    ['grains', ['60g pumice-powder', '50mL water'], ['2g baking-soda', '500mL water']],
    ['alkali', ['5g washing-soda', '500mL water'], ['100mL white-vinegar']],
    ['mild-alkali', ['5g baking-soda', '500mL water'], ['100mL white-vinegar']],
  ])('%s in %j, and not in %j', (by, there, not) => {
    expect(isUseless(by, ...there)).toBe(true);
    expect(isUseless(by, ...not)).toBe(false);
  });

  test.each(['absorbent', 'oil', 'water', 'detergent'] as const)('%s is never said of', (by) => {
    expect(isUseless(by, '10mL olive-oil', '10g flour', '10mL dish-soap', '100mL water')).toBe(false);
  });
});
