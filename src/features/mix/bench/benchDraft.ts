import { fullML, type Batch, type FormulaUse, type IntoUse, type Vessel, type WayAmount } from '@/core';
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
  /** What becomes of what stands in the bottle, and which batch that was said of. */
  readonly into?: IntoUse;
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

/** What is set where a bottle is made again: the same bottle, as much as it was, used in the same way. */
export function benchDraftAgain({ vessel, volumeML, formula }: Batch, own: readonly Vessel[]): BenchDraft {
  const still = own.find((v) => v.id === vessel.id);
  const isFull = Math.abs(volumeML - fullML(still ?? vessel)) <= FULL_WITHIN * volumeML;
  return {
    ...NEW_BENCH_DRAFT,
    bottle: still
      ? { kind: 'own', id: still.id }
      : { kind: 'typed', sizeText: String(vessel.capacityML), shape: vessel.shape },
    use: formula.use,
    ...(isFull ? {} : { scale: { ...FULL_BOTTLE, kind: 'amount', amount: `${Math.round(volumeML)} mL` } }),
  };
}

/** So near to a full bottle it was filled, as a share. */
const FULL_WITHIN = 0.03;

export const isBenchDraft = (value: unknown): value is BenchDraft =>
  typeof value === 'object' &&
  value !== null &&
  'bottle' in value &&
  'surfaceId' in value &&
  'minutes' in value &&
  'use' in value;
