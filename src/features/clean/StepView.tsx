import { useRouter } from 'expo-router';
import { useRef, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  atStep,
  dwellChoices,
  firstOf,
  indexOfStep,
  ingredientsOfFormula,
  ingredientsOfMethod,
  methodById,
  LOOK_BACK_DAYS,
  residueConflicts,
  residuesAt,
  startTimer,
  stepOf,
  tookMinutes,
  type GuideStep,
  type Job,
  type JobPart,
  type ResidueConflict,
  type Timer,
  MINUTE_MS,
  withDwellOf,
} from '@/core';
import { newId, useRecentLog, useRooms, useSettings, useWriteHome } from '@/data';
import {
  Action,
  Body,
  Choice,
  COLORS,
  FAMILY,
  minutesText,
  Overline,
  Screen,
  SecondaryText,
  SPACE,
  StepSign,
  Title,
  useNow,
} from '@/ui';
import { StopCards } from './BlockedByResidue';
import { AmountsToMake } from './AmountsToMake';
import { useMadeForJob } from './useMadeForJob';
import { STEP_NAMES, stepName, stepSign } from './stepNames';
import { WaitingStep } from './WaitingStep';

interface Props {
  readonly job: Job;
  readonly part: JobPart;
  readonly timer: Timer | null;
  readonly head: ReactNode;
  readonly meanwhile: ReactNode;
  readonly put: (change: (part: JobPart) => JobPart) => void;
  readonly onBack: (() => void) | null;
  readonly foot: ReactNode;
}

/** Steps done before this has been started are soon over: they may be skipped to the wetting. */
const BEFORE = ['clear', 'first', 'make', 'steam', 'cool', 'spot-test'];
/** What is nothing but a wait. */
const WAITS = ['steam', 'cool'];

/** The wait of a step: its own times for a dwell, the minutes of the step for the rest. */
function timerFor(job: Job, part: JobPart, step: GuideStep, nowISO: string): Timer {
  const { dwell } = part;
  const name = part.formula?.name ?? part.method?.name ?? STEP_NAMES.dwell;
  const at = { id: newId(), jobId: job.id, partId: part.id, place: part.place.name };
  if (step.key === 'dwell' && dwell) {
    return startTimer(
      {
        ...at,
        kind: part.application === 'soak' ? 'soak' : 'dwell',
        name,
        usefulMinutes: dwell.usefulMinutes,
        bestMinutes: dwell.bestMinutes,
        longestMinutes: dwell.longestMinutes,
        mustComeOff: dwell.limitedBy === 'surface',
        rewetEveryMinutes: dwell.rewetEveryMinutes,
      },
      nowISO,
    );
  }
  const minutes = step.minutes ?? 1;
  const kind = step.key === 'spot-test' ? 'spot-test' : 'steam';
  return startTimer(
    {
      ...at,
      kind,
      name: STEP_NAMES[step.key],
      usefulMinutes: minutes,
      bestMinutes: minutes,
      longestMinutes: 4 * minutes,
    },
    nowISO,
  );
}

/** What of earlier jobs this part must not meet, looked at once more before it goes on: something may have been used since. */
function useStops(part: JobPart): {
  readonly stops: readonly ResidueConflict[];
  readonly known: boolean;
  readonly nowMs: number;
} {
  const nowMs = useNow(MINUTE_MS);
  const recent = useRecentLog(LOOK_BACK_DAYS);
  const rooms = useRooms();
  const { lives: household } = useSettings();
  const small = rooms.data?.find((r) => r.id === part.place.roomId)?.small ?? false;
  const met = residueConflicts(
    part.formula ? ingredientsOfFormula(part.formula) : ingredientsOfMethod(methodById(part.method?.id ?? '')),
    residuesAt({ ...part.place, small }, recent.data ?? [], nowMs),
    nowMs,
    household,
    small ? 'small' : 'large',
  );
  return { stops: met.filter((m) => m.level === 'danger'), known: recent.isSuccess, nowMs };
}

/** One step: its sign, its sentence, and the one thing to press next. */
export function StepView({ job, part, timer, head, meanwhile, put, onBack, foot }: Props) {
  const router = useRouter();
  const write = useWriteHome({ failed: 'Not started' });
  const { stops, known, nowMs } = useStops(part);
  const [minutes, setMinutes] = useState<number | null>(null);
  const isMade = useMadeForJob();
  const begunAfter = useRef<string | null | undefined>(undefined);
  const step = stepOf(part);
  if (!step) return null;
  /** From the step that is shown: a wet thumb that presses twice goes on by one. */
  const next = (p: JobPart): JobPart => (p.at === part.at ? atStep(p, part.at + 1) : p);
  /** Writes the wait and the step it belongs to at one go. */
  const begin = (of: GuideStep, at: number, minutes: number | null = null): void => {
    // Pressed twice: one wait. After it, the part names another wait, and the next may begin.
    if (begunAfter.current === part.timerId) return;
    begunAfter.current = part.timerId;
    const timed = minutes === null ? part : withDwellOf(part, minutes);
    const made = timerFor(job, timed, of, new Date().toISOString());
    const value: Job = {
      ...job,
      parts: job.parts.map((p) => (p.id === part.id ? { ...atStep(timed, at), timerId: made.id } : p)),
    };
    write.mutate(
      {
        put: [
          { collection: 'timer', value: made },
          { collection: 'job', value },
        ],
      },
      {
        onError: () => (begunAfter.current = undefined),
      },
    );
  };
  const dwellAt = indexOfStep(part, 'dwell');
  const dwellStep = part.steps[dwellAt];
  const times = dwellChoices(part.dwell);
  const waits = dwellStep !== undefined && (part.dwell?.bestMinutes ?? 0) > 0;
  const on = (): void => {
    if (waits && dwellStep) begin(dwellStep, dwellAt, minutes);
    // A dwell of no time has a step in jobs that were begun before it was left out.
    else put((p) => (p.at === part.at ? atStep(p, part.at + (dwellStep ? 2 : 1)) : p));
  };
  const big: Record<string, readonly [string, () => void]> = {
    apply: [waits ? 'Start the time' : 'Done: next', on],
    rinse: ['Rinsed', () => put((p) => (p.at === part.at ? { ...next(p), rinsedAt: new Date().toISOString() } : p))],
    'spot-test': ['It looks fine', () => put(next)],
    steam: ['It is steamed: next', () => put(next)],
    cool: ['It is hand-warm: next', () => put(next)],
    make: ['Make it', () => router.push(`/mix/${part.formula?.id ?? ''}?job=${job.id}&part=${part.id}`)],
  };
  const [title, press] = big[step.key] ?? ['Next', () => put(next)];
  const then = part.steps[part.at + 1];
  const waiting = timer !== null && timer.endedAt === null;
  const said = (
    <View style={styles.step}>
      {!waiting && <StepSign of={stepSign(part, step.key)} size={112} />}
      <Overline>
        Step {part.at + 1} of {part.steps.length}
      </Overline>
      <Title>{stepName(part, step.key)}</Title>
      {step.key === 'clear' && !waiting ? (
        <Ready text={step.text} />
      ) : (
        <Body style={waiting ? styles.beside : styles.text}>{step.text}</Body>
      )}
      {!waiting && then && <SecondaryText>Then: {stepName(part, then.key).toLowerCase()}</SecondaryText>}
    </View>
  );
  const over = (done: Timer): void =>
    put((p) => ({
      ...next(p),
      dwelt:
        step.key === 'dwell'
          ? {
              tookMinutes: tookMinutes(done, Date.now()),
              rewets: done.rewets,
              endReason: done.endReason ?? 'done',
            }
          : p.dwelt,
    }));
  if (waiting) {
    return <WaitingStep timer={timer} said={said} head={head} meanwhile={meanwhile} foot={foot} onOver={over} />;
  }
  return (
    <Screen
      pinned={head}
      next={
        <View style={styles.next}>
          {WAITS.includes(step.key) && !timer && (
            <Action
              title={`Start ${step.minutes ?? 1} minutes`}
              weight="main"
              onPress={() => begin(step, part.at)}
              testID="start-wait"
            />
          )}
          {timer ? (
            <Action title="It is off: next" weight="main" onPress={() => over(timer)} testID="step-next" />
          ) : step.key === 'dwell' ? (
            <Action
              title="Start the time"
              weight="main"
              onPress={() => begin(step, part.at, minutes)}
              testID="step-next"
            />
          ) : (
            <Action
              title={title}
              weight={WAITS.includes(step.key) ? 'plain' : 'main'}
              onPress={press}
              disabled={step.key === 'apply' && (!known || stops.length > 0)}
              testID="step-next"
            />
          )}
          <View style={styles.row}>
            {onBack && <Action title="Back" onPress={onBack} testID="step-back" />}
            {step.key === 'make' && (
              <Action
                title="It is made"
                onPress={() => {
                  put(next);
                  isMade(part);
                }}
                testID="is-made"
              />
            )}
            {BEFORE.includes(step.key) && step.key !== 'spot-test' && (
              <Action
                title="I am past that"
                onPress={() => put((p) => atStep(p, firstOf(p, 'spot-test', 'apply')))}
                testID="skip-ahead"
              />
            )}
          </View>
        </View>
      }
    >
      {said}
      {step.key === 'make' && part.formula && <AmountsToMake formula={part.formula} amount={part.amount} />}
      {(step.key === 'dwell' || (step.key === 'apply' && waits)) && times.length > 0 && (
        <View style={styles.times}>
          <SecondaryText>How long?</SecondaryText>
          <Choice
            label="How long it stays on"
            options={times.map((value) => ({ value, label: minutesText(value) }))}
            chosen={[minutes ?? part.dwell?.bestMinutes ?? 0]}
            onChoose={setMinutes}
          />
        </View>
      )}
      {step.key === 'spot-test' && (
        <Action title={`Wait ${step.minutes ?? 1} minutes`} onPress={() => begin(step, part.at)} testID="start-wait" />
      )}
      {step.key === 'spot-test' && (
        <Action
          title="It suffers: stop here"
          weight="danger"
          onPress={() =>
            put((p) => ({
              ...atStep(p, indexOfStep(p, 'inspect')),
              dwelt: { tookMinutes: 0, rewets: 0, endReason: 'spot-test-failed' },
            }))
          }
          testID="spot-failed"
        />
      )}
      {step.key === 'apply' && stops.length > 0 && <StopCards stops={stops} nowMs={nowMs} />}
      <Minded step={step} />
      {foot}
    </Screen>
  );
}

/** What has to be so, and what lies ready, each on a line of its own. */
function Ready({ text }: { readonly text: string }) {
  return (
    <View style={styles.ready} role="list">
      {text.split(/(?<=[.!?]) /).map((sentence) => (
        <View key={sentence} role="listitem">
          <Body style={styles.line}>{sentence}</Body>
        </View>
      ))}
    </View>
  );
}

/** What is to be minded at a step, and what helps where it goes wrong. */
function Minded({ step: { mind, tip } }: { readonly step: GuideStep }) {
  if (mind.length === 0 && tip === null) return null;
  return (
    <View style={styles.mind} testID="mind">
      {mind.map((words) => (
        <Body key={words}>{words}</Body>
      ))}
      {tip !== null && <SecondaryText>{tip}</SecondaryText>}
    </View>
  );
}

const styles = StyleSheet.create({
  step: { alignItems: 'center', gap: SPACE.s, paddingTop: SPACE.s },
  text: { fontFamily: FAMILY.body, fontSize: 23, lineHeight: 32, textAlign: 'center' },
  beside: { textAlign: 'center' },
  mind: { gap: SPACE.s, borderLeftWidth: 4, borderLeftColor: COLORS.caution, paddingLeft: SPACE.m },
  ready: { gap: SPACE.s, alignSelf: 'stretch' },
  line: { fontFamily: FAMILY.body, fontSize: 20, lineHeight: 28 },
  times: { gap: SPACE.xs, alignItems: 'center' },
  next: { gap: SPACE.s },
  row: { flexDirection: 'row', gap: SPACE.s, flexWrap: 'wrap' },
});
