import type { ComponentProps } from 'react';
import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { readAs } from '@/devices';
import { Field } from '@/ui';

type FieldProps = Omit<ComponentProps<typeof Field>, 'value' | 'onChangeText' | 'error' | 'hint' | 'ref'>;

interface Props<T extends FieldValues, R extends FieldValues> extends FieldProps {
  readonly control: Control<T, unknown, R>;
  readonly name: FieldPath<T>;
  /** True for a number: how it was read is said where another might read it otherwise. */
  readonly number?: boolean;
}

/** A field of a form: its error stands below it, and it takes the focus if it is the first that is wrong. */
export function FormField<T extends FieldValues, R extends FieldValues>({
  control,
  name,
  number = false,
  ...rest
}: Props<T, R>) {
  const { field, fieldState } = useController({ control, name });
  const value = String(field.value);
  return (
    <Field
      {...rest}
      ref={field.ref}
      value={value}
      onChangeText={field.onChange}
      onLeave={field.onBlur}
      error={fieldState.error?.message ?? null}
      hint={number ? readAs(value) : null}
      {...(number ? { inputMode: 'decimal' as const } : {})}
    />
  );
}
