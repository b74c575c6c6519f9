import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { cardLines, earlierFormsOf, type EarlierForm, type Formula } from '@/core';
import { useEarlierForms, useSaveFormulas } from '@/data';
import { Action, Body, COLORS, dayText, Overline, SecondaryText, Sheet, SPACE, useNotice, whenText } from '@/ui';

/** What a formula was before it was changed, and the way back to it. Nothing where it never was. */
export function EarlierForms({ formula }: { readonly formula: Formula }) {
  const all = useEarlierForms();
  const [open, setOpen] = useState(false);
  const save = useSaveFormulas({ kept: 'Nothing was changed.' });
  const say = useNotice();
  const forms = earlierFormsOf(formula.id, all.data ?? []);
  if (forms.length === 0) return null;
  const bringBack = (form: EarlierForm): void =>
    save.mutate([form.formula], {
      onSuccess: () => {
        setOpen(false);
        say({
          text: `${formula.name} is as it was until ${dayText(form.until)}.`,
          undo: () => save.mutate([formula]),
        });
      },
    });
  return (
    <>
      <Action title={`Earlier forms (${forms.length})`} onPress={() => setOpen(true)} testID="earlier-forms" />
      <Sheet title={`${formula.name}, as it was`} open={open} onClose={() => setOpen(false)}>
        <SecondaryText>What differs from now. Bringing one back keeps the form of now among these.</SecondaryText>
        {forms.map((form) => (
          <Form key={form.id} form={form} now={formula} onBringBack={() => bringBack(form)} />
        ))}
      </Sheet>
    </>
  );
}

interface FormProps {
  readonly form: EarlierForm;
  readonly now: Formula;
  readonly onBringBack: () => void;
}

function Form({ form, now, onBringBack }: FormProps) {
  const [was, is] = [cardLines(form.formula), cardLines(now)];
  const gone = was.filter((line) => !is.includes(line));
  const since = is.filter((line) => !was.includes(line));
  const untilMs = Date.parse(form.until);
  const until = `${dayText(form.until)}, ${whenText(untilMs, untilMs)}`;
  return (
    <View style={styles.form} testID="earlier-form">
      <Overline>Until {until}</Overline>
      {gone.map((line, i) => (
        // Two lines may say the same.
        <Body key={`${i} ${line}`}>{line}</Body>
      ))}
      {since.length > 0 && <SecondaryText>Now: {since.join('; ')}</SecondaryText>}
      {gone.length + since.length === 0 && <SecondaryText>As it is now.</SecondaryText>}
      <Action title="Bring it back" label={`Bring back the form of until ${until}`} onPress={onBringBack} />
    </View>
  );
}

const styles = StyleSheet.create({
  form: { backgroundColor: COLORS.sheet, borderRadius: 10, padding: SPACE.m, gap: SPACE.xs },
});
