import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import {
  contextOf,
  infusionDangers,
  PEEL_INFUSION,
  SOURCES,
  startTimer,
  timerAt,
  type TimerKind,
  MINUTE_MS,
} from '@/core';
import { newId, useSettings, useTimers, useWriteHome } from '@/data';
import { typedNumberIn, readAs } from '@/devices';
import {
  Action,
  Body,
  Choice,
  Field,
  FindingCard,
  Heading,
  minutesText,
  Section,
  Screen,
  SecondaryText,
  TimerLine,
  Title,
  useNow,
  whenText,
} from '@/ui';

const HOUR = 60;
const DAY = 24 * HOUR;

interface Preset {
  readonly value: string;
  readonly label: string;
  readonly kind: TimerKind;
  readonly name: string;
  /** Of use from, best, longest; minutes. */
  readonly minutes: readonly [number, number, number];
}

/** Waits that are not a dwell of the guide. Common practice, no source. */
const PRESETS: readonly Preset[] = [
  { value: 'own', label: 'Minutes of my own', kind: 'own', name: 'Wait', minutes: [15, 15, 30] },
  { value: 'soak', label: 'Soak overnight', kind: 'soak', name: 'Soak', minutes: [4 * HOUR, 8 * HOUR, 12 * HOUR] },
  { value: 'steam', label: 'Steam', kind: 'steam', name: 'Steam', minutes: [20, 20, 40] },
  {
    value: 'infusion',
    label: 'Peel in vinegar',
    kind: 'infusion',
    name: PEEL_INFUSION.name,
    minutes: [14 * DAY, 21 * DAY, 28 * DAY],
  },
  { value: 'jar', label: 'Another jar, in days', kind: 'infusion', name: 'Jar', minutes: [DAY, DAY, 2 * DAY] },
];

interface Typed {
  readonly label: string;
  /** Of one. */
  readonly minutes: number;
  readonly most: number;
  readonly accepted: string;
}

/** Waits whose length is typed. */
const TYPED: Readonly<Record<string, Typed>> = {
  own: {
    label: 'Minutes',
    minutes: 1,
    most: 60 * DAY,
    accepted: 'Give a number from 1 to 86 400, for example 15.',
  },
  jar: { label: 'Days', minutes: DAY, most: 60, accepted: 'Give a number of days from 1 to 60, for example 14.' },
};

/** Everything that is waited for, and a new wait. */
export function TimersScreen() {
  const router = useRouter();
  const timers = useTimers();
  const write = useWriteHome({ failed: 'Not started' });
  const nowMs = useNow();
  const { kind = 'own' } = useLocalSearchParams<{ kind?: string }>();
  const [preset, setPreset] = useState(PRESETS.some((p) => p.value === kind) ? kind : 'own');
  const [place, setPlace] = useState('');
  const [typed, setTyped] = useState('15');
  const settings = useSettings();
  const chosen = PRESETS.find((p) => p.value === preset) ?? PRESETS[0];
  const given = TYPED[preset];
  const number = typedNumberIn(typed);
  const good = typeof number === 'number' && number >= 1 && number <= (given?.most ?? Infinity);
  const minutes = good && given ? number * given.minutes : 0;
  // What may not be used in this home is not waited for either.
  const dangers = chosen ? infusionDangers({ ...chosen, place }, contextOf('stored', settings)) : [];
  const running = (timers.data ?? []).filter((t) => t.endedAt === null);
  const start = (): void => {
    if (!chosen) return;
    const [useful, best, longest] = given ? ([minutes, minutes, 2 * minutes] as const) : chosen.minutes;
    const timer = startTimer(
      {
        id: newId(),
        kind: chosen.kind,
        name: chosen.name,
        place: place.trim(),
        usefulMinutes: useful,
        bestMinutes: best,
        longestMinutes: longest,
      },
      new Date().toISOString(),
    );
    write.mutate(
      { put: [{ collection: 'timer', value: timer }] },
      {
        onSuccess: () => router.push(`/clean/timer?id=${timer.id}`),
      },
    );
  };
  return (
    <Screen
      next={
        <Action
          title="Start the time"
          weight="main"
          onPress={start}
          disabled={(given !== undefined && !good) || dangers.length > 0 || write.isPending}
          testID="start-timer"
        />
      }
    >
      <Title>Waits</Title>
      {running.length === 0 ? (
        <Body>Nothing is running. A dwell starts by itself from the guide; anything else starts here.</Body>
      ) : (
        <Section>
          {running.map((t) => (
            <TimerLine key={t.id} timer={t} now={timerAt(t, nowMs)} onGo={router.push} />
          ))}
        </Section>
      )}
      <Section>
        <Heading>A new wait</Heading>
        <Choice label="Kind of wait" options={PRESETS} chosen={[preset]} onChoose={setPreset} />
        {dangers.map((f) => (
          <FindingCard key={f.code} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
        ))}
        {dangers.length > 0 && preset === 'infusion' && (
          <Body>Plain vinegar, thinned one to one, does the same work without the scent.</Body>
        )}
        <Field
          label="Where, or what"
          value={place}
          onChangeText={setPlace}
          placeholder="oven racks, locker jar"
          maxLength={80}
          testID="timer-place"
        />
        {given ? (
          <Field
            label={given.label}
            value={typed}
            onChangeText={setTyped}
            inputMode="decimal"
            hint={readAs(typed)}
            maxLength={6}
            error={good ? null : given.accepted}
            testID="timer-minutes"
          />
        ) : (
          chosen && (
            <SecondaryText>
              Of use after {minutesText(chosen.minutes[0])}, best {minutesText(chosen.minutes[1])} (
              {whenText(nowMs + chosen.minutes[1] * MINUTE_MS, nowMs)}), no more after {minutesText(chosen.minutes[2])}.
            </SecondaryText>
          )
        )}
      </Section>
    </Screen>
  );
}
