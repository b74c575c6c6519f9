import { StyleSheet, View } from 'react-native';
import { rinsedNow, SOURCES, type LogEntry, type ResidueConflict, type HeldWay } from '@/core';
import { useWriteHome } from '@/data';
import {
  capital,
  Action,
  agoText,
  Body,
  COLORS,
  FindingCard,
  Heading,
  Section,
  SecondaryText,
  SPACE,
  useNotice,
} from '@/ui';

/**
 * What stops some of the ways: something left from before that must not meet them. It is not clicked away:
 * the rinse that makes it safe is done, and written into the log as done.
 */
export function BlockedByResidue({ stopped, nowMs }: { stopped: readonly HeldWay[]; nowMs: number }) {
  return (
    <Section>
      <Heading>Stopped for now</Heading>
      <StopCards stops={stopped.flatMap((h) => h.meets.filter((m) => m.level === 'danger'))} nowMs={nowMs} />
      <SecondaryText>
        Until then these stay stopped: {[...new Set(stopped.map((h) => h.way.name))].join(', ')}.
      </SecondaryText>
    </Section>
  );
}

/** Each thing left from before, what it would do, what makes it safe, and the rinse to be written down. */
export function StopCards({ stops, nowMs }: { stops: readonly ResidueConflict[]; nowMs: number }) {
  const write = useWriteHome();
  const say = useNotice();
  const once = stops.filter(
    (m, i) => stops.findIndex((o) => o.residue.entry === m.residue.entry && o.residue.scope === m.residue.scope) === i,
  );
  const rinsed = (entry: LogEntry): void => {
    const at = new Date().toISOString();
    write.mutate(
      { log: { put: [rinsedNow(entry, at)], remove: [] } },
      {
        onSuccess: () => say({ text: `Written down: ${entry.surface.name} rinsed after ${entry.used.name}.` }),
      },
    );
  };
  return (
    <Section>
      {once.map((m) => {
        const { entry, scope } = m.residue;
        return (
          <View key={entry.id + scope} style={styles.stop} testID="stopped">
            <Body style={styles.bold}>
              {capital(entry.used.name)} was used {where(scope, entry)} {agoText(entry.at, nowMs)}
              {scope === 'air' ? '.' : ' and not rinsed off.'}
            </Body>
            <FindingCard finding={m.finding} sources={m.finding.sources.map((s) => SOURCES[s])} />
            <Body>
              <Body style={styles.bold}>To make it safe: </Body>
              {m.safe}
            </Body>
            {scope !== 'air' && (
              <Action
                title={scope === 'drain' ? `${entry.surface.name} is rinsed, the drain too` : 'I have rinsed it now'}
                onPress={() => rinsed(entry)}
                testID="rinsed-now"
              />
            )}
          </View>
        );
      })}
    </Section>
  );
}

const where = (scope: string, entry: LogEntry): string =>
  scope === 'sequence'
    ? 'on it'
    : scope === 'air'
      ? `in ${entry.room.name || 'this room'}`
      : `on ${entry.surface.name}`;

const styles = StyleSheet.create({
  stop: { backgroundColor: COLORS.dangerTint, borderRadius: 12, padding: SPACE.m, gap: SPACE.s },
  bold: { fontWeight: '700' },
});
