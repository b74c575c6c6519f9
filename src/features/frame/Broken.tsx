import { Action } from '@/ui/Action';
import { Screen } from '@/ui/Screen';
import { Body, SecondaryText, Title } from '@/ui/Text';

/** Instead of an empty page, where a screen could not be drawn. What was written is kept already. */
export function Broken({ error, retry }: { error: Error; retry: () => Promise<void> }) {
  return (
    <Screen next={<Action title="Try again" weight="main" onPress={() => void retry()} />}>
      <Title>This did not open</Title>
      <Body>
        Nothing you wrote is lost. Try again; if it does not help, load the page anew. The other places, Safety and
        waits that run are not touched by it.
      </Body>
      <SecondaryText testID="broken">{error.message}</SecondaryText>
    </Screen>
  );
}
