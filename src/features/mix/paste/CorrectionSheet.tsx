import { useState } from 'react';
import { useRouter } from 'expo-router';
import { amountText, readAmount, resolveIngredient, searchWithOwn, type Correction, type ReadItem } from '@/core';
import { useOwn } from '@/data';
import { Action, Body, Choice, Field, Section, Sheet, SecondaryText } from '@/ui';

const AMOUNT_HELP =
  'Give an amount Biscuit can read, such as "½ cup", "30 mL", "2 tbsp", "12 drops", "40 g" or "1 part".';

/** Says in the person's own words what a line means. */
export function CorrectionSheet({
  item,
  onClose,
  onCorrect,
}: {
  item: ReadItem;
  onClose: () => void;
  onCorrect: (c: Correction) => void;
}) {
  const line = item.kind === 'line' ? item.line : null;
  const [name, setName] = useState('');
  const [amount, setAmount] = useState('');
  const [ingredientId, setIngredientId] = useState<string | null>(null);
  const router = useRouter();
  const own = useOwn();
  const found = name.trim() === '' ? [] : searchWithOwn(name, 6, own);
  const chosen = found.find((i) => i.id === ingredientId);
  const read = amount.trim() === '' ? null : readAmount(amount);
  const wrong = amount.trim() !== '' && read?.rest.trim() !== '' ? AMOUNT_HELP : null;
  const keep = (): void => {
    onCorrect({
      ...(chosen ? { ingredient: chosen.ref } : {}),
      ...(read && !wrong ? { amount: read.amount } : {}),
    });
    onClose();
  };
  const something = chosen !== undefined || (read !== null && wrong === null);
  return (
    <Sheet title="What is meant?" open onClose={onClose}>
      <SecondaryText>{item.text}</SecondaryText>
      <Field
        label="Ingredient"
        value={name}
        onChangeText={setName}
        placeholder={line ? resolveIngredient(line.ingredient).name : 'for example white vinegar'}
        maxLength={80}
      />
      {found.length > 0 && (
        <Choice
          label="Found ingredients"
          options={found.map((i) => ({ value: i.id, label: i.name }))}
          chosen={ingredientId ? [ingredientId] : []}
          onChoose={setIngredientId}
        />
      )}
      {name.trim() !== '' && found.length === 0 && (
        <>
          <Body>Nothing by that name. Try its usual name; a brand is not known here.</Body>
          <Action
            title="It is mine: describe it"
            onPress={() => router.push(`/shelf/own?name=${encodeURIComponent(name.trim())}`)}
          />
        </>
      )}
      <Field
        label="Amount"
        value={amount}
        onChangeText={setAmount}
        placeholder={line ? amountText(line.amount) : 'for example 1 cup'}
        error={wrong}
        maxLength={60}
      />
      <Section>
        <Action title="Read it so" weight="main" onPress={keep} disabled={!something || wrong !== null} />
        <Action
          title="It is only a note"
          onPress={() => {
            onCorrect({ isNote: true });
            onClose();
          }}
        />
      </Section>
    </Sheet>
  );
}
