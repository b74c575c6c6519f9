import { ingredientById } from '../catalogue/lookup';
import type { AgentWindow, Method } from '../catalogue/methods';
import { conditionsOf, isMistBreathed } from '../catalogue/methodsFor';
import type { CleaningAgentId, DwellMinutes, Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import type { EvaluationContext } from '../evaluation/context';
import { applySurfaceRules } from '../findings/applyRules';
import { exceededLimits, certainlyExceeded, type ExceededLimit } from '../findings/surfaceLimits';
import { uselessIn } from '../findings/uselessFor';
import { mix, type MixtureState } from '../mixture/state';
import { exceeds } from '../quantity/limit';
import { applicationOfForm } from './application';
import { asUsed } from './asUsed';
import { dwellOf, MARGIN, type Dwell } from './dwell';
import type { Air } from './drying';
import { fitOf, formsOf, inItsWater, isForSurfaces, isKeptOff, isMadeFor, nearnessOf } from './fitting';
import { wayAmountOf } from './howMuch';
import { jointsFinding, type Joint } from './joints';
import { effectOf, mechanisms } from './mechanisms';
import type { Candidate, OutReason, RuledOut, Way, WentHere } from './way';
import { byRank } from './wayOrder';

/** One method tried with nothing, and with each mixture: a way, or why not. */

/** Wetting it again more often than this is work of its own. */
const REWETS_ARE_WORK_ABOVE = 6;

/** A stroke of brush or scraper is more work than a wipe, and wetting it all the time is more. */
function effortOf({ stroke }: Method, dwell: Dwell | null): Way['effort'] {
  const often =
    dwell?.rewetEveryMinutes != null && exceeds(dwell.bestMinutes / dwell.rewetEveryMinutes, REWETS_ARE_WORK_ABOVE);
  return stroke === null ? (often ? 2 : 1) : often ? 3 : 2;
}

/** What a pair is weighed with. */
export interface Setting {
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

/** The time of what takes no mixture: the method's own, cut to what the surface bears. */
function plainDwellOf({ useful, best, longest }: DwellMinutes, passed: readonly ExceededLimit[]): Dwell {
  const harmAfterMinutes = passed.length > 0 ? Math.min(...passed.map((e) => e.minutes)) : null;
  const most = harmAfterMinutes === null ? longest : Math.floor(MARGIN * harmAfterMinutes);
  return {
    usefulMinutes: Math.min(useful, most),
    bestMinutes: Math.min(best, most),
    longestMinutes: Math.min(longest, most),
    limitedBy: most < longest ? 'surface' : 'soil',
    harmAfterMinutes,
    dryMinutes: null,
    rewetEveryMinutes: null,
  };
}

const water = ingredientById('distilled-water');
const WATER = mix(water ? [{ ingredient: water, volumeML: 100, massG: 100 }] : []);

/** A way that takes no mixture: its time is the method's own, and no film of it dries. */
export function plainWay(method: Method, { surface, went, context }: Setting): Way {
  const { minutes } = method;
  const passed = method.needs === 'water' ? certainlyExceeded(exceededLimits(WATER, surface, context.preferences)) : [];
  // What wets is over sooner where water does harm; what is of use at once is never ruled out by it.
  const dwell = minutes && plainDwellOf(minutes, passed);
  return {
    method,
    candidate: null,
    name: method.name,
    effect: PLAIN_EFFECT[method.standing],
    effort: effortOf(method, null),
    made: false,
    near: null,
    went: went(method.id),
    bothersHousehold: false,
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

/** True where a method asks for a mixture. */
export const isWindows = (needs: Method['needs']): needs is readonly AgentWindow[] => typeof needs !== 'string';

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
  const used = asUsed(candidate, method.form, context);
  if (used.evaluation.verdict === 'danger')
    return { because: 'danger', why: used.evaluation.findings[0]?.happens ?? '' };
  const met = method.form === 'air' ? [] : exceededLimits(state, surface, context.preferences, damp);
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
  const waits = method.minutes && dwellOf(state, application, method.minutes, timed, air);
  // What is left overnight may dry: that is how it works.
  const dwell = waits && method.route === 'overnight' ? { ...waits, rewetEveryMinutes: null } : waits;
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
    near: nearnessOf(formula, surface),
    went: went(formula.id),
    bothersHousehold: used.bothersHousehold || (method.form === 'spray' && isMistBreathed(context.household)),
    application,
    dwell,
    amount: wayAmountOf(method, surface.id, areaM2),
    conditions: conditionsOf(method, surface),
    why: method.why,
    cautions: [...used.evaluation.findings, ...onSurface.findings, ...(joint ? [joint] : [])],
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
function ruledOutAtOnce(
  candidate: Candidate,
  methods: readonly Method[],
  { surface, soil, context }: Setting,
): Miss | null {
  const { formula, evaluation } = candidate;
  const { state, stateWhenDamp, verdict, findings } = evaluation;
  // What is a danger as it is sprayed may be put on with a cloth.
  if (
    verdict === 'danger' &&
    methods.every(({ form }) => asUsed(candidate, form, context).evaluation.verdict === 'danger')
  )
    return { because: 'danger', why: findings[0]?.happens ?? '' };
  if (!isForSurfaces(formula, surface)) return { because: 'form', why: 'It is made for something else.' };
  if (isKeptOff(formula, surface))
    return { because: 'surface', why: `Its own list keeps it off ${surface.name.toLowerCase()}.` };
  // What goes into a machine is judged in its water, as a dose; what is set out in a bowl touches nothing.
  if (formula.form !== 'machine' && !methods.some(({ form }) => form === 'air')) {
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
export function tryCandidate(candidate: Candidate, methods: readonly Method[], setting: Setting): Way[] | RuledOut {
  const out = ruledOutAtOnce(candidate, methods, setting);
  if (out) return { candidate, ...out };
  const tried = methods.flatMap((method) => (isWindows(method.needs) ? tryMethod(candidate, method, setting) : []));
  const ways = tried.filter((t): t is Way => 'method' in t).sort(byRank);
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
