import {
  batchSchema,
  checked,
  DEFAULT_SETTINGS,
  formulaSchema,
  settingsSchema,
  vesselSchema,
  type Batch,
  type Formula,
  type Outcome,
  type Settings,
  type Vessel,
} from '../core';

/** What is kept, by collection. */
export interface Records {
  formula: Formula;
  vessel: Vessel;
  batch: Batch;
  settings: Settings;
}

export type CollectionName = keyof Records;

export const COLLECTIONS: readonly CollectionName[] = ['formula', 'vessel', 'batch', 'settings'];

const SCHEMAS = { formula: formulaSchema, vessel: vesselSchema, batch: batchSchema, settings: settingsSchema };

/** Settings are one record under this id. */
export const SETTINGS_ID = 'settings';

/** A record as read from storage, or what is wrong with it. Settings from before a field existed take its default. */
export function checkRecord<N extends CollectionName>(name: N, value: unknown): Outcome<Records[N]> {
  const whole = name === 'settings' && typeof value === 'object' ? { ...DEFAULT_SETTINGS, ...value } : value;
  return checked<Records[N]>(SCHEMAS[name], whole);
}
