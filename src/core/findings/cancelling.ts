import type { LifterId } from '../catalogue/soils';
import { lifterStrength } from '../mixture/lifters';
import { bringersOf, has } from '../mixture/state';
import type { Raised } from './finding';
import { reaches } from '../quantity/limit';
import type { Rule } from './rule';

/** Less than this much acid meeting alkali is not worth a word, mmol per litre. */
const WORTH_SAYING_MMOL_PER_L = 2;

export const neutralised: Rule = {
  code: 'neutralised',
  looksFor: 'acid and alkali using each other up',
  sources: ['stoichiometry', 'crc'],
  words: {
    happens: '{subjects} use each other up: nothing of either is left, only salty water.',
    why: '{neutralisedMmol} mmol of acid met as much alkali and gave {carbonDioxideML} mL of gas; the pH ends at {pH}, with {saltG} g of salts in the water.',
    instead: 'Use them one after the other: the alkali first to scrub, a rinse, then the acid.',
  },
  otherWords: {
    acid: {
      happens: '{subjects} use each other up: all of the alkali and {acidUsedPercent} % of the acid are gone.',
      why: '{neutralisedMmol} mmol of acid met the alkali and gave {carbonDioxideML} mL of gas; what is left is a weaker acid of pH {pH} in salty water.',
      instead: 'Leave the alkali out, or use the two one after the other with a rinse between.',
    },
    alkali: {
      happens: '{subjects} use each other up: all of the acid and {alkaliUsedPercent} % of the alkali are gone.',
      why: '{neutralisedMmol} mmol of acid met the alkali and gave {carbonDioxideML} mL of gas; what is left is a weaker alkali of pH {pH} in salty water.',
      instead: 'Leave the acid out, or use the two one after the other with a rinse between.',
    },
    fizz: {
      happens: '{subjects} fizz on the surface and use each other up.',
      why: 'The {carbonDioxideML} mL of gas can lift loose dirt; the work of acid and alkali is lost.',
      instead:
        'Let the fizz lift, or better, use them one after the other: the alkali to scrub, a rinse, then the acid.',
    },
  },
  check: ({ state, scope }) => {
    const { neutralisedMol, acidLeftMol, alkaliLeftMol } = state.balance;
    // Bleach must not meet acid at all: to advise one after the other would be wrong.
    if (scope === 'air' || state.volumeML <= 0 || has(state, 'hypochlorite')) return null;
    if ((1000 * neutralisedMol) / (state.volumeML / 1000) < WORTH_SAYING_MMOL_PER_L) return null;
    const acidUsedPercent = (100 * neutralisedMol) / (neutralisedMol + acidLeftMol);
    const alkaliUsedPercent = (100 * neutralisedMol) / (neutralisedMol + alkaliLeftMol);
    const figures = {
      neutralisedMmol: 1000 * neutralisedMol,
      carbonDioxideML: state.carbonDioxideML,
      acidUsedPercent,
      alkaliUsedPercent,
      pH: state.pH?.value ?? 7,
      saltG: state.inertSalts.reduce((sum, salt) => sum + salt.massG, 0),
    };
    const subjects = [...new Set([...bringersOf(state, 'acid'), ...bringersOf(state, 'alkali')])];
    const used = (percent: number): boolean => percent > 97;
    const as =
      scope === 'sequence'
        ? 'fizz'
        : used(acidUsedPercent) && used(alkaliUsedPercent)
          ? ''
          : used(acidUsedPercent)
            ? 'alkali'
            : 'acid';
    return { level: 'defeats', subjects, figures, ...(as ? { as } : {}) };
  },
};

/** Soap holds together above this pH. */
const SOAP_HOLDS_FROM_PH = 8.5;

/** Less than this share of the soap lost is not seen, 0 to 1. */
const CURD_SEEN_ABOVE = 0.05;

export const soapCurdles: Rule = {
  code: 'soap-curdles',
  looksFor: 'soap curdled by acid',
  sources: ['stoichiometry', 'crc-memory'],
  words: {
    happens: '{subjects}: the acid turns {curdledPercent} % of the soap into a greasy white curd.',
    why: 'Soap is the salt of a fatty acid; below about pH 8.5 (here {pH}) the acid takes its place, and the fat floats up. It no longer cleans and leaves a film.',
    instead:
      'Leave the acid out, or take dish soap, which does not curdle. A vinegar rinse can follow once the soap is rinsed off.',
  },
  check: ({ state, scope }) => {
    const share = state.soapCurdledFraction ?? 0;
    const pH = state.pH?.value ?? 7;
    if (share <= CURD_SEEN_ABOVE || pH >= SOAP_HOLDS_FROM_PH || scope === 'air') return null;
    return {
      level: 'defeats',
      subjects: [...bringersOf(state, 'soap'), ...bringersOf(state, 'acid')],
      figures: { curdledPercent: 100 * share, pH },
    };
  },
};

/** Soap lost to hardness is worth a word from this share on, and undoes the mixture from that (0 to 1). */
const HARDNESS_CAUTION = 0.1;
const HARDNESS_DEFEATS = 0.5;

export const hardWaterSoap: Rule = {
  code: 'hard-water-soap',
  looksFor: 'soap lost to hard water',
  sources: ['stoichiometry', 'usgs-hardness'],
  words: {
    happens: 'Hard water takes {lostPercent} % of the soap: less cleaning, and a grey scum.',
    why: 'Each calcium or magnesium binds two soaps: 100 mg/L takes 0.64 g of soap a litre.',
    instead: 'Distilled or soft water, a spoon of washing soda first, or dish soap in place of soap.',
  },
  check: ({ state, scope, amounts }) => {
    const lost = state.soapLostToHardness ?? 0;
    if (!amounts || lost <= HARDNESS_CAUTION || (scope !== 'stored' && scope !== 'fresh')) return null;
    return {
      level: lost >= HARDNESS_DEFEATS ? 'defeats' : 'caution',
      subjects: bringersOf(state, 'soap'),
      figures: { lostPercent: 100 * lost },
    };
  },
};

/** Below this a lone active does nothing that water would not (common practice, no source). */
const WEAK_BELOW: readonly {
  readonly by: LifterId;
  readonly least: number;
  readonly trace: number;
  readonly name: string;
}[] = [
  { by: 'alcohol', least: 10, trace: 0.3, name: 'alcohol' },
  { by: 'acid', least: 0.5, trace: 0.02, name: 'acid' },
  { by: 'oxidiser', least: 0.3, trace: 0.01, name: 'peroxide' },
];

/** What each lifter is measured in, for a sentence. */
const UNIT: Partial<Record<LifterId, string>> = { surfactant: ' g/L', alkali: ' mmol/L', 'mild-alkali': ' mmol/L' };

export const tooWeak: Rule = {
  code: 'too-weak',
  looksFor: 'too little to do the work',
  sources: ['common-practice'],
  words: {
    happens: 'Too thin to do much: {strength} % of {active}.',
    why: 'Under about {least} % it works hardly better than plain water.',
    instead: 'Less water, or a stronger starting point.',
  },
  otherWords: {
    soil: {
      happens: 'Too thin for {soil}: {strength}{unit} of {active}.',
      why: 'That work begins at about {least}{unit}.',
      instead: 'Less water, or a stronger starting point.',
    },
  },
  check: ({ state, formula, amounts, soil, scope }): Raised | null => {
    if (!formula || !amounts || (scope !== 'stored' && scope !== 'fresh') || has(state, 'hypochlorite')) return null;
    if (soil) {
      const tried = soil.lifts
        .map((l) => ({ lift: l, strength: lifterStrength(state, l.by) }))
        .filter((t) => t.strength > 0 && t.lift.by !== 'water');
      if (tried.length === 0 || tried.some((t) => reaches(t.strength, t.lift.from))) return null;
      const near = tried.reduce((a, b) => (b.strength / b.lift.from > a.strength / a.lift.from ? b : a));
      return {
        level: 'defeats',
        subjects: state.brought.map((b) => b.name),
        figures: { strength: near.strength, least: near.lift.from },
        words: {
          soil: soil.name.toLowerCase(),
          active: near.lift.by.replace(/-/g, ' '),
          unit: UNIT[near.lift.by] ?? ' %',
        },
        as: 'soil',
      };
    }
    if (!state.wet || has(state, 'surfactant') || has(state, 'soap') || has(state, 'alkali')) return null;
    const found = WEAK_BELOW.map((w) => ({ ...w, strength: lifterStrength(state, w.by) }));
    // Two that are each a little thin do the work together.
    if (
      reaches(
        found.reduce((sum, w) => sum + w.strength / w.least, 0),
        1,
      )
    )
      return null;
    const weak = found.find((w) => w.strength > w.trace);
    return weak
      ? {
          level: 'caution',
          subjects: state.brought.map((b) => b.name),
          figures: { strength: weak.strength, least: weak.least },
          words: { active: weak.name },
        }
      : null;
  },
};
