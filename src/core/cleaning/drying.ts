/** The air of a room. */
export interface Air {
  /** °C, −5 to 45. */
  readonly roomC: number;
  /** Relative humidity, percent. */
  readonly humidityPercent: number;
}

/** Saturation pressure of water vapour, kPa, by the Magnus formula (WMO coefficients), −45 to 60 °C. */
export const saturationKPa = (temperatureC: number): number =>
  0.6112 * Math.exp((17.62 * temperatureC) / (243.12 + temperatureC));

/** Heat of evaporation of water at room temperature, kJ/kg (CRC Handbook). */
const EVAPORATION_KJ_PER_KG = 2450;
/** ASHRAE, evaporation from a still wet surface: 0.089 W/(m²·Pa) in still air (from memory). */
const STILL_AIR_W_PER_M2_PA = 0.089;
/** However damp the air, a film in a room that is used dries at this share of the rate of dry air. */
const MIN_DEFICIT = 0.05;

/**
 * How fast water leaves a wet film in still indoor air, kg per m² and hour: about 0.05 to 0.2.
 * Source: ASHRAE Handbook (from memory); Magnus formula.
 */
export function evaporationKgPerM2H({ roomC, humidityPercent }: Air): number {
  const deficit = Math.max(MIN_DEFICIT, 1 - humidityPercent / 100);
  const wattsPerM2 = STILL_AIR_W_PER_M2_PA * saturationKPa(roomC) * 1000 * deficit;
  return (wattsPerM2 * 3600) / (EVAPORATION_KJ_PER_KG * 1000);
}

/** Pure alcohol leaves about five times as fast as water (common practice, no source). */
const ALCOHOL_TIMES = 5;

/**
 * Minutes until a film is dry.
 * @param filmMLPerM2 more than 0; a spray leaves 30 to 80, a millimetre of paste 1000
 * @param alcoholPercentVV 0 to 100
 */
export function dryMinutes(filmMLPerM2: number, air: Air, alcoholPercentVV = 0): number {
  const times = 1 + ((ALCOHOL_TIMES - 1) * alcoholPercentVV) / 100;
  return (60 * (filmMLPerM2 / 1000)) / (evaporationKgPerM2H(air) * times);
}

/** Re-wet when this share of the drying time is over: a film works only while it is wet. */
const REWET_AT = 0.75;

/** Minutes after which to re-wet a film; null if it stays wet for as long as it is needed. */
export function rewetEveryMinutes(
  filmMLPerM2: number,
  air: Air,
  alcoholPercentVV: number,
  dwellMinutes: number,
): number | null {
  const every = REWET_AT * dryMinutes(filmMLPerM2, air, alcoholPercentVV);
  return every < dwellMinutes ? Math.max(1, Math.floor(every)) : null;
}
