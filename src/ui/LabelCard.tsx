import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import type { LabelContent } from '../core';
import { dayText, formatNumber, volumeText } from './numbers';
import { scallopEdge } from './scallop';
import { COLORS, FAMILY, SPACE } from './theme';
import { Body, Heading, Overline, SecondaryText } from './Text';

/** What became of a batch, and when (ISO 8601). */
export interface Ended {
  readonly how: 'Emptied' | 'Discarded';
  readonly at: string;
}

interface Props {
  readonly label: LabelContent;
  readonly madeAt: string;
  readonly discardBy: string;
  readonly volumeML: number;
  readonly bottle: string;
  /** A short card for a list, or the whole label. */
  readonly whole?: boolean;
  /** What has become of it; finished batches get the scalloped edge. */
  readonly ended?: Ended | null;
  readonly past?: boolean;
}

const EDGE = 14;

/** The label of a batch: what is on the bottle is what is on the screen. */
export function LabelCard({
  label,
  madeAt,
  discardBy,
  volumeML,
  bottle,
  whole = false,
  ended = null,
  past = false,
}: Props) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={styles.card} testID="label">
      <View style={styles.band}>
        <Heading style={styles.name} {...(whole ? {} : { numberOfLines: 2 })}>
          {label.name}
        </Heading>
        <Overline style={styles.volume}>{volumeText(volumeML)}</Overline>
      </View>
      <View style={styles.body}>
        {label.purpose !== '' && <Body>{label.purpose}</Body>}
        {whole && label.never !== '' && (
          <Body>
            <Body style={styles.bold}>Never on: </Body>
            {label.never}
          </Body>
        )}
        {whole && (
          <Body>
            <Body style={styles.bold}>Contents: </Body>
            {label.contents.join(', ')}
            {label.strengths.length > 0 &&
              ` (${label.strengths.map((s) => `${s.of} ${formatNumber(s.percent)} % ${s.basis}`).join(', ')})`}
          </Body>
        )}
        {whole && label.neverMeets && label.neverMeets.length > 0 && (
          <Body>
            <Body style={styles.bold}>Never with: </Body>
            {label.neverMeets.join(', ')}
          </Body>
        )}
        {whole && label.dwell && (
          <Body>
            <Body style={styles.bold}>Leave on: </Body>
            {label.dwell}
          </Body>
        )}
        {whole && label.how && (
          <Body>
            <Body style={styles.bold}>Use: </Body>
            {label.how}
          </Body>
        )}
        {whole &&
          label.cautions.map((c) => (
            <Body key={c}>
              <Body style={styles.bold}>Take care: </Body>
              {c}
            </Body>
          ))}
        {whole && label.storage && (
          <Body>
            <Body style={styles.bold}>Keep it: </Body>
            {label.storage.join(' ')}
          </Body>
        )}
        {whole && (
          <Body>
            Keep from children and animals. Never add a bought cleaner.{' '}
            {label.shake ? 'Shake before every use.' : 'No need to shake.'}
          </Body>
        )}
        <View style={styles.dates}>
          <Dated kind="Made" text={dayText(madeAt)} />
          <Dated
            kind={ended?.how ?? 'Discard by'}
            text={ended ? dayText(ended.at) : label.keeps.highDays === 0 ? 'used at once' : dayText(discardBy)}
            warn={past && !ended}
          />
        </View>
        {past && !ended && (
          <Body style={styles.past}>Past its day: {label.keeps.reason}. Pour it away and make it fresh.</Body>
        )}
        {whole && label.keeps.highDays > 0 && (
          <SecondaryText>
            Keeps {label.keeps.lowDays} to {label.keeps.highDays} days: {label.keeps.reason}. Cloud, slime or a swollen
            bottle overrule the date.
          </SecondaryText>
        )}
        <SecondaryText>{bottle}</SecondaryText>
      </View>
      {ended !== null && width > 0 && (
        <Svg width={width} height={EDGE / 2 + 1} style={styles.edge} aria-hidden>
          <Path d={scallopEdge(width, EDGE)} fill={COLORS.sheet} />
        </Svg>
      )}
    </View>
  );
}

function Dated({ kind, text, warn = false }: { kind: string; text: string; warn?: boolean }) {
  return (
    <View>
      <Overline>{kind}</Overline>
      <Body style={[styles.date, warn && styles.warn]}>{text}</Body>
    </View>
  );
}

const styles = StyleSheet.create({
  card: { backgroundColor: COLORS.sheet, borderTopLeftRadius: 6, borderTopRightRadius: 6 },
  band: {
    borderTopWidth: 8,
    borderTopColor: COLORS.action,
    borderBottomWidth: 1.5,
    borderBottomColor: COLORS.ink,
    paddingHorizontal: SPACE.l,
    paddingVertical: SPACE.s,
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'flex-end',
    gap: SPACE.m,
  },
  name: { flex: 1, fontSize: 21, lineHeight: 26 },
  volume: { color: COLORS.ink, fontSize: 16 },
  body: { paddingHorizontal: SPACE.l, paddingVertical: SPACE.m, gap: SPACE.s },
  bold: { fontWeight: '700' },
  dates: {
    flexWrap: 'wrap',
    flexDirection: 'row',
    gap: SPACE.xl,
    borderTopWidth: 1,
    borderTopColor: COLORS.line,
    paddingTop: SPACE.s,
  },
  date: { fontWeight: '700', fontSize: 18, fontVariant: ['tabular-nums'], fontFamily: FAMILY.body },
  warn: { color: COLORS.danger },
  past: { color: COLORS.danger },
  edge: { position: 'absolute', left: 0, bottom: -EDGE / 2 },
});
