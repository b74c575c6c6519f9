import type { Ingredient } from '../catalogue/ingredient';
import { ingredientById } from '../catalogue/lookup';
import { SUBSTANCES, substance, type Substance, type Trait } from '../catalogue/substances';
import { mix, type MixtureState } from './state';

/**
 * A trait says what a substance can do; a column says how much. A substance that has the one and not the
 * other would be judged milder than it is: every trait must move its figure off zero, and every figure have
 * its trait. That chemistry itself: CRC Handbook.
 */

const WATER = ingredientById('distilled-water')!;

const neat = ({ id, name, traits, solubilityGPer100ML }: Substance): Ingredient => ({
  ...WATER,
  id: `own-${id}`,
  name,
  form:
    solubilityGPer100ML === null || traits.includes('essential-oil') || traits.includes('fatty-oil')
      ? 'liquid'
      : 'powder',
  densityGPerML: 1,
  contents: [{ substance: id, percent: 100, low: 100, high: 100, basis: 'w/w' }],
  water: null,
});

/** 100 g of it in a litre of water, with some of another beside. */
function inWater(s: Substance, besideG: Partial<Record<Substance['id'], number>> = {}): MixtureState {
  const beside = Object.entries(besideG).map(([id, massG]) => ({
    ingredient: neat(substance(id as Substance['id'])),
    massG,
    volumeML: massG,
  }));
  return mix([
    { ingredient: neat(s), massG: 100, volumeML: 100 },
    ...beside,
    { ingredient: WATER, massG: 1000, volumeML: 1000 },
  ]);
}

const FIGURES: Partial<Record<Trait, (s: Substance) => number>> = {
  acid: (s) => inWater(s).balance.acidLeftMol,
  alkali: (s) => inWater(s).balance.alkaliLeftMol,
  lye: (s) => s.hydroxideMol,
  slaking: (s) => s.hydroxideMol,
  carbonate: (s) => inWater(s, { 'hydrogen-chloride': 200 }).carbonDioxideML,
  borate: (s) => inWater(s, { glycerol: 100 }).borateComplexMolPerL,
  hypochlorite: (s) => inWater(s).freeChlorinePPM,
  'chlorine-donor': (s) => inWater(s).freeChlorinePPM,
  peroxide: (s) => inWater(s).hydrogenPeroxidePercentWV,
  'solid-peroxide': (s) => inWater(s).hydrogenPeroxidePercentWV,
  alcohol: (s) => inWater(s).alcoholPercentVV,
  solvent: (s) => inWater(s).flashPointC?.high ?? 0,
  ketone: (s) => inWater(s).flashPointC?.high ?? 0,
  soap: (s) => inWater(s).soapGPerL,
  surfactant: (s) => inWater(s).surfactantGPerL,
  'essential-oil': (s) => inWater(s).essentialOilPercentVV,
  'citrus-oil': (s) => inWater(s).essentialOilPercentVV,
  'harms-cats': (s) => inWater(s).essentialOilPercentVV,
  'harms-infants': (s) => inWater(s).essentialOilPercentVV,
  'peroxide-catalyst': (s) => inWater(s, { 'hydrogen-peroxide': 30 }).oxygenML,
  abrasive: (s) => mix([{ ingredient: neat(s), massG: 100, volumeML: 100 }]).abrasiveMohs ?? 0,
};

const rows = SUBSTANCES.flatMap((s) => s.traits.flatMap((t) => (FIGURES[t] ? [[s.id, t, s] as const] : [])));

test.each(rows)('%s is %s, and its figure is off zero', (_, trait, s) => {
  expect(Math.abs(FIGURES[trait]!(s))).toBeGreaterThan(0);
});

const BY_SYSTEM = {
  peroxide: 'peroxide',
  hypochlorous: 'hypochlorite',
  ammonium: 'ammonia-source',
  boric: 'borate',
  fatty: 'soap',
} as const;

test.each(SUBSTANCES.map((s) => [s.id, s] as const))('%s has the trait of every figure it has', (_, s) => {
  const needed: Trait[] = [
    ...s.brings.flatMap(({ system }) => (system in BY_SYSTEM ? [BY_SYSTEM[system as keyof typeof BY_SYSTEM]] : [])),
    ...(s.peroxideMol > 0 ? (['peroxide'] as const) : []),
    ...(s.activeChlorineMol > 0 ? (['hypochlorite'] as const) : []),
    ...(s.hydroxideMol > 0 ? (['alkali'] as const) : []),
    ...(s.skinCeilingPercent === null ? [] : (['essential-oil'] as const)),
  ];
  expect(s.traits).toEqual(expect.arrayContaining(needed));
});
