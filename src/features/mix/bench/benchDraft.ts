import type { FormulaUse, WayAmount } from '@/core';
import { FULL_BOTTLE, type TargetChoice } from './targetChoice';
import type { GuidePart } from '../batch/guidePart';
import type { BenchBottle } from './BottleChoice';
import type { PiecesTyped } from './PiecesChoice';

/** What was chosen on the bench for a formula, kept through a reload. */
export interface BenchDraft {
  readonly bottle: BenchBottle | null;
  readonly surfaceId: string | null;
  /** What is on the surface; not in settings kept from before this was asked. */
  readonly soilId?: string | null;
  readonly minutes: number;
  /** Kept or used at once; null while the formula's own use stands. */
  readonly use: FormulaUse | null;
  /** How it is pressed; not in settings kept from before this was asked. */
  readonly pieces?: PiecesTyped;
  /** How much to make; not in settings kept from before this was asked. */
  readonly scale?: TargetChoice;
}

export const NEW_BENCH_DRAFT: BenchDraft = { bottle: null, surfaceId: null, minutes: 15, use: null };

const asTyped = ({ volumeML, massG }: WayAmount): string => (volumeML === null ? `${massG ?? 0} g` : `${volumeML} mL`);

/** What is set where a job asks for it: its surface, its soil, its time, and as much as it takes. */
export const benchDraftFor = ({ part }: GuidePart): BenchDraft => ({
  ...NEW_BENCH_DRAFT,
  surfaceId: part.place.material,
  soilId: part.soil.id,
  minutes: part.dwell?.bestMinutes ?? NEW_BENCH_DRAFT.minutes,
  ...(part.amount ? { scale: { ...FULL_BOTTLE, kind: 'amount', amount: asTyped(part.amount) } } : {}),
});

export const isBenchDraft = (value: unknown): value is BenchDraft =>
  typeof value === 'object' &&
  value !== null &&
  'bottle' in value &&
  'surfaceId' in value &&
  'minutes' in value &&
  'use' in value;
