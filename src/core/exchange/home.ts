import Joi from 'joi';
import { HOUSEHOLD_MEMBERS, type HouseholdMember } from '../catalogue/household';
import type { AdvicePreferences } from '../catalogue/disputedAdvice';
import type { Vessel } from '../catalogue/vessels';
import { VESSEL_SHAPES } from '../catalogue/vessels';
import type { HomeSurface, Room } from '../cleaning/homeSurface';
import type { Job } from '../cleaning/job';
import type { LogEntry } from '../cleaning/logEntry';
import type { Timer } from '../cleaning/timer';
import type { Formula } from '../formula/formula';
import { formulaSchema, strengthSchema } from '../formula/schema';
import type { Batch } from '../shelf-life/batch';
import type { PantryItem } from '../shelf-life/pantry';
import { DEFAULT_DROPS_PER_ML, DROPS_PER_ML_RANGE } from '../quantity/drops';
import { TOOL_IDS, type ToolId } from '../quantity/tools';
import { MEASURE_SYSTEMS, type MeasureSystem } from '../quantity/units';
import {
  homeSurfaceSchema,
  id,
  isoDate,
  jobSchema,
  logEntrySchema,
  roomSchema,
  advicePreferencesSchema,
  timerSchema,
} from './records';

/** What a person has set. */
export interface Settings {
  readonly units: 'metric' | 'us';
  readonly cup: MeasureSystem;
  readonly tools: readonly ToolId[];
  readonly dropsPerML: number;
  /** Who lives here, and where the drain goes. */
  readonly lives: readonly HouseholdMember[];
  /** Tap water's hardness, mg/L as CaCO3; null if not known. */
  readonly hardnessMgPerL: number | null;
  /** Room temperature, °C, and relative humidity, percent: for drying and keeping. */
  readonly roomC: number;
  readonly humidityPercent: number;
  /** The person's choices where careful people differ. */
  readonly schools: AdvicePreferences;
  /** The sign of the person's money, 1 to 4 letters. */
  readonly currency: string;
  /** Numbers to call, as they are dialled there; empty if not entered. */
  readonly emergencyNumber: string;
  readonly poisonNumber: string;
  /** How a wait makes itself known. */
  readonly sound: boolean;
  readonly vibration: boolean;
  readonly notifications: boolean;
  /** True if the screen stays awake while something runs. */
  readonly awake: boolean;
}

/** What a home's air and water can be. */
export const HARDNESS_RANGE = { low: 0, high: 1000 } as const;
export const ROOM_C_RANGE = { low: -5, high: 45 } as const;
export const HUMIDITY_RANGE = { low: 5, high: 99 } as const;

export const DEFAULT_SETTINGS: Settings = {
  units: 'metric',
  cup: 'us',
  tools: ['cups', 'spoons', 'jug'],
  dropsPerML: DEFAULT_DROPS_PER_ML,
  lives: [],
  hardnessMgPerL: null,
  roomC: 20,
  humidityPercent: 60,
  schools: {},
  currency: '£',
  emergencyNumber: '',
  poisonNumber: '',
  sound: true,
  vibration: true,
  notifications: false,
  awake: true,
};

/** Everything that belongs to one home. */
export interface Home {
  readonly formulas: readonly Formula[];
  readonly vessels: readonly Vessel[];
  readonly batches: readonly Batch[];
  readonly pantry: readonly PantryItem[];
  readonly rooms: readonly Room[];
  readonly surfaces: readonly HomeSurface[];
  /** What is waited for, and jobs under way. */
  readonly timers: readonly Timer[];
  readonly jobs: readonly Job[];
  /** What was done, in any order. */
  readonly log: readonly LogEntry[];
  readonly settings: Settings;
}

/** A home with nothing in it. */
export const EMPTY_HOME: Home = {
  formulas: [],
  vessels: [],
  batches: [],
  pantry: [],
  rooms: [],
  surfaces: [],
  timers: [],
  jobs: [],
  log: [],
  settings: DEFAULT_SETTINGS,
};

const words = Joi.string().allow('').max(300);

const RISING = {
  'any.rising': '{{#label}} must rise from mark to mark: from the base upwards, each higher than the last.',
};
const height = Joi.number().min(0).max(2000);
const ring = Joi.object({ heightMM: height.required(), diameterMM: Joi.number().greater(0).max(2000).required() });

/** A list whose values rise strictly by one of their fields. */
const rising =
  (key: string): Joi.CustomValidator =>
  (list: readonly Record<string, number>[], helpers) =>
    list.every((mark, i) => i === 0 || (mark[key] ?? 0) > (list[i - 1]?.[key] ?? 0))
      ? list
      : helpers.error('any.rising');

export const vesselSchema = Joi.object({
  id: id.required(),
  name: Joi.string().trim().min(1).max(60).required(),
  shape: Joi.string()
    .valid(...VESSEL_SHAPES.map((s) => s.id))
    .required(),
  capacityML: Joi.number().min(10).max(100_000).required().messages({
    'number.base': 'Give the bottle’s size in mL, as a number from 10 to 100 000.',
    'number.min': 'A bottle holds at least 10 mL. Give its size in mL, from 10 to 100 000.',
    'number.max': 'That is more than a tub: at most 100 000 mL.',
  }),
  material: Joi.string()
    .valid('glass', 'pet', 'hdpe', 'ldpe', 'polystyrene', 'pvc', 'aluminium', 'tin', 'steel', 'ceramic', 'unknown')
    .required(),
  opaque: Joi.boolean().required(),
  heldFood: Joi.boolean(),
  profile: Joi.array().items(ring).min(2).max(40).custom(rising('heightMM')).messages(RISING),
  poured: Joi.array()
    .items(
      Joi.object({ volumeML: Joi.number().greater(0).max(100_000).required(), heightMM: height.greater(0).required() }),
    )
    .min(2)
    .max(40)
    .custom(rising('heightMM'))
    .custom(rising('volumeML'))
    .messages(RISING),
});

const pantryMeasure = {
  value: Joi.number().min(0).max(1_000_000).required(),
  unit: Joi.string().valid('mL', 'g').required(),
};

export const pantryItemSchema = Joi.object({
  id: Joi.string()
    .pattern(/^[a-z0-9-]+$/)
    .max(80)
    .required(),
  left: Joi.object(pantryMeasure).allow(null).required(),
  pack: Joi.object({
    price: Joi.number().min(0).max(1_000_000).required(),
    value: Joi.number().greater(0).max(1_000_000).required(),
    unit: Joi.string().valid('mL', 'g').required(),
  })
    .allow(null)
    .required()
    .messages({ 'number.greater': 'A pack holds more than nothing: give its size in mL or g.' }),
  strength: strengthSchema,
});

const shelfLifeSchema = Joi.object({
  lowDays: Joi.number().min(0).max(10_000).required(),
  highDays: Joi.number().min(Joi.ref('lowDays')).max(10_000).required(),
  reason: words.required(),
});

const labelSchema = Joi.object({
  name: words.required(),
  purpose: words.required(),
  never: words.required(),
  contents: Joi.array().items(Joi.string().max(120)).max(60).required(),
  strengths: Joi.array()
    .items(
      Joi.object({
        of: Joi.string().max(40).required(),
        percent: Joi.number().min(0).max(100).required(),
        basis: Joi.string().valid('w/v', 'v/v').required(),
      }),
    )
    .required(),
  cautions: Joi.array().items(Joi.string().max(500)).max(40).required(),
  keeps: shelfLifeSchema.required(),
  storage: Joi.array().items(Joi.string().max(200)).max(10),
  shake: Joi.boolean().required(),
  how: Joi.string().allow('').max(300),
  dwell: Joi.string().allow('').max(200),
  neverMeets: Joi.array().items(Joi.string().max(80)).max(10),
});

export const batchSchema = Joi.object({
  id: id.required(),
  formula: formulaSchema.required(),
  vessel: vesselSchema.required(),
  label: labelSchema.required(),
  volumeML: Joi.number().greater(0).max(100_000).required(),
  madeAt: isoDate.required(),
  state: Joi.string().valid('kept', 'emptied', 'discarded').required(),
  endedAt: isoDate.allow(null).required(),
});

const NUMBER_WORDS =
  'Give the number as you would dial it: digits, spaces, + ( ) and -, at most 30; or leave it empty.';
const dialled = Joi.string()
  .allow('')
  .max(30)
  .pattern(/^[+\d][\d ()+./-]*$/)
  .messages({ 'string.pattern.base': NUMBER_WORDS, 'string.max': NUMBER_WORDS });

export const settingsSchema = Joi.object({
  units: Joi.string().valid('metric', 'us').required(),
  cup: Joi.string()
    .valid(...MEASURE_SYSTEMS)
    .required(),
  tools: Joi.array()
    .items(Joi.string().valid(...TOOL_IDS))
    .unique()
    .required(),
  dropsPerML: Joi.number()
    .min(DROPS_PER_ML_RANGE.low)
    .max(DROPS_PER_ML_RANGE.high)
    .required()
    .messages({
      'number.base': 'Give drops per mL as a number, for example 20.',
      'number.min': `Droppers give ${DROPS_PER_ML_RANGE.low} to ${DROPS_PER_ML_RANGE.high} drops per mL.`,
      'number.max': `Droppers give ${DROPS_PER_ML_RANGE.low} to ${DROPS_PER_ML_RANGE.high} drops per mL.`,
    }),
  lives: Joi.array()
    .items(Joi.string().valid(...HOUSEHOLD_MEMBERS))
    .unique()
    .required(),
  hardnessMgPerL: Joi.number().min(HARDNESS_RANGE.low).max(HARDNESS_RANGE.high).allow(null).required(),
  roomC: Joi.number().min(ROOM_C_RANGE.low).max(ROOM_C_RANGE.high).required(),
  humidityPercent: Joi.number().min(HUMIDITY_RANGE.low).max(HUMIDITY_RANGE.high).required(),
  schools: advicePreferencesSchema.required(),
  currency: Joi.string().trim().min(1).max(4).required().messages({
    'string.empty': 'Give the sign of your money, 1 to 4 letters: £, €, kr.',
    'string.max': 'The sign of your money has at most 4 letters: £, €, kr.',
  }),
  emergencyNumber: dialled.required(),
  poisonNumber: dialled.required(),
  sound: Joi.boolean().required(),
  vibration: Joi.boolean().required(),
  notifications: Joi.boolean().required(),
  awake: Joi.boolean().required(),
});

export const homeSchema = Joi.object({
  formulas: Joi.array().items(formulaSchema).unique('id').required(),
  vessels: Joi.array().items(vesselSchema).unique('id').required(),
  batches: Joi.array().items(batchSchema).unique('id').required(),
  pantry: Joi.array().items(pantryItemSchema).unique('id').required(),
  rooms: Joi.array().items(roomSchema).unique('id').required(),
  surfaces: Joi.array().items(homeSurfaceSchema).unique('id').required(),
  timers: Joi.array().items(timerSchema).unique('id').required(),
  jobs: Joi.array().items(jobSchema).unique('id').required(),
  log: Joi.array().items(logEntrySchema).unique('id').required(),
  settings: settingsSchema.required(),
});
