import { bringersOf, has } from '../mixture/state';
import type { Rule } from './rule';

/** Less than this much acid meeting alkali is not worth a word, mmol per litre. */
const WORTH_SAYING_MMOL_PER_L = 2;

export const neutralised: Rule = {
  code: 'neutralised',
  looksFor: 'acid and alkali using each other up',
  sources: ['stoichiometry', 'crc'],
  words: {
    happens: '{subjects} use each other up: nothing of either is left, only salty water.',
    why: '{neutralisedMmol} mmol of acid met as much alkali and gave {carbonDioxideML} mL of gas.',
    instead: 'Use them one after the other: the alkali first to scrub, a rinse, then the acid.',
  },
  otherWords: {
    acid: {
      happens: '{subjects} use each other up: all of the alkali and {acidUsedPercent} % of the acid are gone.',
      why: '{neutralisedMmol} mmol of acid met the alkali and gave {carbonDioxideML} mL of gas; what is left is a weaker acid in salty water.',
      instead: 'Leave the alkali out, or use the two one after the other with a rinse between.',
    },
    alkali: {
      happens: '{subjects} use each other up: all of the acid and {alkaliUsedPercent} % of the alkali are gone.',
      why: '{neutralisedMmol} mmol of acid met the alkali and gave {carbonDioxideML} mL of gas; what is left is a weaker alkali in salty water.',
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

/** Less than this share of the soap lost is not seen, 0 to 1. */
const CURD_SEEN_ABOVE = 0.05;

export const soapCurdles: Rule = {
  code: 'soap-curdles',
  looksFor: 'soap curdled by acid',
  sources: ['stoichiometry', 'crc-memory'],
  words: {
    happens: '{subjects}: the acid turns {curdledPercent} % of the soap into a greasy white curd.',
    why: 'Soap is the salt of a fatty acid; a stronger acid takes its place, and the fat floats up. It no longer cleans and leaves a film.',
    instead:
      'Leave the acid out, or take dish soap, which does not curdle. A vinegar rinse can follow once the soap is rinsed off.',
  },
  check: ({ state, scope }) => {
    const share = state.soapCurdledFraction ?? 0;
    if (share <= CURD_SEEN_ABOVE || scope === 'air') return null;
    return {
      level: 'defeats',
      subjects: [...bringersOf(state, 'soap'), ...bringersOf(state, 'acid')],
      figures: { curdledPercent: 100 * share },
    };
  },
};
