import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import {
  dueSurfaces,
  isDue,
  isExpired,
  itemName,
  lastBySurface,
  leftML,
  listOf,
  runOut,
  standingOf,
  stepOf,
  timerAt,
  type Batch,
  type Due,
  type Room,
  type Timer,
  type TimerNow,
} from '@/core';
import { type NotRightHere } from '@/core/doors/household';
import { useBatches, useJobs, useLog, useNotRight, usePantry, useRooms, useSurfaces, useTimers } from '@/data';
import {
  Action,
  AgainRow,
  agoText,
  Body,
  Columns,
  dayText,
  Heading,
  Row,
  Section,
  STOCK_WORDS,
  TimerLine,
  useNow,
  VerdictMark,
} from '@/ui';
import { CopyLine } from './CopyLine';

/** What runs or is due at once: the rest stands in its own list. */
const SHOWN = 5;

/** What is running, what is due, what is past its day. */
export function TodayLists({ nowMs }: { nowMs: number }) {
  const router = useRouter();
  const iso = new Date(nowMs).toISOString();
  const batches = useBatches();
  const kept = (batches.data ?? []).filter((b) => b.state === 'kept');
  const past = kept.filter((b) => isExpired(b, iso));
  return (
    <Columns
      left={
        <View style={styles.column}>
          <NotRight iso={iso} />
          <CopyLine />
          <Running />
          <DueToday nowMs={nowMs} iso={iso} />
        </View>
      }
      right={
        <View style={styles.column}>
          {past.length > 0 && (
            <Section>
              <Heading>Past its day</Heading>
              {past.map((b) => (
                <Row
                  key={b.id}
                  title={b.label.name}
                  detail={`Made ${dayText(b.madeAt)}, in ${b.vessel.name}. Pour it away and make it fresh.`}
                  mark={<VerdictMark level="caution" size={32} />}
                  to={`/shelf/${b.id}`}
                  onPress={() => router.push(`/shelf/${b.id}`)}
                />
              ))}
            </Section>
          )}
          <RunOut batches={batches.data ?? []} iso={iso} />
          <Stock iso={iso} />
          <Section>
            <Heading>On the shelf</Heading>
            {batches.isSuccess && kept.length === 0 ? (
              <Body>
                Nothing made yet. Found a recipe somewhere? Paste it: Biscuit says at once whether it is sound, how much
                of each goes into your bottle, and prints its label.
              </Body>
            ) : (
              <Row
                title={kept.length === 1 ? 'One bottle' : `${kept.length} bottles`}
                detail={kept.map((b) => b.label.name).join(', ')}
                to="/shelf"
                onPress={() => router.push('/shelf')}
              />
            )}
          </Section>
        </View>
      }
    />
  );
}

/** What there is little or nothing left of. */
function RunOut({ batches, iso }: { batches: readonly Batch[]; iso: string }) {
  const router = useRouter();
  const out = runOut(batches, iso);
  if (out.length === 0) return null;
  return (
    <Section>
      <Heading>Run out, or nearly</Heading>
      {out.slice(0, SHOWN).map((b) => (
        <AgainRow key={b.id} batch={b} leftML={leftML(b)} onGo={router.push} />
      ))}
    </Section>
  );
}

/** What of the cupboard is low, used up, or past its day: a line for each of these. */
function Stock({ iso }: { iso: string }) {
  const router = useRouter();
  const pantry = usePantry().data ?? [];
  const standing = pantry.map((item) => ({ name: itemName(item), state: standingOf(item, iso).state }));
  const lines = STOCK_SAID.map((state) => ({
    state,
    names: standing.filter((s) => s.state === state).map(({ name }) => name),
  })).filter(({ names }) => names.length > 0);
  if (lines.length === 0) return null;
  return (
    <Section>
      <Heading>In the cupboard</Heading>
      {lines.map(({ state, names }) => (
        <Row
          key={state}
          title={STOCK_WORDS[state]}
          detail={listOf(names)}
          to={WHERE_TO[state]}
          onPress={() => router.push(WHERE_TO[state])}
        />
      ))}
    </Section>
  );
}

const STOCK_SAID = ['past', 'out', 'low', 'soon'] as const;

/** What there is little of is bought; what turns is looked at. */
const WHERE_TO = {
  past: '/shelf/cupboard',
  out: '/shelf/shopping',
  low: '/shelf/shopping',
  soon: '/shelf/cupboard',
} as const;

const AT: Readonly<
  Record<NotRightHere['kind'], { readonly where: string; readonly to: (id: string) => `/${string}` }>
> = {
  timer: { where: 'running', to: (id) => `/clean/timer?id=${id}` },
  job: { where: 'under way', to: (id) => `/clean/job?id=${id}` },
  batch: { where: 'on the shelf', to: (id) => `/shelf/${id}` },
  formula: { where: 'a formula of yours', to: (id) => `/mix/${id}` },
};

/** What is a danger to who lives here, and what to do about it: it stands until it is done. Labels that leave them out are one line. */
function NotRight({ iso }: { iso: string }) {
  const router = useRouter();
  const found = useNotRight(iso);
  if (found.length === 0) return null;
  const isDanger = ({ findings }: NotRightHere): boolean => findings[0]?.level === 'danger';
  const labels = found.filter((one) => !isDanger(one));
  const [first] = labels;
  const toLabels = labels.length === 1 && first ? AT.batch.to(first.id) : '/shelf';
  return (
    <Section>
      <Heading>Not right for who lives here</Heading>
      {found.filter(isDanger).map(({ kind, id, name, findings: [worst], whatToDo }) => {
        const to = AT[kind].to(id);
        return (
          <Row
            key={`${kind} ${id} ${name}`}
            title={`${name}, ${AT[kind].where}`}
            detail={`${worst?.happens ?? ''} ${whatToDo}`}
            mark={<VerdictMark level="danger" size={32} />}
            to={to}
            onPress={() => router.push(to)}
          />
        );
      })}
      {first && (
        <Row
          title={labels.length === 1 ? 'A label to write anew' : `${labels.length} labels to write anew`}
          detail={`${labels.map(({ name }) => name).join(', ')}: ${lowerFirst(first.findings[0]?.happens ?? '')}`}
          mark={<VerdictMark level="caution" size={32} />}
          to={toLabels}
          onPress={() => router.push(toLabels)}
        />
      )}
    </Section>
  );
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** 1 where it harms its surface now. */
const harmed = ({ timer, now }: { readonly timer: Timer; readonly now: TimerNow }): number =>
  Number(timer.mustComeOff && now.phase === 'over');

/** Waits that run, and jobs that want a hand. */
function Running() {
  const router = useRouter();
  const nowMs = useNow();
  const timers = useTimers();
  const jobs = useJobs();
  const running = (timers.data ?? [])
    .filter((t) => t.endedAt === null)
    .map((timer) => ({ timer, now: timerAt(timer, nowMs) }))
    .sort((a, b) => harmed(b) - harmed(a) || (a.now.next?.inMs ?? 0) - (b.now.next?.inMs ?? 0));
  const waiting = new Set(running.map((r) => r.timer.jobId));
  const open = (jobs.data ?? []).filter((j) => !waiting.has(j.id));
  return (
    <Section>
      {running.length + open.length > 0 && <Heading>Running</Heading>}
      {running.slice(0, SHOWN).map((r) => (
        <TimerLine key={r.timer.id} {...r} onGo={router.push} />
      ))}
      {running.length > SHOWN && (
        <Row
          title={`${running.length - SHOWN} more`}
          detail="All that is waited for"
          to="/clean/timers"
          onPress={() => router.push('/clean/timers')}
        />
      )}
      {open.map((job) => {
        const part = job.parts.find((p) => p.state === 'open');
        const to = `/clean/job?id=${job.id}` as const;
        return (
          <Row
            key={job.id}
            title={`Go on: ${job.name}`}
            detail={part ? (stepOf(part)?.text ?? '') : ''}
            to={to}
            onPress={() => router.push(to)}
          />
        );
      })}
      <View style={styles.start}>
        <Action title="Start a wait" weight="quiet" onPress={() => router.push('/clean/timers')} />
      </View>
    </Section>
  );
}

/** Surfaces whose day has come, the latest by their own rhythm first. */
function DueToday({ nowMs, iso }: { nowMs: number; iso: string }) {
  const router = useRouter();
  const rooms = useRooms();
  const surfaces = useSurfaces();
  const log = useLog();
  if (!rooms.isSuccess || !surfaces.isSuccess || !log.isSuccess) return null;
  if (rooms.data.length === 0) {
    return (
      <Section>
        <Heading>Rooms</Heading>
        <Row
          title="Set up a room"
          detail="Tick what is in it: Biscuit then knows what each surface bears, and when it wants doing."
          to="/rooms/new"
          onPress={() => router.push('/rooms/new')}
        />
      </Section>
    );
  }
  const due = dueSurfaces(surfaces.data, lastBySurface(log.data.entries), iso).filter(isDue);
  if (due.length === 0) {
    return log.data.complete ? (
      <Section>
        <Heading>Due</Heading>
        <Body>Nothing is due today.</Body>
      </Section>
    ) : null;
  }
  return (
    <Section>
      <Heading>Due</Heading>
      {due.slice(0, SHOWN).map((d) => (
        <DueRow key={d.surface.id} due={d} room={rooms.data.find((r) => r.id === d.surface.roomId)} nowMs={nowMs} />
      ))}
      {due.length > SHOWN && (
        <Row
          title={`${due.length - SHOWN} more`}
          detail="All of them, by room"
          to="/rooms"
          onPress={() => router.push('/rooms')}
        />
      )}
    </Section>
  );
}

function DueRow({ due, room, nowMs }: { due: Due; room: Room | undefined; nowMs: number }) {
  const router = useRouter();
  const to = `/clean?surface=${due.surface.id}&soil=${due.surface.upkeep?.soilId ?? ''}` as const;
  return (
    <Row
      title={room ? `${due.surface.name}, ${room.name}` : due.surface.name}
      detail={due.last ? `Done ${agoText(due.last.at, nowMs)}, with ${due.last.used.name}` : 'Not done yet'}
      to={to}
      onPress={() => router.push(to)}
    />
  );
}

const styles = StyleSheet.create({ column: { gap: 16 }, start: { paddingTop: 4 } });
