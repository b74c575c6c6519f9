import { handlingOf } from '../findings/undiluted';
import { isWorse } from '../findings/finding';
import { applyRules } from '../findings/applyRules';
import type { Formula, Line } from '../formula/formula';
import { mixedVolume } from '../formula/mixedVolume';
import { ok, type Result } from '../formula/result';
import { fillML, scaleTo, type Portion, type ResolvedFormula } from '../formula/resolveAmounts';
import { dropsPerMLOf, wholeDrops, type Droppers } from '../quantity/drops';
import type { Profile } from '../quantity/fillMarks';
import { measurePlan, type MeasurePlan } from '../quantity/measurePlan';
import type { Tool } from '../quantity/tools';
import { vesselHeightMM, vesselProfile, type Vessel } from '../catalogue/vessels';
import { evaluate, mixed, settingOf, type Evaluation } from './evaluate';
import { NO_TEXT, type RecipeText, type EvaluationContext } from './context';
import { orderOfAddition } from './order';
import { notableShifts, type StrengthShift } from './strengths';
import { isAtLeast } from '../quantity/limit';

/** One line of a formula, scaled to a bottle and rounded to what can be measured. */
export interface PouredLine {
  readonly line: Line;
  readonly ingredientId: string;
  readonly name: string;
  readonly form: 'liquid' | 'powder' | 'oil' | 'solid';
  /** As intended, before rounding: mL as poured or spooned, and g. */
  readonly volumeML: number;
  readonly massG: number;
  /** Whole drops where it goes in by drops, otherwise null. */
  readonly drops: number | null;
  readonly measure: MeasurePlan | null;
  /** Grams for a kitchen scale, rounded to its step; null without a scale or for drops. */
  readonly scaleG: number | null;
  /** What is really poured differs from what is intended by so much, percent. */
  readonly errorPercent: number;
  /** Pour until the level stands so many mm above the inside base; null for drops and in a vessel of unknown form. */
  readonly pourToMM: number | null;
  /** Why it goes in at this place in the order. */
  readonly why: string;
  /** What to mind while it is poured or spooned; null where nothing is. */
  readonly care: string | null;
  /** mL in the vessel after this line. */
  readonly levelML: number;
}

export interface PourPlan {
  /** mL that all the lines make. */
  readonly batchML: number;
  /** How many bottles it is poured over into; 1 if it is mixed in its own. */
  readonly bottles: number;
  /** mL in one bottle. */
  readonly fillML: number;
  /** Where that stands in it, mm above the inside base. */
  readonly fillMM: number;
  readonly profile: Profile;
  readonly lines: readonly PouredLine[];
  /** Strengths that rounding to drops and scoops moves by more than 5 %. */
  readonly shifts: readonly StrengthShift[];
}

/** How much to make: left out, the bottle full but for its headspace. */
export interface PourTarget {
  readonly batchML: number;
  readonly bottles: number;
}

/** What sets a strength is measured to 2 %, the rest to 5 %. */
const TOLERANCE_PERCENT = { strength: 2, other: 5 } as const;

/** As drops if the line is given in drops, or is an oil of less than a quarter teaspoon. */
const DROPS_BELOW_ML = 1.2;

const byDrops = (portion: Portion): boolean =>
  portion.line.amount.kind === 'drops' ||
  portion.line.amount.kind === 'drops-per-100mL' ||
  (portion.ingredient.form !== 'powder' && !isAtLeast(portion.volumeML, DROPS_BELOW_ML));

const toleranceOf = (portion: Portion): number =>
  portion.ingredient.strengthOf === null ? TOLERANCE_PERCENT.other : TOLERANCE_PERCENT.strength;

type Rounding = (volumeML: number, dropsPerML: number) => number;

const roundedDown: Rounding = (volumeML, dropsPerML) => Math.max(1, Math.floor(volumeML * dropsPerML));
const roundedUp: Rounding = (volumeML, dropsPerML) => Math.ceil(volumeML * dropsPerML);

/** What is really poured of a portion once drops are whole and scoops level, mL. */
function really(
  portion: Portion,
  tools: readonly Tool[],
  droppers: Droppers,
  rounding: Rounding,
): { drops: number | null; measure: MeasurePlan | null; reallyML: number } {
  if (byDrops(portion)) {
    const perML = dropsPerMLOf(portion.ingredient, droppers);
    const drops = portion.volumeML > 0 ? rounding(portion.volumeML, perML) : 0;
    return { drops, measure: null, reallyML: drops / perML };
  }
  const measure = measurePlan(portion.volumeML, tools, toleranceOf(portion));
  return { drops: null, measure, reallyML: measure?.withinTolerance ? measure.volumeML : portion.volumeML };
}

interface Rounded {
  readonly portion: Portion;
  readonly drops: number | null;
  readonly measure: MeasurePlan | null;
  readonly reallyML: number;
}

const reallyPoured = ({ portion, reallyML }: Rounded): Portion => ({
  ...portion,
  volumeML: reallyML,
  massG: reallyML * portion.ingredient.densityGPerML,
});

const roundAll = (scaled: ResolvedFormula, tools: readonly Tool[], droppers: Droppers, rounding: Rounding): Rounded[] =>
  scaled.portions.map((portion) => ({ portion, ...really(portion, tools, droppers, rounding) }));

/** Rounding never crosses a safety limit: if the rounded mixture is judged worse, it is rounded the other way. */
function roundedSafely(
  formula: Formula,
  scaled: ResolvedFormula,
  evaluation: Evaluation,
  tools: readonly Tool[],
  context: EvaluationContext,
): Rounded[] {
  const setting = settingOf(formula, context, NO_TEXT);
  const verdictOf = (rounded: readonly Rounded[]) => {
    return applyRules(setting(mixed(rounded.map(reallyPoured), context))).verdict;
  };
  const nearest = roundAll(scaled, tools, context.droppers, wholeDrops);
  if (!isWorse(verdictOf(nearest), evaluation.verdict)) return nearest;
  // Drops the other way first; then by the mL alone, where it is a level scoop that goes over.
  const attempts = [tools, []].flatMap((by) => [roundedDown, roundedUp].map((other) => [by, other] as const));
  for (const [by, other] of attempts) {
    const again = roundAll(scaled, by, context.droppers, other);
    if (!isWorse(verdictOf(again), evaluation.verdict)) return again;
  }
  return nearest;
}

/**
 * Everything needed to fill a vessel with a formula: each line in the order it goes in, its volume, its
 * scoops or drops, the rounding, and the mark to pour to.
 *
 * @param vessel capacity 10 to 100 000 mL
 * @param tools what the person measures with
 * @param aim how much to make, mixed in one vessel and poured over into so many bottles
 */
export function planPour(
  formula: Formula,
  evaluation: Evaluation,
  vessel: Vessel,
  tools: readonly Tool[],
  context: EvaluationContext,
  aim: PourTarget | null = null,
): PourPlan {
  const bottles = aim?.bottles ?? 1;
  const targetML = aim?.batchML ?? fillML(vessel.capacityML, context.headspacePercent);
  const scaled = scaleTo(evaluation.resolved, targetML);
  const rounded = roundedSafely(formula, scaled, evaluation, tools, context);
  const scale = tools.find((t) => t.kind === 'scale');
  const ordered = orderOfAddition(rounded.map((r) => r.portion));
  const levels = levelsML(
    ordered.map((o) => o.portion),
    scaled.batchML,
  );
  const lines = ordered.map(({ portion, why }, i): PouredLine => {
    const found = rounded.find((r) => r.portion === portion);
    const { drops, measure, reallyML } = found ?? { drops: null, measure: null, reallyML: portion.volumeML };
    const levelML = levels[i] ?? 0;
    const errorPercent =
      drops !== null
        ? (100 * (reallyML - portion.volumeML)) / Math.max(portion.volumeML, 1e-9)
        : (measure?.errorPercent ?? 0);
    return {
      line: portion.line,
      ingredientId: portion.ingredient.id,
      name: portion.ingredient.name,
      form: portion.ingredient.form,
      volumeML: portion.volumeML,
      massG: portion.massG,
      drops,
      measure,
      scaleG:
        scale?.kind === 'scale' && drops === null
          ? Math.max(scale.stepG, Math.round(portion.massG / scale.stepG) * scale.stepG)
          : null,
      errorPercent,
      why,
      care: handlingOf(portion.ingredient),
      pourToMM: drops === null && bottles === 1 ? vesselHeightMM(vessel, levelML) : null,
      levelML,
    };
  });
  const inOneML = targetML / bottles;
  return {
    batchML: targetML,
    bottles,
    fillML: inOneML,
    fillMM: vesselHeightMM(vessel, inOneML),
    profile: vesselProfile(vessel),
    lines,
    shifts: notableShifts(mixed(scaled.portions, context), mixed(rounded.map(reallyPoured), context)),
  };
}

/**
 * The mL in the vessel after each portion, in the order they go in: what is there so far, mixed, with what
 * dissolves and what alcohol and water lose. A dry heap sinks when the liquid comes: a mark never falls.
 */
function levelsML(ordered: readonly Portion[], batchML: number): number[] {
  let level = 0;
  return ordered.map((_, i) => {
    const last = i === ordered.length - 1;
    level = last ? batchML : Math.min(batchML, Math.max(level, mixedVolume(ordered.slice(0, i + 1)).volumeML));
    return level;
  });
}

/** Evaluates a formula and plans its pour into a vessel in one go. */
export function evaluateAndPlan(
  formula: Formula,
  vessel: Vessel,
  tools: readonly Tool[],
  context: EvaluationContext,
  recipeText: RecipeText = NO_TEXT,
  aim: PourTarget | null = null,
): Result<{ readonly evaluation: Evaluation; readonly plan: PourPlan }> {
  const evaluation = evaluate(formula, context, recipeText);
  return evaluation.ok
    ? ok({ evaluation: evaluation.value, plan: planPour(formula, evaluation.value, vessel, tools, context, aim) })
    : evaluation;
}
