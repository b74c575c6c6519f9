import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { MINUTE_MS, type Settings, type Timer } from '@/core';
import { calendarFile, timerEvents } from '@/core/doors/calendar';
import { fileNameOf, saveFile, useSaveSettings } from '@/data';
import { askToNotify, notifyState, type NotifyState } from '@/devices';
import { Action, Body, SecondaryText, SPACE, timerEventText, useNotice } from '@/ui';

/** From here on a wait outlasts a screen, minutes: it is said what rings, and a calendar is offered. */
const LONG_FROM_MINUTES = 10;

/** What of a wait goes into a calendar: what is worth coming back for. */
const TOLD = ['best', 'off', 'again'];

/** A wait as a file for a calendar: its best, and its last where it must come off; what is past is left out. */
const waitFile = (timer: Timer, nowMs: number): string =>
  calendarFile(
    timerEvents(timer)
      .filter((e) => e.atMs > nowMs && TOLD.includes(e.what) && (e.what !== 'off' || timer.mustComeOff))
      .map((event) => ({
        id: `${timer.id}-${event.what}`,
        atMs: event.atMs,
        title: timerEventText({ timer, event }),
        text: timer.name,
      })),
    nowMs,
  );

/** What rings while Biscuit is open, and how it may. */
function openText({ sound, notifications }: Settings, notify: NotifyState): string {
  const notifies = notifications && notify === 'granted';
  if (notifies) return `While Biscuit is open, also behind other tabs: a notification${sound ? ' and a sound' : ''}.`;
  if (sound) return 'While Biscuit is open, also behind other tabs: a sound alone.';
  return 'Nothing rings: sound is off in Settings. It shows here.';
}

/** Says which will ring, the open page or a calendar, and offers what is missing: for a wait that outlasts a screen. */
export function HowItRings({ timer, settings, nowMs }: { timer: Timer; settings: Settings; nowMs: number }) {
  const say = useNotice();
  const save = useSaveSettings();
  const [notify, setNotify] = useState(notifyState);
  const [isInCalendar, setInCalendar] = useState(false);
  const bestMs = Date.parse(timer.startedAt) + timer.bestMinutes * MINUTE_MS;
  if (timer.bestMinutes < LONG_FROM_MINUTES || bestMs <= nowMs) return null;
  const asks = notify === 'not-asked' || (notify === 'granted' && !settings.notifications);
  const ask = async (): Promise<void> => {
    const answer = await askToNotify();
    setNotify(answer);
    if (answer === 'granted') save.mutate({ notifications: true });
    else say({ text: 'Not allowed: the browser’s own settings for this page can change that.' });
  };
  return (
    <View style={styles.rings} testID="how-it-rings">
      <Body style={styles.strong}>What will ring</Body>
      <Body>{openText(settings, notify)}</Body>
      <SecondaryText>
        {isInCalendar
          ? 'With Biscuit closed: your calendar, once you have opened the file in it.'
          : 'With Biscuit closed: nothing, unless it is in your calendar.'}
      </SecondaryText>
      <View style={styles.row}>
        {asks && <Action title="Notify me" onPress={() => void ask()} testID="notify-me" />}
        <Action
          title={isInCalendar ? 'The calendar file again' : 'Put it in my calendar'}
          onPress={() => {
            saveFile(`${fileNameOf(timer.place || timer.name)}.ics`, waitFile(timer, Date.now()), 'text/calendar');
            setInCalendar(true);
            say({
              text: 'Open the file that was saved: your calendar then rings. It does not follow if you move the wait.',
            });
          }}
          testID="to-calendar"
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  rings: { gap: SPACE.xs },
  strong: { fontWeight: '700' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, paddingTop: SPACE.xs },
});
