import { StyleSheet, View } from 'react-native';
import { validate, homeSurfaceSchema, questionsAbout, DISPUTED_ADVICE, SURFACES, type HomeSurface } from '@/core';
import { useSettings } from '@/data';
import { typedNumberIn, readAs } from '@/devices';
import { Body, Choice, Heading, KeptField, Section, Row, SecondaryText, SPACE } from '@/ui';

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
      <KeptField
        label="Called"
        value={surface.name}
        wrongIn={(name) => wrongIn({ ...surface, name })}
        asKept={(name) => name.trim()}
        onPut={(name) => onPut({ name: name.trim() })}
        maxLength={60}
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
          <KeptField
            label="Area, m²"
            value={String(surface.areaM2)}
            wrongIn={(t) => wrongIn({ ...surface, areaM2: typedNumberIn(t) as number })}
            onPut={(t) => onPut({ areaM2: typedNumberIn(t) as number })}
            asKept={asNumber}
            hint={readAs}
            maxLength={60}
            testID="surface-area"
          />
        </View>
        <View style={styles.half}>
          <KeptField
            label="Age, years"
            value={surface.ageYears === null ? '' : String(surface.ageYears)}
            wrongIn={(t) => wrongIn({ ...surface, ageYears: typedNumberIn(t) as number | null })}
            onPut={(t) => onPut({ ageYears: typedNumberIn(t) as number | null })}
            asKept={asNumber}
            hint={readAs}
            maxLength={60}
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

const asNumber = (text: string): string => {
  const value = typedNumberIn(text);
  return value === null ? '' : String(value);
};

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  row: { flexDirection: 'row', gap: SPACE.m },
  half: { flex: 1 },
});
