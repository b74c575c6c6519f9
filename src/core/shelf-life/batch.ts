import { DAY_MS } from '../quantity/time';
import type { Formula } from '../formula/formula';
import type { Vessel } from '../catalogue/vessels';
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
  readonly volumeML: number;
  /** ISO 8601 date and time, UTC. */
  readonly madeAt: string;
  readonly state: BatchState;
  /** When it was emptied or discarded, ISO 8601; null while kept. */
  readonly endedAt: string | null;
}

/** The day to discard a batch by, ISO 8601: made-on and the shorter end of how long it keeps. */
export const discardBy = (madeAt: string, keepsLowDays: number): string =>
  new Date(Date.parse(madeAt) + keepsLowDays * DAY_MS).toISOString();

/** True if the day to discard it by is past. */
export const isExpired = (batch: Batch, nowISO: string): boolean =>
  batch.state === 'kept' &&
  Date.parse(discardBy(batch.madeAt, batch.label.keeps.lowDays)) < Date.parse(nowISO) - DAY_MS;

/** The newest bottle of each formula that is still good, the newest first. */
export function usableBatches(batches: readonly Batch[], nowISO: string): Batch[] {
  const good = batches
    .filter((b) => b.state === 'kept' && !isExpired(b, nowISO))
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt));
  return good.filter((b, i) => good.findIndex((o) => o.formula.id === b.formula.id) === i);
}
