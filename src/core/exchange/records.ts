import Joi from 'joi';
import { DISPUTED_ADVICE, type AdvicePreferences } from '../catalogue/disputedAdvice';
import { ROOM_KINDS } from '../catalogue/roomKinds';
import { SOILS } from '../catalogue/soils';
import { SURFACES } from '../catalogue/surfaces';
import { USE_FORMS } from '../catalogue/useForms';
import { APPLICATIONS } from '../cleaning/application';
import type { Dwell } from '../cleaning/dwell';
import { GUIDE_STEP_KEYS, type GuideStep } from '../cleaning/guide';
import type { HomeSurface, Room, Upkeep } from '../cleaning/homeSurface';
import type { WayAmount } from '../cleaning/howMuch';
import { MAX_JOB_PARTS, type OwnPlan } from '../cleaning/jobPlan';
import { DWELL_END_REASONS, type Job, type JobPart, type JobPlace } from '../cleaning/job';
import { LOG_OUTCOMES, type LogEntry, type Rating, type Took, type Used } from '../cleaning/logEntry';
import { END_REASONS, TIMER_KINDS, type Timer } from '../cleaning/timer';
import { SUPPLY_SOURCES } from '../cleaning/way';
import { FORMULA_USES } from '../formula/formula';
import { formulaSchema, idSchema as id } from '../formula/schema';
import type { Cost } from '../stock/cost';
import {
  anyObject,
  boolean,
  arrayOf,
  number,
  objectOf,
  enumOf,
  instant,
  orNull,
  partialOf,
  text,
  unionOf,
  mayBeLeftOut,
} from '../formula/typedSchema';

/** What rooms, waits, jobs and the log may hold. */

export const isoDate = instant();
const name = text().trim().min(1).max(80);
const minutes = number().min(0).max(200_000);

export const advicePreferencesSchema = partialOf<AdvicePreferences>(
  DISPUTED_ADVICE.map((s) => [s.id, enumOf(s.choices.map((c) => c.id))]),
);

export const roomSchema = objectOf<Room>({
  id,
  name: name.messages({ 'string.empty': 'Give the room a name: Galley, Shower room.' }),
  kind: enumOf(ROOM_KINDS.map((k) => k.id)),
  small: boolean(),
});

const material = text().valid(...SURFACES.map((s) => s.id));
const soilId = text().valid(...SOILS.map((s) => s.id));

const AGE_YEARS = 'Give its age in years, as a number from 0 to 300, or leave it empty.';
const AREA_M2 = 'Give the area in m², as a number over 0 and up to 1000: 0.5.';
const EVERY_DAYS = 'Give the days as a whole number from 1 to 730.';

const areaM2 = number().greater(0).max(1000);

const upkeep = objectOf<Upkeep>({
  everyDays: number().integer().min(1).max(730).messages({
    'number.base': EVERY_DAYS,
    'number.integer': EVERY_DAYS,
    'number.min': EVERY_DAYS,
    'number.max': EVERY_DAYS,
  }),
  soilId,
  formulaId: orNull(id),
});

export const homeSurfaceSchema = objectOf<HomeSurface>({
  id,
  roomId: id,
  name: name.messages({ 'string.empty': 'Give the surface a name: Worktop, Sink.' }),
  surfaceId: material,
  sealed: orNull(boolean()),
  finish: orNull(text().max(40)),
  ageYears: orNull(
    number().min(0).max(300).messages({ 'number.base': AGE_YEARS, 'number.max': AGE_YEARS, 'number.min': AGE_YEARS }),
  ),
  areaM2: areaM2.messages({ 'number.base': AREA_M2, 'number.greater': AREA_M2, 'number.max': AREA_M2 }),
  schools: advicePreferencesSchema,
  upkeep: orNull(upkeep),
  enteredAt: orNull(isoDate),
});

export const timerSchema = objectOf<Timer>({
  id,
  kind: enumOf(TIMER_KINDS),
  name,
  place: text().allow('').max(120),
  startedAt: isoDate,
  usefulMinutes: minutes,
  bestMinutes: minutes.min(Joi.ref('usefulMinutes')),
  longestMinutes: minutes.min(Joi.ref('bestMinutes')),
  mustComeOff: boolean(),
  rewetEveryMinutes: orNull(minutes.greater(0)),
  wettedAt: isoDate,
  rewets: number().integer().min(0),
  snoozedUntil: orNull(isoDate),
  told: arrayOf(text().max(80)).max(10_000),
  jobId: orNull(id),
  partId: orNull(id),
  endedAt: orNull(isoDate),
  endReason: orNull(enumOf(END_REASONS)),
});

const dwell = objectOf<Dwell>({
  usefulMinutes: minutes,
  bestMinutes: minutes,
  longestMinutes: minutes,
  limitedBy: enumOf(['soil', 'surface']),
  harmAfterMinutes: orNull(minutes),
  dryMinutes: orNull(minutes),
  rewetEveryMinutes: orNull(minutes),
});

const jobPlace = objectOf<JobPlace>({
  surfaceId: orNull(id),
  roomId: orNull(id),
  roomName: text().allow('').max(80),
  name,
  material,
  areaM2,
});

const dwelt = { tookMinutes: minutes, rewets: number().integer().min(0).max(10_000) };

const step = objectOf<GuideStep>({
  key: enumOf(GUIDE_STEP_KEYS),
  text: text().max(600),
  minutes: orNull(minutes),
  mind: arrayOf(text().max(600)).max(12),
  tip: orNull(text().max(300)),
});

const taken = orNull(number().min(0).max(1_000_000));
const amount = objectOf<WayAmount>({ volumeML: taken, massG: taken, areaM2 });

const jobPart = objectOf<JobPart>(
  {
    id,
    place: jobPlace,
    soil: objectOf<JobPart['soil']>({ id: soilId, name }),
    formula: orNull(formulaSchema),
    method: orNull(objectOf<NonNullable<JobPart['method']>>({ id, name, form: enumOf(USE_FORMS) })),
    from: enumOf(SUPPLY_SOURCES),
    application: enumOf(APPLICATIONS),
    amount: orNull(amount),
    dwell: orNull(dwell),
    steps: arrayOf(step).min(1).max(30),
    at: number().integer().min(0).max(29),
    timerId: orNull(id),
    dwelt: orNull(objectOf<NonNullable<JobPart['dwelt']>>({ ...dwelt, endReason: enumOf(DWELL_END_REASONS) })),
    rinsedAt: orNull(isoDate),
    afterId: orNull(id),
    state: enumOf(['open', 'done', 'left']),
  },
  { usesML: number().min(0).max(1_000_000) },
);

export const jobSchema = objectOf<Job>({
  id,
  name,
  startedAt: isoDate,
  parts: arrayOf(jobPart).min(1).max(MAX_JOB_PARTS).unique('id'),
});

export const ownPlanSchema = objectOf<OwnPlan>({
  id,
  name: name.messages({ 'string.empty': 'Give the job a name: Friday round.' }),
  parts: arrayOf(
    objectOf<OwnPlan['parts'][number]>({
      surfaceId: id,
      soilId,
      after: orNull(
        number()
          .integer()
          .min(0)
          .max(MAX_JOB_PARTS - 1),
      ),
    }),
  )
    .min(1)
    .max(MAX_JOB_PARTS),
});

const OUT_OF_TEN = 'Rate from 0 to 10, or leave it empty.';
const rated = orNull(
  number().min(0).max(10).messages({ 'number.base': OUT_OF_TEN, 'number.min': OUT_OF_TEN, 'number.max': OUT_OF_TEN }),
);

const used = unionOf<Used>({
  formula: {
    id,
    name,
    use: enumOf(FORMULA_USES),
    card: text().allow('').max(20_000),
    strength: text().allow('').max(300),
  },
  bought: { id: orNull(id), name, card: mayBeLeftOut(text().max(20_000)) },
  method: { id, name },
});

export const costSchema = objectOf<Cost>({
  money: number().min(0).max(10_000_000),
  unpriced: arrayOf(text().max(120)).max(60),
});

const STROKES = 'Give the strokes as a whole number, or leave it empty.';

export const logEntrySchema = objectOf<LogEntry>(
  {
    id,
    at: isoDate.messages({ 'string.instant': 'Give the day it was finished: 2026-11-25, or with its time.' }),
    room: objectOf<LogEntry['room']>({ id: orNull(id), name: text().allow('').max(80) }),
    surface: objectOf<LogEntry['surface']>({ id: orNull(id), name, material: orNull(material) }),
    soil: objectOf<LogEntry['soil']>({ id: orNull(soilId), name: text().allow('').max(80) }),
    used,
    dwell: orNull(
      objectOf<NonNullable<LogEntry['dwell']>>({
        plannedMinutes: minutes,
        ...dwelt,
        endedBecause: text().allow('').max(120),
      }),
    ),
    rinsedAt: orNull(isoDate),
    outcome: enumOf(LOG_OUTCOMES),
    rating: objectOf<Rating>({ touch: rated, look: rated, smell: rated, effort: rated }),
    workMinutes: orNull(
      number().min(0).max(10_000).messages({ 'number.base': 'Give the minutes as a number, or leave it empty.' }),
    ),
    strokes: orNull(
      number().integer().min(0).max(100_000).messages({ 'number.base': STROKES, 'number.integer': STROKES }),
    ),
    notes: text().allow('').max(2000),
    history: arrayOf(objectOf<LogEntry['history'][number]>({ at: isoDate, was: anyObject() })).max(1000),
  },
  { took: objectOf<Took>({ volumeML: taken, massG: taken, cost: orNull(costSchema) }) },
);
