import { validate, DROPS_PER_ML_RANGE, settingsSchema, type MeasureSystem, type Settings, type ToolId } from '@/core';
import { useSaveSettings, useSettings } from '@/data';
import { typedMeasureIn, readAs } from '@/devices';
import { Body, Choice, Heading, KeptField, moneySign, Section, Screen, SecondaryText, Title } from '@/ui';
import { HomeFile } from './HomeFile';
import { HowWaitsTell } from './HowWaitsTell';
import { NumbersToCall } from './NumbersToCall';
import { ThisApp } from './ThisApp';
import { WaterAndAir, AdvicePreferencesForm, HouseholdForm } from './HomeFacts';

const CUPS: readonly { value: MeasureSystem; label: string }[] = [
  { value: 'us', label: 'US, 237 mL' },
  { value: 'metric', label: 'Metric, 250 mL' },
  { value: 'imperial', label: 'British, 284 mL' },
  { value: 'australian', label: 'Australian, 250 mL' },
  { value: 'us-label', label: 'US label, 240 mL' },
];

const TOOLS: readonly { value: ToolId; label: string }[] = [
  { value: 'cups', label: 'Cups' },
  { value: 'spoons', label: 'Spoons' },
  { value: 'jug', label: 'Jug, every 25 mL' },
  { value: 'syringe', label: '10 mL syringe' },
  { value: 'scale', label: 'Kitchen scale' },
];

/** What the person measures with, and the home's file. */
export function SettingsScreen() {
  const settings = useSettings();
  const save = useSaveSettings();
  const put = (change: Partial<Settings>): void => save.mutate(change);
  const toggle = (tool: ToolId): void =>
    put({
      tools: settings.tools.includes(tool) ? settings.tools.filter((t) => t !== tool) : [...settings.tools, tool],
    });
  return (
    <Screen>
      <Title>Settings</Title>
      <NumbersToCall settings={settings} onPut={put} />
      <HouseholdForm settings={settings} onPut={put} />
      <Section>
        <Heading>Amounts are shown in</Heading>
        <Choice
          label="Units"
          options={[
            { value: 'metric', label: 'mL and grams' },
            { value: 'us', label: 'US ounces' },
          ]}
          chosen={[settings.units]}
          onChoose={(units) => put({ units })}
        />
      </Section>
      <Section>
        <Heading>My cups and spoons are</Heading>
        <Choice label="Cups and spoons" options={CUPS} chosen={[settings.cup]} onChoose={(cup) => put({ cup })} />
        <SecondaryText>A recipe keeps the cup it was written for; this is what you measure with.</SecondaryText>
      </Section>
      <Section>
        <Heading>I measure with</Heading>
        <Choice label="Measuring tools" several options={TOOLS} chosen={settings.tools} onChoose={toggle} />
        {settings.tools.length === 0 && <Body>Without tools, amounts are given in mL and grams alone.</Body>}
      </Section>
      <Drops settings={settings} onPut={put} />
      <Money settings={settings} onPut={put} />
      <WaterAndAir settings={settings} onPut={put} />
      <AdvicePreferencesForm settings={settings} onPut={put} />
      <HowWaitsTell settings={settings} onPut={put} />
      <HomeFile />
      <ThisApp />
    </Screen>
  );
}

/** Drops per mL: what was typed stays in the field until it is a number that can be. */
function Drops({ settings, onPut }: { settings: Settings; onPut: (change: Partial<Settings>) => void }) {
  const accepted = `Droppers give ${DROPS_PER_ML_RANGE.low} to ${DROPS_PER_ML_RANGE.high} drops per mL. Give a number, for example 20.`;
  return (
    <Section>
      <KeptField
        label="Drops in one mL"
        value={String(settings.dropsPerML)}
        wrongIn={(text) =>
          validate(settingsSchema, { ...settings, dropsPerML: typedMeasureIn(text) }).ok ? null : accepted
        }
        asKept={(text) => String(typedMeasureIn(text))}
        onPut={(text) => onPut({ dropsPerML: typedMeasureIn(text) })}
        inputMode="decimal"
        hint={readAs}
        maxLength={6}
        testID="drops-per-ml"
      />
      <SecondaryText>Count the drops that fill a 1 mL mark. Most droppers give 20 to 40.</SecondaryText>
    </Section>
  );
}

/** The sign of the person's money, for what a litre costs. */
function Money({ settings, onPut }: { settings: Settings; onPut: (change: Partial<Settings>) => void }) {
  return (
    <KeptField
      label="The sign of my money"
      value={settings.currency}
      wrongIn={(currency) =>
        validate(settingsSchema, { ...settings, currency }).ok ? null : 'Give up to 4 letters: £, €, kr, CHF.'
      }
      asKept={(currency) => currency}
      onPut={(currency) => onPut({ currency })}
      maxLength={8}
      placeholder={moneySign('')}
      testID="currency"
    />
  );
}
