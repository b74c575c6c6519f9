import { useState } from 'react';
import { View } from 'react-native';
import { SOURCES, SURFACES, type Surface, type SurfaceEvaluation } from '@/core';
import { Action, Choice, FindingCard, Heading, Part, Sheet, SPACE, VerdictBanner } from '@/ui';

interface Props {
  readonly surface: Surface | null;
  readonly minutes: number;
  readonly result: SurfaceEvaluation | null;
  readonly onChange: (surface: Surface | null, minutes: number) => void;
}

const MINUTES = [1, 5, 15, 30, 60];

const sayingOf = (result: SurfaceEvaluation, minutes: number): string => {
  const out = result.findings.filter((f) => f.rulesOut);
  if (out.some((f) => f.figures.harmAfterMinutes === 0)) return `Not on ${result.name.toLowerCase()}.`;
  if (out.length > 0) return `Not for ${minutes} minutes on ${result.name.toLowerCase()}.`;
  return result.findings.length > 0
    ? `On ${result.name.toLowerCase()} with care.`
    : `Nothing found against it on ${result.name.toLowerCase()}.`;
};

/** Holds the mixture against a surface, for as long as it is to stay on. */
export function SurfaceCheck({ surface, minutes, result, onChange }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Part>
      <Heading>Where will it go?</Heading>
      <Action title={surface ? surface.name : 'Check it against a surface'} onPress={() => setOpen(true)} />
      {surface && (
        <Choice
          label="Minutes it stays on"
          options={MINUTES.map((m) => ({ value: m, label: `${m} min` }))}
          chosen={[minutes]}
          onChoose={(m) => onChange(surface, m)}
        />
      )}
      {result && (
        <View style={{ gap: SPACE.s }}>
          <VerdictBanner level={result.verdict} saying={sayingOf(result, minutes)} />
          {result.findings.map((f) => (
            <FindingCard key={f.code + f.subjects.join()} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
          ))}
        </View>
      )}
      <Sheet title="Which surface?" open={open} onClose={() => setOpen(false)}>
        <Choice
          label="Surfaces"
          options={[{ value: '', label: 'None' }, ...SURFACES.map((s) => ({ value: s.id, label: s.name }))]}
          chosen={[surface?.id ?? '']}
          onChoose={(id) => {
            onChange(SURFACES.find((s) => s.id === id) ?? null, minutes);
            setOpen(false);
          }}
        />
      </Sheet>
    </Part>
  );
}
