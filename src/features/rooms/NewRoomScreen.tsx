import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { ROOM_KINDS, roomKind, type HomeSurface, type Room, type RoomKindId, type UsualSurface } from '@/core';
import { newId, useRooms, useSurfaces, useWriteHome } from '@/data';
import { Action, Body, Choice, Field, Heading, Section, Screen, SecondaryText, Title, useNotice } from '@/ui';

/** A surface of a room from what rooms of its kind usually have. */
const surfaceFrom = (usual: UsualSurface, roomId: string): HomeSurface => ({
  id: newId(),
  roomId,
  name: usual.name,
  surfaceId: usual.surfaceId,
  sealed: null,
  finish: null,
  ageYears: null,
  areaM2: usual.areaM2,
  schools: {},
  upkeep: usual.everyDays === null ? null : { everyDays: usual.everyDays, soilId: usual.soilId, formulaId: null },
  enteredAt: new Date().toISOString(),
});

/** A room: its kind, its name, and its surfaces ticked from what such rooms usually have. */
export function NewRoomScreen() {
  const { room: roomId = '' } = useLocalSearchParams<{ room?: string }>();
  const rooms = useRooms();
  const surfaces = useSurfaces();
  if (!rooms.isSuccess || !surfaces.isSuccess) return <Screen>{null}</Screen>;
  const room = rooms.data.find((r) => r.id === roomId) ?? null;
  return <RoomForm key={roomId} room={room} here={surfaces.data.filter((s) => s.roomId === roomId)} />;
}

function RoomForm({ room, here }: { room: Room | null; here: readonly HomeSurface[] }) {
  const router = useRouter();
  const say = useNotice();
  const write = useWriteHome();
  const [kindId, setKindId] = useState<RoomKindId | null>(room?.kind ?? null);
  const kind = kindId && roomKind(kindId);
  const [name, setName] = useState<string | null>(room?.name ?? null);
  const [small, setSmall] = useState<boolean | null>(room?.small ?? null);
  const [ticked, setTicked] = useState<readonly string[] | null>(room ? [] : null);
  const there = new Set(here.map((s) => s.name));
  const offered = kind?.surfaces.filter((s) => !there.has(s.name)) ?? [];
  const on = ticked ?? offered.filter((s) => s.common).map((s) => s.name);
  const called = name ?? kind?.name.split(' or ')[0] ?? '';
  const wrong = called.trim() === '' ? 'Give the room a name: Galley, Shower room.' : null;
  const save = (): void => {
    if (!kind || wrong) return;
    const value: Room = { id: room?.id ?? newId(), name: called.trim(), kind: kind.id, small: small ?? kind.small };
    const made = offered.filter((s) => on.includes(s.name)).map((s) => surfaceFrom(s, value.id));
    write.mutate(
      {
        put: [{ collection: 'room', value }, ...made.map((s) => ({ collection: 'surface' as const, value: s }))],
      },
      {
        onSuccess: () => {
          router.replace('/rooms');
          say({ text: room ? `${value.name} is changed.` : `${value.name} is set up.` });
        },
      },
    );
  };
  const remove = (): void => {
    if (!room) return;
    write.mutate(
      {
        remove: [
          { collection: 'room', id: room.id },
          ...here.map((s) => ({ collection: 'surface' as const, id: s.id })),
        ],
      },
      {
        onSuccess: () => {
          router.replace('/rooms');
          say({
            text: `${room.name} is removed. What was done there stays in the log.`,
            undo: () =>
              write.mutate({
                put: [
                  { collection: 'room', value: room },
                  ...here.map((value) => ({ collection: 'surface' as const, value })),
                ],
              }),
          });
        },
      },
    );
  };
  return (
    <Screen
      next={
        <Action
          title={room ? 'Keep the changes' : 'Set it up'}
          weight="main"
          onPress={save}
          disabled={!kind || wrong !== null || write.isPending}
          testID="save-room"
        />
      }
    >
      <Title>{room ? room.name : 'Set up a room'}</Title>
      {!room && (
        <Section>
          <Heading>Which kind?</Heading>
          <Choice
            label="Kind of room"
            options={ROOM_KINDS.map((k) => ({ value: k.id, label: k.name }))}
            chosen={kindId ? [kindId] : []}
            onChoose={(id) => {
              setKindId(id);
              setTicked(null);
              setSmall(null);
            }}
          />
        </Section>
      )}
      {kind && (
        <>
          <Section>
            <Heading>{room ? 'Add what is missing' : 'What is in it?'}</Heading>
            {offered.length === 0 ? (
              <Body>Everything such a room usually has is there.</Body>
            ) : (
              <Choice
                label="Surfaces"
                several
                options={offered.map((s) => ({ value: s.name, label: s.name }))}
                chosen={on}
                onChoose={(n) => setTicked(on.includes(n) ? on.filter((x) => x !== n) : [...on, n])}
              />
            )}
            <SecondaryText>
              Material, finish and how often are set for each; they can be changed at the surface.
            </SecondaryText>
          </Section>
          <Field
            label="What it is called"
            value={called}
            onChangeText={setName}
            error={wrong}
            maxLength={60}
            testID="room-name"
          />
          <Section>
            <Body style={styles.bold}>How is its air?</Body>
            <Choice
              label="Air"
              options={[
                { value: 'small', label: 'Small and shut' },
                { value: 'open', label: 'Airy' },
              ]}
              chosen={[(small ?? kind.small) ? 'small' : 'open']}
              onChoose={(v) => setSmall(v === 'small')}
            />
          </Section>
        </>
      )}
      {room && <Action title="Remove this room" weight="danger" onPress={remove} testID="remove-room" />}
    </Screen>
  );
}

const styles = StyleSheet.create({ bold: { fontWeight: '700' } });
