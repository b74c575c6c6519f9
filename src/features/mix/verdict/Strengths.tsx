import { StyleSheet, View } from 'react-native';
import type { Evaluation } from '@/core';
import {
  Body,
  COLORS,
  Figure,
  Heading,
  Overline,
  Section,
  PhScale,
  pHWord,
  formatNumber,
  SPACE,
  SecondaryText,
} from '@/ui';

const pHText = (pH: number): string => pH.toFixed(1);

/** Views of the same mixture further apart than this are worth telling apart. */
const VIEWS_DIFFER_FROM = 0.15;

/** What the finished mixture is, in numbers: only those that apply. */
export function Strengths({
  evaluation,
  fillML,
  perLitre = false,
}: {
  evaluation: Evaluation;
  /** What gas and leftovers are counted for, mL. */
  fillML: number;
  perLitre?: boolean;
}) {
  const { state } = evaluation;
  // Gas and leftovers grow with the amount: shown for what is in the bottle.
  const times = fillML / state.volumeML;
  const reserve = state.acidity?.acidReserveMmolPerL ?? 0;
  const all: readonly (readonly [string, number, string])[] = [
    ['Acetic acid', state.aceticAcidPercentWV, '% w/v'],
    ['Citric acid', state.citricAcidPercentWV, '% w/v'],
    ['Peroxide', state.hydrogenPeroxidePercentWV, '% w/v'],
    ['Alcohol', state.alcoholPercentVV, '% v/v'],
    ['Soap', state.soapGPerL, 'g/L'],
    ['Dish soap', state.surfactantGPerL, 'g/L'],
    ['Essential oil', state.essentialOilPercentVV, '% v/v'],
    [reserve > 0 ? 'Acid in reserve' : 'Alkali in reserve', Math.abs(reserve) < 1 ? 0 : Math.abs(reserve), 'mmol/L'],
    ['Soap lost to hard water', 100 * (state.soapLostToHardness ?? 0), '%'],
    ['Gas it can give', times * (state.carbonDioxideML + state.oxygenML), 'mL'],
    ['Left undissolved', times * state.undissolvedG, 'g'],
    ...state.inertSalts.map((s) => [`Spent: ${s.name}`, times * s.massG, 'g'] as const),
  ];
  const shown = all.filter(([, value]) => value >= 0.005);
  return (
    <Section>
      <Heading>{perLitre ? 'What it is, a litre of it' : 'What it is'}</Heading>
      <Acidity evaluation={evaluation} />
      <View style={styles.grid}>
        {shown.map(([name, value, unit]) => (
          <View key={name} style={styles.cell}>
            <Overline>{name}</Overline>
            <Figure>
              {formatNumber(value)} <SecondaryText>{unit}</SecondaryText>
            </Figure>
          </View>
        ))}
      </View>
    </Section>
  );
}

/** Why no single pH is shown. */
const WITHHELD: Readonly<Record<NonNullable<Evaluation['state']['pHWithheld']>, string>> = {
  unknown: 'No pH: not all that is in it is known.',
  borate: 'No single pH: borax and glycerin turn sour together, how far nobody can say beforehand.',
  salt: 'No single pH: so much salt or soda is beyond what can be reckoned.',
  alcohol: 'No single pH: over 60 % alcohol the scale of water does not hold.',
};

/** pH on its strip, with its band, and the other views where carbon dioxide makes a difference. */
function Acidity({ evaluation }: { evaluation: Evaluation }) {
  const { pH, pHWithheld, acidity, wet } = evaluation.state;
  if (pHWithheld) return <SecondaryText>{WITHHELD[pHWithheld]}</SecondaryText>;
  if (!pH || !acidity) {
    return (
      <SecondaryText>{wet ? 'No pH: it hardly holds water.' : 'Dry: it has no pH until it meets water.'}</SecondaryText>
    );
  }
  const { closed, fizzedOut, open } = acidity.pHViews;
  const differs = Math.max(closed, fizzedOut, open) - Math.min(closed, fizzedOut, open) > VIEWS_DIFFER_FROM;
  const fizzes = fizzedOut - closed > VIEWS_DIFFER_FROM;
  return (
    <View testID="ph">
      <View style={styles.pH}>
        <Figure>pH {pHText(pH.value)}</Figure>
        <Body>
          {pHWord(pH.value)}, between {pHText(pH.low)} and {pHText(pH.high)}
        </Body>
      </View>
      <PhScale value={pH.value} low={pH.low} high={pH.high} />
      {differs && (
        <SecondaryText>
          {fizzes ? `Fizzed out. While the gas is still in it ${pHText(closed)}; ` : 'Fresh. '}
          {`${fizzes ? 'stood' : 'Stood'} open for long, toward ${pHText(open)}.`}
        </SecondaryText>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  grid: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.xl, rowGap: SPACE.s },
  cell: { borderLeftWidth: 3, borderLeftColor: COLORS.line, paddingLeft: SPACE.s, minWidth: 120 },
  pH: { flexDirection: 'row', alignItems: 'baseline', flexWrap: 'wrap', columnGap: SPACE.m },
});
