import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  isBatchInProgress,
  isSame,
  keepingMoves,
  lineText,
  leftML,
  MINUTE_MS,
  shelfLife,
  soilByName,
  surfaceByName,
  vesselFacts,
  type Batch,
  type BatchInProgress,
  type Formula,
} from '@/core';
import { useBatch, useDraft, useFormula, useSettings, useVessels } from '@/data';
import {
  Action,
  Body,
  Choice,
  COLORS,
  dayText,
  Heading,
  KeepsLonger,
  Section,
  Screen,
  SPACE,
  SecondaryText,
  Title,
  TwoSteps,
  useNow,
  useWide,
} from '@/ui';
import { mixingKey, useGuidePart, type AskedBy, type GuidePart } from '../batch/guidePart';
import { BottleChoice } from './BottleChoice';
import { InItNow, mayTopUp } from './InItNow';
import { emptyLike, useBottle, useInIt, useToppedUp } from './useBottle';
import { FULL_BOTTLE } from './targetChoice';
import { ItsCost } from './ItsCost';
import { MoreActions } from './MoreActions';
import { NotEnough } from './NotEnough';
import { PiecesChoice, USUAL_PIECES } from './PiecesChoice';
import { PourMeasures, PourPicture } from './Pour';
import { ScaleChoice } from './ScaleChoice';
import { benchDraftAgain, benchDraftFor, isBenchDraft, NEW_BENCH_DRAFT, type BenchDraft } from './benchDraft';
import { Strengths } from '../verdict/Strengths';
import { dwellText, SurfaceCheck } from './SurfaceCheck';
import { UseChoice } from '../batch/UseChoice';
import { GeneralPrecautions } from '../verdict/GeneralPrecautions';
import { useBench } from './useBench';
import { useBenchActions, type ReadyBatch } from './useBenchActions';
import { Verdict } from '../verdict/Verdict';

/** A formula on the bench: which bottle, what it is, how much of each, and make it. */
export function BenchScreen({ id, again = null, ...askedBy }: { id: string; again?: string | null } & AskedBy) {
  const kept = useFormula(id);
  const guide = useGuidePart(askedBy);
  const before = useBatch(again ?? '');
  const own = useVessels();
  const [asNow, setAsNow] = useState(false);
  // A job asks for its formula as it was when it was begun.
  const formula = guide?.part.formula ?? kept;
  const waits = again !== null && (before === undefined || !own.isSuccess);
  if (formula === undefined || guide === undefined || waits) return <Screen>{null}</Screen>;
  if (formula === null) return <NoSuchFormula />;
  if (!before || !own.data)
    return <Bench key={`${formula.id} ${guide?.part.id ?? ''}`} formula={formula} guide={guide} again={null} />;
  const then = asMade(before);
  const differs = then !== null && !isSame(then.lines, formula.lines);
  return (
    <Bench
      key={`again ${before.id} ${String(asNow)}`}
      formula={then === null || asNow ? formula : { ...then, id: formula.id }}
      guide={null}
      again={{
        batchId: before.id,
        draft: benchDraftAgain(before, own.data),
        dwell: before.label.dwell ?? null,
        madeAt: before.madeAt,
        asNow,
        choose: differs ? setAsNow : null,
      }}
    />
  );
}

/** A bottle's formula as it was made that day; null where it was topped up, and is a mixture of several. */
const asMade = ({ formula, oldestAt }: Batch): Formula | null => (oldestAt === undefined ? formula : null);

/** What was made before, and is made again. */
interface Again {
  readonly batchId: string;
  /** Its bottle, as much as it was, its use. */
  readonly draft: BenchDraft;
  readonly dwell: string | null;
  readonly madeAt: string;
  /** True for the formula as it is kept now, where that is another. */
  readonly asNow: boolean;
  /** Null where both are the same. */
  readonly choose: ((asNow: boolean) => void) | null;
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

interface BenchProps {
  readonly formula: Formula;
  readonly guide: GuidePart | null;
  readonly again: Again | null;
}

function Bench({ formula: kept, guide, again }: BenchProps) {
  const wide = useWide();
  const router = useRouter();
  const settings = useSettings();
  const draft = useDraft<BenchDraft>(
    guide ? `bench/part/${guide.part.id}` : again ? `bench/again/${again.batchId}` : `bench/${kept.id}`,
    guide ? benchDraftFor(guide) : (again?.draft ?? NEW_BENCH_DRAFT),
    isBenchDraft,
  );
  const { bottle, surfaceId, soilId, minutes } = draft.value;
  const scale = useMemo(() => ({ ...FULL_BOTTLE, ...draft.value.scale }), [draft.value.scale]);
  const use = draft.value.use ?? kept.use;
  const asUsed = useMemo(() => (use === kept.use ? kept : { ...kept, use }), [kept, use]);
  const { own, batches, isRead, atOnce, chosen, found, vessel } = useBottle(
    asUsed,
    bottle,
    guide?.part.amount?.volumeML ?? null,
  );
  const surface = surfaceId === null ? null : surfaceByName(surfaceId);
  const soil = soilByName(soilId ?? '');
  const place = useMemo(() => ({ surface, soil, dwellMinutes: surface ? minutes : null }), [surface, soil, minutes]);
  const { onto, into } = useInIt('vessel' in found && !found.isNew ? vessel : null, draft.value.into ?? null);
  const inItML = onto && into?.how === 'top-up' ? leftML(onto) : 0;
  const { target, outcome, context, ways } = useBench(asUsed, vessel, place, scale, inItML);
  const { formula } = target;
  const batch = useDraft<BatchInProgress | null>(mixingKey(kept.id, guide), null, isBatchInProgress);
  const change = (part: Partial<BenchDraft>): void => draft.set({ ...draft.value, ...part });

  const ready = outcome.ok && 'vessel' in found ? { ...outcome.value, vessel, isNew: found.isNew } : null;
  const evaluation = outcome.ok ? outcome.value.evaluation : null;
  const danger = evaluation?.verdict === 'danger';
  const nowMs = useNow(MINUTE_MS);
  const whole = useToppedUp(onto, target.formula, ready?.plan ?? null, vessel, into);
  const stopped = danger || (into?.how === 'top-up' && whole !== null && !mayTopUp(whole));
  const asks = onto !== null && into === null;
  const makeable = stopped ? null : ready;
  const dwell = dwellText(ways, surface) ?? again?.dwell ?? null;
  const actions = useBenchActions({ kept, target, ready: makeable, into, dwell, own, batch, change, guide });

  const next = danger ? (
    <Body style={styles.stopped} testID="stopped">
      A danger is not scaled, labelled or made. Read the reason above, or change the formula.
    </Body>
  ) : (
    <TwoSteps
      next={
        <Action
          title={
            batch.value
              ? 'Go on mixing'
              : asks
                ? 'First: what is in it now'
                : evaluation?.verdict === 'defeats'
                  ? 'Mix it anyway'
                  : 'Mix it, step by step'
          }
          weight="main"
          onPress={actions.mixIt}
          disabled={!makeable || asks || target.problem !== null}
          testID="mix-it"
        />
      }
      other={
        atOnce ? null : (
          <Action
            title="It is mixed"
            label="It is mixed already: label it"
            onPress={actions.makeIt}
            disabled={!makeable || asks || actions.isSaving || target.problem !== null}
            testID="make-it"
          />
        )
      }
    />
  );

  const picture = makeable && target.inBottle ? <PourPicture plan={makeable.plan} vessel={vessel} /> : null;
  const beside = wide && picture !== null;

  if (!draft.ready || !batch.ready || !isRead) return <Screen>{null}</Screen>;
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
      {again && <AsBefore {...again} />}
      <View style={beside && styles.beside}>
        {beside && picture}
        <View style={beside ? styles.facts : styles.stacked}>
          <BottleChoice
            bottle={chosen}
            onChange={(b) => change({ bottle: b })}
            problem={'problem' in found ? found.problem : null}
          />
          {onto && whole && !danger && (
            <InItNow
              vessel={vessel}
              onto={onto}
              whole={whole}
              into={into}
              onInto={(to) => change({ into: to })}
              onAnother={() => change({ bottle: emptyLike(vessel, own, batches) })}
              nowMs={nowMs}
            />
          )}
          {!danger && (
            <ScaleChoice setting={scale} onChange={(to) => change({ scale: to })} formula={asUsed} target={target} />
          )}
          {makeable && (
            <NotEnough
              formula={formula}
              plan={makeable.plan}
              onHave={(have) => change({ scale: { ...scale, kind: 'have', have } })}
            />
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
      {makeable && <ItsCost ready={makeable} formulaId={kept.id} />}
      {makeable && !atOnce && <Keeps ready={makeable} />}
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

/** Made again: as it was that day, or as its formula is kept now where that is another. */
function AsBefore({ madeAt, asNow, choose }: Again) {
  if (choose === null) return <SecondaryText>As you made it on {dayText(madeAt)}.</SecondaryText>;
  return (
    <Choice
      label="Which of its forms"
      options={[
        { value: 'then', label: `As made on ${dayText(madeAt)}` },
        { value: 'now', label: 'As its formula is now' },
      ]}
      chosen={[asNow ? 'now' : 'then']}
      onChoose={(which) => choose(which === 'now')}
    />
  );
}

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

/** How long it would keep, and what would move that. */
function Keeps({ ready: { evaluation, vessel } }: { ready: ReadyBatch }) {
  const { roomC } = useSettings();
  const [keeps, moves] = useMemo(() => {
    const how = { use: 'stored' as const, vessel: vesselFacts(vessel), roomC };
    return [shelfLife(evaluation.state, how), keepingMoves(evaluation.state, how)];
  }, [evaluation.state, vessel, roomC]);
  return <KeepsLonger keeps={keeps} moves={moves} />;
}

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: SPACE.s },
  beside: { flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.l },
  facts: { flex: 1, minWidth: 0, gap: SPACE.l },
  stacked: { gap: SPACE.l },
});
