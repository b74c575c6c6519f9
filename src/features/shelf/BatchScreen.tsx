import { useMemo, useState } from 'react';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import {
  contextIn,
  discardBy,
  isExpired,
  keepingMoves,
  leftML,
  lineText,
  mixtureOf,
  SOURCES,
  vesselFacts,
  vesselProfile,
  type Batch,
  type BatchState,
  type KeepingMove,
  type Settings,
} from '@/core';
import { handedOn, notRightOfBatch, relabelled } from '@/core/doors/household';
import { useBatch, useEndBatch, useFormula, useSaveFormulas, useSettings, useWriteHome } from '@/data';
import { CardSheet, LabelSheet } from '@/print';
import {
  Action,
  againPath,
  Body,
  dayText,
  FindingCard,
  KeepsLonger,
  Heading,
  LabelCard,
  LevelBar,
  Section,
  Screen,
  SPACE,
  SecondaryText,
  Title,
  useNotice,
  useWide,
  volumeText,
} from '@/ui';
import { bottleText } from './bottleWords';
import { BottleSheet } from './BottleSheet';
import { endOf } from './ShelfScreen';
import { useLevel } from './useLevel';

const DONE: Record<BatchState, string> = {
  kept: 'is back on the shelf',
  emptied: 'is marked empty',
  discarded: 'is marked poured away',
};

/** What would have kept it longer. */
function movesOf({ formula, vessel }: Batch, settings: Settings): readonly KeepingMove[] {
  const state = mixtureOf(formula, contextIn(vessel, 'stored', settings));
  return state ? keepingMoves(state, { use: 'stored', vessel: vesselFacts(vessel), roomC: settings.roomC }) : [];
}

/** One batch: its whole label, what it was made of, and what becomes of it. */
export function BatchScreen({ id }: { id: string }) {
  const router = useRouter();
  const say = useNotice();
  const wide = useWide();
  const batch = useBatch(id);
  const end = useEndBatch();
  const formula = useFormula(batch?.formula.id ?? '');
  const save = useSaveFormulas();
  const [printing, setPrinting] = useState<'label' | 'card' | null>(null);
  const [atBottle, setAtBottle] = useState(false);
  const level = useLevel();
  const settings = useSettings();
  const moves = useMemo(() => (batch ? movesOf(batch, settings) : []), [batch, settings]);
  if (batch === undefined) return <Screen>{null}</Screen>;
  if (batch === null) {
    return (
      <Screen next={<Action title="To the shelf" weight="main" onPress={() => router.replace('/shelf')} />}>
        <Title>Not here</Title>
        <Body>This bottle is not on the shelf of this home.</Body>
      </Screen>
    );
  }
  const mark = (state: BatchState): void => {
    const before = batch.state;
    const at = (): string => new Date().toISOString();
    end.mutate(
      { id, state, at: at() },
      {
        onSuccess: () =>
          say({
            text: `${batch.label.name} ${DONE[state]}.`,
            undo: () => end.mutate({ id, state: before, at: batch.endedAt ?? at() }),
          }),
      },
    );
  };
  /** The formula as it was then, if it is not kept any more. */
  const again = (): void => {
    const go = (): void => router.push(againPath(batch));
    if (formula) go();
    else save.mutate([batch.formula], { onSuccess: go });
  };
  return (
    <Screen next={wide ? null : <Action title="To the shelf" weight="main" onPress={() => router.push('/shelf')} />}>
      <NotRightNow batch={batch} onPourAway={() => mark('discarded')} />
      <Title>The label</Title>
      <LabelCard
        whole
        label={batch.label}
        madeAt={batch.madeAt}
        discardBy={discardBy(batch.madeAt, batch.label.keeps.lowDays)}
        volumeML={batch.volumeML}
        bottle={bottleText(batch.vessel)}
        past={isExpired(batch, new Date().toISOString())}
        ended={endOf(batch)}
      />
      {batch.state === 'kept' && (
        <LevelBar
          name={batch.vessel.name}
          share={leftML(batch) / batch.volumeML}
          text={`About ${volumeText(leftML(batch))} left of ${volumeText(batch.volumeML)}. A job takes its share off by itself.`}
          onLevel={(share) => level(batch, share)}
        />
      )}
      <View style={styles.actions}>
        <Action title="Make it again" onPress={again} testID="make-again" />
        {batch.state === 'kept' ? (
          <Action title="Poured away" onPress={() => mark('discarded')} />
        ) : (
          <Action title="Put it back on the shelf" onPress={() => mark('kept')} />
        )}
        <Action title="Print the label" onPress={() => setPrinting('label')} testID="print-label" />
        {batch.state === 'kept' && (
          <Action title="Give it away" onPress={() => setPrinting('card')} testID="give-away" />
        )}
        <Action title="Its name and place" onPress={() => setAtBottle(true)} testID="its-bottle" />
        <Action title="May it meet something?" onPress={() => router.push(`/safety/meet?with=batch:${batch.id}`)} />
      </View>
      {atBottle && <BottleSheet vessel={batch.vessel} inIt={[batch]} onClose={() => setAtBottle(false)} />}
      <KeepsLonger keeps={batch.label.keeps} moves={moves} />
      <LabelSheet
        open={printing === 'label'}
        onClose={() => setPrinting(null)}
        formula={batch.formula}
        content={batch.label}
        profile={vesselProfile(batch.vessel)}
        volume={volumeText(batch.volumeML)}
        made={dayText(batch.madeAt)}
        discardBy={dayText(discardBy(batch.madeAt, batch.label.keeps.lowDays))}
      />
      {printing === 'card' && <GiveAway batch={batch} settings={settings} onClose={() => setPrinting(null)} />}
      <Section>
        <Heading>As it was made</Heading>
        {batch.formula.lines.map((l) => (
          <Body key={l.id}>{lineText(l)}</Body>
        ))}
        <SecondaryText>
          Pour away by local rules: with plenty of water, and never together with another cleaner.
        </SecondaryText>
      </Section>
    </Screen>
  );
}

interface GiveAwayProps {
  readonly batch: Batch;
  readonly settings: Settings;
  readonly onClose: () => void;
}

/** The card that goes with it to somebody else. */
function GiveAway({ batch, settings, onClose }: GiveAwayProps) {
  const handed = useMemo(() => handedOn(batch, settings), [batch, settings]);
  return (
    <CardSheet
      open
      onClose={onClose}
      facts={{
        content: batch.label,
        handed,
        volume: volumeText(leftML(batch)),
        made: dayText(batch.oldestAt ?? batch.madeAt),
        discardBy: dayText(discardBy(batch.madeAt, batch.label.keeps.lowDays)),
        emergencyNumber: settings.emergencyNumber,
        poisonNumber: settings.poisonNumber,
      }}
    />
  );
}

/** What of a bottle is not right for who lives here now: to be poured away, or to be said on its label. */
function NotRightNow({ batch, onPourAway }: { batch: Batch; onPourAway: () => void }) {
  const say = useNotice();
  const settings = useSettings();
  const write = useWriteHome();
  const findings = useMemo(() => (batch.state === 'kept' ? notRightOfBatch(batch, settings) : []), [batch, settings]);
  if (findings.length === 0) return null;
  const isDanger = findings.some((f) => f.level === 'danger');
  const anew = (): void => {
    const result = relabelled(batch, settings);
    if (!result.ok) return;
    write.mutate(
      { put: [{ collection: 'batch', value: result.value }] },
      {
        onSuccess: () =>
          say({
            text: 'The label says it now. Print it, and stick it over the old one.',
            undo: () => write.mutate({ put: [{ collection: 'batch', value: batch }] }),
          }),
      },
    );
  };
  return (
    <Section>
      <Heading>{isDanger ? 'Not in this home' : 'For who lives here'}</Heading>
      {findings.map((f) => (
        <FindingCard key={f.code} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
      ))}
      {isDanger ? (
        <>
          <Body>Pour it away by local rules, or give it to a home without them.</Body>
          <Action title="It is poured away" onPress={onPourAway} testID="pour-away" />
        </>
      ) : (
        <Action title="Write the label anew" onPress={anew} disabled={write.isPending} testID="label-anew" />
      )}
    </Section>
  );
}

const styles = StyleSheet.create({ actions: { flexDirection: 'row', gap: SPACE.s, flexWrap: 'wrap' } });
