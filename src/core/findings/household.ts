import { namesWithTrait, hasTrait } from '../mixture/state';
import { mixtureRule } from './rule';
import { plainNumber } from './message';
import { exceeds, isAtLeast } from '../quantity/limit';

/** Rules about who lives in a home, and where its water goes. */

/** A trace of borate, g per 100 g. */
const BORATE_ABOVE_PERCENT = 0.02;

export const boraxExposure = mixtureRule({
  code: 'borax-exposure',
  description: 'borax where it is eaten or breathed',
  sources: ['eu-clp-memory'],
  message: {
    happens:
      '{subjects} {is|are} not for floors infants crawl on, nor where food is prepared, nor to be breathed as dust.',
    why: 'Borates can harm the unborn and fertility: classed in the EU as toxic for reproduction, 1B.',
    instead: 'Washing soda does most of what borax does. If you use it: gloves, no dust, rinse well, locked away.',
  },
  variants: {
    infant: {
      happens: 'An infant lives here: keep {subjects} off every floor and worktop.',
      why: 'Borates can harm the unborn and fertility, and small children put their hands in their mouths.',
      instead: 'Washing soda in its place.',
    },
  },
  check: ({ state, household }) => {
    const percent = state.massG > 0 ? (100 * (state.traitG.borate ?? 0)) / state.massG : 0;
    if (!exceeds(percent, BORATE_ABOVE_PERCENT)) return null;
    return {
      level: 'caution',
      subjects: namesWithTrait(state, 'borate'),
      figures: { boratePercentWW: percent },
      variant: household.includes('infant') ? 'infant' : undefined,
    };
  },
});

/** Much of a thing, for a tank, reed bed or garden, percent (common practice, no source). */
const REPORT_ABOVE_G_PER_L = { peroxide: 1, borate: 0.5, oil: 0.5, salt: 2 } as const;

export const septicOrGreywater = mixtureRule({
  code: 'septic-or-greywater',
  description: 'what harms a tank, reed bed or garden',
  sources: ['common-practice'],
  message: {
    happens: '{subjects} {harms|harm} what works in a septic tank, reed bed, canal or garden.',
    why: 'Much peroxide, borax, oil, salt or bleach kills the life that cleans the water.',
    instead: 'Little at a time and well thinned, or into a bucket for the right drain. Local rules come first.',
  },
  check: ({ state, household, scope, amounts }) => {
    if (!household.includes('septic') || scope === 'air') return null;
    const percent = (g: number | undefined): number => (state.massG > 0 ? (100 * (g ?? 0)) / state.massG : 0);
    const much = (is: boolean): boolean => is || !amounts;
    const subjects = [
      ...(hasTrait(state, 'hypochlorite') ? namesWithTrait(state, 'hypochlorite') : []),
      ...(hasTrait(state, 'peroxide') && much(exceeds(state.hydrogenPeroxidePercentWV, REPORT_ABOVE_G_PER_L.peroxide))
        ? namesWithTrait(state, 'peroxide')
        : []),
      ...(hasTrait(state, 'borate') && much(exceeds(percent(state.traitG.borate), REPORT_ABOVE_G_PER_L.borate))
        ? namesWithTrait(state, 'borate')
        : []),
      ...(hasTrait(state, 'essential-oil') &&
      much(exceeds(percent(state.traitG['essential-oil']), REPORT_ABOVE_G_PER_L.oil))
        ? namesWithTrait(state, 'essential-oil')
        : []),
      ...(hasTrait(state, 'chloride') && much(exceeds(percent(state.traitG.chloride), REPORT_ABOVE_G_PER_L.salt))
        ? namesWithTrait(state, 'chloride')
        : []),
    ];
    return subjects.length > 0 ? { level: 'caution', subjects: [...new Set(subjects)] } : null;
  },
});

const CLAIM =
  /disinfect|\bkills?\b[^.]{0,40}(?:germ|bacteri|virus|99|mould|mold|fung|everything)|\bgerms?\b|anti-?bacterial|anti-?viral|anti-?microbial|sterili[sz]|saniti[sz]|\bvirus(?:es)?\b|\bvirucid|\bbactericid/;

/** "Does not disinfect" claims nothing. */
const DENIED = /\b(?:not|never|no|n['’]t)\b[^.,;\n]{0,20}(?:disinfect|kill|steril|saniti)\w*[^.,;\n]*/g;

/** US CDC 2008: ethanol and isopropanol act at 60 to 90 % v/v. */
const ALCOHOL_ACTS = { from: 60, to: 90 } as const;

export const noDisinfection = mixtureRule({
  code: 'no-disinfection',
  description: 'claims of killing germs',
  sources: ['cdc-2008-memory'],
  message: {
    happens: 'It cleans; it does not disinfect. Leave that word off the label.',
    why: 'No home-made mixture of this kind has been shown to kill germs reliably; alcohol acts only from 60 to 90 %, and this holds {alcohol}.',
    instead: 'Where it has to be disinfected: a registered product, by its label, on a surface cleaned first.',
  },
  variants: {
    alcohol: {
      happens: 'At {alcoholPercentVV} % alcohol acts on many germs; it is still not a registered disinfectant.',
      why: 'Alcohol of 60 to 90 % works while it stays wet, at least half a minute; a mixture made at home is not tested.',
      instead: 'Where it has to be disinfected: a registered product, by its label.',
    },
  },
  check: ({ state, words }) => {
    if (!CLAIM.test(words) || !CLAIM.test(words.replace(DENIED, ''))) return null;
    const { alcoholPercentVV } = state;
    const acts = isAtLeast(alcoholPercentVV, ALCOHOL_ACTS.from) && !exceeds(alcoholPercentVV, ALCOHOL_ACTS.to);
    return {
      level: 'caution',
      subjects: [],
      figures: { alcoholPercentVV },
      words: { alcohol: alcoholPercentVV > 0.05 ? `${plainNumber(alcoholPercentVV)} %` : 'none' },
      variant: acts ? 'alcohol' : undefined,
    };
  },
});

/** Boiled linseed oil and cooled boiled water are cold. */
const BOILS = /\bboil(?:ing|s)?\b|\bmicrowave|\bsteam(?:ing|y)? tray|\bheat (?:it|the mixture|gently)|\bsimmer/;

export const boilingTransfer = mixtureRule({
  code: 'boiling-transfer',
  description: 'boiling water and heated mixtures',
  sources: ['common-practice'],
  message: {
    happens: 'Boiling liquid splashes, and a heated mixture can boil over all at once.',
    why: 'Water in a microwave can be hotter than boiling without a bubble; poured on soda or soap it spits.',
    instead: 'Let it stand two minutes, pour slowly and low, a spoon in what you heat, and never seal it warm.',
  },
  variants: {
    alcohol: {
      happens: 'Heat and {subjects}: the vapour comes off at once, and lights from any flame or hob.',
      why: 'Alcohol boils at 78 to 82 °C, below the heat of boiling water.',
      instead: 'Let the water cool to lukewarm first; the alcohol goes in last, away from the hob. Never heat it.',
    },
    oil: {
      happens: 'Boiling water and {subjects}: it spits, and the oil’s vapour stings.',
      why: 'Water at the boil throws the oil up with its bubbles; essential oils fly off with the steam.',
      instead: 'Let the water cool to lukewarm first; the oil goes in last.',
    },
  },
  check: ({ state, words, scope }) => {
    if (scope === 'air') return null;
    const boiling = state.ingredients.filter((b) => b.water === 'boiling').map((b) => b.name);
    if (boiling.length === 0 && !BOILS.test(words)) return null;
    const alcohols = [...new Set([...namesWithTrait(state, 'alcohol'), ...namesWithTrait(state, 'solvent')])];
    if (alcohols.length > 0) return { level: 'caution', subjects: alcohols, variant: 'alcohol' };
    const oils = [...new Set([...namesWithTrait(state, 'essential-oil'), ...namesWithTrait(state, 'fatty-oil')])];
    return boiling.length > 0 && oils.length > 0
      ? { level: 'caution', subjects: oils, variant: 'oil' }
      : { level: 'caution', subjects: boiling };
  },
});

/** What gives off the fumes that kill birds. */
const OVERHEATS =
  /\bself[- ]?clean(?:ing)?\b|\bpyroly\w+|\b(?:non-?stick|ptfe)\b[^.\n]{0,60}\b(?:heat|hot|empty|dry|burn|flame|hob|smok)\w*|\b(?:hot|heat|burn|empty|smok)\w*\b[^.\n]{0,60}\b(?:non-?stick|ptfe)\b/;

export const fumesAndBirds = mixtureRule({
  code: 'fumes-and-birds',
  description: 'overheated non-stick and self-cleaning ovens',
  sources: ['poison-centre-memory', 'public-health-never-mix'],
  message: {
    happens: 'A self-cleaning oven or overheated non-stick gives off fumes that kill birds within minutes.',
    why: 'The coating and what burns off break up in the heat; a bird’s lungs take it all up.',
    instead: 'Windows open, nobody in the room; where a bird lives, clean by hand and cold.',
  },
  variants: {
    bird: {
      happens: 'A bird lives here: a self-cleaning oven or overheated non-stick kills it within minutes.',
      why: 'The coating and what burns off break up in the heat; a bird’s lungs take it all up.',
      instead: 'Not with the bird in the home. Clean by hand and cold instead.',
    },
  },
  check: ({ words, household, scope }) => {
    if (scope === 'drain' || !OVERHEATS.test(words)) return null;
    return household.includes('bird')
      ? { level: 'danger', subjects: [], variant: 'bird' }
      : { level: 'caution', subjects: [] };
  },
});

export const borateComplex = mixtureRule({
  code: 'borate-complex',
  description: 'borax with glycerin',
  sources: ['crc-memory', 'common-practice'],
  message: {
    happens: '{subjects} turn sour together: what should clean as an alkali no longer does.',
    why: 'Glycerin joins with borate to a far stronger acid. How far the pH falls depends on both, so no single figure is shown.',
    instead: 'Leave the glycerin out of what borax is to clean, or take washing soda in place of borax.',
  },
  check: ({ state, scope }) => {
    if (scope === 'air' || scope === 'drain' || state.borateComplexMolPerL <= 0) return null;
    const glycerin = state.ingredients.filter((i) =>
      i.contents.some((c) => c.substance === 'glycerol' && c.percent > 0),
    );
    return {
      level: 'caution',
      subjects: [...new Set([...namesWithTrait(state, 'borate'), ...glycerin.map((i) => i.name)])],
    };
  },
});
