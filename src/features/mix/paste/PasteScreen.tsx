import { useRouter } from 'expo-router';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  checkFormula,
  formulaText,
  isStarter,
  MAX_LINES,
  MAX_TEXT,
  readFormulaFile,
  type Correction,
  type Formula,
  type Remedy,
} from '@/core';
import { readCode } from '@/print';
import { newId, pickBytes, pickFile, useDraft, useFormula, useSaveFormulas, useSettings } from '@/data';
import { Action, Body, COLORS, Field, Section, Screen, SecondaryText, Title, useNotice, VerdictBanner } from '@/ui';
import { ParsedLines, MeasureSystemChoice } from './ParsedLines';
import { EMPTY_PASTE, isPasteDraft, readPaste, type PasteDraft } from './pasteReading';
import { sayingOf } from '../verdict/Verdict';

const EXAMPLE = 'Galley spray\n1 cup white vinegar\n1 cup water\na squirt of dish soap';

/** Takes a recipe from anywhere, or a formula of one's own, as text; shows how each line is read, and judges it at once. */
export function PasteScreen({ formulaId }: { formulaId: string | null }) {
  const formula = useFormula(formulaId ?? '');
  if (formulaId !== null && formula === undefined) return <Screen>{null}</Screen>;
  return <Paste key={formulaId ?? 'new'} from={formulaId === null ? null : (formula ?? null)} />;
}

const draftOf = (from: Formula | null): PasteDraft =>
  from ? { ...EMPTY_PASTE, text: formulaText(from), cup: from.measures } : EMPTY_PASTE;

function Paste({ from }: { from: Formula | null }) {
  const router = useRouter();
  const say = useNotice();
  const save = useSaveFormulas({ kept: 'The text is still here.' });
  const saveSecond = useSaveFormulas({ failed: 'The second bottle was not saved' });
  const settings = useSettings();
  const initial = useMemo(() => draftOf(from), [from]);
  const { value, set, clear } = useDraft<PasteDraft>(from ? `paste/${from.id}` : 'paste', initial, isPasteDraft);
  const now = useRef(value);
  useEffect(() => {
    now.current = value;
  }, [value]);
  const put = useCallback(
    (part: Partial<PasteDraft>) => {
      now.current = { ...now.current, ...part };
      set(now.current);
    },
    [set],
  );
  const correct = useCallback(
    (key: string, correction: Correction | null) => {
      const { [key]: _, ...others } = now.current.corrections;
      put({ corrections: correction ? { ...others, [key]: correction } : others });
    },
    [put],
  );
  const { text } = value;
  const read = useMemo(() => readPaste(value, settings), [value, settings]);
  const { formula, evaluation, problem, name, waits } = read;
  const danger = evaluation?.verdict === 'danger';
  const nameWrong = formula && name.trim() === '' ? 'Give it a name of 1 to 80 letters: it goes on the label.' : null;

  const { mutate: keep } = saveSecond;
  /** What is to be done instead is written into the text, where it can be read and changed on. */
  const apply = useCallback(
    (remedy: Remedy): void => {
      const before = now.current;
      put({
        ...EMPTY_PASTE,
        text: formulaText({ ...remedy.formula, name: remedy.formula.name || (before.name ?? '') }),
        cup: before.cup,
      });
      const { second } = remedy;
      if (!second) {
        say({ text: `Done: ${remedy.title}.`, undo: () => put(before) });
        return;
      }
      const other = { ...second, id: newId() };
      keep([other], {
        onSuccess: () => say({ text: `The second bottle is among yours: ${other.name}.`, undo: () => put(before) }),
      });
    },
    [keep, put, say],
  );

  const openFile = async (): Promise<void> => {
    const file = await pickFile('.json,.txt,application/json,text/plain');
    if (file === null) return;
    if (!file.trimStart().startsWith('{')) {
      put({ text: file.slice(0, MAX_TEXT) });
      return;
    }
    const read = readFormulaFile(file);
    if (!read.ok) {
      say({ text: read.problems[0]?.message ?? 'This is no formula file of Biscuit’s.' });
      return;
    }
    put({ ...EMPTY_PASTE, text: formulaText(read.value) });
  };

  const openPicture = async (): Promise<void> => {
    const picture = await pickBytes('image/*');
    if (picture === null) return;
    const code = await readCode(picture).catch(() => null);
    if (code === null) {
      say({
        text: 'No code was found in it. Take the picture straight from above, the whole code in it, in good light.',
      });
      return;
    }
    put({ ...EMPTY_PASTE, text: code.slice(0, MAX_TEXT) });
  };

  const goOn = (): void => {
    if (!formula || danger || waits > 0) return;
    const own = from !== null && !isStarter(from);
    const made = checkFormula({
      ...formula,
      id: own ? from.id : newId(),
      name: name.trim(),
    });
    if (!made.ok) {
      say({ text: made.problems[0]?.message ?? 'This formula cannot be kept as it is.' });
      return;
    }
    save.mutate([made.value], {
      onSuccess: () => {
        clear();
        router.replace(`/mix/${made.value.id}`);
      },
    });
  };

  const go = useRef(goOn);
  useEffect(() => {
    go.current = goOn;
  });
  const can =
    formula !== null &&
    problem === null &&
    nameWrong === null &&
    waits === 0 &&
    formula.lines.length <= MAX_LINES &&
    !save.isPending;
  const next = useMemo(
    () =>
      danger ? (
        <Body style={styles.stopped} testID="stopped">
          A danger is not scaled, labelled or made.
        </Body>
      ) : (
        <Action
          title={
            waits === 0
              ? 'Next: the bottle'
              : waits === 1
                ? 'Answer one question first'
                : `Answer ${waits} questions first`
          }
          weight="main"
          onPress={() => go.current()}
          disabled={!can}
          testID="next-bottle"
        />
      ),
    [danger, can, waits],
  );

  // The text and the verdict follow every key at once; how each line was read may come a moment later.
  const shown = useDeferredValue(read);
  const howRead = useMemo(
    () => shown.text.trim() !== '' && <ParsedLines read={shown} onPut={put} onCorrect={correct} onApply={apply} />,
    [shown, put, correct, apply],
  );
  const named = formula !== null;
  const nameField = useMemo(
    () =>
      named && (
        <Field
          label="Name on the label"
          value={name}
          onChangeText={(typed) => put({ name: typed })}
          error={nameWrong}
          maxLength={80}
          testID="formula-name"
        />
      ),
    [named, name, nameWrong, put],
  );
  const tail = useMemo(
    () => (
      <>
        <MeasureSystemChoice cup={shown.cup} onChoose={(cup) => put({ cup })} />
        <View style={styles.start}>
          <Action
            title="Clear the text"
            onPress={() => {
              const before = now.current;
              put(EMPTY_PASTE);
              say({ text: 'The text was cleared.', undo: () => put(before) });
            }}
          />
        </View>
      </>
    ),
    [shown.cup, put, say],
  );

  return (
    <Screen next={next}>
      <Title>{from ? `Change ${from.name}` : 'Paste a recipe'}</Title>
      <Field
        label="Ingredients, one a line"
        value={text}
        onChangeText={(t) => put({ text: t })}
        placeholder={EXAMPLE}
        multiline
        minHeight={text === '' ? 130 : Math.min(260, 40 + 24 * text.split('\n').length)}
        testID="recipe-text"
      />
      {text.trim() === '' ? (
        <Section>
          <SecondaryText>
            From a page, a note, a friend. Biscuit reads it line by line, asks where it is unsure, and says at once
            whether it is sound.
          </SecondaryText>
          <View style={styles.start}>
            <Action title="Open a file" onPress={() => void openFile()} testID="open-file" />
            <Action title="From a label’s code" onPress={() => void openPicture()} testID="open-code" />
            <Action title="Try an example" onPress={() => put({ text: EXAMPLE })} />
          </View>
        </Section>
      ) : (
        <>
          {evaluation && (
            <VerdictBanner
              level={evaluation.verdict}
              saying={
                waits > 0 && !danger
                  ? 'Not settled: answer what is asked.'
                  : sayingOf(evaluation.verdict, evaluation.findings)
              }
            />
          )}
          {howRead}
          {nameField}
          {tail}
        </>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: 8 },
  start: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
