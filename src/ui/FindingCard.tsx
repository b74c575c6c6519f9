import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Finding, Level } from '../core';
import { LEVEL_INK, LEVEL_TINT, LEVEL_WORD, VerdictMark } from './VerdictMark';
import { COLORS, FAMILY, SPACE, TOUCH } from './theme';
import { Body, Overline, SecondaryText } from './Text';
import { figureText } from './numbers';

interface Props {
  readonly finding: Finding;
  /** Readable names of the finding's sources. */
  readonly sources: readonly string[];
  /** What can be done about it with one tap; asked for only while its advice is shown. */
  readonly remedies?: () => ReactNode;
}

/**
 * One finding. What hurts or undoes itself stands open with what to do instead; a caution is one
 * sentence until it is tapped. The why, its figures and its source are one tap deeper.
 */
export function FindingCard({ finding, sources, remedies }: Props) {
  const [open, setOpen] = useState(false);
  const ink = LEVEL_INK[finding.level];
  const grave = finding.level === 'danger' || finding.level === 'defeats';
  const instead = (
    <Body>
      <Body style={styles.bold}>Instead: </Body>
      {finding.instead}
    </Body>
  );
  return (
    <View style={[styles.card, { borderLeftColor: ink }]} testID={`finding-${finding.code}`}>
      <Pressable role="button" aria-expanded={open} onPress={() => setOpen(!open)} style={styles.head}>
        <View style={styles.said}>
          <Overline style={{ color: ink }}>{LEVEL_WORD[finding.level]}</Overline>
          <Body style={grave ? styles.grave : undefined}>{finding.happens}</Body>
        </View>
        <Body style={styles.link}>{open ? 'Hide' : 'Why?'}</Body>
      </Pressable>
      {(grave || open) && instead}
      {(grave || open) && remedies?.()}
      {open && (
        <View style={styles.why}>
          <Body>{finding.why}</Body>
          {Object.entries(finding.figures).map(([key, value]) => (
            <SecondaryText key={key}>{figureText(key, value)}</SecondaryText>
          ))}
          <SecondaryText>
            Source: {sources.length > 0 ? sources.join('; ') : 'what was written in the recipe itself'}.
          </SecondaryText>
        </View>
      )}
    </View>
  );
}

/** The verdict in a word and a mark, on its tint. */
export function VerdictBanner({ level, saying }: { level: Level; saying: string }) {
  return (
    <View
      style={[styles.banner, { backgroundColor: LEVEL_TINT[level] }]}
      role="status"
      aria-live="polite"
      testID="verdict"
      aria-label={`Verdict: ${LEVEL_WORD[level]}. ${saying}`}
    >
      <VerdictMark level={level} />
      <View style={styles.bannerWords}>
        <Body style={[styles.word, { color: LEVEL_INK[level] }]}>{LEVEL_WORD[level]}</Body>
        <Body>{saying}</Body>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  card: {
    backgroundColor: COLORS.sheet,
    borderLeftWidth: 6,
    borderRadius: 8,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.s,
    gap: SPACE.xs,
  },
  head: { minHeight: TOUCH, flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  said: { flex: 1 },
  grave: { fontSize: 17, lineHeight: 24 },
  bold: { fontWeight: '700' },
  link: { color: COLORS.action, textDecorationLine: 'underline' },
  why: { gap: SPACE.xs, borderTopWidth: 1, borderTopColor: COLORS.line, paddingTop: SPACE.s, marginTop: SPACE.xs },
  banner: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderRadius: 12,
    padding: SPACE.m,
    minHeight: 64,
  },
  bannerWords: { flex: 1 },
  word: { fontFamily: FAMILY.display, fontWeight: '600', fontSize: 21, lineHeight: 26 },
});
