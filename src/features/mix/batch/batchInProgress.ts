import {
  evaluateAsPoured,
  labelOf,
  offPercent,
  POURED_RIGHT_WITHIN_PERCENT,
  rescaled,
  vesselFacts,
  type Batch,
  type EvaluationContext,
  type Evaluation,
  type Formula,
  type PouredLine,
  type PourPlan,
  type Vessel,
} from '@/core';

/** A batch under way: what is made, in what, and what is in it so far. Everything to go on from after a reload. */
export interface BatchInProgress {
  readonly formula: Formula;
  readonly vessel: Vessel;
  /** True if the bottle is not among the person's own yet. */
  readonly isNew: boolean;
  readonly aim: { readonly batchML: number; readonly bottles: number } | null;
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

interface FinishedBatch {
  readonly formula: Formula;
  readonly evaluation: Evaluation;
  readonly vessel: Vessel;
  /** mL in each bottle. */
  readonly volumeML: number;
  readonly bottles: number;
  readonly roomC: number;
  readonly dwell: string | null;
  readonly madeAt: string;
}

/** A batch for every bottle, each with its label. */
export const batchesOf = (made: FinishedBatch, newId: () => string): Batch[] =>
  Array.from({ length: made.bottles }, () => ({
    id: newId(),
    formula: made.formula,
    vessel: made.vessel,
    label: labelOf(made.formula, made.evaluation, { vessel: vesselFacts(made.vessel), roomC: made.roomC }, made.dwell),
    volumeML: made.volumeML,
    madeAt: made.madeAt,
    state: 'kept',
    endedAt: null,
  }));

/** mL that are in beyond what was planned for the lines that are done. */
export const shiftML = (batch: BatchInProgress, plan: PourPlan): number =>
  plan.lines
    .filter((l) => batch.done.includes(l.line.id))
    .reduce((sum, l) => sum + (batch.poured[l.line.id] ?? 0) - l.volumeML, 0);
