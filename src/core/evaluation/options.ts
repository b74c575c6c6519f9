import type { Surface } from '../catalogue/surfaces';
import type { Scope } from '../findings/finding';

/** The circumstances in which a formula is judged. */
export interface Circumstances {
  readonly scope: Scope;
  readonly surface: Surface | null;
  /** Contact time on the surface, minutes; null if not said. */
  readonly dwellMinutes: number | null;
  /** Drops per mL where an oil has no calibration of its own, 8 to 60. */
  readonly dropsPerML: number;
  /** Room left in the closed vessel, percent of its capacity, 1 to 90. */
  readonly headspacePercent: number;
}
