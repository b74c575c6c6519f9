import { firstHere } from '../catalogue/firstHere';
import { ingredientById } from '../catalogue/lookup';
import { JOINTS, type AfterStep, type Method } from '../catalogue/methods';
import type { Soil } from '../catalogue/soils';
import { strokeOn } from '../catalogue/strokes';
import type { Surface } from '../catalogue/surface';
import type { UseForm } from '../catalogue/useForms';
import { isWorse, type Finding } from '../findings/finding';
import type { Formula } from '../formula/formula';
import { exceeds, isAtLeast } from '../quantity/limit';
import { isWindows } from './attempt';
import { afterWords, applyWords, atHand, lookWords, tipFor } from './guideWords';
import type { Dwell } from './dwell';
import { toMake, type WayAmount } from './howMuch';
import type { Way } from './way';

export const GUIDE_STEP_KEYS = [
  'clear',
  'first',
  'make',
  'steam',
  'cool',
  'spot-test',
  'apply',
  'dwell',
  'agitate',
  'lift-off',
  'rinse',
  'dry',
  'inspect',
  'step-up',
] as const;
export type GuideStepKey = (typeof GUIDE_STEP_KEYS)[number];

/** One step of a guide. */
export interface GuideStep {
  readonly key: GuideStepKey;
  readonly text: string;
  /** Minutes it takes where it is a wait; null for what is done at once. */
  readonly minutes: number | null;
  /** What to mind at this step, in whole sentences. */
  readonly mind: readonly string[];
  /** What helps at once where it goes wrong; null where there is nothing to say. */
  readonly tip: string | null;
}

type More = Partial<Pick<GuideStep, 'minutes' | 'mind' | 'tip'>>;

const step = (key: GuideStepKey, text: string, { minutes = null, mind = [], tip = null }: More = {}): GuideStep => ({
  key,
  text,
  minutes,
  mind,
  tip,
});

/** Minutes an oven steams, shut, over a tray of boiling water (common practice, no source). */
const STEAM_MINUTES = 20;
/** Minutes until it is hand-warm, its door open (common practice, no source). */
const COOL_MINUTES = 30;

/** Minutes a spot test waits before it is looked at. */
const SPOT_TEST_MINUTES = 5;

const rounded = (n: number): number => (n < 20 ? Math.max(1, Math.round(n)) : 5 * Math.round(n / 5));

/** How much, in words: "120 mL", "2.5 L"; empty where nothing is measured. */
export function amountWords(amount: WayAmount | null): string {
  if (amount === null) return '';
  const { volumeML } = amount;
  if (volumeML === null) return `${rounded(amount.massG ?? 0)} g`;
  return volumeML >= 1000 ? `${Math.round(volumeML / 100) / 10} L` : `${rounded(volumeML)} mL`;
}

/** Where each thing that follows stands in the order. */
const AFTER_KEYS: Readonly<Record<AfterStep, GuideStepKey>> = {
  rinse: 'rinse',
  'damp-cloth': 'rinse',
  suds: 'rinse',
  flush: 'rinse',
  boil: 'rinse',
  wash: 'rinse',
  vacuum: 'lift-off',
  dry: 'dry',
  buff: 'dry',
  oil: 'dry',
  air: 'dry',
};

/** What is not tried out of sight first: a vessel, a machine, a thing that lies in it whole, a powder that is swept up again. */
const UNTESTED_FORMS: readonly UseForm[] = ['fill', 'machine', 'strew', 'absorb', 'air', 'pour', 'pieces', 'foil'];
const UNTESTED_SURFACES = [
  'toilet-bowl',
  'oven-racks',
  'drain-and-trap',
  'extractor-filter-steel',
  'extractor-filter-aluminium',
  'drinking-glass',
  'oven-door-glass',
  'shower-head',
  'glass',
  'mirror',
  'stove-glass',
  'thermos',
  'kettle',
];

/** Forms that lie on a powder, or in a machine: nobody wets hands. */
const DRY_HANDS: readonly UseForm[] = ['strew', 'absorb', 'air', 'pieces', 'machine', 'dry', 'cold'];

/** Of how it is made or kept, and not of how it is put on, by the codes of findings. */
const OF_MAKING = ['unstable-peroxide', 'handled-strong'];

const NOTHING_ELSE = 'Nothing else goes on it at the same time.';

const isSurfaceTime = (f: Finding): boolean => f.figures.harmAfterMinutes !== undefined;

/** What is said of a caution where the hand is on it: what happens, and what to do. */
const minded = (f: Finding): string => `${f.happens} ${f.instead}`.trim();

/** What of a way is minded while it is made, put on, and waited for. */
function mindOf(way: Way): Readonly<Record<'making' | 'applying' | 'waiting', readonly string[]>> {
  const { cautions, method, candidate } = way;
  const said = cautions.filter((f) => isWorse(f.level, 'clear'));
  const isMade = candidate !== null && candidate.from !== 'shelf';
  const isOfMaking = (f: Finding): boolean => isMade && OF_MAKING.includes(f.code);
  const words = (of: readonly Finding[]): string[] => [...new Set(of.map(minded))];
  const isWet = candidate !== null && !DRY_HANDS.includes(method.form);
  const isWaiting = (f: Finding): boolean => isSurfaceTime(f) && !isAtOnce(way);
  return {
    making: words(said.filter(isOfMaking)),
    applying: [...words(said.filter((f) => !isOfMaking(f) && !isWaiting(f))), ...(isWet ? [NOTHING_ELSE] : [])],
    waiting: words(said.filter(isWaiting)),
  };
}

/** Forms that are named to begin with what lies ready: what comes before any cleaner is part of them. */
const BEGINS_ITSELF: readonly UseForm[] = ['dry', 'absorb', 'cold', 'heat', 'air', 'machine', 'steam'];
/** Daily dirt needs nothing before these: they are swept, or lie in it whole. */
const WASHES_ALL: readonly UseForm[] = ['bucket', 'fill', 'soak'];

/** @param ready what has been said already: nothing is said twice */
function firstStep({ method }: Way, surface: Surface, soil: Soil, ready: string): GuideStep | null {
  if (BEGINS_ITSELF.includes(method.form) || method.needs === 'nothing') return null;
  if (soil.id === 'daily-dirt' && WASHES_ALL.includes(method.form)) return null;
  const says = firstHere(surface.id, soil)
    .split(/(?<=[.!?]) /)
    .filter((sentence) => sentence !== '' && !ready.includes(sentence.replace(/\.$/, '')));
  return says.length === 0 ? null : step('first', says.join(' '));
}

/** What it is made in, by how it is put on. */
function vesselWords({ form }: Method, volumeML: number): string {
  if (form === 'bucket') return 'a bucket';
  if (form === 'soak') return isAtLeast(volumeML, TUB_FROM_ML) ? 'the tub' : 'a bowl';
  if (form === 'fill' || form === 'foil' || form === 'pour') return 'a jug';
  return form === 'spray' ? 'a sprayer that is emptied after it' : 'a bowl';
}
const TUB_FROM_ML = 3000;

/** The one thing a formula is made of, in words; null where it is mixed. */
function singleOf({ lines: [only, ...rest] }: Formula): string | null {
  if (!only || rest.length > 0 || only.ingredient.kind !== 'known') return null;
  return ingredientById(only.ingredient.id)?.name.toLowerCase() ?? null;
}

function makeStep(way: Way): GuideStep | null {
  const { candidate, amount, method } = way;
  if (!candidate || candidate.from === 'shelf') return null;
  const { formula } = candidate;
  const mind = mindOf(way).making;
  const made = amount && toMake(amount, method, formula);
  const single = singleOf(formula);
  if (single !== null && amount !== null)
    return step('make', `${amount.volumeML === null ? 'Weigh' : 'Measure'} out ${amountWords(amount)} of ${single}.`, {
      mind,
    });
  const much = amountWords(made);
  if (formula.use === 'stored') {
    const vessel = candidate.evaluation.state.wet ? 'bottle' : 'jar';
    const takes = amount === null ? '' : `; this takes ${amountWords(amount)} of it`;
    return step('make', `Label a ${vessel}, then make ${formula.name}${takes}.`, { mind });
  }
  const into = vesselWords(method, made?.volumeML ?? 0);
  return step(
    'make',
    `Make ${much === '' ? '' : `${much} of `}${formula.name} in ${into}: used at once, what is left is poured away.`,
    { mind },
  );
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What is of use at once is not waited for. */
const isAtOnce = ({ dwell }: Way): boolean => dwell === null || dwell.usefulMinutes === 0;

/** What is worked by hand: it has a stroke. */
const WORKED: readonly UseForm[] = ['cloth', 'spray', 'paste', 'hand'];
/** Where a measure is told while it goes on: a cloth and a mop take what they take, and a vessel is full when it is. */
const TOLD: readonly UseForm[] = ['spray', 'paste', 'hand', 'strew', 'absorb', 'bag', 'pieces'];

/** The stroke of what is wiped at once: it stands before the wiping. */
function strokeAtOnce(way: Way, surface: Surface): string {
  const { method } = way;
  if (!isAtOnce(way)) return '';
  if (method.stroke !== null) return method.stroke;
  return WORKED.includes(method.form) && method.does === null ? strokeOn(surface.id) : '';
}

function applyStep(way: Way, surface: Surface, soil: Soil): GuideStep {
  const { method, amount, wetFirst } = way;
  const much = TOLD.includes(method.form) || method.perM2ML !== null ? amountWords(amount) : '';
  const said = [applyWords(method, isAtOnce(way)), strokeAtOnce(way, surface), much === '' ? '' : `About ${much}.`]
    .filter(Boolean)
    .join(' ');
  const text = wetFirst === null ? said : `First wet ${wetFirst} with plain water. Then ${lowerFirst(said)}`;
  return step('apply', text, { mind: mindOf(way).applying, tip: tipFor(method, surface, soil) });
}

/** A time in words: "15 minutes", "8 hours". */
const timeWords = (minutes: number): string =>
  minutes >= 120 ? `${Math.round(minutes / 6) / 10} hours` : `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`;

const leaveIt = (minutes: number): string => `Leave it ${timeWords(minutes)}`;

/** A dwell of this long at the most is not chosen, only moved: minutes. */
const CHOSEN_ABOVE_MINUTES = 180;

/** The times to choose from where it may be hours: of use, best, longest; empty where there is nothing to choose. */
export function dwellChoices(dwell: Pick<Dwell, 'usefulMinutes' | 'bestMinutes' | 'longestMinutes'> | null): number[] {
  if (!dwell || !exceeds(dwell.longestMinutes, CHOSEN_ABOVE_MINUTES)) return [];
  const times = [...new Set([dwell.usefulMinutes, dwell.bestMinutes, dwell.longestMinutes])].filter((m) => m > 0);
  return times.length > 1 ? times : [];
}

/** A step that waits, for another time. @param minutes within what the dwell allows */
export const waitingFor = (waits: GuideStep, minutes: number): GuideStep =>
  waits.key === 'dwell' && waits.minutes !== null
    ? { ...waits, minutes, text: waits.text.replace(leaveIt(waits.minutes), leaveIt(minutes)) }
    : waits;

function dwellStep(way: Way): GuideStep | null {
  const { dwell, method } = way;
  if (!dwell || isAtOnce(way)) return null;
  const { bestMinutes, rewetEveryMinutes } = dwell;
  const time = timeWords(bestMinutes);
  const more: More = { minutes: bestMinutes, mind: mindOf(way).waiting };
  if (method.form === 'blot' && !exceeds(bestMinutes, DABBED_UP_TO_MINUTES))
    return step('dwell', `Go on for about ${time}, a fresh bit of cloth each time.`, more);
  if (rewetEveryMinutes !== null)
    return step('dwell', `Keep it wet for ${time}: again every ${timeWords(rewetEveryMinutes)}.`, {
      ...more,
      tip: 'Drying already? Mist it, or lay a wet cloth on it.',
    });
  return step('dwell', `${leaveIt(bestMinutes)}${method.route === 'overnight' ? ', cold: it may dry' : ''}.`, more);
}
/** A hand goes on dabbing for so long; what takes longer is left wet. */
const DABBED_UP_TO_MINUTES = 15;

/** What is done with it once its time is over. */
function workStep(way: Way, surface: Surface): GuideStep | null {
  const { method } = way;
  const { form, stroke, then } = method;
  if (then !== null) return step(form === 'absorb' || form === 'cold' ? 'lift-off' : 'agitate', then);
  if (isAtOnce(way)) return null;
  if (WORKED.includes(form)) return step('agitate', stroke ?? strokeOn(surface.id));
  if (form === 'bag') return step('agitate', `Take it off. ${stroke ?? 'A soft cloth over what still holds.'}`);
  if (form === 'bucket') return surface.group === 'outdoors' ? step('agitate', stroke ?? strokeOn(surface.id)) : null;
  if (form === 'soak') {
    if (stroke !== null) return step('agitate', `Take it out. ${stroke}`);
    return surface.group === 'cloth' || surface.id === 'shower-curtain'
      ? null
      : step('agitate', 'Take it out; a soft brush for what still holds.');
  }
  return stroke === null ? null : step('agitate', stroke);
}

/** What follows. */
const afterSteps = ({ method, wetFirst }: Way, surface: Surface): GuideStep[] =>
  method.after.map((after) => {
    const words = afterWords(after, method, surface);
    return step(
      AFTER_KEYS[after],
      after === 'rinse' && wetFirst !== null ? `${words} ${capital(wetFirst)} too, well.` : words,
    );
  });

/** As few steps as there are things to do: what is of one kind and follows itself is one. */
function joined(steps: readonly GuideStep[]): GuideStep[] {
  const whole: GuideStep[] = [];
  for (const next of steps) {
    const last = whole.at(-1);
    if (last?.key === next.key) whole.splice(-1, 1, { ...last, text: `${last.text} ${next.text}` });
    else whole.push(next);
  }
  return whole;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Groups of surfaces that dish soap and water can do something to. */
const SHY_OF_SUDS: readonly Surface['group'][] = ['cloth', 'wood', 'wall', 'keep-out', 'outdoors'];

/** True where it is tried out of sight first: not what lies in it whole, and not a little soap on what is hard. */
function isTested({ candidate, method }: Way, { id, group }: Surface): boolean {
  if (candidate === null || UNTESTED_FORMS.includes(method.form) || UNTESTED_SURFACES.includes(id)) return false;
  const by = isWindows(method.needs) ? method.needs[0]?.by : undefined;
  return SHY_OF_SUDS.includes(group) || (by !== 'detergent' && by !== 'surfactant');
}

/**
 * The steps of a job, in the order of careful work: make sure of it, first what comes before any cleaner, make,
 * spot-test, apply, wait, work, rinse, dry, look, and what comes if it was not enough. Each says what is true for
 * this way on this surface alone, with what is to be minded at that step.
 *
 * @param next the way that steps up by one, if there is one
 */
export function guideSteps(way: Way, surface: Surface, soil: Soil, next: Way | null = null): GuideStep[] {
  const { method, dwell, conditions, went } = way;
  const hand = atHand(way, surface);
  const ready = [
    ...conditions.filter((c) => c !== JOINTS || way.wetFirst === null),
    ...(hand.length > 0 ? [`At hand: ${hand.join(', ')}.`] : []),
  ];
  const steps: (GuideStep | null)[] = [
    ready.length > 0 ? step('clear', ready.join(' ')) : null,
    firstStep(way, surface, soil, conditions.join(' ')),
    method.steam ? null : makeStep(way),
    method.steam
      ? step(
          'steam',
          'Warm it to about 100 °C, switch it off, set in a tray of boiling water, shut the door. Mind the splash.',
          { minutes: STEAM_MINUTES },
        )
      : null,
    method.steam
      ? step('cool', 'Off at the wall, the door open, the tray out: let it cool to hand-warm.', {
          minutes: COOL_MINUTES,
        })
      : null,
    // A paste is made while it cools, not before an hour of steam.
    method.steam ? makeStep(way) : null,
    // What went here before has been tried.
    isTested(way, surface) && went === null
      ? step('spot-test', 'Try it out of sight, rinse, and look.', {
          minutes: Math.min(SPOT_TEST_MINUTES, Math.max(1, dwell?.bestMinutes ?? 1)),
        })
      : null,
    applyStep(way, surface, soil),
    dwellStep(way),
    workStep(way, surface),
    ...afterSteps(way, surface),
    step('inspect', lookWords(surface, soil)),
    next
      ? step('step-up', `If not: ${next.name}, once this is off.`)
      : step('step-up', 'If not: once more, a little longer, within its time.'),
  ];
  return joined(steps.filter((s) => s !== null));
}
