import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Body, COLORS, Screen, Title, useWide } from '@/ui';
import { FormulaList } from './FormulaList';

/** On a wide screen the list stands at the left of what is open. */
export function MixPlace({ openId, children }: { openId: string | null; children: ReactNode }) {
  const wide = useWide();
  if (!wide) return <>{children}</>;
  return (
    <View style={styles.panes}>
      <View style={styles.list}>
        <FormulaList openId={openId} />
      </View>
      <View style={styles.detail}>{children}</View>
    </View>
  );
}

/** The place itself: on a phone its list; on a wide screen, what to do first. */
export function MixHome() {
  const wide = useWide();
  if (!wide) return <FormulaList openId={null} />;
  return (
    <Screen>
      <Title>Pick a formula</Title>
      <Body>
        Take one from the list, or paste a recipe you found. You get its verdict, how much of each goes into your
        bottle, and a label.
      </Body>
    </Screen>
  );
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row' },
  list: { width: 340, borderRightWidth: 1, borderRightColor: COLORS.line },
  detail: { flex: 1 },
});
