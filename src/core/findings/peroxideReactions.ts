import { namesWithTrait, hasTrait, modelPH } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';
import { shareOf } from './undiluted';
import { mixtureRule, worstByStrength } from './rule';
import { gasText } from './message';

/** Below this nothing is called peroxide, percent w/v: a trace. */
const TRACE_FROM_PERCENT = 0.01;

export const peraceticAcid = mixtureRule({
  code: 'peracetic-acid',
  description: 'peroxide or oxygen bleach with vinegar or citric acid',
  sources: ['acgih-memory', 'public-health-never-mix', 'crc-memory'],
  message: {
    happens: '{subjects} together form peracetic acid: it burns skin, eyes and lungs.',
    why: 'Left together they tend toward up to {peraceticAcidMaxPPM} ppm of it; its vapour irritates from 0.4 ppm in air.',
    instead: 'Keep them in two bottles. Use one, wipe and rinse, then the other.',
  },
  variants: {
    meeting: {
      happens: '{subjects} together form peracetic acid or its like: it burns skin, eyes and lungs.',
      why: 'Vinegar and other carboxylic acids join with peroxide to peroxy acids; the vapour irritates from 0.4 ppm in air.',
      instead: 'Keep them in two bottles. Use one, wipe and rinse, then the other.',
    },
    sequence: {
      happens: '{subjects} meet on the surface and form a little of a stinging peroxy acid.',
      why: 'What the first leaves behind reacts with the second.',
      instead: 'Wipe and rinse with water between the two.',
    },
    itself: {
      happens: '{subjects} {burns|burn} skin, eyes and lungs, and {bleaches|bleach} what {it touches|they touch}.',
      why: 'Peracetic acid irritates from 0.4 ppm in air; it is sold for trained people with the room to themselves.',
      instead: 'Not for a home. Leave it to those who have the gloves, the mask and the label for it.',
    },
  },
  check: ({ state, scope, amounts }) => {
    const itself = state.ingredients
      .filter((i) => i.contents.some((c) => c.substance === 'peracetic-acid'))
      .map((i) => i.name);
    if (itself.length > 0 && scope !== 'drain') return { level: 'danger', subjects: itself, variant: 'itself' };
    // Acid enough: where alkali takes all of it, wet now or once a dry mix is wetted, none is left to react.
    // Where nobody knows how much of each there is, it may be.
    const acidLeft = !amounts || state.balanceIfWetted.acidLeftMol > 0;
    // Dry and open they lie side by side: what the first damp does is said by another rule.
    if (scope === 'fresh' && !state.hasWaterPhase) return null;
    if (
      !hasTrait(state, 'carboxylic-acid') ||
      !isAtLeast(state.hydrogenPeroxidePercentWV, TRACE_FROM_PERCENT) ||
      !acidLeft
    )
      return null;
    const subjects = [...new Set([...namesWithTrait(state, 'peroxide'), ...namesWithTrait(state, 'carboxylic-acid')])];
    const figures = { peraceticAcidMaxPPM: state.peraceticAcidMaxPPM };
    if (scope === 'sequence') return { level: 'caution', subjects, figures, variant: 'sequence' };
    if (scope === 'air' || scope === 'drain') return null;
    const reckoned = amounts && state.peraceticAcidMaxPPM > 0;
    return { level: 'danger', subjects, figures, variant: reckoned ? undefined : 'meeting' };
  },
});

export const unstablePeroxide = mixtureRule({
  code: 'unstable-peroxide',
  description: 'peroxide made alkaline, or with metal salts',
  sources: ['sds-memory', 'stoichiometry'],
  message: {
    happens: '{subjects} cannot be kept: the peroxide breaks up into oxygen and water, and pushes at the cap.',
    why: 'Alkali (over pH 8; here {pH}) breaks peroxide up within hours to days; {oxygen} of oxygen can come from this much.',
    instead: 'Make only what you use now, in an open bowl, and pour the rest away. Never cap it.',
  },
  variants: {
    catalyst: {
      happens: '{subjects} cannot be kept: the peroxide breaks up into oxygen and water, and pushes at the cap.',
      why: 'Metals and yeast break peroxide up by being there, within minutes to hours.',
      instead: 'Make only what you use now, in an open bowl, and pour the rest away. Never cap it.',
    },
    meeting: {
      happens: '{subjects} cannot be kept: the peroxide breaks up into oxygen and water, and pushes at the cap.',
      why: 'Alkali (over pH 8) breaks peroxide up within hours to days.',
      instead: 'Only in an open bowl, for what is used now, and the rest poured away. Never cap it.',
    },
    wetted: {
      happens: '{subjects} {does|do} not keep once wet: oxygen comes out of it, hour by hour.',
      why: 'Perborate gives its peroxide on wetting, and nothing in the mixture holds it.',
      instead: 'Make only what you use now, in an open bowl, and pour the rest away. Never cap it.',
    },
  },
  check: ({ state, scope, amounts }) => {
    // With bleach the two must not meet at all: to advise an open bowl would be wrong.
    if ((scope !== 'stored' && scope !== 'fresh') || hasTrait(state, 'hypochlorite')) return null;
    const perborate = (state.grams['sodium-perborate'] ?? 0) > 0;
    if (state.oxygenML <= 0) {
      // Perborate in sour water keeps its peroxide for a while only: it is no bottle for a shelf.
      return perborate && state.hasWaterPhase
        ? {
            level: scope === 'stored' ? 'danger' : 'caution',
            subjects: namesWithTrait(state, 'peroxide'),
            variant: 'wetted',
          }
        : null;
    }
    const pH = modelPH(state);
    const catalysts = namesWithTrait(state, 'peroxide-catalyst');
    const variant = catalysts.length > 0 ? 'catalyst' : amounts && state.pH ? undefined : 'meeting';
    return {
      level: scope === 'stored' ? 'danger' : 'caution',
      subjects: [...new Set([...namesWithTrait(state, 'peroxide'), ...namesWithTrait(state, 'alkali'), ...catalysts])],
      figures: {
        ...(pH ? { pH: pH.value } : {}),
        oxygenML: state.oxygenML,
        hydrogenPeroxidePercentWV: state.hydrogenPeroxidePercentWV,
      },
      words: { oxygen: gasText(state.oxygenML) },
      variant,
    };
  },
});

/** Irritates from 5 %, burns from 8 % (EU classification of solutions, from memory). */
const STRONG_FROM_PERCENT = 5;
const BURNING_FROM_PERCENT = 8;

export const strongPeroxide = mixtureRule({
  code: 'strong-peroxide',
  description: 'peroxide from 5 %',
  sources: ['sds-memory', 'eu-clp-memory'],
  message: {
    happens: 'Peroxide at {hydrogenPeroxidePercentWV} % whitens and stings skin.',
    why: 'From 5 % it harms eyes and skin and bleaches cloth.',
    instead: 'Wear gloves and eye protection, or thin it with water to 3 %.',
  },
  variants: {
    danger: {
      happens: 'Peroxide at {hydrogenPeroxidePercentWV} % burns skin and eyes.',
      why: 'From 8 % it damages eyes for good, and it feeds fire.',
      instead: 'Use the 3 % sold in pharmacies.',
    },
  },
  check: (s) =>
    s.scope === 'air'
      ? null
      : worstByStrength(s, (state) => {
          const percent = state.hydrogenPeroxidePercentWV;
          // A dry powder is judged by the solution it makes.
          if (!state.hasWaterPhase || !isAtLeast(percent, STRONG_FROM_PERCENT)) return null;
          const danger = isAtLeast(percent, BURNING_FROM_PERCENT);
          return {
            level: danger ? 'danger' : 'caution',
            subjects: namesWithTrait(state, 'peroxide'),
            figures: { hydrogenPeroxidePercentWV: percent },
            variant: danger ? 'danger' : undefined,
          };
        }),
});

/** Sulfuric acid as strong as this makes of peroxide what eats and explodes, percent as poured (common practice, no source). */
const STRONG_SULFURIC_ABOVE_PERCENT = 20;

export const explosivePeroxide = mixtureRule({
  code: 'explosive-peroxide',
  description: 'peroxide with acetone or strong sulfuric acid',
  sources: ['noaa-memory', 'sds-memory'],
  message: {
    happens: '{subjects} together can form crystals that explode.',
    why: 'Peroxide and acetone join to unstable peroxides, the sooner with any acid.',
    instead: 'Never let them meet: not in a bottle, on a surface or in a drain. Rinse with plenty of water between.',
  },
  variants: {
    sulfuric: {
      happens: '{subjects} together boil up, eat whatever they touch, and can explode.',
      why: 'Strong sulfuric acid takes the water from peroxide and makes a far stronger oxidiser of it.',
      instead: 'Never let them meet. Neither belongs in a home-made cleaner.',
    },
  },
  check: ({ state, scope }) => {
    if (scope === 'air' || !hasTrait(state, 'peroxide')) return null;
    const peroxides = namesWithTrait(state, 'peroxide');
    const ketones = namesWithTrait(state, 'ketone');
    if (ketones.length > 0) return { level: 'danger', subjects: [...new Set([...peroxides, ...ketones])] };
    const sulfuric = state.ingredients
      .filter((i) => exceeds(shareOf(i, 'sulfuric-acid'), STRONG_SULFURIC_ABOVE_PERCENT))
      .map((i) => i.name);
    return sulfuric.length > 0
      ? { level: 'danger', subjects: [...new Set([...peroxides, ...sulfuric])], variant: 'sulfuric' }
      : null;
  },
});
