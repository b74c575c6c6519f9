import { useRouter } from 'expo-router';
import { Action, Body, Screen, Title } from '@/ui';

/** An address that leads nowhere. */
export function NotFoundScreen() {
  const router = useRouter();
  return (
    <Screen next={<Action title="To Today" weight="main" onPress={() => router.replace('/')} />}>
      <Title>Nothing at this address</Title>
      <Body>The page may have moved, or the address holds a slip.</Body>
    </Screen>
  );
}
