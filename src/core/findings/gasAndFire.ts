import { DANGEROUS_GAIN_BAR } from '../mixture/gas';
import { bringersOf, has } from '../mixture/state';
import type { Rule } from './rule';

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
    dry: {
      happens: 'Dry it keeps; once damp, {subjects} fizz, and a tight lid can fly off.',
      why: 'Acid and carbonate wait side by side for the first water.',
      instead: 'Keep it bone dry, in a jar whose lid can give, away from steam.',
    },
  },
  check: ({ state, scope }) => {
    if (scope !== 'stored') return null;
    const subjects = [
      ...new Set([...bringersOf(state, 'acid'), ...bringersOf(state, 'peroxide'), ...bringersOf(state, 'carbonate')]),
    ];
    const gasML = state.carbonDioxideML + state.oxygenML;
    if (state.closedPressureBar > DANGEROUS_GAIN_BAR) {
      return { level: 'danger', subjects, figures: { gasML, closedPressureBar: state.closedPressureBar } };
    }
    return !state.wet && has(state, 'acid') && has(state, 'carbonate')
      ? { level: 'caution', subjects, as: 'dry' }
      : null;
  },
};

/** GHS chapter 2.6: flammable liquids are those with a flash point up to 60 °C. */
const FLAMMABLE_UP_TO_C = 60;

export const flammableLiquid: Rule = {
  code: 'flammable-liquid',
  looksFor: 'alcohol that can catch fire',
  sources: ['ghs', 'flash-table-memory'],
  words: {
    happens:
      'At {alcoholPercentVV} % alcohol it can catch fire: its vapour lights from about {flashPointLowC} to {flashPointHighC} °C.',
    why: 'A flash point of 60 °C or below counts as a flammable liquid.',
    instead:
      'Keep it and its spray from hobs, stoves, heaters, candles and pilot lights; air the room; let it dry before any heat.',
  },
  check: ({ state, scope }) => {
    const flash = state.flashPointC;
    if (!flash || flash.low > FLAMMABLE_UP_TO_C || scope === 'drain') return null;
    return {
      level: 'caution',
      subjects: bringersOf(state, 'alcohol'),
      figures: { alcoholPercentVV: state.alcoholPercentVV, flashPointLowC: flash.low, flashPointHighC: flash.high },
    };
  },
};
