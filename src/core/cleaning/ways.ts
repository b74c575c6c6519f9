import { beyondHere } from '../catalogue/beyond';
import type { HouseholdMember } from '../catalogue/household';
import type { AgentWindow, Method } from '../catalogue/methods';
import { firstHere } from '../catalogue/firstHere';
import { conditionsOf, methodsFor } from '../catalogue/methodsFor';
import type { CleaningAgentId, Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import { usualAreaM2 } from '../catalogue/usualAreas';
import { evaluate, type Evaluation } from '../evaluation/evaluate';
import type { EvaluationContext } from '../evaluation/context';
import type { Finding } from '../findings/finding';
import { applySurfaceRules } from '../findings/applyRules';
import { exceededLimits, certainlyExceeded, type ExceededLimit } from '../findings/surfaceLimits';
import { uselessIn } from '../findings/uselessFor';
import type { Formula } from '../formula/formula';
import { missingIngredients } from '../formula/atHand';
import type { MixtureState } from '../mixture/state';
import { exceeds } from '../quantity/limit';
import { applicationOfForm, type Application } from './application';
import { dwellOf, type Dwell } from './dwell';
import type { Air } from './drying';
import { fitOf, formsOf, inItsWater, isForSurfaces, isKeptOff, isMadeFor } from './fitting';
import { wayAmountOf, type WayAmount } from './howMuch';
import { jointsFinding, type Joint } from './joints';
import { effectOf, mechanisms } from './mechanisms';

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

/** How a way went here before, by the person's own ratings. */
export interface Went {
  /** 0 to 10. */
  readonly mean: number;
  /** How often it was rated, 1 or more. */
  readonly times: number;
}

/** How what was used went at this place for this soil; null where it was never rated. By the id of a formula or of a method. */
export type WentHere = (usedId: string) => Went | null;

/** One way to clean, with why it stands where it does. */
export interface Way {
  readonly method: Method;
  /** What it is done with; null where dry hands, water, heat or cold do it. */
  readonly candidate: Candidate | null;
  /** The formula's name, or the method's. */
  readonly name: string;
  /** How well, 0 to 3.5. */
  readonly effect: number;
  readonly effort: 1 | 2 | 3;
  /** True if the formula is made for this surface and this soil. */
  readonly made: boolean;
  readonly went: Went | null;
  /** True where someone lives who breathes what is sprayed. */
  readonly inAir: boolean;
  readonly application: Application;
  /** Null for what is done at once. */
  readonly dwell: Dwell | null;
  /** For the usual area; null for what takes no mixture. */
  readonly amount: WayAmount | null;
  readonly conditions: readonly string[];
  readonly why: string;
  /** What to mind: of the mixture and of the surface. */
  readonly cautions: readonly Finding[];
  /** What is to be wetted with plain water before it is put on; null for nothing. */
  readonly wetFirst: string | null;
}

/** What a mixture at hand does for a pair: the ways that take it, and no others. */
export function waysWith(
  candidate: Candidate,
  surface: Surface,
  soil: Soil,
  context: EvaluationContext,
  air: Air,
  joints: readonly Joint[],
): Ways {
  const all = rankWays([candidate], surface, soil, context, air, { joints });
  return { ...all, ways: all.ways.filter((w) => w.candidate !== null) };
}

/** What tells one way of a pair from the others. */
export const wayKey = ({ method, candidate }: Way): string => `${method.id} ${candidate?.formula.id ?? ''}`;

/** Why a formula will not do. */
export const OUT_REASONS = [
  'danger',
  'surface',
  'sets',
  'cancels',
  'too-strong',
  'too-weak',
  'form',
  'does-not-lift',
] as const;
export type OutReason = (typeof OUT_REASONS)[number];

/** A formula that will not do, and why. */
export interface RuledOut {
  readonly candidate: Candidate;
  readonly because: OutReason;
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

/** What has never been rated here counts as this, and ratings as few as one or two are drawn toward it. */
const UNRATED = 6;
const UNRATED_WEIGHS = 2;

const expected = ({ went }: Way): number =>
  went === null ? UNRATED : (went.mean * went.times + UNRATED * UNRATED_WEIGHS) / (went.times + UNRATED_WEIGHS);

/** What needs several things bought first is no better for being made for the job. */
const madeRank = ({ made, candidate }: Way): number =>
  candidate === null ? 1 : made && candidate.from !== 'more-missing' ? 2 : 0;

const supplyRank = ({ candidate }: Way): number => (candidate ? SUPPLY_SOURCES.indexOf(candidate.from) : 0);

/** Whose lungs a mist reaches first. */
const BREATHES_MIST: readonly HouseholdMember[] = ['bird', 'asthma', 'infant'];

/** A cloth or a bucket goes before a sprayer where someone lives who breathes its mist. */
const mistRank = ({ method, inAir }: Way): number => (inAir && method.form === 'spray' ? 1 : 0);

/** Standing, then what is made for the job, then how it went here, then what is at hand, then the least work. */
const order = (a: Way, b: Way): number =>
  a.method.standing - b.method.standing ||
  mistRank(a) - mistRank(b) ||
  madeRank(b) - madeRank(a) ||
  expected(b) - expected(a) ||
  supplyRank(a) - supplyRank(b) ||
  a.effort - b.effort ||
  a.cautions.length - b.cautions.length ||
  (a.dwell?.bestMinutes ?? 0) - (b.dwell?.bestMinutes ?? 0) ||
  b.effect - a.effect;

/** Wetting it again more often than this is work of its own. */
const REWETS_ARE_WORK_ABOVE = 6;

/** A stroke of brush or scraper is more work than a wipe, and wetting it all the time is more. */
function effortOf({ stroke }: Method, dwell: Dwell | null): Way['effort'] {
  const often =
    dwell?.rewetEveryMinutes != null && exceeds(dwell.bestMinutes / dwell.rewetEveryMinutes, REWETS_ARE_WORK_ABOVE);
  return stroke === null ? (often ? 2 : 1) : often ? 3 : 2;
}

/** What a pair is weighed with. */
interface Setting {
  readonly surface: Surface;
  readonly soil: Soil;
  readonly context: EvaluationContext;
  readonly air: Air;
  readonly joints: readonly Joint[];
  readonly went: WentHere;
  readonly areaM2: number;
}

/** How well a way without a formula lifts, by its standing: on the scale of mixtures. */
const PLAIN_EFFECT = { 1: 3, 2: 2, 3: 1 } as const;

/** A way that takes no mixture: its time is the method's own, and no film of it dries. */
function plainWay(method: Method, { surface, went }: Setting): Way {
  const { minutes } = method;
  const dwell: Dwell | null = minutes && {
    usefulMinutes: minutes.useful,
    bestMinutes: minutes.best,
    longestMinutes: minutes.longest,
    limitedBy: 'soil',
    harmAfterMinutes: null,
    dryMinutes: null,
    rewetEveryMinutes: null,
  };
  return {
    method,
    candidate: null,
    name: method.name,
    effect: PLAIN_EFFECT[method.standing],
    effort: effortOf(method, null),
    made: false,
    went: went(method.id),
    inAir: false,
    application: applicationOfForm(method.form),
    dwell,
    amount: null,
    conditions: conditionsOf(method, surface),
    why: method.why,
    cautions: [],
    wetFirst: null,
  };
}

interface Miss {
  readonly because: OutReason;
  readonly why: string;
}

/** The nearest miss is the reason that is given: harm before strength, strength before the way of putting it on. */
const NEARNESS: readonly OutReason[] = [
  'danger',
  'surface',
  'cancels',
  'too-strong',
  'too-weak',
  'form',
  'does-not-lift',
];

const AGENT_WORDS: Readonly<Record<CleaningAgentId, string>> = {
  acid: 'acid',
  alkali: 'washing soda or other strong alkali',
  'mild-alkali': 'soda',
  surfactant: 'soap or dish soap',
  detergent: 'dish soap',
  alcohol: 'alcohol',
  oxidiser: 'peroxide',
  grains: 'fine grains',
  absorbent: 'dry powder',
  oil: 'oil',
  'acid-salt': 'acid with salt',
  water: 'water',
};

/** Below this share of what is asked for, an agent is not there to speak of. */
const THERE_FROM_SHARE = 0.25;

function missOf({ by, from, to }: AgentWindow, strength: number): Miss {
  const agent = AGENT_WORDS[by];
  if (exceeds(strength, to)) {
    return from === 0
      ? { because: 'does-not-lift', why: `Not with ${agent} in it.` }
      : {
          because: 'too-strong',
          why: `Stronger than this wants: its ${agent} would do no more, and asks for more care and rinsing.`,
        };
  }
  return strength >= THERE_FROM_SHARE * from && strength > 0
    ? { because: 'too-weak', why: `Too little ${agent} in it for this.` }
    : { because: 'does-not-lift', why: `It takes ${agent} to do this, and there is none to speak of.` };
}

const isWindows = (needs: Method['needs']): needs is readonly AgentWindow[] => typeof needs !== 'string';

/** One candidate by one method: a way, or what is missing to it. */
function tryMethod(candidate: Candidate, method: Method, setting: Setting): Way | Miss {
  const { surface, soil, context, air, joints, went, areaM2 } = setting;
  const { formula, evaluation } = candidate;
  const { needs } = method;
  if (!isWindows(needs)) return { because: 'does-not-lift', why: NO_MIXTURE };
  const isOfForm = formsOf(formula, evaluation.state).includes(method.form);
  if (method.dose && !isOfForm) return { because: 'form', why: WRONG_FORM };
  const state: MixtureState = method.dose ? inItsWater(evaluation, method.dose) : evaluation.state;
  const damp = method.dose ? state : evaluation.stateWhenDamp;
  const fit = fitOf(needs, state);
  if (!fit.fits) return missOf(fit.window, fit.strength);
  if (!isOfForm) return { because: 'form', why: WRONG_FORM };
  const met = exceededLimits(state, surface, context.preferences, damp);
  const passed = certainlyExceeded(met);
  const never = passed.find((e) => e.minutes === 0);
  if (never) return { because: 'surface', why: never.reason };
  const joint = jointsFinding({ state, stateWhenDamp: damp }, joints, context.preferences);
  // They are wetted first; what they bear then sets the time, too.
  const timed = [
    ...passed,
    ...joints.flatMap((j) => certainlyExceeded(exceededLimits(state, j.wetted, context.preferences, damp))),
  ];
  const application = applicationOfForm(method.form);
  const dwell = method.minutes && dwellOf(state, application, method.minutes, timed, air);
  if (method.minutes && !dwell) return { because: 'surface', why: tooLong(method.minutes.useful, timed) };
  const onSurface = applySurfaceRules({ state, surface, soil, passed: met, dwellMinutes: dwell?.bestMinutes ?? null });
  const worst = onSurface.findings.find((f) => f.level === 'danger' || f.rulesOut);
  if (worst) return { because: worst.level === 'danger' ? 'danger' : 'surface', why: worst.happens };
  return {
    method,
    candidate,
    name: formula.name,
    effect: effectOf(mechanisms(state, soil, surface)),
    effort: effortOf(method, dwell),
    made: isMadeFor(formula, surface, soil),
    went: went(formula.id),
    inAir: context.household.some((member) => BREATHES_MIST.includes(member)),
    application,
    dwell,
    amount: wayAmountOf(method, surface.id, areaM2),
    conditions: conditionsOf(method, surface),
    why: method.why,
    cautions: [...evaluation.findings, ...onSurface.findings, ...(joint ? [joint] : [])],
    wetFirst: joint ? 'the joints' : null,
  };
}

const NOT_AT_HOME = 'Nothing made at home belongs on this.';
const NO_MIXTURE = 'This is done here without any mixture.';
const WRONG_FORM = 'Right in what it holds, but it is not put on as this wants.';

function tooLong(usefulMinutes: number, timed: readonly ExceededLimit[]): string {
  const soonest = timed.reduce((a, b) => (b.minutes < a.minutes ? b : a));
  return `It would need ${usefulMinutes} minutes, and after about ${Math.max(1, Math.round(soonest.minutes))} it harms: ${soonest.reason}`;
}

/** What rules a candidate out of every method for a pair; null if nothing does. */
function ruledOutAtOnce(candidate: Candidate, { surface, soil, context }: Setting): Miss | null {
  const { formula, evaluation } = candidate;
  const { state, stateWhenDamp, verdict, findings } = evaluation;
  if (verdict === 'danger') return { because: 'danger', why: findings[0]?.happens ?? '' };
  if (!isForSurfaces(formula, surface)) return { because: 'form', why: 'It is made for something else.' };
  if (isKeptOff(formula, surface))
    return { because: 'surface', why: `Its own list keeps it off ${surface.name.toLowerCase()}.` };
  // What goes into a machine is judged in its water, as a dose.
  if (formula.form !== 'machine') {
    const never = certainlyExceeded(exceededLimits(state, surface, context.preferences, stateWhenDamp)).find(
      (e) => e.minutes === 0,
    );
    if (never) return { because: 'surface', why: never.reason };
  }
  const sets = uselessIn(soil, state).find((u) => u.sets);
  if (sets) return { because: 'sets', why: sets.why };
  return verdict === 'defeats' ? { because: 'cancels', why: findings[0]?.happens ?? '' } : null;
}

/** Every way that a candidate has for a pair, the best of each route; or why it has none. */
function tryCandidate(candidate: Candidate, methods: readonly Method[], setting: Setting): Way[] | RuledOut {
  const out = ruledOutAtOnce(candidate, setting);
  if (out) return { candidate, ...out };
  const tried = methods.flatMap((method) => (isWindows(method.needs) ? tryMethod(candidate, method, setting) : []));
  const ways = tried.filter((t): t is Way => 'method' in t).sort(order);
  if (ways.length > 0) return ways.filter((w, i) => ways.findIndex((v) => v.method.route === w.method.route) === i);
  const useless = uselessIn(setting.soil, candidate.evaluation.state)[0];
  const nearest = tried
    .filter((t): t is Miss => 'because' in t)
    .sort((a, b) => NEARNESS.indexOf(a.because) - NEARNESS.indexOf(b.because))[0];
  if (!nearest || (nearest.because === 'does-not-lift' && useless))
    return {
      candidate,
      because: 'does-not-lift',
      why: useless?.why ?? (methods.length > 0 ? NO_MIXTURE : NOT_AT_HOME),
    };
  return { candidate, ...nearest };
}

/** What is known of a place besides its surface. */
export interface PlaceFacts {
  /** What it runs into beside the surface. */
  readonly joints?: readonly Joint[];
  /** m² of the surface, more than 0; the usual one where it is left out. */
  readonly areaM2?: number;
  readonly went?: WentHere;
}

const NEVER_RATED: WentHere = () => null;

const both = (a: string | null, b: string | null): string | null => (a && b ? `${a} ${b}` : (a ?? b));

/**
 * Ways to clean a soil off a surface, the best first: what is done first by those who do it every day, made for
 * this, gone well here before, at hand, least work. Some take no mixture. What will not do is listed with its
 * reason.
 */
export function rankWays(
  candidates: readonly Candidate[],
  surface: Surface,
  soil: Soil,
  context: EvaluationContext,
  air: Air,
  { joints = [], areaM2 = usualAreaM2(surface.id), went = NEVER_RATED }: PlaceFacts = {},
): Ways {
  const methods = methodsFor(surface, soil.id, context.preferences);
  const setting: Setting = { surface, soil, context, air, joints, went, areaM2 };
  const ways = methods.filter(({ needs }) => !isWindows(needs)).map((method) => plainWay(method, setting));
  const ruledOut: RuledOut[] = [];
  for (const candidate of candidates) {
    const outcome = tryCandidate(candidate, methods, setting);
    if ('because' in outcome) ruledOut.push(outcome);
    else ways.push(...outcome);
  }
  return {
    ways: ways.sort(order),
    ruledOut,
    first: firstHere(surface.id, soil),
    beyond: both(beyondHere(surface.id, soil.id), soil.beyond),
  };
}
