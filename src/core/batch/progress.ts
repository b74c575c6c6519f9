import { maxFillML, vesselFacts, type Vessel } from '../catalogue/vessels';
import {
  evaluateAsPoured,
  formulaAsPoured,
  offPercent,
  POURED_RIGHT_WITHIN_PERCENT,
  rescaled,
} from '../evaluation/asPoured';
import type { EvaluationContext } from '../evaluation/context';
import type { Evaluation } from '../evaluation/evaluate';
import type { PouredLine, PourPlan, PourTarget } from '../evaluation/pourPlan';
import type { Formula } from '../formula/formula';
import type { Batch } from '../shelf-life/batch';
import { labelOf } from '../shelf-life/label';

/** A batch under way: what is made, in what, and what is in it so far. Everything to go on from after a reload. */
export interface BatchInProgress {
  readonly formula: Formula;
  readonly vessel: Vessel;
  /** True if the bottle is not among the person's own yet. */
  readonly isNew: boolean;
  /** How much is made; null for the bottle full. */
  readonly aim: PourTarget | null;
  readonly inBottle: boolean;
  /** How long it stays on where it is meant to go, for the label; null if not known. */
  readonly dwell: string | null;
  readonly labelled: boolean;
  /** mL really poured of each line. */
  readonly poured: Readonly<Record<string, number>>;
  /** Lines that are done. */
  readonly done: readonly string[];
  /** Lines whose amount was off, and left so knowingly. */
  readonly accepted: readonly string[];
  /** What becomes of what stands in the bottle; left out where it is empty. */
  readonly into?: IntoUse;
}

/** What becomes of what stands in a bottle that is filled: it is emptied, or topped up; and which batch that is. */
export interface IntoUse {
  readonly how: 'empty' | 'top-up';
  readonly batchId: string;
}

export const isBatchInProgress = (value: unknown): value is BatchInProgress | null =>
  value === null ||
  (typeof value === 'object' &&
    'formula' in value &&
    'vessel' in value &&
    'poured' in value &&
    'done' in value &&
    'accepted' in value);

/** The line to pour next; null once all are in. */
export const nextLine = (batch: BatchInProgress, plan: PourPlan): PouredLine | null =>
  plan.lines.find((l) => !batch.done.includes(l.line.id)) ?? null;

/** mL still to be poured of a line. */
export const toPourML = (batch: BatchInProgress, line: PouredLine): number =>
  Math.max(0, line.volumeML - (batch.poured[line.line.id] ?? 0));

/** With so much more of a line poured, and the line done. */
export const withPoured = (batch: BatchInProgress, line: PouredLine, volumeML: number): BatchInProgress => ({
  ...batch,
  poured: { ...batch.poured, [line.line.id]: (batch.poured[line.line.id] ?? 0) + volumeML },
  done: [...batch.done.filter((id) => id !== line.line.id), line.line.id],
});

/** The last line taken back, to be poured (or said) again. */
export function withoutLast(batch: BatchInProgress): BatchInProgress {
  const last = batch.done.at(-1);
  if (last === undefined) return { ...batch, labelled: false };
  const { [last]: _, ...poured } = batch.poured;
  return { ...batch, poured, done: batch.done.slice(0, -1), accepted: batch.accepted.filter((id) => id !== last) };
}

/** True if a line is further from its plan than a careful hand comes. */
export const isOff = (batch: BatchInProgress, line: PouredLine): boolean =>
  Math.abs(offPercent(line.volumeML, batch.poured[line.line.id] ?? line.volumeML)) > POURED_RIGHT_WITHIN_PERCENT;

/** Makes all of it larger or smaller, so that what is in is right; lines that now lack some are to be poured again. */
export function withRescaled(batch: BatchInProgress, plan: PourPlan): BatchInProgress {
  const more = rescaled(plan, batch.poured);
  const lacking = more.toPour.filter((p) => {
    const target = (plan.lines.find((l) => l.line.id === p.lineId)?.volumeML ?? 0) * more.times;
    return p.volumeML > (POURED_RIGHT_WITHIN_PERCENT / 100) * target;
  });
  return {
    ...batch,
    aim: { batchML: more.batchML, bottles: plan.bottles },
    done: batch.done.filter((id) => !lacking.some((l) => l.lineId === id)),
  };
}

/** What is in the bottle once all is in, weighed up. */
export const asPoured = (batch: BatchInProgress, plan: PourPlan, context: EvaluationContext): Evaluation | null => {
  const result = evaluateAsPoured(batch.formula, plan.lines, batch.poured, context);
  return result.ok ? result.value : null;
};

/** What is in the bottle at the moment, or will be once the rest is poured as planned, and where the mixing stands. */
export interface BatchStatus {
  /** The line to pour next; null before the label, and once all are in. */
  readonly line: PouredLine | null;
  /** The line poured last, where it is off and nobody has said that it stays so. */
  readonly off: PouredLine | null;
  /** What is in the bottle, weighed up. */
  readonly evaluation: Evaluation;
}

/** Where a batch stands; changes only when something was poured or taken back. */
export function batchStatus(
  batch: BatchInProgress,
  plan: PourPlan,
  planned: Evaluation,
  context: EvaluationContext,
): BatchStatus {
  const last = plan.lines.find((l) => l.line.id === batch.done.at(-1));
  const isPoured = Object.keys(batch.poured).length > 0;
  return {
    line: batch.labelled ? nextLine(batch, plan) : null,
    off: last && !batch.accepted.includes(last.line.id) && isOff(batch, last) ? last : null,
    evaluation: (isPoured ? asPoured(batch, plan, context) : null) ?? planned,
  };
}

/** How much it would come to if the rest were made to fit, mL, and whether the bottles hold it. */
export function rescaledFits(
  batch: BatchInProgress,
  plan: PourPlan,
): { readonly batchML: number; readonly fits: boolean } {
  const batchML = withRescaled(batch, plan).aim?.batchML ?? plan.batchML;
  return { batchML, fits: !batch.inBottle || batchML <= maxFillML(batch.vessel) * plan.bottles };
}

interface FinishedBatch {
  readonly formula: Formula;
  readonly evaluation: Evaluation;
  /** What it is poured into: as many as there are. */
  readonly vessels: readonly Vessel[];
  /** mL in each bottle. */
  readonly volumeML: number;
  readonly roomC: number;
  readonly dwell: string | null;
  readonly madeAt: string;
}

/** A batch for every bottle, each with its label. */
export const batchesOf = (made: FinishedBatch, newId: () => string): Batch[] =>
  made.vessels.map((vessel) => ({
    id: newId(),
    formula: made.formula,
    vessel,
    label: labelOf(made.formula, made.evaluation, { vessel: vesselFacts(vessel), roomC: made.roomC }, made.dwell),
    volumeML: made.volumeML,
    madeAt: made.madeAt,
    state: 'kept',
    endedAt: null,
  }));

/**
 * What goes on the shelf once all is in: the formula as it was poured, if anything was off, and as much in each
 * bottle as there is.
 * @param at the bottles, each with an id of its own
 */
export function finishedBatches(
  batch: BatchInProgress,
  plan: PourPlan,
  evaluations: { readonly planned: Evaluation; readonly poured: Evaluation },
  at: { readonly vessels: readonly Vessel[]; readonly roomC: number; readonly madeAt: string },
  newId: () => string,
): Batch[] {
  const inAllML = plan.lines.reduce((sum, l) => sum + (batch.poured[l.line.id] ?? l.volumeML), 0);
  const meantML = plan.lines.reduce((sum, l) => sum + l.volumeML, 0);
  const anyOff = plan.lines.some((l) => isOff(batch, l));
  return batchesOf(
    {
      formula: anyOff ? formulaAsPoured(batch.formula, plan.lines, batch.poured) : batch.formula,
      evaluation: anyOff ? evaluations.poured : evaluations.planned,
      volumeML: (plan.fillML * inAllML) / meantML,
      dwell: batch.dwell,
      ...at,
    },
    newId,
  );
}

/** mL that are in beyond what was planned for the lines that are done. */
export const shiftML = (batch: BatchInProgress, plan: PourPlan): number =>
  plan.lines
    .filter((l) => batch.done.includes(l.line.id))
    .reduce((sum, l) => sum + (batch.poured[l.line.id] ?? 0) - l.volumeML, 0);
