import { STRENGTH_NAMES, strengthsOf } from '../evaluation/strengths';
import { formulaText } from '../formula/card';
import type { Formula } from '../formula/formula';
import type { MixtureState } from '../mixture/state';
import type { Used } from './logEntry';

const rounded = (value: number): number => Number(value.toPrecision(2));

/** The strengths of a mixture in a line: "acetic acid 1 % w/v, alcohol 23 % v/v". */
export const strengthLine = (state: MixtureState): string =>
  strengthsOf(state)
    .map((s) => `${STRENGTH_NAMES[s.key]} ${rounded(s.value)} ${s.unit}`)
    .join(', ');

/** A formula as the log keeps it: as it is now, whatever becomes of it. */
export const usedFormula = (formula: Formula, state: MixtureState): Used => ({
  kind: 'formula',
  id: formula.id,
  name: formula.name,
  use: formula.use,
  card: formulaText(formula),
  strength: strengthLine(state),
});
