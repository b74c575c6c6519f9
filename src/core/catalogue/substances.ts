import type { SourceKey } from './sources';

/**
 * The pure substances that ingredients are made of. Every rule and every sum reads these, never an
 * ingredient's name: so an own ingredient with stated contents is judged like any other.
 */
export type SubstanceId =
  | 'water'
  | 'acetic-acid'
  | 'citric-acid'
  | 'sulfamic-acid'
  | 'hydrogen-chloride'
  | 'sodium-bicarbonate'
  | 'sodium-carbonate'
  | 'borax'
  | 'sodium-hydroxide'
  | 'ammonia'
  | 'urea'
  | 'hydrogen-peroxide'
  | 'sodium-percarbonate'
  | 'sodium-hypochlorite'
  | 'ethanol'
  | 'isopropanol'
  | 'glycerol'
  | 'soap'
  | 'surfactant'
  | 'quaternary-ammonium'
  | 'sodium-chloride'
  | 'sugar'
  | 'starch'
  | 'plant-matter'
  | 'fixed-oil'
  | 'essential-oil'
  | 'chalk';

/** What a substance is able to do in a meeting; rules ask for traits. */
export type Trait =
  | 'acid'
  | 'carboxylic-acid'
  | 'alkali'
  | 'carbonate'
  | 'hypochlorite'
  | 'ammonia-source'
  | 'peroxide'
  | 'alcohol'
  | 'soap'
  | 'surfactant'
  | 'essential-oil'
  | 'abrasive';

/**
 * One step of giving or taking a proton in water at 25 °C. `acid`: the substance as sold can give
 * it; `base`: the substance as sold can take it. `equivalents` is how many such steps one mole brings.
 */
export interface ProtonStep {
  readonly role: 'acid' | 'base';
  readonly pKa: number;
  readonly equivalents: number;
}

export interface Substance {
  readonly id: SubstanceId;
  readonly name: string;
  /** g/mol; null for what is a mixture of many. */
  readonly molarMassG: number | null;
  /** Empirical formula, for checks of the molar mass. */
  readonly formula: string | null;
  readonly traits: readonly Trait[];
  readonly protonSteps: readonly ProtonStep[];
  /** g that dissolve in 100 mL of water at 20 °C; null for liquids that mix freely. */
  readonly solubilityGPer100ML: number | null;
  /** Room one gram takes up once dissolved, mL/g (liquids: one over the density). */
  readonly displacementMLPerG: number;
  readonly sources: readonly SourceKey[];
}

const acid = (...pKas: number[]): ProtonStep[] => pKas.map((pKa) => ({ role: 'acid', pKa, equivalents: 1 }));
const base = (pKa: number, equivalents = 1): ProtonStep => ({ role: 'base', pKa, equivalents });

/** A strong acid or base gives or takes its proton whatever it meets; these stand far outside any pKa. */
const STRONG_ACID_PKA = -2;
const STRONG_BASE_PKA = 16;

const CARBONIC_1 = 6.352;
const CARBONIC_2 = 10.329;

const TABLE: readonly Substance[] = [
  {
    id: 'water', name: 'water', molarMassG: 18.015, formula: 'H2O', traits: [], protonSteps: [],
    solubilityGPer100ML: null, displacementMLPerG: 1 / 0.9982, sources: ['crc'],
  },
  {
    id: 'acetic-acid', name: 'acetic acid', molarMassG: 60.052, formula: 'C2H4O2', traits: ['acid', 'carboxylic-acid'],
    protonSteps: acid(4.756), solubilityGPer100ML: null, displacementMLPerG: 0.87, sources: ['crc'],
  },
  {
    id: 'citric-acid', name: 'citric acid', molarMassG: 192.12, formula: 'C6H8O7', traits: ['acid', 'carboxylic-acid'],
    protonSteps: acid(3.128, 4.761, 6.396), solubilityGPer100ML: 147, displacementMLPerG: 0.6, sources: ['crc'],
  },
  {
    id: 'sulfamic-acid', name: 'sulfamic acid', molarMassG: 97.09, formula: 'H3NO3S', traits: ['acid'],
    protonSteps: acid(1.0), solubilityGPer100ML: 21, displacementMLPerG: 0.5, sources: ['crc-memory'],
  },
  {
    id: 'hydrogen-chloride', name: 'hydrochloric acid', molarMassG: 36.461, formula: 'HCl', traits: ['acid'],
    protonSteps: acid(STRONG_ACID_PKA), solubilityGPer100ML: null, displacementMLPerG: 0.5, sources: ['crc-memory'],
  },
  {
    id: 'sodium-bicarbonate', name: 'baking soda', molarMassG: 84.007, formula: 'NaHCO3', traits: ['alkali', 'carbonate', 'abrasive'],
    protonSteps: [base(CARBONIC_1)], solubilityGPer100ML: 9.6, displacementMLPerG: 23 / 84.007, sources: ['crc'],
  },
  {
    id: 'sodium-carbonate', name: 'washing soda', molarMassG: 105.988, formula: 'Na2CO3', traits: ['alkali', 'carbonate'],
    protonSteps: [base(CARBONIC_2), base(CARBONIC_1)], solubilityGPer100ML: 21.5, displacementMLPerG: 4 / 105.988, sources: ['crc'],
  },
  {
    // Na2B4O7·10H2O gives two B(OH)3 and two B(OH)4-: it takes two protons a mole.
    id: 'borax', name: 'borax', molarMassG: 381.37, formula: 'Na2B4O17H20', traits: ['alkali', 'abrasive'],
    protonSteps: [base(9.237, 2)], solubilityGPer100ML: 4.7, displacementMLPerG: 0.45, sources: ['crc'],
  },
  {
    id: 'sodium-hydroxide', name: 'lye', molarMassG: 39.997, formula: 'NaOH', traits: ['alkali'],
    protonSteps: [base(STRONG_BASE_PKA)], solubilityGPer100ML: 109, displacementMLPerG: 0, sources: ['crc-memory'],
  },
  {
    id: 'ammonia', name: 'ammonia', molarMassG: 17.031, formula: 'NH3', traits: ['alkali', 'ammonia-source'],
    protonSteps: [base(9.246)], solubilityGPer100ML: null, displacementMLPerG: 1.4, sources: ['crc'],
  },
  {
    // Urine and litter turn to ammonia as they stand, and react with hypochlorite at once.
    id: 'urea', name: 'urea', molarMassG: 60.056, formula: 'CH4N2O', traits: ['ammonia-source'],
    protonSteps: [], solubilityGPer100ML: 108, displacementMLPerG: 0.74, sources: ['crc-memory'],
  },
  {
    id: 'hydrogen-peroxide', name: 'hydrogen peroxide', molarMassG: 34.015, formula: 'H2O2', traits: ['peroxide'],
    protonSteps: [], solubilityGPer100ML: null, displacementMLPerG: 0.69, sources: ['crc'],
  },
  {
    // 2 Na2CO3·3 H2O2: on wetting, two carbonates and three peroxides a mole.
    id: 'sodium-percarbonate', name: 'sodium percarbonate', molarMassG: 314.02, formula: 'C2H6Na4O12',
    traits: ['alkali', 'carbonate', 'peroxide'], protonSteps: [base(CARBONIC_2, 2), base(CARBONIC_1, 2)],
    solubilityGPer100ML: 14, displacementMLPerG: 0.3, sources: ['crc', 'crc-memory'],
  },
  {
    id: 'sodium-hypochlorite', name: 'sodium hypochlorite', molarMassG: 74.44, formula: 'NaOCl', traits: ['hypochlorite'],
    protonSteps: [base(7.53)], solubilityGPer100ML: null, displacementMLPerG: 0.3, sources: ['crc'],
  },
  {
    id: 'ethanol', name: 'ethanol', molarMassG: 46.07, formula: 'C2H6O', traits: ['alcohol'], protonSteps: [],
    solubilityGPer100ML: null, displacementMLPerG: 1 / 0.7893, sources: ['crc'],
  },
  {
    id: 'isopropanol', name: 'isopropyl alcohol', molarMassG: 60.1, formula: 'C3H8O', traits: ['alcohol'], protonSteps: [],
    solubilityGPer100ML: null, displacementMLPerG: 1 / 0.7855, sources: ['crc'],
  },
  {
    id: 'glycerol', name: 'glycerin', molarMassG: 92.09, formula: 'C3H8O3', traits: [], protonSteps: [],
    solubilityGPer100ML: null, displacementMLPerG: 1 / 1.261, sources: ['crc'],
  },
  {
    // Potassium oleate stands for all soaps; its apparent pKa in micelles is 7 to 9 (from memory).
    id: 'soap', name: 'soap', molarMassG: 320.6, formula: 'C18H33KO2', traits: ['soap'], protonSteps: [base(8)],
    solubilityGPer100ML: null, displacementMLPerG: 0.95, sources: ['crc', 'crc-memory'],
  },
  {
    id: 'surfactant', name: 'dish-soap surfactant', molarMassG: null, formula: null, traits: ['surfactant'], protonSteps: [],
    solubilityGPer100ML: null, displacementMLPerG: 0.9, sources: ['common-practice'],
  },
  {
    id: 'quaternary-ammonium', name: 'quaternary disinfectant', molarMassG: null, formula: null, traits: [], protonSteps: [],
    solubilityGPer100ML: null, displacementMLPerG: 1, sources: ['common-practice'],
  },
  {
    id: 'sodium-chloride', name: 'salt', molarMassG: 58.44, formula: 'NaCl', traits: ['abrasive'], protonSteps: [],
    solubilityGPer100ML: 35.9, displacementMLPerG: 17 / 58.44, sources: ['crc'],
  },
  {
    id: 'sugar', name: 'sugar', molarMassG: null, formula: null, traits: [], protonSteps: [],
    solubilityGPer100ML: 200, displacementMLPerG: 0.62, sources: ['crc-memory'],
  },
  {
    id: 'starch', name: 'starch', molarMassG: null, formula: null, traits: [], protonSteps: [],
    solubilityGPer100ML: 0, displacementMLPerG: 0.65, sources: ['crc-memory'],
  },
  {
    id: 'plant-matter', name: 'plant matter', molarMassG: null, formula: null, traits: [], protonSteps: [],
    solubilityGPer100ML: 0, displacementMLPerG: 0.9, sources: ['common-practice'],
  },
  {
    id: 'fixed-oil', name: 'vegetable oil', molarMassG: null, formula: null, traits: [], protonSteps: [],
    solubilityGPer100ML: 0, displacementMLPerG: 1.09, sources: ['crc-memory'],
  },
  {
    id: 'essential-oil', name: 'essential oil', molarMassG: null, formula: null, traits: ['essential-oil'], protonSteps: [],
    solubilityGPer100ML: 0.05, displacementMLPerG: 1.12, sources: ['common-practice'],
  },
  {
    id: 'chalk', name: 'chalk', molarMassG: 100.09, formula: 'CaCO3', traits: ['alkali', 'carbonate', 'abrasive'],
    protonSteps: [base(CARBONIC_2), base(CARBONIC_1)], solubilityGPer100ML: 0.001, displacementMLPerG: 0.37, sources: ['crc'],
  },
];

const BY_ID = new Map(TABLE.map((s) => [s.id, s]));

export const SUBSTANCES: readonly Substance[] = TABLE;

/** The substance of an id. Every id of the type has its row. */
export function substance(id: SubstanceId): Substance {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No row for substance ${id}`);
  return found;
}
