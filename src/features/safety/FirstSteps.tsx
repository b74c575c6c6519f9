import { StyleSheet, View } from 'react-native';
import { FIRST_STEPS, type Accident } from '@/core/doors/first';
import { Section } from '@/ui/Screen';
import { Body, Heading } from '@/ui/Text';
import { COLORS, SPACE } from '@/ui/theme';

/** What to do first after an accident, step by step. */
export const FirstSteps = ({ accident }: { accident: Accident }) => (
  <Section>
    <Heading>{FIRST_STEPS[accident].after}</Heading>
    {FIRST_STEPS[accident].steps.map((s, i) => (
      <View key={s} style={styles.step}>
        <Body style={styles.number}>{i + 1}</Body>
        <Body style={styles.words}>{s}</Body>
      </View>
    ))}
  </Section>
);

const styles = StyleSheet.create({
  step: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start', paddingVertical: 2 },
  number: { fontWeight: '700', color: COLORS.action, width: 20, fontVariant: ['tabular-nums'] },
  words: { flex: 1 },
});
