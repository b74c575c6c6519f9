import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { startTimer, type PantryItem } from '@/core';
import { bakedG, bakedShare, isBaked, isTooLight } from '@/core/doors/tricks';
import { newId, useDraft, usePantry, useWriteHome } from '@/data';
import { readAs, typedMeasureIn } from '@/devices';
import {
  Action,
  Body,
  COLORS,
  Field,
  Heading,
  massText,
  Screen,
  SecondaryText,
  Section,
  SPACE,
  Title,
  useNotice,
} from '@/ui';

interface Typed {
  readonly start: string;
  readonly now: string;
}

const isTyped = (value: unknown): value is Typed =>
  typeof value === 'object' && value !== null && 'start' in value && 'now' in value;

const NOTHING_TYPED: Typed = { start: '500', now: '' };
const RANGE_G = { low: 20, high: 5000 } as const;
const ACCEPTED = 'Give the grams as a number from 20 to 5000: 500.';
/** At 200 °C, spread thin, stirred (common practice, no source). */
const BAKE_MINUTES = { useful: 45, best: 60, longest: 180 } as const;

/** What is in the cupboard once it is done: so much baking soda less, so much washing soda more. */
function withBaked(pantry: readonly PantryItem[], startG: number, madeG: number): PantryItem[] {
  const baking = pantry.find((p) => p.id === 'baking-soda');
  const washing = pantry.find((p) => p.id === 'washing-soda');
  const made: PantryItem = washing ?? { id: 'washing-soda', left: { value: 0, unit: 'g' }, pack: null };
  const more =
    made.left?.unit === 'g'
      ? { ...made, left: { value: Math.round(made.left.value + madeG), unit: 'g' as const } }
      : made;
  const less =
    baking?.left?.unit === 'g'
      ? [{ ...baking, left: { value: Math.max(0, Math.round(baking.left.value - startG)), unit: 'g' as const } }]
      : [];
  return [more, ...less];
}

/** Washing soda baked from baking soda: how much it becomes, what is done, and the scale that says when it is done. */
export function BakeScreen() {
  const router = useRouter();
  const say = useNotice();
  const write = useWriteHome({ kept: 'What you typed is still here.' });
  const pantry = usePantry().data ?? [];
  const draft = useDraft<Typed>('bake', NOTHING_TYPED, isTyped);
  const { start, now } = draft.value;
  const startG = typedMeasureIn(start);
  const nowG = typedMeasureIn(now);
  const knowsStart = startG >= RANGE_G.low && startG <= RANGE_G.high;
  const knowsNow = knowsStart && nowG > 0;
  const yieldG = knowsStart ? bakedG(startG) : 0;
  const done = knowsNow && isBaked(startG, nowG) && !isTooLight(startG, nowG);
  const wait = (): void => {
    const timer = startTimer(
      {
        id: newId(),
        kind: 'own',
        name: 'Washing soda',
        place: 'Oven',
        usefulMinutes: BAKE_MINUTES.useful,
        bestMinutes: BAKE_MINUTES.best,
        longestMinutes: BAKE_MINUTES.longest,
      },
      new Date().toISOString(),
    );
    write.mutate(
      { put: [{ collection: 'timer', value: timer }] },
      { onSuccess: () => router.push(`/clean/timer?id=${timer.id}`) },
    );
  };
  const keep = (): void =>
    write.mutate(
      { put: withBaked(pantry, startG, nowG).map((value) => ({ collection: 'pantry' as const, value })) },
      {
        onSuccess: () => {
          draft.clear();
          say({ text: `${massText(nowG)} of washing soda is in the cupboard.` });
          router.push('/shelf');
        },
      },
    );
  if (!draft.ready) return <Screen>{null}</Screen>;
  return (
    <Screen
      next={
        done ? (
          <Action
            title="Into the cupboard"
            weight="main"
            onPress={keep}
            disabled={write.isPending}
            testID="baked-into-cupboard"
          />
        ) : (
          <Action
            title="It is in: start the hour"
            weight="main"
            onPress={wait}
            disabled={!knowsStart || write.isPending}
            testID="start-baking"
          />
        )
      }
    >
      <Section>
        <Title>Washing soda, baked</Title>
        <Body>
          Heat drives water and carbon dioxide out of baking soda; what stays is washing soda. 100 g become 63 g: 2
          NaHCO₃ → Na₂CO₃ + H₂O + CO₂.
        </Body>
      </Section>
      <Field
        label="Baking soda, in g"
        value={start}
        onChangeText={(text) => draft.set({ ...draft.value, start: text })}
        inputMode="decimal"
        hint={readAs(start)}
        error={knowsStart ? null : ACCEPTED}
        maxLength={8}
        testID="baking-soda-g"
      />
      {knowsStart && (
        <Body style={styles.bold} testID="baked-yield">
          {massText(startG)} become {massText(Math.round(yieldG))}.
        </Body>
      )}
      <Section>
        <Heading>How</Heading>
        {STEPS.map((step, i) => (
          <View key={step} style={styles.step}>
            <Body style={styles.bold}>{i + 1}.</Body>
            <Body style={styles.words}>{step}</Body>
          </View>
        ))}
      </Section>
      <Field
        label="It weighs now, in g"
        value={now}
        onChangeText={(text) => draft.set({ ...draft.value, now: text })}
        inputMode="decimal"
        hint={readAs(now)}
        maxLength={8}
        testID="baked-now-g"
      />
      {knowsNow && <Body style={styles.bold}>{standing(startG, nowG)}</Body>}
      {!knowsNow && (
        <SecondaryText>When it no longer loses weight it is done: weigh it cooled, without the tray.</SecondaryText>
      )}
    </Screen>
  );
}

const STEPS = [
  'Spread it thin, a centimetre at most, on a dry tray of steel, enamel or glass: not aluminium, not non-stick.',
  '200 °C, an hour, stirred twice with a metal spoon. A window open: steam comes off it.',
  'Oven off, oven glove; let it cool. From here it is washing soda: gloves, no dust, off the skin.',
  'Weigh it. Still heavier than it should be? Another twenty minutes.',
  'Into a dry jar that shuts tight, with its name on it. Damp air turns it lumpy.',
] as const;

function standing(startG: number, nowG: number): string {
  if (nowG > startG) return 'That is more than went in: weigh it again, without the tray.';
  if (isTooLight(startG, nowG))
    return `Lighter than it can be, ${massText(Math.round(bakedG(startG)))}: some is spilt, or the scale is off.`;
  if (isBaked(startG, nowG)) return 'Done: it has lost all that it loses.';
  const tenths = Math.floor(10 * bakedShare(startG, nowG));
  return tenths === 0
    ? 'Hardly begun: back into the oven.'
    : `About ${tenths} tenths are turned: another twenty minutes.`;
}

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  step: { flexDirection: 'row', gap: SPACE.s },
  words: { flex: 1, color: COLORS.ink },
});
