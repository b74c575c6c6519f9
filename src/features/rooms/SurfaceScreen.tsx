import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  isLeftOn,
  rinsedNow,
  lastBySurface,
  residuesAt,
  SOILS,
  STARTER_FORMULAS,
  SURFACES,
  surfacesMeant,
  type HomeSurface,
  MINUTE_MS,
} from '@/core';
import { useChangeSurface, useFormulas, useLog, useRooms, useSurfaces, useWriteHome } from '@/data';
import {
  Action,
  agoText,
  Body,
  Choice,
  COLORS,
  Heading,
  Section,
  Picker,
  Row,
  Screen,
  SecondaryText,
  SPACE,
  SURFACE_GROUP_WORDS,
  Title,
  useNotice,
  useNow,
  useWide,
} from '@/ui';
import { About } from './About';

/** One surface of the home: what it is, what it bears, when it wants doing. */
export function SurfaceScreen({ id }: { id: string }) {
  const router = useRouter();
  const surfaces = useSurfaces();
  if (!surfaces.isSuccess) return <Screen>{null}</Screen>;
  const surface = surfaces.data.find((s) => s.id === id);
  if (!surface && surfaces.isFetching) return <Screen>{null}</Screen>;
  if (!surface) {
    return (
      <Screen next={<Action title="To the rooms" weight="main" onPress={() => router.replace('/rooms')} />}>
        <Title>Not here</Title>
        <Body>This surface is not among your own.</Body>
      </Screen>
    );
  }
  return <SurfaceForm key={surface.id} surface={surface} />;
}

const UPKEEP_INTERVALS: readonly { readonly value: number; readonly label: string }[] = [
  { value: 1, label: 'Daily' },
  { value: 3, label: 'Every 3 days' },
  { value: 7, label: 'Weekly' },
  { value: 14, label: 'Fortnightly' },
  { value: 30, label: 'Monthly' },
  { value: 90, label: 'Quarterly' },
  { value: 365, label: 'Yearly' },
];

const NEEDED = 0;

function SurfaceForm({ surface }: { surface: HomeSurface }) {
  const router = useRouter();
  const wide = useWide();
  const say = useNotice();
  const write = useWriteHome();
  const rooms = useRooms();
  const material = SURFACES.find((s) => s.id === surface.surfaceId);
  const room = rooms.data?.find((r) => r.id === surface.roomId);
  const [picking, setPicking] = useState(false);
  const change = useChangeSurface();
  const put = (fields: Partial<HomeSurface>): void => change.mutate({ id: surface.id, fields });
  const remove = (): void =>
    write.mutate(
      { remove: [{ collection: 'surface', id: surface.id }] },
      {
        onSuccess: () => {
          router.replace('/rooms');
          say({
            text: `${surface.name} is removed. What was done there stays in the log.`,
            undo: () => write.mutate({ put: [{ collection: 'surface', value: surface }] }),
          });
        },
      },
    );
  const clean = `/clean?surface=${surface.id}${surface.upkeep ? `&soil=${surface.upkeep.soilId}` : ''}` as const;
  return (
    <Screen next={<Action title="Clean it" weight="main" onPress={() => router.push(clean)} testID="clean-it" />}>
      <Section>
        <Title>{surface.name}</Title>
        <SecondaryText>
          {room?.name ?? ''}: {material?.name.toLowerCase()}
        </SecondaryText>
        {material && <Body>{material.manner}</Body>}
      </Section>
      <LastUsed surface={surface} />
      <Upkeep surface={surface} onPut={put} />
      <About surface={surface} onPut={put} onMaterial={() => setPicking(true)} />
      <View style={styles.end}>
        {!wide && <Action title="To the rooms" onPress={() => router.push('/rooms')} />}
        <Action title="Remove it" weight="danger" onPress={remove} testID="remove-surface" />
      </View>
      <Picker
        title="What is it made of?"
        all={SURFACES}
        meant={surfacesMeant}
        open={picking}
        chosen={surface.surfaceId}
        onClose={() => setPicking(false)}
        onChoose={(id) => id !== '' && put({ surfaceId: id, sealed: null, finish: null })}
        groupOf={(s) => SURFACE_GROUP_WORDS[s.group]}
      />
    </Screen>
  );
}

/** What was last used here, and what of it may still be there. */
function LastUsed({ surface }: { surface: HomeSurface }) {
  const router = useRouter();
  const nowMs = useNow(MINUTE_MS);
  const log = useLog();
  const write = useWriteHome();
  const entries = log.data?.entries ?? [];
  const last = lastBySurface(entries).get(surface.id);
  const left = residuesAt({ surfaceId: surface.id, roomId: null, name: surface.name }, entries, nowMs);
  if (!last) return log.data?.complete ? <Body>Nothing was used here yet.</Body> : null;
  const to = `/log/${last.id}` as const;
  return (
    <Section>
      <Heading>Last used</Heading>
      <Row
        title={last.used.name}
        detail={`${agoText(last.at, nowMs)}, ${isLeftOn(last) ? 'not rinsed off' : last.rinsedAt ? 'rinsed off' : 'nothing put on'}`}
        to={to}
        onPress={() => router.push(to)}
      />
      {left.length > 0 && (
        <View style={styles.left}>
          <Body style={styles.bold}>{left.map((r) => r.entry.used.name).join(', ')} may still be on it.</Body>
          <Body>Rinse twice with plenty of plain water and wipe, before anything else goes on.</Body>
          <Action
            title="I have rinsed it now"
            onPress={() => {
              const at = new Date().toISOString();
              write.mutate({
                log: {
                  put: left.map(({ entry }) => rinsedNow(entry, at)),
                  remove: [],
                },
              });
            }}
            testID="rinsed-now"
          />
        </View>
      )}
    </Section>
  );
}

interface PartProps {
  readonly surface: HomeSurface;
  readonly onPut: (change: Partial<HomeSurface>) => void;
}

/** How often, and what is to be lifted. */
function Upkeep({ surface, onPut }: PartProps) {
  const { upkeep } = surface;
  const [picking, setPicking] = useState(false);
  const own = useFormulas();
  const formulas = [...(own.data ?? []), ...STARTER_FORMULAS];
  const withWhat = formulas.find((f) => f.id === upkeep?.formulaId);
  const days = upkeep?.everyDays ?? NEEDED;
  const usual = UPKEEP_INTERVALS.some((o) => o.value === days) || days === NEEDED;
  const options = [
    { value: NEEDED, label: 'When it needs it' },
    ...(usual
      ? UPKEEP_INTERVALS
      : [...UPKEEP_INTERVALS, { value: days, label: `Every ${days} days` }].sort((a, b) => a.value - b.value)),
  ];
  const soilId = upkeep?.soilId ?? 'daily-dirt';
  return (
    <Section>
      <Heading>How often</Heading>
      <Choice
        label="How often"
        options={options}
        chosen={[days]}
        onChoose={(everyDays) =>
          onPut({
            upkeep: everyDays === NEEDED ? null : { everyDays, soilId, formulaId: upkeep?.formulaId ?? null },
          })
        }
      />
      {upkeep && <Body style={styles.bold}>What it usually has on it</Body>}
      {upkeep && (
        <Choice
          label="What it usually has on it"
          options={SOILS.filter((s) => USUAL.includes(s.id) || s.id === soilId).map((s) => ({
            value: s.id,
            label: s.name,
          }))}
          chosen={[soilId]}
          onChoose={(id) => onPut({ upkeep: { ...upkeep, soilId: id } })}
        />
      )}
      {upkeep && (
        <>
          <Row
            title={withWhat?.name ?? 'Whatever suits best'}
            detail="What it is done with: offered first, as long as it suits"
            to={`/rooms/${surface.id}`}
            onPress={() => setPicking(true)}
          />
          <Picker
            title="What is it done with?"
            all={formulas.map((f) => ({ id: f.id, name: f.name, names: [f.purpose] }))}
            open={picking}
            chosen={upkeep.formulaId ?? ''}
            onClose={() => setPicking(false)}
            onChoose={(id) => onPut({ upkeep: { ...upkeep, formulaId: id === '' ? null : id } })}
          />
        </>
      )}
    </Section>
  );
}

const USUAL = ['daily-dirt', 'fresh-grease', 'limescale', 'soap-scum', 'mould', 'fingerprints', 'dust'];

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  left: { backgroundColor: COLORS.cautionTint, borderRadius: 12, padding: SPACE.m, gap: SPACE.s },
  end: { flexDirection: 'row', gap: SPACE.s, flexWrap: 'wrap' },
});
