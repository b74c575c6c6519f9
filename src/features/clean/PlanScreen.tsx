import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { JOB_PLANS, RATED_DAYS, SOILS, type HomeSurface, type JobPlan, type LogEntry, type Room, wayKey } from '@/core';
import { newId, useRecentLog, useRooms, useSettings, useSurfaces, useWriteHome } from '@/data';
import { Action, Body, Choice, COLORS, Heading, minutesText, Section, Screen, SecondaryText, SPACE, Title } from '@/ui';
import { placeOf } from './place';
import { surfacesOf } from './plans';
import { jobOf, partFrom } from './startJob';
import { BlockedByResidue } from './BlockedByResidue';
import { useSupplies } from './useSupplies';
import { wayTitle } from './wayTitle';
import { useWays, type CleaningTask } from './useWays';

interface PlannedPart extends CleaningTask {
  readonly part: JobPlan['parts'][number];
}

const NO_ENTRIES: readonly LogEntry[] = [];

/** The parts of a plan that this room has a surface for. */
function partsOf(
  plan: JobPlan | undefined,
  room: Room | undefined,
  surfaces: readonly HomeSurface[],
  rooms: readonly Room[],
): PlannedPart[] {
  if (!plan || !room) return [];
  return surfacesOf(plan, room, surfaces).flatMap((own, i): PlannedPart[] => {
    const part = plan.parts[i];
    const chosen = own && placeOf(own.id, surfaces, rooms);
    const soil = SOILS.find((s) => s.id === part?.soilId);
    return part && chosen && soil ? [{ part, chosen, soil }] : [];
  });
}

/** Ways offered for each part. */
const OFFERED = 4;

/** A job of several parts: the way for each, then all of them side by side. */
export function PlanScreen() {
  const router = useRouter();
  const { plan: planId = '', room: roomId = '' } = useLocalSearchParams<{ plan?: string; room?: string }>();
  const rooms = useRooms();
  const surfaces = useSurfaces();
  const settings = useSettings();
  const recent = useRecentLog(RATED_DAYS);
  const write = useWriteHome({ failed: 'Not started' });
  const [nowMs] = useState(() => Date.now());
  const [picked, setPicked] = useState<Readonly<Record<number, string>>>({});
  const plan = JOB_PLANS.find((p) => p.id === planId);
  const room = rooms.data?.find((r) => r.id === roomId);
  const house = useSupplies(room?.small ? 'small' : 'large');
  const planned = useMemo(
    () => (rooms.data && surfaces.data ? partsOf(plan, room, surfaces.data, rooms.data) : null),
    [plan, room, surfaces.data, rooms.data],
  );
  const found = useWays(planned, house, settings, recent.data ?? NO_ENTRIES, nowMs);
  if (!planned || !found || !recent.isSuccess) return <Screen>{null}</Screen>;
  if (!plan || !room) {
    return (
      <Screen next={<Action title="What are you cleaning?" weight="main" onPress={() => router.replace('/clean')} />}>
        <Title>No such job</Title>
        <Body>This job is not one of your rooms’. Pick a surface instead.</Body>
      </Screen>
    );
  }
  const parts = planned.flatMap((p, i) => (found[i] ? [{ ...p, found: found[i] }] : []));
  const wayOf = (i: number) => parts[i]?.found.ways.find((h) => wayKey(h.way) === picked[i]) ?? parts[i]?.found.ways[0];
  const possible = parts.length > 0 && parts.every((_, i) => wayOf(i) !== undefined);
  const start = (): void => {
    const ids = parts.map(() => newId());
    const made = parts.flatMap(({ part, chosen, soil }, i) => {
      const held = wayOf(i);
      const afterId = part.after === null ? null : (ids[part.after] ?? null);
      return held ? [partFrom(ids[i] ?? newId(), chosen, soil, held.way, afterId)] : [];
    });
    const job = jobOf(newId(), plan.name, made, new Date().toISOString());
    write.mutate(
      { put: [{ collection: 'job', value: job }] },
      {
        onSuccess: () => router.push(`/clean/job?id=${job.id}`),
      },
    );
  };
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
        <Title>{plan.name}</Title>
        <Body>{plan.why}</Body>
      </Section>
      {parts.map(({ part, chosen, soil, found }, i) => {
        const held = wayOf(i);
        return (
          <View key={part.name} style={styles.part}>
            <Heading>
              {i + 1}. {chosen.place.name}
            </Heading>
            <SecondaryText>
              {soil.name}
              {part.after === null
                ? ''
                : `; after ${parts[part.after]?.chosen.place.name.toLowerCase() ?? 'the first'}`}
            </SecondaryText>
            {found.stopped.length > 0 && <BlockedByResidue stopped={found.stopped} nowMs={nowMs} />}
            {held ? (
              <>
                <Choice
                  label={`With what: ${chosen.place.name}`}
                  options={found.ways.slice(0, OFFERED).map(({ way }) => ({
                    value: wayKey(way),
                    label: wayTitle(way),
                  }))}
                  chosen={[wayKey(held.way)]}
                  onChoose={(id) => setPicked({ ...picked, [i]: id })}
                />
                <Body>
                  {held.way.why}
                  {held.way.dwell ? ` ${minutesText(held.way.dwell.bestMinutes)} on.` : ''}
                </Body>
              </>
            ) : (
              <Body>Nothing does this without harm. See the surface by itself for why.</Body>
            )}
          </View>
        );
      })}
    </Screen>
  );
}

const styles = StyleSheet.create({
  part: { gap: SPACE.s, borderLeftWidth: 4, borderLeftColor: COLORS.action, paddingLeft: SPACE.m },
});
