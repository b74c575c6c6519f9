import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { COLORS, SPACE } from './theme';

interface Props {
  readonly children: ReactNode;
  /** The one next step: always at the bottom, in thumb's reach. */
  readonly next?: ReactNode;
  /** What stays in sight above, while the rest scrolls. */
  readonly pinned?: ReactNode;
  /** Wider than a column of text: for screens of two columns. */
  readonly broad?: boolean;
  /** True if nothing in it but the next step can be focused: then it is itself reached by the keys, to scroll. */
  readonly reading?: boolean;
}

/** A screen: what scrolls, and the next step below it. */
export function Screen({ children, next, pinned, broad = false, reading = false }: Props) {
  return (
    <View style={styles.screen}>
      {pinned !== undefined && pinned !== null && <View style={[styles.pinned, broad && styles.broad]}>{pinned}</View>}
      <ScrollView
        style={styles.scroll}
        // Where nothing in it can be focused, it must itself be reached to be scrolled by keys.
        tabIndex={reading || !next ? 0 : undefined}
        contentContainerStyle={[styles.content, broad && styles.broad]}
        keyboardShouldPersistTaps="handled"
      >
        {children}
      </ScrollView>
      {next !== undefined && next !== null && <View style={[styles.next, broad && styles.broad]}>{next}</View>}
    </View>
  );
}

interface TwoStepsProps {
  readonly next: ReactNode;
  readonly other: ReactNode;
  /** True where they stand one under the other. */
  readonly stacked?: boolean;
}

/** The next step, and another one smaller beside it. */
export const TwoSteps = ({ next, other, stacked = false }: TwoStepsProps) => (
  <View style={stacked ? styles.part : styles.beside}>
    <View style={!stacked && styles.grow}>{next}</View>
    {other}
  </View>
);

/** A part of a screen, its things close together. */
export const Section = ({ children }: { children: ReactNode }) => <View style={styles.part}>{children}</View>;

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLORS.paper },
  scroll: { flex: 1 },
  content: {
    padding: SPACE.l,
    paddingBottom: SPACE.xxl,
    gap: SPACE.l,
    width: '100%',
    maxWidth: 760,
    alignSelf: 'center',
  },
  broad: { maxWidth: 1240 },
  pinned: {
    paddingHorizontal: SPACE.l,
    paddingVertical: SPACE.s,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
    width: '100%',
    maxWidth: 760,
    alignSelf: 'center',
  },
  part: { gap: SPACE.s },
  beside: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1 },
  next: {
    padding: SPACE.m,
    borderTopWidth: 1,
    borderTopColor: COLORS.line,
    backgroundColor: COLORS.paper,
    gap: SPACE.s,
    width: '100%',
    maxWidth: 760,
    alignSelf: 'center',
  },
});
