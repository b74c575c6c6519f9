import { Pressable, StyleSheet, Text, View } from 'react-native';
import { COLORS, FAMILY, SPACE, TOUCH } from './theme';

interface Option<T> {
  readonly value: T;
  readonly label: string;
}

interface Props<T> {
  readonly label: string;
  readonly options: readonly Option<T>[];
  readonly chosen: readonly T[];
  readonly onChoose: (value: T) => void;
  /** True if several may be chosen at once. */
  readonly several?: boolean;
}

/** A few choices side by side; the chosen ones are filled and marked. */
export function Choice<T extends string | number>({ label, options, chosen, onChoose, several = false }: Props<T>) {
  return (
    <View role={several ? 'group' : 'radiogroup'} aria-label={label} style={styles.row}>
      {options.map((option) => {
        const on = chosen.includes(option.value);
        return (
          <Pressable
            key={option.value}
            role={several ? 'checkbox' : 'radio'}
            aria-checked={on}
            aria-label={option.label}
            onPress={() => onChoose(option.value)}
            style={({ pressed }) => [styles.option, on && styles.on, pressed && styles.pressed]}
          >
            <Text style={[styles.text, on && styles.textOn]}>{on ? `✓ ${option.label}` : option.label}</Text>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  option: {
    minHeight: TOUCH,
    minWidth: TOUCH,
    maxWidth: '100%',
    justifyContent: 'center',
    paddingHorizontal: 14,
    paddingVertical: 6,
    borderRadius: 10,
    borderWidth: 1.5,
    borderColor: COLORS.lineStrong,
    backgroundColor: COLORS.sheet,
  },
  on: { backgroundColor: COLORS.actionTint, borderColor: COLORS.action },
  pressed: { opacity: 0.75 },
  text: { fontFamily: FAMILY.body, fontSize: 16, lineHeight: 21, color: COLORS.ink },
  textOn: { fontWeight: '700', color: COLORS.action },
});
