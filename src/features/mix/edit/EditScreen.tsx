import { useDeferredValue, useMemo, useState, useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  contextOf,
  INGREDIENTS,
  isStarter,
  MAX_LINES,
  type EvaluationContext,
  type Evaluation,
  type Formula,
  type Result,
} from '@/core';
import { useFormula, useSettings } from '@/data';
import { Body, Columns, Picker, Screen, SecondaryText, TakenUp, Title, useWide, VerdictStrip } from '@/ui';
import { sayingOf } from '../verdict/Verdict';
import { NextBar, VerdictReasons } from './editorParts';
import { FormulaFields, type LineSheet } from './FormulaFields';
import { evaluatorIn, useApplyRemedy, useFieldActions, useKeep, useUndoKeys } from './useDesk';
import { useEditor, type Editor } from './useEditor';
import { WhatIfSheet } from './WhatIfSheet';

/** A formula from nothing, before anything is in it. */
const blank = (measures: Formula['measures']): Formula => ({
  id: 'new',
  name: '',
  purpose: '',
  never: '',
  use: 'stored',
  measures,
  makesML: null,
  lines: [],
});

/** Composes a formula from nothing, or changes one; the verdict follows every keystroke. */
export function EditScreen({ formulaId }: { formulaId: string | null }) {
  const formula = useFormula(formulaId ?? '');
  const { cup } = useSettings();
  const start = useMemo(() => (formulaId === null ? blank(cup) : (formula ?? null)), [formulaId, formula, cup]);
  if (formulaId !== null && formula === undefined) return <Screen>{null}</Screen>;
  if (start === null) {
    return (
      <Screen>
        <Title>Not here</Title>
        <Body>This formula is not in this home any more. It may have been removed in another tab.</Body>
      </Screen>
    );
  }
  return <Desk key={start.id} start={start} />;
}

/** Why a formula cannot go on yet, or null. */
function hindrance(formula: Formula, problem: string | null, unread: number): string | null {
  if (formula.lines.length === 0) return 'Add the first ingredient.';
  if (formula.lines.length > MAX_LINES) return `A formula may have at most ${MAX_LINES} lines.`;
  if (unread > 0) return 'One amount cannot be read yet.';
  if (problem) return problem;
  return formula.name.trim() === '' ? 'Give it a name: it goes on the label.' : null;
}

function Desk({ start }: { start: Formula }) {
  const wide = useWide();
  const settings = useSettings();
  const editor = useEditor(`edit/${start.id}`, start);
  const { formula, typed } = editor.history;
  const [sheet, setSheet] = useState<LineSheet | null>(null);
  const context = useMemo((): EvaluationContext => contextOf(formula.use, settings), [formula.use, settings]);
  const weigh = useMemo(() => evaluatorIn(context), [context]);
  const outcome = weigh(formula);
  const evaluation = outcome?.ok ? outcome.value : null;
  const problem = outcome && !outcome.ok ? (outcome.problems[0]?.message ?? null) : null;
  const why = hindrance(formula, problem, Object.keys(typed).length);

  const actions = useFieldActions(editor);
  const apply = useApplyRemedy(actions);
  const { keep, isSaving } = useKeep(start, editor, weigh);
  useUndoKeys(actions.undo, actions.redo);

  // The verdict itself is in the strip at once; its reasons may follow a moment later, and never hold up a key.
  const shown = useDeferredValue(evaluation);
  const meant = useDeferredValue(formula);
  const judged = useMemo(
    () => shown && <VerdictReasons evaluation={shown} formula={meant} at={context} onApply={apply} />,
    [shown, meant, context, apply],
  );

  if (!editor.ready) return <Screen>{null}</Screen>;
  return (
    <Screen
      next={
        <NextBar
          danger={evaluation?.verdict === 'danger'}
          why={formula.lines.length > 0 ? why : null}
          can={why === null && !isSaving}
          onGo={keep}
        />
      }
      pinned={
        <View style={styles.pinned}>
          <Live editor={editor} weigh={weigh} />
        </View>
      }
      broad={wide}
    >
      <Title>
        {start.id === 'new' ? 'A new formula' : isStarter(start) ? `A copy of ${start.name}` : `Change ${start.name}`}
      </Title>
      {editor.takenUp && <TakenUp onStartAnew={editor.startAnew} />}
      <Columns
        left={
          <FormulaFields
            editor={editor}
            actions={actions}
            assumedBatch={evaluation?.resolved.assumedBatch ?? false}
            onSheet={setSheet}
          />
        }
        right={judged}
      />
      <Picker
        title="Which ingredient?"
        all={INGREDIENTS}
        open={sheet?.of === 'swap'}
        chosen=""
        onClose={() => setSheet(null)}
        onChoose={(id) => sheet && editor.become(sheet.lineId, { kind: 'known', id })}
      />
      {sheet?.of === 'what-if' && (
        <WhatIfSheet
          formula={formula}
          lineId={sheet.lineId}
          at={context}
          onClose={() => setSheet(null)}
          onTake={(taken) => {
            editor.change(() => taken, null);
            setSheet(null);
          }}
        />
      )}
    </Screen>
  );
}

interface LiveProps {
  readonly editor: Pick<Editor, 'current' | 'subscribe'>;
  readonly weigh: (formula: Formula) => Result<Evaluation> | null;
}

/** The verdict on every key at once: it follows the formula itself, and does not wait for the screen around it. */
function Live({ editor, weigh }: LiveProps) {
  const formula = useSyncExternalStore(editor.subscribe, editor.current, editor.current);
  const outcome = weigh(formula);
  if (outcome?.ok) {
    const { verdict, findings } = outcome.value;
    return <VerdictStrip level={verdict} saying={firstSaying(verdict, findings)} />;
  }
  return (
    <SecondaryText testID="no-verdict">
      {outcome?.problems[0]?.message ?? 'The verdict stands here as soon as something is in it.'}
    </SecondaryText>
  );
}

/** The strip's sentence: the first thing found, or that nothing was. */
const firstSaying = (verdict: Parameters<typeof sayingOf>[0], findings: Parameters<typeof sayingOf>[1]): string =>
  findings[0]?.happens ?? sayingOf(verdict, findings);

const styles = StyleSheet.create({
  pinned: { minHeight: 62, justifyContent: 'center' },
});
