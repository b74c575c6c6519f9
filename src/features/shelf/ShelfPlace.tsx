import type { ReactNode } from 'react';
import { Body, Screen, Title, TwoPanes, useWide } from '@/ui';
import { ShelfScreen } from './ShelfScreen';

/** The shelf beside the label that is open. */
export const ShelfPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <TwoPanes list={<ShelfScreen openId={openId} />} listWidth={400}>
    {children}
  </TwoPanes>
);

/** The place itself: on a phone the shelf; on a wide screen, what to do first. */
export function ShelfHome() {
  const wide = useWide();
  if (!wide) return <ShelfScreen openId={null} />;
  return (
    <Screen>
      <Title>Pick a bottle</Title>
      <Body>Its whole label opens here.</Body>
    </Screen>
  );
}
