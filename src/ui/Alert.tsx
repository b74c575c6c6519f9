import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { COLORS, SPACE } from './theme';

/** What a person must know wherever they are: words first, then what can be done about it. */
export function Alert({ children, testID }: { readonly children: ReactNode; readonly testID?: string }) {
  const [words, ...actions] = Children.toArray(children);
  return (
    <View style={styles.alert} role="alert" testID={testID}>
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
  words: { flex: 1, minWidth: 200 },
});
