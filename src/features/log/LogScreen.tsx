import { useRouter } from 'expo-router';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { FlatList, StyleSheet, View } from 'react-native';
import { isLeftOn, overall, type LogEntry, type LogOutcome } from '@/core';
import { EVERYTHING, filterLog, groupLog, type LogFilter, type LogGroupBy } from '@/core/doors/log';
import { takeOpened, useLog, useRooms } from '@/data';
import {
  capital,
  OUTCOME_WORDS,
  Action,
  Body,
  Choice,
  COLORS,
  Field,
  Heading,
  LinkPressable,
  Sheet,
  SecondaryText,
  SPACE,
  Title,
  whenText,
  useWide,
} from '@/ui';
import { LogFiles } from './LogFiles';
import { usePreparedSearch } from './usePreparedSearch';

/** A line of the list: the head of a group, or an entry. Their heights are settled, so that any place is found at once. */
type Line =
  | { readonly kind: 'head'; readonly key: string; readonly words: string }
  | { readonly kind: 'entry'; readonly key: string; readonly entry: LogEntry };

const LINE_HEIGHT = 84;
const HEAD_HEIGHT = 56;
const heightOf = (line: Line): number => (line.kind === 'head' ? HEAD_HEIGHT : LINE_HEIGHT);

/** Where each line begins, px from the top. */
function offsetsOf(lines: readonly Line[]): number[] {
  let at = 0;
  return lines.map((line) => {
    const from = at;
    at += heightOf(line);
    return from;
  });
}

const shortMonth = new Intl.DateTimeFormat('en-GB', { month: 'short' });

const monthName = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });

const headWords = (by: LogGroupBy, key: string): string =>
  by === 'month' ? monthName.format(new Date(`${key}-15T12:00:00Z`)) : key || 'Anywhere';

function linesOf(entries: readonly LogEntry[], by: LogGroupBy): Line[] {
  return groupLog(entries, by).flatMap((g): Line[] => [
    { kind: 'head', key: `head ${g.key}`, words: `${headWords(by, g.key)}: ${g.entries.length}` },
    ...g.entries.map((entry): Line => ({ kind: 'entry', key: entry.id, entry })),
  ]);
}

const BY: readonly { readonly value: LogGroupBy; readonly label: string }[] = [
  { value: 'month', label: 'Month' },
  { value: 'room', label: 'Room' },
  { value: 'formula', label: 'Formula' },
];

/** What was done: searched, filtered, put together; years of it without a stutter. */
export function LogScreen({ openId }: { openId: string | null }) {
  const router = useRouter();
  const wide = useWide();
  const log = useLog();
  const [filter, setFilter] = useState<LogFilter>(EVERYTHING);
  const [by, setBy] = useState<LogGroupBy>('month');
  const [opened] = useState(() => takeOpened('log'));
  const [files, setFiles] = useState(opened !== null);
  const [narrowing, setNarrowing] = useState(false);
  // Typing goes first; the list follows.
  const wanted = useDeferredValue(filter);
  const entries = log.data?.entries;
  usePreparedSearch(entries);
  const found = useMemo(() => filterLog(entries ?? [], wanted), [entries, wanted]);
  const lines = useMemo(() => linesOf(found, by), [found, by]);
  const offsets = useMemo(() => offsetsOf(lines), [lines]);
  if (!log.isSuccess) return <View style={styles.screen} />;
  const nothing = log.data.complete && log.data.entries.length === 0;
  return (
    <View style={styles.screen}>
      <View style={styles.head}>
        <View style={styles.title}>
          <Title>Log</Title>
          <View style={styles.actions}>
            {!nothing && <Action title="Narrow" weight="quiet" onPress={() => setNarrowing(true)} testID="narrow" />}
            {!nothing && (
              <Action title="Money" weight="quiet" onPress={() => router.push('/log/money')} testID="to-money" />
            )}
            <Action title="CSV" label="The log as a CSV file" weight="quiet" onPress={() => setFiles(true)} />
          </View>
        </View>
        {!nothing && (
          <>
            <Field
              label="Find"
              value={filter.words}
              onChangeText={(words) => setFilter({ ...filter, words })}
              placeholder="tiles, vinegar, onions"
              maxLength={80}
              testID="log-search"
            />
            <View style={styles.row}>
              <Choice label="Put together by" options={BY} chosen={[by]} onChoose={setBy} />
            </View>
            <SecondaryText role="status" testID="log-count">
              {found.length === 1 ? 'One entry' : `${found.length.toLocaleString('en-GB')} entries`}
              {log.data.complete ? '' : ', older ones are being read'}
            </SecondaryText>
          </>
        )}
        {nothing && <Body>What you clean is written here: with what, how long, how it went. Nothing yet.</Body>}
      </View>
      <FlatList
        data={lines}
        keyExtractor={(l) => l.key}
        renderItem={({ item }) => <LineView line={item} open={item.kind === 'entry' && item.entry.id === openId} />}
        getItemLayout={(_, index) => ({
          length: lines[index] ? heightOf(lines[index]) : LINE_HEIGHT,
          offset: offsets[index] ?? 0,
          index,
        })}
        initialNumToRender={10}
        maxToRenderPerBatch={16}
        windowSize={7}
        style={styles.list}
        contentContainerStyle={styles.content}
        keyboardShouldPersistTaps="handled"
        ListEmptyComponent={nothing ? null : <Body>Nothing like that. Fewer words, or part of one, finds more.</Body>}
        testID="log-list"
      />
      <View style={styles.next}>
        <Action
          title={nothing ? 'What are you cleaning?' : 'Write something down'}
          weight={wide ? 'plain' : 'main'}
          onPress={() => router.push(nothing ? '/clean' : '/log/new')}
          testID="log-new"
        />
        {nothing && <Action title="Write something down" onPress={() => router.push('/log/new')} />}
      </View>
      <Narrow open={narrowing} filter={filter} onChange={setFilter} onClose={() => setNarrowing(false)} />
      <LogFiles open={files} onClose={() => setFiles(false)} entries={log.data.entries} opened={opened} />
    </View>
  );
}

const ANY = '';

function Narrow({
  open,
  filter,
  onChange,
  onClose,
}: {
  readonly open: boolean;
  readonly filter: LogFilter;
  readonly onChange: (filter: LogFilter) => void;
  readonly onClose: () => void;
}) {
  const rooms = useRooms();
  return (
    <Sheet title="Show only" open={open} onClose={onClose}>
      <Choice
        label="Room"
        options={[
          { value: ANY, label: 'Any room' },
          ...(rooms.data ?? []).map((r) => ({ value: r.id, label: r.name })),
        ]}
        chosen={[filter.roomId ?? ANY]}
        onChoose={(id) => onChange({ ...filter, roomId: id === ANY ? null : id })}
      />
      <Choice
        label="What came of it"
        options={[
          { value: ANY, label: 'Any end' },
          ...(Object.keys(OUTCOME_WORDS) as LogOutcome[]).map((o) => ({ value: o, label: OUTCOME_WORDS[o] })),
        ]}
        chosen={[filter.outcome ?? ANY]}
        onChoose={(o) => onChange({ ...filter, outcome: o === ANY ? null : o })}
      />
    </Sheet>
  );
}

/** What an entry says in a line: the rating, or what came of it. */
function ending(entry: LogEntry): string {
  const rated = overall(entry.rating);
  if (entry.outcome !== 'done') return OUTCOME_WORDS[entry.outcome];
  return rated === null ? '' : `${rated.toFixed(rated % 1 === 0 ? 0 : 1)} of 10`;
}

const LineView = memo(function LineView({ line, open }: { line: Line; open: boolean }) {
  const router = useRouter();
  if (line.kind === 'head') {
    return (
      <View style={styles.group}>
        <Heading numberOfLines={1}>{line.words}</Heading>
      </View>
    );
  }
  const { entry } = line;
  const to = `/log/${entry.id}` as const;
  return (
    <LinkPressable to={to} onGo={() => router.push(to)} style={[styles.entry, open && styles.open]}>
      <View style={styles.day} aria-hidden>
        <Body style={styles.date}>{new Date(entry.at).getDate()}</Body>
        <SecondaryText style={styles.month}>{shortMonth.format(new Date(entry.at))}</SecondaryText>
      </View>
      <View style={styles.words}>
        <Body style={styles.surface} numberOfLines={1}>
          {entry.surface.name}
          {entry.soil.name ? `: ${entry.soil.name.toLowerCase()}` : ''}
        </Body>
        <SecondaryText numberOfLines={1}>
          {capital(entry.used.name)}
          {isLeftOn(entry) ? ' · not rinsed' : ''}
        </SecondaryText>
        <SecondaryText numberOfLines={1} style={styles.small}>
          {[entry.room.name, ending(entry)].filter(Boolean).join(' · ') || whenText(Date.parse(entry.at), Date.now())}
        </SecondaryText>
      </View>
    </LinkPressable>
  );
});

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLORS.paper },
  head: { padding: SPACE.l, paddingBottom: SPACE.s, gap: SPACE.s, width: '100%', maxWidth: 760, alignSelf: 'center' },
  title: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
  actions: { flexDirection: 'row', gap: SPACE.l },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  list: { flex: 1 },
  content: { paddingHorizontal: SPACE.l, width: '100%', maxWidth: 760, alignSelf: 'center' },
  next: {
    padding: SPACE.m,
    gap: SPACE.s,
    borderTopWidth: 1,
    borderTopColor: COLORS.line,
    width: '100%',
    maxWidth: 760,
    alignSelf: 'center',
  },
  group: { height: HEAD_HEIGHT, justifyContent: 'flex-end', paddingBottom: SPACE.s },
  entry: {
    height: LINE_HEIGHT,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
  },
  open: { backgroundColor: COLORS.actionTint },
  day: { width: 40, alignItems: 'center' },
  date: { fontSize: 21, lineHeight: 25, fontWeight: '700', fontVariant: ['tabular-nums'] },
  month: { fontSize: 15, lineHeight: 18, fontVariant: ['tabular-nums'] },
  words: { flex: 1, minWidth: 0 },
  surface: { fontWeight: '700', fontSize: 17 },
  small: { fontSize: 15, lineHeight: 20 },
});
