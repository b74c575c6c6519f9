import { useMemo, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { amountText, resolveIngredient, type EvaluationContext, type Formula } from '@/core';
import { amountNumber, whatIf, whatIfAt, withAmount, type WhatIfPoint } from '@/core/doors/whatIf';
import { part } from '@/parts/part';
import { Action, Body, Choice, Figure, Sheet, Slider, SPACE, SecondaryText, VerdictStrip, formatNumber } from '@/ui';
import { sayingOf } from '../verdict/Verdict';

const WhatIfChart = part(async () => (await import('./WhatIfChart')).default, {
  coming: <View style={{ height: 220 }} />,
  failed: 'The chart could not be fetched: the figures above are whole without it.',
});

interface Props {
  readonly formula: Formula;
  readonly lineId: string;
  readonly at: EvaluationContext;
  readonly onClose: () => void;
  readonly onTake: (formula: Formula) => void;
}

/** What the chart can show of a sweep. */
interface Shown {
  readonly value: string;
  readonly label: string;
  readonly unit: string;
  readonly of: (point: WhatIfPoint) => number | null;
}

const ALL: readonly Shown[] = [
  { value: 'pH', label: 'pH', unit: '', of: (p) => p.pH },
  { value: 'acid', label: 'Acid left', unit: 'mmol/L', of: (p) => p.acidLeftMmolPerL },
  { value: 'alkali', label: 'Soda left', unit: 'mmol/L', of: (p) => p.alkaliLeftMmolPerL },
  { value: 'gas', label: 'Gas', unit: 'mL a litre', of: (p) => p.gasMLPerL },
  { value: 'alcohol', label: 'Alcohol', unit: '% v/v', of: (p) => p.evaluation.state.alcoholPercentVV },
  { value: 'acetic', label: 'Acetic acid', unit: '% w/v', of: (p) => p.evaluation.state.aceticAcidPercentWV },
  { value: 'peroxide', label: 'Peroxide', unit: '% w/v', of: (p) => p.evaluation.state.hydrogenPeroxidePercentWV },
  { value: 'soap', label: 'Soap', unit: 'g/L', of: (p) => p.evaluation.state.soapGPerL },
  { value: 'oil', label: 'Essential oil', unit: '% v/v', of: (p) => p.evaluation.state.essentialOilPercentVV },
];

/** How far one thumb's step goes: a hundredth of the whole. */
const STEPS = 100;

/** Drags one line's amount: how pH, strength, leftovers, gas and verdict move, before anything is changed. */
export function WhatIfSheet({ formula, lineId, at: context, onClose, onTake }: Props) {
  const { width } = useWindowDimensions();
  const line = formula.lines.find((l) => l.id === lineId);
  const present = line ? (amountNumber(line.amount) ?? 0) : 0;
  const points = useMemo(() => whatIf(formula, lineId, context), [formula, lineId, context]);
  const [amount, setAmount] = useState(present);
  const [which, setWhich] = useState<string | null>(null);
  const here = useMemo(() => whatIfAt(formula, lineId, amount, context), [formula, lineId, amount, context]);
  const moving = ALL.filter((s) => {
    const values = points.flatMap((p) => s.of(p) ?? []);
    return values.length > 1 && Math.max(...values) - Math.min(...values) > 0.01;
  });
  const shown = moving.find((s) => s.value === which) ?? moving[0];
  if (!line) return null;
  const name = resolveIngredient(line.ingredient).name;
  const most = points.at(-1)?.amount ?? 1;
  const next = withAmount(formula, lineId, Number(amount.toPrecision(3)));
  const nextLine = next.lines.find((l) => l.id === lineId);
  return (
    <Sheet title={`What if: ${name}`} open onClose={onClose}>
      {points.length === 0 ? (
        <Body>This line fills up what the others leave: change one of them instead.</Body>
      ) : (
        <>
          <View style={styles.amount}>
            <Figure testID="what-if-amount">{nextLine ? amountText(nextLine.amount) : ''}</Figure>
            <SecondaryText>now {amountText(line.amount)}</SecondaryText>
          </View>
          <Slider
            label={`Amount of ${name}`}
            value={amount}
            most={most}
            step={most / STEPS}
            text={nextLine ? amountText(nextLine.amount) : ''}
            onChange={setAmount}
          />
          {here && (
            <VerdictStrip
              level={here.verdict}
              saying={here.evaluation.findings[0]?.happens ?? sayingOf(here.verdict, here.evaluation.findings)}
            />
          )}
          {shown && (
            <>
              <Choice
                label="What the chart shows"
                options={moving.slice(0, 5)}
                chosen={[shown.value]}
                onChoose={setWhich}
              />
              <Body>
                {shown.label}: {here ? formatNumber(shown.of(here) ?? 0) : ''} {shown.unit}
              </Body>
              <WhatIfChart
                points={points.map((p) => ({ amount: p.amount, value: shown.of(p) ?? 0, verdict: p.verdict }))}
                present={present}
                chosen={amount}
                width={Math.min(600, width - 2 * SPACE.l)}
                label={`${shown.label}${shown.unit ? `, ${shown.unit}` : ''}, by the amount of ${name}`}
              />
            </>
          )}
          <Action
            title={nextLine ? `Take ${amountText(nextLine.amount)}` : 'Take it'}
            weight="main"
            onPress={() => onTake(next)}
            disabled={amount === present || amount <= 0}
            testID="what-if-take"
          />
        </>
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  amount: { flexDirection: 'row', alignItems: 'baseline', gap: SPACE.m, flexWrap: 'wrap' },
});
