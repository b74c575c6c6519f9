import type { ReactNode } from 'react';
import type { BatchInProgress, PourPlan } from '@/core';
import { useSettings } from '@/data';
import { Action, Body, Screen, SecondaryText, volumeText } from '@/ui';
import { styles } from './makeStyles';

interface Props {
  readonly batch: BatchInProgress;
  readonly plan: PourPlan;
  readonly atOnce: boolean;
  readonly head: ReactNode;
  readonly back: ReactNode;
  readonly onLabelled: () => void;
}

/** The first step: the label, while nothing is in the bottle; or what is used at once, set out open. */
export function LabelFirst({ batch, plan, atOnce, head, back, onLabelled }: Props) {
  const { units } = useSettings();
  const { formula, vessel } = batch;
  return (
    <Screen
      next={
        <Action
          title={atOnce ? 'It stands ready' : 'It is labelled'}
          weight="main"
          onPress={onLabelled}
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
            {volumeText(plan.batchML, units)} into {vessel.name}. The whole label can be printed from the shelf once it
            is made; tape and a pen will do for now.
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
