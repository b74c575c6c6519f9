import { useRouter } from 'expo-router';
import { Action, Body, Screen, Title } from '@/ui';

/** The home's own surfaces: not built yet. */
export function RoomsScreen() {
  const router = useRouter();
  return (
    <Screen next={<Action title="Check a formula on a surface" weight="main" onPress={() => router.push('/mix')} />}>
      <Title>Rooms</Title>
      <Body>
        Your own surfaces will stand here, with what was last used on each. Until then, any formula can be checked
        against a surface on the bench.
      </Body>
    </Screen>
  );
}
