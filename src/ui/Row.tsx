import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { LinkPressable } from './LinkPressable';
import { COLORS, SPACE, TOUCH } from './theme';
import { Body, SecondaryText } from './Text';

interface Props {
  readonly title: string;
  readonly detail?: string;
  readonly to: string;
  readonly onPress: () => void;
  readonly mark?: ReactNode;
  readonly selected?: boolean;
}

/** A line of a list that leads somewhere. */
export function Row({ title, detail, to, onPress, mark, selected = false }: Props) {
  return (
    <LinkPressable to={to} onGo={onPress} style={[styles.row, selected && styles.selected]}>
      {mark}
      <View style={styles.words}>
        <Body style={styles.title}>{title}</Body>
        {detail !== undefined && detail !== '' && <SecondaryText>{detail}</SecondaryText>}
      </View>
      <Body style={styles.arrow} aria-hidden>
        ›
      </Body>
    </LinkPressable>
  );
}

const styles = StyleSheet.create({
  row: {
    minHeight: TOUCH + 8,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    paddingVertical: SPACE.s,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
  },
  selected: { backgroundColor: COLORS.actionTint },
  words: { flex: 1 },
  title: { fontWeight: '700', fontSize: 17 },
  arrow: { fontSize: 24, color: COLORS.inkSoft },
});
