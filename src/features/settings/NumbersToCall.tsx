import { validate, settingsSchema, type Settings } from '@/core';
import { Heading, KeptField, Section, SecondaryText } from '@/ui';

interface Props {
  readonly settings: Settings;
  readonly onPut: (change: Partial<Settings>) => void;
}

/** The numbers that stand at the top of Safety: the person's own, for where they live. */
export function NumbersToCall({ settings, onPut }: Props) {
  return (
    <Section>
      <Heading>Numbers to call</Heading>
      <NumberToCall settings={settings} onPut={onPut} field="poisonNumber" label="Poison-advice line" />
      <NumberToCall settings={settings} onPut={onPut} field="emergencyNumber" label="Emergency number" />
      <SecondaryText>
        As they are dialled where you live. They stand at the top of Safety, to be called with one tap.
      </SecondaryText>
    </Section>
  );
}

function NumberToCall({
  settings,
  onPut,
  field,
  label,
}: Props & { readonly field: 'poisonNumber' | 'emergencyNumber'; readonly label: string }) {
  const wrongIn = (text: string): string | null => {
    const result = validate(settingsSchema, { ...settings, [field]: text.trim() });
    return result.ok ? null : (result.problems[0]?.message ?? null);
  };
  return (
    <KeptField
      label={label}
      value={settings[field]}
      wrongIn={wrongIn}
      asKept={(text) => text.trim()}
      onPut={(text) => onPut({ [field]: text.trim() })}
      inputMode="tel"
      maxLength={40}
      testID={field}
    />
  );
}
