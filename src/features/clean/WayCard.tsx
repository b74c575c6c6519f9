import { StyleSheet, View } from 'react-native';
import {
  wayAmountOf,
  SOURCES,
  strengthLine,
  type Finding,
  type HeldWay,
  type Share,
  type Way,
  type WayAmount,
} from '@/core';
import {
  Action,
  Body,
  capital,
  COLORS,
  FindingCard,
  formatNumber,
  massText,
  minutesText,
  Overline,
  SecondaryText,
  SPACE,
  volumeText,
} from '@/ui';
import { wayTitle } from './wayTitle';

const EFFORT = { 1: 'a wipe', 2: 'some rubbing', 3: 'hard work' } as const;

const sourcesOf = (f: Finding): string[] => f.sources.map((s) => SOURCES[s]);

/** Where a way comes from, in words. */
function fromWords({ candidate }: Way, knowsCupboard: boolean, tooLittleML: number | null): string {
  if (!candidate) return 'Nothing to be made';
  switch (candidate.from) {
    case 'shelf':
      return tooLittleML === null ? 'On the shelf' : `On the shelf, only about ${volumeText(tooLittleML)} left`;
    case 'cupboard':
      return knowsCupboard ? 'You can make it now' : 'To be made';
    case 'one-missing':
      return `With one thing more: ${candidate.missing.join('')}`;
    case 'more-missing':
      return `Needs ${candidate.missing.join(', ')}`;
  }
}

function dwellWords({ dwell }: Way): string {
  if (!dwell) return 'At once';
  const on = dwell.bestMinutes === 0 ? 'wipe at once' : `${minutesText(dwell.bestMinutes)} on`;
  const most = dwell.longestMinutes > dwell.bestMinutes ? `, ${minutesText(dwell.longestMinutes)} at most` : '';
  const wet = dwell.rewetEveryMinutes === null ? '' : `, wetted every ${minutesText(dwell.rewetEveryMinutes)}`;
  return on + most + wet;
}

const amountWords = (amount: WayAmount | null): string =>
  amount === null ? '' : amount.volumeML === null ? massText(amount.massG ?? 0) : volumeText(amount.volumeML);

interface CardProps {
  readonly material: string;
  readonly areaM2: number;
  readonly share: Share | null;
  readonly held: HeldWay;
  readonly on: boolean;
  readonly knowsCupboard: boolean;
  /** mL of it that stand on the shelf; null where none does. */
  readonly leftML: number | null;
  readonly onPick: () => void;
}

/** One way: where it comes from, what is done, how long and how much, and what to mind. */
export function WayCard({
  held: { way, meets },
  material,
  areaM2,
  share,
  on,
  knowsCupboard,
  leftML,
  onPick,
}: CardProps) {
  const cautions = [...meets.map((m) => m.finding), ...way.cautions];
  const { method, candidate, went } = way;
  const name = wayTitle(way);
  const strength = candidate ? strengthLine(candidate.evaluation.state) : '';
  const takes = wayAmountOf(method, material, areaM2, share ?? method.share);
  const isTooLittle = leftML !== null && (takes?.volumeML ?? 0) > leftML;
  const amount = amountWords(takes);
  return (
    <View style={[styles.card, on && styles.on]} testID="way">
      <View style={styles.head}>
        <View style={styles.words}>
          <Overline style={candidate?.from === 'shelf' ? styles.made : undefined}>
            {fromWords(way, knowsCupboard, isTooLittle ? leftML : null)}
          </Overline>
          <Body style={styles.name}>{name}</Body>
        </View>
        {on ? (
          <Body style={styles.chosen}>Chosen</Body>
        ) : (
          <Action title="Choose" label={`Choose ${name}`} onPress={onPick} />
        )}
      </View>
      <Body>
        {candidate && <Body style={styles.bold}>{method.name}. </Body>}
        {way.why}
      </Body>
      {went && (
        <Body style={styles.went}>
          {formatNumber(went.mean)} of 10 here, {went.times === 1 ? 'once' : `${went.times} times`}
        </Body>
      )}
      {on && method.does !== null && <Body>{method.does}</Body>}
      {on &&
        way.conditions.map((condition) => (
          <Body key={condition} style={styles.condition}>
            {condition}
          </Body>
        ))}
      {strength !== '' && <SecondaryText>{capital(strength)}</SecondaryText>}
      <Body style={styles.figures}>
        {[dwellWords(way), amount, candidate ? EFFORT[way.effort] : ''].filter(Boolean).join(' · ')}
      </Body>

      {on && cautions.map((f) => <FindingCard key={f.code + f.scope} finding={f} sources={sourcesOf(f)} />)}
      {!on && cautions.length > 0 && (
        <SecondaryText>
          {cautions.length === 1 ? 'One thing to mind' : `${cautions.length} things to mind`}
        </SecondaryText>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  card: {
    backgroundColor: COLORS.sheet,
    borderRadius: 12,
    padding: SPACE.m,
    gap: SPACE.xs,
    borderWidth: 1.5,
    borderColor: COLORS.line,
  },
  chosen: { color: COLORS.action, fontWeight: '700' },
  condition: { color: COLORS.caution, fontWeight: '700' },
  figures: { fontVariant: ['tabular-nums'], fontWeight: '700' },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  made: { color: COLORS.action },
  name: { fontWeight: '700', fontSize: 19, lineHeight: 25 },
  on: { borderColor: COLORS.action, borderWidth: 3 },
  went: { color: COLORS.action, fontWeight: '700' },
  words: { flex: 1 },
});
