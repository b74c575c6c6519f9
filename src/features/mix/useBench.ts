import { useMemo } from 'react';
import {
  evaluateAndPlan,
  NOTHING_BESIDE,
  toolSet,
  vesselFacts,
  type Beside,
  type Circumstances,
  type Evaluation,
  type Formula,
  type Outcome,
  type PourPlan,
  type Settings,
  type Soil,
  type Surface,
  type Vessel,
} from '@/core';
import { useSettings } from '@/data';

export interface OnBench {
  readonly outcome: Outcome<{ readonly evaluation: Evaluation; readonly plan: PourPlan }> | null;
  readonly at: Circumstances | null;
  readonly settings: Settings;
}

/** Headspace to leave: room to shake in a bottle, room to stir in an open tub. */
export const headspacePercent = (vessel: Vessel): number => (vessel.shape === 'tub' ? 25 : 10);

/** Where a mixture is to be used; nothing of it need be known. */
export interface Place {
  readonly surface: Surface | null;
  readonly soil: Soil | null;
  readonly dwellMinutes: number | null;
}

export const NO_PLACE: Place = { surface: null, soil: null, dwellMinutes: null };

/**
 * Weighs up a formula in a bottle with the person's tools, in their home; worked out anew only when one of
 * these changes.
 * @param chosen false while the bottle only stands in for one that is yet to be chosen
 */
export function useBench(
  formula: Formula | null,
  vessel: Vessel,
  { surface, soil, dwellMinutes }: Place = NO_PLACE,
  beside: Beside = NOTHING_BESIDE,
  chosen = true,
): OnBench {
  const settings = useSettings();
  const at = useMemo(
    (): Circumstances | null =>
      formula && {
        scope: formula.use,
        surface,
        soil,
        dwellMinutes,
        dropsPerML: settings.dropsPerML,
        headspacePercent: headspacePercent(vessel),
        vessel: chosen ? vesselFacts(vessel) : null,
        lives: settings.lives,
        hardnessMgPerL: settings.hardnessMgPerL,
        schools: settings.schools,
      },
    [formula, vessel, surface, soil, dwellMinutes, settings, chosen],
  );
  const outcome = useMemo(
    () => (formula && at ? evaluateAndPlan(formula, vessel, toolSet(settings.tools, settings.cup), at, beside) : null),
    [formula, at, vessel, settings, beside],
  );
  return { outcome, at, settings };
}
