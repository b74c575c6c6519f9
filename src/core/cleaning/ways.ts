import type { SoilMechanism, Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import { evaluate, type Evaluation } from '../evaluation/evaluate';
import type { EvaluationContext } from '../evaluation/context';
import type { Finding } from '../findings/finding';
import { applySurfaceRules } from '../findings/applyRules';
import { exceededLimits, certainlyExceeded } from '../findings/surfaceLimits';
import { uselessIn } from '../findings/uselessFor';
import type { Formula } from '../formula/formula';
import { missingIngredients } from '../formula/atHand';
import { applicationOf, type Application } from './application';
import { dwellOf, type Dwell } from './dwell';
import type { Air } from './drying';
import { jointsFinding, type Joint } from './joints';
import { effectOf, mechanisms, type ActingMechanism } from './mechanisms';
import { meantFor } from './meantFor';
import { exceeds } from '../quantity/limit';

/** Where a way comes from: a bottle on the shelf, what the cupboard can make, or with one thing bought. */
export const SUPPLY_SOURCES = ['shelf', 'cupboard', 'one-missing', 'more-missing'] as const;
export type SupplySource = (typeof SUPPLY_SOURCES)[number];

/** What there is to clean with. */
export interface Supplies {
  /** Formulas of the bottles on the shelf. */
  readonly shelf: readonly Formula[];
  /** Formulas that could be made. */
  readonly formulas: readonly Formula[];
  /** Ids of ingredients in the cupboard; null counts everything as there. Water always is. */
  readonly cupboard: ReadonlySet<string> | null;
}

/** A formula weighed up once, to be held against many surfaces and soils. */
export interface Candidate {
  readonly formula: Formula;
  readonly evaluation: Evaluation;
  readonly from: SupplySource;
  /** Names of the ingredients that are not there. */
  readonly missing: readonly string[];
}

/** One way to clean, with why it stands where it does. */
export interface Way {
  readonly candidate: Candidate;
  /** What lifts the soil, the best first. */
  readonly mechanisms: readonly ActingMechanism[];
  /** How well, 0 to 3.5. */
  readonly effect: number;
  readonly effort: 1 | 2 | 3;
  /** Whether the formula says it is for this surface and this soil. */
  readonly meant: { readonly surface: boolean; readonly soil: boolean };
  readonly application: Application;
  readonly dwell: Dwell;
  readonly why: string;
  /** What to mind: of the mixture and of the surface. */
  readonly cautions: readonly Finding[];
  /** What is to be wetted with plain water before it is put on; null for nothing. */
  readonly wetFirst: string | null;
}

/** A formula that will not do, and why. */
export interface RuledOut {
  readonly candidate: Candidate;
  /** `danger`, `surface`, `sets`, `cancels` or `does-not-lift`. */
  readonly because: 'danger' | 'surface' | 'sets' | 'cancels' | 'does-not-lift';
  readonly why: string;
}

export interface Ways {
  readonly ways: readonly Way[];
  readonly ruledOut: readonly RuledOut[];
  /** What comes before any cleaner, and where home cleaning ends. */
  readonly first: string;
  readonly beyond: string | null;
}

/** The one way with a formula that is at hand and weighed up already, in no place. */
export const candidateOf = (formula: Formula, evaluation: Evaluation): Candidate => ({
  formula,
  evaluation,
  from: 'shelf',
  missing: [],
});

/** Weighs up everything there is to clean with, each formula once, in the scope it is made for. */
export function weighSupplies(supplies: Supplies, context: EvaluationContext): Candidate[] {
  const weighed = (formula: Formula, from: SupplySource, missing: readonly string[]): Candidate[] => {
    const result = evaluate(formula, { ...context, scope: formula.use, surface: null, soil: null });
    return result.ok ? [{ formula, evaluation: result.value, from, missing }] : [];
  };
  return [
    ...supplies.shelf.flatMap((f) => weighed(f, 'shelf', [])),
    ...supplies.formulas.flatMap((f) => {
      const missing = supplies.cupboard ? missingIngredients(f, supplies.cupboard) : [];
      return weighed(
        f,
        missing.length === 0 ? 'cupboard' : missing.length === 1 ? 'one-missing' : 'more-missing',
        missing,
      );
    }),
  ];
}

/** Effects closer than this do equally well. */
const SAME_EFFECT = 0.75;
/** What the surface bears only for a while counts for less than what it bears as long as it is wanted. */
const SURFACE_LIMIT_COSTS = 0.75;

/** From its being of use to its having to come off, as a ratio: below this the time has to be met nearly to the minute. */
const TIGHT = 1.5;

/** Such a way costs as much as one that is not made for the place. */
const isTight = ({ dwell }: Way): boolean =>
  dwell.limitedBy === 'surface' && dwell.longestMinutes < TIGHT * dwell.usefulMinutes;

/** What things are laid into is no way for what stands fast, unless it says it is. */
const isMisplacedSoak = (way: Way): boolean => way.application === 'soak' && !way.meant.surface;

/** What was made for such a place goes before what only happens to suit: hand soap lifts grease off a hob, too. */
const tier = (way: Way): number =>
  Math.round((way.effect - (way.dwell.limitedBy === 'surface' ? SURFACE_LIMIT_COSTS : 0)) / SAME_EFFECT) +
  Number(way.meant.surface) +
  Number(way.meant.soil) -
  Number(isTight(way)) -
  2 * Number(isMisplacedSoak(way));

const order = (a: Way, b: Way): number =>
  tier(b) - tier(a) ||
  Number(isTight(a)) - Number(isTight(b)) ||
  a.effort - b.effort ||
  a.cautions.length - b.cautions.length ||
  a.dwell.bestMinutes - b.dwell.bestMinutes ||
  SUPPLY_SOURCES.indexOf(a.candidate.from) - SUPPLY_SOURCES.indexOf(b.candidate.from) ||
  b.effect - a.effect;

/** Wetting it again more often than this is work of its own. */
const REWETS_ARE_WORK_ABOVE = 6;

/** The strokes that remain, and one step more where it has to be wetted all the time. */
function effortOf(lift: SoilMechanism, dwell: Dwell): Way['effort'] {
  const often =
    dwell.rewetEveryMinutes !== null && exceeds(dwell.bestMinutes / dwell.rewetEveryMinutes, REWETS_ARE_WORK_ABOVE);
  return often && lift.effort < 3 ? (lift.effort === 1 ? 2 : 3) : lift.effort;
}

type TriedWay = { readonly way: Way } | { readonly out: RuledOut };

function tryOne(
  candidate: Candidate,
  surface: Surface,
  soil: Soil,
  context: EvaluationContext,
  air: Air,
  joints: readonly Joint[],
): TriedWay {
  const { state, stateWhenDamp: damp, verdict, findings } = candidate.evaluation;
  const out = (because: RuledOut['because'], why: string): TriedWay => ({ out: { candidate, because, why } });
  if (verdict === 'danger') return out('danger', findings[0]?.happens ?? '');
  const met = exceededLimits(state, surface, context.preferences, damp);
  const passed = certainlyExceeded(met);
  const never = passed.find((e) => e.minutes === 0);
  if (never) return out('surface', never.reason);
  const useless = uselessIn(soil, state);
  const sets = useless.find((u) => u.sets);
  if (sets) return out('sets', sets.why);
  const found = mechanisms(state, soil, surface);
  const application = applicationOf(candidate.formula, state);
  const best = found[0];
  if (!best) {
    return out('does-not-lift', useless[0]?.why ?? `Nothing in it lifts ${soil.name.toLowerCase()}.`);
  }
  const joint = jointsFinding(candidate.evaluation, joints, context.preferences);
  // They are wetted first; what they bear then sets the time, too.
  const timed = [
    ...passed,
    ...joints.flatMap((j) => certainlyExceeded(exceededLimits(state, j.wetted, context.preferences, damp))),
  ];
  // The best agent that the surface bears for long enough to be of use.
  for (const { mechanism: lift } of found) {
    const dwell = dwellOf(state, application, lift, timed, air);
    if (!dwell) continue;
    const onSurface = applySurfaceRules({ state, surface, soil, passed: met, dwellMinutes: dwell.bestMinutes });
    const worst = onSurface.findings.find((f) => f.level === 'danger' || f.rulesOut);
    if (worst) return out(worst.level === 'danger' ? 'danger' : 'surface', worst.happens);
    if (verdict === 'defeats') return out('cancels', findings[0]?.happens ?? '');
    const way: Way = {
      candidate,
      mechanisms: found,
      effect: effectOf(found),
      effort: effortOf(lift, dwell),
      meant: meantFor(candidate.formula, surface, soil),
      application,
      dwell,
      why: lift.why,
      cautions: [...findings, ...onSurface.findings, ...(joint ? [joint] : [])],
      wetFirst: joint ? 'the joints' : null,
    };
    return { way };
  }
  const soonest = timed.reduce((a, b) => (b.minutes < a.minutes ? b : a));
  return out(
    'surface',
    `It would need ${best.mechanism.minutes.useful} minutes, and after about ${Math.max(1, Math.round(soonest.minutes))} it harms: ${soonest.reason}`,
  );
}

/**
 * Ways to clean a soil off a surface, the best first: no danger, within the surface's limits for as long
 * as is needed, lifts this soil, least effort and time, already made. What will not do is listed with its
 * reason.
 *
 * @param joints what it runs into beside the surface
 */
export function rankWays(
  candidates: readonly Candidate[],
  surface: Surface,
  soil: Soil,
  context: EvaluationContext,
  air: Air,
  joints: readonly Joint[] = [],
): Ways {
  const ways: Way[] = [];
  const ruledOut: RuledOut[] = [];
  for (const candidate of candidates) {
    const outcome = tryOne(candidate, surface, soil, context, air, joints);
    if ('way' in outcome) ways.push(outcome.way);
    else ruledOut.push(outcome.out);
  }
  return { ways: ways.sort(order), ruledOut, first: soil.first, beyond: soil.beyond };
}
