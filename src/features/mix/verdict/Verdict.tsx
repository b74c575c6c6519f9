import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SOURCES, type Finding, type Level } from '@/core';
import { Remedies, type RemedyTarget } from './Remedies';
import { Action, Body, COLORS, FindingCard, SPACE, SecondaryText, VerdictBanner } from '@/ui';

interface Props {
  readonly verdict: Level;
  readonly findings: readonly Finding[];
  readonly checked: readonly string[];
  /** Where what is to be done instead can be done; left out, it is only said. */
  readonly instead?: RemedyTarget;
  /** True where the verdict itself stays in sight elsewhere. */
  readonly withoutBanner?: boolean;
}

const count = (n: number): string => (n === 1 ? 'One thing' : `${n} things`);

/** What the banner says beside the word. */
export function sayingOf(verdict: Level, findings: readonly Finding[]): string {
  const worst = findings.filter((f) => f.level === verdict).length;
  switch (verdict) {
    case 'danger':
      return 'It can hurt someone. Not to be made.';
    case 'defeats':
      return `${count(worst)} undoing the mixture, not dangerous.`;
    case 'caution':
      return `${count(worst)} to mind; otherwise fine.`;
    case 'clear':
      return 'Nothing found against it.';
  }
}

/** The verdict with its reasons. */
export function Verdict({ verdict, findings, checked, instead, withoutBanner = false }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View style={styles.verdict}>
      {!withoutBanner && <VerdictBanner level={verdict} saying={sayingOf(verdict, findings)} />}
      {findings.map((f, i) => (
        <FindingCard
          key={`${f.code}-${i}`}
          finding={f}
          sources={f.sources.map((s) => SOURCES[s])}
          {...(instead ? { remedies: () => <Remedies finding={f} of={instead} /> } : {})}
        />
      ))}
      <Action
        title={open ? 'Hide what was checked' : 'What was checked?'}
        weight="quiet"
        onPress={() => setOpen(!open)}
      />
      {open && (
        <View style={styles.checked}>
          <Body>Looked for: {checked.join(', ')}.</Body>
          <SecondaryText>
            A verdict never says that something disinfects. The label of what you bought comes first.
          </SecondaryText>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  verdict: { gap: SPACE.s },
  checked: { borderLeftWidth: 3, borderLeftColor: COLORS.line, paddingLeft: SPACE.m, gap: SPACE.xs },
});
