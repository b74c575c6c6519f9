import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  validate,
  findIngredient,
  ingredientById,
  pantryItemSchema,
  searchIngredients,
  type PantryItem,
  type StockUnit,
} from '@/core';
import { usePantry, useRemovePantryItem, useSavePantryItem, useSettings } from '@/data';
import { typedMeasureIn, readAs } from '@/devices';
import {
  Action,
  Body,
  Choice,
  COLORS,
  Field,
  Heading,
  Section,
  formatNumber,
  Screen,
  Sheet,
  SPACE,
  SecondaryText,
  Title,
  useNotice,
} from '@/ui';

const sizeText = (of: { value: number; unit: string } | null): string =>
  of ? `${formatNumber(of.value)} ${of.unit}` : '';

/** What is in the cupboard: how much is left, and what a pack cost. */
export function CupboardScreen() {
  const say = useNotice();
  const pantry = usePantry();
  const settings = useSettings();
  const save = useSavePantryItem();
  const remove = useRemovePantryItem();
  const [text, setText] = useState('');
  const [open, setOpen] = useState<PantryItem | null>(null);
  const items = [...(pantry.data ?? [])].sort((a, b) => nameOf(a).localeCompare(nameOf(b)));
  const found =
    text.trim().length < 2 ? [] : searchIngredients(text, 6).filter((i) => !items.some((p) => p.id === i.id));
  // Enter takes what is named for sure; what is only close is chosen with a tap.
  const named = findIngredient(text);
  const add = (id: string): void => {
    const item: PantryItem = { id, left: null, pack: null };
    save.mutate(item, { onSuccess: () => setText('') });
  };
  return (
    <Screen>
      <Title>Cupboard</Title>
      <Body>What you have: Mix then finds what it can make, and what a litre costs.</Body>
      <Field
        label="Add what you have"
        value={text}
        onChangeText={setText}
        placeholder="any name for it"
        maxLength={80}
        onSubmitEditing={() =>
          named.kind === 'exact' && !items.some((p) => p.id === named.ingredient.id) && add(named.ingredient.id)
        }
        testID="add-pantry"
      />
      {found.length > 0 && (
        <View style={styles.found} role="group" aria-label="Found ingredients">
          {found.map((i) => (
            <Action key={i.id} title={i.name} label={`Add ${i.name}`} onPress={() => add(i.id)} />
          ))}
        </View>
      )}
      {text.trim().length > 2 && found.length === 0 && (
        <Body>Nothing new by that name. Try its usual name; a brand is not known here.</Body>
      )}
      <Section>
        {items.length === 0 && pantry.isSuccess && <Body>Nothing in it yet.</Body>}
        {items.map((item) => (
          <View key={item.id} style={styles.item}>
            <View style={styles.words}>
              <Body style={styles.bold}>{nameOf(item)}</Body>
              <SecondaryText>
                {[
                  item.left ? `${sizeText(item.left)} left` : 'how much is left is not known',
                  item.pack ? `${settings.currency}${item.pack.price.toFixed(2)} for ${sizeText(item.pack)}` : null,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </SecondaryText>
            </View>
            <Action title="Change" label={`Change ${nameOf(item)}`} weight="quiet" onPress={() => setOpen(item)} />
          </View>
        ))}
      </Section>
      {open && (
        <ItemSheet
          key={open.id}
          item={open}
          currency={settings.currency}
          onClose={() => setOpen(null)}
          onKeep={(item) => save.mutate(item, { onSuccess: () => setOpen(null) })}
          onRemove={() =>
            remove.mutate(open.id, {
              onSuccess: () => {
                setOpen(null);
                say({ text: `${nameOf(open)} was taken out.`, undo: () => save.mutate(open) });
              },
            })
          }
        />
      )}
    </Screen>
  );
}

const nameOf = (item: PantryItem): string => ingredientById(item.id)?.name ?? item.id;

interface SheetProps {
  readonly item: PantryItem;
  readonly currency: string;
  readonly onClose: () => void;
  readonly onKeep: (item: PantryItem) => void;
  readonly onRemove: () => void;
}

function ItemSheet({ item, currency, onClose, onKeep, onRemove }: SheetProps) {
  const router = useRouter();
  const dry = ingredientById(item.id)?.form === 'powder';
  const [unit, setUnit] = useState<StockUnit>(item.left?.unit ?? item.pack?.unit ?? (dry ? 'g' : 'mL'));
  const [left, setLeft] = useState(item.left ? String(item.left.value) : '');
  const [price, setPrice] = useState(item.pack ? String(item.pack.price) : '');
  const [size, setSize] = useState(item.pack ? String(item.pack.value) : '');
  const made = validate(pantryItemSchema, {
    ...item,
    left: left.trim() === '' ? null : { value: typedMeasureIn(left), unit },
    pack:
      price.trim() === '' && size.trim() === ''
        ? null
        : { price: typedMeasureIn(price || '0'), value: typedMeasureIn(size), unit },
  });
  return (
    <Sheet title={nameOf(item)} open onClose={onClose}>
      <Action
        title="May it meet something?"
        weight="quiet"
        onPress={() => router.push(`/safety/meet?with=${item.id}`)}
        testID="may-meet"
      />
      <Choice
        label="Counted in"
        options={[
          { value: 'mL' as const, label: 'mL' },
          { value: 'g' as const, label: 'g' },
        ]}
        chosen={[unit]}
        onChoose={setUnit}
      />
      <Field
        label={`Left, ${unit}`}
        value={left}
        onChangeText={setLeft}
        inputMode="decimal"
        hint={readAs(left)}
        maxLength={9}
        testID="pantry-left"
      />
      <Heading>What a pack cost</Heading>
      <Field
        label={`Price, ${currency}`}
        value={price}
        onChangeText={setPrice}
        inputMode="decimal"
        hint={readAs(price)}
        maxLength={9}
        testID="pantry-price"
      />
      <Field
        label={`A pack holds, ${unit}`}
        value={size}
        onChangeText={setSize}
        inputMode="decimal"
        hint={readAs(size)}
        maxLength={9}
        testID="pantry-size"
      />
      {!made.ok && (
        <Body style={styles.wrong}>Numbers only, 0 or more, such as 750 or 1.95; a pack holds more than nothing.</Body>
      )}
      <Action
        title="Keep it"
        weight="main"
        disabled={!made.ok}
        onPress={() => made.ok && onKeep(made.value)}
        testID="pantry-keep"
      />
      <Action title="Take it out" weight="danger" onPress={onRemove} />
    </Sheet>
  );
}

const styles = StyleSheet.create({
  found: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  item: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
    paddingVertical: SPACE.s,
  },
  words: { flex: 1 },
  bold: { fontWeight: '700' },
  wrong: { color: COLORS.danger },
});
