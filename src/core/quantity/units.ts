/**
 * Units of volume and mass: one table, from which the types, the schema, the reader of amounts, the
 * plurals and the chips follow.
 *
 * Sources: NIST Handbook 44, Appendix C (US customary units, exact); the UK Units of Measurement
 * Regulations 1995 (imperial fluid ounce 28.4130625 mL, pint 568.26125 mL, exact); 21 CFR 101.9(b)(5)(viii)
 * (US nutrition labels: cup 240, tablespoon 15, teaspoon 5, fluid ounce 30 mL); metric cup 250,
 * spoons 15 and 5 mL, Australian tablespoon 20 mL: common practice, no source.
 */

/** Whose cup and spoon a formula means. It belongs to the formula, not to the reader. */
export const MEASURE_SYSTEMS = ['us', 'metric', 'imperial', 'australian', 'us-label'] as const;
export type MeasureSystem = (typeof MEASURE_SYSTEMS)[number];

/** What is measured out of a pack or a bottle: liquids in mL, solids in g. */
export const STOCK_UNITS = ['mL', 'g'] as const;
export type StockUnit = (typeof STOCK_UNITS)[number];

interface UnitRow {
  readonly unit: string;
  readonly measures: 'volume' | 'mass';
  /** As it is written after a number; `many` where that differs. */
  readonly one: string;
  readonly many?: string;
  /** Other spellings that people write, lower case, without full stops. Longer ones are tried first. */
  readonly names: readonly string[];
  /** Offered with one tap where an amount is typed. */
  readonly chip?: boolean;
}

export const UNITS = [
  { unit: 'mL', measures: 'volume', one: 'mL', chip: true, names: ['ml', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc', 'ccs', 'mil', 'mils'] },
  { unit: 'L', measures: 'volume', one: 'L', names: ['l', 'lt', 'ltr', 'ltrs', 'litre', 'litres', 'liter', 'liters'] },
  { unit: 'tsp', measures: 'volume', one: 'tsp', chip: true, names: ['tsp', 'tsps', 'tspn', 'tspns', 'teaspoon', 'teaspoons', 'teaspoonful', 'teaspoonfuls', 'tea spoon', 'tea spoons'] },
  { unit: 'tbsp', measures: 'volume', one: 'tbsp', chip: true, names: ['tbsp', 'tbsps', 'tbs', 'tbl', 'tbls', 'tblsp', 'tblsps', 'tbspn', 'tb', 'tablespoon', 'tablespoons', 'tablespoonful', 'tablespoonfuls', 'table spoon', 'table spoons'] },
  { unit: 'fl-oz', measures: 'volume', one: 'fl oz', names: ['fl oz', 'floz', 'fl ozs', 'fluid oz', 'fluid ounce', 'fluid ounces', 'fl ounce', 'fl ounces'] },
  { unit: 'cup', measures: 'volume', one: 'cup', many: 'cups', chip: true, names: ['cup', 'cups', 'c', 'cupful', 'cupfuls', 'cupsful'] },
  { unit: 'pint', measures: 'volume', one: 'pint', many: 'pints', names: ['pint', 'pints', 'pt', 'pts'] },
  { unit: 'quart', measures: 'volume', one: 'quart', many: 'quarts', names: ['quart', 'quarts', 'qt', 'qts'] },
  { unit: 'gallon', measures: 'volume', one: 'gallon', many: 'gallons', names: ['gallon', 'gallons', 'gal', 'gals'] },
  { unit: 'mg', measures: 'mass', one: 'mg', names: ['mg', 'milligram', 'milligrams'] },
  { unit: 'g', measures: 'mass', one: 'g', chip: true, names: ['g', 'gr', 'gm', 'gms', 'grs', 'gram', 'grams', 'gramme', 'grammes'] },
  { unit: 'kg', measures: 'mass', one: 'kg', names: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'] },
  { unit: 'oz', measures: 'mass', one: 'oz', names: ['oz by weight', 'ounce by weight', 'ounces by weight', 'oz wt', 'weight oz'] },
  { unit: 'lb', measures: 'mass', one: 'lb', names: ['lb', 'lbs', 'pound', 'pounds', '#'] },
] as const satisfies readonly UnitRow[];

/** A volume unit as a person writes it. What a cup or spoon holds depends on the measure system. */
export type VolumeUnit = Extract<(typeof UNITS)[number], { measures: 'volume' }>['unit'];

export type MassUnit = Extract<(typeof UNITS)[number], { measures: 'mass' }>['unit'];

export const VOLUME_UNITS: readonly VolumeUnit[] = UNITS.flatMap((u) => (u.measures === 'volume' ? [u.unit] : []));
export const MASS_UNITS: readonly MassUnit[] = UNITS.flatMap((u) => (u.measures === 'mass' ? [u.unit] : []));

/** Units to take with one tap, in the order of the table. */
export const UNIT_CHIPS: readonly (VolumeUnit | MassUnit)[] = UNITS.flatMap((u) => ('chip' in u ? [u.unit] : []));

const ROW = new Map<string, UnitRow>(UNITS.map((u) => [u.unit, u]));

/** A unit as it is written after a number: "cup", "cups", "fl oz". */
export function unitText(unit: VolumeUnit | MassUnit, many: boolean): string {
  const row = ROW.get(unit);
  return (many ? row?.many : undefined) ?? row?.one ?? unit;
}

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
