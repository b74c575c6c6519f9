import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SOURCES, type Finding, type Level } from '@/core';
import { Action, Body, COLORS, FindingCard, SPACE, Soft, VerdictBanner } from '@/ui';

interface Props {
  readonly verdict: Level;
  readonly findings: readonly Finding[];
  readonly checked: readonly string[];
}

const count = (n: number): string => (n === 1 ? 'One thing' : `${n} things`);

/** What the banner says beside the word. */
function sayingOf(verdict: Level, findings: readonly Finding[]): string {
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
export function Verdict({ verdict, findings, checked }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View style={styles.verdict}>
      <VerdictBanner level={verdict} saying={sayingOf(verdict, findings)} />
      {findings.map((f, i) => (
        <FindingCard key={`${f.code}-${i}`} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
      ))}
      <Action
        title={open ? 'Hide what was checked' : 'What was checked?'}
        weight="quiet"
        onPress={() => setOpen(!open)}
      />
      {open && (
        <View style={styles.checked}>
          <Body>Looked for: {checked.join(', ')}.</Body>
          <Soft>A verdict never says that something disinfects. The label of what you bought comes first.</Soft>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  verdict: { gap: SPACE.s },
  checked: { borderLeftWidth: 3, borderLeftColor: COLORS.line, paddingLeft: SPACE.m, gap: SPACE.xs },
});
