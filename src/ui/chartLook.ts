import { COLORS, FAMILY } from './theme';

/** How charts look: on a sheet, in ink. @param lines the colour of what runs across behind them */
export const chartLook = (lines: string) => ({
  backgroundGradientFrom: COLORS.sheet,
  backgroundGradientTo: COLORS.sheet,
  decimalPlaces: 2,
  color: () => COLORS.ink,
  labelColor: () => COLORS.inkSoft,
  propsForLabels: { fontFamily: FAMILY.body, fontSize: 14 },
  propsForBackgroundLines: { stroke: lines, strokeDasharray: '' },
});
