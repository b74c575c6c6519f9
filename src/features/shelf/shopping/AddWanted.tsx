import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { STARTER_FORMULAS, validate, wantedSchema, type Formula, type Wanted } from '@/core';
import { newId, useFormulas, useWriteHome } from '@/data';
import { typedMeasureIn, readAs } from '@/devices';
import { Action, Choice, Field, Heading, ItemRow, Picker, Section, Sheet, SPACE, TickRow, volumeText } from '@/ui';

/** What else is to be made, or to be brought along. */
export function AddWanted({ wanted }: { wanted: readonly Wanted[] }) {
  const write = useWriteHome({ kept: 'What you typed is still here.' });
  const own = useFormulas().data;
  const formulas = useMemo(() => [...(own ?? []), ...STARTER_FORMULAS], [own]);
  const [text, setText] = useState('');
  const [picking, setPicking] = useState(false);
  const [chosen, setChosen] = useState<Formula | null>(null);
  const things = wanted.filter((w) => w.kind === 'thing');
  const mixtures = wanted.filter((w) => w.kind === 'formula');
  const leaveOut = (id: string): void => write.mutate({ remove: [{ collection: 'wanted', id }] });
  const add = (): void => {
    if (text.trim() === '') return;
    const thing: Wanted = { kind: 'thing', id: newId(), name: text.trim(), boughtAt: null };
    write.mutate({ put: [{ collection: 'wanted', value: thing }] }, { onSuccess: () => setText('') });
  };
  return (
    <Section>
      <Heading>Also</Heading>
      {things.map((t) => (
        <TickRow
          key={t.id}
          title={t.name}
          ticked={t.boughtAt !== null}
          struck
          label={`Bought: ${t.name}`}
          onTick={() =>
            write.mutate({
              put: [
                {
                  collection: 'wanted',
                  value: { ...t, boughtAt: t.boughtAt === null ? new Date().toISOString() : null },
                },
              ],
            })
          }
          more={<Action title="Remove" label={`Remove ${t.name}`} weight="quiet" onPress={() => leaveOut(t.id)} />}
          testID="wanted-thing"
        />
      ))}
      {mixtures.map((m) => (
        <ItemRow
          key={m.id}
          title={m.name}
          detail={
            formulas.some((f) => f.id === m.formulaId)
              ? `${volumeText(m.volumeML)} to make`
              : 'This formula is not kept any more: leave it out.'
          }
          testID="wanted-mixture"
        >
          <Action title="Leave out" label={`Leave out ${m.name}`} weight="quiet" onPress={() => leaveOut(m.id)} />
        </ItemRow>
      ))}
      <View style={styles.add}>
        <View style={styles.field}>
          <Field
            label="Bring along"
            value={text}
            onChangeText={setText}
            placeholder="sponges, gloves"
            maxLength={80}
            staysOnEnter
            onSubmitEditing={add}
            testID="bring-along"
          />
        </View>
        <View style={styles.button}>
          <Action title="Add" onPress={add} disabled={text.trim() === ''} testID="bring-along-add" />
        </View>
      </View>
      <View style={styles.make}>
        <Action title="Make something besides" onPress={() => setPicking(true)} testID="make-besides" />
      </View>
      <Picker
        title="What do you want to make?"
        all={formulas.map((f) => ({ id: f.id, name: f.name, names: [f.purpose] }))}
        open={picking}
        chosen=""
        onClose={() => setPicking(false)}
        onChoose={(id) => setChosen(formulas.find((f) => f.id === id) ?? null)}
      />
      {chosen && (
        <HowMuch
          key={chosen.id}
          formula={chosen}
          onClose={() => setChosen(null)}
          onKeep={(value) =>
            write.mutate({ put: [{ collection: 'wanted', value }] }, { onSuccess: () => setChosen(null) })
          }
        />
      )}
    </Section>
  );
}

const SIZES_ML = [250, 500, 1000] as const;
const USUAL_ML = 500;

interface HowMuchProps {
  readonly formula: Formula;
  readonly onClose: () => void;
  readonly onKeep: (wanted: Wanted) => void;
}

/** How much of a formula is to be made. */
function HowMuch({ formula, onClose, onKeep }: HowMuchProps) {
  const [typed, setTyped] = useState(String(formula.makesML ?? USUAL_ML));
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = (): void => {
    const result = validate<Wanted>(wantedSchema, {
      kind: 'formula',
      id: newId(),
      formulaId: formula.id,
      name: formula.name,
      volumeML: typedMeasureIn(typed),
    });
    if (result.ok) onKeep(result.value);
    else setWrong(result.problems[0]?.message ?? null);
  };
  return (
    <Sheet title={`How much ${formula.name}?`} open onClose={onClose}>
      <Choice
        label="How much"
        options={SIZES_ML.map((mL) => ({ value: String(mL), label: volumeText(mL) }))}
        chosen={[typed]}
        onChoose={setTyped}
      />
      <Field
        label="mL"
        value={typed}
        onChangeText={setTyped}
        error={wrong}
        hint={readAs(typed)}
        inputMode="decimal"
        maxLength={9}
        testID="wanted-ml"
      />
      <Action title="Put it on the list" weight="main" onPress={keep} testID="wanted-keep" />
    </Sheet>
  );
}

const styles = StyleSheet.create({
  add: { flexDirection: 'row', alignItems: 'flex-end', gap: SPACE.s },
  field: { flex: 1 },
  make: { flexDirection: 'row' },
  button: { paddingBottom: 4 },
});
