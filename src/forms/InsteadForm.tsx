import { StyleSheet, View } from 'react-native';
import { Controller, useForm } from 'react-hook-form';
import { boughtInsteadSchema, type BoughtInstead, type StockUnit } from '@/core';
import { typedNumberIn } from '@/devices';
import { Action, Choice, SPACE } from '@/ui';
import { FormField } from './FormField';
import { recordResolver } from './recordForm';

interface Typed {
  readonly name: string;
  readonly price: string;
  readonly size: string;
  readonly unit: StockUnit;
  readonly uses: string;
}

interface Props {
  /** As it is kept; its name and figures are empty where it is new. */
  readonly instead: Pick<BoughtInstead, 'id' | 'formulaIds'> & Partial<BoughtInstead>;
  /** The sign of the person's money. */
  readonly currency: string;
  readonly onKeep: (instead: BoughtInstead) => void;
}

const UNITS = [
  { value: 'mL' as const, label: 'mL' },
  { value: 'g' as const, label: 'g' },
];

const typed = (value: number | undefined): string => (value === undefined ? '' : String(value));

const FIELD_OF = { name: 'name', price: 'price', value: 'size', uses: 'uses' } as const;

/** A ready cleaner that would be bought: its kind, what one costs, holds, and how often it is used. */
export function InsteadForm({ instead, currency, onKeep }: Props) {
  const { id, formulaIds } = instead;
  const { control, handleSubmit, watch } = useForm<Typed, unknown, BoughtInstead>({
    defaultValues: {
      name: instead.name ?? '',
      price: typed(instead.price),
      size: typed(instead.value),
      unit: instead.unit ?? 'mL',
      uses: typed(instead.uses),
    },
    resolver: recordResolver(
      boughtInsteadSchema,
      ({ name, price, size, unit, uses }: Typed) => ({
        id,
        name,
        price: typedNumberIn(price),
        value: typedNumberIn(size),
        unit,
        uses: typedNumberIn(uses),
        formulaIds,
      }),
      FIELD_OF,
      'name',
    ),
    // At the press, not before: a message that comes as the field is left would move the button from under the thumb.
    mode: 'onSubmit',
  });
  return (
    <>
      <FormField
        control={control}
        name="name"
        label="Its kind"
        placeholder="glass spray"
        maxLength={80}
        testID="instead-name"
      />
      <View style={styles.row}>
        <View style={styles.half}>
          <FormField
            control={control}
            name="price"
            label={`Price, ${currency}`}
            number
            maxLength={9}
            testID="instead-price"
          />
        </View>
        <View style={styles.half}>
          <FormField
            control={control}
            name="size"
            label={`One holds, ${watch('unit')}`}
            number
            maxLength={9}
            testID="instead-size"
          />
        </View>
      </View>
      <Controller
        control={control}
        name="unit"
        render={({ field }) => (
          <Choice label="Counted in" options={UNITS} chosen={[field.value]} onChoose={field.onChange} />
        )}
      />
      <FormField
        control={control}
        name="uses"
        label="Uses until it is empty"
        placeholder="40"
        number
        maxLength={9}
        testID="instead-uses"
      />
      <Action title="Hold it beside" weight="main" onPress={() => void handleSubmit(onKeep)()} testID="instead-keep" />
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.s },
  half: { flex: 1 },
});
