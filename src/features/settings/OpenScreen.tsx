import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { onFileOpened, sendOn } from '@/data';
import { Action, Body, Screen, Title } from '@/ui';

/** Where a file arrives that was opened with Biscuit: it goes on to the screen that reads it. */
export function OpenScreen() {
  const router = useRouter();
  const [wrong, setWrong] = useState<string | null>(null);
  useEffect(() => {
    onFileOpened(
      (file) => router.replace(sendOn(file)),
      (error) => setWrong(error instanceof Error ? error.message : String(error)),
    );
  }, [router]);
  return (
    <Screen reading next={<Action title="Paste a recipe" weight="main" onPress={() => router.replace('/mix/paste')} />}>
      <Title>Open a file</Title>
      {wrong !== null && <Body role="alert">The file cannot be read: {wrong}</Body>}
      <Body>
        A recipe as text or a formula file is opened under Paste a recipe; a home’s file in Settings; a CSV file in the
        log.
      </Body>
    </Screen>
  );
}
