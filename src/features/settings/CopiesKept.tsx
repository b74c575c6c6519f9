import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { MINUTE_MS } from '@/core';
import { pickFile, StoppedError, useBackupFile, useBackupState, useTryBackup, type TriedBackup } from '@/data';
import { Action, Body, copyFileText, copyText, SecondaryText, Sheet, SPACE, useNow, useWork, Working } from '@/ui';
import { contents, missingWords } from './homeWords';

type Tried = { readonly ok: true; readonly copy: TriedBackup } | { readonly ok: false; readonly why: string };

/** What copies there are, whether one of them would bring everything back, and the file they go to by themselves. */
export function CopiesKept() {
  const nowMs = useNow(MINUTE_MS);
  const { state } = useBackupState();
  const tryBackup = useTryBackup();
  const { works, run } = useWork();
  const [tried, setTried] = useState<Tried | null>(null);
  const tryOne = async (): Promise<void> => {
    const text = await pickFile('.json,application/json');
    if (text === null) return;
    const read = await run('The copy is being read and compared', (signal) => tryBackup(text, signal));
    setTried(
      read.ok ? { ok: true, copy: read.value } : { ok: false, why: read.problems[0]?.message ?? 'It cannot be read.' },
    );
  };
  return (
    <>
      <Body testID="copy-state">{copyText(state, nowMs)}</Body>
      <CopyByItself>
        <Action
          title="Try a copy"
          onPress={() =>
            void tryOne().catch((e: unknown) => {
              if (!(e instanceof StoppedError)) setTried({ ok: false, why: String(e) });
            })
          }
          testID="try-copy"
        />
      </CopyByItself>
      <Working works={works} />
      <Sheet title="Would it bring everything back?" open={tried !== null} onClose={() => setTried(null)}>
        {tried && <TriedWords tried={tried} />}
      </Sheet>
    </>
  );
}

function TriedWords({ tried }: { readonly tried: Tried }) {
  if (!tried.ok)
    return (
      <>
        <Body>No: {tried.why}</Body>
        <SecondaryText>Nothing here was changed. Save a new copy.</SecondaryText>
      </>
    );
  const missing = missingWords(tried.copy.missing);
  return (
    <>
      <Body>It can be read, and holds {contents(tried.copy.holds)}.</Body>
      <Body>{missing ?? 'Yes: it would bring back everything that is here.'}</Body>
      <SecondaryText>Nothing here was changed. “Import a file” brings it back.</SecondaryText>
    </>
  );
}

/** A file the browser writes to by itself, where it can. */
function CopyByItself({ children }: { readonly children: ReactNode }) {
  const { file, state } = useBackupFile();
  const [wrong, setWrong] = useState<string | null>(null);
  if (!file.isPossible) return <View style={styles.row}>{children}</View>;
  const choose = (): void => {
    setWrong(null);
    file.choose().catch((e: unknown) => setWrong(e instanceof Error ? e.message : String(e)));
  };
  const isOn = state.kind === 'on';
  return (
    <>
      {isOn && <Body testID="copy-file">Every change is written to {state.name}.</Body>}
      {(state.kind === 'waits' || state.kind === 'failed') && (
        <Body testID="copy-file" role="alert">
          {copyFileText(state)}
        </Body>
      )}
      {wrong !== null && <Body role="alert">That file cannot be written to: {wrong}</Body>}
      <View style={styles.row}>
        {(state.kind === 'waits' || state.kind === 'failed') && (
          <Action title="Write it now" onPress={() => void file.allow()} testID="write-copy" />
        )}
        <Action
          title={state.kind === 'none' ? 'Write every change to a file' : 'Another file'}
          onPress={choose}
          testID="choose-backup-file"
        />
        {state.kind !== 'none' && <Action title="Stop writing to it" weight="quiet" onPress={() => void file.stop()} />}
        {children}
      </View>
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
