import { useRouter } from 'expo-router';
import { MINUTE_MS } from '@/core/doors/first';
import { part } from '@/parts/part';
import { Action } from '@/ui/Action';
import { useWide } from '@/ui/Navigation';
import { dayText } from '@/ui/numbers';
import { Screen, Section, TwoSteps } from '@/ui/Screen';
import { SecondaryText, Title } from '@/ui/Text';
import { useNow } from '@/ui/useNow';

/** What it says before the home is open, and where it cannot be opened. */
const TodayLists = part(async () => (await import('./TodayLists')).TodayLists, {
  coming: <SecondaryText role="status">Opening your home…</SecondaryText>,
  failed:
    'Your home could not be opened here: what opens it is not on this device yet, and there is no connection. Nothing in it is lost.',
});

/** The day, the one start, and what is running or due: the first screen, of which the start is there first. */
export function TodayScreen() {
  const router = useRouter();
  const wide = useWide();
  const nowMs = useNow(MINUTE_MS);
  return (
    <Screen
      broad
      next={
        <TwoSteps
          stacked={!wide}
          next={
            <Action
              title="What are you cleaning?"
              weight="main"
              onPress={() => router.push('/clean')}
              testID="start-cleaning"
            />
          }
          other={<Action title="Paste a recipe" onPress={() => router.push('/mix/paste')} />}
        />
      }
    >
      <Section>
        <Title>Today</Title>
        <SecondaryText>{dayText(new Date(nowMs).toISOString())}</SecondaryText>
      </Section>
      <TodayLists nowMs={nowMs} />
    </Screen>
  );
}
