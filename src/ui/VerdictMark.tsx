import Svg, { Circle, ClipPath, Defs, G, Path } from 'react-native-svg';
import type { Level } from '../core';
import { scallopPath } from './scallop';
import { COLORS } from './theme';

/** The word each level is written out as. */
export const LEVEL_WORD: Record<Level, string> = {
  danger: 'Danger',
  defeats: 'Cancels out',
  caution: 'Take care',
  clear: 'Clear',
};

export const LEVEL_INK: Record<Level, string> = {
  danger: COLORS.danger,
  defeats: COLORS.defeats,
  caution: COLORS.caution,
  clear: COLORS.clear,
};

export const LEVEL_TINT: Record<Level, string> = {
  danger: COLORS.dangerTint,
  defeats: COLORS.defeatsTint,
  caution: COLORS.cautionTint,
  clear: COLORS.clearTint,
};

/**
 * The mark of a level, drawn from one biscuit: whole (clear), bitten (take care), in two halves that
 * part (cancels out), broken through and barred (danger). The word always stands beside it.
 */
export function VerdictMark({ level, size = 40 }: { level: Level; size?: number }) {
  const ink = LEVEL_INK[level];
  return (
    <Svg width={size} height={size} viewBox="0 0 48 48" aria-hidden>
      {level === 'clear' && (
        <G>
          <Path d={scallopPath(24, 24, 18, 14)} fill={ink} />
          <Path
            d="M15 25l6 6 12-13"
            stroke={COLORS.sheet}
            strokeWidth={4}
            fill="none"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        </G>
      )}
      {level === 'caution' && (
        <G>
          <Defs>
            <ClipPath id="bitten">
              <Path clipRule="evenodd" d="M0 0H48V48H0ZM29 9a11 11 0 1 0 22 0a11 11 0 1 0 -22 0Z" />
            </ClipPath>
          </Defs>
          <Path d={scallopPath(24, 24, 18, 14)} fill={ink} clipPath="url(#bitten)" />
          {[
            [17, 20],
            [24, 31],
            [15, 31],
            [30, 23],
          ].map(([x, y]) => (
            <Circle key={`${x}-${y}`} cx={x} cy={y} r={2.4} fill={COLORS.sheet} />
          ))}
        </G>
      )}
      {level === 'defeats' && (
        <G>
          <Path d="M21 5a19 19 0 0 0 0 38l-3-9 4-8-5-9z" fill={ink} transform="rotate(-9 18 24)" />
          <Path d="M27 5a19 19 0 0 1 0 38l-3-9 4-8-5-9z" fill={ink} transform="rotate(9 30 24)" />
        </G>
      )}
      {level === 'danger' && (
        <G>
          <Path d={scallopPath(24, 24, 19, 14)} fill={ink} />
          <Path d="M9 15L39 33" stroke={COLORS.sheet} strokeWidth={6} strokeLinecap="round" />
          <Path d="M39 15L9 33" stroke={COLORS.sheet} strokeWidth={6} strokeLinecap="round" />
        </G>
      )}
    </Svg>
  );
}
