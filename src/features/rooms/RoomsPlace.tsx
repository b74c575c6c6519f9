import { Redirect } from 'expo-router';
import type { ReactNode } from 'react';
import { dueSurfaces, isDue, lastBySurface } from '@/core';
import { useLog, useRooms, useSurfaces } from '@/data';
import { Body, Screen, Title, ListDetail, useWide } from '@/ui';
import { RoomsScreen } from './RoomsScreen';

/** The rooms beside the surface that is open. */
export const RoomsPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <ListDetail list={<RoomsScreen openId={openId} />} listWidth={420}>
    {children}
  </ListDetail>
);

/** The place itself: on a phone the rooms; on a wide screen, what is due, or the first surface, is open beside them. */
export function RoomsHome() {
  const wide = useWide();
  const rooms = useRooms();
  const surfaces = useSurfaces();
  const log = useLog();
  if (!wide) return <RoomsScreen openId={null} />;
  if (!rooms.isSuccess || !surfaces.isSuccess || !log.isSuccess) return <Screen>{null}</Screen>;
  const due = dueSurfaces(surfaces.data, lastBySurface(log.data.entries), new Date().toISOString()).filter(isDue);
  const first = due[0]?.surface ?? rooms.data.flatMap((r) => surfaces.data.filter((s) => s.roomId === r.id))[0];
  if (first) return <Redirect href={`/rooms/${first.id}`} />;
  return (
    <Screen>
      <Title>No room yet</Title>
      <Body>What a surface is made of, what was last used on it, and how often it wants doing open here.</Body>
    </Screen>
  );
}
