import {
  batchSchema,
  validate,
  DEFAULT_SETTINGS,
  formulaSchema,
  homeSurfaceSchema,
  jobSchema,
  pantryItemSchema,
  roomSchema,
  settingsSchema,
  timerSchema,
  vesselSchema,
  type Batch,
  type Formula,
  type Home,
  type HomeSurface,
  type Job,
  type Result,
  type PantryItem,
  type Room,
  type Settings,
  type Timer,
  type Vessel,
} from '../core';

/** What is kept, by collection; the log is kept apart, by months (see `logPages`). */
export interface Records {
  formula: Formula;
  vessel: Vessel;
  batch: Batch;
  pantry: PantryItem;
  room: Room;
  surface: HomeSurface;
  timer: Timer;
  job: Job;
  settings: Settings;
}

export type CollectionName = keyof Records;

/** Collections of many records: all but the settings. */
export type ListName = Exclude<CollectionName, 'settings'>;

/** Where each collection stands in a home. */
export const LIST_IN_HOME = {
  formula: 'formulas',
  vessel: 'vessels',
  batch: 'batches',
  pantry: 'pantry',
  room: 'rooms',
  surface: 'surfaces',
  timer: 'timers',
  job: 'jobs',
} as const satisfies Readonly<Record<ListName, keyof Home>>;

export const LISTS = Object.keys(LIST_IN_HOME) as readonly ListName[];

/** Everything that can change, by the names that reads are kept under. */
export const COLLECTIONS: readonly string[] = [...LISTS, 'settings', 'log'];

const SCHEMAS = {
  formula: formulaSchema,
  vessel: vesselSchema,
  batch: batchSchema,
  pantry: pantryItemSchema,
  room: roomSchema,
  surface: homeSurfaceSchema,
  timer: timerSchema,
  job: jobSchema,
  settings: settingsSchema,
};

/** Settings are one record under this id. */
export const SETTINGS_ID = 'settings';

/** A record as read from storage, or what is wrong with it. Settings from before a field existed take its default. */
export function checkRecord<N extends CollectionName>(name: N, value: unknown): Result<Records[N]> {
  const whole = name === 'settings' && typeof value === 'object' ? { ...DEFAULT_SETTINGS, ...value } : value;
  return validate<Records[N]>(SCHEMAS[name], whole);
}

/** A record as read from storage. */
export function readRecord<N extends CollectionName>(name: N, raw: string): ReturnType<typeof checkRecord<N>> {
  try {
    return checkRecord(name, JSON.parse(raw));
  } catch {
    return { ok: false, problems: [{ where: 'record', message: 'It is not JSON.' }] };
  }
}
