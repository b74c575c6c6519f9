import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import type { GuideStep } from '../core';
import { scallopPath } from './scallop';
import { COLORS } from './theme';

const LINE = {
  stroke: COLORS.ink,
  strokeWidth: 3,
  fill: 'none',
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;
const FILL = { fill: COLORS.tape, stroke: COLORS.ink, strokeWidth: 3, strokeLinejoin: 'round' } as const;
const GREEN = { ...LINE, stroke: COLORS.action } as const;

/** The sign of each step of careful work, drawn for it; the words always stand beside it. */
export function StepSign({ of, size = 96 }: { of: GuideStep['key']; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 96 96" aria-hidden>
      <Path d={scallopPath(48, 48, 43, 20)} fill={COLORS.sheet} />
      {of === 'clear' && (
        <G>
          <Path d="M20 66H76" {...LINE} />
          <Path d="M24 66C30 46 66 46 72 66" {...FILL} />
          <Path d="M48 40V24M40 31L48 23L56 31" {...GREEN} />
        </G>
      )}
      {of === 'first' && (
        <G>
          <Path d="M62 20L42 50" {...LINE} />
          <Path d="M34 46L52 58L42 72L22 62Z" {...FILL} />
          <Circle cx={64} cy={66} r={2.5} fill={COLORS.ink} />
          <Circle cx={74} cy={60} r={2.5} fill={COLORS.ink} />
          <Circle cx={72} cy={71} r={2.5} fill={COLORS.ink} />
        </G>
      )}
      {of === 'make' && (
        <G>
          <Path d="M42 18H54M44 18V30L34 42V76H62V42L52 30V18" {...LINE} />
          <Rect x={36} y={54} width={24} height={20} {...FILL} />
        </G>
      )}
      {of === 'steam' && (
        <G>
          <Rect x={22} y={42} width={52} height={34} rx={3} {...FILL} />
          <Path d="M34 34C30 28 38 26 34 18M48 34C44 28 52 26 48 18M62 34C58 28 66 26 62 18" {...GREEN} />
          <Path d="M30 66H66" {...LINE} />
        </G>
      )}
      {of === 'cool' && (
        <G>
          <Rect x={22} y={26} width={40} height={46} rx={3} {...LINE} />
          <Path d="M62 26L76 34V80L62 72Z" {...FILL} />
          <Path d="M32 36V58M42 36V58M52 36V58M28 52L32 58L36 52M38 52L42 58L46 52M48 52L52 58L56 52" {...GREEN} />
        </G>
      )}
      {of === 'spot-test' && (
        <G>
          <Rect x={20} y={26} width={56} height={46} rx={3} {...FILL} />
          <Circle cx={62} cy={60} r={8} {...GREEN} strokeWidth={4} />
        </G>
      )}
      {of === 'apply' && (
        <G>
          <Path d="M22 42H38L44 50V76H22Z" {...FILL} />
          <Path d="M24 42V30H42L46 36" {...LINE} />
          <Path d="M54 32L66 26M54 37H70M54 42L66 48" {...GREEN} />
        </G>
      )}
      {of === 'dwell' && (
        <G>
          <Path d={scallopPath(48, 50, 24, 16)} {...FILL} />
          <Path d="M48 36V50L58 57" {...GREEN} strokeWidth={4} />
        </G>
      )}
      {of === 'agitate' && (
        <G>
          <Path d="M22 30H50V40H22Z" {...FILL} />
          <Path d="M26 40V48M32 40V48M38 40V48M44 40V48" {...LINE} />
          <Path d="M24 62C34 54 38 70 48 62S62 54 72 62M24 74C34 66 38 82 48 74S62 66 72 74" {...GREEN} />
        </G>
      )}
      {of === 'lift-off' && (
        <G>
          <Path d="M20 70H76" {...LINE} />
          <Path d="M30 66L54 40L64 50L40 70Z" {...FILL} />
          <Path d="M60 44L74 28" {...LINE} strokeWidth={5} />
        </G>
      )}
      {of === 'rinse' && (
        <G>
          <Path d="M24 30H52C60 30 62 36 62 42" {...LINE} strokeWidth={6} />
          <Path d="M62 50C56 60 54 64 54 68A8 8 0 0 0 70 68C70 64 68 60 62 50Z" {...GREEN} fill={COLORS.actionTint} />
        </G>
      )}
      {of === 'dry' && (
        <G>
          <Path d="M24 28H72V58C66 54 60 62 54 58S42 62 36 58S28 60 24 58Z" {...FILL} />
          <Path d="M30 72A18 8 0 0 1 66 72M60 66L67 72L59 77" {...GREEN} />
        </G>
      )}
      {of === 'inspect' && (
        <G>
          <Path d="M18 48C28 32 68 32 78 48C68 64 28 64 18 48Z" {...FILL} />
          <Circle cx={48} cy={48} r={9} {...GREEN} strokeWidth={4} />
        </G>
      )}
      {of === 'step-up' && <Path d="M22 72H38V58H54V44H70V30M60 34L70 24L80 34" {...GREEN} strokeWidth={4} />}
    </Svg>
  );
}
