import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  checkFormula,
  disagreements,
  formulaFromReading,
  formulaText,
  isDoubtful,
  MOST_LINES,
  MOST_TEXT,
  readFormulaFile,
  readRecipe,
  notesOf,
  unreadOf,
  type Correction,
  type Corrections,
  type Formula,
  type FormulaUse,
  type MeasureSystem,
  type ReadItem,
  type Remedy,
} from '@/core';
import { readCode } from '@/print';
import { newId, pickBytes, pickFile, useDraft, useFormula, useSaveFormulas, useSettings } from '@/data';
import { Action, Body, Choice, COLORS, Field, Heading, Part, Screen, Soft, Title, useNotice } from '@/ui';
import { FIRST_BOTTLE, vesselOf } from './BottleChoice';
import { ReadLine } from './ReadLine';
import { UseChoice } from './UseChoice';
import { NO_PLACE, useBench } from './useBench';
import { Verdict } from './Verdict';

interface Draft {
  readonly text: string;
  readonly corrections: Corrections;
  readonly cup: MeasureSystem | null;
  /** The name as typed; null while the text's own title stands. */
  readonly name: string | null;
  /** Kept or used at once; null while the text's own word stands. */
  readonly use: FormulaUse | null;
}

const EMPTY: Draft = { text: '', corrections: {}, cup: null, name: null, use: null };

const isDraft = (value: unknown): value is Draft =>
  typeof value === 'object' &&
  value !== null &&
  'text' in value &&
  typeof value.text === 'string' &&
  'corrections' in value;

const CUPS: readonly { value: MeasureSystem; label: string }[] = [
  { value: 'us', label: 'US' },
  { value: 'metric', label: 'Metric' },
  { value: 'imperial', label: 'British' },
  { value: 'australian', label: 'Australian' },
];

const EXAMPLE = 'Galley spray\n1 cup white vinegar\n1 cup water\na squirt of dish soap';

/** Takes a recipe from anywhere, or a formula of one's own, as text; shows how each line is read, and judges it at once. */
export function PasteScreen({ formulaId }: { formulaId: string | null }) {
  const formula = useFormula(formulaId ?? '');
  if (formulaId !== null && formula === undefined) return <Screen>{null}</Screen>;
  return <Paste key={formulaId ?? 'new'} from={formulaId === null ? null : (formula ?? null)} />;
}

const draftOf = (from: Formula | null): Draft =>
  from ? { text: formulaText(from), corrections: {}, cup: from.measures, name: null, use: null } : EMPTY;

const FIRST = vesselOf(FIRST_BOTTLE, []);
const NO_VESSEL = 'vessel' in FIRST ? FIRST.vessel : null;

/** Words on how a text stands: what to do next, or why it cannot go on. */
function standing(text: string, formula: Formula | null, problem: string | null, doubtful: number): string {
  if (text.trim() === '') return 'Paste or type a list of ingredients, one a line.';
  if (text.length > MOST_TEXT) return `Only the first ${MOST_TEXT} characters are read.`;
  if (!formula) return 'No ingredient found yet. A line looks like "1 cup white vinegar" or "10 drops lavender oil".';
  if (formula.lines.length > MOST_LINES) return `A formula may have at most ${MOST_LINES} lines.`;
  if (problem) return problem;
  return doubtful > 0
    ? `${doubtful === 1 ? 'One line is' : `${doubtful} lines are`} doubtful: look at what is marked.`
    : 'Every line was understood.';
}

function Paste({ from }: { from: Formula | null }) {
  const router = useRouter();
  const say = useNotice();
  const save = useSaveFormulas();
  const settings = useSettings();
  const initial = useMemo(() => draftOf(from), [from]);
  const draft = useDraft<Draft>(from ? `paste/${from.id}` : 'paste', initial, isDraft);
  const { text, corrections } = draft.value;
  const headed = useMemo(() => readRecipe(text, { measures: settings.cup }).header.measures, [text, settings.cup]);
  const cup = draft.value.cup ?? headed ?? settings.cup;

  const reading = useMemo(() => readRecipe(text, { measures: cup, corrections }), [text, cup, corrections]);
  const beside = useMemo(() => ({ unread: unreadOf(reading), notes: notesOf(reading) }), [reading]);
  const use = draft.value.use ?? reading.header.use ?? 'stored';
  const formula = useMemo(() => {
    const read = formulaFromReading(reading, 'reading', 'My recipe', cup);
    return read && { ...read, use, measures: cup };
  }, [reading, cup, use]);
  const { outcome, at } = useBench(formula, NO_VESSEL ?? never(), NO_PLACE, beside, false);

  const name = draft.value.name ?? formula?.name ?? '';
  const disagreeing = useMemo(
    () => new Set(formula ? disagreements(formula, settings.dropsPerML).map((d) => d.line.text) : []),
    [formula, settings.dropsPerML],
  );
  const disagrees = (item: ReadItem): boolean => item.kind === 'line' && disagreeing.has(item.text);
  const doubtful = reading.items.filter((i) => isDoubtful(i) || disagrees(i)).length;
  const problem = outcome && !outcome.ok ? (outcome.problems[0]?.message ?? null) : null;
  const evaluation = outcome?.ok ? outcome.value.evaluation : null;
  const danger = evaluation?.verdict === 'danger';
  const nameWrong = formula && name.trim() === '' ? 'Give it a name of 1 to 80 letters: it goes on the label.' : null;

  const correct = (key: string, correction: Correction | null): void => {
    const others = Object.fromEntries(Object.entries(corrections).filter(([k]) => k !== key));
    draft.set({ ...draft.value, corrections: correction ? { ...others, [key]: correction } : others });
  };

  /** What is to be done instead is written into the text, where it can be read and changed on. */
  const apply = (remedy: Remedy): void => {
    const before = draft.value;
    draft.set({
      ...EMPTY,
      text: formulaText({ ...remedy.formula, name: remedy.formula.name || name }),
      cup: before.cup,
    });
    const { second } = remedy;
    if (!second) {
      say({ text: `Done: ${remedy.title}.`, undo: () => draft.set(before) });
      return;
    }
    const other = { ...second, id: newId() };
    save.mutate([other], {
      onSuccess: () => say({ text: `The second bottle is among yours: ${other.name}.`, undo: () => draft.set(before) }),
      onError: (error) => say({ text: `The second bottle was not saved: ${error.message}.` }),
    });
  };

  const openFile = async (): Promise<void> => {
    const file = await pickFile('.json,.txt,application/json,text/plain');
    if (file === null) return;
    if (!file.trimStart().startsWith('{')) {
      draft.set({ ...draft.value, text: file.slice(0, MOST_TEXT) });
      return;
    }
    const read = readFormulaFile(file);
    if (!read.ok) {
      say({ text: read.problems[0]?.message ?? 'This is no formula file of Biscuit’s.' });
      return;
    }
    draft.set({ ...EMPTY, text: formulaText(read.value) });
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
    draft.set({ ...EMPTY, text: code.slice(0, MOST_TEXT) });
  };

  const goOn = (): void => {
    if (!formula || danger) return;
    const own = from !== null && !from.id.startsWith('starter-');
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
        draft.clear();
        router.replace(`/mix/${made.value.id}`);
      },
      onError: (error) =>
        say({ text: `Not saved: ${error.message}. The text is still here; free some space and try again.` }),
    });
  };

  const next = danger ? (
    <Body style={styles.stopped} testID="stopped">
      A danger is not scaled, labelled or made.
    </Body>
  ) : (
    <Action
      title="Next: the bottle"
      weight="main"
      onPress={goOn}
      disabled={
        !formula || problem !== null || nameWrong !== null || formula.lines.length > MOST_LINES || save.isPending
      }
      testID="next-bottle"
    />
  );

  return (
    <Screen next={next}>
      <Title>{from ? `Change ${from.name}` : 'Paste a recipe'}</Title>
      <Field
        label="Ingredients, one a line"
        value={text}
        onChangeText={(t) => draft.set({ ...draft.value, text: t })}
        placeholder={EXAMPLE}
        multiline
        minHeight={text === '' ? 130 : Math.min(260, 40 + 24 * text.split('\n').length)}
        testID="recipe-text"
      />
      {text.trim() === '' ? (
        <Part>
          <Soft>
            From a page, a note, a friend. Biscuit reads it line by line, asks where it is unsure, and says at once
            whether it is sound.
          </Soft>
          <View style={styles.start}>
            <Action title="Open a file" onPress={() => void openFile()} testID="open-file" />
            <Action title="From a label’s code" onPress={() => void openPicture()} testID="open-code" />
            <Action title="Try an example" onPress={() => draft.set({ ...draft.value, text: EXAMPLE })} />
          </View>
        </Part>
      ) : (
        <>
          {evaluation && (
            <Verdict
              verdict={evaluation.verdict}
              findings={evaluation.findings}
              checked={evaluation.checked}
              {...(formula && at ? { instead: { formula, verdict: evaluation.verdict, at, onApply: apply } } : {})}
            />
          )}
          {formula && <UseChoice use={use} onChange={(chosen) => draft.set({ ...draft.value, use: chosen })} />}
          <Part>
            <Heading>How it was read</Heading>
            <Body style={doubtful > 0 || problem ? styles.ask : undefined} testID="standing">
              {standing(text, formula, problem, doubtful)}
            </Body>
            {reading.items.map((item) => (
              <ReadLine
                key={item.key}
                item={item}
                correction={corrections[item.key]}
                disagrees={disagrees(item)}
                onCorrect={(c) => correct(item.key, c)}
              />
            ))}
          </Part>
          {formula && (
            <Field
              label="Name on the label"
              value={name}
              onChangeText={(typed) => draft.set({ ...draft.value, name: typed })}
              error={nameWrong}
              maxLength={80}
              testID="formula-name"
            />
          )}
          <Part>
            <Body style={styles.bold}>Whose cups and spoons?</Body>
            <Choice
              label="Whose cups and spoons"
              options={CUPS}
              chosen={[cup]}
              onChoose={(c) => draft.set({ ...draft.value, cup: c })}
            />
          </Part>
          <View style={styles.start}>
            <Action
              title="Clear the text"
              onPress={() => {
                const before = draft.value;
                draft.set(EMPTY);
                say({ text: 'The text was cleared.', undo: () => draft.set(before) });
              }}
            />
          </View>
        </>
      )}
    </Screen>
  );
}

function never(): never {
  throw new Error('The first bottle is not a bottle');
}

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: 8 },
  ask: { color: COLORS.caution, fontWeight: '700' },
  bold: { fontWeight: '700' },
  start: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
