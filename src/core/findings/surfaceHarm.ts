import type { Surface, SurfaceHarm, Tolerance } from '../catalogue/surfaces';
import { bringersOf, type MixtureState } from '../mixture/state';
import type { Trait } from '../catalogue/substances';
import type { Raised, Wording } from './finding';
import type { Rule } from './rule';

/** A mixture on a surface for a while. */
export interface OnSurface {
  readonly state: MixtureState;
  readonly surface: Surface;
  /** Contact time, minutes; null if not said. */
  readonly dwellMinutes: number | null;
}

/** Free acid below this, mol/L, is no stronger than soft drink dregs: 0.03 % of acetic acid. */
const ACID_ABOVE_MOL_PER_L = 0.005;
const ALKALI_ABOVE_MOL_PER_L = 0.005;

interface Excess {
  readonly tolerance: Tolerance;
  readonly by: Trait;
}

/** Every limit of the surface that the mixture passes, whatever the time. */
function excesses({ state, surface }: OnSurface): Excess[] {
  const litres = state.volumeML / 1000;
  const molPerL = (mol: number): number => (litres > 0 ? mol / litres : 0);
  const found: Excess[] = [];
  const add = (tolerance: Tolerance | null, by: Trait, passed: boolean): void => {
    if (tolerance && passed) found.push({ tolerance, by });
  };
  add(surface.acid, 'acid', molPerL(state.balance.acidLeftMol) > ACID_ABOVE_MOL_PER_L);
  add(surface.alkali, 'alkali', molPerL(state.balance.strongAlkaliLeftMol) > ALKALI_ABOVE_MOL_PER_L);
  add(surface.hypochlorite, 'hypochlorite', state.freeChlorinePPM > 0);
  add(surface.alcohol, 'alcohol', state.alcoholPercentVV > (surface.alcohol?.limit ?? 100));
  return found;
}

const WORDS: Wording = {
  happens: 'Not for {surface}: {subjects} harms it at once.',
  why: '{reason}',
  instead: 'Use plain water or a drop of dish soap in water here, and dry it.',
};

function harm(code: SurfaceHarm, looksFor: string): Rule<OnSurface> {
  return {
    code,
    looksFor,
    sources: ['common-practice', 'geology'],
    words: WORDS,
    otherWords: {
      tooLong: {
        happens: 'Too long on {surface}: {subjects} harms it after about {harmAfterMinutes} minutes.',
        why: '{reason}',
        instead: 'Keep to less than {harmAfterMinutes} minutes, then rinse with water and dry.',
      },
      brief: {
        happens: 'On {surface} only briefly: {subjects} begins to harm it after about {harmAfterMinutes} minutes.',
        why: '{reason}',
        instead: 'Test out of sight first, rinse with water within {harmAfterMinutes} minutes, and dry.',
      },
    },
    check: (on) =>
      excesses(on)
        .filter((e) => e.tolerance.harm === code)
        .map(({ tolerance, by }): Raised => {
          const atOnce = tolerance.minutes === 0;
          const tooLong = !atOnce && on.dwellMinutes !== null && on.dwellMinutes > tolerance.minutes;
          return {
            level: 'caution',
            subjects: bringersOf(on.state, by),
            figures: {
              harmAfterMinutes: tolerance.minutes,
              ...(on.dwellMinutes === null ? {} : { dwellMinutes: on.dwellMinutes }),
            },
            rulesOut: atOnce || tooLong,
            ...(atOnce ? {} : { as: tooLong ? 'tooLong' : 'brief' }),
            words: { surface: on.surface.name.toLowerCase(), reason: tolerance.reason },
          };
        }),
  };
}

/** Everything a surface can suffer, one rule a harm. */
export const SURFACE_RULES: readonly Rule<OnSurface>[] = [
  harm('etches-stone', 'acid on stone'),
  harm('corrodes-metal', 'corrosion of metal'),
  harm('strips-finish', 'loss of wax, varnish or seal'),
  harm('crazes-plastic', 'cracks in plastic'),
  harm('attacks-silvering', 'harm to a mirror'),
  harm('damages-coating', 'harm to a glaze or coating'),
  harm('weakens-grout', 'loss of grout'),
];
