import { bringersOf, has } from '../mixture/state';
import type { Trait } from '../catalogue/substances';
import type { Rule, Situation } from './rule';

/** Meetings of hypochlorite: a danger in every scope, at any amount. */

const both = ({ state }: Situation, trait: Trait): string[] | null =>
  has(state, 'hypochlorite') && has(state, trait)
    ? [...bringersOf(state, 'hypochlorite'), ...bringersOf(state, trait)]
    : null;

/** This much essential oil is enough to react with hypochlorite, percent by volume (common practice, no source). */
const MUCH_OIL_PERCENT_VV = 1;

const KEEP_APART =
  'Never let them meet: not in a bottle, on a surface, in the air of one room or in a drain. Rinse with plenty of water and air the room in between, and leave a day.';

export const chlorineGas: Rule = {
  code: 'chlorine-gas',
  looksFor: 'bleach with acid',
  sources: ['public-health-never-mix', 'noaa-memory'],
  words: {
    happens: '{subjects} together give off chlorine, a gas that burns eyes and lungs.',
    why: 'Acid turns hypochlorite into chlorine, within seconds, even in small amounts.',
    instead: KEEP_APART,
  },
  check: (s) => {
    const subjects = both(s, 'acid');
    return subjects && { level: 'danger', subjects, figures: { freeChlorinePPM: s.state.freeChlorinePPM } };
  },
};

export const chloramineGas: Rule = {
  code: 'chloramine-gas',
  looksFor: 'bleach with ammonia or urine',
  sources: ['public-health-never-mix', 'noaa-memory'],
  words: {
    happens: '{subjects} together give off chloramine, a gas that burns eyes and lungs.',
    why: 'Hypochlorite and ammonia join to chloramines. Urine, litter and an unrinsed toilet bring ammonia too.',
    instead: KEEP_APART,
  },
  check: (s) => {
    const subjects = both(s, 'ammonia-source');
    return subjects && { level: 'danger', subjects, figures: { freeChlorinePPM: s.state.freeChlorinePPM } };
  },
};

export const bleachWithAlcohol: Rule = {
  code: 'bleach-with-alcohol',
  looksFor: 'bleach with alcohol, acetone or much essential oil',
  sources: ['public-health-never-mix', 'noaa-memory'],
  words: {
    happens: '{subjects} together make chloroform and other poisons, with heat.',
    why: 'Hypochlorite chlorinates alcohols and the oils of plants.',
    instead: KEEP_APART,
  },
  check: (s) => {
    const figures = { alcoholPercentVV: s.state.alcoholPercentVV };
    const withAlcohol = both(s, 'alcohol') ?? both(s, 'solvent');
    if (withAlcohol) return { level: 'danger', subjects: withAlcohol, figures };
    const withOil = both(s, 'essential-oil');
    return withOil && s.state.essentialOilPercentVV >= MUCH_OIL_PERCENT_VV
      ? { level: 'danger', subjects: withOil, figures }
      : null;
  },
};

export const bleachWithPeroxide: Rule = {
  code: 'bleach-with-peroxide',
  looksFor: 'bleach with peroxide or oxygen bleach',
  sources: ['noaa-memory', 'sds-memory'],
  words: {
    happens: '{subjects} together heat up and throw off oxygen violently.',
    why: 'Hypochlorite and peroxide destroy each other at once: OCl⁻ + H₂O₂ → Cl⁻ + H₂O + O₂.',
    instead: KEEP_APART,
  },
  check: (s) => {
    const subjects = both(s, 'peroxide');
    return (
      subjects && {
        level: 'danger',
        subjects,
        figures: { hydrogenPeroxidePercentWV: s.state.hydrogenPeroxidePercentWV },
      }
    );
  },
};

export const bleachInFormula: Rule = {
  code: 'bleach-in-formula',
  looksFor: 'bleach as a line of a formula',
  sources: ['public-health-never-mix', 'sds-memory'],
  words: {
    happens: '{subjects} does not belong in a home-made mixture.',
    why: 'Its maker has set strength and alkali so that it stays stable; most things added to it break that, some into poison gas.',
    instead: 'Use it alone, as its label says, or leave it out.',
  },
  check: ({ state, formula }) =>
    formula && has(state, 'hypochlorite')
      ? {
          level: 'danger',
          subjects: bringersOf(state, 'hypochlorite'),
          figures: { freeChlorinePPM: state.freeChlorinePPM },
        }
      : null,
};

export const bleachDecays: Rule = {
  code: 'bleach-decays',
  looksFor: 'actives that their own bottle destroys',
  sources: ['sds-memory', 'common-practice'],
  words: {
    happens: '{subjects} does not keep once it is thinned or mixed: its strength is gone within days.',
    why: 'Its maker keeps it stable at pH 11 to 13; here it stands at {pH}.',
    instead: 'Thin only what you use at once, as its label says.',
  },
  check: ({ state, scope, formula }) =>
    formula && scope === 'stored' && has(state, 'hypochlorite') && state.wet && state.brought.length > 1
      ? { level: 'defeats', subjects: bringersOf(state, 'hypochlorite'), figures: { pH: state.pH?.value ?? 7 } }
      : null,
};
