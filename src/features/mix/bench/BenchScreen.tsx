import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  discardBy,
  evaluate,
  isStarter,
  isUsedAtOnce,
  labelOf,
  lineText,
  soilByName,
  surfaceByName,
  vesselFacts,
  vesselShape,
  type Evaluation,
  type Formula,
  type Vessel,
} from '@/core';
import { useDraft, useFormula, useSettings, useVessels } from '@/data';
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
import { BottleChoice, FIRST_BOTTLE, OPEN_BOWL, vesselOf } from './BottleChoice';
import { FULL_BOTTLE, batchTarget } from '../batch/batchTarget';
import { isBatchInProgress, type BatchInProgress } from '../batch/batchInProgress';
import { PourMeasures, PourPicture } from './Pour';
import { ScaleChoice } from './ScaleChoice';
import { isBenchDraft, NEW_BENCH_DRAFT, type BenchDraft } from './benchDraft';
import { ShareSheet } from './ShareSheet';
import { Strengths } from '../verdict/Strengths';
import { dwellText, SurfaceCheck } from './SurfaceCheck';
import { UseChoice } from '../batch/UseChoice';
import { GeneralPrecautions } from '../verdict/GeneralPrecautions';
import { contextOf, fillOf, useBench } from '../batch/useBench';
import { useBenchActions } from './useBenchActions';
import { Verdict } from '../verdict/Verdict';

/** A formula on the bench: which bottle, what it is, how much of each, and make it. */
export function BenchScreen({ id }: { id: string }) {
  const formula = useFormula(id);
  if (formula === undefined) return <Screen>{null}</Screen>;
  if (formula === null) return <NoSuchFormula />;
  return <Bench key={formula.id} formula={formula} />;
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

function Bench({ formula: kept }: { formula: Formula }) {
  const router = useRouter();
  const wide = useWide();
  const own = useVessels().data ?? [];
  const draft = useDraft<BenchDraft>(`bench/${kept.id}`, NEW_BENCH_DRAFT, isBenchDraft);
  const use = draft.value.use ?? kept.use;
  const asUsed = useMemo(() => (use === kept.use ? kept : { ...kept, use }), [kept, use]);
  const settings = useSettings();
  // What gives gas or breaks down is never closed: a bottle with a cap is not proposed for it.
  const atOnce = useMemo(() => {
    const weighed = evaluate(asUsed, contextOf(use, settings));
    return weighed.ok && isUsedAtOnce(weighed.value.state, use);
  }, [asUsed, use, settings]);
  const closed = own.filter((v) => vesselShape(v.shape).closes);
  const open = own.filter((v) => !vesselShape(v.shape).closes);
  const [proposed] = atOnce ? open : closed;
  const bottle =
    draft.value.bottle ?? (proposed ? { kind: 'own' as const, id: proposed.id } : atOnce ? OPEN_BOWL : FIRST_BOTTLE);
  const chosen = vesselOf(bottle, own);
  const lastGood = 'vessel' in chosen ? chosen.vessel : (own[0] ?? fallbackVessel());
  const surface = draft.value.surfaceId === null ? null : surfaceByName(draft.value.surfaceId);
  const soil = soilByName(draft.value.soilId ?? '');
  const place = useMemo(
    () => ({ surface, soil, dwellMinutes: surface ? draft.value.minutes : null }),
    [surface, soil, draft.value.minutes],
  );
  const scale = draft.value.scale ?? FULL_BOTTLE;
  const target = useMemo(
    () => batchTarget(scale, asUsed, lastGood, fillOf(lastGood), contextOf(use, settings)),
    [scale, asUsed, lastGood, use, settings],
  );
  const { formula } = target;
  const { outcome, context } = useBench(formula, lastGood, place, target.pourTarget);
  const batch = useDraft<BatchInProgress | null>(`make/${kept.id}`, null, isBatchInProgress);
  const change = (part: Partial<BenchDraft>): void => draft.set({ ...draft.value, ...part });

  const [label, setLabel] = useState(false);
  const [share, setShare] = useState(false);

  const ready =
    outcome.ok && 'vessel' in chosen ? { ...outcome.value, vessel: chosen.vessel, isNew: chosen.isNew } : null;
  const evaluation = outcome.ok ? outcome.value.evaluation : null;
  const danger = evaluation?.verdict === 'danger';

  const dwell = evaluation && surface && soil ? dwellText(formula, surface, soil, context, settings) : null;

  const { makeIt, mixIt, apply, duplicate, removeIt, isSaving } = useBenchActions({
    kept,
    aimed: target,
    ready: danger ? null : ready,
    dwell,
    own,
    batch,
    change,
  });

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
          onPress={mixIt}
          disabled={!ready || target.problem !== null}
          testID="mix-it"
        />
      }
      other={
        atOnce ? null : (
          <Action
            title="It is mixed"
            label="It is mixed already: label it"
            onPress={makeIt}
            disabled={!ready || isSaving || target.problem !== null}
            testID="make-it"
          />
        )
      }
    />
  );

  const picture = ready && !danger && target.inBottle && <PourPicture plan={ready.plan} vessel={ready.vessel} />;
  const beside = wide && picture !== false && picture !== null;

  return (
    <Screen next={next}>
      <Section>
        <Title>{formula.name}</Title>
        {formula.purpose !== '' && <Body>{formula.purpose}</Body>}
        {formula.never !== '' && <SecondaryText>Never on: {formula.never}</SecondaryText>}
        {formula.how && <SecondaryText>{formula.how}</SecondaryText>}
      </Section>
      <View style={beside && styles.beside}>
        {beside && picture}
        <View style={beside ? styles.facts : styles.stacked}>
          <BottleChoice
            bottle={bottle}
            onChange={(b) => change({ bottle: b })}
            problem={'problem' in chosen ? chosen.problem : null}
          />
          {!danger && (
            <ScaleChoice
              setting={scale}
              onChange={(next2) => change({ scale: next2 })}
              formula={asUsed}
              aimed={target}
            />
          )}
          {!outcome.ok && <Body style={styles.stopped}>{outcome.problems[0]?.message}</Body>}
          {evaluation && (
            <Verdict
              verdict={evaluation.verdict}
              findings={evaluation.findings}
              checked={evaluation.checked}
              instead={{ formula, verdict: evaluation.verdict, at: context, onApply: apply }}
            />
          )}
        </View>
      </View>
      {!beside && picture}
      {ready && !danger && (
        <PourMeasures plan={ready.plan} vessel={ready.vessel} units={settings.units} inBottle={target.inBottle} />
      )}
      {danger && (
        <Section>
          <Heading>What was asked for</Heading>
          {formula.lines.map((l) => (
            <Body key={l.id}>{lineText(l)}</Body>
          ))}
        </Section>
      )}
      <UseChoice use={use} onChange={(chosenUse) => change({ use: chosenUse })} />
      {evaluation && !danger && (
        <SurfaceCheck
          where={{ surface, soil, minutes: draft.value.minutes }}
          formula={formula}
          at={context}
          settings={settings}
          result={evaluation.surface}
          onChange={(w) => change({ surfaceId: w.surface?.id ?? null, soilId: w.soil?.id ?? null, minutes: w.minutes })}
        />
      )}
      {ready && !danger && <Strengths evaluation={ready.evaluation} fillML={ready.plan.fillML} />}
      <GeneralPrecautions />
      <View style={styles.actions}>
        <Action
          title={isStarter(kept) ? 'Change a copy' : 'Change it'}
          onPress={() => router.push(`/mix/edit?formula=${kept.id}`)}
          testID="change"
        />
        {!isStarter(kept) && (
          <Action title="Change as text" onPress={() => router.push(`/mix/paste?formula=${kept.id}`)} />
        )}
        {!isStarter(kept) && <Action title="Duplicate" onPress={duplicate} />}
        <Action title="Compare" onPress={() => router.push(`/mix/compare?a=${kept.id}`)} />
        {ready && !danger && !atOnce && (
          <Action title="See the label" onPress={() => setLabel(true)} testID="see-label" />
        )}
        <Action title="Share" onPress={() => setShare(true)} testID="share" />
        {!isStarter(kept) && <Action title="Remove formula" weight="danger" onPress={removeIt} />}
      </View>
      {ready && (
        <LabelSheet
          open={label}
          onClose={() => setLabel(false)}
          formula={formula}
          content={labelOf(
            formula,
            ready.evaluation,
            { vessel: vesselFacts(ready.vessel), roomC: settings.roomC },
            dwell,
          )}
          profile={ready.plan.profile}
          volume={volumeText(ready.plan.fillML, settings.units)}
          {...datesOf(formula, ready.evaluation, settings.roomC, ready.vessel)}
        />
      )}
      <ShareSheet formula={kept} open={share} onClose={() => setShare(false)} />
    </Screen>
  );
}

/** Today, and the day to discard by, as a label of today would say them. */
function datesOf(formula: Formula, evaluation: Evaluation, roomC: number, vessel: Vessel) {
  const now = new Date().toISOString();
  const { keeps } = labelOf(formula, evaluation, { vessel: vesselFacts(vessel), roomC });
  return { made: dayText(now), discardBy: dayText(discardBy(now, keeps.lowDays)) };
}

const fallbackVessel = (): Vessel => {
  const first = vesselOf(FIRST_BOTTLE, []);
  if ('problem' in first) throw new Error(first.problem);
  return first.vessel;
};

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: SPACE.s },
  beside: { flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.l },
  facts: { flex: 1, minWidth: 0, gap: SPACE.l },
  stacked: { gap: SPACE.l },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
