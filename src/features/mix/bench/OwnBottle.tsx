import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  validate,
  measuredCapacityML,
  profileOfMeasures,
  vesselProfile,
  vesselSchema,
  vesselShape,
  VESSEL_SHAPES,
  type PouredScale,
  type Vessel,
  type VesselShapeId,
} from '@/core';
import { newId, useSaveVessel } from '@/data';
import { typedMeasureIn, readAs } from '@/devices';
import { Action, Body, BottleDrawing, Choice, COLORS, Field, Section, Sheet, SPACE, SecondaryText } from '@/ui';

type How = 'size' | 'measure' | 'pour';

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onSaved: (vessel: Vessel) => void;
}

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

/** How wide a poured scale may be typed: pairs of mL and mm, one a line. */
function readPoured(text: string): PouredScale | null {
  const marks = text
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => l !== '')
    .map((l) => /^([\d.,]+)\s*(?:ml)?\s*[,;: at]*\s+([\d.,]+)\s*(?:mm)?$/i.exec(l));
  if (marks.length < 2 || marks.some((m) => !m)) return null;
  return marks.map((m) => ({ volumeML: typedMeasureIn(m?.[1] ?? ''), heightMM: typedMeasureIn(m?.[2] ?? '') }));
}

const POUR_HELP = 'At least two marks, one a line: mL poured, then mm high. For example "100 27", next line "200 54".';

/** A bottle of the person's own: by its size, by a ruler, or by pouring; with its material and whether light comes in. */
export function OwnBottle({ open, onClose, onSaved }: Props) {
  const save = useSaveVessel();
  const [name, setName] = useState('');
  const [shape, setShape] = useState<VesselShapeId>('straight-spray');
  const [how, setHow] = useState<How>('size');
  const [size, setSize] = useState('');
  const [body, setBody] = useState('');
  const [bodyHigh, setBodyHigh] = useState('');
  const [neck, setNeck] = useState('');
  const [high, setHigh] = useState('');
  const [poured, setPoured] = useState('');
  const [material, setMaterial] = useState<Vessel['material']>('unknown');
  const [opaque, setOpaque] = useState(false);
  const [heldFood, setHeldFood] = useState(false);

  const { vessel, problem } = vesselFrom();
  function vesselFrom(): { vessel: Vessel | null; problem: string | null } {
    const base = {
      id: 'own',
      name: name.trim() || vesselShape(shape).name,
      shape,
      material,
      opaque,
      ...(heldFood ? { heldFood } : {}),
    };
    const tried = ((): unknown => {
      if (how === 'size') return size.trim() === '' ? null : { ...base, capacityML: typedMeasureIn(size) };
      if (how === 'pour') {
        if (poured.trim() === '') return null;
        const scale = readPoured(poured);
        return scale ? { ...base, capacityML: scale.at(-1)?.volumeML, poured: scale } : POUR_HELP;
      }
      if ([body, bodyHigh, neck, high].some((t) => t.trim() === '')) return null;
      const profile = profileOfMeasures({
        bodyDiameterMM: typedMeasureIn(body),
        bodyHeightMM: typedMeasureIn(bodyHigh),
        neckDiameterMM: typedMeasureIn(neck),
        brimMM: typedMeasureIn(high),
      });
      return profile
        ? { ...base, capacityML: measuredCapacityML(profile), profile }
        : 'These measures make no bottle: give mm above 3, the brim not below the shoulder.';
    })();
    if (tried === null) return { vessel: null, problem: null };
    if (typeof tried === 'string') return { vessel: null, problem: tried };
    const result = validate(vesselSchema, tried);
    return result.ok
      ? { vessel: result.value, problem: null }
      : { vessel: null, problem: result.problems[0]?.message ?? 'Give a size from 10 to 100 000 mL.' };
  }

  const keep = (): void => {
    if (!vessel) return;
    const own = { ...vessel, id: newId() };
    save.mutate(own, {
      onSuccess: () => onSaved(own),
    });
  };
  const field = (label: string, value: string, set: (text: string) => void, testID: string) => (
    <View style={styles.field}>
      <Field
        label={label}
        value={value}
        onChangeText={set}
        inputMode="decimal"
        hint={readAs(value)}
        maxLength={8}
        testID={testID}
      />
    </View>
  );

  return (
    <Sheet title="A bottle of your own" open={open} onClose={onClose}>
      <Field
        label="What you call it"
        value={name}
        onChangeText={setName}
        placeholder="for example Brown glass spray"
        maxLength={60}
        testID="vessel-name"
      />
      <Body style={styles.bold}>Its shape</Body>
      <Choice
        label="Shape of the bottle"
        options={VESSEL_SHAPES.map((s) => ({ value: s.id, label: s.name }))}
        chosen={[shape]}
        onChoose={setShape}
      />
      <Body style={styles.bold}>How large?</Body>
      <Choice
        label="How its size is found"
        options={[
          { value: 'size' as const, label: 'I know the mL' },
          { value: 'measure' as const, label: 'By a ruler' },
          { value: 'pour' as const, label: 'By pouring' },
        ]}
        chosen={[how]}
        onChoose={setHow}
      />
      {how === 'size' && field('To the brim, mL', size, setSize, 'vessel-size')}
      {how === 'measure' && (
        <>
          <SecondaryText>Outside, in mm; walls of 1.5 mm are taken off.</SecondaryText>
          <View style={styles.row}>
            {field('Across the body', body, setBody, 'vessel-body')}
            {field('Up to the shoulder', bodyHigh, setBodyHigh, 'vessel-shoulder')}
            {field('Across the neck', neck, setNeck, 'vessel-neck')}
            {field('Up to the brim', high, setHigh, 'vessel-brim')}
          </View>
        </>
      )}
      {how === 'pour' && (
        <>
          <SecondaryText>
            Pour in a known amount, measure how high it stands, pour more; the last mark is the brim.
          </SecondaryText>
          <Field
            label="mL and mm, one pair a line"
            value={poured}
            onChangeText={setPoured}
            multiline
            minHeight={110}
            placeholder={'100 27\n200 54\n375 110'}
            maxLength={400}
            testID="vessel-poured"
          />
        </>
      )}
      {problem !== null && <Body style={styles.wrong}>{problem}</Body>}
      {vessel && (
        <View style={styles.drawn}>
          <BottleDrawing
            profile={vesselProfile(vessel)}
            top={vesselShape(shape).top}
            width={260}
            height={190}
            layers={[]}
          />
          <Body>{Math.round(vessel.capacityML)} mL to the brim</Body>
        </View>
      )}
      <Body style={styles.bold}>Made of</Body>
      <Choice label="Made of" options={MATERIALS} chosen={[material]} onChoose={setMaterial} />
      <Choice
        label="More about it"
        several
        options={[
          { value: 'opaque', label: 'Dark: light stays out' },
          { value: 'food', label: 'Food or drink was in it' },
        ]}
        chosen={[...(opaque ? ['opaque'] : []), ...(heldFood ? ['food'] : [])]}
        onChoose={(what) => (what === 'opaque' ? setOpaque(!opaque) : setHeldFood(!heldFood))}
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

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.m },
  field: { width: 164 },
  wrong: { color: COLORS.danger },
  drawn: { alignItems: 'center' },
});
