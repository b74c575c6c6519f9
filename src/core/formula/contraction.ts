/**
 * How much alcohol and water shrink on mixing, from tabulated densities at 20 °C.
 *
 * Ethanol: OIML R 22, density by mass fraction at 20 °C (coefficients from memory; within 0.0001 g/mL of
 * the handbook's table, see the test). Isopropanol: CRC Handbook, 20 °C (from memory, to 0.001 g/mL).
 * Range: all strengths, 20 °C. Salts and soap in the water are not counted.
 */
const ETHANOL_R22 = [
  998.20123, -192.9769495, 389.1238958, -1668.103923, 13522.15441, -88292.78388, 306287.4042, -613838.1234, 747017.2998,
  -547846.1354, 223446.0334, -39032.85426,
];

/** Density in g/mL of isopropanol in water by percent mass, every 5 %. */
const ISOPROPANOL = [
  0.9982, 0.9893, 0.982, 0.9758, 0.9692, 0.9611, 0.952, 0.9415, 0.9302, 0.9189, 0.9073, 0.8953, 0.8829, 0.8714, 0.8587,
  0.8467, 0.8343, 0.8221, 0.8094, 0.7965, 0.7855,
];

const WATER = 0.9982;

/** Density in g/mL at 20 °C of ethanol in water. @param massFraction 0 to 1 */
export function ethanolWaterDensity(massFraction: number): number {
  let sum = 0;
  for (let i = ETHANOL_R22.length - 1; i >= 0; i--) sum = sum * massFraction + (ETHANOL_R22[i] ?? 0);
  return sum / 1000;
}

/** Density in g/mL at 20 °C of isopropanol in water. @param massFraction 0 to 1 */
export function isopropanolWaterDensity(massFraction: number): number {
  const at = Math.min(19.999999, Math.max(0, massFraction * 20));
  const i = Math.floor(at);
  const below = ISOPROPANOL[i] ?? WATER;
  return below + (at - i) * ((ISOPROPANOL[i + 1] ?? below) - below);
}

/** mL by which water and one alcohol are less than the sum of both, zero or more. */
function shrinkML(waterG: number, alcoholG: number, density: (massFraction: number) => number): number {
  if (waterG <= 0 || alcoholG <= 0) return 0;
  const massG = waterG + alcoholG;
  const apartML = waterG / density(0) + alcoholG / density(1);
  return Math.max(0, apartML - massG / density(alcoholG / massG));
}

/**
 * mL that are lost when water and alcohols become one liquid, zero or more. Two alcohols share the
 * water by their masses.
 */
export function contractionML(waterG: number, ethanolG: number, isopropanolG: number): number {
  const alcoholG = ethanolG + isopropanolG;
  if (waterG <= 0 || alcoholG <= 0) return 0;
  return (
    shrinkML((waterG * ethanolG) / alcoholG, ethanolG, ethanolWaterDensity) +
    shrinkML((waterG * isopropanolG) / alcoholG, isopropanolG, isopropanolWaterDensity)
  );
}
