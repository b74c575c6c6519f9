import type { ReactNode } from 'react';
import { Body, Screen, Title, TwoPanes, useWide } from '@/ui';
import { RoomsScreen } from './RoomsScreen';

/** The rooms beside the surface that is open. */
export const RoomsPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <TwoPanes list={<RoomsScreen openId={openId} />} listWidth={420}>
    {children}
  </TwoPanes>
);

/** The place itself: on a phone the rooms; on a wide screen, what to do first. */
export function RoomsHome() {
  const wide = useWide();
  if (!wide) return <RoomsScreen openId={null} />;
  return (
    <Screen>
      <Title>Pick a surface</Title>
      <Body>What it is made of, what was last used on it, and how often it wants doing open here.</Body>
    </Screen>
  );
}
