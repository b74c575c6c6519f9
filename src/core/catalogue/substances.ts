import type { SystemId } from './acidSystems';
import { OILS, skinCeilingPercent, type OilId } from './oils';
import type { SourceKey } from './sources';

/**
 * The pure substances that ingredients are made of. Every rule and every sum reads these, never an
 * ingredient's name: so an own ingredient with stated contents is judged like any other.
 */
export type SubstanceId =
  | 'water'
  | 'acetic-acid'
  | 'citric-acid'
  | 'tartaric-acid'
  | 'potassium-bitartrate'
  | 'lactic-acid'
  | 'oxalic-acid'
  | 'phosphoric-acid'
  | 'sulfamic-acid'
  | 'hydrogen-chloride'
  | 'sulfuric-acid'
  | 'sodium-bisulfate'
  | 'formic-acid'
  | 'nitric-acid'
  | 'hydrofluoric-acid'
  | 'ammonium-bifluoride'
  | 'peracetic-acid'
  | 'sodium-bicarbonate'
  | 'sodium-carbonate'
  | 'potassium-carbonate'
  | 'borax'
  | 'boric-acid'
  | 'sodium-metasilicate'
  | 'sodium-hydroxide'
  | 'potassium-hydroxide'
  | 'calcium-hydroxide'
  | 'calcium-oxide'
  | 'trisodium-phosphate'
  | 'ammonia'
  | 'ammonium-chloride'
  | 'urea'
  | 'hydrogen-peroxide'
  | 'sodium-percarbonate'
  | 'sodium-perborate'
  | 'sodium-hypochlorite'
  | 'sodium-dichloroisocyanurate'
  | 'trichloroisocyanuric-acid'
  | 'calcium-hypochlorite'
  | 'ethanol'
  | 'isopropanol'
  | 'methanol'
  | 'acetone'
  | 'petroleum-spirit'
  | 'petrol'
  | 'turpentine'
  | 'glycerol'
  | 'soap'
  | 'surfactant'
  | 'quaternary-ammonium'
  | 'sodium-chloride'
  | 'sodium-acetate'
  | 'sodium-citrate'
  | 'magnesium-sulfate'
  | 'calcium-chloride'
  | 'iron-salt'
  | 'aluminium'
  | 'zinc'
  | 'sugar'
  | 'starch'
  | 'protein'
  | 'plant-matter'
  | 'yeast'
  | 'fixed-oil'
  | 'mineral-oil'
  | 'drying-oil'
  | 'wax'
  | 'chalk'
  | 'pumice'
  | 'clay'
  | 'preservative'
  | 'xanthan-gum'
  | OilId;

/** What a substance is able to do; rules ask for traits. */
export type Trait =
  | 'acid'
  | 'carboxylic-acid'
  | 'mineral-acid'
  | 'alkali'
  | 'lye'
  | 'carbonate'
  | 'borate'
  | 'hypochlorite'
  | 'ammonia-source'
  | 'peroxide'
  | 'alcohol'
  | 'solvent'
  | 'soap'
  | 'surfactant'
  | 'quaternary'
  | 'chloride'
  | 'metal-salt'
  /** Breaks peroxide up by being there: metals, yeast. */
  | 'peroxide-catalyst'
  /** A dry solid that gives chlorine for long: it lights what burns. */
  | 'chlorine-donor'
  /** A dry solid that gives peroxide on wetting. */
  | 'solid-peroxide'
  /** Burns with an oxidiser: sugar, oil, flour, glycerin. */
  | 'fuel'
  | 'ketone'
  /** A metal that alkali and acid dissolve, with hydrogen. */
  | 'amphoteric-metal'
  /** Boils up with water as it slakes. */
  | 'slaking'
  | 'fermentable'
  | 'ferment'
  | 'perishable'
  /** Keeps life down by being there, as bought for the purpose. */
  | 'preservative'
  | 'clogging'
  | 'absorbent'
  | 'essential-oil'
  | 'citrus-oil'
  | 'hot-oil'
  | 'plastic-oil'
  | 'harms-cats'
  | 'harms-dogs'
  /** Sprayed or diffused it can stop the breath of a child under three. */
  | 'harms-infants'
  | 'fatty-oil'
  /** Takes up oxygen as it dries, and heats what it soaks. */
  | 'drying-oil'
  /** Takes up oxygen as it stands, and smells of it. */
  | 'turns-rancid'
  | 'abrasive';

/** So many moles of an acid–base system, in the form that still holds so many protons. */
export interface Brings {
  readonly system: SystemId;
  readonly mol: number;
  readonly protons: number;
}

/** A strength in water, percent v/v, and the closed-cup flash point there, °C. */
export type FlashPoint = readonly [percentVV: number, flashC: number];

/** Strengths in percent w/v from which a substance irritates and from which it burns; null where it never burns skin. */
export interface Burns {
  readonly cautionFrom: number;
  readonly dangerFrom: number | null;
}

export interface Substance {
  readonly id: SubstanceId;
  readonly name: string;
  /** g/mol; null for what is a mixture of many. */
  readonly molarMassG: number | null;
  /** Empirical formula, for checks of the molar mass. */
  readonly formula: string | null;
  readonly traits: readonly Trait[];
  /** What one mole brings of each acid–base system. */
  readonly brings: readonly Brings[];
  /** Charges of the ions of one mole that take no part in acid and base: +1 for each sodium. */
  readonly spectators: readonly number[];
  /** g that dissolve in 100 mL of water at 20 °C; null for liquids that mix freely. */
  readonly solubilityGPer100ML: number | null;
  /** Room one gram takes up once dissolved, mL/g (liquids: one over the density). */
  readonly displacementMLPerG: number;
  /** Hardness of its grains, Mohs; null for what has none. */
  readonly mohs: number | null;
  /** Closed-cup flash point, °C, of oils and solvents; null for what has none or has a table of its own. */
  readonly flashC: number | null;
  /** Closed-cup flash points in water of what mixes with it: percent v/v and °C, rising; null for all else. */
  readonly flashInWater: readonly FlashPoint[] | null;
  /** Essential oils: the most of it on skin, percent by volume, 0 for never; null for all else. */
  readonly skinCeilingPercent: number | null;
  /** mol of hydrogen peroxide that one mol gives. */
  readonly peroxideMol: number;
  /** mol of active chlorine (as Cl2) that one mol gives. */
  readonly activeChlorineMol: number;
  /** mol of hydroxide that one mol gives. */
  readonly hydroxideMol: number;
  /** mol of calcium and magnesium that one mol brings. */
  readonly hardnessMol: number;
  /** mol of hardness that one mol settles or holds. */
  readonly hardnessHeldMol: number;
  /** How strong it burns skin and eyes, percent w/v in a mixture; null for what does not. */
  readonly burns: Burns | null;
  /** From this strength on it is handled with care as poured, percent in the ingredient; null for what never is. */
  readonly handledStrongFromPercent: number | null;
  /** From this strength on it does not belong in a home, percent in the ingredient; null for what may. */
  readonly notForHomeAbovePercent: number | null;
  readonly sources: readonly SourceKey[];
}

interface Row {
  readonly name: string;
  readonly g?: number;
  readonly formula?: string;
  readonly traits?: readonly Trait[];
  readonly brings?: readonly (readonly [system: SystemId, mol: number, protons: number])[];
  readonly spectators?: readonly number[];
  /** Left out: mixes freely. */
  readonly solubility?: number;
  readonly displacement: number;
  readonly mohs?: number;
  readonly flashC?: number;
  readonly flashInWater?: readonly FlashPoint[];
  readonly skinCeiling?: number;
  readonly peroxide?: number;
  readonly chlorine?: number;
  readonly hydroxide?: number;
  readonly hardness?: number;
  readonly holdsHardness?: number;
  readonly burns?: readonly [cautionFrom: number, dangerFrom: number | null];
  readonly strongFrom?: number;
  readonly notForHomeFrom?: number;
  readonly sources: readonly SourceKey[];
}

const row = (id: SubstanceId, r: Row): Substance => ({
  id,
  name: r.name,
  molarMassG: r.g ?? null,
  formula: r.formula ?? null,
  traits: r.traits ?? [],
  brings: (r.brings ?? []).map(([system, mol, protons]) => ({ system, mol, protons })),
  spectators: r.spectators ?? [],
  solubilityGPer100ML: r.solubility ?? null,
  displacementMLPerG: r.displacement,
  mohs: r.mohs ?? null,
  flashC: r.flashC ?? null,
  flashInWater: r.flashInWater ?? null,
  skinCeilingPercent: r.skinCeiling ?? null,
  peroxideMol: r.peroxide ?? 0,
  activeChlorineMol: r.chlorine ?? 0,
  hydroxideMol: r.hydroxide ?? 0,
  hardnessMol: r.hardness ?? 0,
  hardnessHeldMol: r.holdsHardness ?? 0,
  burns: r.burns ? { cautionFrom: r.burns[0], dangerFrom: r.burns[1] } : null,
  handledStrongFromPercent: r.strongFrom ?? null,
  notForHomeAbovePercent: r.notForHomeFrom ?? null,
  sources: r.sources,
});

/**
 * Closed-cup flash points in water by % v/v, °C. Alcohols: handbook tables, from memory. Acetone: reckoned
 * from its vapour pressure (Antoine), activity in water and lower limit of 2.5 % in air, all from memory, and
 * its own flash point of -18 °C. Acetic acid: its own 39 °C, no flash below about 80 % (data sheets, from memory).
 */
const ETHANOL_FLASH: readonly FlashPoint[] = [[5, 62], [10, 49], [20, 36], [30, 29], [40, 26], [50, 24], [70, 21], [96, 17], [100, 13]];
const ISOPROPANOL_FLASH: readonly FlashPoint[] = [[5, 59], [10, 46], [20, 33], [30, 26], [40, 23], [50, 21], [70, 18], [100, 12]];
const METHANOL_FLASH: readonly FlashPoint[] = [[5, 60], [10, 51], [20, 41], [30, 34], [40, 30], [50, 26], [70, 19], [100, 11]];
const ACETONE_FLASH: readonly FlashPoint[] = [[1, 62], [2, 46], [5, 23], [10, 10], [20, 0], [50, -10], [100, -18]];
const ACETIC_FLASH: readonly FlashPoint[] = [[80, 60], [90, 52], [100, 39]];

/**
 * Molar masses, solubilities at 20 °C and apparent molar volumes: CRC Handbook, or from memory of it
 * where the source says so. Mohs figures: CRC Handbook for minerals, the rest common practice.
 */
const PLAIN: readonly Substance[] = [
  row('water', { name: 'water', g: 18.015, formula: 'H2O', displacement: 1 / 0.9982, sources: ['crc'] }),

  row('acetic-acid', { name: 'acetic acid', g: 60.052, formula: 'C2H4O2', traits: ['acid', 'carboxylic-acid'], brings: [['acetic', 1, 1]], displacement: 0.87, flashInWater: ACETIC_FLASH, burns: [10, 25], strongFrom: 25, sources: ['crc'] }),
  row('citric-acid', { name: 'citric acid', g: 192.12, formula: 'C6H8O7', traits: ['acid', 'carboxylic-acid'], brings: [['citric', 1, 3]], solubility: 147, displacement: 0.6, holdsHardness: 1, burns: [10, null], sources: ['crc'] }),
  row('tartaric-acid', { name: 'tartaric acid', g: 150.087, formula: 'C4H6O6', traits: ['acid', 'carboxylic-acid'], brings: [['tartaric', 1, 2]], solubility: 139, displacement: 0.57, burns: [10, null], sources: ['crc-memory'] }),
  row('potassium-bitartrate', { name: 'cream of tartar', g: 188.18, formula: 'C4H5O6K', traits: ['acid', 'carboxylic-acid'], brings: [['tartaric', 1, 1]], spectators: [1], solubility: 0.57, displacement: 0.5, mohs: 2, sources: ['crc-memory'] }),
  row('lactic-acid', { name: 'lactic acid', g: 90.078, formula: 'C3H6O3', traits: ['acid', 'carboxylic-acid'], brings: [['lactic', 1, 1]], displacement: 0.83, burns: [10, 50], strongFrom: 25, sources: ['crc-memory'] }),
  row('oxalic-acid', { name: 'oxalic acid', g: 90.035, formula: 'C2H2O4', traits: ['acid', 'carboxylic-acid', 'mineral-acid'], brings: [['oxalic', 1, 2]], solubility: 9.5, displacement: 0.5, burns: [1, 10], strongFrom: 10, sources: ['crc-memory'] }),
  row('phosphoric-acid', { name: 'phosphoric acid', g: 97.995, formula: 'H3PO4', traits: ['acid', 'mineral-acid'], brings: [['phosphoric', 1, 3]], displacement: 0.5, burns: [10, 25], strongFrom: 25, sources: ['crc-memory'] }),
  row('sulfamic-acid', { name: 'sulfamic acid', g: 97.09, formula: 'H3NO3S', traits: ['acid', 'mineral-acid'], brings: [['sulfamic', 1, 1]], solubility: 21, displacement: 0.5, burns: [10, null], sources: ['crc-memory'] }),
  row('hydrogen-chloride', { name: 'hydrochloric acid', g: 36.461, formula: 'HCl', traits: ['acid', 'mineral-acid', 'chloride'], brings: [['hydrochloric', 1, 1]], displacement: 0.5, burns: [5, 10], strongFrom: 10, notForHomeFrom: 20, sources: ['crc-memory'] }),
  row('sulfuric-acid', { name: 'sulfuric acid', g: 98.078, formula: 'H2SO4', traits: ['acid', 'mineral-acid'], brings: [['sulfuric', 1, 2]], displacement: 0.4, burns: [2, 5], strongFrom: 5, notForHomeFrom: 15, sources: ['crc-memory'] }),
  row('sodium-bisulfate', { name: 'sodium bisulfate', g: 120.06, formula: 'NaHSO4', traits: ['acid', 'mineral-acid'], brings: [['sulfuric', 1, 1]], spectators: [1], solubility: 50, displacement: 0.4, burns: [10, null], sources: ['crc-memory', 'sds-memory'] }),
  row('formic-acid', { name: 'formic acid', g: 46.025, formula: 'CH2O2', traits: ['acid', 'carboxylic-acid'], brings: [['formic', 1, 1]], displacement: 0.8, burns: [2, 10], strongFrom: 10, notForHomeFrom: 85, sources: ['crc-memory', 'eu-clp-memory'] }),
  row('nitric-acid', { name: 'nitric acid', g: 63.012, formula: 'HNO3', traits: ['acid', 'mineral-acid'], brings: [['nitric', 1, 1]], displacement: 0.5, burns: [1, 5], strongFrom: 3, notForHomeFrom: 0, sources: ['crc-memory', 'sds-memory'] }),
  row('hydrofluoric-acid', { name: 'hydrofluoric acid', g: 20.006, formula: 'HF', traits: ['acid', 'mineral-acid'], brings: [['hydrofluoric', 1, 1]], displacement: 0.6, burns: [0, 0.1], strongFrom: 0, notForHomeFrom: 0, sources: ['crc-memory', 'sds-memory'] }),
  row('ammonium-bifluoride', { name: 'ammonium bifluoride', g: 57.044, formula: 'NH5F2', traits: ['acid', 'mineral-acid', 'ammonia-source'], brings: [['ammonium', 1, 1], ['hydrofluoric', 1, 1], ['hydrofluoric', 1, 0]], solubility: 60, displacement: 0.5, burns: [0, 1], strongFrom: 0, notForHomeFrom: 0, sources: ['crc-memory', 'sds-memory'] }),
  row('peracetic-acid', { name: 'peracetic acid', g: 76.051, formula: 'C2H4O3', traits: ['acid', 'carboxylic-acid', 'peroxide'], brings: [['peracetic', 1, 1]], displacement: 0.85, peroxide: 1, burns: [0.2, 1], strongFrom: 1, notForHomeFrom: 3, sources: ['crc-memory', 'sds-memory'] }),

  row('sodium-bicarbonate', { name: 'baking soda', g: 84.007, formula: 'NaHCO3', traits: ['alkali', 'carbonate', 'abrasive', 'absorbent'], brings: [['carbonic', 1, 1]], spectators: [1], solubility: 9.6, displacement: 23 / 84.007, mohs: 2.5, sources: ['crc'] }),
  row('sodium-carbonate', { name: 'washing soda', g: 105.988, formula: 'Na2CO3', traits: ['alkali', 'carbonate', 'abrasive'], brings: [['carbonic', 1, 0]], spectators: [1, 1], solubility: 21.5, displacement: 4 / 105.988, mohs: 1.5, holdsHardness: 1, sources: ['crc'] }),
  row('potassium-carbonate', { name: 'potash', g: 138.205, formula: 'K2CO3', traits: ['alkali', 'carbonate'], brings: [['carbonic', 1, 0]], spectators: [1, 1], solubility: 111, displacement: 0.15, holdsHardness: 1, sources: ['crc-memory'] }),
  // Na2B4O7·10H2O gives two B(OH)3 and two B(OH)4-: it takes two protons a mole.
  row('borax', { name: 'borax', g: 381.37, formula: 'Na2B4O17H20', traits: ['alkali', 'borate', 'abrasive'], brings: [['boric', 2, 1], ['boric', 2, 0]], spectators: [1, 1], solubility: 4.7, displacement: 0.45, mohs: 2.5, sources: ['crc'] }),
  row('boric-acid', { name: 'boric acid', g: 61.833, formula: 'H3BO3', traits: ['borate'], brings: [['boric', 1, 1]], solubility: 4.7, displacement: 0.64, mohs: 1, sources: ['crc'] }),
  row('sodium-metasilicate', { name: 'sodium metasilicate', g: 122.063, formula: 'Na2SiO3', traits: ['alkali'], brings: [['silicic', 1, 0]], spectators: [1, 1], solubility: 21, displacement: 0.2, sources: ['crc-memory'] }),
  // Lye brings its sodium; its hydroxide is water that has lost a proton.
  row('sodium-hydroxide', { name: 'lye', g: 39.997, formula: 'NaOH', traits: ['alkali', 'lye'], spectators: [1], solubility: 109, displacement: 0, hydroxide: 1, burns: [0, 0.5], strongFrom: 2, sources: ['crc-memory'] }),
  row('potassium-hydroxide', { name: 'potash lye', g: 56.106, formula: 'KOH', traits: ['alkali', 'lye'], spectators: [1], solubility: 112, displacement: 0, hydroxide: 1, burns: [0, 0.5], strongFrom: 2, sources: ['crc-memory'] }),
  row('calcium-hydroxide', { name: 'hydrated lime', g: 74.093, formula: 'CaH2O2', traits: ['alkali'], spectators: [2], solubility: 0.17, displacement: 0, mohs: 2.5, hydroxide: 2, hardness: 1, strongFrom: 50, sources: ['crc-memory'] }),
  // Quicklime slakes to hydrated lime with the water it meets.
  row('calcium-oxide', { name: 'quicklime', g: 56.077, formula: 'CaO', traits: ['alkali', 'slaking'], spectators: [2], solubility: 0.13, displacement: 0, mohs: 3.5, hydroxide: 2, hardness: 1, strongFrom: 10, sources: ['crc-memory', 'sds-memory'] }),
  row('trisodium-phosphate', { name: 'trisodium phosphate', g: 380.12, formula: 'Na3PO16H24', traits: ['alkali'], brings: [['phosphoric', 1, 0]], spectators: [1, 1, 1], solubility: 25, displacement: 0.5, holdsHardness: 1.5, sources: ['crc-memory'] }),
  row('ammonia', { name: 'ammonia', g: 17.031, formula: 'NH3', traits: ['alkali', 'ammonia-source'], brings: [['ammonium', 1, 0]], displacement: 1.4, burns: [5, 10], strongFrom: 10, sources: ['crc'] }),
  row('ammonium-chloride', { name: 'ammonium chloride', g: 53.491, formula: 'NH4Cl', traits: ['ammonia-source', 'chloride'], brings: [['ammonium', 1, 1]], spectators: [-1], solubility: 37.2, displacement: 0.67, sources: ['crc-memory'] }),
  // Urine and litter turn to ammonia as they stand, and react with hypochlorite at once.
  row('urea', { name: 'urea', g: 60.056, formula: 'CH4N2O', traits: ['ammonia-source'], solubility: 108, displacement: 0.74, sources: ['crc-memory'] }),

  row('hydrogen-peroxide', { name: 'hydrogen peroxide', g: 34.015, formula: 'H2O2', traits: ['peroxide'], brings: [['peroxide', 1, 1]], displacement: 0.69, peroxide: 1, strongFrom: 8, notForHomeFrom: 35, sources: ['crc'] }),
  // 2 Na2CO3·3 H2O2: on wetting, two carbonates and three peroxides a mole.
  row('sodium-percarbonate', { name: 'sodium percarbonate', g: 314.02, formula: 'C2H6Na4O12', traits: ['solid-peroxide', 'alkali', 'carbonate', 'peroxide'], brings: [['carbonic', 2, 0], ['peroxide', 3, 1]], spectators: [1, 1, 1, 1], solubility: 14, displacement: 0.3, mohs: 2, peroxide: 3, holdsHardness: 2, strongFrom: 30, sources: ['crc', 'crc-memory'] }),
  // NaBO3·4H2O: on wetting, a borate and a peroxide a mole.
  row('sodium-perborate', { name: 'sodium perborate', g: 153.86, formula: 'NaBO7H8', traits: ['solid-peroxide', 'alkali', 'borate', 'peroxide'], brings: [['boric', 1, 0], ['peroxide', 1, 1]], spectators: [1], solubility: 2.3, displacement: 0.5, mohs: 2, peroxide: 1, strongFrom: 30, sources: ['crc-memory', 'sds-memory'] }),
  row('sodium-hypochlorite', { name: 'sodium hypochlorite', g: 74.44, formula: 'NaOCl', traits: ['hypochlorite'], brings: [['hypochlorous', 1, 0]], spectators: [1], displacement: 0.3, chlorine: 1, sources: ['crc'] }),
  // NaC3Cl2N3O3 gives two hypochlorous acids on wetting.
  row('sodium-dichloroisocyanurate', { name: 'chlorine tablets', g: 219.94, formula: 'C3Cl2N3NaO3', traits: ['chlorine-donor', 'hypochlorite'], brings: [['hypochlorous', 2, 1]], solubility: 22, displacement: 0.5, chlorine: 2, sources: ['crc-memory'] }),
  // C3Cl3N3O3 gives three hypochlorous acids on wetting.
  row('trichloroisocyanuric-acid', { name: 'trichlor', g: 232.41, formula: 'C3Cl3N3O3', traits: ['chlorine-donor', 'hypochlorite'], brings: [['hypochlorous', 3, 1]], solubility: 1.2, displacement: 0.5, chlorine: 3, sources: ['crc-memory'] }),
  // Ca(OCl)2 gives two hypochlorites on wetting.
  row('calcium-hypochlorite', { name: 'calcium hypochlorite', g: 142.98, formula: 'CaCl2O2', traits: ['chlorine-donor', 'hypochlorite'], brings: [['hypochlorous', 2, 0]], spectators: [2], solubility: 21, displacement: 0.4, chlorine: 2, hardness: 1, sources: ['crc-memory'] }),

  row('ethanol', { name: 'ethanol', g: 46.07, formula: 'C2H6O', traits: ['alcohol'], displacement: 1 / 0.78924, flashInWater: ETHANOL_FLASH, strongFrom: 90, sources: ['oiml-r22'] }),
  row('isopropanol', { name: 'isopropyl alcohol', g: 60.1, formula: 'C3H8O', traits: ['alcohol'], displacement: 1 / 0.7855, flashInWater: ISOPROPANOL_FLASH, strongFrom: 90, sources: ['crc'] }),
  row('methanol', { name: 'methanol', g: 32.042, formula: 'CH4O', traits: ['solvent'], displacement: 1 / 0.7914, flashInWater: METHANOL_FLASH, notForHomeFrom: 3, sources: ['crc-memory', 'sds-memory'] }),
  row('acetone', { name: 'acetone', g: 58.08, formula: 'C3H6O', traits: ['solvent', 'ketone'], displacement: 1 / 0.79, flashInWater: ACETONE_FLASH, sources: ['crc-memory'] }),
  row('petroleum-spirit', { name: 'white spirit', traits: ['fuel', 'solvent', 'fatty-oil'], solubility: 0, displacement: 1 / 0.78, flashC: 38, sources: ['sds-memory'] }),
  row('petrol', { name: 'petrol', traits: ['fuel', 'solvent', 'fatty-oil'], solubility: 0, displacement: 1 / 0.74, flashC: -40, notForHomeFrom: 0, sources: ['sds-memory'] }),
  row('turpentine', { name: 'turpentine', traits: ['fuel', 'solvent', 'fatty-oil'], solubility: 0, displacement: 1 / 0.865, flashC: 35, sources: ['sds-memory'] }),
  row('glycerol', { name: 'glycerin', traits: ['fuel'], g: 92.09, formula: 'C3H8O3', displacement: 1 / 1.261, sources: ['crc'] }),

  // Potassium oleate stands for all soaps.
  row('soap', { name: 'soap', g: 320.6, formula: 'C18H33KO2', traits: ['soap'], brings: [['fatty', 1, 0]], spectators: [1], displacement: 0.95, sources: ['crc', 'crc-memory'] }),
  row('surfactant', { name: 'dish-soap surfactant', traits: ['surfactant'], displacement: 0.9, sources: ['common-practice'] }),
  row('quaternary-ammonium', { name: 'quaternary disinfectant', traits: ['quaternary'], displacement: 1, sources: ['common-practice'] }),

  row('sodium-chloride', { name: 'salt', g: 58.44, formula: 'NaCl', traits: ['abrasive', 'chloride'], spectators: [1, -1], solubility: 35.9, displacement: 17 / 58.44, mohs: 2.5, sources: ['crc'] }),
  row('sodium-acetate', { name: 'sodium acetate', g: 82.034, formula: 'C2H3NaO2', brings: [['acetic', 1, 0]], spectators: [1], solubility: 46, displacement: 0.48, sources: ['crc'] }),
  row('sodium-citrate', { name: 'sodium citrate', g: 258.07, formula: 'C6H5Na3O7', brings: [['citric', 1, 0]], spectators: [1, 1, 1], solubility: 72, displacement: 0.3, holdsHardness: 1, sources: ['crc-memory'] }),
  row('magnesium-sulfate', { name: 'Epsom salt', g: 246.47, formula: 'MgSO11H14', spectators: [2, -2], solubility: 71, displacement: 0.5, mohs: 2, hardness: 1, sources: ['crc-memory'] }),
  row('calcium-chloride', { name: 'calcium chloride', g: 147.01, formula: 'CaCl2H4O2', traits: ['chloride'], spectators: [2, -1, -1], solubility: 98, displacement: 0.3, mohs: 2, hardness: 1, sources: ['crc-memory'] }),
  row('iron-salt', { name: 'iron or copper salt', traits: ['peroxide-catalyst', 'metal-salt'], solubility: 30, displacement: 0.3, sources: ['sds-memory'] }),

  row('aluminium', { name: 'aluminium', g: 26.982, formula: 'Al', traits: ['amphoteric-metal'], solubility: 0, displacement: 1 / 2.7, sources: ['crc'] }),
  row('zinc', { name: 'zinc', g: 65.38, formula: 'Zn', traits: ['amphoteric-metal'], solubility: 0, displacement: 1 / 7.14, sources: ['crc'] }),

  row('sugar', { name: 'sugar', traits: ['fuel', 'fermentable', 'perishable', 'clogging'], solubility: 200, displacement: 0.62, sources: ['crc-memory'] }),
  row('starch', { name: 'starch', traits: ['fuel', 'perishable', 'clogging', 'absorbent'], solubility: 0, displacement: 0.65, mohs: 1, sources: ['crc-memory'] }),
  row('protein', { name: 'protein', traits: ['perishable', 'clogging'], solubility: 0, displacement: 0.73, sources: ['common-practice'] }),
  row('plant-matter', { name: 'plant matter', traits: ['fuel', 'perishable', 'clogging'], solubility: 0, displacement: 0.9, sources: ['common-practice'] }),
  row('yeast', { name: 'yeast', traits: ['peroxide-catalyst', 'ferment', 'perishable', 'clogging'], solubility: 0, displacement: 0.9, sources: ['common-practice'] }),
  row('fixed-oil', { name: 'vegetable oil', traits: ['fuel', 'fatty-oil', 'turns-rancid'], solubility: 0, displacement: 1.09, sources: ['crc-memory'] }),
  row('drying-oil', { name: 'drying oil', traits: ['fuel', 'fatty-oil', 'drying-oil', 'turns-rancid'], solubility: 0, displacement: 1.075, sources: ['crc-memory', 'sds-memory'] }),
  row('mineral-oil', { name: 'mineral oil', traits: ['fuel', 'fatty-oil'], solubility: 0, displacement: 1 / 0.85, sources: ['sds-memory'] }),
  row('wax', { name: 'wax', traits: ['fuel', 'fatty-oil', 'clogging'], solubility: 0, displacement: 1.04, sources: ['crc-memory'] }),
  row('chalk', { name: 'chalk', g: 100.09, formula: 'CaCO3', traits: ['alkali', 'carbonate', 'abrasive', 'clogging', 'absorbent'], brings: [['carbonic', 1, 0]], spectators: [2], solubility: 0.001, displacement: 0.37, mohs: 3, sources: ['crc'] }),
  row('pumice', { name: 'pumice', traits: ['abrasive', 'clogging'], solubility: 0, displacement: 0.4, mohs: 5.5, sources: ['crc-memory'] }),
  row('clay', { name: 'clay', traits: ['abrasive', 'clogging', 'absorbent'], solubility: 0, displacement: 0.4, mohs: 2, sources: ['crc-memory'] }),
  row('preservative', { name: 'broad-spectrum preservative', traits: ['preservative'], displacement: 0.9, sources: ['label-default'] }),
  row('xanthan-gum', { name: 'xanthan gum', traits: ['perishable', 'clogging'], solubility: 5, displacement: 0.6, sources: ['common-practice'] }),
];

const OIL_TRAITS = { citrus: 'citrus-oil', hot: 'hot-oil', plastic: 'plastic-oil', cats: 'harms-cats', dogs: 'harms-dogs', infants: 'harms-infants' } as const;

const OIL_SUBSTANCES: readonly Substance[] = OILS.map((o) =>
  row(o.id, {
    name: o.name,
    traits: ['essential-oil', 'fuel', ...o.is.map((k) => OIL_TRAITS[k])],
    solubility: 0.05,
    displacement: 1 / o.density,
    flashC: o.flashC,
    skinCeiling: skinCeilingPercent(o),
    strongFrom: 50,
    sources: ['crc-memory', 'sds-memory', 'poison-centre-memory'],
  }),
);

export const SUBSTANCES: readonly Substance[] = [...PLAIN, ...OIL_SUBSTANCES];

const BY_ID = new Map(SUBSTANCES.map((s) => [s.id, s]));

/** The substance of an id. Every id of the type has its row. */
export function substance(id: SubstanceId): Substance {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No row for substance ${id}`);
  return found;
}
