import { substance, type SubstanceId } from '../catalogue/substances';
import { namesWithTrait, hasTrait, ingredientsWithTrait, modelPH, namesOf, type MixtureState } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';
import { shareOf } from './undiluted';
import { mixtureRule, worstByStrength } from './rule';

/** Strong acids and alkalis by strength: the strengths are columns of the substances; limits of pH and soda here. */
const SODA_CAUTION_ABOVE_PERCENT = 5;
const ALKALI_CAUTION_ABOVE_PH = 11.5;
/** Washing soda that acid has used up is no longer strong. */
const SODA_STILL_STRONG_ABOVE_PH = 10;
const AMMONIA_CAUTION = 1;
/** Ammonia that alkali drives out of its salt comes off warm and at once: less of it is enough, percent w/w (common practice, no source). */
const DRIVEN_AMMONIA_CAUTION = 0.1;
/** Free ammonia from this strength on burns, percent w/w (EU classification of solutions, from memory). */
const AMMONIA_BURNS_ABOVE = 10;
/** Mineral acid weaker than this in its own bottle is a soft drink's, percent. */
const MINERAL_FROM_PERCENT = 1;

interface Burning {
  readonly id: SubstanceId;
  readonly percent: number;
  readonly danger: boolean;
}

/** Acids strong enough to burn, the worst first; `left` is the share that alkali has not used up, 0 to 1. */
function burningAcids(state: MixtureState, left: number): Burning[] {
  const burning: Burning[] = [];
  if (state.volumeML <= 0) return burning;
  for (const key in state.grams) {
    const id = key as SubstanceId;
    const { traits, burns } = substance(id);
    if (!burns || !traits.includes('acid')) continue;
    const percent = (left * 100 * (state.grams[id] ?? 0)) / state.volumeML;
    if (percent <= 0 || !isAtLeast(percent, burns.cautionFrom)) continue;
    burning.push({ id, percent, danger: burns.dangerFrom !== null && isAtLeast(percent, burns.dangerFrom) });
  }
  return burning.sort((a, b) => Number(b.danger) - Number(a.danger) || b.percent - a.percent);
}

/** From this strength on labels state acids by mass, as percent by volume would pass 100. */
const BY_MASS_FROM_PERCENT = 40;

/** The strength as a label has it. */
const statedPercent = (state: MixtureState, { id, percent }: Burning): number =>
  !isAtLeast(percent, BY_MASS_FROM_PERCENT) ? percent : (100 * (state.grams[id] ?? 0)) / state.massG;

export const corrosiveAcid = mixtureRule({
  code: 'corrosive-acid',
  description: 'acid strong enough to burn',
  sources: ['sds-memory', 'eu-clp-memory'],
  message: {
    happens: '{subjects}: acid at {acidPercent} % burns skin and eyes.',
    why: 'At this strength {acid} is corrosive.',
    instead: 'Thin it: 5 % does the work on scale. Gloves and eye protection for the strong stuff; acid into water.',
  },
  variants: {
    irritates: {
      happens: '{subjects}: acid at {acidPercent} % stings eyes and broken skin.',
      why: 'From this strength on {acid} irritates, eyes above all.',
      instead: 'Gloves and eye protection, or thin it: 5 % does the work on scale. Acid into water.',
    },
    asItComes: {
      happens: '{subjects}: acid at {acidPercent} % as it comes burns skin and eyes.',
      why: 'At this strength {acid} is corrosive.',
      instead: 'As its own label says, with gloves and eye protection; acid into water, never water onto it.',
    },
    mineral: {
      happens: '{subjects} {holds|hold} a strong acid that is not for home mixing: it burns skin and eyes.',
      why: 'Strength and cautions on its label are for use as it is.',
      instead: 'Alone, as its label says, or not at all; citric acid does the work on scale.',
    },
  },
  check: (s) => {
    const minerals = s.state.ingredients.filter((i) =>
      i.contents.some(
        (c) => substance(c.substance).traits.includes('mineral-acid') && isAtLeast(c.percent, MINERAL_FROM_PERCENT),
      ),
    );
    if (s.formula && minerals.length > 0) {
      return { level: 'danger', subjects: namesOf(minerals), variant: 'mineral' };
    }
    if (s.scope === 'air') return null;
    return worstByStrength(s, (state) => {
      if (!state.wet || !(state.hasWaterPhase || ingredientsWithTrait(state, 'acid').some((i) => i.form === 'liquid')))
        return null;
      // What alkali has used up no longer burns.
      const { acidLeftMol, neutralisedMol } = state.balance;
      const left = state.hasWaterPhase ? acidLeftMol / Math.max(acidLeftMol + neutralisedMol, 1e-12) : 1;
      const [worst] = burningAcids(state, left);
      return worst
        ? {
            level: worst.danger ? ('danger' as const) : ('caution' as const),
            subjects: namesWithTrait(state, 'acid'),
            figures: { acidPercent: statedPercent(state, worst) },
            words: { acid: substance(worst.id).name },
            variant: !worst.danger ? ('irritates' as const) : s.amounts ? undefined : ('asItComes' as const),
          }
        : null;
    });
  },
});

export const corrosiveAlkali = mixtureRule({
  code: 'corrosive-alkali',
  description: 'alkali strong enough to burn',
  sources: ['sds-memory', 'eu-clp-memory'],
  message: {
    happens: 'Strong alkali of about pH {pH}: it stings skin and eyes.',
    why: 'Over pH 11.5 alkali takes the fat out of skin, and harms eyes within seconds.',
    instead: 'Gloves and eye protection; a tablespoon of washing soda to the litre is enough.',
  },
  variants: {
    strongest: {
      happens: 'Strong alkali, too strong for a figure of its pH: it burns eyes and stings skin.',
      why: 'Over pH 11.5 alkali takes the fat out of skin, and harms eyes within seconds.',
      instead: 'Gloves and eye protection; much more water, or another cleaner.',
    },
    meeting: {
      happens: '{subjects} in water {is|are} strong alkali: it stings skin and eyes.',
      why: 'Over pH 11.5, or from about 5 % of washing soda, alkali takes the fat out of skin.',
      instead: 'Gloves and eye protection; a splash is rinsed for a quarter of an hour.',
    },
    lyeAbout: {
      happens: '{subjects}: caustic, it eats skin and blinds eyes.',
      why: 'Sodium and potassium hydroxide stay fully alkaline at any household strength.',
      instead: 'Gloves and eye protection, as its label says; washing soda does most of the work and forgives more.',
    },
    soda: {
      happens: 'Washing soda at {sodiumCarbonatePercentWV} % stings skin and eyes.',
      why: 'From about 5 % on soda takes the fat out of skin.',
      instead: 'Gloves and eye protection; a tablespoon to the litre is enough.',
    },
    lye: {
      happens: '{subjects} at {lyePercent} % {eats|eat} skin and {blinds|blind} eyes.',
      why: 'Sodium and potassium hydroxide stay fully alkaline at any household strength.',
      instead: 'Use the bought product alone, as its label says, or washing soda instead.',
    },
    traceOfLye: {
      happens: '{subjects} {stings|sting} skin and eyes even at {lyePercent} %.',
      why: 'Sodium and potassium hydroxide stay fully alkaline at any household strength.',
      instead: 'Gloves and eye protection; washing soda does the same work and forgives more.',
    },
    ammonia: {
      happens: 'Ammonia at {ammoniaPercentWW} % burns skin, eyes and throat.',
      why: 'Over 10 % it is corrosive, and its fumes stop the breath.',
      instead: 'Not this strength at home. Household ammonia, well thinned, with the window open; or washing soda.',
    },
  },
  check: (s) => {
    const { formula } = s;
    if (s.scope === 'air') return null;
    // The trace of lye that keeps bleach stable is the bleach rules' affair.
    const bleaches = ingredientsWithTrait(s.state, 'hypochlorite');
    return worstByStrength(s, (state) => {
      const lye = namesOf(ingredientsWithTrait(state, 'lye').filter((i) => !bleaches.includes(i)));
      if (!s.amounts && lye.length > 0)
        return { level: formula ? 'danger' : 'caution', subjects: lye, variant: 'lyeAbout' };
      if (formula && lye.length > 0) {
        const lyePercent = state.massG > 0 ? (100 * (state.traitG.lye ?? 0)) / state.massG : 0;
        const strong = isAtLeast(lyePercent, substance('sodium-hydroxide').burns?.dangerFrom ?? 0);
        return {
          level: strong ? 'danger' : 'caution',
          subjects: lye,
          figures: { lyePercent },
          variant: strong ? 'lye' : 'traceOfLye',
        };
      }
      if (exceeds(state.ammoniaPercentWW, AMMONIA_BURNS_ABOVE)) {
        return {
          level: 'danger',
          subjects: namesWithTrait(state, 'ammonia-source'),
          figures: { ammoniaPercentWW: state.ammoniaPercentWW },
          variant: 'ammonia',
        };
      }
      const pH = modelPH(state);
      if (!state.wet || !pH || hasTrait(state, 'hypochlorite')) return null;
      const figures = { pH: pH.value, sodiumCarbonatePercentWV: state.sodiumCarbonatePercentWV };
      const subjects = namesWithTrait(state, 'alkali');
      if (!s.amounts) {
        return exceeds(pH.value, ALKALI_CAUTION_ABOVE_PH) ||
          exceeds(state.sodiumCarbonatePercentWV, SODA_CAUTION_ABOVE_PERCENT)
          ? { level: 'caution', subjects, variant: 'meeting' }
          : null;
      }
      if (
        exceeds(state.sodiumCarbonatePercentWV, SODA_CAUTION_ABOVE_PERCENT) &&
        exceeds(pH.value, SODA_STILL_STRONG_ABOVE_PH)
      ) {
        return { level: 'caution', subjects, figures, variant: 'soda' };
      }
      if (!exceeds(pH.value, ALKALI_CAUTION_ABOVE_PH)) return null;
      return { level: 'caution', subjects, figures, variant: state.pH ? undefined : 'strongest' };
    });
  },
});

/** Free ammonia that is worth a word, percent w/w. */
const reportAbove = (state: MixtureState): number =>
  (state.grams['ammonium-chloride'] ?? 0) > 0 && hasTrait(state, 'alkali') ? DRIVEN_AMMONIA_CAUTION : AMMONIA_CAUTION;

export const ammoniaFumes = mixtureRule({
  code: 'ammonia-fumes',
  description: 'ammonia fumes',
  sources: ['sds-memory'],
  message: {
    happens: 'Ammonia at {ammoniaPercentWW} % gives off fumes that sting eyes and nose.',
    why: 'Above about 1 % free ammonia the air above it is hard to breathe in a small room.',
    instead: 'Open a window, wear gloves, and thin it well.',
  },
  variants: {
    small: {
      happens: 'Ammonia at {ammoniaPercentWW} % in a small closed room takes the breath away.',
      why: 'Above about 1 % free ammonia its fumes gather faster than a closed room airs.',
      instead: 'Not in a closed room. Window and door open, or another cleaner.',
    },
    together: {
      happens: '{subjects} together give off ammonia fumes.',
      why: 'The alkali drives the ammonia out of its salt; it stings eyes and nose at once.',
      instead: 'Keep them apart; window open where they have met.',
    },
    driven: {
      happens: '{subjects} {gives|give} off ammonia fumes: the alkali drives the ammonia out of its salt.',
      why: 'Free ammonia comes to {ammoniaPercentWW} %; driven out it stings eyes and nose at once.',
      instead: 'Leave the salt or the alkali out; window open where they have met.',
    },
  },
  check: (s) => {
    const small = s.room === 'small';
    const beside = hasTrait(s.state, 'hypochlorite');
    const found = worstByStrength(s, (state) => {
      const fromSalt = (state.grams.ammonia ?? 0) === 0;
      if (!hasTrait(state, 'ammonia-source') || !exceeds(state.ammoniaPercentWW, reportAbove(state))) return null;
      return {
        level: small || beside ? 'danger' : 'caution',
        subjects: [
          ...new Set([
            ...namesWithTrait(state, 'ammonia-source'),
            ...(fromSalt ? namesWithTrait(state, 'alkali') : []),
          ]),
        ],
        figures: { ammoniaPercentWW: state.ammoniaPercentWW },
        variant: small ? 'small' : fromSalt ? 'driven' : undefined,
      };
    });
    if (found || s.amounts) return found;
    // Neither the salt nor the alkali gives it off alone.
    return hasTrait(s.state, 'ammonia-source') && exceeds(s.state.ammoniaPercentWW, reportAbove(s.state))
      ? {
          level: small || beside ? 'danger' : 'caution',
          subjects: [...new Set([...namesWithTrait(s.state, 'ammonia-source'), ...namesWithTrait(s.state, 'alkali')])],
          variant: 'together',
        }
      : null;
  },
});

/** Sulfuric acid stronger than this boils up with water, percent as poured (data sheets, from memory). */
const SULFURIC_BOILS_ABOVE_PERCENT = 20;
/** Hot water is water too, where a line says so. */
const HOT = /\b(?:hot|boiling) water\b/;

export const violentHeat = mixtureRule({
  code: 'violent-heat',
  description: 'lye with acid or hot water, and what else boils up',
  sources: ['public-health-never-mix', 'noaa-memory', 'sds-memory'],
  message: {
    happens: '{subjects} together heat up, boil and spit: they burn skin, eyes and pipes.',
    why: 'Acid and lye give off their heat at once, faster than water can carry it away.',
    instead:
      'One product alone, as its label says. After one has failed in a drain, call a plumber and say what is in it.',
  },
  variants: {
    hot: {
      happens: '{subjects} with hot water {boils|boil} up and {spits|spit} lye.',
      why: 'Lye gives off much heat as it dissolves; hot water has no room left for it.',
      instead: 'Lye goes into cold water, a little at a time, never water onto lye. Better: washing soda.',
    },
    water: {
      happens: '{subjects} {boils|boil} up with water and {spits|spit}.',
      why: 'Strong sulfuric acid gives off its heat at once where water meets it.',
      instead: 'Only as its own label says, alone, and never thinned at home.',
    },
    slakes: {
      happens: '{subjects} {boils|boil} up with water, hot enough to scald and to light wood.',
      why: 'Quicklime takes up water with great heat as it slakes.',
      instead: 'Leave it closed and dry. For cleaning it has no use.',
    },
    metal: {
      happens: '{subjects} together boil up and give off hydrogen, which burns and explodes.',
      why: 'Lye dissolves aluminium and zinc with heat.',
      instead:
        'No lye on or with aluminium or zinc, and no foil with it: washing soda on steel, dish soap on aluminium.',
    },
  },
  check: ({ state, scope, formula, words }) => {
    if (scope === 'air') return null;
    const bleaches = ingredientsWithTrait(state, 'hypochlorite');
    const lyes = namesOf(ingredientsWithTrait(state, 'lye').filter((i) => !bleaches.includes(i)));
    const slaking = namesWithTrait(state, 'slaking');
    const acids = namesWithTrait(state, 'acid');
    if (acids.length > 0 && lyes.length + slaking.length > 0) {
      return { level: 'danger', subjects: [...new Set([...lyes, ...slaking, ...acids])] };
    }
    const hot = state.ingredients.some((b) => b.water === 'boiling') || HOT.test(words);
    if (lyes.length > 0 && hot) return { level: 'danger', subjects: lyes, variant: 'hot' };
    if (slaking.length > 0 && state.waterG > 0) return { level: 'danger', subjects: slaking, variant: 'slakes' };
    const metals = namesWithTrait(state, 'amphoteric-metal');
    const named = metals.length > 0 ? metals : METALS.test(words) ? ['aluminium or zinc'] : [];
    if (lyes.length > 0 && named.length > 0)
      return { level: 'danger', subjects: [...lyes, ...named], variant: 'metal' };
    const sulfuric = state.ingredients.filter((i) =>
      exceeds(shareOf(i, 'sulfuric-acid'), SULFURIC_BOILS_ABOVE_PERCENT),
    );
    const watery = state.ingredients.some((i) => !sulfuric.includes(i) && (i.water !== null || i.form === 'liquid'));
    return formula && sulfuric.length > 0 && watery
      ? { level: 'danger', subjects: namesOf(sulfuric), variant: 'water' }
      : null;
  },
});

const METALS = /\baluminium\b|\baluminum\b|\btin ?foil\b|\bkitchen foil\b|\bzinc\b|\bgalvani[sz]ed\b/;
