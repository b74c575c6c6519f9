import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Action, Body, Choice, Sheet, SPACE } from '@/ui';

interface Part {
  readonly id: string;
  readonly name: string;
  /** What it wants of the person, in a word or two. */
  readonly wants: string;
}

interface Props {
  readonly parts: readonly Part[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

/** So many parts stand side by side; more are behind one tap. */
const SIDE_BY_SIDE = 3;
const DONE = 'done';

/** The parts of a job, to go from one to another. */
export function PartsOfJob({ parts, chosen, onChoose }: Props) {
  const [open, setOpen] = useState(false);
  const all = (
    <Choice
      label="Parts of this job"
      options={parts.map(({ id, name, wants }) => ({ value: id, label: `${name}: ${wants}` }))}
      chosen={[chosen]}
      onChoose={(id) => {
        setOpen(false);
        onChoose(id);
      }}
    />
  );
  if (parts.length <= SIDE_BY_SIDE) return all;
  const done = parts.filter((p) => p.wants === DONE).length;
  return (
    <View style={styles.row}>
      <Body style={styles.words}>
        {done} of {parts.length} parts done
      </Body>
      <Action title="All parts" weight="quiet" onPress={() => setOpen(true)} testID="all-parts" />
      <Sheet title="Parts of this job" open={open} onClose={() => setOpen(false)}>
        {all}
      </Sheet>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  words: { flex: 1, fontWeight: '700' },
});
