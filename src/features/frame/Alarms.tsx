import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { nextEventMs, dueEvents, markNotified, type Timer, type TimerEvent, HOUR_MS } from '@/core';
import { useChangeTimer, useSettings, useTimers } from '@/data';
import { ring, soundState, wakeSound } from '@/devices';
import { Action, Body, COLORS, SPACE, timerPath } from '@/ui';

/** What was told, to stay in sight until it is seen to. */
interface Told {
  readonly timer: Timer;
  readonly event: TimerEvent;
  readonly silent: boolean;
}

/** Waiting longer than this is done in steps: browsers cannot wait for weeks at once. */
const MAX_WAIT_MS = HOUR_MS;

function words({ timer, event }: Pick<Told, 'timer' | 'event'>): string {
  const place = timer.place || timer.name;
  switch (event.what) {
    case 'useful':
      return timer.kind === 'infusion' ? `${place}: ready to strain.` : `${place}: of use by now.`;
    case 'best':
      return timer.kind === 'spot-test' || timer.kind === 'steam' || timer.kind === 'own'
        ? `${place}: the wait is over.`
        : `${place}: best now.`;
    case 'off':
      return timer.mustComeOff ? `${place}: take it off now.` : `${place}: more adds nothing.`;
    case 'rewet':
      return `${place}: wet it again.`;
    case 'again':
      return `${place}: you wanted to be told again.`;
  }
}

/**
 * Watches every wait and tells once, in one tab, what is due: it is written down as told first, and only the tab
 * that wrote it rings.
 */
function useAlarms(): { readonly told: readonly Told[]; readonly close: (one: Told) => void } {
  const timers = useTimers();
  const settings = useSettings();
  const { mutateAsync } = useChangeTimer();
  const [told, setTold] = useState<readonly Told[]>([]);
  const [tick, setTick] = useState(0);
  const wished = useRef(settings);
  /** What was told here and could not be written down, by wait. */
  const notKept = useRef(new Map<string, Set<string>>());
  useEffect(() => {
    wished.current = settings;
  }, [settings]);
  useEffect(() => {
    const list = timers.data ?? [];
    const now = Date.now();
    const tell = async (timer: Timer): Promise<void> => {
      const due = dueEvents(timer, now);
      const unkept = new Set(due.map((e) => e.key).filter((key) => notKept.current.get(timer.id)?.has(key)));
      notKept.current.set(timer.id, unkept);
      if (due.every((e) => unkept.has(e.key))) return;
      let mine: readonly TimerEvent[] = [];
      try {
        const kept = await mutateAsync({
          id: timer.id,
          change: (t) => {
            mine = dueEvents(t, now);
            return mine.length === 0 ? t : markNotified(t, now);
          },
        });
        // Told by another tab, or ended there.
        if (!kept) return;
      } catch {
        // A full disk must not keep a wait silent: it is told here all the same, and once.
        mine = due.filter((e) => !unkept.has(e.key));
        due.forEach((e) => unkept.add(e.key));
      }
      const last = mine.at(-1);
      if (!last) return;
      const { sound, vibration, notifications } = wished.current;
      const urgent = last.what === 'off' && timer.mustComeOff;
      const said = words({ timer, event: last });
      const rang = ring({ title: said, body: timer.name, urgent, sound, vibration, notification: notifications });
      setTold((before) => [
        ...before.filter((b) => b.timer.id !== timer.id),
        { timer, event: last, silent: sound && !rang.sounded },
      ]);
    };
    list.forEach((t) => void tell(t));
    const next = Math.min(...list.map((t) => nextEventMs(t, now) ?? Infinity));
    if (next === Infinity) return undefined;
    const wait = setTimeout(() => setTick(tick + 1), Math.min(MAX_WAIT_MS, next - now + 20));
    const seen = (): void => setTick(tick + 1);
    const page = typeof document === 'undefined' ? null : document;
    page?.addEventListener('visibilitychange', seen);
    return () => {
      clearTimeout(wait);
      page?.removeEventListener('visibilitychange', seen);
    };
  }, [timers.data, tick, mutateAsync]);
  // What was ended, here or in another tab, needs no more telling.
  const running = new Set((timers.data ?? []).filter((t) => t.endedAt === null).map((t) => t.id));
  return {
    told: told.filter((t) => running.has(t.timer.id)),
    close: (one) => setTold((before) => before.filter((b) => b !== one)),
  };
}

/** What is due, in sight wherever the person is; and a sign where the page may not sound. */
export function Alarms() {
  const router = useRouter();
  const { told, close } = useAlarms();
  const silent = told.some((t) => t.silent) && soundState() === 'needs-a-touch';
  return (
    <View aria-live="assertive">
      {told.map((one) => {
        const { timer } = one;
        const urgent = one.event.what === 'off' && timer.mustComeOff;
        return (
          <View key={timer.id} style={[styles.bar, urgent && styles.urgent]} testID="alarm">
            <Body style={styles.words}>{words(one)}</Body>
            <Action
              title="Open"
              label={`Open ${timer.place || timer.name}`}
              onPress={() => {
                close(one);
                void wakeSound();
                router.push(timerPath(timer));
              }}
            />
            <Action title="Seen" label={`Seen: ${timer.place || timer.name}`} onPress={() => close(one)} />
          </View>
        );
      })}
      {silent && (
        <View style={styles.bar}>
          <Body style={styles.words}>The browser keeps this page silent until it is touched.</Body>
          <Action title="Let it sound" onPress={() => void wakeSound()} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: {
    backgroundColor: COLORS.cautionTint,
    paddingHorizontal: SPACE.l,
    paddingVertical: SPACE.s,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: SPACE.s,
  },
  urgent: { backgroundColor: COLORS.dangerTint },
  words: { flex: 1, minWidth: 180, fontWeight: '700' },
});
