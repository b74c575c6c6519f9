import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { methodById, SOILS, STARTER_FORMULAS, SURFACES } from '@/core';
import { trickById, TRICKS, trickSearchText, type Trick } from '@/core/doors/tricks';
import {
  Action,
  Body,
  COLORS,
  Field,
  Heading,
  Overline,
  Screen,
  Section,
  SPACE,
  Title,
  TRICK_WORTH_WORDS,
  TrickLine,
  useSearch,
} from '@/ui';

const DONE = TRICKS.filter((t) => !t.isMaking);
const MADE = TRICKS.filter((t) => t.isMaking);

/** Tricks that people know, each with what it really does; and what is made at home from what is there. */
export function TricksScreen({ trickId }: { readonly trickId: string }) {
  const router = useRouter();
  const trick = trickById(trickId);
  const [typed, setTyped] = useState('');
  const found = useSearch(TRICKS, trickSearchText, typed);
  if (trick) return <OneTrick trick={trick} />;
  const lines = (of: readonly Trick[]) =>
    of.filter((t) => found.includes(t)).map((t) => <TrickLine key={t.id} trick={t} onGo={router.push} />);
  const done = lines(DONE);
  const made = lines(MADE);
  return (
    <Screen next={<Action title="To the formulas" onPress={() => router.push('/mix')} />}>
      <Title>Tricks people know</Title>
      <Field
        label="Find a trick"
        value={typed}
        onChangeText={setTyped}
        placeholder="for example toothpaste, or newspaper"
        testID="find-trick"
      />
      {done.length > 0 && <View>{done}</View>}
      {made.length > 0 && (
        <Section>
          <Heading>Made at home from what is there</Heading>
          <View>{made}</View>
        </Section>
      )}
      {done.length + made.length === 0 && (
        <Body>None by that name. Try what it is done with, such as flour, lemon, foil or tea.</Body>
      )}
    </Screen>
  );
}

/** "On glass: fingerprints and film". */
function wayWords({ surfaceId, soilId, methodId }: Trick['ways'][number]): string {
  const surface = SURFACES.find((s) => s.id === surfaceId)?.name ?? '';
  const soil = SOILS.find((s) => s.id === soilId)?.name.toLowerCase() ?? '';
  const method = methodId === null ? '' : ` · ${methodById(methodId)?.name.toLowerCase() ?? ''}`;
  return `${surface}, ${soil}${method}`;
}

function OneTrick({ trick }: { readonly trick: Trick }) {
  const router = useRouter();
  const { name, worth, says, ways, formulaId } = trick;
  const formula = STARTER_FORMULAS.find((f) => f.id === formulaId);
  const isItself = worth === 'sound' || worth === 'with-care';
  return (
    <Screen next={<Action title="All tricks" onPress={() => router.push('/mix/tricks')} />}>
      <Section>
        <Overline style={worth === 'sound' ? styles.sound : styles.minded}>{TRICK_WORTH_WORDS[worth]}</Overline>
        <Title>{name}</Title>
        <Body style={styles.says}>{says}</Body>
      </Section>
      {trick.id === 'washing-soda' && (
        <Action title="Bake it, step by step" weight="main" onPress={() => router.push('/mix/bake')} testID="bake" />
      )}
      {(ways.length > 0 || formula) && (
        <Section>
          <Heading>{isItself ? 'Where it belongs' : 'What does it better'}</Heading>
          {formula && (
            <Action title={formula.name} onPress={() => router.push(`/mix/${formula.id}`)} testID="trick-formula" />
          )}
          {ways.map((w) => (
            <Action
              key={`${w.surfaceId} ${w.soilId}`}
              title={wayWords(w)}
              onPress={() =>
                router.push(
                  `/clean?surface=any%3A${w.surfaceId}&soil=${w.soilId}${w.methodId ? `&way=${w.methodId}` : ''}`,
                )
              }
              testID="trick-way"
            />
          ))}
        </Section>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  sound: { color: COLORS.action },
  minded: { color: COLORS.caution },
  says: { fontSize: 19, lineHeight: 27, paddingTop: SPACE.xs },
});
