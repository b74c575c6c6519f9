import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import {
  validate,
  evaluate,
  findIngredient,
  ingredientsUsed,
  INGREDIENTS,
  LOOK_BACK_DAYS,
  logEntrySchema,
  residueConflicts,
  NO_RATING,
  residuesAt,
  SOILS,
  SOURCES,
  STARTER_FORMULAS,
  usedFormula,
  DEFAULT_CONTEXT,
  type Used,
} from '@/core';
import { newId, useFormulas, useRecentLog, useRooms, useSurfaces, useWriteHome } from '@/data';
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
  useNow,
} from '@/ui';

const BOUGHT = INGREDIENTS.filter((i) => i.role === 'bought');
/** What is bought and used most, as far as it must not meet other things. */
const COMMON_SURFACES = [
  'chlorine-bleach',
  'bleach-mould-spray',
  'acid-toilet-cleaner',
  'ammonia-cleaner',
  'lye-oven-cleaner',
  'quaternary-disinfectant',
];

type When = 'now' | 'hours' | 'yesterday' | 'week';

const HOUR_MS = 60 * 60 * 1000;
const AGO: Readonly<Record<When, number>> = {
  now: 0,
  hours: 3 * HOUR_MS,
  yesterday: 24 * HOUR_MS,
  week: 7 * 24 * HOUR_MS,
};

/** Something that was used without the guide: a bought product above all, so that nothing wrong follows it. */
export function NewEntryScreen() {
  const router = useRouter();
  const say = useNotice();
  const nowMs = useNow(60_000);
  const write = useWriteHome({ kept: 'What you chose is still here.' });
  const rooms = useRooms();
  const surfaces = useSurfaces();
  const formulas = useFormulas();
  const recent = useRecentLog(LOOK_BACK_DAYS);
  const { surface: given = '' } = useLocalSearchParams<{ surface?: string }>();
  const [surfaceId, setSurfaceId] = useState(given);
  const [kind, setKind] = useState<'bought' | 'formula'>('bought');
  const [boughtId, setBoughtId] = useState('');
  const [typed, setTyped] = useState('');
  const [formulaId, setFormulaId] = useState('');
  const [when, setWhen] = useState<When>('now');
  const [rinsed, setRinsed] = useState<boolean | null>(null);
  const [notes, setNotes] = useState('');
  const [picking, setPicking] = useState<'surface' | 'bought' | 'formula' | null>(null);

  const all = useMemo(() => [...(formulas.data ?? []), ...STARTER_FORMULAS], [formulas.data]);
  const surface = surfaces.data?.find((s) => s.id === surfaceId);
  const room = rooms.data?.find((r) => r.id === surface?.roomId);
  const bought = BOUGHT.find((b) => b.id === boughtId);
  const formula = all.find((f) => f.id === formulaId);
  const used = useMemo((): Used | null => {
    if (kind === 'formula') {
      if (!formula) return null;
      const result = evaluate(formula, { ...DEFAULT_CONTEXT, scope: formula.use });
      return result.ok ? usedFormula(formula, result.value.state) : null;
    }
    if (bought) return { kind: 'bought', id: bought.id, name: bought.name };
    if (typed.trim() === '') return null;
    const match = findIngredient(typed);
    return { kind: 'bought', id: match.kind === 'exact' ? match.ingredient.id : null, name: typed.trim() };
  }, [kind, formula, bought, typed]);
  const meant = used?.kind === 'bought' ? ingredientsUsed(used) : null;
  const unknown = meant !== null && !meant.known;
  const several = meant !== null && meant.known && meant.readings.length > 1;
  const meets =
    used && surface && recent.isSuccess && when === 'now'
      ? residueConflicts(
          ingredientsUsed(used),
          residuesAt(
            { surfaceId: surface.id, roomId: surface.roomId, small: room?.small ?? false },
            recent.data,
            nowMs,
          ),
          nowMs,
          [],
          room?.small ? 'small' : 'large',
        )
      : [];

  const save = (): void => {
    if (!used || !surface) return;
    const at = new Date(Date.now() - AGO[when]).toISOString();
    const soil = SOILS.find((s) => s.id === surface.upkeep?.soilId);
    const entry = validate(logEntrySchema, {
      id: newId(),
      at,
      room: { id: surface.roomId, name: room?.name ?? '' },
      surface: { id: surface.id, name: surface.name, material: surface.surfaceId },
      soil: { id: soil?.id ?? null, name: soil?.name ?? '' },
      used,
      dwell: null,
      rinsedAt: rinsed ? at : null,
      outcome: 'done',
      rating: NO_RATING,
      workMinutes: null,
      strokes: null,
      notes: notes.trim(),
      history: [],
    });
    if (!entry.ok) {
      say({ text: entry.problems.map((p) => p.message).join(' ') });
      return;
    }
    write.mutate(
      { log: { put: [entry.value], remove: [] } },
      {
        onSuccess: () => {
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
          disabled={!used || !surface || rinsed === null || write.isPending}
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
      <Section>
        <Heading>With what?</Heading>
        <Choice
          label="Kind"
          options={[
            { value: 'bought', label: 'A bought product' },
            { value: 'formula', label: 'A formula' },
          ]}
          chosen={[kind]}
          onChoose={setKind}
        />
        {kind === 'bought' ? (
          <>
            <Choice
              label="Bought product"
              options={[
                ...BOUGHT.filter((b) => COMMON_SURFACES.includes(b.id) || b.id === boughtId).map((b) => ({
                  value: b.id,
                  label: b.name,
                })),
                { value: '', label: 'Another' },
              ]}
              chosen={boughtId || typed ? [boughtId] : []}
              onChoose={(id) => {
                setBoughtId(id);
                if (id === '') setPicking('bought');
              }}
            />
            {boughtId === '' && (
              <Field
                label="Or its kind, in your words"
                value={typed}
                onChangeText={setTyped}
                placeholder="drain opener, glass cleaner"
                maxLength={80}
                testID="bought-name"
              />
            )}
            {several && (
              <Body>
                Products of that name are of more than one kind. Until it is said which, the next thing used there is
                held against each of them.
              </Body>
            )}
            {unknown && (
              <Body>
                Biscuit does not know what is in it. It is written down, and the next thing used there asks for care.
              </Body>
            )}
          </>
        ) : (
          <Row
            title={formula?.name ?? 'Which formula?'}
            detail={formula ? formula.purpose : 'Yours, or one to start from'}
            to="/log/new"
            onPress={() => setPicking('formula')}
          />
        )}
      </Section>
      <Section>
        <Heading>Where?</Heading>
        {surfaces.isSuccess && surfaces.data.length === 0 ? (
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
        <Choice
          label="When"
          options={[
            { value: 'now', label: 'Just now' },
            { value: 'hours', label: 'Some hours ago' },
            { value: 'yesterday', label: 'Yesterday' },
            { value: 'week', label: 'A week ago' },
          ]}
          chosen={[when]}
          onChoose={setWhen}
        />
      </Section>
      <Section>
        <Heading>Rinsed off with plenty of water?</Heading>
        <Choice
          label="Rinsed"
          options={[
            { value: 'yes', label: 'Rinsed' },
            { value: 'no', label: 'Not rinsed, or not sure' },
          ]}
          chosen={rinsed === null ? [] : [rinsed ? 'yes' : 'no']}
          onChoose={(v) => setRinsed(v === 'yes')}
        />
      </Section>
      {meets.map((m) => (
        <Section key={m.finding.code + m.residue.entry.id}>
          <FindingCard finding={m.finding} sources={m.finding.sources.map((s) => SOURCES[s])} />
          <Body>{m.safe}</Body>
        </Section>
      ))}
      <Field
        label="Note"
        value={notes}
        onChangeText={setNotes}
        multiline
        minHeight={80}
        maxLength={2000}
        testID="entry-notes"
      />
      <Picker
        title="Which surface?"
        all={(surfaces.data ?? []).map((s) => ({ id: s.id, name: s.name, names: [], room: s.roomId }))}
        open={picking === 'surface'}
        chosen=""
        onClose={() => setPicking(null)}
        onChoose={setSurfaceId}
        groupOf={(s) => rooms.data?.find((r) => r.id === s.room)?.name ?? ''}
      />
      <Picker
        title="Which bought product?"
        all={BOUGHT}
        open={picking === 'bought'}
        chosen=""
        onClose={() => setPicking(null)}
        onChoose={setBoughtId}
      />
      <Picker
        title="Which formula?"
        all={all.map((f) => ({ id: f.id, name: f.name, names: [f.purpose] }))}
        open={picking === 'formula'}
        chosen=""
        onClose={() => setPicking(null)}
        onChoose={setFormulaId}
      />
    </Screen>
  );
}
