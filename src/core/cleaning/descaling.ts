/** Density of limescale, g/mL (calcite 2.71, CRC Handbook). */
const SCALE_G_PER_ML = 2.7;
const CALCITE_G_PER_MOL = 100.09;
/** Two protons dissolve one calcite. */
const PROTONS_PER_CALCITE = 2;
/** In practice an acid is slow once half of it is used (common practice, no source). */
const USED_IN_PRACTICE = 0.5;

/** A descaling job. */
export interface Descaling {
  readonly scaleG: number;
  /** Scale that one litre could take up at the most, g. */
  readonly capacityGPerL: number;
  /** Litres needed, counting half of the acid as used. */
  readonly litres: number;
  /** How often it is filled afresh at the given volume. */
  readonly fillings: number;
}

/** Scale in grams of an area and a thickness. */
export const scaleMassG = (areaCM2: number, thicknessMM: number): number =>
  areaCM2 * (thicknessMM / 10) * SCALE_G_PER_ML;

/**
 * How much acid a layer of scale wants, and how often to renew it.
 * CaCO3 + 2 H+ → Ca2+ + H2O + CO2: a litre of 5 % vinegar (0.833 mol) takes up 41.7 g at the most.
 *
 * @param acidMolPerL protons the acid can give, mol/L: acetic one a molecule, citric three
 * @param atATimeL what goes in at once, litres, more than 0
 */
export function descaling(areaCM2: number, thicknessMM: number, acidMolPerL: number, atATimeL: number): Descaling {
  const scaleG = scaleMassG(areaCM2, thicknessMM);
  const capacityGPerL = (acidMolPerL / PROTONS_PER_CALCITE) * CALCITE_G_PER_MOL;
  const litres = capacityGPerL > 0 ? scaleG / (USED_IN_PRACTICE * capacityGPerL) : Infinity;
  return { scaleG, capacityGPerL, litres, fillings: Math.max(1, Math.ceil(litres / atATimeL)) };
}
