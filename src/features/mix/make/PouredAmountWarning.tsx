import type { ReactNode } from 'react';
import { View } from 'react-native';
import { rescaledFits, type BatchInProgress, type Evaluation, type PouredLine, type PourPlan } from '@/core';
import { useSettings } from '@/data';
import { Action, Body, Heading, Screen, VerdictStrip, volumeText } from '@/ui';
import { styles } from './makeStyles';
import { sayingOf } from '../verdict/Verdict';

interface OffProps {
  readonly batch: BatchInProgress;
  readonly plan: PourPlan;
  readonly line: PouredLine;
  /** What is in the bottle, if it is left so. */
  readonly kept: Evaluation;
  readonly head: ReactNode;
  readonly onRescale: () => void;
  readonly onKeep: () => void;
  readonly onBack: () => void;
}

/** Too much or too little went in: make the rest fit it, or leave it so; each with its verdict. */
export function PouredAmountWarning({ batch, plan, line, kept, head, onRescale, onKeep, onBack }: OffProps) {
  const settings = useSettings();
  const inML = batch.poured[line.line.id] ?? 0;
  const over = inML - line.volumeML;
  const { batchML, fits } = rescaledFits(batch, plan);
  return (
    <Screen>
      {head}
      <Heading>
        {volumeText(Math.abs(over), settings.units)} too {over > 0 ? 'much' : 'little'} {line.name}
      </Heading>
      <Body style={styles.large}>
        {volumeText(inML, settings.units)} went in, {volumeText(line.volumeML, settings.units)} was meant.
      </Body>
      <View style={styles.choice}>
        <Body style={styles.bold}>Make the rest fit</Body>
        <Body>
          {fits
            ? `Everything else in the same measure: ${volumeText(batchML, settings.units)} in all. It stays what it was meant to be.`
            : `It would come to ${volumeText(batchML, settings.units)}, and the bottle holds ${volumeText(batch.vessel.capacityML, settings.units)}: pour some out and begin again, or leave it so.`}
        </Body>
        <Action title="Make the rest fit" weight="main" onPress={onRescale} disabled={!fits} testID="rescale" />
      </View>
      <View style={styles.choice}>
        <Body style={styles.bold}>Leave it so</Body>
        <VerdictStrip
          level={kept.verdict}
          saying={kept.findings[0]?.happens ?? sayingOf(kept.verdict, kept.findings)}
        />
        {kept.verdict === 'danger' ? (
          <Body style={styles.stopped}>That would be a danger: do not go on so.</Body>
        ) : (
          <Action title="Leave it so" onPress={onKeep} testID="keep-so" />
        )}
      </View>
      <Action title="I said it wrong: back" weight="quiet" onPress={onBack} />
    </Screen>
  );
}
