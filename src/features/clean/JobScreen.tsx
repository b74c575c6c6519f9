import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  atStep,
  nextPart,
  stepOf,
  statusOf,
  withPart,
  type Job,
  type JobPart,
  type Timer,
  type PartStatus,
} from '@/core';
import { notRightOfPart } from '@/core/doors/household';
import { useChangeJob, useJobs, useSettings, useTimers, useWriteHome } from '@/data';
import { Action, Body, Overline, LinkPressable, Screen, SecondaryText, SPACE, Title, useNotice, useNow } from '@/ui';
import { InspectPart } from './InspectPart';
import { PartsOfJob } from './PartsOfJob';
import { NotRightCards } from './NotRightCards';
import { StepView } from './StepView';

/** The guide: one step a view, and where there are several parts, the one that wants hands. */
export function JobScreen() {
  const router = useRouter();
  const { id = '', part: partId = '' } = useLocalSearchParams<{ id?: string; part?: string }>();
  const jobs = useJobs();
  const timers = useTimers();
  if (!jobs.isSuccess || !timers.isSuccess) return <Screen>{null}</Screen>;
  const job = jobs.data.find((j) => j.id === id);
  if (!job && jobs.isFetching) return <Screen>{null}</Screen>;
  if (!job) {
    return (
      <Screen next={<Action title="See the log" weight="main" onPress={() => router.replace('/log')} />}>
        <Title>No job here</Title>
        <Body>This job is finished, or was put away. What was done stands in the log.</Body>
      </Screen>
    );
  }
  return <Guide key={`${job.id} ${partId}`} job={job} timers={timers.data} partId={partId} />;
}

const WANTS: Readonly<Record<PartStatus, string>> = {
  'off-now': 'off now',
  ready: 'ready',
  rewet: 'wet it',
  hands: 'your turn',
  waits: 'waits',
  blocked: 'later',
  done: 'done',
};

/** What tells a part from the others of its job: its place, with its room or its soil where there are two of that name. */
function nameOfPart({ place, soil }: JobPart, { parts }: Job): string {
  const same = parts.filter((p) => p.place.name === place.name);
  if (same.length < 2) return place.name;
  return same.some((p) => p.place.surfaceId !== place.surfaceId)
    ? `${place.name}, ${place.roomName}`
    : `${place.name}, ${soil.name.toLowerCase()}`;
}

function Guide({ job, timers, partId }: { job: Job; timers: readonly Timer[]; partId: string }) {
  const router = useRouter();
  const nowMs = useNow(5000);
  const say = useNotice();
  const change = useChangeJob();
  const write = useWriteHome();
  const [chosen, setChosen] = useState(partId);
  const settings = useSettings();
  const first = nextPart(job, timers, nowMs)?.part;
  const part = job.parts.find((p) => p.id === chosen && p.state === 'open') ?? first ?? job.parts[0];
  const notRight = useMemo(() => (part ? notRightOfPart(part, settings) : []), [part, settings]);
  if (!part) return null;
  const wants = statusOf(part, job, timers, nowMs);
  const put = (to: (p: JobPart) => JobPart): void => {
    setChosen(part.id);
    change.mutate({ id: job.id, change: (j) => withPart(j, part.id, to) });
  };
  const leave = (): void =>
    write.mutate(
      {
        remove: [
          { collection: 'job', id: job.id },
          ...timers.filter((t) => t.jobId === job.id).map((t) => ({ collection: 'timer' as const, id: t.id })),
        ],
      },
      {
        onSuccess: () => {
          router.replace('/');
          say({
            text: `${job.name} is put away. Nothing was logged.`,
            undo: () =>
              write.mutate({
                put: [
                  { collection: 'job', value: job },
                  ...timers.filter((t) => t.jobId === job.id).map((value) => ({ collection: 'timer' as const, value })),
                ],
              }),
          });
        },
      },
    );
  const head = (
    <View style={styles.head}>
      <Overline>
        {part.place.name}
        {part.place.roomName ? `, ${part.place.roomName}` : ''} · {part.formula?.name ?? part.method?.name ?? ''}
      </Overline>
      {job.parts.length > 1 && (
        <PartsOfJob
          parts={job.parts.map((p) => ({
            id: p.id,
            name: nameOfPart(p, job),
            wants: WANTS[statusOf(p, job, timers, nowMs)],
          }))}
          chosen={part.id}
          onChoose={setChosen}
        />
      )}
      <NotRightCards findings={notRight} />
    </View>
  );
  const other = first && first.id !== part.id && wants === 'waits' ? first : null;
  const meanwhile = other ? (
    <Action
      title={`Meanwhile: ${other.place.name}`}
      weight="main"
      onPress={() => setChosen(other.id)}
      testID="meanwhile"
    />
  ) : null;
  if (wants === 'blocked') {
    const before = job.parts.find((p) => p.id === part.afterId);
    return (
      <Screen
        pinned={head}
        next={meanwhile ?? <Action title="To what is first" weight="main" onPress={() => setChosen(first?.id ?? '')} />}
      >
        <Title>Not yet</Title>
        <Body>
          {part.place.name} waits until {before?.place.name.toLowerCase() ?? 'the part before'} is done. Leave it dry
          until then.
        </Body>
      </Screen>
    );
  }
  const step = stepOf(part);
  if (step?.key === 'inspect') return <InspectPart key={part.id} job={job} part={part} timers={timers} head={head} />;
  return (
    <StepView
      key={`${part.id} ${part.at}`}
      job={job}
      part={part}
      timer={timers.find((t) => t.id === part.timerId) ?? null}
      head={head}
      meanwhile={meanwhile}
      put={put}
      onBack={part.at > 0 ? () => put((p) => atStep(p, p.at - 1)) : null}
      foot={
        <View style={styles.foot}>
          <LinkPressable to="/safety" onGo={() => router.push('/safety')} style={styles.safety}>
            <SecondaryText style={styles.link}>Something went wrong?</SecondaryText>
          </LinkPressable>
          <Action title="Put this job away" weight="quiet" onPress={leave} testID="leave-job" />
        </View>
      }
    />
  );
}

const styles = StyleSheet.create({
  head: { gap: SPACE.s },
  foot: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', flexWrap: 'wrap', gap: SPACE.s },
  safety: { minHeight: 48, justifyContent: 'center' },
  link: { textDecorationLine: 'underline' },
});
