/**
 * Units of volume and mass.
 *
 * Sources: NIST Handbook 44, Appendix C (US customary units, exact); the UK Units of Measurement
 * Regulations 1995 (imperial fluid ounce 28.4130625 mL, pint 568.26125 mL, exact); 21 CFR 101.9(b)(5)(viii)
 * (US nutrition labels: cup 240, tablespoon 15, teaspoon 5, fluid ounce 30 mL); metric cup 250,
 * spoons 15 and 5 mL, Australian tablespoon 20 mL: common practice, no source.
 */

/** A volume unit as a person writes it. What a cup or spoon holds depends on the measure system. */
export type VolumeUnit = 'mL' | 'L' | 'tsp' | 'tbsp' | 'fl-oz' | 'cup' | 'pint' | 'quart' | 'gallon';

export type MassUnit = 'mg' | 'g' | 'kg' | 'oz' | 'lb';

/** Whose cup and spoon a formula means. It belongs to the formula, not to the reader. */
export type MeasureSystem = 'us' | 'us-label' | 'metric' | 'imperial' | 'australian';

export const MEASURE_SYSTEMS: readonly MeasureSystem[] = ['us', 'metric', 'imperial', 'australian', 'us-label'];

type SystemUnit = Exclude<VolumeUnit, 'mL' | 'L'>;

const US_TEASPOON_ML = 4.92892159375;
const IMPERIAL_FLUID_OUNCE_ML = 28.4130625;

const US: Record<SystemUnit, number> = {
  tsp: US_TEASPOON_ML,
  tbsp: 3 * US_TEASPOON_ML,
  'fl-oz': 29.5735295625,
  cup: 236.5882365,
  pint: 473.176473,
  quart: 946.352946,
  gallon: 3785.411784,
};

const IMPERIAL_LARGE = {
  'fl-oz': IMPERIAL_FLUID_OUNCE_ML,
  pint: 20 * IMPERIAL_FLUID_OUNCE_ML,
  quart: 40 * IMPERIAL_FLUID_OUNCE_ML,
  gallon: 160 * IMPERIAL_FLUID_OUNCE_ML,
};

const ML_BY_SYSTEM: Record<MeasureSystem, Record<SystemUnit, number>> = {
  us: US,
  'us-label': { ...US, tsp: 5, tbsp: 15, 'fl-oz': 30, cup: 240 },
  metric: { ...IMPERIAL_LARGE, tsp: 5, tbsp: 15, cup: 250 },
  // British kitchens measure with 5 and 15 mL spoons; the cup is half an imperial pint.
  imperial: { ...IMPERIAL_LARGE, tsp: 5, tbsp: 15, cup: 10 * IMPERIAL_FLUID_OUNCE_ML },
  australian: { ...IMPERIAL_LARGE, tsp: 5, tbsp: 20, cup: 250 },
};

const G_BY_UNIT: Record<MassUnit, number> = {
  mg: 0.001,
  g: 1,
  kg: 1000,
  oz: 28.349523125,
  lb: 453.59237,
};

/** How many mL one `unit` holds in a measure system. Exact; sources at the head of this file. */
export function unitML(unit: VolumeUnit, system: MeasureSystem): number {
  if (unit === 'mL') return 1;
  if (unit === 'L') return 1000;
  return ML_BY_SYSTEM[system][unit];
}

/** How many grams one `unit` is. Exact: NIST Handbook 44, Appendix C. */
export const unitG = (unit: MassUnit): number => G_BY_UNIT[unit];
