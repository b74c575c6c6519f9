import { useRouter } from 'expo-router';
import { useState } from 'react';
import { SOURCES } from '@/core';
import { useWriteHome } from '@/data';
import {
  Action,
  Body,
  Choice,
  Field,
  FindingCard,
  Heading,
  Section,
  Picker,
  Row,
  Screen,
  SecondaryText,
  Title,
  useNotice,
} from '@/ui';
import { BOUGHT, useNewEntry, type NewEntryState, type When } from './useNewEntry';

/** What is bought and used most, as far as it must not meet other things. */
const COMMON_PRODUCTS = [
  'chlorine-bleach',
  'bleach-mould-spray',
  'acid-toilet-cleaner',
  'ammonia-cleaner',
  'lye-oven-cleaner',
  'quaternary-disinfectant',
];

const WHEN: readonly { readonly value: When; readonly label: string }[] = [
  { value: 'now', label: 'Just now' },
  { value: 'hours', label: 'Some hours ago' },
  { value: 'yesterday', label: 'Yesterday' },
  { value: 'week', label: 'A week ago' },
];

type Picking = 'surface' | 'bought' | 'formula';

/** Something that was used without the guide: a bought product above all, so that nothing wrong follows it. */
export function NewEntryScreen() {
  const router = useRouter();
  const say = useNotice();
  const write = useWriteHome({ kept: 'What you chose is still here.' });
  const state = useNewEntry();
  const [picking, setPicking] = useState<Picking | null>(null);
  const { said, put, surface, room, conflicts } = state;
  if (!state.ready) return <Screen>{null}</Screen>;

  const save = (): void => {
    const entry = state.entry();
    if (!entry) return;
    if (!entry.ok) {
      say({ text: entry.problems.map((p) => p.message).join(' ') });
      return;
    }
    write.mutate(
      { log: { put: [entry.value], remove: [] } },
      {
        onSuccess: () => {
          state.clear();
          router.replace(`/log/${entry.value.id}`);
          say({ text: 'Written down.', undo: () => write.mutate({ log: { put: [], remove: [entry.value] } }) });
        },
      },
    );
  };
  return (
    <Screen
      next={
        <Action
          title="Write it down"
          weight="main"
          onPress={save}
          disabled={!state.isComplete || write.isPending}
          testID="save-entry"
        />
      }
    >
      <Section>
        <Title>Write something down</Title>
        <SecondaryText>
          What was used without the guide. A bought cleaner counts too: what it left decides what may follow.
        </SecondaryText>
      </Section>
      <WithWhat state={state} onPick={setPicking} />
      <Section>
        <Heading>Where?</Heading>
        {state.hasNoSurface ? (
          <Row
            title="Set up a room first"
            detail="Then its surfaces stand here"
            to="/rooms/new"
            onPress={() => router.push('/rooms/new')}
          />
        ) : (
          <Row
            title={surface ? surface.name : 'Which surface?'}
            detail={room?.name ?? 'One of your own'}
            to="/log/new"
            onPress={() => setPicking('surface')}
          />
        )}
      </Section>
      <Section>
        <Heading>When?</Heading>
        <Choice label="When" options={WHEN} chosen={[said.when]} onChoose={(when) => put({ when })} />
      </Section>
      <Section>
        <Heading>Rinsed off with plenty of water?</Heading>
        <Choice
          label="Rinsed"
          options={[
            { value: 'yes', label: 'Rinsed' },
            { value: 'no', label: 'Not rinsed, or not sure' },
          ]}
          chosen={said.rinsed === null ? [] : [said.rinsed ? 'yes' : 'no']}
          onChoose={(v) => put({ rinsed: v === 'yes' })}
        />
      </Section>
      {conflicts.map((m) => (
        <Section key={m.finding.code + m.residue.entry.id}>
          <FindingCard finding={m.finding} sources={m.finding.sources.map((s) => SOURCES[s])} />
          <Body>{m.safe}</Body>
        </Section>
      ))}
      <Field
        label="Note"
        value={said.notes}
        onChangeText={(notes) => put({ notes })}
        multiline
        minHeight={80}
        maxLength={2000}
        testID="entry-notes"
      />
      <Pickers state={state} picking={picking} onClose={() => setPicking(null)} />
    </Screen>
  );
}

/** A bought product or a formula. */
function WithWhat({ state, onPick }: { state: NewEntryState; onPick: (what: Picking) => void }) {
  const { said, put, formula } = state;
  return (
    <Section>
      <Heading>With what?</Heading>
      <Choice
        label="Kind"
        options={[
          { value: 'bought' as const, label: 'A bought product' },
          { value: 'formula' as const, label: 'A formula' },
        ]}
        chosen={[said.kind]}
        onChoose={(kind) => put({ kind })}
      />
      {said.kind === 'bought' ? (
        <WhichProduct state={state} onAnother={() => onPick('bought')} />
      ) : (
        <Row
          title={formula?.name ?? 'Which formula?'}
          detail={formula ? formula.purpose : 'Yours, or one to start from'}
          to="/log/new"
          onPress={() => onPick('formula')}
        />
      )}
    </Section>
  );
}

function WhichProduct({ state, onAnother }: { state: NewEntryState; onAnother: () => void }) {
  const router = useRouter();
  const { said, put, isSeveral, isUnknown, described } = state;
  const { boughtId, ownId, typed } = said;
  const offered = BOUGHT.filter((b) => COMMON_PRODUCTS.includes(b.id) || b.id === boughtId);
  return (
    <>
      <Choice
        label="Bought product"
        options={[
          ...described.map((o) => ({ value: o.id, label: o.name })),
          ...offered.map((b) => ({ value: b.id, label: b.name })),
          { value: '', label: 'Another' },
        ]}
        chosen={ownId || boughtId || typed ? [ownId || boughtId] : []}
        onChoose={(id) => {
          const isOwn = described.some((o) => o.id === id);
          put(isOwn ? { ownId: id, boughtId: '' } : { ownId: '', boughtId: id });
          if (id === '') onAnother();
        }}
      />
      {boughtId === '' && ownId === '' && (
        <Field
          label="Or its kind, in your words"
          value={typed}
          onChangeText={(text) => put({ typed: text })}
          placeholder="drain opener, glass cleaner"
          maxLength={80}
          testID="bought-name"
        />
      )}
      {isSeveral && (
        <Body>
          Products of that name are of more than one kind. Until it is said which, the next thing used there is held
          against each of them.
        </Body>
      )}
      {isUnknown && (
        <Body>
          Biscuit does not know what is in it. It is written down, and the next thing used there asks for care.
        </Body>
      )}
      {boughtId === '' && ownId === '' && (
        <Action
          title="Describe it from its label"
          weight="quiet"
          onPress={() => router.push(`/shelf/own?bought=yes&name=${encodeURIComponent(typed.trim())}`)}
          testID="describe-it"
        />
      )}
    </>
  );
}

interface PickersProps {
  readonly state: NewEntryState;
  readonly picking: Picking | null;
  readonly onClose: () => void;
}

function Pickers({ state, picking, onClose }: PickersProps) {
  const { put, surfaces, rooms, formulas } = state;
  return (
    <>
      <Picker
        title="Which surface?"
        all={surfaces.map((s) => ({ id: s.id, name: s.name, names: [], room: s.roomId }))}
        open={picking === 'surface'}
        chosen=""
        onClose={onClose}
        onChoose={(surfaceId) => put({ surfaceId })}
        groupOf={(s) => rooms.find((r) => r.id === s.room)?.name ?? ''}
      />
      <Picker
        title="Which bought product?"
        all={BOUGHT}
        open={picking === 'bought'}
        chosen=""
        onClose={onClose}
        onChoose={(boughtId) => put({ boughtId })}
      />
      <Picker
        title="Which formula?"
        all={formulas.map((f) => ({ id: f.id, name: f.name, names: [f.purpose] }))}
        open={picking === 'formula'}
        chosen=""
        onClose={onClose}
        onChoose={(formulaId) => put({ formulaId })}
      />
    </>
  );
}
