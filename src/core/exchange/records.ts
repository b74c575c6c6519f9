import Joi from 'joi';
import { ROOM_KINDS } from '../catalogue/roomKinds';
import { DISPUTED_ADVICE } from '../catalogue/disputedAdvice';
import { SOILS } from '../catalogue/soils';
import { SURFACES } from '../catalogue/surfaces';
import { formulaSchema } from '../formula/schema';

/** What rooms, waits, jobs and the log may hold. */

export const isoDate = Joi.string().isoDate();
export const id = Joi.string().min(1).max(80);
const name = Joi.string().trim().min(1).max(80);
const minutes = Joi.number().min(0).max(200_000);

export const advicePreferencesSchema = Joi.object(
  Object.fromEntries(DISPUTED_ADVICE.map((s) => [s.id, Joi.string().valid(...s.choices.map((c) => c.id))])),
);

export const roomSchema = Joi.object({
  id: id.required(),
  name: name.required().messages({ 'string.empty': 'Give the room a name: Galley, Shower room.' }),
  kind: Joi.string()
    .valid(...ROOM_KINDS.map((k) => k.id))
    .required(),
  small: Joi.boolean().required(),
});

const material = Joi.string().valid(...SURFACES.map((s) => s.id));
const soilId = Joi.string().valid(...SOILS.map((s) => s.id));

export const homeSurfaceSchema = Joi.object({
  id: id.required(),
  roomId: id.required(),
  name: name.required().messages({ 'string.empty': 'Give the surface a name: Worktop, Sink.' }),
  surfaceId: material.required(),
  sealed: Joi.boolean().allow(null).required(),
  finish: Joi.string().max(40).allow(null).required(),
  ageYears: Joi.number().min(0).max(300).allow(null).required().messages({
    'number.base': 'Give its age in years, as a number from 0 to 300, or leave it empty.',
    'number.max': 'Give its age in years, as a number from 0 to 300, or leave it empty.',
    'number.min': 'Give its age in years, as a number from 0 to 300, or leave it empty.',
  }),
  areaM2: Joi.number().greater(0).max(1000).required().messages({
    'number.base': 'Give the area in m², as a number over 0 and up to 1000: 0.5.',
    'number.greater': 'Give the area in m², as a number over 0 and up to 1000: 0.5.',
    'number.max': 'Give the area in m², as a number over 0 and up to 1000: 0.5.',
  }),
  schools: advicePreferencesSchema.required(),
  upkeep: Joi.object({
    everyDays: Joi.number().integer().min(1).max(730).required().messages({
      'number.base': 'Give the days as a whole number from 1 to 730.',
      'number.integer': 'Give the days as a whole number from 1 to 730.',
      'number.min': 'Give the days as a whole number from 1 to 730.',
      'number.max': 'Give the days as a whole number from 1 to 730.',
    }),
    soilId: soilId.required(),
    formulaId: id.allow(null).required(),
  })
    .allow(null)
    .required(),
});

export const timerSchema = Joi.object({
  id: id.required(),
  kind: Joi.string().valid('dwell', 'soak', 'steam', 'spot-test', 'infusion', 'own').required(),
  name: name.required(),
  place: Joi.string().allow('').max(120).required(),
  startedAt: isoDate.required(),
  usefulMinutes: minutes.required(),
  bestMinutes: minutes.min(Joi.ref('usefulMinutes')).required(),
  longestMinutes: minutes.min(Joi.ref('bestMinutes')).required(),
  mustComeOff: Joi.boolean().required(),
  rewetEveryMinutes: minutes.greater(0).allow(null).required(),
  wettedAt: isoDate.required(),
  rewets: Joi.number().integer().min(0).required(),
  snoozedUntil: isoDate.allow(null).required(),
  told: Joi.array().items(Joi.string().max(80)).max(10_000).required(),
  jobId: id.allow(null).required(),
  partId: id.allow(null).required(),
  endedAt: isoDate.allow(null).required(),
  endReason: Joi.string().valid('done', 'looks-done', 'reacts', 'dried-out', 'no-time').allow(null).required(),
});

const dwellSchema = Joi.object({
  usefulMinutes: minutes.required(),
  bestMinutes: minutes.required(),
  longestMinutes: minutes.required(),
  limitedBy: Joi.string().valid('soil', 'surface').required(),
  harmAfterMinutes: minutes.allow(null).required(),
  dryMinutes: minutes.allow(null).required(),
  rewetEveryMinutes: minutes.allow(null).required(),
});

const partSchema = Joi.object({
  id: id.required(),
  place: Joi.object({
    surfaceId: id.allow(null).required(),
    roomId: id.allow(null).required(),
    roomName: Joi.string().allow('').max(80).required(),
    name: name.required(),
    material: material.required(),
    areaM2: Joi.number().greater(0).max(1000).required(),
  }).required(),
  soil: Joi.object({ id: soilId.required(), name: name.required() }).required(),
  formula: formulaSchema.required(),
  from: Joi.string().valid('shelf', 'cupboard', 'one-missing', 'more-missing').required(),
  application: Joi.string().valid('film', 'paste', 'soak', 'dry').required(),
  dwell: dwellSchema.required(),
  steps: Joi.array()
    .items(
      Joi.object({
        key: Joi.string().max(20).required(),
        text: Joi.string().max(600).required(),
        minutes: minutes.allow(null).required(),
      }),
    )
    .min(1)
    .max(30)
    .required(),
  at: Joi.number().integer().min(0).max(29).required(),
  timerId: id.allow(null).required(),
  dwelt: Joi.object({
    tookMinutes: minutes.required(),
    rewets: Joi.number().integer().min(0).required(),
    endedBecause: Joi.string().allow('').max(120).required(),
  })
    .allow(null)
    .required(),
  rinsedAt: isoDate.allow(null).required(),
  afterId: id.allow(null).required(),
  state: Joi.string().valid('open', 'done', 'left').required(),
});

export const jobSchema = Joi.object({
  id: id.required(),
  name: name.required(),
  startedAt: isoDate.required(),
  parts: Joi.array().items(partSchema).min(1).max(12).unique('id').required(),
});

const OUT_OF_TEN = 'Rate from 0 to 10, or leave it empty.';
const rated = Joi.number().min(0).max(10).allow(null).required().messages({
  'number.base': OUT_OF_TEN,
  'number.min': OUT_OF_TEN,
  'number.max': OUT_OF_TEN,
});

const usedSchema = Joi.object({ kind: Joi.string().valid('formula', 'bought').required() }).when('.kind', {
  is: 'formula',
  then: Joi.object({
    id: id.required(),
    name: name.required(),
    use: Joi.string().valid('stored', 'fresh').required(),
    card: Joi.string().allow('').max(20_000).required(),
    strength: Joi.string().allow('').max(300).required(),
  }),
  otherwise: Joi.object({ id: id.allow(null).required(), name: name.required() }),
});

export const logEntrySchema = Joi.object({
  id: id.required(),
  at: isoDate.required().messages({ 'string.isoDate': 'Give the day it was finished: 2026-11-25, or with its time.' }),
  room: Joi.object({ id: id.allow(null).required(), name: Joi.string().allow('').max(80).required() }).required(),
  surface: Joi.object({
    id: id.allow(null).required(),
    name: name.required(),
    material: material.allow(null).required(),
  }).required(),
  soil: Joi.object({ id: soilId.allow(null).required(), name: Joi.string().allow('').max(80).required() }).required(),
  used: usedSchema.required(),
  dwell: Joi.object({
    plannedMinutes: minutes.required(),
    tookMinutes: minutes.required(),
    rewets: Joi.number().integer().min(0).max(10_000).required(),
    endedBecause: Joi.string().allow('').max(120).required(),
  })
    .allow(null)
    .required(),
  rinsedAt: isoDate.allow(null).required(),
  outcome: Joi.string().valid('done', 'repeat', 'step-up', 'stopped').required(),
  rating: Joi.object({ touch: rated, look: rated, smell: rated, effort: rated }).required(),
  workMinutes: Joi.number().min(0).max(10_000).allow(null).required().messages({
    'number.base': 'Give the minutes as a number, or leave it empty.',
  }),
  strokes: Joi.number().integer().min(0).max(100_000).allow(null).required().messages({
    'number.base': 'Give the strokes as a whole number, or leave it empty.',
    'number.integer': 'Give the strokes as a whole number, or leave it empty.',
  }),
  notes: Joi.string().allow('').max(2000).required(),
  history: Joi.array()
    .items(Joi.object({ at: isoDate.required(), was: Joi.object().required() }))
    .max(1000)
    .required(),
});
