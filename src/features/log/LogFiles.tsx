import { useState } from 'react';
import { type LogEntry, type Problem } from '@/core';
import { readLogCsv, writeLogCsv } from '@/core/doors/log';
import { newId, pickFile, saveFile, useWriteHome } from '@/data';
import { Action, Body, Sheet, SecondaryText, useNotice } from '@/ui';

/** Problems shown of a file that cannot be read. */
const SHOWN = 6;

/** The log out to a CSV file, and entries in from one. */
export function LogFiles({
  open,
  onClose,
  entries,
}: {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly entries: readonly LogEntry[];
}) {
  const say = useNotice();
  const write = useWriteHome({ kept: 'Nothing was changed.' });
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const out = (): void => {
    saveFile('biscuit-log.csv', writeLogCsv(entries), 'text/csv');
    onClose();
  };
  const into = async (): Promise<void> => {
    const text = await pickFile('.csv,text/csv');
    if (text === null) return;
    const read = readLogCsv(text, newId);
    if (!read.ok) {
      setProblems(read.problems);
      return;
    }
    setProblems([]);
    const known = new Set(entries.map((e) => e.id));
    const fresh = read.value.filter((e) => !known.has(e.id));
    const there = read.value.length - fresh.length;
    const also = there > 0 ? ` ${there} were here already and stay as they are.` : '';
    if (fresh.length === 0) {
      say({ text: `Nothing new in the file.${also}` });
      onClose();
      return;
    }
    write.mutate(
      { log: { put: fresh, remove: [] } },
      {
        onSuccess: () => {
          onClose();
          say({
            text: `${fresh.length === 1 ? 'One entry' : `${fresh.length} entries`} came in.${also}`,
            undo: () => write.mutate({ log: { put: [], remove: fresh } }),
          });
        },
      },
    );
  };
  return (
    <Sheet title="The log as a CSV file" open={open} onClose={onClose}>
      <Body>Any spreadsheet opens it. What comes in is added; nothing that is here is changed.</Body>
      <Action title="Save it as CSV" onPress={out} testID="csv-out" />
      <Action title="Bring in a CSV file" onPress={() => void into()} testID="csv-in" />
      {problems.length > 0 && (
        <>
          <Body style={{ fontWeight: '700' }} role="alert">
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
