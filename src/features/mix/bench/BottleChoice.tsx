import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  suitsForm,
  validate,
  vesselSchema,
  VESSEL_SHAPES,
  type Formula,
  type Vessel,
  type VesselShapeId,
} from '@/core';
import { useVessels } from '@/data';
import { OwnBottle } from './OwnBottle';
import { typedQuantityIn, readAs } from '@/devices';
import { Action, Body, Choice, Field, Sheet, SecondaryText, SPACE, volumeText } from '@/ui';

/** The bottle on the bench: one of the person's own, or a size just typed. */
export type BenchBottle =
  | { readonly kind: 'own'; readonly id: string }
  | { readonly kind: 'typed'; readonly sizeText: string; readonly shape: VesselShapeId };

/** A bottle everybody has: where a newcomer starts. */
export const FIRST_BOTTLE: BenchBottle = { kind: 'typed', sizeText: '500', shape: 'straight-spray' };

/** What is used at once stands open: a bowl, a bucket, a tub. */
export const OPEN_BOWL: BenchBottle = { kind: 'typed', sizeText: '1000', shape: 'tub' };

/** Sizes of bowls and tubs, and of bottles, mL. */
const BOWLS_ML = [250, 500, 1000, 2000, 3000, 5000, 8000, 12_000, 20_000, 40_000, 100_000] as const;
const BOTTLES_ML = [500, 750, 1000, 1500, 2000, 5000] as const;
/** The fullest that is still carried and poured without a splash. */
const FULL_SHARE = 0.9;

const sizeFor = (sizes: readonly number[], takesML: number): number =>
  sizes.find((size) => FULL_SHARE * size >= takesML) ?? sizes.at(-1) ?? 1000;

/** A bowl or tub that holds so many mL and stands open. */
export const bowlFor = (takesML: number): BenchBottle => ({
  kind: 'typed',
  sizeText: String(sizeFor(BOWLS_ML, takesML)),
  shape: 'tub',
});

/** A bottle that holds so many mL; the one everybody has, as long as that is enough. */
export const bottleFor = (takesML: number, formula: Formula): BenchBottle => ({
  kind: 'typed',
  sizeText: String(sizeFor(BOTTLES_ML, takesML)),
  shape: shapeFor(formula),
});

/** The one everybody has, if it suits what is made; else the first that does. */
const shapeFor = (formula: Formula): VesselShapeId =>
  (['straight-spray', 'wide-jar', 'squeeze'] as const).find((shape) => suitsForm(formula, { shape })) ??
  'straight-spray';

/** mL in "375", "375 mL", "0.5 L", "0,5 l", "1 pint"; NaN otherwise. */
function sizeML(text: string): number {
  const size = typedQuantityIn(text, 'mL', 'metric');
  return size?.unit === 'mL' && size.value >= 0 ? size.value : NaN;
}

/** The vessel that is meant, or what is wrong with the typed size. */
export function vesselOf(
  bottle: BenchBottle,
  own: readonly Vessel[],
): { vessel: Vessel; isNew: boolean } | { problem: string } {
  if (bottle.kind === 'own') {
    const vessel = own.find((v) => v.id === bottle.id) ?? own[0];
    if (vessel) return { vessel, isNew: false };
    return vesselOf(FIRST_BOTTLE, own);
  }
  const capacityML = sizeML(bottle.sizeText);
  const shape = VESSEL_SHAPES.find((s) => s.id === bottle.shape);
  const vessel = {
    id: 'typed',
    name: `${shape?.name ?? 'Bottle'}, ${bottle.sizeText.trim()}${/[a-z]$/i.test(bottle.sizeText.trim()) ? '' : ' mL'}`,
    shape: bottle.shape,
    capacityML,
    material: 'unknown' as const,
    opaque: false,
  };
  if (Number.isNaN(capacityML))
    return { problem: 'Give the size as a number in mL, for example 375. Litres with an L: 0.5 L.' };
  const result = validate(vesselSchema, vessel);
  return result.ok
    ? { vessel: result.value, isNew: true }
    : { problem: result.problems[0]?.message ?? 'Give a size from 10 to 100 000 mL.' };
}

const OTHER = 'other';

interface Props {
  readonly bottle: BenchBottle;
  readonly onChange: (bottle: BenchBottle) => void;
  readonly problem: string | null;
}

/** The bottle on the bench in one line, or a size to type; another bottle or shape is one tap away. */
export function BottleChoice({ bottle, onChange, problem }: Props) {
  const own = useVessels().data ?? [];
  const [open, setOpen] = useState(false);
  const [measuring, setMeasuring] = useState(false);
  const typed = bottle.kind === 'typed';
  const mine = typed ? null : (own.find((v) => v.id === bottle.id) ?? own[0]);
  const shape = VESSEL_SHAPES.find((s) => s.id === (typed ? bottle.shape : mine?.shape));
  const choose = (next: BenchBottle): void => {
    onChange(next);
    setOpen(false);
  };
  return (
    <View style={styles.part}>
      {typed && (
        <Field
          label={bottle.shape === 'tub' ? 'Your bowl or tub holds, in mL' : 'Your bottle holds, in mL'}
          value={bottle.sizeText}
          onChangeText={(sizeText) => onChange({ ...bottle, sizeText })}
          inputMode="decimal"
          hint={readAs(bottle.sizeText)}
          error={problem}
          maxLength={12}
          testID="bottle-size"
        />
      )}
      <View style={styles.row}>
        <View style={styles.words}>
          <Body style={styles.bold}>
            {mine
              ? `${mine.name} · ${volumeText(mine.capacityML)}${mine.place ? ` · ${mine.place}` : ''}`
              : (shape?.name ?? '')}
          </Body>
          <SecondaryText>{shape?.hint ?? ''}</SecondaryText>
        </View>
        <Action
          title={own.length > 0 ? 'Another bottle' : 'Another shape'}
          onPress={() => setOpen(true)}
          testID="another-bottle"
        />
      </View>
      <OwnBottle
        open={measuring}
        onClose={() => setMeasuring(false)}
        onSaved={(vessel) => {
          setMeasuring(false);
          choose({ kind: 'own', id: vessel.id });
        }}
      />
      <Sheet title="Which bottle?" open={open} onClose={() => setOpen(false)}>
        {own.length > 0 && (
          <Choice
            label="Your bottles"
            options={[
              ...own.map((v) => ({ value: v.id, label: `${v.name} · ${volumeText(v.capacityML)}` })),
              { value: OTHER, label: 'Another size' },
            ]}
            chosen={[typed ? OTHER : bottle.id]}
            onChoose={(id) => (id === OTHER ? onChange(FIRST_BOTTLE) : choose({ kind: 'own', id }))}
          />
        )}
        {typed && (
          <>
            <Body style={styles.bold}>Its shape</Body>
            <Choice
              label="Shape of the bottle"
              options={VESSEL_SHAPES.map((s) => ({ value: s.id, label: s.name }))}
              chosen={[bottle.shape]}
              onChoose={(id) => choose({ ...bottle, shape: id })}
            />
          </>
        )}
        <Action
          title="A bottle of your own: measured, its material"
          onPress={() => {
            setOpen(false);
            setMeasuring(true);
          }}
          testID="own-bottle"
        />
      </Sheet>
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: SPACE.s },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  words: { flex: 1 },
  bold: { fontWeight: '700' },
});
