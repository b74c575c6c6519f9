import type { Lift } from '../catalogue/soils';
import type { Excess } from '../findings/surfaceHarm';
import type { MixtureState } from '../mixture/state';
import { dryMinutes, rewetEveryMinutes, SPRAY_FILM_ML_PER_M2, type Air } from './drying';

/** How long a mixture stays on. Minutes. */
export interface Dwell {
  readonly usefulMinutes: number;
  readonly bestMinutes: number;
  readonly longestMinutes: number;
  /** What sets the longest: the soil (more adds nothing) or the surface (more does harm). */
  readonly limitedBy: 'soil' | 'surface';
  /** When the surface begins to suffer; null if it never does from this. */
  readonly harmAfterMinutes: number | null;
  /** When the film is dry in this air. */
  readonly dryMinutes: number;
  /** How often to wet it again to reach the best; null if it stays wet. */
  readonly rewetEveryMinutes: number | null;
}

/** Off before harm begins, by this share. */
const MARGIN = 0.8;
/** A paste this thick, mL per m²: 2 mm. */
const PASTE_FILM_ML_PER_M2 = 2000;

const isPaste = (state: MixtureState): boolean => state.wet && state.undissolvedG > 0.3 * state.massG;

/**
 * The dwell of a mixture for a soil on a surface, or null if harm begins before it is of any use.
 * @param excesses what of the surface's limits the mixture passes
 */
export function dwellOf(state: MixtureState, lift: Lift, excesses: readonly Excess[], air: Air): Dwell | null {
  const harmAfterMinutes = excesses.reduce<number | null>(
    (soonest, e) => (soonest === null || e.minutes < soonest ? e.minutes : soonest),
    null,
  );
  const { useful, best, longest } = lift.minutes;
  const most = harmAfterMinutes === null ? Infinity : Math.floor(MARGIN * harmAfterMinutes);
  if (harmAfterMinutes === 0 || most < useful) return null;
  const film = isPaste(state) ? PASTE_FILM_ML_PER_M2 : SPRAY_FILM_ML_PER_M2;
  const bestMinutes = Math.min(best, most);
  return {
    usefulMinutes: useful,
    bestMinutes,
    longestMinutes: Math.min(longest, most),
    limitedBy: most < longest ? 'surface' : 'soil',
    harmAfterMinutes,
    dryMinutes: dryMinutes(film, air, state.alcoholPercentVV),
    rewetEveryMinutes: state.wet ? rewetEveryMinutes(film, air, state.alcoholPercentVV, bestMinutes) : null,
  };
}
