import type { Lives } from '../catalogue/household';
import { substance, type SubstanceId, type Trait } from '../catalogue/substances';
import { bringersOf, has, type MixtureState } from '../mixture/state';
import { isOver, reaches } from '../quantity/limit';
import type { Rule } from './rule';

/** Rules about essential oils: on skin, in the air animals breathe, in plastic, and afloat. */

/** Less than this of an oil is a trace, percent v/v: a drop in a litre. */
const TRACE_PERCENT_VV = 0.004;

/** Percent by volume of all oils with a trait. */
function oilPercentVV(state: MixtureState, trait: Trait): number {
  if (state.volumeML <= 0 || !has(state, trait)) return 0;
  let mL = 0;
  for (const key in state.grams) {
    const { traits, displacementMLPerG } = substance(key as SubstanceId);
    if (traits.includes('essential-oil') && traits.includes(trait)) {
      mL += (state.grams[key as SubstanceId] ?? 0) * displacementMLPerG;
    }
  }
  return (100 * mL) / state.volumeML;
}

const enough = (state: MixtureState, trait: Trait): boolean =>
  has(state, trait) && isOver(oilPercentVV(state, trait), TRACE_PERCENT_VV);

/** So much of the oils afloat is worth a word, 0 to 1. */
const FLOATS_FROM_SHARE = 0.15;

export const oilFloats: Rule = {
  code: 'oil-floats',
  looksFor: 'oil that nothing carries',
  sources: ['common-practice'],
  words: {
    happens: 'The oil floats: the first pulls spray water, the last of the bottle nearly neat oil.',
    why: '{floatingPercent} % of the oil is carried neither by alcohol of 60 % nor by enough soap or dish soap.',
    instead:
      'Shake before every pull, and never let the neat oil at the end touch skin. Or stir the oil into several times as much dish soap first.',
  },
  check: ({ state, formula, amounts, scope }) => {
    if (!formula || !amounts || !state.wet || scope === 'drain') return null;
    const oily = state.essentialOilPercentVV > TRACE_PERCENT_VV || has(state, 'fatty-oil');
    if (!oily || state.oilFloatingShare < FLOATS_FROM_SHARE) return null;
    return {
      level: 'caution',
      subjects: [...new Set([...bringersOf(state, 'essential-oil'), ...bringersOf(state, 'fatty-oil')])],
      figures: { floatingPercent: 100 * state.oilFloatingShare, essentialOilPercentVV: state.essentialOilPercentVV },
    };
  },
};

/** In a surface spray or hand soap half of what skin bears at all is the ceiling. */
const CAUTION_FROM_SHARE = 0.5;
/** All that skin bears is the danger there; what is not meant for skin burns at ten times that (common practice, no source). */
const DANGER_FROM_SHARE = { onSkin: 1, elsewhere: 10 } as const;

/** All oils together as a share of what skin bears of each: 1 is all of it. */
function skinShare(state: MixtureState): number {
  if (state.volumeML <= 0) return 0;
  let share = 0;
  for (const key in state.grams) {
    const { skinCeilingPercent, displacementMLPerG } = substance(key as SubstanceId);
    if (skinCeilingPercent === null) continue;
    share += (100 * (state.grams[key as SubstanceId] ?? 0) * displacementMLPerG) / state.volumeML / skinCeilingPercent;
  }
  return share;
}

export const oilStrong: Rule = {
  code: 'oil-strong',
  looksFor: 'too much essential oil',
  sources: ['common-practice', 'sds-memory'],
  words: {
    happens: 'At {essentialOilPercentVV} % the oil irritates skin and lingers in the air.',
    why: 'The usual ceiling is {ceilingPercent} % for these oils here; phenolic and hot ones (clove, cinnamon, oregano, thyme, lemongrass) have half that of others.',
    instead: 'Ten to fifteen drops to 500 mL is plenty; half of that for the hot ones.',
  },
  otherWords: {
    skin: {
      happens: 'At {essentialOilPercentVV} % the oil burns skin.',
      why: 'On skin {ceilingPercent} % of these oils is the most; phenolic and hot ones have half that of others.',
      instead: 'Half a percent is enough in a hand soap: two drops to 20 mL.',
    },
  },
  check: ({ state, formula, amounts, use, scope }) => {
    if (!formula || !amounts || !has(state, 'essential-oil') || scope === 'drain') return null;
    const share = skinShare(state);
    if (!isOver(share, CAUTION_FROM_SHARE)) return null;
    const dangerFrom = use.onSkin ? DANGER_FROM_SHARE.onSkin : DANGER_FROM_SHARE.elsewhere;
    const isDanger = isOver(share, dangerFrom);
    // What of these very oils, in their proportions, would be just at the limit.
    const limit = isDanger ? dangerFrom : CAUTION_FROM_SHARE;
    return {
      level: isDanger ? 'danger' : 'caution',
      subjects: bringersOf(state, 'essential-oil'),
      figures: {
        essentialOilPercentVV: state.essentialOilPercentVV,
        ceilingPercent: (limit * state.essentialOilPercentVV) / share,
      },
      ...(use.onSkin ? { as: 'skin' } : {}),
    };
  },
};

const ANIMALS: readonly {
  readonly lives: Lives;
  readonly trait: Trait;
  readonly name: string;
  readonly airOnly: boolean;
}[] = [
  { lives: 'cat', trait: 'harms-cats', name: 'cats', airOnly: false },
  { lives: 'dog', trait: 'harms-dogs', name: 'dogs', airOnly: false },
  { lives: 'bird', trait: 'essential-oil', name: 'birds', airOnly: true },
];

export const oilAndAnimals: Rule = {
  code: 'oil-and-animals',
  looksFor: 'oils that harm animals',
  sources: ['poison-centre-memory'],
  words: {
    happens: '{subjects} can poison {animals}: licked from fur, or breathed.',
    why: 'They cannot break these oils down; a bird’s lungs take up whatever is in the air.',
    instead: 'Leave the oil out where {animals} live. If one has been in it: a vet, with the bottle in hand.',
  },
  otherWords: {
    home: {
      happens: 'Not in this home: {subjects} can poison {animals}, licked or breathed.',
      why: 'You have said that they live here; even a little on a floor or in the air counts.',
      instead: 'Leave the oil out: the mixture cleans without it.',
    },
  },
  check: ({ state, lives, use, scope }) => {
    if (!has(state, 'essential-oil')) return null;
    const inAir = use.sprayed || scope === 'air';
    const harmed = ANIMALS.filter((a) => enough(state, a.trait) && (!a.airOnly || inAir));
    if (harmed.length === 0) return null;
    const here = harmed.filter((a) => lives.includes(a.lives));
    const named = here.length > 0 ? here : harmed;
    return {
      level: here.length > 0 ? 'danger' : 'caution',
      subjects: [...new Set(named.flatMap((a) => bringersOf(state, a.trait)))],
      figures: { essentialOilPercentVV: state.essentialOilPercentVV },
      words: { animals: named.map((a) => a.name).join(' and ') },
      ...(here.length > 0 ? { as: 'home' } : {}),
    };
  },
};

/** Vinegar from this strength on bites the throat as a spray, percent of free acid (common practice, no source). */
const ACID_SPRAY_FROM_PERCENT = 1;

export const oilAndLungs: Rule = {
  code: 'oil-and-lungs',
  looksFor: 'sprays that bite the lungs',
  sources: ['common-practice', 'public-health-never-mix'],
  words: {
    happens: 'Sprayed, {subjects} can set off asthma and bother small lungs.',
    why: 'A fine mist goes deep; you have said that an infant or someone with asthma lives here.',
    instead: 'Put it on the cloth instead of spraying, with the window open and the others out of the room.',
  },
  check: ({ state, lives, use, scope }) => {
    if (!lives.includes('asthma') && !lives.includes('infant')) return null;
    if (!use.sprayed && scope !== 'air') return null;
    const oily = enough(state, 'essential-oil');
    const sour = reaches(state.freeAcidPercentAsAcetic, ACID_SPRAY_FROM_PERCENT);
    if (!oily && !sour) return null;
    return {
      level: 'caution',
      subjects: [...(sour ? bringersOf(state, 'acid') : []), ...(oily ? bringersOf(state, 'essential-oil') : [])],
    };
  },
};

const SOFT_PLASTICS = ['polystyrene', 'pvc', 'ldpe'];

export const oilAttacksPlastic: Rule = {
  code: 'oil-attacks-plastic',
  looksFor: 'oils that soften plastic',
  sources: ['sds-memory', 'common-practice'],
  words: {
    happens: '{subjects} softens polystyrene, soft PVC and LDPE: the bottle swells and leaks.',
    why: 'It stands at {oilPercentVV} %; over 1 % these oils dissolve such plastics.',
    instead: 'Glass, PET or HDPE.',
  },
  check: ({ state, vessel, scope, amounts }) => {
    if (scope !== 'stored' || !amounts) return null;
    const oilPercent = oilPercentVV(state, 'plastic-oil');
    if (!isOver(oilPercent, 1)) return null;
    const material = vessel?.material ?? 'unknown';
    if (material !== 'unknown' && !SOFT_PLASTICS.includes(material)) return null;
    return { level: 'caution', subjects: bringersOf(state, 'plastic-oil'), figures: { oilPercentVV: oilPercent } };
  },
};
