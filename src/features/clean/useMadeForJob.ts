import { droppersOf, madeForJob, takenText, type JobPart } from '@/core';
import { useMakeBatches, usePantry, useSettings, useUndoMaking } from '@/data';
import { useNotice } from '@/ui';

/** Takes from the cupboard what was mixed for a part of a job by its list, and says so with a way back. */
export function useMadeForJob() {
  const say = useNotice();
  const settings = useSettings();
  const pantry = usePantry().data;
  const { mutate } = useMakeBatches();
  const { mutate: undo } = useUndoMaking();
  return ({ formula, amount }: JobPart): void => {
    if (!formula || !amount || !pantry) return;
    const made = madeForJob(formula, amount, pantry, droppersOf(settings));
    if (made.taken.length === 0) return;
    mutate({
      made,
      after: () =>
        say({
          text: `From the cupboard: ${takenText(made.taken, pantry)}.`,
          undo: () => undo({ made, after: () => say({ text: 'It is back in the cupboard.' }) }),
        }),
    });
  };
}
