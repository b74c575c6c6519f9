import Joi from 'joi';
import { HOUSEHOLD_MEMBERS, type HouseholdMember } from '../catalogue/household';
import type { AdvicePreferences } from '../catalogue/disputedAdvice';
import { VESSEL_MATERIALS, VESSEL_SHAPES, type Vessel } from '../catalogue/vessels';
import type { HomeSurface, Room } from '../cleaning/homeSurface';
import type { Job } from '../cleaning/job';
import type { OwnPlan } from '../cleaning/jobPlan';
import type { LogEntry } from '../cleaning/logEntry';
import type { Timer } from '../cleaning/timer';
import type { EarlierForm } from '../formula/earlierForms';
import type { Formula } from '../formula/formula';
import { formulaSchema, idSchema as id, ownIngredientSchema, strengthSchema } from '../formula/schema';
import { boolean, arrayOf, byId, number, objectOf, enumOf, orNull, text, unionOf } from '../formula/typedSchema';
import { BATCH_STATES, type Batch } from '../shelf-life/batch';
import type { LabelContent } from '../shelf-life/label';
import { MAX_ALSO_SOLD, type Pack, type PantryItem, type StockAmount } from '../stock/pantry';
import type { BoughtInstead, PacksBought, Purchase, Replaced, Wanted } from '../stock/purchase';
import type { ShelfLife } from '../shelf-life/shelfLife';
import { DEFAULT_DROPS_PER_ML, DROPS_PER_ML_RANGE } from '../quantity/drops';
import type { PouredScale, ProfilePoint } from '../quantity/fillMarks';
import { TOOL_IDS, type ToolId } from '../quantity/tools';
import { MEASURE_SYSTEMS, STOCK_UNITS, type MeasureSystem } from '../quantity/units';
import {
  costSchema,
  homeSurfaceSchema,
  isoDate,
  jobSchema,
  logEntrySchema,
  ownPlanSchema,
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
  /** Drops per mL of single bottles, as counted, by the ingredient's id. */
  readonly counted: Readonly<Record<string, number>>;
  /** Who lives here, and where the drain goes. */
  readonly lives: readonly HouseholdMember[];
  /** Tap water's hardness, mg/L as CaCO3; null if not known. */
  readonly hardnessMgPerL: number | null;
  /** Room temperature, °C, and relative humidity, percent: for drying and keeping. */
  readonly roomC: number;
  readonly humidityPercent: number;
  /** The person's choices where careful people differ. */
  readonly schools: AdvicePreferences;
  /** The sign of the person's money or its three letters (ISO 4217), up to 4 letters; empty for that of the country the device is set to. */
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
  counted: {},
  lives: [],
  hardnessMgPerL: null,
  roomC: 20,
  humidityPercent: 60,
  schools: {},
  currency: '',
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
  /** Jobs of several parts of the person's own, to be begun again. */
  readonly plans: readonly OwnPlan[];
  /** Formulas as they were before they were changed. */
  readonly earlier: readonly EarlierForm[];
  /** What was bought, what is wanted besides what the rooms ask for, and what would be bought if it were not made. */
  readonly purchases: readonly Purchase[];
  readonly wanted: readonly Wanted[];
  readonly instead: readonly BoughtInstead[];
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
  plans: [],
  earlier: [],
  purchases: [],
  wanted: [],
  instead: [],
  log: [],
  settings: DEFAULT_SETTINGS,
};

const words = text().allow('').max(300);

const RISING = {
  'any.rising': '{{#label}} must rise from mark to mark: from the base upwards, each higher than the last.',
};
const height = number().min(0).max(2000);
const ring = objectOf<ProfilePoint>({ heightMM: height, diameterMM: number().greater(0).max(2000) });
const pouredMark = objectOf<PouredScale[number]>({
  volumeML: number().greater(0).max(100_000),
  heightMM: height.greater(0),
});

const packUnit = enumOf(STOCK_UNITS);

/** A number of what is in the cupboard, or in the shop: what is wrong with one is said the same way for all. */
const amountOf = (words: string) =>
  number()
    .max(1_000_000)
    .messages({
      'number.base': words,
      'number.min': words,
      'number.greater': words,
      'number.max': `${words} At most 1 000 000.`,
      'any.required': words,
    });
const PRICE = 'Give the price as a number, 0 or more, such as 1.95.';

const BOUGHT_ON = 'Give the day it was bought as 2026-11-25.';

/** A list whose values rise strictly by one of their fields. */
const rising =
  (key: string): Joi.CustomValidator =>
  (list: readonly Record<string, number>[], helpers) =>
    list.every((mark, i) => i === 0 || (mark[key] ?? 0) > (list[i - 1]?.[key] ?? 0))
      ? list
      : helpers.error('any.rising');

export const vesselSchema = objectOf<Vessel>(
  {
    id,
    name: text().trim().min(1).max(60),
    shape: enumOf(VESSEL_SHAPES.map((s) => s.id)),
    capacityML: number().min(10).max(100_000).messages({
      'number.base': 'Give the bottle’s size in mL, as a number from 10 to 100 000.',
      'number.min': 'A bottle holds at least 10 mL. Give its size in mL, from 10 to 100 000.',
      'number.max': 'That is more than a tub: at most 100 000 mL.',
    }),
    material: enumOf(VESSEL_MATERIALS),
    opaque: boolean(),
  },
  {
    heldFood: boolean(),
    place: text().trim().min(1).max(80),
    bought: objectOf<NonNullable<Vessel['bought']>>({
      price: amountOf(PRICE).min(0),
      at: isoDate.messages({ 'string.instant': BOUGHT_ON }),
    }),
    profile: arrayOf(ring).min(2).max(40).custom(rising('heightMM')).messages(RISING),
    poured: arrayOf(pouredMark).min(2).max(40).custom(rising('heightMM')).custom(rising('volumeML')).messages(RISING),
  },
);

const LEFT = 'Give what is left as a number, 0 or more, such as 750; or leave it empty.';
const OPENED = 'Give the day it was opened as 2026-11-25; or leave it empty.';
const SIZE = 'A pack holds more than nothing: give its size as a number, such as 1000.';

const packFields = {
  price: orNull(amountOf(PRICE).min(0)),
  value: amountOf(SIZE).greater(0),
  unit: packUnit,
};
const packSchema = objectOf<Pack>(packFields);

/** The id of an item of the cupboard. */
const itemId = text()
  .pattern(/^[a-z0-9-]+$/)
  .max(80);

const stockAmount = objectOf<StockAmount>({ value: amountOf(LEFT).min(0), unit: packUnit });

export const pantryItemSchema = objectOf<PantryItem>(
  {
    id: itemId,
    left: orNull(stockAmount),
    pack: orNull(packSchema),
  },
  {
    alsoSold: arrayOf(packSchema).max(MAX_ALSO_SOLD),
    strength: strengthSchema,
    own: ownIngredientSchema,
    openedAt: isoDate.messages({ 'string.instant': OPENED }),
  },
);

const shelfLife = objectOf<ShelfLife>({
  lowDays: number().min(0).max(10_000),
  highDays: number().min(Joi.ref('lowDays')).max(10_000),
  reason: words,
});

const labelStrength = objectOf<LabelContent['strengths'][number]>({
  of: text().max(40),
  percent: number().min(0).max(100),
  basis: enumOf(['w/v', 'v/v']),
});

const label = objectOf<LabelContent>(
  {
    name: words,
    purpose: words,
    never: words,
    contents: arrayOf(text().max(120)).max(60),
    strengths: arrayOf(labelStrength),
    cautions: arrayOf(text().max(500)).max(40),
    keeps: shelfLife,
    shake: boolean(),
  },
  {
    storage: arrayOf(text().max(200)).max(10),
    how: text().allow('').max(300),
    dwell: text().allow('').max(200),
    neverMeets: arrayOf(text().max(80)).max(10),
  },
);

const LEFT_IN_IT = 'Give what is left in mL, as a number from 0 to 100 000.';

export const batchSchema = objectOf<Batch>(
  {
    id,
    formula: formulaSchema,
    vessel: vesselSchema,
    label,
    volumeML: number().greater(0).max(100_000),
    madeAt: isoDate,
    state: enumOf(BATCH_STATES),
    endedAt: orNull(isoDate),
  },
  {
    leftML: number()
      .min(0)
      .max(100_000)
      .messages({ 'number.base': LEFT_IN_IT, 'number.min': LEFT_IN_IT, 'number.max': LEFT_IN_IT }),
    oldestAt: isoDate,
    cost: costSchema,
  },
);

const thingName = text().trim().min(1).max(80);
const PACKS = 'Give how many packs, as a whole number from 1 to 1 000 000.';

export const purchaseSchema = objectOf<Purchase>(
  {
    id,
    at: isoDate,
    itemId,
    name: thingName,
    packs: arrayOf(
      objectOf<PacksBought>({
        ...packFields,
        count: number().integer().min(1).max(1_000_000).messages({
          'number.base': PACKS,
          'number.integer': PACKS,
          'number.min': PACKS,
          'number.max': PACKS,
        }),
      }),
    )
      .min(1)
      .max(MAX_ALSO_SOLD + 1),
  },
  {
    replaced: objectOf<Replaced>({ left: orNull(stockAmount) }, { openedAt: isoDate }),
  },
);

const TO_MAKE = 'Give how much in mL, as a number over 0 and up to 100 000.';

export const wantedSchema = unionOf<Wanted>({
  formula: {
    id,
    formulaId: id,
    name: thingName,
    volumeML: number()
      .greater(0)
      .max(100_000)
      .messages({ 'number.base': TO_MAKE, 'number.greater': TO_MAKE, 'number.max': TO_MAKE }),
  },
  thing: {
    id,
    name: thingName.messages({ 'string.empty': 'Give what to bring along: sponges.' }),
    boughtAt: orNull(isoDate),
  },
});

const USES = 'Give how often one is used before it is empty, as a number over 0, such as 40.';
const HOLDS = 'Give how much one holds, as a number over 0, such as 750.';

export const boughtInsteadSchema = objectOf<BoughtInstead>({
  id,
  name: thingName.messages({ 'string.empty': 'Give its kind: glass spray.' }),
  price: amountOf(PRICE).min(0),
  value: amountOf(HOLDS).greater(0),
  unit: packUnit,
  uses: amountOf(USES).greater(0),
  formulaIds: arrayOf(id).max(200),
});

export const earlierFormSchema = objectOf<EarlierForm>({
  id,
  formulaId: id,
  until: isoDate,
  formula: formulaSchema,
});

const NUMBER_WORDS =
  'Give the number as you would dial it: digits, spaces, + ( ) and -, at most 30; or leave it empty.';
const dialled = text()
  .allow('')
  .max(30)
  .pattern(/^[+\d][\d ()+./-]*$/)
  .messages({ 'string.pattern.base': NUMBER_WORDS, 'string.max': NUMBER_WORDS });

const within = (range: { readonly low: number; readonly high: number }) => number().min(range.low).max(range.high);
const DROPPERS = `Droppers give ${DROPS_PER_ML_RANGE.low} to ${DROPS_PER_ML_RANGE.high} drops per mL.`;

export const settingsSchema = objectOf<Settings>({
  units: enumOf(['metric', 'us']),
  cup: enumOf(MEASURE_SYSTEMS),
  tools: arrayOf(enumOf(TOOL_IDS)).unique(),
  dropsPerML: within(DROPS_PER_ML_RANGE).messages({
    'number.base': 'Give drops per mL as a number, for example 20.',
    'number.min': DROPPERS,
    'number.max': DROPPERS,
  }),
  counted: byId(within(DROPS_PER_ML_RANGE).messages({ 'number.min': DROPPERS, 'number.max': DROPPERS })),
  lives: arrayOf(enumOf(HOUSEHOLD_MEMBERS)).unique(),
  hardnessMgPerL: orNull(within(HARDNESS_RANGE)),
  roomC: within(ROOM_C_RANGE),
  humidityPercent: within(HUMIDITY_RANGE),
  schools: advicePreferencesSchema,
  currency: text().trim().allow('').max(4).messages({
    'string.max': 'The sign of your money has at most 4 letters: £, €, kr, CHF.',
  }),
  emergencyNumber: dialled,
  poisonNumber: dialled,
  sound: boolean(),
  vibration: boolean(),
  notifications: boolean(),
  awake: boolean(),
});

export const homeSchema = objectOf<Home>({
  formulas: arrayOf(formulaSchema).unique('id'),
  vessels: arrayOf(vesselSchema).unique('id'),
  batches: arrayOf(batchSchema).unique('id'),
  pantry: arrayOf(pantryItemSchema).unique('id'),
  rooms: arrayOf(roomSchema).unique('id'),
  surfaces: arrayOf(homeSurfaceSchema).unique('id'),
  timers: arrayOf(timerSchema).unique('id'),
  jobs: arrayOf(jobSchema).unique('id'),
  plans: arrayOf(ownPlanSchema).unique('id'),
  earlier: arrayOf(earlierFormSchema).unique('id'),
  purchases: arrayOf(purchaseSchema).unique('id'),
  wanted: arrayOf(wantedSchema).unique('id'),
  instead: arrayOf(boughtInsteadSchema).unique('id'),
  log: arrayOf(logEntrySchema).unique('id'),
  settings: settingsSchema,
});
