import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { EvaluationContext, Evaluation, Formula, Remedy } from '@/core';
import { typedMeasureIn, readAs } from '@/devices';
import { Action, Body, COLORS, Field, Section, SPACE, SecondaryText } from '@/ui';
import { Strengths } from '../verdict/Strengths';
import { Verdict } from '../verdict/Verdict';

// What stands round the lines of the editor: each drawn again only when what it shows has changed.

interface JudgedProps {
  readonly evaluation: Evaluation;
  readonly formula: Formula;
  readonly at: EvaluationContext;
  readonly onApply: (remedy: Remedy) => void;
}

/** The reasons of a verdict, what to do instead, and what the mixture is. */
export const VerdictReasons = memo(function Judged({ evaluation, formula, at: context, onApply }: JudgedProps) {
  const { verdict, findings } = evaluation;
  return (
    <View style={styles.column}>
      <Verdict
        verdict={verdict}
        findings={findings}
        checked={evaluation.checked}
        withoutBanner
        instead={{ formula, verdict, at: context, onApply }}
      />
      {verdict !== 'danger' && <Strengths evaluation={evaluation} fillML={1000} perLitre />}
    </View>
  );
});

/** One step back, one forward. */
export const Steps = memo(function Steps({
  back,
  ahead,
  onBack,
  onAhead,
}: {
  back: boolean;
  ahead: boolean;
  onBack: () => void;
  onAhead: () => void;
}) {
  return (
    <>
      <Action title="↶" label="Undo" disabled={!back} onPress={onBack} testID="undo" />
      <Action title="↷" label="Redo" disabled={!ahead} onPress={onAhead} testID="redo" />
    </>
  );
});

export const NextBar = memo(function NextBar({
  danger,
  why,
  can,
  onGo,
}: {
  danger: boolean;
  why: string | null;
  can: boolean;
  onGo: () => void;
}) {
  if (danger) {
    return (
      <Body style={styles.stopped} testID="stopped">
        A danger is not scaled, labelled or made. Its reasons say what to do instead.
      </Body>
    );
  }
  return (
    <View style={styles.next}>
      {why !== null && <SecondaryText style={styles.why}>{why}</SecondaryText>}
      <Action title="Next: the bottle" weight="main" onPress={onGo} disabled={!can} testID="next-bottle" />
    </View>
  );
});

export type FieldKey = 'name' | 'purpose' | 'never' | 'how';

interface NamedProps {
  readonly name: FieldKey;
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly placeholder?: string;
  readonly onChange: (key: FieldKey, text: string) => void;
}

export const NamedField = memo(function NamedField({ name, label, value, most, placeholder, onChange }: NamedProps) {
  return (
    <Field
      label={label}
      value={value}
      onChangeText={(text) => onChange(name, text)}
      placeholder={placeholder ?? ''}
      maxLength={most}
      testID={`formula-${name}`}
    />
  );
});

/** What it is for, never for, and how it is used: out of the way until it is asked for. */
export const Words = memo(function Words({
  purpose,
  never,
  how,
  onChange,
}: {
  purpose: string;
  never: string;
  how: string;
  onChange: NamedProps['onChange'];
}) {
  const [more, setMore] = useState(false);
  return (
    <Section>
      <Action
        title={more ? 'Less' : 'What it is for, never for, and how it is used'}
        weight="quiet"
        onPress={() => setMore(!more)}
      />
      {more && (
        <>
          <NamedField name="purpose" label="What it is for" value={purpose} most={200} onChange={onChange} />
          <NamedField name="never" label="Never on" value={never} most={200} onChange={onChange} />
          <NamedField name="how" label="How it is used" value={how} most={300} onChange={onChange} />
        </>
      )}
    </Section>
  );
});

/** The most that a formula may make, mL; see the formula's schema. */
const MAX_MADE_ML = 1_000_000;

/** What it makes, where parts stand beside fixed amounts. */
export const MakesField = memo(function MakesField({
  makesML,
  onChange,
}: {
  makesML: number | null;
  onChange: (makesML: number | null) => void;
}) {
  const [text, setText] = useState(makesML === null ? '' : String(makesML));
  const read = (typed: string): number | null => {
    const value = typedMeasureIn(typed);
    return value > 0 && value <= MAX_MADE_ML ? value : null;
  };
  return (
    <Field
      label="What it makes in all, in mL (500 is taken)"
      value={text}
      inputMode="decimal"
      hint={readAs(text)}
      maxLength={8}
      error={text.trim() === '' || read(text) !== null ? null : 'Give mL above 0 and up to 1 000 000, for example 500.'}
      onChangeText={(typed) => {
        setText(typed);
        const made = read(typed);
        if (typed.trim() === '' || made !== null) onChange(made);
      }}
    />
  );
});

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: SPACE.s },
  next: { gap: SPACE.s },
  why: { textAlign: 'center' },
  column: { gap: SPACE.l },
});
