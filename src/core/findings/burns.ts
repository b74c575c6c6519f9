import { bringersOf, has } from '../mixture/state';
import type { Rule } from './rule';

/** Strong acids and alkalis by strength: limits from `safety` labels and data sheets, from memory. */
const ACETIC_CAUTION = 10;
const ACETIC_DANGER = 25;
const CITRIC_CAUTION = 20;
const SODA_CAUTION = 5;
const AMMONIA_CAUTION = 1;

export const corrosiveAcid: Rule = {
  code: 'corrosive-acid',
  looksFor: 'acid strong enough to burn',
  sources: ['sds-memory'],
  words: {
    happens: 'This is strong acid: {subjects} at {acidPercent} % stings and can burn skin and eyes.',
    why: 'Acetic acid over 10 % or citric over 20 % irritates; from 25 % it burns.',
    instead: 'Thin it: 5 % does the work on scale. Gloves and eye protection for the strong stuff; acid into water.',
  },
  otherWords: {
    mineral: {
      happens: '{subjects} holds a strong mineral acid: it burns skin and eyes.',
      why: 'Its maker has set strength and cautions for use as it is.',
      instead: 'Use it alone, as its label says, or citric acid instead.',
    },
  },
  check: ({ state, formula }) => {
    const mineral = state.brought.filter((b) =>
      b.substances.some((s) => s === 'hydrogen-chloride' || s === 'sulfamic-acid'),
    );
    if (formula && mineral.length > 0) {
      return { level: 'danger', subjects: mineral.map((b) => b.ingredient.name), as: 'mineral' };
    }
    if (!state.wet) return null;
    const { aceticAcidPercentWV: acetic, citricAcidPercentWV: citric } = state;
    if (acetic <= ACETIC_CAUTION && citric <= CITRIC_CAUTION) return null;
    return {
      level: acetic >= ACETIC_DANGER || citric >= ACETIC_DANGER ? 'danger' : 'caution',
      subjects: bringersOf(state, 'acid'),
      figures: { acidPercent: Math.max(acetic, citric) },
    };
  },
};

export const corrosiveAlkali: Rule = {
  code: 'corrosive-alkali',
  looksFor: 'alkali strong enough to burn',
  sources: ['sds-memory'],
  words: {
    happens: 'Strong alkali: washing soda at {sodiumCarbonatePercentWV} % stings skin and eyes.',
    why: 'Over 5 % its pH is above 11.',
    instead: 'Gloves, and a tablespoon or two to the litre is enough.',
  },
  otherWords: {
    lye: {
      happens: '{subjects} is lye: it eats skin and blinds eyes.',
      why: 'Sodium hydroxide stays fully alkaline at any household strength.',
      instead: 'Use the bought product alone, as its label says, or washing soda instead.',
    },
  },
  check: ({ state, formula }) => {
    // The trace of lye that keeps bleach stable is the bleach rules' affair.
    const lye = state.brought.filter(
      (b) => b.substances.includes('sodium-hydroxide') && !b.substances.includes('sodium-hypochlorite'),
    );
    if (formula && lye.length > 0) return { level: 'danger', subjects: lye.map((b) => b.ingredient.name), as: 'lye' };
    return state.wet && state.sodiumCarbonatePercentWV > SODA_CAUTION
      ? {
          level: 'caution',
          subjects: bringersOf(state, 'alkali'),
          figures: { sodiumCarbonatePercentWV: state.sodiumCarbonatePercentWV },
        }
      : null;
  },
};

export const ammoniaFumes: Rule = {
  code: 'ammonia-fumes',
  looksFor: 'ammonia fumes',
  sources: ['sds-memory'],
  words: {
    happens: 'Ammonia at {ammoniaPercentWW} % gives off fumes that sting eyes and nose.',
    why: 'Above about 1 % free ammonia the air above it is hard to breathe in a small room.',
    instead: 'Open a window, wear gloves, and thin it well.',
  },
  check: ({ state }) =>
    has(state, 'ammonia-source') && state.ammoniaPercentWW > AMMONIA_CAUTION
      ? {
          level: 'caution',
          subjects: bringersOf(state, 'ammonia-source'),
          figures: { ammoniaPercentWW: state.ammoniaPercentWW },
        }
      : null,
};
