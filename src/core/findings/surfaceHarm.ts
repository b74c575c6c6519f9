import { choiceOf, type SchoolChoices } from '../catalogue/schools';
import type { Soil } from '../catalogue/soils';
import type { Trait } from '../catalogue/substances';
import type { LimitOf, Surface, SurfaceHarm, Tolerance } from '../catalogue/surface';
import { bringersOf, has, type MixtureState } from '../mixture/state';
import { FLAMMABLE_UP_TO_C } from './gasAndFire';
import type { Raised, Wording } from './finding';
import { isOver } from './limit';
import type { Rule } from './rule';

/** A mixture on a surface for a while. */
export interface OnSurface {
  readonly state: MixtureState;
  readonly surface: Surface;
  /** Contact time, minutes; null if not said. */
  readonly dwellMinutes: number | null;
  readonly soil: Soil | null;
  /** Which of the surface's limits it passes: {@link excesses}. */
  readonly passed: readonly Excess[];
}

/** Free acid below this, percent as acetic, is no stronger than the dregs of a soft drink. */
const ACID_FROM_PERCENT = 0.03;
/** Alkali below this is no stronger than a trace of suds, mmol/L to pH 7. */
const ALKALI_FROM_MMOL_PER_L = 5;
/** The strengths that the minutes of a limit are stated for. */
const REFERENCE = { acidPercent: 2.5, alkaliMmolPerL: 100 } as const;
/** However thin, harm is not put off further than this many times; however strong, not sooner than a fifth. */
const MOST_STRETCH = 20;
const LEAST_STRETCH = 0.2;
const BOILING_C = 95;

/** One limit that a mixture passes, and the minutes until it does harm. */
export interface Excess {
  /** What passes the limit; null for a special weakness or where everything must be kept off. */
  readonly of: LimitOf | null;
  readonly harm: SurfaceHarm;
  readonly reason: string;
  readonly source: Tolerance['source'];
  readonly subjects: readonly string[];
  /** Minutes of contact until harm begins; 0 is at once. */
  readonly minutes: number;
}

const stretch = (minutes: number, share: number): number =>
  minutes * Math.min(MOST_STRETCH, Math.max(LEAST_STRETCH, share));

/** Alkali of all bases, soap too, mmol/L to pH 7. */
const alkaliMmolPerL = (state: MixtureState): number => Math.max(0, -(state.acidity?.acidReserveMmolPerL ?? 0));

const TRAIT_OF: Record<LimitOf, Trait | null> = {
  acid: 'acid',
  alkali: 'alkali',
  oxidiser: 'peroxide',
  hypochlorite: 'hypochlorite',
  alcohol: 'alcohol',
  oil: 'essential-oil',
  grains: 'abrasive',
  water: null,
  heat: null,
};

/** Minutes until a mixture harms by one limit; null if it keeps within it. */
function minutesUntilHarm(t: Tolerance, state: MixtureState): number | null {
  const { pH } = state;
  switch (t.of) {
    case 'acid':
      if (!pH || pH.value >= t.limit || state.freeAcidPercentAsAcetic < ACID_FROM_PERCENT) return null;
      return stretch(t.minutes, REFERENCE.acidPercent / state.freeAcidPercentAsAcetic);
    case 'alkali': {
      // Soap's own pH is known to about a unit only, and its alkali is weak: the low end counts.
      const at = pH && (has(state, 'alkali') ? pH.value : pH.low);
      const reserve = alkaliMmolPerL(state);
      if (at === null || at <= t.limit || reserve < ALKALI_FROM_MMOL_PER_L) return null;
      return stretch(t.minutes, REFERENCE.alkaliMmolPerL / reserve);
    }
    case 'oxidiser':
      return state.wet && state.hydrogenPeroxidePercentWV > t.limit ? t.minutes : null;
    case 'hypochlorite':
      return state.freeChlorinePPM > t.limit ? t.minutes : null;
    case 'alcohol': {
      const percent =
        state.alcoholPercentVV + (state.massG > 0 ? (100 * (state.traitG.solvent ?? 0)) / state.massG : 0);
      return percent > t.limit ? t.minutes : null;
    }
    case 'oil':
      return state.essentialOilPercentVV > t.limit ? t.minutes : null;
    case 'grains':
      return state.abrasiveMohs !== null && state.abrasiveMohs > t.limit ? t.minutes : null;
    case 'water':
      return state.wet && state.waterG > 0.3 * state.massG ? t.minutes : null;
    case 'heat':
      return t.limit < BOILING_C && state.brought.some((b) => b.water === 'boiling') ? t.minutes : null;
  }
}

/** The limits of a surface as a person holds them: a school they have chosen replaces the stricter one. */
export function limitsOf(surface: Surface, schools: SchoolChoices): readonly Tolerance[] {
  const chosen = surface.schools.filter((s) => choiceOf(s.school, schools) === s.choice);
  if (chosen.length === 0) return surface.limits;
  const replaced = chosen.map((c) => c.of);
  return [...surface.limits.filter((l) => !replaced.includes(l.of)), ...chosen.flatMap((c) => c.limits)];
}

const isPlainWater = (state: MixtureState): boolean => state.waterG > 0.9999 * state.massG;

const subjectsOf = (of: LimitOf, state: MixtureState): string[] => {
  const trait = TRAIT_OF[of];
  const named = trait ? bringersOf(state, trait) : [];
  if (named.length > 0) return named;
  if (of === 'alkali') return bringersOf(state, 'soap');
  if (of === 'alcohol') return bringersOf(state, 'solvent');
  return of === 'grains' ? ['its grains'] : ['the water in it'];
};

/** Every limit of the surface that the mixture passes, whatever the time; of one harm by one thing the soonest. */
export function excesses(state: MixtureState, surface: Surface, schools: SchoolChoices): Excess[] {
  if (surface.keepOut) {
    return isPlainWater(state)
      ? []
      : [{ of: null, ...surface.keepOut, source: 'common-practice', subjects: ['any mixture'], minutes: 0 }];
  }
  const soonest = new Map<string, Excess>();
  const add = (key: string, excess: Excess): void => {
    const before = soonest.get(key);
    if (!before || excess.minutes < before.minutes) soonest.set(key, excess);
  };
  for (const t of limitsOf(surface, schools)) {
    const minutes = minutesUntilHarm(t, state);
    if (minutes === null) continue;
    add(`${t.of} ${t.harm}`, {
      of: t.of,
      harm: t.harm,
      reason: t.reason,
      source: t.source,
      subjects: subjectsOf(t.of, state),
      minutes,
    });
  }
  for (const w of surface.weaknesses) {
    if (!w.traits.every((trait) => has(state, trait))) continue;
    if (w.traits.includes('acid') && state.freeAcidPercentAsAcetic < ACID_FROM_PERCENT) continue;
    const subjects = [...new Set(w.traits.flatMap((trait) => bringersOf(state, trait)))];
    add(w.traits.join(), { of: null, harm: w.harm, reason: w.reason, source: w.source, subjects, minutes: w.minutes });
  }
  return [...soonest.values()];
}

const WORDS: Wording = {
  happens: 'Not for {surface}: {subjects} harms it at once.',
  why: '{reason}',
  instead: 'Use plain water or a drop of dish soap in water here, and dry it.',
};

const OTHER_WORDS: Readonly<Record<string, Wording>> = {
  tooLong: {
    happens: 'Too long on {surface}: {subjects} harms it after about {harmAfterMinutes} minutes.',
    why: '{reason}',
    instead: 'Keep to less than {harmAfterMinutes} minutes, then rinse with water and dry.',
  },
  brief: {
    happens: 'Fine on {surface} up to about {harmAfterMinutes} minutes; beyond that {subjects} harms it.',
    why: '{reason}',
    instead: 'Test out of sight first, rinse with water in time, and dry.',
  },
  grains: {
    happens: 'Not for {surface}: {subjects} scratches it.',
    why: '{reason}',
    instead: 'Something without grains: suds on a soft cloth, and time.',
  },
  out: {
    happens: 'Keep everything off {surface}.',
    why: '{reason}',
    instead: 'A dry or barely damp cloth, and no more.',
  },
};

function raised(on: OnSurface, excess: Excess): Raised {
  const atOnce = excess.minutes === 0;
  const tooLong = !atOnce && on.dwellMinutes !== null && isOver(on.dwellMinutes, excess.minutes);
  return {
    level: 'caution',
    subjects: excess.subjects,
    figures: {
      harmAfterMinutes: excess.minutes,
      ...(on.dwellMinutes === null ? {} : { dwellMinutes: on.dwellMinutes }),
    },
    rulesOut: atOnce || tooLong,
    ...(on.surface.keepOut
      ? { as: 'out' }
      : excess.harm === 'scratches'
        ? { as: 'grains' }
        : atOnce
          ? {}
          : { as: tooLong ? 'tooLong' : 'brief' }),
    words: { surface: on.surface.name.toLowerCase(), reason: excess.reason },
  };
}

/** What a person would never reach is not worth a word: minutes. */
const WORTH_SAYING_UP_TO_MINUTES = 120;
/** Water itself is worth a word where a wet cloth is already too much, or where it really stands so long. */
const WATER_WORTH_SAYING_UP_TO_MINUTES = 5;

function worthSaying(excess: Excess, dwellMinutes: number | null): boolean {
  if (dwellMinutes !== null && isOver(dwellMinutes, excess.minutes)) return true;
  return excess.minutes <= (excess.of === 'water' ? WATER_WORTH_SAYING_UP_TO_MINUTES : WORTH_SAYING_UP_TO_MINUTES);
}

function harm(code: SurfaceHarm, looksFor: string): Rule<OnSurface> {
  return {
    code,
    looksFor,
    sources: ['common-practice', 'geology', 'mohs-crc'],
    words: WORDS,
    otherWords: OTHER_WORDS,
    check: (on) =>
      on.passed.filter((e) => e.harm === code && worthSaying(e, on.dwellMinutes)).map((e) => raised(on, e)),
  };
}

const setsProtein: Rule<OnSurface> = {
  code: 'sets-protein-stain',
  looksFor: 'what sets a stain',
  sources: ['common-practice'],
  words: {
    happens: '{subjects} sets {soil} for good.',
    why: '{reason}',
    instead: 'Cool water and soap first; nothing sour and nothing hot until it is out.',
  },
  otherWords: {
    other: {
      happens: '{subjects} sets {soil} for good.',
      why: '{reason}',
      instead: 'Take what lifts it instead: see the ways for {soil}.',
    },
  },
  check: ({ state, soil }) => {
    if (!soil) return null;
    const setting = soil.useless.filter((u) => u.sets && setsIt(u.by, state));
    const hot = soil.id === 'protein' && state.brought.some((b) => b.water === 'boiling');
    const first = setting[0];
    if (!first && !hot) return null;
    const subjects = first ? subjectsThatSet(first.by, state) : ['boiling water'];
    return {
      level: 'caution',
      subjects,
      rulesOut: true,
      words: { soil: soil.name.toLowerCase(), reason: first?.why ?? 'Heat sets protein.' },
      ...(soil.id === 'protein' ? {} : { as: 'other' }),
    };
  },
};

type Setting = Soil['useless'][number]['by'];

/** Below this nothing sets a stain: percent, or g/L of soap. */
const SETS_FROM = 0.3;

const setsIt = (by: Setting, state: MixtureState): boolean =>
  by === 'acid'
    ? state.freeAcidPercentAsAcetic >= SETS_FROM
    : by === 'oxidiser'
      ? state.hydrogenPeroxidePercentWV >= SETS_FROM || state.freeChlorinePPM > 0
      : by === 'surfactant' && state.soapGPerL >= SETS_FROM;

const subjectsThatSet = (by: Setting, state: MixtureState): string[] =>
  by === 'acid'
    ? bringersOf(state, 'acid')
    : by === 'oxidiser'
      ? [...bringersOf(state, 'peroxide'), ...bringersOf(state, 'hypochlorite')]
      : bringersOf(state, 'soap');

const nearFlame: Rule<OnSurface> = {
  code: 'flammable-liquid',
  looksFor: 'what can catch fire on a hob, oven or stove',
  sources: ['ghs', 'flash-table-memory'],
  words: {
    happens: 'Not on or near {surface}: its vapour lights from about {flashPointLowC} °C.',
    why: 'A flash point of 60 °C or below is a flammable liquid; a hob, oven, heater or stove can light it, and a warm one makes vapour.',
    instead: 'Suds or soda here; alcohol only far from any heat.',
  },
  check: ({ state, surface }) => {
    const flash = state.flashPointC;
    if (!surface.ignites || !flash || flash.low > FLAMMABLE_UP_TO_C) return null;
    return {
      level: 'danger',
      subjects: [...new Set([...bringersOf(state, 'alcohol'), ...bringersOf(state, 'solvent')])],
      figures: { flashPointLowC: flash.low, flashPointHighC: flash.high },
      rulesOut: true,
      words: { surface: surface.name.toLowerCase() },
    };
  },
};

/** Everything a surface can suffer, one rule a harm. */
export const SURFACE_RULES: readonly Rule<OnSurface>[] = [
  nearFlame,
  harm('etches-stone', 'acid on stone'),
  harm('corrodes-metal', 'corrosion of metal'),
  harm('strips-finish', 'loss of wax, varnish or seal'),
  harm('scratches', 'grains that scratch'),
  harm('crazes-plastic', 'cracks in plastic'),
  harm('swells-wood', 'wood that swells'),
  harm('attacks-silvering', 'harm to a mirror'),
  harm('bleaches-colour', 'loss of colour'),
  harm('hardens-rubber', 'harm to rubber'),
  harm('harms-fibre', 'harm to fibres'),
  harm('damages-coating', 'harm to a glaze or coating'),
  setsProtein,
];
