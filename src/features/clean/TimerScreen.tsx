import { useMemo } from 'react';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { PEEL_INFUSION, type Timer } from '@/core';
import { notRightOfTimer } from '@/core/doors/household';
import { useJobs, useSettings, useTimers, useWriteHome } from '@/data';
import { Action, Body, Overline, Section, Screen, Title, useNotice } from '@/ui';
import { NotRightCards } from './NotRightCards';
import { WaitPart } from './WaitPart';

/** One wait that belongs to no job. */
export function TimerScreen() {
  const router = useRouter();
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const timers = useTimers();
  if (!timers.isSuccess) return <Screen>{null}</Screen>;
  const timer = timers.data.find((t) => t.id === id);
  if (!timer && timers.isFetching) return <Screen>{null}</Screen>;
  if (!timer) {
    return (
      <Screen next={<Action title="To Today" weight="main" onPress={() => router.replace('/')} />}>
        <Title>This wait is over</Title>
        <Body>It was ended, here or in another tab.</Body>
      </Screen>
    );
  }
  return <OneTimer timer={timer} />;
}

function OneTimer({ timer }: { timer: Timer }) {
  const router = useRouter();
  const say = useNotice();
  const write = useWriteHome();
  const settings = useSettings();
  const jobs = useJobs().data;
  const findings = useMemo(() => notRightOfTimer(timer, jobs ?? [], settings), [timer, jobs, settings]);
  const isPeel = timer.name === PEEL_INFUSION.name;
  const end = (): void =>
    write.mutate(
      { remove: [{ collection: 'timer', id: timer.id }] },
      {
        onSuccess: () => {
          say({
            text: `${timer.place || timer.name}: the wait is ended.`,
            undo: () => write.mutate({ put: [{ collection: 'timer', value: timer }] }),
          });
          router.replace(isPeel ? `/mix/${PEEL_INFUSION.formulaId}` : timer.kind === 'infusion' ? '/mix' : '/');
        },
      },
    );
  return (
    <Screen
      next={
        <Action
          title={timer.kind === 'infusion' ? 'Strained: now bottle it' : 'The wait is over'}
          weight="main"
          onPress={end}
          testID="end-timer"
        />
      }
    >
      <Section>
        {timer.place !== '' && <Overline>{timer.name}</Overline>}
        <Title>{timer.place || timer.name}</Title>
      </Section>
      <NotRightCards findings={findings} />
      <WaitPart timer={timer} />
      {timer.kind === 'infusion' && (
        <Body>
          Strain it fine, through a cloth: bits left in it clog a nozzle and spoil.
          {isPeel ? ' Then thin it one to one.' : ''}
        </Body>
      )}
    </Screen>
  );
}
