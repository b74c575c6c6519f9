import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { listOf, pouredPortions, resolveIngredient, shortages, type Formula, type PourPlan } from '@/core';
import { usePantry } from '@/data';
import { Action, Body, COLORS, formatNumber, SecondaryText, SPACE } from '@/ui';

interface Props {
  readonly formula: Formula;
  readonly plan: PourPlan;
  /** Takes what there is of these lines, as it would be typed: "120 mL". */
  readonly onHave: (have: Readonly<Record<string, string>>) => void;
}

/** What the cupboard has too little of, or not at all, and as much as it comes to. */
export function NotEnough({ formula, plan, onHave }: Props) {
  const pantry = usePantry().data;
  const short = useMemo(
    () => (pantry && pantry.length > 0 ? shortages(pouredPortions(plan), pantry) : []),
    [plan, pantry],
  );
  const some = short.filter(({ has }) => has > 0);
  const none = short.filter(({ has }) => has === 0);
  if (short.length === 0) return null;
  const have = Object.fromEntries(
    formula.lines.flatMap((line) => {
      const { id } = resolveIngredient(line.ingredient);
      const of = some.find((s) => s.id === id);
      return of ? [[line.id, `${of.has} ${of.needs.unit}`]] : [];
    }),
  );
  return (
    <View style={styles.all} testID="not-enough">
      {some.map(({ id, name, needs, has }) => (
        <Body key={id} style={styles.short}>
          Not enough {name}: it takes {formatNumber(needs.value)} {needs.unit}, {formatNumber(has)} {needs.unit} are
          left.
        </Body>
      ))}
      {none.length > 0 && <SecondaryText>Not in the cupboard: {listOf(none.map(({ name }) => name))}.</SecondaryText>}
      {some.length > 0 && none.length === 0 && (
        <Action title="Make as much as there is" onPress={() => onHave(have)} testID="as-much" />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: SPACE.s, alignItems: 'flex-start' },
  short: { color: COLORS.caution, fontWeight: '700' },
});
