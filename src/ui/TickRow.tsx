import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { Body, SecondaryText } from './Text';
import { COLORS, SPACE, TOUCH } from './theme';
import { usePress } from './usePress';

interface Props {
  readonly title: string;
  /** How much of it, large. */
  readonly how?: string;
  readonly detail?: string;
  readonly ticked: boolean;
  /** True where a tick means that it is done with: its name is struck out. */
  readonly struck?: boolean;
  /** What the tick means, for those who do not see where it stands. */
  readonly label: string;
  readonly onTick: () => void;
  /** What else may be done with it, at its end. */
  readonly more?: ReactNode;
  readonly testID?: string;
}

const BOX = 26;

/** A line of a list to tick off: the box and the words are one target. */
export function TickRow({ title, how = '', detail = '', ticked, struck = false, label, onTick, more, testID }: Props) {
  const press = usePress(onTick);
  return (
    <View style={styles.row}>
      <Pressable
        role="checkbox"
        aria-checked={ticked}
        aria-label={label}
        onPress={press}
        style={({ pressed }) => [styles.tick, pressed && styles.pressed]}
        {...(testID ? { testID } : {})}
      >
        <Svg width={BOX} height={BOX} aria-hidden>
          <Rect
            x={2}
            y={2}
            width={BOX - 4}
            height={BOX - 4}
            rx={6}
            fill={ticked ? COLORS.action : COLORS.sheet}
            stroke={ticked ? COLORS.action : COLORS.lineStrong}
            strokeWidth={2}
          />
          {ticked && <Path d="M7 13.5l4 4 8-9" stroke={COLORS.actionInk} strokeWidth={2.8} fill="none" />}
        </Svg>
        <View style={styles.words}>
          <Body style={[styles.title, struck && ticked && styles.done]}>{title}</Body>
          {how !== '' && <Body style={styles.how}>{how}</Body>}
          {detail !== '' && <SecondaryText>{detail}</SecondaryText>}
        </View>
      </Pressable>
      {more !== undefined && <View>{more}</View>}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
  },
  tick: {
    flex: 1,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    minHeight: TOUCH + 8,
    paddingVertical: SPACE.s,
  },
  pressed: { opacity: 0.7 },
  words: { flex: 1, minWidth: 0 },
  title: { fontWeight: '700', fontSize: 17 },
  done: { color: COLORS.inkSoft, textDecorationLine: 'line-through' },
  how: { fontVariant: ['tabular-nums'] },
});
