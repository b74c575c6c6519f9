import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Body, COLORS, Screen, Title, useWide } from '@/ui';
import { ShelfScreen } from './ShelfScreen';

/** On a wide screen the shelf stands at the left of the label that is open. */
export function ShelfPlace({ openId, children }: { openId: string | null; children: ReactNode }) {
  const wide = useWide();
  if (!wide) return <>{children}</>;
  return (
    <View style={styles.panes}>
      <View style={styles.list}>
        <ShelfScreen openId={openId} />
      </View>
      <View style={styles.detail}>{children}</View>
    </View>
  );
}

export function ShelfHome() {
  const wide = useWide();
  if (!wide) return <ShelfScreen openId={null} />;
  return (
    <Screen>
      <Title>Pick a bottle</Title>
      <Body>Its whole label opens here.</Body>
    </Screen>
  );
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row' },
  list: { width: 400, borderRightWidth: 1, borderRightColor: COLORS.line },
  detail: { flex: 1 },
});
