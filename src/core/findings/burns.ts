import { bringersOf, has } from '../mixture/state';
import { isOver, reaches } from '../quantity/limit';
import type { Rule } from './rule';

/** Strong acids and alkalis by strength: limits from `safety` labels and data sheets, from memory. */
const ACETIC_CAUTION = 10;
const ACETIC_DANGER = 25;
const CITRIC_CAUTION = 20;
const SODA_CAUTION = 5;
const ALKALI_CAUTION_PH = 11.5;
/** Washing soda that acid has used up is no longer strong. */
const SODA_STILL_STRONG_PH = 10;
const AMMONIA_CAUTION = 1;
/** Rooms that do not air by themselves. */
const SMALL_ROOM = /\b(?:small|closed|windowless|tiny) (?:bath|shower|wash|wet)? ?room\b|\bcupboard\b|\bcabin\b/;

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
    const mineral = bringersOf(state, 'mineral-acid');
    if (formula && mineral.length > 0) {
      return { level: 'danger', subjects: mineral, as: 'mineral' };
    }
    if (!state.wet) return null;
    // What alkali has used up no longer burns.
    const { acidLeftMol, neutralisedMol } = state.balance;
    const left = acidLeftMol > 0 ? acidLeftMol / (acidLeftMol + neutralisedMol) : 0;
    const acetic = left * state.aceticAcidPercentWV;
    const citric = left * state.citricAcidPercentWV;
    if (!isOver(acetic, ACETIC_CAUTION) && !isOver(citric, CITRIC_CAUTION)) return null;
    return {
      level: reaches(acetic, ACETIC_DANGER) || reaches(citric, ACETIC_DANGER) ? 'danger' : 'caution',
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
    happens: 'Strong alkali of pH {pH}: it stings skin and eyes.',
    why: 'Over pH 11.5, or with more than 5 % of washing soda (here {sodiumCarbonatePercentWV} %), alkali takes the fat out of skin.',
    instead: 'Gloves and eye protection; a tablespoon or two of washing soda to the litre is enough.',
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
    const bleaches = bringersOf(state, 'hypochlorite');
    const lye = bringersOf(state, 'lye').filter((name) => !bleaches.includes(name));
    if (formula && lye.length > 0) return { level: 'danger', subjects: lye, as: 'lye' };
    if (!state.wet || has(state, 'hypochlorite')) return null;
    const pH = state.pH?.value ?? 7;
    return pH > ALKALI_CAUTION_PH || (isOver(state.sodiumCarbonatePercentWV, SODA_CAUTION) && pH > SODA_STILL_STRONG_PH)
      ? {
          level: 'caution',
          subjects: bringersOf(state, 'alkali'),
          figures: { pH, sodiumCarbonatePercentWV: state.sodiumCarbonatePercentWV },
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
  otherWords: {
    small: {
      happens: 'Ammonia at {ammoniaPercentWW} % in a small closed room takes the breath away.',
      why: 'Above about 1 % free ammonia its fumes gather faster than a closed room airs.',
      instead: 'Not in a closed room. Window and door open, or another cleaner.',
    },
  },
  check: ({ state, words }) => {
    if (!has(state, 'ammonia-source') || !isOver(state.ammoniaPercentWW, AMMONIA_CAUTION)) return null;
    const small = SMALL_ROOM.test(words);
    return {
      level: small || has(state, 'hypochlorite') ? 'danger' : 'caution',
      subjects: bringersOf(state, 'ammonia-source'),
      figures: { ammoniaPercentWW: state.ammoniaPercentWW },
      ...(small ? { as: 'small' } : {}),
    };
  },
};

export const violentHeat: Rule = {
  code: 'violent-heat',
  looksFor: 'strong acid meeting lye',
  sources: ['public-health-never-mix', 'noaa-memory'],
  words: {
    happens: '{subjects} together boil up and spit: they burn skin, eyes and pipes.',
    why: 'A mineral acid and lye give off heat faster than water can carry it away.',
    instead:
      'One product alone, as its label says. After one has failed in a drain, call a plumber and say what is in it.',
  },
  check: ({ state, scope }) => {
    if (scope === 'air') return null;
    const acids = bringersOf(state, 'mineral-acid');
    const lyes = bringersOf(state, 'lye');
    return acids.length > 0 && lyes.length > 0 && !has(state, 'hypochlorite')
      ? { level: 'danger', subjects: [...new Set([...acids, ...lyes])] }
      : null;
  },
};
