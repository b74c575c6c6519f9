import type { ReactNode } from 'react';
import { Body, Screen, Title, TwoPanes, useWide } from '@/ui';
import { LogScreen } from './LogScreen';

/** The log beside the entry that is open. */
export const LogPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <TwoPanes list={<LogScreen openId={openId} />} listWidth={420}>
    {children}
  </TwoPanes>
);

/** The place itself: on a phone the log; on a wide screen, what to do first. */
export function LogHome() {
  const wide = useWide();
  if (!wide) return <LogScreen openId={null} />;
  return (
    <Screen>
      <Title>Pick an entry</Title>
      <Body>What was used, how long it was on, and how it went open here.</Body>
    </Screen>
  );
}
