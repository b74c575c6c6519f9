import { useMemo } from 'react';
import {
  contextOf,
  leftByFormula,
  usableBatches,
  stockedIds,
  STARTER_FORMULAS,
  type RoomSize,
  weighSupplies,
  type Candidate,
  type EvaluationContext,
} from '@/core';
import { useBatches, useFormulas, usePantry, useSettings } from '@/data';

export interface InTheHouse {
  /** Everything there is to clean with, weighed up once. */
  readonly candidates: readonly Candidate[];
  readonly context: EvaluationContext;
  /** False if the cupboard is empty: then every ingredient counts as there. */
  readonly knowsCupboard: boolean;
  /** mL of each formula that stand on the shelf, by its id. */
  readonly leftML: ReadonlyMap<string, number>;
  readonly ready: boolean;
}

/** What the shelf and the cupboard have to clean with. @param room where it is used: small and shut, its air is judged stricter */
export function useSupplies(room: RoomSize = 'large'): InTheHouse {
  const settings = useSettings();
  const batches = useBatches();
  const formulas = useFormulas();
  const pantry = usePantry();
  const ready = batches.isSuccess && formulas.isSuccess && pantry.isSuccess;
  const { dropsPerML, counted, lives, hardnessMgPerL, schools } = settings;
  const context = useMemo(
    () => ({ ...contextOf('stored', { dropsPerML, counted, lives, hardnessMgPerL, schools }), room }),
    [dropsPerML, counted, lives, hardnessMgPerL, schools, room],
  );
  return useMemo(() => {
    const now = new Date().toISOString();
    const bottles = usableBatches(batches.data ?? [], now);
    const leftML = leftByFormula(batches.data ?? [], now);
    const made = new Set(bottles.map((b) => b.formula.id));
    const cupboard = pantry.data ?? [];
    const knowsCupboard = stockedIds(cupboard).size > 0;
    const candidates = ready
      ? weighSupplies(
          {
            shelf: bottles.map((b) => b.formula),
            formulas: [...(formulas.data ?? []), ...STARTER_FORMULAS].filter((f) => !made.has(f.id)),
            cupboard: knowsCupboard ? cupboard : null,
          },
          context,
        )
      : [];
    return { candidates, context, knowsCupboard, leftML, ready };
  }, [context, batches.data, formulas.data, pantry.data, ready]);
}
