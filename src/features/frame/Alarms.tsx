import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { nextEventMs, dueEvents, markNotified, type Timer, type TimerEvent, HOUR_MS } from '@/core';
import { useChangeTimers, useSettings, useTimers } from '@/data';
import { ring, soundState, wakeSound } from '@/devices';
import { Action, Alert, Body, timerEventText, timerPath } from '@/ui';

/** What was told, to stay in sight until it is seen to. */
interface Told {
  readonly timer: Timer;
  readonly event: TimerEvent;
  readonly silent: boolean;
}

/** Waiting longer than this is done in steps: browsers cannot wait for weeks at once. */
const MAX_WAIT_MS = HOUR_MS;

const isUrgent = ({ timer, event }: Pick<Told, 'timer' | 'event'>): boolean =>
  event.what === 'off' && timer.mustComeOff;

const ORDER: readonly TimerEvent['what'][] = ['off', 'rewet', 'best', 'useful', 'again'];

/** What harms its surface first, then what dries, then what is ready; of two alike the longer due. */
const byUrgency = (a: Pick<Told, 'timer' | 'event'>, b: Pick<Told, 'timer' | 'event'>): number =>
  Number(isUrgent(b)) - Number(isUrgent(a)) ||
  ORDER.indexOf(a.event.what) - ORDER.indexOf(b.event.what) ||
  a.event.atMs - b.event.atMs;

/** So many stand open; the others are one line. */
const SHOWN = 2;

/**
 * Watches every wait and tells once, in one tab, what is due: it is written down as told first, and only the tab
 * that wrote it rings.
 */
function useAlarms(): {
  readonly told: readonly Told[];
  readonly close: (those: readonly Told[]) => void;
} {
  const timers = useTimers();
  const settings = useSettings();
  const { mutateAsync } = useChangeTimers();
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
    const isNew = (timer: Timer): boolean => {
      const due = dueEvents(timer, now);
      const unkept = new Set(due.map((e) => e.key).filter((key) => notKept.current.get(timer.id)?.has(key)));
      notKept.current.set(timer.id, unkept);
      return due.some((e) => !unkept.has(e.key));
    };
    const tell = async (due: readonly Timer[]): Promise<void> => {
      const mine = new Map<string, readonly TimerEvent[]>();
      try {
        await mutateAsync({
          ids: due.map((t) => t.id),
          change: (t) => {
            const events = dueEvents(t, now);
            // What was told by another tab, or ended there, is not told here.
            if (events.length === 0) return t;
            mine.set(t.id, events);
            return markNotified(t, now);
          },
        });
      } catch {
        // A full disk must not keep a wait silent: it is told here all the same, and once.
        for (const timer of due) {
          const unkept = notKept.current.get(timer.id) ?? new Set<string>();
          const events = dueEvents(timer, now);
          mine.set(
            timer.id,
            events.filter((e) => !unkept.has(e.key)),
          );
          events.forEach((e) => unkept.add(e.key));
          notKept.current.set(timer.id, unkept);
        }
      }
      const fresh = due
        .flatMap((timer): Omit<Told, 'silent'>[] => {
          const event = mine.get(timer.id)?.at(-1);
          return event ? [{ timer, event }] : [];
        })
        .sort(byUrgency);
      const [first] = fresh;
      if (!first) return;
      const { sound, vibration, notifications } = wished.current;
      // One ring for all that is due, in the words of the most urgent.
      const more = fresh.length > 1 ? ` And ${fresh.length - 1} more.` : '';
      const rang = ring({
        title: timerEventText(first) + more,
        body: first.timer.name,
        path: timerPath(first.timer),
        urgent: isUrgent(first),
        sound,
        vibration,
        notification: notifications,
      });
      const ids = new Set(fresh.map(({ timer }) => timer.id));
      setTold((before) => [
        ...before.filter((b) => !ids.has(b.timer.id)),
        ...fresh.map((one) => ({ ...one, silent: sound && !rang.sounded })),
      ]);
    };
    const due = list.filter(isNew);
    if (due.length > 0) void tell(due);
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
    told: told.filter((t) => running.has(t.timer.id)).sort(byUrgency),
    close: (those) => setTold((before) => before.filter((b) => !those.includes(b))),
  };
}

/** What is due, in sight wherever the person is; and a sign where the page may not sound. */
export function Alarms() {
  const router = useRouter();
  const { told, close } = useAlarms();
  const silent = told.some((t) => t.silent) && soundState() === 'needs-a-touch';
  const rest = told.slice(SHOWN);
  return (
    <View>
      {told.slice(0, SHOWN).map((one, i) => {
        const { timer } = one;
        return (
          <Alert
            key={timer.id}
            tone={isUrgent(one) ? 'danger' : 'caution'}
            // The most urgent is spoken; the rest can be counted.
            live={i === 0 ? 'assertive' : 'off'}
            testID="alarm"
          >
            <Body style={styles.words}>{timerEventText(one)}</Body>
            <Action
              title="Open"
              label={`Open ${timer.place || timer.name}`}
              onPress={() => {
                close([one]);
                void wakeSound();
                router.push(timerPath(timer));
              }}
            />
            <Action title="Seen" label={`Seen: ${timer.place || timer.name}`} onPress={() => close([one])} />
          </Alert>
        );
      })}
      {rest.length > 0 && (
        <Alert tone="caution" live="polite" testID="alarms-more">
          <Body style={styles.words}>
            {rest.length === 1 ? 'One more wait is due.' : `${rest.length} more waits are due.`}
          </Body>
          <Action
            title="All waits"
            onPress={() => {
              close(told);
              void wakeSound();
              router.push('/clean/timers');
            }}
          />
          <Action title="All seen" onPress={() => close(told)} testID="all-seen" />
        </Alert>
      )}
      {silent && (
        <Alert tone="caution" live="off">
          <Body style={styles.words}>The browser keeps this page silent until it is touched.</Body>
          <Action title="Let it sound" onPress={() => void wakeSound()} />
        </Alert>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ words: { fontWeight: '700' } });
