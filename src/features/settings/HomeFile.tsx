import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { EMPTY_HOME, mergeHomes, readHomeFile, type Home, type MergedHomes } from '@/core';
import {
  newId,
  pickFile,
  saveFile,
  useSaveBackup,
  useQuarantine,
  useHome,
  useReplaceHome,
  useRestoreQuarantined,
  useUndoReplace,
} from '@/data';
import { Action, Body, COLORS, Heading, Section, Sheet, SPACE, SecondaryText, savedText, useNotice } from '@/ui';
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
  const { store, kind } = useHome();
  const replace = useReplaceHome();
  const takeBack = useUndoReplace();
  const restore = useRestoreQuarantined();
  const asides = useQuarantine();
  const save = useSaveBackup();
  const say = useNotice();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const [asked, setAsked] = useState<{ home: Home; what: 'import' | 'clear'; merged: MergedHomes | null } | null>(null);

  const exportAll = (): void =>
    save.mutate(undefined, { onSuccess: ({ problem }) => say({ text: savedText(problem) }) });

  const importFile = async (): Promise<void> => {
    const text = await pickFile('.json,application/json');
    if (text === null) return;
    const read = readHomeFile(text);
    setRefused(read.ok ? [] : read.problems.map((p) => p.message));
    if (read.ok)
      setAsked({ home: read.value, what: 'import', merged: mergeHomes(await store.home(), read.value, newId) });
  };

  const putInPlace = (home: Home | ((now: Home) => Home), done: string): void => {
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
        <Action
          title="Import a file"
          onPress={() => void importFile().catch((e: unknown) => setRefused([`The file cannot be read: ${String(e)}`]))}
          testID="import"
        />
        <Action
          title="Remove everything"
          weight="danger"
          onPress={() => setAsked({ home: EMPTY_HOME, what: 'clear', merged: null })}
          testID="clear"
        />
      </View>
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
                putInPlace(
                  (now) => mergeHomes(now, asked.home, newId).home,
                  'Brought together: nothing that was here is lost.',
                )
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
