import type { DwellMinutes } from '../catalogue/soils';
import type { ExceededLimit } from '../findings/surfaceLimits';
import type { MixtureState } from '../mixture/state';
import { filmMLPerM2, type Application } from './application';
import { dryMinutes, rewetEveryMinutes, type Air } from './drying';

/** How long a mixture stays on. Minutes. */
export interface Dwell {
  readonly usefulMinutes: number;
  readonly bestMinutes: number;
  readonly longestMinutes: number;
  /** What sets the longest: the soil (more adds nothing) or the surface (more does harm). */
  readonly limitedBy: 'soil' | 'surface';
  /** When the surface begins to suffer; null if it never does from this. */
  readonly harmAfterMinutes: number | null;
  /** When the film is dry in this air; null for a soak and a dry powder. */
  readonly dryMinutes: number | null;
  /** How often to wet it again to reach the best; null if it stays wet. */
  readonly rewetEveryMinutes: number | null;
}

/** Off before harm begins, by this share. */
export const MARGIN = 0.8;
/**
 * The dwell of a mixture on a surface, of the minutes that its method wants, or null if harm begins before it is of any use.
 * @param exceeded what of the surface's limits the mixture passes
 */
export function dwellOf(
  state: MixtureState,
  application: Application,
  { useful, best, longest }: DwellMinutes,
  exceeded: readonly ExceededLimit[],
  air: Air,
): Dwell | null {
  const harmAfterMinutes = exceeded.reduce<number | null>(
    (soonest, e) => (soonest === null || e.minutes < soonest ? e.minutes : soonest),
    null,
  );
  // A grain more, so that fifteen minutes to the letter are not fourteen.
  const most = harmAfterMinutes === null ? Infinity : Math.floor(MARGIN * harmAfterMinutes + 1e-6);
  if (harmAfterMinutes === 0 || most < useful) return null;
  const film = filmMLPerM2(application);
  const bestMinutes = Math.min(best, most);
  return {
    usefulMinutes: useful,
    bestMinutes,
    longestMinutes: Math.min(longest, most),
    limitedBy: most < longest ? 'surface' : 'soil',
    harmAfterMinutes,
    dryMinutes: film === null ? null : dryMinutes(film, air, state.alcoholPercentVV),
    rewetEveryMinutes: film === null ? null : rewetEveryMinutes(film, air, state.alcoholPercentVV, bestMinutes),
  };
}
