import Joi from 'joi';
import { LIVES, type Lives } from '../catalogue/household';
import { SCHOOLS, type SchoolChoices } from '../catalogue/schools';
import type { Vessel } from '../catalogue/vessels';
import { VESSEL_SHAPES } from '../catalogue/vessels';
import type { Formula } from '../formula/formula';
import { formulaSchema } from '../formula/schema';
import type { Batch } from '../keeping/batch';
import { DEFAULT_DROPS_PER_ML, DROPS_PER_ML_RANGE } from '../quantity/drops';
import { TOOL_IDS, type ToolId } from '../quantity/tools';
import { MEASURE_SYSTEMS, type MeasureSystem } from '../quantity/units';

/** What a person has set. */
export interface Settings {
  readonly units: 'metric' | 'us';
  readonly cup: MeasureSystem;
  readonly tools: readonly ToolId[];
  readonly dropsPerML: number;
  /** Who lives here, and where the drain goes. */
  readonly lives: readonly Lives[];
  /** Tap water's hardness, mg/L as CaCO3; null if not known. */
  readonly hardnessMgPerL: number | null;
  /** Room temperature, °C, and relative humidity, percent: for drying and keeping. */
  readonly roomC: number;
  readonly humidityPercent: number;
  /** The person's choices where careful people differ. */
  readonly schools: SchoolChoices;
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
};

/** Everything that belongs to one home. */
export interface Home {
  readonly formulas: readonly Formula[];
  readonly vessels: readonly Vessel[];
  readonly batches: readonly Batch[];
  readonly settings: Settings;
}

const isoDate = Joi.string().isoDate();
const id = Joi.string().min(1).max(80);
const words = Joi.string().allow('').max(300);

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
    .items(Joi.string().valid(...LIVES))
    .unique()
    .required(),
  hardnessMgPerL: Joi.number().min(HARDNESS_RANGE.low).max(HARDNESS_RANGE.high).allow(null).required(),
  roomC: Joi.number().min(ROOM_C_RANGE.low).max(ROOM_C_RANGE.high).required(),
  humidityPercent: Joi.number().min(HUMIDITY_RANGE.low).max(HUMIDITY_RANGE.high).required(),
  schools: Joi.object(
    Object.fromEntries(SCHOOLS.map((s) => [s.id, Joi.string().valid(...s.choices.map((c) => c.id))])),
  ).required(),
});

export const homeSchema = Joi.object({
  formulas: Joi.array().items(formulaSchema).unique('id').required(),
  vessels: Joi.array().items(vesselSchema).unique('id').required(),
  batches: Joi.array().items(batchSchema).unique('id').required(),
  settings: settingsSchema.required(),
});
