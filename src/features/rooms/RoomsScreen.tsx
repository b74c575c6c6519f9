import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import {
  dueSurfaces,
  lastBySurface,
  residuesAt,
  SURFACES,
  type Due,
  type HomeSurface,
  type LogEntry,
  MINUTE_MS,
} from '@/core';
import { useLog, useRooms, useSurfaces } from '@/data';
import { Action, agoText, Body, Heading, Section, Row, Screen, SPACE, Title, useNow, useWide, VerdictMark } from '@/ui';

/** The home's own surfaces by room: what was last used on each, and whether it wants doing. */
export function RoomsScreen({ openId }: { openId: string | null }) {
  const router = useRouter();
  const wide = useWide();
  const nowMs = useNow(MINUTE_MS);
  const rooms = useRooms();
  const surfaces = useSurfaces();
  const log = useLog();
  if (!rooms.isSuccess || !surfaces.isSuccess) return <Screen>{null}</Screen>;
  const entries = log.data?.entries ?? [];
  const last = lastBySurface(entries);
  const due = new Map(
    dueSurfaces(surfaces.data, last, new Date(nowMs).toISOString()).map((d) => [d.surface.id, d] as const),
  );
  return (
    <Screen
      next={
        <Action
          title="Set up a room"
          weight={wide || rooms.data.length > 0 ? 'plain' : 'main'}
          onPress={() => router.push('/rooms/new')}
          testID="set-up-room"
        />
      }
    >
      <Title>Rooms</Title>
      {rooms.data.length === 0 && (
        <Body>
          Your own surfaces will stand here: what each is made of, what was last used on it, and when it wants doing. A
          room takes a few taps: its usual surfaces are offered.
        </Body>
      )}
      {rooms.data.map((room) => (
        <Section key={room.id}>
          <View style={styles.head}>
            <Heading>{room.name}</Heading>
            <Action
              title="Change"
              label={`Change ${room.name}`}
              weight="quiet"
              onPress={() => router.push(`/rooms/new?room=${room.id}`)}
            />
          </View>
          {surfaces.data
            .filter((s) => s.roomId === room.id)
            .map((s) => (
              <SurfaceRow
                key={s.id}
                surface={s}
                last={last.get(s.id) ?? null}
                due={due.get(s.id) ?? null}
                entries={entries}
                nowMs={nowMs}
                open={s.id === openId}
              />
            ))}
        </Section>
      ))}
    </Screen>
  );
}

interface RowProps {
  readonly surface: HomeSurface;
  readonly last: LogEntry | null;
  readonly due: Due | null;
  readonly entries: readonly LogEntry[];
  readonly nowMs: number;
  readonly open: boolean;
}

function SurfaceRow({ surface, last, due, entries, nowMs, open }: RowProps) {
  const router = useRouter();
  const material = SURFACES.find((s) => s.id === surface.surfaceId)?.name ?? '';
  const left = residuesAt({ surfaceId: surface.id, roomId: null, name: surface.name }, entries, nowMs)[0];
  const done = last ? `${last.used.name}, ${agoText(last.at, nowMs)}` : 'not done yet';
  const late = due?.lateDays ?? null;
  const plan =
    late === null ? '' : late > 0 ? ` · ${late} ${late === 1 ? 'day' : 'days'} over` : late === 0 ? ' · due' : '';
  return (
    <Row
      title={surface.name}
      detail={left ? `${material} · ${left.entry.used.name} not rinsed off` : `${material} · ${done}${plan}`}
      mark={left || (late !== null && late >= 0) ? <VerdictMark level="caution" size={26} /> : undefined}
      selected={open}
      to={`/rooms/${surface.id}`}
      onPress={() => router.push(`/rooms/${surface.id}`)}
    />
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: SPACE.m },
});
