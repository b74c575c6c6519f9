import type { Droppers } from '../quantity/drops';
import type { Formula } from './formula';
import { resolveAmounts, type Portion } from './resolveAmounts';

/** So much of a mixture: mL of the whole, or g of what is weighed. */
export interface MixtureAmount {
  /** Null for what is weighed. */
  readonly volumeML: number | null;
  /** Null for what is poured. */
  readonly massG: number | null;
}

/**
 * What goes into so much of a formula; nothing where its amounts cannot be brought together.
 * @param amount 0 or more of the whole
 */
export function scaledPortions(formula: Formula, { volumeML, massG }: MixtureAmount, droppers: Droppers): Portion[] {
  const resolved = resolveAmounts(formula, droppers);
  if (!resolved.ok) return [];
  const { portions, batchML } = resolved.value;
  const whole = volumeML === null ? portions.reduce((sum, p) => sum + p.massG, 0) : batchML;
  if (whole <= 0) return [];
  const times = (volumeML ?? massG ?? 0) / whole;
  return portions.map((p) => ({ ...p, volumeML: p.volumeML * times, massG: p.massG * times }));
}
