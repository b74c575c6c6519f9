import { useMemo } from 'react';
import {
  DEFAULT_CONTEXT,
  evaluateAndPlan,
  NO_TEXT,
  toolSet,
  vesselFacts,
  type EvaluationContext,
  type Evaluation,
  type Formula,
  type Result,
  type PourPlan,
  type Settings,
  type Soil,
  type Surface,
  type Vessel,
} from '@/core';
import { useSettings } from '@/data';

export interface BenchResult {
  readonly outcome: Result<{ readonly evaluation: Evaluation; readonly plan: PourPlan }>;
  readonly context: EvaluationContext;
}

/** Headspace to leave: room to shake in a bottle, room to stir in an open tub. */
export const headspacePercent = (vessel: Vessel): number => (vessel.shape === 'tub' ? 25 : 10);

/** mL in a vessel that is as full as it should be. */
export const fillOf = (vessel: Vessel): number => vessel.capacityML * (1 - headspacePercent(vessel) / 100);

/** A home's circumstances for a formula of this use, before a bottle and a place are chosen. */
export const contextOf = (use: Formula['use'], settings: Settings): EvaluationContext => ({
  ...DEFAULT_CONTEXT,
  scope: use,
  dropsPerML: settings.dropsPerML,
  household: settings.lives,
  hardnessMgPerL: settings.hardnessMgPerL,
  preferences: settings.schools,
});

/** Where a mixture is to be used; nothing of it need be known. */
export interface UsePlace {
  readonly surface: Surface | null;
  readonly soil: Soil | null;
  readonly dwellMinutes: number | null;
}

/**
 * Weighs up a formula in a bottle with the person's tools, in their home; worked out anew only when one of
 * these changes.
 * @param aim how much to make; null for the bottle full
 */
export function useBench(
  formula: Formula,
  vessel: Vessel,
  { surface, soil, dwellMinutes }: UsePlace,
  aim: { readonly batchML: number; readonly bottles: number } | null = null,
): BenchResult {
  const settings = useSettings();
  const context = useMemo(
    (): EvaluationContext => ({
      ...contextOf(formula.use, settings),
      surface,
      soil,
      dwellMinutes,
      headspacePercent: headspacePercent(vessel),
      vessel: vesselFacts(vessel),
    }),
    [formula, vessel, surface, soil, dwellMinutes, settings],
  );
  const outcome = useMemo(
    () => evaluateAndPlan(formula, vessel, toolSet(settings.tools, settings.cup), context, NO_TEXT, aim),
    [formula, context, vessel, settings, aim],
  );
  return { outcome, context };
}
