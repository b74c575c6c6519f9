import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  listOf,
  compatibilityReport,
  ownRefs,
  plural,
  searchWithOwn,
  SOURCES,
  type Finding,
  type Level,
  type CompatibilityAnswer,
  type NamedSubstance,
  type Scope,
} from '@/core';
import { useBatches, useLog, usePantry, useSettings } from '@/data';
import {
  Action,
  Body,
  capital,
  COLORS,
  Field,
  FindingCard,
  Heading,
  Overline,
  LEVEL_INK,
  LEVEL_WORD,
  Section,
  Screen,
  SecondaryText,
  SPACE,
  Title,
  VerdictBanner,
  VerdictMark,
} from '@/ui';
import { FirstSteps } from './FirstSteps';
import { meetAddress, thingOf, thingsInHome, type Around } from './things';

/** What is asked about most, where nothing is chosen yet. */
const COMMON = [
  'chlorine bleach',
  'white vinegar',
  'household ammonia',
  'hydrogen peroxide',
  'toilet cleaner',
  'drain opener',
];

const PLACE_WORDS: Readonly<Record<Scope, string>> = {
  stored: 'in one bottle',
  fresh: 'in one bowl',
  sequence: 'one after the other on a surface',
  air: 'in one room’s air',
  drain: 'in one drain',
};

const SAYING: Readonly<Record<Level, string>> = {
  danger: 'Keep them apart. It can hurt someone.',
  defeats: 'They undo each other. Nobody is hurt by it.',
  caution: 'With care: see what to mind.',
  clear: 'Nothing found against it.',
};

interface Props {
  /** Names, `batch:` and `log:` ids, as they stand in the address. */
  readonly asked: readonly string[];
}

/** May these meet? Two or more things, by any name; what happens in a bottle, on a surface, in the air, in a drain. */
export function MeetScreen({ asked }: Props) {
  const router = useRouter();
  const { lives: household } = useSettings();
  const pantry = usePantry();
  const batches = useBatches();
  const log = useLog();
  const [text, setText] = useState('');
  const around = useMemo(
    (): Around => ({ batches: batches.data ?? [], log: log.data?.entries ?? [], pantry: pantry.data ?? [] }),
    [batches.data, log.data, pantry.data],
  );
  const things = useMemo(() => asked.map((key) => thingOf(key, around)), [asked, around]);
  const answer = useMemo(
    () => (things.length > 1 ? compatibilityReport(things, household) : null),
    [things, household],
  );
  const show = (keys: readonly string[]): void => router.replace(meetAddress(...keys));
  const add = (...names: readonly string[]): void => {
    setText('');
    show([...asked, ...names.filter((n) => !asked.includes(n))].slice(0, MAX_THINGS));
  };
  const typed = text
    .split(/,|;|\n|\band\b|\bwith\b|\+|&/)
    .map((t) => t.trim())
    .filter(Boolean);
  const found = text.trim().length < 2 ? [] : searchWithOwn(typed.at(-1) ?? '', 4, ownRefs(around.pantry));
  const inHome = thingsInHome(around).map((t) => t.name);
  const offered = [...new Set([...COMMON, ...inHome])].filter((n) => !things.some((t) => t.name === n)).slice(0, 12);
  return (
    <Screen>
      <Title>May these meet?</Title>
      <SecondaryText>Any name will do: what is in the cupboard, a bottle of yours, a bought cleaner.</SecondaryText>
      <Field
        label={asked.length === 0 ? 'What, and what with?' : 'And what with?'}
        value={text}
        onChangeText={setText}
        placeholder={asked.length === 0 ? 'bleach, toilet cleaner' : 'another one'}
        maxLength={120}
        onSubmitEditing={() => typed.length > 0 && add(...typed)}
        staysOnEnter
        testID="meet-name"
      />
      {found.length > 0 ? (
        <View style={styles.chips} role="group" aria-label="Found by that name">
          {found.map((i) => (
            <Action
              key={i.id}
              title={i.name}
              label={`Add ${i.name}`}
              onPress={() => add(...typed.slice(0, -1), i.name)}
            />
          ))}
        </View>
      ) : (
        typed.length > 0 && (
          <Action title={`Ask about “${text.trim()}”`} onPress={() => add(...typed)} testID="meet-ask" />
        )
      )}
      {things.length > 0 && (
        <View style={styles.chips} role="group" aria-label="Asked about">
          {things.map((t, i) => (
            <Action
              key={asked[i]}
              title={`${capital(t.name)}  ✕`}
              label={`${capital(t.name)}  ✕, take it out`}
              onPress={() => show(asked.filter((k) => k !== asked[i]))}
            />
          ))}
        </View>
      )}
      <Kinds things={things} onChoose={(at, name) => show(asked.map((k, i) => (i === at ? name : k)))} />
      {answer && (
        <>
          <VerdictBanner level={answer.verdict} saying={SAYING[answer.verdict]} />
          <View role="list" aria-label="Where">
            {answer.answers.map(({ scope, verdict }) => (
              <View key={scope} role="listitem" style={styles.place} testID={`place-${scope}`}>
                <VerdictMark level={verdict} size={28} />
                <Body style={styles.where}>{capital(PLACE_WORDS[scope])}</Body>
                <Body style={[styles.level, { color: LEVEL_INK[verdict] }]}>{LEVEL_WORD[verdict]}</Body>
              </View>
            ))}
          </View>
          <Reasons answers={answer.answers} />
          {answer.accidents.length > 0 && (
            <Section>
              <Heading>If it has happened</Heading>
              {answer.accidents.slice(0, 3).map((a) => (
                <FirstSteps key={a} accident={a} />
              ))}
              <Action title="Numbers to call, and all first steps" onPress={() => router.push('/safety')} />
            </Section>
          )}
          <SecondaryText>What stands on the labels comes before anything said here.</SecondaryText>
        </>
      )}
      {!answer && offered.length > 0 && (
        <Section>
          <Heading>{things.length === 0 ? 'Or tap two of these' : 'With one of these?'}</Heading>
          <View style={styles.chips}>
            {offered.map((name) => (
              <Action key={name} title={capital(name)} onPress={() => add(name)} />
            ))}
          </View>
        </Section>
      )}
    </Screen>
  );
}

/** So many things are asked about at once. */
const MAX_THINGS = 6;

/** Names that more than one kind of product goes by: one tap says which. */
function Kinds({
  things,
  onChoose,
}: {
  things: readonly NamedSubstance[];
  onChoose: (at: number, name: string) => void;
}) {
  return (
    <>
      {things.map((t, at) =>
        t.readings.length < 2 ? null : (
          <Section key={t.name}>
            <Body>Which {t.name} is it? Until you say, it counts as the worst of them.</Body>
            <View style={styles.chips}>
              {t.readings.map((r) => {
                const name = r[0]?.name ?? '';
                return <Action key={name} title={capital(name)} onPress={() => onChoose(at, name)} />;
              })}
            </View>
          </Section>
        ),
      )}
    </>
  );
}

interface Reason {
  readonly finding: Finding;
  readonly places: readonly string[];
}

/** Each finding once, with the places it holds in. */
function reasonsOf(answers: readonly CompatibilityAnswer[]): Reason[] {
  const reasons = new Map<string, Reason>();
  for (const { scope, findings } of answers) {
    for (const finding of findings) {
      const key = `${finding.code} ${finding.level} ${finding.happens}`;
      const places = [...(reasons.get(key)?.places ?? []), PLACE_WORDS[scope]];
      reasons.set(key, { finding, places });
    }
  }
  return [...reasons.values()];
}

/** Why: what hurts or undoes itself open, what is only to mind behind one tap. */
function Reasons({ answers }: { answers: readonly CompatibilityAnswer[] }) {
  const [all, setAll] = useState(false);
  const reasons = reasonsOf(answers);
  const grave = reasons.filter(({ finding }) => finding.level !== 'caution');
  const shown = [...grave, ...(all || grave.length === 0 ? reasons.filter((r) => !grave.includes(r)) : [])];
  const hidden = reasons.length - shown.length;
  return (
    <Section>
      {shown.map(({ finding, places }) => (
        <View key={`${finding.code} ${finding.level} ${finding.happens}`} style={styles.reason}>
          {places.length < answers.length && <Overline>{capital(listOf(places))}</Overline>}
          <FindingCard finding={finding} sources={finding.sources.map((s) => SOURCES[s])} />
        </View>
      ))}
      {hidden > 0 && (
        <Action
          title={`${hidden} more ${plural(hidden, 'thing', 'things')} to mind`}
          weight="quiet"
          onPress={() => setAll(true)}
        />
      )}
    </Section>
  );
}

const styles = StyleSheet.create({
  chips: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  place: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    minHeight: 44,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
  },
  where: { flex: 1 },
  level: { fontWeight: '700' },
  reason: { gap: SPACE.xs },
});
