import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PICTOGRAMS, SIGNAL_WORDS } from '@/core/doors/label';
import { newId, useDraft, useKeepRecord, usePantry, useSavePantryItem, useSettings } from '@/data';
import { toPageBefore } from '@/devices';
import {
  moneySign,
  Action,
  Body,
  capital,
  Choice,
  Field,
  Heading,
  Screen,
  SecondaryText,
  Section,
  SPACE,
  TakenUp,
  Title,
  useNotice,
} from '@/ui';
import type { OwnIngredient, PantryItem } from '@/core';
import { draftOf, isOwnDraft, itemOf, newDraft, partsOf, type OwnDraft } from './ownDraft';
import { PartsRead } from './PartsRead';

interface Props {
  /** The item of the cupboard that is changed; null for a new one. */
  readonly id: string | null;
  /** What it was called where it was asked about. */
  readonly name: string;
  readonly bought: boolean;
}

/** An ingredient of the person's own, or a bought cleaner, from what its label says. */
export function OwnScreen({ id, name, bought }: Props) {
  const pantry = usePantry();
  if (!pantry.isSuccess) return <Screen>{null}</Screen>;
  const item = pantry.data.find((p) => p.id === id);
  if (id !== null && !item?.own) return <NotThere />;
  const mine = item?.own ? { ...item, own: item.own } : null;
  return <FromLabel base={mine} start={mine ? draftOf(mine) : newDraft(name, bought)} />;
}

function NotThere() {
  const router = useRouter();
  return (
    <Screen next={<Action title="To the cupboard" weight="main" onPress={() => router.replace('/shelf/cupboard')} />}>
      <Title>Not here</Title>
      <Body>It is not in the cupboard of this home any more.</Body>
    </Screen>
  );
}

const FORMS = [
  { value: 'liquid' as const, label: 'A liquid' },
  { value: 'powder' as const, label: 'A powder' },
  { value: 'oil' as const, label: 'An oil' },
];
const NO_WORD = 'none';

/** What is said of a problem stands at the field it was typed in. */
const FIELD_OF: Readonly<Record<string, string>> = {
  'own.name': 'name',
  'own.densityGPerML': 'density',
  'left.value': 'left',
  'pack.price': 'price',
  'pack.value': 'size',
};

function FromLabel({ base, start }: { base: (PantryItem & { own: OwnIngredient }) | null; start: OwnDraft }) {
  const router = useRouter();
  const say = useNotice();
  const { currency } = useSettings();
  const save = useSavePantryItem();
  const change = useKeepRecord('pantry');
  const draft = useDraft<OwnDraft>(`own/${base?.id ?? 'new'}`, start, isOwnDraft);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const said = draft.value;
  const parts = useMemo(() => partsOf(said), [said]);
  if (!draft.ready) return <Screen>{null}</Screen>;
  const put = (part: Partial<OwnDraft>): void => draft.set({ ...said, ...part });
  const leave = (): void => {
    draft.clear();
    if (router.canGoBack()) toPageBefore();
    else router.replace('/shelf/cupboard');
  };
  const keep = (): void => {
    const made = itemOf(said, base?.id ?? newId(), base);
    if (!made.ok) {
      const at = made.problems.map(({ where, message }) => [FIELD_OF[where] ?? 'label', message] as const);
      setProblems(Object.fromEntries([...at].reverse()));
      say({ text: made.problems[0]?.message ?? 'It cannot be kept as it is.' });
      return;
    }
    const kept = {
      onSuccess: () => {
        say({ text: `${said.name.trim()} is in the cupboard. Biscuit knows it by that name.` });
        leave();
      },
    };
    if (base) change.mutate({ base, mine: made.value }, kept);
    else save.mutate(made.value, kept);
  };
  const field = (key: 'name' | 'density' | 'left' | 'price' | 'size', label: string, number: boolean) => (
    <Field
      label={label}
      value={said[key]}
      onChangeText={(text) => put({ [key]: text })}
      error={problems[key] ?? null}
      maxLength={key === 'name' ? 80 : 9}
      testID={`own-${key}`}
      {...(number ? { inputMode: 'decimal' as const } : {})}
    />
  );
  return (
    <Screen
      next={
        <Action
          title={base ? 'Keep what is changed' : 'Keep it'}
          weight="main"
          onPress={keep}
          disabled={save.isPending || change.isPending}
          testID="own-keep"
        />
      }
    >
      <Section>
        <Title>{base ? base.own.name : 'From its label'}</Title>
        <SecondaryText>
          All that Biscuit knows of it is what its label says. Where that leaves a range, it is judged at the worse end.
        </SecondaryText>
      </Section>
      {draft.takenUp && <TakenUp onStartAnew={() => draft.set(start)} />}
      {field('name', 'What you call it', false)}
      <Choice
        label="What is done with it"
        options={[
          { value: 'mix', label: 'I mix with it' },
          { value: 'bought', label: 'Used as it is sold' },
        ]}
        chosen={[said.bought ? 'bought' : 'mix']}
        onChoose={(v) => put({ bought: v === 'bought' })}
      />
      <Field
        label="What its label says is in it"
        value={said.label}
        onChangeText={(label) => put({ label })}
        placeholder={'15–30 % anionic surfactants\n< 5 % soap, perfume'}
        hint="As it stands there; or section 3 of its safety sheet, copied whole."
        error={problems.label ?? null}
        multiline
        minHeight={110}
        maxLength={6000}
        testID="own-label"
      />
      {parts.length > 0 && (
        <PartsRead
          parts={parts}
          answers={said.answers}
          onAnswer={(words, answer) =>
            put({ answers: { ...said.answers, [words]: { ...said.answers[words], ...answer } } })
          }
        />
      )}
      {parts.length === 0 && (
        <SecondaryText>
          Nothing said of what is in it: it may be kept so, and everything it meets then asks for care.
        </SecondaryText>
      )}
      <Choice label="It is" options={FORMS} chosen={[said.form]} onChoose={(form) => put({ form })} />
      <Section>
        <Heading>Its warning</Heading>
        <Choice
          label="Signal word on the label"
          options={[{ value: NO_WORD, label: 'None' }, ...SIGNAL_WORDS.map((w) => ({ value: w, label: capital(w) }))]}
          chosen={[said.signalWord ?? NO_WORD]}
          onChoose={(word) => put({ signalWord: SIGNAL_WORDS.find((w) => w === word) ?? null })}
        />
        <Choice
          label="Pictograms on the label"
          several
          options={PICTOGRAMS.map((p) => ({ value: p, label: capital(p.replaceAll('-', ' ')) }))}
          chosen={said.pictograms}
          onChoose={(p) =>
            put({
              pictograms: said.pictograms.includes(p)
                ? said.pictograms.filter((other) => other !== p)
                : [...said.pictograms, p],
            })
          }
        />
      </Section>
      <Section>
        <Heading>If you know it</Heading>
        <Choice
          label="Counted in"
          options={[
            { value: 'mL' as const, label: 'mL' },
            { value: 'g' as const, label: 'g' },
          ]}
          chosen={[said.unit]}
          onChoose={(unit) => put({ unit })}
        />
        {field('left', `Left, ${said.unit}`, true)}
        <View style={styles.row}>
          <View style={styles.half}>{field('price', `Price, ${moneySign(currency)}`, true)}</View>
          <View style={styles.half}>{field('size', `A pack holds, ${said.unit}`, true)}</View>
        </View>
        {field('density', 'A mL weighs, g', true)}
      </Section>
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.m },
  half: { flex: 1 },
});
