import type { FormulaUse } from '@/core';
import type { AimSetting } from './aim';
import type { BenchBottle } from './BottleChoice';

/** What was chosen on the bench for a formula, kept through a reload. */
export interface Setting {
  readonly bottle: BenchBottle | null;
  readonly surfaceId: string | null;
  /** What is on the surface; not in settings kept from before this was asked. */
  readonly soilId?: string | null;
  readonly minutes: number;
  /** Kept or used at once; null while the formula's own use stands. */
  readonly use: FormulaUse | null;
  /** How much to make; not in settings kept from before this was asked. */
  readonly scale?: AimSetting;
}

export const START: Setting = { bottle: null, surfaceId: null, minutes: 15, use: null };

export const isSetting = (value: unknown): value is Setting =>
  typeof value === 'object' &&
  value !== null &&
  'bottle' in value &&
  'surfaceId' in value &&
  'minutes' in value &&
  'use' in value;
