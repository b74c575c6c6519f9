import { DAY_MS } from '../quantity/time';
import type { Formula } from '../formula/formula';
import type { Vessel } from '../catalogue/vessels';
import type { Cost } from '../stock/cost';
import type { LabelContent } from './label';

/** Where a batch is in its life. */
export const BATCH_STATES = ['kept', 'emptied', 'discarded'] as const;
export type BatchState = (typeof BATCH_STATES)[number];

/** A labelled bottle that was made: its formula and label stay as they were on that day. */
export interface Batch {
  readonly id: string;
  readonly formula: Formula;
  readonly vessel: Vessel;
  readonly label: LabelContent;
  /** mL when it was made. */
  readonly volumeML: number;
  /** mL that are left; left out while it is as full as it was made. */
  readonly leftML?: number;
  /** When the oldest of what is in it was made, ISO 8601; left out where nothing was topped up. */
  readonly oldestAt?: string;
  /** What went into it cost, by the prices of that day; left out where none was known. */
  readonly cost?: Cost;
  /** ISO 8601 date and time, UTC. */
  readonly madeAt: string;
  readonly state: BatchState;
  /** When it was emptied or discarded, ISO 8601; null while kept. */
  readonly endedAt: string | null;
}

/** mL that are left in a bottle; none once it is emptied or poured away. */
export const leftML = (batch: Batch): number => (batch.state === 'kept' ? (batch.leftML ?? batch.volumeML) : 0);

/** A bottle that holds no more than this share of what was made is on its last, and a new one may be made. */
export const LAST_OF_IT_UP_TO = 0.25;

/** True if there is little left of it. */
export const isLastOfIt = (batch: Batch): boolean =>
  batch.state === 'kept' && leftML(batch) <= LAST_OF_IT_UP_TO * batch.volumeML;

/** The bottle with so much less in it, mL; what is used to the last drop stays, to be said empty by whoever sees it. */
export const withUsed = (batch: Batch, usedML: number): Batch => ({
  ...batch,
  leftML: Math.max(0, Math.min(batch.volumeML, leftML(batch) - usedML)),
});

/** The bottle at a level that somebody looked at, as a share of what was made, 0 to 1. */
export const withLevel = (batch: Batch, share: number): Batch => ({
  ...batch,
  leftML: Math.min(1, Math.max(0, share)) * batch.volumeML,
});

/** What stands in a bottle now, the newest first. */
export const standsIn = (vesselId: string, batches: readonly Batch[]): Batch[] =>
  batches
    .filter((b) => b.state === 'kept' && b.vessel.id === vesselId)
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt));

/** The day to discard a batch by, ISO 8601: made-on and the shorter end of how long it keeps. */
export const discardBy = (madeAt: string, keepsLowDays: number): string =>
  new Date(Date.parse(madeAt) + keepsLowDays * DAY_MS).toISOString();

/** True if the day to discard it by is past. */
export const isExpired = (batch: Batch, nowISO: string): boolean =>
  batch.state === 'kept' &&
  Date.parse(discardBy(batch.madeAt, batch.label.keeps.lowDays)) < Date.parse(nowISO) - DAY_MS;

/** True if something good is left in it. */
export const isUsable = (batch: Batch, nowISO: string): boolean =>
  batch.state === 'kept' && leftML(batch) > 0 && !isExpired(batch, nowISO);

/** How much of each formula is left in bottles that are still good, mL, by the formula's id. */
export function leftByFormula(batches: readonly Batch[], nowISO: string): ReadonlyMap<string, number> {
  const left = new Map<string, number>();
  for (const b of batches.filter((o) => isUsable(o, nowISO)))
    left.set(b.formula.id, (left.get(b.formula.id) ?? 0) + leftML(b));
  return left;
}

/** The newest bottle of each formula that is still good, the newest first. */
export function usableBatches(batches: readonly Batch[], nowISO: string): Batch[] {
  const good = batches.filter((b) => isUsable(b, nowISO)).sort((a, b) => b.madeAt.localeCompare(a.madeAt));
  return good.filter((b, i) => good.findIndex((o) => o.formula.id === b.formula.id) === i);
}
