import { StyleSheet, View } from 'react-native';
import { Controller, useFieldArray, useForm, type Control } from 'react-hook-form';
import {
  ingredientOfItem,
  instantOfDay,
  MAX_ALSO_SOLD,
  packsOf,
  pantryItemSchema,
  typedDay,
  type Pack,
  type PantryItem,
  type StockUnit,
} from '@/core';
import { typedNumberIn } from '@/devices';
import { Action, Choice, Heading, SPACE } from '@/ui';
import { FormField } from './FormField';
import { recordResolver } from './recordForm';

interface TypedPack {
  readonly price: string;
  readonly size: string;
}

interface Typed {
  readonly unit: StockUnit;
  readonly left: string;
  readonly opened: string;
  readonly packs: TypedPack[];
}

interface Props {
  readonly item: PantryItem;
  /** The sign of the person's money. */
  readonly currency: string;
  /** What is asked: all of an item, or only how it is sold. */
  readonly asks?: 'all' | 'packs';
  readonly onKeep: (item: PantryItem) => void;
}

const UNITS = [
  { value: 'mL' as const, label: 'mL' },
  { value: 'g' as const, label: 'g' },
];

const NO_PACK: TypedPack = { price: '', size: '' };

const typedPack = ({ price, value }: Pack): TypedPack => ({
  price: price === null ? '' : String(price),
  size: String(value),
});

function typedOf(item: PantryItem): Typed {
  const { left, openedAt } = item;
  const dry = ingredientOfItem(item)?.form === 'powder';
  const packs = packsOf(item);
  return {
    opened: openedAt === undefined ? '' : typedDay(openedAt),
    unit: left?.unit ?? packs[0]?.unit ?? (dry ? 'g' : 'mL'),
    left: left ? String(left.value) : '',
    packs: packs.length === 0 ? [NO_PACK] : packs.map(typedPack),
  };
}

/** The item that the fields make: nothing typed is nothing known. */
function itemOf({ openedAt: _, alsoSold: __, ...item }: PantryItem, typed: Typed): unknown {
  const { unit, left, opened } = typed;
  const [pack = null, ...alsoSold] = typed.packs.map(({ price, size }) =>
    price.trim() === '' && size.trim() === ''
      ? null
      : { price: price.trim() === '' ? null : typedNumberIn(price), value: typedNumberIn(size), unit },
  );
  const others = alsoSold.filter((p) => p !== null);
  return {
    ...item,
    ...(opened.trim() === '' ? {} : { openedAt: instantOfDay(opened) }),
    left: left.trim() === '' ? null : { value: typedNumberIn(left), unit },
    pack,
    ...(others.length > 0 ? { alsoSold: others } : {}),
  };
}

/** The field of each path of an item: the rows of packs that are left empty are none. */
function fieldsOf({ packs }: Typed): Record<string, 'left' | 'opened' | `packs.${number}.${'price' | 'size'}`> {
  const others = packs.flatMap((p, i) => (i > 0 && (p.price.trim() !== '' || p.size.trim() !== '') ? [i] : []));
  return {
    openedAt: 'opened',
    'left.value': 'left',
    'pack.price': 'packs.0.price',
    'pack.value': 'packs.0.size',
    ...Object.fromEntries(
      others.flatMap((row, i) => [
        [`alsoSold.${i}.price`, `packs.${row}.price` as const],
        [`alsoSold.${i}.value`, `packs.${row}.size` as const],
      ]),
    ),
  };
}

/** How much of an ingredient is left, since when it is open, and what its packs cost. */
export function PantryItemForm({ item, currency, asks = 'all', onKeep }: Props) {
  const { control, handleSubmit, setValue, watch } = useForm<Typed, unknown, PantryItem>({
    defaultValues: typedOf(item),
    resolver: recordResolver(pantryItemSchema, (typed: Typed) => itemOf(item, typed), fieldsOf, 'packs.0.size'),
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
      {asks === 'all' && (
        <>
          <FormField control={control} name="left" label={`Left, ${unit}`} number maxLength={9} testID="pantry-left" />
          <View style={styles.row}>
            <Action title="All used" onPress={() => setValue('left', '0')} testID="pantry-all-used" />
            <Action
              title="A full pack"
              onPress={() => setValue('left', watch('packs.0.size'))}
              disabled={watch('packs.0.size') === ''}
            />
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
        </>
      )}
      <Heading>What a pack costs</Heading>
      <Packs control={control} unit={unit} currency={currency} />
      <Action title="Keep it" weight="main" onPress={() => void handleSubmit(onKeep)()} testID="pantry-keep" />
    </>
  );
}

interface PacksProps {
  readonly control: Control<Typed, unknown, PantryItem>;
  readonly unit: StockUnit;
  readonly currency: string;
}

/** Its packs, a row each: the one that stands there, and others it is sold in. */
function Packs({ control, unit, currency }: PacksProps) {
  const { fields, append } = useFieldArray({ control, name: 'packs' });
  return (
    <>
      {fields.map((row, i) => {
        const end = i === 0 ? '' : `-${i + 1}`;
        const which = i === 0 ? '' : `, size ${i + 1}`;
        return (
          <View key={row.id} style={styles.row}>
            <View style={styles.half}>
              <FormField
                control={control}
                name={`packs.${i}.price`}
                label={`Price, ${currency}${which}`}
                number
                maxLength={9}
                testID={`pantry-price${end}`}
              />
            </View>
            <View style={styles.half}>
              <FormField
                control={control}
                name={`packs.${i}.size`}
                label={`A pack holds, ${unit}${which}`}
                number
                maxLength={9}
                testID={`pantry-size${end}`}
              />
            </View>
          </View>
        );
      })}
      {fields.length <= MAX_ALSO_SOLD && (
        <Action title="Another size" weight="quiet" onPress={() => append(NO_PACK)} testID="pantry-more-sizes" />
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.s },
  half: { flex: 1 },
});
