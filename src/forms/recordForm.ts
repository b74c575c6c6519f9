import { get, set, type FieldErrors, type FieldPath, type FieldValues, type Resolver } from 'react-hook-form';
import { validate, type RecordSchema } from '@/core';

/**
 * Checks what is typed by the schema of the record it comes to, and binds each problem to the field it was typed in.
 * @param recordOf the record that the fields make; numbers that are none stay as typed, for the schema to refuse
 * @param fieldOf the field of each path of the record, or what gives it where it hangs on what is typed; what stands
 *   nowhere is said at `otherwise`
 */
export const recordResolver =
  <T extends FieldValues, R>(
    schema: RecordSchema<R>,
    recordOf: (typed: T) => unknown,
    fieldOf: Readonly<Record<string, FieldPath<T>>> | ((typed: T) => Readonly<Record<string, FieldPath<T>>>),
    otherwise: FieldPath<T>,
  ): Resolver<T, unknown, R & FieldValues> =>
  (typed) => {
    const result = validate(schema, recordOf(typed));
    if (result.ok) return { values: result.value as R & FieldValues, errors: {} };
    const errors: FieldErrors<T> = {};
    const fields = typeof fieldOf === 'function' ? fieldOf(typed) : fieldOf;
    for (const { where, message } of result.problems) {
      const field = fields[where] ?? otherwise;
      if (get(errors, field) === undefined) set(errors, field, { type: 'schema', message });
    }
    return { values: {}, errors };
  };
