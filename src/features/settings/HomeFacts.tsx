import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import {
  validate,
  hardnessClass,
  HARDNESS_RANGE,
  HUMIDITY_RANGE,
  MINUTE_MS,
  ROOM_C_RANGE,
  DISPUTED_ADVICE,
  settingsSchema,
  type HardnessClass,
  type HouseholdMember,
  type Settings,
} from '@/core';
import { useNotRight } from '@/data';
import { typedMeasureIn, readAs } from '@/devices';
import { Body, Choice, Heading, KeptField, Row, Section, SecondaryText, useNow, VerdictMark } from '@/ui';

interface Props {
  readonly settings: Settings;
  readonly onPut: (change: Partial<Settings>) => void;
}

const LIVES_HERE: readonly { value: HouseholdMember; label: string }[] = [
  { value: 'cat', label: 'A cat' },
  { value: 'dog', label: 'A dog' },
  { value: 'bird', label: 'A bird' },
  { value: 'infant', label: 'An infant' },
  { value: 'asthma', label: 'Someone with asthma' },
  { value: 'septic', label: 'Septic tank or off-grid drain' },
];

/** Who lives here: each makes Biscuit stricter where it matters. */
export function HouseholdForm({ settings, onPut }: Props) {
  const toggle = (lives: HouseholdMember): void =>
    onPut({
      lives: settings.lives.includes(lives) ? settings.lives.filter((l) => l !== lives) : [...settings.lives, lives],
    });
  return (
    <Section>
      <Heading>In this home</Heading>
      <Choice label="In this home" several options={LIVES_HERE} chosen={settings.lives} onChoose={toggle} />
      <SecondaryText>Oils, sprays, borax and what goes down the drain are judged for them.</SecondaryText>
      <NoLongerRight />
    </Section>
  );
}

/** How many things at home are no longer right, said as soon as someone is ticked. */
function NoLongerRight() {
  const router = useRouter();
  const nowMs = useNow(MINUTE_MS);
  const found = useNotRight(new Date(nowMs).toISOString());
  return (
    <View role="status" aria-live="polite">
      {found.length > 0 && (
        <Row
          title={
            found.length === 1
              ? 'One thing at home is not right for them'
              : `${found.length} things at home are not right for them`
          }
          detail={`${found.map(({ name }) => name).join(', ')}: what to do stands on Today.`}
          mark={<VerdictMark level={found[0]?.findings[0]?.level ?? 'caution'} size={32} />}
          to="/"
          onPress={() => router.push('/')}
        />
      )}
    </View>
  );
}

type Water = HardnessClass | 'not known';

/** USGS classes, each by its middle, mg/L as CaCO3. */
const HARDNESSES: readonly { value: Water; label: string; mgPerL: number | null }[] = [
  { value: 'not known', label: 'Not known', mgPerL: null },
  { value: 'soft', label: 'Soft', mgPerL: 30 },
  { value: 'moderate', label: 'Moderate', mgPerL: 90 },
  { value: 'hard', label: 'Hard', mgPerL: 150 },
  { value: 'very hard', label: 'Very hard', mgPerL: 250 },
];

interface NumberProps extends Props {
  readonly field: 'hardnessMgPerL' | 'roomC' | 'humidityPercent';
  readonly label: string;
  readonly accepted: string;
  readonly empty?: boolean;
}

/** A number of the settings: what was typed stays in the field until it is a number that can be. */
function NumberField({ settings, onPut, field, label, accepted, empty = false }: NumberProps) {
  const valueOf = (text: string): number | null => (text.trim() === '' && empty ? null : typedMeasureIn(text));
  const textOf = (value: number | null): string => (value === null ? '' : String(value));
  return (
    <KeptField
      label={label}
      value={textOf(settings[field])}
      wrongIn={(text) => (validate(settingsSchema, { ...settings, [field]: valueOf(text) }).ok ? null : accepted)}
      asKept={(text) => textOf(valueOf(text))}
      onPut={(text) => onPut({ [field]: valueOf(text) })}
      inputMode="decimal"
      hint={readAs}
      maxLength={6}
      testID={field}
    />
  );
}

/** The water and the air: soap is lost to the one, a film dries in the other. */
export function WaterAndAir({ settings, onPut }: Props) {
  const [key, setKey] = useState(0);
  const choose = (value: Water): void => {
    onPut({ hardnessMgPerL: HARDNESSES.find((h) => h.value === value)?.mgPerL ?? null });
    setKey(key + 1);
  };
  const chosen: Water = settings.hardnessMgPerL === null ? 'not known' : hardnessClass(settings.hardnessMgPerL);
  return (
    <Section>
      <Heading>Tap water and air</Heading>
      <Choice label="Tap water" options={HARDNESSES} chosen={[chosen]} onChoose={choose} />
      <NumberField
        key={key}
        settings={settings}
        onPut={onPut}
        field="hardnessMgPerL"
        label="Hardness, mg/L as CaCO₃"
        accepted={`Give a number from ${HARDNESS_RANGE.low} to ${HARDNESS_RANGE.high}, or leave it empty. Your water supplier says it.`}
        empty
      />
      <NumberField
        settings={settings}
        onPut={onPut}
        field="roomC"
        label="Room temperature, °C"
        accepted={`Give a number from ${ROOM_C_RANGE.low} to ${ROOM_C_RANGE.high}, for example 20.`}
      />
      <NumberField
        settings={settings}
        onPut={onPut}
        field="humidityPercent"
        label="Humidity, %"
        accepted={`Give a number from ${HUMIDITY_RANGE.low} to ${HUMIDITY_RANGE.high}, for example 60.`}
      />
    </Section>
  );
}

/** Where careful people differ: the stricter way stands until the person says otherwise. */
export function AdvicePreferencesForm({ settings, onPut }: Props) {
  return (
    <Section>
      <Heading>Where careful people differ</Heading>
      <SecondaryText>
        Each changes what Biscuit offers and says. Until you choose, the first of each holds.
      </SecondaryText>
      {DISPUTED_ADVICE.map((s) => (
        <Section key={s.id}>
          <Body style={{ fontWeight: '700' }}>{s.question}</Body>
          <Choice
            label={s.question}
            options={s.choices.map((c) => ({ value: c.id, label: c.says }))}
            chosen={[settings.schools[s.id] ?? s.byDefault]}
            onChoose={(id) => onPut({ schools: { ...settings.schools, [s.id]: id } })}
          />
        </Section>
      ))}
    </Section>
  );
}
