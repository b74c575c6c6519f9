import { useMemo } from 'react';
import {
  evaluateAndPlan,
  toolSet,
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
  unread: readonly string[] = [],
): OnBench {
  const settings = useSettings();
  const outcome = useMemo(() => {
    if (!formula) return null;
    const at: Circumstances = {
      scope: formula.use,
      surface,
      dwellMinutes,
      dropsPerML: settings.dropsPerML,
      headspacePercent: headspacePercent(vessel),
    };
    return evaluateAndPlan(formula, vessel, toolSet(settings.tools, settings.cup), at, unread);
  }, [formula, vessel, surface, dwellMinutes, settings, unread]);
  return { outcome, settings };
}
