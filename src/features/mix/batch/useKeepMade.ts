import { useRouter } from 'expo-router';
import { madeAtOnce, makeBatches, takenText, type Batch, type Made, type PourPlan, type Vessel } from '@/core';
import { newId, useBatches, useMakeBatches, usePantry, useSettings, useUndoMaking, useVessels } from '@/data';
import { useNotice } from '@/ui';

type ToMake = Parameters<typeof makeBatches>[0];

/** Puts what was made on the shelf, takes from the cupboard what went in, and says so with a way back. */
export function useKeepMade() {
  const router = useRouter();
  const say = useNotice();
  const settings = useSettings();
  const own = useVessels().data;
  const batches = useBatches().data;
  const pantry = usePantry().data;
  const make = useMakeBatches();
  const undo = useUndoMaking();
  const keep = (
    what: ToMake,
    batchesIn: (vessels: readonly Vessel[]) => Batch[],
    after: (made: Made) => void,
  ): void => {
    // Until all of it has been read nobody knows what stands in a bottle.
    if (!own || !batches || !pantry) return;
    const made = makeBatches(what, { own, batches, pantry, home: settings }, batchesIn, newId);
    if (!made.ok) {
      say({ text: made.problems[0]?.message ?? '' });
      return;
    }
    make.mutate({
      made: made.value,
      after: () => {
        const name = made.value.batches[0]?.label.name ?? '';
        const taken = takenText(made.value.taken, pantry);
        after(made.value);
        say({
          text: `${name} is on the shelf.${taken === '' ? '' : ` From the cupboard: ${taken}.`}`,
          undo: () =>
            undo.mutate({
              made: made.value,
              after: () => {
                router.replace('/shelf');
                say({ text: 'It is off the shelf again, and what went in is back in the cupboard.' });
              },
            }),
        });
      },
    });
  };
  /** What is used at once does not go on the shelf: only the cupboard goes down. */
  const takeNow = (name: string, plan: PourPlan, poured: Readonly<Record<string, number>>, after: () => void): void => {
    if (!pantry) return;
    const made = madeAtOnce(plan, poured, pantry);
    const text = `${name}: use it now, and pour the rest away.`;
    if (made.taken.length === 0) {
      after();
      say({ text });
      return;
    }
    make.mutate({
      made,
      after: () => {
        after();
        say({
          text: `${text} From the cupboard: ${takenText(made.taken, pantry)}.`,
          undo: () => undo.mutate({ made, after: () => say({ text: 'It is back in the cupboard.' }) }),
        });
      },
    });
  };
  return { keep, takeNow, isSaving: make.isPending };
}
