import { leftML, runOut, withLevel, type Batch } from '@/core';
import { useBatches, useChangeBatch } from '@/data';
import { useNotice } from '@/ui';

/** Puts a bottle at the level that was seen, with a way back; the last of it is said. */
export function useLevel() {
  const say = useNotice();
  const { mutate } = useChangeBatch();
  const batches = useBatches().data ?? [];
  return (batch: Batch, share: number): void => {
    const { id, state, endedAt } = batch;
    const before: Partial<Batch> = share === 0 ? { state, endedAt } : { leftML: leftML(batch) };
    const fields: Partial<Batch> =
      share === 0
        ? { state: 'emptied', endedAt: new Date().toISOString() }
        : { leftML: leftML(withLevel(batch, share)) };
    const after = batches.map((b) => (b.id === id ? { ...b, ...fields } : b));
    mutate(
      { id, fields },
      {
        onSuccess: () => {
          const { name } = batch.label;
          const isLast = runOut(after, new Date().toISOString()).some((b) => b.id === id);
          const last = isLast ? ' It is the last of it: made again from the top of the shelf.' : '';
          say({
            text: share === 0 ? `${name} is marked empty.${last}` : `${name}: the level is noted.${last}`,
            undo: () => mutate({ id, fields: before }),
          });
        },
      },
    );
  };
}
