import { StyleSheet, View } from 'react-native';
import { leftML, SOURCES, type Batch, type IntoUse, type Result, type ToppedUp, type Vessel } from '@/core';
import {
  Action,
  agoText,
  Body,
  Choice,
  COLORS,
  dayText,
  FindingCard,
  Heading,
  SecondaryText,
  SPACE,
  volumeText,
} from '@/ui';

interface Props {
  readonly vessel: Vessel;
  /** What stands in it. */
  readonly onto: Batch;
  /** What it would be topped up; a problem where that cannot be. */
  readonly whole: Result<ToppedUp>;
  readonly into: IntoUse | null;
  readonly onInto: (into: IntoUse) => void;
  readonly onAnother: () => void;
  readonly nowMs: number;
}

/** True if it may be poured onto what stands in the bottle. */
export const mayTopUp = (whole: Result<ToppedUp>): boolean => whole.ok && whole.value.evaluation.verdict !== 'danger';

/** What stands in the chosen bottle: nothing is poured in before it is said what becomes of it. */
export function InItNow({ vessel, onto, whole, into, onInto, onAnother, nowMs }: Props) {
  const may = mayTopUp(whole);
  const how = into?.how ?? null;
  const found = whole.ok
    ? whole.value.evaluation.findings.filter((f) => f.level === 'danger' || f.level === 'defeats')
    : [];
  const shown = may ? (how === 'top-up' ? found : []) : found;
  return (
    <View style={[styles.box, how === null && styles.asks]} testID="in-it-now">
      <Heading>In it now: {onto.label.name}</Heading>
      <Body>
        About {volumeText(leftML(onto))} in {vessel.name}, made {agoText(onto.oldestAt ?? onto.madeAt, nowMs)}.
        {how === null ? ' What becomes of it?' : ''}
      </Body>
      <Choice
        label={`What becomes of ${onto.label.name}`}
        options={[
          { value: 'empty' as const, label: 'Empty it first' },
          ...(may ? [{ value: 'top-up' as const, label: 'Top it up' }] : []),
        ]}
        chosen={how === null ? [] : [how]}
        onChoose={(value) => onInto({ how: value, batchId: onto.id })}
      />
      {!may && (
        <Body style={styles.stopped} testID="not-onto">
          {whole.ok ? `Not onto ${onto.label.name}: together they are a danger.` : whole.problems[0]?.message}
        </Body>
      )}
      {shown.map((f) => (
        <FindingCard key={f.code} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
      ))}
      {how === 'empty' && (
        <SecondaryText>
          Pour the rest away by local rules, rinse the bottle and its trigger, and take the old label off.
        </SecondaryText>
      )}
      {how === 'top-up' && whole.ok && (
        <SecondaryText>
          {whole.value.olderDays > 0
            ? `It keeps no longer than what is in it: ${whole.value.olderDays} days.`
            : `What is in it is past its day, from ${dayText(onto.oldestAt ?? onto.madeAt)}: better emptied.`}
        </SecondaryText>
      )}
      <Action title="Another bottle instead" weight="quiet" onPress={onAnother} testID="bottle-instead" />
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: SPACE.s, borderLeftWidth: 4, borderLeftColor: COLORS.line, paddingLeft: SPACE.m },
  asks: { borderLeftColor: COLORS.action },
  stopped: { color: COLORS.danger, fontWeight: '700' },
});
