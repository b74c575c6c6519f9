import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  evaluateAndPlan,
  formulaAsPoured,
  isUsedAtOnce,
  toolSet,
  vesselFacts,
  vesselShape,
  type EvaluationContext,
} from '@/core';
import { newId, useDraft, useMakeBatches, useSettings } from '@/data';
import {
  Action,
  Body,
  Columns,
  Overline,
  formatNumber,
  Screen,
  SecondaryText,
  Title,
  useNotice,
  VerdictStrip,
  volumeText,
} from '@/ui';
import {
  asPoured,
  batchesOf,
  isBatchInProgress,
  isOff,
  nextLine,
  withoutLast,
  withRescaled,
  type BatchInProgress,
} from '../batch/batchInProgress';
import { styles } from './makeStyles';
import { PouredAmountWarning } from './PouredAmountWarning';
import { PourStep } from './PourStep';
import { FillProgress } from './FillProgress';
import { contextOf, headspacePercent } from '../batch/useBench';
import { useScale } from './useScale';
import { sayingOf } from '../verdict/Verdict';

/** Mixes a batch, one step a view, in large type: label first, then line by line. Left and come back to where one was. */
export function MakeScreen({ formulaId }: { formulaId: string }) {
  const router = useRouter();
  const draft = useDraft<BatchInProgress | null>(`make/${formulaId}`, null, isBatchInProgress);
  if (!draft.ready) return <Screen>{null}</Screen>;
  if (draft.value === null) {
    return (
      <Screen
        next={<Action title="To the formula" weight="main" onPress={() => router.replace(`/mix/${formulaId}`)} />}
      >
        <Title>Nothing is being mixed</Title>
        <Body>Choose a bottle and how much to make; then the steps are here.</Body>
      </Screen>
    );
  }
  return <Steps batch={draft.value} put={draft.set} clear={draft.clear} formulaId={formulaId} />;
}

interface StepsProps {
  readonly batch: BatchInProgress;
  readonly put: (batch: BatchInProgress | null) => void;
  readonly clear: () => void;
  readonly formulaId: string;
}

/** The screen does not go dark while hands are wet. */
function useAwake(): void {
  useEffect(() => {
    activateKeepAwakeAsync('mixing').catch(() => undefined);
    return () => {
      deactivateKeepAwake('mixing').catch(() => undefined);
    };
  }, []);
}

function Steps({ batch, put, clear, formulaId }: StepsProps) {
  useAwake();
  const router = useRouter();
  const say = useNotice();
  const settings = useSettings();
  const make = useMakeBatches();
  // One scale for all the lines: it goes on counting from one to the next.
  const scale = useScale();
  const [byWeight, setByWeight] = useState(false);
  const { formula, vessel, aim } = batch;
  const context = useMemo(
    (): EvaluationContext => ({
      ...contextOf(formula.use, settings),
      headspacePercent: headspacePercent(vessel),
      vessel: vesselFacts(vessel),
    }),
    [formula.use, settings, vessel],
  );
  const planned = useMemo(
    () => evaluateAndPlan(formula, vessel, toolSet(settings.tools, settings.cup), context, undefined, aim),
    [formula, vessel, settings, context, aim],
  );
  if (!planned.ok) return <Body>{planned.problems[0]?.message}</Body>;
  const { plan, evaluation } = planned.value;
  const line = batch.labelled ? nextLine(batch, plan) : null;
  const last = batch.done.at(-1);
  const poured = plan.lines.find((l) => l.line.id === last);
  const off = poured && !batch.accepted.includes(poured.line.id) && isOff(batch, poured) ? poured : null;
  const step = !batch.labelled ? 0 : batch.done.length + 1;
  const now = asPoured(batch, plan, context) ?? evaluation;
  const atOnce = isUsedAtOnce(now.state, formula.use);

  const finish = (): void => {
    const kept = { ...vessel, ...(batch.isNew ? { id: newId() } : {}) };
    const inAll = plan.lines.reduce((sum, l) => sum + (batch.poured[l.line.id] ?? l.volumeML), 0);
    const meant = plan.lines.reduce((sum, l) => sum + l.volumeML, 0);
    const anyOff = plan.lines.some((l) => isOff(batch, l));
    const batches = batchesOf(
      {
        formula: anyOff ? formulaAsPoured(formula, plan.lines, batch.poured) : formula,
        evaluation: anyOff ? now : evaluation,
        vessel: kept,
        volumeML: (plan.fillML * inAll) / meant,
        bottles: plan.bottles,
        roomC: settings.roomC,
        dwell: batch.dwell,
        madeAt: new Date().toISOString(),
      },
      newId,
    );
    make.mutate(
      { batches, newVessel: batch.isNew ? kept : null },
      {
        onSuccess: () => {
          clear();
          say({ text: `${formula.name} is on the shelf.` });
          router.replace(batches.length === 1 ? `/shelf/${batches[0]?.id ?? ''}` : '/shelf');
        },
      },
    );
  };

  /** What is used at once does not go on the shelf: there is nothing to keep. */
  const finishAtOnce = (): void => {
    clear();
    say({ text: `${formula.name}: use it now, and pour the rest away.` });
    router.replace(`/mix/${formulaId}`);
  };

  const stop = (): void => {
    put(null);
    say({ text: 'Mixing was given up.', undo: () => put(batch) });
    router.replace(`/mix/${formulaId}`);
  };

  const danger = now.verdict === 'danger';
  const steps = plan.lines.length + 1;
  const head = (
    <View style={styles.head}>
      <Overline testID="step">
        {line || !batch.labelled ? `Step ${Math.min(step + 1, steps)} of ${steps}` : 'All in'}
      </Overline>
      <Title>{formula.name}</Title>
    </View>
  );
  const back = (
    <View style={styles.quiet}>
      {(batch.labelled || batch.done.length > 0) && (
        <Action title="One step back" weight="quiet" onPress={() => put(withoutLast(batch))} testID="step-back" />
      )}
      <Action title="Give up mixing" weight="quiet" onPress={stop} />
    </View>
  );

  if (!batch.labelled) {
    return (
      <Screen
        next={
          <Action
            title={atOnce ? 'It stands ready' : 'It is labelled'}
            weight="main"
            onPress={() => put({ ...batch, labelled: true })}
            testID="labelled"
          />
        }
      >
        {head}
        {atOnce ? (
          <>
            <Body style={styles.large}>
              Set out, open and clean: {vessel.name}. What you mix is used at once: nothing of it is closed, bottled or
              kept.
            </Body>
            <SecondaryText>Gloves on, a window open. Never a food or drink bottle, and no lid.</SecondaryText>
          </>
        ) : (
          <>
            <Body style={styles.large}>
              Label {plan.bottles === 1 ? 'the bottle' : `the ${plan.bottles} bottles`} first, while nothing is in it:{' '}
              {formula.name}, today’s date.
            </Body>
            <Body>
              {volumeText(plan.batchML, settings.units)} into {vessel.name}. The whole label can be printed from the
              shelf once it is made; tape and a pen will do for now.
            </Body>
            <SecondaryText>
              Gloves on, a window open, the bottle clean and dry. Never into a food or drink bottle.
            </SecondaryText>
          </>
        )}
        {back}
      </Screen>
    );
  }

  if (off) {
    return (
      <PouredAmountWarning
        batch={batch}
        plan={plan}
        line={off}
        at={context}
        head={head}
        onRescale={() => put(withRescaled(batch, plan))}
        onKeep={() => put({ ...batch, accepted: [...batch.accepted, off.line.id] })}
        onBack={() => put(withoutLast(batch))}
      />
    );
  }

  if (line === null) {
    return (
      <Screen
        next={
          danger ? (
            <Body style={styles.stopped} testID="stopped">
              What is in the bottle is a danger. Do not close it: read why, and pour it away with plenty of water.
            </Body>
          ) : atOnce ? (
            <Action title="Use it now" weight="main" onPress={finishAtOnce} testID="use-now" />
          ) : (
            <Action title="To the shelf" weight="main" onPress={finish} disabled={make.isPending} testID="to-shelf" />
          )
        }
      >
        {head}
        <Columns
          left={<FillProgress batch={batch} plan={plan} line={null} extraML={0} />}
          right={
            <View style={styles.column}>
              <Body style={styles.large}>
                {atOnce
                  ? 'All in. Stir it, and use it now. Never close it; pour the rest away with plenty of water.'
                  : `All in. ${vesselShape(vessel.shape).closes ? 'Close it and turn it gently.' : 'Stir it.'}`}
              </Body>
              {plan.bottles > 1 && (
                <Body>
                  Pour over into {plan.bottles} bottles, {volumeText(plan.fillML, settings.units)} each: to{' '}
                  {formatNumber(plan.fillMM)} mm.
                </Body>
              )}
              <VerdictStrip
                level={now.verdict}
                saying={now.findings[0]?.happens ?? sayingOf(now.verdict, now.findings)}
              />
              {back}
            </View>
          }
        />
      </Screen>
    );
  }
  return (
    <PourStep
      key={line.line.id}
      batch={batch}
      plan={plan}
      line={line}
      head={head}
      back={back}
      put={put}
      scale={scale}
      byWeight={byWeight && line.drops === null}
      onByWeight={setByWeight}
    />
  );
}
