import { namesWithTrait, hasTrait, ingredientsWithTrait, namesOf } from '../mixture/state';
import { substance, type SubstanceId, type Trait } from '../catalogue/substances';
import { isAtLeast } from '../quantity/limit';
import { mixtureRule, type RuleInput } from './rule';

/** Meetings of hypochlorite: a danger at any amount. */

const both = ({ state }: RuleInput, trait: Trait): string[] | null =>
  hasTrait(state, 'hypochlorite') && hasTrait(state, trait)
    ? namesOf([...ingredientsWithTrait(state, 'hypochlorite'), ...ingredientsWithTrait(state, trait)])
    : null;

/** This much essential oil is enough to react with hypochlorite, percent by volume (common practice, no source). */
const MUCH_OIL_FROM_PERCENT_VV = 1;

const KEEP_APART =
  'Never let them meet: not in a bottle, on a surface, in the air of one room or in a drain. Rinse with plenty of water and air the room in between, and leave a day.';

/** Hydrochloric acid weaker than this gives no chlorine with peroxide to speak of, percent w/v (common practice, no source). */
const HYDROCHLORIC_FROM_PERCENT = 1;

export const chlorineGas = mixtureRule({
  code: 'chlorine-gas',
  description: 'bleach with acid',
  sources: ['public-health-never-mix', 'noaa-memory'],
  message: {
    happens: '{subjects} together give off chlorine, a gas that burns eyes and lungs.',
    why: 'Acid turns hypochlorite into chlorine, within seconds, even in small amounts.',
    instead: KEEP_APART,
  },
  variants: {
    peroxide: {
      happens: '{subjects} together give off chlorine and oxygen, with heat.',
      why: 'Peroxide takes the chlorine out of hydrochloric acid: 2 HCl + H₂O₂ → Cl₂ + 2 H₂O.',
      instead: KEEP_APART,
    },
  },
  check: (s) => {
    const { state } = s;
    const subjects = both(s, 'acid');
    if (subjects) return { level: 'danger', subjects, figures: { freeChlorinePPM: state.freeChlorinePPM } };
    const hydrochloricPercent =
      state.volumeML > 0 ? (100 * (state.grams['hydrogen-chloride'] ?? 0)) / state.volumeML : 0;
    if (s.scope === 'air' || !hasTrait(state, 'peroxide') || !isAtLeast(hydrochloricPercent, HYDROCHLORIC_FROM_PERCENT))
      return null;
    const hydrochloric = state.ingredients.filter((i) => i.contents.some((c) => c.substance === 'hydrogen-chloride'));
    return {
      level: 'danger',
      subjects: namesOf([...hydrochloric, ...ingredientsWithTrait(state, 'peroxide')]),
      variant: 'peroxide',
    };
  },
});

export const chloramineGas = mixtureRule({
  code: 'chloramine-gas',
  description: 'bleach with ammonia or urine',
  sources: ['public-health-never-mix', 'noaa-memory'],
  message: {
    happens: '{subjects} together give off chloramine, a gas that burns eyes and lungs.',
    why: 'Hypochlorite and ammonia join to chloramines. Urine, litter and an unrinsed toilet bring ammonia too.',
    instead: KEEP_APART,
  },
  check: (s) => {
    const subjects = both(s, 'ammonia-source');
    return subjects && { level: 'danger', subjects, figures: { freeChlorinePPM: s.state.freeChlorinePPM } };
  },
});

export const bleachWithAlcohol = mixtureRule({
  code: 'bleach-with-alcohol',
  description: 'bleach with alcohol, solvents or much essential oil',
  sources: ['public-health-never-mix', 'noaa-memory'],
  message: {
    happens: '{subjects} together make chloroform and other poisons, with heat.',
    why: 'Hypochlorite chlorinates alcohols and acetone.',
    instead: KEEP_APART,
  },
  variants: {
    solvent: {
      happens: '{subjects} together can heat up, catch fire and give off irritating vapours.',
      why: 'Hypochlorite is a strong oxidiser; a solvent is fuel.',
      instead: KEEP_APART,
    },
    oil: {
      happens: '{subjects} together make chlorinated vapours that sting eyes and lungs, with heat.',
      why: 'Hypochlorite chlorinates the terpenes and phenols of plant oils, and loses its own strength.',
      instead: KEEP_APART,
    },
  },
  check: (s) => {
    const { state } = s;
    const figures = { alcoholPercentVV: state.alcoholPercentVV };
    const chloroform = both(s, 'alcohol') ?? both(s, 'ketone');
    if (chloroform) return { level: 'danger', subjects: chloroform, figures };
    const solvents = both(s, 'solvent');
    if (solvents) return { level: 'danger', subjects: solvents, variant: 'solvent' };
    const withOil = both(s, 'essential-oil');
    return withOil && isAtLeast(state.essentialOilPercentVV, MUCH_OIL_FROM_PERCENT_VV)
      ? {
          level: 'danger',
          subjects: withOil,
          figures: { essentialOilPercentVV: state.essentialOilPercentVV },
          variant: 'oil',
        }
      : null;
  },
});

export const bleachWithPeroxide = mixtureRule({
  code: 'bleach-with-peroxide',
  description: 'bleach with peroxide or oxygen bleach',
  sources: ['noaa-memory', 'sds-memory'],
  message: {
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
});

export const bleachInFormula = mixtureRule({
  code: 'bleach-in-formula',
  description: 'bleach as a line of a formula',
  sources: ['public-health-never-mix', 'sds-memory'],
  message: {
    happens: '{subjects} {does|do} not belong in a home-made mixture.',
    why: '{Its maker has|Their makers have} set strength and alkali so that {it stays|they stay} stable; most things added break that, some into poison gas.',
    instead: 'Use bleach alone, as its label says, or leave it out.',
  },
  check: ({ state, formula }) =>
    formula && hasTrait(state, 'hypochlorite')
      ? {
          level: 'danger',
          subjects: namesWithTrait(state, 'hypochlorite'),
          figures: { freeChlorinePPM: state.freeChlorinePPM },
        }
      : null,
});

/** What public guidance says never to add to bleach beside what gives gas: detergents, disinfectants, other bought cleaners. */
const CLEANER_TRAITS: readonly Trait[] = ['surfactant', 'soap', 'quaternary'];

/** What has a worse finding of its own with bleach. */
const WORSE_TRAITS: readonly Trait[] = ['acid', 'ammonia-source', 'alcohol', 'solvent', 'peroxide'];

export const bleachWithCleaner = mixtureRule({
  code: 'bleach-with-cleaner',
  description: 'bleach with detergents, disinfectants and other bought cleaners',
  sources: ['public-health-never-mix'],
  message: {
    happens: '{subjects} do not belong together: nobody can say what gas or heat comes of it.',
    why: 'Many bought cleaners hold ammonia or acid without saying so in large letters; public guidance is never to mix bleach with any of them.',
    instead: 'Bleach alone, as its label says; a rinse with plenty of water before anything else.',
  },
  variants: {
    after: {
      happens:
        '{subjects} meet if the first is not rinsed off: the bleach is used up, and some cleaners give off gas with it.',
      why: 'Detergents take bleach’s strength, and many bought cleaners hold ammonia or acid.',
      instead: 'Rinse with plenty of water between the two, and air the room.',
    },
  },
  check: ({ state, scope, unknown, unknownKinds }) => {
    if (scope === 'air' || !hasTrait(state, 'hypochlorite')) return null;
    const bleaches = ingredientsWithTrait(state, 'hypochlorite');
    const worse = ingredientsWithTrait(state, ...WORSE_TRAITS);
    const cleaners = ingredientsWithTrait(state, ...CLEANER_TRAITS);
    const others = state.ingredients.filter(
      (i) => !bleaches.includes(i) && !worse.includes(i) && (i.role === 'bought' || cleaners.includes(i)),
    );
    // What is not known may be any cleaner.
    if (others.length === 0 && unknown.length === 0) return null;
    const subjects = [...new Set([...namesOf([...bleaches, ...others]), ...unknown])];
    const poured = scope === 'stored' || scope === 'fresh';
    if (poured || unknown.length > 0 || unknownKinds.length > 0) return { level: 'danger', subjects };
    return { level: 'caution', subjects, variant: 'after' };
  },
});

/** Substances that give chlorine for long, beside which another of them is fuel enough: the solids. */
const isDonor = (id: SubstanceId): boolean => substance(id).traits.includes('chlorine-donor');

export const oxidiserWithFuel = mixtureRule({
  code: 'oxidiser-with-fuel',
  description: 'strong oxidisers with what burns',
  sources: ['noaa-memory', 'sds-memory'],
  message: {
    happens: '{subjects} together can catch fire by themselves, minutes later, and give off chlorine.',
    why: 'Chlorine tablets and granules are strong oxidisers; oil, sugar, glycerin, alcohol and detergent are their fuel.',
    instead: 'Never let them touch: a clean dry scoop for these alone, their own tub, nothing else in the bucket.',
  },
  variants: {
    donors: {
      happens: '{subjects} together can catch fire or explode.',
      why: 'Chlorine products of different kinds (dichlor, trichlor, calcium hypochlorite, liquid bleach) destroy each other, with heat and chlorine.',
      instead: 'One kind only, in its own dry scoop. Never top one up with another.',
    },
    percarbonate: {
      happens: '{subjects} dry together can smoulder: an oxidiser lies beside its fuel.',
      why: 'Percarbonate and perborate feed a fire with oxygen; sugar, flour and oil are what it burns.',
      instead: 'Keep the oxygen bleach apart, and stir it into water when you use it.',
    },
    acid: {
      happens: '{subjects} lie dry beside each other: with the first damp they heat up, gas and form a peroxy acid.',
      why: 'Percarbonate gives peroxide and carbonate on wetting; the acid sets both free at once.',
      instead: 'Keep them in two jars, and never wet them together.',
    },
    capped: {
      happens: 'Capped, {subjects} can burst the jar: the damp of the air is enough to start them.',
      why: 'Percarbonate gives peroxide and carbonate on wetting; the acid sets both free at once, with heat.',
      instead: 'Keep them in two jars, and never wet them together.',
    },
  },
  check: ({ state, scope }) => {
    if (scope === 'air') return null;
    if (hasTrait(state, 'chlorine-donor')) {
      const kinds = Object.keys(state.grams).filter((id) => substance(id as SubstanceId).activeChlorineMol > 0);
      if (kinds.length > 1 && kinds.some((id) => isDonor(id as SubstanceId))) {
        return { level: 'danger', subjects: namesWithTrait(state, 'hypochlorite'), variant: 'donors' };
      }
      const donors = ingredientsWithTrait(state, 'chlorine-donor');
      const fuels = ingredientsWithTrait(state, ...FUEL_TRAITS).filter((i) => !donors.includes(i));
      return fuels.length > 0 ? { level: 'danger', subjects: namesOf([...donors, ...fuels]) } : null;
    }
    if (!hasTrait(state, 'solid-peroxide') || state.hasWaterPhase) return null;
    const solid = ingredientsWithTrait(state, 'solid-peroxide');
    const acids = ingredientsWithTrait(state, 'acid').filter((i) => i.form !== 'liquid');
    if (acids.length > 0) {
      const capped = scope !== 'fresh';
      return {
        level: capped ? 'danger' : 'caution',
        subjects: namesOf([...solid, ...acids]),
        variant: capped ? 'capped' : 'acid',
      };
    }
    const fuels = ingredientsWithTrait(state, 'fuel').filter((i) => !solid.includes(i));
    return fuels.length > 0
      ? { level: 'caution', subjects: namesOf([...solid, ...fuels]), variant: 'percarbonate' }
      : null;
  },
});

/** What burns beside a chlorine donor. */
const FUEL_TRAITS: readonly Trait[] = ['fuel', 'surfactant', 'soap', 'alcohol', 'solvent'];

export const bleachDecays = mixtureRule({
  code: 'bleach-decays',
  description: 'actives that their own bottle destroys',
  sources: ['sds-memory', 'common-practice'],
  message: {
    happens: '{subjects} {does|do} not keep once thinned or mixed: the strength is gone within days.',
    why: 'Bleach keeps only as strong and as alkaline as it is sold, at pH 11 to 13; thinned or mixed, light and whatever it meets use it up.',
    instead: 'Thin only what you use at once, as its label says.',
  },
  check: ({ state, scope, formula }) =>
    formula &&
    scope === 'stored' &&
    state.hasWaterPhase &&
    hasTrait(state, 'hypochlorite') &&
    state.ingredients.length > 1
      ? { level: 'defeats', subjects: namesWithTrait(state, 'hypochlorite') }
      : null,
});
