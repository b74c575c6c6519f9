import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  discardBy,
  formulaText,
  isExpired,
  leftML,
  MINUTE_MS,
  runOut,
  standsIn,
  timerAt,
  type Batch,
  type Level,
  type Vessel,
} from '@/core';
import { useBatches, useNotRight, useTimers, useVessels } from '@/data';
import { codeOf, LabelsSheet } from '@/print';
import {
  Action,
  AgainRow,
  Body,
  COLORS,
  dayText,
  Heading,
  ItemRow,
  LabelCard,
  LinkPressable,
  Section,
  Row,
  Screen,
  SPACE,
  timerPath,
  TimerRing,
  timerTitle,
  Title,
  useNow,
  useWide,
  VerdictMark,
  type Ended,
  LevelBar,
  volumeText,
} from '@/ui';
import { bottleText } from './bottleWords';
import { BottleSheet } from './BottleSheet';
import { useLevel } from './useLevel';

/** What has become of a batch, for its label; null while it stands on the shelf. */
export function endOf(batch: Batch): Ended | null {
  if (batch.state === 'kept' || batch.endedAt === null) return null;
  return { how: batch.state === 'emptied' ? 'Emptied' : 'Discarded', at: batch.endedAt };
}

const newestFirst = (a: Batch, b: Batch): number => b.madeAt.localeCompare(a.madeAt);

/** What stands on the shelf: past its day first, then the newest. */
export const onShelf = (batches: readonly Batch[], nowISO: string): Batch[] =>
  batches
    .filter((b) => b.state === 'kept')
    .sort((a, b) => Number(isExpired(b, nowISO)) - Number(isExpired(a, nowISO)) || newestFirst(a, b));

/** The bottles that were made: those on the shelf first, past their day on top; then what is gone. */
export function ShelfScreen({ openId }: { openId: string | null }) {
  const router = useRouter();
  const batches = useBatches();
  const wide = useWide();
  const now = new Date(useNow(MINUTE_MS)).toISOString();
  const notRight = useNotRight(now);
  const kept = onShelf(batches.data ?? [], now);
  const gone = (batches.data ?? []).filter((b) => b.state !== 'kept').sort(newestFirst);
  const level = useLevel();
  const card = (b: Batch) => (
    <View key={b.id} style={styles.bottle}>
      <LinkPressable
        to={`/shelf/${b.id}`}
        onGo={() => router.push(`/shelf/${b.id}`)}
        style={[styles.card, b.id === openId && styles.open]}
      >
        <NotRightMark level={notRight.find((n) => n.kind === 'batch' && n.id === b.id)?.findings[0]?.level} />
        <LabelCard
          label={b.label}
          madeAt={b.madeAt}
          discardBy={discardBy(b.madeAt, b.label.keeps.lowDays)}
          volumeML={b.volumeML}
          bottle={bottleText(b.vessel)}
          past={isExpired(b, now)}
          ended={endOf(b)}
        />
      </LinkPressable>
      {b.state === 'kept' && (
        <LevelBar
          name={`${b.label.name} in ${b.vessel.name}`}
          share={leftML(b) / b.volumeML}
          text={`about ${volumeText(leftML(b))} left`}
          onLevel={(share) => level(b, share)}
        />
      )}
    </View>
  );
  return (
    <Screen
      next={<Action title="Make a bottle" weight={wide ? 'plain' : 'main'} onPress={() => router.push('/mix')} />}
    >
      <Title>Shelf</Title>
      <Row
        title="Cupboard"
        detail="What you have to mix from, and what it cost"
        to="/shelf/cupboard"
        onPress={() => router.push('/shelf/cupboard')}
      />
      <Row
        title="Shopping"
        detail="What the next days need, less what is there"
        to="/shelf/shopping"
        onPress={() => router.push('/shelf/shopping')}
      />
      <RunOut batches={batches.data ?? []} now={now} />
      <Infusions />
      {batches.isSuccess && kept.length === 0 && (
        <Body>
          No bottles yet. What you make stands here with its label: what is in it, from when, and when to pour it away.
        </Body>
      )}
      <View style={styles.cards}>{kept.map(card)}</View>
      {kept.length > 1 && <PrintSeveral kept={kept} />}
      <StandingEmpty batches={batches.data ?? []} ready={batches.isSuccess} />
      {gone.length > 0 && (
        <Section>
          <Heading>Empty or poured away</Heading>
          <View style={styles.cards}>{gone.map(card)}</View>
        </Section>
      )}
    </Screen>
  );
}

/** Labels of several bottles on one sheet. */
function PrintSeveral({ kept }: { kept: readonly Batch[] }) {
  const [open, setOpen] = useState(false);
  const all = useMemo(
    () =>
      open
        ? kept.map((b) => ({
            id: b.id,
            bottle: bottleText(b.vessel),
            facts: {
              content: b.label,
              volume: volumeText(b.volumeML),
              made: dayText(b.madeAt),
              discardBy: dayText(discardBy(b.madeAt, b.label.keeps.lowDays)),
              code: codeOf(formulaText(b.formula)),
            },
          }))
        : [],
    [open, kept],
  );
  return (
    <View style={styles.print}>
      <Action title="Print labels of several" onPress={() => setOpen(true)} testID="print-several" />
      <LabelsSheet open={open} onClose={() => setOpen(false)} all={all} />
    </View>
  );
}

/** What there is little or nothing left of: one tap from being made again, in the same bottle. */
function RunOut({ batches, now }: { batches: readonly Batch[]; now: string }) {
  const router = useRouter();
  const out = runOut(batches, now);
  if (out.length === 0) return null;
  return (
    <Section>
      <Heading>Run out, or nearly</Heading>
      {out.map((b) => (
        <AgainRow key={b.id} batch={b} leftML={leftML(b)} onGo={router.push} />
      ))}
    </Section>
  );
}

/** The person's bottles that nothing stands in. */
function StandingEmpty({ batches, ready }: { batches: readonly Batch[]; ready: boolean }) {
  const vessels = useVessels();
  const [open, setOpen] = useState<Vessel | null>(null);
  const empty = (vessels.data ?? []).filter((v) => standsIn(v.id, batches).length === 0);
  if (!ready || empty.length === 0) return null;
  return (
    <Section>
      <Heading>Standing empty</Heading>
      {empty.map((v) => (
        <ItemRow key={v.id} title={`${bottleText(v)}, ${volumeText(v.capacityML)}`}>
          <Action title="Change" label={`Change ${v.name}`} weight="quiet" onPress={() => setOpen(v)} />
        </ItemRow>
      ))}
      {open && <BottleSheet key={open.id} vessel={open} inIt={[]} onClose={() => setOpen(null)} />}
    </Section>
  );
}

/** Over a bottle that is not right for who lives here: its screen says why and what to do. */
function NotRightMark({ level }: { level: Level | undefined }) {
  if (level === undefined) return null;
  return (
    <View style={styles.notRight}>
      <VerdictMark level={level} size={24} />
      <Body style={styles.said}>
        {level === 'danger' ? 'Not right for who lives here' : 'Its label leaves out who lives here'}
      </Body>
    </View>
  );
}

/** Peel in vinegar and the like, until it is strained. */
function Infusions() {
  const router = useRouter();
  const nowMs = useNow(MINUTE_MS);
  const timers = useTimers();
  const infusions = (timers.data ?? []).filter((t) => t.kind === 'infusion' && t.endedAt === null);
  return (
    <Section>
      {infusions.map((timer) => {
        const now = timerAt(timer, nowMs);
        return (
          <Row
            key={timer.id}
            title={`${timer.name}, ${timer.place}`}
            detail={now.phase === 'early' ? timerTitle(timer, now) : 'Ready to strain'}
            mark={<TimerRing timer={timer} now={now} />}
            to={timerPath(timer)}
            onPress={() => router.push(timerPath(timer))}
          />
        );
      })}
      <Row
        title="Start an infusion"
        detail="Peel in vinegar: told when it is time to strain"
        to="/clean/timers?kind=infusion"
        onPress={() => router.push('/clean/timers?kind=infusion')}
      />
    </Section>
  );
}

const styles = StyleSheet.create({
  cards: { gap: SPACE.l },
  bottle: { gap: SPACE.s },
  card: { marginBottom: 4 },
  notRight: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, paddingBottom: SPACE.xs },
  print: { flexDirection: 'row' },
  said: { flex: 1, fontWeight: '700' },
  open: { outlineWidth: 3, outlineColor: COLORS.action, outlineStyle: 'solid' },
});
