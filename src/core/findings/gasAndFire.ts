import { DANGEROUS_GAIN_BAR, gasML } from '../mixture/gas';
import { bringersOf, has, type MixtureState } from '../mixture/state';
import type { Raised } from './finding';
import type { Rule } from './rule';

/** What keeps yeast down, percent (common practice, no source). */
const NO_FERMENT = { alcoholPercentVV: 15, acidPercent: 2 } as const;
/** Less sugar than this does not build pressure, g per litre. */
const SUGAR_FROM_G_PER_L = 5;

/** Gas in mL that fermenting sugar can give: two carbon dioxides from each C6H12O6 (180.16 g/mol); 0 where nothing ferments. */
function fermentingML(state: MixtureState): number {
  const sugarG = state.traitG.fermentable ?? 0;
  const starts = has(state, 'ferment') || (state.grams['plant-matter'] ?? 0) > 0;
  if (!state.wet || !starts || state.volumeML <= 0 || sugarG / (state.volumeML / 1000) < SUGAR_FROM_G_PER_L) return 0;
  if (state.alcoholPercentVV >= NO_FERMENT.alcoholPercentVV) return 0;
  if (state.freeAcidPercentAsAcetic >= NO_FERMENT.acidPercent) return 0;
  return gasML((2 * sugarG) / 180.16);
}

export const pressure: Rule = {
  code: 'pressure',
  looksFor: 'gas in a closed bottle',
  sources: ['stoichiometry', 'henry-crc'],
  words: {
    happens: 'Closed up, {subjects} can burst the bottle: the gas adds {closedPressureBar} bar.',
    why: 'They give off {gasML} mL of gas, and more than 0.2 bar does not belong in a household bottle.',
    instead: 'Never cap it. Mix it in an open bowl and use it at once, or keep the two in separate bottles.',
  },
  otherWords: {
    ferments: {
      happens: 'Closed up, {subjects} ferments and can burst the bottle.',
      why: 'Sugar and what lives on plants make gas for weeks: up to {fermentGasML} mL from this much.',
      instead: 'Never cap it: a cloth over an open jar. Or pack the peel in vinegar or alcohol, which do not ferment.',
    },
    dry: {
      happens: 'Dry it keeps; once damp, {subjects} fizz, and a tight lid can fly off.',
      why: 'Acid and carbonate wait side by side for the first water.',
      instead: 'Keep it bone dry, in a jar whose lid can give, away from steam.',
    },
  },
  check: ({ state, scope }): Raised | null => {
    if (scope !== 'stored') return null;
    const subjects = [
      ...new Set([...bringersOf(state, 'acid'), ...bringersOf(state, 'peroxide'), ...bringersOf(state, 'carbonate')]),
    ];
    const gasML = state.carbonDioxideML + state.oxygenML;
    if (state.closedPressureBar > DANGEROUS_GAIN_BAR) {
      return { level: 'danger', subjects, figures: { gasML, closedPressureBar: state.closedPressureBar } };
    }
    const fermentGasML = fermentingML(state);
    if (fermentGasML > 0) {
      return {
        level: 'danger',
        subjects: [...new Set([...bringersOf(state, 'ferment'), ...bringersOf(state, 'fermentable')])],
        figures: { fermentGasML },
        as: 'ferments',
      };
    }
    return !state.holdsWater && has(state, 'acid') && has(state, 'carbonate')
      ? { level: 'caution', subjects, as: 'dry' }
      : null;
  },
};

/** GHS chapter 2.6: flammable liquids are those with a flash point up to 60 °C. */
export const FLAMMABLE_UP_TO_C = 60;
/** GHS: category 2 below 23 °C, category 3 from there to 60 °C. */
const CATEGORY_2_BELOW_C = 23;

export const flammableLiquid: Rule = {
  code: 'flammable-liquid',
  looksFor: 'what can catch fire',
  sources: ['ghs', 'flash-table-memory'],
  words: {
    happens:
      'At {alcoholPercentVV} % alcohol it can catch fire: its vapour lights from about {flashPointLowC} to {flashPointHighC} °C.',
    why: 'A flash point of 60 °C or below counts as a flammable liquid (GHS category {ghsCategory}).',
    instead:
      'Keep it and its spray from hobs, stoves, heaters, candles and pilot lights; air the room; let it dry before any heat.',
  },
  otherWords: {
    oil: {
      happens:
        'So much oil or solvent can catch fire: its vapour lights from about {flashPointLowC} to {flashPointHighC} °C.',
      why: 'A flash point of 60 °C or below counts as a flammable liquid (GHS category {ghsCategory}).',
      instead:
        'Keep it from flames and heat. Dry rags soaked in oil flat, outdoors: in a heap they can light by themselves.',
    },
  },
  check: ({ state, scope }) => {
    const flash = state.flashPointC;
    if (!flash || flash.low > FLAMMABLE_UP_TO_C || scope === 'drain') return null;
    const figures = {
      alcoholPercentVV: state.alcoholPercentVV,
      flashPointLowC: flash.low,
      flashPointHighC: flash.high,
      ghsCategory: flash.low < CATEGORY_2_BELOW_C ? 2 : 3,
    };
    const alcohols = bringersOf(state, 'alcohol');
    return alcohols.length > 0
      ? { level: 'caution', subjects: alcohols, figures }
      : {
          level: 'caution',
          subjects: [...new Set([...bringersOf(state, 'solvent'), ...bringersOf(state, 'essential-oil')])],
          figures,
          as: 'oil',
        };
  },
};
