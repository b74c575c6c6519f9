import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { COLORS, SPACE } from './theme';

interface Props {
  readonly children: ReactNode;
  readonly tone?: 'danger' | 'caution';
  /** How a reader is told, where it is no alert: what is said of several is said once. */
  readonly live?: 'assertive' | 'polite' | 'off';
  readonly testID?: string;
}

/** What a person must know wherever they are: words first, then what can be done about it. */
export function Alert({ children, tone = 'danger', live, testID }: Props) {
  const [words, ...actions] = Children.toArray(children);
  return (
    <View
      style={[styles.alert, tone === 'caution' && styles.caution]}
      {...(live ? { 'aria-live': live } : { role: 'alert' })}
      testID={testID}
    >
      <View style={styles.words}>{words}</View>
      {actions}
    </View>
  );
}

const styles = StyleSheet.create({
  alert: {
    backgroundColor: COLORS.dangerTint,
    paddingHorizontal: SPACE.l,
    paddingVertical: SPACE.s,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: SPACE.s,
  },
  caution: { backgroundColor: COLORS.cautionTint },
  words: { flex: 1, minWidth: 180 },
});
