import { StyleSheet, View } from 'react-native';
import { TRICK_WORTH_WORDS } from './trickWords';
import { COLORS, SPACE } from './theme';
import { Body, Overline } from './Text';
import { LinkPressable } from './LinkPressable';
import type { Trick } from '../core/doors/tricks';

/** A trick with what it is worth and what it really does; it leads to where it belongs. */
export function TrickLine({
  trick,
  onGo,
}: {
  readonly trick: Trick;
  readonly onGo: (to: `/mix/tricks?${string}`) => void;
}) {
  const to = `/mix/tricks?id=${trick.id}` as const;
  return (
    <LinkPressable to={to} onGo={() => onGo(to)} style={styles.row}>
      <View style={styles.words}>
        <Overline style={trick.worth === 'sound' ? styles.sound : styles.minded}>
          {TRICK_WORTH_WORDS[trick.worth]}
        </Overline>
        <Body style={styles.name}>{trick.name}</Body>
        <Body>{trick.says}</Body>
      </View>
    </LinkPressable>
  );
}

const styles = StyleSheet.create({
  row: { paddingVertical: SPACE.s, borderBottomWidth: 1, borderBottomColor: COLORS.line, minHeight: 56 },
  words: { gap: 2 },
  name: { fontWeight: '700', fontSize: 17 },
  sound: { color: COLORS.action },
  minded: { color: COLORS.caution },
});
