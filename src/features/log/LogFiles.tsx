import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { type LogEntry, type Problem } from '@/core';
import { joinPlaces, type PlaceAnswers } from '@/core/doors/log';
import { logFiles, pickFile, saveFile, StoppedError, useRooms, useSurfaces, useWriteHome } from '@/data';
import { Action, Body, Choice, Sheet, SecondaryText, SPACE, useNotice, useWork, Working } from '@/ui';

/** Problems and names shown of a file. */
const SHOWN = 6;
const NONE_OF_THEM = '';

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly entries: readonly LogEntry[];
  /** A file that was opened with Biscuit, as text; null if none was. */
  readonly opened: string | null;
}

/** The log out to a CSV file, and entries in from one, looked at before they come in. */
export function LogFiles({ open, onClose, entries, opened }: Props) {
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const [read, setRead] = useState<readonly LogEntry[] | null>(null);
  const close = (): void => {
    setRead(null);
    setProblems([]);
    onClose();
  };
  const say = useNotice();
  const { works, run } = useWork();
  const out = async (): Promise<void> => {
    saveFile('biscuit-log.csv', await run('The file is being written', (signal) => logFiles.write(entries, signal)));
    close();
  };
  const into = async (opened: string | null): Promise<void> => {
    const text = opened ?? (await pickFile('.csv,text/csv'));
    if (text === null) return;
    const found = await run('The file is being read and checked', (signal) => logFiles.read(text, signal));
    setProblems(found.ok ? [] : found.problems);
    setRead(found.ok ? found.value : null);
  };
  const unread = (e: unknown): void => {
    if (e instanceof StoppedError) return;
    setProblems([{ where: 'file', message: `It cannot be read: ${e instanceof Error ? e.message : String(e)}.` }]);
  };
  const unwritten = (e: unknown): void => {
    if (e instanceof StoppedError) return;
    say({ text: `The file could not be made: ${e instanceof Error ? e.message : String(e)} Nothing was changed.` });
  };
  const readOpened = useRef((text: string): void => void into(text).catch(unread));
  useEffect(() => {
    if (opened !== null) readOpened.current(opened);
  }, [opened]);
  return (
    <Sheet title="The log as a CSV file" open={open} onClose={close}>
      {read === null ? (
        <>
          <Body>Any spreadsheet opens it. What comes in is added; nothing that is here is changed.</Body>
          <Action title="Save it as CSV" onPress={() => void out().catch(unwritten)} testID="csv-out" />
          <Action title="Bring in a CSV file" onPress={() => void into(null).catch(unread)} testID="csv-in" />
        </>
      ) : (
        <Preview read={read} there={entries} onClose={close} />
      )}
      <Working works={works} />
      {problems.length > 0 && (
        <>
          <Body style={styles.bold} role="alert">
            The file was not brought in, and nothing was changed.
          </Body>
          {problems.slice(0, SHOWN).map((p) => (
            <Body key={p.where + p.message}>
              {p.where}: {p.message}
            </Body>
          ))}
          {problems.length > SHOWN && <SecondaryText>And {problems.length - SHOWN} more.</SecondaryText>}
        </>
      )}
    </Sheet>
  );
}

interface PreviewProps {
  readonly read: readonly LogEntry[];
  readonly there: readonly LogEntry[];
  readonly onClose: () => void;
}

const someOf = (names: readonly string[]): string =>
  names.length > SHOWN ? `${names.slice(0, SHOWN).join('; ')}; and ${names.length - SHOWN} more` : names.join('; ');

/** What is in the file, which surfaces of the home it speaks of, and what has to be asked. */
function Preview({ read, there, onClose }: PreviewProps) {
  const say = useNotice();
  const write = useWriteHome({ kept: 'Nothing was changed.' });
  const rooms = useRooms().data ?? NO_ONE;
  const surfaces = useSurfaces().data ?? NO_ONE;
  const [answers, setAnswers] = useState<PlaceAnswers>({});
  const known = new Set(there.map((e) => e.id));
  const fresh = read.filter((e) => !known.has(e.id));
  const found = joinPlaces(fresh, rooms, surfaces, answers);
  const already = read.length - fresh.length;
  const also = already > 0 ? ` ${already} were here already and stay as they are.` : '';
  const asked = [...found.unclear.map((u) => u.wrote), ...Object.keys(answers)];
  const bring = (): void =>
    write.mutate(
      { log: { put: found.entries, remove: [] } },
      {
        onSuccess: () => {
          onClose();
          say({
            text: `${fresh.length === 1 ? 'One entry' : `${fresh.length} entries`} came in.${also}`,
            undo: () => write.mutate({ log: { put: [], remove: found.entries } }),
          });
        },
      },
    );
  if (fresh.length === 0) {
    return (
      <>
        <Body>Nothing new in the file.{also}</Body>
        <Action title="Close" weight="main" onPress={onClose} />
      </>
    );
  }
  return (
    <View style={styles.preview} testID="csv-preview">
      <Body style={styles.bold}>
        {fresh.length === 1 ? 'One entry is new.' : `${fresh.length} entries are new.`}
        {also}
      </Body>
      {found.joined.length > 0 && (
        <Body>
          Taken for surfaces of yours: {someOf(found.joined.map(({ wrote, surface }) => `${wrote} → ${surface.name}`))}.
        </Body>
      )}
      {found.unknown.length > 0 && <Body>No surface of yours, kept by name: {someOf(found.unknown)}.</Body>}
      {[...new Set(asked)].map((wrote) => {
        const candidates = joinPlaces(fresh, rooms, surfaces).unclear.find((u) => u.wrote === wrote)?.candidates ?? [];
        return (
          <View key={wrote} style={styles.asked}>
            <Body style={styles.bold}>Which is “{wrote}”?</Body>
            <Choice
              label={`Which is ${wrote}?`}
              options={[
                ...candidates.map((s) => ({
                  value: s.id,
                  label: `${s.name}, ${rooms.find((r) => r.id === s.roomId)?.name ?? ''}`,
                })),
                { value: NONE_OF_THEM, label: 'None of these' },
              ]}
              chosen={answers[wrote] === undefined ? [] : [answers[wrote]]}
              onChoose={(id) => setAnswers({ ...answers, [wrote]: id })}
            />
          </View>
        );
      })}
      <Action
        title={found.unclear.length > 0 ? 'Answer what is asked first' : 'Bring them in'}
        weight="main"
        onPress={bring}
        disabled={found.unclear.length > 0 || write.isPending}
        testID="csv-bring"
      />
      <Action title="Leave it" weight="quiet" onPress={onClose} />
    </View>
  );
}

const NO_ONE: readonly never[] = [];

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  preview: { gap: SPACE.m },
  asked: { gap: SPACE.xs },
});
