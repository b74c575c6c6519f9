import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { resolveIngredient, STARTER_FAMILIES, type Formula } from '@/core';
import { useFormulas } from '@/data';
import { Action, Body, Field, Heading, Kind, Part, Row, Screen, SPACE, Soft, Title, useWide } from '@/ui';

/** True if a formula's name, job or any ingredient holds the words. */
function speaksOf(formula: Formula, words: string): boolean {
  const said = [formula.name, formula.purpose, ...formula.lines.map((l) => resolveIngredient(l.ingredient).name)];
  return said.join(' ').toLowerCase().includes(words);
}

/** Every formula: one's own first, then the starters; pasting a recipe is the one big button. */
export function FormulaList({ openId }: { openId: string | null }) {
  const router = useRouter();
  const own = useFormulas();
  const wide = useWide();
  const [typed, setTyped] = useState('');
  const words = typed.trim().toLowerCase();
  const found = (formulas: readonly Formula[]): Formula[] => formulas.filter((f) => speaksOf(f, words));
  const mine = found(own.data ?? []);
  const families = STARTER_FAMILIES.map((family) => ({ ...family, formulas: found(family.formulas) })).filter(
    (family) => family.formulas.length > 0,
  );
  const open = (f: Formula) => () => router.push(`/mix/${f.id}`);
  const rows = (formulas: readonly Formula[]) =>
    formulas.map((f) => (
      <Row
        key={f.id}
        title={f.name}
        detail={f.purpose}
        to={`/mix/${f.id}`}
        onPress={open(f)}
        selected={f.id === openId}
      />
    ));
  return (
    <Screen
      next={
        <Action
          title="Paste a recipe"
          weight={wide ? 'plain' : 'main'}
          onPress={() => router.push('/mix/paste')}
          testID="paste-a-recipe"
        />
      }
    >
      <Title>Mix</Title>
      <Field
        label="Find by job or ingredient"
        value={typed}
        onChangeText={setTyped}
        placeholder="for example scale, or soap"
        testID="find-formula"
      />
      {(words === '' || mine.length > 0) && (
        <Part>
          <Heading>Yours</Heading>
          {own.isSuccess && own.data.length === 0 && (
            <Body>Nothing of your own yet. Paste a recipe you found, or start from one below.</Body>
          )}
          <View>{rows(mine)}</View>
        </Part>
      )}
      {families.length > 0 && (
        <Part>
          <Heading>To start from</Heading>
          <Soft style={styles.hint}>Sound mixtures in common ratios; tap one to scale it to your bottle.</Soft>
          {families.map((family) => (
            <View key={family.name} style={styles.family}>
              <Kind role="heading" aria-level={3}>
                {family.name}
              </Kind>
              {rows(family.formulas)}
            </View>
          ))}
        </Part>
      )}
      {words !== '' && mine.length === 0 && families.length === 0 && (
        <Body>No formula speaks of that. Try another word, such as glass, grease or vinegar, or paste a recipe.</Body>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({ hint: { paddingBottom: 4 }, family: { paddingTop: SPACE.m } });
