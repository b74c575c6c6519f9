import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { contextOf, evaluate, STARTER_FORMULAS, type Evaluation, type Formula } from '@/core';
import { compare, costOf } from '@/core/doors/compare';
import { useFormula, useFormulas, usePantry, useSettings } from '@/data';
import {
  Action,
  Body,
  Heading,
  Overline,
  LEVEL_WORD,
  Section,
  Picker,
  formatNumber,
  moneyText,
  Screen,
  SecondaryText,
  SPACE,
  Table,
  Title,
} from '@/ui';
import { strengthTitle } from '../verdict/strengthWords';

/** Two formulas side by side: what differs, and what that does. */
export function CompareScreen({ aId, bId }: { aId: string; bId: string | null }) {
  const router = useRouter();
  const a = useFormula(aId);
  const b = useFormula(bId ?? '');
  const own = useFormulas().data;
  const [picking, setPicking] = useState(bId === null);
  const all = useMemo(
    () =>
      [...(own ?? []), ...STARTER_FORMULAS]
        .filter((f) => f.id !== aId)
        .map((f) => ({ id: f.id, name: f.name, names: [f.purpose] })),
    [own, aId],
  );
  if (a === undefined) return <Screen>{null}</Screen>;
  if (a === null) {
    return (
      <Screen>
        <Title>Not here</Title>
        <Body>This formula is not in this home any more.</Body>
      </Screen>
    );
  }
  return (
    <Screen
      reading
      next={<Action title="Compare with another" onPress={() => setPicking(true)} testID="compare-pick" />}
    >
      <Title>Side by side</Title>
      {b ? <SideBySide a={a} b={b} /> : <Body>Choose what to hold beside {a.name}.</Body>}
      <Picker
        title={`Compare ${a.name} with`}
        all={all}
        open={picking}
        chosen={bId ?? ''}
        onClose={() => setPicking(false)}
        onChoose={(id) => id !== '' && router.replace(`/mix/compare?a=${aId}&b=${id}`)}
      />
    </Screen>
  );
}

const number = (value: number | null, unit: string): string =>
  value === null || value === 0 ? '–' : `${formatNumber(value)} ${unit}`;

function SideBySide({ a, b }: { a: Formula; b: Formula }) {
  const settings = useSettings();
  const pantry = usePantry().data ?? [];
  const first = useMemo(() => evaluate(a, contextOf(a.use, settings)), [a, settings]);
  const second = useMemo(() => evaluate(b, contextOf(b.use, settings)), [b, settings]);
  if (!first.ok || !second.ok)
    return (
      <Body>{(first.ok ? second : first).ok ? '' : 'One of the two does not come together: change it first.'}</Body>
    );
  const of = first.value;
  const to = second.value;
  const { lines, strengths, onlyA, onlyB } = compare(of, to);
  const money = (e: Evaluation): string => {
    const cost = costOf(e.resolved, pantry);
    if (!cost) return '–';
    return `${moneyText(cost.perL, settings.currency)} a litre${cost.unpriced.length > 0 ? `, without ${cost.unpriced.join(', ')}` : ''}`;
  };
  const pH = (e: Evaluation): string => (e.state.pH ? e.state.pH.value.toFixed(1) : '–');
  const happens = (e: Evaluation, codes: readonly string[]): readonly string[] =>
    e.findings.filter((f) => codes.includes(f.code)).map((f) => `${LEVEL_WORD[f.level]}: ${f.happens}`);
  return (
    <View>
      <Table
        label={`${a.name} beside ${b.name}`}
        head={['', a.name, b.name]}
        rows={[
          { cells: ['Verdict', LEVEL_WORD[of.verdict], LEVEL_WORD[to.verdict]], strong: of.verdict !== to.verdict },
          { cells: ['pH', pH(of), pH(to)], strong: pH(of) !== pH(to) },
          ...strengths.map((s) => ({
            cells: [strengthTitle(s.key), number(s.from, s.unit), number(s.to, s.unit)],
            strong: Math.abs(s.from - s.to) > 0.01,
          })),
          { cells: ['Costs', money(of), money(to)], strong: money(of) !== money(to) },
        ]}
      />
      <Heading style={styles.heading}>What goes in, to a litre</Heading>
      <Table
        label="What goes in, to a litre"
        rows={lines.map((l) => ({
          cells: [l.name, number(l.aPerL, l.unit), number(l.bPerL, l.unit)],
          strong: Math.abs((l.aPerL ?? 0) - (l.bPerL ?? 0)) > 0.5,
        }))}
      />
      {(onlyA.length > 0 || onlyB.length > 0) && (
        <Section>
          <Heading style={styles.heading}>Found in one alone</Heading>
          {onlyA.length > 0 && <Overline>{a.name}</Overline>}
          {happens(of, onlyA).map((h) => (
            <Body key={h}>{h}</Body>
          ))}
          {onlyB.length > 0 && <Overline>{b.name}</Overline>}
          {happens(to, onlyB).map((h) => (
            <Body key={h}>{h}</Body>
          ))}
        </Section>
      )}
      {pantry.length === 0 && (
        <SecondaryText>Prices stand in the cupboard, under Shelf: put some in to see what each costs.</SecondaryText>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ heading: { paddingTop: SPACE.l } });
