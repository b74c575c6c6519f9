import { useRouter } from 'expo-router';
import { useRef, useState, type ReactNode } from 'react';
import { StyleSheet, View, type TextInput } from 'react-native';
import {
  bottleAfterUse,
  droppersOf,
  entryOfPart,
  isJobFinished,
  isLastOfIt,
  jobAfterEntry,
  leftML,
  logEntrySchema,
  methodById,
  stepOf,
  tookOf,
  validate,
  NO_RATING,
  type Job,
  type JobPart,
  type LogOutcome,
  type Problem,
  type Rating,
  type Timer,
} from '@/core';
import { newId, useBatches, useDraft, usePantry, useSettings, useWriteHome, type Write } from '@/data';
import { typedNumberIn, readAs } from '@/devices';
import {
  Action,
  Body,
  Choice,
  Field,
  Overline,
  Section,
  Ratings,
  Screen,
  SPACE,
  StepSign,
  Title,
  useNotice,
  volumeText,
} from '@/ui';

interface Props {
  readonly job: Job;
  readonly part: JobPart;
  readonly timers: readonly Timer[];
  readonly head: ReactNode;
}

/** What was noted at the inspection, kept while it is typed. */
interface Noted {
  readonly rating: Rating;
  readonly minutes: string;
  readonly strokes: string;
  readonly notes: string;
  readonly rinsed: boolean;
}

const isNoted = (value: unknown): value is Noted | null =>
  value === null || (typeof value === 'object' && 'rating' in value && 'notes' in value);

/** The field a problem of the entry is told at. */
const fieldOf = (problem: Problem | undefined): 'workMinutes' | 'strokes' | 'notes' =>
  problem?.where === 'workMinutes' || problem?.where === 'strokes' ? problem.where : 'notes';

/** The last step: look, rate, write it down; or once more, or a step up. */
export function InspectPart({ job, part, timers, head }: Props) {
  const router = useRouter();
  const say = useNotice();
  const settings = useSettings();
  const batches = useBatches().data ?? [];
  const pantry = usePantry().data ?? [];
  const write = useWriteHome({ kept: 'What you noted is still here.' });
  const wasPutOn = part.formula !== null || (methodById(part.method?.id ?? '')?.brings ?? []).length > 0;
  const failed = part.dwelt?.endReason === 'spot-test-failed';
  const empty: Noted = {
    rating: NO_RATING,
    minutes: '',
    strokes: '',
    notes: '',
    rinsed: part.rinsedAt !== null,
  };
  const draft = useDraft<Noted | null>(`inspect/${part.id}`, null, isNoted);
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const inputs = {
    workMinutes: useRef<TextInput>(null),
    strokes: useRef<TextInput>(null),
    notes: useRef<TextInput>(null),
  };
  const wrong = (field: keyof typeof inputs): string | null =>
    problems.find((problem) => fieldOf(problem) === field)?.message ?? null;
  const noted = draft.value ?? empty;
  const set = (change: Partial<Noted>): void => draft.set({ ...noted, ...change });

  const finish = (outcome: LogOutcome): void => {
    const typed = { workMinutes: typedNumberIn(noted.minutes), strokes: typedNumberIn(noted.strokes) };
    const atISO = new Date().toISOString();
    // A spot test takes nothing to speak of.
    const bottle = failed ? null : bottleAfterUse(part, batches, atISO);
    const took = failed ? null : tookOf(part, bottle, pantry, droppersOf(settings));
    const good = validate(logEntrySchema, entryOfPart(part, outcome, { ...noted, ...typed, took }, newId(), atISO));
    if (!good.ok) {
      setProblems(good.problems);
      inputs[fieldOf(good.problems[0])].current?.focus();
      return;
    }
    const again = outcome === 'repeat';
    const after = jobAfterEntry(job, part.id, outcome);
    const over = isJobFinished(after);
    const spent = timers.filter((t) => (over ? t.jobId === job.id : t.partId === part.id));
    const what: Write = {
      log: { put: [good.value], remove: [] },
      change: bottle ? [{ collection: 'batch', id: bottle.id, fields: { leftML: leftML(bottle) } }] : [],
      put: over ? [] : [{ collection: 'job', value: after }],
      remove: [
        ...spent.map((t) => ({ collection: 'timer' as const, id: t.id })),
        ...(over ? [{ collection: 'job' as const, id: job.id }] : []),
      ],
    };
    const lastOfIt =
      bottle && isLastOfIt(bottle)
        ? ` ${bottle.label.name} in ${bottle.vessel.name}: about ${volumeText(leftML(bottle))} left, the last of it.`
        : '';
    write.mutate(what, {
      onSuccess: () => {
        draft.clear();
        if (outcome === 'step-up') {
          const surface = encodeURIComponent(part.place.surfaceId ?? `any:${part.place.material}`);
          const used = `method=${part.method?.id ?? ''}&formula=${part.formula?.id ?? ''}`;
          router.replace(`/clean?surface=${surface}&soil=${part.soil.id}&${used}`);
          say({ text: `Written down. What goes one step further is chosen.${lastOfIt}` });
        } else if (over) {
          router.replace(`/log/${good.value.id}`);
          if (lastOfIt !== '') say({ text: `Written down.${lastOfIt}` });
        } else {
          const text = again ? 'Written down. Once more, from the wetting on.' : `${part.place.name}: written down.`;
          say({ text: text + lastOfIt });
        }
      },
    });
  };

  if (!draft.ready) return <Screen pinned={head}>{null}</Screen>;
  return (
    <Screen
      pinned={head}
      next={
        <View style={styles.next}>
          <Action
            title={failed ? 'Write it down' : 'Done: write it down'}
            weight="main"
            onPress={() => finish(failed ? 'stopped' : 'done')}
            disabled={write.isPending}
            testID="log-done"
          />
          {!failed && (
            <View style={styles.row}>
              <Action title="Once more" onPress={() => finish('repeat')} testID="log-repeat" />
              <Action title="Step up" onPress={() => finish('step-up')} testID="log-step-up" />
            </View>
          )}
        </View>
      }
    >
      <View style={styles.head}>
        <StepSign of="inspect" size={84} />
        <Overline>
          Step {part.steps.length} of {part.steps.length}
        </Overline>
        <Title>Look</Title>
        <Body style={styles.text}>{stepOf(part)?.text ?? ''}</Body>
      </View>
      <Ratings rating={noted.rating} onChange={(rating) => set({ rating })} />
      {wasPutOn && (
        <Section>
          <Body style={styles.bold}>Rinsed off?</Body>
          <Choice
            label="Rinsed off"
            options={[
              { value: 'yes', label: 'Rinsed' },
              { value: 'no', label: 'Left on' },
            ]}
            chosen={[noted.rinsed ? 'yes' : 'no']}
            onChoose={(value) => set({ rinsed: value === 'yes' })}
          />
        </Section>
      )}
      <View style={styles.row}>
        <View style={styles.half}>
          <Field
            label="Minutes at work"
            ref={inputs.workMinutes}
            value={noted.minutes}
            error={wrong('workMinutes')}
            onChangeText={(minutes) => set({ minutes })}
            inputMode="decimal"
            hint={readAs(noted.minutes)}
            maxLength={6}
            testID="work-minutes"
          />
        </View>
        <View style={styles.half}>
          <Field
            label="Strokes"
            ref={inputs.strokes}
            value={noted.strokes}
            error={wrong('strokes')}
            onChangeText={(strokes) => set({ strokes })}
            inputMode="numeric"
            hint={readAs(noted.strokes)}
            maxLength={6}
            testID="strokes"
          />
        </View>
      </View>
      <Field
        ref={inputs.notes}
        label="For next time"
        value={noted.notes}
        onChangeText={(notes) => set({ notes })}
        multiline
        minHeight={80}
        maxLength={2000}
        error={wrong('notes')}
        testID="notes"
      />
    </Screen>
  );
}

const styles = StyleSheet.create({
  head: { alignItems: 'center', gap: SPACE.xs },
  text: { textAlign: 'center' },
  next: { gap: SPACE.s },
  row: { flexDirection: 'row', gap: SPACE.s, flexWrap: 'wrap' },
  half: { flex: 1, minWidth: 130 },
  bold: { fontWeight: '700' },
});
