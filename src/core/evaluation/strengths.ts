import type { MixtureState } from '../mixture/state';
import { isAtLeast, exceeds } from '../quantity/limit';

/** What a strength is of, as it is called within a sentence. */
export const STRENGTH_NAMES = {
  acetic: 'acetic acid',
  citric: 'citric acid',
  peroxide: 'peroxide',
  alcohol: 'alcohol',
  soap: 'soap',
  surfactant: 'dish soap',
  'washing-soda': 'washing soda',
  'essential-oil': 'essential oil',
} as const;

export type StrengthKey = keyof typeof STRENGTH_NAMES;

/** One strength of a mixture in the unit the trade gives it in. */
export interface MixtureStrength {
  readonly key: StrengthKey;
  readonly value: number;
  readonly unit: '% w/v' | '% v/v' | 'g/L';
}

/** Less than this is not worth a word, in the strength's own unit. */
const MIN_SHIFT_RATIO = 0.005;

/** The strengths of a mixture that matter to what it does; those that it has none of are left out. */
export function strengthsOf(state: MixtureState): MixtureStrength[] {
  const all: readonly MixtureStrength[] = [
    { key: 'acetic', value: state.aceticAcidPercentWV, unit: '% w/v' },
    { key: 'citric', value: state.citricAcidPercentWV, unit: '% w/v' },
    { key: 'peroxide', value: state.hydrogenPeroxidePercentWV, unit: '% w/v' },
    { key: 'alcohol', value: state.alcoholPercentVV, unit: '% v/v' },
    { key: 'soap', value: state.soapGPerL, unit: 'g/L' },
    { key: 'surfactant', value: state.surfactantGPerL, unit: 'g/L' },
    { key: 'washing-soda', value: state.sodiumCarbonatePercentWV, unit: '% w/v' },
    { key: 'essential-oil', value: state.essentialOilPercentVV, unit: '% v/v' },
  ];
  return all.filter((s) => isAtLeast(s.value, MIN_SHIFT_RATIO));
}

/** How a strength moved from one mixture to another. */
export interface StrengthShift {
  readonly key: StrengthKey;
  readonly unit: MixtureStrength['unit'];
  readonly from: number;
  readonly to: number;
  /** Percent of `from`; null where there was none before. */
  readonly changePercent: number | null;
}

/** Every strength that either mixture has, before and after. */
export function strengthShifts(from: MixtureState, to: MixtureState): StrengthShift[] {
  const before = strengthsOf(from);
  const after = strengthsOf(to);
  const keys = [...new Set([...before, ...after].map((s) => s.key))];
  return keys.map((key) => {
    const a = before.find((s) => s.key === key);
    const b = after.find((s) => s.key === key);
    const unit = (a ?? b)?.unit ?? 'g/L';
    const was = a?.value ?? 0;
    const is = b?.value ?? 0;
    return { key, unit, from: was, to: is, changePercent: was > 0 ? (100 * (is - was)) / was : null };
  });
}

/** A strength that moves by more than this is worth a warning, percent. */
export const REPORT_SHIFT_ABOVE_PERCENT = 5;

/** The strengths that moved by more than {@link REPORT_SHIFT_ABOVE_PERCENT}. */
export const notableShifts = (from: MixtureState, to: MixtureState): StrengthShift[] =>
  strengthShifts(from, to).filter(
    (s) => s.changePercent === null || exceeds(Math.abs(s.changePercent), REPORT_SHIFT_ABOVE_PERCENT),
  );
