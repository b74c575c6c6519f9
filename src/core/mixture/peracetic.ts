/** K = [PAA][H2O] / ([HOAc][H2O2]) at 25 °C: 1.8 to 2.5 in the literature, 2 taken (from memory). */
const PERACETIC_K = 2;

const PERACETIC_G_PER_MOL = 76.05;

/**
 * The most peracetic acid that acetic acid and peroxide can come to, in ppm (mg per litre): the
 * equilibrium, which without a catalyst is reached only over days.
 * @param aceticMolPerL free acetic acid
 * @param waterMolPerL water, about 55 in dilute mixtures
 */
export function peraceticMaxPPM(aceticMolPerL: number, peroxideMolPerL: number, waterMolPerL: number): number {
  if (aceticMolPerL <= 0 || peroxideMolPerL <= 0) return 0;
  // K(a − x)(h − x) = x(w + x)  →  (K − 1)x² − (K(a + h) + w)x + K·a·h = 0
  const a = PERACETIC_K - 1;
  const b = -(PERACETIC_K * (aceticMolPerL + peroxideMolPerL) + waterMolPerL);
  const c = PERACETIC_K * aceticMolPerL * peroxideMolPerL;
  const x = (2 * c) / (-b + Math.sqrt(b * b - 4 * a * c));
  return x * PERACETIC_G_PER_MOL * 1000;
}
