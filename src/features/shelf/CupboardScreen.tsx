import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  DROPS_PER_ML_RANGE,
  findIngredient,
  ingredientOfItem,
  itemName,
  lifeOf,
  MINUTE_MS,
  searchIngredients,
  settingsSchema,
  standingOf,
  validate,
  type Pack,
  type PantryItem,
  type Settings,
  type StockState,
} from '@/core';
import { useKeepRecord, usePantry, useRemovePantryItem, useSavePantryItem, useSaveSettings, useSettings } from '@/data';
import { readAs, typedMeasureIn } from '@/devices';
import { PantryItemForm } from '@/forms';
import {
  Action,
  Body,
  dayText,
  Field,
  formatNumber,
  Heading,
  ItemRow,
  KeptField,
  moneySign,
  moneyText,
  Row,
  Screen,
  SecondaryText,
  Section,
  Sheet,
  SPACE,
  STOCK_WORDS,
  Title,
  useNotice,
  useNow,
} from '@/ui';

const sizeText = (of: { value: number; unit: string } | null): string =>
  of ? `${formatNumber(of.value)} ${of.unit}` : '';

const packText = (pack: Pack, currency: string): string =>
  pack.price === null ? `sold by ${sizeText(pack)}` : `${moneyText(pack.price, currency)} for ${sizeText(pack)}`;

/** What asks for something stands first: past its day, used up, low, soon past. */
const ORDER: readonly StockState[] = ['past', 'out', 'low', 'soon', 'good'];

const describePath = (name: string): string => `/shelf/own${name === '' ? '' : `?name=${encodeURIComponent(name)}`}`;

/** What is in the cupboard: how much is left, since when it is open, and what a pack cost. */
export function CupboardScreen() {
  const say = useNotice();
  const router = useRouter();
  const pantry = usePantry();
  const settings = useSettings();
  const save = useSavePantryItem();
  const change = useKeepRecord('pantry');
  const remove = useRemovePantryItem();
  const now = new Date(useNow(MINUTE_MS)).toISOString();
  const [text, setText] = useState('');
  const [open, setOpen] = useState<PantryItem | null>(null);
  const items = (pantry.data ?? [])
    .map((item) => ({ item, standing: standingOf(item, now) }))
    .sort(
      (a, b) =>
        ORDER.indexOf(a.standing.state) - ORDER.indexOf(b.standing.state) ||
        itemName(a.item).localeCompare(itemName(b.item)),
    );
  const isHere = (id: string): boolean => items.some(({ item }) => item.id === id);
  const typed = text.trim();
  const found = typed.length < 2 ? [] : searchIngredients(text, 6).filter((i) => !isHere(i.id));
  // Enter takes what is named for sure; what is only close is chosen with a tap.
  const named = findIngredient(text);
  const add = (id: string): void => {
    const item: PantryItem = { id, left: null, pack: null };
    save.mutate(item, { onSuccess: () => setText('') });
  };
  return (
    <Screen>
      <Title>Cupboard</Title>
      <Body>What you have: Mix then knows what it can make, and takes what goes into a bottle off here.</Body>
      <Field
        label="Add what you have"
        value={text}
        onChangeText={setText}
        placeholder="any name for it"
        maxLength={80}
        onSubmitEditing={() => named.kind === 'exact' && !isHere(named.ingredient.id) && add(named.ingredient.id)}
        testID="add-pantry"
      />
      {found.length > 0 && (
        <View style={styles.found} role="group" aria-label="Found ingredients">
          {found.map((i) => (
            <Action key={i.id} title={i.name} label={`Add ${i.name}`} onPress={() => add(i.id)} />
          ))}
        </View>
      )}
      {typed.length > 2 && found.length === 0 && (
        <Body>Nothing new by that name. Try its usual name; a brand is not known here.</Body>
      )}
      <Row
        title={typed.length > 2 && named.kind !== 'exact' ? `Describe “${typed}” from its label` : 'One from its label'}
        detail="What is not known here by name, or a ready cleaner"
        to={describePath(typed)}
        onPress={() => router.push(describePath(typed))}
      />
      <Section>
        {items.length === 0 && pantry.isSuccess && <Body>Nothing in it yet.</Body>}
        {items.map(({ item, standing }) => (
          <ItemRow
            key={item.id}
            title={itemName(item)}
            alert={standing.state === 'good' ? '' : STOCK_WORDS[standing.state]}
            detail={[
              item.own?.bought ? 'ready cleaner, never mixed' : null,
              item.left ? `${sizeText(item.left)} left` : 'how much is left is not known',
              item.openedAt ? `opened ${dayText(item.openedAt)}` : null,
              standing.goodUntil ? `good until ${dayText(standing.goodUntil)}` : null,
              item.pack ? packText(item.pack, settings.currency) : null,
            ]
              .filter(Boolean)
              .join(' · ')}
            testID="pantry-item"
          >
            <Action title="Change" label={`Change ${itemName(item)}`} weight="quiet" onPress={() => setOpen(item)} />
          </ItemRow>
        ))}
      </Section>
      {open && (
        <ItemSheet
          key={open.id}
          item={open}
          settings={settings}
          onClose={() => setOpen(null)}
          onKeep={(mine) => change.mutate({ base: open, mine }, { onSuccess: () => setOpen(null) })}
          onRemove={() =>
            remove.mutate(open.id, {
              onSuccess: () => {
                setOpen(null);
                say({ text: `${itemName(open)} was taken out.`, undo: () => save.mutate(open) });
              },
            })
          }
        />
      )}
    </Screen>
  );
}

interface SheetProps {
  readonly item: PantryItem;
  readonly settings: Settings;
  readonly onClose: () => void;
  readonly onKeep: (item: PantryItem) => void;
  readonly onRemove: () => void;
}

function ItemSheet({ item, settings, onClose, onKeep, onRemove }: SheetProps) {
  const router = useRouter();
  const life = lifeOf(item);
  return (
    <Sheet title={itemName(item)} open onClose={onClose}>
      <View style={styles.found}>
        <Action
          title="May it meet something?"
          weight="quiet"
          onPress={() => router.push(`/safety/meet?with=${item.id}`)}
          testID="may-meet"
        />
        {item.own && (
          <Action
            title="What its label says"
            weight="quiet"
            onPress={() => router.push(`/shelf/own?id=${item.id}`)}
            testID="its-label"
          />
        )}
      </View>
      <PantryItemForm item={item} currency={moneySign(settings.currency)} onKeep={onKeep} />
      {life && (
        <SecondaryText>
          Opened, it keeps about {monthsText(life.days)}. {life.then} Its label comes first.
        </SecondaryText>
      )}
      {ingredientOfItem(item)?.form === 'oil' && <ItsDrops item={item} settings={settings} />}
      <Action title="Take it out" weight="danger" onPress={onRemove} />
    </Sheet>
  );
}

const monthsText = (days: number): string => (days < 60 ? `${days} days` : `${Math.round(days / 30)} months`);

/** How many drops of this one bottle make a mL: its dropper may differ from the others. */
function ItsDrops({ item, settings }: { item: PantryItem; settings: Settings }) {
  const save = useSaveSettings();
  const counted = settings.counted[item.id];
  const countedWith = (text: string): Settings['counted'] => {
    const { [item.id]: _, ...others } = settings.counted;
    return text.trim() === '' ? others : { ...others, [item.id]: typedMeasureIn(text) };
  };
  return (
    <Section>
      <Heading>Its dropper</Heading>
      <KeptField
        label="Drops of it in one mL"
        value={counted === undefined ? '' : String(counted)}
        wrongIn={(text) =>
          validate(settingsSchema, { ...settings, counted: countedWith(text) }).ok
            ? null
            : `Droppers give ${DROPS_PER_ML_RANGE.low} to ${DROPS_PER_ML_RANGE.high} drops per mL. Give a number, for example 28; or leave it empty.`
        }
        asKept={(text) => (text.trim() === '' ? '' : String(typedMeasureIn(text)))}
        onPut={(text) => save.mutate({ counted: countedWith(text) })}
        inputMode="decimal"
        hint={readAs}
        maxLength={6}
        testID="its-drops"
      />
      <SecondaryText>
        Count the drops that fill a 1 mL mark. Empty, it is taken as{' '}
        {formatNumber(ingredientOfItem(item)?.dropsPerML ?? settings.dropsPerML)}.
      </SecondaryText>
    </Section>
  );
}

const styles = StyleSheet.create({ found: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
