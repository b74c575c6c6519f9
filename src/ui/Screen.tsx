import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { COLORS, SPACE } from './theme';

interface Props {
  readonly children: ReactNode;
  /** The one next step: always at the bottom, in thumb's reach. */
  readonly next?: ReactNode;
}

/** A screen: what scrolls, and the next step below it. */
export function Screen({ children, next }: Props) {
  return (
    <View style={styles.screen}>
      <ScrollView
        style={styles.scroll}
        // Where nothing in it can be focused, it must itself be reached to be scrolled by keys.
        tabIndex={next ? undefined : 0}
        contentContainerStyle={styles.content}
        keyboardShouldPersistTaps="handled"
      >
        {children}
      </ScrollView>
      {next !== undefined && next !== null && <View style={styles.next}>{next}</View>}
    </View>
  );
}

/** A part of a screen, its things close together. */
export const Part = ({ children }: { children: ReactNode }) => <View style={styles.part}>{children}</View>;

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
  part: { gap: SPACE.s },
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
