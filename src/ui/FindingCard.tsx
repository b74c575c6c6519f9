import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Finding, Level } from '../core';
import { LEVEL_INK, LEVEL_TINT, LEVEL_WORD, VerdictMark } from './VerdictMark';
import { COLORS, FAMILY, SPACE, TOUCH } from './theme';
import { Body, Kind, Soft } from './Words';
import { figureText } from './numbers';

interface Props {
  readonly finding: Finding;
  /** Readable names of the finding's sources. */
  readonly sources: readonly string[];
}

/** One finding: what happens and what to do instead; the why, its figures and its source one tap deeper. */
export function FindingCard({ finding, sources }: Props) {
  const [open, setOpen] = useState(false);
  const figures = Object.entries(finding.figures);
  return (
    <View style={[styles.card, { borderLeftColor: LEVEL_INK[finding.level] }]} testID={`finding-${finding.code}`}>
      <Kind style={{ color: LEVEL_INK[finding.level] }}>{LEVEL_WORD[finding.level]}</Kind>
      <Body style={styles.happens}>{finding.happens}</Body>
      <Body>
        <Body style={styles.bold}>Instead: </Body>
        {finding.instead}
      </Body>
      <Pressable role="button" aria-expanded={open} aria-label={open ? 'Hide the reason' : 'Why?'} onPress={() => setOpen(!open)} style={styles.more}>
        <Body style={styles.link}>{open ? 'Hide the reason' : 'Why?'}</Body>
      </Pressable>
      {open && (
        <View style={styles.why}>
          <Body>{finding.why}</Body>
          {figures.map(([key, value]) => (
            <Soft key={key}>{figureText(key, value)}</Soft>
          ))}
          <Soft>Source: {sources.length > 0 ? sources.join('; ') : 'what was written in the recipe itself'}.</Soft>
        </View>
      )}
    </View>
  );
}

/** The verdict in a word and a mark, on its tint. */
export function VerdictBanner({ level, saying }: { level: Level; saying: string }) {
  return (
    <View style={[styles.banner, { backgroundColor: LEVEL_TINT[level] }]} role="status" aria-live="polite" testID="verdict" aria-label={`Verdict: ${LEVEL_WORD[level]}. ${saying}`}>
      <VerdictMark level={level} />
      <View style={styles.bannerWords}>
        <Body style={[styles.word, { color: LEVEL_INK[level] }]}>{LEVEL_WORD[level]}</Body>
        <Body>{saying}</Body>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  card: { backgroundColor: COLORS.sheet, borderLeftWidth: 6, borderRadius: 8, paddingHorizontal: SPACE.l, paddingTop: SPACE.m, gap: SPACE.xs },
  happens: { fontSize: 17, lineHeight: 24 },
  bold: { fontWeight: '700' },
  more: { minHeight: TOUCH, justifyContent: 'center', alignSelf: 'flex-start', paddingRight: SPACE.l },
  link: { color: COLORS.action, textDecorationLine: 'underline' },
  why: { gap: SPACE.xs, paddingBottom: SPACE.m, borderTopWidth: 1, borderTopColor: COLORS.line, paddingTop: SPACE.m },
  banner: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m, borderRadius: 12, padding: SPACE.m, minHeight: 64 },
  bannerWords: { flex: 1 },
  word: { fontFamily: FAMILY.display, fontWeight: '600', fontSize: 21, lineHeight: 26 },
});
