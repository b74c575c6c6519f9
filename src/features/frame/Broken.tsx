import { Action, Body, Screen, Title } from '@/ui';

/** Instead of an empty page, where a screen could not be drawn or fetched. What was written is kept already. */
export function Broken({ error, retry }: { error: Error; retry: () => Promise<void> }) {
  return (
    <Screen next={<Action title="Try again" weight="main" onPress={() => void retry()} />}>
      <Title>This did not open</Title>
      <Body>Nothing you wrote is lost. Try again; if Biscuit was updated meanwhile, load the page anew.</Body>
      <Body testID="broken">{error.message}</Body>
    </Screen>
  );
}
