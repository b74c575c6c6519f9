import Joi from 'joi';
import { SUBSTANCES } from '../catalogue/substances';
import { VAGUE_WORDS } from '../quantity/amount';
import { MASS_UNITS, MEASURE_SYSTEMS, VOLUME_UNITS } from '../quantity/units';
import { MAX_LINES, MAX_ML, type Formula } from './formula';
import { ok, type Result } from './result';
import { FORMULA_KINDS, USE_FORMS } from './use';

const span = Joi.object({
  low: Joi.number().min(0).max(MAX_ML).required(),
  high: Joi.number().min(Joi.ref('low')).max(MAX_ML).required(),
}).messages({
  'number.min': '{{#label}} must be zero or more, and the upper end not below the lower.',
  'number.max': `{{#label}} is too large: at most ${MAX_ML.toLocaleString('en')}.`,
});

const basis = Joi.string().valid('w/w', 'w/v', 'v/v');

const amount = Joi.object({ kind: Joi.string().required() }).when('.kind', {
  switch: [
    {
      is: 'volume',
      then: Joi.object({
        value: span.required(),
        unit: Joi.string()
          .valid(...VOLUME_UNITS)
          .required(),
      }),
    },
    {
      is: 'mass',
      then: Joi.object({
        value: span.required(),
        unit: Joi.string()
          .valid(...MASS_UNITS)
          .required(),
      }),
    },
    { is: 'percent', then: Joi.object({ value: span.required(), basis: basis.required() }) },
    { is: 'pieces', then: Joi.object({ value: span.required(), juiceML: span.required() }) },
    {
      is: 'vague',
      then: Joi.object({
        word: Joi.string()
          .valid(...VAGUE_WORDS)
          .required(),
        volumeML: span.required(),
      }),
    },
    { is: 'to-fill', then: Joi.object({}) },
    {
      is: Joi.valid('drops', 'drops-per-100mL', 'parts', 'grams-per-litre'),
      then: Joi.object({ value: span.required() }),
    },
  ],
  otherwise: Joi.forbidden().messages({
    'any.unknown':
      '{{#label}} has a kind that is not known. Accepted: volume, mass, drops, drops-per-100mL, parts, percent, grams-per-litre, pieces, vague, to-fill.',
  }),
});

const content = Joi.object({
  substance: Joi.string()
    .valid(...SUBSTANCES.map((s) => s.id))
    .required(),
  percent: Joi.number().min(0).max(100).required(),
  low: Joi.number().min(0).max(100).required(),
  high: Joi.number().min(0).max(100).required(),
  basis: basis.required(),
});

const ingredientRef = Joi.alternatives()
  .conditional('.kind', {
    switch: [
      {
        is: 'known',
        then: Joi.object({
          kind: 'known',
          id: Joi.string()
            .pattern(/^[a-z0-9-]+$/)
            .required(),
        }),
      },
      { is: 'unknown', then: Joi.object({ kind: 'unknown', name: Joi.string().trim().min(1).max(120).required() }) },
      {
        is: 'own',
        then: Joi.object({
          kind: 'own',
          id: Joi.string().min(1).max(80).required(),
          name: Joi.string().trim().min(1).max(120).required(),
          form: Joi.string().valid('liquid', 'powder', 'oil').required(),
          densityGPerML: Joi.number().min(0.05).max(5).required(),
          contents: Joi.array().items(content).max(20).required(),
        }),
      },
    ],
  })
  .required();

export const strengthSchema = Joi.object({
  percent: Joi.number().greater(0).max(100).required(),
  basis: basis.required(),
}).messages({
  'number.greater': 'A strength must be more than 0 and at most 100 percent.',
  'number.max': 'A strength must be more than 0 and at most 100 percent.',
});

const line = Joi.object({
  id: Joi.string().min(1).max(80).required(),
  ingredient: ingredientRef,
  amount: amount.required(),
  also: amount.optional(),
  strength: strengthSchema,
  text: Joi.string().allow('').max(500),
});

export const formulaSchema = Joi.object({
  id: Joi.string().min(1).max(80).required(),
  name: Joi.string().trim().min(1).max(80).required().messages({
    'string.empty': 'Give the formula a name of 1 to 80 letters: it goes on the label.',
    'string.max': 'The name is too long for a label: at most 80 letters.',
  }),
  purpose: Joi.string().allow('').max(200).required(),
  never: Joi.string().allow('').max(200).required(),
  how: Joi.string().allow('').max(300),
  form: Joi.string().valid(...USE_FORMS),
  kind: Joi.string().valid(...FORMULA_KINDS),
  use: Joi.string().valid('stored', 'fresh').required(),
  measures: Joi.string()
    .valid(...MEASURE_SYSTEMS)
    .required(),
  makesML: Joi.number().greater(0).max(MAX_ML).allow(null).required(),
  lines: Joi.array()
    .items(line)
    .min(1)
    .max(MAX_LINES)
    .unique('id')
    .required()
    .messages({
      'array.min': 'A formula needs at least one line, such as "1 cup white vinegar".',
      'array.max': `A formula may have at most ${MAX_LINES} lines.`,
    }),
});

/** Checks a value by a Joi schema and words every problem for the person. */
export function validate<T>(schema: Joi.Schema, value: unknown): Result<T> {
  const result = schema.validate(value, { abortEarly: false, convert: false });
  if (!result.error) return ok(result.value as T);
  return {
    ok: false,
    problems: result.error.details.map((d) => ({ where: d.path.join('.'), message: d.message })),
  };
}

/** A formula read from outside, or the problems that kept it out. */
export const checkFormula = (value: unknown): Result<Formula> => validate<Formula>(formulaSchema, value);
