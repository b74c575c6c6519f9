import { useRouter } from 'expo-router';
import {
  batchesOf,
  isStarter,
  vesselFacts,
  type BatchInProgress,
  type Evaluation,
  type Formula,
  type IntoUse,
  type PourPlan,
  type Remedy,
  type Vessel,
  type VesselFacts,
} from '@/core';
import type { BatchTarget } from '@/core/doors/bench';
import { newId, useRemoveFormula, useSaveFormulas, useSettings, useWriteHome, type Draft } from '@/data';
import { useNotice } from '@/ui';
import type { GuidePart } from '../batch/guidePart';
import { useKeepMade } from '../batch/useKeepMade';
import type { BenchDraft } from './benchDraft';

/** What stands on the bench, weighed up and fit to be made. */
export interface ReadyBatch {
  readonly evaluation: Evaluation;
  readonly plan: PourPlan;
  readonly vessel: Vessel;
  /** True for a bottle that is typed and not among the person's own yet. */
  readonly isNew: boolean;
}

interface Bench {
  /** The formula as it is kept. */
  readonly kept: Formula;
  /** The formula to be made: of another use, or a concentrate. */
  readonly target: BatchTarget;
  /** Null where nothing may be made. */
  readonly ready: ReadyBatch | null;
  /** What becomes of what stands in the bottle; null where it is empty, or nobody has said. */
  readonly into: IntoUse | null;
  readonly dwell: string | null;
  readonly own: readonly Vessel[];
  readonly batch: Draft<BatchInProgress | null>;
  readonly change: (part: Partial<BenchDraft>) => void;
  /** The job that asked for it; null where none did. */
  readonly guide: GuidePart | null;
}

/** What can be done with the formula on the bench: made, mixed, mended, doubled, removed. */
export function useBenchActions({ kept, target, ready, into, dwell, own, batch, change, guide }: Bench) {
  const router = useRouter();
  const say = useNotice();
  const settings = useSettings();
  const { keep, isSaving } = useKeepMade();
  const save = useSaveFormulas({ kept: 'Nothing was changed.' });
  const remove = useRemoveFormula();
  const write = useWriteHome({ kept: 'Nothing was changed.' });
  const { formula } = target;

  const makeIt = (): void => {
    if (!ready) return;
    const vessel = ready.isNew ? { ...ready.vessel, id: newId() } : ready.vessel;
    const madeAt = new Date().toISOString();
    keep(
      { vessel, isNew: ready.isNew, plan: ready.plan, poured: {}, into, dwell, madeAt },
      (vessels) =>
        batchesOf(
          {
            formula,
            evaluation: ready.evaluation,
            vessels,
            volumeML: ready.plan.fillML,
            roomC: settings.roomC,
            dwell,
            madeAt,
          },
          newId,
        ),
      ({ batches }) => {
        if (ready.isNew) change({ bottle: { kind: 'own', id: vessel.id } });
        if (guide) {
          guide.made();
          router.replace(guide.back);
          return;
        }
        router.push(batches.length === 1 ? `/shelf/${batches[0]?.id ?? ''}` : '/shelf');
      },
    );
  };

  const mixIt = (): void => {
    if (!ready) return;
    if (!batch.value) {
      batch.set({
        formula,
        vessel: ready.vessel,
        isNew: ready.isNew,
        aim: target.pourTarget,
        inBottle: target.inBottle,
        dwell,
        labelled: false,
        poured: {},
        done: [],
        accepted: [],
        ...(into ? { into } : {}),
      });
    }
    router.push(`/mix/make?formula=${kept.id}${guide?.query ?? ''}`);
  };

  const apply = (remedy: Remedy): void => {
    if (remedy.vessel) {
      const fits = own.find((v) =>
        Object.entries(remedy.vessel ?? {}).every(([key, value]) => vesselFacts(v)[key as keyof VesselFacts] === value),
      );
      if (fits) change({ bottle: { kind: 'own', id: fits.id } });
      say({
        text: fits ? `${fits.name} is taken instead.` : 'You have no such bottle yet: add it under Another bottle.',
      });
      return;
    }
    const changed = { ...remedy.formula, id: isStarter(kept) ? newId() : kept.id };
    const second = remedy.second ? [{ ...remedy.second, id: newId() }] : [];
    save.mutate([changed, ...second], {
      onSuccess: () => {
        change({ use: null });
        if (isStarter(kept)) router.replace(`/mix/${changed.id}`);
        say(
          isStarter(kept) || second.length > 0
            ? {
                text: second[0]
                  ? `Two bottles: ${changed.name}, and ${second[0].name}.`
                  : `A copy was changed: ${changed.name}.`,
              }
            : { text: `Done: ${remedy.title}.`, undo: () => save.mutate([kept]) },
        );
      },
    });
  };

  const duplicate = (): void => {
    const copy = { ...kept, id: newId(), name: `${kept.name.slice(0, 72)} (copy)` };
    save.mutate([copy], {
      onSuccess: () => {
        say({ text: `${copy.name} is among yours.` });
        router.push(`/mix/${copy.id}`);
      },
    });
  };

  const removeIt = (): void =>
    remove.mutate(kept, {
      onSuccess: (back) => {
        say({ text: `${kept.name} was removed.`, undo: () => write.mutate(back) });
        router.replace('/mix');
      },
    });

  return { makeIt, mixIt, apply, duplicate, removeIt, isSaving };
}
