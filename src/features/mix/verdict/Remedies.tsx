import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { remediesFor, type EvaluationContext, type Finding, type Formula, type Level, type Remedy } from '@/core';
import { Action, LEVEL_WORD, SPACE } from '@/ui';

/** What the offers of a finding are worked out from. */
export interface RemedyTarget {
  readonly formula: Formula;
  readonly verdict: Level;
  readonly at: EvaluationContext;
  readonly onApply: (remedy: Remedy) => void;
}

/** What can be done about a finding with one tap; each offer has been weighed up, and says what it comes to. */
export function Remedies({ finding, of }: { finding: Finding; of: RemedyTarget }) {
  const remedies = useMemo(
    () => remediesFor(finding, of.formula, of.verdict, of.at),
    [finding, of.formula, of.verdict, of.at],
  );
  if (remedies.length === 0) return null;
  return (
    <View style={styles.offers} role="group" aria-label="What to do instead" testID={`instead-${finding.code}`}>
      {remedies.map((remedy) => (
        <Action
          key={remedy.id}
          title={`${remedy.title} → ${LEVEL_WORD[remedy.verdict]}`}
          onPress={() => of.onApply(remedy)}
          testID={`remedy-${remedy.id}`}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  offers: { gap: SPACE.s, paddingVertical: SPACE.xs, alignItems: 'flex-start' },
});
