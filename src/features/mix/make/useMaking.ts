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
import { newId, useMakeBatches, useSettings } from '@/data';
import { useNotice } from '@/ui';
import type { GuidePart } from '../batch/guidePart';

/** A batch under way, weighed up: anew only when something was poured or taken back. */
export interface Making extends BatchStatus {
  readonly plan: PourPlan;
  /** True for what is never closed, bottled or kept. */
  readonly atOnce: boolean;
  /** Puts it on the shelf. */
  readonly finish: () => void;
  readonly isSaving: boolean;
}

interface Props {
  readonly batch: BatchInProgress;
  readonly clear: () => void;
  /** The job that asked for it; null where none did. */
  readonly guide: GuidePart | null;
}

/** What is planned and what is in the bottle; a string is the reason why nothing can be planned. */
export function useMaking({ batch, clear, guide }: Props): Making | string {
  const router = useRouter();
  const say = useNotice();
  const settings = useSettings();
  const make = useMakeBatches();
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
    const batches = finishedBatches(
      batch,
      plan,
      { planned: planned.value.evaluation, poured: status.evaluation },
      { vessel: kept, roomC: settings.roomC, madeAt: new Date().toISOString() },
      newId,
    );
    make.mutate(
      { batches, newVessel: batch.isNew ? kept : null },
      {
        onSuccess: () => {
          clear();
          say({ text: `${formula.name} is on the shelf.` });
          guide?.made();
          const onShelf = batches.length === 1 ? `/shelf/${batches[0]?.id ?? ''}` : '/shelf';
          router.replace(guide?.back ?? onShelf);
        },
      },
    );
  };
  const atOnce = isUsedAtOnce(status.evaluation.state, formula.use);
  return { ...status, plan, atOnce, finish, isSaving: make.isPending };
}
