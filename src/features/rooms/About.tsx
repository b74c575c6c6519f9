import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { validate, homeSurfaceSchema, questionsAbout, DISPUTED_ADVICE, SURFACES, type HomeSurface } from '@/core';
import { useSettings } from '@/data';
import { typedNumberIn, readAs } from '@/devices';
import { Body, Choice, Field, Heading, Section, Row, SecondaryText, SPACE } from '@/ui';

interface Props {
  readonly surface: HomeSurface;
  readonly onPut: (change: Partial<HomeSurface>) => void;
  readonly onMaterial: () => void;
}

const yes = (sealed: boolean | null): string => (sealed === null ? 'unknown' : sealed ? 'yes' : 'no');

/** Its material and what else decides what it bears. */
export function About({ surface, onPut, onMaterial }: Props) {
  const settings = useSettings();
  const ask = questionsAbout(surface.surfaceId);
  const material = SURFACES.find((s) => s.id === surface.surfaceId);
  const schools = DISPUTED_ADVICE.filter((s) => material?.schools.some((m) => m.school === s.id));
  return (
    <Section>
      <Heading>What it is</Heading>
      <TextField
        label="Called"
        value={surface.name}
        accepts={(name) => wrongIn({ ...surface, name })}
        onPut={(name) => onPut({ name: name.trim() })}
        testID="surface-name"
      />
      <Row title={material?.name ?? ''} detail="Its material" to={`/rooms/${surface.id}`} onPress={onMaterial} />
      {ask.sealed && (
        <Section>
          <Body style={styles.bold}>Sealed?</Body>
          <Choice
            label="Sealed"
            options={[
              { value: 'yes', label: 'Sealed' },
              { value: 'no', label: 'Not sealed' },
              { value: 'unknown', label: 'Not sure' },
            ]}
            chosen={[yes(surface.sealed)]}
            onChoose={(v) => onPut({ sealed: v === 'unknown' ? null : v === 'yes' })}
          />
          <SecondaryText>
            Not sure counts as not sealed. A drop of water tells: if it darkens the surface, it is not.
          </SecondaryText>
        </Section>
      )}
      {ask.finishes.length > 0 && (
        <Section>
          <Body style={styles.bold}>Finish</Body>
          <Choice
            label="Finish"
            options={ask.finishes.map((f) => ({ value: f.id, label: f.says }))}
            chosen={surface.finish ? [surface.finish] : []}
            onChoose={(finish) => onPut({ finish })}
          />
        </Section>
      )}
      <View style={styles.row}>
        <View style={styles.half}>
          <TextField
            label="Area, m²"
            value={String(surface.areaM2)}
            accepts={(t) => wrongIn({ ...surface, areaM2: typedNumberIn(t) as number })}
            onPut={(t) => onPut({ areaM2: typedNumberIn(t) as number })}
            testID="surface-area"
          />
        </View>
        <View style={styles.half}>
          <TextField
            label="Age, years"
            value={surface.ageYears === null ? '' : String(surface.ageYears)}
            accepts={(t) => wrongIn({ ...surface, ageYears: typedNumberIn(t) as number | null })}
            onPut={(t) => onPut({ ageYears: typedNumberIn(t) as number | null })}
            testID="surface-age"
          />
        </View>
      </View>
      {ask.age && <SecondaryText>Enamel of thirty years and more is taken as worn: no acid on it.</SecondaryText>}
      {schools.map((s) => (
        <Section key={s.id}>
          <Body style={styles.bold}>{s.question}</Body>
          <Choice
            label={s.question}
            options={s.choices.map((c) => ({ value: c.id, label: c.says }))}
            chosen={[surface.schools[s.id] ?? settings.schools[s.id] ?? s.byDefault]}
            onChoose={(id) => onPut({ schools: { ...surface.schools, [s.id]: id } })}
          />
          <SecondaryText>Careful people differ here. This is for this surface alone.</SecondaryText>
        </Section>
      ))}
    </Section>
  );
}

function wrongIn(surface: HomeSurface): string | null {
  const result = validate(homeSurfaceSchema, surface);
  return result.ok ? null : (result.problems[0]?.message ?? null);
}

interface TextProps {
  readonly label: string;
  readonly value: string;
  readonly accepts: (text: string) => string | null;
  readonly onPut: (text: string) => void;
  readonly testID: string;
}

/** A field that keeps what was typed until it can be kept. */
function TextField({ label, value, accepts, onPut, testID }: TextProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? value;
  return (
    <Field
      label={label}
      value={text}
      onChangeText={(next) => {
        setTyped(next);
        if (accepts(next) === null) onPut(next);
      }}
      error={typed === null ? null : accepts(text)}
      hint={typed === null ? null : readAs(text)}
      maxLength={60}
      testID={testID}
    />
  );
}

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  row: { flexDirection: 'row', gap: SPACE.m },
  half: { flex: 1 },
});
