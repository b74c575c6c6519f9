import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { counted, listOf, type Room } from '@/core';
import { Action, Body, Choice, Sheet, SPACE } from '@/ui';
import { toggled, type KitAsked } from './useKit';

const MOST = [
  { value: 0, label: 'As many as it takes' },
  { value: 2, label: 'At most 2' },
  { value: 4, label: 'At most 4' },
  { value: 6, label: 'At most 6' },
  { value: 10, label: 'At most 10' },
];

interface AskedProps {
  readonly asked: KitAsked;
  readonly rooms: readonly Room[];
  readonly put: (part: Partial<KitAsked>) => void;
}

/** What the kit is for, in a line; and a sheet to change it. */
export function AskedFor({ asked, rooms, put }: AskedProps) {
  const [open, setOpen] = useState(false);
  const { roomIds, most, withCupboard, kind } = asked;
  const said = [
    roomIds.length === 0 ? 'All rooms' : listOf(rooms.filter((r) => roomIds.includes(r.id)).map((r) => r.name)),
    kind === 'own' || most === null ? '' : `at most ${counted(most, 'thing', 'things')}`,
    withCupboard ? 'with what I have' : 'from nothing',
  ];
  return (
    <View style={styles.asked}>
      <Body style={styles.words}>{said.filter(Boolean).join(' · ')}</Body>
      <Action
        title="Change"
        label="Change what the kit is for"
        weight="quiet"
        onPress={() => setOpen(true)}
        testID="kit-change"
      />
      <Sheet title="What the kit is for" open={open} onClose={() => setOpen(false)}>
        {rooms.length > 1 && (
          <Choice
            label="For which rooms"
            several
            options={[{ value: '', label: 'All rooms' }, ...rooms.map((r) => ({ value: r.id, label: r.name }))]}
            chosen={roomIds.length === 0 ? [''] : roomIds}
            onChoose={(id) => put({ roomIds: toggled(roomIds, id) })}
          />
        )}
        {kind !== 'own' && (
          <>
            <Body>How many things may it be?</Body>
            <Choice
              label="How many things"
              options={MOST}
              chosen={[most ?? 0]}
              onChoose={(n) => put({ most: n === 0 ? null : n })}
            />
          </>
        )}
        <Body>What is there already?</Body>
        <Choice
          label="What is there already"
          options={[
            { value: 'nothing', label: 'Nothing' },
            { value: 'cupboard', label: 'What is in my cupboard' },
          ]}
          chosen={[withCupboard ? 'cupboard' : 'nothing']}
          onChoose={(from) => put({ withCupboard: from === 'cupboard' })}
        />
      </Sheet>
    </View>
  );
}

const styles = StyleSheet.create({
  asked: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  words: { flex: 1 },
});
