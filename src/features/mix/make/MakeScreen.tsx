import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { isBatchInProgress, withoutLast, withRescaled, type BatchInProgress } from '@/core';
import { useDraft } from '@/data';
import { Action, Body, Overline, Screen, Title, useNotice } from '@/ui';
import { mixingKey, useGuidePart, type AskedBy, type GuidePart } from '../batch/guidePart';
import { AllIn } from './AllIn';
import { LabelFirst } from './LabelFirst';
import { styles } from './makeStyles';
import { PouredAmountWarning } from './PouredAmountWarning';
import { PourStep } from './PourStep';
import { useMaking } from './useMaking';
import { useScale } from './useScale';

/** Mixes a batch, one step a view, in large type: label first, then line by line. Left and come back to where one was. */
export function MakeScreen({ formulaId, ...askedBy }: { formulaId: string } & AskedBy) {
  const router = useRouter();
  const guide = useGuidePart(askedBy);
  const draft = useDraft<BatchInProgress | null>(mixingKey(formulaId, guide ?? null), null, isBatchInProgress);
  if (!draft.ready || guide === undefined) return <Screen>{null}</Screen>;
  if (draft.value === null) {
    return (
      <Screen
        next={
          <Action title="To the formula" weight="main" onPress={() => router.replace(benchAddress(formulaId, guide))} />
        }
      >
        <Title>Nothing is being mixed</Title>
        <Body>Choose a bottle and how much to make; then the steps are here.</Body>
      </Screen>
    );
  }
  return <Steps batch={draft.value} put={draft.set} clear={draft.clear} formulaId={formulaId} guide={guide} />;
}

/** The bench of a formula, and the job that asks for it. */
const benchAddress = (formulaId: string, guide: GuidePart | null): `/mix/${string}` =>
  guide ? `/mix/${formulaId}?${guide.query.slice(1)}` : `/mix/${formulaId}`;

interface StepsProps {
  readonly batch: BatchInProgress;
  readonly put: (batch: BatchInProgress | null) => void;
  readonly clear: () => void;
  readonly formulaId: string;
  readonly guide: GuidePart | null;
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

function Steps({ batch, put, clear, formulaId, guide }: StepsProps) {
  useAwake();
  const router = useRouter();
  const say = useNotice();
  const making = useMaking({ batch, formulaId, clear, guide });
  // One scale for all the lines: it goes on counting from one to the next.
  const scale = useScale();
  const [byWeight, setByWeight] = useState(false);
  if (typeof making === 'string') return <Body>{making}</Body>;
  const { plan, line, off, evaluation, atOnce } = making;
  const { formula } = batch;

  const stop = (): void => {
    put(null);
    say({ text: 'Mixing was given up.', undo: () => put(batch) });
    router.replace(benchAddress(formulaId, guide));
  };

  const step = batch.labelled ? batch.done.length + 1 : 0;
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
  const shared = { batch, plan, head, back };

  if (!batch.labelled)
    return <LabelFirst {...shared} atOnce={atOnce} onLabelled={() => put({ ...batch, labelled: true })} />;
  if (off) {
    return (
      <PouredAmountWarning
        batch={batch}
        plan={plan}
        line={off}
        kept={evaluation}
        head={head}
        onRescale={() => put(withRescaled(batch, plan))}
        onKeep={() => put({ ...batch, accepted: [...batch.accepted, off.line.id] })}
        onBack={() => put(withoutLast(batch))}
      />
    );
  }
  if (line === null) return <AllIn batch={batch} making={making} head={head} back={back} />;
  return (
    <PourStep
      key={line.line.id}
      {...shared}
      line={line}
      put={put}
      scale={scale}
      byWeight={byWeight && line.drops === null}
      onByWeight={setByWeight}
    />
  );
}
