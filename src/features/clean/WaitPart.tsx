import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { adjustTimer, endTimer, snoozeTimer, timerAt, recordRewet, type EndReason, type Timer } from '@/core';
import { useChangeTimer, useSettings } from '@/data';
import {
  Action,
  Body,
  Choice,
  COLORS,
  countdownText,
  minutesText,
  Sheet,
  SPACE,
  timerStatusText,
  TimerFace,
  useNotice,
  useNow,
} from '@/ui';
import { END_REASON_CHOICES } from './endReasons';
import { HowItRings } from './HowItRings';

/** The screen does not go dark while something runs, if so wished. */
function useAwake(wished: boolean): void {
  useEffect(() => {
    if (!wished) return undefined;
    activateKeepAwakeAsync('waiting').catch(() => undefined);
    return () => {
      deactivateKeepAwake('waiting').catch(() => undefined);
    };
  }, [wished]);
}

/** Minutes that a wait is put off by: what takes days can wait until tomorrow. */
const snoozeOf = (timer: Timer): number => (timer.bestMinutes > 48 * 60 ? 24 * 60 : 5);

interface Props {
  readonly timer: Timer;
}

/** What can be done with a wait: wet it, move it, be told again, end it early with a reason. */
export function useWait(timer: Timer) {
  const change = useChangeTimer();
  const say = useNotice();
  const alter = (to: (now: Timer) => Timer): void => change.mutate({ id: timer.id, change: to });
  return {
    wet: () => alter((t) => recordRewet(t, new Date().toISOString())),
    move: (minutes: number) => alter((t) => adjustTimer(t, minutes, Date.now())),
    again: () => {
      const minutes = snoozeOf(timer);
      alter((t) => snoozeTimer(t, new Date().toISOString(), minutes));
      say({ text: `You will be told again in ${minutesText(minutes)}.` });
    },
    end: (reason: EndReason, onEnded: (timer: Timer) => void) => {
      const at = new Date().toISOString();
      change.mutate({
        id: timer.id,
        change: (t) => endTimer(t, at, reason),
        // The wait may be seen as ended, and its face be gone, before this has come back from the disk.
        after: (now) => onEnded(now ?? endTimer(timer, at, reason)),
      });
    },
    busy: change.isPending,
  };
}

/** A wait under way: its face, and what can be done with it. Taking it off is the screen's own big button. */
export function WaitPart({ timer }: Props) {
  const settings = useSettings();
  const nowMs = useNow();
  const wait = useWait(timer);
  const now = timerAt(timer, nowMs);
  useAwake(settings.awake);
  const step = timer.bestMinutes > 48 * 60 ? 24 * 60 : timer.bestMinutes >= 120 ? 30 : timer.bestMinutes >= 20 ? 5 : 1;
  const late = now.rewetInMs !== null && now.rewetInMs <= 0;
  return (
    <View style={styles.wait}>
      <TimerFace timer={timer} now={now} nowMs={nowMs} />
      <Body style={styles.standing} role="status">
        {timerStatusText(timer, now)}
      </Body>
      {now.rewetInMs !== null && (
        <View style={[styles.wet, late && styles.late]} testID="rewet">
          <Body style={styles.words}>
            {late ? 'It is drying: wet it again now.' : `Wet it again in ${countdownText(now.rewetInMs)}.`}
          </Body>
          <Action title="Wetted again" onPress={wait.wet} testID="wetted" />
        </View>
      )}
      <View style={styles.row}>
        <Action
          title={`− ${minutesText(step)}`}
          label={`${minutesText(step)} shorter`}
          onPress={() => wait.move(-step)}
          testID="shorter"
        />
        <Action
          title={`+ ${minutesText(step)}`}
          label={`${minutesText(step)} longer`}
          onPress={() => wait.move(step)}
          disabled={timer.mustComeOff && timer.bestMinutes >= timer.longestMinutes}
          testID="longer"
        />
        {now.phase !== 'early' && (
          <Action title={`Tell me in ${minutesText(snoozeOf(timer))}`} onPress={wait.again} testID="again" />
        )}
      </View>
      <HowItRings timer={timer} settings={settings} nowMs={nowMs} />
    </View>
  );
}

/** Asks why a wait is ended before its best. */
export function WhyEarly({
  open,
  onClose,
  onReason,
}: {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onReason: (reason: EndReason) => void;
}) {
  const [chosen] = useState<EndReason[]>([]);
  return (
    <Sheet title="Off already? Why?" open={open} onClose={onClose}>
      <Choice label="Why it comes off" options={END_REASON_CHOICES} chosen={chosen} onChoose={onReason} />
    </Sheet>
  );
}

const styles = StyleSheet.create({
  wait: { gap: SPACE.m, alignItems: 'stretch' },
  standing: { textAlign: 'center', fontWeight: '700' },
  wet: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    backgroundColor: COLORS.sheet,
    borderRadius: 12,
    padding: SPACE.m,
  },
  late: { backgroundColor: COLORS.cautionTint },
  words: { flex: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, justifyContent: 'center' },
});
