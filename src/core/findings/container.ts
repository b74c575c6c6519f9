import { substance, type SubstanceId } from '../catalogue/substances';
import { massFractionsOf, type Grams } from '../formula/composition';
import { namesWithTrait, hasTrait, modelPH } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';
import { mixtureRule } from './rule';

/** Rules about what a bottle does to its contents, and they to it. */

/** Undissolved solid below this is not seen, g per litre. */
const SETTLES_ABOVE_G_PER_L = 1;

export const settlesOut = mixtureRule({
  code: 'settles-out',
  description: 'solids that settle',
  sources: ['crc'],
  message: {
    happens: '{undissolvedPercent} % of it does not dissolve: it settles, and clogs a nozzle.',
    why: 'Water takes up only so much at 20 °C: baking soda 9.6 g in 100 mL, borax 4.7, washing soda 21.5. What went in hot comes out as crystals when it cools.',
    instead: 'Use less, or more water, or shake before each use and rinse the nozzle after.',
  },
  variants: {
    insoluble: {
      happens: '{subjects} {does|do} not dissolve: {undissolvedPercent} % of it settles, and clogs a nozzle.',
      why: 'Starch, grit, grounds and yeast stay as grains in water, however much there is of it.',
      instead: 'Strain it fine, or keep it in a bottle without a nozzle and shake before each use.',
    },
  },
  check: ({ state, scope, exposure: use, amounts, formula }) => {
    if (!formula || !amounts || !use.pourable || state.volumeML <= 0) return null;
    if (scope !== 'stored' && !use.throughNozzle) return null;
    if (!exceeds(state.undissolvedG / (state.volumeML / 1000), SETTLES_ABOVE_G_PER_L)) return null;
    const subjects = state.ingredients
      .filter((i) => massFractionsOf(i).some(({ id }) => (state.undissolved[id] ?? 0) > 0))
      .map((i) => i.name);
    return {
      level: 'caution',
      subjects: [...new Set(subjects)],
      figures: {
        undissolvedG: state.undissolvedG,
        undissolvedPercent: (100 * state.undissolvedG) / state.massG,
      },
      variant: dissolvesSome(state.undissolved) ? undefined : 'insoluble',
    };
  },
});

const dissolvesSome = (undissolved: Readonly<Grams>): boolean =>
  Object.keys(undissolved).some((id) => (substance(id as SubstanceId).solubilityGPer100ML ?? 1) > 0.1);

/** A pinch of what clogs does not, g per litre. */
const CLOGS_ABOVE_G_PER_L = 1.5;

export const clogsSprayer = mixtureRule({
  code: 'clogs-sprayer',
  description: 'what clogs a sprayer',
  sources: ['common-practice'],
  message: {
    happens: '{subjects} {clogs|clog} a trigger.',
    why: 'Starch, grit and pulp stay as grains, and dry hard in the nozzle.',
    instead: 'Strain it fine and shake, rinse the nozzle after each use, or pour it on a cloth.',
  },
  variants: {
    paste: {
      happens: 'This is a paste: no trigger moves it.',
      why: 'Most of it is solid.',
      instead: 'Keep it in a wide jar and spread it with a brush.',
    },
  },
  check: ({ state, scope, exposure: use, amounts, formula }) => {
    if (!formula || !amounts || !state.wet || state.volumeML <= 0) return null;
    if (!use.pourable && use.throughNozzle && (scope === 'stored' || scope === 'fresh')) {
      return { level: 'defeats', subjects: namesWithTrait(state, 'abrasive'), variant: 'paste' };
    }
    if (!use.throughNozzle || !exceeds((state.traitG.clogging ?? 0) / (state.volumeML / 1000), CLOGS_ABOVE_G_PER_L))
      return null;
    // Sugar dissolves: it is sticky, not gritty.
    const grainsG = (state.traitG.clogging ?? 0) - (state.grams.sugar ?? 0);
    if (!exceeds(grainsG / (state.volumeML / 1000), CLOGS_ABOVE_G_PER_L)) return null;
    return { level: 'caution', subjects: namesWithTrait(state, 'clogging') };
  },
});

const EATEN_BY_ACID_AND_ALKALI = ['aluminium', 'tin'];
const WEAK_ACID_ABOVE_PERCENT = 0.3;
const ALKALINE_ABOVE_PH = 9;
const STRONG_ALCOHOL_ABOVE_PERCENT_VV = 60;

export const vesselMaterial = mixtureRule({
  code: 'vessel-material',
  description: 'a bottle that its contents attack',
  sources: ['sds-memory', 'common-practice'],
  message: {
    happens: '{subjects} {eats|eat} {material}: the vessel pits and the mixture spoils.',
    why: 'Acid, peroxide and soda dissolve the skin that protects aluminium and tin.',
    instead: 'Glass, PET or HDPE.',
  },
  variants: {
    alcohol: {
      happens: 'Alcohol at {alcoholPercentVV} % cracks {material}.',
      why: 'Over 60 % it draws fine cracks until the bottle leaks.',
      instead: 'Glass, PET or HDPE.',
    },
    food: {
      happens: 'In a bottle that held food or drink someone will drink it.',
      why: 'Most poisonings with home cleaners come out of drink bottles.',
      instead: 'Only bottles that never held food or drink, with a label before they are filled.',
    },
  },
  check: ({ state, vessel, scope }) => {
    if (!vessel || (scope !== 'stored' && scope !== 'fresh')) return null;
    if (vessel.heldFood) return { level: 'danger', subjects: state.ingredients.map((b) => b.name), variant: 'food' };
    const words = { material: vessel.material === 'tin' ? 'tinplate' : vessel.material };
    if (EATEN_BY_ACID_AND_ALKALI.includes(vessel.material) && state.wet) {
      const subjects = [
        ...(exceeds(state.freeAcidPercentAsAcetic, WEAK_ACID_ABOVE_PERCENT) ? namesWithTrait(state, 'acid') : []),
        ...(hasTrait(state, 'peroxide') ? namesWithTrait(state, 'peroxide') : []),
        ...(exceeds(modelPH(state)?.value ?? 0, ALKALINE_ABOVE_PH) ? namesWithTrait(state, 'alkali') : []),
      ];
      return subjects.length > 0 ? { level: 'caution', subjects: [...new Set(subjects)], words } : null;
    }
    return vessel.material === 'polystyrene' && exceeds(state.alcoholPercentVV, STRONG_ALCOHOL_ABOVE_PERCENT_VV)
      ? {
          level: 'caution',
          subjects: namesWithTrait(state, 'alcohol'),
          figures: { alcoholPercentVV: state.alcoholPercentVV },
          words,
          variant: 'alcohol',
        }
      : null;
  },
});

const PEROXIDE_ABOVE_PERCENT = 0.1;
const CITRUS_ABOVE_PERCENT = 0.05;

export const lightSensitive = mixtureRule({
  code: 'light-sensitive',
  description: 'what light spoils in a clear bottle',
  sources: ['common-practice', 'sds-memory'],
  message: {
    happens: 'In a clear bottle {subjects} {loses|lose} strength.',
    why: 'Light breaks up peroxide and turns citrus oil rancid and sharp.',
    instead: 'An opaque or amber bottle, in a dark cupboard.',
  },
  check: ({ state, vessel, scope }) => {
    if (!vessel || vessel.opaque === true || scope !== 'stored' || !state.wet) return null;
    const peroxide = exceeds(state.hydrogenPeroxidePercentWV, PEROXIDE_ABOVE_PERCENT);
    const citrus = hasTrait(state, 'citrus-oil') && exceeds(state.essentialOilPercentVV, CITRUS_ABOVE_PERCENT);
    if (!peroxide && !citrus) return null;
    return {
      level: 'caution',
      subjects: [
        ...(peroxide ? namesWithTrait(state, 'peroxide') : []),
        ...(citrus ? namesWithTrait(state, 'citrus-oil') : []),
      ],
    };
  },
});

/** What keeps a mixture of water without a preservative, by strength (common practice, no source). */
const KEEPS_FROM = { alcoholPercentVV: 20, acidPercent: 2, peroxidePercent: 0.5 } as const;

/** Soap stronger than this keeps itself, g per litre. */
const SOAP_KEEPS_FROM_G_PER_L = 150;
/** Less juice, starch or plant than this does not spoil it, g per litre (common practice, no source). */
export const PERISHABLE_ABOVE_G_PER_L = 0.3;
const SOAP_ABOVE_G_PER_L = 0.3;

export const spoils = mixtureRule({
  code: 'spoils',
  description: 'what spoils',
  sources: ['common-practice'],
  message: {
    happens: '{subjects} in water {goes|go} off within days, with smell, cloud or slime.',
    why: 'Nothing in it keeps life down: too little alcohol, acid or peroxide.',
    instead: 'Make only what you use in a day or two, keep it cold, and throw it away at the first smell.',
  },
  variants: {
    soap: {
      happens: 'Soap in water keeps a few weeks, then smells or clouds.',
      why: 'At {soapGPerL} g/L it is food for what lives in water and bottles; nothing else in it keeps life down.',
      instead: 'Distilled water, a clean bottle, a date on the label, and small batches.',
    },
  },
  check: ({ state, scope, formula, amounts }) => {
    if (!formula || !amounts || scope !== 'stored' || !state.wet || state.waterG < 0.3 * state.massG) return null;
    if (
      isAtLeast(state.alcoholPercentVV, KEEPS_FROM.alcoholPercentVV) ||
      isAtLeast(state.freeAcidPercentAsAcetic, KEEPS_FROM.acidPercent)
    )
      return null;
    if (isAtLeast(state.hydrogenPeroxidePercentWV, KEEPS_FROM.peroxidePercent) || hasTrait(state, 'hypochlorite'))
      return null;
    const litres = state.volumeML / 1000;
    if (exceeds((state.traitG.perishable ?? 0) / litres, PERISHABLE_ABOVE_G_PER_L)) {
      return { level: 'caution', subjects: namesWithTrait(state, 'perishable') };
    }
    return exceeds(state.soapGPerL, SOAP_ABOVE_G_PER_L) && !isAtLeast(state.soapGPerL, SOAP_KEEPS_FROM_G_PER_L)
      ? {
          level: 'caution',
          subjects: namesWithTrait(state, 'soap'),
          figures: { soapGPerL: state.soapGPerL },
          variant: 'soap',
        }
      : null;
  },
});
