import { StyleSheet, View } from 'react-native';
import { Action } from './Action';
import { Body } from './Text';
import { COLORS, SPACE } from './theme';

/** Says that what stands here was left unfinished in a tab that is closed by now; and a way to begin without it. */
export function TakenUp({ onStartAnew }: { onStartAnew: () => void }) {
  return (
    <View style={styles.line} testID="taken-up">
      <Body style={styles.words}>You left this unfinished. It is as it was.</Body>
      <Action title="Start anew" weight="quiet" onPress={onStartAnew} testID="start-anew" />
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: SPACE.s,
    backgroundColor: COLORS.tape,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.xs,
    borderRadius: 10,
  },
  words: { flex: 1, minWidth: 180, color: COLORS.tapeInk },
});
