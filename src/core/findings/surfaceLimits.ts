import { preferenceOf, type AdvicePreferences } from '../catalogue/disputedAdvice';
import type { Trait } from '../catalogue/substances';
import type { LimitOf, Surface, SurfaceHarm, Tolerance } from '../catalogue/surface';
import { namesWithTrait, hasTrait, modelPH, type MixtureState } from '../mixture/state';
import { exceeds, isAtLeast } from '../quantity/limit';

/** What of a surface's limits a mixture passes, and how long that is borne. */

/** Free acid below this, percent as acetic, is no stronger than the dregs of a soft drink. */
const ACID_FROM_PERCENT = 0.03;
/** Alkali below this is no stronger than a trace of suds, mmol/L to pH 7. */
const ALKALI_FROM_MMOL_PER_L = 5;
/** The strengths that the minutes of a limit are stated for. */
const REFERENCE = { acidPercent: 2.5, alkaliMmolPerL: 100 } as const;
/** However thin, harm is not put off further than this many times; however strong, not sooner than a fifth. */
const MAX_STRETCH = 20;
const MIN_STRETCH = 0.2;
const BOILING_C = 95;

/** One limit that a mixture passes, and the minutes until it does harm. */
export interface ExceededLimit {
  /** What passes the limit; null for a special weakness or where everything must be kept off. */
  readonly of: LimitOf | null;
  readonly harm: SurfaceHarm;
  readonly reason: string;
  readonly source: Tolerance['source'];
  readonly subjects: readonly string[];
  /** Minutes of contact until harm begins; 0 is at once. */
  readonly minutes: number;
  /** Where only an end of the pH's band passes the limit: that end, and the limit. */
  readonly bandEnd: { readonly pH: number; readonly end: number; readonly limit: number } | null;
}

const stretch = (minutes: number, share: number): number =>
  minutes * Math.min(MAX_STRETCH, Math.max(MIN_STRETCH, share));

/** Alkali of all bases, soap too, mmol/L to pH 7. */
const alkaliMmolPerL = (state: MixtureState): number => Math.max(0, -(state.acidity?.acidReserveMmolPerL ?? 0));

/** What stands of alcohol holds of other solvents, for a reason of their own. */
const SOLVENT_REASON = 'A solvent softens, clouds or dissolves it.';

const TRAIT_OF: Record<LimitOf, Trait | null> = {
  acid: 'acid',
  alkali: 'alkali',
  oxidiser: 'peroxide',
  hypochlorite: 'hypochlorite',
  alcohol: 'alcohol',
  oil: 'essential-oil',
  'fatty-oil': 'fatty-oil',
  grains: 'abrasive',
  water: null,
  heat: null,
};

/** The end of a pH's band that passes a limit which the pH itself does not; null where none does. */
function bandPasses(t: Tolerance, damp: MixtureState): ExceededLimit['bandEnd'] {
  const pH = modelPH(damp);
  if (!pH) return null;
  if (t.of === 'acid' && isAtLeast(pH.value, t.limit) && !isAtLeast(pH.low, t.limit))
    return { pH: pH.value, end: pH.low, limit: t.limit };
  const isAlkaline = t.of === 'alkali' && hasTrait(damp, 'alkali');
  return isAlkaline && !exceeds(pH.value, t.limit) && exceeds(pH.high, t.limit)
    ? { pH: pH.value, end: pH.high, limit: t.limit }
    : null;
}

/** Minutes until a mixture harms by one limit; null if it keeps within it, at the worse end of its pH's band too. */
function minutesUntilHarm(t: Tolerance, state: MixtureState, damp: MixtureState): number | null {
  const pH = modelPH(damp);
  switch (t.of) {
    case 'acid':
      // In hardly any water there is no pH to speak of, but acid is acid.
      if ((pH && isAtLeast(pH.low, t.limit)) || !isAtLeast(damp.freeAcidPercentAsAcetic, ACID_FROM_PERCENT))
        return null;
      return stretch(t.minutes, REFERENCE.acidPercent / damp.freeAcidPercentAsAcetic);
    case 'alkali': {
      // Soap's own pH is known to about a unit only, and its alkali is weak: the low end counts.
      const at = pH && (hasTrait(damp, 'alkali') ? pH.high : pH.low);
      const reserve = alkaliMmolPerL(damp);
      if (at === null || !exceeds(at, t.limit) || !isAtLeast(reserve, ALKALI_FROM_MMOL_PER_L)) return null;
      return stretch(t.minutes, REFERENCE.alkaliMmolPerL / reserve);
    }
    case 'oxidiser':
      return state.wet && exceeds(state.hydrogenPeroxidePercentWV, t.limit) ? t.minutes : null;
    case 'hypochlorite':
      return exceeds(state.freeChlorinePPM, t.limit) ? t.minutes : null;
    case 'alcohol': {
      const percent =
        state.alcoholPercentVV + (state.massG > 0 ? (100 * (state.traitG.solvent ?? 0)) / state.massG : 0);
      return exceeds(percent, t.limit) ? t.minutes : null;
    }
    case 'oil':
      return exceeds(state.essentialOilPercentVV, t.limit) ? t.minutes : null;
    case 'fatty-oil':
      return state.massG > 0 && exceeds((100 * (state.traitG['fatty-oil'] ?? 0)) / state.massG, t.limit)
        ? t.minutes
        : null;
    case 'grains':
      return state.abrasiveMohs !== null && exceeds(state.abrasiveMohs, t.limit) ? t.minutes : null;
    case 'water':
      return state.wet && state.waterG > 0.3 * state.massG ? t.minutes : null;
    case 'heat':
      return !isAtLeast(t.limit, BOILING_C) && state.ingredients.some((b) => b.water === 'boiling') ? t.minutes : null;
  }
}

/** Baking soda, Mohs (CRC Handbook): who scours with it holds it harmless on all that bears any grain at all. */
const SODA_MOHS = 2.5;
const soda = (t: Tolerance): Tolerance =>
  t.of === 'grains' && t.limit > 0 && t.limit < SODA_MOHS ? { ...t, limit: SODA_MOHS } : t;

/** The limits of a surface as a person holds them: disputed advice they have chosen replaces the stricter limit. */
export function limitsOf(surface: Surface, schools: AdvicePreferences): readonly Tolerance[] {
  const chosen = surface.schools.filter((s) => preferenceOf(s.school, schools) === s.choice);
  const replaced = chosen.map((c) => c.of);
  const held =
    chosen.length === 0
      ? surface.limits
      : [...surface.limits.filter((l) => !replaced.includes(l.of)), ...chosen.flatMap((c) => c.limits)];
  return preferenceOf('scouring', schools) === 'soda' ? held.map(soda) : held;
}

const isPlainWater = (state: MixtureState): boolean => state.waterG > 0.9999 * state.massG;

const subjectsOf = (of: LimitOf, state: MixtureState): string[] => {
  const trait = TRAIT_OF[of];
  const named = trait ? namesWithTrait(state, trait) : [];
  if (named.length > 0) return named;
  if (of === 'alkali') return namesWithTrait(state, 'soap');
  if (of === 'alcohol') return namesWithTrait(state, 'solvent');
  return of === 'grains' ? ['its grains'] : ['the water in it'];
};

/**
 * Every limit of the surface that the mixture passes, whatever the time; of one harm by one thing the soonest.
 * @param damp the mixture as it is on a damp surface: powders are sour or alkaline only there
 */
export function exceededLimits(
  state: MixtureState,
  surface: Surface,
  schools: AdvicePreferences,
  damp: MixtureState = state,
): ExceededLimit[] {
  if (surface.keepOut) {
    return isPlainWater(state)
      ? []
      : [
          {
            of: null,
            ...surface.keepOut,
            source: 'common-practice',
            subjects: ['any mixture'],
            minutes: 0,
            bandEnd: null,
          },
        ];
  }
  const soonest = new Map<string, ExceededLimit>();
  const add = (key: string, excess: ExceededLimit): void => {
    const before = soonest.get(key);
    if (!before || excess.minutes < before.minutes) soonest.set(key, excess);
  };
  for (const t of limitsOf(surface, schools)) {
    const minutes = minutesUntilHarm(t, state, damp);
    if (minutes === null) continue;
    add(`${t.of} ${t.harm}`, {
      of: t.of,
      harm: t.harm,
      reason: t.of === 'alcohol' && !hasTrait(state, 'alcohol') ? SOLVENT_REASON : t.reason,
      source: t.source,
      subjects: subjectsOf(t.of, state),
      minutes,
      bandEnd: bandPasses(t, damp),
    });
  }
  for (const w of surface.weaknesses) {
    if (!w.traits.every((trait) => hasTrait(state, trait))) continue;
    if (w.traits.includes('acid') && !isAtLeast(damp.freeAcidPercentAsAcetic, ACID_FROM_PERCENT)) continue;
    const subjects = [...new Set(w.traits.flatMap((trait) => namesWithTrait(state, trait)))];
    add(w.traits.join(), {
      of: null,
      harm: w.harm,
      reason: w.reason,
      source: w.source,
      subjects,
      minutes: w.minutes,
      bandEnd: null,
    });
  }
  return [...soonest.values()];
}

/** Only what is passed for sure, not at an end of the pH's band alone: what times and rankings go by. */
export const certainlyExceeded = (found: readonly ExceededLimit[]): ExceededLimit[] =>
  found.filter((e) => e.bandEnd === null);
