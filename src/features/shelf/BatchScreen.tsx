import { useMemo, useState } from 'react';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { discardBy, isExpired, lineText, SOURCES, vesselProfile, type Batch, type BatchState } from '@/core';
import { notRightOfBatch, relabelled } from '@/core/doors/household';
import { useBatch, useEndBatch, useFormula, useSaveFormulas, useSettings, useWriteHome } from '@/data';
import { LabelSheet } from '@/print';
import {
  Action,
  Body,
  dayText,
  FindingCard,
  Heading,
  LabelCard,
  Section,
  Screen,
  SPACE,
  SecondaryText,
  Title,
  useNotice,
  useWide,
  volumeText,
} from '@/ui';
import { endOf } from './ShelfScreen';

const DONE: Record<BatchState, string> = {
  kept: 'is back on the shelf',
  emptied: 'is marked empty',
  discarded: 'is marked poured away',
};

/** One batch: its whole label, what it was made of, and what becomes of it. */
export function BatchScreen({ id }: { id: string }) {
  const router = useRouter();
  const say = useNotice();
  const wide = useWide();
  const batch = useBatch(id);
  const end = useEndBatch();
  const formula = useFormula(batch?.formula.id ?? '');
  const save = useSaveFormulas();
  const [printing, setPrinting] = useState(false);
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
    const go = (): void => router.push(`/mix/${batch.formula.id}`);
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
        bottle={batch.vessel.name}
        past={isExpired(batch, new Date().toISOString())}
        ended={endOf(batch)}
      />
      <View style={styles.actions}>
        {batch.state === 'kept' ? (
          <>
            <Action title="It is empty" onPress={() => mark('emptied')} />
            <Action title="Poured away" onPress={() => mark('discarded')} />
          </>
        ) : (
          <Action title="Put it back on the shelf" onPress={() => mark('kept')} />
        )}
        <Action title="Print the label" onPress={() => setPrinting(true)} testID="print-label" />
        <Action title="Make it again" onPress={again} />
        <Action title="May it meet something?" onPress={() => router.push(`/safety/meet?with=batch:${batch.id}`)} />
      </View>
      <LabelSheet
        open={printing}
        onClose={() => setPrinting(false)}
        formula={batch.formula}
        content={batch.label}
        profile={vesselProfile(batch.vessel)}
        volume={volumeText(batch.volumeML)}
        made={dayText(batch.madeAt)}
        discardBy={dayText(discardBy(batch.madeAt, batch.label.keeps.lowDays))}
      />
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
