import { useRouter } from 'expo-router';
import { counted, ingredientById, type PantryItem } from '@/core';
import { useWriteHome } from '@/data';
import { Action, useNotice } from '@/ui';

/** What is not in the cupboard goes onto the shopping list: it stands there as used up. */
export function PutOnList({ missing, pantry }: { missing: readonly string[]; pantry: readonly PantryItem[] }) {
  const router = useRouter();
  const say = useNotice();
  const write = useWriteHome();
  if (missing.length === 0)
    return <Action title="To the shopping list" weight="main" onPress={() => router.push('/shelf/shopping')} />;
  const put = (): void => {
    const added = missing
      .filter((id) => !pantry.some((p) => p.id === id))
      .map((id): PantryItem => {
        const unit = ingredientById(id)?.form === 'powder' ? 'g' : 'mL';
        return { id, left: { value: 0, unit }, pack: null };
      });
    write.mutate(
      { put: added.map((value) => ({ collection: 'pantry' as const, value })) },
      {
        onSuccess: () => {
          router.push('/shelf/shopping');
          say({
            text: `${counted(missing.length, 'thing', 'things')} put on the list.`,
            undo: () => write.mutate({ remove: added.map(({ id }) => ({ collection: 'pantry' as const, id })) }),
          });
        },
      },
    );
  };
  return (
    <Action
      title={`Put ${counted(missing.length, 'thing', 'things')} on the list`}
      weight="main"
      onPress={put}
      disabled={write.isPending}
      testID="kit-to-list"
    />
  );
}
