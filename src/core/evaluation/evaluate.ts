import { ingredientById } from '../catalogue/lookup';
import { WHAT_IS_CHECKED, judge, judgeOnSurface, withFindings, type Judgement } from '../findings/judge';
import { isWorse, type Finding, type Level } from '../findings/finding';
import { excesses } from '../findings/surfaceLimits';
import { applyRule, type Situation } from '../findings/rule';
import { vagueAmount } from '../findings/notSure';
import { howUsed } from '../findings/howUsed';
import { disagreements } from '../formula/dualAmount';
import type { Formula, Line } from '../formula/formula';
import type { Poured } from '../formula/mixedVolume';
import { accept, type Outcome } from '../formula/problem';
import { quantify, type Quantified, type Reading } from '../formula/quantify';
import { isUnknown, resolveIngredient } from '../formula/resolve';
import { has, mix, type MixtureState } from '../mixture/state';
import { isVague } from '../quantity/amount';
import { NOTHING_BESIDE, type Beside, type Circumstances } from './options';

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
  readonly damp: MixtureState;
  /** The formula worked out at its own natural size. */
  readonly quantified: Quantified;
  readonly surface: SurfaceEvaluation | null;
  /** What was looked for, in a few words each. */
  readonly checked: readonly string[];
}

const lineName = (line: Line): string => resolveIngredient(line.ingredient).name;

/** What is poured for a formula, mixed in these circumstances. */
export const mixed = (poured: readonly Poured[], at: Circumstances): MixtureState =>
  mix(poured, { headspacePercent: at.headspacePercent, hardnessMgPerL: at.hardnessMgPerL });

const wordsOf = (formula: Formula, beside: Beside): string =>
  [formula.name, formula.purpose, ...formula.lines.map((l) => l.text ?? ''), ...beside.notes, ...beside.unread]
    .join('\n')
    .toLowerCase();

/** A text that names a small shut room is meant for one. */
const SMALL_ROOM = /\b(?:small|closed|windowless|tiny) (?:bath|shower|wash|wet)? ?room\b|\bcupboard\b|\bcabin\b/;

/** What the rules look at for a formula, but for the mixture itself: the same for every reading of its amounts. */
type Setting = (state: MixtureState) => Situation;

/** The setting of a formula in its circumstances. */
export function settingOf(formula: Formula, at: Circumstances, beside: Beside): Setting {
  const words = wordsOf(formula, beside);
  const unknown = [...formula.lines.filter((l) => isUnknown(l.ingredient)).map(lineName), ...beside.unread];
  const unknownKinds = [...new Set(beside.open.flatMap((o) => (o.unknownKind ? [o.name] : [])))];
  const disagree = disagreements(formula, at.dropsPerML);
  return (state) => ({
    state,
    scope: at.scope,
    alone: [],
    formula: true,
    amounts: true,
    unknown,
    hazards: beside.hazards,
    unknownKinds,
    disagreements: disagree,
    lives: at.lives,
    vessel: at.vessel,
    use: howUsed(
      { form: at.form ?? formula.form ?? null, kind: formula.kind ?? 'surface', vessel: at.vessel },
      state,
      at.scope,
    ),
    words,
    room: SMALL_ROOM.test(words) ? 'small' : at.room,
    soil: at.soil,
  });
}

/** Each vague line at both its ends, the others in the middle; and all of them together at each end. */
function readingsOf(formula: Formula): ((line: Line) => Reading)[] {
  const vague = formula.lines.filter((l) => isVague(l.amount));
  if (vague.length === 0) return [];
  const all = (end: Reading) => () => end;
  const one = (id: string, end: Reading) => (line: Line) => (line.id === id ? end : 'middle');
  return [
    all('low'),
    all('high'),
    ...(vague.length > 1 ? vague.flatMap((l) => [one(l.id, 'low'), one(l.id, 'high')]) : []),
  ];
}

/** Runs a formula at the ends of its vague amounts; the worst judgement holds, and it is said if they differ. */
function judgeAtBothEnds(formula: Formula, middle: Judgement, at: Circumstances, setting: Setting): Judgement {
  let worst = middle;
  let differs = false;
  for (const reading of readingsOf(formula)) {
    const quantified = quantify(formula, at.dropsPerML, reading);
    if (!quantified.ok) continue;
    const other = judge(setting(mixed(quantified.value.portions, at)));
    if (other.verdict !== middle.verdict) differs = true;
    if (isWorse(other.verdict, worst.verdict)) worst = other;
  }
  if (!differs) return worst;
  const subjects = formula.lines.filter((l) => isVague(l.amount)).map(lineName);
  return withFindings(worst, applyRule(vagueAmount, [...new Set(subjects)], at.scope));
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
function openNames(open: Beside['open']): OpenName[] {
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
function otherReadings(formula: Formula, open: Beside['open']): Formula[] {
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

/** A line as another ingredient: what was said of its strength holds where the other has one. */
const readAs = (line: Line, id: string): Line => ({ ...line, ingredient: { kind: 'known', id } });

/** A formula as it was judged, with the worst of what its open names may mean. */
interface Judged {
  readonly formula: Formula;
  readonly quantified: Quantified;
  readonly state: MixtureState;
  readonly judgement: Judgement;
}

function judgeReading(formula: Formula, quantified: Quantified, at: Circumstances, beside: Beside): Judged {
  const setting = settingOf(formula, at, beside);
  const state = mixed(quantified.portions, at);
  return { formula, quantified, state, judgement: judgeAtBothEnds(formula, judge(setting(state)), at, setting) };
}

/** The worst of all readings, with every danger of any of them. */
function worstOf(first: Judged, others: readonly Judged[]): Judged {
  let worst = first;
  for (const other of others) if (isWorse(other.judgement.verdict, worst.judgement.verdict)) worst = other;
  const known = new Set(worst.judgement.findings.map((f) => f.code));
  const more = [first, ...others].flatMap((o) =>
    o.judgement.findings.filter((f) => f.level === 'danger' && !known.has(f.code) && known.add(f.code)),
  );
  return { ...worst, judgement: withFindings(worst.judgement, more) };
}

/**
 * Weighs up a formula: what it is once mixed, every finding about it, and how a surface takes it. The
 * size does not matter: the same ratios give the same verdict. Vague amounts are run at both ends; a name
 * that may mean several things is judged as the worst of them, and the first is what the strengths show.
 *
 * @param beside what a pasted text said beside its lines, and what of them is open
 * @returns a problem, worded for the person, if the amounts cannot be brought together
 */
export function evaluate(formula: Formula, at: Circumstances, beside: Beside = NOTHING_BESIDE): Outcome<Evaluation> {
  const quantified = quantify(formula, at.dropsPerML);
  if (!quantified.ok) return quantified;
  const first = judgeReading(formula, quantified.value, at, beside);
  const others = otherReadings(formula, beside.open).flatMap((f) => {
    const other = quantify(f, at.dropsPerML);
    return other.ok ? [judgeReading(f, other.value, at, beside)] : [];
  });
  const { judgement } = worstOf(first, others);
  const { state } = first;
  const damp = dampened(quantified.value.portions, state, at);
  const surfaces = at.surface
    ? [first, ...others].map((o) => evaluateOnSurface(o.state, dampened(o.quantified.portions, o.state, at), at))
    : [];
  return accept({
    ...judgement,
    state,
    damp,
    quantified: quantified.value,
    surface: surfaces.reduce<SurfaceEvaluation | null>(
      (worst, s) => (s && (!worst || isWorse(s.verdict, worst.verdict)) ? s : worst),
      null,
    ),
    checked: WHAT_IS_CHECKED,
  });
}

const WATER = ingredientById('distilled-water');

/** A dry mix of acid or alkali with its own weight of water, as a damp surface brings it. */
function dampened(poured: readonly Poured[], state: MixtureState, at: Circumstances): MixtureState {
  if (!WATER || state.holdsWater || !(has(state, 'acid') || has(state, 'alkali'))) return state;
  const water = { ingredient: WATER, massG: state.massG, volumeML: state.massG / WATER.densityGPerML };
  return mixed([...poured, water], at);
}

/** How a surface takes a mixture; null if none is asked about. */
function evaluateOnSurface(state: MixtureState, damp: MixtureState, at: Circumstances): SurfaceEvaluation | null {
  const { surface, dwellMinutes, soil, schools } = at;
  if (!surface) return null;
  const passed = excesses(state, surface, schools, damp);
  return { id: surface.id, name: surface.name, ...judgeOnSurface({ state, surface, dwellMinutes, soil, passed }) };
}
