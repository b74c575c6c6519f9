import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { discardBy, isStarter, labelOf, vesselFacts, type Formula } from '@/core';
import { useSettings } from '@/data';
import { LabelSheet } from '@/print';
import { Action, dayText, SPACE, volumeText } from '@/ui';
import { EarlierForms } from './EarlierForms';
import { ShareSheet } from './ShareSheet';
import type { ReadyBatch } from './useBenchActions';

interface MoreProps {
  readonly kept: Formula;
  readonly onDuplicate: () => void;
  readonly onRemove: () => void;
  /** Null where there is nothing to label. */
  readonly label: LabelFacts | null;
}

/** What else can be done with the formula. */
export function MoreActions({ kept, onDuplicate, onRemove, label }: MoreProps) {
  const router = useRouter();
  const [open, setOpen] = useState<'label' | 'share' | null>(null);
  const own = !isStarter(kept);
  const close = (): void => setOpen(null);
  return (
    <View style={styles.actions}>
      <Action
        title={own ? 'Change it' : 'Change a copy'}
        onPress={() => router.push(`/mix/edit?formula=${kept.id}`)}
        testID="change"
      />
      {own && <Action title="Change as text" onPress={() => router.push(`/mix/paste?formula=${kept.id}`)} />}
      {own && <Action title="Duplicate" onPress={onDuplicate} />}
      {own && <EarlierForms formula={kept} />}
      <Action title="Compare" onPress={() => router.push(`/mix/compare?a=${kept.id}`)} />
      {label && <Action title="See the label" onPress={() => setOpen('label')} testID="see-label" />}
      <Action title="Share" onPress={() => setOpen('share')} testID="share" />
      {own && <Action title="Remove formula" weight="danger" onPress={onRemove} />}
      {label && open === 'label' && <TodaysLabel {...label} onClose={close} />}
      <ShareSheet formula={kept} open={open === 'share'} onClose={close} />
    </View>
  );
}

/** What a label of it would say. */
interface LabelFacts {
  readonly formula: Formula;
  readonly ready: ReadyBatch;
  readonly dwell: string | null;
}

/** The label as it would be if it were made today. */
function TodaysLabel({ formula, ready, dwell, onClose }: LabelFacts & { readonly onClose: () => void }) {
  const { roomC, units } = useSettings();
  const [now] = useState(() => new Date().toISOString());
  const { evaluation, vessel, plan } = ready;
  const content = labelOf(formula, evaluation, { vessel: vesselFacts(vessel), roomC }, dwell);
  return (
    <LabelSheet
      open
      onClose={onClose}
      formula={formula}
      content={content}
      profile={plan.profile}
      volume={volumeText(plan.fillML, units)}
      made={dayText(now)}
      discardBy={dayText(discardBy(now, content.keeps.lowDays))}
    />
  );
}

const styles = StyleSheet.create({ actions: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
