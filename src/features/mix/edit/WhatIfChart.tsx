import { StyleSheet, View } from 'react-native';
import { LineChart } from 'react-native-chart-kit';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { Level } from '@/core';
import { Body, chartLook, COLORS, FAMILY, LEVEL_TINT, LEVEL_WORD, formatNumber, SPACE } from '@/ui';

interface Point {
  readonly amount: number;
  readonly value: number;
  readonly verdict: Level;
}

interface Props {
  readonly points: readonly Point[];
  /** The amount as it stands in the formula, and the one under the thumb. */
  readonly present: number;
  readonly chosen: number;
  readonly width: number;
  /** What is drawn, for those who do not see it. */
  readonly label: string;
}

const HEIGHT = 240;
const LEFT = 52;
const TOP = 16;
/** The chart keeps this share of its height for what it draws, the rest for what stands below. */
const DRAWN = 0.75;
/** Every so many points have their amount below them. */
const LABEL_EVERY = 6;

/** Stretches of one verdict: from and to, as places among the points. */
function stretches(points: readonly Point[]): { verdict: Level; from: number; to: number }[] {
  const found: { verdict: Level; from: number; to: number }[] = [];
  points.forEach((point, i) => {
    const last = found.at(-1);
    if (last?.verdict === point.verdict) last.to = i;
    else found.push({ verdict: point.verdict, from: i, to: i });
  });
  return found;
}

/** How one figure moves with the amount of one line: each stretch of a verdict shaded and named, the present amount marked. */
export default function WhatIfChart({ points, present, chosen, width, label }: Props) {
  const step = (width - LEFT) / points.length;
  const x = (place: number): number => LEFT + place * step;
  const most = points.at(-1)?.amount ?? 1;
  const placeOf = (amount: number): number => (amount / most) * (points.length - 1);
  const bottom = HEIGHT * DRAWN + TOP;
  const bands = stretches(points);
  const behind = bands.filter((b) => b.verdict !== 'clear');
  const words = bands.map(
    (b) =>
      `${LEVEL_WORD[b.verdict]} from ${formatNumber(points[b.from]?.amount ?? 0)} to ${formatNumber(points[b.to]?.amount ?? 0)}`,
  );
  return (
    <View style={styles.chart} role="img" aria-label={`Chart: ${label}. ${words.join('; ')}.`} testID="what-if-chart">
      <View aria-hidden>
        <Svg width={width} height={HEIGHT} style={styles.behind}>
          <Rect width={width} height={HEIGHT} rx={10} fill={COLORS.sheet} />
          {behind.map((band) => (
            <Rect
              key={`${band.verdict}-${band.from}`}
              x={x(Math.max(0, band.from - 0.5))}
              y={TOP}
              width={x(Math.min(points.length - 1, band.to + 0.5)) - x(Math.max(0, band.from - 0.5))}
              height={bottom - TOP}
              fill={LEVEL_TINT[band.verdict]}
              opacity={0.75}
            />
          ))}
        </Svg>
        <LineChart
          transparent
          data={{
            labels: points.map((p, i) => (i % LABEL_EVERY === 0 ? formatNumber(p.amount) : '')),
            datasets: [{ data: points.map((p) => p.value), strokeWidth: 3, color: () => COLORS.ink }],
          }}
          width={width}
          height={HEIGHT}
          withDots={false}
          withShadow={false}
          withVerticalLines={false}
          segments={3}
          formatYLabel={(y) => formatNumber(Number(y))}
          chartConfig={chartLook(COLORS.line)}
          style={styles.drawing}
          decorator={() => (
            <G>
              <Line
                x1={x(placeOf(present))}
                x2={x(placeOf(present))}
                y1={TOP}
                y2={bottom}
                stroke={COLORS.lineStrong}
                strokeWidth={2}
                strokeDasharray="4 4"
              />
              <SvgText
                x={x(placeOf(present)) + 5}
                y={TOP + 14}
                fontFamily={FAMILY.body}
                fontSize={14}
                fill={COLORS.ink}
              >
                now
              </SvgText>
              <Line
                x1={x(placeOf(chosen))}
                x2={x(placeOf(chosen))}
                y1={TOP}
                y2={bottom}
                stroke={COLORS.action}
                strokeWidth={2.5}
              />
            </G>
          )}
        />
      </View>
      <View style={styles.key}>
        {[...new Set(bands.map((b) => b.verdict))].map((verdict) => (
          <View key={verdict} style={styles.named}>
            <View style={[styles.swatch, { backgroundColor: LEVEL_TINT[verdict] }]} />
            <Body>{LEVEL_WORD[verdict]}</Body>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  chart: { gap: SPACE.s },
  behind: { position: 'absolute', top: 0, left: 0 },
  drawing: { borderRadius: 10 },
  key: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  named: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  swatch: { width: 22, height: 22, borderRadius: 4, borderWidth: 1, borderColor: COLORS.lineStrong },
});
