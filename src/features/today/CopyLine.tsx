import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { isBackupDue, MINUTE_MS } from '@/core';
import { useBackupFile, useBackupState, useSaveBackup } from '@/data';
import { Action, Body, COLORS, copyFileText, copyText, savedText, SPACE, useNotice, useNow } from '@/ui';

/** Asks for a copy now and then, and quietly: everything there is, is on one device. */
export function CopyLine() {
  const nowMs = useNow(MINUTE_MS);
  const { state, quiet } = useBackupState();
  const { file, state: fileState } = useBackupFile();
  const save = useSaveBackup();
  const say = useNotice();
  if (state.quietUntil !== null && nowMs < Date.parse(state.quietUntil)) return null;
  if (fileState.kind === 'waits' || fileState.kind === 'failed')
    return (
      <Line text={copyFileText(fileState)} onNotNow={quiet}>
        <Action title="Write it now" onPress={() => void file.allow()} testID="write-copy" />
      </Line>
    );
  if (!isBackupDue(state, nowMs)) return null;
  return (
    <Line text={copyText(state, nowMs)} onNotNow={quiet}>
      <Action
        title="Save a copy"
        onPress={() => save.mutate(undefined, { onSuccess: ({ problem }) => say({ text: savedText(problem) }) })}
        testID="save-copy"
      />
    </Line>
  );
}

function Line({ text, onNotNow, children }: { text: string; onNotNow: () => void; children: ReactNode }) {
  return (
    <View style={styles.line} testID="copy-line">
      <Body>{text}</Body>
      <View style={styles.actions}>
        {children}
        <Action title="Not now" weight="quiet" onPress={onNotNow} testID="copy-not-now" />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { backgroundColor: COLORS.sheet, borderRadius: 10, padding: SPACE.m, gap: SPACE.s },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
