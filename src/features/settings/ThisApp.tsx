import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { chooseHome, homeKind } from '@/data';
import { versions } from '@/devices';
import { Action, Body, Heading, Section, SecondaryText, SPACE } from '@/ui';

/** Opens another home: the page is loaded anew at its first screen. */
function openHomeOf(kind: 'own' | 'demo'): void {
  chooseHome(kind);
  window.location.assign('/');
}

/** Biscuit itself: whether it is on this device, the demo to look round in, whose work it stands on. */
export function ThisApp() {
  const { isKept } = useSyncExternalStore(versions.subscribe, versions.state, versions.state);
  const isDemo = homeKind() === 'demo';
  return (
    <Section>
      <Heading>Biscuit on this device</Heading>
      <Body testID="kept-offline">
        {isKept
          ? 'All of Biscuit is on this device: it opens and works without a connection.'
          : 'Biscuit is not on this device yet: it needs a connection to open.'}
      </Body>
      <SecondaryText>
        {isDemo
          ? 'What you do in the demo home stays in it. Yours is untouched beside it.'
          : 'The demo home is an invented narrowboat to look round in. Yours stays untouched beside it.'}
      </SecondaryText>
      <View style={styles.row}>
        {isDemo ? (
          <Action title="Back to my own home" onPress={() => openHomeOf('own')} testID="own-home" />
        ) : (
          <Action title="Look round the demo home" onPress={() => openHomeOf('demo')} testID="demo-home" />
        )}
        <Action
          title="Licences"
          label="Licences of what Biscuit stands on"
          weight="quiet"
          onPress={() => window.open('/licences.txt', '_blank', 'noopener')}
          testID="licences"
        />
      </View>
    </Section>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.l, alignItems: 'center' },
});
