import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  MAX_JOB_PARTS,
  RATED_DAYS,
  SOILS,
  wayKey,
  withoutPart,
  withPartEarlier,
  type HeldWay,
  type HeldWays,
  type HomeSurface,
  type LogEntry,
  type Method,
  type PartToDo,
  type Room,
} from '@/core';
import { newId, useRecentLog, useSettings, useWriteHome } from '@/data';
import { Action, Body, Choice, COLORS, Heading, minutesText, Screen, SecondaryText, Section, SPACE, Title } from '@/ui';
import { AddPart } from './AddPart';
import { BlockedByResidue } from './BlockedByResidue';
import { KeepPlan } from './KeepPlan';
import { placeOf } from './place';
import { jobOf, partFrom } from './startJob';
import { usePlan, type PlanInHand } from './usePlan';
import { useSupplies } from './useSupplies';
import { useWays, type CleaningTask } from './useWays';
import { wayTitle } from './wayTitle';

interface PlannedTask extends CleaningTask {
  readonly part: PartToDo;
}

type Route = NonNullable<Method['route']>;

const NO_ENTRIES: readonly LogEntry[] = [];

const keyOf = ({ surfaceId, soilId }: PartToDo): string => `${surfaceId} ${soilId}`;

/** Each part with its place and its soil. Parts whose surface is gone are left out by what is planned already. */
const tasksOf = (parts: readonly PartToDo[], surfaces: readonly HomeSurface[], rooms: readonly Room[]): PlannedTask[] =>
  parts.flatMap((part): PlannedTask[] => {
    const chosen = placeOf(part.surfaceId, surfaces, rooms);
    const soil = SOILS.find((s) => s.id === part.soilId);
    return chosen && soil ? [{ part, chosen, soil }] : [];
  });

/** A job of several parts: what it is made of, the way for each, then all of them side by side. */
export function PlanScreen() {
  const router = useRouter();
  const { plan = '', room = '', own = '' } = useLocalSearchParams<{ plan?: string; room?: string; own?: string }>();
  const found = usePlan({ plan, room, own });
  if (found === undefined) return <Screen>{null}</Screen>;
  if (found === null) {
    return (
      <Screen next={<Action title="What are you cleaning?" weight="main" onPress={() => router.replace('/clean')} />}>
        <Title>No such job</Title>
        <Body>This job is not one of your rooms’, or was removed. Pick a surface instead.</Body>
      </Screen>
    );
  }
  return <Plan key={`${plan} ${room} ${own}`} inHand={found} />;
}

/** The routes that the ways of any part offer to choose from. */
function routesIn(found: readonly HeldWays[]): Route[] {
  const routes = new Set(found.flatMap((f) => f.ways.flatMap((h) => h.way.method.route ?? [])));
  return routes.size > 1 ? (['quick', 'overnight'] as const).filter((r) => routes.has(r)) : [];
}

function Plan({ inHand }: { readonly inHand: PlanInHand }) {
  const router = useRouter();
  const settings = useSettings();
  const recent = useRecentLog(RATED_DAYS);
  const write = useWriteHome({ failed: 'Not started' });
  const [nowMs] = useState(() => Date.now());
  const [adding, setAdding] = useState(false);
  const { draft, set, rooms, surfaces } = inHand;
  const { parts } = draft;
  const tasks = useMemo(() => tasksOf(parts, surfaces, rooms), [parts, surfaces, rooms]);
  const isSmall = tasks.some((t) => t.chosen.room?.small);
  const house = useSupplies(isSmall ? 'small' : 'large');
  const found = useWays(tasks, house, settings, recent.data ?? NO_ENTRIES, nowMs);
  if (!found || !recent.isSuccess) return <Screen>{null}</Screen>;
  const wayOf = (i: number): HeldWay | undefined => {
    const task = tasks[i];
    const ways = found[i]?.ways ?? [];
    return ways.find((h) => task && wayKey(h.way) === draft.picked[keyOf(task.part)]) ?? ways[0];
  };
  const routes = routesIn(found);
  const route = tasks.flatMap((_, i) => wayOf(i)?.way.method.route ?? [])[0] ?? null;
  /** Every part that can goes the same way round. */
  const takeRoute = (to: Route): void => {
    const by = tasks.flatMap(({ part }, i) => {
      const way = found[i]?.ways.find((h) => h.way.method.route === to)?.way;
      return way ? [[keyOf(part), wayKey(way)] as const] : [];
    });
    set({ picked: { ...draft.picked, ...Object.fromEntries(by) } });
  };
  const start = (): void => {
    const ids = tasks.map(() => newId());
    const made = tasks.flatMap(({ part, chosen, soil }, i) => {
      const held = wayOf(i);
      // What waits for a part that nothing does waits for nothing.
      const after = part.after !== null && wayOf(part.after) ? (ids[part.after] ?? null) : null;
      return held ? [partFrom(ids[i] ?? newId(), chosen, soil, held.way, after)] : [];
    });
    const job = jobOf(newId(), inHand.name, made, new Date().toISOString());
    write.mutate(
      { put: [{ collection: 'job', value: job }] },
      {
        onSuccess: () => {
          inHand.clear();
          router.push(`/clean/job?id=${job.id}`);
        },
      },
    );
  };
  const possible = tasks.some((_, i) => wayOf(i) !== undefined);
  return (
    <Screen
      next={
        <Action
          title="Start the job"
          weight="main"
          onPress={start}
          disabled={!possible || write.isPending}
          testID="start-plan"
        />
      }
    >
      <Section>
        <Title>{inHand.name}</Title>
        {inHand.why !== '' && <Body>{inHand.why}</Body>}
        {tasks.length === 0 && <Body>Nothing in it yet. Add the first part: a surface, and what is on it.</Body>}
      </Section>
      {routes.length > 0 && (
        <Section>
          <SecondaryText>How much time is there?</SecondaryText>
          <Choice
            label="How much time is there?"
            options={routes.map((r) => ({ value: r, label: r === 'quick' ? 'An afternoon' : 'Overnight' }))}
            chosen={route ? [route] : []}
            onChoose={takeRoute}
          />
        </Section>
      )}
      {tasks.map((task, i) => (
        <PartCard
          key={keyOf(task.part)}
          task={task}
          at={i}
          before={task.part.after === null ? null : (tasks[task.part.after]?.chosen.place.name ?? null)}
          showsRoom={inHand.room === null && rooms.length > 1}
          found={found[i]}
          held={wayOf(i)}
          nowMs={nowMs}
          onPick={(key) => set({ picked: { ...draft.picked, [keyOf(task.part)]: key } })}
          onEarlier={i === 0 ? null : () => set({ parts: withPartEarlier(parts, i) })}
          onLeaveOut={() => set({ parts: withoutPart(parts, i) })}
        />
      ))}
      <View style={styles.row}>
        {parts.length < MAX_JOB_PARTS && (
          <Action title="Add a part" onPress={() => setAdding(true)} testID="add-part" />
        )}
        <KeepPlan inHand={inHand} />
      </View>
      <AddPart
        open={adding}
        rooms={rooms}
        surfaces={surfaces}
        there={parts}
        onClose={() => setAdding(false)}
        onAdd={(part) => {
          setAdding(false);
          set({ parts: [...parts, part] });
        }}
      />
    </Screen>
  );
}

interface CardProps {
  readonly task: PlannedTask;
  readonly at: number;
  readonly before: string | null;
  readonly showsRoom: boolean;
  readonly found: HeldWays | undefined;
  readonly held: HeldWay | undefined;
  readonly nowMs: number;
  readonly onPick: (key: string) => void;
  readonly onEarlier: (() => void) | null;
  readonly onLeaveOut: () => void;
}

/** Ways offered for each part. */
const OFFERED = 4;

const timeOf = ({ way }: HeldWay): string => {
  const minutes = way.dwell?.bestMinutes ?? 0;
  return minutes > 0 ? `, ${minutesText(minutes)} on` : '';
};

/** One part in two lines; its other ways, its place in the order and leaving it out behind one tap. */
function PartCard({ task, at, before, showsRoom, found, held, nowMs, onPick, onEarlier, onLeaveOut }: CardProps) {
  const [open, setOpen] = useState(false);
  const { place } = task.chosen;
  const name = showsRoom && place.roomName !== '' ? `${place.name}, ${place.roomName}` : place.name;
  return (
    <View style={styles.part} testID="planned-part">
      <View style={styles.head}>
        <View style={styles.words}>
          <Heading>
            {at + 1}. {name}
          </Heading>
          <SecondaryText>
            {task.soil.name}
            {before === null ? '' : `; after ${before.toLowerCase()}`}
          </SecondaryText>
        </View>
        <Action
          title={open ? 'Close' : 'Change'}
          label={`${open ? 'Close' : 'Change'} ${name}, ${task.soil.name.toLowerCase()}`}
          weight="quiet"
          onPress={() => setOpen(!open)}
          testID={`change-part-${at}`}
        />
      </View>
      {found && found.stopped.length > 0 && <BlockedByResidue stopped={found.stopped} nowMs={nowMs} />}
      <Body>
        {held
          ? `${wayTitle(held.way)}${timeOf(held)}`
          : (found?.beyond ?? 'Nothing does this without harm: it is left out. See the surface by itself for why.')}
      </Body>
      {open && (
        <>
          {held && found && found.ways.length > 1 && (
            <Choice
              label={`With what: ${name}`}
              options={found.ways.slice(0, OFFERED).map(({ way }) => ({ value: wayKey(way), label: wayTitle(way) }))}
              chosen={[wayKey(held.way)]}
              onChoose={onPick}
            />
          )}
          {held && <SecondaryText>{held.way.why}</SecondaryText>}
          <View style={styles.row}>
            {onEarlier && <Action title="Earlier" label={`${name} earlier`} onPress={onEarlier} />}
            <Action title="Leave it out" label={`Leave out ${name}`} onPress={onLeaveOut} testID={`leave-out-${at}`} />
          </View>
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: SPACE.xs, borderLeftWidth: 4, borderLeftColor: COLORS.action, paddingLeft: SPACE.m },
  head: { flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.s },
  words: { flex: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
