import type { ReactNode } from 'react';
import { View } from 'react-native';
import { vesselShape, type BatchInProgress } from '@/core';
import { useSettings } from '@/data';
import { Action, Body, Columns, formatNumber, Screen, VerdictStrip, volumeText } from '@/ui';
import { sayingOf } from '../verdict/Verdict';
import { FillProgress } from './FillProgress';
import { styles } from './makeStyles';
import type { Making } from './useMaking';

interface Props {
  readonly batch: BatchInProgress;
  readonly making: Making;
  readonly head: ReactNode;
  readonly back: ReactNode;
}

/** The last step: what is in the bottle, and where it goes. */
export function AllIn({ batch, making, head, back }: Props) {
  const { units } = useSettings();
  const { plan, atOnce, evaluation, finish, useUp, isSaving } = making;
  return (
    <Screen
      next={
        evaluation.verdict === 'danger' ? (
          <Body style={styles.stopped} testID="stopped">
            What is in the bottle is a danger. Do not close it: read why, and pour it away with plenty of water.
          </Body>
        ) : atOnce ? (
          <Action title="Use it now" weight="main" onPress={useUp} disabled={isSaving} testID="use-now" />
        ) : (
          <Action title="To the shelf" weight="main" onPress={finish} disabled={isSaving} testID="to-shelf" />
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
                : `All in. ${vesselShape(batch.vessel.shape).closes ? 'Close it and turn it gently.' : 'Stir it.'}`}
            </Body>
            {plan.bottles > 1 && (
              <Body>
                Pour over into {plan.bottles} bottles, {volumeText(plan.fillML, units)} each: to{' '}
                {formatNumber(plan.fillMM)} mm.
              </Body>
            )}
            <VerdictStrip
              level={evaluation.verdict}
              saying={evaluation.findings[0]?.happens ?? sayingOf(evaluation.verdict, evaluation.findings)}
            />
            {back}
          </View>
        }
      />
    </Screen>
  );
}
