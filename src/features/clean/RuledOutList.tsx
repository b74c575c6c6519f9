import { StyleSheet, View } from 'react-native';
import type { RuledOut } from '@/core';
import { Body, COLORS, Heading, Section, SecondaryText, SPACE } from '@/ui';

const BECAUSE: Readonly<Record<RuledOut['because'], string>> = {
  danger: 'A danger',
  surface: 'Would harm this surface',
  sets: 'Would set it for good',
  cancels: 'Cancels itself out',
  'too-strong': 'Stronger than this wants',
  'too-weak': 'Too weak for it',
  form: 'Not put on this way',
  'does-not-lift': 'Does not lift it',
};

/** What is ruled out, together where the reason is one and the same. */
export function RuledOutList({ ruledOut }: { ruledOut: readonly RuledOut[] }) {
  const reasons = Object.keys(BECAUSE) as RuledOut['because'][];
  return (
    <Section>
      <Heading>Ruled out</Heading>
      {reasons.map((because) => {
        const here = ruledOut.filter((r) => r.because === because);
        if (here.length === 0) return null;
        const whys = [...new Set(here.map((r) => r.why))];
        return (
          <View key={because} style={styles.out}>
            <Body style={styles.bold}>{BECAUSE[because]}</Body>
            {whys.map((why) => (
              <View key={why} style={styles.why}>
                <Body>
                  {here
                    .filter((r) => r.why === why)
                    .map((r) => r.candidate.formula.name)
                    .join(', ')}
                </Body>
                <SecondaryText>{why}</SecondaryText>
              </View>
            ))}
          </View>
        );
      })}
    </Section>
  );
}

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  out: { gap: SPACE.xs, paddingBottom: SPACE.s },
  why: { borderLeftWidth: 3, borderLeftColor: COLORS.line, paddingLeft: SPACE.m, paddingVertical: 2 },
});
