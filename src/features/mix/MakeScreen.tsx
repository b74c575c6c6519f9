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
import { Action, Body, Columns, Kind, readable, Screen, Soft, Title, useNotice, VerdictStrip, volumeText } from '@/ui';
import { asPoured, batchesOf, isMaking, isOff, nextLine, withoutLast, withRescaled, type Making } from './making';
import { styles } from './makeStyles';
import { OffPlan } from './OffPlan';
import { PourStep } from './PourStep';
import { Rising } from './Rising';
import { atOf, headspacePercent } from './useBench';
import { useScale } from './useScale';
import { sayingOf } from './Verdict';

/** Mixes a batch, one step a view, in large type: label first, then line by line. Left and come back to where one was. */
export function MakeScreen({ formulaId }: { formulaId: string }) {
  const router = useRouter();
  const draft = useDraft<Making | null>(`make/${formulaId}`, null, isMaking);
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
  return <Steps making={draft.value} put={draft.set} clear={draft.clear} formulaId={formulaId} />;
}

interface StepsProps {
  readonly making: Making;
  readonly put: (making: Making | null) => void;
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

function Steps({ making, put, clear, formulaId }: StepsProps) {
  useAwake();
  const router = useRouter();
  const say = useNotice();
  const settings = useSettings();
  const make = useMakeBatches();
  // One scale for all the lines: it goes on counting from one to the next.
  const scale = useScale();
  const [byWeight, setByWeight] = useState(false);
  const { formula, vessel, aim } = making;
  const context = useMemo(
    (): EvaluationContext => ({
      ...atOf(formula.use, settings),
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
  const line = making.labelled ? nextLine(making, plan) : null;
  const last = making.done.at(-1);
  const poured = plan.lines.find((l) => l.line.id === last);
  const off = poured && !making.accepted.includes(poured.line.id) && isOff(making, poured) ? poured : null;
  const step = !making.labelled ? 0 : making.done.length + 1;
  const now = asPoured(making, plan, context) ?? evaluation;
  const atOnce = isUsedAtOnce(now.state, formula.use);

  const finish = (): void => {
    const kept = { ...vessel, ...(making.isNew ? { id: newId() } : {}) };
    const inAll = plan.lines.reduce((sum, l) => sum + (making.poured[l.line.id] ?? l.volumeML), 0);
    const meant = plan.lines.reduce((sum, l) => sum + l.volumeML, 0);
    const anyOff = plan.lines.some((l) => isOff(making, l));
    const batches = batchesOf(
      {
        formula: anyOff ? formulaAsPoured(formula, plan.lines, making.poured) : formula,
        evaluation: anyOff ? now : evaluation,
        vessel: kept,
        volumeML: (plan.fillML * inAll) / meant,
        bottles: plan.bottles,
        roomC: settings.roomC,
        dwell: making.dwell,
        madeAt: new Date().toISOString(),
      },
      newId,
    );
    make.mutate(
      { batches, newVessel: making.isNew ? kept : null },
      {
        onSuccess: () => {
          clear();
          say({ text: `${formula.name} is on the shelf.` });
          router.replace(batches.length === 1 ? `/shelf/${batches[0]?.id ?? ''}` : '/shelf');
        },
        onError: (error) =>
          say({ text: `Not saved: ${error.message}. Free some space and try again; nothing was lost.` }),
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
    say({ text: 'Mixing was given up.', undo: () => put(making) });
    router.replace(`/mix/${formulaId}`);
  };

  const danger = now.verdict === 'danger';
  const steps = plan.lines.length + 1;
  const head = (
    <View style={styles.head}>
      <Kind testID="step">{line || !making.labelled ? `Step ${Math.min(step + 1, steps)} of ${steps}` : 'All in'}</Kind>
      <Title>{formula.name}</Title>
    </View>
  );
  const back = (
    <View style={styles.quiet}>
      {(making.labelled || making.done.length > 0) && (
        <Action title="One step back" weight="quiet" onPress={() => put(withoutLast(making))} testID="step-back" />
      )}
      <Action title="Give up mixing" weight="quiet" onPress={stop} />
    </View>
  );

  if (!making.labelled) {
    return (
      <Screen
        next={
          <Action
            title={atOnce ? 'It stands ready' : 'It is labelled'}
            weight="main"
            onPress={() => put({ ...making, labelled: true })}
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
            <Soft>Gloves on, a window open. Never a food or drink bottle, and no lid.</Soft>
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
            <Soft>Gloves on, a window open, the bottle clean and dry. Never into a food or drink bottle.</Soft>
          </>
        )}
        {back}
      </Screen>
    );
  }

  if (off) {
    return (
      <OffPlan
        making={making}
        plan={plan}
        line={off}
        at={context}
        head={head}
        onRescale={() => put(withRescaled(making, plan))}
        onKeep={() => put({ ...making, accepted: [...making.accepted, off.line.id] })}
        onBack={() => put(withoutLast(making))}
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
          left={<Rising making={making} plan={plan} line={null} extraML={0} />}
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
                  {readable(plan.fillMM)} mm.
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
      making={making}
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
