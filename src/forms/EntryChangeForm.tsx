import { StyleSheet, View } from 'react-native';
import { Controller, useForm } from 'react-hook-form';
import { LOG_OUTCOMES, logEntrySchema, type LogChange, type LogEntry, type LogOutcome, type Rating } from '@/core';
import { typedNumberIn } from '@/devices';
import { Action, Choice, Heading, OUTCOME_WORDS, Ratings, Section, SPACE } from '@/ui';
import { FormField } from './FormField';
import { recordResolver } from './recordForm';

interface Typed {
  readonly outcome: LogOutcome;
  readonly rating: Rating;
  readonly minutes: string;
  readonly strokes: string;
  readonly notes: string;
}

interface Props {
  readonly entry: LogEntry;
  readonly onDone: (change: LogChange) => void;
  readonly onClose: () => void;
}

const numberText = (value: number | null): string => (value === null ? '' : String(value));

const changeOf = ({ outcome, rating, minutes, strokes, notes }: Typed) => ({
  outcome,
  rating,
  workMinutes: typedNumberIn(minutes),
  strokes: typedNumberIn(strokes),
  notes: notes.trim(),
});

const FIELD_OF = { workMinutes: 'minutes', strokes: 'strokes', notes: 'notes' } as const;

/** What came of a cleaning, changed afterwards. */
export function EntryChangeForm({ entry, onDone, onClose }: Props) {
  const { control, handleSubmit } = useForm<Typed, unknown, LogEntry>({
    defaultValues: {
      outcome: entry.outcome,
      rating: entry.rating,
      minutes: numberText(entry.workMinutes),
      strokes: numberText(entry.strokes),
      notes: entry.notes,
    },
    resolver: recordResolver(logEntrySchema, (typed: Typed) => ({ ...entry, ...changeOf(typed) }), FIELD_OF, 'notes'),
    // At the press, not before: a message that comes as the field is left would move the button from under the thumb.
    mode: 'onSubmit',
  });
  const keep = handleSubmit(({ outcome, rating, workMinutes, strokes, notes }) =>
    onDone({ outcome, rating, workMinutes, strokes, notes }),
  );
  return (
    <Section>
      <Heading>Change it</Heading>
      <Controller
        control={control}
        name="outcome"
        render={({ field }) => (
          <Choice
            label="What came of it"
            options={LOG_OUTCOMES.map((o) => ({ value: o, label: OUTCOME_WORDS[o] }))}
            chosen={[field.value]}
            onChoose={field.onChange}
          />
        )}
      />
      <Controller
        control={control}
        name="rating"
        render={({ field }) => <Ratings rating={field.value} onChange={field.onChange} />}
      />
      <View style={styles.row}>
        <View style={styles.half}>
          <FormField control={control} name="minutes" label="Minutes at work" number maxLength={6} />
        </View>
        <View style={styles.half}>
          <FormField control={control} name="strokes" label="Strokes" number maxLength={6} testID="change-strokes" />
        </View>
      </View>
      <FormField
        control={control}
        name="notes"
        label="Note"
        multiline
        minHeight={80}
        maxLength={2000}
        testID="change-notes"
      />
      <View style={styles.row}>
        <Action title="Keep the change" onPress={() => void keep()} testID="keep-change" />
        <Action title="Leave it as it was" onPress={onClose} />
      </View>
    </Section>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  half: { flex: 1, minWidth: 130 },
});
