import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { vesselProfile, vesselShape, VESSEL_SHAPES, type Vessel } from '@/core';
import { newId, useSaveVessel } from '@/data';
import { readAs } from '@/devices';
import { Action, Body, BottleDrawing, Choice, COLORS, Field, Section, Sheet, SPACE, SecondaryText } from '@/ui';
import { NEW_VESSEL, vesselFrom, type SizeBy, type TypedVessel } from './ownVessel';

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onSaved: (vessel: Vessel) => void;
}

const SIZES_BY: readonly { value: SizeBy; label: string }[] = [
  { value: 'size', label: 'I know the mL' },
  { value: 'measure', label: 'By a ruler' },
  { value: 'pour', label: 'By pouring' },
];

const MATERIALS: readonly { value: Vessel['material']; label: string }[] = [
  { value: 'glass', label: 'Glass' },
  { value: 'hdpe', label: 'Milky plastic (HDPE 2)' },
  { value: 'pet', label: 'Clear plastic (PET 1)' },
  { value: 'ldpe', label: 'Soft plastic (LDPE 4)' },
  { value: 'polystyrene', label: 'Brittle plastic (PS 6)' },
  { value: 'steel', label: 'Steel' },
  { value: 'aluminium', label: 'Aluminium' },
  { value: 'ceramic', label: 'Ceramic' },
  { value: 'unknown', label: 'I do not know' },
];

/** A bottle of the person's own: by its size, by a ruler, or by pouring; with its material and whether light comes in. */
export function OwnBottle({ open, onClose, onSaved }: Props) {
  const save = useSaveVessel();
  const [typed, setTyped] = useState(NEW_VESSEL);
  const put = (part: Partial<TypedVessel>): void => setTyped((now) => ({ ...now, ...part }));
  const { vessel, problem } = vesselFrom(typed);
  const keep = (): void => {
    if (!vessel) return;
    const own = { ...vessel, id: newId() };
    save.mutate(own, { onSuccess: () => onSaved(own) });
  };
  return (
    <Sheet title="A bottle of your own" open={open} onClose={onClose}>
      <Field
        label="What you call it"
        value={typed.name}
        onChangeText={(name) => put({ name })}
        placeholder="for example Brown glass spray"
        maxLength={60}
        testID="vessel-name"
      />
      <Body style={styles.bold}>Its shape</Body>
      <Choice
        label="Shape of the bottle"
        options={VESSEL_SHAPES.map((s) => ({ value: s.id, label: s.name }))}
        chosen={[typed.shape]}
        onChoose={(shape) => put({ shape })}
      />
      <Body style={styles.bold}>How large?</Body>
      <SizeFields typed={typed} put={put} />
      {problem !== null && <Body style={styles.wrong}>{problem}</Body>}
      {vessel && (
        <View style={styles.drawn}>
          <BottleDrawing
            profile={vesselProfile(vessel)}
            top={vesselShape(vessel.shape).top}
            width={260}
            height={190}
            layers={[]}
          />
          <Body>{Math.round(vessel.capacityML)} mL to the brim</Body>
        </View>
      )}
      <Body style={styles.bold}>Made of</Body>
      <Choice
        label="Made of"
        options={MATERIALS}
        chosen={[typed.material]}
        onChoose={(material) => put({ material })}
      />
      <Choice
        label="More about it"
        several
        options={[
          { value: 'opaque' as const, label: 'Dark: light stays out' },
          { value: 'heldFood' as const, label: 'Food or drink was in it' },
        ]}
        chosen={(['opaque', 'heldFood'] as const).filter((what) => typed[what])}
        onChoose={(what) => put({ [what]: !typed[what] })}
      />
      <Field
        label="Where it stands"
        value={typed.place}
        onChangeText={(place) => put({ place })}
        placeholder="Shower room, under the sink"
        maxLength={80}
        testID="vessel-place"
      />
      <Section>
        <Action
          title="Keep this bottle"
          weight="main"
          onPress={keep}
          disabled={!vessel || save.isPending}
          testID="keep-bottle"
        />
      </Section>
    </Sheet>
  );
}

interface SizeProps {
  readonly typed: TypedVessel;
  readonly put: (part: Partial<TypedVessel>) => void;
}

/** How much it holds: as known, by a ruler, or by pouring. */
function SizeFields({ typed, put }: SizeProps) {
  const field = (key: 'size' | 'body' | 'shoulder' | 'neck' | 'brim', label: string) => (
    <View style={styles.field}>
      <Field
        label={label}
        value={typed[key]}
        onChangeText={(text) => put({ [key]: text })}
        inputMode="decimal"
        hint={readAs(typed[key])}
        maxLength={8}
        testID={`vessel-${key}`}
      />
    </View>
  );
  return (
    <>
      <Choice label="How its size is found" options={SIZES_BY} chosen={[typed.by]} onChoose={(by) => put({ by })} />
      {typed.by === 'size' && field('size', 'To the brim, mL')}
      {typed.by === 'measure' && (
        <>
          <SecondaryText>Outside, in mm; walls of 1.5 mm are taken off.</SecondaryText>
          <View style={styles.row}>
            {field('body', 'Across the body')}
            {field('shoulder', 'Up to the shoulder')}
            {field('neck', 'Across the neck')}
            {field('brim', 'Up to the brim')}
          </View>
        </>
      )}
      {typed.by === 'pour' && (
        <>
          <SecondaryText>
            Pour in a known amount, measure how high it stands, pour more; the last mark is the brim.
          </SecondaryText>
          <Field
            label="mL and mm, one pair a line"
            value={typed.poured}
            onChangeText={(poured) => put({ poured })}
            multiline
            minHeight={110}
            placeholder={'100 27\n200 54\n375 110'}
            maxLength={400}
            testID="vessel-poured"
          />
        </>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.m },
  field: { width: 164 },
  wrong: { color: COLORS.danger },
  drawn: { alignItems: 'center' },
});
