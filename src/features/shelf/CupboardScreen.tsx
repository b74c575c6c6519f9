import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { findIngredient, ingredientById, searchIngredients, type PantryItem } from '@/core';
import { useKeepRecord, usePantry, useRemovePantryItem, useSavePantryItem, useSettings } from '@/data';
import { PantryItemForm } from '@/forms';
import {
  Action,
  Body,
  COLORS,
  Field,
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
  const change = useKeepRecord('pantry');
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
          onKeep={(mine) => change.mutate({ base: open, mine }, { onSuccess: () => setOpen(null) })}
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
  return (
    <Sheet title={nameOf(item)} open onClose={onClose}>
      <Action
        title="May it meet something?"
        weight="quiet"
        onPress={() => router.push(`/safety/meet?with=${item.id}`)}
        testID="may-meet"
      />
      <PantryItemForm item={item} currency={currency} onKeep={onKeep} />
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
