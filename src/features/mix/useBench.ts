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
  type Surface,
  type Vessel,
} from '@/core';
import { useSettings } from '@/data';

export interface OnBench {
  readonly outcome: Outcome<{ readonly evaluation: Evaluation; readonly plan: PourPlan }> | null;
  readonly settings: Settings;
}

/** Headspace to leave: room to shake in a bottle, room to stir in an open tub. */
export const headspacePercent = (vessel: Vessel): number => (vessel.shape === 'tub' ? 25 : 10);

/** Weighs up a formula in a bottle with the person's tools; worked out anew only when one of them changes. */
export function useBench(
  formula: Formula | null,
  vessel: Vessel,
  surface: Surface | null,
  dwellMinutes: number | null,
  beside: Beside = NOTHING_BESIDE,
): OnBench {
  const settings = useSettings();
  const outcome = useMemo(() => {
    if (!formula) return null;
    const at: Circumstances = {
      scope: formula.use,
      surface,
      soil: null,
      dwellMinutes,
      dropsPerML: settings.dropsPerML,
      headspacePercent: headspacePercent(vessel),
      vessel: vesselFacts(vessel),
      lives: settings.lives,
      hardnessMgPerL: settings.hardnessMgPerL,
      schools: settings.schools,
    };
    return evaluateAndPlan(formula, vessel, toolSet(settings.tools, settings.cup), at, beside);
  }, [formula, vessel, surface, dwellMinutes, settings, beside]);
  return { outcome, settings };
}
