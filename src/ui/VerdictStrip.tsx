import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Level } from '../core';
import { FAMILY, SPACE } from './theme';
import { LEVEL_INK, LEVEL_TINT, LEVEL_WORD, VerdictMark } from './VerdictMark';
import { Body } from './Text';

/** The verdict in one line that stays in sight while a formula is changed. */
export const VerdictStrip = memo(function VerdictStrip({ level, saying }: { level: Level; saying: string }) {
  return (
    <View
      style={[styles.strip, { backgroundColor: LEVEL_TINT[level] }]}
      role="status"
      aria-live="polite"
      testID="verdict"
      aria-label={`Verdict: ${LEVEL_WORD[level]}. ${saying}`}
    >
      <VerdictMark level={level} />
      <View style={styles.words}>
        <Body style={[styles.word, { color: LEVEL_INK[level] }]}>{LEVEL_WORD[level]}</Body>
        <Body numberOfLines={3}>{saying}</Body>
      </View>
    </View>
  );
});

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderRadius: 12,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.xs,
    minHeight: 62,
  },
  words: { flex: 1 },
  word: { fontFamily: FAMILY.display, fontWeight: '600', fontSize: 19, lineHeight: 24 },
});
