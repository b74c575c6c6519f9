import { forwardRef, useState } from 'react';
import { StyleSheet, TextInput, type TextInputProps } from 'react-native';
import { COLORS, FAMILY, TOUCH } from './theme';

interface Props extends TextInputProps {
  /** What it is, for those who do not see it. */
  readonly label: string;
  readonly wrong?: boolean;
}

/** A bare line to type in, where many stand close together; its label is spoken, not shown. */
export const BareTextInput = forwardRef<TextInput, Props>(function Typing(
  { label, wrong = false, style, ...rest },
  ref,
) {
  const [focused, setFocused] = useState(false);
  return (
    <TextInput
      {...rest}
      ref={ref}
      aria-label={label}
      {...(wrong ? { 'aria-invalid': true } : {})}
      onFocus={(event) => {
        setFocused(true);
        rest.onFocus?.(event);
      }}
      onBlur={(event) => {
        setFocused(false);
        rest.onBlur?.(event);
      }}
      placeholderTextColor={COLORS.inkSoft}
      style={[styles.box, focused && styles.focused, wrong && styles.wrong, style]}
    />
  );
});

const styles = StyleSheet.create({
  box: {
    minHeight: TOUCH,
    borderWidth: 1.5,
    borderColor: COLORS.lineStrong,
    borderRadius: 10,
    backgroundColor: COLORS.sheet,
    paddingHorizontal: 10,
    fontFamily: FAMILY.body,
    fontSize: 17,
    color: COLORS.ink,
    outlineStyle: 'none' as unknown as 'solid',
  },
  focused: { borderColor: COLORS.action, borderWidth: 3, paddingHorizontal: 8.5 },
  wrong: { borderColor: COLORS.danger },
});
