import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { timerAt, type Timer } from '@/core';
import { Action, Screen, SPACE, useNow } from '@/ui';
import { useWait, WaitPart, WhyEarly } from './WaitPart';

interface Props {
  readonly timer: Timer;
  readonly said: ReactNode;
  readonly head: ReactNode;
  readonly meanwhile: ReactNode;
  readonly foot: ReactNode;
  readonly onOver: (timer: Timer) => void;
}

/** A step that is a wait under way: the time, and what ends it. */
export function WaitingStep({ timer, said, head, meanwhile, foot, onOver }: Props) {
  const [asking, setAsking] = useState(false);
  const now = timerAt(timer, useNow(5000));
  const ripe = now.phase === 'best' || now.phase === 'over';
  const wait = useWait(timer);
  const off = (): void => {
    const { phase } = timerAt(timer, Date.now());
    if (phase === 'early' || phase === 'useful') setAsking(true);
    else wait.end('done', onOver);
  };
  return (
    <Screen
      pinned={head}
      next={
        <View style={styles.next}>
          {meanwhile}
          <Action
            title={timer.kind === 'dwell' || timer.kind === 'soak' ? 'Take it off' : 'The wait is over'}
            weight={meanwhile || !ripe ? 'plain' : 'main'}
            onPress={off}
            disabled={wait.busy}
            testID="take-off"
          />
        </View>
      }
    >
      {said}
      <WaitPart timer={timer} />
      <WhyEarly
        open={asking}
        onClose={() => setAsking(false)}
        onReason={(reason) => {
          setAsking(false);
          wait.end(reason, onOver);
        }}
      />
      {foot}
    </Screen>
  );
}

const styles = StyleSheet.create({ next: { gap: SPACE.s } });
