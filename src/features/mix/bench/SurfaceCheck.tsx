import { useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  jointsFinding,
  jointsOf,
  SOILS,
  soilsMeant,
  SOURCES,
  SURFACES,
  surfacesMeant,
  type AdvicePreferences,
  type Evaluation,
  type Finding,
  type Soil,
  type Surface,
  type SurfaceEvaluation,
  type Dwell,
  type Ways,
} from '@/core';
import {
  Action,
  Body,
  Choice,
  FindingCard,
  Heading,
  Section,
  Picker,
  SecondaryText,
  SPACE,
  VerdictBanner,
  SURFACE_GROUP_WORDS,
} from '@/ui';

export interface Where {
  readonly surface: Surface | null;
  readonly soil: Soil | null;
  readonly minutes: number;
}

interface Props {
  readonly where: Where;
  readonly evaluation: Evaluation;
  readonly preferences: AdvicePreferences;
  readonly ways: Ways | null;
  readonly onChange: (where: Where) => void;
}

const MINUTES = [1, 5, 15, 30, 60];

const sayingOf = (result: SurfaceEvaluation, minutes: number): string => {
  const out = result.findings.filter((f) => f.rulesOut);
  if (out.some((f) => f.level === 'danger')) return `Not on or near ${result.name.toLowerCase()}.`;
  if (out.some((f) => f.figures.harmAfterMinutes === 0)) return `Not on ${result.name.toLowerCase()}.`;
  if (out.length > 0) return `Not for ${minutes} minutes on ${result.name.toLowerCase()}.`;
  return result.findings.length > 0
    ? `On ${result.name.toLowerCase()} with care.`
    : `Nothing found against it on ${result.name.toLowerCase()}.`;
};

/** What is found on the surface, and in its joints. */
const withJoint = (result: SurfaceEvaluation, joint: Finding): SurfaceEvaluation => ({
  ...result,
  verdict: result.verdict === 'clear' ? joint.level : result.verdict,
  findings: [...result.findings, joint],
});

/** Holds the mixture against a surface and what is on it, for as long as it is to stay on. */
export function SurfaceCheck({ where, evaluation, preferences, ways, onChange }: Props) {
  const [open, setOpen] = useState<'surface' | 'soil' | null>(null);
  const { surface, soil, minutes } = where;
  const joint = useMemo(
    () => (surface ? jointsFinding(evaluation, jointsOf(surface.id, []), preferences) : null),
    [surface, evaluation, preferences],
  );
  const result = evaluation.surface;
  const found = result && joint ? withJoint(result, joint) : result;
  return (
    <Section>
      <Heading>Where will it go?</Heading>
      <Action title={surface ? surface.name : 'Check it against a surface'} onPress={() => setOpen('surface')} />
      {surface && <Action title={soil ? soil.name : 'What is on it?'} onPress={() => setOpen('soil')} />}
      {surface && (
        <Choice
          label="Minutes it stays on"
          options={MINUTES.map((m) => ({ value: m, label: `${m} min` }))}
          chosen={[minutes]}
          onChoose={(m) => onChange({ ...where, minutes: m })}
        />
      )}
      {found && (
        <View style={{ gap: SPACE.s }}>
          <VerdictBanner level={found.verdict} saying={sayingOf(found, minutes)} />
          {found.findings.map((f) => (
            <FindingCard key={f.code + f.subjects.join()} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
          ))}
        </View>
      )}
      {ways && <HowLong ways={ways} />}
      {surface && <SecondaryText>{surface.manner}</SecondaryText>}
      <Picker
        title="Which surface?"
        all={SURFACES}
        meant={surfacesMeant}
        groupOf={(s) => SURFACE_GROUP_WORDS[s.group]}
        open={open === 'surface'}
        onClose={() => setOpen(null)}
        onChoose={(id) => onChange({ ...where, surface: SURFACES.find((s) => s.id === id) ?? null })}
        chosen={surface?.id ?? ''}
      />
      <Picker
        title="What is on it?"
        all={SOILS}
        meant={soilsMeant}
        open={open === 'soil'}
        onClose={() => setOpen(null)}
        onChoose={(id) => onChange({ ...where, soil: SOILS.find((s) => s.id === id) ?? null })}
        chosen={soil?.id ?? ''}
      />
    </Section>
  );
}

/** How long it stays on, as the label says it; null where it has no place there. */
export function dwellText(ways: Ways | null, surface: Surface | null): string | null {
  const dwell = ways?.ways[0]?.dwell;
  if (!dwell || !surface) return null;
  const on = surface.name.toLowerCase();
  return dwell.longestMinutes > dwell.bestMinutes
    ? `${dwell.bestMinutes} min on ${on}, ${dwell.longestMinutes} at most`
    : `${dwell.bestMinutes} min at most on ${on}`;
}

/** Whether it lifts what is there, and how long it wants: useful, best, longest. */
function HowLong({ ways: { ways, ruledOut } }: { ways: Ways }) {
  const way = ways[0];
  if (!way) return <Body testID="how-long">{ruledOut[0]?.why ?? ''}</Body>;
  return (
    <View testID="how-long">
      <Body>{way.why}</Body>
      {way.wetFirst !== null && <Body>Wet {way.wetFirst} with plain water first.</Body>}
      {way.dwell && <Minutes dwell={way.dwell} wetFirst={way.wetFirst} />}
    </View>
  );
}

function Minutes({ dwell, wetFirst }: { dwell: Dwell; wetFirst: string | null }) {
  const { usefulMinutes, bestMinutes, longestMinutes, limitedBy, rewetEveryMinutes } = dwell;
  return (
    <Body>
      {usefulMinutes > 0 && `Useful from ${usefulMinutes} min. `}
      {limitedBy === 'surface'
        ? `Off by ${longestMinutes} min, for the sake of ${wetFirst ?? 'the surface'}.`
        : `Best at ${bestMinutes} min; no more after ${longestMinutes}.`}
      {rewetEveryMinutes !== null && ` Wet it again every ${rewetEveryMinutes} min: it dries sooner.`}
    </Body>
  );
}
