import Joi from 'joi';
import { normalInstant } from '../quantity/instant';
import { wellFormed } from '../text/wellFormed';

/**
 * Joi schemas tied to the types they check. A field, a choice, a kind, a null that stands in the type alone,
 * or in the schema alone, does not compile: forgotten in the schema it would set every new record aside.
 */

declare const CHECKS: unique symbol;

/** Carries the type that a schema checks, exactly: neither a wider nor a narrower one will do. */
interface Checks<T> {
  readonly [CHECKS]: (value: T) => T;
}

/** A schema of values of type T. */
export type Schema<T> = Joi.Schema & Checks<T>;

const typed = <T, S extends Joi.Schema>(schema: S): S & Checks<T> => schema as S & Checks<T>;

/** A text; what no page and no label could hold is left out of it. */
export const text = () => typed<string, Joi.StringSchema>(Joi.string().custom((value: string) => wellFormed(value)));

/** An instant, in the one form that records hold. */
export const instant = () =>
  typed<string, Joi.StringSchema>(
    Joi.string()
      .custom((value: string, helpers) => normalInstant(value) ?? helpers.error('string.instant'))
      .messages({
        'string.instant':
          '{{#label}} is no instant. Give a day that there is, a time with seconds, and its zone: 2026-11-25T10:00:00Z.',
      }),
  );

export const number = () => typed<number, Joi.NumberSchema>(Joi.number());
export const boolean = () => typed<boolean, Joi.BooleanSchema>(Joi.boolean());

/** One of a few words: all that the type has, and no other. */
export const enumOf = <const T extends string>(choices: readonly T[]) =>
  typed<T, Joi.StringSchema>(Joi.string().valid(...choices));

/** The same, or null. */
export const orNull = <T>(schema: Schema<T>): Schema<T | null> => typed<T | null, Joi.Schema>(schema.allow(null));

/** A list of values. */
export const arrayOf = <T>(entry: Schema<T>) => typed<readonly T[], Joi.ArraySchema>(Joi.array().items(entry));

/** Any object: what is in it is not ours to say. */
export const anyObject = () => typed<Readonly<Record<string, unknown>>, Joi.ObjectSchema>(Joi.object());

type OptionalKeys<T> = { [K in keyof T]-?: object extends Pick<T, K> ? K : never }[keyof T];
type Fields<T> = { readonly [K in keyof T]: Schema<T[K]> };
type RequiredFields<T> = Fields<Omit<T, OptionalKeys<T>>>;
type OptionalFields<T> = Fields<Required<Pick<T, OptionalKeys<T>>>>;
/** The fields that may be left out are named only where the type has some. */
type OptionalPart<T> = [OptionalKeys<T>] extends [never] ? readonly [] : readonly [optional: OptionalFields<T>];

const allRequired = (fields: Readonly<Record<string, Joi.Schema>>): Record<string, Joi.Schema> =>
  Object.fromEntries(
    Object.entries(fields).map(([key, schema]) => [key, isLeftOut(schema) ? schema : schema.required()]),
  );

const fieldsOf = (required: object, optional: object = {}): Record<string, Joi.Schema> => ({
  ...allRequired(required as Record<string, Joi.Schema>),
  ...(optional as Record<string, Joi.Schema>),
});

/**
 * An object with exactly the fields of T.
 * @param required what must be there
 * @param optional what may be left out, where the type says so
 */
export const objectOf = <T extends object>(required: RequiredFields<T>, ...[optional]: OptionalPart<T>) =>
  typed<T, Joi.ObjectSchema>(Joi.object(fieldsOf(required, optional)));

/** An object whose fields are the rows of a table, each of which may be left out. */
export const partialOf = <T extends object>(rows: readonly (readonly [keyof T & string, Joi.Schema])[]) =>
  typed<T, Joi.ObjectSchema>(Joi.object(Object.fromEntries(rows)));

/** A value for each id there is one for. */
export const byId = <T>(value: Schema<T>) =>
  typed<Readonly<Record<string, T>>, Joi.ObjectSchema>(Joi.object().pattern(Joi.string().max(80), value));

type OfKind<T, K> = T extends { readonly kind: infer Kind } ? (K extends Kind ? Omit<T, 'kind'> : never) : never;
declare const LEFT_OUT: unique symbol;
interface LeftOut {
  readonly [LEFT_OUT]: true;
}

/** A field of a kind that may be left out: where the type says so, and nowhere else. */
export function mayBeLeftOut<T>(schema: Schema<T>): Schema<T> & LeftOut {
  const optional = schema.optional() as Schema<T> & LeftOut;
  leftOut.add(optional);
  return optional;
}

/** What a schema is like cannot be asked of it in a browser, where it comes without its descriptions. */
const leftOut = new WeakSet<Joi.Schema>();
const isLeftOut = (schema: Joi.Schema): boolean => leftOut.has(schema);

type KindFields<T> = RequiredFields<T> & {
  readonly [K in OptionalKeys<T>]-?: Schema<Required<T>[K]> & LeftOut;
};
type Kinds<T extends { readonly kind: string }> = { readonly [K in T['kind']]: KindFields<OfKind<T, K>> };

/** A union told apart by its `kind`, each kind with exactly its own fields. */
export function unionOf<T extends { readonly kind: string }>(kinds: Kinds<T>): Schema<T> {
  const names = Object.keys(kinds);
  return typed<T, Joi.Schema>(
    Joi.object({ kind: Joi.string().required() }).when('.kind', {
      switch: Object.entries(kinds).map(([kind, fields]) => ({
        is: kind,
        then: Joi.object(fieldsOf(fields as object)),
      })),
      // Not `forbidden`: that would let what is missing pass, required or not.
      otherwise: Joi.object({
        kind: Joi.valid(...names).messages({
          'any.only': `{{#label}} is not known. Accepted: ${names.join(', ')}.`,
        }),
      }).unknown(),
    }),
  );
}
