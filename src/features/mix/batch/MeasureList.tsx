import { StyleSheet, View } from 'react-native';
import type { PouredLine, Settings } from '@/core';
import {
  Body,
  COLORS,
  Figure,
  Overline,
  SPACE,
  SecondaryText,
  errorText,
  massText,
  formatNumber,
  volumeText,
  capital,
} from '@/ui';

/** How a line is measured out, in the largest words: "½ cup + 1 tbsp", "12 drops". */
export function measureText(line: PouredLine, units: Settings['units']): string {
  if (line.drops !== null) return line.drops === 1 ? '1 drop' : `${line.drops} drops`;
  if (!line.measure) return line.form === 'powder' ? massText(line.massG, units) : volumeText(line.volumeML, units);
  return line.measure.measures.map((m) => (m.count === 1 ? m.name : `${m.count} × ${m.name}`)).join(' + ');
}

/** What a line is meant to be, in smaller words: "222 mL", "46 g". */
function intendedText(line: PouredLine, units: Settings['units']): string {
  const volume = volumeText(line.volumeML, units);
  return line.form === 'powder' ? `${massText(line.massG, units)} (${volume} by spoon, ±10 %)` : volume;
}

/** Lines in the order they go in, each as the person's own tools measure it. */
export function MeasureList({ lines, units }: { lines: readonly PouredLine[]; units: Settings['units'] }) {
  return (
    <View role="list" testID="measure-list">
      {lines.map((line, i) => (
        <View key={line.line.id} role="listitem" style={styles.line}>
          <Overline style={styles.number}>{i + 1}</Overline>
          <View style={styles.words}>
            <Figure>{capital(measureText(line, units))}</Figure>
            <Body style={styles.name}>{line.name}</Body>
            <SecondaryText>
              {intendedText(line, units)}
              {line.scaleG !== null && `, or ${massText(line.scaleG, units)} on the scale`}
              {`; rounding ${errorText(line.errorPercent)}`}
            </SecondaryText>
            <SecondaryText>{line.why}</SecondaryText>
            {line.measure && !line.measure.withinTolerance && (
              <SecondaryText style={styles.far}>
                The nearest your tools come. Pour to the mark at {formatNumber(line.levelML)} mL instead, or weigh{' '}
                {massText(line.massG, units)}.
              </SecondaryText>
            )}
          </View>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    gap: SPACE.m,
    paddingVertical: SPACE.s,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
  },
  number: { width: 24, paddingTop: 5, textAlign: 'right', fontSize: 16 },
  words: { flex: 1 },
  name: { fontWeight: '700' },
  far: { color: COLORS.caution },
});
