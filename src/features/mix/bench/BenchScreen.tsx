import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  contextOf,
  discardBy,
  isBatchInProgress,
  isStarter,
  isUsedAtOnce,
  labelOf,
  lineText,
  fullML,
  mixtureOf,
  soilByName,
  surfaceByName,
  vesselFacts,
  vesselShape,
  type BatchInProgress,
  type Formula,
  type Vessel,
} from '@/core';
import { useBatches, useDraft, useFormula, useSettings, useVessels } from '@/data';
import {
  Action,
  Body,
  COLORS,
  dayText,
  Heading,
  Section,
  Screen,
  SPACE,
  SecondaryText,
  Title,
  TwoSteps,
  useWide,
  volumeText,
} from '@/ui';
import { LabelSheet } from '@/print';
import { mixingKey, useGuidePart, type AskedBy, type GuidePart } from '../batch/guidePart';
import { EarlierForms } from './EarlierForms';
import { bottleFor, BottleChoice, bowlFor, FIRST_BOTTLE, OPEN_BOWL, vesselOf, type BenchBottle } from './BottleChoice';
import { FULL_BOTTLE } from './targetChoice';
import { PiecesChoice, USUAL_PIECES } from './PiecesChoice';
import { PourMeasures, PourPicture } from './Pour';
import { ScaleChoice } from './ScaleChoice';
import { benchDraftFor, isBenchDraft, NEW_BENCH_DRAFT, type BenchDraft } from './benchDraft';
import { ShareSheet } from './ShareSheet';
import { Strengths } from '../verdict/Strengths';
import { dwellText, SurfaceCheck } from './SurfaceCheck';
import { UseChoice } from '../batch/UseChoice';
import { GeneralPrecautions } from '../verdict/GeneralPrecautions';
import { useBench } from './useBench';
import { useBenchActions, type ReadyBatch } from './useBenchActions';
import { Verdict } from '../verdict/Verdict';

/** A formula on the bench: which bottle, what it is, how much of each, and make it. */
export function BenchScreen({ id, ...askedBy }: { id: string } & AskedBy) {
  const kept = useFormula(id);
  const guide = useGuidePart(askedBy);
  // A job asks for its formula as it was when it was begun.
  const formula = guide?.part.formula ?? kept;
  if (formula === undefined || guide === undefined) return <Screen>{null}</Screen>;
  if (formula === null) return <NoSuchFormula />;
  return <Bench key={`${formula.id} ${guide?.part.id ?? ''}`} formula={formula} guide={guide} />;
}

function NoSuchFormula() {
  const router = useRouter();
  return (
    <Screen next={<Action title="All formulas" weight="main" onPress={() => router.replace('/mix')} />}>
      <Title>Not here</Title>
      <Body>This formula is not in this home any more. It may have been removed in another tab.</Body>
    </Screen>
  );
}

/**
 * Which bottle stands on the bench: the one chosen, or one that suits what the formula is and stands empty.
 * @param takesML what a job takes of it; null where no job asks
 */
function useBottle(formula: Formula, bottle: BenchBottle | null, takesML: number | null) {
  const settings = useSettings();
  const own = useVessels().data ?? NONE;
  const batches = useBatches().data;
  // What gives gas or breaks down is never closed: a bottle with a cap is not proposed for it.
  const atOnce = useMemo(() => {
    const state = mixtureOf(formula, contextOf(formula.use, settings));
    return state !== null && isUsedAtOnce(state, formula.use);
  }, [formula, settings]);
  const chosen = useMemo((): BenchBottle => {
    if (bottle) return bottle;
    // What a job uses at once goes into a bowl, whatever stands on the shelf.
    if (atOnce && takesML !== null) return bowlFor(takesML);
    const full = new Set((batches ?? []).filter((b) => b.state === 'kept').map((b) => b.vessel.id));
    const proposed = own.find(
      (v) => vesselShape(v.shape).closes !== atOnce && !full.has(v.id) && fullML(v) >= (takesML ?? 0),
    );
    if (proposed) return { kind: 'own', id: proposed.id };
    return atOnce ? OPEN_BOWL : bottleFor(takesML ?? 0);
  }, [bottle, atOnce, takesML, batches, own]);
  const found = useMemo(() => vesselOf(chosen, own), [chosen, own]);
  const fallback = own[0] ?? FALLBACK;
  return { own, atOnce, chosen, found, vessel: 'vessel' in found ? found.vessel : fallback };
}

function Bench({ formula: kept, guide }: { formula: Formula; guide: GuidePart | null }) {
  const wide = useWide();
  const router = useRouter();
  const settings = useSettings();
  const draft = useDraft<BenchDraft>(
    guide ? `bench/part/${guide.part.id}` : `bench/${kept.id}`,
    guide ? benchDraftFor(guide) : NEW_BENCH_DRAFT,
    isBenchDraft,
  );
  const { bottle, surfaceId, soilId, minutes } = draft.value;
  const scale = useMemo(() => ({ ...FULL_BOTTLE, ...draft.value.scale }), [draft.value.scale]);
  const use = draft.value.use ?? kept.use;
  const asUsed = useMemo(() => (use === kept.use ? kept : { ...kept, use }), [kept, use]);
  const { own, atOnce, chosen, found, vessel } = useBottle(asUsed, bottle, guide?.part.amount?.volumeML ?? null);
  const surface = surfaceId === null ? null : surfaceByName(surfaceId);
  const soil = soilByName(soilId ?? '');
  const place = useMemo(() => ({ surface, soil, dwellMinutes: surface ? minutes : null }), [surface, soil, minutes]);
  const { target, outcome, context, ways } = useBench(asUsed, vessel, place, scale);
  const { formula } = target;
  const batch = useDraft<BatchInProgress | null>(mixingKey(kept.id, guide), null, isBatchInProgress);
  const change = (part: Partial<BenchDraft>): void => draft.set({ ...draft.value, ...part });

  const ready = outcome.ok && 'vessel' in found ? { ...outcome.value, vessel, isNew: found.isNew } : null;
  const evaluation = outcome.ok ? outcome.value.evaluation : null;
  const danger = evaluation?.verdict === 'danger';
  const makeable = danger ? null : ready;
  const dwell = dwellText(ways, surface);
  const actions = useBenchActions({ kept, target, ready: makeable, dwell, own, batch, change, guide });

  const next = danger ? (
    <Body style={styles.stopped} testID="stopped">
      A danger is not scaled, labelled or made. Read the reason above, or change the formula.
    </Body>
  ) : (
    <TwoSteps
      next={
        <Action
          title={
            batch.value ? 'Go on mixing' : evaluation?.verdict === 'defeats' ? 'Mix it anyway' : 'Mix it, step by step'
          }
          weight="main"
          onPress={actions.mixIt}
          disabled={!ready || target.problem !== null}
          testID="mix-it"
        />
      }
      other={
        atOnce ? null : (
          <Action
            title="It is mixed"
            label="It is mixed already: label it"
            onPress={actions.makeIt}
            disabled={!ready || actions.isSaving || target.problem !== null}
            testID="make-it"
          />
        )
      }
    />
  );

  const picture = makeable && target.inBottle ? <PourPicture plan={makeable.plan} vessel={vessel} /> : null;
  const beside = wide && picture !== null;

  if (!draft.ready || !batch.ready) return <Screen>{null}</Screen>;
  return (
    <Screen next={next}>
      {guide && (
        <Action
          title={`Back to ${guide.part.place.name}`}
          weight="quiet"
          onPress={() => router.replace(guide.back)}
          testID="back-to-guide"
        />
      )}
      <WhatItIs formula={formula} />
      <View style={beside && styles.beside}>
        {beside && picture}
        <View style={beside ? styles.facts : styles.stacked}>
          <BottleChoice
            bottle={chosen}
            onChange={(b) => change({ bottle: b })}
            problem={'problem' in found ? found.problem : null}
          />
          {!danger && (
            <ScaleChoice setting={scale} onChange={(to) => change({ scale: to })} formula={asUsed} target={target} />
          )}
          {!outcome.ok && <Body style={styles.stopped}>{outcome.problems[0]?.message}</Body>}
          {evaluation && (
            <Verdict
              verdict={evaluation.verdict}
              findings={evaluation.findings}
              checked={evaluation.checked}
              instead={{ formula, verdict: evaluation.verdict, at: context, onApply: actions.apply }}
            />
          )}
        </View>
      </View>
      {!beside && picture}
      {makeable && (
        <PourMeasures plan={makeable.plan} vessel={vessel} units={settings.units} inBottle={target.inBottle} />
      )}
      {makeable && formula.form === 'pieces' && (
        <PiecesChoice
          typed={draft.value.pieces ?? USUAL_PIECES}
          onChange={(pieces) => change({ pieces })}
          massG={massOf(makeable)}
        />
      )}
      {danger && <AskedFor formula={formula} />}
      <UseChoice use={use} onChange={(chosenUse) => change({ use: chosenUse })} />
      {evaluation && !danger && (
        <SurfaceCheck
          where={{ surface, soil, minutes }}
          evaluation={evaluation}
          preferences={context.preferences}
          ways={ways}
          onChange={(w) => change({ surfaceId: w.surface?.id ?? null, soilId: w.soil?.id ?? null, minutes: w.minutes })}
        />
      )}
      {makeable && <Strengths evaluation={makeable.evaluation} fillML={makeable.plan.fillML} />}
      <GeneralPrecautions />
      <MoreActions
        kept={kept}
        onDuplicate={actions.duplicate}
        onRemove={actions.removeIt}
        label={atOnce || !makeable ? null : { formula, ready: makeable, dwell }}
      />
    </Screen>
  );
}

/** g of all that is made. */
const massOf = ({ evaluation: { state }, plan }: ReadyBatch): number =>
  (plan.fillML * plan.bottles * state.massG) / state.volumeML;

function WhatItIs({ formula }: { formula: Formula }) {
  return (
    <Section>
      <Title>{formula.name}</Title>
      {formula.purpose !== '' && <Body>{formula.purpose}</Body>}
      {formula.never !== '' && <SecondaryText>Never on: {formula.never}</SecondaryText>}
      {formula.how && <SecondaryText>{formula.how}</SecondaryText>}
    </Section>
  );
}

/** What a danger is made of, without amounts to pour. */
function AskedFor({ formula }: { formula: Formula }) {
  return (
    <Section>
      <Heading>What was asked for</Heading>
      {formula.lines.map((l) => (
        <Body key={l.id}>{lineText(l)}</Body>
      ))}
    </Section>
  );
}

interface MoreProps {
  readonly kept: Formula;
  readonly onDuplicate: () => void;
  readonly onRemove: () => void;
  /** Null where there is nothing to label. */
  readonly label: LabelFacts | null;
}

/** What else can be done with the formula. */
function MoreActions({ kept, onDuplicate, onRemove, label }: MoreProps) {
  const router = useRouter();
  const [open, setOpen] = useState<'label' | 'share' | null>(null);
  const own = !isStarter(kept);
  const close = (): void => setOpen(null);
  return (
    <View style={styles.actions}>
      <Action
        title={own ? 'Change it' : 'Change a copy'}
        onPress={() => router.push(`/mix/edit?formula=${kept.id}`)}
        testID="change"
      />
      {own && <Action title="Change as text" onPress={() => router.push(`/mix/paste?formula=${kept.id}`)} />}
      {own && <Action title="Duplicate" onPress={onDuplicate} />}
      {own && <EarlierForms formula={kept} />}
      <Action title="Compare" onPress={() => router.push(`/mix/compare?a=${kept.id}`)} />
      {label && <Action title="See the label" onPress={() => setOpen('label')} testID="see-label" />}
      <Action title="Share" onPress={() => setOpen('share')} testID="share" />
      {own && <Action title="Remove formula" weight="danger" onPress={onRemove} />}
      {label && open === 'label' && <TodaysLabel {...label} onClose={close} />}
      <ShareSheet formula={kept} open={open === 'share'} onClose={close} />
    </View>
  );
}

interface LabelFacts {
  readonly formula: Formula;
  readonly ready: ReadyBatch;
  readonly dwell: string | null;
}

/** The label as it would be if it were made today. */
function TodaysLabel({ formula, ready, dwell, onClose }: LabelFacts & { readonly onClose: () => void }) {
  const { roomC, units } = useSettings();
  const [now] = useState(() => new Date().toISOString());
  const { evaluation, vessel, plan } = ready;
  const content = labelOf(formula, evaluation, { vessel: vesselFacts(vessel), roomC }, dwell);
  return (
    <LabelSheet
      open
      onClose={onClose}
      formula={formula}
      content={content}
      profile={plan.profile}
      volume={volumeText(plan.fillML, units)}
      made={dayText(now)}
      discardBy={dayText(discardBy(now, content.keeps.lowDays))}
    />
  );
}

const NONE: readonly Vessel[] = [];

const FALLBACK: Vessel = (() => {
  const first = vesselOf(FIRST_BOTTLE, []);
  if ('problem' in first) throw new Error(first.problem);
  return first.vessel;
})();

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: SPACE.s },
  beside: { flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.l },
  facts: { flex: 1, minWidth: 0, gap: SPACE.l },
  stacked: { gap: SPACE.l },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
