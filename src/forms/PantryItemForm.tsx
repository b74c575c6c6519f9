import { StyleSheet, View } from 'react-native';
import { Controller, useForm } from 'react-hook-form';
import { ingredientOfItem, instantOfDay, pantryItemSchema, typedDay, type PantryItem, type StockUnit } from '@/core';
import { typedNumberIn } from '@/devices';
import { Action, Choice, Heading, SPACE } from '@/ui';
import { FormField } from './FormField';
import { recordResolver } from './recordForm';

interface Typed {
  readonly unit: StockUnit;
  readonly left: string;
  readonly opened: string;
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

function typedOf(item: PantryItem): Typed {
  const { left, pack, openedAt } = item;
  const dry = ingredientOfItem(item)?.form === 'powder';
  return {
    opened: openedAt === undefined ? '' : typedDay(openedAt),
    unit: left?.unit ?? pack?.unit ?? (dry ? 'g' : 'mL'),
    left: left ? String(left.value) : '',
    price: pack && pack.price !== null ? String(pack.price) : '',
    size: pack ? String(pack.value) : '',
  };
}

/** The item that the fields make: nothing typed is nothing known. */
const itemOf = ({ openedAt: _, ...item }: PantryItem, { unit, left, opened, price, size }: Typed): unknown => ({
  ...item,
  ...(opened.trim() === '' ? {} : { openedAt: instantOfDay(opened) }),
  left: left.trim() === '' ? null : { value: typedNumberIn(left), unit },
  pack:
    price.trim() === '' && size.trim() === ''
      ? null
      : { price: price.trim() === '' ? null : typedNumberIn(price), value: typedNumberIn(size), unit },
});

const FIELD_OF = { openedAt: 'opened', 'left.value': 'left', 'pack.price': 'price', 'pack.value': 'size' } as const;

/** How much of an ingredient is left, since when it is open, and what a pack of it cost. */
export function PantryItemForm({ item, currency, onKeep }: Props) {
  const { control, handleSubmit, setValue, watch } = useForm<Typed, unknown, PantryItem>({
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
      <View style={styles.row}>
        <Action title="All used" onPress={() => setValue('left', '0')} testID="pantry-all-used" />
        <Action title="A full pack" onPress={() => setValue('left', watch('size'))} disabled={watch('size') === ''} />
      </View>
      <FormField
        control={control}
        name="opened"
        label="Opened on"
        placeholder="2026-11-25"
        maxLength={10}
        testID="pantry-opened"
      />
      <View style={styles.row}>
        <Action
          title="Opened today"
          onPress={() => setValue('opened', typedDay(new Date().toISOString()))}
          testID="pantry-opened-today"
        />
      </View>
      <Heading>What a pack cost</Heading>
      <View style={styles.row}>
        <View style={styles.half}>
          <FormField
            control={control}
            name="price"
            label={`Price, ${currency}`}
            number
            maxLength={9}
            testID="pantry-price"
          />
        </View>
        <View style={styles.half}>
          <FormField
            control={control}
            name="size"
            label={`A pack holds, ${unit}`}
            number
            maxLength={9}
            testID="pantry-size"
          />
        </View>
      </View>
      <Action title="Keep it" weight="main" onPress={() => void handleSubmit(onKeep)()} testID="pantry-keep" />
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.s },
  half: { flex: 1 },
});
