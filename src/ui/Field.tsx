import Input from '@rneui/themed/dist/Input';
import { useState } from 'react';
import type { Ref } from 'react';
import { StyleSheet, type TextInput, type TextInputProps } from 'react-native';
import { COLORS, FAMILY, TOUCH } from './theme';

interface Props extends Pick<
  TextInputProps,
  | 'value'
  | 'onChangeText'
  | 'placeholder'
  | 'multiline'
  | 'inputMode'
  | 'autoFocus'
  | 'maxLength'
  | 'onSubmitEditing'
  | 'testID'
> {
  readonly label: string;
  /** What is wrong with what was typed, and what would be accepted. */
  readonly error?: string | null;
  /** Said below while nothing is wrong: how a number was read. */
  readonly hint?: string | null;
  readonly minHeight?: number;
  /** True if it stays focused when Enter is pressed: the next thing is typed at once. */
  readonly staysOnEnter?: boolean;
  /** Its input, to be focused. */
  readonly ref?: Ref<TextInput>;
  /** It was left. */
  readonly onLeave?: () => void;
}

/** Anything to be typed, with its label above and what is wrong below. */
export function Field({
  label,
  error,
  hint = null,
  minHeight,
  multiline,
  staysOnEnter = false,
  ref,
  onLeave,
  ...rest
}: Props) {
  const [focused, setFocused] = useState(false);
  return (
    <Input
      {...rest}
      {...(ref ? { ref: ref as never } : {})}
      {...(staysOnEnter ? STAYS : {})}
      {...(multiline === undefined ? {} : { multiline })}
      label={label}
      onFocus={() => setFocused(true)}
      onBlur={() => {
        setFocused(false);
        onLeave?.();
      }}
      aria-label={label}
      aria-invalid={error ? true : false}
      errorMessage={error ?? hint ?? ''}
      renderErrorMessage={Boolean(error ?? hint)}
      containerStyle={styles.container}
      labelStyle={styles.label}
      inputContainerStyle={[styles.box, focused && styles.boxFocused, error ? styles.boxWrong : null]}
      inputStyle={[styles.input, multiline && styles.many, minHeight ? { minHeight } : null]}
      errorStyle={error ? styles.error : styles.hint}
      placeholderTextColor={COLORS.inkSoft}
    />
  );
}

/** React Native for the web knows it by this name alone. */
const STAYS: object = { blurOnSubmit: false };

const styles = StyleSheet.create({
  container: { paddingHorizontal: 0 },
  label: { fontFamily: FAMILY.body, fontWeight: '700', fontSize: 16, color: COLORS.ink, marginBottom: 6 },
  box: {
    borderWidth: 1.5,
    borderColor: COLORS.lineStrong,
    borderRadius: 10,
    backgroundColor: COLORS.sheet,
    paddingHorizontal: 12,
  },
  // The box shows the focus in place of the outline.
  boxFocused: { borderColor: COLORS.action, borderWidth: 3, paddingHorizontal: 10.5, marginVertical: -1.5 },
  boxWrong: { borderColor: COLORS.danger },
  input: {
    fontFamily: FAMILY.body,
    fontSize: 17,
    lineHeight: 24,
    color: COLORS.ink,
    minHeight: TOUCH,
    // Beside another field it gives way.
    minWidth: 0,
    outlineStyle: 'none' as unknown as 'solid',
  },
  many: { paddingVertical: 12, textAlignVertical: 'top' },
  error: {
    fontFamily: FAMILY.body,
    fontSize: 16,
    lineHeight: 22,
    color: COLORS.danger,
    marginHorizontal: 0,
    marginTop: 6,
  },
  hint: { fontFamily: FAMILY.body, fontSize: 16, color: COLORS.inkSoft, margin: 0, marginTop: 4 },
});
