import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { EMPTY_HOME, type Home, type MergedHomes } from '@/core';
import {
  homeWithFile,
  pickFile,
  saveFile,
  StoppedError,
  takeOpened,
  useReadHomeFile,
  useSaveBackup,
  useQuarantine,
  useHome,
  useReplaceHome,
  useRestoreQuarantined,
  useUndoReplace,
} from '@/data';
import {
  Action,
  Body,
  COLORS,
  Heading,
  Section,
  Sheet,
  SPACE,
  SecondaryText,
  savedText,
  useNotice,
  useWork,
  Working,
} from '@/ui';
import { CopiesKept } from './CopiesKept';
import { contents, mergeWords } from './homeWords';

const takenBackText = (kept: number): string =>
  kept === 0
    ? 'Taken back: all is as it was.'
    : kept === 1
      ? 'Taken back. One thing made or changed since stays.'
      : `Taken back. ${kept} things made or changed since stay.`;

/** Everything to one file, and back; and what was set aside because it could not be read. */
export function HomeFile() {
  const { kind } = useHome();
  const readFile = useReadHomeFile();
  const { works, run } = useWork();
  const replace = useReplaceHome();
  const takeBack = useUndoReplace();
  const restore = useRestoreQuarantined();
  const asides = useQuarantine();
  const save = useSaveBackup();
  const say = useNotice();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const [asked, setAsked] = useState<{ home: Home; what: 'import' | 'clear'; merged: MergedHomes | null } | null>(null);

  const exportAll = (): void =>
    void run('A copy is being made and read back', (signal) => save.mutateAsync(signal)).then(
      ({ problem }) => say({ text: savedText(problem) }),
      () => undefined, // Said by the frame, like every write that fails.
    );

  const importFile = async (picked: string | null): Promise<void> => {
    const text = picked ?? (await pickFile('.json,application/json'));
    if (text === null) return;
    const read = await run('The file is being read and checked', (signal) => readFile(text, signal));
    setRefused(read.ok ? [] : read.problems.map((p) => p.message));
    if (read.ok) setAsked({ ...read.value, what: 'import' });
  };
  const startImport = (picked: string | null): void =>
    void importFile(picked).catch((e: unknown) => {
      if (!(e instanceof StoppedError)) setRefused([`The file cannot be read: ${String(e)}`]);
    });
  const startOpened = useRef(startImport);
  useEffect(() => {
    const opened = takeOpened('home');
    if (opened !== null) startOpened.current(opened);
  }, []);

  const putInPlace = (home: Home | ((now: Home) => Promise<Home>), done: string): void => {
    setAsked(null);
    replace.mutate(home, {
      onSuccess: (both) =>
        say({
          text: done,
          // Said wherever the person is by then; what fails is said by the frame.
          undo: () =>
            void takeBack.mutateAsync(both).then(
              ({ kept }) => say({ text: takenBackText(kept) }),
              () => undefined,
            ),
        }),
    });
  };

  const putBack = (): void =>
    restore.mutate(undefined, {
      onSuccess: ({ restored }) =>
        say({
          text:
            restored === 0
              ? 'None of it can be read yet. It stays where it is.'
              : `${restored === 1 ? 'One record is' : `${restored} records are`} back in place.`,
        }),
    });

  return (
    <Section>
      <Heading>{kind === 'demo' ? 'The demo home’s file' : 'Your home’s file'}</Heading>
      <SecondaryText>Everything you keep is on this device. One file holds all of it.</SecondaryText>
      <View style={styles.row}>
        <Action title="Export everything" onPress={exportAll} testID="export" />
        <Action title="Import a file" onPress={() => startImport(null)} testID="import" />
        <Action
          title="Remove everything"
          weight="danger"
          onPress={() => setAsked({ home: EMPTY_HOME, what: 'clear', merged: null })}
          testID="clear"
        />
      </View>
      <Working works={works} />
      {refused.length > 0 && (
        <View style={styles.refused} role="alert">
          <Body style={styles.wrong}>Not imported; nothing here was changed.</Body>
          {refused.slice(0, 5).map((r) => (
            <Body key={r}>{r}</Body>
          ))}
          {refused.length > 5 && <SecondaryText>And {refused.length - 5} more.</SecondaryText>}
        </View>
      )}
      {kind === 'own' && <CopiesKept />}
      {asides.length > 0 && (
        <View style={styles.refused}>
          <Body style={styles.wrong}>
            {asides.length === 1
              ? 'One record could not be read and stands aside'
              : `${asides.length} records could not be read and stand aside`}
            , unchanged. Everything else is here.
          </Body>
          <View style={styles.row}>
            <Action
              title="Save what stands aside"
              onPress={() => saveFile('biscuit-aside.json', JSON.stringify(asides, null, 1))}
            />
            <Action title="Try to put it back" onPress={putBack} testID="put-back" />
          </View>
        </View>
      )}
      <Sheet
        title={asked?.what === 'clear' ? 'Remove everything?' : 'What is in the file'}
        open={asked !== null}
        onClose={() => setAsked(null)}
      >
        <Body>
          {asked?.what === 'clear'
            ? 'Formulas, bottles, batches and settings of this home go. Export first if you may want them again.'
            : `The file holds ${asked ? contents(asked.home) : ''}.`}
        </Body>
        {asked?.merged && (
          <>
            {mergeWords(asked.merged).map((words) => (
              <Body key={words}>{words}</Body>
            ))}
            <Action
              title="Add it to what is here"
              weight="main"
              onPress={() =>
                putInPlace((now) => homeWithFile(now, asked.home), 'Brought together: nothing that was here is lost.')
              }
              testID="confirm-merge"
            />
            <SecondaryText>Or the file alone: what is here now goes.</SecondaryText>
          </>
        )}
        <Action
          title={asked?.what === 'clear' ? 'Remove everything' : 'Put it in place of everything'}
          weight="danger"
          onPress={() =>
            asked &&
            putInPlace(
              asked.home,
              asked.what === 'clear' ? 'Everything was removed.' : `Imported: ${contents(asked.home)}.`,
            )
          }
          testID="confirm-replace"
        />
      </Sheet>
    </Section>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  refused: { backgroundColor: COLORS.dangerTint, borderRadius: 10, padding: SPACE.m, gap: SPACE.xs },
  wrong: { fontWeight: '700' },
});
