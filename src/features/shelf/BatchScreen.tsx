import { useState } from 'react';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { discardBy, isExpired, lineText, vesselProfile, type BatchState } from '@/core';
import { useBatch, useEndBatch, useFormula, useSaveFormulas } from '@/data';
import { LabelSheet } from '@/print';
import {
  Action,
  Body,
  dayText,
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

const styles = StyleSheet.create({ actions: { flexDirection: 'row', gap: SPACE.s, flexWrap: 'wrap' } });
