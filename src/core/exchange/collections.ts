import type { Vessel } from '../catalogue/vessels';
import type { HomeSurface, Room } from '../cleaning/homeSurface';
import type { Job } from '../cleaning/job';
import type { OwnPlan } from '../cleaning/jobPlan';
import type { LogEntry } from '../cleaning/logEntry';
import type { Timer } from '../cleaning/timer';
import type { EarlierForm } from '../formula/earlierForms';
import type { Formula } from '../formula/formula';
import type { Result } from '../formula/result';
import { formulaSchema, validate } from '../formula/schema';
import type { Schema } from '../formula/typedSchema';
import type { Batch } from '../shelf-life/batch';
import type { PantryItem } from '../stock/pantry';
import type { BoughtInstead, Purchase, Wanted } from '../stock/purchase';
import {
  batchSchema,
  boughtInsteadSchema,
  DEFAULT_SETTINGS,
  earlierFormSchema,
  pantryItemSchema,
  purchaseSchema,
  settingsSchema,
  vesselSchema,
  wantedSchema,
  type Home,
  type Settings,
} from './home';
import { homeSurfaceSchema, jobSchema, logEntrySchema, ownPlanSchema, roomSchema, timerSchema } from './records';

/** What a home is made of, by kind of record. */
export interface RecordTypes {
  formula: Formula;
  vessel: Vessel;
  batch: Batch;
  pantry: PantryItem;
  room: Room;
  surface: HomeSurface;
  timer: Timer;
  job: Job;
  plan: OwnPlan;
  earlier: EarlierForm;
  purchase: Purchase;
  wanted: Wanted;
  instead: BoughtInstead;
  log: LogEntry;
  settings: Settings;
}

export type RecordKind = keyof RecordTypes;

/** Kinds of which a home has many: all but the settings. */
type ListKind = Exclude<RecordKind, 'settings'>;

/** Where each kind stands in a home. */
export const LIST_IN_HOME = {
  formula: 'formulas',
  vessel: 'vessels',
  batch: 'batches',
  pantry: 'pantry',
  room: 'rooms',
  surface: 'surfaces',
  timer: 'timers',
  job: 'jobs',
  plan: 'plans',
  earlier: 'earlier',
  purchase: 'purchases',
  wanted: 'wanted',
  instead: 'instead',
  log: 'log',
} as const satisfies Readonly<Record<ListKind, keyof Home>>;

/** What a record of each kind may hold. */
export const RECORD_SCHEMAS: { readonly [K in RecordKind]: Schema<RecordTypes[K]> } = {
  formula: formulaSchema,
  vessel: vesselSchema,
  batch: batchSchema,
  pantry: pantryItemSchema,
  room: roomSchema,
  surface: homeSurfaceSchema,
  timer: timerSchema,
  job: jobSchema,
  plan: ownPlanSchema,
  earlier: earlierFormSchema,
  purchase: purchaseSchema,
  wanted: wantedSchema,
  instead: boughtInsteadSchema,
  log: logEntrySchema,
  settings: settingsSchema,
};

/** A record read from outside, or what is wrong with it. Settings from before a field existed take its default. */
export function checkRecord<K extends RecordKind>(kind: K, value: unknown): Result<RecordTypes[K]> {
  const whole = kind === 'settings' && typeof value === 'object' ? { ...DEFAULT_SETTINGS, ...value } : value;
  return validate<RecordTypes[K]>(RECORD_SCHEMAS[kind], whole);
}
