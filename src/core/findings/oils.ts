import type { HouseholdMember } from '../catalogue/household';
import { substance, type Substance, type SubstanceId, type Trait } from '../catalogue/substances';
import type { FormulaKind } from '../formula/use';
import { namesWithTrait, hasTrait, modelPH, type MixtureState } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';
import { listOf } from '../text/english';
import type { Level } from './finding';
import { mixtureRule } from './rule';

/** Rules about essential oils: on skin, in the air animals breathe, in plastic, and afloat. */

/** Less than this of an oil is a trace, percent v/v: a drop in a litre. */
const TRACE_UP_TO_PERCENT_VV = 0.004;

/** Percent by volume of all oils with a trait. */
function oilPercentVV(state: MixtureState, trait: Trait): number {
  if (state.volumeML <= 0 || !hasTrait(state, trait)) return 0;
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
  hasTrait(state, trait) && exceeds(oilPercentVV(state, trait), TRACE_UP_TO_PERCENT_VV);

/** So much of the oils afloat is worth a word, 0 to 1. */
const FLOATS_FROM_SHARE = 0.15;

export const oilFloats = mixtureRule({
  code: 'oil-floats',
  description: 'oil that nothing carries',
  sources: ['common-practice'],
  message: {
    happens: 'The oil floats: the first pulls spray water, the last of the bottle nearly neat oil.',
    why: '{floatingPercent} % of the oil is carried neither by alcohol of 60 % nor by enough soap or dish soap.',
    instead:
      'Shake before every pull, and never let the neat oil at the end touch skin. Or stir the oil into several times as much dish soap first.',
  },
  variants: {
    fatty: {
      happens: 'The oil floats: a minute after shaking it lies on top again.',
      why: 'Oil and water do not mix; {floatingPercent} % of the oil is held by nothing.',
      instead: 'Shake before each use, and pour or wipe it on: a trigger sucks from the bottom.',
    },
  },
  check: ({ state, formula, amounts, scope }) => {
    if (!formula || !amounts || !state.wet || scope === 'drain') return null;
    const oily = exceeds(state.essentialOilPercentVV, TRACE_UP_TO_PERCENT_VV) || hasTrait(state, 'fatty-oil');
    if (!oily || !isAtLeast(state.oilFloatingShare, FLOATS_FROM_SHARE)) return null;
    return {
      level: 'caution',
      subjects: [...new Set([...namesWithTrait(state, 'essential-oil'), ...namesWithTrait(state, 'fatty-oil')])],
      figures: { floatingPercent: 100 * state.oilFloatingShare, essentialOilPercentVV: state.essentialOilPercentVV },
      variant: exceeds(state.essentialOilPercentVV, TRACE_UP_TO_PERCENT_VV) ? undefined : 'fatty',
    };
  },
});

/** The most of oils in each kind of mixture, percent v/v; of phenolic and hot ones half as much. Common practice, no source. */
const CEILING_PERCENT: Readonly<Record<FormulaKind, number>> = {
  surface: 1,
  'hand-soap': 1,
  'room-spray': 2,
  reeds: 30,
  'dry-powder': 0.5,
  bowl: 1,
};
const HOT_SHARE = 0.5;
/** What is not meant for skin burns it at so many times the ceiling (common practice, no source). */
const DANGER_ABOVE_TIMES = 10;

/** Every oil of a mixture with its percent v/v and its row. */
function oilsIn(state: MixtureState): { readonly percentVV: number; readonly oil: Substance }[] {
  if (state.volumeML <= 0 || !hasTrait(state, 'essential-oil')) return [];
  const oils: { percentVV: number; oil: Substance }[] = [];
  for (const key in state.grams) {
    const oil = substance(key as SubstanceId);
    if (oil.skinCeilingPercent === null) continue;
    const percentVV = (100 * (state.grams[key as SubstanceId] ?? 0) * oil.displacementMLPerG) / state.volumeML;
    if (percentVV > 0) oils.push({ percentVV, oil });
  }
  return oils;
}

/** All oils together as a share of a ceiling for each: 1 is all of it. */
const shareOfCeiling = (oils: ReturnType<typeof oilsIn>, ceiling: (oil: Substance) => number): number =>
  oils.reduce((share, { percentVV, oil }) => share + percentVV / ceiling(oil), 0);

export const oilStrong = mixtureRule({
  code: 'oil-strong',
  description: 'too much essential oil',
  sources: ['common-practice', 'sds-memory'],
  message: {
    happens: 'At {essentialOilPercentVV} % the oil irritates skin and lingers in the air.',
    why: 'In {what} {ceilingPercent} % of these oils is the most; clove, cinnamon, oregano, thyme and lemongrass have half of what others have.',
    instead: '{enough} Half of that for the hot ones.',
  },
  variants: {
    burns: {
      happens: 'At {essentialOilPercentVV} % the oil burns skin and eyes, and makes the air hard to breathe.',
      why: 'In {what} {ceilingPercent} % of these oils is the most; this is more than ten times that.',
      instead: '{enough} Half of that for the hot ones.',
    },
    handSoap: {
      happens: 'At {essentialOilPercentVV} % the oil irritates hands that are washed often.',
      why: 'In a hand soap {ceilingPercent} % of these oils is the most.',
      instead: 'Half a percent is plenty: two drops to 20 mL.',
    },
    skin: {
      happens: 'At {essentialOilPercentVV} % the oil burns skin.',
      why: 'On skin {ceilingPercent} % of these oils is the most, in soap too.',
      instead: 'Two drops to 20 mL are enough; of clove, lemongrass, thyme or oregano one at most.',
    },
    never: {
      happens: '{subjects} {does|do} not belong on skin, nor in soap.',
      why: 'Cinnamon bark and cassia sensitise: once it has happened, a trace brings the rash back.',
      instead: 'Leave it out; lavender or a citrus oil at half a percent instead.',
    },
  },
  check: ({ state, formula, amounts, exposure: use, scope }) => {
    if (!formula || !amounts || scope === 'drain') return null;
    const oils = oilsIn(state).filter((o) => exceeds(o.percentVV, TRACE_UP_TO_PERCENT_VV));
    if (oils.length === 0) return null;
    const subjects = namesWithTrait(state, 'essential-oil');
    const essentialOilPercentVV = oils.reduce((sum, o) => sum + o.percentVV, 0);
    const figuresAt = (share: number) => ({ essentialOilPercentVV, ceilingPercent: essentialOilPercentVV / share });
    if (use.onSkin) {
      if (oils.some((o) => o.oil.skinCeilingPercent === 0)) {
        return { level: 'danger', subjects, figures: { essentialOilPercentVV }, variant: 'never' };
      }
      const onSkin = shareOfCeiling(oils, (oil) => oil.skinCeilingPercent ?? 1);
      if (exceeds(onSkin, 1)) return { level: 'danger', subjects, figures: figuresAt(onSkin), variant: 'skin' };
    }
    // A powder that nobody has named otherwise is one that is strewn.
    const kind = use.kind === 'surface' && !state.wet ? 'dry-powder' : use.kind;
    const ceiling = (oil: Substance): number =>
      CEILING_PERCENT[kind] * (oil.traits.includes('hot-oil') ? HOT_SHARE : 1);
    const share = shareOfCeiling(oils, ceiling);
    if (!exceeds(share, 1)) return null;
    const figures = figuresAt(share);
    if (use.onSkin) return { level: 'caution', subjects, figures, variant: 'handSoap' };
    const words = WHAT[kind];
    return exceeds(share, DANGER_ABOVE_TIMES)
      ? { level: 'danger', subjects, figures, words, variant: 'burns' }
      : { level: 'caution', subjects, figures, words };
  },
});

/** What each kind is called, and how much oil is plenty in it, at 20 drops to the mL. */
const WHAT: Readonly<Record<FormulaKind, { readonly what: string; readonly enough: string }>> = {
  surface: { what: 'a surface cleaner', enough: 'Ten to fifteen drops to 500 mL are plenty.' },
  'hand-soap': { what: 'a hand soap', enough: 'Two drops to 20 mL are plenty.' },
  'room-spray': { what: 'a room spray, which never goes on skin,', enough: 'Twenty drops to 100 mL are plenty.' },
  reeds: { what: 'a reed diffuser', enough: 'One part of oil to three or four of carrier.' },
  'dry-powder': { what: 'a dry powder', enough: 'Ten drops to a cup of powder are plenty.' },
  bowl: { what: 'a bowl powder', enough: 'Twenty drops to a cup of powder are plenty.' },
};

const ANIMALS: readonly {
  readonly lives: HouseholdMember;
  readonly trait: Trait;
  readonly name: string;
  /** Harmed by the air alone. */
  readonly airOnly: boolean;
  /** One level milder where the oil is put on by hand. */
  readonly byAir: boolean;
}[] = [
  { lives: 'cat', trait: 'harms-cats', name: 'cats', airOnly: false, byAir: true },
  { lives: 'dog', trait: 'harms-dogs', name: 'dogs', airOnly: false, byAir: false },
  { lives: 'bird', trait: 'essential-oil', name: 'birds', airOnly: true, byAir: true },
];

export const oilAndAnimals = mixtureRule({
  code: 'oil-and-animals',
  description: 'oils that harm animals',
  sources: ['poison-centre-memory'],
  message: {
    happens: '{subjects} can poison {animals}: licked from fur, or breathed.',
    why: 'They cannot break these oils down; a bird’s lungs take up whatever is in the air.',
    instead: 'Leave the oil out where {animals} live. If one has been in it: a vet, with the bottle in hand.',
  },
  variants: {
    birds: {
      happens: 'In the air, {subjects} can poison birds.',
      why: 'A bird’s lungs take up whatever is in the air.',
      instead: 'Where birds live, leave the oil out, or put it on by hand with the bird in another room.',
    },
    home: {
      happens: 'Not in this home: {subjects} can poison {animals}, licked or breathed.',
      why: 'You have said that they live here; even a little on a floor or in the air counts.',
      instead: 'Leave the oil out: the mixture cleans without it.',
    },
    byHand: {
      happens: '{subjects}: keep {animals} out of the room until it is dry and aired.',
      why: 'You have said that they live here. By hand little gets into the air, and a little does them harm: licked or breathed.',
      instead:
        'Better, leave the oil out. Otherwise on a cloth, never sprayed, the window open, they in another room until it is dry.',
    },
  },
  check: ({ state, household, exposure: use, scope }) => {
    if (!hasTrait(state, 'essential-oil')) return null;
    const inAir = use.inAir || scope === 'air';
    const harmed = ANIMALS.filter((a) => enough(state, a.trait));
    const raise = (of: typeof harmed, level: Level, variant: 'home' | 'byHand' | 'birds' | undefined) => ({
      level,
      subjects: [...new Set(of.flatMap((a) => namesWithTrait(state, a.trait)))],
      figures: { essentialOilPercentVV: state.essentialOilPercentVV },
      words: { animals: listOf(of.map((a) => a.name)) },
      variant,
    });
    const here = harmed.filter((a) => household.includes(a.lives));
    const danger = here.filter((a) => inAir || (!a.airOnly && !(a.byAir && use.byHand)));
    if (danger.length > 0) return raise(danger, 'danger', 'home');
    if (here.length > 0) return raise(here, 'caution', 'byHand');
    const anywhere = harmed.filter((a) => !a.airOnly || inAir);
    return anywhere.length > 0
      ? raise(anywhere, 'caution', anywhere.every((a) => a.airOnly) ? 'birds' : undefined)
      : null;
  },
});

/** Vinegar from this strength on bites the throat as a spray, percent of free acid (common practice, no source). */
const ACID_SPRAY_FROM_PERCENT = 1;

export const oilAndLungs = mixtureRule({
  code: 'oil-and-lungs',
  description: 'scents and vinegar in the air of small or sore lungs',
  sources: ['common-practice', 'public-health-never-mix'],
  message: {
    happens: 'Sprayed, {subjects} can set off asthma and bother small lungs.',
    why: 'A fine mist goes deep; you have said that an infant or someone with asthma lives here.',
    instead: 'Put it on the cloth instead of spraying, with the window open and the others out of the room.',
  },
  variants: {
    never: {
      happens: '{subjects} in the air can stop a small child’s breath.',
      why: 'Menthol, cineole and camphor close the airway of children under three; you have said that an infant lives here.',
      instead: 'Leave it out where a small child lives: not sprayed, not diffused.',
    },
    byHand: {
      happens: '{subjects}: the child in another room until it is dry and aired.',
      why: 'Menthol, cineole and camphor close the airway of children under three; on a cloth little of it gets into the air, and a little does.',
      instead: 'Better, leave it out. Never spray or diffuse it.',
    },
  },
  check: ({ state, household, exposure: use, scope }) => {
    const infant = household.includes('infant');
    if (!infant && !household.includes('asthma')) return null;
    const inAir = use.inAir || scope === 'air';
    if (infant && enough(state, 'harms-infants')) {
      const subjects = namesWithTrait(state, 'harms-infants');
      return inAir
        ? { level: 'danger', subjects, variant: 'never' }
        : { level: 'caution', subjects, variant: 'byHand' };
    }
    if (!inAir) return null;
    const oily = enough(state, 'essential-oil');
    const sour = isAtLeast(state.freeAcidPercentAsAcetic, ACID_SPRAY_FROM_PERCENT);
    if (!oily && !sour) return null;
    return {
      level: 'caution',
      subjects: [
        ...new Set([
          ...(sour ? namesWithTrait(state, 'acid') : []),
          ...(oily ? namesWithTrait(state, 'essential-oil') : []),
        ]),
      ],
    };
  },
});

/** As a mist these bite the lungs, percent or pH (common practice, no source). */
const MIST_ABOVE = { acidPercent: 2, alkaliPH: 11, peroxidePercent: 1, alcoholPercentVV: 20 } as const;

export const sprayAndLungs = mixtureRule({
  code: 'spray-and-lungs',
  description: 'mists that bite where a bird, an infant or someone with asthma lives',
  sources: ['common-practice', 'public-health-never-mix'],
  message: {
    happens: 'Sprayed, {subjects} {bites|bite} the lungs of {who}.',
    why: 'A mist of {what} goes deep into small, sore or feathered lungs; you have said that they live here.',
    instead: 'On a cloth instead of sprayed, window open, they in another room until it is dry.',
  },
  check: ({ state, household, exposure: use, scope, alone, amounts }) => {
    const who = BREATHE_HARDEST.filter(([id]) => household.includes(id)).map(([, name]) => name);
    if (who.length === 0 || use.kind === 'reeds' || !(use.inAir || (scope === 'air' && !amounts))) return null;
    for (const s of amounts ? [state] : alone) {
      const what: (readonly [string, readonly string[]])[] = [];
      if (exceeds(s.freeAcidPercentAsAcetic, MIST_ABOVE.acidPercent)) what.push(['acid', namesWithTrait(s, 'acid')]);
      if (exceeds(modelPH(s)?.value ?? 0, MIST_ABOVE.alkaliPH))
        what.push(['strong alkali', namesWithTrait(s, 'alkali')]);
      if (s.wet && exceeds(s.hydrogenPeroxidePercentWV, MIST_ABOVE.peroxidePercent))
        what.push(['peroxide', namesWithTrait(s, 'peroxide')]);
      if (exceeds(s.alcoholPercentVV, MIST_ABOVE.alcoholPercentVV))
        what.push(['alcohol', namesWithTrait(s, 'alcohol')]);
      if (what.length === 0) continue;
      return {
        level: 'caution',
        subjects: [...new Set(what.flatMap(([, names]) => names))],
        words: { who: listOf(who), what: listOf(what.map(([name]) => name)) },
      };
    }
    return null;
  },
});

const BREATHE_HARDEST: readonly (readonly [lives: HouseholdMember, name: string])[] = [
  ['bird', 'a bird'],
  ['infant', 'an infant'],
  ['asthma', 'someone with asthma'],
];

const SOFT_PLASTICS = ['polystyrene', 'pvc', 'ldpe'];

export const oilAttacksPlastic = mixtureRule({
  code: 'oil-attacks-plastic',
  description: 'oils that soften plastic',
  sources: ['sds-memory', 'common-practice'],
  message: {
    happens: '{subjects} {softens|soften} polystyrene, soft PVC and LDPE: the bottle swells and leaks.',
    why: 'It stands at {oilPercentVV} %; over 1 % these oils dissolve such plastics.',
    instead: 'Glass, PET or HDPE.',
  },
  check: ({ state, vessel, scope, amounts }) => {
    if (scope !== 'stored' || !amounts) return null;
    const oilPercent = oilPercentVV(state, 'plastic-oil');
    if (!exceeds(oilPercent, 1)) return null;
    const material = vessel?.material ?? 'unknown';
    if (material !== 'unknown' && !SOFT_PLASTICS.includes(material)) return null;
    return { level: 'caution', subjects: namesWithTrait(state, 'plastic-oil'), figures: { oilPercentVV: oilPercent } };
  },
});
