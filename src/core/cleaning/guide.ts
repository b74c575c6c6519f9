import { firstHere } from '../catalogue/firstHere';
import type { AfterStep } from '../catalogue/methods';
import type { Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import type { UseForm } from '../catalogue/useForms';
import type { WayAmount } from './howMuch';
import type { Way } from './way';

export const GUIDE_STEP_KEYS = [
  'clear',
  'first',
  'make',
  'steam',
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
}

const step = (key: GuideStep['key'], text: string, minutes: number | null = null): GuideStep => ({
  key,
  text,
  minutes,
});

/** Minutes an oven steams, shut, over a tray of boiling water (common practice, no source). */
const STEAM_MINUTES = 20;

/** Minutes a spot test waits before it is looked at. */
const SPOT_TEST_MINUTES = 5;

const rounded = (n: number): number => (n < 20 ? Math.max(1, Math.round(n)) : 5 * Math.round(n / 5));

/** How much, in words: "120 mL"; empty where nothing is measured. */
function amountWords(amount: WayAmount | null): string {
  if (amount === null) return '';
  return amount.volumeML === null ? `${rounded(amount.massG ?? 0)} g` : `${rounded(amount.volumeML)} mL`;
}

/** What each form is, where a method does not say it in its own words. */
const APPLY: Readonly<Record<UseForm, string>> = {
  dry: 'Dry, from the top down.',
  cloth: 'Put it on the cloth, wring it, and wipe.',
  spray: 'Spray it on evenly, and leave it.',
  bucket: 'Wring the mop or cloth well, and wipe.',
  paste: 'Spread it where the soil is, 1 to 2 mm thick.',
  strew: 'Strew it evenly, a thin layer.',
  absorb: 'Strew it thick on the spot.',
  blot: 'Dab it on with a white cloth, from the edge inward; no rubbing.',
  soak: 'Lay it in until it is under, covered.',
  fill: 'Fill it to above the mark.',
  bag: 'Wrap it round with paper or a cloth wet with it, or a bag.',
  steam: 'A bowl of boiling water, the door shut.',
  machine: 'Into the empty machine, and run it.',
  pour: 'Pour it in.',
  foil: 'Foil in a bowl, the piece on it, and pour it over.',
  heat: 'Warm it through a dry cloth.',
  cold: 'Ice in a bag on it, then lift it off.',
  hand: 'Rub it in with a cloth.',
  air: 'Set it out.',
  pieces: 'Drop it in.',
};

/** What follows, and where in the order it stands. */
const AFTER: Readonly<Record<AfterStep, GuideStep>> = {
  rinse: step('rinse', 'Rinse with plain water, or wipe twice with a wet cloth.'),
  'damp-cloth': step('rinse', 'Wipe with a cloth of clear water.'),
  suds: step('rinse', 'Wash it off with soapy water, then plain.'),
  flush: step('rinse', 'Flush.'),
  boil: step('rinse', 'Boil once with plain water, and pour it away.'),
  wash: step('rinse', 'Then the wash, by its label.'),
  vacuum: step('lift-off', 'Vacuum or wipe away what is left, dry.'),
  dry: step('dry', 'Dry it with a clean cloth.'),
  buff: step('dry', 'Buff with a dry microfibre washed without softener.'),
  oil: step('dry', 'A thin wipe of oil while it is warm.'),
  air: step('dry', 'Leave it open to the air until it is dry.'),
};

/** What is not tried out of sight first: a bowl, a machine, a powder that is swept up again. */
const UNTESTED: readonly UseForm[] = ['fill', 'machine', 'strew', 'absorb', 'air', 'pour', 'pieces', 'foil'];

function makeStep({ candidate, amount }: Way): GuideStep | null {
  if (!candidate || candidate.from === 'shelf') return null;
  const { name, use } = candidate.formula;
  const much = amountWords(amount);
  return use === 'stored'
    ? step('make', `Label the bottle, then make ${name}${much === '' ? '' : `; this takes ${much} of it`}.`)
    : step(
        'make',
        `Make ${much === '' ? '' : `${much} of `}${name} in a bowl: used at once, what is left is poured away.`,
      );
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

function applyStep({ method, amount, wetFirst }: Way): GuideStep {
  const much = amountWords(amount);
  const said = method.does ?? APPLY[method.form];
  const text = much === '' ? said : `${said} About ${much}.`;
  return step('apply', wetFirst === null ? text : `First wet ${wetFirst} with plain water. Then ${lowerFirst(text)}`);
}

function dwellStep({ dwell }: Way): GuideStep | null {
  if (!dwell || dwell.bestMinutes === 0) return null;
  return step(
    'dwell',
    dwell.rewetEveryMinutes === null
      ? `Leave it ${dwell.bestMinutes} minutes.`
      : `Keep it wet for ${dwell.bestMinutes} minutes: again every ${dwell.rewetEveryMinutes}.`,
    dwell.bestMinutes,
  );
}

/**
 * The steps of a job, in the order of careful work: make sure of it, dry first, make, spot-test, apply, wait, work,
 * rinse, dry, look, and what comes if it was not enough. Each says what is true for this way alone.
 *
 * @param next the way that steps up by one, if there is one
 */
export function guideSteps(way: Way, surface: Surface, soil: Soil, next: Way | null = null): GuideStep[] {
  const { method, candidate, dwell, conditions } = way;
  const isDry = method.needs === 'nothing';
  const steps: (GuideStep | null)[] = [
    step('clear', conditions.length > 0 ? conditions.join(' ') : 'Clear it, and cover what must stay dry.'),
    isDry ? null : step('first', firstHere(surface.id, soil)),
    makeStep(way),
    method.steam
      ? step(
          'steam',
          'Warm it to about 100 °C, switch it off, set in a tray of boiling water, shut the door. Mind the splash. Then let it cool to hand-warm, and switch it off at the wall.',
          STEAM_MINUTES,
        )
      : null,
    candidate === null || UNTESTED.includes(method.form)
      ? null
      : step(
          'spot-test',
          'Try it out of sight, rinse, and look.',
          Math.min(SPOT_TEST_MINUTES, Math.max(1, dwell?.bestMinutes ?? 1)),
        ),
    applyStep(way),
    dwellStep(way),
    isDry ? null : step('agitate', [method.stroke ?? '', surface.manner].filter(Boolean).join(' ')),
    ...method.after.map((after) => AFTER[after]),
    step('inspect', 'Smooth under a finger? Nothing against the light? No smell?'),
    next
      ? step('step-up', `If not: ${next.name}, once this is off.`)
      : step('step-up', 'If not: once more, a little longer, within its time.'),
  ];
  return steps.filter((s) => s !== null);
}
