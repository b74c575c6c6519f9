import type { LifterId, Soil } from '../catalogue/soils';
import type { Surface, SurfaceHarm } from '../catalogue/surface';
import { bringersOf, type MixtureState } from '../mixture/state';
import { FLAMMABLE_UP_TO_C } from './gasAndFire';
import type { Raised, Wording } from './finding';
import { isOver } from '../quantity/limit';
import type { Excess } from './surfaceLimits';
import { uselessIn } from './uselessFor';
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
    const setting = uselessIn(soil, state).filter((u) => u.sets);
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

const subjectsThatSet = (by: LifterId, state: MixtureState): string[] =>
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
