import { useState } from 'react';
import { StyleSheet, View, type TextInputProps } from 'react-native';
import { Action } from './Action';
import { Field } from './Field';
import { SecondaryText } from './Text';
import { SPACE } from './theme';

interface Props extends Pick<TextInputProps, 'inputMode' | 'maxLength' | 'placeholder' | 'testID'> {
  readonly label: string;
  /** What is kept, as text. */
  readonly value: string;
  /** What is wrong with a text, and what would be accepted; null if it can be kept. */
  readonly wrongIn: (text: string) => string | null;
  /** What `value` is once a text is kept. */
  readonly asKept: (text: string) => string;
  readonly onPut: (text: string) => void;
  /** How a text is read, said below it. */
  readonly hint?: (text: string) => string | null;
}

interface Typed {
  readonly text: string;
  /** What was kept when it was typed. */
  readonly over: string;
}

/**
 * A field of which every keystroke is kept that can be, and what cannot stays in it with what is wrong. Once it is
 * left it shows what is kept; what another tab makes of it meanwhile is said.
 */
export function KeptField({ value, wrongIn, asKept, onPut, hint, ...rest }: Props) {
  const [typed, setTyped] = useState<Typed | null>(null);
  const kept = typed === null || wrongIn(typed.text) !== null ? null : asKept(typed.text);
  // Once it is kept, any other value is somebody else's.
  if (typed && value === kept && typed.over !== value) setTyped({ ...typed, over: value });
  const text = typed?.text ?? value;
  const error = typed === null ? null : wrongIn(text);
  const isChanged = typed !== null && value !== typed.over && value !== kept;
  return (
    <View>
      <Field
        {...rest}
        value={text}
        onChangeText={(next) => {
          setTyped({ text: next, over: value });
          if (wrongIn(next) === null) onPut(next);
        }}
        onLeave={() => setTyped((now) => (now === null || wrongIn(now.text) !== null || isChanged ? now : null))}
        error={error}
        hint={hint?.(text) ?? null}
      />
      {isChanged && (
        <View style={styles.changed} role="alert">
          <SecondaryText>Changed in another tab{value === '' ? ': it is empty there.' : ` to ${value}.`}</SecondaryText>
          <View style={styles.actions}>
            <Action title="Keep theirs" onPress={() => setTyped(null)} testID="keep-theirs" />
            {kept !== null && <Action title="Keep mine" onPress={() => onPut(text)} testID="keep-mine" />}
          </View>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  changed: { gap: SPACE.s, paddingVertical: SPACE.xs },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
