import { Pressable, StyleSheet, Text, View } from 'react-native';
import { COLORS, FAMILY, SPACE, TOUCH } from './theme';
import { Body, SecondaryText } from './Text';

interface Props {
  readonly label: string;
  /** What the ends mean. */
  readonly low: string;
  readonly high: string;
  /** 0 to 10; null if not rated. */
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
}

/** Six steps of two: what a hand can tell apart. */
const STEPS = [0, 2, 4, 6, 8, 10];

/** A rating from 0 to 10 with one tap; a second tap takes it back. */
export function Rate({ label, low, high, value, onChange }: Props) {
  return (
    <View style={styles.rate}>
      <Body style={styles.label}>{label}</Body>
      <View style={styles.row} role="radiogroup" aria-label={`${label}, 0 to 10`}>
        {STEPS.map((step) => {
          const on = value === step;
          return (
            <Pressable
              key={step}
              role="radio"
              aria-checked={on}
              aria-label={`${label} ${step}`}
              onPress={() => onChange(on ? null : step)}
              style={[styles.step, on && styles.on]}
            >
              <Text style={[styles.digit, on && styles.digitOn]}>{step}</Text>
            </Pressable>
          );
        })}
      </View>
      <View style={styles.ends} aria-hidden>
        <SecondaryText style={styles.end}>{low}</SecondaryText>
        <SecondaryText style={styles.end}>{high}</SecondaryText>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  rate: { gap: SPACE.xs },
  label: { fontWeight: '700' },
  row: { flexDirection: 'row', gap: SPACE.xs },
  step: {
    flex: 1,
    minHeight: TOUCH,
    minWidth: TOUCH,
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1.5,
    borderColor: COLORS.lineStrong,
    borderRadius: 10,
    backgroundColor: COLORS.sheet,
  },
  on: { backgroundColor: COLORS.action, borderColor: COLORS.action },
  digit: { fontFamily: FAMILY.body, fontSize: 18, fontVariant: ['tabular-nums'], color: COLORS.ink },
  digitOn: { color: COLORS.actionInk, fontWeight: '700' },
  ends: { flexDirection: 'row', justifyContent: 'space-between' },
  end: { lineHeight: 18, fontSize: 15 },
});
