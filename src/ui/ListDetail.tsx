import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWide } from './Navigation';
import { COLORS } from './theme';

interface Props {
  readonly list: ReactNode;
  /** Width of the list, px. */
  readonly listWidth: number;
  readonly children: ReactNode;
}

/** On a wide screen the list stands at the left of what is open; on a phone there is only what is open. */
export function ListDetail({ list, listWidth, children }: Props) {
  const wide = useWide();
  if (!wide) return <>{children}</>;
  return (
    <View style={styles.panes}>
      <View style={[styles.list, { width: listWidth }]}>{list}</View>
      <View style={styles.detail}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row' },
  list: { borderRightWidth: 1, borderRightColor: COLORS.line },
  detail: { flex: 1 },
});
