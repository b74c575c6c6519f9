import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { COLORS, FAMILY } from './theme';

interface Props {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

const HEIGHT = 58;
const BAR_TOP = 18;
const BAR = 16;
const MAX_PH = 14;
/** The bar is drawn in steps of one, from sour through plain to alkaline: light tints, the words carry it. */
const TINTS = [
  '#E9B8A6',
  '#EDC3AF',
  '#F0CFB9',
  '#F1D9C3',
  '#F0E1CB',
  '#EEE6D2',
  '#EAE8D6',
  '#E1E6D6',
  '#D5E0D4',
  '#C8D9D2',
  '#BBD1CF',
  '#AFC8CB',
  '#A3BFC7',
  '#98B5C2',
];

/** In a word, what a pH is like. */
export function pHWord(pH: number): string {
  if (pH < 2) return 'very sour';
  if (pH < 4.5) return 'sour';
  if (pH < 6.3) return 'slightly sour';
  if (pH <= 7.8) return 'about neutral';
  if (pH <= 9.5) return 'mildly alkaline';
  if (pH <= 11.5) return 'alkaline';
  return 'strongly alkaline';
}

/** A strip from 0 to 14 with the mixture's pH marked, and the band in which it lies. */
export function PhScale({ value, low, high }: Props) {
  const [width, setWidth] = useState(0);
  const x = (pH: number): number => (Math.min(MAX_PH, Math.max(0, pH)) / MAX_PH) * (width - 2) + 1;
  const label = `pH ${value.toFixed(1)}, ${pHWord(value)}, between ${low.toFixed(1)} and ${high.toFixed(1)}`;
  return (
    <View
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={styles.scale}
      role="img"
      aria-label={label}
      testID="ph-scale"
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT} aria-hidden>
          {TINTS.map((tint, i) => (
            <Rect key={tint} x={x(i)} y={BAR_TOP} width={x(i + 1) - x(i)} height={BAR} fill={tint} />
          ))}
          <Rect
            x={1}
            y={BAR_TOP}
            width={width - 2}
            height={BAR}
            fill="none"
            stroke={COLORS.lineStrong}
            strokeWidth={1}
          />
          <Rect
            x={x(low)}
            y={BAR_TOP - 3}
            width={Math.max(4, x(high) - x(low))}
            height={BAR + 6}
            fill="none"
            stroke={COLORS.ink}
            strokeWidth={2}
            rx={3}
          />
          <Path d={`M ${x(value)} ${BAR_TOP - 4} l -7 -11 h 14 z`} fill={COLORS.ink} />
          <Line
            x1={x(value)}
            x2={x(value)}
            y1={BAR_TOP - 4}
            y2={BAR_TOP + BAR + 3}
            stroke={COLORS.ink}
            strokeWidth={2}
          />
          {[0, 7, 14].map((pH) => (
            <SvgText
              key={pH}
              x={x(pH)}
              y={HEIGHT - 4}
              fontFamily={FAMILY.body}
              fontSize={14}
              fill={COLORS.inkSoft}
              textAnchor={pH === 0 ? 'start' : pH === 14 ? 'end' : 'middle'}
            >
              {pH === 0 ? '0 sour' : pH === 7 ? '7' : 'alkaline 14'}
            </SvgText>
          ))}
        </Svg>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ scale: { width: '100%', minHeight: HEIGHT } });
