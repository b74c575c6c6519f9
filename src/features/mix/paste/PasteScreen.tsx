import { useRouter } from 'expo-router';
import { useDeferredValue, useEffect, useMemo, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Formula } from '@/core';
import { tricksNamed } from '@/core/doors/tricks';
import { takeOpened, useFormula } from '@/data';
import {
  Action,
  Body,
  COLORS,
  Field,
  Section,
  Screen,
  SecondaryText,
  TakenUp,
  Title,
  TrickLine,
  VerdictBanner,
} from '@/ui';
import { sayingOf } from '../verdict/Verdict';
import { ParsedLines, MeasureSystemChoice } from './ParsedLines';
import { usePaste, usePasteFrom, type Paste as PasteOnDesk } from './usePaste';

const EXAMPLE = 'Galley spray\n1 cup white vinegar\n1 cup water\na squirt of dish soap';

/** Takes a recipe from anywhere, or a formula of one's own, as text; shows how each line is read, and judges it at once. */
export function PasteScreen({ formulaId, shared = null }: { formulaId: string | null; shared?: string | null }) {
  const formula = useFormula(formulaId ?? '');
  if (formulaId !== null && formula === undefined) return <Screen>{null}</Screen>;
  return <Paste key={formulaId ?? 'new'} from={formulaId === null ? null : (formula ?? null)} shared={shared} />;
}

function Paste({ from, shared }: { from: Formula | null; shared: string | null }) {
  const router = useRouter();
  const { text, read, nameProblem, canGoOn, put, take, ready, correct, apply, clearText, startAnew, goOn } = usePaste(
    from,
    shared,
  );
  const { evaluation, formula, name, waits } = read;
  const { readFile } = usePasteFrom(take);
  const readOpened = useRef(readFile);
  useEffect(() => {
    const file = ready ? takeOpened('recipe') : null;
    if (file !== null) readOpened.current(file);
  }, [ready]);
  const danger = evaluation?.verdict === 'danger';
  const next = useMemo(
    () => <NextStep danger={danger} waits={waits} can={canGoOn} onGo={goOn} />,
    [danger, waits, canGoOn, goOn],
  );
  // The text and the verdict follow every key at once; how each line was read may come a moment later.
  const shown = useDeferredValue(read);
  const howRead = useMemo(
    () => shown.text.trim() !== '' && <ParsedLines read={shown} onPut={put} onCorrect={correct} onApply={apply} />,
    [shown, put, correct, apply],
  );
  const tricks = useMemo(() => tricksNamed(shown.text), [shown.text]);
  const named = formula !== null;
  const nameField = useMemo(
    () =>
      named && (
        <Field
          label="Name on the label"
          value={name}
          onChangeText={(typed) => put({ name: typed })}
          error={nameProblem}
          maxLength={80}
          testID="formula-name"
        />
      ),
    [named, name, nameProblem, put],
  );
  const tail = useMemo(
    () => (
      <>
        <MeasureSystemChoice cup={shown.cup} onChoose={(cup) => put({ cup })} />
        <View style={styles.start}>
          <Action title="Clear the text" onPress={clearText} />
        </View>
      </>
    ),
    [shown.cup, put, clearText],
  );

  if (!ready) return <Screen>{null}</Screen>;
  return (
    <Screen next={next}>
      <Title>{from ? `Change ${from.name}` : 'Paste a recipe'}</Title>
      {startAnew && <TakenUp onStartAnew={startAnew} />}
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
        <PasteStart put={put} />
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
          {tricks.length > 0 && (
            <View testID="named-tricks">
              {tricks.map((trick) => (
                <TrickLine key={trick.id} trick={trick} onGo={router.push} />
              ))}
            </View>
          )}
          {nameField}
          {tail}
        </>
      )}
    </Screen>
  );
}

interface NextProps {
  readonly danger: boolean;
  readonly waits: number;
  readonly can: boolean;
  readonly onGo: () => void;
}

/** The way on to the bottle, or why there is none. */
function NextStep({ danger, waits, can, onGo }: NextProps) {
  if (danger) {
    return (
      <Body style={styles.stopped} testID="stopped">
        A danger is not scaled, labelled or made.
      </Body>
    );
  }
  const title =
    waits === 0 ? 'Next: the bottle' : waits === 1 ? 'Answer one question first' : `Answer ${waits} questions first`;
  return <Action title={title} weight="main" onPress={onGo} disabled={!can} testID="next-bottle" />;
}

/** Where a text comes from, before there is one. */
function PasteStart({ put }: Pick<PasteOnDesk, 'put'>) {
  const { openFile, openPicture } = usePasteFrom(put);
  return (
    <Section>
      <SecondaryText>
        From a page, a note, a friend. Biscuit reads it line by line, asks where it is unsure, and says at once whether
        it is sound.
      </SecondaryText>
      <View style={styles.start}>
        <Action title="Open a file" onPress={openFile} testID="open-file" />
        <Action title="From a label’s code" onPress={openPicture} testID="open-code" />
        <Action title="Try an example" onPress={() => put({ text: EXAMPLE })} />
      </View>
    </Section>
  );
}

const styles = StyleSheet.create({
  stopped: { color: COLORS.danger, fontWeight: '700', textAlign: 'center', paddingVertical: 8 },
  start: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
