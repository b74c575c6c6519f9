import type { FieldErrors, FieldPath, FieldValues, Resolver } from 'react-hook-form';
import { validate, type RecordSchema } from '@/core';

/**
 * Checks what is typed by the schema of the record it comes to, and binds each problem to the field it was typed in.
 * @param recordOf the record that the fields make; numbers that are none stay as typed, for the schema to refuse
 * @param fieldOf the field of each path of the record; what stands nowhere is said at `otherwise`
 */
export const recordResolver =
  <T extends FieldValues, R>(
    schema: RecordSchema<R>,
    recordOf: (typed: T) => unknown,
    fieldOf: Readonly<Record<string, FieldPath<T>>>,
    otherwise: FieldPath<T>,
  ): Resolver<T, unknown, R & FieldValues> =>
  (typed) => {
    const result = validate(schema, recordOf(typed));
    if (result.ok) return { values: result.value as R & FieldValues, errors: {} };
    const errors: Record<string, { type: string; message: string }> = {};
    for (const { where, message } of result.problems)
      errors[fieldOf[where] ?? otherwise] ??= { type: 'schema', message };
    return { values: {}, errors: errors as FieldErrors<T> };
  };
