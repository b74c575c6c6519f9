import { useRouter } from 'expo-router';
import { Action, Body, Screen, Title } from '@/ui';

/** What was done and how it went: not built yet. */
export function LogScreen() {
  const router = useRouter();
  return (
    <Screen next={<Action title="See the shelf" weight="main" onPress={() => router.push('/shelf')} />}>
      <Title>Log</Title>
      <Body>
        What you cleaned, with what, and how it went will be written here. Until then, the shelf remembers every bottle
        you made.
      </Body>
    </Screen>
  );
}
