import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  applicationOf,
  droppersOf,
  evaluate,
  missingIngredients,
  searchTextOf,
  STARTER_FAMILIES,
  STARTER_FORMULAS,
  USUAL_BOTTLE_ML,
  DEFAULT_CONTEXT,
  type Formula,
} from '@/core';
import { TRICKS, trickSearchText } from '@/core/doors/tricks';
import { useBatches, useFormulas, usePantry, useSettings } from '@/data';
import {
  Action,
  Body,
  Choice,
  Field,
  Heading,
  Overline,
  Section,
  Row,
  Screen,
  SPACE,
  SecondaryText,
  Title,
  TrickLine,
  TwoSteps,
  useSearch,
  useWide,
} from '@/ui';

const isCalled = ({ name }: Formula, key: string): boolean => name.toLowerCase().includes(key);

/** What a list can be narrowed to. */
type Only = 'made' | 'cupboard' | 'film' | 'paste' | 'soak' | 'dry';

const ONLY: readonly { value: Only; label: string }[] = [
  { value: 'cupboard', label: 'I have it all' },
  { value: 'made', label: 'Made before' },
  { value: 'film', label: 'Spray or wash' },
  { value: 'paste', label: 'Paste' },
  { value: 'soak', label: 'Soak' },
  { value: 'dry', label: 'Powder' },
];

const FORMS: readonly Only[] = ['film', 'paste', 'soak', 'dry'];

/** One form at a time; the others may be ticked together. */
const toggled = (only: readonly Only[], one: Only): Only[] =>
  only.includes(one)
    ? only.filter((o) => o !== one)
    : [...only.filter((o) => !(FORMS.includes(o) && FORMS.includes(one))), one];

const forms = new WeakMap<Formula, Only>();

/** Whether it is sprayed, spread, soaked in or strewn. */
function formOf(formula: Formula): Only {
  let form = forms.get(formula);
  if (!form) {
    const result = evaluate(formula, { ...DEFAULT_CONTEXT, scope: formula.use });
    form = result.ok ? applicationOf(formula, result.value.state) : 'film';
    forms.set(formula, form);
  }
  return form;
}

/** Every formula: one's own first, then the starters; pasting a recipe is the one big button. */
export function FormulaList({ openId }: { openId: string | null }) {
  const router = useRouter();
  const own = useFormulas();
  const wide = useWide();
  const [typed, setTyped] = useState('');
  const [only, setOnly] = useState<readonly Only[]>([]);
  const pantry = usePantry().data;
  const batches = useBatches().data;
  const { dropsPerML, counted } = useSettings();
  const droppers = useMemo(() => droppersOf({ dropsPerML, counted }), [dropsPerML, counted]);
  /** Enough of all of it for a usual bottle, or for what it makes where that is less. */
  const hasAll = (f: Formula): boolean => {
    const volumeML = Math.min(f.makesML ?? USUAL_BOTTLE_ML, USUAL_BOTTLE_ML);
    return missingIngredients(f, pantry ?? [], volumeML, droppers).length === 0;
  };
  const made = useMemo(() => new Set(batches?.map((b) => b.formula.id)), [batches]);
  const passes = (f: Formula): boolean =>
    only.every((o) => (o === 'cupboard' ? hasAll(f) : o === 'made' ? made.has(f.id) : formOf(f) === o));
  const all = useMemo(() => [...(own.data ?? []), ...STARTER_FORMULAS], [own.data]);
  const spoken = useSearch(all, searchTextOf, typed);
  const speaks = useSearch(TRICKS, trickSearchText, typed);
  const place = useMemo(() => new Map(spoken.map((f, i) => [f, i])), [spoken]);
  const key = typed.trim().toLowerCase();
  const found = (formulas: readonly Formula[]): Formula[] => formulas.filter((f) => place.has(f) && passes(f));
  /** What is called so, before what has to do with it, the likeliest first. */
  const calledSo = (formulas: readonly Formula[]): Formula[] =>
    formulas.toSorted(
      (a, b) =>
        Number(isCalled(b, key)) - Number(isCalled(a, key)) ||
        (key === '' ? 0 : (place.get(a) ?? 0) - (place.get(b) ?? 0)),
    );
  const mine = calledSo(found(own.data ?? []));
  const families = (
    key === ''
      ? STARTER_FAMILIES.map((family) => ({ name: family.name, formulas: found(family.formulas) }))
      : [{ name: '', formulas: calledSo(found(STARTER_FORMULAS)) }]
  ).filter((family) => family.formulas.length > 0);
  const tricks = key === '' || only.length > 0 ? [] : speaks;
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
        <TwoSteps
          next={
            <Action
              title="Paste a recipe"
              weight={wide ? 'plain' : 'main'}
              onPress={() => router.push('/mix/paste')}
              testID="paste-a-recipe"
            />
          }
          other={
            <Action
              title="New"
              label="A new formula from nothing"
              onPress={() => router.push('/mix/edit')}
              testID="new-formula"
            />
          }
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
      <Choice
        label="Only those that"
        several
        options={ONLY}
        chosen={[...only]}
        onChoose={(o) => setOnly(toggled(only, o))}
      />
      {only.includes('cupboard') && (pantry ?? []).length === 0 && (
        <Body>Your cupboard is empty here. Say what you have under Shelf, and this finds what it can make.</Body>
      )}
      {((typed.trim() === '' && only.length === 0) || mine.length > 0) && (
        <Section>
          <Heading>Yours</Heading>
          {own.isSuccess && own.data.length === 0 && (
            <Body>Nothing of your own yet. Paste a recipe you found, or start from one below.</Body>
          )}
          <View>{rows(mine)}</View>
        </Section>
      )}
      {tricks.length > 0 && (
        <Section>
          <Heading>Tricks people know</Heading>
          <View>
            {tricks.map((trick) => (
              <TrickLine key={trick.id} trick={trick} onGo={router.push} />
            ))}
          </View>
        </Section>
      )}
      {families.length > 0 && (
        <Section>
          <Heading>To start from</Heading>
          <SecondaryText style={styles.hint}>
            Sound mixtures in common ratios; tap one to scale it to your bottle.
          </SecondaryText>
          {families.map((family) => (
            <View key={family.name} style={styles.family}>
              {family.name !== '' && (
                <Overline role="heading" aria-level={3}>
                  {family.name}
                </Overline>
              )}
              {rows(family.formulas)}
            </View>
          ))}
        </Section>
      )}
      {key === '' && only.length === 0 && (
        <Row
          title="Tricks people know, judged"
          detail="Toothpaste, newspaper, foil, soda and vinegar; and washing soda baked at home."
          to="/mix/tricks"
          onPress={() => router.push('/mix/tricks')}
        />
      )}
      {(typed.trim() !== '' || only.length > 0) && mine.length + families.length + tricks.length === 0 && (
        <Body>No formula speaks of that. Try another word, such as glass, grease or vinegar, or paste a recipe.</Body>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  hint: { paddingBottom: 4 },
  family: { paddingTop: SPACE.m },
});
