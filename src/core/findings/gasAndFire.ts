import { gasML } from '../mixture/gas';
import { namesWithTrait, hasTrait, type MixtureState } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';
import { mixtureRule, worstByStrength } from './rule';
import { gasText, plainNumber } from './message';

/** What keeps yeast down, percent (common practice, no source). */
const NO_FERMENT_FROM = { alcoholPercentVV: 15, acidPercent: 2 } as const;
/** Less sugar than this does not build pressure, g per litre. */
const SUGAR_FROM_G_PER_L = 5;
/** Peroxide from this strength on keeps yeast down, and gives gas itself, percent w/v. */
const PEROXIDE_FROM_PERCENT = 0.1;

/** A closed mixture that can gain more than this is a danger, bar. */
const DANGEROUS_ABOVE_BAR = 0.2;

/** Beyond this the figure says nothing more: no bottle holds it. */
const MAX_BAR_SAID = 10;

const sugarGPerL = (state: MixtureState): number =>
  state.volumeML > 0 ? (1000 * (state.traitG.fermentable ?? 0)) / state.volumeML : 0;

/** Gas in mL that fermenting sugar can give: two carbon dioxides from each C6H12O6 (180.16 g/mol); 0 where nothing ferments. */
function fermentingML(state: MixtureState): number {
  const starts = hasTrait(state, 'ferment') || (state.grams['plant-matter'] ?? 0) > 0;
  if (!state.wet || !starts || !isAtLeast(sugarGPerL(state), SUGAR_FROM_G_PER_L)) return 0;
  if (isAtLeast(state.alcoholPercentVV, NO_FERMENT_FROM.alcoholPercentVV)) return 0;
  if (isAtLeast(state.freeAcidPercentAsAcetic, NO_FERMENT_FROM.acidPercent)) return 0;
  return gasML((2 * (state.traitG.fermentable ?? 0)) / 180.16);
}

export const pressure = mixtureRule({
  code: 'pressure',
  description: 'gas in a closed bottle',
  sources: ['stoichiometry', 'henry-crc'],
  message: {
    happens: 'Closed up, {subjects} can burst the bottle: the gas adds {bar} bar.',
    why: 'They give off {gas} of gas, and more than 0.2 bar does not belong in a household bottle.',
    instead: 'Never cap it. Mix it in an open bowl and use it at once, or keep the two in separate bottles.',
  },
  variants: {
    itself: {
      happens: 'Closed up, {subjects} can burst the bottle: the gas adds {bar} bar.',
      why: 'It gives off {gas} of gas as it stands, and more than 0.2 bar does not belong in a household bottle.',
      instead: 'Never cap it. Stir up what is used now, in an open bowl, and pour the rest away.',
    },
    meeting: {
      happens: 'Closed up, {subjects} {gives|give} off gas and can burst the bottle.',
      why: 'Even a spoonful of {it|each} makes more gas than the room above it can take.',
      instead: 'Never closed up: an open bowl, used at once{.|, or separate bottles.}',
    },
    ferments: {
      happens: 'Closed up, {subjects} {ferments|ferment} and can burst the bottle.',
      why: 'Sugar and what lives on plants make gas for weeks{much}.',
      instead: 'Never cap it: a cloth over an open jar. Or pack the peel in vinegar or alcohol, which do not ferment.',
    },
    sugar: {
      happens: 'Closed up, {subjects} can build up gas: peroxide breaks down beside sugar, juice and yeast.',
      why: 'Peroxide gives oxygen as it breaks up, and what lives on sugar and plants breaks it up fast.',
      instead: 'Never in one closed bottle: keep the peroxide by itself.',
    },
    hydrogen: {
      happens: 'Closed up, {subjects} give off hydrogen and can burst the bottle.',
      why: 'Alkali and acid dissolve aluminium and zinc; the hydrogen that comes off burns as well.',
      instead: 'Never closed up: an open bowl, a window open, no flame near, and poured away after.',
    },
    dry: {
      happens: 'Dry it keeps; once damp, {subjects} {fizzes|fizz}, and a tight lid can fly off.',
      why: 'Acid and carbonate wait side by side for the first water.',
      instead: 'Keep it bone dry, in a jar whose lid can give, away from steam.',
    },
  },
  check: ({ state, scope, amounts }) => {
    if (scope !== 'stored') return null;
    const catalysts = state.oxygenML > 0 ? namesWithTrait(state, 'peroxide-catalyst') : [];
    const subjects = [
      ...new Set([
        ...namesWithTrait(state, 'acid'),
        ...namesWithTrait(state, 'peroxide'),
        ...namesWithTrait(state, 'carbonate'),
        ...catalysts,
      ]),
    ];
    const gasML = state.carbonDioxideML + state.oxygenML;
    if (exceeds(state.closedPressureBar, DANGEROUS_ABOVE_BAR)) {
      const bar = exceeds(state.closedPressureBar, MAX_BAR_SAID)
        ? `more than ${MAX_BAR_SAID}`
        : plainNumber(state.closedPressureBar);
      const words = { gas: gasText(gasML), bar };
      const variant = !amounts ? 'meeting' : subjects.length > 1 ? undefined : 'itself';
      return {
        level: 'danger',
        subjects,
        figures: { gasML, closedPressureBar: state.closedPressureBar },
        words,
        variant,
      };
    }
    const metals = namesWithTrait(state, 'amphoteric-metal');
    const eaters = [...new Set([...namesWithTrait(state, 'alkali'), ...namesWithTrait(state, 'acid')])];
    if (state.hasWaterPhase && metals.length > 0 && eaters.length > 0) {
      return { level: 'danger', subjects: [...eaters, ...metals], variant: 'hydrogen' };
    }
    const fermentGasML = fermentingML(state);
    if (fermentGasML > 0) {
      return {
        level: 'danger',
        subjects: [...new Set([...namesWithTrait(state, 'ferment'), ...namesWithTrait(state, 'fermentable')])],
        figures: { fermentGasML },
        words: { much: amounts ? `: up to ${(fermentGasML / 1000).toPrecision(2)} L from this much` : '' },
        variant: 'ferments',
      };
    }
    const breaksUp =
      state.hasWaterPhase &&
      isAtLeast(state.hydrogenPeroxidePercentWV, PEROXIDE_FROM_PERCENT) &&
      (hasTrait(state, 'ferment') || isAtLeast(sugarGPerL(state), SUGAR_FROM_G_PER_L));
    if (breaksUp) {
      return {
        level: 'danger',
        subjects: [
          ...new Set([
            ...namesWithTrait(state, 'peroxide'),
            ...namesWithTrait(state, 'ferment'),
            ...namesWithTrait(state, 'fermentable'),
          ]),
        ],
        variant: 'sugar',
      };
    }
    return !state.hasWaterPhase && hasTrait(state, 'acid') && hasTrait(state, 'carbonate')
      ? { level: 'caution', subjects, variant: 'dry' }
      : null;
  },
});

/** GHS chapter 2.6: flammable liquids are those with a flash point up to 60 °C. */
export const FLAMMABLE_UP_TO_C = 60;
/** GHS: category 2 below 23 °C, category 3 from there to 60 °C. */
const CATEGORY_2_BELOW_C = 23;
/** Alcohol thinner than this in water does not keep burning: a danger near heat alone, percent v/v. */
export const BURNS_ON_FROM_PERCENT_VV = 24;

/** So much oil burns on by itself, percent v/v: what the flash point counts from. */
const OIL_BURNS_ON_ABOVE_PERCENT_VV = 5;

/** False if what flashes in it is alcohol thinned with water too far to keep burning. */
export const burnsOn = (state: MixtureState): boolean =>
  !hasTrait(state, 'alcohol') ||
  hasTrait(state, 'solvent') ||
  isAtLeast(state.alcoholPercentVV, BURNS_ON_FROM_PERCENT_VV) ||
  exceeds(state.essentialOilPercentVV, OIL_BURNS_ON_ABOVE_PERCENT_VV);

export const flammableLiquid = mixtureRule({
  code: 'flammable-liquid',
  description: 'what can catch fire',
  sources: ['ghs', 'flash-table-memory'],
  message: {
    happens: 'At {alcoholPercentVV} % alcohol it can catch fire: its vapour lights from about {from} °C.',
    why: 'A flash point of 60 °C or below counts as a flammable liquid (GHS category {ghsCategory}).',
    instead:
      'Keep it and its spray from hobs, stoves, heaters, candles and pilot lights; air the room; let it dry before any heat.',
  },
  variants: {
    solvent: {
      happens: '{subjects} {burns|burn}, thinned with water too: the vapour lights from about {from} °C.',
      why: 'A flash point of 60 °C or below counts as a flammable liquid (GHS category {ghsCategory}). Water does not put a solvent out: it floats, or its vapour still burns.',
      instead:
        'No flame, hob, heater or spark near; outdoors or with the windows open; rags spread flat outdoors to dry.',
    },
    asItComes: {
      happens: '{subjects} can catch fire as {it comes|they come}: the vapour lights from about {from} °C.',
      why: 'A flash point of 60 °C or below counts as a flammable liquid (GHS category {ghsCategory}).',
      instead:
        'Keep it and its spray from hobs, stoves, heaters, candles and pilot lights; air the room; let it dry before any heat.',
    },
    cold: {
      happens: '{subjects} {burns|burn}, thinned with water too: the vapour lights even in the cold.',
      why: 'A flash point below 0 °C: an extremely flammable liquid. Water does not put it out: it floats, or its vapour still burns.',
      instead:
        'No flame, hob, heater or spark in the room; outdoors or with the windows open; rags spread flat outdoors to dry.',
    },
    oil: {
      happens: 'So much oil can catch fire: its vapour lights from about {from} °C.',
      why: 'A flash point of 60 °C or below counts as a flammable liquid (GHS category {ghsCategory}).',
      instead: 'Keep it from flames and heat, and its rags spread flat to dry.',
    },
    acid: {
      happens: 'Acetic acid this strong burns: its vapour lights from about {from} °C.',
      why: 'A flash point of 60 °C or below counts as a flammable liquid (GHS category {ghsCategory}).',
      instead: 'No flame or hob near; the bottle closed; better, vinegar.',
    },
  },
  check: (s) =>
    s.scope === 'drain'
      ? null
      : worstByStrength(s, (state) => {
          const flash = state.flashPointC;
          if (!flash || exceeds(flash.low, FLAMMABLE_UP_TO_C) || !burnsOn(state)) return null;
          const figures = {
            alcoholPercentVV: state.alcoholPercentVV,
            flashPointLowC: flash.low,
            flashPointHighC: flash.high,
            ghsCategory: !isAtLeast(flash.low, CATEGORY_2_BELOW_C) ? 2 : 3,
          };
          const words = { from: String(Math.round(flash.low)) };
          const solvents = namesWithTrait(state, 'solvent');
          if (solvents.length > 0) {
            return {
              level: 'caution',
              subjects: solvents,
              figures,
              words,
              variant: flash.low < 0 ? 'cold' : 'solvent',
            };
          }
          const alcohols = namesWithTrait(state, 'alcohol');
          if (alcohols.length > 0)
            return {
              level: 'caution',
              subjects: alcohols,
              figures,
              words,
              variant: s.amounts ? undefined : 'asItComes',
            };
          const oils = namesWithTrait(state, 'essential-oil');
          return oils.length > 0
            ? { level: 'caution', subjects: oils, figures, words, variant: 'oil' }
            : { level: 'caution', subjects: namesWithTrait(state, 'acid'), figures, words, variant: 'acid' };
        }),
});

/** What people say of rags that lie together. */
const HEAPED =
  /\b(?:rags?|cloths?|paper|towels?|wipes?)\b[^.\n]{0,60}\b(?:bin|binned|heap|heaped|pile|piled|bag|bagged|ball|bucket|trash|crumpled|together)\b/;

export const selfHeatingRags = mixtureRule({
  code: 'self-heating-rags',
  description: 'oils whose rags light by themselves',
  sources: ['sds-memory', 'public-health-never-mix'],
  message: {
    happens: 'Rags with {subjects} can light by themselves hours later.',
    why: 'A drying oil takes up oxygen and gives off heat; in a heap or a bin the heat stays, until the cloth burns.',
    instead:
      'Spread every rag flat outdoors to dry, or drown it in a lidded tin of water. Never in a bin, a bag or a heap.',
  },
  variants: {
    solvent: {
      happens: 'Rags with {subjects} can light by themselves, and the solvent feeds the fire.',
      why: 'A drying oil takes up oxygen and gives off heat; the solvent’s vapour lights from it.',
      instead:
        'Spread every rag flat outdoors to dry, or drown it in a lidded tin of water. Never in a bin, a bag or a heap.',
    },
    heaped: {
      happens: 'Rags with {subjects} in a bin or a heap can light by themselves.',
      why: 'A drying oil takes up oxygen and gives off heat; where the rags lie together the heat stays, until the cloth burns.',
      instead: 'Not in a bin, a bag or a heap: flat outdoors to dry, or drowned in a lidded tin of water.',
    },
  },
  check: ({ state, scope, words }) => {
    if (scope === 'air' || scope === 'drain' || !hasTrait(state, 'drying-oil')) return null;
    const oils = namesWithTrait(state, 'drying-oil');
    if (HEAPED.test(words)) return { level: 'danger', subjects: oils, variant: 'heaped' };
    const solvents = namesWithTrait(state, 'solvent');
    return solvents.length > 0
      ? { level: 'danger', subjects: [...new Set([...oils, ...solvents])], variant: 'solvent' }
      : { level: 'caution', subjects: oils };
  },
});
