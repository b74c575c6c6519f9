import { Redirect } from 'expo-router';
import type { ReactNode } from 'react';
import { useBatches } from '@/data';
import { Body, Screen, Title, ListDetail, useWide } from '@/ui';
import { onShelf, ShelfScreen } from './ShelfScreen';

/** The shelf beside the label that is open. */
export const ShelfPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <ListDetail list={<ShelfScreen openId={openId} />} listWidth={400}>
    {children}
  </ListDetail>
);

/** The place itself: on a phone the shelf; on a wide screen, its first label is open beside it. */
export function ShelfHome() {
  const wide = useWide();
  const batches = useBatches();
  if (!wide) return <ShelfScreen openId={null} />;
  if (!batches.isSuccess) return <Screen>{null}</Screen>;
  const first = onShelf(batches.data, new Date().toISOString())[0];
  if (first) return <Redirect href={`/shelf/${first.id}`} />;
  return (
    <Screen>
      <Title>No bottle yet</Title>
      <Body>The whole label of what you make opens here.</Body>
    </Screen>
  );
}
