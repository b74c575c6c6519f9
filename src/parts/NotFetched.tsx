import { Action } from '@/ui/Action';
import { Screen, Section } from '@/ui/Screen';
import { Body, Title } from '@/ui/Text';

interface Props {
  readonly tryAgain: () => void;
}

/** Where a screen is not on this device and cannot be had: what is here goes on. */
export const NotFetched = ({ tryAgain }: Props) => (
  <Screen next={<Action title="Try again" weight="main" onPress={tryAgain} testID="fetch-again" />}>
    <Title>Not on this device yet</Title>
    <Body testID="not-fetched">
      This part of Biscuit could not be fetched: there is no connection, or the server does not answer. Nothing you
      wrote is lost. What you have opened before, Safety, and waits that run, go on.
    </Body>
  </Screen>
);

/** The same within a screen. `what` is a sentence: what is missing, and what holds without it. */
export const NotFetchedHere = ({ what, tryAgain }: Props & { readonly what: string }) => (
  <Section>
    <Body testID="not-fetched">{what}</Body>
    <Action title="Try again" onPress={tryAgain} testID="fetch-again" />
  </Section>
);
