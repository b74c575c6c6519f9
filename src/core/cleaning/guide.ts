import type { Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import { PASTE_MM } from './application';
import { SPRAY_FILM_ML_PER_M2 } from './drying';
import type { Way } from './ways';

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

/** Scraping and brushing by how much effort is left. */
const AGITATE = {
  1: 'Wipe with a damp cloth.',
  2: 'Work it with a brush or pad: S-strokes in sections, circles on the stubborn.',
  3: 'Scrape softly and scrub; let it soak again rather than press harder.',
} as const;

/** Minutes an oven steams, shut, over a tray of boiling water (common practice, no source). */
const STEAM_MINUTES = 20;

/** Minutes a spot test waits before it is looked at. */
const SPOT_TEST_MINUTES = 5;

const rounded = (ML: number): number => (ML < 20 ? Math.max(1, Math.round(ML)) : 5 * Math.round(ML / 5));

function amountText(way: Way, areaM2: number): string {
  switch (way.application) {
    case 'dry':
      return 'Sprinkle it on evenly, a thin layer.';
    case 'paste':
      return `Spread it about ${PASTE_MM} mm thick: ${rounded(areaM2 * PASTE_MM * 1000)} mL for this area.`;
    case 'soak':
      return 'Lay it in until it is under, or fill it to above the mark.';
    case 'film':
      return `Wet it evenly: about ${rounded(areaM2 * SPRAY_FILM_ML_PER_M2)} mL for this area.`;
  }
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/**
 * The steps of a job, in the order of careful work: clear, dry first, make, spot-test, apply, wait, work,
 * lift off, rinse, dry, look, and what comes if it was not enough.
 *
 * @param areaM2 more than 0
 * @param next the way that steps up by one, if there is one
 * @param steam true if it is steamed before, as an oven is
 */
export function guideSteps(
  way: Way,
  surface: Surface,
  soil: Soil,
  areaM2: number,
  next: Way | null = null,
  steam = false,
): GuideStep[] {
  const { dwell, candidate } = way;
  const steps: GuideStep[] = [
    step(
      'clear',
      surface.ignites
        ? 'Cold and switched off. Clear it; cover openings and elements.'
        : 'Clear it, and cover what must stay dry.',
    ),
    step('first', soil.first),
  ];
  if (candidate.from !== 'shelf') {
    steps.push(step('make', `Label the bottle, then make ${candidate.formula.name}.`));
  }
  if (steam) {
    steps.push(
      step(
        'steam',
        'Warm it to about 100 °C, switch it off, set in a tray of boiling water, shut the door. Mind the splash. Then let it cool, and switch it off at the wall.',
        STEAM_MINUTES,
      ),
    );
  }
  steps.push(
    step(
      'spot-test',
      'Try it out of sight, rinse, and look.',
      Math.min(SPOT_TEST_MINUTES, Math.max(1, dwell.bestMinutes)),
    ),
    step(
      'apply',
      way.wetFirst === null
        ? amountText(way, areaM2)
        : `First wet ${way.wetFirst} with plain water. Then ${lowerFirst(amountText(way, areaM2))}`,
    ),
    step(
      'dwell',
      dwell.rewetEveryMinutes === null
        ? `Leave it ${dwell.bestMinutes} minutes.`
        : `Keep it wet for ${dwell.bestMinutes} minutes: again every ${dwell.rewetEveryMinutes}.`,
      dwell.bestMinutes,
    ),
    step('agitate', `${AGITATE[way.effort]} ${surface.manner}`),
    step('lift-off', 'Lift off what is loose with a damp cloth or plastic scraper.'),
    step('rinse', 'Rinse with plain water, or wipe twice with a wet cloth.'),
    step('dry', 'Dry and buff with a clean microfibre washed without softener.'),
    step('inspect', 'Smooth under a finger? No streaks against the light? No smell?'),
  );
  if (next) steps.push(step('step-up', `If not: ${next.candidate.formula.name}, once this is rinsed off.`));
  else steps.push(step('step-up', 'If not: once more, a little longer, within its time.'));
  return steps;
}
