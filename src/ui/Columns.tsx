import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWide } from './Navigation';
import { SPACE } from './theme';

/** Two columns on a wide screen, one under the other on a phone. */
export function Columns({ left, right }: { left: ReactNode; right: ReactNode }) {
  const wide = useWide();
  return (
    <View style={wide ? styles.wide : styles.narrow}>
      <View style={wide ? styles.column : undefined}>{left}</View>
      <View style={wide ? styles.column : undefined}>{right}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  narrow: { gap: SPACE.l },
  wide: { flexDirection: 'row', gap: SPACE.xl, alignItems: 'flex-start' },
  column: { flex: 1, minWidth: 0 },
});
