/**
 * The sources that catalogue entries and rules cite, by key. "Memory" marks a value written down from
 * memory of the named source; its tolerance is wider for it.
 */
export const SOURCES = {
  crc: 'CRC Handbook of Chemistry and Physics',
  'crc-memory': 'CRC Handbook of Chemistry and Physics (from memory)',
  'oiml-r22':
    'OIML R 22, International Alcoholometric Tables, density of ethanol and water (coefficients from memory, checked against handbook values)',
  nist: 'NIST standard reference materials, pH of standard buffers',
  davies: 'Davies equation for activity coefficients, A = 0.509 at 25 °C',
  'poison-centre-memory': 'Poison-centre lists of essential oils harmful to cats and dogs (from memory)',
  'cdc-2008-memory':
    'US CDC, Guideline for Disinfection and Sterilization, 2008: alcohol acts at 60 to 90 % (from memory)',
  'usgs-hardness': 'USGS classes of water hardness: soft to 60, moderate to 120, hard to 180 mg/L',
  'eu-clp-memory':
    'EU CLP classifications: borates toxic for reproduction 1B, strengths from which acids and alkalis burn (from memory)',
  'epa-mould-memory': 'US EPA, mould clean-up: over about 10 square feet is for a professional (from memory)',
  'ashrae-memory': 'ASHRAE Handbook, evaporation from a still wet surface (from memory)',
  'mohs-crc': 'Mohs hardness of minerals and metals, CRC Handbook',
  'usda-memory': 'USDA FoodData Central, household weights (from memory)',
  'nist-hb44': 'NIST Handbook 44, Appendix C',
  'common-practice': 'Common practice, no source',
  'label-default': 'Strength as usually sold; the label on the bottle overrides it',
  'noaa-memory': 'NOAA chemical reactivity worksheet, reactive groups (from memory)',
  'sds-memory': 'Safety data sheets, section 10, incompatible materials (from memory)',
  'public-health-never-mix': 'Public-health and poison-centre lists of what never to mix (from memory)',
  'acgih-memory': 'ACGIH 2014, short-term limit for peracetic acid 0.4 ppm (from memory)',
  ghs: 'GHS, chapter 2.6, flammable liquids',
  'flash-table-memory': 'Handbook tables of closed-cup flash points of alcohol and water (from memory)',
  stoichiometry: 'Stoichiometry with CRC molar masses; molar volume of a gas 24.06 L at 20 °C and 1 atm',
  'henry-crc': 'Henry constant of carbon dioxide, CRC Handbook',
  geology: 'Calcite dissolves in acid: CaCO3 + 2 H+ = Ca2+ + H2O + CO2 (CRC Handbook, solubility of minerals)',
} as const;

export type SourceKey = keyof typeof SOURCES;
