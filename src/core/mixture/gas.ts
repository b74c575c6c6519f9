/** Molar volume of a gas at 20 °C and 1 atm, L/mol (CRC Handbook). */
export const GAS_L_PER_MOL = 24.06;

/** Gas constant, L·atm/(mol·K), and room temperature, K. */
const R = 0.082057;
const ROOM_K = 293.15;
const BAR_PER_ATM = 1.01325;

/** Henry constants at 20 °C, mol/(L·atm): CO2 0.039, O2 0.0014 (CRC Handbook). */
export const HENRY = { carbonDioxide: 0.039, oxygen: 0.0014 } as const;

/** Volume of a gas in mL at 20 °C and 1 atm. */
export const gasML = (mol: number): number => mol * GAS_L_PER_MOL * 1000;

/**
 * Pressure in bar that a gas adds in a closed bottle: what forms shares itself between headspace and
 * liquid, p = n / (V_headspace/RT + H·V_liquid).
 * @param mol gas that can form
 * @param henry mol/(L·atm)
 * @param headspaceML more than 0
 * @param liquidML zero or more
 */
export function closedGainBar(mol: number, henry: number, headspaceML: number, liquidML: number): number {
  const capacity = headspaceML / 1000 / (R * ROOM_K) + (henry * liquidML) / 1000;
  return capacity > 0 ? (mol / capacity) * BAR_PER_ATM : 0;
}
