import { StyleSheet, View } from 'react-native';
import type { Evaluation } from '@/core';
import { COLORS, Figure, Heading, Kind, Part, readable, SPACE, Soft } from '@/ui';

/** What the finished mixture is, in numbers: only those that apply. */
export function Strengths({ evaluation, fillML }: { evaluation: Evaluation; fillML: number }) {
  const { state } = evaluation;
  // Gas and leftovers grow with the amount: shown for what is in the bottle.
  const times = fillML / state.volumeML;
  const all: readonly (readonly [string, number, string])[] = [
    ['Acetic acid', state.aceticAcidPercentWV, '% w/v'],
    ['Citric acid', state.citricAcidPercentWV, '% w/v'],
    ['Peroxide', state.hydrogenPeroxidePercentWV, '% w/v'],
    ['Alcohol', state.alcoholPercentVV, '% v/v'],
    ['Soap', state.soapGPerL, 'g/L'],
    ['Dish soap', state.surfactantGPerL, 'g/L'],
    ['Essential oil', state.essentialOilPercentVV, '% v/v'],
    ['Gas it can give', times * (state.carbonDioxideML + state.oxygenML), 'mL'],
    ['Left undissolved', times * state.undissolvedG, 'g'],
  ];
  const shown = all.filter(([, value]) => value >= 0.005);
  return (
    <Part>
      <Heading>What it is</Heading>
      <View style={styles.grid}>
        {shown.map(([name, value, unit]) => (
          <View key={name} style={styles.cell}>
            <Kind>{name}</Kind>
            <Figure>
              {readable(value)} <Soft>{unit}</Soft>
            </Figure>
          </View>
        ))}
        <View style={styles.cell}>
          <Kind>pH</Kind>
          <Soft>not worked out yet</Soft>
        </View>
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  grid: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.xl, rowGap: SPACE.s },
  cell: { borderLeftWidth: 3, borderLeftColor: COLORS.line, paddingLeft: SPACE.s, minWidth: 120 },
});
