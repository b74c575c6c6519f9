import { Pressable, StyleSheet, Text, View } from 'react-native';
import { COLORS, FAMILY, SPACE, TOUCH } from './theme';
import { SecondaryText } from './Text';

/** Levels a glance can tell, as shares of what was made. */
const LEVELS = [
  { share: 0, sign: 'Empty', label: 'Empty' },
  { share: 0.25, sign: '¼', label: 'A quarter left' },
  { share: 0.5, sign: '½', label: 'Half left' },
  { share: 0.75, sign: '¾', label: 'Three quarters left' },
  { share: 1, sign: 'Full', label: 'Full' },
] as const;

interface Props {
  /** What it is a bottle of. */
  readonly name: string;
  /** Share that is left, 0 to 1. */
  readonly share: number;
  /** What is left, in words. */
  readonly text: string;
  /** The level that was seen; 0 is empty. */
  readonly onLevel: (share: number) => void;
}

/** How full a bottle is, as a strip of quarters: one tap on the level that is seen puts it there. */
export function LevelBar({ name, share, text, onLevel }: Props) {
  const now = LEVELS.findLast((l) => l.share > 0 && share >= l.share - 0.125)?.share ?? null;
  return (
    <View style={styles.bar}>
      <View role="radiogroup" aria-label={`How full is ${name}?`} style={styles.levels}>
        {LEVELS.map((level) => {
          const on = level.share === now;
          return (
            <Pressable
              key={level.share}
              role="radio"
              aria-checked={on}
              aria-label={level.label}
              onPress={() => onLevel(level.share)}
              style={({ pressed }) => [
                styles.level,
                level.share > 0 && level.share <= (now ?? 0) && styles.filled,
                pressed && styles.pressed,
              ]}
              testID={`level-${level.share}`}
            >
              <Text style={[styles.sign, on && styles.on]}>{level.sign}</Text>
            </Pressable>
          );
        })}
      </View>
      <SecondaryText>{text}</SecondaryText>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { gap: SPACE.xs },
  levels: {
    flexDirection: 'row',
    borderWidth: 1.5,
    borderColor: COLORS.lineStrong,
    borderRadius: 10,
    overflow: 'hidden',
    backgroundColor: COLORS.sheet,
  },
  level: { flex: 1, minHeight: TOUCH, alignItems: 'center', justifyContent: 'center' },
  filled: { backgroundColor: COLORS.actionTint },
  pressed: { opacity: 0.75 },
  sign: { fontFamily: FAMILY.body, fontSize: 16, lineHeight: 21, color: COLORS.ink },
  on: { fontWeight: '700', color: COLORS.action },
});
