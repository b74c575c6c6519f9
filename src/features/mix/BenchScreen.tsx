import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import {
  labelOf,
  lineText,
  soilByName,
  surfaceByName,
  vesselFacts,
  vesselShape,
  type Batch,
  type Formula,
  type FormulaUse,
  type PourPlan,
  type Vessel,
} from '@/core';
import { newId, useDraft, useFormula, useMakeBatch, useRemoveFormula, useSaveFormula, useVessels } from '@/data';
import {
  Action,
  Body,
  BottleDrawing,
  COLORS,
  Heading,
  Part,
  Screen,
  SPACE,
  Soft,
  Title,
  useNotice,
  useWide,
  volumeText,
} from '@/ui';
import { BottleChoice, FIRST_BOTTLE, vesselOf, type BenchBottle } from './BottleChoice';
import { MeasureList } from './MeasureList';
import { Strengths } from './Strengths';
import { SurfaceCheck } from './SurfaceCheck';
import { UseChoice } from './UseChoice';
import { UsualCare } from './UsualCare';
import { headspacePercent, useBench } from './useBench';
import { Verdict } from './Verdict';

interface Setting {
  readonly bottle: BenchBottle | null;
  readonly surfaceId: string | null;
  /** What is on the surface; not in settings kept from before this was asked. */
  readonly soilId?: string | null;
  readonly minutes: number;
  /** Kept or used at once; null while the formula's own use stands. */
  readonly use: FormulaUse | null;
}

const START: Setting = { bottle: null, surfaceId: null, minutes: 15, use: null };

const isSetting = (value: unknown): value is Setting =>
  typeof value === 'object' &&
  value !== null &&
  'bottle' in value &&
  'surfaceId' in value &&
  'minutes' in value &&
  'use' in value;

/** A formula on the bench: which bottle, what it is, how much of each, and make it. */
export function BenchScreen({ id }: { id: string }) {
  const formula = useFormula(id);
  if (formula === undefined) return <Screen>{null}</Screen>;
  if (formula === null) return <NoSuchFormula />;
  return <Bench key={formula.id} formula={formula} />;
}

function NoSuchFormula() {
  const router = useRouter();
  return (
    <Screen next={<Action title="All formulas" weight="main" onPress={() => router.replace('/mix')} />}>
      <Title>Not here</Title>
      <Body>This formula is not in this home any more. It may have been removed in another tab.</Body>
    </Screen>
  );
}

const isStarter = (formula: Formula): boolean => formula.id.startsWith('starter-');

function Bench({ formula: kept }: { formula: Formula }) {
  const router = useRouter();
  const say = useNotice();
  const own = useVessels().data ?? [];
  const make = useMakeBatch();
  const save = useSaveFormula();
  const remove = useRemoveFormula();
  const draft = useDraft<Setting>(`bench/${kept.id}`, START, isSetting);
  const use = draft.value.use ?? kept.use;
  const formula = useMemo(() => (use === kept.use ? kept : { ...kept, use }), [kept, use]);
  const bottle = draft.value.bottle ?? (own[0] ? { kind: 'own' as const, id: own[0].id } : FIRST_BOTTLE);
  const chosen = vesselOf(bottle, own);
  const lastGood = 'vessel' in chosen ? chosen.vessel : (own[0] ?? fallbackVessel());
  const surface = draft.value.surfaceId === null ? null : surfaceByName(draft.value.surfaceId);
  const soil = soilByName(draft.value.soilId ?? '');
  const place = useMemo(
    () => ({ surface, soil, dwellMinutes: surface ? draft.value.minutes : null }),
    [surface, soil, draft.value.minutes],
  );
  const { outcome, at, settings } = useBench(formula, lastGood, place);
  const change = (part: Partial<Setting>): void => draft.set({ ...draft.value, ...part });

  if (!outcome || !at) return null;
  const ready =
    outcome.ok && 'vessel' in chosen ? { ...outcome.value, vessel: chosen.vessel, isNew: chosen.isNew } : null;
  const evaluation = outcome.ok ? outcome.value.evaluation : null;
  const danger = evaluation?.verdict === 'danger';

  const makeIt = (): void => {
    if (!ready || danger) return;
    const vessel = ready.isNew ? { ...ready.vessel, id: newId() } : ready.vessel;
    const batch: Batch = {
      id: newId(),
      formula,
      vessel,
      label: labelOf(formula, ready.evaluation, { vessel: vesselFacts(vessel), roomC: settings.roomC }),
      volumeML: ready.plan.fillML,
      madeAt: new Date().toISOString(),
      state: 'kept',
      endedAt: null,
    };
    make.mutate(
      { batch, newVessel: ready.isNew ? vessel : null },
      {
        onSuccess: () => {
          if (ready.isNew) draft.set({ ...draft.value, bottle: { kind: 'own', id: vessel.id } });
          say({ text: `${batch.label.name} is on the shelf.` });
          router.push(`/shelf/${batch.id}`);
        },
        onError: (error) =>
          say({ text: `Not saved: ${error.message}. Free some space on this device and try again; nothing was lost.` }),
      },
    );
  };

  const next = danger ? (
    <Body style={styles.stopped} testID="stopped">
      A danger is not scaled, labelled or made. Read the reason above, or change the formula.
    </Body>
  ) : (
    <Action
      title={evaluation?.verdict === 'defeats' ? 'Make it anyway' : 'Make it'}
      weight="main"
      onPress={makeIt}
      disabled={!ready || make.isPending}
      testID="make-it"
    />
  );

  return (
    <Screen next={next}>
      <Part>
        <Title>{formula.name}</Title>
        {formula.purpose !== '' && <Body>{formula.purpose}</Body>}
        {formula.never !== '' && <Soft>Never on: {formula.never}</Soft>}
      </Part>
      <BottleChoice
        bottle={bottle}
        onChange={(b) => change({ bottle: b })}
        problem={'problem' in chosen ? chosen.problem : null}
      />
      {!outcome.ok && <Body style={styles.stopped}>{outcome.problems[0]?.message}</Body>}
      {evaluation && (
        <Verdict verdict={evaluation.verdict} findings={evaluation.findings} checked={evaluation.checked} />
      )}
      {ready && !danger && <Pour plan={ready.plan} vessel={ready.vessel} units={settings.units} />}
      {danger && (
        <Part>
          <Heading>What was asked for</Heading>
          {formula.lines.map((l) => (
            <Body key={l.id}>{lineText(l)}</Body>
          ))}
        </Part>
      )}
      <UseChoice use={use} onChange={(chosenUse) => change({ use: chosenUse })} />
      {evaluation && !danger && (
        <SurfaceCheck
          where={{ surface, soil, minutes: draft.value.minutes }}
          formula={formula}
          at={at}
          settings={settings}
          result={evaluation.surface}
          onChange={(w) => change({ surfaceId: w.surface?.id ?? null, soilId: w.soil?.id ?? null, minutes: w.minutes })}
        />
      )}
      {ready && !danger && <Strengths evaluation={ready.evaluation} fillML={ready.plan.fillML} />}
      <UsualCare />
      <View style={styles.actions}>
        <Action
          title={isStarter(kept) ? 'Change a copy' : 'Change the lines'}
          onPress={() => router.push(`/mix/paste?formula=${kept.id}`)}
        />
        {!isStarter(kept) && (
          <Action
            title="Remove formula"
            weight="danger"
            onPress={() =>
              remove.mutate(kept.id, {
                onSuccess: () => {
                  say({ text: `${kept.name} was removed.`, undo: () => save.mutate(kept) });
                  router.replace('/mix');
                },
              })
            }
          />
        )}
      </View>
    </Screen>
  );
}

const fallbackVessel = (): Vessel => {
  const first = vesselOf(FIRST_BOTTLE, []);
  if ('problem' in first) throw new Error(first.problem);
  return first.vessel;
};

/** The bottle with its layers, and beside or below it the measure list. */
function Pour({ plan, vessel, units }: { plan: PourPlan; vessel: Vessel; units: 'metric' | 'us' }) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const drawing = Math.min(360, width - 2 * SPACE.l);
  const shape = vesselShape(vessel.shape);
  return (
    <Part>
      <Heading>How much of each</Heading>
      <Soft>
        {volumeText(plan.fillML, units)} into {vessel.name}, {headspacePercent(vessel)} % left free
        {shape.closes ? ' to shake' : ' to stir'}.
      </Soft>
      <View style={[styles.pour, wide && styles.pourWide]}>
        <BottleDrawing
          profile={plan.profile}
          top={shape.top}
          width={drawing}
          height={wide ? 380 : 300}
          layers={plan.lines.map((l) => ({
            key: l.line.id,
            name: l.name,
            ingredientId: l.ingredientId,
            form: l.form,
            topMM: l.pourToMM,
            levelML: l.levelML,
          }))}
        />
        <View style={styles.list}>
          <MeasureList lines={plan.lines} units={units} />
        </View>
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: SPACE.s },
  pour: { gap: SPACE.m, alignItems: 'stretch' },
  pourWide: { flexDirection: 'row', alignItems: 'flex-start' },
  list: { flex: 1 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
