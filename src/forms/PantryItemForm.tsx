import { Controller, useForm } from 'react-hook-form';
import { ingredientById, pantryItemSchema, type PantryItem, type StockUnit } from '@/core';
import { typedNumberIn } from '@/devices';
import { Action, Choice, Heading } from '@/ui';
import { FormField } from './FormField';
import { recordResolver } from './recordForm';

interface Typed {
  readonly unit: StockUnit;
  readonly left: string;
  readonly price: string;
  readonly size: string;
}

interface Props {
  readonly item: PantryItem;
  readonly currency: string;
  readonly onKeep: (item: PantryItem) => void;
}

const UNITS = [
  { value: 'mL' as const, label: 'mL' },
  { value: 'g' as const, label: 'g' },
];

function typedOf({ id, left, pack }: PantryItem): Typed {
  const dry = ingredientById(id)?.form === 'powder';
  return {
    unit: left?.unit ?? pack?.unit ?? (dry ? 'g' : 'mL'),
    left: left ? String(left.value) : '',
    price: pack ? String(pack.price) : '',
    size: pack ? String(pack.value) : '',
  };
}

/** The item that the fields make: nothing typed is nothing known. */
const itemOf = (item: PantryItem, { unit, left, price, size }: Typed): unknown => ({
  ...item,
  left: left.trim() === '' ? null : { value: typedNumberIn(left), unit },
  pack:
    price.trim() === '' && size.trim() === ''
      ? null
      : { price: typedNumberIn(price === '' ? '0' : price), value: typedNumberIn(size), unit },
});

const FIELD_OF = { 'left.value': 'left', 'pack.price': 'price', 'pack.value': 'size' } as const;

/** How much of an ingredient is left, and what a pack of it cost. */
export function PantryItemForm({ item, currency, onKeep }: Props) {
  const { control, handleSubmit, watch } = useForm<Typed, unknown, PantryItem>({
    defaultValues: typedOf(item),
    resolver: recordResolver(pantryItemSchema, (typed: Typed) => itemOf(item, typed), FIELD_OF, 'size'),
    // At the press, not before: a message that comes as the field is left would move the button from under the thumb.
    mode: 'onSubmit',
  });
  const unit = watch('unit');
  return (
    <>
      <Controller
        control={control}
        name="unit"
        render={({ field }) => (
          <Choice label="Counted in" options={UNITS} chosen={[field.value]} onChoose={field.onChange} />
        )}
      />
      <FormField control={control} name="left" label={`Left, ${unit}`} number maxLength={9} testID="pantry-left" />
      <Heading>What a pack cost</Heading>
      <FormField
        control={control}
        name="price"
        label={`Price, ${currency}`}
        number
        maxLength={9}
        testID="pantry-price"
      />
      <FormField
        control={control}
        name="size"
        label={`A pack holds, ${unit}`}
        number
        maxLength={9}
        testID="pantry-size"
      />
      <Action title="Keep it" weight="main" onPress={() => void handleSubmit(onKeep)()} testID="pantry-keep" />
    </>
  );
}
