import { useState } from 'react';
import { View } from 'react-native';
import type { KeepingMove, ShelfLife } from '../core';
import { Action } from './Action';
import { Heading, Body, SecondaryText } from './Text';
import { Section } from './Screen';

const daysText = ({ lowDays, highDays }: ShelfLife): string =>
  lowDays === highDays ? `${lowDays} days` : `${lowDays} to ${highDays} days`;

interface Props {
  readonly keeps: ShelfLife;
  /** What would make it keep longer, each by itself. */
  readonly moves: readonly KeepingMove[];
}

/** What limits how long it keeps, and what would move that, one tap deeper. */
export function KeepsLonger({ keeps, moves }: Props) {
  const [open, setOpen] = useState(false);
  if (keeps.highDays === 0 || moves.length === 0) return null;
  if (!open) {
    return (
      <View style={{ flexDirection: 'row' }}>
        <Action title="What would keep it longer?" weight="quiet" onPress={() => setOpen(true)} testID="keeps-longer" />
      </View>
    );
  }
  return (
    <Section>
      <Heading>Keeps {daysText(keeps)}</Heading>
      <SecondaryText>What limits it: {keeps.reason}. Made anew, each of these alone would come to:</SecondaryText>
      {moves.map((move) => (
        <Body key={move.does}>
          {move.does}: {daysText(move.keeps)}
        </Body>
      ))}
    </Section>
  );
}
