import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { startTimer, timerAt, type TimerKind } from '@/core';
import { newId, useTimers, useWriteHome } from '@/data';
import {
  Action,
  Body,
  Choice,
  Field,
  Heading,
  minutesText,
  Part,
  Screen,
  Soft,
  TimerLine,
  Title,
  useNotice,
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
    name: 'Peel in vinegar',
    minutes: [14 * DAY, 21 * DAY, 28 * DAY],
  },
];

const MOST_MINUTES = 60 * DAY;

/** Everything that is waited for, and a new wait. */
export function TimersScreen() {
  const router = useRouter();
  const say = useNotice();
  const timers = useTimers();
  const write = useWriteHome();
  const nowMs = useNow();
  const { kind = 'own' } = useLocalSearchParams<{ kind?: string }>();
  const [preset, setPreset] = useState(PRESETS.some((p) => p.value === kind) ? kind : 'own');
  const [place, setPlace] = useState('');
  const [typed, setTyped] = useState('15');
  const chosen = PRESETS.find((p) => p.value === preset) ?? PRESETS[0];
  const minutes = typed.trim() === '' ? NaN : Number(typed.replace(',', '.'));
  const good = Number.isFinite(minutes) && minutes >= 1 && minutes <= MOST_MINUTES;
  const running = (timers.data ?? []).filter((t) => t.endedAt === null);
  const start = (): void => {
    if (!chosen) return;
    const [useful, best, longest] =
      chosen.value === 'own' ? ([minutes, minutes, 2 * minutes] as const) : chosen.minutes;
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
        onError: (error) => say({ text: `Not started: ${error.message}. Try again.` }),
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
          disabled={(preset === 'own' && !good) || write.isPending}
          testID="start-timer"
        />
      }
    >
      <Title>Waits</Title>
      {running.length === 0 ? (
        <Body>Nothing is running. A dwell starts by itself from the guide; anything else starts here.</Body>
      ) : (
        <Part>
          {running.map((t) => (
            <TimerLine key={t.id} timer={t} now={timerAt(t, nowMs)} onGo={router.push} />
          ))}
        </Part>
      )}
      <Part>
        <Heading>A new wait</Heading>
        <Choice label="Kind of wait" options={PRESETS} chosen={[preset]} onChoose={setPreset} />
        <Field
          label="Where, or what"
          value={place}
          onChangeText={setPlace}
          placeholder="oven racks, locker jar"
          maxLength={80}
          testID="timer-place"
        />
        {preset === 'own' ? (
          <Field
            label="Minutes"
            value={typed}
            onChangeText={setTyped}
            inputMode="decimal"
            maxLength={6}
            error={good ? null : 'Give a number from 1 to 86 400, for example 15.'}
            testID="timer-minutes"
          />
        ) : (
          chosen && (
            <Soft>
              Of use after {minutesText(chosen.minutes[0])}, best {minutesText(chosen.minutes[1])} (
              {whenText(nowMs + chosen.minutes[1] * 60_000, nowMs)}), no more after {minutesText(chosen.minutes[2])}.
            </Soft>
          )
        )}
      </Part>
    </Screen>
  );
}
