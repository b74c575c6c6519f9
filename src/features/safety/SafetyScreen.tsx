import { useRouter } from 'expo-router';
import { Linking, StyleSheet, View } from 'react-native';
import type { Accident } from '@/core/doors/first';
import { useNumbersToCall } from '@/data/numbersToCall';
import { part } from '@/parts/part';
import { Action } from '@/ui/Action';
import { Screen, Section } from '@/ui/Screen';
import { Body, Heading, SecondaryText, Title } from '@/ui/Text';
import { SPACE } from '@/ui/theme';
import { LEVEL_WORD, VerdictMark } from '@/ui/VerdictMark';
import { FirstSteps } from './FirstSteps';

/** What of this home must never meet: the one thing here that asks for chemistry, and for the home. */
const HomeNever = part(async () => (await import('./HomeNever')).HomeNever, {
  coming: null,
  failed: null,
});

const NEVER_MEET: readonly (readonly [string, string])[] = [
  ['Bleach and any acid', 'vinegar, lemon, citric acid, toilet cleaner: chlorine gas'],
  ['Bleach and ammonia', 'also urine, litter, an unrinsed toilet: chloramine gas'],
  ['Bleach and alcohol', 'chloroform and other poisons'],
  ['Bleach and peroxide or oxygen bleach', 'heat and violent oxygen'],
  ['Peroxide and vinegar in one bottle', 'peracetic acid'],
  ['Anything that fizzes and a closed cap', 'the bottle bursts'],
];

const ACCIDENTS: readonly Accident[] = ['breathed', 'eye', 'skin', 'swallowed', 'fire'];

/** What to do after an accident, and what may never meet. */
export function SafetyScreen() {
  const router = useRouter();
  return (
    <Screen>
      <Title>Safety</Title>
      <SecondaryText>
        First steps, as public guidance words them. They are no medical advice: the poison-advice line, the emergency
        number and the product’s label come before anything said here.
      </SecondaryText>
      <Numbers />
      <Action title="May these meet?" onPress={() => router.push('/safety/meet')} testID="may-meet" />
      {ACCIDENTS.map((a) => (
        <FirstSteps key={a} accident={a} />
      ))}
      <Section>
        <Heading>What may never meet</Heading>
        {NEVER_MEET.map(([what, why]) => (
          <View key={what} style={styles.step}>
            <VerdictMark level="danger" size={28} />
            <View style={styles.words}>
              <Body style={styles.bold}>{what}</Body>
              <SecondaryText>
                {LEVEL_WORD.danger}: {why}
              </SecondaryText>
            </View>
          </View>
        ))}
      </Section>
      <HomeNever />
      <Section>
        <Heading>Always</Heading>
        <Body>
          Follow the label of everything you bought: its signal words rise from Caution through Warning to Danger.
        </Body>
        <Body>
          Unwanted bought products go to hazardous-waste collection by local rules; never together into one bin or
          drain.
        </Body>
        <Body>Gas, wiring, asbestos, much mould: a licensed person.</Body>
      </Section>
    </Screen>
  );
}

/** A number as a phone dials it (RFC 3966): behind a country's code the bracketed nought of the trunk is left out. */
const telOf = (number: string): string =>
  `tel:${(number.trim().startsWith('+') ? number.replace('(0)', '') : number).replace(/[^\d+]/g, '')}`;

/** The numbers the person entered, to be called with one tap. */
function Numbers() {
  const router = useRouter();
  const numbers = useNumbersToCall();
  if (!numbers) return null;
  const { emergencyNumber, poisonNumber } = numbers;
  const call = (number: string): void => void Linking.openURL(telOf(number));
  return (
    <View style={styles.numbers}>
      {poisonNumber !== '' && (
        <Action
          title={`Poison advice: ${poisonNumber}`}
          label={`Poison advice: ${poisonNumber}, call`}
          weight="main"
          onPress={() => call(poisonNumber)}
        />
      )}
      {emergencyNumber !== '' && (
        <Action
          title={`Emergency: ${emergencyNumber}`}
          label={`Emergency: ${emergencyNumber}, call`}
          weight={poisonNumber === '' ? 'main' : 'danger'}
          onPress={() => call(emergencyNumber)}
        />
      )}
      {(poisonNumber === '' || emergencyNumber === '') && (
        <Action
          title={poisonNumber === '' ? 'Enter your poison-advice number' : 'Enter your emergency number'}
          onPress={() => router.push('/settings')}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  numbers: { gap: SPACE.s },
  step: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start', paddingVertical: 2 },
  words: { flex: 1 },
  bold: { fontWeight: '700' },
});
