import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { isLeftOn, editEntry, listOf, rinsedNow, type LogChange, type LogEntry } from '@/core';
import { useKeepRecord, useLog, useSettings, useWriteHome } from '@/data';
import {
  Action,
  Body,
  capital,
  COLORS,
  dayText,
  Heading,
  massText,
  moneyText,
  OUTCOME_WORDS,
  Overline,
  minutesText,
  Section,
  RATED,
  Screen,
  SecondaryText,
  SPACE,
  Title,
  useNotice,
  useWide,
  volumeText,
  whenText,
} from '@/ui';
import { EntryChangeForm } from '@/forms';

/** One entry of the log, as it was; what is changed keeps what it said before. */
export function EntryScreen({ id }: { id: string }) {
  const router = useRouter();
  const log = useLog();
  if (!log.isSuccess) return <Screen>{null}</Screen>;
  const entry = log.data.entries.find((e) => e.id === id);
  if (!entry) {
    if (!log.data.complete || log.isFetching) return <Screen>{null}</Screen>;
    return (
      <Screen next={<Action title="To the log" weight="main" onPress={() => router.replace('/log')} />}>
        <Title>Not here</Title>
        <Body>This entry is not in the log of this home.</Body>
      </Screen>
    );
  }
  return <Entry key={entry.id} entry={entry} />;
}

/** What the form changes of an entry. */
const changeIn = ({ outcome, rating, workMinutes, strokes, notes }: LogEntry): LogChange => ({
  outcome,
  rating,
  workMinutes,
  strokes,
  notes,
});

function Entry({ entry }: { entry: LogEntry }) {
  const router = useRouter();
  const wide = useWide();
  const say = useNotice();
  const write = useWriteHome({ kept: 'Nothing was changed.' });
  const keep = useKeepRecord('log', { kept: 'Nothing was changed.' });
  /** The entry as it was when the change began. */
  const [changing, setChanging] = useState<LogEntry | null>(null);
  const remove = (): void =>
    write.mutate(
      { log: { put: [], remove: [entry] } },
      {
        onSuccess: () => {
          router.replace('/log');
          say({
            text: `${entry.surface.name} is taken out of the log.`,
            undo: () => write.mutate({ log: { put: [entry], remove: [] } }),
          });
        },
      },
    );
  const rinse = (): void => {
    const at = new Date().toISOString();
    write.mutate({ log: { put: [rinsedNow(entry, at)], remove: [] } });
  };
  const again =
    `/clean?surface=${encodeURIComponent(entry.surface.id ?? `any:${entry.surface.material ?? ''}`)}&soil=${entry.soil.id ?? ''}` as const;
  return (
    <Screen
      next={
        <Action
          title={entry.surface.id || entry.surface.material ? 'Clean it again' : 'What are you cleaning?'}
          weight="main"
          onPress={() => router.push(entry.surface.id || entry.surface.material ? again : '/clean')}
        />
      }
    >
      <Section>
        <Overline>
          {entry.room.name || 'At home'} · {dayText(entry.at)}, {whenText(Date.parse(entry.at), Date.parse(entry.at))}
        </Overline>
        <Title>{entry.surface.name}</Title>
        {entry.soil.name !== '' && <SecondaryText>{entry.soil.name}</SecondaryText>}
        <Body style={styles.outcome}>{OUTCOME_WORDS[entry.outcome]}</Body>
      </Section>
      <Facts entry={entry} />
      {isLeftOn(entry) && (
        <View style={styles.left}>
          <Body>It was not rinsed off: it still counts as being there when the next thing goes on.</Body>
          <Action title="I have rinsed it now" onPress={rinse} testID="rinsed-now" />
        </View>
      )}
      <Action
        title="May it meet something?"
        weight="quiet"
        onPress={() => router.push(`/safety/meet?with=log:${entry.id}`)}
      />
      {changing ? (
        <EntryChangeForm
          entry={changing}
          onDone={(change) => {
            const at = new Date().toISOString();
            keep.mutate(
              {
                base: changing,
                mine: { ...changing, ...change },
                finish: (value, before) => (before ? editEntry(before, changeIn(value), at) : value),
              },
              { onSuccess: () => setChanging(null) },
            );
          }}
          onClose={() => setChanging(null)}
        />
      ) : (
        <View style={styles.row}>
          <Action title="Change it" onPress={() => setChanging(entry)} testID="change-entry" />
          <Action title="Take it out" weight="danger" onPress={remove} testID="remove-entry" />
          {!wide && <Action title="To the log" onPress={() => router.push('/log')} />}
        </View>
      )}
      {entry.used.kind === 'formula' && entry.used.card !== '' && (
        <Section>
          <Heading>As it was mixed</Heading>
          <Body style={styles.card}>{entry.used.card.trim()}</Body>
        </Section>
      )}
      {entry.history.length > 0 && (
        <Section>
          <Heading>What it said before</Heading>
          {entry.history.map((h) => (
            <SecondaryText key={h.at}>
              {dayText(h.at)}, {whenText(Date.parse(h.at), Date.parse(h.at))}:{' '}
              {Object.entries(h.was)
                .map(([key, value]) => `${FIELD_WORDS[key] ?? key} ${beforeWords(value)}`)
                .join('; ')}
            </SecondaryText>
          ))}
        </Section>
      )}
    </Screen>
  );
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  rinsedAt: 'rinsed',
  workMinutes: 'minutes',
  notes: 'note',
};

/** A value of before, in words: a note, a number, a day, a rating. */
function beforeWords(value: unknown): string {
  switch (typeof value) {
    case 'string':
      return value === '' ? 'nothing' : /^\d{4}-\d\d-\d\dT/.test(value) ? dayText(value) : value;
    case 'number':
      return String(value);
    case 'object':
      return (
        Object.entries(value ?? {})
          .filter(([, v]) => v !== null)
          .map(([k, v]) => `${k} ${String(v)}`)
          .join(', ') || 'nothing'
      );
    default:
      return 'nothing';
  }
}

/** How much it took, and what that cost: "50 mL, £0.033 without dish soap". */
function tookText({ took }: LogEntry, currency: string): string {
  if (!took) return '';
  const { volumeML, massG, cost } = took;
  const amount = volumeML === null ? (massG === null ? '' : massText(massG)) : volumeText(volumeML);
  const without = cost && cost.unpriced.length > 0 ? ` without ${listOf(cost.unpriced)}` : '';
  return [amount, cost ? `${moneyText(cost.money, currency)}${without}` : ''].filter(Boolean).join(', ');
}

function Facts({ entry }: { entry: LogEntry }) {
  const { currency } = useSettings();
  const { dwell, used } = entry;
  const rated = RATED.flatMap(({ key, label }) => {
    const value = entry.rating[key];
    return value === null ? [] : [`${label} ${value}`];
  });
  const facts: (readonly [string, string])[] = [
    ['With', capital(used.name)],
    [
      'Strength',
      used.kind === 'formula' ? used.strength : used.kind === 'bought' ? 'a bought product: see its label' : '',
    ],
    [
      'On for',
      dwell
        ? `${dwell.tookMinutes < 1 ? 'under a minute' : minutesText(dwell.tookMinutes)} of ${minutesText(dwell.plannedMinutes)}${dwell.rewets > 0 ? `, wetted again ${dwell.rewets} ${dwell.rewets === 1 ? 'time' : 'times'}` : ''}${dwell.endedBecause ? `; ${dwell.endedBecause}` : ''}`
        : '',
    ],
    ['Took', tookText(entry, currency)],
    ['Rinsed', entry.rinsedAt ? 'yes' : isLeftOn(entry) ? 'no' : ''],
    ['Rated', rated.join(', ')],
    [
      'Work',
      [
        entry.workMinutes === null ? '' : minutesText(entry.workMinutes),
        entry.strokes === null ? '' : `${entry.strokes} strokes`,
      ]
        .filter(Boolean)
        .join(', '),
    ],
    ['Note', entry.notes],
  ];
  return (
    <View style={styles.facts}>
      {facts
        .filter(([, value]) => value !== '')
        .map(([label, value]) => (
          <View key={label} style={styles.fact}>
            <SecondaryText style={styles.label}>{label}</SecondaryText>
            <Body style={styles.value}>{value}</Body>
          </View>
        ))}
    </View>
  );
}

const styles = StyleSheet.create({
  outcome: { fontWeight: '700', color: COLORS.action },
  left: { backgroundColor: COLORS.cautionTint, borderRadius: 12, padding: SPACE.m, gap: SPACE.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  half: { flex: 1, minWidth: 130 },
  facts: { backgroundColor: COLORS.sheet, borderRadius: 12, paddingHorizontal: SPACE.m },
  fact: {
    flexDirection: 'row',
    gap: SPACE.m,
    paddingVertical: SPACE.s,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
  },
  label: { width: 80 },
  value: { flex: 1 },
  card: { borderLeftWidth: 3, borderLeftColor: COLORS.line, paddingLeft: SPACE.m },
});
