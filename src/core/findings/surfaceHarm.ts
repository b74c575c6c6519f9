import type { CleaningAgentId, Soil } from '../catalogue/soils';
import type { Surface, SurfaceHarm } from '../catalogue/surface';
import { namesWithTrait, hasTrait, type MixtureState } from '../mixture/state';
import { burnsOn, FLAMMABLE_UP_TO_C } from './gasAndFire';
import type { RuleHit, Message } from './finding';
import { exceeds } from '../quantity/limit';
import type { ExceededLimit } from './surfaceLimits';
import { plural } from '../text/english';
import { uselessIn } from './uselessFor';
import { plainNumber } from './message';
import { ruleAbout, type Rule } from './rule';

/** A mixture on a surface for a while. */
export interface SurfaceRuleInput {
  readonly state: MixtureState;
  readonly surface: Surface;
  /** Contact time, minutes; null if not said. */
  readonly dwellMinutes: number | null;
  readonly soil: Soil | null;
  /** Which of the surface's limits it passes: {@link exceededLimits}. */
  readonly passed: readonly ExceededLimit[];
}

const surfaceRule = ruleAbout<SurfaceRuleInput>();

/** Where a wet cloth is already too much, "rinse with water" would be the harm. */
const WATERSHY_UP_TO_MINUTES = 15;

const isWatershy = ({ limits, keepOut }: Surface): boolean =>
  keepOut !== null || limits.some((l) => l.of === 'water' && !exceeds(l.minutes, WATERSHY_UP_TO_MINUTES));

const WORDS: Message = {
  happens: 'Not for {surface}: {subjects} {harms|harm} it at once.',
  why: '{reason}',
  instead: '{rather}',
};

const VARIANTS = {
  tooLong: {
    happens: 'Too long on {surface}: {subjects} {harms|harm} it after {minutes}.',
    why: '{reason}',
    instead: 'Keep to less than {minutes}, then {off}.',
  },
  brief: {
    happens: 'Fine on {surface} up to {minutes}; beyond that {subjects} {harms|harm} it.',
    why: '{reason}',
    instead: 'Test out of sight first, then {off} in time.',
  },
  band: {
    happens: 'On {surface} it may be too much: its pH is about {about}, it may be {end}; {surface} bears {limit}.',
    why: '{reason}',
    instead: 'Test out of sight first, then {off} at once; or make it weaker.',
  },
  grains: {
    happens: 'Not for {surface}: {subjects} {scratches|scratch} it.',
    why: '{reason}',
    instead: 'Something without grains: a soft cloth, and time.',
  },
  out: {
    happens: 'Keep everything off {surface}.',
    why: '{reason}',
    instead: 'Dry, with a soft brush or cloth, and no more.',
  },
} satisfies Record<string, Message>;

/** "about 15 minutes", "about half a minute", "about 1 hour". */
function minutesText(minutes: number): string {
  if (minutes < 0.75) return 'about half a minute';
  const hours = minutes / 60;
  return hours >= 2
    ? `about ${Math.round(hours)} hours`
    : `about ${plainNumber(Math.max(1, Math.round(minutes)))} ${plural(Math.max(1, Math.round(minutes)), 'minute', 'minutes')}`;
}

/** What to take on a surface instead: nothing that it minds. */
function ratherThan({ surface }: SurfaceRuleInput, excess: ExceededLimit): string {
  if (isWatershy(surface))
    return `A cloth wrung out as dry as it goes${surface.group === 'wood' ? ', along the grain' : ''}, and a dry one after it.`;
  return excess.of === 'alkali' || excess.of === 'water'
    ? 'A damp cloth with plain water here, and dry it.'
    : 'Plain water or a drop of dish soap in water here, and dry it.';
}

function raised(on: SurfaceRuleInput, excess: ExceededLimit): RuleHit<keyof typeof VARIANTS> {
  const atOnce = excess.minutes === 0;
  const tooLong = !atOnce && on.dwellMinutes !== null && exceeds(on.dwellMinutes, excess.minutes);
  return {
    level: 'caution',
    subjects: excess.subjects,
    figures: {
      harmAfterMinutes: excess.minutes,
      ...(on.dwellMinutes === null ? {} : { dwellMinutes: on.dwellMinutes }),
    },
    rulesOut: !excess.bandEnd && (atOnce || tooLong),
    variant: excess.bandEnd
      ? 'band'
      : on.surface.keepOut
        ? 'out'
        : excess.harm === 'scratches'
          ? 'grains'
          : atOnce
            ? undefined
            : tooLong
              ? 'tooLong'
              : 'brief',
    words: {
      surface: on.surface.name.toLowerCase(),
      reason: excess.reason,
      minutes: minutesText(excess.minutes),
      rather: ratherThan(on, excess),
      about: excess.bandEnd?.pH.toFixed(1),
      end: excess.bandEnd?.end.toFixed(1),
      limit: excess.bandEnd
        ? `${excess.bandEnd.end > excess.bandEnd.pH ? 'up to' : 'down to'} ${excess.bandEnd.limit}`
        : undefined,
      off: isWatershy(on.surface)
        ? 'wipe it off with a cloth wrung nearly dry, and dry it'
        : 'rinse it off with water and dry it',
    },
  };
}

/** What a person would never reach is not worth a word: minutes. */
const REPORT_UP_TO_MINUTES = 120;
/** Water itself is worth a word where a wet cloth is already too much, or where it really stands so long. */
const REPORT_WATER_UP_TO_MINUTES = 5;

function worthSaying(excess: ExceededLimit, dwellMinutes: number | null): boolean {
  if (dwellMinutes !== null && exceeds(dwellMinutes, excess.minutes)) return true;
  return !exceeds(excess.minutes, excess.of === 'water' ? REPORT_WATER_UP_TO_MINUTES : REPORT_UP_TO_MINUTES);
}

function harm(code: SurfaceHarm, description: string): Rule<SurfaceRuleInput> {
  return surfaceRule({
    code,
    description,
    sources: ['common-practice', 'geology', 'mohs-crc'],
    message: WORDS,
    variants: VARIANTS,
    check: (on) =>
      on.passed.filter((e) => e.harm === code && worthSaying(e, on.dwellMinutes)).map((e) => raised(on, e)),
  });
}

const setsProtein = surfaceRule({
  code: 'sets-protein-stain',
  description: 'what sets a stain',
  sources: ['common-practice'],
  message: {
    happens: '{subjects} {sets|set} {soil} for good.',
    why: '{reason}',
    instead: 'Cool water and soap first; nothing sour and nothing hot until it is out.',
  },
  variants: {
    other: {
      happens: '{subjects} {sets|set} {soil} for good.',
      why: '{reason}',
      instead: 'Take what lifts it instead: see the ways for {soil}.',
    },
  },
  check: ({ state, soil }) => {
    if (!soil) return null;
    const setting = uselessIn(soil, state).filter((u) => u.sets);
    const hot = soil.id === 'protein' && state.ingredients.some((b) => b.water === 'boiling');
    const first = setting[0];
    if (!first && !hot) return null;
    const subjects = first ? subjectsThatSet(first.by, state) : ['boiling water'];
    return {
      level: 'caution',
      subjects,
      rulesOut: true,
      words: { soil: soil.name.toLowerCase(), reason: first?.why ?? 'Heat sets protein.' },
      variant: soil.id === 'protein' ? undefined : 'other',
    };
  },
});

const subjectsThatSet = (by: CleaningAgentId, state: MixtureState): string[] =>
  by === 'acid'
    ? namesWithTrait(state, 'acid')
    : by === 'oxidiser'
      ? [...namesWithTrait(state, 'peroxide'), ...namesWithTrait(state, 'hypochlorite')]
      : namesWithTrait(state, 'soap');

const nearFlame = surfaceRule({
  code: 'flammable-liquid',
  description: 'what can catch fire on a hob, oven or stove',
  sources: ['ghs', 'flash-table-memory'],
  message: {
    happens: 'Not on or near {surface}: the vapour lights from about {from} °C.',
    why: 'A flash point of 60 °C or below is a flammable liquid; a hob, oven, heater or stove can light it, and a warm one makes vapour.',
    instead: 'Cold and switched off: a cloth wrung out in suds. Alcohol and solvents only far from any heat.',
  },
  variants: {
    cold: {
      happens: 'Not on or near {surface}: the vapour lights even in the cold.',
      why: 'A flash point below 0 °C: an extremely flammable liquid; a pilot light or a spark is enough.',
      instead: 'Cold and switched off: a cloth wrung out in suds. Solvents nowhere near.',
    },
    thin: {
      happens:
        'So little alcohol in water does not keep burning; not onto {surface} while it is hot or a flame is near.',
      why: 'Its vapour still flashes from about {from} °C, and a hot surface gives it that.',
      instead: 'Only cold and switched off, and dry again before it is lit.',
    },
  },
  check: ({ state, surface }) => {
    const flash = state.flashPointC;
    if (!surface.ignites || !flash || exceeds(flash.low, FLAMMABLE_UP_TO_C)) return null;
    const figures = { flashPointLowC: flash.low, flashPointHighC: flash.high };
    const words = { surface: surface.name.toLowerCase(), from: String(Math.round(flash.low)) };
    const subjects = [
      ...new Set([
        ...namesWithTrait(state, 'alcohol'),
        ...namesWithTrait(state, 'solvent'),
        ...(hasTrait(state, 'alcohol') || hasTrait(state, 'solvent') ? [] : namesWithTrait(state, 'essential-oil')),
      ]),
    ];
    if (!burnsOn(state)) return { level: 'caution', subjects, figures, words, variant: 'thin' };
    return { level: 'danger', subjects, figures, words, rulesOut: true, variant: flash.low < 0 ? 'cold' : undefined };
  },
});

/** Everything a surface can suffer, one rule a harm. */
export const SURFACE_RULES: readonly Rule<SurfaceRuleInput>[] = [
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
