import type { CleaningAgentId } from '../catalogue/soils';
import { substance, type SubstanceId } from '../catalogue/substances';
import { agentStrength } from '../mixture/agentStrength';
import { namesWithTrait, hasTrait, modelPH, traitsOfIngredient } from '../mixture/state';
import { isAtLeast, exceeds } from '../quantity/limit';
import { mixtureRule } from './rule';
import { gasText } from './message';

/** Less than this much acid meeting alkali is not worth a word, mmol per litre. */
const REPORT_FROM_MMOL_PER_L = 2;
/** Less gas than this is not seen, mL per litre. */
const FIZZ_SEEN_FROM_ML_PER_L = 20;
/** Used up but for a few percent is used up. */
const ALL_USED_ABOVE_PERCENT = 97;

export const neutralised = mixtureRule({
  code: 'neutralised',
  description: 'acid and alkali using each other up',
  sources: ['stoichiometry', 'crc'],
  message: {
    happens: '{subjects} {uses itself|use each other} up: hardly anything of either is left, only salty water.',
    why: '{neutralisedMmol} mmol of acid met as much alkali{gas}, with {saltG} g of salts left in the water{ends}.',
    instead:
      '{Take an alkali or an acid alone.|Use them one after the other: the alkali first to scrub, a rinse, then the acid.}',
  },
  variants: {
    acid: {
      happens:
        '{subjects} {uses itself|use each other} up: all of the alkali and {acidUsedPercent} % of the acid are gone.',
      why: '{neutralisedMmol} mmol of acid met the alkali{gas}; what is left is a weaker acid in salty water{ends}.',
      instead: 'Leave the alkali out, or use the two one after the other with a rinse between.',
    },
    alkali: {
      happens:
        '{subjects} {uses itself|use each other} up: all of the acid and {alkaliUsedPercent} % of the alkali are gone.',
      why: '{neutralisedMmol} mmol of acid met the alkali{gas}; what is left is weaker than it was{ends}.',
      instead: 'Leave the acid out, or use the two one after the other with a rinse between.',
    },
    meeting: {
      happens: '{subjects} {uses itself|use each other} up.',
      why: 'Acid and alkali make salt and water of each other; what was too much of either is all that still works.',
      instead:
        '{Take an alkali or an acid alone.|Use them one after the other: the alkali first to scrub, a rinse, then the acid.}',
    },
    fizz: {
      happens: '{subjects} {fizzes|fizz} on the surface and {uses itself|use each other} up.',
      why: 'The fizz can lift and loosen dirt; the work of acid and alkali is lost.',
      instead:
        'Let the fizz lift, or better, use them one after the other: the alkali to scrub, a rinse, then the acid.',
    },
    drain: {
      happens: '{subjects} {fizzes|fizz} in the drain and {uses itself|use each other} up.',
      why: 'The fizz can loosen soft dirt for a moment; what runs down is salty water.',
      instead: 'Hot tap water and a plunger do more for a slow drain. Neither harms the pipe.',
    },
  },
  check: ({ state, scope, amounts }) => {
    const { neutralisedMol, acidLeftMol, alkaliLeftMol } = state.balance;
    // Bleach must not meet acid at all, and lye not: to advise one after the other would be wrong.
    if (scope === 'air' || state.volumeML <= 0 || hasTrait(state, 'hypochlorite') || hasTrait(state, 'lye'))
      return null;
    if (!isAtLeast((1000 * neutralisedMol) / (state.volumeML / 1000), REPORT_FROM_MMOL_PER_L)) return null;
    const onSurface = scope === 'sequence' || scope === 'drain';
    // Acid that meets scale does the work that is wanted of it.
    const alkalis = state.ingredients.filter((i) => traitsOfIngredient(i).has('alkali'));
    if (onSurface && alkalis.every((i) => i.role === 'residue')) return null;
    const acidUsedPercent = (100 * neutralisedMol) / (neutralisedMol + acidLeftMol);
    const alkaliUsedPercent = (100 * neutralisedMol) / (neutralisedMol + alkaliLeftMol);
    const pH = modelPH(state);
    const figures = {
      neutralisedMmol: 1000 * neutralisedMol,
      carbonDioxideML: state.carbonDioxideML,
      acidUsedPercent,
      alkaliUsedPercent,
      ...(pH ? { pH: pH.value } : {}),
      saltG: state.inertSalts.reduce((sum, salt) => sum + salt.massG, 0),
    };
    const subjects = [...new Set([...namesWithTrait(state, 'acid'), ...namesWithTrait(state, 'alkali')])];
    const fizzes = isAtLeast(state.carbonDioxideML / (state.volumeML / 1000), FIZZ_SEEN_FROM_ML_PER_L);
    const words = {
      gas: fizzes ? ` and gave ${gasText(state.carbonDioxideML)} of gas` : '',
      ends: state.pH ? `, at about pH ${state.pH.value.toFixed(1)}` : '',
    };
    const used = (percent: number): boolean => exceeds(percent, ALL_USED_ABOVE_PERCENT);
    if (onSurface) {
      return {
        level: 'defeats',
        subjects,
        figures,
        variant: !fizzes ? 'meeting' : scope === 'drain' ? 'drain' : 'fizz',
      };
    }
    if (!amounts) return { level: 'defeats', subjects, figures, variant: 'meeting' };
    const variant = used(alkaliUsedPercent) ? (used(acidUsedPercent) ? undefined : 'acid') : 'alkali';
    return { level: 'defeats', subjects, figures, words, variant };
  },
});

/** Soap holds together above this pH. */
const SOAP_HOLDS_FROM_PH = 8.5;

/** Less than this share of the soap lost is not seen, 0 to 1. */
const CURD_SEEN_ABOVE = 0.05;

export const soapCurdles = mixtureRule({
  code: 'soap-curdles',
  description: 'soap curdled by acid',
  sources: ['stoichiometry', 'crc-memory'],
  message: {
    happens: '{subjects}: the acid turns {curdledPercent} % of the soap into a greasy white curd.',
    why: 'Soap is the salt of a fatty acid; below about pH 8.5 (here {pH}) the acid takes its place, and the fat floats up. It no longer cleans and leaves a film.',
    instead:
      'Leave the acid out, or take dish soap, which does not curdle. A vinegar rinse can follow once the soap is rinsed off.',
  },
  variants: {
    meeting: {
      happens: '{subjects}: the acid turns soap into a greasy white curd.',
      why: 'Soap is the salt of a fatty acid; below about pH 8.5 the acid takes its place, and the fat floats up. It no longer cleans and leaves a film.',
      instead: 'Rinse the one off before the other; or take dish soap, which does not curdle.',
    },
  },
  check: ({ state, scope, amounts }) => {
    const share = state.soapCurdledFraction ?? 0;
    const pH = modelPH(state);
    if (
      !pH ||
      !exceeds(share, CURD_SEEN_ABOVE) ||
      isAtLeast(pH.value, SOAP_HOLDS_FROM_PH) ||
      scope === 'air' ||
      scope === 'drain'
    )
      return null;
    return {
      level: 'defeats',
      subjects: [...new Set([...namesWithTrait(state, 'soap'), ...namesWithTrait(state, 'acid')])],
      figures: { curdledPercent: 100 * share, pH: pH.value },
      variant: amounts && state.pH ? undefined : 'meeting',
    };
  },
});

/** Soap lost to hardness is worth a word from this share on, and undoes the mixture from that (0 to 1). */
const HARDNESS_CAUTION_ABOVE = 0.1;
const HARDNESS_DEFEATS_FROM = 0.5;

export const hardWaterSoap = mixtureRule({
  code: 'hard-water-soap',
  description: 'soap lost to hard water',
  sources: ['stoichiometry', 'usgs-hardness'],
  message: {
    happens: 'Hard water takes {lostPercent} % of the soap: less cleaning, and a grey scum.',
    why: 'Each calcium or magnesium binds two soaps: 100 mg/L takes 0.64 g of soap a litre.',
    instead: 'Distilled or soft water, a spoon of washing soda first, or dish soap in place of soap.',
  },
  variants: {
    salts: {
      happens: '{subjects}: the calcium or magnesium takes {lostPercent} % of the soap, and leaves a grey scum.',
      why: 'Each calcium or magnesium binds two soaps to a curd that does not dissolve: such a salt is hardness by the spoonful.',
      instead: 'Leave the salt out, or take dish soap, which it does not bind.',
    },
    meeting: {
      happens: '{subjects} make a grey scum of each other.',
      why: 'Each calcium or magnesium binds two soaps to a curd that does not dissolve: such a salt is hardness by the spoonful.',
      instead: 'Rinse the one off before the other; or take dish soap, which it does not bind.',
    },
  },
  check: ({ state, scope, amounts }) => {
    const lost = state.soapLostToHardness ?? 0;
    if (!exceeds(lost, HARDNESS_CAUTION_ABOVE) || scope === 'air' || scope === 'drain') return null;
    const salts = state.ingredients.filter((i) => i.contents.some((c) => c.percent > 0 && bringsHardness(c.substance)));
    if (salts.length === 0 && (!amounts || scope === 'sequence')) return null;
    return {
      level: isAtLeast(lost, HARDNESS_DEFEATS_FROM) ? 'defeats' : 'caution',
      subjects: [...new Set([...namesWithTrait(state, 'soap'), ...salts.map((i) => i.name)])],
      figures: { lostPercent: 100 * lost },
      variant: salts.length === 0 ? undefined : amounts ? 'salts' : 'meeting',
    };
  },
});

const bringsHardness = (id: SubstanceId): boolean => substance(id).hardnessMol > 0;

export const cationicWithSoap = mixtureRule({
  code: 'cationic-with-soap',
  description: 'softener or quaternary disinfectant with soap or detergent',
  sources: ['common-practice', 'sds-memory'],
  message: {
    happens: '{subjects} undo each other: neither cleans, and a sticky film is left.',
    why: 'Softener and quaternary disinfectants carry a positive charge, soap and most detergents a negative one: they fall out together.',
    instead: 'One, a rinse, then the other. Softener belongs in the last rinse of the wash, alone.',
  },
  check: ({ state, scope }) => {
    if (scope === 'air' || scope === 'drain' || !hasTrait(state, 'quaternary')) return null;
    const soaps = [...new Set([...namesWithTrait(state, 'soap'), ...namesWithTrait(state, 'surfactant')])];
    return soaps.length > 0
      ? { level: 'defeats', subjects: [...new Set([...namesWithTrait(state, 'quaternary'), ...soaps])] }
      : null;
  },
});

/** Below this a lone active does nothing that water would not (common practice, no source). */
const WEAK_BELOW: readonly {
  readonly by: CleaningAgentId;
  readonly least: number;
  readonly trace: number;
  readonly name: string;
}[] = [
  { by: 'alcohol', least: 10, trace: 0.3, name: 'alcohol' },
  { by: 'acid', least: 0.5, trace: 0.02, name: 'acid' },
  { by: 'oxidiser', least: 0.3, trace: 0.01, name: 'peroxide' },
];

/** What each cleaning agent is called in a sentence, and measured in. */
const LIFTER_WORDS: Readonly<Record<CleaningAgentId, readonly [name: string, unit: string]>> = {
  acid: ['acid', ' %'],
  'acid-salt': ['acid with salt', ' %'],
  alkali: ['strong alkali', ' mmol/L'],
  'mild-alkali': ['alkali', ' mmol/L'],
  surfactant: ['soap or detergent', ' g/L'],
  detergent: ['dish soap', ' g/L'],
  alcohol: ['alcohol', ' %'],
  oxidiser: ['peroxide', ' %'],
  grains: ['grains', ' %'],
  absorbent: ['powder that soaks up', ' %'],
  oil: ['oil', ' %'],
  water: ['water', ' %'],
};

export const tooWeak = mixtureRule({
  code: 'too-weak',
  description: 'too little to do the work',
  sources: ['common-practice'],
  message: {
    happens: 'Too thin to do much: {strength} % of {active}.',
    why: 'Under about {least} % it works hardly better than plain water.',
    instead: 'Less water, or a stronger starting point.',
  },
  variants: {
    soil: {
      happens: 'Too thin for {soil}: {strength}{unit} of {active}.',
      why: 'That work begins at about {least}{unit}.',
      instead: 'Less water, or a stronger starting point.',
    },
  },
  check: ({ state, formula, amounts, soil, scope }) => {
    if (!formula || !amounts || (scope !== 'stored' && scope !== 'fresh') || hasTrait(state, 'hypochlorite'))
      return null;
    if (soil) {
      const tried = soil.mechanisms
        .map((l) => ({ lift: l, strength: agentStrength(state, l.by) }))
        .filter((t) => t.strength > 0 && t.lift.by !== 'water');
      if (tried.length === 0 || tried.some((t) => isAtLeast(t.strength, t.lift.from))) return null;
      const near = tried.reduce((a, b) => (b.strength / b.lift.from > a.strength / a.lift.from ? b : a));
      const [active, unit] = LIFTER_WORDS[near.lift.by];
      return {
        level: 'defeats',
        subjects: state.ingredients.map((b) => b.name),
        figures: { strength: near.strength, least: near.lift.from },
        words: { soil: soil.name.toLowerCase(), active, unit },
        variant: 'soil',
      };
    }
    if (!state.wet || hasTrait(state, 'surfactant') || hasTrait(state, 'soap') || hasTrait(state, 'alkali'))
      return null;
    const found = WEAK_BELOW.map((w) => ({ ...w, strength: agentStrength(state, w.by) }));
    // Two that are each a little thin do the work together.
    if (
      isAtLeast(
        found.reduce((sum, w) => sum + w.strength / w.least, 0),
        1,
      )
    )
      return null;
    const weak = found.find((w) => w.strength > w.trace);
    return weak
      ? {
          level: 'caution',
          subjects: state.ingredients.map((b) => b.name),
          figures: { strength: weak.strength, least: weak.least },
          words: { active: weak.name },
        }
      : null;
  },
});
