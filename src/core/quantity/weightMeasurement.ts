/**
 * The Weight Measurement characteristic (0x2A9D) of the Bluetooth Weight Scale service (0x181D): flags, then
 * a weight of 16 bits, unsigned, little endian, in steps of 0.005 kg (SI) or 0.01 lb (imperial).
 * Source: Bluetooth SIG, Weight Scale Service 1.0.1 and GATT Specification Supplement (from memory).
 */
export interface WeightMeasurement {
  readonly massG: number;
  /** The step of this reading, g: 5 by the profile in kilograms, 4.54 in pounds. */
  readonly stepG: number;
}

export const WEIGHT_SCALE_SERVICE = 0x181d;
export const WEIGHT_MEASUREMENT = 0x2a9d;

const POUND_G = 453.59237;
const SI_STEP_G = 5;
const IMPERIAL_STEP_G = 0.01 * POUND_G;
/** A scale that cannot weigh says this. */
const UNSUCCESSFUL = 0xffff;

/** Reads a Weight Measurement; null if it is cut short, or the scale says that it could not weigh. */
export function readWeightMeasurement(bytes: DataView): WeightMeasurement | null {
  if (bytes.byteLength < 3) return null;
  const imperial = (bytes.getUint8(0) & 1) === 1;
  const raw = bytes.getUint16(1, true);
  if (raw === UNSUCCESSFUL) return null;
  const stepG = imperial ? IMPERIAL_STEP_G : SI_STEP_G;
  return { massG: raw * stepG, stepG };
}
