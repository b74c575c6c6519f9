import { preferenceOf, type DisputedAdviceId } from '../catalogue/disputedAdvice';
import { ingredientById } from '../catalogue/lookup';
import {
  WHAT_IS_CHECKED,
  applyRules,
  applySurfaceRules,
  withFindings,
  withLevels,
  type RuleResult,
} from '../findings/applyRules';
import { isWorse, type Finding, type Level, type Scope } from '../findings/finding';
import { exceededLimits } from '../findings/surfaceLimits';
import { applyRule, type RuleInput } from '../findings/rule';
import { vagueAmount } from '../findings/unknowns';
import { exposureRouteOf } from '../findings/exposureRoute';
import { disagreements } from '../formula/dualAmount';
import type { Formula, Line } from '../formula/formula';
import type { Poured } from '../formula/mixedVolume';
import { ok, type Result } from '../formula/result';
import { resolveAmounts, type ResolvedFormula, type RangeEnd } from '../formula/resolveAmounts';
import { atEnds, isUnknown, resolveIngredient } from '../formula/resolveIngredient';
import { hasTrait, mix, type MixtureState } from '../mixture/state';
import { isVague } from '../quantity/amount';
import { exceeds } from '../quantity/limit';
import { NO_TEXT, type RecipeText, type EvaluationContext } from './context';

export interface SurfaceEvaluation {
  readonly id: string;
  readonly name: string;
  readonly verdict: Level;
  readonly findings: readonly Finding[];
}

/** A formula, weighed up. */
export interface Evaluation {
  readonly verdict: Level;
  readonly findings: readonly Finding[];
  readonly state: MixtureState;
  /** As it is on a damp surface: of a dry powder with as much water, of all else the state itself. */
  readonly stateWhenDamp: MixtureState;
  /** The formula worked out at its own natural size. */
  readonly resolved: ResolvedFormula;
  readonly surface: SurfaceEvaluation | null;
  /** What was looked for, in a few words each. */
  readonly checked: readonly string[];
}

const lineName = (line: Line): string => resolveIngredient(line.ingredient).name;

/** What is poured for a formula, mixed in this context. */
export const mixed = (poured: readonly Poured[], context: EvaluationContext): MixtureState =>
  mix(poured, { headspacePercent: context.headspacePercent, hardnessMgPerL: context.hardnessMgPerL });

/** What a formula is once mixed, unjudged; null if its amounts cannot be brought together. */
export function mixtureOf(formula: Formula, context: EvaluationContext): MixtureState | null {
  const resolved = resolveAmounts(formula, context.droppers);
  return resolved.ok ? mixed(resolved.value.portions, context) : null;
}

const wordsOf = (formula: Formula, recipeText: RecipeText): string =>
  [formula.name, formula.purpose, ...formula.lines.map((l) => l.text ?? ''), ...recipeText.notes, ...recipeText.unread]
    .join('\n')
    .toLowerCase();

/** A text that names a small shut room is meant for one. */
const SMALL_ROOM = /\b(?:small|closed|windowless|tiny) (?:bath|shower|wash|wet)? ?room\b|\bcupboard\b|\bcabin\b/;

/** What the rules look at for a formula, but for the mixture itself: the same for every reading of its amounts. */
type Setting = (state: MixtureState) => RuleInput;

/** What the rules look at for a formula in a context. */
export function settingOf(formula: Formula, context: EvaluationContext, recipeText: RecipeText): Setting {
  const words = wordsOf(formula, recipeText);
  const unknown = [...formula.lines.filter((l) => isUnknown(l.ingredient)).map(lineName), ...recipeText.unread];
  const unknownKinds = [...new Set(recipeText.open.flatMap((o) => (o.unknownKind ? [o.name] : [])))];
  const disagree = disagreements(formula, context.droppers);
  return (state) => ({
    state,
    scope: context.scope,
    alone: [],
    formula: true,
    amounts: true,
    unknown,
    hazards: recipeText.hazards,
    unknownKinds,
    disagreements: disagree,
    household: context.household,
    vessel: context.vessel,
    exposure: exposureRouteOf(
      { form: context.form ?? formula.form ?? null, kind: formula.kind ?? 'surface', vessel: context.vessel },
      state,
      context.scope,
    ),
    words,
    room: SMALL_ROOM.test(words) ? 'small' : context.room,
    soil: context.soil,
  });
}

/** Each vague line at both its ends, the others in the middle; and all of them together at each end. */
function readingsOf(formula: Formula): ((line: Line) => RangeEnd)[] {
  const vague = formula.lines.filter((l) => isVague(l.amount));
  if (vague.length === 0) return [];
  const all = (end: RangeEnd) => () => end;
  const one = (id: string, end: RangeEnd) => (line: Line) => (line.id === id ? end : 'middle');
  return [
    all('low'),
    all('high'),
    ...(vague.length > 1 ? vague.flatMap((l) => [one(l.id, 'low'), one(l.id, 'high')]) : []),
  ];
}

/** Runs a formula at the ends of its vague amounts; the worst result holds, and it is said if they differ. */
function judgeAtBothEnds(
  formula: Formula,
  middle: RuleResult,
  context: EvaluationContext,
  setting: Setting,
): RuleResult {
  let worst = middle;
  let differs = false;
  for (const reading of readingsOf(formula)) {
    const resolved = resolveAmounts(formula, context.droppers, reading);
    if (!resolved.ok) continue;
    const other = applyRules(setting(mixed(resolved.value.portions, context)));
    if (other.verdict !== middle.verdict) differs = true;
    if (isWorse(other.verdict, worst.verdict)) worst = other;
  }
  if (!differs) return worst;
  const subjects = formula.lines.filter((l) => isVague(l.amount)).map(lineName);
  return withFindings(worst, applyRule(vagueAmount, [...new Set(subjects)], context.scope));
}

/** So many readings of a formula's names are judged. */
const MAX_READINGS = 48;

/** Lines that are read alike, as one of the choices. */
interface OpenName {
  readonly lineIds: readonly string[];
  readonly choices: readonly string[];
}

const combinationsOf = (names: readonly OpenName[]): number => names.reduce((n, name) => n * name.choices.length, 1);

/** The open names: each line by itself; where that makes too many readings, lines of the same choices together. */
function openNames(open: RecipeText['open']): OpenName[] {
  const each = open
    .map((o) => ({ lineIds: [o.lineId], choices: [...new Set(o.choices.map((c) => c.id))] }))
    .filter((o) => o.choices.length > 1);
  if (combinationsOf(each) <= MAX_READINGS) return each;
  const alike = new Map<string, OpenName>();
  for (const name of each) {
    const key = name.choices.join(' ');
    const lineIds = [...(alike.get(key)?.lineIds ?? []), ...name.lineIds];
    alike.set(key, { lineIds, choices: name.choices });
  }
  return [...alike.values()];
}

/** The formula with its open names read as each of their choices: in every combination, or one by one where those are too many. */
function otherReadings(formula: Formula, open: RecipeText['open']): Formula[] {
  const names = openNames(open);
  const as = (of: Formula, { lineIds }: OpenName, id: string): Formula => ({
    ...of,
    lines: of.lines.map((l) =>
      lineIds.includes(l.id) && (l.ingredient.kind !== 'known' || l.ingredient.id !== id) ? readAs(l, id) : l,
    ),
  });
  const readings =
    combinationsOf(names) <= MAX_READINGS
      ? names.reduce<Formula[]>((made, n) => made.flatMap((f) => n.choices.map((id) => as(f, n, id))), [formula])
      : names.flatMap((n) => n.choices.map((id) => as(formula, n, id)));
  return readings.filter((f) => f.lines.some((l, i) => l !== formula.lines[i]));
}

/** Of so many ranges every low and high end is tried with every other; of more all ends of a kind, and each by itself. */
const CORNERS_UP_TO = 4;

/** Ends of ranges, by a name for each range. */
type Ends = ReadonlyMap<string, 'low' | 'high'>;

/** Which ends are tried of these ranges. */
function endsTried(ranges: readonly string[]): Ends[] {
  const both = ['low', 'high'] as const;
  if (exceeds(ranges.length, CORNERS_UP_TO))
    return [ranges, ...ranges.map((one) => [one])].flatMap((some) =>
      both.map((end) => new Map(some.map((one) => [one, end]))),
    );
  return ranges.reduce<Ends[]>(
    (corners, one) => corners.flatMap((corner) => both.map((end) => new Map(corner).set(one, end))),
    [new Map()],
  );
}

/** A range on a label, of one content of one line. */
const rangeName = (lineId: string, substance: string): string => `${lineId} ${substance}`;

/** The formula with what labels give as ranges at their ends. */
function labelReadings(formula: Formula): Formula[] {
  const ranges = formula.lines.flatMap(({ id, ingredient }) =>
    ingredient.kind === 'own'
      ? ingredient.contents.filter((c) => c.low < c.high).map((c) => rangeName(id, c.substance))
      : [],
  );
  if (ranges.length === 0) return [];
  return endsTried(ranges).map((ends) => ({
    ...formula,
    lines: formula.lines.map((line) =>
      line.ingredient.kind === 'own'
        ? {
            ...line,
            ingredient: atEnds(line.ingredient, (c) => ends.get(rangeName(line.id, c.substance)) ?? null),
          }
        : line,
    ),
  }));
}

/** A line as another ingredient: what was said of its strength holds where the other has one. */
const readAs = (line: Line, id: string): Line => ({ ...line, ingredient: { kind: 'known', id } });

/** A formula as it was judged, with the worst of what its open names may mean. */
interface Judged {
  readonly formula: Formula;
  readonly resolved: ResolvedFormula;
  readonly state: MixtureState;
  readonly result: RuleResult;
}

function judgeReading(
  formula: Formula,
  resolved: ResolvedFormula,
  context: EvaluationContext,
  recipeText: RecipeText,
): Judged {
  const setting = settingOf(formula, context, recipeText);
  const state = mixed(resolved.portions, context);
  return {
    formula,
    resolved,
    state,
    result: judgeAtBothEnds(formula, applyRules(setting(state)), context, setting),
  };
}

/** The worst of all readings, with every danger of any of them. */
function worstOf(first: Judged, others: readonly Judged[]): Judged {
  let worst = first;
  for (const other of others) if (isWorse(other.result.verdict, worst.result.verdict)) worst = other;
  const known = new Set(worst.result.findings.map((f) => f.code));
  const more = [first, ...others].flatMap((o) =>
    o.result.findings.filter((f) => f.level === 'danger' && !known.has(f.code) && known.add(f.code)),
  );
  return { ...worst, result: withFindings(worst.result, more) };
}

/** Habits that a person may hold with: what they do is said all the same, and no longer counts as defeating the mixture. */
const HABITS: readonly {
  readonly code: string;
  readonly school: DisputedAdviceId;
  readonly choice: string;
  readonly scope: Scope | null;
}[] = [
  { code: 'neutralised', school: 'fizz-on-the-surface', choice: 'lifts', scope: 'fresh' },
  { code: 'soap-curdles', school: 'soap-with-vinegar', choice: 'habit', scope: null },
];

/** A result as the person holds it: a habit of theirs is a caution. */
function asHeldWith(result: RuleResult, { preferences, scope }: EvaluationContext): RuleResult {
  const held = HABITS.filter((h) => preferenceOf(h.school, preferences) === h.choice && (h.scope ?? scope) === scope);
  return withLevels(result, ({ code, level }) =>
    level === 'defeats' && held.some((h) => h.code === code) ? 'caution' : level,
  );
}

/**
 * Weighs up a formula: what it is once mixed, every finding about it, and how a surface takes it. The
 * size does not matter: the same ratios give the same verdict. Vague amounts are run at both ends; a name
 * that may mean several things is judged as the worst of them, and the first is what the strengths show. What a
 * label gives as a range is judged at both its ends, and shown at its middle.
 *
 * @param recipeText what a pasted text said beside its lines, and what of them is open
 * @returns a problem, worded for the person, if the amounts cannot be brought together
 */
export function evaluate(
  formula: Formula,
  context: EvaluationContext,
  recipeText: RecipeText = NO_TEXT,
): Result<Evaluation> {
  const resolved = resolveAmounts(formula, context.droppers);
  if (!resolved.ok) return resolved;
  const first = judgeReading(formula, resolved.value, context, recipeText);
  const readings = [...labelReadings(formula), ...otherReadings(formula, recipeText.open)];
  const others = readings.flatMap((f) => {
    const other = resolveAmounts(f, context.droppers);
    return other.ok ? [judgeReading(f, other.value, context, recipeText)] : [];
  });
  const result = asHeldWith(worstOf(first, others).result, context);
  const { state } = first;
  const stateWhenDamp = dampened(resolved.value.portions, state, context);
  const surfaces = context.surface
    ? [first, ...others].map((o) =>
        evaluateOnSurface(o.state, dampened(o.resolved.portions, o.state, context), context),
      )
    : [];
  return ok({
    ...result,
    state,
    stateWhenDamp,
    resolved: resolved.value,
    surface: surfaces.reduce<SurfaceEvaluation | null>(
      (worst, s) => (s && (!worst || isWorse(s.verdict, worst.verdict)) ? s : worst),
      null,
    ),
    checked: WHAT_IS_CHECKED,
  });
}

/**
 * An evaluation held against the place of a context: its surface, and how long it stays on.
 * @param anywhere of the same formula and context, before a place was chosen
 */
export function evaluateAt(formula: Formula, anywhere: Evaluation, context: EvaluationContext): Result<Evaluation> {
  // What is to be lifted bears on what is found of the mixture itself.
  if (context.soil) return evaluate(formula, context);
  if (!context.surface) return ok(anywhere);
  return ok({ ...anywhere, surface: evaluateOnSurface(anywhere.state, anywhere.stateWhenDamp, context) });
}

const WATER = ingredientById('distilled-water');

/** A dry mix of acid or alkali with its own weight of water, as a damp surface brings it. */
function dampened(poured: readonly Poured[], state: MixtureState, context: EvaluationContext): MixtureState {
  if (!WATER || state.hasWaterPhase || !(hasTrait(state, 'acid') || hasTrait(state, 'alkali'))) return state;
  const water = { ingredient: WATER, massG: state.massG, volumeML: state.massG / WATER.densityGPerML };
  return mixed([...poured, water], context);
}

/** How a surface takes a mixture; null if none is asked about. */
function evaluateOnSurface(
  state: MixtureState,
  damp: MixtureState,
  context: EvaluationContext,
): SurfaceEvaluation | null {
  const { surface, dwellMinutes, soil, preferences: schools } = context;
  if (!surface) return null;
  const passed = exceededLimits(state, surface, schools, damp);
  return { id: surface.id, name: surface.name, ...applySurfaceRules({ state, surface, dwellMinutes, soil, passed }) };
}
