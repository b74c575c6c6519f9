import { Redirect } from 'expo-router';
import type { ReactNode } from 'react';
import { useLog } from '@/data';
import { Body, Screen, Title, ListDetail, useWide } from '@/ui';
import { LogScreen } from './LogScreen';

/** The log beside the entry that is open. */
export const LogPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <ListDetail list={<LogScreen openId={openId} />} listWidth={420}>
    {children}
  </ListDetail>
);

/** The place itself: on a phone the log; on a wide screen, its newest entry is open beside it. */
export function LogHome() {
  const wide = useWide();
  const log = useLog();
  if (!wide) return <LogScreen openId={null} />;
  if (!log.isSuccess) return <Screen>{null}</Screen>;
  const newest = log.data.entries[0];
  if (newest) return <Redirect href={`/log/${newest.id}`} />;
  return (
    <Screen>
      <Title>Nothing written yet</Title>
      <Body>What was used, how long it was on, and how it went open here.</Body>
    </Screen>
  );
}
