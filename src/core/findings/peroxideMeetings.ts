import { bringersOf, has } from '../mixture/state';
import { isOver } from '../quantity/limit';
import type { Rule } from './rule';

/** Below this nothing is called peroxide, percent w/v: a trace. */
const TRACE_PERCENT = 0.01;

export const peraceticAcid: Rule = {
  code: 'peracetic-acid',
  looksFor: 'peroxide with vinegar or citric acid',
  sources: ['acgih-memory', 'public-health-never-mix', 'crc-memory'],
  words: {
    happens: '{subjects} in one bottle form peracetic acid or its like: it burns skin, eyes and lungs.',
    why: 'Left together they tend toward up to {peraceticAcidMaxPPM} ppm of it; its vapour irritates from 0.4 ppm in air.',
    instead: 'Keep them in two bottles. Use one, wipe and rinse, then the other.',
  },
  otherWords: {
    citric: {
      happens: '{subjects} in one bottle form a peroxy acid: it burns skin, eyes and lungs.',
      why: 'Carboxylic acids and peroxide make peroxy acids in each other’s company; how much is not known well enough to give a number.',
      instead: 'Keep them in two bottles. Use one, wipe and rinse, then the other.',
    },
    sequence: {
      happens: '{subjects} meet on the surface and form a little of a stinging peroxy acid.',
      why: 'What the first leaves behind reacts with the second.',
      instead: 'Wipe and rinse with water between the two.',
    },
  },
  check: ({ state, scope }) => {
    // Acid enough: where alkali takes all of it, wet now or once a dry mix is wetted, none is left to react.
    const acidLeft = state.balanceOnceWet.acidLeftMol > 0;
    if (!has(state, 'carboxylic-acid') || state.hydrogenPeroxidePercentWV < TRACE_PERCENT || !acidLeft) return null;
    const subjects = [...bringersOf(state, 'peroxide'), ...bringersOf(state, 'carboxylic-acid')];
    const figures = { peraceticAcidMaxPPM: state.peraceticAcidMaxPPM };
    if (scope === 'sequence') return { level: 'caution', subjects, figures, as: 'sequence' };
    if (scope === 'air' || scope === 'drain') return null;
    return { level: 'danger', subjects, figures, ...(state.peraceticAcidMaxPPM > 0 ? {} : { as: 'citric' }) };
  },
};

export const unstablePeroxide: Rule = {
  code: 'unstable-peroxide',
  looksFor: 'peroxide made alkaline, or with metal salts',
  sources: ['sds-memory', 'stoichiometry'],
  words: {
    happens: '{subjects} cannot be kept: the peroxide breaks up into oxygen and water, and pushes at the cap.',
    why: 'Alkali (over pH 8; here {pH}) and metals break peroxide up within hours to days; {oxygenML} mL of oxygen can come from this much.',
    instead: 'Make only what you use now, in an open bowl, and pour the rest away. Never cap it.',
  },
  check: ({ state, scope }) => {
    if (state.oxygenML <= 0 || (scope !== 'stored' && scope !== 'fresh')) return null;
    return {
      level: scope === 'stored' ? 'danger' : 'caution',
      subjects: [
        ...new Set([
          ...bringersOf(state, 'peroxide'),
          ...bringersOf(state, 'alkali'),
          ...bringersOf(state, 'metal-salt'),
        ]),
      ],
      figures: {
        pH: state.pH?.value ?? 7,
        oxygenML: state.oxygenML,
        hydrogenPeroxidePercentWV: state.hydrogenPeroxidePercentWV,
      },
    };
  },
};

/** US and EU labels warn of burns from about 8 %; 6 % is "20 volume" (common practice, no source). */
const STRONG_PERCENT = 6;
const BURNING_PERCENT = 8;

export const strongPeroxide: Rule = {
  code: 'strong-peroxide',
  looksFor: 'peroxide over 6 %',
  sources: ['sds-memory'],
  words: {
    happens: 'Peroxide at {hydrogenPeroxidePercentWV} % whitens and stings skin.',
    why: 'Above 6 % it harms skin and eyes and bleaches cloth.',
    instead: 'Wear gloves and eye protection, or thin it with water to 3 %.',
  },
  otherWords: {
    danger: {
      happens: 'Peroxide at {hydrogenPeroxidePercentWV} % burns skin and eyes.',
      why: 'Above 8 % it is corrosive and feeds fire.',
      instead: 'Use the 3 % sold in pharmacies.',
    },
  },
  check: ({ state }) => {
    const percent = state.hydrogenPeroxidePercentWV;
    // A dry powder is judged by the solution it makes.
    if (!state.wet || !isOver(percent, STRONG_PERCENT)) return null;
    const danger = isOver(percent, BURNING_PERCENT);
    return {
      level: danger ? 'danger' : 'caution',
      subjects: bringersOf(state, 'peroxide'),
      figures: { hydrogenPeroxidePercentWV: percent },
      ...(danger ? { as: 'danger' } : {}),
    };
  },
};

export const explosivePeroxide: Rule = {
  code: 'explosive-peroxide',
  looksFor: 'peroxide with acetone',
  sources: ['noaa-memory', 'sds-memory'],
  words: {
    happens: '{subjects} together can form crystals that explode.',
    why: 'Peroxide and acetone join to unstable peroxides, the sooner with any acid.',
    instead: 'Never let them meet: not in a bottle, on a surface or in a drain. Rinse with plenty of water between.',
  },
  check: ({ state, scope }) =>
    scope !== 'air' && has(state, 'peroxide') && (state.grams.acetone ?? 0) > 0
      ? { level: 'danger', subjects: [...bringersOf(state, 'peroxide'), ...bringersOf(state, 'solvent')] }
      : null,
};
