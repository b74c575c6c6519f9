import Button from '@rneui/themed/dist/Button';
import { StyleSheet } from 'react-native';
import { COLORS, FAMILY, TOUCH } from './theme';
import { usePress } from './usePress';

type Weight = 'main' | 'plain' | 'quiet' | 'danger';

interface Props {
  readonly title: string;
  readonly onPress: () => void;
  /** `main` is the one next step of a screen; `plain` stands beside it; `quiet` is text alone. */
  readonly weight?: Weight;
  readonly disabled?: boolean;
  readonly label?: string;
  readonly testID?: string;
}

/** Anything to be pressed that does something. */
export function Action({ title, onPress, weight = 'plain', disabled = false, label, testID }: Props) {
  const press = usePress(onPress);
  const main = weight === 'main';
  const color = main ? COLORS.actionInk : weight === 'danger' ? COLORS.danger : COLORS.action;
  return (
    <Button
      title={title}
      onPress={press}
      disabled={disabled}
      accessibilityLabel={label ?? title}
      accessibilityRole="button"
      {...(testID ? { testID } : {})}
      containerStyle={weight === 'quiet' ? styles.quietContainer : undefined}
      type={main ? 'solid' : weight === 'quiet' ? 'clear' : 'outline'}
      buttonStyle={[
        styles.button,
        main && styles.main,
        weight === 'danger' && styles.danger,
        weight === 'quiet' && styles.quiet,
      ]}
      titleStyle={[styles.title, main && styles.mainTitle, { color }, weight === 'quiet' && styles.quietTitle]}
      disabledStyle={main ? styles.mainDisabled : styles.disabled}
      disabledTitleStyle={styles.disabledTitle}
    />
  );
}

const styles = StyleSheet.create({
  button: {
    minHeight: TOUCH,
    borderRadius: 10,
    paddingHorizontal: 18,
    borderWidth: 1.5,
    borderColor: COLORS.action,
    backgroundColor: COLORS.sheet,
  },
  main: { minHeight: 58, borderRadius: 14, backgroundColor: COLORS.action },
  danger: { borderColor: COLORS.danger },
  quiet: { borderWidth: 0, backgroundColor: 'transparent', paddingHorizontal: 0, minWidth: TOUCH },
  quietContainer: { alignSelf: 'flex-start', flexShrink: 0 },
  title: { fontFamily: FAMILY.body, fontWeight: '700', fontSize: 16 },
  mainTitle: { fontSize: 19 },
  quietTitle: { textDecorationLine: 'underline' },
  disabled: { backgroundColor: COLORS.paper, borderColor: COLORS.lineStrong },
  mainDisabled: { backgroundColor: '#E4D9C3', borderColor: COLORS.lineStrong },
  disabledTitle: { color: COLORS.inkSoft },
});
