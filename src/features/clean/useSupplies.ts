import { useMemo } from 'react';
import {
  isExpired,
  STARTER_FORMULAS,
  DEFAULT_CONTEXT,
  type RoomSize,
  weighSupplies,
  type Batch,
  type Candidate,
  type EvaluationContext,
} from '@/core';
import { useBatches, useFormulas, usePantry, useSettings } from '@/data';

export interface InTheHouse {
  /** Everything there is to clean with, weighed up once. */
  readonly candidates: readonly Candidate[];
  readonly at: EvaluationContext;
  /** False if the cupboard is empty: then every ingredient counts as there. */
  readonly knowsCupboard: boolean;
  readonly ready: boolean;
}

/** The newest bottle of each formula that is still good. */
function goodBottles(batches: readonly Batch[], nowISO: string): Batch[] {
  const good = batches
    .filter((b) => b.state === 'kept' && !isExpired(b, nowISO))
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt));
  return good.filter((b, i) => good.findIndex((o) => o.formula.id === b.formula.id) === i);
}

/** What the shelf and the cupboard have to clean with. @param room where it is used: small and shut, its air is judged stricter */
export function useSupplies(room: RoomSize = 'large'): InTheHouse {
  const settings = useSettings();
  const batches = useBatches();
  const formulas = useFormulas();
  const pantry = usePantry();
  const ready = batches.isSuccess && formulas.isSuccess && pantry.isSuccess;
  return useMemo(() => {
    const context: EvaluationContext = {
      ...DEFAULT_CONTEXT,
      dropsPerML: settings.dropsPerML,
      household: settings.lives,
      hardnessMgPerL: settings.hardnessMgPerL,
      preferences: settings.schools,
      room,
    };
    const bottles = goodBottles(batches.data ?? [], new Date().toISOString());
    const made = new Set(bottles.map((b) => b.formula.id));
    const cupboard = (pantry.data ?? []).filter((i) => i.left === null || i.left.value > 0).map((i) => i.id);
    const candidates = ready
      ? weighSupplies(
          {
            shelf: bottles.map((b) => b.formula),
            formulas: [...(formulas.data ?? []), ...STARTER_FORMULAS].filter((f) => !made.has(f.id)),
            cupboard: cupboard.length > 0 ? cupboard : null,
          },
          context,
        )
      : [];
    return { candidates, at: context, knowsCupboard: cupboard.length > 0, ready };
  }, [settings, batches.data, formulas.data, pantry.data, ready, room]);
}
