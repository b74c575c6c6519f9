import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  likelihoodOf,
  soilsOn,
  SOILS,
  SURFACES,
  surfacesMeant,
  type HomeSurface,
  JOB_PLANS,
  plansHere,
  type OwnPlan,
  type PlanHere,
  type Likelihood,
  type Room,
  type Soil,
} from '@/core';
import { tricksNamed } from '@/core/doors/tricks';
import { usePlans, useRooms, useSurfaces } from '@/data';
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
  TrickLine,
} from '@/ui';
import { placeOf, type ChosenPlace } from './place';
import { WaysList } from './WaysList';

/** From "what are you cleaning?" to a way: the surface, the soil, and what will do it. */
export function CleanScreen() {
  const router = useRouter();
  const {
    surface = '',
    soil = '',
    method = '',
    formula = '',
    way = '',
  } = useLocalSearchParams<{ surface?: string; soil?: string; method?: string; formula?: string; way?: string }>();
  const used = useMemo(() => (method ? { methodId: method, formulaId: formula } : null), [method, formula]);
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
  return <WaysList chosen={chosen} soil={on} onSoil={() => go({ surface })} used={used} methodId={way} />;
}

interface SurfaceProps {
  readonly rooms: readonly Room[];
  readonly surfaces: readonly HomeSurface[];
  readonly onChoose: (key: string) => void;
}

function WhichSurface({ rooms, surfaces, onChoose }: SurfaceProps) {
  const router = useRouter();
  const [picking, setPicking] = useState(false);
  const plans = useMemo(() => plansHere(JOB_PLANS, rooms, surfaces), [rooms, surfaces]);
  const own = usePlans().data ?? NO_PLANS;
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
      {surfaces.length > 0 && (
        <Section>
          <Heading>Jobs in several parts</Heading>
          {own.map((plan) => (
            <OwnPlanRow key={plan.id} plan={plan} />
          ))}
          {plans.map(({ plan, room }) => (
            <PlanRow key={`${plan.id} ${room?.id ?? ''}`} plan={plan} room={room} />
          ))}
          <Action
            title="A job of your own"
            weight="quiet"
            onPress={() => router.push('/clean/plan')}
            testID="new-plan"
          />
        </Section>
      )}
      <View style={styles.links}>
        <Action title="Set up a room" weight="quiet" onPress={() => router.push('/rooms/new')} />
      </View>
      <Picker
        title="Any surface"
        all={SURFACES}
        meant={surfacesMeant}
        open={picking}
        chosen=""
        onClose={() => setPicking(false)}
        onChoose={(id) => onChoose(`any:${id}`)}
        groupOf={(s) => SURFACE_GROUP_WORDS[s.group]}
        beside={(typed) =>
          tricksNamed(typed).map((trick) => <TrickLine key={trick.id} trick={trick} onGo={router.push} />)
        }
      />
    </Screen>
  );
}

const NO_PLANS: readonly OwnPlan[] = [];

/** The first sentence: the rest stands with the job. */
const shortly = (why: string): string => `${why.split(/[.;:] /)[0]?.replace(/\.$/, '') ?? ''}.`;

function PlanRow({ plan, room }: PlanHere) {
  const router = useRouter();
  const at = room ? `&room=${encodeURIComponent(room.id)}` : '';
  const to = `/clean/plan?plan=${plan.id}${at}` as const;
  const title = room ? `${plan.name}, ${room.name}` : plan.name;
  return <Row title={title} detail={shortly(plan.why)} to={to} onPress={() => router.push(to)} />;
}

function OwnPlanRow({ plan }: { readonly plan: OwnPlan }) {
  const router = useRouter();
  const to = `/clean/plan?own=${encodeURIComponent(plan.id)}` as const;
  const parts = plan.parts.length;
  return (
    <Row
      title={plan.name}
      detail={`Your own, ${parts} ${parts === 1 ? 'part' : 'parts'}`}
      to={to}
      onPress={() => router.push(to)}
    />
  );
}

interface SoilProps {
  readonly chosen: ChosenPlace;
  readonly onChoose: (id: string) => void;
  readonly onBack: () => void;
}

/** The soils of a likelihood here; what it is usually cleaned of comes first. */
function soilsHere({ surface, room, own }: ChosenPlace, likelihood: Likelihood): Soil[] {
  const usual = own?.upkeep?.soilId;
  const likeliest = [...(usual ? [usual] : []), ...soilsOn(surface.id), ...SOILS.map((s) => s.id)];
  return SOILS.filter((soil) => {
    const is = soil.id === usual ? 'common' : likelihoodOf(surface.id, soil.id, room?.kind ?? null);
    return is === likelihood;
  }).sort((a, b) => likeliest.indexOf(a.id) - likeliest.indexOf(b.id));
}

function WhichSoil({ chosen, onChoose, onBack }: SoilProps) {
  const [all, setAll] = useState(false);
  const soils = (likelihood: Likelihood) => soilsHere(chosen, likelihood).map((s) => ({ value: s.id, label: s.name }));
  const seldom = soils('seldom');
  const unlikely = soils('unlikely');
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
        <Choice label="Usual soils" options={soils('common')} chosen={[]} onChoose={onChoose} />
      </Section>
      {seldom.length > 0 && (
        <Section>
          <Heading>Now and then</Heading>
          <Choice label="Seldom soils" options={seldom} chosen={[]} onChoose={onChoose} />
        </Section>
      )}
      {unlikely.length > 0 &&
        (all ? (
          <Section>
            <Heading>Hardly ever here</Heading>
            <Choice label="Unlikely soils" options={unlikely} chosen={[]} onChoose={onChoose} />
          </Section>
        ) : (
          <Action title="Anything else" weight="quiet" onPress={() => setAll(true)} testID="other-soils" />
        ))}
    </Screen>
  );
}

const styles = StyleSheet.create({
  links: { paddingTop: SPACE.s },
  bold: { fontWeight: '700' },
});
