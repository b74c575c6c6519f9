import { StyleSheet, View } from 'react-native';
import { LineChart, StackedBarChart } from 'react-native-chart-kit';
import type { MonthMoney, YearMoney } from '@/core/doors/money';
import { Body, chartLook, COLORS, moneyText, SPACE } from '@/ui';
import { monthName, shortMonth } from './monthWords';

const HEIGHT = 220;

/** So many rooms have a colour of their own; the rest share the last. */
const BARS = [COLORS.action, '#C08A2B', COLORS.defeats, '#4F7E92', COLORS.lineStrong] as const;

const colorOf = (room: number): string => BARS[Math.min(room, BARS.length - 1)] ?? COLORS.lineStrong;

/** Names under every bar would run into one another where there are many. */
const CROWDED_ABOVE = 6;
const labelsOf = (months: readonly string[]): string[] =>
  months.map((m, i) => (months.length > CROWDED_ABOVE && (months.length - 1 - i) % 2 === 1 ? '' : shortMonth(m)));

interface MonthsProps {
  readonly months: readonly MonthMoney[];
  readonly rooms: readonly string[];
  readonly currency: string;
  readonly width: number;
}

/** What was used, month by month, a colour for each room; the table beside it says the same. */
export function MonthsChart({ months, rooms, currency, width }: MonthsProps) {
  const words = months.map((m) => `${monthName(m.month)} ${moneyText(m.money, currency)}`).join(', ');
  return (
    <View
      role="img"
      aria-label={`Chart: what was used, by month. ${words}.`}
      style={styles.chart}
      testID="months-chart"
    >
      <View aria-hidden>
        <StackedBarChart
          data={{
            labels: labelsOf(months.map((m) => m.month)),
            legend: [],
            data: months.map((m) => rooms.map((room) => m.rooms.find((r) => r.room === room)?.money ?? 0)),
            barColors: rooms.map((_, i) => colorOf(i)),
          }}
          width={width}
          height={HEIGHT}
          hideLegend
          segments={3}
          decimalPlaces={2}
          formatYLabel={(y) => moneyText(Number(y), currency)}
          // Its lines would run through the figures at the left.
          chartConfig={{ ...chartLook('transparent'), barPercentage: Math.min(1, 5 / months.length) }}
          style={styles.drawing}
        />
      </View>
      <View style={styles.key}>
        {rooms.map((room, i) => (
          <View key={room} style={styles.named}>
            <View style={[styles.swatch, { backgroundColor: colorOf(i) }]} />
            <Body>{room}</Body>
          </View>
        ))}
      </View>
    </View>
  );
}

interface SoFarProps {
  readonly soFar: YearMoney['soFar'];
  readonly currency: string;
  readonly width: number;
}

/** How what was spared adds up through the year. */
export function SoFarChart({ soFar, currency, width }: SoFarProps) {
  const words = soFar.map((m) => `${monthName(m.month)} ${moneyText(m.money, currency)}`).join(', ');
  return (
    <View role="img" aria-label={`Chart: spared so far. ${words}.`} style={styles.chart} testID="so-far-chart">
      <View aria-hidden>
        <LineChart
          data={{
            labels: labelsOf(soFar.map((m) => m.month)),
            datasets: [{ data: soFar.map((m) => m.money), strokeWidth: 3, color: () => COLORS.action }],
          }}
          width={width}
          height={HEIGHT}
          withDots={false}
          withShadow={false}
          withVerticalLines={false}
          fromZero
          segments={3}
          formatYLabel={(y) => moneyText(Number(y), currency)}
          chartConfig={chartLook(COLORS.line)}
          style={styles.drawing}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  chart: { gap: SPACE.s },
  drawing: { borderRadius: 10 },
  key: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  named: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  swatch: { width: 18, height: 18, borderRadius: 4 },
});
