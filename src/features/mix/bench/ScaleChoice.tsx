import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { resolveIngredient, STRENGTH_NAMES, type Formula, type PourPlan, type Settings } from '@/core';
import type { BatchTarget, TargetKind } from '@/core/doors/bench';
import { readAs } from '@/devices';
import { Action, Body, Choice, COLORS, Field, Heading, Section, SPACE, SecondaryText, errorText } from '@/ui';
import { basisText, problemText, type TargetChoice } from './targetChoice';

interface Props {
  readonly setting: TargetChoice;
  readonly onChange: (setting: TargetChoice) => void;
  readonly formula: Formula;
  readonly target: BatchTarget;
}

const KINDS: readonly { value: TargetKind; label: string }[] = [
  { value: 'fill', label: 'Fill the bottle' },
  { value: 'amount', label: 'Just so much' },
  { value: 'have', label: 'From what I have' },
  { value: 'several', label: 'Several bottles' },
  { value: 'concentrate', label: 'A concentrate' },
  { value: 'area', label: 'For an area' },
  { value: 'cover', label: 'Deep enough to soak' },
];

/** How much to make: the bottle full, or said another way. */
export function ScaleChoice({ setting, onChange, formula, target }: Props) {
  const put = (part: Partial<TargetChoice>): void => onChange({ ...setting, ...part });
  const number = (
    key: 'amount' | 'bottles' | 'times' | 'areaM2' | 'lengthCM' | 'widthCM' | 'depthCM' | 'displacedML',
    label: string,
    placeholder: string,
  ) => (
    <View style={styles.field}>
      <Field
        label={label}
        value={setting[key]}
        onChangeText={(text) => put({ [key]: text })}
        inputMode="decimal"
        hint={readAs(setting[key])}
        maxLength={10}
        placeholder={placeholder}
        testID={`aim-${key}`}
      />
    </View>
  );
  // As much as the bottle takes, or as a job takes, is said in a line.
  const [open, setOpen] = useState(setting.kind !== 'fill' && setting.kind !== 'amount');
  if (!open) {
    return (
      <View style={styles.closed}>
        <Body style={styles.words}>
          {target.basis === null ? 'As much as the bottle takes' : basisText(target.basis)}
        </Body>
        <Action title="Another amount" onPress={() => setOpen(true)} testID="another-amount" />
      </View>
    );
  }
  return (
    <Section>
      <Heading>How much to make?</Heading>
      <Choice label="How much to make" options={KINDS} chosen={[setting.kind]} onChoose={(kind) => put({ kind })} />
      {setting.kind === 'amount' && <View style={styles.row}>{number('amount', 'How much, in mL or g', '250')}</View>}
      {setting.kind === 'several' && <View style={styles.row}>{number('bottles', 'Bottles like it', '2')}</View>}
      {setting.kind === 'have' && (
        <View style={styles.row}>
          {formula.lines.map((line) => {
            const { name, form } = resolveIngredient(line.ingredient);
            const dry = form === 'powder' || form === 'solid';
            return (
              <View key={line.id} style={styles.field}>
                <Field
                  label={`${name}, in ${dry ? 'g' : 'mL'}`}
                  value={setting.have[line.id] ?? ''}
                  onChangeText={(text) => put({ have: { ...setting.have, [line.id]: text } })}
                  placeholder="plenty"
                  maxLength={10}
                  testID={`have-${line.id}`}
                />
              </View>
            );
          })}
        </View>
      )}
      {setting.kind === 'concentrate' && <View style={styles.row}>{number('times', 'Times as strong', '3')}</View>}
      {setting.kind === 'area' && <View style={styles.row}>{number('areaM2', 'Area, m²', '2.5')}</View>}
      {setting.kind === 'cover' && (
        <>
          <Choice
            label="Form of the tub"
            options={[
              { value: 'box', label: 'Four-cornered' },
              { value: 'round', label: 'Round' },
            ]}
            chosen={[setting.round ? 'round' : 'box']}
            onChoose={(form) => put({ round: form === 'round' })}
          />
          <View style={styles.row}>
            {number('lengthCM', setting.round ? 'Across, cm' : 'Long, cm', '40')}
            {!setting.round && number('widthCM', 'Wide, cm', '30')}
            {number('depthCM', 'Deep, cm', '8')}
            {number('displacedML', 'Things in it, mL', '0')}
          </View>
        </>
      )}
      {target.problem !== null && (
        <Body style={styles.ask} testID="aim-problem">
          {problemText(setting.kind, target.problem)}
        </Body>
      )}
      {target.basis !== null && <Body testID="aim-saying">{basisText(target.basis)}</Body>}
    </Section>
  );
}

/** Says where whole drops and level scoops make the mixture another than was meant. */
export function RoundingNote({ plan, units }: { plan: PourPlan; units: Settings['units'] }) {
  if (plan.shifts.length === 0) return null;
  return (
    <View style={styles.note} testID="rounding">
      <Body style={styles.ask}>
        Measured with your tools it is not quite what was meant:{' '}
        {plan.shifts
          .map((s) => `${STRENGTH_NAMES[s.key]} ${s.changePercent === null ? 'new' : errorText(s.changePercent)}`)
          .join(', ')}
        .
      </Body>
      <SecondaryText>
        {units === 'metric' ? 'A scale, a jug to the mark,' : 'A scale, the marks on the bottle,'} or a larger bottle
        comes nearer.
      </SecondaryText>
    </View>
  );
}

const styles = StyleSheet.create({
  closed: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  words: { flex: 1, fontWeight: '700' },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.m },
  field: { width: 164 },
  ask: { color: COLORS.caution, fontWeight: '700' },
  note: { borderLeftWidth: 4, borderLeftColor: COLORS.caution, paddingLeft: SPACE.m, gap: 2 },
});
