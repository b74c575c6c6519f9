import { useState } from 'react';
import type { Settings } from '@/core';
import { askToNotify, notifyState, ring, wakeSound, type NotifyState } from '@/devices';
import { Action, Body, Choice, Heading, Section, SecondaryText } from '@/ui';

interface Props {
  readonly settings: Settings;
  readonly onPut: (change: Partial<Settings>) => void;
}

type Way = 'sound' | 'vibration' | 'notifications' | 'awake';

const WAYS: readonly { readonly value: Way; readonly label: string }[] = [
  { value: 'sound', label: 'A sound' },
  { value: 'vibration', label: 'A shake' },
  { value: 'notifications', label: 'A notification' },
  { value: 'awake', label: 'Keep the screen awake' },
];

const NOTIFY_WORDS: Readonly<Record<NotifyState, string>> = {
  granted: '',
  'not-asked': '',
  denied: 'The browser does not let this page notify: allow it in the browser’s own settings for this page.',
  none: 'This browser has no notifications.',
};

/** How a wait makes itself known, and what the browser allows of it. */
export function HowWaitsTell({ settings, onPut }: Props) {
  const [notify, setNotify] = useState(notifyState());
  const [tried, setTried] = useState<string | null>(null);
  const toggle = (way: Way): void => {
    onPut({ [way]: !settings[way] });
    if (way === 'notifications' && !settings.notifications) void askToNotify().then(setNotify);
  };
  const tryIt = async (): Promise<void> => {
    await wakeSound();
    const { sound, vibration, notifications } = settings;
    const rang = ring({
      title: 'Biscuit',
      body: 'This is how a wait tells you.',
      path: '/settings',
      urgent: false,
      sound,
      vibration,
      notification: notifications,
    });
    const worked = [rang.sounded && 'sound', rang.shook && 'shake', (await rang.notified) && 'notification'].filter(
      Boolean,
    );
    setTried(
      worked.length > 0
        ? `It used: ${worked.join(', ')}.`
        : 'Nothing could be used here: a wait shows on the screen alone.',
    );
  };
  return (
    <Section>
      <Heading>When a wait is over</Heading>
      <Choice
        label="When a wait is over"
        several
        options={WAYS}
        chosen={WAYS.map((w) => w.value).filter((w) => settings[w])}
        onChoose={toggle}
      />
      {settings.notifications && NOTIFY_WORDS[notify] !== '' && <Body>{NOTIFY_WORDS[notify]}</Body>}
      <Action title="Try it" onPress={() => void tryIt()} testID="try-ring" />
      {tried !== null && <Body role="status">{tried}</Body>}
      <SecondaryText>
        Biscuit can only tell while it is open in a tab; behind other tabs it rings up to a minute late. Once it is
        closed the time runs on exactly, and is told when you come back: a wait of ten minutes or more can be put into
        your calendar, which rings by itself.
      </SecondaryText>
    </Section>
  );
}
