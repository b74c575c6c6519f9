import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRouter } from 'expo-router';
import {
  isOpen,
  namedForSure,
  readRecipe,
  searchWithOwn,
  type FoundIngredient,
  type Line,
  type MeasureSystem,
  type OwnRef,
} from '@/core';
import { useOwn } from '@/data';
import { Action, Body, Field, SPACE } from '@/ui';

interface Props {
  readonly measures: MeasureSystem;
  /** A whole line as it was typed: "1 cup vinegar". */
  readonly onLines: (lines: readonly Line[]) => void;
  /** An ingredient alone, its amount to be typed next. */
  readonly onIngredient: (ingredient: FoundIngredient) => void;
}

/** The line that is being typed, if it is one already. */
function readLines(text: string, measures: MeasureSystem, own: readonly OwnRef[]): Line[] {
  const { items, hazards } = readRecipe(text, { measures, own });
  if (items.some(isOpen) || hazards.length > 0) return [];
  const lines = items.flatMap((i) => (i.kind === 'line' ? [i] : []));
  return lines.every((l) => !l.doubts.some((d) => d.kind === 'how-much')) ? lines.map((l) => l.line) : [];
}

/** Adds by any name, or by a whole line. */
export const AddLine = memo(function AddLine({ measures, onLines, onIngredient }: Props) {
  const router = useRouter();
  const own = useOwn();
  const [text, setText] = useState('');
  const whole = text.trim() === '' ? [] : readLines(text, measures, own);
  const words = text.replace(/^[\d.,/½⅓⅔¼¾⅛\s]+(?:ml|l|g|kg|cups?|tbsps?|tsps?|drops?|parts?|%)?\s+/i, '');
  const found = words.trim().length < 2 ? [] : searchWithOwn(words, 5, own);
  // Enter takes what is named for sure; what is only close is chosen with a tap.
  const named = namedForSure(words, own);
  /** A few of the person's own are offered before anything is typed. */
  const mixed = own.filter((o) => !o.bought).slice(0, 4);
  const done = (): void => setText('');
  const take = (): void => {
    if (whole.length > 0) onLines(whole);
    else if (named) onIngredient(named);
    else return;
    done();
  };
  return (
    <View style={styles.add}>
      <Field
        label="Add an ingredient"
        value={text}
        onChangeText={setText}
        placeholder="any name, or 1 cup vinegar"
        maxLength={120}
        onSubmitEditing={take}
        staysOnEnter
        testID="add-line"
      />
      {whole.length > 0 && <Action title={`Add ${text.trim()}`} onPress={take} testID="add-whole" />}
      {whole.length === 0 && found.length > 0 && (
        <View style={styles.found} role="group" aria-label="Found ingredients">
          {found.map((ingredient) => (
            <Action
              key={ingredient.id}
              title={ingredient.name}
              label={`Add ${ingredient.name}`}
              onPress={() => {
                onIngredient(ingredient);
                done();
              }}
            />
          ))}
        </View>
      )}
      {text.trim().length > 2 && whole.length === 0 && found.length === 0 && (
        <>
          <Body>Nothing by that name. Try its usual name; a brand is not known here.</Body>
          <Action
            title="It is mine: describe it"
            onPress={() => router.push(`/shelf/own?name=${encodeURIComponent(words.trim())}`)}
            testID="describe-it"
          />
        </>
      )}
      {text.trim() === '' && mixed.length > 0 && (
        <View style={styles.found} role="group" aria-label="What you have described">
          {mixed.map((o) => (
            <Action
              key={o.id}
              title={o.name}
              label={`Add ${o.name}`}
              onPress={() => onIngredient({ id: o.id, name: o.name, form: o.form, ref: o })}
            />
          ))}
        </View>
      )}
    </View>
  );
});

const styles = StyleSheet.create({
  add: { gap: SPACE.s },
  found: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
