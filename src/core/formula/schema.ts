import Joi from 'joi';
import { PICTOGRAMS, SIGNAL_WORDS, type Content, type LabelWarning } from '../catalogue/ingredient';
import { PLACE_IDS } from '../catalogue/placeIds';
import { SOILS } from '../catalogue/soils';
import { SUBSTANCES } from '../catalogue/substances';
import { PERCENT_BASES, VAGUE_WORDS, type Amount } from '../quantity/amount';
import type { Range } from '../quantity/range';
import { MASS_UNITS, MEASURE_SYSTEMS, VOLUME_UNITS } from '../quantity/units';
import {
  FORMULA_USES,
  MAX_LINES,
  MAX_ML,
  OWN_INGREDIENT_FORMS,
  type Formula,
  type IngredientRef,
  type Line,
  type MadeFor,
  type OwnIngredient,
  type Strength,
} from './formula';
import { ok, type Result } from './result';
import {
  arrayOf,
  boolean,
  mayBeLeftOut,
  number,
  objectOf,
  enumOf,
  orNull,
  text,
  unionOf,
  type Schema,
} from './typedSchema';
import { FORMULA_KINDS } from './use';
import { USE_FORMS } from '../catalogue/useForms';

/** An id of our own making. */
export const idSchema = text().min(1).max(80);

const range = objectOf<Range>({
  low: number().min(0).max(MAX_ML),
  high: number().min(Joi.ref('low')).max(MAX_ML),
}).messages({
  'number.min': '{{#label}} must be zero or more, and the upper end not below the lower.',
  'number.max': `{{#label}} is too large: at most ${MAX_ML.toLocaleString('en')}.`,
});

const basis = enumOf(PERCENT_BASES);

const amount = unionOf<Amount>({
  volume: { value: range, unit: enumOf(VOLUME_UNITS) },
  mass: { value: range, unit: enumOf(MASS_UNITS) },
  drops: { value: range },
  'drops-per-100mL': { value: range },
  parts: { value: range },
  percent: { value: range, basis },
  'grams-per-litre': { value: range },
  pieces: { value: range, juiceML: range },
  vague: { word: enumOf(VAGUE_WORDS), volumeML: range },
  'to-fill': {},
});

const content = objectOf<Content>({
  substance: enumOf(SUBSTANCES.map((s) => s.id)),
  percent: number().min(0).max(100),
  low: number().min(0).max(100),
  high: number().min(0).max(100),
  basis,
});

const ingredientName = text().trim().min(1).max(120);

const DENSITY = 'Give how much a mL weighs, in g, as a number from 0.05 to 5: water 1, oil 0.9; or leave it empty.';
const ownFields = {
  name: ingredientName.messages({ 'string.empty': 'Give it a name, as you call it: it goes on the label.' }),
  form: enumOf(OWN_INGREDIENT_FORMS),
  densityGPerML: number()
    .min(0.05)
    .max(5)
    .messages({ 'number.base': DENSITY, 'number.min': DENSITY, 'number.max': DENSITY }),
  contents: arrayOf(content).max(20),
};
const ownOptional = {
  unknown: arrayOf(text().max(120)).max(20),
  bought: boolean(),
  warning: objectOf<LabelWarning>({
    signalWord: orNull(enumOf(SIGNAL_WORDS)),
    pictograms: arrayOf(enumOf(PICTOGRAMS)).unique(),
  }),
};

export const ownIngredientSchema = objectOf<OwnIngredient>(ownFields, ownOptional);

const ingredientRef = unionOf<IngredientRef>({
  known: { id: text().pattern(/^[a-z0-9-]+$/) },
  own: {
    id: idSchema,
    ...ownFields,
    unknown: mayBeLeftOut(ownOptional.unknown),
    bought: mayBeLeftOut(ownOptional.bought),
    warning: mayBeLeftOut(ownOptional.warning),
  },
  unknown: { name: ingredientName },
});

export const strengthSchema = objectOf<Strength>({
  percent: number().greater(0).max(100),
  basis,
}).messages({
  'number.greater': 'A strength must be more than 0 and at most 100 percent.',
  'number.max': 'A strength must be more than 0 and at most 100 percent.',
});

const line = objectOf<Line>(
  { id: idSchema, ingredient: ingredientRef, amount },
  { also: amount, strength: strengthSchema, text: text().allow('').max(500) },
);

const placeIds = arrayOf(enumOf(PLACE_IDS)).unique();

export const formulaSchema = objectOf<Formula>(
  {
    id: idSchema,
    name: text().trim().min(1).max(80).messages({
      'string.empty': 'Give the formula a name of 1 to 80 letters: it goes on the label.',
      'string.max': 'The name is too long for a label: at most 80 letters.',
    }),
    purpose: text().allow('').max(200),
    never: text().allow('').max(200),
    use: enumOf(FORMULA_USES),
    measures: enumOf(MEASURE_SYSTEMS),
    makesML: orNull(number().greater(0).max(MAX_ML)),
    lines: arrayOf(line)
      .min(1)
      .max(MAX_LINES)
      .unique('id')
      .messages({
        'array.min': 'A formula needs at least one line, such as "1 cup white vinegar".',
        'array.max': `A formula may have at most ${MAX_LINES} lines.`,
      }),
  },
  {
    how: text().allow('').max(300),
    form: enumOf(USE_FORMS),
    kind: enumOf(FORMULA_KINDS),
    madeFor: objectOf<MadeFor>({ surfaces: placeIds, soils: arrayOf(enumOf(SOILS.map((s) => s.id))).unique() }),
    keepOff: placeIds,
  },
);

/**
 * Checks a value by a Joi schema and words every problem for the person.
 * @param onlyFirst true for what may hold thousands of problems, such as a file
 */
export function validate<T>(schema: Schema<T>, value: unknown, { onlyFirst = false } = {}): Result<T> {
  const result = schema.validate(value, { abortEarly: onlyFirst, convert: false });
  if (!result.error) return ok(result.value as T);
  return {
    ok: false,
    problems: result.error.details.map((d) => ({ where: d.path.join('.'), message: d.message })),
  };
}

/** A formula read from outside, or the problems that kept it out. */
export const checkFormula = (value: unknown): Result<Formula> => validate(formulaSchema, value);
