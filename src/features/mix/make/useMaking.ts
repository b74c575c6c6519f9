import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import {
  batchStatus,
  contextIn,
  evaluateAndPlan,
  finishedBatches,
  isUsedAtOnce,
  toolSet,
  type BatchInProgress,
  type BatchStatus,
  type PourPlan,
} from '@/core';
import { newId, useSettings } from '@/data';
import type { GuidePart } from '../batch/guidePart';
import { useKeepMade } from '../batch/useKeepMade';

/** A batch under way, weighed up: anew only when something was poured or taken back. */
export interface Making extends BatchStatus {
  readonly plan: PourPlan;
  /** True for what is never closed, bottled or kept. */
  readonly atOnce: boolean;
  /** Puts it on the shelf. */
  readonly finish: () => void;
  /** Uses it at once: there is nothing to keep. */
  readonly useUp: () => void;
  readonly isSaving: boolean;
}

interface Props {
  readonly batch: BatchInProgress;
  /** The formula's id under which it was begun. */
  readonly formulaId: string;
  readonly clear: () => void;
  /** The job that asked for it; null where none did. */
  readonly guide: GuidePart | null;
}

/** What is planned and what is in the bottle; a string is the reason why nothing can be planned. */
export function useMaking({ batch, formulaId, clear, guide }: Props): Making | string {
  const router = useRouter();
  const settings = useSettings();
  const { keep, takeNow, isSaving } = useKeepMade();
  const { formula, vessel, aim } = batch;
  const context = useMemo(() => contextIn(vessel, formula.use, settings), [vessel, formula.use, settings]);
  const planned = useMemo(
    () => evaluateAndPlan(formula, vessel, toolSet(settings.tools, settings.cup), context, undefined, aim),
    [formula, vessel, settings, context, aim],
  );
  const status = useMemo(
    () => (planned.ok ? batchStatus(batch, planned.value.plan, planned.value.evaluation, context) : null),
    [batch, planned, context],
  );
  if (!planned.ok || !status) return planned.ok ? '' : (planned.problems[0]?.message ?? '');
  const { plan } = planned.value;
  const finish = (): void => {
    const kept = batch.isNew ? { ...vessel, id: newId() } : vessel;
    const madeAt = new Date().toISOString();
    const evaluations = { planned: planned.value.evaluation, poured: status.evaluation };
    keep(
      {
        vessel: kept,
        isNew: batch.isNew,
        plan,
        poured: batch.poured,
        into: batch.into ?? null,
        dwell: batch.dwell,
        madeAt,
      },
      (vessels) => finishedBatches(batch, plan, evaluations, { vessels, roomC: settings.roomC, madeAt }, newId),
      ({ batches }) => {
        clear();
        guide?.made();
        const onShelf = batches.length === 1 ? `/shelf/${batches[0]?.id ?? ''}` : '/shelf';
        router.replace(guide?.back ?? onShelf);
      },
    );
  };
  const useUp = (): void =>
    takeNow(formula.name, plan, batch.poured, () => {
      clear();
      guide?.made();
      router.replace(guide?.back ?? `/mix/${formulaId}`);
    });
  const atOnce = isUsedAtOnce(status.evaluation.state, formula.use);
  return { ...status, plan, atOnce, finish, useUp, isSaving };
}
