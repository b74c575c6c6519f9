import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SOILS, SURFACES, type HomeSurface, type JobPlan, type Room, type Soil } from '@/core';
import { useRooms, useSurfaces } from '@/data';
import {
  Action,
  Body,
  Choice,
  Heading,
  Section,
  Picker,
  Row,
  Screen,
  SecondaryText,
  SPACE,
  SURFACE_GROUP_WORDS,
  Title,
} from '@/ui';
import { placeOf, type ChosenPlace } from './place';
import { plansOf } from './plans';
import { WaysList } from './WaysList';

/** From "what are you cleaning?" to a way: the surface, the soil, and what will do it. */
export function CleanScreen() {
  const router = useRouter();
  const { surface = '', soil = '' } = useLocalSearchParams<{ surface?: string; soil?: string }>();
  const rooms = useRooms();
  const surfaces = useSurfaces();
  const chosen = useMemo(
    () => placeOf(surface, surfaces.data ?? [], rooms.data ?? []),
    [surface, surfaces.data, rooms.data],
  );
  const on = SOILS.find((s) => s.id === soil) ?? null;
  const go = (to: { surface?: string; soil?: string }): void => {
    const query = Object.entries(to)
      .map(([k, v]) => `${k}=${encodeURIComponent(v)}`)
      .join('&');
    router.push(`/clean${query ? `?${query}` : ''}`);
  };
  if (!rooms.isSuccess || !surfaces.isSuccess) return <Screen>{null}</Screen>;
  if (!chosen)
    return <WhichSurface rooms={rooms.data} surfaces={surfaces.data} onChoose={(key) => go({ surface: key })} />;
  if (!on) {
    return (
      <WhichSoil chosen={chosen} onChoose={(id) => go({ surface, soil: id })} onBack={() => router.push('/clean')} />
    );
  }
  return <WaysList chosen={chosen} soil={on} onSoil={() => go({ surface })} />;
}

interface SurfaceProps {
  readonly rooms: readonly Room[];
  readonly surfaces: readonly HomeSurface[];
  readonly onChoose: (key: string) => void;
}

function WhichSurface({ rooms, surfaces, onChoose }: SurfaceProps) {
  const router = useRouter();
  const [picking, setPicking] = useState(false);
  const plans = plansOf(rooms, surfaces);
  return (
    <Screen
      next={
        <Action
          title="Something else"
          weight={surfaces.length === 0 ? 'main' : 'plain'}
          onPress={() => setPicking(true)}
          testID="other-surface"
        />
      }
    >
      <Title>What are you cleaning?</Title>
      {surfaces.length === 0 && (
        <Body>
          Pick any surface below; or set up a room once, and its surfaces stand here, with what was last used on each.
        </Body>
      )}
      {rooms.map((room) => {
        const here = surfaces.filter((s) => s.roomId === room.id);
        if (here.length === 0) return null;
        return (
          <Section key={room.id}>
            <Heading>{room.name}</Heading>
            <Choice
              label={room.name}
              options={here.map((s) => ({ value: s.id, label: s.name }))}
              chosen={[]}
              onChoose={onChoose}
            />
          </Section>
        );
      })}
      {plans.length > 0 && (
        <Section>
          <Heading>Jobs in several parts</Heading>
          {plans.map(({ plan, room }) => (
            <PlanRow key={plan.id + room.id} plan={plan} room={room} />
          ))}
        </Section>
      )}
      <View style={styles.links}>
        <Action title="Set up a room" weight="quiet" onPress={() => router.push('/rooms/new')} />
      </View>
      <Picker
        title="Any surface"
        all={SURFACES}
        open={picking}
        chosen=""
        onClose={() => setPicking(false)}
        onChoose={(id) => onChoose(`any:${id}`)}
        groupOf={(s) => SURFACE_GROUP_WORDS[s.group]}
      />
    </Screen>
  );
}

function PlanRow({ plan, room }: { plan: JobPlan; room: Room }) {
  const router = useRouter();
  const to = `/clean/plan?plan=${plan.id}&room=${encodeURIComponent(room.id)}` as const;
  return <Row title={`${plan.name}, ${room.name}`} detail={plan.why} to={to} onPress={() => router.push(to)} />;
}

interface SoilProps {
  readonly chosen: ChosenPlace;
  readonly onChoose: (id: string) => void;
  readonly onBack: () => void;
}

/** Soils that this kind of surface usually gets. */
function usualSoils({ surface, own }: ChosenPlace): Soil[] {
  const usual = USUAL[surface.group] ?? ['daily-dirt', 'fresh-grease'];
  const first = own?.upkeep?.soilId;
  const ids = [...new Set([...(first ? [first] : []), ...usual])];
  return ids.flatMap((id) => SOILS.find((s) => s.id === id) ?? []);
}

const USUAL: Readonly<Record<string, readonly string[]>> = {
  stone: ['daily-dirt', 'fresh-grease', 'tannin', 'limescale'],
  tile: ['limescale', 'soap-scum', 'mould', 'daily-dirt', 'fresh-grease'],
  glass: ['fingerprints', 'limescale', 'fresh-grease', 'soot', 'daily-dirt'],
  metal: ['limescale', 'fingerprints', 'fresh-grease', 'tarnish', 'rust'],
  enamel: ['burnt-on', 'fresh-grease', 'soap-scum', 'limescale', 'rust'],
  plastic: ['soap-scum', 'daily-dirt', 'mould', 'limescale'],
  wood: ['daily-dirt', 'dust', 'fresh-grease', 'sticky'],
  wall: ['daily-dirt', 'fingerprints', 'mould'],
  cloth: ['protein', 'tannin', 'fresh-grease', 'smell', 'dust'],
  appliance: ['limescale', 'smell', 'bowl-ring', 'mould'],
  outdoors: ['moss', 'daily-dirt'],
};

function WhichSoil({ chosen, onChoose, onBack }: SoilProps) {
  const usual = usualSoils(chosen);
  const others = SOILS.filter((s) => !usual.includes(s));
  const options = (list: readonly Soil[]) => list.map((s) => ({ value: s.id, label: s.name }));
  return (
    <Screen next={<Action title="Another surface" onPress={onBack} />}>
      <Section>
        <Title>What is on it?</Title>
        <SecondaryText>
          {chosen.place.name}
          {chosen.place.roomName ? `, ${chosen.place.roomName}` : ''}: {chosen.surface.name.toLowerCase()}
        </SecondaryText>
      </Section>
      {chosen.surface.keepOut && <Body style={styles.bold}>{chosen.surface.keepOut.reason}</Body>}
      <Section>
        <Heading>Usually</Heading>
        <Choice label="Usual soils" options={options(usual)} chosen={[]} onChoose={onChoose} />
      </Section>
      <Section>
        <Heading>Anything else</Heading>
        <Choice label="Other soils" options={options(others)} chosen={[]} onChoose={onChoose} />
      </Section>
    </Screen>
  );
}

const styles = StyleSheet.create({
  links: { paddingTop: SPACE.s },
  bold: { fontWeight: '700' },
});
