import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { counted, ingredientById, itemName, listOf, SOILS, type PantryItem } from '@/core';
import type { HomeTask } from '@/core/doors/shopping';
import {
  Action,
  Alert,
  Body,
  capital,
  Choice,
  Heading,
  ItemRow,
  Row,
  Screen,
  SecondaryText,
  Section,
  SPACE,
  TickRow,
  Title,
} from '@/ui';
import { AskedFor } from './AskedFor';
import { PutOnList } from './PutOnList';
import { FIRST_ASKED, toggled, useKit, type KitAsked, type KitKind, type KitState } from './useKit';

const KINDS: readonly { readonly value: KitKind; readonly label: string }[] = [
  { value: 'starter', label: 'Starter kit' },
  { value: 'expanded', label: 'Expanded kit' },
  { value: 'own', label: 'My own pick' },
];

const SAYS: Readonly<Record<KitKind, string>> = {
  starter: 'The fewest things that do everything in these rooms, each well enough that a cleaner would nod.',
  expanded: 'The fewest things that do everything as it is best done.',
  own: 'Tick what you would have: below stands what could be done with it.',
};

const nameOf = (id: string, pantry: readonly PantryItem[]): string => {
  const item = pantry.find((p) => p.id === id);
  return item ? itemName(item) : (ingredientById(id)?.name ?? id);
};

/** With which few things all that is to be done in one's rooms can be done. */
export function KitScreen() {
  const router = useRouter();
  const [asked, setAsked] = useState<KitAsked>(FIRST_ASKED);
  const state = useKit(asked);
  const put = (part: Partial<KitAsked>): void => setAsked({ ...asked, ...part });
  const { rooms, surfaces, ready, kit, pantry } = state;
  if (!ready) return <Screen>{null}</Screen>;
  if (surfaces.length === 0) {
    return (
      <Screen next={<Action title="Set up a room" weight="main" onPress={() => router.push('/rooms/new')} />}>
        <Title>A kit for my rooms</Title>
        <Body>
          Once your rooms and their surfaces stand here, Biscuit finds the fewest things that do all that is to be done
          in them.
        </Body>
      </Screen>
    );
  }
  const missing = (kit?.things ?? []).filter((id) => !pantry.some((p) => p.id === id && p.left?.value !== 0));
  return (
    <Screen next={<PutOnList missing={missing} pantry={pantry} />}>
      <Title>A kit for my rooms</Title>
      <Section>
        <Choice label="Which kit" options={KINDS} chosen={[asked.kind]} onChoose={(kind) => put({ kind })} />
        <SecondaryText>{SAYS[asked.kind]}</SecondaryText>
      </Section>
      <AskedFor asked={asked} rooms={rooms} put={put} />
      {state.failed && (
        <Alert>
          <Body>The kit could not be worked out.</Body>
          <Action title="Try again" onPress={state.again} />
        </Alert>
      )}
      {kit === null && !state.failed && <Body>Every surface is held against every formula…</Body>}
      {kit !== null && <TheKit asked={asked} state={state} put={put} />}
    </Screen>
  );
}

interface KitProps {
  readonly asked: KitAsked;
  readonly state: KitState;
  readonly put: (part: Partial<KitAsked>) => void;
}

/** What is claimed of a kit: how much it does, and what was proven. */
function claim({ kind, most }: KitAsked, { kit, tasks }: KitState): readonly [string, string] {
  const n = kit?.things.length ?? 0;
  const done = kit?.done.length ?? 0;
  const all = done === tasks.length;
  const does = all ? `do all ${tasks.length} jobs` : `do ${done} of ${tasks.length} jobs`;
  const head =
    n === 0
      ? all
        ? 'Nothing more is needed'
        : 'Nothing yet'
      : `${counted(n, 'thing', 'things')} ${n === 1 ? does.replace('do ', 'does ') : does}`;
  if (kind === 'own' || n === 0) return [head, ''];
  if (!kit?.isProven) return [head, 'The best that was found; not everything could be tried.'];
  if (most === null)
    return [head, all ? 'Proven: no fewer will do.' : 'The rest cannot be done without what is left out.'];
  return [head, `Proven: no other ${n === 1 ? 'thing does' : `${n} do`} more.`];
}

function TheKit({ asked, state, put }: KitProps) {
  const { kit, pantry, things, tasks } = state;
  if (!kit) return null;
  const [head, proof] = claim(asked, state);
  const label = (id: string): string => capital(nameOf(id, pantry));
  return (
    <>
      <Section>
        <Heading testID="kit-claim">{head}</Heading>
        {proof !== '' && <SecondaryText testID="kit-proof">{proof}</SecondaryText>}
        {asked.kind === 'own'
          ? things
              .filter((id) => !kit.there.includes(id))
              .map((id) => (
                <TickRow
                  key={id}
                  title={label(id)}
                  detail={hangs(kit.missed[id])}
                  ticked={asked.picked.includes(id)}
                  label={label(id)}
                  onTick={() => put({ picked: toggled(asked.picked, id) })}
                  testID="kit-pick"
                />
              ))
          : kit.things.map((id) => (
              <ItemRow key={id} title={label(id)} detail={hangs(kit.missed[id])} testID="kit-thing">
                <Action
                  title="Without it"
                  label={`Without it: ${nameOf(id, pantry)}`}
                  weight="quiet"
                  onPress={() => put({ without: [...asked.without, id] })}
                />
              </ItemRow>
            ))}
        {kit.there.length > 0 && (
          <SecondaryText>
            {`Counted as there: ${listOf(kit.there.filter((id) => things.includes(id)).map((id) => nameOf(id, pantry)))}.`}
          </SecondaryText>
        )}
        {asked.kind !== 'own' && asked.without.length > 0 && (
          <View style={styles.without}>
            <SecondaryText>{`Left out: ${listOf(asked.without.map((id) => nameOf(id, pantry)))}.`}</SecondaryText>
            <Action title="Take them back" weight="quiet" onPress={() => put({ without: [] })} />
          </View>
        )}
      </Section>
      <Done state={state} done={kit.done} />
      {tasks.length > kit.done.length && <NotDone state={state} done={kit.done} />}
    </>
  );
}

const hangs = (jobs: number | undefined): string =>
  jobs === undefined
    ? ''
    : jobs === 0
      ? 'the others do without it'
      : `${counted(jobs, 'job hangs', 'jobs hang')} on it`;

const soilName = (id: string): string => (SOILS.find((s) => s.id === id)?.name ?? id).toLowerCase();

/** What can be done, surface by surface. */
function Done({ state, done }: { state: KitState; done: readonly string[] }) {
  const [open, setOpen] = useState(false);
  const jobs = state.tasks.filter((t) => done.includes(t.id));
  if (jobs.length === 0) return null;
  return (
    <Section>
      <Heading>What it does</Heading>
      {open ? (
        <BySurface state={state} tasks={jobs} />
      ) : (
        <Action
          title={`${counted(jobs.length, 'job', 'jobs')}, surface by surface`}
          weight="quiet"
          onPress={() => setOpen(true)}
          testID="kit-does"
        />
      )}
    </Section>
  );
}

function NotDone({ state, done }: { state: KitState; done: readonly string[] }) {
  return (
    <Section>
      <Heading>What it does not do</Heading>
      <BySurface state={state} tasks={state.tasks.filter((t) => !done.includes(t.id))} />
    </Section>
  );
}

function BySurface({ state, tasks }: { state: KitState; tasks: readonly HomeTask[] }) {
  const router = useRouter();
  const { rooms, surfaces } = state;
  return (
    <>
      {surfaces.flatMap((s) => {
        const of = tasks.filter((t) => t.surfaceId === s.id);
        const to = `/rooms/${s.id}` as const;
        if (of.length === 0) return [];
        return [
          <Row
            key={s.id}
            title={`${s.name}, ${rooms.find((r) => r.id === s.roomId)?.name ?? ''}`}
            detail={of.map((t) => soilName(t.soilId)).join(', ')}
            to={to}
            onPress={() => router.push(to)}
          />,
        ];
      })}
    </>
  );
}

const styles = StyleSheet.create({
  without: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: SPACE.s },
});
